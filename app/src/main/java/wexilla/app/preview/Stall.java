package wexilla.app.preview;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.book.FoodBook;
import wexilla.core.money.Money;
import wexilla.core.pricing.Offer;
import wexilla.core.pricing.WholePacks;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;

/** The offers of a preview request: a food book that knows what they name, and their prices by food key. */
record Stall(FoodBook book, Map<Key, List<Offer>> offers, Map<Key, List<WholePacks>> packs) {

    /** More offers than this is no shopping trip. */
    private static final int MOST = 1000;

    /** "3 for 10.00". */
    record MultiBuyAsked(int count, String price) {}

    record OfferAsked(
            String food,
            String pack,
            String price,
            @Nullable MultiBuyAsked multiBuy) {}

    /** The offers, with the foods they name that the reference lacks. */
    static Stall of(FoodBook known, List<OfferAsked> asked, Measures measures) {
        if (asked.size() > MOST) {
            throw Problem.at("/offers", asked.size() + " offers; " + MOST + " is the most.");
        }
        List<Food> unknown = new ArrayList<>();
        Map<Key, List<Offer>> offers = new LinkedHashMap<>();
        Map<Key, List<WholePacks>> packs = new LinkedHashMap<>();
        for (int i = 0; i < asked.size(); i++) {
            OfferAsked offer = asked.get(i);
            String at = "/offers/" + i;
            Amount pack = measures.toBase(Asked.amount(at + "/pack", offer.pack()));
            Food food = known.named(offer.food()).orElseGet(() -> {
                Food own = Asked.at(
                        at + "/food",
                        () -> Food.unknown(
                                Key.food(offer.food().strip()),
                                offer.food().strip(),
                                pack.unit().base()));
                unknown.add(own);
                return own;
            });
            Amount base = base(at + "/pack", food, pack, measures);
            Money price = Asked.money(at + "/price", offer.price());
            if (base.value().isZero()) {
                throw Problem.at(at + "/pack", "A pack of nothing has no price.");
            }
            WholePacks.MultiBuy multi = multi(at + "/multiBuy", offer.multiBuy());
            offers.computeIfAbsent(food.key(), key -> new ArrayList<>())
                    .add(new Offer(food.key(), price, base, LocalDate.EPOCH));
            packs.computeIfAbsent(food.key(), key -> new ArrayList<>()).add(new WholePacks(base, price, multi));
        }
        return new Stall(known.with(unknown), offers, packs);
    }

    private static Amount base(String field, Food food, Amount pack, Measures measures) {
        Conversion.Answer answer = Asked.at(field, () -> Conversion.convert(food, pack, food.base(), measures));
        if (answer instanceof Conversion.Missing missing) {
            throw Problem.missingFact(field, "The " + missing.fact() + " is not known.", missing.fact());
        }
        return ((Conversion.Converted) answer).amount();
    }

    static WholePacks.@Nullable MultiBuy multi(String at, @Nullable MultiBuyAsked asked) {
        return asked == null
                ? null
                : Asked.at(
                        at + "/count",
                        () -> new WholePacks.MultiBuy(asked.count(), Asked.money(at + "/price", asked.price())));
    }
}
