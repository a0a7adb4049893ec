package wexilla.core.kitchen;

import java.time.LocalDate;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import wexilla.core.plan.MealOfDay;
import wexilla.core.plan.ahead.BigBuy;

/**
 * What a household has planned, as far as a question looks ahead and back.
 *
 * @param meals of these days, in their order; those of the last days too, where somebody asks what was eaten
 * @param batches these meals name, and those that are planned
 * @param recipes the current ones these meals name
 * @param done what was cooked today of these recipes, and waits for its meal
 * @param buys big buys that have a cook day today or later
 */
public record Planned(
        List<Meal> meals,
        Map<UUID, Batch> batches,
        Map<UUID, Written> recipes,
        Map<UUID, UUID> done,
        List<BigBuy> buys) {

    /** Nothing is planned, or nobody asks. */
    public static final Planned NONE = new Planned(List.of(), Map.of(), Map.of(), Map.of(), List.of());

    public Planned {
        meals = List.copyOf(meals);
        batches = Collections.unmodifiableMap(new LinkedHashMap<>(batches));
        recipes = Map.copyOf(recipes);
        done = Map.copyOf(done);
        buys = List.copyOf(buys);
    }

    /** The same with these meals. */
    public Planned with(List<Meal> other) {
        return new Planned(other, batches, recipes, done, buys);
    }

    /** This meal of a day, where somebody decided it. */
    public Optional<Meal> on(LocalDate day, MealOfDay which) {
        return meals.stream()
                .filter(meal -> meal.day().equals(day) && meal.meal() == which)
                .findFirst();
    }

    /** @throws IllegalStateException if nobody asked for it */
    public Written recipe(UUID id) {
        Written written = recipes.get(id);
        if (written == null) {
            throw new IllegalStateException("the recipe " + id + " was not read");
        }
        return written;
    }

    /** @throws IllegalStateException if nobody asked for it */
    public Batch batch(UUID id) {
        Batch batch = batches.get(id);
        if (batch == null) {
            throw new IllegalStateException("the batch " + id + " was not read");
        }
        return batch;
    }

    /** The plan once this is written down. */
    Planned after(Change.OfBatch change) {
        Map<UUID, Batch> next = new LinkedHashMap<>(batches);
        if (change instanceof Change.BatchSet set) {
            next.put(set.batch().id(), set.batch().of(this));
        } else if (change instanceof Change.BatchDropped dropped) {
            next.remove(dropped.batch());
        } else if (change instanceof Change.Called called) {
            next.computeIfPresent(called.batch(), (id, batch) -> batch.called(called.name()));
        }
        return new Planned(meals, next, recipes, done, buys);
    }

    /** The plan once this is written down. */
    Planned after(Change.RecipeSet change) {
        Map<UUID, Written> next = new HashMap<>(recipes);
        Written written = change.written();
        next.put(
                written.id(),
                new Written(written.id(), written.n() + 1, written.version() + 1, written.about(), written.recipe()));
        return new Planned(meals, batches, next, done, buys);
    }

    /** The plan once this is written down. */
    Planned after(Change.OfMeal change) {
        Map<UUID, Meal> next = new LinkedHashMap<>();
        meals.forEach(meal -> next.put(meal.id(), meal));
        if (change instanceof Change.MealSet set) {
            next.put(set.meal().id(), set.meal());
        }
        return with(next.values().stream()
                .sorted(Comparator.comparing(Meal::day).thenComparing(Meal::table))
                .toList());
    }

    /** The plan once this is written down. */
    Planned after(Change.PartMoved moved) {
        String stretch = moved.stretch().toString();
        List<BigBuy> next = buys.stream()
                .map(buy -> buy.id().equals(stretch) ? buy.with(moved.part(), moved.day(), moved.meal()) : buy)
                .toList();
        return new Planned(meals, batches, recipes, done, next);
    }

    /** What these meals are made of, of a kind. */
    public static Set<UUID> ids(List<Meal> meals, Meal.DishKind kind) {
        return meals.stream()
                .flatMap(meal -> meal.dishes().stream())
                .filter(dish -> dish.kind() == kind)
                .map(dish -> Objects.requireNonNull(dish.of()))
                .collect(Collectors.toCollection(HashSet::new));
    }
}
