package wexilla.core.quantity;

/**
 * What one unit of something weighs: a portion of a dish, a piece of a food.
 *
 * @param grams of one
 */
public record UnitWeight(Rational grams, How how) {

    /** How it is known. */
    public enum How {
        /** On the cook's own scale. */
        WEIGHED,
        /** From a fact of the food. */
        KNOWN,
        /** From what went in. */
        ESTIMATED
    }

    /** Decimals of a gram that are kept. */
    private static final int DECIMALS = 3;

    private static final Rational USUAL = Trade.number("portion.grams");

    /** A portion of which nobody knows more. */
    public static final UnitWeight USUAL_PORTION = new UnitWeight(USUAL, How.ESTIMATED);

    public UnitWeight {
        grams = Rational.of(grams.toDecimal(DECIMALS));
        if (grams.signum() <= 0) {
            throw new IllegalArgumentException("something weighs more than nothing");
        }
    }

    private static final Rational ROUGHLY = Rational.of(50);

    /** So much of it in words: "1.84 kg", or "about 1.85 kg" where that is reckoned from what went in. */
    public String words(Amount amount) {
        Rational all = of(amount);
        boolean rough = how == How.ESTIMATED && all.compareTo(ROUGHLY) > 0;
        Rational step = rough ? ROUGHLY : Rational.ONE;
        Amount shown = Amount.of(step.times(Rational.of(all.dividedBy(step).rounded())), Unit.G);
        return (how == How.ESTIMATED ? "about " : "") + shown;
    }

    /** Grams of so much. */
    public Rational of(Amount amount) {
        return grams.times(amount.value());
    }
}
