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
public record MenuLately(List<PlannedMeal> before) {

    public MenuLately {
        before = List.copyOf(before);
    }

    /** Whether anything of it still counts on this day. */
    public boolean counts(LocalDate day) {
        return before.stream().anyMatch(evening -> gap(evening, day) < MenuWeights.DISH_DAYS);
    }

    /**
     * How much it counts against a dish on this day, in dislikes; 0 for nothing.
     *
     * @param eaters who would eat of it; only for who ate of both something comes again
     * @param there whether it lies in stock: then it is what was left of the same cooking
     */
    public int against(String name, boolean there, Set<String> proteins, LocalDate day, List<Eater> eaters) {
        long worst = 0;
        for (PlannedMeal evening : before) {
            int gap = gap(evening, day);
            if (!Repeats.somebody(eaters, evening.eaters())) {
                continue;
            }
            boolean same = IntStream.range(0, evening.dishes().size())
                    .anyMatch(i -> evening.dishes().get(i).name().equalsIgnoreCase(name)
                            && Repeats.somebody(eaters, evening.eatersOf(i)));
            boolean protein = !Collections.disjoint(evening.proteins(), proteins);
            worst = Math.max(worst, MenuWeights.pair(gap, same, there, protein));
        }
        return (int) Math.round((double) worst / MenuWeights.DISLIKED);
    }

    private static int gap(PlannedMeal evening, LocalDate day) {
        return (int) ChronoUnit.DAYS.between(evening.day(), day);
    }
}
