package wexilla.core.plan;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentMap;
import wexilla.core.clock.DayPlan;
import wexilla.core.clock.DayProblem;
import wexilla.core.clock.DayProblem.Gear;
import wexilla.core.clock.DayProblem.Job;
import wexilla.core.clock.DayProblem.Person;
import wexilla.core.clock.DayProblem.Window;
import wexilla.core.clock.DaySearch;
import wexilla.core.cookday.DayStep;
import wexilla.core.cookday.DayTasks;
import wexilla.core.plan.PlannedMeal.Cook;
import wexilla.core.plan.PlannedMeal.Dish;
import wexilla.core.plan.PlannedMeal.FromStock;
import wexilla.core.recipe.ScaledStep;
import wexilla.core.recipe.lines.Mentions;
import wexilla.core.recipe.steps.StepGraph;

/**
 * The evening counted back from table time: one pair of hands, the burners, racks and cookers there are, all dishes of the
 * meal together, and when the oven goes on. The clock of a cook day, with the table as its end.
 */
public final class Countdown {

    /** Moves the search of an evening may take. */
    private static final long EFFORT = 120;

    private static final List<Person> COOK = List.of(new Person("cook", List.of(new Window(0, DayProblem.NEVER))));

    /** One thing to do. @param minutes it takes, 0 when nobody said */
    public record Step(LocalDateTime at, String dish, String words, int minutes) {}

    private Countdown() {}

    /** Every step of the evening, in the order of the clock. @param gear to cook with */
    public static List<Step> of(PlannedMeal evening, List<Gear> gear) {
        List<DayTasks.Dish> dishes = dishes(evening);
        return plan(dishes, true, gear)
                .or(() -> plan(dishes, false, gear))
                .map(plan -> steps(plan, evening.tableAt()))
                .orElseGet(() -> alone(evening));
    }

    /** Each dish by itself, counted back from the table: where nobody said what there is to cook with. */
    private static List<Step> alone(PlannedMeal evening) {
        List<Step> steps = new ArrayList<>();
        for (Dish dish : evening.dishes()) {
            LocalDateTime at =
                    evening.tableAt().minusMinutes(PlannedMeal.time(dish).minutes());
            for (ScaledStep step : steps(dish)) {
                steps.add(new Step(at, dish.name(), step.text(), step.time().minutes()));
                at = at.plusMinutes(step.time().minutes());
            }
        }
        steps.sort(Comparator.comparing(Step::at));
        return steps;
    }

    private static List<DayTasks.Dish> dishes(PlannedMeal evening) {
        return evening.dishes().stream()
                .map(dish -> new DayTasks.Dish(
                                dish.name(),
                                evening.portions(),
                                steps(dish).stream()
                                        .map(step -> new DayStep(step.text(), step.time()))
                                        .toList(),
                                false,
                                List.of())
                        .needing(needs(dish)))
                .toList();
    }

    /**
     * How a meal stands to the clock.
     *
     * @param begin when the first hands begin, so that everything is on the table in time
     * @param atOnce whether everything of it can be hot at once
     */
    record Clock(LocalDateTime begin, boolean atOnce) {

        /** Minutes from the begin to the table. */
        int minutes(PlannedMeal evening) {
            return (int) Duration.between(begin, evening.tableAt()).toMinutes();
        }
    }

    /** The clock of this meal. @param gear to cook with; where nobody says, each dish by itself */
    static Clock clock(PlannedMeal evening, List<Gear> gear) {
        if (hot(evening) == 0 || gear.isEmpty()) {
            return new Clock(evening.start(), true);
        }
        List<DayTasks.Dish> dishes = dishes(evening);
        Optional<DayPlan> atOnce = plan(dishes, true, gear);
        LocalDateTime begin = atOnce.or(() -> plan(dishes, false, gear))
                .flatMap(plan -> steps(plan, evening.tableAt()).stream()
                        .filter(step -> step.minutes() > 0)
                        .findFirst())
                .map(Step::at)
                .orElse(evening.start());
        return new Clock(begin, atOnce.isPresent());
    }

    /** How many of its dishes take time. */
    public static long hot(PlannedMeal evening) {
        return evening.dishes().stream()
                .filter(dish -> PlannedMeal.time(dish).minutes() > 0)
                .count();
    }

    /** Evenings are looked at again and again: what is asked once more is not searched once more. */
    private record Asked(List<DayTasks.Dish> dishes, boolean atOnce, List<Gear> gear) {}

    private static final int MOST_KEPT = 2_000;
    private static final ConcurrentMap<Asked, Optional<DayPlan>> PLANS = new ConcurrentHashMap<>();

    private static Optional<DayPlan> plan(List<DayTasks.Dish> dishes, boolean atOnce, List<Gear> gear) {
        Asked asked = new Asked(dishes, atOnce, List.copyOf(gear));
        Optional<DayPlan> known = PLANS.get(asked);
        if (known != null) {
            return known;
        }
        if (PLANS.size() >= MOST_KEPT) {
            PLANS.clear();
        }
        Optional<DayPlan> found = search(dishes, atOnce, gear);
        PLANS.put(asked, found);
        return found;
    }

    private static Optional<DayPlan> search(List<DayTasks.Dish> dishes, boolean atOnce, List<Gear> gear) {
        DayProblem problem = DayTasks.forTable(dishes, atOnce, COOK, gear).problem();
        return DaySearch.of(problem, 1, EFFORT, () -> false).map(DayPlan::late);
    }

    private static List<Step> steps(DayPlan plan, LocalDateTime table) {
        int served = plan.end();
        List<Step> steps = new ArrayList<>();
        int last = plan.starts().size() - 1;
        for (int job = 0; job < last; job++) {
            Job one = plan.problem().jobs().get(job);
            LocalDateTime at = table.minusMinutes(served - plan.start(job));
            boolean goesOn = job > 0
                    && plan.end(job - 1) == plan.start(job)
                    && plan.problem().jobs().get(job - 1).sameDish(one)
                    && plan.problem().jobs().get(job - 1).text().equals(one.text());
            if (goesOn) {
                // its hands and what then goes on by itself are one step
                Step begun = steps.remove(steps.size() - 1);
                steps.add(new Step(begun.at(), begun.dish(), begun.words(), begun.minutes() + plan.minutes(job)));
            } else {
                steps.add(new Step(at, one.dish(), one.text(), plan.minutes(job)));
            }
        }
        for (int job = 0; job < last; job++) {
            int at = job;
            plan.ovenOn(job)
                    .ifPresent(on -> steps.add(new Step(
                            table.minusMinutes(served - on),
                            plan.problem().jobs().get(at).dish(),
                            "oven on, " + plan.celsius(at) + " °C",
                            0)));
        }
        steps.sort(Comparator.comparing(Step::at));
        return steps;
    }

    private static List<List<Integer>> needs(Dish dish) {
        if (dish instanceof Cook cook) {
            return cook.sized().recipe().needs();
        }
        return dish instanceof FromStock stock
                ? StepGraph.of(
                        stock.add().stream()
                                .map(line -> Mentions.nouns(line.read()))
                                .toList(),
                        stock.steps().stream().map(ScaledStep::text).toList())
                : List.of();
    }

    private static List<ScaledStep> steps(Dish dish) {
        if (dish instanceof Cook cook) {
            return cook.sized().steps();
        }
        return dish instanceof FromStock stock ? stock.steps() : List.of();
    }
}
