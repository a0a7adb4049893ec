package wexilla.core.packing;

import java.util.Collection;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;

/**
 * How much room packets take. A portion is 375 ml, the middle of 350 to 400: common practice, no source; a gram takes a
 * millilitre. Pieces take what nobody knows: they are left out, so that the answer is "at least".
 */
public final class Room {

    private static final Rational PORTION_ML = Rational.of(375);

    private Room() {}

    /** Millilitres these amounts take, at least. */
    public static Rational millilitres(Collection<Amount> amounts) {
        return amounts.stream().map(Room::millilitres).reduce(Rational.ZERO, Rational::plus);
    }

    private static Rational millilitres(Amount amount) {
        if (amount.unit().equals(Unit.PORTION)) {
            return amount.value().times(PORTION_ML);
        }
        return amount.unit().dimension() == Dimension.COUNT ? Rational.ZERO : amount.value();
    }
}
