package wexilla.core.keeping;

import java.time.LocalDate;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

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
                        : useFrom != null && !useFrom.isAfter(today) ? Urgency.SOON : Urgency.FINE)
                .orElse(Urgency.UNKNOWN);
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
