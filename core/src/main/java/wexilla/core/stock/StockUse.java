package wexilla.core.stock;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import wexilla.core.food.Food;
import wexilla.core.food.Form;
import wexilla.core.food.Forms;
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
     * How a need is met by stock of the food and of what stands in for it.
     *
     * @param takes in the units of the lots they are from
     * @param lacking in the unit of the food asked for
     * @param instead the forms that were taken
     * @param onlyInstead whether all of the need is met by them
     */
    public record Serving(List<Take> takes, Amount lacking, List<Form> instead, boolean onlyInstead) {}

    /**
     * Meets a need of a food from its own lots first, then from the foods that silently stand in for it. All of a group
     * ("any white beans") counts as its own: what is nearest its date goes first.
     *
     * @param need in the food's own base unit
     * @param left what is there, by food key; what is taken is taken out of it
     */
    public static Serving serving(Food food, Amount need, LocalDate day, Map<String, List<OpenLot>> left, Forms forms) {
        List<Take> takes = new ArrayList<>();
        List<Form> instead = new ArrayList<>();
        Amount open = take(food.key(), need, day, left, takes);
        boolean ownTaken = !takes.isEmpty();
        List<Form> silent = new ArrayList<>(forms.silent(food.key()));
        silent.sort(Comparator.comparing(
                form -> firstOut(left.getOrDefault(form.by().key(), List.of()), day)));
        for (Form form : silent) {
            if (open.value().isZero() || !need.unit().equals(food.base())) {
                break;
            }
            Rational wanted = Rational.of(open.value().dividedBy(form.gives()).toDecimal(6));
            Amount asked = Amount.of(wanted, form.by().base());
            Amount lacking = take(form.by().key(), asked, day, left, takes);
            Rational given = asked.value().minus(lacking.value()).times(form.gives());
            if (!given.isZero()) {
                instead.add(form);
                Rational rest =
                        lacking.value().isZero() ? Rational.ZERO : open.value().minus(given);
                open = Amount.of(rest.signum() < 0 ? Rational.ZERO : rest, open.unit());
            }
        }
        boolean only = !ownTaken && !instead.isEmpty() && open.value().isZero();
        return new Serving(List.copyOf(takes), open, List.copyOf(instead), only);
    }

    private static Amount take(
            String key, Amount need, LocalDate day, Map<String, List<OpenLot>> left, List<Take> takes) {
        List<OpenLot> lots = left.getOrDefault(key, List.of());
        StockUse use = of(lots, need, day);
        left.put(key, use.after(lots));
        takes.addAll(use.takes());
        return use.lacking();
    }

    /** The day the first of these expires; far off when none is there. */
    private static LocalDate firstOut(List<OpenLot> lots, LocalDate day) {
        return lots.stream()
                .filter(lot -> !lot.pastLimit(day) && !lot.amount().value().isZero())
                .map(lot -> lot.keepBy() == null ? LocalDate.MAX.minusDays(1) : lot.keepBy())
                .min(Comparator.naturalOrder())
                .orElse(LocalDate.MAX);
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
                left.add(new OpenLot(
                        lot.id(),
                        Amount.of(
                                lot.amount().value().minus(take.amount().value()),
                                lot.amount().unit()),
                        new Cost(
                                lot.cost().known().minus(take.cost().known()),
                                lot.cost().complete()),
                        lot.keepBy(),
                        lot.limit(),
                        lot.clock(),
                        lot.cooked(),
                        lot.frozenAs()));
            }
        }
        return left;
    }
}
