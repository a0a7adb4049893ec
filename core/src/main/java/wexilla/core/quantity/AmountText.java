package wexilla.core.quantity;

import java.math.BigInteger;
import java.util.Set;

/** How an amount is written for a cook: large grams as kg, spoons and pieces as fractions, portions as decimals,
 * plain pieces without a word. Exact where it can be. */
final class AmountText {

    private static final Set<Unit> DECIMAL =
            Set.of(Unit.G, Unit.KG, Unit.MG, Unit.ML, Unit.CL, Unit.DL, Unit.L, Unit.PORTION);
    private static final Rational THOUSAND = Rational.of(1000);

    private AmountText() {}

    static String of(Amount amount) {
        Rational value = amount.value();
        Unit unit = amount.unit();
        if (value.compareTo(Rational.ONE) < 0 && (unit.equals(Unit.KG) || unit.equals(Unit.L))) {
            value = value.times(THOUSAND);
            unit = unit.base();
        }
        if (value.compareTo(THOUSAND) >= 0 && (unit.equals(Unit.G) || unit.equals(Unit.ML))) {
            value = value.dividedBy(THOUSAND);
            unit = unit.equals(Unit.G) ? Unit.KG : Unit.L;
        }
        String number = DECIMAL.contains(unit) ? decimal(value, unit) : fraction(value);
        return unit.equals(Unit.PIECE) ? number : number + " " + unit.after(value);
    }

    private static String decimal(Rational value, Unit unit) {
        boolean small = unit.equals(Unit.G) || unit.equals(Unit.ML);
        int decimals = unit.equals(Unit.PORTION) ? 2 : !small ? 3 : value.compareTo(Rational.of(5)) >= 0 ? 0 : 2;
        return Rational.of(value.toDecimal(decimals)).plain();
    }

    private static String fraction(Rational value) {
        if (value.isWhole() || value.denominator().compareTo(BigInteger.valueOf(8)) > 0) {
            return Rational.of(value.toDecimal(2)).plain();
        }
        BigInteger[] parts = value.numerator().divideAndRemainder(value.denominator());
        String rest = parts[1] + "/" + value.denominator();
        return parts[0].signum() == 0 ? rest : parts[0] + " " + rest;
    }
}
