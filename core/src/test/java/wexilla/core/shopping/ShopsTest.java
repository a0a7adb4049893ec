package wexilla.core.shopping;

import static org.assertj.core.api.Assertions.assertThat;
import static wexilla.core.Samples.EURO;
import static wexilla.core.Samples.amount;
import static wexilla.core.Samples.euro;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import wexilla.core.food.Key;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;
import wexilla.core.pricing.Offer;
import wexilla.core.pricing.PackMix;

/** What one list comes to in one shop and in several. */
class ShopsTest {

    private static final LocalDate DAY = LocalDate.of(2026, 11, 23);

    private static Offer offer(String food, String pack, long cents, @Nullable String shop, int daysAgo) {
        return new Offer(Key.food(food), Money.of(cents, EURO), amount(pack), DAY.minusDays(daysAgo), null, shop);
    }

    /** Of each size the newest price in each shop; a price of no shop that is newer than those it is older than goes with them. */
    @Test
    void theNewestOfEachShop() {
        List<Offer> seen = List.of(
                offer("carrot", "1000 g", 120, "market", 1),
                offer("carrot", "1000 g", 99, "discount shop", 2),
                offer("carrot", "1000 g", 130, null, 3),
                offer("carrot", "1000 g", 140, "market", 4),
                offer("carrot", "500 g", 70, null, 5));
        assertThat(Offer.current(seen)).containsExactly(seen.get(0), seen.get(1), seen.get(4));
        assertThat(Offer.in(Set.of("market"), seen))
                .containsExactly(seen.get(0), seen.get(2), seen.get(3), seen.get(4));
        assertThat(Offer.in(Set.of(), seen)).isEqualTo(seen);
        // never seen there: bought somewhere all the same
        assertThat(Offer.in(Set.of("farm shop"), seen.subList(0, 2))).isEqualTo(seen.subList(0, 2));
    }

    private static Shops.Sum sum(long saves, long cents, String... shops) {
        return new Shops.Sum(List.of(shops), new Shops.Priced(Cost.of(Money.of(cents, EURO)), 0), saves, saves >= 300);
    }

    /** By hand: 2 kg of carrots and 1 kg of onions; 3.00 is what a second way has to save. */
    @Test
    void byHand() {
        Map<Key, List<Offer>> offers = Map.of(
                Key.food("carrot"),
                List.of(
                        offer("carrot", "1000 g", 120, "discount shop", 1),
                        offer("carrot", "2000 g", 400, "market", 1)),
                Key.food("onion"),
                List.of(offer("onion", "1000 g", 550, "discount shop", 1), offer("onion", "1000 g", 100, "market", 1)));
        List<Shops.Sum> sums = Shops.sums(
                Shops.named(offers), some -> priced(some, offers, Map.of("carrot", "2000 g", "onion", "1000 g")));
        assertThat(sums)
                .containsExactly(
                        sum(0, 500, "market"), sum(0, 790, "discount shop"), sum(160, 340, "discount shop", "market"));
    }

    /** In any shops: one more is never dearer, all of them is what is paid where nobody chooses. */
    @Test
    void oneMoreIsNeverDearer() {
        Random random = new Random(3);
        for (int i = 0; i < 200; i++) {
            Map<Key, List<Offer>> offers = new HashMap<>();
            Map<String, String> needs = new HashMap<>();
            for (String food : List.of("carrot", "onion", "flour", "rice")) {
                // every shop has it, so that nothing is taken for known that is not
                offers.put(
                        Key.food(food),
                        List.of("a", "b", "c").stream()
                                .map(shop -> offer(
                                        food,
                                        (1 + random.nextInt(4)) * 250 + " g",
                                        50 + random.nextInt(400),
                                        shop,
                                        random.nextInt(9)))
                                .toList());
                needs.put(food, 100 + random.nextInt(3000) + " g");
            }
            List<Shops.Sum> sums = Shops.sums(Shops.named(offers), some -> priced(some, offers, needs));
            assertThat(sums).hasSize(5);
            assertThat(sums.get(3).saves()).isNotNegative();
            assertThat(sums.get(4).saves()).isNotNegative();
            assertThat(sums.get(4).priced().cost()).isEqualTo(cost(offers, needs));
        }
    }

    private static Shops.Priced priced(Set<String> some, Map<Key, List<Offer>> offers, Map<String, String> needs) {
        long elsewhere = needs.keySet().stream()
                .filter(food -> Offer.elsewhere(some, offers.get(Key.food(food))))
                .count();
        return new Shops.Priced(cost(Shops.in(some, offers), needs), (int) elsewhere);
    }

    /** A shop that has next to nothing is not the cheapest: what it lacks is bought elsewhere, and told. */
    @Test
    void whatWasNeverSeenThere() {
        Map<Key, List<Offer>> offers = Map.of(
                Key.food("carrot"),
                List.of(
                        offer("carrot", "1000 g", 100, "farm shop", 1),
                        offer("carrot", "1000 g", 120, "discount shop", 1)),
                Key.food("onion"),
                List.of(offer("onion", "1000 g", 100, "discount shop", 1)));
        List<Shops.Sum> sums = Shops.sums(
                Shops.named(offers), some -> priced(some, offers, Map.of("carrot", "1000 g", "onion", "1000 g")));
        assertThat(sums.get(0)).isEqualTo(sum(0, 220, "discount shop"));
        assertThat(sums.get(1).priced()).isEqualTo(new Shops.Priced(Cost.of(euro("2.00")), 1));
        assertThat(sums.get(2)).isEqualTo(sum(20, 200, "discount shop", "farm shop"));
    }

    private static Cost cost(Map<Key, List<Offer>> offers, Map<String, String> needs) {
        return needs.entrySet().stream()
                .map(need -> Cost.of(PackMix.cheapest(
                                Offer.current(offers.get(Key.food(need.getKey()))).stream()
                                        .map(Offer::packs)
                                        .toList(),
                                amount(need.getValue()))
                        .orElseThrow()
                        .cost()))
                .reduce(Cost.zero(EURO), Cost::plus);
    }
}
