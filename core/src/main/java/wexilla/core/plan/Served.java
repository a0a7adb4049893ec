package wexilla.core.plan;

import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import wexilla.core.food.Food;
import wexilla.core.recipe.AtTable;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;

/**
 * What is in a dish.
 *
 * @param foods all of them; none where nobody knows
 * @param apart those of them that are put on at the table and are nowhere else in it
 */
public record Served(List<Food> foods, List<Food> apart) {

    public Served {
        foods = List.copyOf(foods);
        apart = List.copyOf(apart);
    }

    /** Of which nothing can be left out. */
    public static Served whole(Collection<Food> foods) {
        return new Served(List.copyOf(foods), List.of());
    }

    public static Served of(Recipe recipe) {
        List<RecipeLine> apart = AtTable.of(recipe);
        List<Food> foods = Eater.foods(recipe);
        if (apart.isEmpty()) {
            return whole(foods);
        }
        Set<Food> in = new HashSet<>(Eater.foods(
                recipe.lines().stream().filter(line -> !apart.contains(line)).flatMap(Served::withMade)));
        return new Served(
                foods, foods.stream().filter(food -> !in.contains(food)).toList());
    }

    /** On one plate. */
    public static Served together(List<Served> all) {
        return all.stream().reduce(whole(List.of()), Served::and);
    }

    private Served and(Served other) {
        List<Food> plain =
                Stream.concat(plain().stream(), other.plain().stream()).toList();
        List<Food> both =
                Stream.concat(foods.stream(), other.foods.stream()).distinct().toList();
        return new Served(
                both, both.stream().filter(food -> !plain.contains(food)).toList());
    }

    private static Stream<RecipeLine> withMade(RecipeLine line) {
        Recipe made = line.made();
        return made == null ? Stream.of(line) : made.withMade().stream();
    }

    /** What is in it where nothing is put on at the table. */
    List<Food> plain() {
        return foods.stream().filter(food -> !apart.contains(food)).toList();
    }
}
