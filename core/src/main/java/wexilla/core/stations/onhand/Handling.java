package wexilla.core.stations.onhand;

import java.time.LocalDate;
import java.util.Locale;
import java.util.UUID;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Conversion;
import wexilla.core.keeping.DishKeeping;
import wexilla.core.keeping.LotClock;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.Answer;
import wexilla.core.kitchen.Change;
import wexilla.core.kitchen.Change.Kind;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.Lot.State;
import wexilla.core.kitchen.NewLot;
import wexilla.core.kitchen.Refused;
import wexilla.core.kitchen.house.Place;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unfit;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Style;
import wexilla.core.stock.Moving;
import wexilla.core.stock.StockUse;

/**
 * What hands do with one lot: use, part, move, freeze, thaw, open, count, waste.
 *
 * @param kitchen with the lot in it, and the places of the household
 * @param day it happens on
 * @param ids of the lots that are made, each asked for once
 */
public record Handling(Kitchen kitchen, LocalDate day, Supplier<UUID> ids) {

    /** @throws Refused if it is a staple, or nothing is left of it */
    private static void holds(Lot lot) {
        if (lot.staple()) {
            throw Refused.at("/amount", lot.name() + " is not counted; say have, low or out.");
        }
        if (lot.amount().value().isZero()) {
            throw Refused.at("/amount", "There is nothing left of this " + lot.name() + ".");
        }
    }

    /**
     * The amount as asked, in the lot's own unit, as a ledger keeps it.
     *
     * @param asked null for all of it
     * @throws Refused if it cannot be counted in that unit, or is nothing
     */
    public Amount amount(Lot lot, @Nullable Amount asked) {
        holds(lot);
        if (asked == null) {
            return lot.amount();
        }
        Amount same = inUnitOf(lot, asked);
        Amount rounded = Amount.of(Rational.of(same.value().toDecimal(Change.DECIMALS)), same.unit());
        if (rounded.value().isZero()) {
            throw Refused.at("/amount", "“" + asked + "” is nothing; say how much.");
        }
        return rounded;
    }

    private Amount inUnitOf(Lot lot, Amount asked) {
        Amount base = kitchen.measures().toBase(asked);
        Unit unit = lot.amount().unit();
        UUID food = lot.food();
        if (base.unit().equals(unit)) {
            return base;
        }
        if (food == null) {
            throw Refused.at(
                    "/amount", lot.name() + " is counted in " + unit.after(Rational.of(2)) + ", not “" + asked + "”.");
        }
        Conversion.Answer answer = Conversion.convert(kitchen.foods().food(food), asked, unit, kitchen.measures());
        if (answer instanceof Conversion.Converted converted) {
            return converted.amount();
        }
        String fact = ((Conversion.Missing) answer).fact();
        throw Refused.without("/amount", "“" + asked + "” cannot be counted: the " + fact + " is missing.", fact);
    }

    /** Takes out; more than the record has is counted up first, never refused. @param asked null for all of it */
    public Answer use(Lot lot, @Nullable Amount asked, Kind kind, String reason) {
        Amount amount = amount(lot, asked);
        Rational more = amount.value().minus(lot.amount().value());
        Money none = Money.zero(lot.cost().known().currency());
        Money cost = more.signum() > 0 ? lot.cost().known() : worth(lot, amount);
        Change taken = new Change.Taken(lot.id(), amount, cost, kind, reason);
        String how = kind == Kind.WASTED ? "Binned: " : kind == Kind.GIVEN ? "Given away: " : "Used: ";
        String words = how + written(amount) + lot.name() + (reason.isEmpty() ? "" : ", " + reason);
        return more.signum() > 0
                ? new Answer(words, new Change.Counted(lot.id(), more, none, "more than the record had"), taken)
                : new Answer(words, taken);
    }

    private static String written(Amount amount) {
        return amount + (amount.unit().equals(Unit.PIECE) ? " × " : " ");
    }

    private static Money worth(Lot lot, Amount amount) {
        return StockUse.costTaken(
                lot.cost().known(), amount.value(), lot.amount().value());
    }

    /** Counted anew: what is missing leaves with its cost, what is more comes without one. */
    public Answer count(Lot lot, Amount asked) {
        Amount there = amount(lot, asked);
        Rational more = there.value().minus(lot.amount().value());
        Money none = Money.zero(lot.cost().known().currency());
        Money cost = more.signum() >= 0 ? none : none.minus(worth(lot, Amount.of(more.negated(), there.unit())));
        return new Answer(
                "Counted: " + written(there) + lot.name(), new Change.Counted(lot.id(), more, cost, "counted"));
    }

    /** Says of a staple whether it is had, low or out. */
    public Answer level(Lot lot, Lot.Level level) {
        if (!lot.staple()) {
            throw Refused.at("/level", "Only staples that are not counted are had, low or out.");
        }
        return new Answer(
                lot.name() + ": " + level.name().toLowerCase(Locale.ROOT), new Change.Levelled(lot.id(), level));
    }

    /** Whether it is a cooked dish, of which the cook can say how it keeps. */
    public static boolean cookedDish(Lot lot) {
        return lot.batch() != null && lot.state() != State.RAW && lot.style() != Style.RAW_BAG;
    }

    /** The cook says how a dish keeps; its day 0 stays. @param keepsAs one of {@link DishKeeping#CHOICES} */
    public Answer keepsAs(Lot lot, String keepsAs) {
        holds(lot);
        if (!cookedDish(lot)) {
            throw Refused.at("/id", "Only of a cooked dish it can be chosen how it keeps.");
        }
        String chosen = chosen(keepsAs);
        LotClock had = lot.clock();
        LotClock clock = new LotClock(chosen, had.from(), had.usedDays(), had.frozenOn(), had.thawedOn(), had.opened());
        return new Answer(
                lot.name() + " keeps as " + kitchen.guide().rule(chosen).name(),
                new Change.Understood(
                        lot.id(),
                        lot.food(),
                        lot.spot().place(),
                        lot.state(),
                        clock,
                        kitchen.dates(clock, lot.storage())));
    }

    /** @throws Refused if a dish does not keep so */
    public static String chosen(String keepsAs) {
        if (!DishKeeping.CHOICES.contains(keepsAs)) {
            throw Refused.at(
                    "/keepsAs",
                    "“" + keepsAs + "” is no way a dish keeps; say one of " + String.join(", ", DishKeeping.CHOICES)
                            + ".");
        }
        return keepsAs;
    }

    /** Opens its packing: a new day 0, with the class's time for opened things. */
    public Answer open(Lot lot) {
        holds(lot);
        if (kitchen.guide().rule(lot.clock().keepingClass()).opened() == null) {
            throw Refused.at("/id", "Opening " + lot.name() + " changes nothing about how long it keeps.");
        }
        Place fridge = lot.storage() == Storage.CUPBOARD
                ? kitchen.usual(Storage.FRIDGE)
                : kitchen.place(lot.spot().place());
        LotClock clock = kitchen.guide().opened(lot.clock(), day, lot.dates());
        return new Answer(
                "Opened: " + lot.name() + ", into " + fridge.name(),
                carried(lot, lot.amount(), fridge, State.OPENED, clock, Kind.OPENED));
    }

    /** Moves it, or part of it: into the freezer it is frozen, out of it it thaws. @param amount in its own unit */
    public Answer move(Lot lot, Amount amount, UUID to) {
        holds(lot);
        Place place = kitchen.place(to);
        if (amount.value().compareTo(lot.amount().value()) > 0) {
            throw Refused.at("/amount", amount + " is more than the " + lot.amount() + " that are there.");
        }
        if (place.id().equals(lot.spot().place()) && amount.equals(lot.amount())) {
            throw Refused.at("/place", lot.name() + " is in " + place.name() + " already.");
        }
        Moving moving = moving(lot, amount, place);
        String what = written(amount) + lot.name() + ", " + place.name();
        return switch (moving.kind()) {
            case FROZEN ->
                new Answer("Frozen: " + what, carried(lot, amount, place, State.FROZEN, moving.clock(), Kind.FROZEN));
            case THAWED ->
                new Answer(
                        "Out to thaw: " + what, carried(lot, amount, place, State.THAWED, moving.clock(), Kind.THAWED));
            case MOVED ->
                new Answer("Moved: " + what, carried(lot, amount, place, lot.state(), moving.clock(), Kind.MOVED));
        };
    }

    private Moving moving(Lot lot, Amount amount, Place place) {
        try {
            return Moving.of(
                    lot.open(),
                    amount,
                    lot.name(),
                    lot.storage(),
                    place.kind(),
                    kitchen.guide().rule(lot.clock().keepingClass()),
                    day);
        } catch (Unfit unsafe) {
            throw Refused.at("/place", String.valueOf(unsafe.getMessage()));
        }
    }

    /**
     * What was raw was cooked and is left over: into the fridge, its day 0 is today.
     *
     * @param keepingClass as what is in it keeps now
     */
    public Answer cooked(Lot lot, Amount amount, String keepingClass) {
        holds(lot);
        LotClock clock = LotClock.start(keepingClass, day);
        Place fridge = kitchen.usual(Storage.FRIDGE);
        return new Answer(
                "Left over: " + written(amount) + lot.name(),
                carried(
                        lot,
                        new Elsewhere("left over, cooked", fridge, State.COOKED, clock, Lot.Packet.NONE),
                        amount,
                        Kind.MOVED));
    }

    /** As what a part of a lot lies elsewhere. */
    private record Elsewhere(String about, Place place, State state, LotClock clock, Lot.Packet packet) {}

    private Change carried(Lot lot, Amount amount, Place place, State state, LotClock clock, Kind kind) {
        Lot.Packet packet = amount.equals(lot.amount()) ? lot.packet() : Lot.Packet.NONE;
        return carried(lot, new Elsewhere(lot.about(), place, state, clock, packet), amount, kind);
    }

    private Change carried(Lot lot, Elsewhere to, Amount amount, Kind kind) {
        return new Change.Carried(
                lot.id(),
                new NewLot(
                                ids.get(),
                                lot.food(),
                                lot.batch(),
                                amount,
                                Lot.Level.COUNTED,
                                new Cost(worth(lot, amount), lot.cost().complete()),
                                to.about(),
                                to.place().id(),
                                to.state(),
                                to.clock(),
                                kitchen.dates(to.clock(), to.place().kind()),
                                to.packet())
                        .pinned(lot.pin())
                        .weighing(lot.weight()),
                kind);
    }
}
