package wexilla.app.propose;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import wexilla.app.onhand.Snapshot;
import wexilla.app.plan.HabitRows;
import wexilla.app.plan.MealTimes;
import wexilla.app.plan.PlanKitchen;
import wexilla.app.plan.Planning;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.app.propose.MenuViews.LeftView;
import wexilla.app.propose.MenuViews.MealChoice;
import wexilla.app.propose.MenuViews.ProposalView;
import wexilla.app.propose.MenuViews.ProposeInput;
import wexilla.app.propose.MenuViews.ProposedCook;
import wexilla.app.propose.MenuViews.ProposedMeal;
import wexilla.app.propose.MenuViews.ProposedSwap;
import wexilla.app.recipes.Recipes;
import wexilla.core.kitchen.Habits;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Meal;
import wexilla.core.kitchen.Written;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.Tastes;
import wexilla.core.menu.MenuCooking;
import wexilla.core.menu.MenuProblem;
import wexilla.core.menu.MenuProblem.Choice;
import wexilla.core.menu.search.MenuReasons;
import wexilla.core.menu.search.MenuSearch;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;
import wexilla.core.quantity.Rational;
import wexilla.core.shopping.Trips;
import wexilla.core.stations.plan.Looked;
import wexilla.core.stations.propose.Building;
import wexilla.core.stations.propose.Candidates;
import wexilla.core.stations.propose.Menu;
import wexilla.core.stations.propose.Menu.Place;
import wexilla.core.stations.propose.Proposal;
import wexilla.core.stations.propose.Till;
import wexilla.core.stations.propose.WhyNot;
import wexilla.core.stations.propose.Wishing;

/** Searches a plan for a household and says why it is so. */
@Component
class Proposing {

    private final PlanKitchen kitchens;
    private final HabitRows habits;
    private final MenuTastes tastes;
    private final Recipes recipes;
    private final Searches searches;

    Proposing(PlanKitchen kitchens, HabitRows habits, MenuTastes tastes, Recipes recipes, Searches searches) {
        this.kitchens = kitchens;
        this.habits = habits;
        this.tastes = tastes;
        this.recipes = recipes;
        this.searches = searches;
    }

    ProposalView propose(Snapshot now, ProposeInput input) {
        Household household = now.household();
        LocalDate from = input.from() == null ? now.today() : Planning.day(input.from(), now.today());
        if (input.days() < 1 || input.days() > MenuProblem.MOST_DAYS) {
            throw Problem.at("/days", "A plan has 1 to " + MenuProblem.MOST_DAYS + " days, not " + input.days() + ".");
        }
        long effort = input.effort() == null ? MenuSearch.good(input.days()) : input.effort();
        if (effort < 0 || effort > MenuSearch.BEST) {
            throw Problem.at("/effort", "The effort lies from 0 to " + MenuSearch.BEST + ", not " + effort + ".");
        }
        try (Searches.Search search = searches.begin(household, input.search(), effort)) {
            LocalDate last = from.plusDays(input.days() - 1L);
            Kitchen kitchen = kitchens.proposing(now, last);
            Wishing wishing = wishing(kitchen, from, input);
            Function<Wishing, Menu> menus = menus(now, kitchen, Looked.of(kitchen, last), from, input);
            Menu menu = menus.apply(wishing);
            wishing.hold(menu);
            int seed = input.seed() == null ? 1 : input.seed();
            Proposal proposal = Proposal.of(menu, seed, effort, search);
            List<String> clash = proposal.fits() || search.stopped() ? List.of() : Proposal.clash(wishing, menus, seed);
            Trips trips = Till.of(proposal, kitchen, habits.known(now), UUID::randomUUID);
            MenuReasons reasons = new MenuReasons(
                    menu.problem(), proposal.found().choices(), Till.told(trips), from, household.currency());
            String whyNot = input.whyNot() == null || input.whyNot().isBlank()
                    ? null
                    : WhyNot.of(proposal, reasons, wishing, Asked.name("/whyNot", input.whyNot(), 120));
            return view(proposal, clash, household, trips, reasons, whyNot);
        }
    }

    /** What can be chosen with these wishes, all of it read once. */
    private Function<Wishing, Menu> menus(
            Snapshot now, Kitchen kitchen, Looked looked, LocalDate from, ProposeInput input) {
        Tastes liked = tastes.of(now.household());
        List<Candidates.Head> heads = recipes.heads(now.household());
        Habits usual = habits.known(now);
        return wishing -> {
            Set<UUID> chosen = Candidates.chosen(
                    kitchen, heads, wishing, liked, looked.recipes().keySet());
            Map<UUID, Written> read = recipes.currents(now, chosen);
            List<Written> stored =
                    chosen.stream().map(read::get).filter(Objects::nonNull).toList();
            return Building.of(
                    kitchen, looked, usual, liked, stored, new Menu.Asked(from, input.days(), input.anew(), wishing));
        };
    }

    private static Wishing wishing(Kitchen kitchen, LocalDate from, ProposeInput input) {
        List<String> asks = input.asks() == null ? List.of() : input.asks();
        for (int i = 0; i < asks.size(); i++) {
            Asked.name("/asks/" + i, asks.get(i), 120);
        }
        Money budget = input.budget() == null || input.budget().isBlank()
                ? null
                : Asked.money("/budget", input.budget(), kitchen.household().currency());
        return Wishing.read(
                kitchen,
                from,
                Asked.at("/sliders", () -> input.mixture().weights(input.sliders())),
                budget,
                asks,
                MealChoice.picks("/kept", input.kept()),
                MealChoice.picks("/before", input.before()));
    }

    private static ProposalView view(
            Proposal proposal,
            List<String> clash,
            Household household,
            Trips trips,
            MenuReasons reasons,
            @Nullable String whyNot) {
        Menu menu = proposal.menu();
        MenuSearch.Found found = proposal.found();
        MenuProblem problem = menu.problem();
        List<ProposedMeal> meals = new ArrayList<>();
        for (int at = 0; at < problem.meals().size(); at++) {
            meals.add(meal(proposal, reasons, at));
        }
        List<ProposedCook> cook = MenuCooking.all(problem, found.choices()).stream()
                .map(one -> new ProposedCook(
                        menu.start().plusDays(one.of().day()).toString(),
                        problem.name(one.of()),
                        Rational.of(one.plates(), 100).plain(),
                        one.meals().size()))
                .sorted(java.util.Comparator.comparing(ProposedCook::day))
                .toList();
        Cost paid = trips.trips().stream().map(Trips.Trip::cost).reduce(Cost.zero(household.currency()), Cost::plus);
        Cost cost = menu.priced(found.choices(), paid.known());
        return new ProposalView(
                menu.start().toString(),
                problem.days(),
                meals,
                cook,
                cost.known().decimal(),
                cost.complete(),
                cost.missing().orElse(null),
                trips.trips().stream()
                        .map(trip -> trip.cost().known().decimal())
                        .toList(),
                trips.left().stream()
                        .map(left -> new LeftView(
                                left.food().name(),
                                left.amount().toString(),
                                left.until() == null ? null : left.until().toString(),
                                left.wasted()))
                        .toList(),
                found.score().minutes(),
                Stream.concat(reasons.whole().stream(), menu.leftOut().stream()).toList(),
                proposal.broken(),
                clash,
                whyNot,
                found.cutOff());
    }

    private static ProposedMeal meal(Proposal proposal, MenuReasons reasons, int at) {
        Menu menu = proposal.menu();
        Place place = menu.places().get(at);
        Meal slot = place.meal();
        MenuProblem problem = menu.problem();
        MenuProblem.Meal meal = problem.meals().get(at);
        Choice choice = proposal.found().choices().get(at);
        List<ProposedSwap> swaps = reasons.swaps().of(at).stream()
                .map(swap -> new ProposedSwap(
                        MealChoice.of(proposal.instead(at, swap.choice()).orElseThrow()), swap.name(), swap.words()))
                .toList();
        return new ProposedMeal(
                slot.day().toString(),
                slot.meal(),
                MealTimes.words(slot.table()),
                place.open() ? problem.name(choice) : words(menu, at),
                problem.from(choice, meal.day()),
                Rational.of(meal.plates(), 100).plain(),
                proposal.pick(at).map(MealChoice::of).orElse(null),
                proposal.together(at).stream().map(MealChoice::of).toList(),
                place.planned() ? words(menu, at) : "",
                place.open(),
                Stream.concat(menu.without(at, choice).stream(), reasons.meal(at).stream())
                        .toList(),
                swaps);
    }

    /** What stands at a meal. */
    private static String words(Menu menu, int at) {
        Meal slot = menu.places().get(at).meal();
        String named = menu.named().get(at);
        return !named.isEmpty() || slot.kind() == Meal.Kind.UNDECIDED
                ? named
                : slot.kind().name().toLowerCase(Locale.ROOT);
    }
}
