package wexilla.core.quantity.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.KitchenRounding;
import wexilla.core.quantity.NotAnAmount;
import wexilla.core.quantity.Quantity;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;

class AmountReaderTest {

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            1 1/2 cups flour      | 3/2  | cup   | flour
            1½ cups               | 3/2  | cup   | ''
            1/3 cup               | 1/3  | cup   | ''
            500g mince            | 500  | g     | mince
            2 x 400 g tins beans  | 800  | g     | beans
            1 tin (400 g) beans   | 400  | g     | beans
            1 lb 6 oz pork        | 22   | oz    | pork
            a pinch of salt       | 1    | pinch | of salt
            half a cabbage        | 1/2  | piece | cabbage
            0,5 l water           | 1/2  | l     | water
            1,250 kg pork         | 5/4  | kg    | pork
            1,500 g pork          | 1500 | g     | pork
            3 T oil               | 3    | tbsp  | oil
            8 fl oz milk          | 8    | fl oz | milk
            6 eggs                | 6    | piece | eggs
            2 dozen eggs          | 24   | piece | eggs
            half a dozen eggs     | 6    | piece | eggs
            a couple of onions    | 2    | piece | onions
            three quarters of a cup milk | 3/4 | cup | milk
            1 cup and a half milk | 3/2  | cup   | milk
            1 and a half cups     | 3/2  | cup   | ''
            2 - 15 oz cans beans  | 30   | oz    | beans
            a 14.5 ounce can tomatoes | 29/2 | oz | tomatoes
            2 (400 g each) tins beans | 800 | g  | beans
            1 tin 400 g beans     | 400  | g     | beans
            500 g / 1 lb 2 oz beef | 500 | g     | beef
            3 cm piece ginger     | 3    | cm    | ginger
            2 heaped tsp cumin    | 2    | tsp   | cumin
            pinch of salt         | 1    | pinch | of salt
            between 2 and 3 cups  | 3    | cup   | ''
            1-1/2 cups rice       | 3/2  | cup   | rice
            """)
    void readsWhatPeopleWrite(String text, String value, String unit, String rest) {
        AmountReader.Reading read = AmountReader.read(text).orElseThrow();
        assertThat(read.quantity().max().value()).hasToString(value);
        assertThat(read.quantity().unit().symbol()).isEqualTo(unit);
        assertThat(read.rest()).isEqualTo(rest);
    }

    @Test
    void aRangeKeepsBothEnds() {
        Quantity range = AmountReader.read("2-3 tbsp oil").orElseThrow().quantity();
        assertThat(range.min()).hasToString("2 tbsp");
        assertThat(range.max()).hasToString("3 tbsp");
        assertThat(range.middle()).hasToString("2 1/2 tbsp");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"-3 g salt", "1e308 g salt", "99999999999 g", "1/0 cup", "3-2 cups", "2 x 400 tins", "1.2.3 kg"})
    void refusesWhatCannotBeAnAmount(String text) {
        assertThatThrownBy(() -> AmountReader.read(text))
                .isInstanceOf(NotAnAmount.class)
                .hasMessageMatching(".{10,}");
    }

    @ParameterizedTest
    @ValueSource(strings = {"salt to taste", "", "some parsley", "juice of 2 lemons"})
    void findsNoAmountWhereNoneIsWritten(String text) {
        assertThat(AmountReader.read(text)).isEmpty();
    }

    /** Property: what is written is read again as the same amount, for every eighth and every whole gram. */
    @Test
    void writtenAmountsAreReadAgain() {
        Random seeded = new Random(7);
        for (int i = 0; i < 500; i++) {
            Amount spoon = Amount.of(Rational.of(1 + seeded.nextInt(80), 8), i % 2 == 0 ? Unit.TSP : Unit.CUP);
            Amount grams = Amount.of(1 + seeded.nextInt(999), Unit.G);
            for (Amount amount : new Amount[] {spoon, grams}) {
                assertThat(AmountReader.read(amount.toString())
                                .orElseThrow()
                                .quantity()
                                .max())
                        .isEqualTo(amount);
            }
        }
    }

    /** The steps change where the handbook says they do. */
    @ParameterizedTest
    @CsvSource({
        "4.96 g, 5 g",
        "5.04 g, 5 g",
        "99.4 g, 99 g",
        "101 g, 100 g",
        "498 g, 500 g",
        "504 g, 500 g",
        "996 g, 1000 g",
        "1012 g, 1000 g",
        "97 ml, 95 ml",
        "104 ml, 100 ml",
        "106 ml, 110 ml",
        "254 ml, 250 ml",
        "263 ml, 275 ml",
        "990 ml, 1000 ml",
        "1024 ml, 1000 ml",
        "1030 ml, 1050 ml"
    })
    void roundsByTheStepsOfItsSize(String amount, String rounded) {
        Amount written = AmountReader.read(amount).orElseThrow().quantity().max();
        Amount right = AmountReader.read(rounded).orElseThrow().quantity().max();
        assertThat(KitchenRounding.nearest(written)).isEqualTo(right);
    }

    /** Kitchen rounding of the handbook, own definition. */
    @ParameterizedTest
    @CsvSource({
        "461.5 g,460 g",
        "69.2 g,69 g",
        "3.14 g,3.1 g",
        "1013 g,1.025 kg",
        "0.001 g,0.1 g",
        "203 ml,200 ml",
        "0.4615 kg,460 g"
    })
    void roundsToWhatAScaleShows(String exact, String shown) {
        assertThat(KitchenRounding.nearest(
                        AmountReader.read(exact).orElseThrow().quantity().max()))
                .hasToString(shown);
    }

    @Test
    void aThirdTakenThreeTimesIsOne() {
        Rational third = Rational.of(1, 3);
        assertThat(third.plus(third).plus(third)).isEqualTo(Rational.ONE);
        assertThat(third.plain()).isEqualTo("0.333333");
    }
}
