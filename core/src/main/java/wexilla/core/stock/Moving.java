package wexilla.core.stock;

import java.time.LocalDate;
import wexilla.core.keeping.KeepingRule;
import wexilla.core.keeping.LotClock;
import wexilla.core.keeping.Storage;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Unfit;

/**
 * What becomes of a lot that is put elsewhere: into the freezer it is frozen, out of it it thaws.
 *
 * @param clock its clock from then on
 */
public record Moving(Kind kind, LotClock clock) {

    /** What happens to it. */
    public enum Kind {
        FROZEN,
        THAWED,
        MOVED
    }

    /**
     * Decides it.
     *
     * @param amount what of it moves, in its own unit
     * @param name of what it is, for the words
     * @param rule of its keeping class
     * @throws Unfit if it is past its limit and would be frozen, or would thaw outside the fridge
     */
    public static Moving of(
            OpenLot lot, Amount amount, String name, Storage from, Storage to, KeepingRule rule, LocalDate day) {
        if (to == Storage.FREEZER && from != Storage.FREEZER) {
            if (lot.pastLimit(day)) {
                throw new Unfit(name + " is past its eat-by day; it is not frozen any more.");
            }
            return new Moving(Kind.FROZEN, lot.clock().frozen(day));
        }
        if (from == Storage.FREEZER && to != Storage.FREEZER) {
            if (to != Storage.FRIDGE && rule.cupboard() == null) {
                throw new Unfit("Thaw it in the fridge, never on the counter (USDA FSIS).");
            }
            return new Moving(Kind.THAWED, lot.clock().thawed(thawedOn(lot, amount, day)));
        }
        return new Moving(Kind.MOVED, lot.clock());
    }

    /** Raw food counts from when thawing should be done, cooked food from when it is taken out. */
    private static LocalDate thawedOn(OpenLot lot, Amount amount, LocalDate day) {
        return lot.cooked() ? day : day.plusDays(Math.floorDiv(lot.hoursToThaw(amount), 24));
    }
}
