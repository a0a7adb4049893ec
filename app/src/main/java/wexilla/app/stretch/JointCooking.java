package wexilla.app.stretch;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import wexilla.app.cook.Batches;
import wexilla.app.household.Foods;
import wexilla.app.household.Households;
import wexilla.app.household.Households.Place;
import wexilla.app.household.Reference;
import wexilla.app.household.Weighings;
import wexilla.app.onhand.Codes;
import wexilla.app.onhand.Ledger;
import wexilla.app.onhand.Ledger.Kind;
import wexilla.app.onhand.Lots;
import wexilla.app.onhand.NewLot;
import wexilla.app.onhand.NewLot.State;
import wexilla.app.platform.Act;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Household;
import wexilla.app.platform.Problem;
import wexilla.app.stretch.Cutting.Cut;
import wexilla.app.stretch.Cutting.ShareAsked;
import wexilla.app.stretch.Cutting.StretchAsked;
import wexilla.core.food.Food;
import wexilla.core.food.Part;
import wexilla.core.food.Weighing;
import wexilla.core.keeping.KeepingGuide;
import wexilla.core.keeping.LotClock;
import wexilla.core.keeping.Storage;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Style;
import wexilla.core.stock.StockUse.Take;

/** Cooking the joint: the raw lot is used up, each part becomes a lot with its grams, its cost and its own date. */
@Component
class JointCooking {

    private final Stretches stretches;
    private final Batches batches;
    private final Ledger ledger;
    private final Lots lots;
    private final Foods foods;
    private final Households households;
    private final Reference reference;
    private final Weighings weighings;
    private final Codes codes;

    JointCooking(
            Stretches stretches,
            Batches batches,
            Ledger ledger,
            Lots lots,
            Foods foods,
            Households households,
            Reference reference,
            Weighings weighings,
            Codes codes) {
        this.stretches = stretches;
        this.batches = batches;
        this.ledger = ledger;
        this.lots = lots;
        this.foods = foods;
        this.households = households;
        this.reference = reference;
        this.weighings = weighings;
        this.codes = codes;
    }

    /**
     * Cooks it.
     *
     * @param weighed cooked meat as weighed; blank when nobody weighed it, then the yield says how much
     */
    String cook(Act act, UUID id, @Nullable String weighed) {
        Household household = act.household();
        Stretches.Stretch stretch = stretches.get(household, id);
        if (stretch.state() != Stretches.State.OPEN) {
            throw Problem.at("/id", "This joint is cooked already.");
        }
        Food food = foods.known(household)
                .book()
                .find(stretch.asked().food())
                .orElseGet(() -> foods.own(household, stretch.asked().food(), Unit.G));
        UUID row = foods.row(household, food);
        Lots.Lot raw = raw(act, stretch, food, row);
        StretchAsked asked = actual(stretch.asked(), raw, weighed);
        Cut cut = Cutting.of(asked, foods.known(household).book(), reference.keeping(), household.currency());
        if (weighed != null && !weighed.isBlank()) {
            weighings.add(
                    act,
                    row,
                    Part.COOKED,
                    cut.rawGrams().toDecimal(6),
                    cut.slab().cookedGrams().toDecimal(6),
                    Weighing.Grade.WEIGHED);
        }
        UUID batch = batches.add(
                act,
                food.name() + ", cooked",
                Style.PLAIN_PART,
                Math.max(1, cut.plan().plainPlates()),
                Money.zero(household.currency()));
        List<Piece> pieces = pieces(asked, cut);
        List<UUID> made = make(act, raw, batch, pieces, cut);
        List<@Nullable UUID> ofShares = new ArrayList<>();
        for (int pos = 0; pos < asked.shares().size(); pos++) {
            ofShares.add(made.get(pos));
        }
        stretches.cooked(act, id, ofShares);
        return "Cooked: " + food.name() + " into " + pieces.size() + (pieces.size() == 1 ? " part" : " parts");
    }

    /** The raw lot, locked; a joint that is not in the record is counted up first. */
    private Lots.Lot raw(Act act, Stretches.Stretch stretch, Food food, UUID row) {
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
        Cutting.Cut planned =
                Cutting.of(stretch.asked(), foods.known(household).book(), reference.keeping(), household.currency());
        LotClock clock = LotClock.start(food.keepingClass(), act.day());
        NewLot lot = NewLot.counted(
                row,
                null,
                Amount.of(Rational.of(planned.rawGrams().toDecimal(6)), Unit.G),
                Cost.of(Money.parse(stretch.asked().price(), household.currency())),
                "used, not from stock",
                counter.id(),
                State.RAW,
                clock,
                reference.keeping().dates(clock, counter.kind()));
        ledger.create(act, lot, Kind.COUNTED, "used, not from stock");
        return lots.byId(household, lot.id()).orElseThrow();
    }

    /** The same buy with what is really there: the lot's weight and cost, and the yield as weighed. */
    private static StretchAsked actual(StretchAsked asked, Lots.Lot raw, @Nullable String weighed) {
        String yield = asked.cookedYield();
        if (weighed != null && !weighed.isBlank()) {
            Amount cooked = Asked.amount("/weighed", weighed);
            if (cooked.unit().dimension() != Dimension.MASS || cooked.value().isZero()) {
                throw Problem.at("/weighed", "“" + weighed + "” is no weight; write it like 1.5 kg.");
            }
            Rational grams = wexilla.core.quantity.Measures.US.toBase(cooked).value();
            yield = grams.dividedBy(raw.amount().value()).toDecimal(9).toPlainString();
        }
        return new StretchAsked(
                asked.food(),
                raw.amount().value().plain() + " g",
                raw.cost().known().decimal(),
                yield,
                asked.method(),
                asked.shares(),
                asked.cookOn(),
                null);
    }

    /** A part about to become a lot. */
    private record Piece(String about, Amount amount, Money cost, boolean freeze, boolean meat) {}

    private static List<Piece> pieces(StretchAsked asked, Cut cut) {
        List<Piece> pieces = new ArrayList<>();
        for (int i = 0; i < asked.shares().size(); i++) {
            ShareAsked share = asked.shares().get(i);
            Rational grams = cut.slab().parts().get(i).grams();
            Amount amount =
                    share.meat() ? Amount.of(Rational.of(grams.toDecimal(6)), Unit.G) : Amount.of(1, Unit.PIECE);
            boolean freeze = cut.plan().dishes().get(i).freeze();
            pieces.add(new Piece(share.name(), amount, cut.slab().parts().get(i).cost(), freeze, share.meat()));
        }
        BigDecimal rest = cut.slab().remainder().grams().toDecimal(6);
        if (rest.signum() > 0) {
            Amount amount = Amount.of(Rational.of(rest), Unit.G);
            pieces.add(new Piece("not decided", amount, cut.slab().remainder().cost(), false, true));
        }
        return pieces;
    }

    /** Makes the lots; raw weight leaves with the meat, the last meat takes the rest so that the raw lot closes. */
    private List<UUID> make(Act act, Lots.Lot raw, UUID batch, List<Piece> pieces, Cut cut) {
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
                            piece.about(),
                            place.id(),
                            piece.freeze() ? State.FROZEN : State.COOKED,
                            own,
                            reference.keeping().dates(own, place.kind()),
                            piece.freeze() ? Lots.Packet.of(null, codes.fresh(used)) : Lots.Packet.NONE),
                    Kind.MADE,
                    "");
            ids.add(id);
        }
        take(act, raw, pieces, ids, cut);
        return ids;
    }

    private void take(Act act, Lots.Lot raw, List<Piece> pieces, List<UUID> ids, Cut cut) {
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            order.add(i);
        }
        order.sort(java.util.Comparator.comparing(i -> pieces.get(i).meat()));
        BigDecimal left = raw.amount().value().toDecimal(6);
        for (int n = 0; n < order.size(); n++) {
            Piece piece = pieces.get(order.get(n));
            boolean last = n == order.size() - 1;
            BigDecimal grams = last
                    ? left
                    : piece.meat()
                            ? raw.amount()
                                    .value()
                                    .times(piece.amount().value())
                                    .dividedBy(cut.slab().cookedGrams())
                                    .toDecimal(6)
                                    .min(left)
                            : BigDecimal.ZERO;
            left = left.subtract(grams);
            Cost cost = new Cost(piece.cost(), raw.cost().complete());
            Take take = new Take(raw.open(), Amount.of(Rational.of(grams), Unit.G), cost);
            ledger.take(act, take, ids.get(order.get(n)), Kind.USED, piece.about());
        }
    }
}
