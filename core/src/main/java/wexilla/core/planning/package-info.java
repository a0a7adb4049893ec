/**
 * Evenings and what stands against them: dates, thawing, time, who eats what. Everything is told in words with its rule.
 * Nothing here searches for a better plan; it checks the one there is.
 */
@NullMarked
package wexilla.core.planning;

import org.jspecify.annotations.NullMarked;
