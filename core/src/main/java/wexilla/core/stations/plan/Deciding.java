package wexilla.core.stations.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import wexilla.core.kitchen.Answer;
import wexilla.core.kitchen.Change;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Meal;
import wexilla.core.kitchen.Meal.Dish;
import wexilla.core.kitchen.Meal.DishKind;
import wexilla.core.kitchen.Meal.Guest;
import wexilla.core.kitchen.Meal.Kind;
import wexilla.core.kitchen.Refused;
import wexilla.core.kitchen.Written;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.Person;
import wexilla.core.people.Appetite;
import wexilla.core.plan.MealOfDay;
import wexilla.core.plan.PlannedMeal.When;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Recipe;

/**
 * A meal decided by hand; what is typed by name is found, or becomes a recipe of that name.
 *
 * @param kitchen with the meals of the day, what is there, and the recipes and batches that are named
 * @param ids of what is made, each asked for once
 */
public record Deciding(Kitchen kitchen, Supplier<UUID> ids) {

    private static final int MOST_DISHES = 12;

    /**
     * A dish as chosen or typed.
     *
     * @param text its name, where it is chosen by neither
     * @param portions to make or to take; null for as many as eat
     * @param eaters who of the table eats of it; nobody named is everybody
     */
    public record Wanted(
            @Nullable UUID recipe,
            @Nullable UUID batch,
            String text,
            @Nullable Rational portions,
            List<UUID> eaters,
            boolean frozen) {

        public Wanted {
            eaters = eaters.stream().distinct().toList();
        }
    }

    /**
     * A meal as the cook wants it.
     *
     * @param beside sides and tasks, as read
     */
    public record Decided(
            When when,
            Kind kind,
            boolean locked,
            String note,
            List<UUID> people,
            List<Guest> guests,
            List<Wanted> dishes,
            List<Dish> beside) {

        public Decided {
            people = people.stream().distinct().toList();
        }
    }

    /** @throws Refused where somebody or something it names is not there */
    public Answer decide(Decided meal) {
        if (meal.dishes().size() > MOST_DISHES) {
            throw Refused.at("/dishes", meal.dishes().size() + " dishes; " + MOST_DISHES + " is the most a meal.");
        }
        List<UUID> known = kitchen.home().people().stream().map(Person::id).toList();
        if (!known.containsAll(meal.people())) {
            throw Refused.at("/people", "Somebody at the table does not eat in this household.");
        }
        List<Change> changes = new ArrayList<>();
        List<Dish> dishes = new ArrayList<>();
        for (int i = 0; i < meal.dishes().size(); i++) {
            Wanted wanted = meal.dishes().get(i);
            String at = "/dishes/" + i;
            if (!meal.people().containsAll(wanted.eaters())) {
                throw Refused.at(at + "/eaters", "Somebody who is to eat of it is not at the table.");
            }
            // who lives here, all of them, is everybody where nobody else comes
            boolean everybody = meal.guests().isEmpty() && wanted.eaters().containsAll(meal.people());
            dishes.add(dish(wanted, at, meal.kind(), changes)
                    .eatenBy(everybody ? List.of() : wanted.eaters())
                    .frozen(wanted.frozen()));
        }
        dishes.addAll(meal.beside());
        When when = meal.when();
        Optional<Meal> before = kitchen.planned().on(when.day(), when.meal());
        changes.add(new Change.MealSet(new Meal(
                before.map(Meal::id).orElseGet(ids),
                when,
                kind(meal.kind(), dishes),
                Meal.State.PLANNED,
                meal.locked(),
                meal.note(),
                before.map(Meal::version).orElse(0),
                meal.people(),
                meal.guests(),
                dishes)));
        String what = dishes.isEmpty()
                ? meal.kind().name().toLowerCase(Locale.ROOT)
                : name(kitchen.after(changes), dishes.get(0));
        String which = when.meal() == MealOfDay.DINNER ? "" : ", " + when.meal().words();
        return new Answer("Planned for " + Household.words(when.day()) + which + ": " + what, changes);
    }

    /** A dish from the stock makes it an evening from stock, whatever was pressed. */
    private static Kind kind(Kind asked, List<Dish> dishes) {
        boolean stocked =
                asked == Kind.COOK && !dishes.isEmpty() && dishes.get(0).kind() == DishKind.BATCH;
        return stocked ? Kind.STOCK : asked;
    }

    private static String name(Kitchen kitchen, Dish dish) {
        UUID of = dish.of();
        if (of == null) {
            return dish.text();
        }
        return dish.kind() == DishKind.RECIPE
                ? kitchen.planned().recipe(of).recipe().title()
                : kitchen.planned().batch(of).name();
    }

    private Dish dish(Wanted wanted, String at, Kind kind, List<Change> changes) {
        UUID batch = wanted.batch();
        if (batch != null) {
            if (!kitchen.planned().batches().containsKey(batch)) {
                throw Refused.at(at + "/batch", "There is no such dish in this household.");
            }
            return new Dish(DishKind.BATCH, batch, "", wanted.portions());
        }
        if (wanted.recipe() != null) {
            return new Dish(DishKind.RECIPE, wanted.recipe(), "", wanted.portions());
        }
        boolean stockFirst = kind == Kind.STOCK || kind == Kind.LEFTOVERS;
        return named(wanted, stockFirst, changes);
    }

    /** A recipe of that name, a dish in stock of that name, or a new recipe that has a name only. */
    private Dish named(Wanted wanted, boolean stockFirst, List<Change> changes) {
        Optional<UUID> recipe = kitchen.after(changes).planned().recipes().values().stream()
                .filter(written -> written.recipe().title().equalsIgnoreCase(wanted.text()))
                .map(Written::id)
                .sorted()
                .findFirst();
        Optional<UUID> batch = kitchen.open().stream()
                .filter(lot -> lot.name().equalsIgnoreCase(wanted.text()))
                .flatMap(lot -> Stream.ofNullable(lot.batch()))
                .findFirst();
        if (recipe.isPresent() && !(stockFirst && batch.isPresent())) {
            return new Dish(DishKind.RECIPE, recipe.get(), "", wanted.portions());
        }
        if (batch.isPresent()) {
            return new Dish(DishKind.BATCH, batch.get(), "", wanted.portions());
        }
        int makes = Appetite.portions(kitchen.home().people().stream()
                        .filter(Person::active)
                        .map(Person::appetite)
                        .toList())
                .ceiling()
                .intValueExact();
        UUID added = ids.get();
        Recipe named = new Recipe(wanted.text(), makes, List.of(), List.of());
        changes.add(new Change.RecipeSet(new Written(added, 0, 0, Written.About.NOTHING, named)));
        return new Dish(DishKind.RECIPE, added, "", wanted.portions());
    }
}
