/**
 * A cook day: what is done the day before, what is chopped once for all pots, which pot starts first.
 * Orders and merges; it does not yet share oven and hands by the minute.
 */
@NullMarked
package wexilla.core.cookday;

import org.jspecify.annotations.NullMarked;
