package wexilla.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AmountTest {

    @ParameterizedTest
    @CsvSource({
        "3200,g,3.2 kg",
        "500,g,500 g",
        "1025,ml,1.025 l",
        "4.5,g,4.5 g",
        "0.46,kg,460 g",
        "1,cup,1 cup",
        "2,cup,2 cups",
        "0.5,tsp,1/2 tsp",
        "2.25,tsp,2 1/4 tsp",
        "1,tin,1 tin",
        "2,bunch,2 bunches",
        "3,leaf,3 leaves",
        "6,piece,6",
        "1,portion,1 portion",
        "8,portion,8 portions",
        "0.5,piece,1/2"
    })
    void isWrittenAsACookWritesIt(String value, String unit, String text) {
        Rational exact = Rational.of(new java.math.BigDecimal(value));
        assertThat(Amount.of(exact, Unit.ofSymbol(unit))).hasToString(text);
    }

    @Test
    void isNeverBelowZeroNorBeyondReason() {
        assertThatThrownBy(() -> Amount.of(-1, Unit.G)).hasMessageContaining("below zero");
        assertThatThrownBy(() -> Amount.of(Long.MAX_VALUE, Unit.G)).hasMessageContaining("cannot be more");
        assertThatThrownBy(() -> Amount.of(1, Unit.G).plus(Amount.of(1, Unit.ML)))
                .hasMessageContaining("cannot add");
        assertThatThrownBy(() -> new Quantity(Amount.of(3, Unit.G), Amount.of(2, Unit.G)))
                .hasMessageContaining("backwards");
    }

    /** Own definition, handbook section 1: rounding keeps what is there, and the step bounds the error. */
    @Test
    void kitchenRoundingIsNeverZeroAndNeverFarOff() {
        Random seeded = new Random(9);
        for (int i = 0; i < 2000; i++) {
            Amount grams = Amount.of(Rational.of(1 + seeded.nextInt(300_000), 100), Unit.G);
            Rational rounded = KitchenRounding.nearest(grams).value();
            double error = Math.abs(rounded.minus(grams.value()).toDecimal(6).doubleValue());
            double size = grams.value().toDecimal(6).doubleValue();
            assertThat(rounded.signum()).isPositive();
            if (size >= 5) {
                assertThat(error / size).as(grams.toString()).isLessThanOrEqualTo(0.1);
            }
            if (size >= 17) {
                assertThat(error / size).as(grams.toString()).isLessThanOrEqualTo(0.03);
            }
            // what can be measured already stays
            assertThat(KitchenRounding.nearest(KitchenRounding.nearest(grams)).value())
                    .isEqualTo(rounded);
        }
    }

    /** The teaspoon follows the household's tablespoon; the Australian spoon of 20 ml holds four teaspoons. */
    @Test
    void spoonsFollowTheHousehold() {
        assertThat(Measures.METRIC.factor(Unit.TSP)).hasToString("5");
        Measures twenty = new Measures(Rational.of(250), Rational.of(20));
        assertThat(twenty.factor(Unit.TSP)).hasToString("5");
        assertThat(Measures.US.factor(Unit.CUP).dividedBy(Measures.US.factor(Unit.TBSP)))
                .hasToString("16");
        assertThat(Measures.US.factor(Unit.GALLON).dividedBy(Measures.US.factor(Unit.CUP)))
                .hasToString("16");
        assertThatThrownBy(() -> new Measures(Rational.ZERO, Rational.ONE))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aSymbolStoredIsTheSameUnitAgain() {
        for (String symbol : new String[] {
            "g", "kg", "ml", "l", "tsp", "tbsp", "cup", "fl oz", "pt", "imperial pt", "piece", "clove", "scoop"
        }) {
            Unit unit = Unit.ofSymbol(symbol);
            assertThat(unit.symbol()).isEqualTo(symbol);
            assertThat(Unit.ofSymbol(unit.symbol())).isEqualTo(unit);
        }
    }
}
