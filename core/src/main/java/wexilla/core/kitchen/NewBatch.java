package wexilla.core.kitchen;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import wexilla.core.money.Money;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Size;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.Style;

/**
 * A batch about to be written.
 *
 * @param recipe with its version {@code n}; both null for what has a name only
 * @param follows whether a proposal plans it
 * @param flat the flat sum for seasoning and oil that entered it
 */
public record NewBatch(
        UUID id,
        @Nullable UUID recipe,
        @Nullable Integer n,
        String name,
        Size size,
        Rational portions,
        Style style,
        Batch.State state,
        LocalDate cookOn,
        Money flat,
        boolean follows,
        @Nullable UUID cookedFrom) {

    /** As it is once it is written down. */
    Batch of(Planned plan) {
        Written written = recipe == null ? null : plan.recipes().get(recipe);
        return new Batch(
                id,
                name,
                portions,
                style,
                state,
                cookOn,
                size,
                recipe,
                n,
                written == null ? null : written.recipe(),
                cookedFrom,
                List.of(),
                follows);
    }

    /** A batch of a recipe. @param portions that come out of it */
    public static NewBatch of(
            UUID id,
            Written recipe,
            Sized sized,
            Rational portions,
            Style style,
            Batch.State state,
            LocalDate cookOn,
            Money flat) {
        return new NewBatch(
                id,
                recipe.id(),
                recipe.n(),
                recipe.recipe().title(),
                sized.size(),
                portions,
                style,
                state,
                cookOn,
                flat,
                false,
                null);
    }

    /** The same, as large as the meals that eat of it. */
    public NewBatch following() {
        return new NewBatch(id, recipe, n, name, size, portions, style, state, cookOn, flat, true, cookedFrom);
    }

    /** Something that was cooked without a recipe: a name and portions. */
    public static NewBatch named(UUID id, String name, Style style, Rational portions, LocalDate cookedOn, Money flat) {
        return new NewBatch(
                id, null, null, name, Size.AS_WRITTEN, portions, style, Batch.State.DONE, cookedOn, flat, false, null);
    }

    /** The same, cooked plain from a food. @param food the row of it */
    public NewBatch from(UUID food) {
        return new NewBatch(id, recipe, n, name, size, portions, style, state, cookOn, flat, follows, food);
    }
}
