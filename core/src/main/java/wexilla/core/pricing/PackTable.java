package wexilla.core.pricing;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;

/**
 * The cheapest whole packs for every need of one food, reckoned once and then looked up: a search of plans asks a million
 * times. Exact for every mix; of equal cost what leaves less, then fewer packs. What is short by a hundredth is covered.
 */
public final class PackTable {

    /** So little of a need is no pack of its own, and is not missed once the rest is there. */
    private static final Rational SHORT = Trade.number("needs.near-enough");

    private static final long SHORT_OF = Rational.ONE.dividedBy(SHORT).floor().longValueExact();
    /** Steps of the smallest common part; above it the best kind covers the bulk. */
    private static final int MOST_STEPS = 20_000;

    private static final int FIRST_STEPS = 64;
    private static final long FINE = 1000;

    /**
     * Something that can be bought at once: a pack, or as many as are cheaper together.
     *
     * @param amount thousandths of the food's base unit; @param price in the smallest part of money that is counted
     * @param packs how many there are in it
     */
    public record Pack(long amount, long price, int packs) {

        public Pack {
            if (amount <= 0 || price < 0 || packs < 1) {
                throw new IllegalArgumentException("a pack holds more than nothing");
            }
        }
    }

    private final Pack[] packs;
    private final int[] steps;
    private final long step;
    private final int best;
    /** For each number of steps what covers them costs, holds, in how many packs, and the pack to buy first. */
    private long[] cost = {0};

    private long[] amount = {0};
    private int[] count = {0};
    private int[] chosen = {-1};

    /** @param packs at least one */
    public PackTable(List<Pack> packs) {
        this.packs = packs.toArray(Pack[]::new);
        long smallest = packs.stream().mapToLong(Pack::amount).min().orElseThrow();
        long common = packs.stream().mapToLong(Pack::amount).reduce(0, PackTable::common);
        // pounds beside kilos have no common part worth counting in: each pack then counts a little less than it is
        step = Math.max(common, smallest / FINE);
        steps = packs.stream()
                .mapToInt(pack -> Math.toIntExact(pack.amount() / step))
                .toArray();
        best = packs.stream()
                .min(Comparator.comparingDouble(pack -> (double) pack.price() / pack.amount()))
                .map(packs::indexOf)
                .orElseThrow();
    }

    private static long common(long one, long other) {
        return other == 0 ? one : common(other, one % other);
    }

    /** What covers this need costs. @param need thousandths of the base unit */
    public long cost(long need) {
        return costOf(wanted(need));
    }

    /** How much is bought to cover this need. */
    public long bought(long need) {
        long wanted = wanted(need);
        long bulk = bulk(wanted);
        return bulk * packs[best].amount() + amount[rest(wanted, bulk)];
    }

    /** How often each of the packs is bought to cover this need. */
    public long[] often(long need) {
        long[] often = new long[packs.length];
        long wanted = wanted(need);
        long bulk = bulk(wanted);
        often[best] += bulk;
        for (int left = rest(wanted, bulk); left > 0; left -= steps[chosen[left]]) {
            often[chosen[left]]++;
        }
        return often;
    }

    /** Steps to be covered: a hundredth less where that is cheaper. The table reaches so far. */
    private long wanted(long need) {
        long full = ceiling(need);
        long nearly = ceiling(need - need / SHORT_OF);
        return costOf(nearly) < costOf(full) ? nearly : full;
    }

    private long ceiling(long need) {
        return (Math.max(0, need) + step - 1) / step;
    }

    private long bulk(long wanted) {
        return wanted <= MOST_STEPS ? 0 : (wanted - MOST_STEPS) / steps[best] + 1;
    }

    private int rest(long wanted, long bulk) {
        return Math.toIntExact(Math.max(0, wanted - bulk * steps[best]));
    }

    private long costOf(long wanted) {
        long bulk = bulk(wanted);
        int rest = rest(wanted, bulk);
        grow(rest);
        return bulk * packs[best].price() + cost[rest];
    }

    private void grow(int most) {
        int from = cost.length;
        if (most < from) {
            return;
        }
        int size = Math.max(FIRST_STEPS, Math.max(2 * from, most + 1));
        cost = Arrays.copyOf(cost, size);
        amount = Arrays.copyOf(amount, size);
        count = Arrays.copyOf(count, size);
        chosen = Arrays.copyOf(chosen, size);
        for (int need = from; need < size; need++) {
            cost[need] = Long.MAX_VALUE;
            for (int i = 0; i < packs.length; i++) {
                int rest = Math.max(0, need - steps[i]);
                long price = cost[rest] + packs[i].price();
                long holds = amount[rest] + packs[i].amount();
                int all = count[rest] + packs[i].packs();
                boolean better = price < cost[need]
                        || price == cost[need] && (holds < amount[need] || holds == amount[need] && all < count[need]);
                if (better) {
                    cost[need] = price;
                    amount[need] = holds;
                    count[need] = all;
                    chosen[need] = i;
                }
            }
        }
    }
}
