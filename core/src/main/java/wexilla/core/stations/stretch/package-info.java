/** What becomes of a big buy: cooked or cut raw, each part a lot of its own. */
@NullMarked
package wexilla.core.stations.stretch;

import org.jspecify.annotations.NullMarked;
