package wexilla.core.shopping;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Currency;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.money.Cost;
import wexilla.core.pricing.PackMix;
import wexilla.core.pricing.WholePacks;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.text.CookWords;

/**
 * A shopping list: what is needed in packs that can be bought, by aisle.
 *
 * @param lines by aisle, in the order a shop is usually walked
 * @param expected what it comes to; "at least" when a price is not known
 */
public record Basket(List<Line> lines, Cost expected) {

    /** Nobody buys a carrot for the last of a hundred grams. */
    private static final Rational NEAR = Trade.number("needs.near-enough");

    /**
     * One thing to buy: packs of one size. What is cheapest in packs of two sizes is two of them.
     *
     * @param need what stock lacks; null for a staple that is low or out, or when it is not known
     * @param buy the packs that cover it; null when no pack of it was ever seen
     * @param firstDay null for a staple
     * @param why what is unknown, in the cook's words
     * @param asks the unit of which nobody knows what it weighs; null when none is missing
     */
    public record Line(
            Food food,
            String aisle,
            @Nullable Amount need,
            WholePacks.@Nullable Buy buy,
            @Nullable LocalDate firstDay,
            List<String> dishes,
            String why,
            @Nullable Unit asks) {

        private Line of(Amount lacking, WholePacks.Buy packs) {
            return new Line(food, aisle, lacking, packs, firstDay, dishes, why, asks);
        }
    }

    /**
     * @param staples foods that are low or out
     * @param packs kinds of pack seen, by food key, newest first
     */
    public static Basket of(
            List<Needs.Item> items, List<Food> staples, Map<Key, List<WholePacks>> packs, Currency currency) {
        List<Line> lines = new ArrayList<>();
        for (Needs.Item item : items) {
            List<WholePacks> kinds = packs.getOrDefault(item.food().key(), List.of());
            for (Amount lacking : item.lacking()) {
                Optional<PackMix> mix = PackMix.cheapest(kinds, lacking);
                List<WholePacks.Buy> buys = mix.map(PackMix::buys).orElse(List.of());
                if (buys.isEmpty()) {
                    lines.add(line(item, lacking, Optional.empty(), ""));
                }
                String missing = mix.map(PackMix::shortBy)
                        .filter(amount -> !amount.value().isZero())
                        .map(amount -> CookWords.amount(amount) + " short: no pack of its own")
                        .orElse("");
                // packs of two sizes are two things to find on the shelf
                buys.forEach(buy -> lines.add(line(item, lacking, Optional.of(buy), missing)));
            }
            if (item.lacking().isEmpty()) {
                lines.add(line(item, null, Optional.empty(), String.join("; ", item.unknown())));
            }
        }
        for (Food staple : staples) {
            if (lines.stream().noneMatch(line -> line.food().key().equals(staple.key()))) {
                WholePacks.Buy one = packs.getOrDefault(staple.key(), List.of()).stream()
                        .findFirst()
                        .map(kind -> new WholePacks.Buy(kind, 1, kind.price()))
                        .orElse(null);
                lines.add(new Line(staple, aisle(staple), null, one, null, List.of(), "", null));
            }
        }
        lines.sort(Comparator.<Line>comparingInt(line -> AisleOrder.USUAL.at(line.aisle()))
                .thenComparing(line -> line.food().name()));
        Cost expected = lines.stream()
                .map(line -> line.buy() == null
                        ? Cost.unknown(currency)
                        : Cost.of(line.buy().cost()))
                .reduce(Cost.zero(currency), Cost::plus);
        return new Basket(List.copyOf(lines), expected);
    }

    /** In the basket already. @param pack one of them; null where nobody said how much: then it is enough */
    public record Taken(Key food, @Nullable Amount pack, int packs) {

        private boolean fills(Line line) {
            return pack == null
                    || line.need() == null
                    || line.buy() == null
                    || pack.equals(line.buy().kind().pack());
        }

        private Rational in(Unit unit) {
            return pack != null && pack.unit().equals(unit) ? pack.value().times(Rational.of(packs)) : Rational.ZERO;
        }
    }

    private record Need(Key food, Unit unit) {}

    /**
     * What is still to be bought. A pack that was taken as it stands on the list is off it, and another size of the same food is
     * not; what packs of other sizes leave of the need is packed anew.
     *
     * @param packs kinds of pack seen, by food key, newest first
     */
    public List<Line> without(List<Taken> basket, Map<Key, List<WholePacks>> packs) {
        List<Line> left = new ArrayList<>();
        Set<Need> anew = new HashSet<>();
        for (Line line : lines) {
            Key key = line.food().key();
            List<Taken> own =
                    basket.stream().filter(one -> one.food().equals(key)).toList();
            Amount need = line.need();
            if (own.isEmpty()) {
                left.add(line);
            } else if (need != null && own.stream().noneMatch(one -> one.fills(line))) {
                Rational taken = own.stream().map(one -> one.in(need.unit())).reduce(Rational.ZERO, Rational::plus);
                Rational rest = need.value().minus(taken);
                if (rest.compareTo(need.value().times(NEAR)) <= 0) {
                    continue;
                }
                boolean asListed = own.stream()
                        .allMatch(one -> lines.stream()
                                .filter(other -> other.food().key().equals(key))
                                .anyMatch(one::fills));
                if (asListed) {
                    left.add(line);
                } else if (anew.add(new Need(key, need.unit()))) {
                    Amount lacking = Amount.of(rest, need.unit());
                    PackMix.cheapest(packs.getOrDefault(key, List.of()), lacking)
                            .ifPresent(mix -> mix.buys().forEach(buy -> left.add(line.of(lacking, buy))));
                }
            }
        }
        return left;
    }

    private static Line line(Needs.Item item, @Nullable Amount lacking, Optional<WholePacks.Buy> buy, String why) {
        return new Line(
                item.food(),
                aisle(item.food()),
                lacking,
                buy.orElse(null),
                item.firstDay(),
                item.dishes(),
                why,
                why.isEmpty() ? null : item.asks());
    }

    private static String aisle(Food food) {
        String aisle = food.traits().aisle();
        return aisle.isEmpty() ? AisleOrder.OTHER : aisle;
    }
}
