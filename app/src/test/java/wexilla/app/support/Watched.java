package wexilla.app.support;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.mockito.Mockito;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.config.BeanPostProcessor;
import wexilla.app.cook.Batches;
import wexilla.app.household.Households;
import wexilla.app.onhand.Snapshot;
import wexilla.app.onhand.Snapshots;
import wexilla.app.plan.Meals;
import wexilla.app.platform.Act;
import wexilla.app.platform.Changes;
import wexilla.app.recipes.Recipes;
import wexilla.core.food.Key;
import wexilla.core.kitchen.Batch;
import wexilla.core.kitchen.Change;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.Meal;
import wexilla.core.kitchen.Planned;

/**
 * Holds every act to the core, while somebody watches: what the database has once the changes of an act are written is the
 * kitchen after them.
 */
public final class Watched implements BeanPostProcessor {

    private static volatile boolean watching;

    private final ObjectProvider<Snapshots> snapshots;
    private final ObjectProvider<Households> households;
    private final ObjectProvider<Meals> meals;
    private final ObjectProvider<Batches> batches;
    private final ObjectProvider<Recipes> recipes;

    public Watched(
            ObjectProvider<Snapshots> snapshots,
            ObjectProvider<Households> households,
            ObjectProvider<Meals> meals,
            ObjectProvider<Batches> batches,
            ObjectProvider<Recipes> recipes) {
        this.snapshots = snapshots;
        this.households = households;
        this.meals = meals;
        this.batches = batches;
        this.recipes = recipes;
    }

    /** Every change that is written while this is done is held to the kitchen after it. */
    public static synchronized <T> T during(Supplier<T> work) {
        watching = true;
        try {
            return work.get();
        } finally {
            watching = false;
        }
    }

    @Override
    public Object postProcessAfterInitialization(Object bean, String name) {
        if (!(bean instanceof Changes)) {
            return bean;
        }
        return Mockito.mock(
                bean.getClass(),
                Mockito.withSettings().stubOnly().spiedInstance(bean).defaultAnswer(call -> {
                    if (!watching || !call.getMethod().getName().equals("write")) {
                        return call.callRealMethod();
                    }
                    List<Change> changes = call.getArgument(1);
                    Act act = call.getArgument(0);
                    Kitchen before = stored(act, changes);
                    Object answer = call.callRealMethod();
                    Kitchen after = before.after(changes);
                    same(after, stored(act, changes), changes);
                    return answer;
                }));
    }

    private Kitchen stored(Act act, List<Change> changes) {
        Snapshot now = snapshots.getObject().of(act.household());
        Set<UUID> recipe = new LinkedHashSet<>();
        Set<UUID> batch = new LinkedHashSet<>();
        List<Meal> days = new ArrayList<>();
        Set<Key> priced = new HashSet<>();
        for (Change change : changes) {
            if (change instanceof Change.RecipeSet set) {
                recipe.add(set.written().id());
            } else if (change instanceof Change.BatchSet set) {
                batch.add(set.batch().id());
                Stream.ofNullable(set.batch().recipe()).forEach(recipe::add);
            } else if (change instanceof Change.MealSet set) {
                meals.getObject()
                        .on(act.household(), set.meal().day(), set.meal().meal())
                        .filter(meal ->
                                days.stream().noneMatch(other -> other.id().equals(meal.id())))
                        .ifPresent(days::add);
            } else if (change instanceof Change.PriceSeen seen) {
                priced.add(now.foods().key(seen.food()));
            }
        }
        Map<UUID, Batch> batchesById = new LinkedHashMap<>(batches.getObject().byId(now, batch));
        Kitchen kitchen = now.kitchen()
                .with(households.getObject().places(act.household()))
                .with(new Planned(days, batchesById, recipes.getObject().currents(now, recipe), Map.of(), List.of()));
        return kitchen.with(only(now.offers(), priced));
    }

    private static <V> Map<Key, V> only(Map<Key, V> all, Collection<Key> keys) {
        return keys.stream()
                .filter(all::containsKey)
                .collect(Collectors.toMap(key -> key, key -> Objects.requireNonNull(all.get(key))));
    }

    private static void same(Kitchen after, Kitchen stored, List<Change> changes) {
        assertThat(lots(stored)).as("lots after " + changes).isEqualTo(lots(after));
        assertThat(stored.prices()).as("prices after " + changes).isEqualTo(after.prices());
        assertThat(meals(stored)).as("meals after " + changes).isEqualTo(meals(after));
        for (Change change : changes) {
            if (change instanceof Change.BatchSet set) {
                assertThat(batch(stored, set)).as("batch after " + changes).isEqualTo(batch(after, set));
            } else if (change instanceof Change.RecipeSet set) {
                UUID id = set.written().id();
                assertThat(stored.planned().recipe(id).recipe())
                        .as("recipe after " + changes)
                        .isEqualTo(after.planned().recipe(id).recipe());
            }
        }
    }

    /** What it is, without what was taken for it: that is of the lots. */
    private static Batch batch(Kitchen kitchen, Change.BatchSet set) {
        return kitchen.planned().batch(set.batch().id()).of(List.of());
    }

    private static Map<UUID, Lot> lots(Kitchen kitchen) {
        return kitchen.open().stream().collect(Collectors.toMap(Lot::id, lot -> lot));
    }

    /** The number of a version is the store's own, and nobody sits in an order. */
    private static Map<UUID, List<Object>> meals(Kitchen kitchen) {
        return kitchen.planned().meals().stream()
                .collect(Collectors.toMap(
                        Meal::id,
                        meal -> List.of(
                                meal.when(),
                                meal.kind(),
                                meal.state(),
                                meal.locked(),
                                meal.note(),
                                Set.copyOf(meal.people()),
                                meal.guests(),
                                meal.dishes().stream()
                                        .map(dish -> dish.eatenBy(List.of()))
                                        .toList(),
                                meal.dishes().stream()
                                        .map(dish -> Set.copyOf(dish.eaters()))
                                        .toList())));
    }
}
