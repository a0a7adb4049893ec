package wexilla.core.quantity.text;

import java.util.regex.Pattern;
import wexilla.core.quantity.Rational;

/** Degrees in a text, in the scale of a household: an oven as its dial is set, a core or a cooling to a degree. */
public final class HeatWords {

    private static final Pattern CELSIUS = Pattern.compile("(?<![\\d.])(\\d{1,3}) °C");
    private static final Rational NINE_FIFTHS = Rational.of(9, 5);
    private static final int OVEN = 150;
    private static final int DIAL = 25;

    private HeatWords() {}

    /** @param fahrenheit whether the household reads Fahrenheit; else the text stays as it is */
    public static String in(String text, boolean fahrenheit) {
        return fahrenheit
                ? CELSIUS.matcher(text).replaceAll(found -> fahrenheit(Integer.parseInt(found.group(1))) + " °F")
                : text;
    }

    private static int fahrenheit(int celsius) {
        Rational exact = Rational.of(celsius).times(NINE_FIFTHS).plus(Rational.of(32));
        return celsius < OVEN
                ? exact.rounded().intValueExact()
                : exact.dividedBy(Rational.of(DIAL)).rounded().intValueExact() * DIAL;
    }
}
