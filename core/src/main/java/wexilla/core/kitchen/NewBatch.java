package wexilla.core.kitchen;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import wexilla.core.money.Money;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Size;
import wexilla.core.recipe.Style;

/**
 * A batch about to be written.
 *
 * @param recipe with its version {@code n}; both null for what has a name only
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
        Money flat) {

    /** Something that was cooked without a recipe: a name and portions. */
    public static NewBatch named(String name, Style style, Rational portions, LocalDate cookedOn, Money flat) {
        return new NewBatch(
                UUID.randomUUID(),
                null,
                null,
                name,
                Size.AS_WRITTEN,
                portions,
                style,
                Batch.State.DONE,
                cookedOn,
                flat);
    }
}
