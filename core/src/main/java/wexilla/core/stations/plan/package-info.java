/** Plan: what stands, what is looked at before it stands, and what is proposed. */
@NullMarked
package wexilla.core.stations.plan;

import org.jspecify.annotations.NullMarked;
