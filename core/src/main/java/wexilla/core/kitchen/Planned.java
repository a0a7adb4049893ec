package wexilla.core.kitchen;

import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import wexilla.core.plan.BigBuy;

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

    /** What these meals are made of, of a kind. */
    public static Set<UUID> ids(List<Meal> meals, Meal.DishKind kind) {
        return meals.stream()
                .flatMap(meal -> meal.dishes().stream())
                .filter(dish -> dish.kind() == kind)
                .map(dish -> Objects.requireNonNull(dish.of()))
                .collect(Collectors.toCollection(HashSet::new));
    }
}
