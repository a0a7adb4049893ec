package wexilla.core.equipment;

import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import wexilla.core.quantity.Rational;

/**
 * How full vessels of one kind may be.
 *
 * @param kind as said: "pressure cooker"
 * @param limit most of its capacity that may be filled, above 0 and up to 1
 * @param swelling most with rice, pulses and what swells; null where that makes no difference
 * @param least least of its capacity that should be filled; null where that makes no difference
 * @param leastLiquidMl thin liquid it needs; null where it needs none
 * @param depthCm how deep a pan or tray is unless its capacity is given; null for what has no area
 * @param sizes usual sizes
 * @param source of the limits
 */
public record VesselRule(
        String kind,
        Rational limit,
        @Nullable Rational swelling,
        @Nullable Rational least,
        @Nullable Rational leastLiquidMl,
        @Nullable Rational depthCm,
        List<VesselSize> sizes,
        String source) {

    /** @throws IllegalArgumentException if a limit does not lie above 0 and up to 1 */
    public VesselRule {
        if (limit.signum() <= 0 || limit.compareTo(Rational.ONE) > 0) {
            throw new IllegalArgumentException("a limit lies above 0 and up to 1, not " + limit.plain());
        }
        sizes = List.copyOf(sizes);
    }

    /** Most that may be filled with this inside. */
    public Rational limit(boolean swells) {
        return swells && swelling != null ? swelling : limit;
    }

    /** This size, with the usual depth where it has sides only. */
    public VesselSize sized(VesselSize size) {
        return depthCm == null ? size : size.deep(depthCm);
    }

    /** The smallest usual size larger than this one that takes so much at once. */
    public Optional<VesselSize> nextFor(Rational ml, boolean swells, VesselSize now) {
        Rational wanted = ml.dividedBy(limit(swells));
        Rational than = Objects.requireNonNullElse(sized(now).ml(), Rational.ZERO);
        return sizes.stream()
                .map(this::sized)
                .filter(size -> size.largerThan(wanted) && size.largerThan(than))
                .min(Comparator.comparing(size -> Objects.requireNonNull(size.ml())));
    }
}
