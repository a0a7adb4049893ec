package wexilla.core.keeping;

import java.time.LocalDate;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import wexilla.core.quantity.Trade;

/**
 * The dates of one lot, with the rule they come from.
 *
 * @param useFrom first day of the warning
 * @param eatBy a limit: end of the last day in the fridge
 * @param bestBefore a matter of taste: freezer and cupboard
 * @param rule in words: "raw mince: fridge 1–2 days"
 */
public record KeepDates(
        @Nullable LocalDate useFrom,
        @Nullable LocalDate eatBy,
        @Nullable LocalDate bestBefore,
        String rule,
        String source) {

    /** Own definition. */
    private static final int BEFORE_BEST = Trade.whole("soon.before-best-days");

    private static final String WRITTEN = "as written down for it";

    /**
     * These dates as they are kept: with the rule of its kind where they come of it, else as somebody wrote them down.
     *
     * @param kind the dates its clock gives it where it lies
     */
    public KeepDates besides(KeepDates kind) {
        boolean same = Objects.equals(eatBy, kind.eatBy) && Objects.equals(bestBefore, kind.bestBefore);
        String own = kind.rule.isEmpty() ? WRITTEN : WRITTEN + "; of its kind: " + kind.rule;
        return new KeepDates(useFrom, eatBy, bestBefore, same ? kind.rule : own, kind.source);
    }

    /** How it stands with the dates. */
    public enum Urgency {
        /** Past the limit, or past its best. */
        PAST,
        /** The warning has begun. */
        SOON,
        FINE,
        /** No keeping time is known. */
        UNKNOWN
    }

    /** How it stands on this day. */
    public Urgency urgency(LocalDate today) {
        return last().map(last -> last.isBefore(today)
                        ? Urgency.PAST
                        : soonFrom().filter(soon -> !soon.isAfter(today)).isPresent() ? Urgency.SOON : Urgency.FINE)
                .orElse(Urgency.UNKNOWN);
    }

    /** Since when it is to be used soon: by the warning of its rule before a limit, 30 days before a best before. */
    public Optional<LocalDate> soonFrom() {
        if (eatBy != null) {
            return Optional.of(useFrom == null ? eatBy : useFrom);
        }
        return Optional.ofNullable(bestBefore).map(best -> best.minusDays(BEFORE_BEST));
    }

    /** Whether its limit ends on one of these days, both included. */
    public boolean limitWithin(LocalDate from, LocalDate to) {
        return eatBy != null && !eatBy.isBefore(from) && !eatBy.isAfter(to);
    }

    /** The date that counts for "first to expire": the limit, else the wish. */
    public Optional<LocalDate> last() {
        return Optional.ofNullable(eatBy != null ? eatBy : bestBefore);
    }
}
