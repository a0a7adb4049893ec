package wexilla.core.plan;

import java.time.LocalTime;
import java.util.Locale;
import wexilla.core.quantity.Trade;

/** The meals a day can have, in the order of the day. */
public enum MealOfDay {
    BREAKFAST,
    /** Packed in the morning, or the evening before, and taken along: its time is when it is packed by. */
    BOXES,
    LUNCH,
    SNACK,
    DINNER,
    SUPPER;

    /** When it is on the table, or packed by, while nobody said otherwise. */
    public LocalTime usualTime() {
        return Trade.time(words() + ".table");
    }

    /** Minutes there are for it while nobody said otherwise. */
    public int usualMinutes() {
        return Trade.whole(words() + ".minutes");
    }

    /** "breakfast". */
    public String words() {
        return name().toLowerCase(Locale.ROOT);
    }
}
