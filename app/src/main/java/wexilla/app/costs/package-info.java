/**
 * Costs: the price book, what dishes cost and what weeks cost, each with its basis.
 * Computes no cost itself: sheets come from the core, sums from the ledger.
 */
@NullMarked
package wexilla.app.costs;

import org.jspecify.annotations.NullMarked;
