/**
 * Shop: the list derived from the plan less stock, the basket as ticked, and putting away what came home.
 * Entries are only ever added, so that a phone may send them later and twice.
 */
@NullMarked
package wexilla.app.shop;

import org.jspecify.annotations.NullMarked;
