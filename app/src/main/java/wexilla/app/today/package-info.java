/**
 * Today: the ribbon of two weeks and what waits at each station.
 * Reads what the stations wrote; writes nothing.
 */
@NullMarked
package wexilla.app.today;

import org.jspecify.annotations.NullMarked;
