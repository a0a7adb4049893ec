package wexilla.core.plan.ahead;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import org.jspecify.annotations.Nullable;
import wexilla.core.keeping.KeepingGuide;
import wexilla.core.keeping.LotClock;
import wexilla.core.keeping.Storage;
import wexilla.core.keeping.Thaw;
import wexilla.core.money.Cost;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.UnitWeight;
import wexilla.core.stock.OpenLot;

/**
 * What a batch will be once it is cooked: what is eaten within its fridge time lies in the fridge, what is eaten later is
 * frozen on the day it is cooked, where it freezes.
 *
 * @param from its day 0: that of the oldest cooked thing in it, or the day it is cooked
 * @param weight of a portion; null where nobody knows
 */
public record CookedAhead(
        String id,
        Rational portions,
        String keepingClass,
        LocalDate from,
        LocalDate cookOn,
        @Nullable UnitWeight weight) {

    /** Nothing in it is older than it, and nobody knows what it weighs. */
    public CookedAhead(String id, Rational portions, String keepingClass, LocalDate cookOn) {
        this(id, portions, keepingClass, cookOn, cookOn, null);
    }

    /** Portions a meal wants of it. */
    public record Wanted(LocalDate day, Rational portions) {}

    /** Its lots, the fridge first. */
    public List<OpenLot> lots(List<Wanted> wanted, KeepingGuide guide, Currency currency) {
        LocalDate limit = guide.dates(keepingClass, Storage.FRIDGE, from, from).eatBy();
        Rational late = limit == null || !guide.freezes(keepingClass)
                ? Rational.ZERO
                : wanted.stream()
                        .filter(meal -> meal.day().isAfter(limit))
                        .map(Wanted::portions)
                        .reduce(Rational.ZERO, Rational::plus);
        Rational frozen = Rational.min(late, portions);
        LotClock clock = LotClock.start(keepingClass, from);
        List<OpenLot> lots = new ArrayList<>();
        if (frozen.compareTo(portions) < 0) {
            lots.add(new OpenLot(
                            id,
                            Amount.of(portions.minus(frozen), Unit.PORTION),
                            Cost.unknown(currency),
                            limit,
                            limit,
                            clock,
                            true)
                    .weighing(weight));
        }
        if (!frozen.isZero()) {
            lots.add(new OpenLot(
                            id + "-frozen",
                            Amount.of(frozen, Unit.PORTION),
                            Cost.unknown(currency),
                            null,
                            null,
                            null,
                            clock.frozen(cookOn),
                            true,
                            Thaw.Shape.BAG,
                            null)
                    .weighing(weight));
        }
        return lots;
    }
}
