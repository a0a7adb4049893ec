package wexilla.app.preview;

import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.core.cookday.DayPlan;
import wexilla.core.cookday.DayProblem;
import wexilla.core.cookday.DayProblem.Gear;
import wexilla.core.cookday.DayProblem.Person;
import wexilla.core.cookday.DayProblem.Window;
import wexilla.core.cookday.DayStep;
import wexilla.core.cookday.DayTasks;
import wexilla.core.cookday.DayTimeline;
import wexilla.core.cookday.DayWhy;
import wexilla.core.cookday.KitchenGear;

/** A cook day on one clock, from dishes as they are typed; stores nothing. */
@RestController
class TimelinePreview {

    private static final int MOST_DISHES = 30;
    private static final int MOST_STEPS = 40;
    private static final int MOST_PEOPLE = 4;
    private static final long EFFORT = 20_000;
    private static final long MOST_EFFORT = 200_000;
    private static final long SECONDS = 3;
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("yyyy-MM-dd'T'HH:mm");

    /** @param portions as many as it makes; 4 when nothing is said; @param kept false for what is eaten at once */
    record TimelineDish(
            String name,
            @Nullable String portions,
            List<String> steps,
            @Nullable Boolean kept) {}

    /**
     * @param begin ISO date and time when hands begin; {@code doneBy} when the last hand is to be free instead
     * @param people how many are there all the time, 1 to 4
     * @param equipment as people write it: "4 burners", "oven, 2 racks"
     * @param effort how many plans are tried; the same seed and effort give the same plan
     */
    record TimelineAsked(
            @Nullable String begin,
            @Nullable String doneBy,
            @Nullable Integer people,
            @Nullable List<String> equipment,
            List<TimelineDish> dishes,
            @Nullable Integer seed,
            @Nullable Integer effort) {}

    /** @param hands 1 where somebody is at it; @param celsius the oven's setting, absent without one */
    record TimelineTask(
            String dish,
            String text,
            String start,
            String end,
            int hands,
            @Nullable String person,
            List<String> holds,
            @Nullable Integer celsius,
            String why) {}

    /** @param handsFree ISO date and time; {@code lowerBound} before which no plan can end */
    record TimelineView(
            List<TimelineTask> tasks, String handsFree, String end, String lowerBound, List<String> warnings) {}

    @PostMapping("/api/preview/timeline")
    TimelineView timeline(@RequestBody TimelineAsked asked) {
        if (asked.dishes().isEmpty() || asked.dishes().size() > MOST_DISHES) {
            throw Problem.at(
                    "/dishes",
                    "A cook day has 1 to " + MOST_DISHES + " dishes, not "
                            + asked.dishes().size() + ".");
        }
        int people = asked.people() == null ? 1 : asked.people();
        if (people < 1 || people > MOST_PEOPLE) {
            throw Problem.at("/people", "From 1 to " + MOST_PEOPLE + " people cook, not " + people + ".");
        }
        List<String> things = asked.equipment() == null ? List.of() : asked.equipment();
        List<Gear> gear = new ArrayList<>();
        List<String> besides = new ArrayList<>();
        int ovens = 0;
        for (int i = 0; i < things.size(); i++) {
            String thing = things.get(i);
            int sofar = ovens;
            if (KitchenGear.besides(thing)) {
                besides.add("“" + thing + "” is not held by a job: no step waits for it");
                continue;
            }
            ovens += Asked.at("/equipment/" + i, () -> KitchenGear.add(gear, thing, 1, sofar));
        }
        List<DayTasks.Dish> dishes = new ArrayList<>();
        for (int i = 0; i < asked.dishes().size(); i++) {
            dishes.add(dish("/dishes/" + i, asked.dishes().get(i)));
        }
        List<Person> cooks = IntStream.rangeClosed(1, people)
                .mapToObj(i -> new Person("cook " + i, List.of(new Window(0, DayProblem.NEVER))))
                .toList();
        long effort = asked.effort() == null ? EFFORT : Math.min(MOST_EFFORT, Math.max(1, asked.effort()));
        int seed = asked.seed() == null ? 1 : asked.seed();
        long until = System.nanoTime() + SECONDS * 1_000_000_000;
        DayTimeline made = DayTimeline.of(
                        DayTasks.of(dishes, List.of(), cooks, gear), seed, effort, () -> System.nanoTime() > until)
                .orElseThrow(() -> Problem.at(
                        "/dishes", "These steps cannot follow each other as soon as they must with what is there."));
        besides.addAll(made.warnings());
        return view(made, begin(asked, made.plan()), besides);
    }

    private static DayTasks.Dish dish(String at, TimelineDish asked) {
        Asked.name(at + "/name", asked.name(), 120);
        if (asked.steps().isEmpty() || asked.steps().size() > MOST_STEPS) {
            throw Problem.at(
                    at + "/steps",
                    "A dish has 1 to " + MOST_STEPS + " steps, not "
                            + asked.steps().size() + ".");
        }
        int portions = asked.portions() == null
                ? 4
                : Asked.number(at + "/portions", asked.portions()).ceiling().intValueExact();
        if (portions < 1 || portions > 500) {
            throw Problem.at(at + "/portions", "A dish makes 1 to 500 portions, not " + portions + ".");
        }
        List<DayStep> steps = new ArrayList<>();
        for (int i = 0; i < asked.steps().size(); i++) {
            String text = Asked.name(at + "/steps/" + i, asked.steps().get(i), 500);
            steps.add(DayStep.of(text));
        }
        return new DayTasks.Dish(asked.name(), portions, steps, !Boolean.FALSE.equals(asked.kept()), List.of());
    }

    private static LocalDateTime begin(TimelineAsked asked, DayPlan plan) {
        if (asked.doneBy() != null) {
            return time("/doneBy", asked.doneBy()).minusMinutes(plan.handsFree());
        }
        if (asked.begin() == null) {
            throw Problem.at("/begin", "Say when you begin or by when you want to be done, like 2026-12-05T14:00.");
        }
        return time("/begin", asked.begin());
    }

    private static LocalDateTime time(String field, String text) {
        try {
            return LocalDateTime.parse(text.strip());
        } catch (DateTimeParseException unreadable) {
            throw Problem.at(field, "“" + text + "” is no time; write it like 2026-12-05T14:00.");
        }
    }

    private static TimelineView view(DayTimeline made, LocalDateTime begin, List<String> warnings) {
        DayPlan plan = made.plan();
        List<TimelineTask> tasks =
                plan.byClock().stream().map(job -> task(plan, job, begin)).toList();
        return new TimelineView(
                tasks,
                TIME.format(begin.plusMinutes(plan.handsFree())),
                TIME.format(begin.plusMinutes(plan.end())),
                TIME.format(begin.plusMinutes(made.least())),
                warnings);
    }

    private static TimelineTask task(DayPlan plan, int job, LocalDateTime begin) {
        DayProblem problem = plan.problem();
        int who = plan.people().get(job);
        int celsius =
                problem.jobs().get(job).settings().get(plan.settings().get(job)).celsius();
        return new TimelineTask(
                problem.jobs().get(job).dish(),
                problem.jobs().get(job).text(),
                TIME.format(begin.plusMinutes(plan.start(job))),
                TIME.format(begin.plusMinutes(plan.end(job))),
                who < 0 ? 0 : 1,
                who < 0 ? null : problem.people().get(who).name(),
                plan.gear().get(job).stream()
                        .map(held -> problem.gear().get(held).name())
                        .toList(),
                celsius == 0 ? null : Integer.valueOf(celsius),
                DayWhy.of(plan, job));
    }
}
