/**
 * On hand: stock notes, lots, and the ledger, the one class that writes lots and movements.
 * Every other station changes stock through the ledger.
 */
@NullMarked
package wexilla.app.onhand;

import org.jspecify.annotations.NullMarked;
