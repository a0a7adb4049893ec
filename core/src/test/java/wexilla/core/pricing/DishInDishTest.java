package wexilla.core.pricing;

import static org.assertj.core.api.Assertions.assertThat;
import static wexilla.core.Samples.BOOK;
import static wexilla.core.Samples.FLOUR;
import static wexilla.core.Samples.MINCE;
import static wexilla.core.Samples.amount;
import static wexilla.core.Samples.euro;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.Scaling;
import wexilla.core.food.book.FoodBook;
import wexilla.core.food.book.Form;
import wexilla.core.food.book.Forms;
import wexilla.core.keeping.LotClock;
import wexilla.core.money.Cost;
import wexilla.core.pricing.CostSheet.Known;
import wexilla.core.pricing.CostSheet.Wanted;
import wexilla.core.quantity.KitchenMeasure;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.RecipeStep;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.recipe.steps.StepTime;
import wexilla.core.shopping.Needs;
import wexilla.core.shopping.Needs.Want;
import wexilla.core.stock.OpenLot;
import wexilla.core.stock.Supply;

/** A dish that goes into another, and work that is done already. */
class DishInDishTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 11, 23);

    private static final Recipe DOUGH = new Recipe(
            "Pizza dough",
            4,
            List.of(RecipeLine.of(new LineReader(BOOK).read("400 g plain flour"))),
            List.of(new RecipeStep("Knead the plain flour 10 minutes.", null, new StepTime(10, 60))));
    private static final Food AS_FOOD = DOUGH.asFood(Key.dish("dough"));
    private static final Food BROWNED = new Food(
            Key.food("browned"), "browned mince", List.of(), Unit.G, "cooked-meat", false, Scaling.LINEAR, List.of());
    /** 100 g raw are 74 g browned: USDA Food Buying Guide, from memory. */
    private static final Forms FORMS = new Forms(List.of(
            new Form(
                    Key.dish("dough"),
                    Food.unknown(Key.batch("1"), "Pizza dough", Unit.PORTION),
                    Rational.ONE,
                    true,
                    List.of(),
                    "",
                    ""),
            new Form(MINCE.key(), BROWNED, Rational.of(100, 74), true, List.of("brown", "fry"), "", "")));

    private static Recipe pizza(String dough, String... steps) {
        LineReader reader = new LineReader(BOOK.with(List.of(AS_FOOD)));
        return new Recipe(
                "Pizza",
                4,
                List.of(
                        new RecipeLine(reader.read(dough), Set.of(), null, DOUGH),
                        RecipeLine.of(reader.read("300 g minced beef"))),
                Arrays.stream(steps)
                        .map(text -> new RecipeStep(text, null, null))
                        .toList());
    }

    private static OpenLot lot(String id, String amount, String cost) {
        return new OpenLot(
                id, amount(amount), Cost.of(euro(cost)), null, null, LotClock.start("cooked-dish", TODAY), true);
    }

    private static Known known(Map<Key, List<OpenLot>> stock) {
        Map<Key, List<Offer>> offers = Map.of(
                FLOUR.key(), List.of(new Offer(FLOUR.key(), euro("0.50"), amount("1000 g"), TODAY)),
                MINCE.key(), List.of(new Offer(MINCE.key(), euro("10.00"), amount("1000 g"), TODAY)));
        return new Known(Supply.of(stock, Set.of(), FORMS), offers, Seasoning.EXACT, euro("0"), Measures.METRIC, TODAY);
    }

    private static CostSheet sheet(Recipe recipe, Map<Key, List<OpenLot>> stock) {
        return CostSheet.of(Wanted.of(sized(recipe)), known(stock));
    }

    private static Sized sized(Recipe recipe) {
        return Sized.asWritten(recipe, Measures.METRIC);
    }

    private static Work work(Recipe recipe, Map<Key, List<OpenLot>> stock) {
        return Work.of(sized(recipe), sheet(recipe, stock).lines());
    }

    @Test
    void aDishIsReadByItsNameBehindTheFoods() {
        FoodBook book = BOOK.with(List.of(AS_FOOD, new Recipe("Onion", 2, List.of(), List.of()).asFood(Key.dish("o"))));
        assertThat(new LineReader(book).read("2 portions pizza dough").food()).isEqualTo(AS_FOOD);
        assertThat(new LineReader(book).read("1 onion").food().key()).isEqualTo(Key.food("onion"));
    }

    /** Dough of a batch is 400 g flour at 0.50 the kilo; half a batch is half of it. */
    @Test
    void whatIsNotThereIsMadeAfreshAndCostsWhatGoesIn() {
        LineCost whole = sheet(pizza("1 batch pizza dough"), Map.of()).lines().get(0);
        assertThat(whole.basis()).isEqualTo(Basis.MADE);
        assertThat(whole.cost()).isEqualTo(Cost.of(euro("0.20")));
        assertThat(sheet(pizza("2 portions pizza dough"), Map.of())
                        .lines()
                        .get(0)
                        .cost())
                .isEqualTo(Cost.of(euro("0.10")));
        LineCost part = sheet(
                        pizza("1 batch pizza dough"), Map.of(Key.batch("1"), List.of(lot("d", "3 portions", "0.90"))))
                .lines()
                .get(0);
        assertThat(part.cost()).isEqualTo(Cost.of(euro("0.95")));
        assertThat(part.made())
                .singleElement()
                .satisfies(one -> assertThat(one.wanted().words(KitchenMeasure.System.METRIC, Measures.METRIC))
                        .isEqualTo("100 g plain flour"));
    }

    @Test
    void allOfItIsThereOrItsOwnLinesSayWhatIsNot() {
        LineCost there = sheet(
                        pizza("1 batch pizza dough"), Map.of(Key.batch("1"), List.of(lot("d", "4 portions", "0.90"))))
                .lines()
                .get(0);
        assertThat(there.basis()).isEqualTo(Basis.STOCK);
        assertThat(there.takes()).extracting(take -> take.lot().id()).containsExactly("d");
        assertThat(there.instead()).hasSize(1);
        assertThat(there.why()).isEmpty();
        Known unpriced = new Known(Supply.none(), Map.of(), Seasoning.EXACT, euro("0"), Measures.METRIC, TODAY);
        LineCost unknown = CostSheet.of(Wanted.of(sized(pizza("1 batch pizza dough"))), unpriced)
                .lines()
                .get(0);
        assertThat(unknown.why()).isEqualTo("in Pizza dough: no price for plain flour");
        assertThat(unknown.cost().complete()).isFalse();
    }

    /** 400 g of flour in four portions: 300 g are three of them. */
    @Test
    void aPortionWeighsItsShareOfWhatGoesIn() {
        LineCost some = sheet(pizza("300 g pizza dough"), Map.of()).lines().get(0);
        LineCost all = sheet(pizza("1 batch pizza dough"), Map.of()).lines().get(0);
        assertThat(some.basis()).isEqualTo(all.basis());
        assertThat(some.cost().known().minor() * 4).isEqualTo(all.cost().known().minor() * 3);
    }

    /** Two evenings want a batch each; one is there: the second buys the flour of one. */
    @Test
    void whatIsThereIsPromisedOnce() {
        List<Want> wants = new ArrayList<>();
        for (int day = 0; day < 2; day++) {
            wants.addAll(Want.of(sized(pizza("1 batch pizza dough")).lines(), TODAY.plusDays(day), "Pizza"));
        }
        Map<Key, List<OpenLot>> stock = new HashMap<>(Map.of(
                Key.batch("1"),
                List.of(lot("d", "4 portions", "1.00")),
                MINCE.key(),
                List.of(lot("m", "600 g", "6.00"))));
        Needs needs = Needs.of(wants, Supply.of(stock, Set.of(), FORMS), Measures.METRIC);
        assertThat(needs.items()).singleElement().satisfies(item -> {
            assertThat(item.food()).isEqualTo(FLOUR);
            assertThat(item.lacking()).containsExactly(amount("400 g"));
            assertThat(item.firstDay()).isEqualTo(TODAY.plusDays(1));
        });
    }

    @Test
    void stepsFallAwayForWhatIsDoneAndTheDishBringsItsOwn() {
        Recipe pizza = pizza("1 batch pizza dough", "Brown the minced beef 8 minutes.", "Bake 20 minutes.");
        Map<Key, List<OpenLot>> browned = Map.of(BROWNED.key(), List.of(lot("b", "500 g", "5.00")));
        Work raw = work(pizza, Map.of());
        assertThat(raw.spared()).isEmpty();
        assertThat(raw.left().minutes()).isEqualTo(8 + 20 + 70);
        Work done = work(pizza, browned);
        assertThat(done.spared()).containsExactly(new Work.Spared(0, true, "browned mince is there: no need to brown"));
        assertThat(done.left().minutes()).isEqualTo(20 + 70);
        // what else is in the step keeps it; so does mince of which a part is raw
        Recipe both = pizza("1 batch pizza dough", "Brown the minced beef on the pizza dough 8 minutes.");
        assertThat(work(both, browned).spared())
                .singleElement()
                .satisfies(one -> assertThat(one.whole()).isFalse());
        Map<Key, List<OpenLot>> mixed = Map.of(
                BROWNED.key(), List.of(lot("b", "500 g", "5.00")), MINCE.key(), List.of(lot("m", "50 g", "0.50")));
        assertThat(work(pizza, mixed).spared()).isEmpty();
    }
}
