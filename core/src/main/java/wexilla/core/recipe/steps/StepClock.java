package wexilla.core.recipe.steps;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import wexilla.core.quantity.Unfit;

/**
 * What a step needs of the clock beyond its minutes, as typed beside it; what nobody typed is read from its text.
 *
 * @param follows the steps it follows, from 1; empty for the one before it
 * @param least minutes after those, at least; 0 for none
 * @param most minutes after those, at most; null for as late as one likes
 * @param every minutes after which somebody looks at it again and again; null for never
 * @param last minutes before its end at which something is done; null for nothing
 * @param lastWords what is done then
 */
public record StepClock(
        List<Integer> follows,
        int least,
        @Nullable Integer most,
        @Nullable Integer every,
        @Nullable Integer last,
        String lastWords) {

    public static final StepClock NONE = new StepClock(List.of(), 0, null, null, null, "");

    private static final int HALF = -1;

    private static final String SPAN =
            "(\\d+|an|two|three|four|half an|a)\\s*(?:to\\s+\\d+\\s*)?(hours?|hrs?|h|minutes?|mins?)\\b";
    private static final Pattern EVERY = Pattern.compile(
            "((?:[a-z]+\\s+){0,3})\\bevery\\s+(?:" + SPAN + "|(hour|minute)\\b)", Pattern.CASE_INSENSITIVE);
    private static final Pattern LAST = Pattern.compile(
            "([^.;,:]{0,60}?)\\b(?:(?:for|in|during)\\s+)?(?:the\\s+)?(?:last|final)\\s+" + SPAN + "[:,]?\\s*([^.;]*)",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern AT = Pattern.compile(
            "\\b(?:(check|stir|turn|baste|taste|flip|shake|skim)[^.;]{0,30}?\\b(?:at|after)\\s+" + SPAN
                    + "|(?:after|at)\\s+" + SPAN
                    + "[:,]?\\s*(check|stir|turn|baste|taste|flip|shake|skim|add|uncover|cover)\\b([^.;]*))",
            Pattern.CASE_INSENSITIVE);

    /** @throws Unfit if its most is below its least, or a time is no time of a kitchen */
    public StepClock {
        follows = List.copyOf(follows);
        if (least < 0 || least > StepTime.MOST_MINUTES || most != null && most < least) {
            throw new Unfit("a step follows after no less than 0 minutes, its most not below its least");
        }
        if (every != null && every < 1 || last != null && last < 1) {
            throw new Unfit("a step is looked at after a minute at least");
        }
    }

    public boolean isNone() {
        return equals(NONE);
    }

    private static final Pattern AFTER = Pattern.compile(
            "(?:after|follows)(?:\\s+steps?)?\\s+(\\d+(?:\\s*(?:,|and)\\s*\\d+)*)", Pattern.CASE_INSENSITIVE);
    private static final Pattern LEAST =
            Pattern.compile("at least\\s+" + SPAN + "(?:\\s+(?:after|later))?", Pattern.CASE_INSENSITIVE);
    private static final Pattern MOST =
            Pattern.compile("at most\\s+" + SPAN + "(?:\\s+(?:after|later))?|at once", Pattern.CASE_INSENSITIVE);
    private static final Pattern EACH = Pattern.compile("every\\s+" + SPAN, Pattern.CASE_INSENSITIVE);
    private static final Pattern ENDS =
            Pattern.compile("last\\s+" + SPAN + "\\s*(?::\\s*(.{0,80}))?", Pattern.CASE_INSENSITIVE);

    /**
     * Reads what was typed beside a step, apart by semicolons: "after 1 and 3; at most 10 min later; every 30 min; last 15 min:
     * add the peas".
     *
     * @param step the number of the step it stands beside: it can follow those before it only
     * @throws Unfit for what is none of these
     */
    public static StepClock parse(String typed, int step) {
        StepClock clock = NONE;
        for (String part : typed.split(";")) {
            String said = part.strip();
            if (!said.isEmpty()) {
                clock = clock.and(said, step);
            }
        }
        return clock;
    }

    private StepClock and(String said, int step) {
        Matcher after = AFTER.matcher(said);
        Matcher atLeast = LEAST.matcher(said);
        Matcher atMost = MOST.matcher(said);
        Matcher each = EACH.matcher(said);
        Matcher ends = ENDS.matcher(said);
        if (after.matches()) {
            List<Integer> steps = Pattern.compile("\\D+")
                    .splitAsStream(after.group(1))
                    .map(number -> number.length() > 3 ? 1000 : Integer.parseInt(number))
                    .distinct()
                    .toList();
            if (steps.stream().anyMatch(number -> number < 1 || number >= step)) {
                throw new Unfit("step " + step + " can follow steps before it only, not “" + said + "”");
            }
            return new StepClock(steps, least, most, every, last, lastWords);
        }
        if (atLeast.matches()) {
            return new StepClock(follows, minutes(atLeast.group(1), atLeast.group(2)), most, every, last, lastWords);
        }
        if (atMost.matches()) {
            int later = atMost.group(1) == null ? 0 : minutes(atMost.group(1), atMost.group(2));
            return new StepClock(follows, least, later, every, last, lastWords);
        }
        if (each.matches()) {
            return new StepClock(follows, least, most, minutes(each.group(1), each.group(2)), last, lastWords);
        }
        if (ends.matches()) {
            String words = ends.group(3) == null ? "" : ends.group(3).strip();
            return new StepClock(follows, least, most, every, minutes(ends.group(1), ends.group(2)), words);
        }
        throw new Unfit("“" + said + "” says nothing of the clock; write it like"
                + " after 1 and 3; at most 10 min later; every 30 min; last 15 min: add the peas");
    }

    /** As it would be typed; empty for nothing. */
    public String words() {
        List<String> parts = new ArrayList<>();
        if (!follows.isEmpty()) {
            parts.add("after "
                    + String.join(" and ", follows.stream().map(String::valueOf).toList()));
        }
        if (least > 0) {
            parts.add("at least " + least + " min later");
        }
        if (most != null) {
            parts.add(most == 0 ? "at once" : "at most " + most + " min later");
        }
        if (every != null) {
            parts.add("every " + every + " min");
        }
        if (last != null) {
            parts.add("last " + last + " min" + (lastWords.isEmpty() ? "" : ": " + lastWords));
        }
        return String.join("; ", parts);
    }

    /** Somebody looks at it: no hands of long, no other task is moved. @param at minutes after its begin */
    public record Watch(int at, String words) {}

    /** When somebody looks at a step that takes so many minutes; in the order of the clock, none at its end. */
    public List<Watch> watches(String text, int minutes) {
        List<Watch> watches = new ArrayList<>();
        if (every != null) {
            repeat(watches, every, "look at it", minutes);
        } else {
            every(text, minutes, watches);
        }
        if (last != null) {
            add(watches, minutes - last, lastWords.isEmpty() ? "last " + last + " min" : lastWords, minutes);
        } else {
            last(text, minutes, watches);
        }
        at(text, minutes, watches);
        watches.sort(java.util.Comparator.comparing(Watch::at));
        return watches;
    }

    private static void every(String text, int minutes, List<Watch> watches) {
        Matcher found = EVERY.matcher(text);
        if (found.find()) {
            int each = found.group(4) != null ? minutes("1", found.group(4)) : minutes(found.group(2), found.group(3));
            String[] words = found.group(1).strip().split("\\s+");
            String verb = words[words.length - 1].isEmpty() ? "look at it" : words[0];
            repeat(watches, each, verb, minutes);
        }
    }

    private static void last(String text, int minutes, List<Watch> watches) {
        Matcher found = LAST.matcher(text);
        while (found.find()) {
            String after = found.group(4).strip();
            String words = after.isEmpty() ? found.group(1).strip() : after;
            add(
                    watches,
                    minutes - minutes(found.group(2), found.group(3)),
                    words.isEmpty() ? "nearly done" : words,
                    minutes);
        }
    }

    private static void at(String text, int minutes, List<Watch> watches) {
        Matcher found = AT.matcher(text);
        while (found.find()) {
            boolean first = found.group(1) != null;
            int at = first ? minutes(found.group(2), found.group(3)) : minutes(found.group(4), found.group(5));
            add(watches, at, first ? found.group(1) : found.group(6) + found.group(7), minutes);
        }
    }

    private static void repeat(List<Watch> watches, int each, String words, int minutes) {
        for (int at = each; each > 0 && at < minutes && watches.size() < 100; at += each) {
            add(watches, at, words, minutes);
        }
    }

    private static void add(List<Watch> watches, int at, String words, int minutes) {
        if (at > 0 && at < minutes) {
            watches.add(new Watch(at, words.strip()));
        }
    }

    private static int minutes(String number, String unit) {
        int value = switch (number.toLowerCase(java.util.Locale.ROOT)) {
            case "a", "an" -> 1;
            case "two" -> 2;
            case "three" -> 3;
            case "four" -> 4;
            case "half an" -> HALF;
            default ->
                Math.min(StepTime.MOST_MINUTES, Integer.parseInt(number.substring(0, Math.min(5, number.length()))));
        };
        boolean hours = unit.toLowerCase(java.util.Locale.ROOT).startsWith("h");
        return value == HALF ? 30 : hours ? value * 60 : value;
    }
}
