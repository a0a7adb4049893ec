package wexilla.core.stretch;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import wexilla.core.money.Money;
import wexilla.core.quantity.Rational;

/**
 * A big buy cut into parts.
 *
 * @param cookedGrams what comes out of the pot
 * @param parts in the order asked
 * @param remainder what has no dish yet: "not decided"
 * @param notes what was assumed, in the cook's words
 */
public record Slab(Rational cookedGrams, List<Part> parts, Part remainder, List<String> notes) {

    /** How the price is shared out. */
    public enum Method {
        /** By cooked weight. */
        WEIGHT,
        /** By fixed per cent. */
        FIXED,
        /** By what each part would cost bought alone. */
        VALUE
    }

    /** A part with its grams of meat and its cost. */
    public record Part(String name, Rational grams, Money cost) {}

    /** Parts that ask for more than there is. */
    public static final class TooMuch extends IllegalArgumentException {

        private static final long serialVersionUID = 1L;
        private final transient Rational shortfall;

        TooMuch(Rational asked, Rational cooked) {
            super("the parts ask for " + asked.plain() + " g, " + cooked.plain() + " g are there: "
                    + asked.minus(cooked).plain() + " g too much");
            this.shortfall = asked.minus(cooked);
        }

        /** Grams that are missing, exact. */
        public Rational shortfall() {
            return shortfall;
        }
    }

    private static final Rational HUNDRED = Rational.of(100);

    public Slab {
        parts = List.copyOf(parts);
        notes = List.copyOf(notes);
    }

    /**
     * Cuts it.
     *
     * @param rawGrams as bought
     * @param cookedYield cooked grams of one gram as bought, above 0; above 1 for what takes up water
     * @throws TooMuch if the parts ask for more than there is
     * @throws IllegalArgumentException if the yield is not above zero, fixed per cents sum to more than 100, or a part
     *     lacks the value the method needs
     */
    public static Slab cut(Rational rawGrams, Rational cookedYield, Money price, Method method, List<Share> shares) {
        if (cookedYield.signum() <= 0) {
            throw new IllegalArgumentException("the cooked yield must be more than nothing");
        }
        Rational cooked = rawGrams.times(cookedYield);
        Rational asked = shares.stream().map(s -> s.grams(cooked)).reduce(Rational.ZERO, Rational::plus);
        if (asked.compareTo(cooked) > 0) {
            throw new TooMuch(asked, cooked);
        }
        Rational left = cooked.minus(asked);
        List<String> notes = new ArrayList<>();
        List<Rational> weights = weights(cooked, left, method, shares, notes);
        List<Money> costs = price.split(weights);
        List<Part> parts = new ArrayList<>();
        for (int i = 0; i < shares.size(); i++) {
            parts.add(new Part(shares.get(i).name(), shares.get(i).grams(cooked), costs.get(i)));
        }
        return new Slab(cooked, parts, new Part("not decided", left, costs.get(shares.size())), notes);
    }

    /** What each part weighs in the price, the remainder last; by-products' per cents come off first. */
    private static List<Rational> weights(
            Rational cooked, Rational left, Method method, List<Share> shares, List<String> notes) {
        Rational off = shares.stream()
                .filter(Share::byProduct)
                .map(s -> s.costPercent() == null ? Rational.ZERO : s.costPercent())
                .reduce(Rational.ZERO, Rational::plus);
        Rational rest = HUNDRED.minus(off);
        List<Rational> meat = new ArrayList<>();
        for (Share share : shares) {
            meat.add(share.byProduct() ? Rational.ZERO : weight(share, cooked, method));
        }
        meat.add(remainder(left, cooked, method, meat, notes, rest));
        Rational sum = meat.stream().reduce(Rational.ZERO, Rational::plus);
        if (off.compareTo(HUNDRED) > 0 || (method == Method.FIXED && sum.compareTo(rest) > 0)) {
            throw new IllegalArgumentException("the per cents of the price sum to more than 100");
        }
        List<Rational> weights = new ArrayList<>();
        for (int i = 0; i < meat.size(); i++) {
            boolean byProduct = i < shares.size() && shares.get(i).byProduct();
            Rational own = byProduct
                    ? Objects.requireNonNullElse(shares.get(i).costPercent(), Rational.ZERO)
                    : sum.isZero() ? Rational.ZERO : rest.times(meat.get(i)).dividedBy(sum);
            weights.add(own);
        }
        return weights;
    }

    private static Rational weight(Share share, Rational cooked, Method method) {
        return switch (method) {
            case WEIGHT -> share.grams(cooked);
            case FIXED -> fixed(share);
            case VALUE -> {
                if (share.valuePerKg() == null) {
                    throw new IllegalArgumentException(
                            "“" + share.name() + "” needs what a kilo of it would cost alone");
                }
                yield share.grams(cooked).times(share.valuePerKg());
            }
        };
    }

    private static Rational fixed(Share share) {
        if (share.costPercent() != null) {
            return share.costPercent();
        }
        if (share.size() instanceof Share.Percent part) {
            return part.percent();
        }
        throw new IllegalArgumentException("“" + share.name() + "” needs its per cent of the price");
    }

    /** What is not decided takes part: by its weight, by the per cents left, or at the mean value of the others. */
    private static Rational remainder(
            Rational left,
            Rational cooked,
            Method method,
            List<Rational> meat,
            List<String> notes,
            Rational percentLeft) {
        Rational given = meat.stream().reduce(Rational.ZERO, Rational::plus);
        if (method == Method.FIXED) {
            Rational open = percentLeft.minus(given);
            return open.signum() > 0 ? open : Rational.ZERO;
        }
        if (method == Method.WEIGHT || left.isZero() || left.equals(cooked)) {
            return left;
        }
        notes.add("what is not decided is valued like the mean of the parts");
        return given.times(left).dividedBy(cooked.minus(left));
    }
}
