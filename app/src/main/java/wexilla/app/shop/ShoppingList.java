package wexilla.app.shop;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import org.springframework.stereotype.Component;
import wexilla.app.onhand.Snapshot;
import wexilla.app.plan.PlanKitchen;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.kitchen.Lot;
import wexilla.core.pricing.WholePacks;
import wexilla.core.shopping.Basket;
import wexilla.core.stations.plan.Looked;

/** Derives the list: what the evenings want less what is there, and staples that are low or out. */
@Component
class ShoppingList {

    private final PlanKitchen evenings;

    ShoppingList(PlanKitchen evenings) {
        this.evenings = evenings;
    }

    /** What is missing for the evenings up to this day. */
    Basket until(Snapshot now, LocalDate to) {
        Looked looked = evenings.look(now, to);
        return Basket.of(
                looked.check().needs().items(),
                lowOrOut(now),
                packs(now),
                now.household().currency());
    }

    /** Kinds of pack seen of each food; of one size the newest price counts. */
    Map<Key, List<WholePacks>> packs(Snapshot now) {
        return now.kitchen().with(now.offers()).packs().kinds();
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
