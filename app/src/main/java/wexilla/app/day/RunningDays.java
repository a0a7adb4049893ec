package wexilla.app.day;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BiFunction;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import wexilla.app.platform.Act;
import wexilla.app.platform.Acts;
import wexilla.app.platform.Acts.Said;
import wexilla.app.platform.Problem;
import wexilla.core.clock.DayPlan;
import wexilla.core.cookday.running.DayRun;
import wexilla.core.kitchen.house.Household;
import wexilla.core.quantity.Unfit;
import wexilla.core.quantity.text.CookWords;

/** Cook days that run: begun, changed event by event, closed. One state for all devices; each event is an act with its undo. */
@Component
public class RunningDays {

    private final DayRows rows;
    private final DayTimers timers;
    private final Acts acts;
    private final Clock clock;

    RunningDays(DayRows rows, DayTimers timers, Acts acts, Clock clock) {
        this.rows = rows;
        this.timers = timers;
        this.acts = acts;
        this.clock = clock;
    }

    Optional<DayRows.Stored> open(Household household, LocalDate day) {
        return rows.open(household, day);
    }

    Optional<DayRows.Stored> find(Household household, UUID id) {
        return rows.find(household, id);
    }

    List<LocalDate> openDays(Household household) {
        return rows.openDays(household);
    }

    List<DayTimers.Timer> timers(Household household, UUID day) {
        return timers.running(household, day);
    }

    /** A timer that runs or rings on any open day. @param dish it belongs to; empty for one the cook set */
    public record Ringing(UUID id, String words, String dish, Instant due) {}

    public List<Ringing> ringing(Household household) {
        return timers.ringing(household);
    }

    Instant now() {
        return clock.instant();
    }

    /** Whole minutes since a day began; below nothing before it does. */
    static int minute(DayRows.Stored stored, Instant now) {
        return Math.toIntExact(Math.floorDiv(ChronoUnit.SECONDS.between(stored.begins(), now), 60));
    }

    /** @param plan what is planned for it, when it is begun at an instant */
    Said begin(Household household, String key, Object request, LocalDate day, Function<Instant, Begun> plan) {
        return acts.say(
                household,
                key,
                "cook-day",
                request,
                at -> {
                    rows.open(household, day).ifPresent(open -> {
                        throw Problem.at("/day", "The cook day of " + Household.words(day) + " runs already.");
                    });
                    return plan.apply(at);
                },
                (act, begun) -> {
                    begin(act, day, begun);
                    return "Cook day of " + Household.words(day) + " begun: "
                            + CookWords.counted(begun.plan().starts().size(), "task");
                });
    }

    /** @return the id of the day, which runs from now on */
    public UUID begin(Act act, LocalDate day, Begun begun) {
        UUID id = act.newId();
        save(act, null, new DayRows.Stored(id, day, begun.begins(), 1, true, DayRun.of(begun.plan())));
        return id;
    }

    /** @param begins the instant of the first minute of its plan */
    public record Begun(Instant begins, DayPlan plan) {}

    /** How a day that runs is now. */
    public DayRun run(Household household, UUID id) {
        return running(household, id).run();
    }

    /**
     * Something that happens on a day; said later than it happened, what is left is planned from now on.
     *
     * @param event the run and the minute it is; @return the words of the act
     */
    Said happens(
            Household household,
            String key,
            UUID id,
            Object request,
            BiFunction<DayRun, Integer, DayRun> event,
            Function<DayRun, String> words) {
        return acts.say(
                household,
                key,
                "cook-day-event",
                List.of(id, request),
                at -> event(running(household, id), event, at, clock.instant()),
                (act, happened) -> {
                    save(act, happened.before(), happened.after());
                    return words.apply(happened.after().run());
                });
    }

    /** Something that happens on a day, as part of an act that is said at once. @return the day after it */
    public DayRun happens(Act act, UUID id, BiFunction<DayRun, Integer, DayRun> event) {
        Event happened = event(running(act.household(), id), event, act.happenedAt(), act.happenedAt());
        save(act, happened.before(), happened.after());
        return happened.after().run();
    }

    /** A day before and after something that happens on it. */
    private record Event(DayRows.Stored before, DayRows.Stored after) {}

    /** Something that happened at an instant and was said later; nothing is written. */
    private static Event event(
            DayRows.Stored stored, BiFunction<DayRun, Integer, DayRun> event, Instant happened, Instant said) {
        int then = Math.max(0, minute(stored, happened));
        int now = minute(stored, said);
        DayRun next;
        try {
            next = event.apply(stored.run(), then);
        } catch (Unfit not) {
            throw Problem.at("", sentence(String.valueOf(not.getMessage())));
        }
        DayRun planned = now > then ? next.again(now) : next;
        return new Event(
                stored,
                new DayRows.Stored(stored.id(), stored.day(), stored.begins(), stored.version(), true, planned));
    }

    private static String sentence(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1) + ".";
    }

    /** Nothing of it is left to do, or is not done any more. */
    Said close(Household household, String key, UUID id) {
        return acts.say(household, key, "cook-day-close", id, act -> {
            DayRows.Stored stored = running(household, id);
            save(
                    act,
                    stored,
                    new DayRows.Stored(id, stored.day(), stored.begins(), stored.version(), false, stored.run()));
            return "Cook day of " + Household.words(stored.day()) + " closed";
        });
    }

    Said timer(Household household, String key, UUID id, Object request, String words, int minutes) {
        return acts.say(household, key, "cook-timer", List.of(id, request), act -> {
            running(household, id);
            timers.set(act, id, words, minutes);
            return "Timer: " + words + ", " + CookWords.minutes(minutes);
        });
    }

    Said heard(Household household, String key, UUID id, UUID timer) {
        return acts.say(household, key, "cook-timer-stop", List.of(id, timer), act -> {
            running(household, id);
            return "Heard: " + timers.stop(act, id, timer);
        });
    }

    private DayRows.Stored running(Household household, UUID id) {
        return rows.find(household, id)
                .filter(DayRows.Stored::open)
                .orElseThrow(() -> Problem.missing("There is no such cook day, or it is closed."));
    }

    private void save(Act act, DayRows.@Nullable Stored before, DayRows.Stored stored) {
        rows.save(act, before, stored);
        timers.follow(act, before, stored);
    }

    /** When a minute of a day is. */
    static Instant at(DayRows.Stored stored, int minute) {
        return stored.begins().plus(Duration.ofMinutes(minute));
    }
}
