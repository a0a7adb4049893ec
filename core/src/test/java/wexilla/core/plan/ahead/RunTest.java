package wexilla.core.plan.ahead;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Currency;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import wexilla.core.clock.DayProblem.Gear;
import wexilla.core.cookday.KitchenGear;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.Scaling;
import wexilla.core.food.book.FoodBook;
import wexilla.core.food.book.FoodWord;
import wexilla.core.food.book.Forms;
import wexilla.core.food.facts.Traits;
import wexilla.core.keeping.KeepingGuide;
import wexilla.core.keeping.KeepingRule;
import wexilla.core.keeping.KeepingRule.Span;
import wexilla.core.keeping.LotClock;
import wexilla.core.keeping.Thaw;
import wexilla.core.money.Cost;
import wexilla.core.people.Appetite;
import wexilla.core.plan.Eater;
import wexilla.core.plan.Judgement;
import wexilla.core.plan.MealOfDay;
import wexilla.core.plan.PlanCheck;
import wexilla.core.plan.PlanRule;
import wexilla.core.plan.PlannedMeal;
import wexilla.core.plan.PlannedMeal.Cook;
import wexilla.core.plan.PlannedMeal.Dish;
import wexilla.core.plan.PlannedMeal.FromStock;
import wexilla.core.plan.PlannedMeal.When;
import wexilla.core.plan.Served;
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

/** The threads of a plan, its diary, and what comes again too soon: several meals a day. */
class RunTest {

    private static final LocalDate MONDAY = LocalDate.of(2026, 11, 23);
    private static final LocalDateTime NOW = MONDAY.atTime(12, 0);
    private static final Eater AL = new Eater("Al", Appetite.ADULT, Set.of(), Set.of(), List.of(), 3);
    private static final Food MINCE = new Food(
            Key.food("mince"),
            "mince",
            List.of(),
            Unit.G,
            "raw-mince",
            false,
            Scaling.LINEAR,
            List.of(),
            new Traits("meat", "beef", Map.of()));
    private static final FoodBook BOOK = new FoodBook(List.of(MINCE));
    private final Map<Key, List<OpenLot>> lots = new HashMap<>();

    private static Dish cooked(String title, int minutes) {
        Recipe recipe = new Recipe(
                title,
                2,
                List.of(RecipeLine.of(new LineReader(BOOK).read("200 g mince"))),
                List.of(new RecipeStep("Simmer " + minutes + " minutes.", null)));
        return new Cook(Sized.of(recipe, Size.AS_WRITTEN, Measures.METRIC));
    }

    private static Dish stock(String name, int portions) {
        return new FromStock(
                Key.batch(name),
                name,
                List.of(),
                List.of(),
                List.of(),
                Served.whole(List.of(MINCE)),
                Rational.of(portions));
    }

    private void there(String name, int portions, @Nullable Integer limit, boolean frozen, LocalDate from) {
        LocalDate until = limit == null ? null : MONDAY.plusDays(limit);
        lots.computeIfAbsent(Key.batch(name), key -> new ArrayList<>())
                .add(new OpenLot(
                        name + lots.size() + frozen,
                        Amount.of(Rational.of(portions), Unit.PORTION),
                        Cost.unknown(Currency.getInstance("EUR")),
                        until,
                        until,
                        until,
                        LotClock.start("cooked-dish", from),
                        true,
                        frozen ? Thaw.Shape.FLAT_BAG : null,
                        null));
    }

    private static PlannedMeal meal(int day, MealOfDay meal, int hour, Dish... dishes) {
        return new PlannedMeal(
                new When(MONDAY.plusDays(day), meal, LocalTime.of(hour, 0), null, 60),
                List.of(AL),
                List.of(dishes),
                PlannedMeal.everybody(List.of(dishes)));
    }

    private PlanCheck check(List<PlannedMeal> meals) {
        Supply supply = Supply.of(lots, Set.of(), Forms.NONE);
        return PlanCheck.of(meals, List.of(), new PlanCheck.Kitchen(supply, Measures.METRIC, NOW));
    }

    private List<Run.Thread> run(PlanCheck check) {
        List<Run.There> there = new ArrayList<>();
        lots.forEach((key, all) -> all.forEach(lot -> there.add(new Run.There(key.id(), key.id(), lot))));
        return Run.of(check, there, NOW, MONDAY.plusDays(13));
    }

    @Test
    void aThreadClimbsFromItsShelfToItsMeals() {
        there("stew", 4, 4, false, MONDAY.minusDays(1));
        there("pie", 2, null, true, MONDAY.minusDays(30));
        there("soup", 4, 3, false, MONDAY.minusDays(1));
        there("goulash", 6, 9, false, MONDAY.plusDays(5));
        PlanCheck check = check(List.of(
                meal(0, MealOfDay.LUNCH, 13, stock("stew", 2)),
                meal(1, MealOfDay.DINNER, 18, stock("stew", 2)),
                meal(2, MealOfDay.DINNER, 18, stock("pie", 2)),
                meal(3, MealOfDay.DINNER, 18, cooked("chilli", 40)),
                meal(6, MealOfDay.DINNER, 18, stock("goulash", 6))));
        Map<String, Run.Thread> threads = new HashMap<>();
        run(check).forEach(thread -> threads.put(thread.name(), thread));
        assertThat(threads).containsOnlyKeys("stew", "pie", "soup", "chilli", "goulash");
        assertThat(threads.get("stew").shelf()).isEqualTo(Run.Shelf.FRIDGE);
        assertThat(threads.get("stew").climbs())
                .extracting(Run.Climb::meal)
                .containsExactly(MealOfDay.LUNCH, MealOfDay.DINNER);
        assertThat(threads.get("stew").born()).isEqualTo(NOW);
        assertThat(threads.get("stew").frays()).isFalse();
        // a flat bag of less than a litre: 20 hours
        assertThat(threads.get("pie").shelf()).isEqualTo(Run.Shelf.FREEZER);
        assertThat(threads.get("pie").climbs().get(0).out()).isEqualTo("2026-11-24T22:00");
        // nobody eats it, and its limit is Thursday
        assertThat(threads.get("soup").frays()).isTrue();
        assertThat(threads.get("soup").climbs()).isEmpty();
        assertThat(threads.get("chilli").shelf()).isEqualTo(Run.Shelf.CUPBOARD);
        assertThat(threads.get("chilli").born()).isEqualTo("2026-11-26T17:20");
        assertThat(threads.get("goulash").ahead()).isTrue();
        assertThat(threads.get("goulash").born().toLocalDate()).isEqualTo("2026-11-28");
    }

    /** What is promised to lunch is not there for dinner, and a meal takes of what is due first. */
    @Test
    void twoMealsADayTakeOneAfterTheOther() {
        there("stew", 3, 4, false, MONDAY);
        PlanCheck check = check(List.of(
                meal(1, MealOfDay.LUNCH, 12, stock("stew", 2)), meal(1, MealOfDay.DINNER, 18, stock("stew", 2))));
        assertThat(check.checked().get(0).judgements()).noneMatch(one -> one.level() == Judgement.Level.STOP);
        assertThat(check.checked().get(1).remarks().get(0).words()).contains("1 portion of stew are not there");
        assertThat(check.checked().get(1).met()).hasSize(1);
    }

    /** The same protein twice a day and on following days; leftovers of one batch are no repeat of its protein. */
    @Test
    void whatComesAgainTooSoon() {
        there("stew", 8, 9, false, MONDAY);
        PlanCheck check = check(List.of(
                meal(0, MealOfDay.LUNCH, 13, cooked("burgers", 20)),
                meal(0, MealOfDay.DINNER, 18, cooked("chilli", 30)),
                meal(1, MealOfDay.DINNER, 18, stock("stew", 2)),
                meal(2, MealOfDay.DINNER, 18, stock("stew", 2)),
                meal(4, MealOfDay.DINNER, 18, cooked("Chilli", 30)),
                meal(12, MealOfDay.DINNER, 18, cooked("chilli", 30))));
        assertThat(hints(check, 1)).contains("beef twice that day");
        assertThat(hints(check, 2)).contains("beef the evening before too");
        assertThat(hints(check, 3)).contains("stew again the day after: leftovers keep better company every other day");
        assertThat(hints(check, 3)).doesNotContain("beef the evening before too");
        assertThat(hints(check, 4)).contains("Chilli already on Mon 23 Nov");
        assertThat(hints(check, 5)).noneMatch(words -> words.contains("already on"));
    }

    private static List<String> hints(PlanCheck check, int meal) {
        return check.checked().get(meal).judgements().stream()
                .filter(one -> one.rule() == PlanRule.VARIETY)
                .map(one -> one.remark().words())
                .toList();
    }

    /** A dish only some eat is asked of those alone, and takes portions for them. */
    @Test
    void aDishForSomeOfTheTable() {
        Eater bo = new Eater("Bo", Appetite.CHILD_4_TO_8, Set.of(), Set.of(), List.of(new FoodWord("chilli", null)), 0);
        Dish chilli = cooked("Chilli", 30);
        Dish broth = cooked("Broth", 30);
        When when = new When(MONDAY, MealOfDay.DINNER, LocalTime.of(18, 0), LocalTime.of(17, 45), 40);
        PlannedMeal both =
                new PlannedMeal(when, List.of(AL, bo), List.of(chilli, broth), List.of(List.of(), List.of()));
        PlannedMeal apart =
                new PlannedMeal(when, List.of(AL, bo), List.of(chilli, broth), List.of(List.of(AL), List.of(bo)));
        assertThat(check(List.of(both)).checked().get(0).remarks().toString()).contains("Bo does not like chilli");
        assertThat(check(List.of(apart)).checked().get(0).remarks().toString()).doesNotContain("Bo");
        assertThat(apart.platesOf(0)).isEqualTo(Rational.ONE);
        assertThat(apart.platesOf(1)).isEqualTo(Rational.of(1, 2));
        // somebody is home a quarter of an hour before the table: half an hour is not there
        assertThat(check(List.of(apart)).checked().get(0).remarks().toString()).contains("15 min are there");
    }

    /** A diary names each thing once, from when work begins; what thaws is reminded of. */
    @Test
    void theDiary() {
        there("pie", 2, null, true, MONDAY.minusDays(30));
        PlanCheck check = check(List.of(
                meal(1, MealOfDay.BREAKFAST, 7),
                meal(2, MealOfDay.LUNCH, 12, stock("pie", 2)),
                meal(2, MealOfDay.DINNER, 18, cooked("chilli", 40))));
        List<PlanCheck.Batch> ahead = List.of(
                new PlanCheck.Batch(
                        "x", "cook day: broth", List.of(), MONDAY.plusDays(5).atTime(10, 0)),
                new PlanCheck.Batch(
                        "y", "cook day: beans", List.of(), MONDAY.plusDays(5).atTime(10, 0)));
        List<Diary.Entry> diary = Diary.of(check, ahead);
        assertThat(diary.stream().map(one -> one.start() + " " + one.title()))
                .containsExactly(
                        "2026-11-24T16:00 Take out 2 portions pie",
                        "2026-11-25T12:00 Lunch: pie",
                        "2026-11-25T17:20 Dinner: chilli",
                        "2026-11-28T10:00 Cook day");
        assertThat(diary.get(0).remind()).isTrue();
        assertThat(diary.get(3).note()).isEqualTo("cook day: broth\ncook day: beans");
        assertThat(diary.stream().map(Diary.Entry::id).distinct()).hasSize(4);
        assertThat(diary.get(2).length().toMinutes()).isEqualTo(70);
    }

    /** Never past the last day of the guide, however a batch is eaten. */
    @Test
    void aBatchEatenLateIsFrozenInTime() {
        KeepingGuide guide = new KeepingGuide(List.of(
                new KeepingRule("cooked-dish", "cooked dishes", new Span(3, 4), new Span(2, 6), null, null, "chart")));
        List<OpenLot> ahead = new CookedAhead("stew", Rational.of(4), "cooked-dish", MONDAY.plusDays(1))
                .lots(
                        List.of(new CookedAhead.Wanted(MONDAY.plusDays(8), Rational.of(2))),
                        guide,
                        Currency.getInstance("EUR"));
        lots.put(Key.batch("stew"), ahead);
        PlanCheck check = check(List.of(
                meal(2, MealOfDay.DINNER, 18, stock("stew", 2)), meal(8, MealOfDay.DINNER, 18, stock("stew", 2))));
        assertThat(check.judgements()).noneMatch(one -> one.level() == Judgement.Level.STOP);
        assertThat(check.checked().get(1).remarks().get(0).words())
                .startsWith("freeze it on Tue 24 Nov, take out 2 portions stew by Mon 30 Nov");
    }

    /** One oven bakes at 180 °C or at 230 °C, not at both; at 180 and 190 both go in, on two racks. */
    @Test
    void ovenAndPotsOfOneMeal() {
        List<Gear> gear = new ArrayList<>();
        KitchenGear.add(gear, "oven, 2 racks", 1, 0);
        KitchenGear.add(gear, "2 burners", 1, 0);
        assertThat(told(gear, "Bake at 180 °C for 40 minutes.", "Bake at 230 °C for 40 minutes."))
                .contains("pie, roots cannot all be hot at once");
        assertThat(told(gear, "Bake at 180 °C for 40 minutes.", "Bake at 190 °C for 40 minutes."))
                .doesNotContain("at once");
        assertThat(told(gear, "Bake at 180 °C for 40 minutes.", "Simmer 20 minutes."))
                .doesNotContain("at once");
        assertThat(told(List.of(), "Bake at 180 °C for 40 minutes.", "Bake at 230 °C for 40 minutes."))
                .doesNotContain("at once");
    }

    private String told(List<Gear> gear, String first, String second) {
        PlannedMeal meal = meal(1, MealOfDay.DINNER, 18, steps("pie", first), steps("roots", second));
        PlanCheck.Kitchen kitchen = new PlanCheck.Kitchen(
                Supply.of(Map.of(), Set.of(), Forms.NONE), Measures.METRIC, NOW, gear, null, List.of());
        return PlanCheck.of(List.of(meal), List.of(), kitchen)
                .checked()
                .get(0)
                .remarks()
                .toString();
    }

    private static Dish steps(String title, String step) {
        Recipe recipe = new Recipe(title, 2, List.of(), List.of(new RecipeStep(step, null)));
        return new Cook(Sized.of(recipe, Size.AS_WRITTEN, Measures.METRIC));
    }
}
