/**
 * Who eats, and how much.
 * Knows no dish and no stock.
 * Second floor: knows quantity and money only.
 */
@NullMarked
package wexilla.core.people;

import org.jspecify.annotations.NullMarked;
