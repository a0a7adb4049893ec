package wexilla.core.cookday;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import wexilla.core.clock.DayPlan;
import wexilla.core.clock.DayProblem.Gear;
import wexilla.core.clock.DayProblem.Job;
import wexilla.core.clock.DayProblem.Kind;
import wexilla.core.clock.DayProblem.Person;
import wexilla.core.clock.DayProblem.Window;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.steps.StepGraph;

/**
 * Five hundred days nobody thought of, looked over minute by minute by what the handbook (sections 8 and 10) and the facts
 * say alone: nobody is in two places, nothing is in two pots, nothing stays warm or raw for too long without a word, and no
 * day is refused.
 */
class RandomDaysTest {

    /** A part of a dish: its foods, its steps in their order. */
    private record Strand(List<String> foods, List<String> steps) {}

    private static final List<Strand> STRANDS = List.of(
            new Strand(
                    List.of("beef", "tomato"),
                    List.of("Brown the beef 10 minutes.", "Add the tomatoes and simmer 60 minutes.")),
            new Strand(List.of("rice"), List.of("Boil the rice 12 minutes.")),
            new Strand(List.of("pasta"), List.of("Boil the pasta 10 minutes.")),
            new Strand(
                    List.of("potato"),
                    List.of(
                            "Peel the potatoes, 10 minutes.",
                            "Boil the potatoes 20 minutes.",
                            "Mash the potatoes, 5 minutes.")),
            new Strand(
                    List.of("chicken"),
                    List.of("Rub the chicken with salt, 3 minutes.", "Roast the chicken at 190 °C for 80 minutes.")),
            new Strand(List.of("onion"), List.of("Fry the onions 8 minutes, then simmer 30 minutes.")),
            new Strand(List.of("pork"), List.of("Cut the pork, 8 minutes.", "Slow cook the pork on low 7 hours.")),
            new Strand(List.of("lentil"), List.of("Pressure cook the lentils 12 minutes; quick release.")),
            new Strand(List.of("apple"), List.of("Bake the apples at 170 °C for 25 minutes; cool 30 minutes.")));

    private static final List<String> JOINS =
            List.of("Combine everything, 4 minutes.", "Assemble everything in a dish, 8 minutes.");

    private record Day(List<DayTasks.Dish> dishes, List<Person> people, List<Gear> gear) {}

    private static Day day(Random random) {
        List<DayTasks.Dish> dishes = new ArrayList<>();
        int count = 1 + random.nextInt(5);
        for (int i = 0; i < count; i++) {
            List<Set<String>> lines = new ArrayList<>();
            List<String> steps = new ArrayList<>();
            List<Strand> left = new ArrayList<>(STRANDS);
            int parts = 1 + random.nextInt(3);
            for (int part = 0; part < parts; part++) {
                Strand strand = left.remove(random.nextInt(left.size()));
                strand.foods().forEach(food -> lines.add(Set.of(food)));
                steps.addAll(strand.steps());
            }
            if (parts > 1) {
                steps.add(JOINS.get(random.nextInt(JOINS.size())));
                if (random.nextBoolean()) {
                    steps.add("Bake at 180 °C for 30 minutes.");
                }
            }
            dishes.add(new DayTasks.Dish(
                            "dish " + i,
                            Rational.of(4 + random.nextInt(9)),
                            steps.stream().map(DayStep::of).toList(),
                            random.nextInt(4) > 0,
                            List.of())
                    .needing(StepGraph.of(lines, steps)));
        }
        return new Day(dishes, people(random), gear(random));
    }

    private static List<Person> people(Random random) {
        List<Person> people = new ArrayList<>();
        for (int i = 0; i <= random.nextInt(3); i++) {
            List<Window> there = new ArrayList<>();
            int from = random.nextInt(60);
            for (int session = 0; session <= random.nextInt(2); session++) {
                int to = from + 30 + random.nextInt(400);
                there.add(new Window(from, to));
                from = to + 30 + random.nextInt(300);
            }
            people.add(new Person("cook " + i, there));
        }
        return people;
    }

    private static List<Gear> gear(Random random) {
        List<String> things = new ArrayList<>();
        things.add((1 + random.nextInt(4)) + " burners");
        List.of("oven, 2 racks", "2 large pots", "slow cooker", "pressure cooker", "frying pan", "cooling space")
                .forEach(thing -> {
                    if (random.nextInt(4) > 0) {
                        things.add(thing);
                    }
                });
        return KitchenGear.of(things);
    }

    @Test
    void nothingIsRefusedAndNothingBrokenWithoutAWord() {
        List<String> wrong = new ArrayList<>();
        int bent = 0;
        for (int seed = 0; seed < 500; seed++) {
            Day day = day(new Random(seed));
            DayTasks.Made made = DayTasks.of(day.dishes(), List.of(), day.people(), day.gear());
            DayTimeline found = DayTimeline.of(made, 1, 40, () -> false).orElse(null);
            if (found == null) {
                wrong.add(seed + ": refused");
                continue;
            }
            bent += found.warnings().isEmpty() ? 0 : 1;
            Checked checked = new Checked(day, found);
            checked.all();
            int at = seed;
            checked.wrong.forEach(words -> wrong.add(at + ": " + words));
        }
        assertThat(wrong).isEmpty();
        assertThat(bent).as("days that had to bend").isBetween(50, 450);
    }

    private static final class Checked {

        private final Day day;
        private final DayTimeline found;
        private final DayPlan plan;
        private final List<String> wrong = new ArrayList<>();

        private Checked(Day day, DayTimeline found) {
            this.day = day;
            this.found = found;
            this.plan = found.plan();
        }

        private void all() {
            hands();
            gear();
            for (DayTasks.Dish dish : day.dishes()) {
                order(dish);
                keeps(dish);
            }
        }

        private boolean told(String name) {
            return found.warnings().stream().anyMatch(words -> words.contains(name));
        }

        private Job job(int at) {
            return plan.problem().jobs().get(at);
        }

        private void hands() {
            int n = plan.starts().size();
            for (int one = 0; one < n; one++) {
                int who = plan.people().get(one);
                if (job(one).hands() != who >= 0) {
                    wrong.add("hands of “" + job(one).text() + "”");
                }
                if (who < 0) {
                    continue;
                }
                Person person = day.people().get(who);
                int from = plan.start(one);
                int to = plan.end(one);
                boolean there = person.there().stream().anyMatch(window -> window.from() <= from && to <= window.to());
                if (!there && !told(person.name() + " is needed")) {
                    wrong.add(person.name() + " is not there from " + from + " to " + to);
                }
                for (int other = one + 1; other < n; other++) {
                    if (plan.people().get(other) == who && plan.start(other) < to && from < plan.end(other)) {
                        wrong.add(person.name() + " is in two places");
                    }
                }
            }
        }

        /** One thing in each at a time, one heat in an oven, and what the kitchen has is held by what needs it. */
        private void gear() {
            int n = plan.starts().size();
            for (int one = 0; one < n; one++) {
                for (int other = one + 1; other < n; other++) {
                    if (plan.start(one) >= plan.end(other) || plan.start(other) >= plan.end(one)) {
                        continue;
                    }
                    for (int unit : plan.gear().get(one)) {
                        for (int its : plan.gear().get(other)) {
                            Gear a = day.gear().get(unit);
                            Gear b = day.gear().get(its);
                            if (unit == its) {
                                wrong.add(a.name() + " holds two things");
                            } else if (a.kind() == Kind.RACK
                                    && b.kind() == Kind.RACK
                                    && plan.celsius(one) != plan.celsius(other)) {
                                wrong.add("the oven has two heats");
                            }
                        }
                    }
                }
                holds(one, "Boil|Simmer|Brown|Fry", Kind.BURNER);
                holds(one, "Roast|Bake", Kind.RACK);
                holds(one, "Slow cook", Kind.SLOW_COOKER);
            }
        }

        private void holds(int at, String verbs, Kind kind) {
            boolean there = day.gear().stream().anyMatch(one -> one.kind() == kind);
            boolean held = plan.gear().get(at).stream()
                    .anyMatch(unit -> day.gear().get(unit).kind() == kind);
            if (job(at).text().matches("(?s)(?:" + verbs + ").*")
                    && !(job(at).hands() && kind != Kind.BURNER)
                    && there
                    && !held) {
                wrong.add("“" + job(at).text() + "” holds no " + kind);
            }
        }

        /** The jobs of a step, or of its parts. */
        private List<Integer> of(DayTasks.Dish dish, String step) {
            String text = step.toLowerCase(Locale.ROOT);
            return IntStream.range(0, plan.starts().size())
                    .filter(at -> job(at).dish().equals(dish.name()))
                    .filter(at -> text.contains(
                            job(at).text().toLowerCase(Locale.ROOT).replaceAll("\\.$", "")))
                    .boxed()
                    .toList();
        }

        private int begin(DayTasks.Dish dish, String step) {
            return of(dish, step).stream().mapToInt(plan::start).min().orElseThrow();
        }

        private int end(DayTasks.Dish dish, String step) {
            return of(dish, step).stream().mapToInt(plan::end).max().orElseThrow();
        }

        /** Every part in its order, what joins them after them, and no minute of hands lost. */
        private void order(DayTasks.Dish dish) {
            List<String> steps = dish.steps().stream().map(DayStep::text).toList();
            String join = steps.stream().filter(JOINS::contains).findFirst().orElse(null);
            for (Strand strand : strands(steps)) {
                List<String> own = new ArrayList<>(strand.steps());
                if (join != null) {
                    own.add(join);
                }
                for (int i = 1; i < own.size(); i++) {
                    if (begin(dish, own.get(i)) < end(dish, own.get(i - 1))) {
                        wrong.add(dish.name() + ": “" + own.get(i) + "” before “" + own.get(i - 1) + "” is done");
                    }
                }
            }
            int hands = steps.stream()
                    .flatMap(step -> of(dish, step).stream())
                    .filter(at -> job(at).hands())
                    .mapToInt(plan::minutes)
                    .sum();
            int written = dish.steps().stream()
                    .mapToInt(step -> step.time().handsMin())
                    .sum();
            if (hands != written) {
                wrong.add(dish.name() + ": " + hands + " min of hands, written " + written);
            }
        }

        private static List<Strand> strands(List<String> steps) {
            return STRANDS.stream()
                    .filter(strand -> steps.containsAll(strand.steps()))
                    .toList();
        }

        /** Two hours from the heat, one for rice, two for what is raw: to the next step, or into a bag. */
        private void keeps(DayTasks.Dish dish) {
            List<String> steps = dish.steps().stream().map(DayStep::text).toList();
            String join = steps.stream().filter(JOINS::contains).findFirst().orElse(null);
            boolean baked = join != null && steps.get(steps.size() - 1).startsWith("Bake at 180");
            List<Integer> bags = IntStream.range(0, plan.starts().size())
                    .filter(at ->
                            job(at).dish().equals(dish.name()) && job(at).text().startsWith("bag it"))
                    .boxed()
                    .toList();
            if (dish.kept() == bags.isEmpty()) {
                wrong.add(dish.name() + ": " + bags.size() + " bags, kept " + dish.kept());
            }
            int bag = bags.stream().mapToInt(plan::start).max().orElse(-1);
            for (Strand strand : strands(steps)) {
                String last = strand.steps().stream()
                        .filter(step -> step.matches("(?si).*\\b(?:boil|simmer|roast|bake|cook|fry)\\b.*"))
                        .reduce((one, other) -> other)
                        .orElseThrow();
                int from = of(dish, last).stream()
                        .filter(at -> !job(at).text().startsWith("Cool"))
                        .mapToInt(plan::end)
                        .max()
                        .orElseThrow();
                int to = baked ? begin(dish, steps.get(steps.size() - 1)) : bag;
                int most = last.contains("rice") && baked ? 60 : 120;
                if (to >= 0 && to - from > most && !last.contains("cool") && !told(dish.name())) {
                    wrong.add(dish.name() + ": “" + last + "” stays warm for " + (to - from));
                }
                String first = strand.steps().get(0);
                if (first.startsWith("Rub") || first.startsWith("Cut the pork")) {
                    int raw = begin(dish, strand.steps().get(1)) - end(dish, first);
                    if (raw > 120 && !told(dish.name())) {
                        wrong.add(dish.name() + ": raw for " + raw);
                    }
                }
            }
            if (baked && bag >= 0 && bag - end(dish, steps.get(steps.size() - 1)) > 120 && !told(dish.name())) {
                wrong.add(dish.name() + ": baked, and bagged after two hours");
            }
        }
    }
}
