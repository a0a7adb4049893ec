package wexilla.core.cookday;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wexilla.core.recipe.steps.StepClock;
import wexilla.core.recipe.steps.StepTime;

/**
 * A step of a dish of a cook day.
 *
 * @param time of it at its size; of one load where there are several
 * @param loads how often it is done, one after the other or side by side
 * @param clock what it needs of the clock beyond its minutes
 * @param amounts what goes in, in kitchen measures
 * @param written its time as written at this size, before the household's own pace
 */
public record DayStep(String text, StepTime time, int loads, StepClock clock, List<String> amounts, StepTime written) {

    public DayStep {
        amounts = List.copyOf(amounts);
    }

    private static final Pattern LOADS = Pattern.compile(
            "\\b(\\d{1,2}|two|three|four)\\s+(?:pan |oven |pot )?(?:loads|batches)\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern EACH =
            Pattern.compile("\\bmin\\w*\\s*(?:each|a load|per load|a batch|per batch)\\b", Pattern.CASE_INSENSITIVE);

    public DayStep(String text, StepTime time) {
        this(text, time, 1, StepClock.NONE, List.of(), time);
    }

    /** As its text says: "brown the mince in 3 loads, 8 minutes each". */
    public static DayStep of(String text) {
        StepTime time = StepTime.read(text);
        Matcher loads = LOADS.matcher(text);
        int times = loads.find() && EACH.matcher(text).find() ? KitchenGear.number(loads.group(1)) : 1;
        return new DayStep(text, time, Math.max(1, times), StepClock.NONE, List.of(), time);
    }

    /** The same step, going on by itself so long as nobody had written. */
    DayStep withWait(int minutes) {
        StepTime waits = new StepTime(time.handsMin(), minutes, true);
        return new DayStep(text, waits, loads, clock, amounts, waits);
    }

    /** The same step, of other minutes of hands. */
    DayStep withHands(int minutes) {
        return new DayStep(
                text,
                new StepTime(minutes, time.waitMin(), time.about()),
                loads,
                clock,
                amounts,
                new StepTime(minutes, written.waitMin(), written.about()));
    }
}
