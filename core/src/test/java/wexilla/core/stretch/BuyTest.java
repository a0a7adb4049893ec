package wexilla.core.stretch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wexilla.core.Samples;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;

/** Buys side by side, prices to stock up at, dishes for a piece in their order, parts that give way. */
class BuyTest {

    private static Money money(String text) {
        return Money.parse(text, Samples.EURO);
    }

    private static Slab whole(String grams, String yield, String price) {
        return Slab.cut(
                Rational.of(new BigDecimal(grams)),
                Rational.of(new BigDecimal(yield)),
                money(price),
                Slab.Method.WEIGHT,
                Slab.Cut.COOKED,
                List.of());
    }

    /** Handbook, section 4: 6.40 for 2.5 kg at 0.57 is 4.49 a kilo and 0.51 a plate; at 0.41 it is 6.24 and 0.71. */
    @ParameterizedTest
    @CsvSource({"0.57, 4.49, 0.51, 12", "0.41, 6.24, 0.71, 9"})
    void aKiloAndAPlate(String yield, String kilo, String plate, int plates) {
        BuyCompared compared = BuyCompared.of(
                null, Rational.of(2500), whole("2500", yield, "6.40"), money("6.40"), 12, Rational.of(4));
        assertThat(compared.cookedKilo()).isEqualTo(money(kilo));
        assertThat(compared.plate()).isEqualTo(money(plate));
        assertThat(compared.plates()).isEqualTo(plates);
        // twelve plates for four are three meals: cooked at once, two times into the pot are saved
        assertThat(compared.savedHands()).isEqualTo(Ways.COOK.times(Rational.of(2)));
        assertThat(compared.needed().dividedBy(Rational.of(50)).isWhole()).isTrue();
        Rational cooked = compared.needed().times(Rational.of(new BigDecimal(yield)));
        assertThat(cooked.compareTo(compared.plateGrams().times(Rational.of(12))))
                .isNotNegative();
    }

    /** At its price: 12 kg fit, 2 kg a month for 9 months are 18; without a freezer only what is eaten fresh. */
    @Test
    void stockUp() {
        Rational aWeek = Rational.of(6000).dividedBy(Rational.of(13));
        StockUp met = StockUp.of(money("2.00"), money("2.20"), Rational.of(12_000), 9, aWeek);
        assertThat(met.meets()).isTrue();
        assertThat(met.worth()).isEqualTo(Rational.of(12_000));
        assertThat(met.words())
                .isEqualTo("meets your 2.20 a kilo: 12 kg fit the freezer, 18 kg are eaten in its 9 months; up to 12 kg"
                        + " are worth buying");
        StockUp scarce = StockUp.of(money("2.00"), money("2.20"), Rational.of(40_000), 9, aWeek);
        assertThat(scarce.worth()).isEqualTo(Rational.of(18_000));
        assertThat(StockUp.of(money("2.00"), money("2.20"), Rational.ZERO, 0, aWeek)
                        .words())
                .contains("not frozen");
        assertThat(StockUp.of(money("2.60"), money("2.20"), Rational.ZERO, 9, aWeek)
                        .words())
                .isEqualTo("0.40 a kilo over your 2.20");
    }

    private static PieceDish dish(
            String title,
            String plate,
            boolean complete,
            @Nullable Integer liked,
            @Nullable LocalDate eaten,
            int hands) {
        List<String> uses = title.equals("soup") ? List.of("cream") : List.of();
        return new PieceDish(
                title, title, 4, Rational.of(100), new Cost(money(plate), complete), uses, liked, eaten, hands);
    }

    @Test
    void dishesForAPieceInTheirOrder() {
        LocalDate day = LocalDate.of(2026, 11, 1);
        List<PieceDish> dishes = List.of(
                dish("curry", "1.20", true, 20, day, 40),
                dish("soup", "0.80", true, 10, day.plusDays(9), 20),
                dish("pie", "0.50", false, null, null, 60));
        assertThat(ordered(dishes, PieceDish.By.COST)).containsExactly("soup", "curry", "pie");
        assertThat(ordered(dishes, PieceDish.By.USES_UP)).startsWith("soup");
        assertThat(ordered(dishes, PieceDish.By.RATING)).containsExactly("curry", "soup", "pie");
        assertThat(ordered(dishes, PieceDish.By.VARIETY)).containsExactly("pie", "curry", "soup");
        assertThat(ordered(dishes, PieceDish.By.HANDS)).containsExactly("soup", "curry", "pie");
        Cost plate = PieceDish.plate(money("4.00"), Cost.of(money("2.00")), 8);
        assertThat(plate.known()).isEqualTo(money("0.75"));
        assertThat(PieceDish.plates(Rational.of(399), Rational.of(100))).isEqualTo(3);
    }

    private static List<String> ordered(List<PieceDish> dishes, PieceDish.By by) {
        return dishes.stream().sorted(PieceDish.order(by)).map(PieceDish::title).toList();
    }

    private static Share grams(String name, int grams, boolean locked) {
        return new Share(name, new Share.Grams(Rational.of(grams)), null, null, locked);
    }

    /** Where too much is asked for, what is locked keeps its grams and the others give by the same part; Σ is all of it. */
    @Test
    void othersGiveWay() {
        Slab slab = Slab.cut(
                Rational.of(1000),
                Rational.ONE,
                money("10.00"),
                Slab.Method.WEIGHT,
                Slab.Cut.COOKED,
                List.of(grams("a", 600, true), grams("b", 300, false), grams("c", 300, false)));
        assertThat(slab.parts())
                .extracting(Slab.Part::grams)
                .containsExactly(Rational.of(600), Rational.of(200), Rational.of(200));
        assertThat(slab.remainder().grams()).isEqualTo(Rational.ZERO);
        assertThat(slab.notes()).singleElement().asString().isEqualTo("b, c give way: 200 g less");
        assertThatThrownBy(() -> Slab.cut(
                        Rational.of(1000),
                        Rational.ONE,
                        money("10.00"),
                        Slab.Method.WEIGHT,
                        Slab.Cut.COOKED,
                        List.of(grams("a", 600, false), grams("b", 500, false))))
                .isInstanceOf(Slab.TooMuch.class)
                .hasMessageContaining("100 g too much");
    }

    /** Handbook, section 5: three 5 lb rolls over two cookers are 7.5 lb each, 3.4 kg. */
    @Test
    void whatGoesIntoEachPot() {
        Pot pot = new Pot(List.of(), true, false);
        Rational grams = Rational.of(new BigDecimal("453.59237")).times(Rational.of(15));
        assertThat(pot.inEach(2, "pork rolls", grams, Measures.US)).isEqualTo("in each of 2 pots: 3.4 kg pork rolls");
    }
}
