/**
 * How long food keeps, by class, place and state; days are calendar days in the household's zone.
 * The table comes in from a reference file with its sources; here are only the rules that use it.
 * Knows foods, not lots.
 */
@NullMarked
package wexilla.core.keeping;

import org.jspecify.annotations.NullMarked;
