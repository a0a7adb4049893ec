package wexilla.core.food;

import static org.assertj.core.api.Assertions.assertThat;
import static wexilla.core.Samples.BOOK;
import static wexilla.core.Samples.FLOUR;
import static wexilla.core.Samples.GARLIC;
import static wexilla.core.Samples.MINCE;
import static wexilla.core.Samples.amount;

import org.junit.jupiter.api.Test;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Unit;

class ConversionTest {

    /** Two US cups of flour: USDA FoodData Central gives 125 g a cup (from memory). */
    @Test
    void thePathIsPartOfTheAnswer() {
        var answer = (Conversion.Converted) Conversion.convert(FLOUR, amount("2 cups"), Unit.G, Measures.US);
        assertThat(answer.amount()).hasToString("250 g");
        assertThat(answer.path()).containsExactly("2 cups", "473.18 ml", "250 g");
    }

    /** A household with a metric cup gets more flour into it; the fact stays in US cups. */
    @Test
    void theHouseholdsCupIsNotTheFactsCup() {
        var answer = (Conversion.Converted) Conversion.convert(FLOUR, amount("1 cup"), Unit.G, Measures.METRIC);
        assertThat(answer.amount().value().toDecimal(1)).isEqualByComparingTo("132.1");
    }

    @Test
    void piecesLeadOverMassToOtherPieces() {
        var answer =
                (Conversion.Converted) Conversion.convert(GARLIC, amount("1 head"), Unit.named("clove"), Measures.US);
        assertThat(answer.amount().value()).hasToString("40/3");
        assertThat(answer.path()).containsExactly("1 head", "40 g", "13 1/3 cloves");
    }

    @Test
    void aMissingFactIsNamedAndNeverGuessed() {
        assertThat(Conversion.convert(MINCE, amount("2 cups"), Unit.G, Measures.US))
                .isEqualTo(new Conversion.Missing("density of minced beef"));
        assertThat(Conversion.convert(MINCE, Amount.of(3, Unit.named("bag")), Unit.G, Measures.US))
                .isEqualTo(new Conversion.Missing("weight of a bag of minced beef"));
    }

    @Test
    void pluralsMeetTheirFood() {
        assertThat(BOOK.find("3 large onions, diced").orElseThrow().name()).isEqualTo("onion");
        assertThat(BOOK.find("two tomatoes").orElseThrow().name()).isEqualTo("tomatoes");
        assertThat(BOOK.find("dragon scales")).isEmpty();
    }
}
