package wexilla.core.food;

import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;

/**
 * One thing known about a food that leads from one measure to another: "1 clove = 3 g", "1 cup = 125 g". Cups and
 * spoons in a fact are US customary ones, as in the tables the facts come from, whatever the household's own cup.
 *
 * @param source the published source or practice, in words
 */
public record FoodFact(Amount from, Amount to, String source, Trust trust, Amount fromBase, Amount toBase) {

    /** How far a fact is trusted, most first. */
    public enum Trust {
        /** Weighed in this household. */
        OWN,
        PUBLISHED,
        /** Published, and written down from memory. */
        MEMORY,
        /** Common practice without a source, or our own definition. */
        PRACTICE
    }

    public FoodFact(Amount from, Amount to, String source, Trust trust) {
        this(from, to, source, trust, Measures.US.toBase(from), Measures.US.toBase(to));
    }

    /** @throws IllegalArgumentException if either side is nothing */
    public FoodFact {
        if (from.value().isZero() || to.value().isZero()) {
            throw new IllegalArgumentException("a fact about nothing leads nowhere: " + from + " = " + to);
        }
    }
}
