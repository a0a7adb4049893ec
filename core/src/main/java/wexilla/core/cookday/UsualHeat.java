package wexilla.core.cookday;

import wexilla.core.food.Food;
import wexilla.core.food.facts.Cut;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.stretch.DishKind;

/**
 * How long heat usually takes where nobody wrote it: a bird or a joint by what it weighs, anything else as its kind does.
 * Common practice, no source; the core that has to be reached stands beside it.
 */
public final class UsualHeat {

    private static final Rational THOUSAND = Rational.of(1000);
    /** A joint lighter than this cooks as its kind does. */
    private static final Rational LIGHT = Trade.number("roast.light-grams");

    private UsualHeat() {}

    /** @param grams one piece of it weighs; zero where nobody knows */
    public static int minutes(Food food, Rational grams) {
        String group = DishKind.group(food);
        boolean bird = food.traits().cut() == Cut.BIRD;
        boolean joint = group.equals("joint") && food.keepingClass().equals("raw-roast");
        if ((bird || joint) && grams.compareTo(LIGHT) >= 0) {
            String kind = bird ? "roast.bird" : "roast.joint";
            return Trade.number(kind)
                    .plus(Trade.number(kind + "-kilo").times(grams).dividedBy(THOUSAND))
                    .rounded()
                    .intValueExact();
        }
        return group.isEmpty()
                ? Trade.whole("once.unknown")
                : Trade.number("once." + group).rounded().intValueExact();
    }
}
