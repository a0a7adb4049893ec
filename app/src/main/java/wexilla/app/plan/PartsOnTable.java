package wexilla.app.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import wexilla.app.onhand.Snapshots;
import wexilla.app.platform.Act;
import wexilla.app.recipes.Recipes;
import wexilla.app.stretch.PartEvenings;
import wexilla.core.kitchen.Meal;
import wexilla.core.kitchen.Meal.Dish;
import wexilla.core.kitchen.Meal.DishKind;
import wexilla.core.kitchen.Meal.Kind;
import wexilla.core.kitchen.Written;
import wexilla.core.plan.MealOfDay;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.lines.LineReader;

/** The dinners at which the parts of a big buy are eaten. */
@Component
class PartsOnTable implements PartEvenings {

    private final Meals slots;
    private final Planning planning;
    private final Recipes recipes;
    private final Snapshots snapshots;

    PartsOnTable(Meals slots, Planning planning, Recipes recipes, Snapshots snapshots) {
        this.slots = slots;
        this.planning = planning;
        this.recipes = recipes;
        this.snapshots = snapshots;
    }

    @Override
    public List<LocalDate> follow(Act act, List<OnTable> before, List<OnTable> after) {
        before.stream()
                .filter(old -> after.stream().noneMatch(part -> sameMeal(old, part)))
                .forEach(old -> clear(act, old));
        List<LocalDate> taken = new ArrayList<>();
        for (OnTable part : after) {
            if (!part.day().isBefore(act.day()) && !set(act, part)) {
                taken.add(part.day());
            }
        }
        return taken;
    }

    private static boolean sameMeal(OnTable one, OnTable other) {
        return one.day().equals(other.day()) && one.name().equalsIgnoreCase(other.name());
    }

    private void clear(Act act, OnTable part) {
        Optional<Meal> slot = slots.on(act.household(), part.day(), MealOfDay.DINNER);
        Optional<UUID> recipe = recipes.named(act.household(), part.name());
        if (slot.isEmpty()
                || recipe.isEmpty()
                || slot.get().locked()
                || slot.get().state() != Meal.State.PLANNED) {
            return;
        }
        List<Dish> left = slot.get().dishes().stream()
                .filter(dish -> !recipe.get().equals(dish.of()))
                .toList();
        if (left.size() < slot.get().dishes().size()) {
            save(act, slot.get(), left.isEmpty() ? Kind.UNDECIDED : slot.get().kind(), left);
        }
    }

    /** @return false where something else is eaten that evening */
    private boolean set(Act act, OnTable part) {
        Optional<Meal> planned = slots.on(act.household(), part.day(), MealOfDay.DINNER);
        Optional<UUID> known = recipes.named(act.household(), part.name());
        if (planned.isPresent() && planned.get().kind() != Kind.UNDECIDED) {
            Meal slot = planned.get();
            boolean there = known.isPresent()
                    && slot.dishes().stream().anyMatch(dish -> known.get().equals(dish.of()));
            if (there && slot.state() == Meal.State.PLANNED) {
                List<Dish> dishes = slot.dishes().stream()
                        .map(dish -> known.get().equals(dish.of()) && dish.kind() == DishKind.RECIPE
                                ? dish(known.get(), part)
                                : dish)
                        .toList();
                if (!dishes.equals(slot.dishes())) {
                    save(act, slot, slot.kind(), dishes);
                }
            }
            return there;
        }
        UUID recipe = known.map(id -> described(act, id, part)).orElseGet(() -> write(act, part));
        Meal slot = planned.orElseGet(() -> planning.undecided(act, part.day(), MealOfDay.DINNER));
        save(act, slot, Kind.COOK, List.of(dish(recipe, part)));
        return true;
    }

    private static Dish dish(UUID recipe, OnTable part) {
        return new Dish(DishKind.RECIPE, recipe, "", Rational.of(part.plates()));
    }

    private void save(Act act, Meal slot, Kind kind, List<Dish> dishes) {
        slots.save(act, slot.with(kind, dishes));
    }

    /** A dish that is in nobody's book yet. */
    private UUID write(Act act, OnTable part) {
        return recipes.add(act, recipe(act, part), Written.About.NOTHING);
    }

    /** A dish that so far is nothing but a name is made of the part. */
    private UUID described(Act act, UUID id, OnTable part) {
        Written stored = recipes.current(act.household(), id);
        if (stored.recipe().lines().isEmpty() && stored.recipe().steps().isEmpty()) {
            recipes.change(act, id, stored.version(), recipe(act, part), stored.about());
        }
        return id;
    }

    /** The meat and what it is stretched with. */
    private Recipe recipe(Act act, OnTable part) {
        LineReader reader = snapshots.of(act.household()).reader();
        List<RecipeLine> lines = part.lines().stream()
                .map(line -> RecipeLine.of(reader.readStored(line)))
                .toList();
        return new Recipe(part.name(), part.plates(), lines, List.of());
    }
}
