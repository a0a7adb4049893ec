package wexilla.app.shop;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import wexilla.app.household.Reference;
import wexilla.app.onhand.Offers;
import wexilla.app.onhand.Snapshot;
import wexilla.app.shop.ShopViews.TickedView;
import wexilla.app.shop.ShopViews.WantedView;
import wexilla.core.food.Key;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.KnownFoods;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;
import wexilla.core.pricing.WholePacks;
import wexilla.core.shopping.AisleOrder;
import wexilla.core.shopping.Basket;
import wexilla.core.stations.plan.Looked;

/** What is still to be bought, what lies in the basket, and what both come to. */
@Component
class ToBuy {

    private final ShoppingList list;
    private final Entries entries;
    private final Reference reference;
    private final Offers offers;

    ToBuy(ShoppingList list, Entries entries, Reference reference, Offers offers) {
        this.list = list;
        this.entries = entries;
        this.reference = reference;
        this.offers = offers;
    }

    /**
     * @param expected what all of it comes to, those in the basket as priced; {@code complete} false is "at least"
     * @param missing how many prices, where what is known says too little to be told as money
     * @param inBasket what lies in the basket comes to
     * @param walked the shop in whose order, learned from its ticks, the list stands; empty where no shop was said, absent for
     *     the usual order
     * @param shops what the plan's part of the list comes to where; none where fewer than two shops are known
     */
    record ShopView(
            int days,
            List<WantedView> wanted,
            List<TickedView> basket,
            String expected,
            boolean complete,
            @Nullable String missing,
            String inBasket,
            boolean inBasketComplete,
            String toCome,
            boolean toComeComplete,
            @Nullable String walked,
            List<ShopViews.ShopSum> shops) {}

    /** The list of so many days, from today on. */
    ShopView of(Snapshot now, int days) {
        Household household = now.household();
        Looked looked = list.until(now, now.today().plusDays(days - 1L));
        Offers.Known prices = offers.everywhere(household, now.foods(), null);
        Map<Key, List<WholePacks>> kinds = list.packs(now, prices);
        List<Entries.Entry> basket = entries.basket(household);
        Entries.Listed listed = entries.listed(household);
        List<WantedView> wanted = wanted(now, looked, kinds, basket, listed.items());
        String shop = AisleOrder.mostly(
                wanted.stream().flatMap(one -> Stream.ofNullable(one.shop())).toList());
        AisleOrder way = AisleOrder.in(shop, ticks(now, listed.ticked()));
        wanted.sort(Comparator.comparingInt(one -> way.at(one.aisle())));
        Cost ticked = basket.stream()
                .map(e -> e.price() == null ? Cost.unknown(household.currency()) : Cost.of(e.price()))
                .reduce(Cost.zero(household.currency()), Cost::plus);
        Cost open = wanted.stream()
                .map(w -> w.expected() == null
                        ? Cost.unknown(household.currency())
                        : Cost.of(Money.parse(w.expected(), household.currency())))
                .reduce(Cost.zero(household.currency()), Cost::plus);
        Cost all = ticked.plus(open);
        return new ShopView(
                days,
                wanted,
                basket.stream().map(e -> ShopViews.ticked(now, e)).toList(),
                all.known().decimal(),
                all.complete(),
                all.missing().orElse(null),
                ticked.known().decimal(),
                ticked.complete(),
                open.known().decimal(),
                open.complete(),
                way.usual() ? null : Objects.requireNonNullElse(shop, ""),
                ShopViews.sums(list.shops(now, looked, prices), prices.gone(), household));
    }

    /** What is still to be bought: what the plan lacks, then what was added by hand. */
    private List<WantedView> wanted(
            Snapshot now,
            Looked looked,
            Map<Key, List<WholePacks>> kinds,
            List<Entries.Entry> basket,
            List<Entries.Item> items) {
        List<WantedView> wanted = new ArrayList<>();
        list.basket(now, looked, kinds)
                .without(taken(now.foods(), basket), kinds)
                .forEach(line -> wanted.add(ShopViews.wanted(reference.shopPacks(), now.household(), line)));
        items.stream()
                .filter(item -> basket.stream().noneMatch(e -> item.id().equals(e.item())))
                .forEach(item -> wanted.add(ShopViews.byHand(now, item, kinds)));
        return wanted;
    }

    /** Where each thing stood that was ticked. */
    private static List<AisleOrder.Tick> ticks(Snapshot now, List<Entries.Ticked> ticked) {
        return ticked.stream()
                .map(one -> new AisleOrder.Tick(one.trip(), one.shop(), aisle(now.foods(), one.food())))
                .toList();
    }

    private static String aisle(KnownFoods known, @Nullable UUID food) {
        Key key = food == null ? null : known.keys().get(food);
        return key == null
                ? AisleOrder.OTHER
                : known.book()
                        .get(key)
                        .map(there -> there.traits().aisle())
                        .filter(aisle -> !aisle.isEmpty())
                        .orElse(AisleOrder.OTHER);
    }

    /** What lies in the basket of foods the list knows. */
    private static List<Basket.Taken> taken(KnownFoods now, List<Entries.Entry> basket) {
        List<Basket.Taken> taken = new ArrayList<>();
        for (Entries.Entry entry : basket) {
            Key food = entry.food() == null ? null : now.keys().get(entry.food());
            if (food != null) {
                taken.add(new Basket.Taken(food, entry.pack(), entry.packs()));
            }
        }
        return taken;
    }
}
