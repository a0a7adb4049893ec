package wexilla.app.shop;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.UUID;
import org.springframework.stereotype.Component;
import wexilla.app.household.Foods;
import wexilla.app.onhand.Lots;
import wexilla.app.onhand.Offers;
import wexilla.app.plan.Evenings;
import wexilla.app.platform.Household;
import wexilla.core.food.Food;
import wexilla.core.food.FoodBook;
import wexilla.core.pricing.Offer;
import wexilla.core.pricing.WholePacks;
import wexilla.core.shopping.Basket;

/** Derives the list: what the evenings want less what is there, and staples that are low or out. */
@Component
class ShoppingList {

    private final Evenings evenings;
    private final Foods foods;
    private final Lots lots;
    private final Offers offers;

    ShoppingList(Evenings evenings, Foods foods, Lots lots, Offers offers) {
        this.evenings = evenings;
        this.foods = foods;
        this.lots = lots;
        this.offers = offers;
    }

    /** What is missing for the evenings up to this day. */
    Basket until(Household household, LocalDate to) {
        Evenings.Looked looked = evenings.look(household, to);
        return Basket.of(looked.check().needs().items(), lowOrOut(household), packs(household), household.currency());
    }

    /** Staples whose newest word is low or out. */
    private List<Food> lowOrOut(Household household) {
        FoodBook book = foods.book(household);
        Map<UUID, String> keys = foods.keys(household);
        Map<String, Boolean> low = new TreeMap<>();
        lots.staples(household)
                .forEach(lot -> low.merge(
                        Objects.requireNonNull(keys.get(Objects.requireNonNull(lot.food()))),
                        !lot.level().equals("have"),
                        (a, b) -> a && b));
        return low.entrySet().stream()
                .filter(Map.Entry::getValue)
                .map(entry -> book.get(entry.getKey()).orElseThrow())
                .toList();
    }

    /** Kinds of pack seen of each food; of one size the newest price counts. */
    Map<String, List<WholePacks>> packs(Household household) {
        Map<String, List<WholePacks>> packs = new HashMap<>();
        offers.newestFirst(household).forEach((food, seen) -> {
            Map<String, WholePacks> bySize = new LinkedHashMap<>();
            for (Offer offer : seen) {
                bySize.putIfAbsent(offer.pack().precise(), new WholePacks(offer.pack(), offer.price(), null));
            }
            packs.put(food, List.copyOf(bySize.values()));
        });
        return packs;
    }
}
