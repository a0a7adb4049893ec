/**
 * What a plan makes of the days ahead: joints, batches cooked ahead, what is frozen, what it costs, its calendar
 * and its drawing.
 */
@NullMarked
package wexilla.core.plan.ahead;

import org.jspecify.annotations.NullMarked;
