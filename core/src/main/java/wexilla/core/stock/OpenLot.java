package wexilla.core.stock;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import wexilla.core.keeping.LotClock;
import wexilla.core.money.Cost;
import wexilla.core.quantity.Amount;

/**
 * One quantity of one food in one place, with something left in it.
 *
 * @param amount what is left, in the lot's base unit
 * @param cost what that is worth
 * @param keepBy the date that counts for "first to expire", null when none is known
 * @param limit last day it may be eaten, where its date is a limit and not a matter of taste
 * @param clock its own clock
 * @param cooked true when it is a cooked thing, whose age a dish inherits
 */
public record OpenLot(
        String id,
        Amount amount,
        Cost cost,
        @Nullable LocalDate keepBy,
        @Nullable LocalDate limit,
        LotClock clock,
        boolean cooked) {

    /** Whether its limit has passed on this day; such a lot is never taken by itself. */
    public boolean pastLimit(LocalDate day) {
        return limit != null && limit.isBefore(day);
    }
}
