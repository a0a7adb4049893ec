package wexilla.core.plan.ahead;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Currency;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.Scaling;
import wexilla.core.food.book.FoodBook;
import wexilla.core.food.book.Forms;
import wexilla.core.food.facts.Traits;
import wexilla.core.keeping.LotClock;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;
import wexilla.core.plan.PlanCheck;
import wexilla.core.plan.PlannedMeal;
import wexilla.core.plan.PlannedMeal.Cook;
import wexilla.core.plan.PlannedMeal.Dish;
import wexilla.core.plan.PlannedMeal.FromStock;
import wexilla.core.plan.Served;
import wexilla.core.pricing.CostSheet;
import wexilla.core.pricing.Offer;
import wexilla.core.pricing.Seasoning;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.RecipeStep;
import wexilla.core.recipe.Size;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.stock.OpenLot;
import wexilla.core.stock.Supply;

/** What planned weeks cost: what is there first, in the order of the days, the rest at its price. */
class PlanCostsTest {

    private static final Currency EUR = Currency.getInstance("EUR");
    private static final LocalDate MONDAY = LocalDate.of(2026, 11, 23);
    private static final Food MINCE = Food.unknown(Key.food("mince"), "mince", Unit.G);
    private static final Food SALT = new Food(
            Key.food("salt"), "salt", List.of(), Unit.G, "dry-goods", true, Scaling.LINEAR, List.of(), Traits.NONE);
    private static final LineReader READER = new LineReader(new FoodBook(List.of(MINCE, SALT)));
    private static final CostSheet.Known PRICES = new CostSheet.Known(
            Supply.none(),
            Map.of(MINCE.key(), List.of(new Offer(MINCE.key(), money(400), Amount.of(500, Unit.G), MONDAY))),
            Seasoning.FLAT,
            money(15),
            Measures.METRIC,
            MONDAY);

    private static Money money(long minor) {
        return Money.of(minor, EUR);
    }

    private static Sized sized(String title, String... lines) {
        List<RecipeLine> all = List.of(lines).stream()
                .map(line -> RecipeLine.of(READER.read(line)))
                .toList();
        Recipe recipe = new Recipe(title, 4, all, List.of(new RecipeStep("Simmer 20 minutes.", null)));
        return Sized.of(recipe, Size.AS_WRITTEN, Measures.METRIC);
    }

    private static PlannedMeal meal(int day, Dish... dishes) {
        return new PlannedMeal(MONDAY.plusDays(day), LocalTime.of(18, 30), 45, List.of(), List.of(dishes));
    }

    /** 500 g for 3.00 are there; a kilo costs 8.00; seasoning is 0.15 a seasoned dish. */
    @Test
    void usedFromWhatIsThereElseAtItsPrice() {
        OpenLot there = new OpenLot(
                "a",
                Amount.of(500, Unit.G),
                Cost.of(money(300)),
                null,
                null,
                null,
                LotClock.start("raw-mince", MONDAY),
                false,
                null,
                null);
        CookedAhead ahead = new CookedAhead("pot", Rational.of(8), "cooked-dish", MONDAY.plusDays(1));
        Map<Key, List<OpenLot>> lots = Map.of(
                MINCE.key(),
                List.of(there),
                Key.batch("pot"),
                List.of(new OpenLot(
                        ahead.id(),
                        Amount.of(8, Unit.PORTION),
                        Cost.unknown(EUR),
                        null,
                        null,
                        LotClock.start("cooked-dish", MONDAY.plusDays(1)),
                        true)));
        FromStock potful = new FromStock(
                Key.batch("pot"), "Pot", List.of(), List.of(), List.of(), Served.whole(List.of()), Rational.of(4));
        List<PlannedMeal> meals = List.of(
                meal(0, new Cook(sized("Chilli", "400 g mince"))),
                meal(2, potful),
                meal(3),
                meal(8, potful),
                meal(9, new PlannedMeal.Named("whatever there is")));
        Sized pot = sized("Pot", "900 g mince", "1 tsp salt");
        List<PlanCheck.Batch> cookDay = List.of(new PlanCheck.Batch(
                "pot", "cook day: Pot", pot.lines(), MONDAY.plusDays(1).atTime(10, 0)));
        PlanCheck check = PlanCheck.of(
                meals,
                cookDay,
                new PlanCheck.Kitchen(
                        Supply.of(lots, Set.of(SALT.key()), Forms.NONE), Measures.METRIC, MONDAY.atTime(8, 0)));
        assertThat(PlanCosts.bought(check)).containsExactly(MINCE.key());
        PlanCosts costs = new PlanCosts(check, cookDay, PRICES, Map.of("pot", Rational.of(8)));
        // 400 of 500 g for 3.00; the pot 100 g for 0.60 and 800 g at 8.00 a kilo, half of it 3.50, 3.58 with seasoning;
        // the chilli has none
        assertThat(check.checked().stream().map(costs::meal))
                .containsExactly(
                        Cost.of(money(240)),
                        Cost.of(money(358)),
                        Cost.of(money(0)),
                        Cost.of(money(358)),
                        Cost.unknown(EUR));
        assertThat(costs.weeks(check, MONDAY, MONDAY.plusDays(13)))
                .containsExactly(
                        new PlanCosts.Week(MONDAY, 2, Cost.of(money(240 + 358))),
                        new PlanCosts.Week(MONDAY.plusDays(7), 2, new Cost(money(358), false)));
        assertThat(costs.weeks(check, MONDAY, MONDAY.plusDays(7))).hasSize(2);
    }
}
