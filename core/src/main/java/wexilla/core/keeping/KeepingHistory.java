package wexilla.core.keeping;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import wexilla.core.keeping.KeepingRule.Span;
import wexilla.core.quantity.Unfit;

/**
 * What was done with one thing, in the order of time, and until when it keeps after that.
 *
 * <p>Source: handbook, section 6: day 0 is the day of buying, opening, cooking or thawing; freezing pauses the clock; the
 * thawed clock of raw food starts when thawing is done, of cooked food when it is taken out; thawed in water or microwave
 * it is cooked at once, and only what thawed in the fridge is frozen again.
 */
public final class KeepingHistory {

    /** What can be done with it. */
    public enum What {
        BOUGHT("bought"),
        OPENED("opened"),
        COOKED("cooked"),
        FROZEN("frozen"),
        TAKEN_OUT("taken out"),
        THAWED_IN_FRIDGE("thawed in fridge"),
        THAWED_IN_WATER("thawed in cold water"),
        THAWED_IN_MICROWAVE("thawed in microwave");

        private final String words;

        What(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** What these words say. */
        public static Optional<What> of(String words) {
            return Arrays.stream(values())
                    .filter(what -> what.words.equals(words.strip().toLowerCase(Locale.ROOT)))
                    .findFirst();
        }
    }

    /** One thing that was done. */
    public record Event(LocalDateTime at, What what) {

        LocalDate day() {
            return at.toLocalDate();
        }
    }

    /** @param advice what to do about it, in the cook's words */
    public record Kept(KeepDates dates, String advice) {}

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH);

    private final KeepingGuide guide;
    private LotClock clock;
    private Storage storage;
    private boolean cooked;
    private @Nullable LocalDate outSince;
    private @Nullable Event cookAtOnce;
    private String warning = "";

    private KeepingHistory(KeepingGuide guide, String keepingClass, LocalDate first) {
        this.guide = guide;
        clock = LotClock.start(keepingClass, first);
        storage = guide.rule(keepingClass).usualStorage();
        cooked = KeepingGuide.homeCooked(keepingClass);
    }

    /**
     * Until when it keeps.
     *
     * @throws Unfit if nothing was done, the events are not in the order of time, or something was taken
     *     out or thawed that was not frozen
     */
    public static Kept of(String keepingClass, List<Event> events, KeepingGuide guide) {
        if (events.isEmpty()) {
            throw new Unfit("nothing was done with it yet: say when it was bought or cooked");
        }
        KeepingHistory history =
                new KeepingHistory(guide, keepingClass, events.get(0).day());
        LocalDateTime before = events.get(0).at();
        for (Event event : events) {
            if (event.at().isBefore(before)) {
                throw new Unfit("“" + event.what().words() + "” of " + DAY.format(event.at())
                        + " stands behind something later: write them in the order of time");
            }
            before = event.at();
            history.add(event);
        }
        return history.kept();
    }

    private void add(Event event) {
        LocalDate day = event.day();
        switch (event.what()) {
            case BOUGHT -> clock = LotClock.start(clock.keepingClass(), day);
            case OPENED -> open(day);
            case COOKED -> cook(day);
            case FROZEN -> freeze(event);
            case TAKEN_OUT -> {
                thaw(event, cooked ? day : day.plusDays(1));
                outSince = day;
            }
            case THAWED_IN_FRIDGE -> thaw(event, cooked && outSince != null ? outSince : day);
            case THAWED_IN_WATER, THAWED_IN_MICROWAVE -> {
                thaw(event, day);
                cookAtOnce = event;
            }
        }
    }

    private void open(LocalDate day) {
        clock = guide.opened(clock, day, guide.dates(clock, storage));
        storage = storage == Storage.FREEZER ? storage : Storage.FRIDGE;
    }

    /** Cooked anew a raw thing gets another class and a new day 0; what was cooked stays as old as it is. */
    private void cook(LocalDate day) {
        String now = clock.keepingClass();
        boolean wasDone = cooked && clock.frozenOn() != null;
        if (!cooked) {
            now = guide.cookedFrom(now);
        }
        clock = LotClock.start(now, wasDone ? clock.ageFrom(day) : day);
        cooked = true;
        storage = Storage.FRIDGE;
        cookAtOnce = null;
        outSince = null;
    }

    private void freeze(Event event) {
        if (cookAtOnce != null) {
            warning = "It was " + cookAtOnce.what().words()
                    + " and frozen again: only what thawed in the fridge is frozen again; cook it at once instead.";
        } else if (guide.dates(clock, storage)
                .limitWithin(LocalDate.MIN, event.day().minusDays(1))) {
            warning = "It was past its limit when it was frozen.";
        }
        clock = clock.frozen(event.day());
        storage = Storage.FREEZER;
        outSince = null;
    }

    private void thaw(Event event, LocalDate done) {
        if (storage != Storage.FREEZER && (outSince == null || event.what() == What.TAKEN_OUT)) {
            throw new Unfit("“" + event.what().words() + "” of " + DAY.format(event.at()) + ": it was not frozen then");
        }
        clock = clock.thawed(done);
        storage = Storage.FRIDGE;
    }

    private Kept kept() {
        KeepDates dates = guide.dates(clock, storage);
        if (cookAtOnce != null && storage != Storage.FREEZER) {
            LocalDate day = cookAtOnce.day();
            String rule = guide.rule(clock.keepingClass()).name() + ": "
                    + cookAtOnce.what().words() + ", cook at once";
            return new Kept(
                    new KeepDates(day, day, null, rule, "USDA FSIS, The Big Thaw"),
                    "Cook it at once; it is not frozen again raw.");
        }
        return new Kept(dates, warning.isEmpty() ? advice(dates) : warning);
    }

    private String advice(KeepDates dates) {
        LocalDate eatBy = dates.eatBy();
        if (eatBy != null) {
            boolean freezes = guide.freezes(clock.keepingClass());
            return "Eat it through dinner on " + DAY.format(eatBy) + (freezes ? ", or freeze it by then." : ".");
        }
        Span fridge = guide.rule(clock.keepingClass()).fridge();
        if (storage == Storage.FREEZER && fridge != null && dates.bestBefore() != null) {
            int left = Math.max(1, fridge.to() - clock.usedDays());
            return "Once thawed in the fridge eat it within " + left + (left == 1 ? " day." : " days.");
        }
        return dates.last().isPresent() ? "Best by then; it is no limit." : "No keeping time is recorded for this.";
    }
}
