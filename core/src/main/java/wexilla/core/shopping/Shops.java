package wexilla.core.shopping;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wexilla.core.food.Key;
import wexilla.core.money.Cost;
import wexilla.core.pricing.Offer;
import wexilla.core.quantity.Trade;

/**
 * To which shops one list is taken, and what it comes to there: every shop by itself, then the best two and the best three
 * of them. What was never seen there is bought at the best price known elsewhere, and told: a shop that has little is not cheap.
 */
public final class Shops {

    private static final int MOST = Trade.whole("shops.most-together");
    private static final int LOOKED = Trade.whole("shops.looked-at");
    private static final int WORTH = Trade.whole("shops.further-saves");

    /** @param cost of the whole list, {@code elsewhere} how many foods of it were never seen there */
    public record Priced(Cost cost, int elsewhere) {}

    /**
     * @param shops in the order of their names
     * @param saves minor units less than with one shop fewer that has as much of it as one can; negative for more
     * @param worth whether that is more than a further way is worth
     */
    public record Sum(List<String> shops, Priced priced, long saves, boolean worth) {}

    private Shops() {}

    /** Where prices were seen: the shops with most of them, in the order of their names. */
    public static Set<String> named(Map<Key, List<Offer>> offers) {
        Map<String, Long> seen = offers.values().stream()
                .flatMap(List::stream)
                .flatMap(offer -> Stream.ofNullable(offer.shop()))
                .collect(Collectors.groupingBy(name -> name, TreeMap::new, Collectors.counting()));
        return seen.entrySet().stream()
                .sorted(Map.Entry.<String, Long>comparingByValue().reversed())
                .limit(LOOKED)
                .map(Map.Entry::getKey)
                .collect(Collectors.toCollection(TreeSet::new));
    }

    /** What is known of prices where only these shops are gone to. @param shops none stands for every shop */
    public static Map<Key, List<Offer>> in(Collection<String> shops, Map<Key, List<Offer>> offers) {
        if (shops.isEmpty()) {
            return offers;
        }
        Map<Key, List<Offer>> there = new HashMap<>();
        offers.forEach((food, all) -> there.put(food, Offer.in(shops, all)));
        return there;
    }

    /** @param priced the list where these shops are gone to */
    public static List<Sum> sums(Collection<String> shops, Function<Set<String>, Priced> priced) {
        List<Sum> sums = new ArrayList<>();
        long before = 0;
        for (int many = 1; many <= Math.min(MOST, shops.size()); many++) {
            long fewer = before;
            boolean first = many == 1;
            List<Sum> all = of(List.copyOf(shops), many).stream()
                    .map(some -> {
                        Priced sum = priced.apply(some);
                        long saves = first ? 0 : fewer - minor(sum);
                        return new Sum(List.copyOf(some), sum, saves, saves >= WORTH);
                    })
                    .sorted(Comparator.<Sum>comparingInt(sum -> sum.priced().elsewhere())
                            .thenComparingLong(sum -> minor(sum.priced())))
                    .toList();
            sums.addAll(first ? all : all.subList(0, 1));
            before = minor(all.get(0).priced());
        }
        return List.copyOf(sums);
    }

    private static long minor(Priced priced) {
        return priced.cost().known().minor();
    }

    /** Every choice of so many of them. */
    private static List<Set<String>> of(List<String> shops, int many) {
        List<Set<String>> all = new ArrayList<>();
        if (many == 0) {
            all.add(new TreeSet<>());
            return all;
        }
        for (int i = 0; i + many <= shops.size(); i++) {
            for (Set<String> rest : of(shops.subList(i + 1, shops.size()), many - 1)) {
                rest.add(shops.get(i));
                all.add(rest);
            }
        }
        return all;
    }
}
