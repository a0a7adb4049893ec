package wexilla.core.recipe.steps;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.function.ToIntFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unfit;
import wexilla.core.quantity.text.AmountReader;
import wexilla.core.quantity.text.Blanks;
import wexilla.core.quantity.text.ReadOnce;

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
    private static final Pattern TIME = Pattern.compile(
            "(" + NUMBER + ")\\s*(?:(?:-|–|to|or)\\s*(" + NUMBER + ")\\s*)?(hours?|hrs?|h|minutes?|mins?)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern PARTS = Pattern.compile("[;.](?:\\s|$)|, then ");
    private static final Pattern ALONE = Pattern.compile(
            "\\b(simmer|boil|bak(?:e|ing)|roast|brais|stew|soak|rest(?!\\s+of)|ris(?:e|ing)|chill|cool|thaw|marinat|cook|steam|poach|slow|dry|prov(?:e|ing)"
                    + "|stand|freez|pressure|releas|refrigerat|fridge|overnight|infus|set aside|leave|oven|bubble|reduce|ferment|drain|smok|air[- ]fr)",
            Pattern.CASE_INSENSITIVE);
    /** "For the first 30 minutes", "last 15 minutes: add", "every 2 hours", "after 20 minutes": moments in a time, not more of it. */
    private static final Pattern MOMENT = Pattern.compile(
            "\\b(?:first|last|final|remaining|every|each|after|halfway|another few)\\s*$", Pattern.CASE_INSENSITIVE);
    /** What stands between two times of which one is meant: "high 2 hours or low 4", "20 thawed / 25 frozen". */
    private static final Pattern EITHER = Pattern.compile(
            "^[^.;,]{0,24}?(?:\\bor\\b|/)[^.;,]{0,24}$"
                    + "|^\\s*for\\s+(?:soft|hard|rare|medium|firm|runny|al dente|well done)[^.;]{0,12},?\\s*(?:and|or)?\\s*$",
            Pattern.CASE_INSENSITIVE);

    /** "Hands 5 minutes", "drain at once", "spin dry": somebody is at it, whatever the verb. */
    private static final Pattern BY_HAND = Pattern.compile(
            "\\bhands?\\s+\\d|\\bmin\\w*\\s+(?:of\\s+)?hands\\b|\\bdrain\\s+(?:it\\s+|them\\s+)?(?:at once|immediately|straight away)"
                    + "|\\b(?:spin|pat|wipe|towel)\\s+(?:\\w+\\s+){0,2}dry",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern SIDES = Pattern.compile(
            "^\\s*(?:on|per|a|for|each|for each|on each)?\\s*(?:each|per|a|both)?\\s*sides?\\b",
            Pattern.CASE_INSENSITIVE);
    /** Words that tell something of a time stand no further from it, in characters. */
    private static final int NEAR = 60;

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

    public int minutes() {
        return handsMin + waitMin;
    }

    private static final ReadOnce<StepTime> READ = new ReadOnce<>(StepTime::about);

    /** What the text of a step says about its time, else what such work usually takes. */
    public static StepTime read(String text) {
        return READ.of(text);
    }

    private static StepTime about(String text) {
        StepTime said = said(text, part -> 1);
        return said.minutes() == 0 && !text.isBlank() ? new StepTime(HandTimes.about(text), 0, true) : said;
    }

    /** What the text of a step says about its time and nothing more. @param times how often what a part says is done */
    public static StepTime said(String text, ToIntFunction<String> times) {
        int hands = 0;
        int wait = 0;
        for (String part : PARTS.split(spelt(Blanks.single(text)))) {
            Matcher found = TIME.matcher(part);
            int end = -1;
            boolean asked = false;
            boolean alone = false;
            int often = 1;
            while (found.find()) {
                if (!asked) {
                    // once for a part, however many times it says
                    alone = ALONE.matcher(part).find() && !BY_HAND.matcher(part).find();
                    often = times.applyAsInt(part);
                    asked = true;
                }
                boolean moment = MOMENT.matcher(part.substring(Math.max(0, found.start() - NEAR), found.start()))
                        .find();
                boolean other = end >= 0
                        && found.start() - end <= NEAR
                        && EITHER.matcher(part.substring(end, found.start())).matches();
                if (moment || other) {
                    continue;
                }
                end = found.end();
                String behind = part.substring(found.end(), Math.min(part.length(), found.end() + NEAR));
                int sides = SIDES.matcher(behind).find() ? 2 : 1;
                int minutes = Math.min(MOST_MINUTES, minutes(found) * sides * often);
                if (alone) {
                    wait = Math.min(MOST_MINUTES, wait + minutes);
                } else {
                    hands = Math.min(MOST_MINUTES, hands + minutes);
                }
            }
        }
        return new StepTime(hands, wait);
    }

    /** Times in words as times in figures: "half an hour" is 30 minutes, "2 hours and a half" 150. */
    private static String spelt(String text) {
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
    private static int minutes(Matcher found) {
        String number = found.group(2) == null ? found.group(1) : found.group(2);
        Rational value = value(number);
        boolean hours = found.group(3).toLowerCase(Locale.ROOT).startsWith("h");
        Rational minutes = hours ? value.times(Rational.of(60)) : value;
        return minutes.compareTo(Rational.of(MOST_MINUTES)) > 0
                ? MOST_MINUTES
                : minutes.rounded().intValueExact();
    }
}
