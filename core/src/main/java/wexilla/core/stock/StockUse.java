package wexilla.core.stock;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;

/** What a use takes from which lots, first to expire first, and what the record lacks. */
public record StockUse(List<Take> takes, Amount lacking) {

    /** So much out of one lot, with its share of the lot's cost. */
    public record Take(OpenLot lot, Amount amount, Cost cost) {}

    private static final Comparator<OpenLot> FIRST_TO_EXPIRE = Comparator.<OpenLot, LocalDate>comparing(
                    lot -> lot.keepBy() == null ? LocalDate.MAX : lot.keepBy())
            .thenComparing(lot -> lot.clock().from())
            .thenComparing(OpenLot::id);

    /**
     * Takes an amount out of the lots that are counted in its unit; a lot past its limit is left where it is.
     *
     * @param need in g, ml, pieces or portions
     * @param day the day it is used
     */
    public static StockUse of(List<OpenLot> lots, Amount need, LocalDate day) {
        Rational open = need.value();
        List<Take> takes = new ArrayList<>();
        for (OpenLot lot : lots.stream().sorted(FIRST_TO_EXPIRE).toList()) {
            if (open.isZero()
                    || lot.pastLimit(day)
                    || !lot.amount().unit().equals(need.unit())
                    || lot.amount().value().isZero()) {
                continue;
            }
            Rational taken = Rational.min(open, lot.amount().value());
            Money cost = costTaken(lot.cost().known(), taken, lot.amount().value());
            takes.add(new Take(
                    lot,
                    Amount.of(taken, need.unit()),
                    new Cost(cost, lot.cost().complete())));
            open = open.minus(taken);
        }
        return new StockUse(List.copyOf(takes), Amount.of(open, need.unit()));
    }

    /**
     * Cost taken out of a lot: remaining cost × used / remaining amount, half up; the last use takes the rest, so that
     * the lot closes at zero.
     *
     * @throws IllegalArgumentException if more is used than remains, or nothing remains
     */
    public static Money costTaken(Money remainingCost, Rational used, Rational remaining) {
        if (used.compareTo(remaining) > 0 || remaining.isZero()) {
            throw new IllegalArgumentException("more is used than remains");
        }
        return Money.rounded(remainingCost.exact().times(used).dividedBy(remaining), remainingCost.currency());
    }

    /** What the lots hold after this use; emptied ones are left out. */
    public List<OpenLot> after(List<OpenLot> lots) {
        List<OpenLot> left = new ArrayList<>();
        for (OpenLot lot : lots) {
            Take take = takes.stream()
                    .filter(t -> t.lot().id().equals(lot.id()))
                    .findFirst()
                    .orElse(null);
            if (take == null) {
                left.add(lot);
            } else if (take.amount().value().compareTo(lot.amount().value()) < 0) {
                left.add(lot.less(take));
            }
        }
        return left;
    }
}
