package wexilla.core.stations.stretch;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import wexilla.core.kitchen.Change;
import wexilla.core.kitchen.Habits;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Meal;
import wexilla.core.kitchen.Meal.Dish;
import wexilla.core.kitchen.Meal.DishKind;
import wexilla.core.kitchen.Meal.Kind;
import wexilla.core.kitchen.Written;
import wexilla.core.plan.MealOfDay;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;

/**
 * The meals at which the parts of a big buy are eaten.
 *
 * @param kitchen with the meals of these days, and the recipes that are called as the parts are
 * @param day of the act; {@code ids} of what is made, each asked for once
 */
public record PartDinners(Kitchen kitchen, LocalDate day, Habits habits, Supplier<UUID> ids) {

    /**
     * A part with the meal it is eaten at.
     *
     * @param name of its dish; {@code meal} of the day
     * @param plates it makes, at least one
     * @param lines of a dish nobody has written down yet: the meat and what it is stretched with
     */
    public record OnTable(String name, LocalDate day, MealOfDay meal, int plates, List<String> lines) {

        public OnTable {
            lines = List.copyOf(lines);
        }

        private boolean sameMeal(OnTable other) {
            return day.equals(other.day()) && meal == other.meal() && name.equalsIgnoreCase(other.name());
        }
    }

    /** @param taken days that have another meal already */
    public record Followed(List<Change> changes, List<LocalDate> taken) {

        public Followed {
            changes = List.copyOf(changes);
            taken = List.copyOf(taken);
        }
    }

    /** Sets the table with what is new, and clears what is gone; what the cook decided otherwise stays. */
    public Followed follow(List<OnTable> before, List<OnTable> after) {
        List<Change> changes = new ArrayList<>();
        before.stream()
                .filter(old -> after.stream().noneMatch(old::sameMeal))
                .forEach(old -> then(changes).clear(old, changes));
        List<LocalDate> taken = new ArrayList<>();
        for (OnTable part : after) {
            if (!part.day().isBefore(day) && !then(changes).set(part, changes)) {
                taken.add(part.day());
            }
        }
        return new Followed(changes, taken);
    }

    private PartDinners then(List<Change> changes) {
        return new PartDinners(kitchen.after(changes), day, habits, ids);
    }

    private Optional<Written> named(OnTable part) {
        return kitchen.planned().recipes().values().stream()
                .filter(written -> written.recipe().title().equalsIgnoreCase(part.name()))
                .min((one, other) -> one.id().compareTo(other.id()));
    }

    private void clear(OnTable part, List<Change> changes) {
        Optional<Meal> planned = kitchen.planned()
                .on(part.day(), part.meal())
                .filter(meal -> !meal.locked() && meal.state() == Meal.State.PLANNED);
        Optional<UUID> recipe = named(part).map(Written::id);
        if (planned.isEmpty() || recipe.isEmpty()) {
            return;
        }
        Meal meal = planned.get();
        List<Dish> left = meal.dishes().stream()
                .filter(dish -> !recipe.get().equals(dish.of()))
                .toList();
        if (left.size() < meal.dishes().size()) {
            changes.add(new Change.MealSet(meal.with(left.isEmpty() ? Kind.UNDECIDED : meal.kind(), left)));
        }
    }

    /** @return false where something else is eaten that evening */
    private boolean set(OnTable part, List<Change> changes) {
        Optional<Meal> planned = kitchen.planned().on(part.day(), part.meal());
        Optional<Written> known = named(part);
        if (planned.isPresent() && planned.get().kind() != Kind.UNDECIDED) {
            return again(planned.get(), known.map(Written::id), part, changes);
        }
        UUID recipe = known.map(Written::id).orElseGet(ids);
        if (known.isEmpty()) {
            changes.add(new Change.RecipeSet(new Written(recipe, 0, 0, Written.About.NOTHING, recipe(part))));
        } else if (known.get().recipe().lines().isEmpty()
                && known.get().recipe().steps().isEmpty()) {
            // a dish that so far is nothing but a name is made of the part
            Written had = known.get();
            changes.add(new Change.RecipeSet(new Written(recipe, had.n(), had.version(), had.about(), recipe(part))));
        }
        Meal meal =
                planned.orElseGet(() -> habits.of(part.day(), part.meal()).meal(ids.get(), part.day(), Kind.UNDECIDED));
        changes.add(new Change.MealSet(meal.with(Kind.COOK, List.of(dish(recipe, part)))));
        return true;
    }

    /** It is on the table already: as many plates as it makes now. */
    private static boolean again(Meal meal, Optional<UUID> known, OnTable part, List<Change> changes) {
        boolean there = known.isPresent()
                && meal.dishes().stream().anyMatch(dish -> known.get().equals(dish.of()));
        if (there && meal.state() == Meal.State.PLANNED) {
            List<Dish> dishes = meal.dishes().stream()
                    .map(dish -> known.get().equals(dish.of()) && dish.kind() == DishKind.RECIPE
                            ? dish(known.get(), part)
                            : dish)
                    .toList();
            if (!dishes.equals(meal.dishes())) {
                changes.add(new Change.MealSet(meal.with(meal.kind(), dishes)));
            }
        }
        return there;
    }

    private static Dish dish(UUID recipe, OnTable part) {
        return new Dish(DishKind.RECIPE, recipe, "", Rational.of(part.plates()));
    }

    /** The meat and what it is stretched with. */
    private Recipe recipe(OnTable part) {
        List<RecipeLine> lines = part.lines().stream()
                .map(line -> RecipeLine.of(kitchen.reader().readStored(line)))
                .toList();
        return new Recipe(part.name(), part.plates(), lines, List.of());
    }
}
