package wexilla.core.recipe;

import org.jspecify.annotations.Nullable;
import wexilla.core.food.Scaling;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.AmountReader;
import wexilla.core.quantity.AmountReader.Packs;
import wexilla.core.quantity.AmountReader.Reading;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.KitchenMeasure;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Quantity;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;

/**
 * A line at another size of the batch: handbook, section 2.
 *
 * @param text the line in kitchen measures
 * @param exact the exact amount, the upper end of a range; null when the line has none
 * @param whole whole pieces to use, for what cannot be divided; null otherwise
 * @param startWith what to begin with in one pot before tasting; null when it does not matter
 */
public record ScaledLine(
        ReadLine line,
        Scaling rule,
        String text,
        @Nullable Amount exact,
        @Nullable Rational whole,
        @Nullable KitchenMeasure startWith) {

    private static final Rational HALF = Rational.of(1, 2);
    private static final Rational QUARTER = Rational.of(1, 4);
    private static final Rational THREE_QUARTERS = Rational.of(3, 4);

    /**
     * Scales a line.
     *
     * @param factor above zero
     * @param pots how many pots it is cooked in, at least one
     * @param rule the line's own, usually its food's
     */
    public static ScaledLine of(
            ReadLine line, Scaling rule, Rational factor, int pots, KitchenMeasure.System system, Measures measures) {
        Quantity quantity = line.quantity();
        if (quantity == null) {
            return new ScaledLine(line, rule, line.text(), null, null, null);
        }
        Rational by = rule == Scaling.FIXED ? Rational.of(pots) : factor;
        Amount exact = quantity.max().times(by);
        if (rule == Scaling.WHOLE && exact.unit().dimension() == Dimension.COUNT) {
            Rational whole = ceiling(exact.value());
            String text = written(Amount.of(whole, exact.unit()), line);
            return new ScaledLine(line, rule, text, exact, whole, null);
        }
        KitchenMeasure start = rule == Scaling.SEASONING && pots == 1 && factor.compareTo(Rational.ONE) > 0
                ? startWith(quantity.max(), factor, system, measures)
                : null;
        return new ScaledLine(line, rule, text(line, quantity, by, system, measures), exact, null, start);
    }

    private static String text(
            ReadLine line, Quantity quantity, Rational by, KitchenMeasure.System system, Measures measures) {
        Packs packs = line.packs();
        if (packs != null && packs.count().times(by).isWhole()) {
            String container = packs.container() == null
                    ? ""
                    : " " + packs.container().after(packs.count().times(by));
            return packs.count().times(by).plain() + " x " + packs.each() + container + rest(line);
        }
        String max =
                KitchenMeasure.of(quantity.max().times(by), system, measures).text();
        if (quantity.min().equals(quantity.max())) {
            return max + rest(line);
        }
        return KitchenMeasure.of(quantity.min().times(by), system, measures).text() + " to " + max + rest(line);
    }

    private static String written(Amount amount, ReadLine line) {
        return amount + rest(line);
    }

    /** The words behind the amount, as typed. */
    private static String rest(ReadLine line) {
        return AmountReader.read(line.text())
                .map(Reading::rest)
                .map(rest -> " " + rest)
                .orElse("");
    }

    /** 1 + 0.75 (k − 1) of it, to the nearest half teaspoon; only when that is a quarter teaspoon or more below k. */
    private static @Nullable KitchenMeasure startWith(
            Amount written, Rational factor, KitchenMeasure.System system, Measures measures) {
        if (written.unit().dimension() != Dimension.VOLUME) {
            return null;
        }
        Rational teaspoons = measures.toBase(written).value().dividedBy(measures.factor(Unit.TSP));
        Rational less = Rational.ONE.plus(THREE_QUARTERS.times(factor.minus(Rational.ONE)));
        Rational halves = new Rational(teaspoons.times(less).dividedBy(HALF).rounded(), java.math.BigInteger.ONE);
        Rational start = halves.times(HALF);
        boolean below = teaspoons.times(factor).minus(start).compareTo(QUARTER) >= 0;
        return below && !start.isZero() ? KitchenMeasure.of(Amount.of(start, Unit.TSP), system, measures) : null;
    }

    private static Rational ceiling(Rational value) {
        Rational floor = new Rational(value.numerator().divide(value.denominator()), java.math.BigInteger.ONE);
        return floor.equals(value) ? value : floor.plus(Rational.ONE);
    }
}
