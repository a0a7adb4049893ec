package wexilla.app.shop;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import org.springframework.stereotype.Component;
import wexilla.app.onhand.Offers;
import wexilla.app.onhand.Snapshot;
import wexilla.app.plan.PlanKitchen;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.kitchen.Lot;
import wexilla.core.pricing.Offer;
import wexilla.core.pricing.WholePacks;
import wexilla.core.shopping.Basket;
import wexilla.core.shopping.Shops;
import wexilla.core.stations.plan.Looked;

/** Derives the list: what the evenings want less what is there, and staples that are low or out. */
@Component
class ShoppingList {

    private final PlanKitchen evenings;

    ShoppingList(PlanKitchen evenings) {
        this.evenings = evenings;
    }

    /** What the evenings up to this day need. */
    Looked until(Snapshot now, LocalDate to) {
        return evenings.look(now, to);
    }

    /** What is missing for them. @param kinds of pack each food is bought in */
    Basket basket(Snapshot now, Looked looked, Map<Key, List<WholePacks>> kinds) {
        return Basket.of(
                looked.check().needs().items(),
                lowOrOut(now),
                kinds,
                now.household().currency());
    }

    /** What the same list comes to in each shop, and in the best two and three; none where fewer than two are known. */
    List<Shops.Sum> shops(Snapshot now, Looked looked, Offers.Known prices) {
        Set<String> names = Shops.named(prices.all());
        if (names.size() < 2) {
            return List.of();
        }
        return Shops.sums(names, some -> {
            Basket there = basket(now, looked, packs(now, new Offers.Known(prices.all(), some)));
            long elsewhere = there.lines().stream()
                    .map(line -> line.food().key())
                    .distinct()
                    .filter(food -> Offer.elsewhere(some, prices.all().getOrDefault(food, List.of())))
                    .count();
            return new Shops.Priced(there.expected(), Math.toIntExact(elsewhere));
        });
    }

    /** Kinds of pack seen of each food; of one size the newest price counts. */
    Map<Key, List<WholePacks>> packs(Snapshot now, Offers.Known prices) {
        return now.kitchen().with(Shops.in(prices.gone(), prices.all())).packs().kinds();
    }

    /** Staples whose newest word is low or out. */
    private static List<Food> lowOrOut(Snapshot now) {
        Map<String, Boolean> low = new TreeMap<>();
        Map<String, Food> foods = new HashMap<>();
        for (Lot lot : now.staples()) {
            Food food = now.foods().food(Objects.requireNonNull(lot.food()));
            foods.put(food.key().id(), food);
            low.merge(food.key().id(), lot.level() != Lot.Level.HAVE, (a, b) -> a && b);
        }
        return low.entrySet().stream()
                .filter(Map.Entry::getValue)
                .map(entry -> Objects.requireNonNull(foods.get(entry.getKey())))
                .toList();
    }
}
