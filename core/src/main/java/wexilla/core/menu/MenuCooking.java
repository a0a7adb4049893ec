package wexilla.core.menu;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import wexilla.core.menu.MenuProblem.Choice;
import wexilla.core.menu.MenuProblem.Cooked;
import wexilla.core.menu.MenuProblem.Dish;

/**
 * One cooking of a plan.
 *
 * @param meals that eat of it, in their order
 * @param plates hundredths of portions that are cooked: whole portions
 */
public record MenuCooking(Cooked of, List<Integer> meals, int plates) {

    /** The cookings of a plan, in the order of their first meal. */
    public static List<MenuCooking> all(MenuProblem problem, List<? extends Choice> choices) {
        Map<Cooked, List<Integer>> meals = new LinkedHashMap<>();
        for (int i = 0; i < choices.size(); i++) {
            if (choices.get(i) instanceof Cooked cooked) {
                meals.computeIfAbsent(cooked, one -> new ArrayList<>()).add(i);
            }
        }
        List<MenuCooking> cookings = new ArrayList<>();
        meals.forEach((cooked, at) -> cookings.add(new MenuCooking(
                cooked,
                List.copyOf(at),
                MenuWeights.cooked(at.stream()
                        .mapToInt(i -> problem.meals().get(i).plates())
                        .sum()))));
        return List.copyOf(cookings);
    }

    /** The meal it is cooked for, on the day itself; {@link MenuProblem#NONE} when it is cooked ahead. */
    public int fresh(MenuProblem problem) {
        return meals.stream()
                .filter(meal -> problem.meals().get(meal).day() == of.day())
                .findFirst()
                .orElse(MenuProblem.NONE);
    }

    /** Whether it is cooked ahead, or for several meals, on a day that is no cook day. */
    public boolean big(MenuProblem problem) {
        boolean more = fresh(problem) == MenuProblem.NONE || meals.size() > 1;
        return more && problem.cookMinutes().get(of.day()) == 0;
    }

    /** Whether a meal eats of it after it was frozen. */
    public boolean frozenFor(MenuProblem problem, int meal) {
        return problem.meals().get(meal).day() - of.day() > dish(problem).keeps();
    }

    Dish dish(MenuProblem problem) {
        return problem.dishes().get(of.dish());
    }
}
