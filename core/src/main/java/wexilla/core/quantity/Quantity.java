package wexilla.core.quantity;

/**
 * What a line asks for: one amount, or a range "2-3 tbsp" that keeps both ends. Cost uses the middle, shopping the
 * upper end.
 */
public record Quantity(Amount min, Amount max) {

    /** More of one thing than this is a slip of the finger, wherever it is typed: a tonne, a thousand litres. */
    private static final Rational MOST = Rational.of(1_000_000);

    private static final Rational MOST_PIECES = Rational.of(100_000);

    /** @throws Unfit if the units differ or the range runs backwards */
    public Quantity {
        if (!min.unit().equals(max.unit())) {
            throw new Unfit("a range needs one unit");
        }
        if (min.value().compareTo(max.value()) > 0) {
            throw new Unfit("the range runs backwards: " + min + " to " + max);
        }
    }

    public static Quantity of(Amount amount) {
        return new Quantity(amount, amount);
    }

    public Unit unit() {
        return min.unit();
    }

    public Amount middle() {
        return Amount.of(min.value().plus(max.value()).dividedBy(Rational.of(2)), unit());
    }

    /**
     * The same, when a kitchen can hold it; the one bound of every amount that is typed.
     *
     * @throws NotAnAmount if it is more
     */
    public Quantity bounded() {
        boolean counted = unit().dimension() == Dimension.COUNT;
        Rational most = Measures.US.toBase(max).value();
        if (most.compareTo(counted ? MOST_PIECES : MOST) > 0) {
            throw new NotAnAmount("“" + this + "” is more than a kitchen holds; 1000 kg, 1000 l or "
                    + MOST_PIECES.plain() + " pieces is the most");
        }
        return this;
    }

    @Override
    public String toString() {
        return min.equals(max) ? min.toString() : min + " to " + max;
    }
}
