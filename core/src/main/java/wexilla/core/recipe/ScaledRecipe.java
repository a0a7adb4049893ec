package wexilla.core.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.food.Nature;
import wexilla.core.food.Part;
import wexilla.core.food.Scaling;
import wexilla.core.food.Yield;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.KitchenRounding;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Quantity;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;

/**
 * All lines of a recipe at another size. Only together do they tell how much of the water the grain takes up and how
 * much boils away: the water of rice in an open pot grows less than the rice.
 */
public final class ScaledRecipe {

    /** More water than this, in parts of what the grain takes up, is a soup: it grows with the batch. */
    private static final Rational SOUP = Rational.of(5, 2);

    private ScaledRecipe() {}

    /** A line, and the rule the cook chose for it; null leaves it to what the line and its food say. */
    public record Line(ReadLine read, @Nullable Scaling rule) {}

    /** The lines in their order. */
    public static List<ScaledLine> of(List<Line> lines, Scale scale) {
        Rational absorbed = absorbed(lines, scale.measures());
        List<ScaledLine> scaled = new ArrayList<>();
        for (Line line : lines) {
            Rational ml = liquid(line, scale.measures());
            Scaling rule = rule(line, ml, absorbed);
            scaled.add(
                    rule == Scaling.EVAPORATING && ml != null && !ml.isZero()
                            ? evaporating(line.read(), ml, absorbed, scale)
                            : ScaledLine.of(line.read(), rule, scale));
        }
        return scaled;
    }

    private static Scaling rule(Line line, @Nullable Rational ml, Rational absorbed) {
        if (line.rule() != null) {
            return line.rule();
        }
        boolean cooksGrain = ml != null
                && !absorbed.isZero()
                && ml.compareTo(absorbed) >= 0
                && ml.compareTo(absorbed.times(SOUP)) <= 0;
        return cooksGrain ? Scaling.EVAPORATING : line.read().scaling();
    }

    private static ScaledLine evaporating(ReadLine line, Rational ml, Rational absorbed, Scale scale) {
        Rational taken = Rational.min(ml, absorbed);
        Rational lost = ml.minus(taken);
        Rational needed = taken.times(scale.factor()).plus(lost.times(Rational.of(scale.pots())));
        Rational by = needed.dividedBy(ml);
        String why = by.equals(scale.factor())
                ? ""
                : "the grain takes up "
                        + shown(taken.times(scale.factor())) + "; "
                        + shown(lost) + " boil away from "
                        + (scale.pots() == 1 ? "the pot" : "each of " + scale.pots() + " pots")
                        + ", however full it is";
        return ScaledLine.by(line, Scaling.EVAPORATING, by, why, scale);
    }

    private static String shown(Rational ml) {
        return KitchenRounding.nearest(Amount.of(ml, Unit.ML)).toString();
    }

    /** What the grains of these lines take up while they cook, in ml. */
    private static Rational absorbed(List<Line> lines, Measures measures) {
        Rational sum = Rational.ZERO;
        for (Line line : lines) {
            Food food = line.read().food();
            Quantity quantity = line.read().quantity();
            Yield water = food == null ? null : food.traits().yield(Part.WATER);
            if (water != null
                    && quantity != null
                    && Conversion.convert(Objects.requireNonNull(food), quantity.middle(), Unit.ML, measures)
                            instanceof Conversion.Converted dry) {
                sum = sum.plus(dry.amount().value().times(water.ofOne()));
            }
        }
        return sum;
    }

    private static @Nullable Rational liquid(Line line, Measures measures) {
        Food food = line.read().food();
        Quantity quantity = line.read().quantity();
        boolean liquid = food != null
                && food.is(Nature.COOKS_GRAIN)
                && quantity != null
                && quantity.unit().dimension() == Dimension.VOLUME;
        return liquid
                ? measures.toBase(Objects.requireNonNull(quantity).middle()).value()
                : null;
    }
}
