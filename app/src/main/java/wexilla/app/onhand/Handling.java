package wexilla.app.onhand;

import java.util.Locale;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import wexilla.app.household.Foods;
import wexilla.app.household.Households;
import wexilla.app.household.Households.Place;
import wexilla.app.household.Reference;
import wexilla.app.onhand.Ledger.Kind;
import wexilla.app.onhand.NewLot.State;
import wexilla.app.platform.Act;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Household;
import wexilla.app.platform.Problem;
import wexilla.core.food.Conversion;
import wexilla.core.keeping.DishKeeping;
import wexilla.core.keeping.KeepingGuide;
import wexilla.core.keeping.LotClock;
import wexilla.core.keeping.Storage;
import wexilla.core.money.Cost;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Style;
import wexilla.core.stock.Moving;
import wexilla.core.stock.StockUse;
import wexilla.core.stock.StockUse.Take;

/** What hands do with one lot: use, part, move, freeze, thaw, open, count, waste. */
@Component
public class Handling {

    private final Lots lots;
    private final Ledger ledger;
    private final Foods foods;
    private final Households households;
    private final Reference reference;

    Handling(Lots lots, Ledger ledger, Foods foods, Households households, Reference reference) {
        this.lots = lots;
        this.ledger = ledger;
        this.foods = foods;
        this.households = households;
        this.reference = reference;
    }

    private Lots.Lot locked(Act act, UUID id) {
        Lots.Lot lot = lots.locked(act.household(), id)
                .orElseThrow(() -> Problem.missing("There is no such thing in this household."));
        if (lot.staple()) {
            throw Problem.at("/amount", lot.name() + " is not counted; say have, low or out.");
        }
        if (lot.amount().value().isZero()) {
            throw Problem.at("/amount", "There is nothing left of this " + lot.name() + ".");
        }
        return lot;
    }

    /** The amount as typed, in the lot's own unit; all of it when nothing is typed. */
    private Amount amount(Household household, Lots.Lot lot, @Nullable String typed) {
        if (typed == null || typed.isBlank()) {
            return lot.amount();
        }
        boolean bare = typed.strip().matches("\\d{1,9}([.,]\\d{1,6})?") && lot.batch() != null;
        Amount asked = Asked.amount("/amount", bare ? typed.strip() + " portions" : typed);
        Amount same = inUnitOf(household, lot, asked);
        Amount rounded = Amount.of(Rational.of(same.value().toDecimal(6)), same.unit());
        if (rounded.value().isZero()) {
            throw Problem.at("/amount", "“" + typed + "” is nothing; say how much.");
        }
        return rounded;
    }

    private Amount inUnitOf(Household household, Lots.Lot lot, Amount asked) {
        Amount base = household.measures().toBase(asked);
        Unit unit = lot.amount().unit();
        if (base.unit().equals(unit)) {
            return base;
        }
        if (lot.food() != null) {
            Conversion.Answer answer =
                    Conversion.convert(foods.known(household).food(lot.food()), asked, unit, household.measures());
            if (answer instanceof Conversion.Converted converted) {
                return converted.amount();
            }
            String fact = ((Conversion.Missing) answer).fact();
            throw Problem.missingFact(
                    "/amount", "“" + asked + "” cannot be counted: the " + fact + " is missing.", fact);
        }
        throw Problem.at(
                "/amount", lot.name() + " is counted in " + unit.after(Rational.of(2)) + ", not “" + asked + "”.");
    }

    /** Takes out; more than the record has is counted up first, never refused. */
    public String use(Act act, UUID id, @Nullable String typed, Kind kind, String reason) {
        Lots.Lot lot = locked(act, id);
        Amount amount = amount(act.household(), lot, typed);
        Rational more = amount.value().minus(lot.amount().value());
        if (more.signum() > 0) {
            ledger.count(act, id, more.toDecimal(6), 0, "more than the record had");
            lot = lots.byId(act.household(), id).orElseThrow();
        }
        ledger.take(act, taken(lot, amount), null, kind, reason);
        String how = kind == Kind.WASTED ? "Binned: " : kind == Kind.GIVEN ? "Given away: " : "Used: ";
        String why = reason.isEmpty() ? "" : ", " + reason;
        return how + written(amount) + lot.name() + why;
    }

    private static String written(Amount amount) {
        return amount + (amount.unit().equals(Unit.PIECE) ? " × " : " ");
    }

    private static Take taken(Lots.Lot lot, Amount amount) {
        return new Take(
                lot.open(),
                amount,
                new Cost(
                        StockUse.costTaken(
                                lot.cost().known(), amount.value(), lot.amount().value()),
                        lot.cost().complete()));
    }

    /** Counted anew: what is missing leaves with its cost, what is more comes without one. */
    public String count(Act act, UUID id, @Nullable String typed) {
        Lots.Lot lot = locked(act, id);
        if (typed == null || typed.isBlank()) {
            throw Problem.at("/amount", "Say how much is really there, like 300 g.");
        }
        Amount there = amount(act.household(), lot, typed);
        Rational difference = there.value().minus(lot.amount().value());
        long cost = difference.signum() >= 0
                ? 0
                : -taken(lot, Amount.of(difference.negated(), there.unit()))
                        .cost()
                        .known()
                        .minor();
        ledger.count(act, id, difference.toDecimal(6), cost, "counted");
        return "Counted: " + written(there) + lot.name();
    }

    /** Says of a staple whether it is had, low or out. */
    public String level(Act act, UUID id, Lots.Level level) {
        Lots.Lot lot = lots.locked(act.household(), id)
                .filter(Lots.Lot::staple)
                .orElseThrow(() -> Problem.at("/level", "Only staples that are not counted are had, low or out."));
        ledger.level(act, id, level);
        return lot.name() + ": " + level.name().toLowerCase(Locale.ROOT);
    }

    /** Whether it is a cooked dish, of which the cook can say how it keeps. */
    static boolean cookedDish(Lots.Lot lot) {
        return lot.batch() != null && lot.state() != State.RAW && lot.style() != Style.RAW_BAG;
    }

    /** The cook says how a dish keeps; its day 0 stays. */
    public String keepsAs(Act act, UUID id, String keepsAs) {
        Lots.Lot lot = locked(act, id);
        if (!cookedDish(lot)) {
            throw Problem.at("/id", "Only of a cooked dish it can be chosen how it keeps.");
        }
        String chosen = keepsAs(keepsAs);
        LotClock had = lot.clock();
        LotClock clock = new LotClock(chosen, had.from(), had.usedDays(), had.frozenOn(), had.thawedOn(), had.opened());
        KeepingGuide guide = reference.keeping(act.household());
        ledger.understand(
                act,
                id,
                new Ledger.Understood(
                        lot.food(), lot.spot().place(), lot.state(), clock, guide.dates(clock, lot.storage())));
        return lot.name() + " keeps as " + guide.rule(chosen).name();
    }

    /** @throws Problem if a dish does not keep so */
    public static String keepsAs(String typed) {
        if (!DishKeeping.CHOICES.contains(typed)) {
            throw Problem.at(
                    "/keepsAs",
                    "“" + typed + "” is no way a dish keeps; say one of " + String.join(", ", DishKeeping.CHOICES)
                            + ".");
        }
        return typed;
    }

    /** Opens its packing: a new day 0, with the class's time for opened things. */
    public String open(Act act, UUID id) {
        Lots.Lot lot = locked(act, id);
        if (reference.keeping().rule(lot.clock().keepingClass()).opened() == null) {
            throw Problem.at("/id", "Opening " + lot.name() + " changes nothing about how long it keeps.");
        }
        Place fridge = lot.storage() == Storage.CUPBOARD
                ? households.usualPlace(act.household(), Storage.FRIDGE)
                : place(act.household(), lot.spot().place());
        carry(
                act,
                lot,
                lot.amount(),
                fridge,
                State.OPENED,
                reference.keeping(act.household()).opened(lot.clock(), act.day(), lot.dates()),
                Kind.OPENED);
        return "Opened: " + lot.name() + ", into " + fridge.name();
    }

    /** Moves it, or part of it: into the freezer it is frozen, out of it it thaws. */
    public String move(Act act, UUID id, @Nullable String typed, UUID to) {
        Lots.Lot lot = locked(act, id);
        return move(act, lot, amount(act.household(), lot, typed), to);
    }

    /** Moves exactly this much of it, in its own unit. */
    public String move(Act act, UUID id, Amount amount, UUID to) {
        return move(act, locked(act, id), amount, to);
    }

    private String move(Act act, Lots.Lot lot, Amount amount, UUID to) {
        Place place = place(act.household(), to);
        if (amount.value().compareTo(lot.amount().value()) > 0) {
            throw Problem.at("/amount", amount + " is more than the " + lot.amount() + " that are there.");
        }
        if (place.id().equals(lot.spot().place()) && amount.equals(lot.amount())) {
            throw Problem.at("/place", lot.name() + " is in " + place.name() + " already.");
        }
        Moving moving = Asked.at(
                "/place",
                () -> Moving.of(
                        lot.open(),
                        amount,
                        lot.name(),
                        lot.storage(),
                        place.kind(),
                        reference.keeping().rule(lot.clock().keepingClass()),
                        act.day()));
        return switch (moving.kind()) {
            case FROZEN -> "Frozen: " + moved(act, lot, amount, place, State.FROZEN, moving, Kind.FROZEN);
            case THAWED -> "Out to thaw: " + moved(act, lot, amount, place, State.THAWED, moving, Kind.THAWED);
            case MOVED -> "Moved: " + moved(act, lot, amount, place, lot.state(), moving, Kind.MOVED);
        };
    }

    private String moved(Act act, Lots.Lot lot, Amount amount, Place place, State state, Moving moving, Kind kind) {
        carry(act, lot, amount, place, state, moving.clock(), kind);
        return written(amount) + lot.name() + ", " + place.name();
    }

    /**
     * What was raw was cooked and is left over: into the fridge, its day 0 is today.
     *
     * @param keepingClass as what is in it keeps now
     */
    public void cooked(Act act, UUID id, Amount amount, String keepingClass) {
        Lots.Lot lot = locked(act, id);
        Place fridge = households.usualPlace(act.household(), Storage.FRIDGE);
        LotClock clock = LotClock.start(keepingClass, act.day());
        Elsewhere to = new Elsewhere("left over, cooked", fridge, State.COOKED, clock, Lots.Packet.NONE);
        carry(act, lot, amount, to, Kind.MOVED);
    }

    /** As what a part of a lot lies elsewhere. */
    private record Elsewhere(String about, Place place, State state, LotClock clock, Lots.Packet packet) {}

    private void carry(Act act, Lots.Lot lot, Amount amount, Place place, State state, LotClock clock, Kind kind) {
        Lots.Packet packet = amount.equals(lot.amount()) ? lot.packet() : Lots.Packet.NONE;
        carry(act, lot, amount, new Elsewhere(lot.about(), place, state, clock, packet), kind);
    }

    private void carry(Act act, Lots.Lot lot, Amount amount, Elsewhere to, Kind kind) {
        Take take = taken(lot, amount);
        NewLot child = new NewLot(
                UUID.randomUUID(),
                lot.food(),
                lot.batch(),
                amount,
                Lots.Level.COUNTED,
                take.cost(),
                to.about(),
                to.place().id(),
                to.state(),
                to.clock(),
                reference.keeping(act.household()).dates(to.clock(), to.place().kind()),
                to.packet());
        ledger.carry(act, take, child, kind, "");
    }

    private Place place(Household household, UUID id) {
        return households.places(household).stream()
                .filter(p -> p.id().equals(id))
                .findFirst()
                .orElseThrow(() -> Problem.at("/place", "There is no such place in this household."));
    }
}
