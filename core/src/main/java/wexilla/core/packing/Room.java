package wexilla.core.packing;

import org.jspecify.annotations.Nullable;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.UnitWeight;

/**
 * How much room packets take. A gram takes a millilitre. Pieces of which nobody knows what they weigh are left out, so
 * that the answer is "at least".
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

    /** Millilitres so much takes, at least. @param weight of one unit; null where nobody knows */
    public static Rational millilitres(Amount amount, @Nullable UnitWeight weight) {
        if (amount.unit().dimension() != Dimension.COUNT) {
            return amount.value();
        }
        if (weight != null) {
            return weight.of(amount);
        }
        return amount.unit().equals(Unit.PORTION) ? amount.value().times(PORTION_ML) : Rational.ZERO;
    }
}
