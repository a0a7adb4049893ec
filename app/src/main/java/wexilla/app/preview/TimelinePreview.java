package wexilla.app.preview;

import java.time.Duration;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.household.Reference;
import wexilla.app.household.Vessels;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.app.platform.Runaway;
import wexilla.core.clock.DayPlan;
import wexilla.core.clock.DayProblem;
import wexilla.core.clock.DayProblem.Gear;
import wexilla.core.clock.DayProblem.Person;
import wexilla.core.clock.DayProblem.Window;
import wexilla.core.clock.DayWhy;
import wexilla.core.cookday.DayHeat;
import wexilla.core.cookday.DayNight;
import wexilla.core.cookday.DayStep;
import wexilla.core.cookday.DayTasks;
import wexilla.core.cookday.DayTimeline;
import wexilla.core.cookday.KitchenGear;
import wexilla.core.food.Food;
import wexilla.core.food.book.HeatGuide;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.RecipeStep;
import wexilla.core.recipe.check.SafetyCheck;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.recipe.lines.ReadLine;
import wexilla.core.recipe.steps.StepTime;

/** A cook day on one clock, from dishes as they are typed; stores nothing. */
@RestController
class TimelinePreview {

    private final Reference reference;
    private final Vessels vessels;

    TimelinePreview(Reference reference, Vessels vessels) {
        this.reference = reference;
        this.vessels = vessels;
    }

    private static final int MOST_DISHES = 30;
    private static final int MOST_STEPS = 40;
    private static final int MOST_PEOPLE = 4;
    private static final int MOST_MINUTES = 7 * 24 * 60;
    private static final long EFFORT = 20_000;
    private static final long MOST_EFFORT = 200_000;
    private static final Duration RUNAWAY = Duration.ofSeconds(30);
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("yyyy-MM-dd'T'HH:mm");

    /**
     * @param portions as many as it makes; 4 when nothing is said
     * @param kept false for what is eaten at once
     * @param after names of dishes that go into it, which have to be cooked before
     * @param lines what goes in; where they are absent, by what its name and steps name
     */
    record TimelineDish(
            String name,
            @Nullable String portions,
            List<String> steps,
            @Nullable Boolean kept,
            @Nullable List<String> after,
            @Nullable List<String> lines) {}

    /** Somebody who cooks from when to when, ISO dates and times; several times for several sessions. */
    record TimelineHands(String name, String from, String to) {}

    /**
     * @param hands who is there when; with it {@code people} is not needed
     * @param begin ISO date and time when hands begin; {@code doneBy} when the last hand is to be free instead
     * @param people how many are there all the time, 1 to 4
     * @param equipment as people write it: "4 burners", "oven, 2 racks"
     * @param effort how many plans are tried; the same seed and effort give the same plan
     */
    record TimelineAsked(
            @Nullable String begin,
            @Nullable String doneBy,
            @Nullable Integer people,
            @Nullable List<TimelineHands> hands,
            @Nullable List<String> equipment,
            List<TimelineDish> dishes,
            @Nullable Integer seed,
            @Nullable Integer effort) {}

    /**
     * @param hands 1 where somebody is at it
     * @param celsius the oven's setting, absent without one
     * @param watches when somebody looks at it, ISO dates and times with what is done
     * @param caution what must not be missed; empty for nothing
     * @param core degrees Celsius to reach in the core where its heat ends rawness, absent elsewhere
     */
    record TimelineTask(
            String dish,
            String text,
            String start,
            String end,
            int hands,
            @Nullable String person,
            List<String> holds,
            @Nullable Integer celsius,
            String why,
            List<String> watches,
            String caution,
            @Nullable Integer core) {}

    /**
     * @param handsFree ISO date and time, {@code handsFreeLate} where interruptions and washing up take their part
     * @param lowerBound before which no plan can end
     */
    record TimelineView(
            List<TimelineTask> tasks,
            String handsFree,
            String handsFreeLate,
            String end,
            String lowerBound,
            List<String> warnings) {}

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
        DayHeat heat = new DayHeat(reference.heat(), reference.book(), null, vessels.pressure());
        List<DayTasks.Dish> dishes = new ArrayList<>();
        for (int i = 0; i < asked.dishes().size(); i++) {
            dishes.add(dish("/dishes/" + i, asked.dishes().get(i), asked.dishes(), heat));
            besides.addAll(mind("/dishes/" + i, asked.dishes().get(i)));
        }
        List<Person> cooks = cooks(asked, people);
        long effort = asked.effort() == null ? EFFORT : Math.min(MOST_EFFORT, Math.max(1, asked.effort()));
        int seed = asked.seed() == null ? 1 : asked.seed();
        Runaway runaway = Runaway.after(RUNAWAY);
        boolean table = asked.doneBy() != null && dishes.stream().noneMatch(DayTasks.Dish::kept);
        DayTasks.Made jobs =
                table ? DayTasks.forTable(dishes, true, cooks, gear) : DayTasks.of(dishes, List.of(), cooks, gear);
        DayTimeline made = Asked.at(
                        "/dishes",
                        () -> table
                                ? DayTimeline.late(jobs, seed, effort, runaway)
                                : DayTimeline.of(jobs, seed, effort, runaway))
                .orElseThrow(() -> Problem.at(
                        "/dishes", "These steps cannot follow each other as soon as they must with what is there."));
        besides.addAll(made.warnings());
        if (runaway.ended()) {
            besides.add("the search for a shorter day ended early");
        }
        LocalDateTime begins = begin(asked, made.plan(), table);
        besides.addAll(DayNight.heatThatEnds(made.plan(), begins));
        return view(made, dishes, begins, besides);
    }

    /** Those who are there when, or so many all the time. */
    private static List<Person> cooks(TimelineAsked asked, int people) {
        List<TimelineHands> hands = asked.hands() == null ? List.of() : asked.hands();
        if (hands.isEmpty()) {
            List<Window> up = List.of(new Window(0, DayProblem.NEVER));
            if (asked.begin() != null && asked.doneBy() == null) {
                LocalDateTime begin = time("/begin", asked.begin());
                for (DayNight.Span night : DayNight.asleep(begin)) {
                    up = DayProblem.without(up, between(begin, night.from()), between(begin, night.to()));
                }
            }
            List<Window> there = up;
            return IntStream.rangeClosed(1, people)
                    .mapToObj(i -> new Person("cook " + i, there))
                    .toList();
        }
        if (asked.begin() == null) {
            throw Problem.at("/begin", "Where hands come and go, say when the day begins, like 2026-12-05T14:00.");
        }
        LocalDateTime begin = time("/begin", asked.begin());
        Map<String, List<Window>> there = new LinkedHashMap<>();
        for (int i = 0; i < hands.size(); i++) {
            String at = "/hands/" + i;
            String name = Asked.name(at + "/name", hands.get(i).name(), 60);
            int from = minutes(at + "/from", begin, hands.get(i).from());
            int to = minutes(at + "/to", begin, hands.get(i).to());
            if (from >= to) {
                throw Problem.at(at + "/to", name + " goes before she comes.");
            }
            there.computeIfAbsent(name, own -> new ArrayList<>()).add(new Window(from, to));
        }
        if (there.size() > MOST_PEOPLE) {
            throw Problem.at("/hands", "From 1 to " + MOST_PEOPLE + " people cook, not " + there.size() + ".");
        }
        List<Person> cooks = new ArrayList<>();
        there.forEach((name, windows) -> {
            windows.sort(Comparator.comparing(Window::from));
            cooks.add(new Person(name, windows));
        });
        return cooks;
    }

    private static int between(LocalDateTime begin, LocalDateTime then) {
        return (int) Duration.between(begin, then).toMinutes();
    }

    private static int minutes(String field, LocalDateTime begin, String text) {
        long minutes = Duration.between(begin, time(field, text)).toMinutes();
        if (minutes < 0 || minutes > MOST_MINUTES) {
            throw Problem.at(field, "“" + text + "” is not within a week of the begin.");
        }
        return (int) minutes;
    }

    private DayTasks.Dish dish(String at, TimelineDish asked, List<TimelineDish> all, DayHeat heat) {
        Asked.name(at + "/name", asked.name(), 120);
        if (asked.steps().isEmpty() || asked.steps().size() > MOST_STEPS) {
            throw Problem.at(
                    at + "/steps",
                    "A dish has 1 to " + MOST_STEPS + " steps, not "
                            + asked.steps().size() + ".");
        }
        Rational portions =
                asked.portions() == null ? Rational.of(4) : Asked.number(at + "/portions", asked.portions());
        if (portions.signum() <= 0 || portions.compareTo(Rational.of(Recipe.MOST_PORTIONS)) > 0) {
            throw Problem.at(
                    at + "/portions",
                    "A dish makes at most " + Recipe.MOST_PORTIONS + " portions, not " + portions.plain() + ".");
        }
        List<ReadLine> lines = asked.lines() == null ? List.of() : lines(at, asked.lines());
        List<DayStep> steps = new ArrayList<>();
        List<RecipeStep> written = new ArrayList<>();
        for (int i = 0; i < asked.steps().size(); i++) {
            written.add(
                    new RecipeStep(Asked.name(at + "/steps/" + i, asked.steps().get(i), 500), null));
        }
        Recipe recipe =
                new Recipe(asked.name(), 4, lines.stream().map(RecipeLine::of).toList(), written);
        List<StepTime> times = recipe.times();
        for (int i = 0; i < times.size(); i++) {
            steps.add(heat.timed(DayStep.of(written.get(i).text(), times.get(i)), lines));
        }
        List<Integer> after = new ArrayList<>();
        for (String name : asked.after() == null ? List.<String>of() : asked.after()) {
            int before = IntStream.range(0, all.size())
                    .filter(i -> name.equals(all.get(i).name()) && all.get(i) != asked)
                    .findFirst()
                    .orElseThrow(() -> Problem.at(at + "/after", "“" + name + "” is no other dish of this day."));
            after.add(before);
        }
        Recipe named = asked.lines() != null ? recipe : new Recipe(asked.name(), 4, named(asked), written);
        return new DayTasks.Dish(
                        asked.name(),
                        portions,
                        steps,
                        !Boolean.FALSE.equals(asked.kept()),
                        after,
                        inside(at, asked, heat),
                        "")
                .needing(named.needs());
    }

    private DayTasks.Inside inside(String at, TimelineDish asked, DayHeat heat) {
        if (asked.lines() == null) {
            return heat.said(asked.name(), asked.steps());
        }
        List<Food> foods = lines(at, asked.lines()).stream()
                .flatMap(line -> line.saidFood().stream())
                .toList();
        return heat.of(asked.name(), asked.steps(), foods);
    }

    private List<ReadLine> lines(String at, List<String> typed) {
        LineReader reader = new LineReader(reference.book());
        List<ReadLine> lines = new ArrayList<>();
        for (int i = 0; i < typed.size(); i++) {
            String text = Asked.name(at + "/lines/" + i, typed.get(i), 500);
            lines.addAll(Asked.at(at + "/lines/" + i, () -> reader.read(text)).each());
        }
        return lines;
    }

    /** What its name and steps name, where no lines were typed. */
    private List<RecipeLine> named(TimelineDish asked) {
        return Stream.concat(Stream.of(asked.name()), asked.steps().stream())
                .flatMap(text -> HeatGuide.named(reference.book(), text).stream())
                .distinct()
                .map(food -> RecipeLine.of(ReadLine.of(food.name(), null, food.name(), food, "")))
                .toList();
    }

    /** What could make somebody ill: by its lines, or by what its name and steps name. */
    private List<String> mind(String at, TimelineDish asked) {
        List<RecipeLine> lines = asked.lines() != null
                ? lines(at, asked.lines()).stream().map(RecipeLine::of).toList()
                : named(asked);
        Recipe recipe = new Recipe(
                asked.name(),
                1,
                lines,
                asked.steps().stream().map(text -> new RecipeStep(text, null)).toList());
        return SafetyCheck.of(recipe, List.of()).stream()
                .map(flag -> asked.name() + ": " + flag.words())
                .toList();
    }

    /** @param table whether everything is on the table by then; else the last hand is free */
    private static LocalDateTime begin(TimelineAsked asked, DayPlan plan, boolean table) {
        if (asked.doneBy() != null) {
            return time("/doneBy", asked.doneBy()).minusMinutes(table ? plan.end() : plan.handsFree());
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

    private static TimelineView view(
            DayTimeline made, List<DayTasks.Dish> dishes, LocalDateTime begin, List<String> warnings) {
        DayPlan plan = made.plan();
        List<TimelineTask> tasks = plan.byClock().stream()
                .map(job -> task(plan, job, dishes, begin))
                .toList();
        return new TimelineView(
                tasks,
                TIME.format(begin.plusMinutes(plan.handsFree())),
                TIME.format(begin.plusMinutes(plan.handsFreeLate())),
                TIME.format(begin.plusMinutes(plan.end())),
                TIME.format(begin.plusMinutes(made.least())),
                warnings);
    }

    private static TimelineTask task(DayPlan plan, int job, List<DayTasks.Dish> dishes, LocalDateTime begin) {
        DayProblem problem = plan.problem();
        String caution = problem.jobs().get(job).aside().caution();
        Integer core = dishes.stream()
                .filter(dish -> dish.name().equals(problem.jobs().get(job).dish()))
                .map(dish -> dish.inside().heat())
                .filter(heat -> !heat.words().isEmpty() && caution.contains(heat.words()))
                .map(HeatGuide.Heat::core)
                .findFirst()
                .orElse(null);
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
                DayWhy.of(plan, job),
                watches(plan, job, begin),
                caution,
                core);
    }

    private static List<String> watches(DayPlan plan, int job, LocalDateTime begin) {
        List<String> watches = new ArrayList<>();
        plan.ovenOn(job)
                .ifPresent(on ->
                        watches.add(TIME.format(begin.plusMinutes(on)) + " oven on, " + plan.celsius(job) + " °C"));
        plan.problem()
                .jobs()
                .get(job)
                .aside()
                .watches()
                .forEach(watch -> watches.add(
                        TIME.format(begin.plusMinutes(plan.start(job) + watch.at())) + " " + watch.words()));
        return watches;
    }
}
