package wexilla.core.recipe;

import org.jspecify.annotations.Nullable;
import wexilla.core.quantity.KitchenMeasure;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;

/**
 * To which size a recipe is brought, and in whose measures it is written.
 *
 * @param factor times the recipe as written, above zero
 * @param pots how many pots it is cooked in, at least one
 * @param areas surface of the vessels in hand over that of the one it was written for; null when only pots are counted
 * @param weighed whether dry food written in cups is given in grams where its density is known
 */
public record Scale(
        Rational factor,
        int pots,
        @Nullable Rational areas,
        KitchenMeasure.System system,
        Measures measures,
        boolean weighed) {

    /** @throws IllegalArgumentException if the factor is not above zero or there is no pot */
    public Scale {
        if (factor.signum() <= 0 || pots < 1) {
            throw new IllegalArgumentException("a recipe is scaled by more than nothing, into one pot or more");
        }
    }

    public static Scale of(Rational factor, int pots, KitchenMeasure.System system, Measures measures) {
        return new Scale(factor, pots, null, system, measures, false);
    }

    /** The size of one of so many bags that share it. */
    public Scale each(int bags) {
        return new Scale(factor.dividedBy(Rational.of(bags)), 1, null, system, measures, weighed);
    }

    Rational surface() {
        return areas == null ? Rational.of(pots) : areas;
    }
}
