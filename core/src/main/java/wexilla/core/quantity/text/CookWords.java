package wexilla.core.quantity.text;

import wexilla.core.quantity.Amount;
import wexilla.core.quantity.KitchenRounding;

/**
 * What a cook reads of amounts and minutes, wherever they were computed; facts 5: never "1494 g" or "1129 min". What a
 * person weighed, typed or packed is told as it was.
 */
public final class CookWords {

    private static final int HOUR = 60;
    private static final int DAYS_FROM = 48 * HOUR;

    private CookWords() {}

    /** To what a scale, a jug or spoons show: "245 g", "1.3 kg", "2 1/2 tbsp". */
    public static String amount(Amount amount) {
        return KitchenRounding.nearest(amount).toString();
    }

    /** "1 meal", "3 meals". */
    public static String counted(long many, String one) {
        return many + " " + one + (many == 1 ? "" : "s");
    }

    /** "25 min", "1 h 10 min", "3 days"; never of less than none. */
    public static String minutes(long minutes) {
        if (minutes < HOUR) {
            return minutes + " min";
        }
        long rest = minutes % HOUR;
        return minutes < DAYS_FROM
                ? minutes / HOUR + " h" + (rest == 0 ? "" : " " + rest + " min")
                : minutes / (24 * HOUR) + " days";
    }
}
