package wexilla.app.day;

import io.swagger.v3.oas.annotations.Hidden;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BiFunction;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import wexilla.app.day.RunViews.RunDish;
import wexilla.app.day.RunViews.RunView;
import wexilla.app.onhand.Snapshot;
import wexilla.app.onhand.Snapshots;
import wexilla.app.platform.Acts.Said;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.core.clock.DayProblem;
import wexilla.core.clock.DayProblem.Kind;
import wexilla.core.cookday.CookDay.Pot;
import wexilla.core.cookday.running.DayChange;
import wexilla.core.cookday.running.DayRun;
import wexilla.core.kitchen.house.Household;

/** The cook day while it runs, on every device at once: begun, and what happens to its tasks. */
@RestController
class RunController {

    private static final int MOST_MINUTES = 24 * 60;

    private final RunningDays running;
    private final DayPlans plans;
    private final DayBuild build;
    private final DayStream stream;
    private final Snapshots snapshots;

    RunController(RunningDays running, DayPlans plans, DayBuild build, DayStream stream, Snapshots snapshots) {
        this.running = running;
        this.plans = plans;
        this.build = build;
        this.stream = stream;
        this.snapshots = snapshots;
    }

    /** @param day absent for the open one, or today */
    @GetMapping("/api/cookday/run")
    RunView run(Household household, @RequestParam(required = false) @Nullable String day) {
        Snapshot now = snapshots.of(household);
        List<LocalDate> open = running.openDays(household);
        LocalDate on = day != null
                ? ClockController.day(day)
                : open.contains(now.today()) || open.isEmpty() ? now.today() : open.get(open.size() - 1);
        List<String> days = open.stream().map(LocalDate::toString).toList();
        return running.open(household, on)
                .map(stored -> {
                    List<Pot> pots = build.pots(now, stored.day());
                    return RunViews.of(
                            household,
                            stored,
                            running.timers(household, stored.id()),
                            running.now(),
                            could(pots, stored),
                            cooked(pots, stored),
                            days);
                })
                .orElseGet(() -> RunViews.none(on.toString(), running.now(), days));
    }

    /** Batches of the day that were put on it after it began. */
    private static List<RunDish> could(List<Pot> pots, DayRows.Stored stored) {
        return pots.stream()
                .filter(pot -> stored.run().day().jobs().stream().noneMatch(job -> job.is(pot.id())))
                .map(pot -> new RunDish(pot.id(), pot.sized().recipe().title()))
                .toList();
    }

    /** Batches that are off the heat, and planned still: nobody wrote down what came out. */
    private static List<String> cooked(List<Pot> pots, DayRows.Stored stored) {
        return pots.stream()
                .filter(pot -> stored.run().cooked(pot.id()))
                .map(Pot::id)
                .toList();
    }

    /** Tells "changed" whenever something was done in this kitchen. */
    @Hidden
    @GetMapping(path = "/api/cookday/run/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter events(Household household) {
        return stream.open(household);
    }

    /**
     * @param begin and {@code doneBy} local times; both absent to begin now
     * @param hands who cooks, as on the clock; empty for the first who could
     * @param breaks as on the clock
     */
    record RunInput(
            String day,
            @Nullable String begin,
            @Nullable String doneBy,
            @Nullable List<String> hands,
            @Nullable List<String> breaks) {}

    @PostMapping("/api/cookday/run")
    Said begin(Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody RunInput input) {
        LocalDate day = ClockController.day(input.day());
        return running.begin(household, key, input, day, at -> {
            Snapshot now = snapshots.of(household);
            boolean atOnce = blank(input.begin())
                    && blank(input.doneBy())
                    && day.equals(at.atZone(household.zone()).toLocalDate());
            String begin = atOnce ? household.timeOf(at).substring(11) : input.begin();
            List<String> hands = ClockController.named(input.hands(), 1, build.cooks(household));
            CookHands asked = CookHands.read(day, begin, input.doneBy(), hands, input.breaks());
            DayPlans.Planned planned = plans.of(now, asked);
            if (planned.found() == null) {
                throw Problem.at("/day", ClockController.IMPOSSIBLE);
            }
            if (planned.found().plan().starts().isEmpty()) {
                throw Problem.at("/day", "Nothing is put on " + Household.words(day) + " to cook.");
            }
            return new RunningDays.Begun(planned.begins(), planned.found().plan());
        });
    }

    private static boolean blank(@Nullable String text) {
        return text == null || text.isBlank();
    }

    /** What happens to one task. */
    enum TaskEvent {
        BEGIN,
        DONE,
        LONGER,
        LEAVE_OUT,
        HERE,
        MOVE,
        INSTEAD
    }

    /**
     * @param pos place of the task
     * @param minutes longer, or that it takes instead; from 1 to a day
     * @param at local date and time it is moved to
     * @param kind what it is cooked on instead; absent for nothing
     * @param words what it is called then, to 120 letters; absent as before
     */
    record TaskInput(
            int pos,
            TaskEvent what,
            @Nullable Integer minutes,
            @Nullable String at,
            @Nullable Kind kind,
            @Nullable String words) {}

    @PostMapping("/api/cookday/run/{id}/task")
    Said task(
            Household household,
            @PathVariable UUID id,
            @RequestHeader("Idempotency-Key") String key,
            @RequestBody TaskInput input) {
        BiFunction<DayRun, Integer, DayRun> event = (run, now) -> {
            if (input.pos() < 0 || input.pos() >= run.tasks().size()) {
                throw Problem.at("/pos", "There is no task " + input.pos() + " on this day.");
            }
            return switch (input.what()) {
                case BEGIN -> run.begin(input.pos(), now);
                case DONE -> run.done(input.pos(), now);
                case LONGER -> run.longer(input.pos(), minutes(input.minutes()), now);
                case LEAVE_OUT -> run.leaveOut(input.pos(), now);
                case HERE -> run.here(input.pos(), now);
                case MOVE -> run.move(input.pos(), minute(household, id, input.at()), now);
                case INSTEAD ->
                    DayChange.instead(
                            run,
                            input.pos(),
                            Optional.ofNullable(input.kind()),
                            Optional.ofNullable(input.words()).map(words -> Asked.name("/words", words, 120)),
                            minutes(input.minutes()),
                            now);
            };
        };
        return running.happens(household, key, id, input, event, run -> words(input, run));
    }

    private static String words(TaskInput input, DayRun run) {
        DayProblem.Job job = run.day().jobs().get(input.pos());
        String what = job.dish() + ": " + (job.text().length() > 60 ? job.text().substring(0, 58) + " …" : job.text());
        return switch (input.what()) {
            case BEGIN -> "Begun: " + what;
            case DONE -> "Done: " + what;
            case LONGER -> input.minutes() + " min longer: " + what;
            case LEAVE_OUT -> "Left out: " + what;
            case HERE -> "Here now: " + what;
            case MOVE -> "Moved: " + what;
            case INSTEAD -> "In another way: " + what;
        };
    }

    static int minutes(@Nullable Integer minutes) {
        if (minutes == null || minutes < 1 || minutes > MOST_MINUTES) {
            throw Problem.at("/minutes", "Say from 1 to " + MOST_MINUTES + " minutes, not " + minutes + ".");
        }
        return minutes;
    }

    private int minute(Household household, UUID id, @Nullable String at) {
        try {
            LocalDateTime local = LocalDateTime.parse(String.valueOf(at));
            return running.find(household, id)
                    .map(stored -> Duration.between(
                                    stored.begins(),
                                    local.atZone(household.zone()).toInstant())
                            .toMinutes())
                    .filter(minute -> minute >= 0 && minute <= 3L * MOST_MINUTES)
                    .map(Math::toIntExact)
                    .orElseThrow(() -> Problem.at("/at", at + " is not on this cook day."));
        } catch (DateTimeParseException unreadable) {
            throw Problem.at("/at", "“" + at + "” is no time; write it like 2026-11-28T14:00.");
        }
    }
}
