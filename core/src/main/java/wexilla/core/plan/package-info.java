/** Meals as planned, and what is said of them: one list of rules, what is taken out, frozen, begun and paid. */
@NullMarked
package wexilla.core.plan;

import org.jspecify.annotations.NullMarked;
