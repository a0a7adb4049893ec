package wexilla.core.keeping;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.time.LocalDateTime;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import wexilla.core.quantity.Rational;

/** USDA FSIS, The Big Thaw (from memory): 24 hours for 4 to 5 lb in the fridge, 30 minutes a pound in cold water. */
class ThawWayTest {

    private static Rational kg(String kg) {
        return Rational.of(new BigDecimal(kg));
    }

    @ParameterizedTest
    @CsvSource({
        // a pound is 453.59237 g (NIST Handbook 44)
        "0.45359237, 60",
        "0.3, 60",
        "0.90718474, 60",
        "1.36077711, 90",
        "1.8, 120",
        "2.3, 153",
        "4.5359237, 300"
    })
    void coldWater(String kg, int minutes) {
        ThawWay.Thawing thawing = ThawWay.COLD_WATER.of(kg(kg), Thaw.Shape.WHOLE_BIRD);
        assertThat(thawing.minutes()).isEqualTo(minutes);
        assertThat(thawing.warnings().toString()).contains("every 30 min").contains("cook it at once");
    }

    @ParameterizedTest
    @EnumSource(Thaw.Shape.class)
    void moreNeverThawsSooner(Thaw.Shape shape) {
        for (ThawWay way : ThawWay.values()) {
            int before = 0;
            for (int grams = 100; grams < 9_000; grams += 100) {
                int minutes = way.of(Rational.of(grams, 1000), shape).minutes();
                assertThat(minutes).isGreaterThanOrEqualTo(before);
                before = minutes;
            }
        }
    }

    @Test
    void theFridgeTakesWholeDaysAndTheWaterIsFaster() {
        LocalDateTime ready = LocalDateTime.of(2027, 1, 23, 8, 0);
        ThawWay.Thawing fridge = ThawWay.FRIDGE.of(kg("1.8"), Thaw.Shape.WHOLE_BIRD);
        assertThat(fridge.takeOut(ready)).isEqualTo(ready.minusDays(2));
        assertThat(fridge.warnings()).isEmpty();
        assertThat(ThawWay.COLD_WATER.of(kg("1.8"), Thaw.Shape.WHOLE_BIRD).takeOut(ready))
                .isEqualTo(ready.minusHours(2));
        assertThat(ThawWay.MICROWAVE.of(kg("0.5"), Thaw.Shape.PIECES).source()).contains("common practice");
    }
}
