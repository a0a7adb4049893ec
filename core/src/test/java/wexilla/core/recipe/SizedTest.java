package wexilla.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static wexilla.core.Samples.ratio;

import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wexilla.core.Samples;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.Scaling;
import wexilla.core.food.facts.Contents;
import wexilla.core.food.facts.Cut;
import wexilla.core.food.facts.Nature;
import wexilla.core.food.facts.Part;
import wexilla.core.food.facts.Traits;
import wexilla.core.food.facts.Yield;
import wexilla.core.quantity.KitchenMeasure;
import wexilla.core.quantity.KitchenMeasure.System;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.lines.LineReader;

/** Lines that belong together, and properties of scaling any line. */
class SizedTest {

    // takes up 1¼ volumes of water, 185 g a cup: handbook; practice, and USDA FoodData Central from memory
    private static final Food RICE = new Food(
            Key.food("long-grain-rice"),
            "rice",
            List.of(),
            Unit.G,
            "dry-goods",
            false,
            Scaling.LINEAR,
            List.of(Samples.fact("1 cup", "185 g")),
            new Traits("dry", "", Map.of(Part.WATER, new Yield(ratio(5, 4), "practice"))));
    private static final Food WATER = new Food(
                    Key.food("water"), "water", List.of(), Unit.ML, "water", false, Scaling.LINEAR, List.of())
            .with(new Traits(
                    "none", "", Contents.PLAIN, Set.of(), Cut.PART, Map.of(), Map.of(), Set.of(Nature.COOKS_GRAIN)));
    private static final LineReader READER = new LineReader(Samples.BOOK.with(List.of(RICE, WATER)));

    private static List<ScaledLine> scaled(Rational factor, int pots, String... lines) {
        return words(Size.of(factor, pots), lines);
    }

    private static List<ScaledLine> words(Size size, String... lines) {
        return Sized.of(Samples.recipe(READER, lines), size, Measures.US).words(Wording.of(System.US, Measures.US));
    }

    /** Absorbed · k + loss · vessels: handbook, section 2. Two cups of rice take up 2½ of 4 cups; 1½ boil away a pot. */
    @ParameterizedTest
    @CsvSource({"1,1,4", "2,1,6.5", "3,1,9", "3,3,12", "0.5,1,2.75"})
    void waterForRiceGrowsLessThanTheRice(String factor, int pots, String cups) {
        Rational k = Rational.of(new java.math.BigDecimal(factor));
        ScaledLine water = scaled(k, pots, "2 cups rice", "4 cups water").get(1);
        assertThat(water.rule()).isEqualTo(Scaling.EVAPORATING);
        assertThat(water.exact().value()).isEqualTo(Rational.of(new java.math.BigDecimal(cups)));
    }

    @Test
    void theWaterOfASoupGrowsWithTheSoup() {
        ScaledLine water =
                scaled(Rational.of(3), 1, "1/2 cup rice", "8 cups water").get(1);
        assertThat(water.rule()).isEqualTo(Scaling.LINEAR);
        assertThat(water.exact().value()).isEqualTo(Rational.of(24));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            juice of 2 onions              | 2 | juice of 4 onions
            minced beef, 500 g             | 2 | 1 kg minced beef
            minced beef (500 g)            | 2 | 1 kg minced beef
            3 garlic cloves, crushed       | 2 | 6 garlic cloves, crushed
            1 cup (125 g) plain flour      | 3 | 3 cups plain flour
            250 g/9 oz plain flour         | 2 | 500 g plain flour
            3 onions (about 300 g), sliced | 2 | 6 onions, sliced (600 g)
            1 onion (red), sliced          | 2 | 2 onion, sliced (red)
            2 heaped tbsp plain flour      | 2 | 1/4 cup heaped plain flour
            1 butter, for greasing         | 4 | 1 butter, for greasing
            """)
    void theLineIsWrittenAgainWithoutWhatIsNoLongerTrue(String line, int factor, String written) {
        assertThat(scaled(Rational.of(factor), 1, line).get(0).text()).isEqualTo(written);
    }

    /** Property: k and then 1/k is what was written; more is never less; two halves are the whole. */
    @Test
    void scalingIsMonotoneAndUndoesItself() {
        Random seeded = new Random(23);
        String[] lines = {
            "1 1/3 cups plain flour", "2 lb minced beef", "3 cloves garlic", "750 g tomatoes", "2-3 onions"
        };
        for (int i = 0; i < 400; i++) {
            String line = lines[i % lines.length];
            Rational k = Rational.of(1 + seeded.nextInt(60), 1 + seeded.nextInt(12));
            Rational more = k.plus(Rational.of(1, 1 + seeded.nextInt(9)));
            Rational there = exact(k, line);
            assertThat(there.dividedBy(k)).isEqualTo(exact(Rational.ONE, line));
            assertThat(exact(more, line)).isGreaterThan(there);
            assertThat(exact(k.dividedBy(Rational.of(2)), line).times(Rational.of(2)))
                    .isEqualTo(there);
        }
    }

    private static Rational exact(Rational factor, String line) {
        return scaled(factor, 1, line).get(0).exact().value();
    }

    /** Property: an error above 3 % is shown, a nonzero amount is never nothing, three terms are the most. */
    @Test
    void kitchenMeasuresAreHonest() {
        Random seeded = new Random(29);
        for (int i = 0; i < 2000; i++) {
            Rational teaspoons = Rational.of(1 + seeded.nextInt(40_000), 64 + seeded.nextInt(64));
            KitchenMeasure measure =
                    KitchenMeasure.of(wexilla.core.quantity.Amount.of(teaspoons, Unit.TSP), System.US, Measures.US);
            assertThat(measure.scoops()).hasSizeBetween(1, 3);
            assertThat(measure.measured().value().signum()).isPositive();
            Rational asked = teaspoons.times(Measures.US.factor(Unit.TSP));
            Rational got = Measures.US.toBase(measure.measured()).value();
            Rational off = got.minus(asked).times(Rational.of(100)).dividedBy(asked);
            Rational size = off.signum() < 0 ? off.negated() : off;
            if (!measure.text().equals("a pinch")) {
                assertThat(size).as(measure.text()).isEqualTo(measure.errorPercent());
            }
        }
    }

    @Test
    void nothingIsNoSize() {
        assertThatThrownBy(() -> Size.of(Rational.ZERO)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Size.of(Rational.ONE, 0)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void ofSeveralBagsEachGetsItsShare() {
        Size all = Size.of(Rational.of(3));
        assertThat(words(all, "2 cups plain flour").get(0).text()).isEqualTo("6 cups plain flour");
        assertThat(words(all.each(3), "2 cups plain flour").get(0).text()).isEqualTo("2 cups plain flour");
    }

    @Test
    void whatIsLeftOfAWholePieceIsSaid() {
        ScaledLine eggs = scaled(ratio(3, 2), 1, "3 eggs").get(0);
        assertThat(eggs.remains()).hasToString("1/2");
        assertThat(eggs.why()).isEqualTo("exactly 4.5, so one is not used up: 1/2 remains");
    }
}
