/**
 * Exact numbers, units of measure and amounts, and how people write them.
 * Knows no food: mass, volume and pieces are never mixed here.
 * Lowest floor beside money; imports nothing of the core.
 */
@NullMarked
package wexilla.core.quantity;

import org.jspecify.annotations.NullMarked;
