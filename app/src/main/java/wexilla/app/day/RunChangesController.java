package wexilla.app.day;

import java.util.List;
import java.util.UUID;
import java.util.function.BiFunction;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.devices.KitchenProbe;
import wexilla.app.onhand.Snapshot;
import wexilla.app.onhand.Snapshots;
import wexilla.app.platform.Acts.Said;
import wexilla.app.platform.Problem;
import wexilla.core.clock.DayProblem.Job;
import wexilla.core.cookday.CookDay.Pot;
import wexilla.core.cookday.DayProbe;
import wexilla.core.cookday.running.DayChange;
import wexilla.core.cookday.running.DayRun;
import wexilla.core.kitchen.house.Household;
import wexilla.core.quantity.KitchenMeasure;
import wexilla.core.quantity.text.CookWords;
import wexilla.core.quantity.text.HeatWords;

/** What happens around a running cook day: who comes and goes, what fails, dishes more or less, timers, its end. */
@RestController
class RunChangesController {

    private final RunningDays running;
    private final DayBuild build;
    private final Snapshots snapshots;
    private final KitchenProbe probe;

    RunChangesController(RunningDays running, DayBuild build, Snapshots snapshots, KitchenProbe probe) {
        this.running = running;
        this.build = build;
        this.snapshots = snapshots;
        this.probe = probe;
    }

    /** @param tenths of a degree Celsius; @param good whether it is reached, or cools in time */
    record ProbeView(int tenths, String words, boolean good) {}

    /** What the probe says, stuck into the food of a task. */
    @GetMapping("/api/cookday/run/{id}/probe")
    ProbeView probe(Household household, @PathVariable UUID id, @RequestParam(defaultValue = "0") int pos) {
        DayRows.Stored stored = running.find(household, id)
                .orElseThrow(() -> Problem.missing("There is no such cook day, or it is closed."));
        if (pos < 0 || pos >= stored.run().tasks().size()) {
            throw Problem.at("/pos", "There is no task " + pos + " on this day.");
        }
        int tenths = probe.tenths(household.id());
        int since = RunningDays.minute(stored, running.now())
                - stored.run().tasks().get(pos).start();
        DayProbe said = DayProbe.of(stored.run().day().jobs().get(pos), since, tenths);
        boolean fahrenheit = household.system() == KitchenMeasure.System.US;
        return new ProbeView(tenths, HeatWords.in(said.words(), fahrenheit), said.good());
    }

    /** What happens to who is there. */
    enum HandsEvent {
        AWAY,
        GOES,
        COMES
    }

    /** @param name whose hands; absent for everybody, who rests; {@code minutes} away, or that somebody helps */
    record HandsInput(
            HandsEvent what,
            @Nullable String name,
            @Nullable Integer minutes) {}

    @PostMapping("/api/cookday/run/{id}/hands")
    Said hands(
            Household household,
            @PathVariable UUID id,
            @RequestHeader("Idempotency-Key") String key,
            @RequestBody HandsInput input) {
        String name = input.name() == null ? "" : input.name().strip();
        BiFunction<DayRun, Integer, DayRun> event = (run, now) -> switch (input.what()) {
            case AWAY ->
                DayChange.away(
                        run, name.isEmpty() ? -1 : person(run, name), RunController.minutes(input.minutes()), now);
            case GOES -> DayChange.goes(run, person(run, name), now);
            case COMES -> {
                boolean known =
                        run.day().people().stream().anyMatch(one -> one.name().equals(name));
                if (name.isEmpty() || name.length() > 60) {
                    throw Problem.at("/name", "Say who helps, in 1 to 60 letters.");
                }
                if (!known && run.day().people().size() >= CookHands.MOST_PEOPLE) {
                    throw Problem.at("/name", "At most " + CookHands.MOST_PEOPLE + " people cook on one day.");
                }
                yield DayChange.comes(run, name, now, RunController.minutes(input.minutes()));
            }
        };
        String who = name.isEmpty() ? "everybody" : name;
        String words = switch (input.what()) {
            case AWAY -> who + " is away for " + CookWords.minutes(RunController.minutes(input.minutes()));
            case GOES -> who + " goes";
            case COMES -> who + " helps for " + CookWords.minutes(RunController.minutes(input.minutes()));
        };
        return running.happens(household, key, id, input, event, run -> words);
    }

    private static int person(DayRun run, String name) {
        for (int i = 0; i < run.day().people().size(); i++) {
            if (run.day().people().get(i).name().equals(name)) {
                return i;
            }
        }
        throw Problem.at("/name", "“" + name + "” does not cook on this day.");
    }

    /** @param gear place of what fails */
    record FailsInput(int gear) {}

    @PostMapping("/api/cookday/run/{id}/fails")
    Said fails(
            Household household,
            @PathVariable UUID id,
            @RequestHeader("Idempotency-Key") String key,
            @RequestBody FailsInput input) {
        BiFunction<DayRun, Integer, DayRun> event = (run, now) -> {
            if (input.gear() < 0 || input.gear() >= run.day().gear().size()) {
                throw Problem.at("/gear", "There is no such thing to cook with on this day.");
            }
            return DayChange.fails(run, input.gear(), now);
        };
        return running.happens(
                household,
                key,
                id,
                input,
                event,
                run -> "Out of order: " + run.day().gear().get(input.gear()).name());
    }

    /**
     * @param drop what is not cooked after all, by what its tasks are of, or its name
     * @param add the batch that is cooked, too; one of them
     */
    record RunDishInput(@Nullable String drop, @Nullable UUID add) {}

    @PostMapping("/api/cookday/run/{id}/dish")
    Said dish(
            Household household,
            @PathVariable UUID id,
            @RequestHeader("Idempotency-Key") String key,
            @RequestBody RunDishInput input) {
        if ((input.drop() == null) == (input.add() == null)) {
            throw Problem.at("/drop", "Say which dish is dropped, or which batch is added.");
        }
        String drop = input.drop();
        if (drop != null) {
            return running.happens(
                    household,
                    key,
                    id,
                    input,
                    (run, now) -> run.drop(which(run, drop), now),
                    run -> "Not cooked after all: "
                            + run.day().jobs().stream()
                                    .filter(job -> job.is(drop))
                                    .map(Job::dish)
                                    .findFirst()
                                    .orElse(drop));
        }
        Snapshot now = snapshots.of(household);
        Pot pot = running.find(household, id).stream()
                .flatMap(stored -> build.pots(now, stored.day()).stream())
                .filter(one -> one.id().equals(String.valueOf(input.add())))
                .findFirst()
                .orElseThrow(() -> Problem.at("/add", "This batch is not planned for this day."));
        return running.happens(
                household,
                key,
                id,
                input,
                (run, minute) -> run.add(
                        build.of(now, List.of(pot), List.of(), run.day().people())
                                .problem(),
                        minute),
                run -> "Cooked, too: " + pot.sized().recipe().title());
    }

    /** What is meant by an id, or by a name nothing else of the day has. */
    private static String which(DayRun run, String said) {
        List<Job> jobs = run.day().jobs();
        return jobs.stream().anyMatch(job -> job.is(said))
                ? said
                : jobs.stream()
                        .filter(job -> job.dish().equals(said))
                        .map(Job::key)
                        .findFirst()
                        .orElse(said);
    }

    /** @param words what it is for, {@code minutes} from now; or {@code heard} the timer that was heard */
    record TimerInput(
            @Nullable String words,
            @Nullable Integer minutes,
            @Nullable UUID heard) {}

    @PostMapping("/api/cookday/run/{id}/timer")
    Said timer(
            Household household,
            @PathVariable UUID id,
            @RequestHeader("Idempotency-Key") String key,
            @RequestBody TimerInput input) {
        if (input.heard() != null) {
            return running.heard(household, key, id, input.heard());
        }
        String words = input.words() == null ? "" : input.words().strip();
        if (words.isEmpty() || words.length() > 80) {
            throw Problem.at("/words", "Say what the timer is for, in 1 to 80 letters.");
        }
        return running.timer(household, key, id, input, words, RunController.minutes(input.minutes()));
    }

    @PostMapping("/api/cookday/run/{id}/close")
    Said close(Household household, @PathVariable UUID id, @RequestHeader("Idempotency-Key") String key) {
        return running.close(household, key, id);
    }
}
