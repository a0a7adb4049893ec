package wexilla.core.quantity;

import java.math.BigInteger;

/**
 * The cup and spoons of a household, in ml. The teaspoon is a third of the tablespoon, but 5 ml beside a 20 ml one.
 *
 * @param cupMl US 236.5882365 or metric 250
 * @param tbspMl US 14.78676478125, metric 15, or 20
 */
public record Measures(Rational cupMl, Rational tbspMl) {

    /** US gallon / 16 and / 256. Source: NIST Handbook 44, Appendix C. */
    public static final Measures US = new Measures(
            new Rational(new BigInteger("2365882365"), new BigInteger("10000000")),
            new Rational(new BigInteger("1478676478125"), new BigInteger("100000000000")));

    /** Cup 250 ml, tablespoon 15 ml. */
    public static final Measures METRIC = new Measures(Rational.of(250), Rational.of(15));

    /** @throws Unfit if a measure is not above zero */
    public Measures {
        if (cupMl.signum() <= 0 || tbspMl.signum() <= 0) {
            throw new Unfit("cup and tablespoon must hold more than nothing");
        }
    }

    private Rational tspMl() {
        return tbspMl.compareTo(Rational.of(20)) == 0 ? Rational.of(5) : tbspMl.dividedBy(Rational.of(3));
    }

    /** How many g, ml or pieces one of this unit is here. */
    public Rational factor(Unit unit) {
        if (unit.dimension() == Dimension.COUNT) {
            return Rational.ONE;
        }
        if (unit.equals(Unit.CUP)) {
            return cupMl;
        }
        if (unit.equals(Unit.TBSP)) {
            return tbspMl;
        }
        if (unit.equals(Unit.TSP)) {
            return tspMl();
        }
        return unit.fixedFactor().orElseThrow(() -> new IllegalStateException("no factor for unit " + unit.symbol()));
    }

    /** The same amount in g, ml or its own piece. */
    public Amount toBase(Amount amount) {
        return Amount.of(
                amount.value().times(factor(amount.unit())), amount.unit().base());
    }
}
