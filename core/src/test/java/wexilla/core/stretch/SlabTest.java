package wexilla.core.stretch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static wexilla.core.Samples.euro;
import static wexilla.core.Samples.ratio;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import wexilla.core.money.Money;
import wexilla.core.quantity.Rational;
import wexilla.core.stretch.Slab.Method;

class SlabTest {

    private static Share percent(String name, long percent) {
        return new Share(name, new Share.Percent(Rational.of(percent)), null, null);
    }

    private static Share grams(String name, long grams) {
        return new Share(name, new Share.Grams(Rational.of(grams)), null, null);
    }

    /** Handbook, section 5: 6.40 for 2.5 kg boneless at 0.57. */
    @Test
    void aShoulderInThreeParts() {
        Share curry = new Share("curry", new Share.Portions(Rational.of(4), Rational.of(90)), null, null);
        Slab slab = Slab.cut(
                Rational.of(2500),
                ratio(57, 100),
                euro("6.40"),
                Method.WEIGHT,
                List.of(percent("roast", 40), grams("soup", 300), curry));
        assertThat(slab.cookedGrams()).hasToString("1425");
        assertThat(slab.parts()).extracting(p -> p.grams().plain()).containsExactly("570", "300", "360");
        assertThat(slab.parts()).extracting(p -> p.cost().decimal()).containsExactly("2.56", "1.35", "1.62");
        assertThat(slab.remainder().grams().plain()).isEqualTo("195");
        assertThat(slab.remainder().cost().decimal()).isEqualTo("0.87");
    }

    /** Handbook, section 5: 10 % of a bird to its stock is 0.40 of 4.00; it comes off first. */
    @Test
    void bonesCostNothingUnlessGivenAPerCent() {
        Share bones = new Share("stock", null, Rational.of(10), null);
        Slab slab = Slab.cut(
                Rational.of(1600), ratio(41, 100), euro("4.00"), Method.WEIGHT, List.of(percent("pie", 100), bones));
        assertThat(slab.parts()).extracting(p -> p.cost().decimal()).containsExactly("3.60", "0.40");
        Share free = new Share("stock", null, null, null);
        assertThat(Slab.cut(
                                Rational.of(1600),
                                ratio(41, 100),
                                euro("4.00"),
                                Method.WEIGHT,
                                List.of(percent("pie", 50), free))
                        .parts())
                .extracting(p -> p.cost().decimal())
                .containsExactly("2.00", "0.00");
    }

    /** Handbook, section 5: a third and then two halves of the same meat do not exist. */
    @Test
    void theShortfallIsExact() {
        Rational raw = Rational.of(900);
        List<Share> shares = List.of(grams("a", 300), grams("b", 450), grams("c", 450));
        assertThatThrownBy(() -> Slab.cut(raw, Rational.ONE, euro("9.00"), Method.WEIGHT, shares))
                .isInstanceOfSatisfying(
                        Slab.TooMuch.class, e -> assertThat(e.shortfall()).hasToString("300"))
                .hasMessageContaining("300 g too much");
        assertThatThrownBy(() -> percent("x", 120)).hasMessageContaining("from 0 to 100 per cent, not 120");
        assertThatThrownBy(() -> grams("x", 0)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void fixedPerCentsAndValues() {
        Share half = new Share("half", new Share.Grams(Rational.of(100)), Rational.of(50), Rational.of(20));
        Share tenth = new Share("tenth", new Share.Grams(Rational.of(100)), Rational.of(10), Rational.of(5));
        Slab fixed = Slab.cut(Rational.of(400), Rational.ONE, euro("10.00"), Method.FIXED, List.of(half, tenth));
        assertThat(fixed.parts()).extracting(p -> p.cost().decimal()).containsExactly("5.00", "1.00");
        assertThat(fixed.remainder().cost().decimal()).isEqualTo("4.00");
        Slab value = Slab.cut(Rational.of(200), Rational.ONE, euro("10.00"), Method.VALUE, List.of(half, tenth));
        assertThat(value.parts()).extracting(p -> p.cost().decimal()).containsExactly("8.00", "2.00");
        assertThatThrownBy(
                        () -> Slab.cut(Rational.of(400), Rational.ONE, euro("1"), Method.VALUE, List.of(grams("x", 1))))
                .hasMessageContaining("“x” needs what a kilo");
    }

    /** Property: whatever the parts, costs sum to the price to the cent and grams to what there is. */
    @Test
    void nothingIsLost() {
        Random seeded = new Random(21);
        for (int i = 0; i < 400; i++) {
            Money price = Money.of(1 + seeded.nextInt(6000), euro("0").currency());
            Rational raw = Rational.of(500 + seeded.nextInt(4000));
            List<Share> shares = new ArrayList<>();
            for (int n = 0; n < seeded.nextInt(5); n++) {
                shares.add(percent("p" + n, seeded.nextInt(25)));
            }
            shares.add(new Share("bones", null, Rational.of(seeded.nextInt(20)), null));
            Slab slab = Slab.cut(raw, ratio(57, 100), price, Method.WEIGHT, shares);
            Money sum = slab.parts().stream()
                    .map(Slab.Part::cost)
                    .reduce(slab.remainder().cost(), Money::plus);
            Rational grams = slab.parts().stream()
                    .map(Slab.Part::grams)
                    .reduce(slab.remainder().grams(), Rational::plus);
            assertThat(sum).isEqualTo(price);
            assertThat(grams).isEqualTo(slab.cookedGrams());
        }
    }
}
