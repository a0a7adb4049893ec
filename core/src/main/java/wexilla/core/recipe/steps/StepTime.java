package wexilla.core.recipe.steps;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.ToIntFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unfit;
import wexilla.core.quantity.text.AmountReader;
import wexilla.core.quantity.text.ReadOnce;
import wexilla.core.recipe.steps.StepClauses.Clause;

/**
 * How long a step takes, in whole minutes: hands are at it, or it goes on by itself. Read from what the step says when
 * nobody wrote minutes beside it: "simmer 45 minutes" waits, "brown it, 8 minutes" keeps hands; "2 1/2 hours" is 150.
 * Without a time hands take what such work usually takes, {@code about}.
 * Alternatives are one of them, not both; a moment in a time is no more of it. Overnight counts 8 hours: own definition.
 */
public record StepTime(int handsMin, int waitMin, boolean about) {

    public static final StepTime NONE = new StepTime(0, 0);

    /** Longer than two days is no step of a kitchen. */
    public static final int MOST_MINUTES = 48 * 60;

    private static final String NUMBER =
            "(?:\\d+(?:[.,]\\d+)?(?:\\s+\\d/\\d|\\s?[½¼¾⅓⅔])?|\\d/\\d|[½¼¾⅓⅔]|\\b(?:an?|one|two|three|four|five|six|seven|eight|nine|ten|twelve)\\b)";
    static final Pattern TIME = Pattern.compile(
            "(" + NUMBER + ")\\s*(?:(?:-|–|to|or)\\s*(" + NUMBER
                    + ")\\s*)?(hours?|hrs?|h|minutes?|mins?|seconds?|secs?)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern IN_WORDS = Pattern.compile("hour|overnight|few minutes", Pattern.CASE_INSENSITIVE);
    private static final Map<Pattern, String> WORDS = words();

    private static Map<Pattern, String> words() {
        Map<Pattern, String> words = new LinkedHashMap<>();
        words.put(said("(" + NUMBER + ") hours? and a half|" + "(?:one|an?) and a half hours?"), "90 minutes");
        words.put(said("three quarters of an hour|three-quarters of an hour"), "45 minutes");
        words.put(said("(?:a )?quarter of an hour|quarter[- ]hour"), "15 minutes");
        words.put(said("half an hour|half[- ]hour"), "30 minutes");
        words.put(said("(?:a )?couple of hours"), "2 hours");
        words.put(said("(?:a )?few minutes"), "3 minutes");
        words.put(said("overnight"), "overnight 8 hours");
        return words;
    }

    private static Pattern said(String words) {
        return Pattern.compile("\\b(?:" + words + ")\\b", Pattern.CASE_INSENSITIVE);
    }

    /** A time somebody said. */
    public StepTime(int handsMin, int waitMin) {
        this(handsMin, waitMin, false);
    }

    /** @throws Unfit if minutes are negative or more than two days */
    public StepTime {
        if (handsMin < 0 || waitMin < 0 || handsMin > MOST_MINUTES || waitMin > MOST_MINUTES) {
            throw new Unfit("minutes of a step lie from 0 to " + MOST_MINUTES);
        }
    }

    /** Both together, at most {@link #MOST_MINUTES} of each. */
    public StepTime plus(StepTime other) {
        return new StepTime(
                Math.min(handsMin + other.handsMin, MOST_MINUTES),
                Math.min(waitMin + other.waitMin, MOST_MINUTES),
                about || other.about);
    }

    /** Of one of so many loads, rounded up. */
    public StepTime load(int loads) {
        return new StepTime((handsMin + loads - 1) / loads, (waitMin + loads - 1) / loads, about);
    }

    public int minutes() {
        return handsMin + waitMin;
    }

    private static final ReadOnce<StepTime> READ = new ReadOnce<>(text -> time(text, StepAmounts.NONE));

    /** What the text of a step says about its time, and what the work it says no time for usually takes. */
    public static StepTime read(String text) {
        return READ.of(text);
    }

    /** The same of a step of a recipe that has so much of everything: eight onions take longer than one. */
    public static StepTime read(String text, StepAmounts amounts) {
        return amounts.all().isEmpty() ? read(text) : time(text, amounts);
    }

    private static StepTime time(String text, StepAmounts amounts) {
        List<Clause> clauses = StepClauses.of(text);
        StepTime said = said(clauses, sentence -> 1);
        int assumed = text.isBlank() ? 0 : StepClauses.assumed(clauses, amounts);
        if (said.minutes() == 0) {
            return text.isBlank()
                    ? said
                    : new StepTime(Math.max(HandTimes.LEAST, Math.min(HandTimes.MOST, assumed)), 0, true);
        }
        int loads = StepLoads.of(text);
        StepTime all = new StepTime(
                Math.min(MOST_MINUTES, said.handsMin() * loads), Math.min(MOST_MINUTES, said.waitMin() * loads));
        return assumed == 0 ? all : all.plus(new StepTime(Math.min(HandTimes.MOST, assumed), 0, true));
    }

    /** What the text of a step says about its time and nothing more. @param times how often what a sentence says is done */
    public static StepTime said(String text, ToIntFunction<String> times) {
        return said(StepClauses.of(text), times);
    }

    private static StepTime said(List<Clause> clauses, ToIntFunction<String> times) {
        int hands = 0;
        int wait = 0;
        for (Clause clause : clauses) {
            if (clause.said() > 0) {
                int minutes = Math.min(MOST_MINUTES, clause.said() * times.applyAsInt(clause.sentence()));
                hands += clause.alone() ? 0 : minutes;
                wait += clause.alone() ? minutes : 0;
            }
        }
        return new StepTime(Math.min(MOST_MINUTES, hands), Math.min(MOST_MINUTES, wait));
    }

    /** Times in words as times in figures: "half an hour" is 30 minutes, "2 hours and a half" 150. */
    static String spelt(String text) {
        String figures = text;
        if (!IN_WORDS.matcher(text).find()) {
            return text;
        }
        for (Map.Entry<Pattern, String> word : WORDS.entrySet()) {
            Matcher found = word.getKey().matcher(figures);
            StringBuilder all = new StringBuilder();
            while (found.find()) {
                String number = found.groupCount() > 0 ? found.group(1) : null;
                String minutes =
                        number == null || number.toLowerCase(Locale.ROOT).matches("an?|one|1")
                                ? word.getValue()
                                : value(number)
                                                .times(Rational.of(60))
                                                .plus(Rational.of(30))
                                                .plain() + " minutes";
                found.appendReplacement(all, minutes);
            }
            figures = found.appendTail(all).toString();
        }
        return figures;
    }

    public static Rational value(String number) {
        return AmountReader.read(number + " pieces")
                .orElseThrow()
                .quantity()
                .max()
                .value();
    }

    /** The upper end of a range. */
    static int minutes(Matcher found) {
        String number = found.group(2) == null ? found.group(1) : found.group(2);
        Rational value = value(number);
        String unit = found.group(3).toLowerCase(Locale.ROOT);
        if (unit.startsWith("s")) {
            return value.dividedBy(Rational.of(60)).ceiling().intValueExact();
        }
        Rational minutes = unit.startsWith("h") ? value.times(Rational.of(60)) : value;
        return minutes.compareTo(Rational.of(MOST_MINUTES)) > 0
                ? MOST_MINUTES
                : minutes.rounded().intValueExact();
    }
}
