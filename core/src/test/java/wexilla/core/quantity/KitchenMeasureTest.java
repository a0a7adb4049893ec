package wexilla.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wexilla.core.quantity.KitchenMeasure.System;
import wexilla.core.quantity.text.AmountReader;

/** Check values of the handbook, section 1 (own definition). */
class KitchenMeasureTest {

    private static KitchenMeasure us(String amount) {
        return KitchenMeasure.of(
                AmountReader.read(amount).orElseThrow().quantity().max(), System.US, Measures.US);
    }

    @ParameterizedTest
    @CsvSource({
        "3 tsp, 1, 1 tbsp",
        "4 tbsp, 1, 1/4 cup",
        "1/3 cup, 4, 1 1/3 cups",
        "2/3 cup, 3, 2 cups",
        "3/4 tsp, 3, 2 1/4 tsp",
        "1/8 tsp, 3, 1/4 + 1/8 tsp",
        "3 tbsp, 3, 1/2 cup + 1 tbsp",
        "1 1/2 tsp, 3, 1 1/2 tbsp",
        "2 cups, 3, 6 cups",
        "3/4 tsp, 1, 3/4 tsp",
        "1 cup, 1, 1 cup",
        "1/64 tsp, 1, a pinch"
    })
    void tripledAndQuadrupled(String amount, int times, String text) {
        Amount written = AmountReader.read(amount).orElseThrow().quantity().max();
        KitchenMeasure measure = KitchenMeasure.of(written.times(Rational.of(times)), System.US, Measures.US);
        assertThat(measure.text()).isEqualTo(text);
        assertThat(measure.errorPercent()).isEqualTo(Rational.ZERO);
    }

    @Test
    void eachScoopIsNamedAndTheSumStandsInTheLargestUnit() {
        KitchenMeasure measure = us("9 tbsp");
        assertThat(measure.scoops()).containsExactly("1/2 cup", "1 tbsp");
        assertThat(measure.measured().value()).hasToString("9/16");
        assertThat(measure.measured().unit()).isEqualTo(Unit.CUP);
        assertThat(us("2.25 tsp").scoops()).containsExactly("2 tsp", "1/4 tsp");
    }

    @ParameterizedTest
    @CsvSource({
        "1 tsp, 1 tsp",
        "20 ml, 1 tbsp + 1 tsp",
        "1.25 ml, 1/4 tsp",
        "47 ml, 45 ml",
        "103 ml, 100 ml",
        "500 g, 500 g",
        "333 g, 335 g",
        "1 cup, 250 ml",
        "3 piece, 3"
    })
    void metricKitchensHaveSpoonsAJugAndAScale(String amount, String text) {
        Amount written = AmountReader.read(amount).orElseThrow().quantity().max();
        assertThat(KitchenMeasure.of(written, System.METRIC, Measures.METRIC).text())
                .isEqualTo(text);
    }

    /** Property: three terms at most, the error is what the scoops make, nothing becomes nothing. */
    @Test
    void theErrorIsTrueAndSmall() {
        Random seeded = new Random(13);
        int beyond = 0;
        for (int i = 0; i < 300; i++) {
            Amount amount = Amount.of(Rational.of(1 + seeded.nextInt(4000), 16), Unit.TSP);
            KitchenMeasure measure = KitchenMeasure.of(amount, System.US, Measures.US);
            Rational made = Measures.US.toBase(measure.measured()).value();
            Rational asked = Measures.US.toBase(amount).value();
            assertThat(measure.scoops()).hasSizeBetween(1, 3);
            assertThat(made.signum()).isPositive();
            double error =
                    Math.abs(made.minus(asked).dividedBy(asked).toDecimal(9).doubleValue()) * 100;
            assertThat(error)
                    .isCloseTo(
                            measure.errorPercent().toDecimal(6).doubleValue(),
                            org.assertj.core.data.Offset.offset(1e-4));
            beyond += error > 3 ? 1 : 0;
        }
        assertThat(beyond).isLessThan(6);
    }

    /** The terms of the handbook, written down again: in 48ths of a cup's teaspoons each is a whole number. */
    private static final int[] SCOOPS = {
        36 * 24, 32 * 24, 24 * 24, 16 * 24, 12 * 24, 3 * 3 * 24, 2 * 3 * 24, 3 * 24, 36, 2 * 24, 24, 12, 6, 3
    };

    private static final int CUP = 48 * 24;

    /** The fewest terms that come within so many per cent of this, tried one by one; 0 when no three do. */
    private static int fewest(int asked, int percent) {
        int fewest = 0;
        for (int cups = 0; cups <= asked / CUP + 1; cups++) {
            for (int chosen = 0; chosen < 1 << SCOOPS.length; chosen++) {
                int terms = Integer.bitCount(chosen) + (cups > 0 ? 1 : 0);
                if (terms >= 1 && terms <= 3 && (fewest == 0 || terms < fewest) && distinct(chosen)) {
                    int sum = cups * CUP;
                    for (int i = 0; i < SCOOPS.length; i++) {
                        sum += (chosen >> i & 1) * SCOOPS[i];
                    }
                    fewest = Math.abs(sum - asked) * 100 <= asked * percent ? terms : fewest;
                }
            }
        }
        return fewest;
    }

    /** One number of whole tablespoons and one of whole teaspoons. */
    private static boolean distinct(int chosen) {
        return Integer.bitCount(chosen & 0b1110_0000) <= 1 && Integer.bitCount(chosen & 0b110_0000_0000) <= 1;
    }

    @Test
    void nobodyMeasuresWithMoreTermsThanTheFewestThatComeNear() {
        Random seeded = new Random(29);
        for (int i = 0; i < 60; i++) {
            int asked = 24 + seeded.nextInt(3 * CUP);
            int one = fewest(asked, 1);
            int right = one > 0 ? one : fewest(asked, 3);
            KitchenMeasure measure =
                    KitchenMeasure.of(Amount.of(Rational.of(asked, 24), Unit.TSP), System.US, Measures.US);
            if (right > 0) {
                assertThat(measure.scoops())
                        .as(measure.text() + " for " + asked + "/24 tsp")
                        .hasSize(right);
                assertThat(measure.errorPercent()).isLessThanOrEqualTo(Rational.of(one > 0 ? 1 : 3));
            }
        }
    }
}
