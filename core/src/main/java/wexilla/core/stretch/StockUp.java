package wexilla.core.stretch;

import wexilla.core.money.Money;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;

/**
 * Whether a price meets the one a household stocks up at, and how much of it is worth buying then: what fits the freezer
 * and is eaten in its time.
 *
 * @param perKilo what a kilo costs as bought, {@code target} at or under which it is stocked up
 * @param fits grams that fit the freezer
 * @param months it keeps frozen; 0 when it is not frozen
 * @param eaten grams that are eaten in that time
 */
public record StockUp(Money perKilo, Money target, Rational fits, int months, Rational eaten) {

    private static final Rational WEEKS_A_MONTH = Rational.of(13, 3);

    /** @param room millilitres free in the freezer, {@code aWeek} grams of it that are eaten in a week */
    public static StockUp of(Money perKilo, Money target, Rational room, int months, Rational aWeek) {
        return new StockUp(
                perKilo, target, room, months, aWeek.times(WEEKS_A_MONTH).times(Rational.of(months)));
    }

    public boolean meets() {
        return perKilo.minor() <= target.minor();
    }

    /** Grams that are worth buying: what fits and is eaten in its time. */
    public Rational worth() {
        return Rational.min(fits, eaten);
    }

    /** In the cook's words. */
    public String words() {
        if (!meets()) {
            return perKilo.minus(target).decimal() + " a kilo over your " + target.decimal();
        }
        if (months == 0) {
            return "meets your " + target.decimal() + " a kilo; it is not frozen, so buy what you eat fresh";
        }
        return "meets your " + target.decimal() + " a kilo: " + kilos(fits) + " fit the freezer, " + kilos(eaten)
                + " are eaten in its " + months + " months; up to " + kilos(worth()) + " are worth buying";
    }

    private static String kilos(Rational grams) {
        Rational handy = Rational.of(100)
                .times(Rational.of(grams.dividedBy(Rational.of(100)).floor()));
        return Amount.of(handy, Unit.G).toString();
    }
}
