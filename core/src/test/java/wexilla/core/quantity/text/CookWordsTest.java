package wexilla.core.quantity.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;

/** What a cook reads of numbers that were computed; facts 5. */
class CookWordsTest {

    @ParameterizedTest
    @CsvSource({
        "0, 0 min",
        "59, 59 min",
        "60, 1 h",
        "70, 1 h 10 min",
        "1129, 18 h 49 min",
        "2879, 47 h 59 min",
        "2880, 2 days"
    })
    void minutesAreSaidInHours(long minutes, String words) {
        assertThat(CookWords.minutes(minutes)).isEqualTo(words);
    }

    @Test
    void aScaleShowsWhatIsSaid() {
        Random random = new Random(5);
        for (int i = 0; i < 20_000; i++) {
            Rational exact = Rational.of(1 + random.nextInt(900_000), 1 + random.nextInt(3_000));
            String said = CookWords.amount(Amount.of(exact, Unit.G));
            Amount read = AmountReader.read(said).orElseThrow().quantity().max();
            double grams = read.unit().equals(Unit.KG)
                    ? 1000 * read.value().toDecimal(6).doubleValue()
                    : read.value().toDecimal(6).doubleValue();
            double step = grams < 5 ? 0.1 : grams < 100 ? 1 : grams < 500 ? 5 : grams < 1000 ? 10 : 25;

            assertThat(Math.abs(grams / step - Math.round(grams / step)))
                    .as(said)
                    .isLessThan(1e-6);
            double was = exact.toDecimal(6).doubleValue();
            assertThat(Math.abs(grams - was)).as(said + " of " + was).isLessThanOrEqualTo(step / 2 + 0.05);
        }
    }
}
