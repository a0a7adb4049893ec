/**
 * What is bought and kept: names, base unit, facts that lead from mass to volume to pieces, and the search over them.
 * Facts come in from reference files or from the household; no number about a food stands in code here.
 * Knows quantity and money, not recipes or stock.
 */
@NullMarked
package wexilla.core.food;

import org.jspecify.annotations.NullMarked;
