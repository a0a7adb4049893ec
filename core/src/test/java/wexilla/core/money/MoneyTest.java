package wexilla.core.money;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static wexilla.core.Samples.EURO;
import static wexilla.core.Samples.euro;

import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wexilla.core.quantity.Rational;

class MoneyTest {

    /** Handbook, section 4: largest remainder, ties to the first. */
    @Test
    void threeOhSixInQuarters() {
        assertThat(euro("3.06").split(Collections.nCopies(4, Rational.ONE)))
                .extracting(Money::decimal)
                .containsExactly("0.77", "0.77", "0.76", "0.76");
    }

    /** Property: a split loses and invents no cent, and no part is off by a whole one. */
    @Test
    void partsSumToTheWhole() {
        Random seeded = new Random(11);
        for (int i = 0; i < 1000; i++) {
            Money total = Money.of(seeded.nextInt(100_000), EURO);
            List<Rational> weights = IntStream.range(0, 1 + seeded.nextInt(9))
                    .mapToObj(n -> Rational.of(1 + seeded.nextInt(500), 1 + seeded.nextInt(7)))
                    .toList();
            Rational sum = weights.stream().reduce(Rational.ZERO, Rational::plus);
            List<Money> parts = total.split(weights);
            assertThat(parts.stream().reduce(Money.zero(EURO), Money::plus)).isEqualTo(total);
            for (int p = 0; p < parts.size(); p++) {
                Rational exact = total.exact().times(weights.get(p)).dividedBy(sum);
                Rational off = parts.get(p).exact().minus(exact);
                assertThat(off).isBetween(Rational.of(-1), Rational.ONE);
            }
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"-1", "1.234", "1e3", "NaN", "", "12345678901", "1,000.00"})
    void refusesWhatIsNoPrice(String text) {
        assertThatThrownBy(() -> Money.parse(text, EURO)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void oneUnknownPartMakesTheSumAtLeast() {
        Cost sum = Cost.of(euro("4.10")).plus(Cost.unknown(EURO));
        assertThat(sum).hasToString("at least 4.10 EUR");
    }
}
