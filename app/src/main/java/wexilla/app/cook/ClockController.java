package wexilla.app.cook;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.household.Equipped;
import wexilla.app.household.People;
import wexilla.app.onhand.Snapshot;
import wexilla.app.onhand.Snapshots;
import wexilla.app.platform.Household;
import wexilla.app.platform.Problem;
import wexilla.core.cookday.CookDay;
import wexilla.core.cookday.CookDay.Pot;
import wexilla.core.cookday.DayDishes;
import wexilla.core.cookday.DayPlan;
import wexilla.core.cookday.DayProblem;
import wexilla.core.cookday.DayProblem.Gear;
import wexilla.core.cookday.DayProblem.Person;
import wexilla.core.cookday.DayProblem.Window;
import wexilla.core.cookday.DayTasks;
import wexilla.core.cookday.DayTimeline;
import wexilla.core.cookday.DayWhy;
import wexilla.core.people.Appetite;

/** The counter clock: everything of a cook day on one clock, for hands, flames, ovens and cold. */
@RestController
class ClockController {

    private static final int MOST_PEOPLE = 4;
    private static final long SEED = 1;
    private static final long EFFORT = 12_000;
    private static final long LESS = 1_500;
    private static final long MILLIS = 400;
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("yyyy-MM-dd'T'HH:mm");

    private final Batches batches;
    private final DayBefore dayBefore;
    private final Equipped equipped;
    private final People people;
    private final Snapshots snapshots;

    ClockController(Batches batches, DayBefore dayBefore, Equipped equipped, People people, Snapshots snapshots) {
        this.batches = batches;
        this.dayBefore = dayBefore;
        this.equipped = equipped;
        this.people = people;
        this.snapshots = snapshots;
    }

    /**
     * One thing on the clock.
     *
     * @param from minutes since the begin of the day, {@code to} minutes
     * @param lanes which lanes it lies on, by place
     * @param celsius of the oven; absent without one
     */
    record ClockTask(
            String dish,
            String text,
            String start,
            String end,
            int from,
            int to,
            boolean hands,
            List<Integer> lanes,
            @Nullable Integer celsius,
            String why) {}

    /** @param kind hands, burner, rack, slow_cooker, pressure_cooker, hot_air or cooling */
    record ClockLane(String name, String kind) {}

    record EarlierView(String what, int minutes) {}

    /**
     * @param minutes of the whole day, {@code handsMin} until the hands are free
     * @param handsFree ISO date and time: off your feet; {@code cold} bagged and cold
     * @param cooks who could cook, {@code people} how many do
     * @param impossible why there is no plan; empty when there is one
     */
    record ClockView(
            String day,
            String begin,
            String handsFree,
            String cold,
            int minutes,
            int handsMin,
            int people,
            List<String> cooks,
            List<ClockLane> lanes,
            List<ClockTask> tasks,
            List<EarlierView> earlier,
            List<String> warnings,
            String impossible) {}

    @GetMapping("/api/cookday/clock")
    ClockView clock(
            Household household,
            @RequestParam(required = false) @Nullable String day,
            @RequestParam(required = false) @Nullable String begin,
            @RequestParam(required = false) @Nullable String doneBy,
            @RequestParam(defaultValue = "1") int people) {
        Snapshot now = snapshots.of(household);
        LocalDate on = day == null ? now.today() : day(day);
        if (people < 1 || people > MOST_PEOPLE) {
            throw Problem.at("/people", "From 1 to " + MOST_PEOPLE + " people cook, not " + people + ".");
        }
        List<Pot> pots = pots(now, on);
        CookDay cookDay = CookDay.of(pots, household.measures());
        DayDishes dishes = DayDishes.of(pots, cookDay.preparations(), dayBefore.joints(now, on));
        List<String> cooks = cooks(household);
        DayTasks.Made made = DayTasks.of(dishes.dishes(), dishes.once(), who(cooks, people), equipped.gear(household));
        long until = System.nanoTime() + MILLIS * 1_000_000;
        DayTimeline found = DayTimeline.of(made, SEED, EFFORT, () -> System.nanoTime() > until)
                .orElse(null);
        if (found == null) {
            return new ClockView(
                    on.toString(),
                    "",
                    "",
                    "",
                    0,
                    0,
                    people,
                    cooks,
                    List.of(),
                    List.of(),
                    List.of(),
                    made.missing(),
                    "These steps cannot follow each other as soon as they must with what is there: leave a dish out.");
        }
        long more = System.nanoTime() + MILLIS * 1_000_000;
        List<EarlierView> earlier = found.earlier(SEED, LESS, () -> System.nanoTime() > more).stream()
                .map(one -> new EarlierView(one.what(), one.minutes()))
                .toList();
        return view(found, begins(on, begin, doneBy, found.plan()), new Asked(on.toString(), people, cooks), earlier);
    }

    private record Asked(String day, int people, List<String> cooks) {}

    private List<Pot> pots(Snapshot now, LocalDate on) {
        List<Pot> pots = new ArrayList<>();
        for (Batches.Batch batch : batches.withRecipes(now, batches.named(now, List.of(), on, on))) {
            batch.sized(now.household().measures())
                    .ifPresent(sized -> pots.add(new Pot(batch.id().toString(), sized, batch.style())));
        }
        return pots;
    }

    /** Those who are big enough, in the order they were written down. */
    private List<String> cooks(Household household) {
        return people.active(household).stream()
                .filter(person -> person.appetite() == Appetite.ADULT || person.appetite() == Appetite.TEENAGER)
                .map(People.Person::name)
                .toList();
    }

    private static List<Person> who(List<String> cooks, int people) {
        List<Person> who = new ArrayList<>();
        for (int i = 0; i < people; i++) {
            String name = i < cooks.size() ? cooks.get(i) : "cook " + (i + 1);
            who.add(new Person(name, List.of(new Window(0, DayProblem.NEVER))));
        }
        return who;
    }

    private static LocalDateTime begins(LocalDate on, @Nullable String begin, @Nullable String doneBy, DayPlan plan) {
        if (doneBy != null && !doneBy.isBlank()) {
            return on.atTime(time("/doneBy", doneBy)).minusMinutes(plan.handsFree());
        }
        return on.atTime(begin == null || begin.isBlank() ? CookDay.BEGIN : time("/begin", begin));
    }

    private static LocalDate day(String text) {
        try {
            return LocalDate.parse(text);
        } catch (DateTimeParseException unreadable) {
            throw Problem.at("/day", "“" + text + "” is no day; write it like 2026-11-28.");
        }
    }

    private static LocalTime time(String field, String text) {
        try {
            return LocalTime.parse(text.strip());
        } catch (DateTimeParseException unreadable) {
            throw Problem.at(field, "“" + text + "” is no time; write it like 14:00.");
        }
    }

    private static ClockView view(DayTimeline found, LocalDateTime begin, Asked asked, List<EarlierView> earlier) {
        DayPlan plan = found.plan();
        List<ClockLane> lanes = new ArrayList<>();
        plan.problem().people().forEach(person -> lanes.add(new ClockLane(person.name(), "hands")));
        int[] laneOf = new int[plan.problem().gear().size()];
        for (int i = 0; i < laneOf.length; i++) {
            int held = i;
            boolean used = plan.gear().stream().anyMatch(own -> own.contains(held));
            laneOf[i] = used ? lanes.size() : -1;
            if (used) {
                Gear gear = plan.problem().gear().get(i);
                lanes.add(new ClockLane(gear.name(), gear.kind().name().toLowerCase(Locale.ROOT)));
            }
        }
        int[] besides = besides(plan, lanes);
        List<ClockTask> tasks = plan.byClock().stream()
                .map(job -> task(plan, job, begin, laneOf, besides))
                .toList();
        return new ClockView(
                asked.day(),
                TIME.format(begin),
                TIME.format(begin.plusMinutes(plan.handsFree())),
                TIME.format(begin.plusMinutes(plan.end())),
                plan.end(),
                plan.handsFree(),
                asked.people(),
                asked.cooks(),
                lanes,
                tasks,
                earlier,
                found.warnings(),
                "");
    }

    /** What goes on by itself and holds nothing lies beside each other: cooling, soaking, resting. */
    private static int[] besides(DayPlan plan, List<ClockLane> lanes) {
        int[] lane = new int[plan.starts().size()];
        List<Integer> freeFrom = new ArrayList<>();
        int first = lanes.size();
        for (int job : plan.byClock()) {
            if (plan.people().get(job) >= 0 || !plan.gear().get(job).isEmpty()) {
                continue;
            }
            int at = 0;
            while (at < freeFrom.size() && freeFrom.get(at) > plan.start(job)) {
                at++;
            }
            if (at == freeFrom.size()) {
                freeFrom.add(0);
                lanes.add(new ClockLane(at == 0 ? "cools or rests" : "cools or rests " + (at + 1), "cooling"));
            }
            freeFrom.set(at, plan.end(job));
            lane[job] = first + at;
        }
        return lane;
    }

    private static ClockTask task(DayPlan plan, int job, LocalDateTime begin, int[] laneOf, int[] besides) {
        DayProblem.Job one = plan.problem().jobs().get(job);
        List<Integer> lanes = new ArrayList<>();
        if (plan.people().get(job) >= 0) {
            lanes.add(plan.people().get(job));
        }
        plan.gear().get(job).forEach(held -> lanes.add(laneOf[held]));
        if (lanes.isEmpty()) {
            lanes.add(besides[job]);
        }
        int celsius = one.settings().get(plan.settings().get(job)).celsius();
        return new ClockTask(
                one.dish(),
                one.text(),
                TIME.format(begin.plusMinutes(plan.start(job))),
                TIME.format(begin.plusMinutes(plan.end(job))),
                plan.start(job),
                plan.end(job),
                one.hands(),
                lanes,
                celsius == 0 ? null : Integer.valueOf(celsius),
                DayWhy.of(plan, job));
    }
}
