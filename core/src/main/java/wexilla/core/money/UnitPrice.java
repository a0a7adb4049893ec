package wexilla.core.money;

import java.util.Currency;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unfit;

/**
 * A price as an exact ratio: minor units for one g, ml or piece. It is no money until an amount has been multiplied
 * in and rounded once.
 */
public record UnitPrice(Rational minorPerUnit, Currency currency) {

    /** @throws Unfit if the pack holds nothing */
    public static UnitPrice of(Money price, Amount pack) {
        if (pack.value().isZero()) {
            throw new Unfit("a pack of nothing has no price per unit");
        }
        return new UnitPrice(price.exact().dividedBy(pack.value()), price.currency());
    }

    /** The price of so many units, rounded half up to whole minor units. */
    public Money of(Rational units) {
        return Money.rounded(minorPerUnit.times(units), currency);
    }
}
