package wexilla.core.food;

import java.util.Set;

/** Which reference foods are liquids that a grain takes up or that make steam. Own definition. */
public final class Liquids {

    private static final Set<String> COOKS_GRAIN = Set.of("water", "stock");
    private static final Set<String> THIN =
            Set.of("water", "stock", "red-wine", "white-wine", "beer", "cider", "milk", "skimmed-milk", "apple-juice");

    private Liquids() {}

    /** Water or stock, as a grain is cooked in. */
    public static boolean cooksGrain(Food food) {
        return COOKS_GRAIN.contains(food.key());
    }

    /** Thin enough to make steam in a pressure cooker; tomatoes and cream are not. */
    public static boolean thin(Food food) {
        return THIN.contains(food.key());
    }

    /** Whether it takes up so much water that it swells: rice, pulses, grains, pasta. Own definition: half as much again. */
    public static boolean swells(Food food) {
        Yield cooked = food.traits().cooked();
        return food.traits().yield(Part.WATER) != null
                || (cooked != null && cooked.ofOne().compareTo(wexilla.core.quantity.Rational.of(3, 2)) > 0);
    }
}
