package wexilla.app.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import org.jspecify.annotations.Nullable;
import wexilla.app.plan.MenuBuild.Menu;
import wexilla.app.plan.MenuViews.MealChoice;
import wexilla.app.plan.MenuViews.Mixture;
import wexilla.app.plan.MenuViews.Sliders;
import wexilla.core.food.book.FoodWord;
import wexilla.core.kitchen.Meal.DishKind;
import wexilla.core.menu.MenuProblem;
import wexilla.core.menu.MenuProblem.Choice;
import wexilla.core.menu.MenuProblem.Cooked;
import wexilla.core.menu.MenuProblem.Food;
import wexilla.core.menu.MenuProblem.Lot;
import wexilla.core.menu.MenuProblem.Meal;
import wexilla.core.menu.MenuWishes;
import wexilla.core.menu.WishReader.CookOn;
import wexilla.core.menu.WishReader.ForTheWeek;
import wexilla.core.menu.WishReader.UseBy;
import wexilla.core.menu.WishReader.Wish;
import wexilla.core.menu.WishReader.Without;
import wexilla.core.money.Money;

/**
 * What is wanted of a proposal: how much each thing counts, what was asked, what of the one before stays.
 *
 * @param budget for each week; null for none
 * @param without what the wishes forbid
 */
record MenuWishing(
        MenuWishes weights,
        @Nullable Money budget,
        List<Wish> wishes,
        List<FoodWord> without,
        List<MealChoice> kept,
        List<MealChoice> before) {

    static MenuWishes weights(Mixture mixture, @Nullable Sliders own) {
        return switch (mixture) {
            case CHEAP -> MenuWishes.CHEAP;
            case EASY -> MenuWishes.EASY;
            case VARIED -> MenuWishes.VARIED;
            case LITTLE -> MenuWishes.LITTLE;
            case OWN ->
                own == null
                        ? MenuWishes.VARIED
                        : new MenuWishes(
                                own.cheap(),
                                own.quick(),
                                own.varied(),
                                own.useUp(),
                                own.favourites(),
                                own.fewNew(),
                                own.fewChanges());
        };
    }

    /** The same without one of the wishes. */
    MenuWishing without(Wish wish) {
        return new MenuWishing(
                weights,
                budget,
                wishes.stream().filter(one -> one != wish).toList(),
                without.stream()
                        .filter(word ->
                                !(wish instanceof Without one && one.what().equals(word.words())))
                        .toList(),
                kept,
                before);
    }

    /** Whether a wish forbids a dish of this name with these foods in it. */
    boolean banned(String dish, Collection<wexilla.core.food.Food> foods) {
        return without.stream()
                .anyMatch(word -> word.isIn(dish) || foods.stream().anyMatch(word::means));
    }

    /** The problem with these meals, and what was asked of it. */
    MenuProblem onto(MenuProblem open, List<Meal> meals, Menu menu) {
        List<Meal> all = new ArrayList<>();
        for (int i = 0; i < meals.size(); i++) {
            all.add(meal(meals.get(i), menu.places().get(i), menu));
        }
        return new MenuProblem(
                open.days(),
                all,
                open.dishes(),
                open.packets(),
                foods(open, menu),
                cookMinutes(open.days(), menu.start()),
                mostAWeek(),
                open.room(),
                weights);
    }

    private List<Integer> cookMinutes(int days, LocalDate start) {
        List<Integer> minutes = new ArrayList<>();
        for (int day = 0; day < days; day++) {
            LocalDate on = start.plusDays(day);
            minutes.add(wishes.stream()
                    .filter(wish -> wish instanceof CookOn cook && cook.on(on))
                    .mapToInt(wish -> ((CookOn) wish).minutes())
                    .sum());
        }
        return minutes;
    }

    private long mostAWeek() {
        return wishes.stream()
                .filter(ForTheWeek.class::isInstance)
                .mapToLong(wish -> ((ForTheWeek) wish).most().minor())
                .min()
                .orElse(budget == null ? MenuProblem.NONE : budget.minor());
    }

    private Meal meal(Meal meal, MenuBuild.Place place, Menu menu) {
        if (!meal.open()) {
            return meal;
        }
        Choice stays = choice(kept, place, menu);
        Choice was = choice(before, place, menu);
        Choice stands = stays != null ? stays : was != null ? was : meal.stands();
        return new Meal(
                meal.day(),
                meal.plates(),
                meal.minutes(),
                meal.clock(),
                meal.against(),
                stays == null,
                stands,
                meal.who());
    }

    private static @Nullable Choice choice(List<MealChoice> choices, MenuBuild.Place place, Menu menu) {
        return choices.stream()
                .filter(one -> one.day().equals(place.slot().day().toString())
                        && one.meal() == place.slot().meal())
                .findFirst()
                .flatMap(one -> of(one, menu))
                .orElse(null);
    }

    /** What a choice that was answered stands for. */
    static java.util.Optional<Choice> of(MealChoice choice, Menu menu) {
        if (choice.batch() != null) {
            return menu.choice(DishKind.BATCH, choice.batch(), 0);
        }
        if (choice.recipe() == null) {
            return java.util.Optional.empty();
        }
        String cookOn = choice.cookOn() == null ? choice.day() : choice.cookOn();
        int day = menu.offset(Planning.date("/kept", cookOn));
        return menu.choice(DishKind.RECIPE, choice.recipe(), day)
                .filter(one -> one instanceof Cooked cooked
                        && cooked.day() >= 0
                        && cooked.day() < menu.problem().days());
    }

    private List<Food> foods(MenuProblem open, Menu menu) {
        List<Food> foods = new ArrayList<>(open.foods());
        for (Wish wish : wishes) {
            if (wish instanceof UseBy use) {
                int by = menu.offset(use.by());
                foods.replaceAll(food -> named(food.name(), use.food())
                        ? new Food(
                                food.name(),
                                food.price(),
                                food.worth(),
                                food.lots().stream().map(lot -> sooner(lot, by)).toList())
                        : food);
            }
        }
        return foods;
    }

    /** Whether what was said is this food, or names it: "the rest of the leeks". */
    static boolean named(String food, String said) {
        return new FoodWord(said, null).isIn(food) || new FoodWord(food, null).isIn(said);
    }

    private static Lot sooner(Lot lot, int by) {
        int until = lot.until() == MenuProblem.NONE ? by : Math.min(by, lot.until());
        return new Lot(lot.amount(), lot.from(), until, true);
    }
}
