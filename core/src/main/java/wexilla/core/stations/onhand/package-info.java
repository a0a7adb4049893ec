/** On hand: what hands do with what is there. Each act takes a kitchen and answers with what it changes. */
@NullMarked
package wexilla.core.stations.onhand;

import org.jspecify.annotations.NullMarked;
