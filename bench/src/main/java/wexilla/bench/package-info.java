/**
 * How fast the rules are. Absolute figures are printed for the reader; what is guarded are ratios to a plain loop over
 * the same data in the same run, so that a slow machine does not fail and a slow rule does.
 */
@NullMarked
package wexilla.bench;

import org.jspecify.annotations.NullMarked;
