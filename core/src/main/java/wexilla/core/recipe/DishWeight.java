package wexilla.core.recipe;

import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.food.facts.Nature;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.UnitWeight;

/**
 * What a portion of a dish weighs, from what goes into it: all of it, and the water that dry grain and pasta take up where
 * the recipe names none. What boils away is left out, so that a packet thaws rather too long than too short.
 */
public final class DishWeight {

    /** Grams of water a gram of what swells takes up (handbook, section 13: 2.5 to 3 times its dry volume once cooked). */
    private static final Rational TAKES_UP = Trade.number("portion.swelling-water");

    private static final Rational MOST = Trade.number("portion.most-grams");

    private DishWeight() {}

    /** Of one portion, as it is packed in this style; the usual one where nobody knows what most of it weighs. */
    public static UnitWeight portion(Sized sized, Style style, Measures measures) {
        Rational known = Rational.ZERO;
        Rational swelling = Rational.ZERO;
        Rational water = Rational.ZERO;
        boolean unknown = false;
        for (Sized.Line line : sized.goesIn(style)) {
            Food food = line.read().knownFood().orElse(null);
            Amount most = line.most();
            Conversion.Answer answer =
                    food == null || most == null ? null : Conversion.convert(food, most, Unit.G, measures);
            if (food == null || !(answer instanceof Conversion.Converted grams)) {
                unknown |= food == null || !food.seasoning();
                continue;
            }
            Rational weight = grams.amount().value();
            known = known.plus(weight);
            if (food.swells()) {
                swelling = swelling.plus(weight);
            } else if (food.is(Nature.THIN) || food.is(Nature.WATERY)) {
                water = water.plus(weight);
            }
        }
        Rational taken = swelling.times(TAKES_UP).minus(water);
        Rational all = style == Style.COOKED && taken.signum() > 0 ? known.plus(taken) : known;
        Rational each = Rational.min(all.dividedBy(sized.portions()), MOST);
        // of a line nobody can weigh the rest is no answer: at least a usual portion
        boolean little = unknown && each.compareTo(UnitWeight.USUAL_PORTION.grams()) < 0;
        return each.signum() <= 0 || little ? UnitWeight.USUAL_PORTION : new UnitWeight(each, UnitWeight.How.ESTIMATED);
    }
}
