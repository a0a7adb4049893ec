package wexilla.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import javax.measure.MetricPrefix;
import javax.measure.UnitConverter;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import systems.uom.common.USCustomary;
import tech.units.indriya.unit.Units;

/**
 * All pairs of units, both ways, against an implementation of JSR 385 (indriya with the US customary units), and the
 * factors of NIST Handbook 44, Appendix C. °F against the same library. Its spoons are rounded in the ninth place, ours
 * are exact: within 1e-8.
 */
class NistOracleTest {

    private static final Map<Unit, javax.measure.Unit<?>> THEIRS = Map.ofEntries(
            Map.entry(Unit.G, Units.GRAM),
            Map.entry(Unit.KG, Units.KILOGRAM),
            Map.entry(Unit.MG, MetricPrefix.MILLI(Units.GRAM)),
            Map.entry(Unit.OZ, USCustomary.OUNCE),
            Map.entry(Unit.LB, USCustomary.POUND),
            Map.entry(Unit.ML, MetricPrefix.MILLI(Units.LITRE)),
            Map.entry(Unit.CL, MetricPrefix.CENTI(Units.LITRE)),
            Map.entry(Unit.DL, MetricPrefix.DECI(Units.LITRE)),
            Map.entry(Unit.L, Units.LITRE),
            Map.entry(Unit.FL_OZ, USCustomary.FLUID_OUNCE),
            Map.entry(Unit.PINT, USCustomary.PINT),
            Map.entry(Unit.QUART, USCustomary.PINT.multiply(2)),
            Map.entry(Unit.GALLON, USCustomary.GALLON_LIQUID),
            Map.entry(Unit.CUP, USCustomary.CUP),
            Map.entry(Unit.TBSP, USCustomary.TABLESPOON),
            Map.entry(Unit.TSP, USCustomary.TEASPOON));

    record Pair(Unit from, Unit to) {}

    static List<Pair> pairs() {
        List<Pair> pairs = new ArrayList<>();
        for (Unit from : THEIRS.keySet()) {
            for (Unit to : THEIRS.keySet()) {
                if (from.dimension() == to.dimension() && !from.equals(to)) {
                    pairs.add(new Pair(from, to));
                }
            }
        }
        return pairs;
    }

    @ParameterizedTest
    @MethodSource("pairs")
    void everyPairAgreesBothWays(Pair pair) throws Exception {
        UnitConverter there = THEIRS.get(pair.from()).getConverterToAny(THEIRS.get(pair.to()));
        double theirs = there.convert(7.25);
        Amount ours = in(pair.to(), Amount.of(Rational.of(29, 4), pair.from()));
        assertThat(ours.value().toDecimal(15).doubleValue()).isCloseTo(theirs, within(theirs * 1e-8));
        assertThat(in(pair.from(), ours).value()).as("and back, exactly").isEqualTo(Rational.of(29, 4));
    }

    private static Amount in(Unit unit, Amount amount) {
        Amount base = Measures.US.toBase(amount);
        return Amount.of(base.value().dividedBy(Measures.US.factor(unit)), unit);
    }

    /** NIST Handbook 44, Appendix C: exact values. */
    @ParameterizedTest
    @CsvSource({
        "lb, 453.59237",
        "oz, 28.349523125",
        "gal, 3785.411784",
        "qt, 946.352946",
        "cup, 236.5882365",
        "fl oz, 29.5735295625",
        "tbsp, 14.78676478125",
        "imperial pt, 568.26125"
    })
    void exactFactors(String unit, String base) {
        assertThat(Measures.US.factor(Unit.ofSymbol(unit))).isEqualTo(Rational.of(new java.math.BigDecimal(base)));
    }

    /** 21 CFR 101.9(b)(5)(viii): cup 240 ml, tablespoon 15, teaspoon 5, fluid ounce 30 ml, ounce 28 g, for labelling. */
    @ParameterizedTest
    @CsvSource({"cup, 240", "tbsp, 15", "tsp, 5", "fl oz, 30", "oz, 28"})
    void labellingMeasuresAreOursRounded(String unit, double labelled) {
        double ours = Measures.US.factor(Unit.ofSymbol(unit)).toDecimal(9).doubleValue();
        assertThat(ours).isCloseTo(labelled, within(labelled * 0.015));
    }

    @Test
    void fahrenheitAgrees() throws Exception {
        UnitConverter theirs = USCustomary.FAHRENHEIT.getConverterToAny(Units.CELSIUS);
        Random seeded = new Random(5);
        for (int i = 0; i < 200; i++) {
            int degrees = -40 + seeded.nextInt(600);
            Temperature ours = Temperature.fahrenheit(Rational.of(degrees));
            assertThat(ours.celsius().toDecimal(9).doubleValue()).isCloseTo(theirs.convert(degrees), within(1e-6));
            assertThat(ours.inFahrenheit()).isEqualTo(Rational.of(degrees));
        }
    }
}
