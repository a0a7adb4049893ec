package wexilla.core.stretch;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import wexilla.core.money.Money;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.quantity.Unfit;
import wexilla.core.stock.Dinners;

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

    /** Whether it is cut before it is cooked or after. */
    public enum Cut {
        RAW,
        COOKED
    }

    /** A part with its grams of meat, cooked and as bought, and its cost. */
    public record Part(String name, Rational grams, Rational rawGrams, Money cost) {}

    /** Parts that ask for more than there is. */
    public static final class TooMuch extends Unfit {

        private static final long serialVersionUID = 1L;
        private final transient Rational shortfall;

        TooMuch(Rational asked, Rational there, Cut cut) {
            super("the parts ask for " + shown(asked) + " g" + (cut == Cut.RAW ? " raw, " : ", ") + shown(there)
                    + " g are there: " + shown(asked.minus(there)) + " g too much");
            this.shortfall = asked.minus(there);
        }

        private static String shown(Rational grams) {
            return Rational.of(grams.toDecimal(1)).plain();
        }

        /** Grams that are missing, exact. */
        public Rational shortfall() {
            return shortfall;
        }
    }

    /** Grams; nobody cuts finer. */
    private static final Rational FINEST = Rational.of(1, 10);

    private static final Rational HUNDRED = Rational.of(100);
    private static final Rational PLATE = Dinners.COOKED_MEAT_GRAMS;
    private static final Rational BAG = Trade.number("slab.bag-grams");
    /** Grams from which on a handy size is too far. */
    private static final double NEAR = Trade.number("slab.near-grams").approximately();

    public Slab {
        parts = List.copyOf(parts);
        notes = List.copyOf(notes);
    }

    /**
     * Cuts it.
     *
     * @param rawGrams as bought
     * @param cookedYield cooked grams of one gram as bought, above 0; above 1 for what takes up water
     * @param cut what grams, pieces and per cents of the parts are said of; what is too much is said of the same
     * @throws TooMuch if the parts ask for more than there is
     * @throws Unfit if the yield is not above zero, fixed per cents sum to more than 100, or a part
     *     lacks the value the method needs
     */
    public static Slab cut(
            Rational rawGrams, Rational cookedYield, Money price, Method method, Cut cut, List<Share> shares) {
        return cut(rawGrams, cookedYield, price, method, cut, shares, false);
    }

    /**
     * Cuts what was weighed. What came out is what there is: where the parts were to be more, all give way, the locked ones
     * last.
     *
     * @throws Unfit as {@link #cut}
     */
    public static Slab weighed(
            Rational rawGrams, Rational cookedYield, Money price, Method method, Cut cut, List<Share> shares) {
        return cut(rawGrams, cookedYield, price, method, cut, shares, true);
    }

    private static Slab cut(
            Rational rawGrams,
            Rational cookedYield,
            Money price,
            Method method,
            Cut cut,
            List<Share> shares,
            boolean weighed) {
        if (cookedYield.signum() <= 0) {
            throw new Unfit("the cooked yield must be more than nothing");
        }
        Rational cooked = rawGrams.times(cookedYield);
        Rational perGram = cut == Cut.RAW ? cookedYield : Rational.ONE;
        List<String> notes = new ArrayList<>();
        List<Rational> wanted =
                shares.stream().map(share -> share.grams(cooked, perGram)).toList();
        List<Rational> grams = giveWay(shares, wanted, cooked, weighed, notes);
        Rational asked = sum(grams);
        if (asked.compareTo(cooked) > 0) {
            throw new TooMuch(asked.dividedBy(perGram), cooked.dividedBy(perGram), cut);
        }
        Rational left = cooked.minus(asked);
        List<Rational> weights = weights(cooked, left, method, shares, grams, notes);
        List<Money> costs = price.split(weights);
        List<Part> parts = new ArrayList<>();
        for (int i = 0; i < shares.size(); i++) {
            parts.add(part(shares.get(i).name(), grams.get(i), cookedYield, costs.get(i)));
        }
        return new Slab(cooked, parts, part("not decided", left, cookedYield, costs.get(shares.size())), notes);
    }

    /**
     * Where the parts ask for more than there is and one of them is locked, the others give way, each by the same part of
     * its weight; where none is locked, or the locked ones alone are too much, nothing gives way. What is finer than
     * anybody cuts is no more than there is: twelve pieces of 83.333 g are a kilogram.
     */
    private static List<Rational> giveWay(
            List<Share> shares, List<Rational> wanted, Rational there, boolean weighed, List<String> notes) {
        Rational locked = Rational.ZERO;
        for (int i = 0; i < shares.size(); i++) {
            locked = shares.get(i).locked() ? locked.plus(wanted.get(i)) : locked;
        }
        Rational over = sum(wanted).minus(there);
        Rational free = sum(wanted).minus(locked);
        boolean lockedTooMuch = over.signum() > 0 && over.compareTo(free) >= 0;
        if (over.signum() > 0 && (over.compareTo(FINEST) < 0 || weighed && lockedTooMuch)) {
            Rational all = there.dividedBy(sum(wanted));
            return wanted.stream().map(part -> part.times(all)).toList();
        }
        if (over.signum() <= 0 || locked.isZero() && !weighed || over.compareTo(free) >= 0 && !weighed) {
            return wanted;
        }
        Rational keep = free.minus(over).dividedBy(free);
        List<Rational> grams = new ArrayList<>();
        List<String> names = new ArrayList<>();
        for (int i = 0; i < shares.size(); i++) {
            boolean gives = !shares.get(i).locked() && !wanted.get(i).isZero();
            grams.add(gives ? wanted.get(i).times(keep) : wanted.get(i));
            if (gives) {
                names.add(shares.get(i).name());
            }
        }
        notes.add(String.join(", ", names) + (names.size() == 1 ? " gives" : " give") + " way: "
                + Rational.of(over.toDecimal(0)).plain() + " g less");
        return grams;
    }

    private static Rational sum(List<Rational> grams) {
        return grams.stream().reduce(Rational.ZERO, Rational::plus);
    }

    /**
     * Handy sizes near these grams, within a step on the slab: whole plates, served plain, and bags.
     *
     * @param most grams the piece may have
     */
    public static List<Rational> handy(Rational grams, Rational most) {
        return Stream.of(PLATE, BAG)
                .map(size -> size.times(Rational.of(grams.dividedBy(size).rounded())))
                .filter(size -> size.signum() > 0 && size.compareTo(most) <= 0)
                .filter(size -> grams.minus(size).approximately() <= NEAR
                        && size.minus(grams).approximately() <= NEAR)
                .toList();
    }

    private static Part part(String name, Rational grams, Rational cookedYield, Money cost) {
        return new Part(name, grams, grams.dividedBy(cookedYield), cost);
    }

    /** What each part weighs in the price, the remainder last; by-products' per cents come off first. */
    private static List<Rational> weights(
            Rational cooked,
            Rational left,
            Method method,
            List<Share> shares,
            List<Rational> grams,
            List<String> notes) {
        Rational off = shares.stream()
                .filter(Share::byProduct)
                .map(s -> s.costPercent() == null ? Rational.ZERO : s.costPercent())
                .reduce(Rational.ZERO, Rational::plus);
        Rational rest = HUNDRED.minus(off);
        List<Rational> meat = new ArrayList<>();
        for (int i = 0; i < shares.size(); i++) {
            Share share = shares.get(i);
            meat.add(share.byProduct() ? Rational.ZERO : weight(share, grams.get(i), method));
        }
        meat.add(remainder(left, cooked, method, meat, notes, rest));
        Rational sum = meat.stream().reduce(Rational.ZERO, Rational::plus);
        if (off.compareTo(HUNDRED) > 0 || (method == Method.FIXED && sum.compareTo(rest) > 0)) {
            throw new Unfit("the per cents of the price sum to more than 100");
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

    private static Rational weight(Share share, Rational grams, Method method) {
        return switch (method) {
            case WEIGHT -> grams;
            case FIXED -> fixed(share);
            case VALUE -> {
                if (share.valuePerKg() == null) {
                    throw new Unfit("“" + share.name() + "” needs what a kilo of it would cost alone");
                }
                yield grams.times(share.valuePerKg());
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
        throw new Unfit("“" + share.name() + "” needs its per cent of the price");
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
