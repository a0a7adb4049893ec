/**
 * Stretch: a big buy cut into parts, each with its grams and its share of the price.
 * Parts never sum to more than there is; their costs and what is not decided sum to the price, to the cent.
 * Knows pricing, nothing of plans.
 */
@NullMarked
package wexilla.core.stretch;

import org.jspecify.annotations.NullMarked;
