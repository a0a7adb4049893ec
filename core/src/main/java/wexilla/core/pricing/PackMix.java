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
        List<Long> often = often(fitting, need);
        List<Buy> buys = new ArrayList<>();
        Rational covered = Rational.ZERO;
        Money cost = Money.zero(fitting.get(0).price().currency());
        for (int kind = 0; kind < fitting.size(); kind++) {
            if (often.get(kind) > 0) {
                Buy buy = fitting.get(kind).of(often.get(kind));
                buys.add(buy);
                cost = cost.plus(buy.cost());
                covered = covered.plus(buy.kind().pack().value().times(Rational.of(buy.packs())));
            }
        }
        buys.sort(Comparator.comparing((Buy buy) -> buy.kind().pack().value()).reversed());
        Rational over = covered.minus(need.value());
        return Optional.of(new PackMix(
                buys,
                cost,
                Amount.of(Rational.max(over, Rational.ZERO), need.unit()),
                Amount.of(Rational.max(over.negated(), Rational.ZERO), need.unit())));
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

    /** The sets of so many packs that are cheaper together count as one pack. */
    private static List<Long> often(List<WholePacks> kinds, Amount need) {
        List<PackTable.Pack> packs = new ArrayList<>();
        List<Integer> kindOf = new ArrayList<>();
        for (int kind = 0; kind < kinds.size(); kind++) {
            for (PackTable.Pack pack : kinds.get(kind).items(1)) {
                packs.add(pack);
                kindOf.add(kind);
            }
        }
        long[] often = new PackTable(packs).often(thousandths(need));
        long[] all = new long[kinds.size()];
        for (int i = 0; i < often.length; i++) {
            all[kindOf.get(i)] += often[i] * packs.get(i).packs();
        }
        return Arrays.stream(all).boxed().toList();
    }

    private static long thousandths(Amount amount) {
        return amount.value().times(Rational.of(1000)).ceiling().longValueExact();
    }
}
