package wexilla.app.eat;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.springframework.stereotype.Component;
import wexilla.app.cook.Batches;
import wexilla.app.household.Households;
import wexilla.app.household.Reference;
import wexilla.app.onhand.Hands;
import wexilla.app.onhand.Ledger;
import wexilla.app.onhand.Lots;
import wexilla.app.onhand.Snapshots;
import wexilla.app.platform.Act;
import wexilla.app.platform.Household;
import wexilla.app.platform.Problem;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.keeping.DishKeeping;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.Change.Kind;
import wexilla.core.kitchen.Lot;
import wexilla.core.money.Cost;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Style;
import wexilla.core.shopping.Needs;
import wexilla.core.stock.OpenLot;
import wexilla.core.stock.StockUse;
import wexilla.core.stock.StockUse.Take;

/** What is served leaves the stock; what is left of it goes into the fridge as old as it is. */
@Component
class Served {

    private final Snapshots snapshots;
    private final Lots lots;
    private final Ledger ledger;
    private final Hands hands;
    private final Households households;
    private final Batches batches;
    private final Reference reference;

    Served(
            Snapshots snapshots,
            Lots lots,
            Ledger ledger,
            Hands hands,
            Households households,
            Batches batches,
            Reference reference) {
        this.snapshots = snapshots;
        this.lots = lots;
        this.ledger = ledger;
        this.hands = hands;
        this.households = households;
        this.batches = batches;
        this.reference = reference;
    }

    /** What these wants take leaves the stock, as far as it is there. @return what it cost */
    Cost wants(Act act, List<Needs.Want> wants) {
        Needs needs = Needs.of(
                wants, snapshots.of(act.household()).supply(), act.household().measures());
        Cost cost = Cost.zero(act.household().currency());
        for (Needs.Met met : needs.met()) {
            for (Take take : met.takes()) {
                ledger.lock(
                        act.household().id(), List.of(UUID.fromString(take.lot().id())));
                ledger.take(act, take, null, Kind.EATEN, met.want().dish());
                cost = cost.plus(take.cost());
            }
        }
        return cost;
    }

    /**
     * Eats portions of a dish, thawed packets first; what was left of them stays in the fridge with its own age.
     *
     * @return what the eaten portions cost; nothing when none is there
     */
    Cost dish(Act act, UUID batch, int portions, int left) {
        Household household = act.household();
        List<OpenLot> there = snapshots.of(household).supply().left(Key.batch(batch.toString())).stream()
                .filter(lot -> lot.amount().unit().equals(Unit.PORTION))
                .toList();
        ledger.lock(
                household.id(),
                there.stream().map(lot -> UUID.fromString(lot.id())).toList());
        StockUse use = StockUse.of(there, Amount.of(portions, Unit.PORTION), act.day());
        Rational served = use.takes().stream().map(t -> t.amount().value()).reduce(Rational.ZERO, Rational::plus);
        if (served.compareTo(Rational.of(left)) < 0) {
            throw Problem.at("/left", served.plain() + " portions were there; " + left + " cannot be left of them.");
        }
        Cost cost = Cost.zero(household.currency());
        Rational stays = Rational.of(left);
        List<Take> takes = new ArrayList<>(use.takes());
        java.util.Collections.reverse(takes);
        for (Take take : takes) {
            Rational keep = Rational.min(stays, take.amount().value());
            stays = stays.minus(keep);
            aside(act, take, keep);
            Rational eaten = take.amount().value().minus(keep);
            if (!eaten.isZero()) {
                cost = cost.plus(eat(act, take.lot().id(), Amount.of(eaten, Unit.PORTION)));
            }
        }
        return cost;
    }

    /** Leftovers of what stood on the counter or came out of the freezer go into the fridge; a raw bag is cooked by now. */
    private void aside(Act act, Take take, Rational keep) {
        UUID id = UUID.fromString(take.lot().id());
        Lot lot = lots.byId(act.household(), id).orElseThrow();
        Storage storage = lot.storage();
        if (!keep.isZero() && lot.style() == Style.RAW_BAG) {
            hands.cooked(act, id, Amount.of(keep, Unit.PORTION), once(act, lot));
        } else if (!keep.isZero() && storage != Storage.FRIDGE) {
            UUID fridge = households.usualPlace(act.household(), Storage.FRIDGE).id();
            hands.move(act, id, Amount.of(keep, Unit.PORTION), fridge);
        }
    }

    /** The class of what is left of a raw bag once it is cooked: by what is in it, rice and all. */
    private String once(Act act, Lot lot) {
        UUID batch = Objects.requireNonNull(lot.batch());
        List<Food> foods = batches.byId(snapshots.of(act.household()), List.of(batch)).values().stream()
                .flatMap(made -> made.foods().stream())
                .toList();
        DishKeeping.Dish dish = new DishKeeping.Dish(lot.name(), Style.COOKED, List.of(), foods, List.of(), act.day());
        return DishKeeping.of(dish, reference.keeping(act.household())).keepingClass();
    }

    private Cost eat(Act act, String lot, Amount amount) {
        Lot now = lots.byId(act.household(), UUID.fromString(lot)).orElseThrow();
        Cost cost = new Cost(
                StockUse.costTaken(
                        now.cost().known(), amount.value(), now.amount().value()),
                now.cost().complete());
        ledger.take(act, new Take(now.open(), amount, cost), null, Kind.EATEN, now.name());
        return cost;
    }
}
