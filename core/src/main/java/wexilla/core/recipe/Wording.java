package wexilla.core.recipe;

import wexilla.core.quantity.KitchenMeasure;
import wexilla.core.quantity.Measures;

/**
 * In whose measures lines are written.
 *
 * @param weighed whether dry food written in cups is given in grams where its density is known
 */
public record Wording(KitchenMeasure.System system, Measures measures, boolean weighed) {

    public static Wording of(KitchenMeasure.System system, Measures measures) {
        return new Wording(system, measures, false);
    }
}
