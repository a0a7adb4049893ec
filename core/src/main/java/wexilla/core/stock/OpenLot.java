package wexilla.core.stock;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import wexilla.core.keeping.KeepingGuide.Ingredient;
import wexilla.core.keeping.LotClock;
import wexilla.core.keeping.Thaw;
import wexilla.core.keeping.ThawWay;
import wexilla.core.money.Cost;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.quantity.Unit;

/**
 * One quantity of one food in one place, with something left in it.
 *
 * @param amount what is left, in the lot's base unit
 * @param cost what that is worth
 * @param keepBy the date that counts for "first to expire", null when none is known
 * @param soonFrom since when it is to be used soon; null when nothing says so
 * @param limit last day it may be eaten, where its date is a limit and not a matter of taste
 * @param clock its own clock
 * @param frozenAs the shape it lies frozen in; null when it is not frozen
 * @param pin the dish it was cut or cooked for; null when whoever comes first may have it
 * @param cooked true when it is a cooked thing, whose age a dish inherits
 */
public record OpenLot(
        String id,
        Amount amount,
        Cost cost,
        @Nullable LocalDate keepBy,
        @Nullable LocalDate soonFrom,
        @Nullable LocalDate limit,
        LotClock clock,
        boolean cooked,
        Thaw.@Nullable Shape frozenAs,
        @Nullable String pin) {

    private static final Rational PORTION_KG = Trade.number("portion.grams").dividedBy(Rational.of(1000));

    /** A lot that is not frozen, to be used soon from its last day on. */
    public OpenLot(
            String id,
            Amount amount,
            Cost cost,
            @Nullable LocalDate keepBy,
            @Nullable LocalDate limit,
            LotClock clock,
            boolean cooked) {
        this(id, amount, cost, keepBy, keepBy, limit, clock, cooked, null, null);
    }

    /** The same, spoken for by a dish: nobody else takes it. @param dish its title */
    public OpenLot pinned(@Nullable String dish) {
        return new OpenLot(id, amount, cost, keepBy, soonFrom, limit, clock, cooked, frozenAs, dish);
    }

    /** Hours this much of it needs to thaw in the fridge; 0 when it is not frozen. A portion counts as 400 g. */
    public int hoursToThaw(Amount part) {
        return frozenAs == null ? 0 : Thaw.hours(kg(part), frozenAs);
    }

    /** The rule those hours come from; empty when it is not frozen. */
    public String thawRule(Amount part) {
        return frozenAs == null ? "" : Thaw.rule(kg(part), frozenAs);
    }

    /** How this much of it thaws in another way. */
    public ThawWay.Thawing thawed(Amount part, ThawWay way) {
        return way.of(kg(part), frozenAs == null ? Thaw.Shape.PIECES : frozenAs);
    }

    /** It as something that goes into a dish on this day, with its own age. */
    public Ingredient ingredient(LocalDate day) {
        return new Ingredient(clock.keepingClass(), clock.ageFrom(day), cooked);
    }

    private static Rational kg(Amount part) {
        return part.unit().equals(Unit.PORTION)
                ? part.value().times(PORTION_KG)
                : part.unit().dimension() == Dimension.COUNT
                        ? Rational.ONE
                        : part.value().dividedBy(Rational.of(1000));
    }

    /** What is left of it after this take. */
    OpenLot less(StockUse.Take take) {
        return new OpenLot(
                id,
                Amount.of(amount.value().minus(take.amount().value()), amount.unit()),
                new Cost(cost.known().minus(take.cost().known()), cost.complete()),
                keepBy,
                soonFrom,
                limit,
                clock,
                cooked,
                frozenAs,
                pin);
    }

    /** Whether it is to be used soon on this day: its warning has begun. */
    public boolean soon(LocalDate day) {
        return soonFrom != null && !soonFrom.isAfter(day);
    }

    /** Whether its limit has passed on this day; such a lot is never taken by itself. */
    public boolean pastLimit(LocalDate day) {
        return limit != null && limit.isBefore(day);
    }

    /** Less of a dish than this is nobody's helping. */
    private static final Rational LEAST = Trade.number("eat.least-helping");

    /** Whether so much of it is too little to be anybody's helping: it is eaten with the rest. */
    public boolean nobodys(Rational left) {
        return amount.unit().equals(Unit.PORTION) && left.compareTo(LEAST) < 0;
    }
}
