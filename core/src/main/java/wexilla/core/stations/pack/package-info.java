/** Pack: a cooked dish becomes packets. */
@NullMarked
package wexilla.core.stations.pack;

import org.jspecify.annotations.NullMarked;
