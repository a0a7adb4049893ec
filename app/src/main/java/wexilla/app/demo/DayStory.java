package wexilla.app.demo;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;
import wexilla.app.day.DayPlans;
import wexilla.app.day.RunningDays;
import wexilla.app.demo.Script.RunScript;
import wexilla.app.onhand.Snapshots;
import wexilla.app.platform.Acts;
import wexilla.core.cookday.running.DayRun;
import wexilla.core.cookday.running.DayTask.State;
import wexilla.core.kitchen.house.Household;

/** The cook day of the demo household that is under way: begun a while ago, and on time ever since. */
@Component
class DayStory {

    private final RunningDays running;
    private final DayPlans plans;
    private final Snapshots snapshots;
    private final Acts acts;

    DayStory(RunningDays running, DayPlans plans, Snapshots snapshots, Acts acts) {
        this.running = running;
        this.plans = plans;
        this.snapshots = snapshots;
        this.acts = acts;
    }

    void run(Household household, RunScript script, Instant now) {
        Instant begins = now.minus(Duration.ofMinutes(script.minutesAgo()));
        LocalDate day = household.dayOf(now);
        UUID id = acts.perform(household, Story.key(), "cook-day", script, UUID.class, begins, act -> {
            UUID made = running.begin(act, day, plans.from(snapshots.of(household), day, begins, script.hands()));
            return new Acts.Done<>("Cook day of " + Household.words(day) + " begun", made);
        });
        for (Optional<Step> next = next(household, id); next.isPresent(); next = next(household, id)) {
            Step step = next.orElseThrow();
            if (step.minute() > script.minutesAgo()) {
                return;
            }
            Instant when = begins.plus(Duration.ofMinutes(step.minute()));
            acts.perform(household, Story.key(), "cook-day-event", step, String.class, when, act -> {
                running.happens(
                        act,
                        id,
                        (run, minute) -> step.begin() ? run.begin(step.job(), minute) : run.done(step.job(), minute));
                return new Acts.Done<>((step.begin() ? "Begun: " : "Done: ") + step.words(), "");
            });
        }
    }

    /** @param begin whether it begins then, or is done */
    private record Step(int job, boolean begin, int minute, String words) {}

    /** What is to begin or to end first, as planned. */
    private Optional<Step> next(Household household, UUID id) {
        DayRun run = running.run(household, id);
        return IntStream.range(0, run.tasks().size())
                .mapToObj(job -> {
                    boolean begin = run.tasks().get(job).state() == State.TO_DO;
                    int minute = begin
                            ? run.tasks().get(job).start()
                            : run.tasks().get(job).end();
                    String dish = run.day().jobs().get(job).dish();
                    return new Step(
                            job,
                            begin,
                            minute,
                            dish + ": " + run.day().jobs().get(job).text());
                })
                .filter(step -> run.tasks().get(step.job()).state() == State.TO_DO
                        || run.tasks().get(step.job()).state() == State.BEGUN)
                .min(Comparator.comparing(Step::minute).thenComparing(Step::begin));
    }
}
