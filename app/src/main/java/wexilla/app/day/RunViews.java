package wexilla.app.day;

import java.time.Instant;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import wexilla.core.clock.DayProblem.Gear;
import wexilla.core.clock.DayProblem.Kind;
import wexilla.core.cookday.running.DayNow;
import wexilla.core.cookday.running.DayRest;
import wexilla.core.cookday.running.DayRun;
import wexilla.core.cookday.running.DaySaves;
import wexilla.core.cookday.running.DayTask;
import wexilla.core.kitchen.house.Household;
import wexilla.core.quantity.KitchenMeasure;
import wexilla.core.quantity.text.HeatWords;

/** A running cook day as a kitchen sees it: what hands do now, what comes next, what rings. */
final class RunViews {

    private RunViews() {}

    /**
     * @param now place of what her hands do now; absent for nothing, {@code next} of what comes then
     * @param free minutes nothing needs her
     * @param ready whether what comes next could begin now
     */
    record RunHands(
            int pos,
            String name,
            boolean there,
            @Nullable Integer now,
            @Nullable Integer next,
            int free,
            boolean ready) {}

    /** @param due milliseconds since 1970, by the clock of the server */
    record RunTimer(String id, @Nullable Integer task, String words, String dish, long due) {}

    /**
     * One tap that saves what waits.
     *
     * @param pos place of the task, {@code of} what its dish is found by
     * @param kind what it is cooked on then; absent for nothing
     * @param drop whether the dish is left for another day
     */
    record RunSave(
            int pos, String of, String words, @Nullable Kind kind, int minutes, boolean drop) {}

    /** @param failed whether nothing more is begun on it */
    record RunGear(int pos, String name, boolean failed) {}

    /**
     * @param id absent where no day runs
     * @param now milliseconds since 1970, by the clock of the server
     * @param offset minutes the kitchen's clock is ahead of universal time
     * @param minute since its begin
     * @param handsFree ISO date and time: off your feet; {@code cold} bagged and cold
     * @param toBegin places of what goes on by itself and is to be put on now; {@code toEnd} of what is to be taken off
     * @param waiting places of what waits for something that is not there
     * @param saves what can be done with them, each one tap
     * @param told what cannot be kept any more, and what to do
     * @param could batches of the day that are not on it
     * @param cooked ids of batches that are off the heat and not written down yet
     */
    record RunView(
            @Nullable String id,
            String day,
            int version,
            long now,
            int offset,
            int minute,
            String handsFree,
            String cold,
            boolean over,
            List<RunHands> hands,
            List<Integer> toBegin,
            List<Integer> toEnd,
            List<Integer> waiting,
            List<RunSave> saves,
            List<RunTimer> timers,
            List<RunGear> gear,
            List<ClockViews.ClockTask> tasks,
            List<String> told,
            List<RunDish> could,
            List<String> cooked,
            List<String> openDays) {}

    record RunDish(String batch, String name) {}

    static RunView none(String day, Instant now, List<String> openDays) {
        return new RunView(
                null,
                day,
                0,
                now.toEpochMilli(),
                0,
                0,
                "",
                "",
                false,
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                openDays);
    }

    static RunView of(
            Household household,
            DayRows.Stored stored,
            List<DayTimers.Timer> timers,
            Instant now,
            List<RunDish> could,
            List<String> cooked,
            List<String> openDays) {
        int minute = RunningDays.minute(stored, now);
        // nobody has to tap for the promise to slide
        DayRun run = DayRest.slid(stored.run(), minute);
        DayNow asks = DayNow.of(run, minute);
        List<DayTask.State> states = run.tasks().stream().map(DayTask::state).toList();
        ClockViews.Laid laid = ClockViews.of(DayRest.plan(run), states, stored.begins(), household);
        List<ClockViews.ClockTask> tasks = laid.tasks().stream()
                .sorted(java.util.Comparator.comparing(ClockViews.ClockTask::pos))
                .toList();
        List<Gear> gear = run.day().gear();
        return new RunView(
                stored.id().toString(),
                stored.day().toString(),
                stored.version(),
                now.toEpochMilli(),
                household.zone().getRules().getOffset(now).getTotalSeconds() / 60,
                minute,
                ClockViews.time(RunningDays.at(stored, run.handsFree()), household.zone()),
                ClockViews.time(RunningDays.at(stored, run.end()), household.zone()),
                run.over(),
                IntStream.range(0, asks.hands().size())
                        .mapToObj(i -> hands(i, asks.hands().get(i)))
                        .toList(),
                asks.toBegin(),
                asks.toEnd(),
                IntStream.range(0, states.size())
                        .filter(job -> states.get(job) == DayTask.State.WAITS)
                        .boxed()
                        .toList(),
                DaySaves.of(run).stream().map(save -> save(run, save)).toList(),
                timers.stream().map(timer -> timer(household, stored, timer)).toList(),
                IntStream.range(0, gear.size())
                        .mapToObj(i ->
                                new RunGear(i, gear.get(i).name(), gear.get(i).out()))
                        .toList(),
                tasks,
                run.told(),
                could,
                cooked,
                openDays);
    }

    private static RunSave save(DayRun run, DaySaves.Save save) {
        return new RunSave(
                save.job(),
                run.day().jobs().get(save.job()).key(),
                save.words(),
                save.kind().orElse(null),
                save.minutes(),
                save.drop());
    }

    private static RunHands hands(int pos, DayNow.Hands hands) {
        return new RunHands(pos, hands.name(), hands.there(), hands.now(), hands.next(), hands.free(), hands.ready());
    }

    private static RunTimer timer(Household household, DayRows.Stored stored, DayTimers.Timer timer) {
        Integer task = timer.task();
        // what the oven is set to is written down in Celsius; the words of a step stay as they were typed
        String words = timer.oven()
                ? HeatWords.in(timer.words(), household.system() == KitchenMeasure.System.US)
                : timer.words();
        String dish = task == null ? "" : stored.run().day().jobs().get(task).dish();
        return new RunTimer(
                timer.id().toString(), task, words, dish, timer.due().toEpochMilli());
    }
}
