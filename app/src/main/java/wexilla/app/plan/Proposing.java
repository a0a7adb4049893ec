package wexilla.app.plan;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import wexilla.app.onhand.Snapshot;
import wexilla.app.plan.MenuBuild.Menu;
import wexilla.app.plan.MenuBuild.Place;
import wexilla.app.plan.MenuViews.Helping;
import wexilla.app.plan.MenuViews.MealChoice;
import wexilla.app.plan.MenuViews.ProposalView;
import wexilla.app.plan.MenuViews.ProposeInput;
import wexilla.app.plan.MenuViews.ProposedCook;
import wexilla.app.plan.MenuViews.ProposedMeal;
import wexilla.app.plan.MenuViews.ProposedSwap;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.core.food.book.FoodWord;
import wexilla.core.kitchen.Household;
import wexilla.core.kitchen.Meal;
import wexilla.core.menu.MenuCheck;
import wexilla.core.menu.MenuCooking;
import wexilla.core.menu.MenuProblem;
import wexilla.core.menu.MenuProblem.Choice;
import wexilla.core.menu.MenuProblem.Cooked;
import wexilla.core.menu.MenuProblem.FromStock;
import wexilla.core.menu.WishReader;
import wexilla.core.menu.WishReader.UseBy;
import wexilla.core.menu.WishReader.Wish;
import wexilla.core.menu.WishReader.Without;
import wexilla.core.menu.search.MenuReasons;
import wexilla.core.menu.search.MenuSearch;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;
import wexilla.core.quantity.Rational;

/** Searches a plan for a household and says why it is so. */
@Component
class Proposing {

    private static final int MOST_ASKS = 12;
    private final MenuBuild build;
    private final Searches searches;

    Proposing(MenuBuild build, Searches searches) {
        this.build = build;
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
            MenuWishing wishing = wishing(now, from, input);
            Menu menu = build.of(now, new MenuBuild.Asked(from, input.days(), input.anew(), wishing));
            named(menu, wishing);
            int seed = input.seed() == null ? 1 : input.seed();
            MenuSearch.Found found = MenuSearch.of(menu.problem(), seed, effort, search);
            List<String> broken = MenuCheck.of(menu.problem(), found.choices(), from).stream()
                    .map(MenuCheck.Broken::words)
                    .toList();
            boolean fits = broken.isEmpty() && !overBudget(menu, found);
            List<String> clash = fits || search.stopped() ? List.of() : clash(now, input, from, wishing, seed);
            return view(menu, found, broken, clash, household);
        }
    }

    private static MenuWishing wishing(Snapshot now, LocalDate from, ProposeInput input) {
        List<String> asks = input.asks() == null ? List.of() : input.asks();
        if (asks.size() > MOST_ASKS) {
            throw Problem.at("/asks", asks.size() + " wishes; " + MOST_ASKS + " is the most.");
        }
        WishReader reader = new WishReader(now.today(), from, now.household().currency());
        List<Wish> wishes = new ArrayList<>();
        for (int i = 0; i < asks.size(); i++) {
            String ask = Asked.name("/asks/" + i, asks.get(i), 120);
            wishes.add(called(now, Asked.at("/asks/" + i, () -> reader.read(ask))));
        }
        return new MenuWishing(
                Asked.at("/sliders", () -> MenuWishing.weights(input.mixture(), input.sliders())),
                input.budget() == null || input.budget().isBlank()
                        ? null
                        : Asked.money("/budget", input.budget(), now.household().currency()),
                wishes,
                wishes.stream()
                        .filter(Without.class::isInstance)
                        .map(wish -> FoodWord.of(((Without) wish).what(), now.book()))
                        .toList(),
                input.kept() == null ? List.of() : input.kept(),
                input.before() == null ? List.of() : input.before());
    }

    /** A food that is to be used up, as it is called on hand: "turkey mince" is minced turkey. */
    private static Wish called(Snapshot now, Wish wish) {
        if (!(wish instanceof UseBy use)
                || now.open().stream().anyMatch(lot -> MenuWishing.named(lot.name(), use.food()))) {
            return wish;
        }
        return new UseBy(use.text(), now.reader().read(use.food()).foodName(), use.by());
    }

    /** A food that is to be used up must be there, and some dish must use it. */
    private static void named(Menu menu, MenuWishing wishing) {
        for (int i = 0; i < wishing.wishes().size(); i++) {
            if (wishing.wishes().get(i) instanceof UseBy use
                    && menu.problem().foods().stream().noneMatch(food -> MenuWishing.named(food.name(), use.food()))) {
                throw Problem.at(
                        "/asks/" + i,
                        "No " + use.food()
                                + " is there that is not spoken for and that a recipe of the book uses; look at On hand.");
            }
        }
    }

    private static boolean overBudget(Menu menu, MenuSearch.Found found) {
        return menu.problem().budget() != MenuProblem.NONE
                && found.score().bought().stream()
                        .anyMatch(week -> week > 100 * menu.problem().budget());
    }

    /**
     * The fewest wishes that cannot be had together, as far as the search sees: each is left out once; what still breaks
     * without it is not needed for the clash.
     */
    private List<String> clash(Snapshot now, ProposeInput input, LocalDate from, MenuWishing wishing, int seed) {
        MenuWishing left = wishing;
        for (Wish wish : wishing.wishes()) {
            MenuWishing without = left.without(wish);
            if (breaks(now, input, from, without, seed)) {
                left = without;
            }
        }
        return left.wishes().stream().map(Wish::text).toList();
    }

    private boolean breaks(Snapshot now, ProposeInput input, LocalDate from, MenuWishing wishing, int seed) {
        Menu menu = build.of(now, new MenuBuild.Asked(from, input.days(), input.anew(), wishing));
        MenuSearch.Found found = MenuSearch.of(menu.problem(), seed, MenuSearch.CLASH, (spent, total) -> false);
        return found.score().broken() > 0 || overBudget(menu, found);
    }

    private static ProposalView view(
            Menu menu, MenuSearch.Found found, List<String> broken, List<String> clash, Household household) {
        MenuProblem problem = menu.problem();
        MenuReasons reasons = new MenuReasons(problem, found.choices(), menu.start(), household.currency());
        List<ProposedMeal> meals = new ArrayList<>();
        for (int at = 0; at < problem.meals().size(); at++) {
            meals.add(meal(menu, found.choices(), reasons, at));
        }
        List<ProposedCook> cook = MenuCooking.all(problem, found.choices()).stream()
                .map(one -> new ProposedCook(
                        menu.start().plusDays(one.of().day()).toString(),
                        problem.name(one.of()),
                        Rational.of(one.plates(), 100).plain(),
                        one.meals().size()))
                .sorted(java.util.Comparator.comparing(ProposedCook::day))
                .toList();
        Cost cost = menu.priced(found.choices(), Money.of(found.score().cost() / 100, household.currency()));
        return new ProposalView(
                menu.start().toString(),
                problem.days(),
                meals,
                cook,
                cost.known().decimal(),
                cost.complete(),
                cost.missing().orElse(null),
                found.score().bought().stream()
                        .map(week -> Money.of(week / 100, household.currency()).decimal())
                        .toList(),
                found.score().minutes(),
                reasons.whole(),
                broken,
                clash,
                found.cutOff());
    }

    private static ProposedMeal meal(Menu menu, List<Choice> choices, MenuReasons reasons, int at) {
        Place place = menu.places().get(at);
        Meal slot = place.slot();
        MenuProblem problem = menu.problem();
        MenuProblem.Meal meal = problem.meals().get(at);
        Choice choice = choices.get(at);
        List<ProposedSwap> swaps = reasons.swaps().of(at).stream()
                .map(swap -> new ProposedSwap(
                        Objects.requireNonNull(choice(menu, with(choices, at, swap.choice()), at)),
                        swap.name(),
                        swap.words()))
                .toList();
        return new ProposedMeal(
                slot.day().toString(),
                slot.meal(),
                MealTimes.words(slot.table()),
                place.open() ? problem.name(choice) : words(menu, at),
                problem.from(choice, meal.day()),
                Rational.of(meal.plates(), 100).plain(),
                choice(menu, choices, at),
                together(menu, choices, at),
                place.planned() ? words(menu, at) : "",
                place.open(),
                reasons.meal(at),
                swaps);
    }

    /** Meals that eat of one cooking are taken together: half of it would be cooked for nobody. */
    private static List<MealChoice> together(Menu menu, List<Choice> choices, int at) {
        List<MealChoice> taken = new ArrayList<>();
        for (int other = 0; other < choices.size(); other++) {
            boolean cooking =
                    choices.get(at) instanceof Cooked && choices.get(other).equals(choices.get(at));
            MealChoice choice = choice(menu, choices, other);
            boolean stays = !menu.problem().meals().get(other).open();
            if (choice != null && (other == at || cooking && !stays)) {
                taken.add(choice);
            }
        }
        return taken;
    }

    /** What stands at a meal. */
    private static String words(Menu menu, int at) {
        Meal slot = menu.places().get(at).slot();
        String named = menu.named().get(at);
        return !named.isEmpty() || slot.kind() == Meal.Kind.UNDECIDED
                ? named
                : slot.kind().name().toLowerCase(Locale.ROOT);
    }

    private static List<Choice> with(List<Choice> choices, int at, Choice other) {
        List<Choice> changed = new ArrayList<>(choices);
        changed.set(at, other);
        return changed;
    }

    /** Of several dishes for one meal, what meals before it leave of each; null of one dish. */
    private static @Nullable List<Helping> helpings(Menu menu, List<Choice> choices, int at, FromStock stock) {
        if (menu.packets().get(stock.packet()).parts().isEmpty()) {
            return null;
        }
        int before = 0;
        for (int meal = 0; meal < at; meal++) {
            before += choices.get(meal).equals(stock)
                    ? menu.problem().meals().get(meal).plates()
                    : 0;
        }
        int plates = menu.problem().meals().get(at).plates();
        return menu.packets().get(stock.packet()).helpings(plates, before).stream()
                .map(part -> new Helping(part.batch(), BigDecimal.valueOf(part.plates(), 2)))
                .toList();
    }

    private static @Nullable MealChoice choice(Menu menu, List<Choice> choices, int at) {
        Meal slot = menu.places().get(at).slot();
        Choice choice = choices.get(at);
        String day = slot.day().toString();
        if (choice instanceof Cooked cooked) {
            return new MealChoice(
                    day,
                    slot.meal(),
                    menu.dishes().get(cooked.dish()).id(),
                    null,
                    menu.start().plusDays(cooked.day()).toString(),
                    menu.problem().from(choice, menu.offset(slot.day())).equals("freezer"),
                    null,
                    slot.version());
        }
        return choice instanceof FromStock stock
                ? new MealChoice(
                        day,
                        slot.meal(),
                        null,
                        menu.packets().get(stock.packet()).batch(),
                        null,
                        menu.packets().get(stock.packet()).frozenFor(slot.day()),
                        helpings(menu, choices, at, stock),
                        slot.version())
                : null;
    }
}
