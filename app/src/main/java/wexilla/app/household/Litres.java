package wexilla.app.household;

import java.math.BigDecimal;

/** A volume as people say it. */
final class Litres {

    private Litres() {}

    /** "5 l", "0.75 l". */
    static String text(int millilitres) {
        return BigDecimal.valueOf(millilitres, 3).stripTrailingZeros().toPlainString() + " l";
    }
}
