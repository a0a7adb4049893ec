/** Proposals: what can be chosen for which meal, what was wished, and what a plan that is taken becomes. */
@NullMarked
package wexilla.core.stations.propose;

import org.jspecify.annotations.NullMarked;
