package wexilla.core.cookday;

import java.util.List;
import org.jspecify.annotations.Nullable;
import wexilla.core.recipe.steps.StepClock;
import wexilla.core.recipe.steps.StepGear;
import wexilla.core.recipe.steps.StepLoads;
import wexilla.core.recipe.steps.StepTime;

/**
 * A step of a dish of a cook day, or a part of one.
 *
 * @param time of it at its size; of one load where there are several
 * @param loads how often it is done, one after the other or side by side
 * @param clock what it needs of the clock beyond its minutes
 * @param amounts what goes in, in kitchen measures
 * @param written its time as written at this size, before the household's own pace
 * @param gear it is known to hold; null where its words say it, and those of the steps before it
 */
public record DayStep(
        String text,
        StepTime time,
        int loads,
        StepClock clock,
        List<String> amounts,
        StepTime written,
        @Nullable StepGear gear) {

    public DayStep {
        amounts = List.copyOf(amounts);
    }

    public DayStep(String text, StepTime time, int loads, StepClock clock, List<String> amounts, StepTime written) {
        this(text, time, loads, clock, amounts, written, null);
    }

    public DayStep(String text, StepTime time) {
        this(text, time, 1, StepClock.NONE, List.of(), time);
    }

    /** As its text says: "brown the mince in 3 loads, 8 minutes each". */
    public static DayStep of(String text) {
        return of(text, StepTime.read(text));
    }

    /** The same of a step that takes so long in all. */
    public static DayStep of(String text, StepTime all) {
        int loads = StepLoads.of(text);
        StepTime one = all.load(loads);
        return new DayStep(text, one, loads, StepClock.NONE, List.of(), one);
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
