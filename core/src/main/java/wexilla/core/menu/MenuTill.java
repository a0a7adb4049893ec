package wexilla.core.menu;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
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
     * @param until its last day; null for what keeps until somebody wants it
     * @param wasted whether that is before the plan ends
     */
    public record Left(String food, Amount amount, @Nullable LocalDate until, boolean wasted) {}

    public MenuTill {
        weeks = List.copyOf(weeks);
        left = List.copyOf(left);
    }

    /** All weeks together, minor units. */
    public long paid() {
        return weeks.stream().mapToLong(Long::longValue).sum();
    }

    /** @param choices one for each meal; @param start the day that is day 0 */
    public static MenuTill of(MenuProblem problem, List<? extends Choice> choices, LocalDate start) {
        List<MenuCooking> cookings = MenuCooking.all(problem, choices);
        List<Left> left = new ArrayList<>();
        for (int at = 0; at < problem.foods().size(); at++) {
            Food food = problem.foods().get(at);
            for (MenuStock.Spare spare : MenuStock.of(problem, cookings, at).spare()) {
                Amount amount = Amount.of(Rational.of(spare.amount()).dividedBy(THOUSAND), food.unit());
                LocalDate until = spare.until() == MenuProblem.NONE ? null : start.plusDays(spare.until());
                left.add(new Left(food.name(), amount, until, spare.lost(problem.days())));
            }
        }
        left.sort(Comparator.comparing((Left one) -> one.until() == null ? LocalDate.MAX : one.until())
                .thenComparing(Left::food));
        List<Long> weeks = MenuScore.of(problem, choices).bought().stream()
                .map(week -> week / MenuWeights.MINOR)
                .toList();
        return new MenuTill(weeks, List.copyOf(left));
    }
}
