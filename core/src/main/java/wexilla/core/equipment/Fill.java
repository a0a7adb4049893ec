package wexilla.core.equipment;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unfit;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.text.CookWords;

/**
 * How full a vessel gets: handbook, section 2.
 *
 * @param filled of its capacity, zero or more; above one it runs over
 * @param limit of its capacity that may be filled
 * @param loads how many such vessels, or loads of one, it takes
 * @param fits how much of all that goes in at once, up to one
 * @param next the next usual size that takes all at once; null when one load is enough or no usual size does
 * @param why in the cook's words
 * @param warnings too little in it, too little liquid
 */
public record Fill(
        Rational filled,
        Rational limit,
        int loads,
        Rational fits,
        @Nullable VesselSize next,
        String why,
        List<String> warnings,
        String source) {

    private static final int MOST_LOADS = 1000;
    private static final Rational HUNDRED = Rational.of(100);

    public Fill {
        warnings = List.copyOf(warnings);
    }

    /** @throws Unfit if the size has neither capacity nor sides and a usual depth */
    public static Fill of(VesselRule rule, VesselSize size, List<Content> contents) {
        VesselSize vessel = rule.sized(size);
        Rational capacity = vessel.ml();
        if (capacity == null) {
            throw new Unfit("“" + size.text() + "” does not say what a " + rule.kind() + " holds");
        }
        boolean swells = contents.stream().anyMatch(Content::swells);
        Rational ml = contents.stream().map(Content::ml).reduce(Rational.ZERO, Rational::plus);
        Rational standing = standing(contents);
        Rational area = vessel.areaCm2();
        boolean byCount = !standing.isZero() && area != null;
        Rational limit = byCount ? Rational.ONE : rule.limit(swells);
        Rational filled = byCount ? standing.dividedBy(Objects.requireNonNull(area)) : ml.dividedBy(capacity);
        Rational times = filled.dividedBy(limit);
        int loads = loads(times);
        Optional<VesselSize> next = loads <= 1 || byCount ? Optional.empty() : rule.nextFor(ml, swells, size);
        Rational fits = times.compareTo(Rational.ONE) <= 0 ? Rational.ONE : Rational.ONE.dividedBy(times);
        return new Fill(
                filled,
                limit,
                loads,
                fits,
                next.orElse(null),
                why(rule, byCount, swells, limit, contents),
                warnings(rule, capacity, filled, loads, contents),
                rule.source());
    }

    private static Rational standing(List<Content> contents) {
        return contents.stream()
                .map(Content::standingCm2)
                .filter(Objects::nonNull)
                .reduce(Rational.ZERO, Rational::plus);
    }

    private static String why(
            VesselRule rule, boolean byCount, boolean swells, Rational limit, List<Content> contents) {
        if (byCount) {
            return "the pieces stand side by side, so the bottom of the " + rule.kind() + " counts";
        }
        String most = "a " + rule.kind() + " is filled to " + percent(limit) + " % at most";
        if (!swells || rule.swelling() == null) {
            return most;
        }
        String swelling =
                contents.stream().filter(Content::swells).map(Content::name).collect(Collectors.joining(", "));
        return most + " when something swells in it: " + swelling;
    }

    private static List<String> warnings(
            VesselRule rule, Rational capacity, Rational filled, int loads, List<Content> contents) {
        List<String> warnings = new ArrayList<>();
        Rational each = loads < 2 ? filled : filled.dividedBy(Rational.of(loads));
        Rational least = rule.least();
        if (least != null && !filled.isZero() && each.compareTo(least) < 0) {
            warnings.add("only " + percent(each) + " % full; below " + percent(least)
                    + " % it gets too hot and dries out: take a smaller one or watch it");
        }
        Rational wanted = rule.leastLiquidMl();
        if (wanted != null) {
            Rational thin = contents.stream()
                    .filter(Content::thin)
                    .map(Content::ml)
                    .reduce(Rational.ZERO, Rational::plus)
                    .dividedBy(Rational.of(Math.max(1, loads)));
            if (thin.compareTo(wanted) < 0) {
                warnings.add("only " + ml(thin) + " of thin liquid; it needs at least " + ml(wanted)
                        + " to come to pressure, also when the food is frozen, unless the maker says otherwise");
            }
        }
        return warnings;
    }

    private static String ml(Rational ml) {
        return CookWords.amount(Amount.of(ml, Unit.ML));
    }

    /** Whole per cent, half up. */
    public static String percent(Rational share) {
        return share.times(HUNDRED).rounded().toString();
    }

    private static int loads(Rational times) {
        return times.ceiling()
                .min(BigInteger.valueOf(MOST_LOADS))
                .max(BigInteger.ONE)
                .intValueExact();
    }

    /**
     * How the depth of a batch changes in another pan: the factor of the recipe over the ratio of the areas, less one.
     * Within 15 % the baking time is kept. Common practice, no source.
     */
    public static boolean keepsBakingTime(Rational factor, Rational areas) {
        Rational change = factor.dividedBy(areas).minus(Rational.ONE);
        Rational size = change.signum() < 0 ? change.negated() : change;
        return size.compareTo(Rational.of(15, 100)) <= 0;
    }

    /**
     * How much larger one vessel is than another: by area while what is in it is shallow, by volume when it is deep.
     *
     * @throws Unfit if the two cannot be compared
     */
    public static Rational ratio(VesselRule rule, VesselSize from, VesselSize to, boolean deep) {
        Rational fromArea = from.areaCm2();
        Rational toArea = to.areaCm2();
        if (!deep && fromArea != null && toArea != null) {
            return toArea.dividedBy(fromArea);
        }
        Rational fromMl = rule.sized(from).ml();
        Rational toMl = rule.sized(to).ml();
        if (fromMl == null || toMl == null) {
            throw new Unfit("“" + from.text() + "” and “" + to.text()
                    + "” cannot be compared; give both by their sides, or both by what they hold");
        }
        return toMl.dividedBy(fromMl);
    }

    /**
     * Whether a frozen block goes into a vessel at all: it must be narrower. Common practice, no source.
     *
     * @return false also when the width of the vessel is not known
     */
    public static boolean takesBlock(VesselSize vessel, VesselSize block) {
        return vessel.widthCm() != null
                && block.widthCm() != null
                && block.widthCm().compareTo(vessel.widthCm()) < 0;
    }
}
