package wexilla.core.stock.notes;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import org.jspecify.annotations.Nullable;
import wexilla.core.keeping.LotClock;
import wexilla.core.quantity.NotAnAmount;
import wexilla.core.stock.notes.NoteDates.Day;
import wexilla.core.stock.notes.NoteDates.Event;

/**
 * The days a note says of a thing.
 *
 * @param from day 0 of its clock: bought, cooked, cut, put up; null when nobody said
 * @param bare a day that was said without a role: in a freezer the day it was frozen
 * @param opened the day its packing was opened
 * @param frozen the day it went into the freezer
 * @param out the day it was taken out to thaw, {@code thawed} the day thawing was done
 * @param limit the date on its packing
 * @param made whether it was made or cooked on a day that was said
 * @param past whether the day is only a month, so that it must have been put by since
 * @param atOnce whether it thawed in water or a microwave, and is cooked at once
 */
public record Since(
        @Nullable LocalDate from,
        @Nullable LocalDate bare,
        @Nullable LocalDate opened,
        @Nullable LocalDate frozen,
        @Nullable LocalDate out,
        @Nullable LocalDate thawed,
        @Nullable Limit limit,
        boolean made,
        boolean past,
        boolean atOnce) {

    /** What a date on a pack says. */
    public enum Role {
        /** Not eaten, cooked or frozen after it. */
        USE_BY,
        /** A matter of quality. */
        BEST_BEFORE,
        /** The last day it was to be sold. */
        SELL_BY
    }

    /** A date on a pack. */
    public record Limit(Role role, LocalDate day) {}

    /** Longest lives of what is shut, in days: a limit without its year lies ahead within them. Source: facts, section 4. */
    static final int RAW = 42;

    static final int CHILLED = 60;
    static final int SHELF = 3 * 366;

    /** Nothing was said. */
    public static final Since UNSAID = new Since(null, null, null, null, null, null, null, false, false, false);

    /**
     * @param life days it keeps at most, unopened
     * @param aged whether it was frozen or cooked: a day without a role is when it was
     */
    static Since of(NoteDates.Found found, int life, boolean aged, LocalDate today) {
        Since since = UNSAID;
        for (Day day : found.days()) {
            since = since.with(day, life, aged, today);
        }
        return found.atOnce()
                ? new Since(
                        since.from,
                        since.bare,
                        since.opened,
                        since.frozen,
                        since.out,
                        since.thawed == null && since.out == null ? today : since.thawed,
                        since.limit,
                        since.made,
                        since.past,
                        true)
                : since;
    }

    private Since with(Day day, int life, boolean aged, LocalDate today) {
        Event event = day.event();
        boolean ahead = event == Event.BARE && !aged && liesAhead(day, life, today);
        boolean start =
                event == Event.BARE && !ahead || event == Event.SINCE || event == Event.COOKED || event == Event.CANNED;
        LocalDate behind = day.behind();
        Limit said = event.limit() && event != Event.DISPLAY_UNTIL || ahead
                ? new Limit(
                        event == Event.USE_BY || ahead && life < SHELF
                                ? Role.USE_BY
                                : event == Event.SELL_BY ? Role.SELL_BY : Role.BEST_BEFORE,
                        ahead ? day.ahead() : ends(day, life, today))
                : limit;
        return new Since(
                start ? earlier(from, behind) : from,
                event == Event.BARE && !behind.isAfter(today) ? earlier(bare, behind) : bare,
                event == Event.OPENED ? behind : opened,
                event == Event.FROZEN ? behind : frozen,
                event == Event.OUT ? behind : out,
                event == Event.THAWED ? behind : thawed,
                said,
                made || event == Event.COOKED,
                past || day.month() && !event.limit(),
                atOnce);
    }

    /** A limit without its year is the next one its thing can have; else it has passed. */
    private static LocalDate ends(Day day, int life, LocalDate today) {
        boolean passed =
                day.ahead().isAfter(today.plusDays(life)) && !day.behind().isAfter(today);
        return passed ? day.behind() : day.ahead();
    }

    /** Whether a day without a role is a limit: it is still to come, and cannot be the one that was. */
    private static boolean liesAhead(Day day, int life, LocalDate today) {
        if (day.behind().isAfter(today.plusDays(life))) {
            throw new NotAnAmount(day.behind() + " is no day this can be from, nor one it keeps to");
        }
        if (day.behind().isAfter(today)) {
            return true;
        }
        boolean near = !day.month()
                && life < SHELF
                && day.ahead().isAfter(today)
                && !day.ahead().isAfter(today.plusDays(life));
        return near && ChronoUnit.DAYS.between(day.behind(), today) > life;
    }

    /**
     * These days, and of what was not said those that were known: what is put right later leaves the rest as it was.
     *
     * @param had the clock of what is there
     * @param printed the date on its packing; null when it has none
     */
    public Since or(LotClock had, @Nullable Limit printed) {
        boolean again = frozen != null && had.thawedOn() == null;
        LocalDate into = frozen != null ? frozen : had.frozenOn();
        // what only ever lay frozen began there
        boolean onlyFrozen = had.frozenOn() != null && had.frozenOn().equals(had.from()) && had.usedDays() == 0;
        return new Since(
                from != null ? from : had.opened() || onlyFrozen ? null : had.from(),
                bare,
                opened != null ? opened : had.opened() ? had.from() : null,
                into,
                out,
                thawed != null || out != null || again ? thawed : had.thawedOn(),
                limit != null ? limit : printed,
                made,
                past,
                atOnce);
    }

    private static LocalDate earlier(@Nullable LocalDate a, LocalDate b) {
        return a == null || b.isBefore(a) ? b : a;
    }

    /** Whether no day was said of it at all. */
    public boolean unsaid() {
        return from == null && opened == null && frozen == null && out == null && thawed == null && limit == null;
    }

    /** Whether it has been taken out of a freezer. */
    public boolean outOfFreezer() {
        return out != null || thawed != null;
    }
}
