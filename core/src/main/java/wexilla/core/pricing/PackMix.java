package wexilla.core.pricing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wexilla.core.money.Money;
import wexilla.core.pricing.WholePacks.Buy;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;

/**
 * The cheapest whole packs of several kinds that cover a need: 1.5 kg are one of a kilo and one of 500 g, four packets may
 * cost less than three where four are offered together. Exact for every mix; of equal cost the one that leaves less, then
 * the one of fewer packs.
 *
 * @param buys what is bought, the largest pack first; empty where nothing is needed
 * @param left what is over
 * @param shortBy what is not covered because nobody buys another pack for it; zero for nothing
 */
public record PackMix(List<Buy> buys, Money cost, Amount left, Amount shortBy) {

    /** So little of a need is no pack of its own, and is not missed once the rest is there. */
    private static final Rational SHORT = Trade.number("needs.near-enough");
    /** Steps of the smallest common part; above it the best kind covers the bulk. */
    private static final int MOST_STEPS = 20_000;

    public PackMix {
        buys = List.copyOf(buys);
    }

    /** All packs together. */
    public long packs() {
        return buys.stream().mapToLong(Buy::packs).sum();
    }

    /** @return empty when none of the kinds is in the need's unit */
    public static Optional<PackMix> cheapest(List<WholePacks> kinds, Amount need) {
        List<WholePacks> fitting = kinds.stream()
                .filter(kind -> kind.pack().unit().equals(need.unit())
                        && !kind.pack().value().isZero())
                .toList();
        if (fitting.isEmpty()) {
            return Optional.empty();
        }
        PackMix full = new Search(fitting, need).cheapest();
        PackMix nearly = new Search(fitting, need.times(Rational.ONE.minus(SHORT))).cheapest();
        if (nearly.cost().compareTo(full.cost()) >= 0) {
            return Optional.of(full);
        }
        Amount covered = nearly.buys().stream()
                .map(buy -> buy.kind().pack().times(Rational.of(buy.packs())))
                .reduce(Amount::plus)
                .orElse(need.times(Rational.ZERO));
        Rational lacking = need.value().minus(covered.value());
        Amount none = need.times(Rational.ZERO);
        return Optional.of(
                lacking.signum() > 0
                        ? new PackMix(nearly.buys(), nearly.cost(), none, Amount.of(lacking, need.unit()))
                        : new PackMix(nearly.buys(), nearly.cost(), Amount.of(lacking.negated(), need.unit()), none));
    }

    /**
     * The same with what later trips will need of something that keeps: bought together only where that is cheaper than
     * later by itself, from what is left and new packs.
     */
    public static Optional<PackMix> cheapest(List<WholePacks> kinds, Amount need, Amount later) {
        Optional<PackMix> now = cheapest(kinds, need);
        Optional<PackMix> together = cheapest(kinds, need.plus(later));
        if (now.isEmpty() || together.isEmpty()) {
            return now;
        }
        Rational lacking = later.value().minus(now.get().left().value());
        Money then = lacking.signum() <= 0
                ? Money.zero(now.get().cost().currency())
                : cheapest(kinds, Amount.of(lacking, later.unit()))
                        .orElseThrow()
                        .cost();
        if (together.get().cost().compareTo(now.get().cost().plus(then)) >= 0) {
            return now;
        }
        PackMix all = together.get();
        return Optional.of(new PackMix(all.buys(), all.cost(), all.left().plus(later), all.shortBy()));
    }

    /** Something that can be bought at once: a pack, or as many as are cheaper together. */
    private record Item(int kind, int packs, int steps, long price) {}

    /** What covers so many steps: cost, what is over, packs. */
    private static final class Search {

        private static final Rational FINE = Rational.of(1000);

        private final List<WholePacks> kinds;
        private final Amount need;
        private final Rational step;
        private final List<Item> items = new ArrayList<>();

        Search(List<WholePacks> kinds, Amount need) {
            this.kinds = kinds;
            this.need = need;
            Rational smallest = kinds.stream()
                    .map(kind -> kind.pack().value())
                    .reduce(Rational::min)
                    .orElseThrow();
            Rational common = kinds.stream()
                    .map(kind -> kind.pack().value())
                    .reduce(Search::common)
                    .orElseThrow();
            // pounds beside kilos have no common part worth counting in: each pack then counts a little less than it is
            this.step = common.compareTo(smallest.dividedBy(FINE)) < 0 ? smallest.dividedBy(FINE) : common;
            for (int kind = 0; kind < kinds.size(); kind++) {
                WholePacks one = kinds.get(kind);
                int steps = one.pack().value().dividedBy(step).floor().intValueExact();
                items.add(new Item(kind, 1, steps, one.price().minor()));
                if (one.multi() != null) {
                    int count = one.multi().count();
                    items.add(new Item(
                            kind, count, steps * count, one.multi().price().minor()));
                }
            }
        }

        /** The largest amount both are whole multiples of. */
        private static Rational common(Rational one, Rational other) {
            Rational a = one;
            Rational b = other;
            while (!b.isZero()) {
                Rational rest = a.minus(Rational.of(a.dividedBy(b).floor()).times(b));
                a = b;
                b = rest;
            }
            return a;
        }

        PackMix cheapest() {
            int steps = Math.max(0, need.value().dividedBy(step).ceiling().intValueExact());
            long[] packs = new long[kinds.size()];
            Item best = items.stream()
                    .min(Comparator.comparing(item -> Rational.of(item.price(), item.steps())))
                    .orElseThrow();
            while (steps > MOST_STEPS) {
                int bulk = (steps - MOST_STEPS) / best.steps() + 1;
                packs[best.kind()] += (long) bulk * best.packs();
                steps -= bulk * best.steps();
            }
            int[] chosen = chosen(Math.max(0, steps));
            for (int left = Math.max(0, steps); left > 0; ) {
                Item item = items.get(chosen[left]);
                packs[item.kind()] += item.packs();
                left -= item.steps();
            }
            return mix(packs);
        }

        /** For each number of steps the item to buy first. */
        private int[] chosen(int most) {
            long[] cost = new long[most + 1];
            int[] over = new int[most + 1];
            int[] count = new int[most + 1];
            int[] chosen = new int[most + 1];
            Arrays.fill(cost, Long.MAX_VALUE);
            cost[0] = 0;
            for (int need = 1; need <= most; need++) {
                for (int i = 0; i < items.size(); i++) {
                    Item item = items.get(i);
                    int rest = Math.max(0, need - item.steps());
                    long price = cost[rest] + item.price();
                    int left = rest == 0 ? Math.max(0, item.steps() - need) : over[rest];
                    int all = count[rest] + item.packs();
                    boolean better = price < cost[need]
                            || price == cost[need] && (left < over[need] || left == over[need] && all < count[need]);
                    if (better) {
                        cost[need] = price;
                        over[need] = left;
                        count[need] = all;
                        chosen[need] = i;
                    }
                }
            }
            return chosen;
        }

        private PackMix mix(long[] packs) {
            List<Buy> buys = new ArrayList<>();
            Rational covered = Rational.ZERO;
            Money cost = Money.zero(kinds.get(0).price().currency());
            for (int kind = 0; kind < packs.length; kind++) {
                if (packs[kind] > 0) {
                    WholePacks one = kinds.get(kind);
                    Buy buy = one.of(packs[kind]);
                    buys.add(buy);
                    cost = cost.plus(buy.cost());
                    covered = covered.plus(one.pack().value().times(Rational.of(packs[kind])));
                }
            }
            buys.sort(
                    Comparator.comparing((Buy buy) -> buy.kind().pack().value()).reversed());
            Amount left = Amount.of(covered.minus(need.value()), need.unit());
            return new PackMix(buys, cost, left, need.times(Rational.ZERO));
        }
    }
}
