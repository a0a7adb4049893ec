package wexilla.core.planning;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wexilla.core.cookday.DayPlan;
import wexilla.core.cookday.DayProblem;
import wexilla.core.cookday.DayProblem.Gear;
import wexilla.core.cookday.DayProblem.Job;
import wexilla.core.cookday.DayProblem.Kind;
import wexilla.core.cookday.DayProblem.Person;
import wexilla.core.cookday.DayProblem.Window;
import wexilla.core.cookday.DaySearch;
import wexilla.core.cookday.DayStep;
import wexilla.core.cookday.DayTasks;
import wexilla.core.planning.Evening.Cook;
import wexilla.core.planning.Evening.Dish;
import wexilla.core.planning.Evening.FromStock;
import wexilla.core.quantity.Trade;
import wexilla.core.recipe.ScaledStep;

/**
 * The evening counted back from table time: one pair of hands, the burners, racks and cookers there are, all dishes of the
 * meal together, and when the oven goes on. The clock of a cook day, with the table as its end.
 */
public final class Countdown {

    /** Minutes until an oven is hot, and until it is very hot. */
    private static final int PREHEAT = Trade.whole("oven.preheat-minutes");

    private static final int PREHEAT_HOT = Trade.whole("oven.preheat-hot-minutes");
    private static final int HOT = Trade.whole("oven.hot-celsius");
    private static final long EFFORT = 120;
    private static final List<Person> COOK = List.of(new Person("cook", List.of(new Window(0, DayProblem.NEVER))));

    /** One thing to do. @param minutes it takes, 0 when nobody said */
    public record Step(LocalDateTime at, String dish, String words, int minutes) {}

    private Countdown() {}

    /** Every step of the evening, in the order of the clock. @param gear to cook with */
    public static List<Step> of(Evening evening, List<Gear> gear) {
        List<DayTasks.Dish> dishes = evening.dishes().stream()
                .map(dish -> new DayTasks.Dish(
                        dish.name(),
                        evening.wholePortions(),
                        steps(dish).stream()
                                .map(step -> new DayStep(step.text(), step.time()))
                                .toList(),
                        false,
                        List.of()))
                .toList();
        return plan(dishes, true, gear)
                .or(() -> plan(dishes, false, gear))
                .map(plan -> steps(plan, evening.tableAt()))
                .orElse(List.of());
    }

    private static Optional<DayPlan> plan(List<DayTasks.Dish> dishes, boolean atOnce, List<Gear> gear) {
        DayProblem problem = DayTasks.forTable(dishes, atOnce, COOK, gear).problem();
        return DaySearch.of(problem, 1, EFFORT, () -> false);
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
                    && plan.problem().jobs().get(job - 1).dish().equals(one.dish())
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
            int celsius = celsius(plan, job);
            if (celsius > 0 && cold(plan, job)) {
                int before = celsius > HOT ? PREHEAT_HOT : PREHEAT;
                LocalDateTime on = table.minusMinutes(served - plan.start(job) + before);
                steps.add(new Step(on, plan.problem().jobs().get(job).dish(), "oven on, " + celsius + " °C", 0));
            }
        }
        steps.sort(Comparator.comparing(Step::at));
        return steps;
    }

    private static int celsius(DayPlan plan, int job) {
        Job one = plan.problem().jobs().get(job);
        return one.settings().get(plan.settings().get(job)).celsius();
    }

    /** Whether the oven is not hot from another dish already. */
    private static boolean cold(DayPlan plan, int job) {
        for (int other = 0; other < plan.starts().size(); other++) {
            boolean before = plan.start(other) < plan.start(job) || plan.start(other) == plan.start(job) && other < job;
            if (other != job
                    && before
                    && celsius(plan, other) > 0
                    && plan.end(other) + DayProblem.CHANGE >= plan.start(job)
                    && plan.problem().jobs().get(other).holds().contains(Kind.RACK)) {
                return false;
            }
        }
        return true;
    }

    private static List<ScaledStep> steps(Dish dish) {
        if (dish instanceof Cook cook) {
            return cook.sized().steps();
        }
        return dish instanceof FromStock stock ? stock.finish() : List.of();
    }
}
