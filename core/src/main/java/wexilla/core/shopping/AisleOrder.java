package wexilla.core.shopping;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * The order in which a shop is walked, learned from the order in which things were ticked there: the one that agrees with
 * the most pairs of aisles of the last trips. The usual way counts as a trip and a half, so that two trips that agree are
 * believed and a single one, with its way back for the forgotten milk, is not.
 *
 * @param aisles all of them, the first first
 */
public record AisleOrder(List<String> aisles) {

    /** Where what is no food stands, and what nobody has described. */
    public static final String OTHER = "other";

    /** The usual way through a shop: common practice, no source. */
    public static final AisleOrder USUAL = new AisleOrder(List.of(
            "vegetables", "fruit", "bakery", "meat", "fish", "dairy", "frozen", "tins", "dry", "oil", "spices", OTHER));

    private static final int TRIP = 2_000;
    private static final int USUAL_WEIGHS = 3_000;

    /** Two aisles nobody walked on one trip: the usual order says where to put them, and moves nothing that was walked. */
    private static final int NEVER_WALKED = 1;

    public AisleOrder {
        aisles = List.copyOf(aisles);
    }

    /** Something ticked by itself. @param trip it came home with; @param shop null where nobody said */
    public record Tick(UUID trip, @Nullable String shop, String aisle) {}

    /** Where most of a list is bought. @param shops of its things, as far as known; @return null where none is */
    public static @Nullable String mostly(Collection<String> shops) {
        return shops.stream()
                .collect(Collectors.groupingBy(Function.identity(), TreeMap::new, Collectors.counting()))
                .entrySet()
                .stream()
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .orElse(null);
    }

    /** How this shop is walked, by the trips there. @param ticks in the order they were made; @param shop null for where nobody said */
    public static AisleOrder in(@Nullable String shop, List<Tick> ticks) {
        Map<UUID, List<String>> trips = new LinkedHashMap<>();
        ticks.stream()
                .filter(tick -> Objects.equals(tick.shop(), shop))
                .forEach(tick -> trips.computeIfAbsent(tick.trip(), trip -> new ArrayList<>())
                        .add(tick.aisle()));
        return learned(List.copyOf(trips.values()));
    }

    /** Whether a list stands as it does anywhere. */
    public boolean usual() {
        return aisles.equals(USUAL.aisles());
    }

    /** @param trips of each the aisles of what was ticked one by one, in that order */
    public static AisleOrder learned(List<List<String>> trips) {
        if (trips.isEmpty()) {
            return USUAL;
        }
        List<String> all = USUAL.aisles();
        int n = all.size();
        int[][] before = new int[n][n];
        for (List<String> trip : trips) {
            Map<Integer, Double> at = middle(trip);
            at.forEach((one, when) -> at.forEach((other, then) -> before[one][other] += when < then ? TRIP : 0));
        }
        for (int one = 0; one < n; one++) {
            for (int other = one + 1; other < n; other++) {
                boolean walked = before[one][other] + before[other][one] > 0;
                before[one][other] += walked ? USUAL_WEIGHS : NEVER_WALKED;
            }
        }
        return new AisleOrder(best(before).stream().map(all::get).toList());
    }

    /** Its place in this order. */
    public int at(String aisle) {
        int at = aisles.indexOf(aisle);
        return at < 0 ? aisles.indexOf(OTHER) : at;
    }

    /** When each aisle was walked: in the middle of what was ticked of it, so that one thing forgotten moves nothing. */
    private static Map<Integer, Double> middle(List<String> trip) {
        Map<Integer, List<Integer>> ticks = new LinkedHashMap<>();
        for (int i = 0; i < trip.size(); i++) {
            ticks.computeIfAbsent(USUAL.at(trip.get(i)), aisle -> new ArrayList<>())
                    .add(i);
        }
        Map<Integer, Double> middle = new LinkedHashMap<>();
        ticks.forEach((aisle, at) -> middle.put(aisle, (at.get((at.size() - 1) / 2) + at.get(at.size() / 2)) / 2.0));
        return middle;
    }

    /**
     * The order with the most weight of pairs as wanted, exactly: over all sets of aisles that may come first. Where
     * nothing speaks for either, what usually comes later comes later.
     *
     * @param before how much speaks for the one before the other
     */
    private static List<Integer> best(int[][] before) {
        int n = before.length;
        long[] most = new long[1 << n];
        int[] last = new int[1 << n];
        for (int set = 1; set < most.length; set++) {
            most[set] = -1;
            for (int one = 0; one < n; one++) {
                if ((set >> one & 1) == 1) {
                    int rest = set & ~(1 << one);
                    long gain = most[rest];
                    for (int left = rest; left != 0; left &= left - 1) {
                        gain += before[Integer.numberOfTrailingZeros(left)][one];
                    }
                    if (gain >= most[set]) {
                        most[set] = gain;
                        last[set] = one;
                    }
                }
            }
        }
        List<Integer> order = new ArrayList<>();
        for (int set = most.length - 1; set > 0; set &= ~(1 << last[set])) {
            order.add(last[set]);
        }
        Collections.reverse(order);
        return order;
    }
}
