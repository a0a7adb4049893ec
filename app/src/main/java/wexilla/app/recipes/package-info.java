/**
 * The book: recipes and their versions, and drafts understood and costed while the cook types.
 * Writes no stock.
 */
@NullMarked
package wexilla.app.recipes;

import org.jspecify.annotations.NullMarked;
