/** The food book: which food somebody means, in which state and variant, and which stand in for which. */
@NullMarked
package wexilla.core.food.book;

import org.jspecify.annotations.NullMarked;
