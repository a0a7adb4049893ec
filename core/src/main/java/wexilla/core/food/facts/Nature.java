package wexilla.core.food.facts;

import java.util.Locale;

/** What a food is by nature, where rules go by it; each food's stands in the reference file. */
public enum Nature {
    /** Grain is cooked in it: water, stock. */
    COOKS_GRAIN,
    /** Thin enough to make steam in a pressure cooker; tomatoes and cream are not. */
    THIN,
    /** So wet that what swells takes up its water: tinned tomatoes. */
    WATERY,
    /** Must boil hard before anything below the boil. */
    BOIL_HARD,
    /** Cheese: set with rennet, which is of calves unless its maker says otherwise. */
    RENNET;

    /** As written in the reference file: "boil hard". */
    public static Nature ofWord(String word) {
        return valueOf(word.toUpperCase(Locale.ROOT).replace(' ', '_'));
    }
}
