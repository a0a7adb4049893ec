package wexilla.core.stations.eat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.keeping.DishKeeping;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.Answer;
import wexilla.core.kitchen.Change;
import wexilla.core.kitchen.Change.Kind;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.Refused;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Style;
import wexilla.core.shopping.Needs;
import wexilla.core.stations.onhand.Handling;
import wexilla.core.stock.OpenLot;
import wexilla.core.stock.StockUse;
import wexilla.core.stock.StockUse.Take;

/**
 * What is served leaves the stock; what is left of it goes into the fridge as old as it is.
 *
 * @param kitchen with everything that is there, and the places of the household
 * @param day of the meal
 * @param ids of the lots that are made, each asked for once
 */
public record Serving(Kitchen kitchen, LocalDate day, Supplier<UUID> ids) {

    /** @param cost of what was eaten; @param changes to be written down */
    public record Served(Cost cost, List<Change> changes) {}

    /** What these wants take leaves the stock, as far as it is there. */
    public Served wants(List<Needs.Want> wants, Cost nothing) {
        List<Change> changes = new ArrayList<>();
        Cost cost = nothing;
        for (Needs.Met met :
                Needs.of(wants, kitchen.supply(), kitchen.measures()).met()) {
            for (Take take : met.takes()) {
                changes.add(new Change.Taken(
                        UUID.fromString(take.lot().id()),
                        take.amount(),
                        take.cost().known(),
                        Kind.EATEN,
                        met.want().dish()));
                cost = cost.plus(take.cost());
            }
        }
        return new Served(cost, changes);
    }

    /**
     * Eats portions of a dish, thawed packets first; what was left of them stays in the fridge with its own age, but a raw
     * bag is cooked by now.
     *
     * @param of what is in the dish, as far as known
     * @param portions that were served, {@code left} that stayed of them
     * @return what the eaten portions cost; nothing when none is there
     * @throws Refused if more is left than was there
     */
    public Served dish(UUID batch, List<Food> of, Rational portions, Rational left, Cost nothing) {
        List<OpenLot> there = kitchen.supply().left(Key.batch(batch.toString())).stream()
                .filter(lot -> lot.amount().unit().equals(Unit.PORTION))
                .toList();
        List<Take> takes = StockUse.of(there, Amount.of(portions, Unit.PORTION), day).takes().stream()
                .map(Serving::whole)
                .collect(Collectors.toCollection(ArrayList::new));
        Rational served = takes.stream().map(take -> take.amount().value()).reduce(Rational.ZERO, Rational::plus);
        if (served.compareTo(left) < 0) {
            throw Refused.at(
                    "/left", served.plain() + " portions were there; " + left.plain() + " cannot be left of them.");
        }
        Kitchen now = kitchen;
        List<Change> changes = new ArrayList<>();
        Cost cost = nothing;
        Rational stays = left;
        Collections.reverse(takes);
        for (Take take : takes) {
            Lot lot = now.lot(UUID.fromString(take.lot().id())).orElseThrow();
            Rational keep = Rational.min(stays, take.amount().value());
            stays = stays.minus(keep);
            List<Change> aside = aside(now, lot, of, keep);
            now = now.after(aside);
            changes.addAll(aside);
            Rational eaten = take.amount().value().minus(keep);
            if (!eaten.isZero()) {
                Lot rest = now.lot(lot.id()).orElseThrow();
                Money worth = StockUse.costTaken(
                        rest.cost().known(), eaten, rest.amount().value());
                Change gone = new Change.Taken(lot.id(), Amount.of(eaten, Unit.PORTION), worth, Kind.EATEN, lot.name());
                now = now.after(List.of(gone));
                changes.add(gone);
                cost = cost.plus(new Cost(worth, rest.cost().complete()));
            }
        }
        return new Served(cost, changes);
    }

    /** What would stay of a packet and is nobody's helping is eaten with it. */
    private static Take whole(Take take) {
        OpenLot lot = take.lot();
        Rational stays = lot.amount().value().minus(take.amount().value());
        return lot.nobodys(stays) ? new Take(lot, lot.amount(), lot.cost()) : take;
    }

    /** Leftovers of what stood on the counter or came out of the freezer go into the fridge. */
    private List<Change> aside(Kitchen now, Lot lot, List<Food> of, Rational keep) {
        if (keep.isZero()) {
            return List.of();
        }
        Handling hands = new Handling(now, day, ids);
        Amount amount = Amount.of(keep, Unit.PORTION);
        if (lot.style() == Style.RAW_BAG) {
            return hands.cooked(lot, amount, once(lot, of)).changes();
        }
        Answer moved = lot.storage() == Storage.FRIDGE
                ? new Answer("")
                : hands.move(lot, amount, kitchen.usual(Storage.FRIDGE).id());
        return moved.changes();
    }

    /** The class of what is left of a raw bag once it is cooked: by what is in it, rice and all. */
    private String once(Lot lot, List<Food> of) {
        DishKeeping.Dish dish = new DishKeeping.Dish(lot.name(), Style.COOKED, List.of(), of, List.of(), day);
        return DishKeeping.of(dish, kitchen.guide()).keepingClass();
    }
}
