package wexilla.core.recipe.steps;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** How often a step is done, one load after the other: "brown the mince in three batches, 5 minutes each". */
public final class StepLoads {

    private static final Pattern LOADS = Pattern.compile(
            "\\b(\\d{1,2}|two|three|four|five|six)\\s+(?:(?:pan|oven|pot|small|equal)\\s+)?(?:loads|batches|rounds)\\b",
            Pattern.CASE_INSENSITIVE);
    /** "Divide it into two batches" is no load; "20 minutes in all" is said of all loads together. */
    private static final Pattern NOT = Pattern.compile(
            "\\b(?:into (?:\\w+\\s+){0,2}(?:batches|loads)|in all|altogether|in total)\\b", Pattern.CASE_INSENSITIVE);

    private StepLoads() {}

    /** At least one; what it says a time of is then done so often. */
    public static int of(String text) {
        Matcher loads = LOADS.matcher(text);
        return loads.find() && !NOT.matcher(text).find()
                ? Math.max(1, StepTime.value(loads.group(1)).rounded().intValueExact())
                : 1;
    }
}
