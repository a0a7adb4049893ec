package wexilla.core.equipment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static wexilla.core.Samples.ratio;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import wexilla.core.quantity.Rational;

class FillTest {

    // half to two thirds: USDA FSIS, from memory; the sizes are invented
    private static final VesselRule SLOW = new VesselRule(
            "slow cooker",
            ratio(2, 3),
            null,
            ratio(1, 2),
            null,
            null,
            List.of(VesselSize.parse("3 l"), VesselSize.parse("6 l")),
            "USDA FSIS");
    // depth of 2 in, 78 % of it usable: 9x13 in about 3 l; common practice, no source
    private static final VesselRule PAN = new VesselRule(
            "pan", ratio(78, 100), null, null, null, ratio(508, 100), List.of(VesselSize.parse("9x13 in")), "practice");

    private static Content content(long ml) {
        return new Content("stew", Rational.of(ml), false, false, null);
    }

    /** 9×13 in = 117 in², 8×8 = 64, 9 in round = 63.6: geometry, NIST inch of 2.54 cm. */
    @ParameterizedTest
    @CsvSource({
        "9x13 in, 117",
        "9 x 13 inches, 117",
        "8x8, 64",
        "9 in round, 63.6",
        "8 in square, 64",
        "22.86 x 33.02 cm, 117",
        "33 × 23 cm, 117.6"
    })
    void aPanHasAnArea(String size, double squareInches) {
        double area = VesselSize.parse(size).areaCm2().toDecimal(4).doubleValue() / (2.54 * 2.54);
        assertThat(area).isCloseTo(squareInches, org.assertj.core.data.Offset.offset(0.05));
    }

    @Test
    void nineByThirteenHoldsAboutThreeLitres() {
        Fill full = Fill.of(PAN, VesselSize.parse("9x13 in"), List.of(content(2990)));
        assertThat(full.loads()).isEqualTo(1);
        assertThat(Fill.of(PAN, VesselSize.parse("9x13 in"), List.of(content(3010)))
                        .loads())
                .isEqualTo(2);
    }

    @Test
    void whatDoesNotFitGoesInLoadsOrIntoTheNextSize() {
        Fill fill = Fill.of(SLOW, VesselSize.parse("3 l"), List.of(content(3000)));
        assertThat(fill.loads()).isEqualTo(2);
        assertThat(fill.next().text()).isEqualTo("6 l");
        assertThat(fill.fits()).isEqualTo(ratio(2, 3));
        assertThat(fill.why()).isEqualTo("a slow cooker is filled to 67 % at most");
        assertThat(Fill.of(SLOW, VesselSize.parse("3 l"), List.of(content(9000)))
                        .next())
                .as("no usual size takes it")
                .isNull();
        assertThat(Fill.of(SLOW, VesselSize.parse("6 l"), List.of(content(2000)))
                        .warnings())
                .singleElement()
                .asString()
                .contains("33 % full", "below 50 %");
    }

    /** Property: so many loads hold it, one fewer does not; what fits is never above the limit. */
    @Test
    void loadsAreEnoughAndNoneTooMany() {
        Random seeded = new Random(11);
        for (int i = 0; i < 300; i++) {
            Rational ml = Rational.of(1 + seeded.nextInt(40_000));
            VesselSize size = VesselSize.parse((1 + seeded.nextInt(12)) + " l");
            Fill fill = Fill.of(SLOW, size, List.of(new Content("soup", ml, false, true, null)));
            Rational room = size.ml().times(fill.limit());
            assertThat(room.times(Rational.of(fill.loads()))).isGreaterThanOrEqualTo(ml);
            assertThat(room.times(Rational.of(fill.loads() - 1))).isLessThan(ml);
            assertThat(ml.times(fill.fits())).isLessThanOrEqualTo(room);
        }
    }

    /** A baking time is kept while depth stays within 15 %: common practice, no source. */
    @Test
    void theBakingTimeGoesByTheDepth() {
        VesselSize small = VesselSize.parse("8x8 in");
        Rational areas = Fill.ratio(PAN, small, VesselSize.parse("9x13 in"), false);
        assertThat(areas).isEqualTo(ratio(117, 64));
        assertThat(Fill.keepsBakingTime(Rational.of(2), areas)).isTrue();
        assertThat(Fill.keepsBakingTime(Rational.of(3), areas)).isFalse();
        assertThat(Fill.ratio(PAN, VesselSize.parse("2 l"), VesselSize.parse("3 l"), true))
                .isEqualTo(ratio(3, 2));
        assertThatThrownBy(() -> Fill.ratio(SLOW, small, VesselSize.parse("3 l"), true))
                .hasMessageContaining("cannot be compared");
        assertThat(Fill.takesBlock(VesselSize.parse("24 cm"), VesselSize.parse("20 x 15 cm")))
                .isTrue();
        assertThat(Fill.takesBlock(VesselSize.parse("24 cm"), VesselSize.parse("26 x 25 cm")))
                .isFalse();
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "big", "6 kg", "0 l", "0x13 in", "999x999 cm", "-3 l"})
    void refusesWhatIsNoSize(String size) {
        assertThatThrownBy(() -> VesselSize.parse(size))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageMatching(".{10,}");
    }
}
