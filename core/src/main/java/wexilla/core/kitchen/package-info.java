/**
 * One kitchen: an immutable picture of a household at one moment, and what an act changes in it. Every question takes one
 * and answers; every act takes one and answers with its {@link wexilla.core.kitchen.Change}s, which a store writes down.
 */
@NullMarked
package wexilla.core.kitchen;

import org.jspecify.annotations.NullMarked;
