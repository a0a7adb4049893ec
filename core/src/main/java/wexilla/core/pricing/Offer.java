package wexilla.core.pricing;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Key;
import wexilla.core.money.Money;
import wexilla.core.money.UnitPrice;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;

/**
 * One price seen or paid.
 *
 * @param price of one pack
 * @param pack what it was for, in g, ml or pieces
 * @param multi what several of them cost together: "3 for 13.00"
 * @param shop where; null where nobody said: anywhere
 */
public record Offer(
        Key food,
        Money price,
        Amount pack,
        LocalDate seenOn,
        WholePacks.@Nullable MultiBuy multi,
        @Nullable String shop) {

    /** A price of one pack alone, anywhere. */
    public Offer(Key food, Money price, Amount pack, LocalDate seenOn) {
        this(food, price, pack, seenOn, null, null);
    }

    /** Days after which a price is shown as old: handbook, section 4. */
    public static final int OLD_DAYS = 90;

    /** Whether it was seen more than 90 days before this day. */
    public boolean old(LocalDate today) {
        return seenOn.plusDays(OLD_DAYS).isBefore(today);
    }

    /**
     * Minor units, exactly, of so many units of the food: what several cost together counts for whole multiples, the rest
     * at the price of one (handbook, section 4).
     */
    public Rational exact(Rational units) {
        Rational single = unitPrice().minorPerUnit();
        WholePacks.MultiBuy several = multi;
        if (several == null) {
            return single.times(units);
        }
        Rational group = pack.value().times(Rational.of(several.count()));
        Rational groups = Rational.of(units.dividedBy(group).floor());
        return groups.times(several.price().exact())
                .plus(units.minus(groups.times(group)).times(single));
    }

    /**
     * What a household can buy a food at now: of each size of pack the newest price, the lowest for its size first.
     *
     * @param newestFirst every price that was seen of one food
     */
    public static List<Offer> best(List<Offer> newestFirst) {
        return current(newestFirst).stream()
                .sorted(Comparator.comparing(offer -> offer.unitPrice().minorPerUnit()))
                .toList();
    }

    private record Shelf(Amount pack, @Nullable String shop) {}

    /** Of each size of pack the newest price in each shop, the newest first; one of no shop goes with the next one of its size. */
    public static List<Offer> current(List<Offer> newestFirst) {
        Map<Shelf, Offer> current = new LinkedHashMap<>();
        Set<Amount> sizes = new HashSet<>();
        for (Offer offer : newestFirst) {
            if (sizes.add(offer.pack()) || offer.shop() != null) {
                current.putIfAbsent(new Shelf(offer.pack(), offer.shop()), offer);
            }
        }
        return List.copyOf(current.values());
    }

    /**
     * What is known of prices where only these shops are gone to. What was only ever seen in others is bought somewhere, too:
     * its price there is the best that is known.
     *
     * @param shops names; none stands for every shop
     */
    public static List<Offer> in(Collection<String> shops, List<Offer> offers) {
        List<Offer> there = offers.stream()
                .filter(offer -> offer.shop() == null || shops.contains(offer.shop()))
                .toList();
        return shops.isEmpty() || there.isEmpty() ? offers : there;
    }

    /** Whether a food was seen, but in none of these shops. */
    public static boolean elsewhere(Collection<String> shops, List<Offer> offers) {
        return !offers.isEmpty()
                && offers.stream().noneMatch(offer -> offer.shop() == null || shops.contains(offer.shop()));
    }

    /** One pack of it as it is bought. */
    public WholePacks packs() {
        return new WholePacks(pack, price, multi, shop);
    }

    public UnitPrice unitPrice() {
        return UnitPrice.of(price, pack);
    }
}
