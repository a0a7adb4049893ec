package wexilla.core.stations.propose;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import wexilla.core.kitchen.Meal;
import wexilla.core.kitchen.Meal.DishKind;
import wexilla.core.kitchen.Written;
import wexilla.core.menu.MenuProblem;
import wexilla.core.menu.MenuProblem.Choice;
import wexilla.core.menu.MenuProblem.Cooked;
import wexilla.core.menu.MenuProblem.FromStock;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;

/**
 * What can be chosen, with what it stands for.
 *
 * @param start the day that is day 0
 * @param places one for each meal of the problem, {@code dishes} for each dish, {@code packets} for each packet
 * @param named for each place, what stands there in words; empty for nothing
 * @param priced for each dish, what goes in costs, with the prices that are missing
 */
public record Menu(
        MenuProblem problem,
        LocalDate start,
        List<Place> places,
        List<String> named,
        List<Written> dishes,
        List<Cost> priced,
        List<Packets.Stocked> packets) {

    /** This much money for a plan, with the prices that are missing of what is cooked for it. */
    public Cost priced(List<Choice> choices, Money all) {
        return choices.stream()
                .flatMap(choice -> choice instanceof Cooked cooked ? Stream.of(cooked.dish()) : Stream.empty())
                .distinct()
                .map(priced::get)
                .reduce(Cost.zero(all.currency()), Cost::plus)
                .with(all);
    }

    /** What stands for this recipe or batch on a day; empty where it cannot be chosen. */
    public Optional<Choice> choice(DishKind kind, UUID of, int day) {
        for (int i = 0; i < packets.size(); i++) {
            if (kind == DishKind.BATCH && packets.get(i).is(of)) {
                return Optional.of(new FromStock(i));
            }
        }
        for (int i = 0; i < dishes.size(); i++) {
            if (kind == DishKind.RECIPE && dishes.get(i).id().equals(of)) {
                return Optional.of(new Cooked(i, day));
            }
        }
        return Optional.empty();
    }

    public int offset(LocalDate day) {
        return (int) ChronoUnit.DAYS.between(start, day);
    }

    /** A meal of the plan. @param meal as decided, or as it usually is; @param planned whether somebody decided it */
    public record Place(Meal meal, boolean planned, boolean open) {}

    /**
     * @param anew whether planned meals that are not locked are open too
     */
    public record Asked(LocalDate from, int days, boolean anew, Wishing wishing) {}
}
