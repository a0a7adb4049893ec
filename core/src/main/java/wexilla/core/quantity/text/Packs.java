package wexilla.core.quantity.text;

import org.jspecify.annotations.Nullable;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;

/**
 * Several packs of one size: {@code 2 x 400 g tins}, or pieces with their total: {@code 3 carrots (300 g)}.
 *
 * @param container only when it was written
 * @param total whether the amount of all was written, not that of each
 */
public record Packs(Rational count, Amount each, @Nullable Unit container, boolean total) {

    /** Packs of a written size. */
    public Packs(Rational count, Amount each, @Nullable Unit container) {
        this(count, each, container, false);
    }
}
