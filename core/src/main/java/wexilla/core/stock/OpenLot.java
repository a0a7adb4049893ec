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
import wexilla.core.quantity.UnitWeight;

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
 * @param weight of one unit of it; null for what is kept by weight, and where nobody knows
 * @param packet whether it is one packet, which thaws as a whole however much of it is eaten
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
        @Nullable String pin,
        @Nullable UnitWeight weight,
        boolean packet) {

    private static final Rational KILO = Rational.of(1000);

    /** A lot that is not frozen, to be used soon from its last day on. */
    public OpenLot(
            String id,
            Amount amount,
            Cost cost,
            @Nullable LocalDate keepBy,
            @Nullable LocalDate limit,
            LotClock clock,
            boolean cooked) {
        this(id, amount, cost, keepBy, keepBy, limit, clock, cooked, null, null, null, false);
    }

    /** A lot of a weight nobody said, packed in nothing. */
    public OpenLot(
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
        this(id, amount, cost, keepBy, soonFrom, limit, clock, cooked, frozenAs, pin, null, false);
    }

    /** The same, of which one unit weighs so much. */
    public OpenLot weighing(@Nullable UnitWeight one) {
        return new OpenLot(id, amount, cost, keepBy, soonFrom, limit, clock, cooked, frozenAs, pin, one, packet);
    }

    /** The same, spoken for by a dish: nobody else takes it. @param dish its title */
    public OpenLot pinned(@Nullable String dish) {
        return new OpenLot(id, amount, cost, keepBy, soonFrom, limit, clock, cooked, frozenAs, dish, weight, packet);
    }

    /** Hours this much of it needs to thaw in the fridge; 0 when it is not frozen. */
    public int hoursToThaw(Amount part) {
        return frozenAs == null ? 0 : Thaw.hours(thaws(part), frozenAs);
    }

    /** The rule those hours come from; empty when it is not frozen. */
    public String thawRule(Amount part) {
        return frozenAs == null ? "" : Thaw.rule(thaws(part), frozenAs);
    }

    /** How this much of it thaws in another way. */
    public ThawWay.Thawing thawed(Amount part, ThawWay way) {
        return way.of(thaws(part), frozenAs == null ? Thaw.Shape.PIECES : frozenAs);
    }

    /** It as something that goes into a dish on this day, with its own age. */
    public Ingredient ingredient(LocalDate day) {
        return new Ingredient(clock.keepingClass(), clock.ageFrom(day), cooked);
    }

    /** Kilos that thaw together: a packet as a whole. */
    private Rational thaws(Amount part) {
        boolean whole =
                packet && amount.unit().equals(part.unit()) && amount.value().compareTo(part.value()) > 0;
        return kg(whole ? amount : part);
    }

    /** What so much of it weighs; pieces of which nobody knows that count as a kilo together. */
    private Rational kg(Amount part) {
        if (part.unit().dimension() != Dimension.COUNT) {
            return part.value().dividedBy(KILO);
        }
        UnitWeight one = weight == null && part.unit().equals(Unit.PORTION) ? UnitWeight.USUAL_PORTION : weight;
        return one == null ? Rational.ONE : one.of(part).dividedBy(KILO);
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
                pin,
                weight,
                packet);
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
