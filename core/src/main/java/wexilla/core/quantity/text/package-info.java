/** Amounts as people write them, and as a cook is told them. */
@NullMarked
package wexilla.core.quantity.text;

import org.jspecify.annotations.NullMarked;
