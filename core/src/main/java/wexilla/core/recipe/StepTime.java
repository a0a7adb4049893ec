package wexilla.core.recipe;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wexilla.core.quantity.AmountReader;
import wexilla.core.quantity.Blanks;
import wexilla.core.quantity.Rational;

/**
 * How long a step takes, in whole minutes: hands are at it, or it goes on by itself. Read from what the step says when
 * nobody wrote minutes beside it: "simmer 45 minutes" waits, "brown it, 8 minutes" keeps hands; "2 1/2 hours" is 150.
 */
public record StepTime(int handsMin, int waitMin) {

    public static final StepTime NONE = new StepTime(0, 0);

    /** Longer than two days is no step of a kitchen. */
    public static final int MOST_MINUTES = 48 * 60;

    private static final Pattern TIME = Pattern.compile(
            "(\\d+(?:[.,]\\d+)?(?:\\s+\\d/\\d)?|\\d/\\d|\\d*[½¼¾]|\\b(?:an?|one|two|three|four|five|six|eight|ten|twelve)\\b)"
                    + "\\s*(?:(?:-|–|to)\\s*(\\d+)\\s*)?(hours?|hrs?|h|minutes?|mins?)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern PARTS = Pattern.compile("[;.](?:\\s|$)|, then ");
    private static final Pattern ALONE = Pattern.compile(
            "\\b(simmer|boil|bake|roast|braise|stew|soak|rest|rise|chill|cool|thaw|marinate|cook|steam|poach|slow|dry|prove|stand|freeze|pressure)",
            Pattern.CASE_INSENSITIVE);

    /** @throws IllegalArgumentException if minutes are negative or more than two days */
    public StepTime {
        if (handsMin < 0 || waitMin < 0 || handsMin > MOST_MINUTES || waitMin > MOST_MINUTES) {
            throw new IllegalArgumentException("minutes of a step lie from 0 to " + MOST_MINUTES);
        }
    }

    /** Both together, at most {@link #MOST_MINUTES} of each. */
    public StepTime plus(StepTime other) {
        return new StepTime(
                Math.min(handsMin + other.handsMin, MOST_MINUTES), Math.min(waitMin + other.waitMin, MOST_MINUTES));
    }

    public int minutes() {
        return handsMin + waitMin;
    }

    /** What the text of a step says about its time; nothing when it says nothing. */
    public static StepTime read(String text) {
        int hands = 0;
        int wait = 0;
        for (String part : PARTS.split(Blanks.single(text))) {
            Matcher found = TIME.matcher(part);
            while (found.find()) {
                int minutes = minutes(found);
                if (ALONE.matcher(part).find()) {
                    wait += minutes;
                } else {
                    hands += minutes;
                }
            }
        }
        return new StepTime(Math.min(hands, MOST_MINUTES), Math.min(wait, MOST_MINUTES));
    }

    /** The upper end of a range. */
    private static int minutes(Matcher found) {
        String number = found.group(2) == null ? found.group(1) : found.group(2);
        Rational value = AmountReader.read(number + " pieces")
                .orElseThrow()
                .quantity()
                .max()
                .value();
        boolean hours = found.group(3).toLowerCase(Locale.ROOT).startsWith("h");
        Rational minutes = hours ? value.times(Rational.of(60)) : value;
        return minutes.compareTo(Rational.of(MOST_MINUTES)) > 0
                ? MOST_MINUTES
                : minutes.rounded().intValueExact();
    }
}
