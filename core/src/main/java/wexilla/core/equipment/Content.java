package wexilla.core.equipment;

import org.jspecify.annotations.Nullable;
import wexilla.core.quantity.Rational;

/**
 * Something that goes into a vessel.
 *
 * @param name as said
 * @param ml the room it takes
 * @param swells whether it takes up water: rice, pulses, grains, pasta
 * @param thin whether it is a liquid that makes steam
 * @param standingCm2 what it needs of the bottom when its pieces stand side by side; null when they are stacked
 */
public record Content(
        String name,
        Rational ml,
        boolean swells,
        boolean thin,
        @Nullable Rational standingCm2) {}
