package wexilla.core.keeping;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import org.jspecify.annotations.Nullable;

/**
 * The clock of one lot. It counts calendar days; freezing pauses it, a started day before freezing counts as used.
 *
 * @param from day 0: bought, opened or cooked
 * @param usedDays days of its fridge time gone before it was frozen
 * @param frozenOn the day it went into the freezer, null when it never was in one
 * @param thawedOn the day thawing is done, null while frozen and when it never was
 * @param opened true once its own packing is open
 */
public record LotClock(
        String keepingClass,
        LocalDate from,
        int usedDays,
        @Nullable LocalDate frozenOn,
        @Nullable LocalDate thawedOn,
        boolean opened) {

    /** A clock that begins on this day. */
    public static LotClock start(String keepingClass, LocalDate from) {
        return new LotClock(keepingClass, from, 0, null, null, false);
    }

    /** Put into the freezer; refrozen when it had been thawed. */
    public LotClock frozen(LocalDate day) {
        int used = usedDays + KeepingGuide.usedDays(thawedOn == null ? from : thawedOn, day);
        return new LotClock(keepingClass, from, used, day, null, opened);
    }

    /**
     * Taken out to thaw in the fridge.
     *
     * @param done the day thawing is done for raw food, the day it is taken out for cooked food
     */
    public LotClock thawed(LocalDate done) {
        return new LotClock(keepingClass, from, usedDays, frozenOn, done, opened);
    }

    /** Day 0 of the fridge days counted so far, were it used on this day: a pause in the freezer does not age it. */
    public LocalDate ageFrom(LocalDate day) {
        if (frozenOn == null) {
            return from;
        }
        return (thawedOn == null ? day : thawedOn).minusDays(usedDays);
    }

    /**
     * Its packing opened: a new day 0. Opening never lengthens a life (design: facts, section 3): of the time it has open,
     * what is beyond its time shut counts as used.
     *
     * @param opened days it keeps open
     * @param shut the last day it would have kept shut; null when nobody knows, or that is taste
     */
    public LotClock opened(LocalDate day, int opened, @Nullable LocalDate shut) {
        int left = shut == null ? opened : Math.toIntExact(Math.max(0, ChronoUnit.DAYS.between(day, shut)));
        return new LotClock(keepingClass, day, Math.max(0, opened - left), frozenOn, thawedOn, true);
    }
}
