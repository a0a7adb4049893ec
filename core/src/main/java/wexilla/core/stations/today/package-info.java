/** Today: what is due at this hour, and what to do when it is late. */
@NullMarked
package wexilla.core.stations.today;

import org.jspecify.annotations.NullMarked;
