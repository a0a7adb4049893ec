package wexilla.app.shop;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import wexilla.app.onhand.Snapshot;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.kitchen.house.Household;
import wexilla.core.money.Money;
import wexilla.core.pricing.PackMix;
import wexilla.core.pricing.WholePacks;
import wexilla.core.quantity.Amount;
import wexilla.core.recipe.lines.ReadLine;
import wexilla.core.shopping.Basket;
import wexilla.core.shopping.ShopPacks;
import wexilla.core.shopping.Shops;

/** The list and the basket as the Shop station shows them. */
final class ShopViews {

    private ShopViews() {}

    /**
     * One thing to buy.
     *
     * @param food key of the food, absent for something that is no food
     * @param item id when somebody added it by hand
     * @param need what stock lacks; absent for staples and what is not known
     * @param packs how many of {@code pack}; one when no pack was ever seen
     * @param expected decimal money for all packs; absent when no price was ever seen
     * @param staple low or out, not counted
     * @param known false for what nobody has described
     * @param shop where it is cheapest; absent for anywhere
     * @param asksUnit the unit whose weight is missing to count it: a bunch, a jar; absent when none is
     */
    record WantedView(
            @Nullable String food,
            @Nullable String item,
            String name,
            String aisle,
            @Nullable String need,
            int packs,
            @Nullable String pack,
            @Nullable String expected,
            boolean staple,
            @Nullable String firstDay,
            List<String> dishes,
            String why,
            boolean known,
            @Nullable String asksUnit,
            @Nullable String shop) {}

    /** In the basket. @param act undoing it takes it out again; @param who took it, absent where nobody was signed in */
    record TickedView(
            String act,
            @Nullable String food,
            @Nullable String item,
            String name,
            int packs,
            @Nullable String pack,
            @Nullable String price,
            @Nullable String shop,
            @Nullable String who) {}

    /**
     * What the list comes to in these shops.
     *
     * @param cost decimal money; {@code complete} false is "at least"
     * @param elsewhere how many foods of it were never seen there, at the best price known
     * @param saves decimal money less than with one shop fewer; absent for one shop, and where it saves nothing
     * @param worth whether it saves as much as a further way is worth
     * @param going whether these are the shops the household goes to
     */
    record ShopSum(
            List<String> shops,
            String cost,
            boolean complete,
            int elsewhere,
            @Nullable String saves,
            boolean worth,
            boolean going) {}

    /** @param gone to which the household goes; none for every shop */
    static List<ShopSum> sums(List<Shops.Sum> sums, Set<String> gone, Household household) {
        Set<String> going = gone.isEmpty()
                ? sums.stream().flatMap(sum -> sum.shops().stream()).collect(Collectors.toSet())
                : gone;
        return sums.stream()
                .map(sum -> new ShopSum(
                        sum.shops(),
                        sum.priced().cost().known().decimal(),
                        sum.priced().cost().complete(),
                        sum.priced().elsewhere(),
                        sum.saves() > 0
                                ? Money.of(sum.saves(), household.currency()).decimal()
                                : null,
                        sum.worth(),
                        Set.copyOf(sum.shops()).equals(going)))
                .filter(sum -> sum.shops().size() == 1 || sum.saves() != null || sum.going())
                .toList();
    }

    /** A line of the derived list, in the packs it is bought in. */
    static WantedView wanted(ShopPacks packs, Household household, Basket.Line line) {
        var buy = line.buy();
        Amount need = line.need();
        ShopPacks.Buy usual =
                need == null ? null : packs.buy(line.food(), need, household.measures(), household.system());
        Optional<Amount> said = buy == null || buy.packs() < 1
                ? Optional.empty()
                : packs.said(line.food(), buy.kind().pack(), buy.packs(), household.measures());
        int count = buy == null
                ? usual == null ? 1 : usual.packs()
                : said.isPresent() ? 1 : Math.toIntExact(Math.max(1, buy.packs()));
        String pack = buy == null
                ? usual == null ? null : usual.pack().toString()
                : said.orElse(buy.kind().pack()).toString();
        return new WantedView(
                line.food().key().id(),
                null,
                line.food().name(),
                line.aisle(),
                need == null ? null : packs.needed(line.food(), need, household.measures(), household.system()),
                count,
                pack,
                buy == null ? null : buy.cost().decimal(),
                line.firstDay() == null,
                line.firstDay() == null ? null : line.firstDay().toString(),
                line.dishes(),
                line.why(),
                line.food().described(),
                line.asks() == null ? null : line.asks().symbol(),
                buy == null ? null : buy.kind().shop());
    }

    /** Something somebody put on the list, with the price it was last seen at. @param kinds of pack seen, newest first */
    static WantedView byHand(Snapshot now, Entries.Item item, Map<Key, List<WholePacks>> kinds) {
        ReadLine read = now.reader().readStored(item.text());
        Food food = read.food();
        String aisle = food == null ? "other" : food.traits().aisle();
        Amount wanted = read.quantity() == null ? null : read.quantity().max();
        Optional<PackMix> mix = food == null
                ? Optional.empty()
                : mix(food, wanted, kinds.getOrDefault(food.key(), List.of()), now.household());
        // packs of one size are counted; of several the amount says enough
        Optional<WholePacks.Buy> one =
                mix.filter(all -> all.buys().size() == 1).map(all -> all.buys().get(0));
        return new WantedView(
                food == null ? null : food.key().id(),
                item.id().toString(),
                food == null ? item.text() : read.foodName(),
                aisle.isEmpty() ? "other" : aisle,
                null,
                one.map(buy -> Math.toIntExact(buy.packs())).orElse(1),
                one.map(buy -> buy.kind().pack().toString()).orElse(wanted == null ? null : wanted.toString()),
                mix.map(all -> all.cost().decimal()).orElse(null),
                false,
                null,
                List.of("added by hand"),
                "",
                food == null || food.described(),
                null,
                one.map(buy -> buy.kind().shop()).orElse(null));
    }

    /** So much of a food in whole packs; one pack where nobody said how much. */
    private static Optional<PackMix> mix(
            Food food, @Nullable Amount wanted, List<WholePacks> kinds, Household household) {
        if (kinds.isEmpty()) {
            return Optional.empty();
        }
        if (wanted == null) {
            return PackMix.cheapest(List.of(kinds.get(0)), kinds.get(0).pack());
        }
        return Conversion.convert(food, wanted, food.base(), household.measures())
                        instanceof Conversion.Converted converted
                ? PackMix.cheapest(kinds, converted.amount())
                : Optional.empty();
    }

    /** A food that came into the book while this list was made is in it with the next one. */
    private static @Nullable String key(Snapshot now, Entries.Entry entry) {
        Key key = entry.food() == null ? null : now.foods().keys().get(entry.food());
        return key == null ? null : key.id();
    }

    static TickedView ticked(Snapshot now, Entries.Entry entry) {
        return new TickedView(
                entry.act().toString(),
                key(now, entry),
                entry.item() == null ? null : entry.item().toString(),
                entry.text(),
                entry.packs(),
                entry.pack() == null ? null : entry.pack().toString(),
                entry.price() == null ? null : entry.price().decimal(),
                entry.shop(),
                entry.who());
    }
}
