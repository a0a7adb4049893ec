package wexilla.core.kitchen;

import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.plan.Eater;
import wexilla.core.plan.Served;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.Size;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.Style;

/**
 * A batch: planned, cooked, or dropped; with what it takes to write its labels; {@code n} the version of its recipe, null for a name only.
 *
 * @param follows whether it is as large as the meals that eat of it
 * @param cookedFrom the food a plain part was cooked from; null where nobody knows, and for a dish
 * @param wentIn foods that were taken for it, as far as they were asked for
 */
public record Batch(
        UUID id,
        String name,
        Rational portions,
        Style style,
        State state,
        LocalDate cookOn,
        Size size,
        @Nullable UUID recipeId,
        @Nullable Integer n,
        @Nullable Recipe recipe,
        @Nullable UUID cookedFrom,
        List<Food> wentIn,
        boolean follows) {
    /** How far a batch is. */
    public enum State {
        PLANNED,
        DONE,
        DROPPED
    }

    public Written.Version version() {
        return new Written.Version(Objects.requireNonNull(recipeId), Objects.requireNonNull(n));
    }

    public Batch with(Recipe read) {
        return new Batch(
                id, name, portions, style, state, cookOn, size, recipeId, n, read, cookedFrom, wentIn, follows);
    }

    Batch called(String title) {
        return new Batch(
                id, title, portions, style, state, cookOn, size, recipeId, n, recipe, cookedFrom, wentIn, follows);
    }

    public Batch of(List<Food> foods) {
        return new Batch(
                id, name, portions, style, state, cookOn, size, recipeId, n, recipe, cookedFrom, foods, follows);
    }

    public Key key() {
        return Key.batch(id.toString());
    }

    /** Its recipe at its size. */
    public Optional<Sized> sized(Measures measures) {
        return Optional.ofNullable(recipe).map(written -> Sized.of(written, size, measures));
    }

    /** Everything that is in it: what its recipe names, and what was really taken. */
    public List<Food> foods() {
        Stream<Food> written = recipe == null ? Stream.of() : Eater.foods(recipe).stream();
        return Stream.concat(written, wentIn.stream()).distinct().toList();
    }

    /** What is in it, and what its recipe puts on at the table. */
    public Served served() {
        return new Served(
                foods(), recipe == null ? List.of() : Served.of(recipe).apart());
    }

    /** So many portions of it, at their size. */
    public Optional<Sized> sized(Rational some, Measures measures) {
        return sized(measures).map(all -> all.share(some.dividedBy(portions)));
    }
}
