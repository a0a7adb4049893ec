package wexilla.core.stations.propose;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import wexilla.core.kitchen.Meal;
import wexilla.core.menu.MenuCheck;
import wexilla.core.menu.MenuProblem.Choice;
import wexilla.core.menu.MenuProblem.Cooked;
import wexilla.core.menu.MenuProblem.FromStock;
import wexilla.core.menu.MenuWeights;
import wexilla.core.menu.WishReader.Wish;
import wexilla.core.menu.search.MenuSearch;
import wexilla.core.quantity.Rational;

/**
 * A plan that was searched for.
 *
 * @param menu what could be chosen
 * @param broken what it does not keep of what was asked, in words
 */
public record Proposal(Menu menu, MenuSearch.Found found, List<String> broken) {

    /** Searches. @param watch may end it early */
    public static Proposal of(Menu menu, int seed, long effort, MenuSearch.Watch watch) {
        MenuSearch.Found found = MenuSearch.of(menu.problem(), seed, effort, watch);
        return new Proposal(
                menu,
                found,
                MenuCheck.of(menu.problem(), found.choices(), menu.start()).stream()
                        .map(MenuCheck.Broken::words)
                        .toList());
    }

    /** Whether it keeps everything that was asked. */
    public boolean fits() {
        return broken.isEmpty() && !overCap(menu, found);
    }

    private static boolean overCap(Menu menu, MenuSearch.Found found) {
        List<Long> bought = found.score().bought();
        return IntStream.range(0, bought.size())
                .anyMatch(week -> menu.problem().cap(week).stream()
                        .anyMatch(most -> bought.get(week) > MenuWeights.MINOR * most));
    }

    /**
     * The fewest wishes that cannot be had together, as far as the search sees: each is left out once; what still breaks
     * without it is not needed for the clash.
     *
     * @param menus what can be chosen where these are the wishes
     */
    public static List<String> clash(Wishing wishing, Function<Wishing, Menu> menus, int seed) {
        Wishing left = wishing;
        for (Wish wish : wishing.wishes()) {
            Wishing without = left.without(wish);
            Menu menu = menus.apply(without);
            MenuSearch.Found found = MenuSearch.of(menu.problem(), seed, MenuSearch.CLASH, (spent, total) -> false);
            if (found.score().broken() > 0 || overCap(menu, found)) {
                left = without;
            }
        }
        return left.wishes().stream().map(Wish::text).toList();
    }

    /** What is eaten at a meal of it; empty where nothing fits, and where it stays without being a dish. */
    public Optional<Pick> pick(int at) {
        return pick(found.choices(), at);
    }

    /** The same with another choice at this meal. */
    public Optional<Pick> instead(int at, Choice other) {
        List<Choice> changed = new ArrayList<>(found.choices());
        changed.set(at, other);
        return pick(changed, at);
    }

    /** Everything that is proposed: of open meals what is eaten. */
    public List<Pick> picks() {
        List<Pick> picks = new ArrayList<>();
        for (int at = 0; at < menu.places().size(); at++) {
            if (menu.places().get(at).open()) {
                pick(at).ifPresent(picks::add);
            }
        }
        return picks;
    }

    /** Meals that eat of one cooking are taken together: half of it would be cooked for nobody. */
    public List<Pick> together(int at) {
        List<? extends Choice> choices = found.choices();
        List<Pick> taken = new ArrayList<>();
        for (int other = 0; other < choices.size(); other++) {
            boolean cooking =
                    choices.get(at) instanceof Cooked && choices.get(other).equals(choices.get(at));
            boolean stays = !menu.problem().meals().get(other).open();
            if (other == at || cooking && !stays) {
                pick(other).ifPresent(taken::add);
            }
        }
        return taken;
    }

    private Optional<Pick> pick(List<? extends Choice> choices, int at) {
        Meal meal = menu.places().get(at).meal();
        Choice choice = choices.get(at);
        if (choice instanceof Cooked cooked) {
            return Optional.of(new Pick(
                    meal.day(),
                    meal.meal(),
                    menu.dishes().get(cooked.dish()).id(),
                    null,
                    menu.start().plusDays(cooked.day()),
                    menu.problem().from(choice, menu.offset(meal.day())).equals("freezer"),
                    List.of(),
                    meal.version()));
        }
        return choice instanceof FromStock stock
                ? Optional.of(new Pick(
                        meal.day(),
                        meal.meal(),
                        null,
                        menu.packets().get(stock.packet()).batch(),
                        null,
                        menu.packets().get(stock.packet()).frozenFor(meal.day()),
                        helpings(choices, at, stock),
                        meal.version()))
                : Optional.empty();
    }

    /** Of several dishes for one meal, what meals before it leave of each; none of one dish. */
    private List<Pick.Helping> helpings(List<? extends Choice> choices, int at, FromStock stock) {
        if (menu.packets().get(stock.packet()).parts().isEmpty()) {
            return List.of();
        }
        int before = 0;
        for (int meal = 0; meal < at; meal++) {
            before += choices.get(meal).equals(stock)
                    ? menu.problem().meals().get(meal).plates()
                    : 0;
        }
        int plates = menu.problem().meals().get(at).plates();
        return menu.packets().get(stock.packet()).helpings(plates, before).stream()
                .map(part -> new Pick.Helping(part.batch(), Rational.of(part.plates(), 100)))
                .toList();
    }
}
