package wexilla.core.menu;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Currency;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.book.FoodBook;
import wexilla.core.food.book.Form;
import wexilla.core.food.book.Forms;
import wexilla.core.keeping.KeepingGuide;
import wexilla.core.keeping.KeepingRule;
import wexilla.core.keeping.KeepingRule.Span;
import wexilla.core.keeping.LotClock;
import wexilla.core.keeping.Storage;
import wexilla.core.money.Money;
import wexilla.core.pricing.CostSheet;
import wexilla.core.pricing.Offer;
import wexilla.core.pricing.PackTable;
import wexilla.core.pricing.Seasoning;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.Size;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.stock.OpenLot;
import wexilla.core.stock.Supply;

/** What a dish costs a proposal: what nobody knows the price of is never told as money, and never free either. */
class MenuKitchenTest {

    private static final Currency EUR = Currency.getInstance("EUR");
    private static final LocalDate MONDAY = LocalDate.of(2026, 11, 23);
    private static final List<Food> FOODS = Stream.of("mince", "carrots", "rice", "venison")
            .map(name -> Food.unknown(Key.food(name), name, Unit.G))
            .toList();

    private static Map<Key, List<Offer>> prices() {
        return Map.of(
                FOODS.get(0).key(),
                offer(0, 800),
                FOODS.get(1).key(),
                offer(1, 100),
                FOODS.get(2).key(),
                offer(2, 200));
    }

    private static List<Offer> offer(int food, long kilo) {
        return List.of(new Offer(FOODS.get(food).key(), Money.of(kilo, EUR), Amount.of(1000, Unit.G), MONDAY));
    }

    private static final KeepingGuide GUIDE =
            new KeepingGuide(List.of(rule("cooked-dish"), rule("cooked-rice"), rule("unclassified")));

    private static KeepingRule rule(String key) {
        return new KeepingRule(key, key, new Span(1, 2), null, null, null, Storage.FRIDGE, "test");
    }

    private static MenuKitchen kitchen(Supply supply, Map<Key, List<Offer>> prices) {
        CostSheet.Known known =
                new CostSheet.Known(Supply.none(), prices, Seasoning.EXACT, Money.zero(EUR), Measures.METRIC, MONDAY);
        return new MenuKitchen(supply, known, GUIDE, MONDAY.atTime(8, 0), LocalTime.of(18, 0), MONDAY);
    }

    private static MenuKitchen.Takes takes(MenuKitchen kitchen, String... lines) {
        LineReader reader = new LineReader(new FoodBook(FOODS));
        List<RecipeLine> all =
                Stream.of(lines).map(line -> RecipeLine.of(reader.read(line))).toList();
        Recipe recipe = new Recipe("Stew", 4, all, List.of());
        return kitchen.takes(Sized.of(recipe, Size.AS_WRITTEN, Measures.METRIC), Rational.of(4));
    }

    /** Of 1.00, 2.00 and 8.00 a kilo the middle one weighs: 400 g venison 0.80, 0.20 a portion. The mince is bought by the kilo. */
    @Test
    void whatNobodyKnowsThePriceOfIsNotFree() {
        MenuKitchen kitchen = kitchen(Supply.none(), prices());
        MenuKitchen.Takes mince = takes(kitchen, "400 g mince");
        assertThat(mince.uses()).containsExactly(new MenuProblem.Use(0, 100_000_000));
        assertThat(mince.unpriced()).isZero();
        assertThat(kitchen.foods().get(0).packs())
                .containsExactly(new PackTable.Pack(1_000_000, 800 * MenuWeights.MINOR, 1));
        MenuKitchen.Takes venison = takes(kitchen, "400 g venison", "400 g rice");
        assertThat(venison.uses()).hasSize(1);
        assertThat(venison.unpriced()).isEqualTo(20 * MenuWeights.MINOR);
        assertThat(takes(kitchen(Supply.none(), Map.of()), "400 g venison").unpriced())
                .as("no price at all")
                .isZero();
    }

    /** 400 g of mince are 200 g of what stands in for it without asking, twice as much to the gram; what asks first is not taken. */
    @Test
    void whatSilentlyStandsInIsTakenFromStock() {
        Food mince = FOODS.get(0);
        Food rice = FOODS.get(2);
        Map<Key, List<OpenLot>> lots = Map.of(
                rice.key(),
                List.of(new OpenLot(
                        "r",
                        Amount.of(500, Unit.G),
                        wexilla.core.money.Cost.of(Money.of(100, EUR)),
                        null,
                        null,
                        LotClock.start("dry-goods", MONDAY),
                        false)));
        for (boolean silent : List.of(true, false)) {
            Form form = new Form(mince.key(), rice, Rational.of(2), silent, List.of(), "", "test");
            MenuKitchen kitchen = kitchen(Supply.of(lots, Set.of(), new Forms(List.of(form))), prices());
            assertThat(takes(kitchen, "400 g mince").uses())
                    .containsExactly(new MenuProblem.Use(0, silent ? 50_000_000 : 100_000_000));
            MenuProblem.Food food = kitchen.foods().get(0);
            assertThat(food.name()).isEqualTo(silent ? "rice" : "mince");
            assertThat(food.lots()).hasSize(silent ? 1 : 0);
            // what the rice does not give is bought as mince: a kilo of it does for 500 g of rice
            assertThat(food.packs())
                    .containsExactly(new PackTable.Pack(silent ? 500_000 : 1_000_000, 800 * MenuWeights.MINOR, 1));
        }
    }
}
