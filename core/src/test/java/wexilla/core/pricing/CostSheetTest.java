package wexilla.core.pricing;

import static org.assertj.core.api.Assertions.assertThat;
import static wexilla.core.Samples.EURO;
import static wexilla.core.Samples.MINCE;
import static wexilla.core.Samples.ONION;
import static wexilla.core.Samples.SALT;
import static wexilla.core.Samples.amount;
import static wexilla.core.Samples.euro;

import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wexilla.core.food.Food;
import wexilla.core.food.book.Forms;
import wexilla.core.keeping.LotClock;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;
import wexilla.core.pricing.CostSheet.Known;
import wexilla.core.pricing.CostSheet.Wanted;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.stock.OpenLot;
import wexilla.core.stock.Supply;

class CostSheetTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 11, 23);

    private static Wanted wanted(Food food, String amount) {
        return new Wanted(food, food.name(), amount == null ? null : amount(amount), null);
    }

    private static Known known(List<OpenLot> mince, List<Offer> offers, Seasoning seasoning) {
        return new Known(
                Supply.of(Map.of(MINCE.key(), mince), Set.of(), Forms.NONE),
                Map.of(MINCE.key(), offers),
                seasoning,
                euro("0.15"),
                Measures.METRIC,
                TODAY);
    }

    private static OpenLot mince(String grams, String cost) {
        return new OpenLot(
                "m", amount(grams), Cost.of(euro(cost)), null, null, LotClock.start("raw-mince", TODAY), false);
    }

    private static Offer offer(String price, String pack) {
        return new Offer(MINCE.key(), euro(price), amount(pack), TODAY);
    }

    /** preview.md: 500 g minced beef at 7.80 the kilo and an onion without a price, four portions. */
    @Test
    void unknownStaysUnknown() {
        CostSheet sheet = CostSheet.of(
                List.of(wanted(MINCE, "500 g"), wanted(ONION, "1")),
                known(List.of(), List.of(offer("7.80", "1000 g")), Seasoning.EXACT));
        assertThat(sheet.total()).hasToString("at least 3.90 EUR");
        assertThat(sheet.perPortion(Rational.of(4))).hasToString("0.98 EUR");
        assertThat(sheet.lines().get(1).why()).isEqualTo("no price for onion");
        assertThat(sheet.lines().get(1).basis()).isEqualTo(Basis.UNKNOWN);
    }

    @Test
    void stockFirstThenTheNewestPrice() {
        CostSheet sheet = CostSheet.of(
                List.of(wanted(MINCE, "500 g"), wanted(MINCE, "300 g")),
                known(List.of(mince("600 g", "6.00")), List.of(offer("9.00", "1000 g")), Seasoning.EXACT));
        assertThat(sheet.lines()).extracting(LineCost::basis).containsExactly(Basis.STOCK, Basis.STOCK_AND_PRICE);
        assertThat(sheet.lines()).extracting(l -> l.cost().known().decimal()).containsExactly("5.00", "2.80");
        assertThat(sheet.lines().get(1).notInStock()).hasToString("200 g");
    }

    @Test
    void seasoningIsAFlatSumOnceOrExactOrOut() {
        List<Wanted> lines = List.of(wanted(SALT, "1 tsp"), wanted(SALT, null));
        assertThat(CostSheet.of(lines, known(List.of(), List.of(), Seasoning.FLAT))
                        .total())
                .hasToString("0.15 EUR");
        assertThat(CostSheet.of(lines, known(List.of(), List.of(), Seasoning.OUT))
                        .total())
                .hasToString("0.00 EUR");
        assertThat(CostSheet.of(lines, known(List.of(), List.of(), Seasoning.EXACT))
                        .total()
                        .complete())
                .isFalse();
        assertThat(CostSheet.of(
                                List.of(wanted(MINCE, "1 g")),
                                known(List.of(mince("1 g", "0.01")), List.of(), Seasoning.FLAT))
                        .flat())
                .hasToString("0.00 EUR");
    }

    @Test
    void aMissingFactIsSaid() {
        CostSheet sheet = CostSheet.of(
                List.of(wanted(MINCE, "2 cups")), known(List.of(mince("1000 g", "5")), List.of(), Seasoning.FLAT));
        assertThat(sheet.lines().get(0).why()).isEqualTo("the density of minced beef");
        assertThat(sheet.total().complete()).isFalse();
    }

    /** Why a line is not whole is told in words, and only then. */
    @Test
    void whatIsNotKnownIsSaid() {
        OpenLot unpriced = new OpenLot(
                "u", amount("600 g"), Cost.unknown(EURO), null, null, LotClock.start("raw-mince", TODAY), false);
        OpenLot past = new OpenLot(
                "p",
                amount("600 g"),
                Cost.of(euro("6")),
                TODAY.minusDays(1),
                TODAY.minusDays(1),
                LotClock.start("raw-mince", TODAY),
                false);
        List<Offer> offers = List.of(offer("5.00", "2 pieces"), offer("9.00", "1000 g"));
        assertThat(why(mince("600 g", "6.00"), "500 g", offers)).isEmpty();
        assertThat(why(unpriced, "500 g", offers)).isEqualTo("what is in stock of minced beef has no price");
        assertThat(why(unpriced, "700 g", offers)).isEqualTo("no price for minced beef");
        assertThat(why(past, "500 g", offers))
                .isEqualTo("what is left of minced beef is past its eat-by day and not counted");
        assertThat(why(mince("100 g", "1.00"), "500 g", offers)).isEmpty();
        assertThat(why(mince("100 g", "1.00"), "500 g", List.of())).isEqualTo("no price for minced beef");
        CostSheet sheet = CostSheet.of(
                List.of(wanted(MINCE, "500 g"), new Wanted(null, "ramps", amount("2 bunches"), null)),
                known(List.of(), offers, Seasoning.EXACT));
        assertThat(sheet.lines().get(0).cost())
                .as("by the kilo, not by the piece")
                .hasToString("4.50 EUR");
        assertThat(sheet.lines().get(1).why()).isEqualTo("no price for ramps");
        assertThat(sheet.lines().get(1).notInStock()).hasToString("2 bunches");
        assertThat(sheet.lines().get(1).onlyInstead()).isFalse();
    }

    private static String why(OpenLot lot, String need, List<Offer> offers) {
        return CostSheet.of(List.of(wanted(MINCE, need)), known(List.of(lot), offers, Seasoning.EXACT))
                .lines()
                .get(0)
                .why();
    }

    /** Handbook, section 4: a price is old after 90 days. */
    @Test
    void aPriceGetsOld() {
        assertThat(offer("9.00", "1000 g").old(TODAY.plusDays(90))).isFalse();
        assertThat(offer("9.00", "1000 g").old(TODAY.plusDays(91))).isTrue();
    }

    /** Sums are exact and rounded once; the lines shown add up (design: facts, section 5). */
    @Test
    void sumsAreRoundedOnce() {
        Known cheap = known(List.of(), List.of(offer("0.89", "1000 g")), Seasoning.EXACT);
        CostSheet pinches = CostSheet.of(Collections.nCopies(10, wanted(MINCE, "50 g")), cheap);
        assertThat(pinches.total()).hasToString("0.45 EUR");
        Known euro = known(List.of(), List.of(offer("1.00", "1000 g")), Seasoning.EXACT);
        Wanted third = new Wanted(MINCE, MINCE.name(), Amount.of(Rational.of(1000, 3), Unit.G), null);
        assertThat(CostSheet.of(Collections.nCopies(3, third), euro).total()).hasToString("1.00 EUR");
        // what several packs cost together is what went in
        Known several = known(
                List.of(),
                List.of(new Offer(
                        MINCE.key(),
                        euro("4.00"),
                        amount("500 g"),
                        TODAY,
                        new WholePacks.MultiBuy(3, euro("10.00")),
                        null)),
                Seasoning.EXACT);
        assertThat(CostSheet.of(List.of(wanted(MINCE, "1500 g")), several).total())
                .hasToString("10.00 EUR");
        assertThat(CostSheet.of(List.of(wanted(MINCE, "1750 g")), several).total())
                .hasToString("12.00 EUR");
    }

    /** Whatever is asked at whatever price: the lines add up to the exact sum, each within a cent of its own. */
    @Test
    void linesAddUp() {
        Random random = new Random(5);
        for (int i = 0; i < 500; i++) {
            long price = 1 + random.nextInt(2000);
            Known known = known(
                    List.of(),
                    List.of(new Offer(MINCE.key(), Money.of(price, EURO), amount("1000 g"), TODAY)),
                    Seasoning.EXACT);
            List<Wanted> lines = random.ints(1 + random.nextInt(12), 1, 700)
                    .mapToObj(grams -> wanted(MINCE, grams + " g"))
                    .toList();
            CostSheet sheet = CostSheet.of(lines, known);
            Rational all = Rational.ZERO;
            for (int line = 0; line < lines.size(); line++) {
                Rational exact =
                        Objects.requireNonNull(lines.get(line).amount()).value().times(Rational.of(price, 1000));
                all = all.plus(exact);
                assertThat(
                                sheet.lines()
                                                        .get(line)
                                                        .cost()
                                                        .known()
                                                        .exact()
                                                        .minus(exact)
                                                        .signum()
                                                < 0
                                        ? exact.minus(sheet.lines()
                                                .get(line)
                                                .cost()
                                                .known()
                                                .exact())
                                        : sheet.lines()
                                                .get(line)
                                                .cost()
                                                .known()
                                                .exact()
                                                .minus(exact))
                        .isLessThan(Rational.ONE);
            }
            assertThat(sheet.total().known()).isEqualTo(Money.rounded(all, EURO));
        }
    }
}
