/** Cook: what goes in leaves its lots, what comes out is there. */
@NullMarked
package wexilla.core.stations.cook;

import org.jspecify.annotations.NullMarked;
