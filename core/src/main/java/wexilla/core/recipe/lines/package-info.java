/** Ingredient lines as they are written: amount, food, how it is prepared. */
@NullMarked
package wexilla.core.recipe.lines;

import org.jspecify.annotations.NullMarked;
