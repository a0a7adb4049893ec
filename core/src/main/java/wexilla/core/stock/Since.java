package wexilla.core.stock;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import wexilla.core.stock.NoteDates.Day;
import wexilla.core.stock.NoteDates.Event;

/**
 * The days a note says of a thing.
 *
 * @param from day 0 of its clock: bought, cooked, cut, put up; null when nobody said
 * @param opened the day its packing was opened
 * @param frozen the day it went into the freezer
 * @param out the day it was taken out to thaw, {@code thawed} the day thawing was done
 * @param printed the date on its packing
 * @param made whether it was made or cooked on a day that was said
 * @param past whether the day is only a month, so that it must have been put by since
 */
public record Since(
        @Nullable LocalDate from,
        @Nullable LocalDate opened,
        @Nullable LocalDate frozen,
        @Nullable LocalDate out,
        @Nullable LocalDate thawed,
        @Nullable LocalDate printed,
        boolean made,
        boolean past) {

    /** Nothing was said. */
    public static final Since UNSAID = new Since(null, null, null, null, null, null, false, false);

    static Since of(Iterable<Day> days) {
        Since since = UNSAID;
        for (Day day : days) {
            since = since.with(day);
        }
        return since;
    }

    private Since with(Day day) {
        LocalDate date = day.date();
        Event event = day.event();
        boolean start = event == Event.SINCE || event == Event.COOKED || event == Event.CANNED;
        LocalDate first = start ? earlier(from, date) : from;
        return new Since(
                first,
                event == Event.OPENED ? date : opened,
                event == Event.FROZEN ? date : frozen,
                event == Event.OUT ? date : out,
                event == Event.THAWED ? date : thawed,
                event == Event.PRINTED ? date : printed,
                made || event == Event.COOKED,
                past || day.month() && event != Event.PRINTED);
    }

    private static LocalDate earlier(@Nullable LocalDate a, LocalDate b) {
        return a == null || b.isBefore(a) ? b : a;
    }

    /** Whether no day was said of it at all. */
    public boolean unsaid() {
        return from == null && opened == null && frozen == null && out == null && thawed == null && printed == null;
    }

    /** Whether it has been taken out of a freezer. */
    public boolean outOfFreezer() {
        return out != null || thawed != null;
    }
}
