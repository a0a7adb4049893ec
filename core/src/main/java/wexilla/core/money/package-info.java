/**
 * Whole minor units of one currency, exact unit prices and costs that may be partly unknown.
 * Splitting loses and invents no cent.
 * Lowest floor beside quantity; knows no food and no shop.
 */
@NullMarked
package wexilla.core.money;

import org.jspecify.annotations.NullMarked;
