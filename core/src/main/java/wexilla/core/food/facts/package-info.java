/** What is true of a food: its kind, what it contains and without what it is, its country’s rules. Facts of foods, no words. */
@NullMarked
package wexilla.core.food.facts;

import org.jspecify.annotations.NullMarked;
