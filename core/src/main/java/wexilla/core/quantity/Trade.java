package wexilla.core.quantity;

import java.math.BigDecimal;
import java.time.LocalTime;
import java.util.Locale;
import java.util.ResourceBundle;

/**
 * Numbers of the trade that hold for every household, from {@code reference/trade.properties}, where each stands with
 * where it comes from.
 */
public final class Trade {

    private static final ResourceBundle NUMBERS = ResourceBundle.getBundle("reference.trade", Locale.ROOT);

    private Trade() {}

    /** @throws java.util.MissingResourceException if there is no such number */
    public static Rational number(String name) {
        return Rational.of(new BigDecimal(NUMBERS.getString(name)));
    }

    /** A number that is whole. @throws ArithmeticException if it is not */
    public static int whole(String name) {
        return new BigDecimal(NUMBERS.getString(name)).intValueExact();
    }

    /** A time of day. */
    public static LocalTime time(String name) {
        return LocalTime.parse(NUMBERS.getString(name));
    }
}
