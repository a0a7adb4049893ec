package wexilla.core.stations.onhand;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import wexilla.core.kitchen.Change;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Lot;
import wexilla.core.money.UnitPrice;

/**
 * Stock that nobody gave a price takes the newest price of its food that fits its unit: what is cooked of it then costs
 * something, and everybody is told that it is counted so.
 */
public final class Unpriced {

    private Unpriced() {}

    /** What is there of these foods without a price takes one; nothing where no price fits. @param foods their rows */
    public static List<Change> valued(Kitchen kitchen, Collection<UUID> foods) {
        return kitchen.open().stream()
                .filter(lot -> foods.contains(lot.food()) && !lot.staple())
                .filter(lot -> !lot.cost().complete() && lot.cost().known().minor() == 0)
                .flatMap(lot -> valued(kitchen, lot).stream())
                .toList();
    }

    private static Optional<Change> valued(Kitchen kitchen, Lot lot) {
        return kitchen.pricesOf(kitchen.key(lot)).stream()
                .filter(offer -> offer.pack().unit().equals(lot.amount().unit()))
                .filter(offer ->
                        offer.price().minor() > 0 && !offer.pack().value().isZero())
                .findFirst()
                .map(offer -> new Change.Valued(
                        lot.id(),
                        UnitPrice.of(offer.price(), offer.pack())
                                .of(lot.amount().value()),
                        true,
                        "at the price of " + offer.seenOn()));
    }

    /** Prices that were seen, and what is there of their foods without one. */
    public static List<Change> after(Kitchen kitchen, List<Change.PriceSeen> seen) {
        List<Change> prices = List.copyOf(seen);
        return Stream.concat(
                        prices.stream(),
                        valued(
                                kitchen.after(prices),
                                seen.stream().map(Change.PriceSeen::food).toList())
                                .stream())
                .toList();
    }
}
