package wexilla.core.quantity;

/**
 * What a line asks for: one amount, or a range "2-3 tbsp" that keeps both ends. Cost uses the middle, shopping the
 * upper end.
 */
public record Quantity(Amount min, Amount max) {

    /** @throws IllegalArgumentException if the units differ or the range runs backwards */
    public Quantity {
        if (!min.unit().equals(max.unit())) {
            throw new IllegalArgumentException("a range needs one unit");
        }
        if (min.value().compareTo(max.value()) > 0) {
            throw new IllegalArgumentException("the range runs backwards: " + min + " to " + max);
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

    @Override
    public String toString() {
        return min.equals(max) ? min.toString() : min + " to " + max;
    }
}
