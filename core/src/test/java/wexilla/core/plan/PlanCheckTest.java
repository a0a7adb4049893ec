package wexilla.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Currency;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.Scaling;
import wexilla.core.food.book.FoodBook;
import wexilla.core.food.book.FoodWord;
import wexilla.core.food.book.Forms;
import wexilla.core.food.facts.Allergen;
import wexilla.core.food.facts.Contents;
import wexilla.core.food.facts.Traits;
import wexilla.core.keeping.KeepingGuide;
import wexilla.core.keeping.KeepingRule;
import wexilla.core.keeping.KeepingRule.Span;
import wexilla.core.keeping.LotClock;
import wexilla.core.keeping.Thaw;
import wexilla.core.money.Cost;
import wexilla.core.people.Appetite;
import wexilla.core.plan.PlannedMeal.Cook;
import wexilla.core.plan.PlannedMeal.Dish;
import wexilla.core.plan.PlannedMeal.FromStock;
import wexilla.core.plan.PlannedMeal.Side;
import wexilla.core.plan.ahead.CookedAhead;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.text.AmountReader;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.RecipeStep;
import wexilla.core.recipe.Size;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.shopping.Needs;
import wexilla.core.stock.OpenLot;
import wexilla.core.stock.Supply;

/** Two evenings and a larder: nothing promised twice, dates and thawing told in time, who must not eat what. */
class PlanCheckTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 11, 23);
    private static final Food MINCE = food("mince", "beef", Set.of());
    private static final Food CHEESE = food("cheese", "", Set.of(Allergen.MILK));
    private static final FoodBook BOOK = new FoodBook(List.of(MINCE, CHEESE));
    private static final Eater BO = new Eater(
            "Bo", Appetite.ADULT, Set.of(Allergen.MILK), Set.of(), List.of(new FoodWord("mushrooms", null)), 3);
    private static final Eater AL = new Eater("Al", Appetite.TEENAGER, Set.of(), Set.of(), List.of(), 3);

    private static Food food(String name, String protein, Set<Allergen> allergens) {
        return new Food(
                Key.food(name),
                name,
                List.of(),
                Unit.G,
                "raw-mince",
                false,
                Scaling.LINEAR,
                List.of(),
                new Traits("meat", protein, Map.of()).with(Contents.having(allergens)));
    }

    private static Amount amount(String text) {
        return AmountReader.read(text).orElseThrow().quantity().max();
    }

    private static Recipe recipe(String title, String... lines) {
        LineReader reader = new LineReader(BOOK);
        return new Recipe(
                title,
                4,
                List.of(lines).stream().map(l -> RecipeLine.of(reader.read(l))).toList(),
                List.of(new RecipeStep("Simmer 60 minutes.", null)));
    }

    private static PlannedMeal evening(int inDays, Dish... dishes) {
        return new PlannedMeal(TODAY.plusDays(inDays), LocalTime.of(18, 30), 45, List.of(BO, AL), List.of(dishes));
    }

    private static OpenLot lot(String id, String amount, @Nullable Integer keepsDays, Thaw.@Nullable Shape frozenAs) {
        LocalDate limit = keepsDays == null ? null : TODAY.plusDays(keepsDays);
        return new OpenLot(
                id,
                amount(amount),
                Cost.unknown(Currency.getInstance("EUR")),
                limit,
                limit,
                limit,
                LotClock.start("raw-mince", TODAY),
                false,
                frozenAs,
                null);
    }

    private static PlanCheck check(List<PlannedMeal> evenings, Map<String, List<OpenLot>> stock) {
        return PlanCheck.of(evenings, List.of(), kitchen(stock));
    }

    private static PlanCheck.Kitchen kitchen(Map<String, List<OpenLot>> stock) {
        Map<Key, List<OpenLot>> lots = new HashMap<>();
        stock.forEach((id, of) -> lots.put(id.equals("soup") ? Key.batch(id) : Key.food(id), of));
        return new PlanCheck.Kitchen(Supply.of(lots, Set.of(), Forms.NONE), Measures.METRIC, TODAY.atTime(12, 0));
    }

    private static Cook cook(Recipe recipe, int portions) {
        return new Cook(Sized.of(recipe, Size.of(Rational.of(portions, recipe.portions())), Measures.METRIC));
    }

    private static List<String> words(PlanCheck check, int evening) {
        return check.checked().get(evening).remarks().stream()
                .map(Remark::words)
                .toList();
    }

    @Test
    void whatIsPromisedToTheFirstEveningIsNotThereForTheSecond() {
        Recipe chilli = recipe("Chilli", "400 g mince");
        PlanCheck check = check(
                List.of(evening(0, cook(chilli, 4)), evening(1, cook(chilli, 8))),
                Map.of("mince", List.of(lot("a", "500 g", 3, null))));
        assertThat(words(check, 0)).noneMatch(w -> w.contains("to buy"));
        assertThat(words(check, 1)).contains("to buy: mince (promised to Mon 23 Nov)", "beef the evening before too");
        List<Needs.Item> items = check.needs().items();
        assertThat(items).singleElement().satisfies(item -> {
            assertThat(item.lacking()).containsExactly(amount("700 g"));
            assertThat(item.firstDay()).isEqualTo(TODAY.plusDays(1));
        });
    }

    @Test
    void aLimitBeforeTheEveningIsToldAndTheLotIsNotCounted() {
        PlanCheck check = check(
                List.of(evening(4, cook(recipe("Chilli", "400 g mince"), 4))),
                Map.of("mince", List.of(lot("a", "500 g", 2, null))));
        Remark first = check.checked().get(0).remarks().get(0);
        assertThat(first.level()).isEqualTo(Judgement.Level.STOP);
        assertThat(first.words())
                .isEqualTo("mince keeps to Wed 25 Nov, planned for Fri 27 Nov: eat it earlier, or freeze it in time");
        assertThat(words(check, 0)).contains("to buy: mince");
    }

    @Test
    void frozenThingsAreTakenOutBeforeWorkBegins() {
        Recipe heated = new Recipe("Soup", 6, List.of(), List.of(new RecipeStep("Heat 30 minutes.", null)));
        FromStock soup = new FromStock(
                Key.batch("soup"),
                "Soup",
                List.of(),
                Sized.asWritten(heated, Measures.METRIC).steps(),
                List.of(),
                Served.whole(List.of()),
                Rational.of(6));
        PlanCheck check =
                check(List.of(evening(3, soup)), Map.of("soup", List.of(lot("a", "6 portions", null, Thaw.Shape.BAG))));
        // 6 portions are 2.4 kg: 48 h before work begins at 18:00
        TakeOut out = check.checked().get(0).takeOut().get(0);
        assertThat(out.by()).isEqualTo(TODAY.plusDays(1).atTime(18, 0));
        assertThat(words(check, 0)).containsExactly("take out 6 portions Soup by Tue 24 Nov, 18:00");

        PlanCheck late =
                check(List.of(evening(1, soup)), Map.of("soup", List.of(lot("a", "6 portions", null, Thaw.Shape.BAG))));
        assertThat(words(late, 0)).singleElement().asString().startsWith("Soup does not thaw in the fridge in time");
        PlanCheck gone = check(List.of(evening(3, soup)), Map.of());
        assertThat(words(gone, 0))
                .containsExactly("6 portions of Soup are not there, or promised to an earlier evening");
    }

    /** Twelve portions of 375 ml are 4.5 l; what an earlier meal takes out makes room only from that day on. */
    @Test
    void whatIsToBeFrozenHasToFit() {
        FromStock soup = new FromStock(
                Key.batch("soup"), "Soup", List.of(), List.of(), List.of(), Served.whole(List.of()), Rational.of(12));
        CookedAhead cooked = new CookedAhead("later", Rational.of(12), "cooked-dish", TODAY.plusDays(1));
        KeepingGuide guide = new KeepingGuide(List.of(
                new KeepingRule("cooked-dish", "cooked dishes", new Span(3, 4), new Span(2, 6), null, null, "chart")));
        Map<Key, List<OpenLot>> lots = Map.of(
                Key.batch("soup"),
                cooked.lots(
                        List.of(new CookedAhead.Wanted(TODAY.plusDays(9), Rational.of(12))),
                        guide,
                        Currency.getInstance("EUR")),
                Key.food("mince"),
                List.of(lot("there", "1000 g", null, Thaw.Shape.FLAT_BAG)));
        PlannedMeal chilli = evening(4, cook(recipe("Chilli", "1000 g mince"), 4));
        List<PlannedMeal> evenings = List.of(chilli, evening(9, soup));
        Supply supply = Supply.of(lots, Set.of(), Forms.NONE);
        assertThat(words(roomFor(evenings, supply, 4_500), 1)).noneMatch(words -> words.contains("freezer:"));
        assertThat(words(roomFor(evenings, supply, 4_400), 1))
                .contains("Soup does not fit into the freezer: 0.1 l too much on Tue 24 Nov: eat something from it"
                        + " before, or freeze less");
        assertThat(words(roomFor(evenings.subList(1, 2), supply, 3_000), 0))
                .anyMatch(words -> words.contains("1.5 l too much on Tue 24 Nov"));
    }

    private static PlanCheck roomFor(List<PlannedMeal> evenings, Supply supply, int millilitres) {
        return PlanCheck.of(
                evenings,
                List.of(),
                new PlanCheck.Kitchen(
                        supply, Measures.METRIC, TODAY.atTime(12, 0), List.of(), Rational.of(millilitres), List.of()));
    }

    /** S17.11: what was eaten yesterday is repeated by what is planned today, though nothing of it is planned any more. */
    @Test
    void whatWasEatenLatelyCounts() {
        PlannedMeal yesterday = evening(-1, cook(recipe("Mince pan", "500 g mince"), 4));
        PlanCheck.Kitchen empty = kitchen(Map.of());
        PlanCheck.Kitchen lately = new PlanCheck.Kitchen(
                empty.supply(), empty.measures(), empty.now(), List.of(), null, List.of(yesterday));
        List<PlannedMeal> planned = List.of(
                evening(0, cook(recipe("Meatballs", "500 g mince"), 4)),
                evening(2, cook(recipe("Mince pan", "500 g mince"), 4)));
        PlanCheck check = PlanCheck.of(planned, List.of(), lately);
        assertThat(words(check, 0)).contains("beef the evening before too");
        assertThat(words(check, 1))
                .contains("Mince pan already on " + Remark.day(TODAY.minusDays(1)))
                .doesNotContain("beef the evening before too");
        assertThat(words(PlanCheck.of(planned, List.of(), empty), 0)).doesNotContain("beef the evening before too");
    }

    /** S15.8: a box for one and tomorrow's for the other repeat nothing. */
    @Test
    void whoDidNotEatItHasNoRepeat() {
        Cook pan = cook(recipe("Mince pan", "500 g mince"), 4);
        PlannedMeal his = new PlannedMeal(TODAY, LocalTime.NOON, 45, List.of(BO), List.of(pan));
        PlannedMeal hers = new PlannedMeal(TODAY.plusDays(1), LocalTime.NOON, 45, List.of(AL), List.of(pan));
        PlannedMeal both = new PlannedMeal(TODAY.plusDays(1), LocalTime.NOON, 45, List.of(BO, AL), List.of(pan));
        assertThat(words(check(List.of(his, hers), Map.of()), 1))
                .noneMatch(words -> words.contains("already on") || words.contains("the evening before"));
        assertThat(words(check(List.of(his, both), Map.of()), 1)).anyMatch(words -> words.contains("already on"));
    }

    @Test
    void whoMustNotEatItComesFirstWhoDoesNotLikeItLast() {
        PlanCheck check = check(
                List.of(evening(0, cook(recipe("Mushroom bake", "100 g cheese"), 4), new Side("peas", null, null))),
                Map.of("cheese", List.of(lot("c", "1000 g", null, null))));
        assertThat(words(check, 0))
                .containsExactly(
                        "Bo must not eat milk: cheese",
                        "Bo does not like mushrooms",
                        "Mushroom bake takes 1 h, 45 min are there: begin at 17:30");
    }

    /** A side is its usual amount a head for everybody at the table: 2.2 plates of 90 g. */
    @Test
    void aSideIsCountedByHead() {
        PlanCheck check = check(List.of(evening(0, new Side("cheese", CHEESE, amount("90 g")))), Map.of());
        assertThat(check.needs().items().get(0).lacking()).containsExactly(amount("198 g"));
    }

    /** An earlier evening has the frozen mince first; the cook day takes out what is left, and is told what to buy. */
    @Test
    void aCookDayTakesOutOnlyWhatNoEveningBeforeItWasPromised() {
        Recipe chilli = recipe("Chilli", "400 g mince");
        List<OpenLot> frozen =
                List.of(lot("a", "400 g", null, Thaw.Shape.JOINT), lot("b", "500 g", null, Thaw.Shape.JOINT));
        PlanCheck.Kitchen kitchen = kitchen(Map.of("mince", frozen));
        PlanCheck.Batch twice = new PlanCheck.Batch(
                "pots",
                "Chilli",
                cook(chilli, 8).sized().lines(),
                TODAY.plusDays(3).atTime(10, 0));
        PlanCheck alone = PlanCheck.of(List.of(), List.of(twice), kitchen);
        assertThat(alone.forCookDays().get("pots"))
                .extracting(TakeOut::words)
                .containsExactly(
                        "take out 400 g mince by Wed 25 Nov, 10:00", "take out 400 g mince by Wed 25 Nov, 10:00");
        assertThat(TakeOut.summed(alone.forCookDays().get("pots")))
                .extracting(TakeOut::words)
                .containsExactly("take out 800 g mince by Wed 25 Nov, 10:00");

        PlanCheck both = PlanCheck.of(List.of(evening(2, cook(chilli, 4))), List.of(twice), kitchen);
        assertThat(both.forCookDays().get("pots")).extracting(TakeOut::lot).containsExactly("b");
        assertThat(both.checked().get(0).takeOut()).extracting(TakeOut::lot).containsExactly("a");
        assertThat(both.needs().items().get(0).lacking()).containsExactly(amount("300 g"));
    }

    /** Two pots of one dish on one day are told apart. */
    @Test
    void twoBatchesOfOneDishAreTwo() {
        Recipe chilli = recipe("Chilli", "400 g mince");
        PlanCheck.Kitchen kitchen = kitchen(Map.of("mince", List.of(lot("a", "400 g", null, Thaw.Shape.JOINT))));
        List<PlanCheck.Batch> pots = List.of("one", "two").stream()
                .map(id -> new PlanCheck.Batch(
                        id,
                        "Chilli",
                        cook(chilli, 4).sized().lines(),
                        TODAY.plusDays(3).atTime(10, 0)))
                .toList();
        PlanCheck check = PlanCheck.of(List.of(), pots, kitchen);
        assertThat(check.forCookDays().get("one")).hasSize(1);
        assertThat(check.forCookDays().get("two")).isEmpty();
    }

    /** The appetites of a table; somebody always eats. */
    @Test
    void portionsForATable() {
        assertThat(evening(0).portions()).isEqualTo(evening(0).plates());
        assertThat(Appetite.portions(List.of())).isEqualTo(Rational.ONE);
        assertThat(Appetite.portions(
                        List.of(Appetite.ADULT, Appetite.TEENAGER, Appetite.CHILD_4_TO_8, Appetite.CHILD_4_TO_8)))
                .isEqualTo(Rational.of(16, 5));
    }
}
