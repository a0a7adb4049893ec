package wexilla.core.quantity;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A temperature, exact in degrees Celsius. °F = °C · 9/5 + 32 (NIST SP 811, B.8). A fan oven is set 20 °C lower than a
 * conventional one, and gas marks are as on British cookers: common practice, no source.
 */
public record Temperature(Rational celsius) implements Comparable<Temperature> {

    private static final Rational NINE_FIFTHS = Rational.of(9, 5);
    private static final Rational THIRTY_TWO = Rational.of(32);
    private static final Rational FAN = Trade.number("oven.fan-kelvin");
    private static final Rational LEAST = Rational.of(-60);
    private static final Rational MOST = Rational.of(400);
    private static final int[] GAS_MARKS = {130, 140, 150, 170, 180, 190, 200, 220, 230, 240};
    private static final Pattern WRITTEN = Pattern.compile(
            "(-?\\d{1,3}(?:\\.\\d)?)\\s*(?:°|º|degrees?)?\\s*(c|f|celsius|fahrenheit)\\b(\\s*fan)?"
                    + "|\\bgas(?: mark)?\\s*(\\d)\\b|(-?\\d{1,3})\\s*(?:°|º|degrees?\\b)",
            Pattern.CASE_INSENSITIVE);

    /** @throws Unfit outside −60 to 400 °C: no kitchen has that */
    public Temperature {
        if (celsius.compareTo(LEAST) < 0 || celsius.compareTo(MOST) > 0) {
            throw new Unfit("a temperature lies between −60 and 400 °C, not " + celsius.plain());
        }
    }

    public static Temperature celsius(Rational degrees) {
        return new Temperature(degrees);
    }

    public static Temperature fahrenheit(Rational degrees) {
        return new Temperature(degrees.minus(THIRTY_TWO).dividedBy(NINE_FIFTHS));
    }

    /** What a gas mark from 0 to 9 means on a conventional oven; 0 stands for a half. */
    public static Temperature gasMark(int mark) {
        if (mark < 0 || mark >= GAS_MARKS.length) {
            throw new Unfit("gas marks go from 1 to 9, not " + mark);
        }
        return new Temperature(Rational.of(GAS_MARKS[mark]));
    }

    /** The first temperature in a text: "200 °C", "350 F", "gas mark 4", "160 °C fan". Empty when there is none. */
    public static Optional<Temperature> find(String text) {
        Matcher found = WRITTEN.matcher(text);
        if (!found.find()) {
            return Optional.empty();
        }
        try {
            if (found.group(4) != null) {
                return Optional.of(gasMark(Integer.parseInt(found.group(4))));
            }
            String number = found.group(1) == null ? found.group(5) : found.group(1);
            Rational degrees = Rational.of(new java.math.BigDecimal(number));
            // no oven is set to 300 °C: a number above that, without a scale, is in Fahrenheit
            boolean above = degrees.compareTo(Rational.of(300)) > 0;
            String unit = found.group(2) != null ? found.group(2).toLowerCase(Locale.ROOT) : above ? "f" : "c";
            Temperature set = unit.startsWith("f") ? fahrenheit(degrees) : celsius(degrees);
            return Optional.of(found.group(3) == null ? set : new Temperature(set.celsius.plus(FAN)));
        } catch (Unfit noTemperature) {
            return Optional.empty();
        }
    }

    public Rational inFahrenheit() {
        return celsius.times(NINE_FIFTHS).plus(THIRTY_TWO);
    }

    /** What to set a fan oven to. */
    public Temperature forFan() {
        return new Temperature(celsius.minus(FAN));
    }

    /** As an oven is set: to five degrees of the scale the cook reads, "175 °C" or "350 °F". */
    public String dial(boolean fahrenheit) {
        Rational degrees = fahrenheit ? inFahrenheit() : celsius;
        Rational five = Rational.of(5);
        return Rational.of(degrees.dividedBy(five).rounded()).times(five).plain() + (fahrenheit ? " °F" : " °C");
    }

    @Override
    public int compareTo(Temperature other) {
        return celsius.compareTo(other.celsius);
    }

    /** "180 °C", to the degree. */
    @Override
    public String toString() {
        return celsius.rounded() + " °C";
    }
}
