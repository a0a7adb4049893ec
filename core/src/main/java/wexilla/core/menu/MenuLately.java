package wexilla.core.menu;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import wexilla.core.plan.Eater;
import wexilla.core.plan.PlannedMeal;
import wexilla.core.plan.Repeats;

/**
 * What is eaten before a plan begins: the same dish, and the same protein on the day after, count against its first days as
 * they would within it.
 *
 * @param before meals of the last days, and those that stand until the plan begins
 */
public record MenuLately(List<Before> before) {

    public MenuLately {
        before = List.copyOf(before);
    }

    /** A meal and what protein was on its table, which every dish is asked against. */
    public record Before(PlannedMeal meal, Set<String> proteins) {}

    public static MenuLately of(List<PlannedMeal> meals) {
        return new MenuLately(
                meals.stream().map(meal -> new Before(meal, meal.proteins())).toList());
    }

    /** Whether anything of it still counts on this day. */
    public boolean counts(LocalDate day) {
        return before.stream().anyMatch(one -> gap(one.meal(), day) < MenuWeights.DISH_DAYS);
    }

    /**
     * How much it counts against a dish on this day, in dislikes; 0 for nothing.
     *
     * @param eaters who would eat of it; only for who ate of both something comes again
     * @param there whether it lies in stock: then it is what was left of the same cooking
     */
    public int against(String name, boolean there, Set<String> proteins, LocalDate day, List<Eater> eaters) {
        long worst = 0;
        for (Before one : before) {
            PlannedMeal evening = one.meal();
            int gap = gap(evening, day);
            if (gap >= MenuWeights.DISH_DAYS || !Repeats.somebody(eaters, evening.eaters())) {
                continue;
            }
            boolean same = IntStream.range(0, evening.dishes().size())
                    .anyMatch(i -> evening.dishes().get(i).name().equalsIgnoreCase(name)
                            && Repeats.somebody(eaters, evening.eatersOf(i)));
            boolean protein = !Collections.disjoint(one.proteins(), proteins);
            worst = Math.max(worst, MenuWeights.pair(gap, same, there, protein));
        }
        return (int) Math.round((double) worst / MenuWeights.DISLIKED);
    }

    private static int gap(PlannedMeal evening, LocalDate day) {
        return (int) ChronoUnit.DAYS.between(evening.day(), day);
    }
}
