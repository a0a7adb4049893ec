package wexilla.core.packing;

import java.util.Collection;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.quantity.Unit;

/**
 * How much room packets take. A gram takes a millilitre. Pieces take what nobody knows: they are left out, so that the answer is "at least".
 */
public final class Room {

    private static final Rational PORTION_ML = Trade.number("portion.millilitres");

    private Room() {}

    /** What a portion takes, in words: "375 ml". */
    public static String portion() {
        return PORTION_ML.plain() + " ml";
    }

    /** How many hundredths of portions go into so many millilitres. */
    public static long portions(Rational millilitres) {
        return millilitres.times(Rational.of(100)).dividedBy(PORTION_ML).floor().longValueExact();
    }

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
