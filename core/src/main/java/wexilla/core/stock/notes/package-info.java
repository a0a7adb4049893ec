/** Notes of what is there, as they are scribbled: amounts, days, prices, places. */
@NullMarked
package wexilla.core.stock.notes;

import org.jspecify.annotations.NullMarked;
