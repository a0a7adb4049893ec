package wexilla.core.plan.ahead;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import wexilla.core.Samples;
import wexilla.core.food.book.Forms;
import wexilla.core.keeping.LotClock;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;
import wexilla.core.plan.MealOfDay;
import wexilla.core.plan.PlanCheck;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.stock.OpenLot;
import wexilla.core.stock.Supply;

/** What is planned to be stretched is spoken for, and what it is stretched with comes onto the list: typed once. */
class BigBuyTest {

    private static final LocalDate COOK = LocalDate.of(2026, 11, 25);
    private static final LocalTime TEN = LocalTime.of(10, 0);
    private static final LineReader READER = new LineReader(Samples.BOOK);
    private static final BigBuy SHOULDER = new BigBuy(
            "s",
            "pork shoulder, bone in",
            "3.2 kg",
            COOK,
            1,
            false,
            "cooked-dish",
            COOK.plusDays(4),
            List.of(
                    part("roast", "4 onions and 2 tins tomatoes", COOK.plusDays(1), "400"),
                    part("bean pot", "500 g white beans", null, "300"),
                    part("rolls", "dragon scales, some flour", COOK.plusDays(2), "200"),
                    part("bones", "", null, null)));

    private static BigBuy.Part part(String name, String extender, @Nullable LocalDate eatOn, @Nullable String grams) {
        Rational meat = grams == null ? null : Rational.of(new BigDecimal(grams));
        return new BigBuy.Part(
                name,
                extender,
                eatOn,
                MealOfDay.DINNER,
                meat,
                meat == null ? null : Money.parse("2.00", Samples.EURO),
                name.equals("rolls"));
    }

    /** Its parts will be there for their dishes: cooked, dated, each for the dish of its name, from the freezer thawed. */
    @Test
    void itsPartsWillBeThereForTheirDishes() {
        List<Supply.Ahead> ahead = SHOULDER.ahead(Samples.BOOK);
        assertThat(ahead).extracting(one -> one.lot().pin()).containsExactly("roast", "bean pot", "rolls");
        assertThat(ahead)
                .extracting(one -> one.lot().limit())
                .containsExactly(COOK.plusDays(4), COOK.plusDays(4), null);
        assertThat(ahead.get(2).lot().hoursToThaw(ahead.get(2).lot().amount())).isPositive();
        BigBuy cutRaw = new BigBuy("r", SHOULDER.food(), "3.2 kg", COOK, 1, true, "raw-roast", null, SHOULDER.parts());
        OpenLot roast = cutRaw.ahead(Samples.BOOK).get(0).lot();
        Supply supply = Supply.of(Map.of(Samples.SHOULDER.key(), List.of(roast)), Set.of(), Forms.NONE);
        Amount need = Amount.of(100, Unit.G);
        assertThat(supply.copy().take(Samples.SHOULDER, need, COOK, "roast").whole())
                .isTrue();
        assertThat(supply.copy()
                        .take(Samples.SHOULDER, need, COOK, "another dish")
                        .takes())
                .isEmpty();
    }

    private static List<String> wanted(List<PlanCheck.Batch> batches) {
        return batches.stream()
                .flatMap(batch -> batch.goesIn().stream()
                        .map(line -> batch.begin().toLocalDate() + " " + batch.name() + ": "
                                + line.read().quantity() + " " + line.read().foodName()))
                .toList();
    }

    @Test
    void theJointOnItsCookDayAndWhatEachPartIsStretchedWithOnItsOwn() {
        assertThat(wanted(SHOULDER.wants(READER, TEN, List.of())))
                .containsExactly(
                        "2026-11-25 big buy: pork shoulder, bone in: 3.2 kg pork shoulder, bone in",
                        "2026-11-26 big buy: roast: 4 onion",
                        "2026-11-26 big buy: roast: 2 tins tinned tomatoes",
                        "2026-11-25 big buy: bean pot: 500 g white beans");
    }

    /** A recipe of that name is cooked: its own lines are wanted, and the part's words would count them twice. */
    @Test
    void whatIsPlannedAsARecipeIsNotWantedTwice() {
        assertThat(wanted(SHOULDER.wants(READER, TEN, List.of("Bean Pot", "soup"))))
                .noneMatch(line -> line.contains("white beans"))
                .hasSize(3);
    }

    @Test
    void theJointOnHandIsTakenAndTheRestIsToBuy() {
        OpenLot joint = new OpenLot(
                "lot",
                Samples.amount("3200 g"),
                Cost.unknown(Samples.EURO),
                COOK,
                COOK,
                LotClock.start("raw-roasts", COOK.minusDays(3)),
                false);
        PlanCheck check = PlanCheck.of(
                List.of(),
                SHOULDER.wants(READER, TEN, List.of()),
                new PlanCheck.Kitchen(
                        Supply.of(Map.of(Samples.SHOULDER.key(), List.of(joint)), Set.of(), Forms.NONE),
                        Measures.METRIC,
                        COOK.minusDays(2).atStartOfDay()));
        assertThat(check.needs().met().get(0).takes()).hasSize(1);
        assertThat(check.needs().items())
                .extracting(item -> item.food().name())
                .containsExactly("white beans", "onion", "tinned tomatoes");
    }
}
