/**
 * What a line, a batch and a portion cost, on a named basis, with unknown kept unknown.
 * Prices are exact ratios until the last step, where they become whole minor units.
 * Knows stock; nothing of shops' packs or plans.
 */
@NullMarked
package wexilla.core.pricing;

import org.jspecify.annotations.NullMarked;
