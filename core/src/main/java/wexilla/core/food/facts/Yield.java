package wexilla.core.food.facts;

import wexilla.core.money.Money;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unfit;

/**
 * How much is left of a food.
 *
 * @param ofOne grams left of one gram as bought, above zero
 * @param source published source or practice, with its mark
 */
public record Yield(Rational ofOne, String source) {

    /** @throws Unfit if nothing or more than tenfold would be left */
    public Yield {
        if (ofOne.signum() <= 0 || ofOne.compareTo(Rational.of(10)) > 0) {
            throw new Unfit("a yield lies above 0 and up to 10, not " + ofOne.plain());
        }
    }

    /** What so much of what is left costs, of the price for as much as bought: price / yield, rounded half up. */
    public Money usable(Money bought) {
        return Money.rounded(bought.exact().dividedBy(ofOne), bought.currency());
    }
}
