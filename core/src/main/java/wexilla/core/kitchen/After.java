package wexilla.core.kitchen;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Key;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;
import wexilla.core.pricing.Offer;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.stock.StockUse;

/** A kitchen on its way to the next one: what a store writes down is carried over here in the same way. */
final class After {

    private final Kitchen kitchen;
    private final Map<UUID, Lot> lots = new LinkedHashMap<>();
    private @Nullable Planned planned;
    private @Nullable Map<Key, List<Offer>> prices;

    After(Kitchen kitchen) {
        this.kitchen = kitchen;
        this.planned = kitchen.plannedOrNot();
        this.prices = kitchen.prices();
        kitchen.lots().forEach(lot -> lots.put(lot.id(), lot));
    }

    Kitchen with(List<Change> changes) {
        for (Change change : changes) {
            if (change instanceof Change.OfLot lot) {
                lot(lot);
            } else if (change instanceof Change.Called called) {
                planned = planned == null ? null : planned.after(called);
                lots.replaceAll((id, lot) -> called.batch().equals(lot.batch()) ? lot.called(called.name()) : lot);
            } else if (change instanceof Change.OfBatch batch) {
                planned = plan().after(batch);
            } else if (change instanceof Change.OfMeal meal) {
                planned = plan().after(meal);
            } else if (change instanceof Change.RecipeSet set) {
                planned = plan().after(set);
            } else if (change instanceof Change.PartMoved moved) {
                planned = plan().after(moved);
            } else if (change instanceof Change.PriceSeen seen) {
                seen(seen);
            }
        }
        return kitchen.holding(List.copyOf(lots.values()), planned, prices);
    }

    /** The newest first; of one day the last that was seen. */
    private void seen(Change.PriceSeen seen) {
        Amount pack = seen.pack();
        if (prices == null || pack == null) {
            return;
        }
        Key food = kitchen.foods().key(seen.food());
        List<Offer> all = new ArrayList<>(prices.getOrDefault(food, List.of()));
        int at = 0;
        while (at < all.size() && all.get(at).seenOn().isAfter(seen.on())) {
            at++;
        }
        all.add(at, new Offer(food, seen.price(), pack, seen.on(), seen.multi(), seen.shop()));
        prices = new HashMap<>(prices);
        prices.put(food, List.copyOf(all));
    }

    private Planned plan() {
        if (planned == null) {
            throw new IllegalStateException("the plan of this kitchen was not read");
        }
        return planned;
    }

    private void lot(Change.OfLot change) {
        if (change instanceof Change.Made made) {
            UUID batch = made.made().batch();
            UUID dish = batch == null ? null : plan().batch(batch).recipeId();
            made.from().forEach(take -> gone(take, dish));
            lots.put(made.lot(), made.made().first(kitchen.holding(List.of(), planned, prices)));
            return;
        }
        Lot lot = lots.get(change.lot());
        if (lot == null) {
            throw new IllegalStateException("the lot " + change.lot() + " was not read");
        }
        if (change instanceof Change.Taken taken) {
            less(lot, taken.amount(), taken.cost());
        } else if (change instanceof Change.Carried carried) {
            NewLot made = carried.made();
            less(lot, made.amount(), made.cost().known());
            lots.put(made.id(), made.of(lot, kitchen.place(made.place()), kitchen.guide()));
        } else if (change instanceof Change.Counted counted) {
            Amount there = Amount.of(
                    lot.amount().value().plus(counted.more()), lot.amount().unit());
            Cost cost = lot.cost().with(lot.cost().known().plus(counted.cost()));
            lots.put(lot.id(), lot.holding(there, cost));
        } else if (change instanceof Change.Valued valued) {
            lots.put(lot.id(), lot.worth(Cost.of(lot.cost().known().plus(valued.cost())), valued.since()));
        } else if (change instanceof Change.Levelled levelled) {
            lots.put(lot.id(), lot.at(levelled.level()));
        } else if (change instanceof Change.Understood now) {
            UUID food = now.food();
            String name = food == null || food.equals(lot.food())
                    ? lot.name()
                    : kitchen.foods().food(food).name();
            lots.put(lot.id(), lot.understood(now, name, kitchen.place(now.place()), kitchen.guide()));
        }
    }

    /** @param dish the recipe that was cooked of it: what it left is anybody's */
    private void gone(StockUse.Take take, @Nullable UUID dish) {
        UUID id = UUID.fromString(take.lot().id());
        Lot lot = lots.get(id);
        if (lot == null) {
            throw new IllegalStateException("the lot " + id + " was not read");
        }
        Rational taken = Rational.of(take.amount().value().toDecimal(Change.DECIMALS));
        less(lot, Amount.of(taken, take.amount().unit()), take.cost().known());
        Lot.Pin pin = lot.pin();
        if (pin != null && pin.recipe().equals(dish)) {
            lots.computeIfPresent(id, (same, left) -> left.unpinned());
        }
    }

    private void less(Lot lot, Amount amount, Money cost) {
        Amount left = Amount.of(
                lot.amount().value().minus(amount.value()), lot.amount().unit());
        lots.put(lot.id(), lot.holding(left, lot.cost().with(lot.cost().known().minus(cost))));
    }
}
