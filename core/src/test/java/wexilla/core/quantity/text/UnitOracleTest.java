package wexilla.core.quantity.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.ibm.icu.number.NumberFormatter;
import com.ibm.icu.util.MeasureUnit;
import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Unit;

/** Every unit with a factor, checked against the tables of ICU4J (Unicode CLDR units), an independent library. */
class UnitOracleTest {

    record Pair(Unit ours, MeasureUnit icu, String locale) {}

    static List<Pair> pairs() {
        return List.of(
                new Pair(Unit.KG, MeasureUnit.KILOGRAM, "de"),
                new Pair(Unit.OZ, MeasureUnit.OUNCE, "de"),
                new Pair(Unit.LB, MeasureUnit.POUND, "de"),
                new Pair(Unit.CL, MeasureUnit.CENTILITER, "de"),
                new Pair(Unit.DL, MeasureUnit.DECILITER, "de"),
                new Pair(Unit.L, MeasureUnit.LITER, "de"),
                new Pair(Unit.FL_OZ, MeasureUnit.FLUID_OUNCE, "de"),
                new Pair(Unit.PINT, MeasureUnit.PINT, "de"),
                new Pair(Unit.QUART, MeasureUnit.QUART, "de"),
                new Pair(Unit.GALLON, MeasureUnit.GALLON, "de"),
                new Pair(Unit.CUP, MeasureUnit.CUP, "de"),
                new Pair(Unit.TBSP, MeasureUnit.TABLESPOON, "de"),
                new Pair(Unit.TSP, MeasureUnit.TEASPOON, "de"));
    }

    /** ICU converts by usage; "fluid" in Germany is litres or millilitres, mass of a person there is kilograms. */
    @ParameterizedTest
    @MethodSource("pairs")
    void factorsAgreeWithIcu(Pair pair) {
        boolean mass = pair.ours().dimension() == Dimension.MASS;
        var converted = NumberFormatter.withLocale(Locale.forLanguageTag(pair.locale()))
                .unit(pair.icu())
                .usage(mass ? "person" : "default")
                .precision(com.ibm.icu.number.Precision.maxSignificantDigits(12))
                .format(1000);
        BigDecimal theirs = converted.toBigDecimal().multiply(toBase(converted.getOutputUnit()));
        BigDecimal ours = Measures.US.factor(pair.ours()).toDecimal(12).multiply(BigDecimal.valueOf(1000));
        assertThat(ours.doubleValue()).isCloseTo(theirs.doubleValue(), within(theirs.doubleValue() * 1e-9));
    }

    private static BigDecimal toBase(MeasureUnit unit) {
        return switch (unit.getIdentifier()) {
            case "gram", "milliliter" -> BigDecimal.ONE;
            case "kilogram", "liter" -> BigDecimal.valueOf(1000);
            case "cubic-meter" -> BigDecimal.valueOf(1_000_000);
            case "cubic-centimeter" -> BigDecimal.ONE;
            default -> throw new AssertionError("not foreseen: " + unit.getIdentifier());
        };
    }
}
