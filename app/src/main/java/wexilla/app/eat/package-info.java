/**
 * Eat: what became of an evening, what was left, and how it was.
 * Takes eaten packets out of stock through the ledger; silence means as planned, marked assumed.
 */
@NullMarked
package wexilla.app.eat;

import org.jspecify.annotations.NullMarked;
