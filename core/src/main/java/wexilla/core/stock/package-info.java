/**
 * Stock notes as people type them, and which of the open lots a use is taken from, at what cost.
 * Decides what a movement must be; writing it down is the ledger's work in the application.
 * Knows keeping and recipes' amounts, not prices in shops.
 */
@NullMarked
package wexilla.core.stock;

import org.jspecify.annotations.NullMarked;
