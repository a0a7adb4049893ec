package wexilla.app.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;
import wexilla.app.cook.Batches;
import wexilla.app.onhand.Snapshot;
import wexilla.app.onhand.Snapshots;
import wexilla.app.plan.MenuViews.Helping;
import wexilla.app.plan.MenuViews.MealChoice;
import wexilla.app.plan.MenuViews.TakeProposal;
import wexilla.app.platform.Act;
import wexilla.app.platform.Portions;
import wexilla.app.platform.Problem;
import wexilla.app.recipes.Recipes;
import wexilla.app.recipes.Sizes;
import wexilla.core.kitchen.Batch.State;
import wexilla.core.kitchen.Household;
import wexilla.core.kitchen.Meal;
import wexilla.core.kitchen.Meal.Dish;
import wexilla.core.kitchen.Meal.DishKind;
import wexilla.core.kitchen.Meal.Kind;
import wexilla.core.kitchen.Written;
import wexilla.core.menu.MenuTogether;
import wexilla.core.people.Appetite;
import wexilla.core.plan.Eater;
import wexilla.core.plan.PlannedMeal;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.Style;

/**
 * Writes what is taken of a proposal as one act: meals, and a batch for each cooking of which more than one meal eats. What
 * is cooked for one meal on its own day is a dish of that meal.
 */
@Component
class Taking {

    private static final int MOST = 250;

    private final Meals slots;
    private final Habits habits;
    private final PlanKitchen evenings;
    private final Recipes recipes;
    private final Batches batches;
    private final Sizes sizes;
    private final Snapshots snapshots;

    Taking(
            Meals slots,
            Habits habits,
            PlanKitchen evenings,
            Recipes recipes,
            Batches batches,
            Sizes sizes,
            Snapshots snapshots) {
        this.sizes = sizes;
        this.slots = slots;
        this.habits = habits;
        this.evenings = evenings;
        this.recipes = recipes;
        this.batches = batches;
        this.snapshots = snapshots;
    }

    private record Cooking(UUID recipe, LocalDate day) {}

    /** @param helpings of several dishes that are there; empty where one is the meal */
    private record Taken(Meal slot, Rational portions, boolean frozen, List<Helping> helpings) {

        Taken(Meal slot, Rational portions, boolean frozen) {
            this(slot, portions, frozen, List.of());
        }
    }

    String take(Act act, TakeProposal input) {
        if (input.meals().isEmpty() || input.meals().size() > MOST) {
            throw Problem.at(
                    "/meals",
                    "Take 1 to " + MOST + " meals, not " + input.meals().size() + ".");
        }
        Household household = act.household();
        Snapshot now = snapshots.of(household);
        Map<Cooking, List<Taken>> cookings = new LinkedHashMap<>();
        Map<UUID, List<Taken>> stocked = new HashMap<>();
        List<UUID> replaced = new ArrayList<>();
        for (int i = 0; i < input.meals().size(); i++) {
            MealChoice choice = input.meals().get(i);
            Meal slot = slot(act, now, choice, "/meals/" + i);
            slot.dishes().stream()
                    .filter(dish -> dish.kind() == DishKind.BATCH)
                    .forEach(dish -> replaced.add(Objects.requireNonNull(dish.of())));
            PlannedMeal seen = evenings.one(now, slot);
            Rational portions = Appetite.portions(
                    seen.eaters().stream().map(Eater::appetite).toList());
            boolean frozen = Boolean.TRUE.equals(choice.frozen());
            if (choice.batch() != null) {
                stocked.computeIfAbsent(choice.batch(), own -> new ArrayList<>())
                        .add(new Taken(slot, portions, frozen, helpings(choice, "/meals/" + i)));
            } else if (choice.recipe() != null) {
                LocalDate cookOn = choice.cookOn() == null
                        ? slot.day()
                        : Planning.date("/meals/" + i + "/cookOn", choice.cookOn());
                if (cookOn.isAfter(slot.day()) || cookOn.isBefore(act.day())) {
                    throw Problem.at("/meals/" + i + "/cookOn", "It is cooked between today and its meal.");
                }
                cookings.computeIfAbsent(new Cooking(choice.recipe(), cookOn), own -> new ArrayList<>())
                        .add(new Taken(slot, portions, frozen));
            } else {
                throw Problem.at("/meals/" + i, "Say which recipe or which dish that is there.");
            }
        }
        if (!stocked.isEmpty()) {
            known(now, stocked);
        }
        stocked.forEach((batch, all) -> all.forEach(taken -> save(act, taken, DishKind.BATCH, batch)));
        cookings.forEach((cooking, all) -> cook(act, now, cooking, all));
        batches.dropUneaten(act, replaced);
        int many = input.meals().size();
        return "Taken from the proposal: " + many + (many == 1 ? " meal" : " meals");
    }

    private static List<Helping> helpings(MealChoice choice, String at) {
        List<Helping> helpings = choice.helpings() == null ? List.of() : choice.helpings();
        if (helpings.size() > MenuTogether.MOST) {
            throw Problem.at(at + "/helpings", "At most " + MenuTogether.MOST + " dishes that are there make a meal.");
        }
        helpings.forEach(one -> Portions.typed(at + "/helpings", one.portions()));
        return helpings;
    }

    private void known(Snapshot now, Map<UUID, List<Taken>> stocked) {
        Set<UUID> asked = new HashSet<>(stocked.keySet());
        stocked.values().forEach(all -> all.forEach(taken -> taken.helpings().forEach(one -> asked.add(one.batch()))));
        if (!batches.byId(now, asked).keySet().containsAll(asked)) {
            throw Problem.at("/meals", "A dish of this proposal is not there any more; ask again.");
        }
    }

    private Meal slot(Act act, Snapshot now, MealChoice choice, String at) {
        Household household = act.household();
        LocalDate day = Planning.day(choice.day(), act.day());
        Optional<Meal> there = slots.on(household, day, choice.meal());
        there.filter(slot -> slot.locked() || slot.state() != Meal.State.PLANNED)
                .ifPresent(slot -> {
                    throw Problem.at(at, Household.words(day) + " is locked or eaten by now; ask again.");
                });
        boolean changed = choice.seen() != null
                && !choice.seen().equals(there.map(Meal::version).orElse(0));
        if (changed && there.stream().noneMatch(slot -> same(now, slot, choice))) {
            throw Problem.at(
                    at, Household.words(day) + " was planned otherwise meanwhile; look at it, then ask again.");
        }
        return there.orElseGet(
                () -> habits.usual(household, day, choice.meal()).meal(UUID.randomUUID(), day, Kind.COOK));
    }

    /** Whether this is what stands there already: taken by itself, and now with the rest. */
    private boolean same(Snapshot now, Meal slot, MealChoice choice) {
        List<UUID> there = slot.dishes().stream()
                .map(Dish::of)
                .filter(Objects::nonNull)
                .map(Objects::requireNonNull)
                .toList();
        return there.contains(choice.recipe())
                || there.contains(choice.batch())
                || batches.byId(now, there).values().stream()
                        .anyMatch(batch ->
                                choice.recipe() != null && choice.recipe().equals(batch.recipeId()));
    }

    private void cook(Act act, Snapshot now, Cooking cooking, List<Taken> all) {
        Written stored = recipes.current(now, cooking.recipe());
        boolean once = all.size() == 1 && all.get(0).slot().day().equals(cooking.day());
        if (once) {
            save(act, all.get(0), DishKind.RECIPE, cooking.recipe());
            return;
        }
        Recipe recipe = stored.recipe();
        Rational portions = Appetite.cooked(all.stream().map(Taken::portions).reduce(Rational.ZERO, Rational::plus));
        Sized sized =
                sizes.pots(act.household()).sized(recipe, portions.dividedBy(Rational.of(recipe.portions())), null);
        UUID batch = batches.write(
                act,
                UUID.randomUUID(),
                stored,
                sized,
                Style.COOKED,
                State.PLANNED,
                cooking.day(),
                Objects.requireNonNull(now.costs().flat()));
        all.forEach(taken -> save(act, taken, DishKind.BATCH, batch));
    }

    private void save(Act act, Taken taken, DishKind kind, UUID of) {
        if (!taken.helpings().isEmpty()) {
            List<Dish> dishes = taken.helpings().stream()
                    .map(one -> new Dish(DishKind.BATCH, one.batch(), "", Rational.of(one.portions())))
                    .toList();
            slots.save(act, taken.slot().with(Kind.STOCK, dishes));
            return;
        }
        Dish dish = new Dish(kind, of, "", kind == DishKind.BATCH ? taken.portions() : null);
        Kind now = kind == DishKind.BATCH ? Kind.STOCK : Kind.COOK;
        slots.save(act, taken.slot().with(now, List.of(dish.frozen(taken.frozen()))));
    }
}
