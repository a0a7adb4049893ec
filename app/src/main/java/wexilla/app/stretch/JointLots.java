package wexilla.app.stretch;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.stereotype.Component;
import wexilla.app.household.Households;
import wexilla.app.household.Reference;
import wexilla.app.onhand.Codes;
import wexilla.app.onhand.Ledger;
import wexilla.app.onhand.Lots;
import wexilla.app.platform.Act;
import wexilla.app.platform.Problem;
import wexilla.core.food.Food;
import wexilla.core.keeping.LotClock;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.Change.Kind;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.Lot.State;
import wexilla.core.kitchen.NewLot;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.Place;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.stock.StockUse.Take;
import wexilla.core.stretch.Piece;
import wexilla.core.stretch.StretchPlan.Form;

/** The lots of a joint: the raw one, and those its pieces become, each with its grams, its cost and its own date. */
@Component
class JointLots {

    /**
     * What a joint was cooked into.
     *
     * @param abouts what stands on each piece: its name and how it is seasoned
     */
    record Cooked(UUID batch, String keepingClass, List<String> abouts) {

        Cooked {
            abouts = List.copyOf(abouts);
        }
    }

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
    Lot raw(Act act, Stretches.Stretch stretch, Food food, UUID row, Amount asBought) {
        Household household = act.household();
        if (stretch.lot() != null) {
            List<UUID> packs = new ArrayList<>(List.of(stretch.lot()));
            packs.addAll(stretch.asked().more());
            ledger.lock(household.id(), packs);
            List<Lot> there = packs.stream().map(id -> pack(household, id)).toList();
            return there.size() == 1 ? there.get(0) : together(act, there, row);
        }
        Place counter = households.usualPlace(household, Storage.COUNTER);
        LotClock clock = LotClock.start(food.keepingClass(), act.day());
        NewLot lot = NewLot.counted(
                UUID.randomUUID(),
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

    private Lot pack(Household household, UUID id) {
        Lot lot = lots.byId(household, id).orElseThrow();
        if (lot.amount().value().isZero()) {
            throw Problem.at("/lot", "The " + lot.name() + " of this big buy is used up or was moved; choose it anew.");
        }
        return lot;
    }

    /** Several packs lie together as one: what spoils first in it dates it. */
    private Lot together(Act act, List<Lot> packs, UUID row) {
        Lot first = packs.stream()
                .min(Comparator.comparing(lot -> lot.dates().last().orElse(LocalDate.MAX)))
                .orElseThrow();
        NewLot all = NewLot.counted(
                UUID.randomUUID(),
                row,
                null,
                packs.stream().map(Lot::amount).reduce(Amount::plus).orElseThrow(),
                packs.stream().map(Lot::cost).reduce(Cost::plus).orElseThrow(),
                packs.size() + " packs together",
                first.spot().place(),
                first.state(),
                first.clock(),
                first.dates());
        ledger.create(act, all, Kind.MADE, "");
        for (Lot one : packs) {
            ledger.take(act, new Take(one.open(), one.amount(), one.cost()), all.id(), Kind.USED, "packs together");
        }
        return lots.byId(act.household(), all.id()).orElseThrow();
    }

    /**
     * The pieces become lots, in their order; what they take leaves the raw lot, which closes. What went into the pot is
     * shared by their cooked weight.
     *
     * @param cooked what is cooked, by its batch and its keeping class
     * @param byProducts the row of bones and trimmings, by name
     */
    List<UUID> make(
            Act act, Lot raw, Cooked cooked, List<Piece> pieces, List<Take> inputs, Function<String, UUID> byProducts) {
        Household household = act.household();
        Set<String> used = codes.used(household);
        Place fridge = households.usualPlace(household, Storage.FRIDGE);
        Place freezer = households.usualPlace(household, Storage.FREEZER);
        List<Rational> weights = pieces.stream().map(JointLots::weight).toList();
        List<List<Money>> shared =
                inputs.stream().map(take -> take.cost().known().split(weights)).toList();
        boolean known = raw.cost().complete()
                && inputs.stream().allMatch(take -> take.cost().complete());
        List<UUID> ids = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            Piece piece = pieces.get(i);
            Money cost = piece.cost();
            for (List<Money> one : shared) {
                cost = cost.plus(one.get(i));
            }
            Place place = piece.freeze() ? freezer : fridge;
            LotClock clock = LotClock.start(cooked.keepingClass(), act.day());
            LotClock own = piece.freeze() ? clock.frozen(act.day()) : clock;
            UUID id = UUID.randomUUID();
            ledger.create(
                    act,
                    new NewLot(
                            id,
                            piece.meat() ? null : byProducts.apply(piece.name()),
                            piece.meat() ? cooked.batch() : null,
                            piece.amount(),
                            Lot.Level.COUNTED,
                            new Cost(cost, known),
                            cooked.abouts().get(i),
                            place.id(),
                            piece.freeze() ? State.FROZEN : State.COOKED,
                            own,
                            reference.keeping().dates(own, place.kind()),
                            piece.freeze() ? Lot.Packet.of(null, codes.fresh(used)) : Lot.Packet.NONE),
                    Kind.MADE,
                    "");
            ids.add(id);
        }
        take(act, raw, pieces, ids);
        for (int i = 0; i < inputs.size(); i++) {
            share(act, inputs.get(i), shared.get(i), weights, ids);
        }
        return ids;
    }

    /** A piece by its cooked grams; a by-product weighs nothing. */
    private static Rational weight(Piece piece) {
        return piece.meat() ? piece.amount().value() : Rational.ZERO;
    }

    /** What went into the pot leaves its lot for the pieces; the last takes the rest. */
    private void share(Act act, Take input, List<Money> costs, List<Rational> weights, List<UUID> ids) {
        Rational all = weights.stream().reduce(Rational.ZERO, Rational::plus);
        int last = 0;
        for (int i = 0; i < weights.size(); i++) {
            last = weights.get(i).isZero() ? last : i;
        }
        Rational left = input.amount().value();
        for (int i = 0; i <= last; i++) {
            if (weights.get(i).isZero()) {
                continue;
            }
            Rational part = i == last
                    ? left
                    : Rational.of(input.amount()
                            .value()
                            .times(weights.get(i))
                            .dividedBy(all)
                            .toDecimal(6));
            left = left.minus(part);
            Take take = new Take(
                    input.lot(),
                    Amount.of(part, input.amount().unit()),
                    new Cost(costs.get(i), input.cost().complete()));
            ledger.take(act, take, ids.get(i), Kind.USED, "in the pot");
        }
    }

    /** The pieces become raw lots of the same food, each with its own date; what is diced or minced is stew meat now. @param byProducts the row of bones and trimmings, by name */
    List<UUID> cutRaw(
            Act act,
            Lot raw,
            UUID row,
            List<Piece> pieces,
            List<Cutting.ShareAsked> shares,
            Function<String, UUID> byProducts) {
        Household household = act.household();
        Set<String> used = codes.used(household);
        Place freezer = households.usualPlace(household, Storage.FREEZER);
        List<UUID> ids = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            Piece piece = pieces.get(i);
            LotClock clock = raw.clock();
            Form form = i < shares.size() ? Shares.form("/shares/" + i, shares.get(i)) : Form.WHOLE;
            boolean small = form == Form.DICED || form == Form.MINCED;
            if (small && clock.keepingClass().equals("raw-roast")) {
                clock = LotClock.start("raw-mince", act.day());
            }
            boolean meat = piece.meat();
            boolean frozen = piece.freeze() && raw.storage() != Storage.FREEZER;
            LotClock own = frozen ? clock.frozen(act.day()) : clock;
            UUID place = frozen ? freezer.id() : raw.spot().place();
            Storage kind = frozen ? Storage.FREEZER : raw.storage();
            boolean packet = frozen || raw.storage() == Storage.FREEZER;
            UUID id = UUID.randomUUID();
            ledger.create(
                    act,
                    new NewLot(
                            id,
                            meat ? row : byProducts.apply(piece.name()),
                            null,
                            meat ? Amount.of(piece.raw(), Unit.G) : piece.amount(),
                            Lot.Level.COUNTED,
                            new Cost(piece.cost(), raw.cost().complete()),
                            i < shares.size() ? shares.get(i).about() : piece.name(),
                            place,
                            packet ? State.FROZEN : State.RAW,
                            own,
                            reference.keeping().dates(own, kind),
                            packet ? Lot.Packet.of(null, codes.fresh(used)) : Lot.Packet.NONE),
                    Kind.MADE,
                    "");
            ids.add(id);
        }
        take(act, raw, pieces, ids);
        return ids;
    }

    /** Broth that was made beside it: it costs nothing, and lies in the fridge with its own date. */
    void broth(Act act, UUID row, Rational ml, String about) {
        Place fridge = households.usualPlace(act.household(), Storage.FRIDGE);
        LotClock clock = LotClock.start("soup", act.day());
        NewLot lot = NewLot.counted(
                UUID.randomUUID(),
                row,
                null,
                Amount.of(Rational.of(ml.toDecimal(0)), Unit.ML),
                Cost.of(Money.zero(act.household().currency())),
                about,
                fridge.id(),
                State.COOKED,
                clock,
                reference.keeping().dates(clock, fridge.kind()));
        ledger.create(act, lot, Kind.MADE, about);
    }

    /** What takes no weight goes first: the last weight closes the lot. */
    private void take(Act act, Lot raw, List<Piece> pieces, List<UUID> ids) {
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
