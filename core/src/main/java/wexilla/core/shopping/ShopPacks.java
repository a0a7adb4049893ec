package wexilla.core.shopping;

import java.math.BigInteger;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.KitchenMeasure;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.quantity.Unit;

/**
 * How things are bought: pieces, bunches, heads, tins and packets rather than 716 g of peppers; what has no pack of its
 * own by the scale, in steps a counter knows.
 *
 * @param usual packs of a food by its key, or of all of a keeping class; the first the food's facts lead to is meant
 */
public record ShopPacks(Map<String, List<Amount>> usual) {

    /** More pieces than this are bought by the kilo. */
    private static final Rational MOST_PIECES = Trade.number("shop.most-pieces");

    /** What comes in itself, and tins, which are of one size; a packet or a jar may hold anything. */
    private static final Set<String> GROWN = Set.of("piece", "bunch", "head", "bulb", "loaf", "tin");

    /** A pack of no more pieces than this is so many pieces, more of them are a bag. */
    private static final Rational FEW = Trade.number("shop.few-pieces");

    /** A pack that is short by so little still does: handbook, section 1. */
    private static final Rational SHORT = Trade.number("shop.short");

    private static final Rational HUNDRED = Rational.of(100);
    private static final Rational THOUSAND = Rational.of(1000);

    public ShopPacks {
        usual = Map.copyOf(usual);
    }

    /**
     * So much of a thing as it is bought.
     *
     * @param packs how many of {@code pack}; one when the pack says all of it: "5", "2 bunches"
     */
    public record Buy(int packs, Amount pack) {

        /** "5", "2 bunches", "2 × 500 g". */
        public String words() {
            return packs == 1 ? pack.toString() : packs + " × " + pack;
        }
    }

    /** This much of a food, in the packs it comes in, rounded up. */
    public Buy buy(Food food, Amount need, Measures measures, KitchenMeasure.System system) {
        for (Amount pack : usual(food)) {
            Amount each = in(food, pack, need.unit(), measures);
            if (each == null || each.value().isZero()) {
                continue;
            }
            Rational count = need.value().dividedBy(each.value());
            Rational whole = Rational.of(count.minus(SHORT.times(count)).ceiling());
            boolean loose = pack.unit().equals(Unit.PIECE) && !need.unit().equals(Unit.PIECE);
            if (loose && whole.compareTo(MOST_PIECES) > 0) {
                break;
            }
            int packs = Math.max(1, whole.numerator().intValueExact());
            return pack.unit().dimension() == Dimension.COUNT
                    ? new Buy(1, pack.times(Rational.of(packs)))
                    : new Buy(packs, pack);
        }
        return new Buy(1, scale(need, measures, system));
    }

    /** How much of it is needed, as it is counted or weighed: "6", "1.1 l". */
    public String needed(Food food, Amount need, Measures measures, KitchenMeasure.System system) {
        Buy buy = buy(food, need, measures, system);
        return buy.pack().unit().dimension() == Dimension.COUNT
                ? buy.words()
                : scale(need, measures, system).toString();
    }

    /** A pack that was seen, as people say it: 110 g of onion is one onion. */
    public Optional<Amount> said(Food food, Amount seen, long packs, Measures measures) {
        return usual(food).stream()
                .filter(pack ->
                        GROWN.contains(pack.unit().symbol()) && !pack.unit().equals(seen.unit()))
                .flatMap(pack -> Optional.ofNullable(in(food, pack, seen.unit(), measures))
                        .filter(each -> !each.value().isZero())
                        .map(each -> seen.value().dividedBy(each.value()))
                        .filter(count -> count.compareTo(FEW) <= 0 && nearlyWhole(count))
                        .map(count -> pack.times(Rational.of(nearest(count))).times(Rational.of(packs)))
                        .stream())
                .findFirst();
    }

    private List<Amount> usual(Food food) {
        List<Amount> own = usual.get(food.key().id());
        return own != null ? own : usual.getOrDefault(food.keepingClass(), List.of());
    }

    private static BigInteger nearest(Rational count) {
        return count.plus(Rational.of(1, 2)).floor();
    }

    private static boolean nearlyWhole(Rational count) {
        Rational whole = Rational.of(nearest(count));
        Rational off = count.minus(whole);
        Rational far = off.signum() < 0 ? off.negated() : off;
        return !whole.isZero() && far.compareTo(SHORT.times(whole)) <= 0;
    }

    private static @Nullable Amount in(Food food, Amount pack, Unit unit, Measures measures) {
        return Conversion.convert(food, pack, unit, measures) instanceof Conversion.Converted converted
                ? converted.amount()
                : null;
    }

    /** By the scale or the jug, rounded up in steps a counter knows. */
    private static Amount scale(Amount need, Measures measures, KitchenMeasure.System system) {
        Unit unit = need.unit();
        if (unit.equals(Unit.G) && system == KitchenMeasure.System.US) {
            Rational pounds = need.value().dividedBy(grams(Unit.LB, measures));
            return pounds.compareTo(Rational.of(1, 2)) < 0
                    ? Amount.of(up(need.value().dividedBy(grams(Unit.OZ, measures)), Rational.ONE), Unit.OZ)
                    : Amount.of(up(pounds, Rational.of(1, 4)), Unit.LB);
        }
        if (!unit.equals(Unit.G) && !unit.equals(Unit.ML)) {
            return Amount.of(Rational.of(need.value().ceiling()), unit);
        }
        int step = need.value().compareTo(HUNDRED) < 0 ? 5 : need.value().compareTo(THOUSAND) < 0 ? 10 : 50;
        return Amount.of(up(need.value(), Rational.of(step)), unit);
    }

    private static Rational grams(Unit unit, Measures measures) {
        return measures.toBase(Amount.of(1, unit)).value();
    }

    private static Rational up(Rational value, Rational step) {
        return Rational.of(value.dividedBy(step).ceiling()).times(step);
    }
}
