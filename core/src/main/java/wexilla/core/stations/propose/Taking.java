package wexilla.core.stations.propose;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Stream;
import wexilla.core.kitchen.Answer;
import wexilla.core.kitchen.Batch;
import wexilla.core.kitchen.Change;
import wexilla.core.kitchen.Habits;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Meal;
import wexilla.core.kitchen.Meal.Dish;
import wexilla.core.kitchen.Meal.DishKind;
import wexilla.core.kitchen.NewBatch;
import wexilla.core.kitchen.Refused;
import wexilla.core.kitchen.Written;
import wexilla.core.kitchen.house.Household;
import wexilla.core.people.Appetite;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Style;
import wexilla.core.stations.plan.Following;
import wexilla.core.stations.plan.Seeing;

/**
 * What of a proposal is taken is decided: one batch for all meals that eat of it.
 *
 * @param kitchen with every meal from today on, the recipes and batches that are picked
 * @param day of the act
 * @param ids of what is made, each asked for once
 */
public record Taking(Kitchen kitchen, LocalDate day, Habits habits, Supplier<UUID> ids) {

    private record Cooking(UUID recipe, LocalDate day) {}

    private record Taken(Meal meal, Rational portions, Pick pick) {}

    /** @throws Refused where a meal is locked, eaten or planned otherwise by now */
    public Answer take(List<Pick> picks) {
        Map<Cooking, List<Taken>> cookings = new LinkedHashMap<>();
        Map<UUID, List<Taken>> stocked = new LinkedHashMap<>();
        Seeing seeing = new Seeing(kitchen);
        for (int i = 0; i < picks.size(); i++) {
            Pick pick = picks.get(i);
            String at = "/meals/" + i;
            Meal meal = meal(pick, at);
            Taken taken = new Taken(meal, seeing.of(meal).portions(), pick);
            if (pick.batch() != null) {
                stocked.computeIfAbsent(pick.batch(), own -> new ArrayList<>()).add(taken);
            } else if (pick.recipe() != null) {
                LocalDate cookOn = pick.cookOn() == null ? meal.day() : pick.cookOn();
                if (cookOn.isAfter(meal.day()) || cookOn.isBefore(day)) {
                    throw Refused.at(at + "/cookOn", "It is cooked between today and its meal.");
                }
                cookings.computeIfAbsent(new Cooking(pick.recipe(), cookOn), own -> new ArrayList<>())
                        .add(taken);
            } else {
                throw Refused.at(at, "Say which recipe or which dish that is there.");
            }
        }
        known(picks);
        List<Change> changes = new ArrayList<>();
        stocked.forEach((batch, all) -> all.forEach(taken -> changes.add(set(taken, DishKind.BATCH, batch))));
        cookings.forEach((cooking, all) -> changes.addAll(cook(cooking, all)));
        int many = picks.size();
        return new Answer(
                "Taken from the proposal: " + many + (many == 1 ? " meal" : " meals"),
                new Following(kitchen).with(changes));
    }

    private void known(List<Pick> picks) {
        for (Pick pick : picks) {
            List<UUID> named = new ArrayList<>();
            if (pick.batch() != null) {
                named.add(pick.batch());
            }
            pick.helpings().forEach(one -> named.add(one.batch()));
            if (!kitchen.planned().batches().keySet().containsAll(named)) {
                throw Refused.at("/meals", "A dish of this proposal is not there any more; ask again.");
            }
        }
    }

    private Meal meal(Pick pick, String at) {
        Optional<Meal> there = kitchen.planned().on(pick.day(), pick.meal());
        there.filter(meal -> meal.locked() || meal.state() != Meal.State.PLANNED)
                .ifPresent(meal -> {
                    throw Refused.at(at, Household.words(pick.day()) + " is locked or eaten by now; ask again.");
                });
        boolean changed = pick.seen() != null
                && !pick.seen().equals(there.map(Meal::version).orElse(0));
        if (changed && there.stream().noneMatch(meal -> same(meal, pick))) {
            throw Refused.at(
                    at, Household.words(pick.day()) + " was planned otherwise meanwhile; look at it, then ask again.");
        }
        return there.orElseGet(() -> habits.of(pick.day(), pick.meal()).meal(ids.get(), pick.day(), Meal.Kind.COOK));
    }

    /** Whether this is what stands there already: taken by itself, and now with the rest. */
    private boolean same(Meal meal, Pick pick) {
        return meal.dishes().stream()
                .flatMap(dish -> Stream.ofNullable(dish.of()))
                .anyMatch(of -> {
                    Batch batch = kitchen.planned().batches().get(of);
                    return of.equals(pick.recipe())
                            || of.equals(pick.batch())
                            || pick.recipe() != null
                                    && batch != null
                                    && pick.recipe().equals(batch.recipeId());
                });
    }

    private List<Change> cook(Cooking cooking, List<Taken> all) {
        boolean once = all.size() == 1 && all.get(0).meal().day().equals(cooking.day());
        if (once) {
            return List.of(set(all.get(0), DishKind.RECIPE, cooking.recipe()));
        }
        Written written = kitchen.planned().recipe(cooking.recipe());
        Rational portions = Appetite.cooked(all.stream().map(Taken::portions).reduce(Rational.ZERO, Rational::plus));
        NewBatch batch = Following.ahead(kitchen, ids.get(), written, portions, Style.COOKED, cooking.day());
        List<Change> changes = new ArrayList<>(List.of(new Change.BatchSet(batch)));
        all.forEach(taken -> changes.add(set(taken, DishKind.BATCH, batch.id())));
        return changes;
    }

    private static Change set(Taken taken, DishKind kind, UUID of) {
        Pick pick = taken.pick();
        if (pick.batch() != null && !pick.helpings().isEmpty()) {
            List<Dish> dishes = pick.helpings().stream()
                    .map(one -> new Dish(DishKind.BATCH, one.batch(), "", one.portions()))
                    .toList();
            return new Change.MealSet(taken.meal().with(Meal.Kind.STOCK, dishes));
        }
        Dish dish = new Dish(kind, of, "", kind == DishKind.BATCH ? taken.portions() : null);
        Meal.Kind now = kind == DishKind.BATCH ? Meal.Kind.STOCK : Meal.Kind.COOK;
        return new Change.MealSet(taken.meal().with(now, List.of(dish.frozen(pick.frozen()))));
    }
}
