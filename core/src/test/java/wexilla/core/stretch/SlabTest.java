package wexilla.core.stretch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static wexilla.core.Samples.euro;
import static wexilla.core.Samples.ratio;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.Scaling;
import wexilla.core.food.facts.Contents;
import wexilla.core.food.facts.Cut;
import wexilla.core.food.facts.Nature;
import wexilla.core.food.facts.Traits;
import wexilla.core.money.Money;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
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
                Slab.Cut.COOKED,
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
                Rational.of(1600),
                ratio(41, 100),
                euro("4.00"),
                Method.WEIGHT,
                Slab.Cut.COOKED,
                List.of(percent("pie", 100), bones));
        assertThat(slab.parts()).extracting(p -> p.cost().decimal()).containsExactly("3.60", "0.40");
        Share free = new Share("stock", null, null, null);
        assertThat(Slab.cut(
                                Rational.of(1600),
                                ratio(41, 100),
                                euro("4.00"),
                                Method.WEIGHT,
                                Slab.Cut.COOKED,
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
        assertThatThrownBy(() -> Slab.cut(raw, Rational.ONE, euro("9.00"), Method.WEIGHT, Slab.Cut.COOKED, shares))
                .isInstanceOfSatisfying(
                        Slab.TooMuch.class, e -> assertThat(e.shortfall()).hasToString("300"))
                .hasMessageContaining("300 g too much");
        assertThatThrownBy(() -> percent("x", 120)).hasMessageContaining("from 0 to 100 per cent, not 120");
        assertThatThrownBy(() -> grams("x", 0)).isInstanceOf(IllegalArgumentException.class);
    }

    /** Weights are kept to some decimals: three times 333.334 g is a kilogram, a gram more is not. */
    @Test
    void whatIsFinerThanAnybodyCutsFits() {
        List<Share> thirds = List.of(fine("a"), fine("b"), fine("c"));
        Slab slab = Slab.cut(Rational.of(1000), Rational.ONE, euro("9.00"), Method.WEIGHT, Slab.Cut.COOKED, thirds);
        assertThat(slab.remainder().grams().isZero()).isTrue();
        assertThat(slab.parts()).extracting(p -> p.cost().decimal()).containsExactly("3.00", "3.00", "3.00");
        List<Share> more = List.of(grams("a", 500), grams("b", 501));
        assertThatThrownBy(() ->
                        Slab.cut(Rational.of(1000), Rational.ONE, euro("9.00"), Method.WEIGHT, Slab.Cut.COOKED, more))
                .hasMessageContaining("1 g too much");
    }

    /** A joint that came out lighter than planned is recorded as it came out; nothing is lost and nothing made. */
    @Test
    void whatWasWeighedIsWhatThereIs() {
        Share roast = new Share("roast", new Share.Grams(Rational.of(600)), null, null, true);
        List<Share> shares = List.of(roast, grams("soup", 200), grams("curry", 200));
        assertThat(weighed(ratio(8, 10), shares)).containsExactly("600", "100", "100");
        assertThat(weighed(ratio(5, 10), shares)).containsExactly("300", "100", "100");
        assertThat(weighed(ratio(8, 10), List.of(grams("a", 750), grams("b", 250))))
                .containsExactly("600", "200");
    }

    private static List<String> weighed(Rational yield, List<Share> shares) {
        Slab slab = Slab.weighed(Rational.of(1000), yield, euro("9.00"), Method.WEIGHT, Slab.Cut.COOKED, shares);
        assertThat(slab.remainder().grams().isZero()).isTrue();
        return slab.parts().stream().map(part -> part.grams().plain()).toList();
    }

    private static Share fine(String name) {
        return new Share(name, new Share.Grams(ratio(333_334, 1000)), null, null);
    }

    @Test
    void fixedPerCentsAndValues() {
        Share half = new Share("half", new Share.Grams(Rational.of(100)), Rational.of(50), Rational.of(20));
        Share tenth = new Share("tenth", new Share.Grams(Rational.of(100)), Rational.of(10), Rational.of(5));
        Slab fixed = Slab.cut(
                Rational.of(400), Rational.ONE, euro("10.00"), Method.FIXED, Slab.Cut.COOKED, List.of(half, tenth));
        assertThat(fixed.parts()).extracting(p -> p.cost().decimal()).containsExactly("5.00", "1.00");
        assertThat(fixed.remainder().cost().decimal()).isEqualTo("4.00");
        Slab value = Slab.cut(
                Rational.of(200), Rational.ONE, euro("10.00"), Method.VALUE, Slab.Cut.COOKED, List.of(half, tenth));
        assertThat(value.parts()).extracting(p -> p.cost().decimal()).containsExactly("8.00", "2.00");
        assertThatThrownBy(() -> Slab.cut(
                        Rational.of(400),
                        Rational.ONE,
                        euro("1"),
                        Method.VALUE,
                        Slab.Cut.COOKED,
                        List.of(grams("x", 1))))
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
            Slab slab = Slab.cut(raw, ratio(57, 100), price, Method.WEIGHT, Slab.Cut.COOKED, shares);
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

    /**
     * Cut raw: six legs of 350 g as two minced, two diced and what two plates of 150 g cooked take; grams are raw, plates
     * cooked. Poultry pieces 0.43: handbook, section 13, common practice.
     */
    @Test
    void legsCutRawByPieces() {
        Share minced = new Share("dumplings", new Share.Pieces(Rational.of(2), Rational.of(350)), null, null);
        Share diced = new Share("chunks", new Share.Grams(Rational.of(700)), null, null);
        Share plates = new Share("roast", new Share.Portions(Rational.of(2), Rational.of(150)), null, null);
        Slab slab = Slab.cut(
                Rational.of(2100),
                ratio(43, 100),
                euro("7.56"),
                Method.WEIGHT,
                Slab.Cut.RAW,
                List.of(minced, diced, plates));
        assertThat(slab.parts()).extracting(p -> p.grams().plain()).containsExactly("301", "301", "300");
        assertThat(slab.parts())
                .extracting(p -> p.rawGrams().toDecimal(1).toPlainString())
                .containsExactly("700.0", "700.0", "697.7");
        assertThat(slab.parts().get(0).cost().decimal()).isEqualTo("2.52");
        Share seven = new Share("dumplings", new Share.Pieces(Rational.of(7), Rational.of(350)), null, null);
        assertThatThrownBy(() -> Slab.cut(
                        Rational.of(2100), ratio(43, 100), euro("7.56"), Method.WEIGHT, Slab.Cut.RAW, List.of(seven)))
                .hasMessage("the parts ask for 2450 g raw, 2100 g are there: 350 g too much");
    }

    /**
     * Joint costs by net realizable sales value, the worked example of cost accounting textbooks: products of 1,000 and
     * 3,000 in value share 2,400 as 600 and 1,800; what is sold as a by-product for 10 per cent comes off first (Horngren,
     * Cost Accounting, chapter on joint products; figures from memory).
     */
    @Test
    void jointCostsByValue() {
        Share small = new Share("a", new Share.Grams(Rational.of(100)), null, Rational.of(10));
        Share large = new Share("b", new Share.Grams(Rational.of(100)), null, Rational.of(30));
        Slab slab = Slab.cut(
                Rational.of(200), Rational.ONE, euro("2400"), Method.VALUE, Slab.Cut.COOKED, List.of(small, large));
        assertThat(slab.parts()).extracting(p -> p.cost().decimal()).containsExactly("600.00", "1800.00");
    }

    /** Broth of a closed pot 0.95 of its water, of an open one 0.75; relish stays relish: handbook, section 5. */
    @Test
    void waterBecomesBroth() {
        Food water = liquid("water");
        Slab slab = Slab.cut(Rational.of(1000), ratio(41, 100), euro("1"), Method.WEIGHT, Slab.Cut.COOKED, List.of());
        List<Pot.Input> in = List.of(
                new Pot.Input("water", water, Amount.of(Rational.of(1600), Unit.ML)),
                new Pot.Input("relish", null, Amount.of(Rational.of(200), Unit.ML)));
        assertThat(new Pot(in, true, false).outputs("cooked chicken", slab, Measures.METRIC))
                .extracting(out -> out.what() + " " + out.amount())
                .containsExactly("cooked chicken 410 g", "broth 1.52 l", "relish 200 ml");
        assertThat(new Pot(in, false, false).broth(Measures.METRIC)).isEqualTo(Rational.of(1200));
    }

    private static Food liquid(String name) {
        Traits traits = new Traits(
                "none", "", Contents.PLAIN, Set.of(), Cut.PART, Map.of(), Map.of(), Set.of(Nature.COOKS_GRAIN));
        return new Food(
                Key.food(name),
                name,
                List.of(),
                List.of(),
                Unit.ML,
                "dry-goods",
                true,
                Scaling.LINEAR,
                List.of(),
                traits);
    }
}
