package wexilla.app.stretch;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;
import wexilla.app.household.Households;
import wexilla.app.household.Households.Place;
import wexilla.app.household.Reference;
import wexilla.app.onhand.Codes;
import wexilla.app.onhand.Ledger;
import wexilla.app.onhand.Ledger.Kind;
import wexilla.app.onhand.Lots;
import wexilla.app.onhand.NewLot;
import wexilla.app.onhand.NewLot.State;
import wexilla.app.platform.Act;
import wexilla.app.platform.Household;
import wexilla.app.platform.Problem;
import wexilla.core.food.Food;
import wexilla.core.keeping.KeepingGuide;
import wexilla.core.keeping.LotClock;
import wexilla.core.keeping.Storage;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Unit;
import wexilla.core.stock.StockUse.Take;
import wexilla.core.stretch.Piece;

/** The lots of a joint: the raw one, and those its pieces become, each with its grams, its cost and its own date. */
@Component
class JointLots {

    private final Ledger ledger;
    private final Lots lots;
    private final Households households;
    private final Codes codes;
    private final Reference reference;

    JointLots(Ledger ledger, Lots lots, Households households, Codes codes, Reference reference) {
        this.ledger = ledger;
        this.lots = lots;
        this.households = households;
        this.codes = codes;
        this.reference = reference;
    }

    /** The raw lot, locked; a joint that is not in the record is counted up first. @param asBought its weight then */
    Lots.Lot raw(Act act, Stretches.Stretch stretch, Food food, UUID row, Amount asBought) {
        Household household = act.household();
        if (stretch.lot() != null) {
            ledger.lock(household.id(), List.of(stretch.lot()));
            Lots.Lot lot = lots.byId(household, stretch.lot()).orElseThrow();
            if (lot.amount().value().isZero()) {
                throw Problem.at(
                        "/lot", "The " + lot.name() + " of this big buy is used up or was moved; choose it anew.");
            }
            return lot;
        }
        Place counter = households.usualPlace(household, Storage.COUNTER);
        LotClock clock = LotClock.start(food.keepingClass(), act.day());
        NewLot lot = NewLot.counted(
                row,
                null,
                asBought,
                Cost.of(Money.parse(stretch.asked().price(), household.currency())),
                "used, not from stock",
                counter.id(),
                State.RAW,
                clock,
                reference.keeping().dates(clock, counter.kind()));
        ledger.create(act, lot, Kind.COUNTED, "used, not from stock");
        return lots.byId(household, lot.id()).orElseThrow();
    }

    /** The pieces become lots, in their order; what they take leaves the raw lot, which closes. */
    List<UUID> make(Act act, Lots.Lot raw, UUID batch, List<Piece> pieces) {
        Household household = act.household();
        Set<String> used = codes.used(household);
        Place fridge = households.usualPlace(household, Storage.FRIDGE);
        Place freezer = households.usualPlace(household, Storage.FREEZER);
        List<UUID> ids = new ArrayList<>();
        for (Piece piece : pieces) {
            Place place = piece.freeze() ? freezer : fridge;
            LotClock clock = LotClock.start(KeepingGuide.COOKED_DISH, act.day());
            LotClock own = piece.freeze() ? clock.frozen(act.day()) : clock;
            UUID id = UUID.randomUUID();
            ledger.create(
                    act,
                    new NewLot(
                            id,
                            null,
                            batch,
                            piece.amount(),
                            Lots.Level.COUNTED,
                            new Cost(piece.cost(), raw.cost().complete()),
                            piece.name(),
                            place.id(),
                            piece.freeze() ? State.FROZEN : State.COOKED,
                            own,
                            reference.keeping().dates(own, place.kind()),
                            piece.freeze() ? Lots.Packet.of(null, codes.fresh(used)) : Lots.Packet.NONE),
                    Kind.MADE,
                    "");
            ids.add(id);
        }
        take(act, raw, pieces, ids);
        return ids;
    }

    /** What takes no weight goes first: the last weight closes the lot. */
    private void take(Act act, Lots.Lot raw, List<Piece> pieces, List<UUID> ids) {
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            order.add(i);
        }
        order.sort(Comparator.comparing(i -> !pieces.get(i).raw().isZero()));
        for (int i : order) {
            Piece piece = pieces.get(i);
            Cost cost = new Cost(piece.cost(), raw.cost().complete());
            Take take = new Take(raw.open(), Amount.of(piece.raw(), Unit.G), cost);
            ledger.take(act, take, ids.get(i), Kind.USED, piece.name());
        }
    }
}
