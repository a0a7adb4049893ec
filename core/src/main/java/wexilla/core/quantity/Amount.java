package wexilla.core.quantity;

/** A number of a unit, exact; zero or more, at most {@link #MOST}. */
public record Amount(Rational value, Unit unit) {

    /** More than this cannot come of amounts that were typed: see {@link Quantity#bounded}. */
    public static final Rational MOST = Rational.of(1_000_000_000_000_000L);

    /** @throws Unfit if the value is negative or beyond {@link #MOST} */
    public Amount {
        if (value.signum() < 0) {
            throw new IllegalArgumentException(
                    "an amount cannot be below zero: " + value.plain() + " " + unit.symbol());
        }
        if (value.compareTo(MOST) > 0) {
            throw new Unfit("an amount cannot be more than " + MOST.plain() + " " + unit.symbol());
        }
    }

    public static Amount of(Rational value, Unit unit) {
        return new Amount(value, unit);
    }

    public static Amount of(long value, Unit unit) {
        return new Amount(Rational.of(value), unit);
    }

    public Amount times(Rational factor) {
        return of(value.times(factor), unit);
    }

    /** @throws Unfit if the units differ */
    public Amount plus(Amount other) {
        requireSame(other);
        return of(value.plus(other.value), unit);
    }

    private void requireSame(Amount other) {
        if (!unit.equals(other.unit)) {
            throw new IllegalArgumentException("cannot add " + other.unit.symbol() + " to " + unit.symbol());
        }
    }

    /** With up to two decimals and its own unit: "473.18 ml". */
    public String precise() {
        return unit.dimension() == Dimension.COUNT || unit.equals(Unit.CUP)
                ? toString()
                : Rational.of(value.toDecimal(2)).plain() + " " + unit.symbol();
    }

    /** As a cook writes it: "3.2 kg", "1 1/2 tsp", "2 tins". */
    @Override
    public String toString() {
        return AmountText.of(this);
    }
}
