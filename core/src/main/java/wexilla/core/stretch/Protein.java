package wexilla.core.stretch;

import java.util.Map;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.facts.Yield;
import wexilla.core.quantity.Rational;

/**
 * Grams of protein in foods that are cut and foods that extend them.
 *
 * @param of by food; what is not in it is not known
 */
public record Protein(Map<Key, PerHundred> of) {

    private static final Rational HUNDRED = Rational.of(100);

    /** @param grams of protein in 100 g, {@code cooked} or as bought */
    public record PerHundred(Rational grams, boolean cooked, String source) {}

    public Protein {
        of = Map.copyOf(of);
    }

    /** In so many grams of a food; null when it is not known. @param cooked whether the grams are cooked or as bought */
    public @Nullable Rational in(Food food, Rational grams, boolean cooked) {
        PerHundred known = of.get(food.key());
        if (known == null) {
            return null;
        }
        Rational as = grams;
        if (cooked != known.cooked()) {
            Yield yield = food.traits().cooked();
            if (yield == null) {
                return null;
            }
            as = cooked ? grams.dividedBy(yield.ofOne()) : grams.times(yield.ofOne());
        }
        return as.times(known.grams()).dividedBy(HUNDRED);
    }
}
