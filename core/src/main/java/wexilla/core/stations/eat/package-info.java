/** Eat: what is served leaves the stock, and what is left of it stays. */
@NullMarked
package wexilla.core.stations.eat;

import org.jspecify.annotations.NullMarked;
