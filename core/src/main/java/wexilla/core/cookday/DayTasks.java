package wexilla.core.cookday;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import wexilla.core.clock.DayProblem;
import wexilla.core.clock.DayProblem.Gear;
import wexilla.core.clock.DayProblem.Job;
import wexilla.core.clock.DayProblem.Person;
import wexilla.core.food.book.HeatGuide;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;

/**
 * The jobs of a cook day from the steps of its dishes: what hands do and what goes on by itself, what each holds, what
 * follows what and how soon, cooling and bagging of what is kept. Handbook, sections 8, 10 and 13.
 */
public final class DayTasks {

    public static final int COOL = Trade.whole("day.cool-minutes");
    public static final int INTO_COLD = Trade.whole("day.into-cold");
    public static final int HOT = Trade.whole("day.hot-minutes");
    /** A roast under foil, what was drained and tossed: hot so long after its heat. */
    private static final int RESTED = Trade.whole("day.rested-minutes");
    /** One word of when something is done the evening before. */
    static final Pattern BEFORE =
            Pattern.compile("\\b(?:(?:the )?(?:night|day|evening) before|overnight)\\b", Pattern.CASE_INSENSITIVE);

    /**
     * A dish.
     *
     * @param portions it makes
     * @param kept whether it is cooled and bagged at the end; else it is eaten
     * @param after dishes that have to be cooked before it is begun, by place
     * @param of the batch or big buy it is, by its id; empty for none
     * @param needs for each step the places of those before it that it waits for; empty where each waits for the one before
     */
    public record Dish(
            String name,
            Rational portions,
            List<DayStep> steps,
            boolean kept,
            List<Integer> after,
            Inside inside,
            String of,
            List<List<Integer>> needs) {

        /** @throws IllegalArgumentException if there are needs, but not for each step or of later ones */
        public Dish {
            steps = List.copyOf(steps);
            after = List.copyOf(after);
            needs = needs.stream().map(List::copyOf).toList();
            for (int step = 0; step < needs.size(); step++) {
                int own = step;
                if (needs.size() != steps.size()
                        || needs.get(step).stream().anyMatch(before -> before < 0 || before >= own)) {
                    throw new IllegalArgumentException("a step waits for steps before it");
                }
            }
        }

        public Dish(
                String name,
                Rational portions,
                List<DayStep> steps,
                boolean kept,
                List<Integer> after,
                Inside inside,
                String of) {
            this(name, portions, steps, kept, after, inside, of, List.of());
        }

        /** The same, whose steps wait for these. */
        public Dish needing(List<List<Integer>> others) {
            return new Dish(name, portions, steps, kept, after, inside, of, others);
        }

        public Dish(String name, Rational portions, List<DayStep> steps, boolean kept, List<Integer> after) {
            this(name, portions, steps, kept, after, Inside.NOTHING, "");
        }
    }

    /**
     * What the foods of a dish ask for.
     *
     * @param boilHard whether dried kidney beans are in it
     * @param raw whether raw meat or fish is
     * @param heat what its core has to reach
     */
    public record Inside(boolean boilHard, boolean raw, HeatGuide.Heat heat) {

        /** Of a dish with nothing of the kind in it. */
        public static final Inside NOTHING = new Inside(false, false, HeatGuide.Heat.NONE);
    }

    /** A step of a dish, both by place; the whole dish where there is no step, −1. */
    public record At(int dish, int step) {}

    /** Something that is cut once for several dishes. @param at where it is wanted */
    public record Once(String text, int minutes, List<At> at) {

        public Once {
            at = List.copyOf(at);
        }

        /** By place. */
        public List<Integer> dishes() {
            return at.stream().map(At::dish).toList();
        }
    }

    /**
     * @param missing what steps need and is not there, in words
     * @param before what is done the evening before, and is not on the clock: soaking, a dough, what marinates overnight
     */
    public record Made(DayProblem problem, List<String> missing, List<String> before) {

        public Made {
            missing = List.copyOf(missing);
            before = List.copyOf(before);
        }
    }

    /** How the last job of a dish that is kept begins. */
    static final String BAG_IT = "bag it:";

    /** What the last job of a meal is called. */
    public static final String TABLE = "on the table";

    private final JobList list;

    private DayTasks(List<Gear> gear) {
        list = new JobList(new DayJobs(gear));
    }

    /** The jobs of these dishes. */
    public static Made of(List<Dish> dishes, List<Once> once, List<Person> people, List<Gear> gear) {
        DayTasks tasks = new DayTasks(gear);
        List<Integer> cut = new ArrayList<>();
        for (Once one : once) {
            cut.add(tasks.list.add(
                    Job.of("all", one.text(), one.minutes(), true).touching(DayJobs.touch(one.text()))));
        }
        List<DishJobs.Ends> ends = new ArrayList<>();
        for (int i = 0; i < dishes.size(); i++) {
            DishJobs.Ends made = DishJobs.of(dishes.get(i), cutFor(i, once, cut), tasks.list);
            ends.add(made);
            for (int j = 0; j < once.size(); j++) {
                if (once.get(j).at().contains(new At(i, -1))) {
                    tasks.list.follow(List.of(cut.get(j)), made.first());
                }
            }
        }
        for (int i = 0; i < dishes.size(); i++) {
            for (int other : dishes.get(i).after()) {
                // only what names it waits for it: the rice of the same dish does not
                tasks.list.follow(
                        ends.get(other).cooked(),
                        ends.get(i).waitingFor(dishes.get(other).name()));
            }
        }
        return tasks.made(people, gear);
    }

    /** What is cut once for each step of a dish, by its place. */
    private static Map<Integer, List<Integer>> cutFor(int dish, List<Once> once, List<Integer> cut) {
        Map<Integer, List<Integer>> steps = new HashMap<>();
        for (int i = 0; i < once.size(); i++) {
            for (At at : once.get(i).at()) {
                if (at.dish() == dish) {
                    steps.computeIfAbsent(at.step(), step -> new ArrayList<>()).add(cut.get(i));
                }
            }
        }
        return steps;
    }

    /**
     * The jobs of a meal: everything is ready when the table is set, and what comes off the heat not long before.
     *
     * @param atOnce whether what is hot waits for the others no longer than it stays hot
     * @return the last job is the table itself
     */
    public static Made forTable(List<Dish> dishes, boolean atOnce, List<Person> people, List<Gear> gear) {
        DayTasks tasks = new DayTasks(gear);
        List<DishJobs.Ends> ends = dishes.stream()
                .map(dish -> DishJobs.of(dish, Map.of(), tasks.list))
                .toList();
        int table = tasks.list.add(Job.of("", TABLE, 0, false));
        for (DishJobs.Ends dish : ends) {
            for (int last : dish.cooked()) {
                int most = atOnce && dish.hot().contains(last)
                        ? HOT
                        : dish.dressed().contains(last) ? DishJobs.DRESSED : DayProblem.NEVER;
                tasks.list.lag(last, table, 0, most);
            }
            if (atOnce) {
                dish.heat().stream()
                        .filter(heat -> !dish.cooked().contains(heat))
                        .forEach(heat -> tasks.list.lag(heat, table, 0, RESTED));
            }
        }
        return tasks.made(people, gear);
    }

    private Made made(List<Person> people, List<Gear> gear) {
        return new Made(list.problem(people, gear), list.made().missing(), list.before());
    }

    /** Whether a job only keeps what is cooked: cooling and bagging. */
    public static boolean keeps(Job job) {
        return job.aside().caution().equals(DayCaution.COLD) || job.text().startsWith(BAG_IT);
    }
}
