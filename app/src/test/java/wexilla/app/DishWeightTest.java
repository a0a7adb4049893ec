package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Currency;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wexilla.app.household.Reference;
import wexilla.app.support.Kitchen;
import wexilla.core.keeping.LotClock;
import wexilla.core.keeping.Thaw;
import wexilla.core.money.Cost;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.UnitWeight;
import wexilla.core.recipe.DishWeight;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.Style;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.stock.OpenLot;

/** What a portion weighs follows from what goes in; a packet thaws by it, and as a whole. */
class DishWeightTest {

    private static UnitWeight portion(int portions, String... lines) {
        LineReader reader = new LineReader(Kitchen.bean(Reference.class).book());
        Recipe recipe = new Recipe(
                "Dish",
                portions,
                List.of(lines).stream()
                        .map(line -> RecipeLine.of(reader.read(line)))
                        .toList(),
                List.of());
        return DishWeight.portion(Sized.asWritten(recipe, Measures.METRIC), Style.COOKED, Measures.METRIC);
    }

    /** Sums worked by hand; rice takes up one and a half times its weight where no water is named: own definition. */
    @ParameterizedTest
    @CsvSource({
        "4, 1 kg minced beef; 800 g tinned tomatoes, 450",
        "4, 400 g rice; 600 g chicken thighs, 400",
        "4, 400 g rice; 600 ml water; 600 g chicken thighs, 400",
        "2, 4 kg minced beef, 750",
        "4, 100 g butter; 5 somethings nobody knows, 400",
    })
    void aPortionWeighsItsShareOfWhatGoesIn(int portions, String lines, int grams) {
        UnitWeight weight = portion(portions, lines.split("; "));
        assertThat(weight.grams().rounded()).isEqualTo(grams);
        assertThat(weight.how()).isEqualTo(UnitWeight.How.ESTIMATED);
    }

    private static OpenLot packet(String portions, int grams, boolean packet) {
        return new OpenLot(
                "p",
                Amount.of(Rational.of(new BigDecimal(portions)), Unit.PORTION),
                Cost.unknown(Currency.getInstance("EUR")),
                null,
                null,
                null,
                LotClock.start("cooked-dish", LocalDate.of(2026, 11, 23)),
                true,
                Thaw.Shape.JOINT,
                null,
                new UnitWeight(Rational.of(grams), UnitWeight.How.WEIGHED),
                packet);
    }

    /** 24 h for every 1.81 kg (USDA FSIS, The Big Thaw, from memory): 1.8 kg is a day, 3.7 kg is three. */
    @ParameterizedTest
    @CsvSource({
        "4, 450, 4, true, 24",
        "8, 462, 8, true, 72",
        "8, 462, 2, true, 72",
        "8, 462, 2, false, 24",
        "4, 600, 4, true, 48"
    })
    void itThawsByItsWeight(String portions, int grams, int taken, boolean packet, int hours) {
        assertThat(packet(portions, grams, packet).hoursToThaw(Amount.of(taken, Unit.PORTION)))
                .isEqualTo(hours);
    }
}
