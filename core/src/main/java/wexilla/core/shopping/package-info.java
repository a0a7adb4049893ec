/**
 * What is wanted on which day, met from stock first to expire first, and what has to be bought for the rest.
 * Knows prices and packs; knows nothing of evenings and cook days, which stand above it.
 */
@NullMarked
package wexilla.core.shopping;

import org.jspecify.annotations.NullMarked;
