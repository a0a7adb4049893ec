package wexilla.core.menu;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import wexilla.core.menu.MenuProblem.Choice;
import wexilla.core.menu.MenuProblem.Food;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;

/**
 * What a plan is paid for at the till, and what its packs leave.
 *
 * @param weeks minor units for each seven days, whole packs
 * @param left of packs, what passes its date within the plan first
 */
public record MenuTill(List<Long> weeks, List<Left> left) {

    private static final Rational THOUSAND = Rational.of(1000);

    /**
     * What is left of the packs of one food.
     *
     * @param until day of the plan it keeps to; {@link MenuProblem#NONE} beyond any plan
     * @param wasted whether that is before the plan ends
     */
    public record Left(String food, Amount amount, int until, boolean wasted) {}

    /** @param choices one for each meal */
    public static MenuTill of(MenuProblem problem, List<? extends Choice> choices) {
        List<MenuCooking> cookings = MenuCooking.all(problem, choices);
        List<Left> left = new ArrayList<>();
        for (int at = 0; at < problem.foods().size(); at++) {
            Food food = problem.foods().get(at);
            for (MenuStock.Spare spare : MenuStock.of(problem, cookings, at).spare()) {
                Amount amount = Amount.of(Rational.of(spare.amount()).dividedBy(THOUSAND), food.unit());
                left.add(new Left(food.name(), amount, spare.until(), spare.lost(problem.days())));
            }
        }
        left.sort(Comparator.comparingInt((Left one) -> MenuStock.last(one.until()))
                .thenComparing(Left::food));
        List<Long> weeks = MenuScore.of(problem, choices).bought().stream()
                .map(week -> week / MenuWeights.MINOR)
                .toList();
        return new MenuTill(weeks, List.copyOf(left));
    }
}
