package wexilla.core.recipe;

import org.jspecify.annotations.Nullable;
import wexilla.core.quantity.Rational;

/**
 * To which size a recipe is brought.
 *
 * @param factor times the recipe as written, above zero
 * @param vessels how many pots, trays or bags it is cooked in, at least one
 * @param areas surface of the vessels in hand over that of the one it was written for; null when only vessels are counted
 */
public record Size(Rational factor, int vessels, @Nullable Rational areas) {

    public static final Size AS_WRITTEN = of(Rational.ONE);

    /** @throws IllegalArgumentException if the factor is not above zero or there is no vessel */
    public Size {
        if (factor.signum() <= 0 || vessels < 1) {
            throw new IllegalArgumentException("a recipe is scaled by more than nothing, into one pot or more");
        }
    }

    /** In one vessel. */
    public static Size of(Rational factor) {
        return of(factor, 1);
    }

    public static Size of(Rational factor, int vessels) {
        return new Size(factor, vessels, null);
    }

    /** The size of one of so many bags that share it: a bag is a vessel of its own. */
    public Size each(int bags) {
        return new Size(factor.dividedBy(Rational.of(bags)), 1, null);
    }

    /** The size of a part of it, in as many of its vessels as that part fills. */
    Size share(Rational of) {
        int filled = Rational.of(vessels).times(of).ceiling().intValueExact();
        return new Size(factor.times(of), Math.max(1, filled), areas == null ? null : areas.times(of));
    }

    /** What a rule that goes by vessels is multiplied with. */
    Rational surface() {
        return areas == null ? Rational.of(vessels) : areas;
    }
}
