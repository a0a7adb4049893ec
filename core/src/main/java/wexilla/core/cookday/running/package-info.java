/** A cook day that is running: what is done, what changes, and the rest put onto the clock anew. */
@NullMarked
package wexilla.core.cookday.running;

import org.jspecify.annotations.NullMarked;
