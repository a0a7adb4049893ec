package wexilla.core.planning;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Food;
import wexilla.core.people.Appetite;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.RecipeStep;
import wexilla.core.recipe.StepTime;

/**
 * One evening as planned.
 *
 * @param minutes there are for it before table time
 */
public record Evening(LocalDate day, LocalTime table, int minutes, List<Eater> eaters, List<Dish> dishes) {

    /** What is on the table. */
    public sealed interface Dish permits Cook, FromStock, Side, Named {
        String name();
    }

    /** Cooked that evening, or for it. @param portions to make; the recipe is scaled to them */
    public record Cook(Recipe recipe, int portions) implements Dish {
        @Override
        public String name() {
            return recipe.title();
        }

        public Rational factor() {
            return Rational.of(portions, recipe.portions());
        }
    }

    /**
     * A dish that is there already.
     *
     * @param key of its stock
     * @param finish the steps left for the evening
     * @param add the lines added on the night, {@code share} how much of the recipe is on the table
     * @param foods what is in it, as far as known
     */
    public record FromStock(
            String key,
            String name,
            List<RecipeStep> finish,
            List<RecipeLine> add,
            Rational share,
            List<Food> foods,
            int portions)
            implements Dish {}

    /** @param perHead for an adult portion; null when nobody said how much */
    public record Side(
            String name, @Nullable Food food, @Nullable Amount perHead) implements Dish {}

    /** A name is enough to plan and eat. */
    public record Named(String name) implements Dish {}

    public Evening {
        eaters = List.copyOf(eaters);
        dishes = List.copyOf(dishes);
    }

    /** Adult portions everybody eats together. */
    public Rational plates() {
        return Appetite.sum(eaters.stream().map(Eater::appetite).toList());
    }

    /** Whole portions to put on the table, rounded up; one when nobody is written down. */
    public int wholePortions() {
        return Appetite.wholePortions(eaters.stream().map(Eater::appetite).toList());
    }

    public LocalDateTime tableAt() {
        return day.atTime(table);
    }

    /** Minutes a dish needs before it is on the table, the hands' and its own. */
    public static StepTime time(Dish dish) {
        if (dish instanceof Cook cook) {
            return Recipe.time(cook.recipe().steps());
        }
        return dish instanceof FromStock stock ? Recipe.time(stock.finish()) : StepTime.NONE;
    }

    /** When to begin so that everything is on the table in time. */
    public LocalDateTime start() {
        int longest = dishes.stream().mapToInt(d -> time(d).minutes()).max().orElse(0);
        return tableAt().minusMinutes(longest);
    }

    /** The proteins on the table. */
    public Set<String> proteins() {
        return dishes.stream()
                .flatMap(dish -> foods(dish).stream())
                .map(food -> food.traits().protein())
                .filter(protein -> !protein.isEmpty())
                .collect(java.util.stream.Collectors.toSet());
    }

    static List<Food> foods(Dish dish) {
        if (dish instanceof Cook cook) {
            return Eater.foods(cook.recipe());
        }
        if (dish instanceof FromStock stock) {
            return stock.foods();
        }
        return dish instanceof Side side && side.food() != null ? List.of(side.food()) : List.of();
    }
}
