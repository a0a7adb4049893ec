package wexilla.core.stretch;

import org.jspecify.annotations.Nullable;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unfit;

/**
 * One part of a big buy, as asked for.
 *
 * @param size how much meat; null or {@link Aside} for a by-product
 * @param costPercent share of the price, 0 to 100; for a by-product it comes off first
 * @param valuePerKg what a kilo of it would cost bought alone, in any one currency unit
 * @param locked whether it keeps its size where there is not enough for all
 */
public record Share(
        String name,
        @Nullable Size size,
        @Nullable Rational costPercent,
        @Nullable Rational valuePerKg,
        boolean locked) {

    /** A part that gives way. */
    public Share(String name, @Nullable Size size, @Nullable Rational costPercent, @Nullable Rational valuePerKg) {
        this(name, size, costPercent, valuePerKg, false);
    }

    /** How much of the meat: raw where it is cut raw, else cooked; portions are always cooked. */
    public sealed interface Size permits Percent, Grams, Portions, Pieces, Aside {}

    /** @param percent of the cooked meat, 0 to 100 */
    public record Percent(Rational percent) implements Size {
        public Percent {
            requirePercent(percent);
        }
    }

    public record Grams(Rational grams) implements Size {
        public Grams {
            requirePositive(grams, "grams");
        }
    }

    public record Portions(Rational portions, Rational gramsEach) implements Size {
        public Portions {
            requirePositive(portions, "portions");
            requirePositive(gramsEach, "grams a portion");
        }
    }

    /** Legs, steaks: so many of a weight. */
    public record Pieces(Rational count, Rational gramsEach) implements Size {
        public Pieces {
            requirePositive(count, "pieces");
            requirePositive(gramsEach, "grams a piece");
        }
    }

    /** Bones, fat, juices that were weighed: they are no meat. */
    public record Aside(Rational grams) implements Size {
        public Aside {
            requirePositive(grams, "grams");
        }
    }

    /** @throws Unfit if a per cent is not from 0 to 100, or a by-product has a value but no meat */
    public Share {
        if (costPercent != null) {
            requirePercent(costPercent);
        }
        if (valuePerKg != null) {
            requirePositive(valuePerKg, "value a kilo");
        }
    }

    /** Bones, fat, juices: no meat, and no cost unless one is given. */
    public boolean byProduct() {
        return size == null || size instanceof Aside;
    }

    /** Cooked grams. @param perGram cooked grams of one gram as it is asked for: the yield where it is cut raw, else 1 */
    Rational grams(Rational cooked, Rational perGram) {
        if (size instanceof Percent part) {
            return cooked.times(part.percent()).dividedBy(Rational.of(100));
        }
        if (size instanceof Grams part) {
            return part.grams().times(perGram);
        }
        if (size instanceof Pieces part) {
            return part.count().times(part.gramsEach()).times(perGram);
        }
        return size instanceof Portions part ? part.portions().times(part.gramsEach()) : Rational.ZERO;
    }

    private static void requirePercent(Rational percent) {
        if (percent.signum() < 0 || percent.compareTo(Rational.of(100)) > 0) {
            throw new Unfit("a part is from 0 to 100 per cent, not " + percent.plain());
        }
    }

    private static void requirePositive(Rational value, String what) {
        if (value.signum() <= 0) {
            throw new Unfit(what + " must be more than nothing, not " + value.plain());
        }
    }
}
