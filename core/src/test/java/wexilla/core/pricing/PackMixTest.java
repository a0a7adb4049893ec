package wexilla.core.pricing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Currency;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wexilla.core.money.Money;
import wexilla.core.pricing.WholePacks.MultiBuy;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;

/** The cheapest whole packs: against every mix there is, and the examples of the orders and of the handbook, section 4. */
class PackMixTest {

    private static final Currency EURO = Currency.getInstance("EUR");

    private static Amount grams(long grams) {
        return Amount.of(grams, Unit.G);
    }

    private static WholePacks pack(long grams, long cents, MultiBuy multi) {
        return new WholePacks(grams(grams), Money.of(cents, EURO), multi);
    }

    private static MultiBuy multi(int count, long cents) {
        return new MultiBuy(count, Money.of(cents, EURO));
    }

    /** 3 for 10.00 against 4.00: whole multiples only, the rest at the single price; a gram over is no pack more. */
    @ParameterizedTest
    @CsvSource({
        "1, 1, 400",
        "500, 1, 400",
        "501, 1, 400",
        "510, 2, 800",
        "1500, 3, 1000",
        "1501, 3, 1000",
        "1600, 4, 1400",
        "3000, 6, 2000"
    })
    void wholePacksAndMultiBuys(long need, long packs, long cents) {
        PackMix mix = PackMix.cheapest(List.of(pack(500, 400, multi(3, 1000))), grams(need))
                .orElseThrow();
        assertThat(mix.packs()).isEqualTo(packs);
        assertThat(mix.cost()).isEqualTo(Money.of(cents, EURO));
    }

    @Test
    void sizesMixAndSetsMayBeCheaperThanFewer() {
        List<WholePacks> lentils = List.of(pack(1000, 200, null), pack(500, 120, null));
        assertThat(PackMix.cheapest(lentils, grams(1500)).orElseThrow().cost()).isEqualTo(Money.of(320, EURO));
        PackMix flour = PackMix.cheapest(List.of(pack(1000, 90, multi(4, 300))), grams(4000))
                .orElseThrow();
        assertThat(flour.cost()).isEqualTo(Money.of(300, EURO));
        PackMix four = PackMix.cheapest(List.of(pack(1000, 120, multi(4, 300))), grams(3000))
                .orElseThrow();
        assertThat(four.packs())
                .as("four for 3.00 are less than three for 3.60")
                .isEqualTo(4);
        PackMix near =
                PackMix.cheapest(List.of(pack(500, 120, null)), grams(1010)).orElseThrow();
        assertThat(near.packs()).isEqualTo(2);
        assertThat(near.shortBy()).isEqualTo(grams(10));
        assertThat(PackMix.cheapest(List.of(pack(500, 120, null)), grams(510))
                        .orElseThrow()
                        .packs())
                .isEqualTo(2);
        assertThat(PackMix.cheapest(lentils, Amount.of(2, Unit.PIECE))).isEmpty();
    }

    /** However much is asked for, and whatever the packs beside each other: it is counted, not refused. */
    @Test
    void aNeedBeyondAllMeasure() {
        List<WholePacks> kinds = List.of(pack(1, 2, null), pack(1000, 150, null));
        PackMix mix = PackMix.cheapest(kinds, grams(9_999_999_000L)).orElseThrow();
        // 99 of 100 are enough: 9,899,999 kg and ten times 1 g, which are less than one kilo more
        assertThat(mix.packs()).isEqualTo(9_899_999 + 10);
        assertThat(PackMix.cheapest(List.of(pack(30_000, 900, null), pack(1, 1, null)), grams(31_000))
                        .orElseThrow()
                        .left()
                        .value()
                        .signum())
                .isNotNegative();
    }

    /** Later needs are bought along only where that is less than buying them later from what is left. */
    @Test
    void laterNeedsComeAlongWhereThatIsCheaper() {
        List<WholePacks> rice = List.of(pack(1000, 200, null), pack(500, 120, null));
        assertThat(PackMix.cheapest(rice, grams(1900), grams(1000))
                        .orElseThrow()
                        .cost())
                .as("no saving: bought when it is needed")
                .isEqualTo(Money.of(400, EURO));
        assertThat(PackMix.cheapest(rice, grams(500), grams(500)).orElseThrow().cost())
                .as("a kilo is less than twice 500 g")
                .isEqualTo(Money.of(200, EURO));
    }

    /** No mix is cheaper: against all there are, for random packs and needs. */
    @Test
    void noMixIsCheaper() {
        Random random = new Random(7);
        for (int i = 0; i < 400; i++) {
            List<WholePacks> kinds = new ArrayList<>();
            for (int kind = 0; kind <= random.nextInt(3); kind++) {
                long size = 50L * (1 + random.nextInt(20));
                long price = 40 + random.nextInt(300);
                kinds.add(pack(size, price, random.nextInt(3) == 0 ? multi(2 + random.nextInt(3), price * 2) : null));
            }
            long need = 1 + random.nextInt(3000);
            PackMix mix = PackMix.cheapest(kinds, grams(need)).orElseThrow();
            long least = least(kinds, need - need / 100, new long[kinds.size()], 0);
            assertThat(mix.cost().minor()).as("%s of %s", need, kinds).isEqualTo(least);
            Rational covered = mix.buys().stream()
                    .map(buy -> buy.kind().pack().value().times(Rational.of(buy.packs())))
                    .reduce(Rational.ZERO, Rational::plus);
            assertThat(covered.plus(mix.shortBy().value()).minus(mix.left().value()))
                    .isEqualTo(Rational.of(need));
            assertThat(mix.shortBy().value().compareTo(Rational.of(need, 100)) <= 0)
                    .isTrue();
        }
    }

    /** Every mix, one kind after the other. */
    private static long least(List<WholePacks> kinds, long need, long[] packs, int at) {
        if (at == kinds.size()) {
            long covered = 0;
            long cost = 0;
            for (int kind = 0; kind < packs.length; kind++) {
                covered += kinds.get(kind).pack().value().floor().longValueExact() * packs[kind];
                cost += packs[kind] == 0
                        ? 0
                        : kinds.get(kind).of(packs[kind]).cost().minor();
            }
            return covered >= need ? cost : Long.MAX_VALUE;
        }
        long best = Long.MAX_VALUE;
        long size = kinds.get(at).pack().value().floor().longValueExact();
        for (long count = 0; count <= need / size + 5; count++) {
            long[] next = Arrays.copyOf(packs, packs.length);
            next[at] = count;
            best = Math.min(best, least(kinds, need, next, at + 1));
        }
        return best;
    }
}
