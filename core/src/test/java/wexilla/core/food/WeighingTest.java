package wexilla.core.food;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Collections;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import wexilla.core.Samples;
import wexilla.core.food.Weighing.Grade;
import wexilla.core.food.facts.Yield;
import wexilla.core.quantity.Rational;

/** handbook, section 3: (3 · start + Σ own) / (3 + n). */
class WeighingTest {

    /** USDA Food Buying Guide, Agriculture Handbook 102 (from memory). */
    private static final Yield PORK = new Yield(Rational.of(60, 100), "Food Buying Guide");

    private static Weighing of(int hundredths, Grade grade) {
        return new Weighing(Rational.of(hundredths, 100), grade);
    }

    @Test
    void fourOwnWeighingsPullTheStartToThem() {
        List<Weighing> own = Collections.nCopies(4, of(54, Grade.WEIGHED));
        Yield learned = Weighing.learned(PORK, own).orElseThrow();
        // (1.80 + 2.16) / 7
        assertThat(learned.ofOne()).isEqualTo(Rational.of(396, 700));
        assertThat(learned.source()).isEqualTo("your 4 weighings: 0.57; at first 0.6, Food Buying Guide");
    }

    @Test
    void aCountIsAThirdAndAGuessNothing() {
        Yield counted = Weighing.learned(PORK, List.of(of(50, Grade.COUNTED), of(10, Grade.GUESSED)))
                .orElseThrow();
        // (1.80 + 0.50 / 3) / (3 + 1 / 3)
        assertThat(counted.ofOne()).isEqualTo(Rational.of(59, 100));
        assertThat(counted.source()).startsWith("your 1 count: 0.59");
        assertThat(Weighing.learned(PORK, List.of(of(10, Grade.GUESSED)))).contains(PORK);
        assertThat(Weighing.learned(null, List.of(of(10, Grade.GUESSED)))).isEmpty();
        Yield own = Weighing.learned(null, List.of(of(70, Grade.WEIGHED), of(74, Grade.COUNTED)))
                .orElseThrow();
        assertThat(own.ofOne()).isEqualTo(Rational.of(71, 100));
        assertThat(own.source()).isEqualTo("your 1 weighing and 1 count: 0.71");
    }

    @Test
    void sevenMadeOfEightExpectedIsSevenEighthsOfTheYield() {
        assertThat(Weighing.counted(PORK, Rational.of(7, 8)))
                .isEqualTo(new Weighing(Rational.of(525, 1000), Grade.COUNTED));
    }

    /** handbook, section 3: as bought 1.50 a pound at a yield of 0.82 is 1.83 a pound ready to cook. */
    @Test
    void whatIsLeftCostsMore() {
        assertThat(new Yield(Rational.of(82, 100), "").usable(Samples.euro("1.50")))
                .isEqualTo(Samples.euro("1.83"));
    }

    /** Whatever is weighed, the estimate lies between the start and the weighings, and comes nearer with each. */
    @Test
    void theEstimateComesNearerWithEveryWeighing() {
        Rational before = PORK.ofOne();
        for (int n = 1; n <= 50; n++) {
            List<Weighing> own =
                    Stream.generate(() -> of(45, Grade.WEIGHED)).limit(n).toList();
            Rational now = Weighing.learned(PORK, own).orElseThrow().ofOne();
            assertThat(now).isLessThan(before).isGreaterThan(Rational.of(45, 100));
            before = now;
        }
    }
}
