package wexilla.core.keeping;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/** How old something is, as people say it. */
public final class Age {

    private Age() {}

    /** "today", "1 day", "12 days", "5 weeks", "4 months", "2 years". */
    public static String words(LocalDate from, LocalDate today) {
        long days = Math.max(0, ChronoUnit.DAYS.between(from, today));
        if (days == 0) {
            return "today";
        }
        if (days < 21) {
            return of(days, "day");
        }
        if (days < 63) {
            return of(days / 7, "week");
        }
        long months = ChronoUnit.MONTHS.between(from, today);
        return months < 24 ? of(months, "month") : of(months / 12, "year");
    }

    private static String of(long count, String unit) {
        return count + " " + unit + (count == 1 ? "" : "s");
    }
}
