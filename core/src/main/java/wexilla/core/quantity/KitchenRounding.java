package wexilla.core.quantity;

/**
 * Rounds an amount to what a kitchen scale or jug shows. Own definition (handbook, section 1): grams in steps of 0.1
 * below 5, 1 below 100, 5 below 500, 10 below 1000, else 25; millilitres in steps of 5 to 100, 10 to 250, 25 to 1000,
 * 50 above; spoons, cups and pieces in quarters. A nonzero amount never becomes zero.
 */
public final class KitchenRounding {

    private KitchenRounding() {}

    /** The nearest measurable amount in the same unit; kilograms and litres are rounded as their grams and ml. */
    public static Amount nearest(Amount amount) {
        Unit unit = amount.unit();
        if (unit.equals(Unit.KG) || unit.equals(Unit.L)) {
            Amount small = Amount.of(amount.value().times(Rational.of(1000)), unit.base());
            return Amount.of(nearest(small).value().dividedBy(Rational.of(1000)), unit);
        }
        Rational step = step(amount.value(), unit);
        Rational steps = Rational.of(amount.value().dividedBy(step).rounded());
        if (steps.isZero() && !amount.value().isZero()) {
            return Amount.of(step, unit);
        }
        return Amount.of(steps.times(step), unit);
    }

    private static Rational step(Rational value, Unit unit) {
        double size = value.toDecimal(3).doubleValue();
        if (unit.equals(Unit.G)) {
            return size < 5 ? Rational.of(1, 10) : Rational.of(size < 100 ? 1 : size < 500 ? 5 : size < 1000 ? 10 : 25);
        }
        if (unit.equals(Unit.ML)) {
            return Rational.of(size <= 100 ? 5 : size <= 250 ? 10 : size <= 1000 ? 25 : 50);
        }
        return Rational.of(1, 4);
    }
}
