package wexilla.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static wexilla.core.Samples.EURO;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import wexilla.core.Samples;
import wexilla.core.cookday.CookDay;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.food.Scaling;
import wexilla.core.food.book.Forms;
import wexilla.core.money.Money;
import wexilla.core.packing.Label;
import wexilla.core.pricing.CostSheet;
import wexilla.core.pricing.LineCost;
import wexilla.core.pricing.Seasoning;
import wexilla.core.pricing.Work;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.KitchenMeasure;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.RecipeStep;
import wexilla.core.recipe.ScaledLine;
import wexilla.core.recipe.ScaledStep;
import wexilla.core.recipe.Size;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.Style;
import wexilla.core.recipe.Wording;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.recipe.steps.StepTime;
import wexilla.core.shopping.Needs;
import wexilla.core.stock.Supply;

/** A recipe at a size is the same at every station: page, costs, list, cook day, evening and label. */
class OneSizeTest {

    private static final LocalDate DAY = LocalDate.of(2026, 11, 28);
    private static final LocalDateTime BEGIN = DAY.atTime(10, 0);
    private static final LineReader READER = new LineReader(Samples.BOOK);
    private static final String[] LINES = {
        "500 g minced beef",
        "2 onions, finely diced",
        "300-400 g plain flour",
        "3 eggs",
        "2 bay leaves",
        "2 tsp salt",
        "2 tins tomatoes",
        "250 g white beans, soaked",
        "some flour",
        "2 cloves garlic, crushed"
    };
    private static final String[] STEPS = {
        "Chop for 20 minutes.", "Simmer 45 minutes.", "Bake at 180 °C for 30 minutes.", "Chill 60 minutes.", "Serve."
    };

    private static Recipe random(Random seeded) {
        List<RecipeLine> lines = new ArrayList<>();
        for (int i = 0; i < 1 + seeded.nextInt(LINES.length); i++) {
            Set<Style> held = seeded.nextInt(4) == 0 ? EnumSet.of(Style.READY_TO_BAKE) : Set.of();
            @Nullable
            Scaling rule = seeded.nextInt(3) == 0 ? Scaling.values()[seeded.nextInt(Scaling.values().length)] : null;
            lines.add(new RecipeLine(READER.read(LINES[seeded.nextInt(LINES.length)]), held, rule, null));
        }
        List<RecipeStep> steps = new ArrayList<>();
        int stop = seeded.nextInt(STEPS.length);
        for (int i = 0; i < STEPS.length; i++) {
            StepTime typed = seeded.nextInt(4) == 0 ? new StepTime(seeded.nextInt(30), seeded.nextInt(60)) : null;
            steps.add(new RecipeStep(STEPS[i], i == stop ? Style.READY_TO_BAKE : null, typed));
        }
        return new Recipe("Dish", 1 + seeded.nextInt(8), lines, steps);
    }

    private static CostSheet costs(List<Sized.Line> lines) {
        return CostSheet.of(
                lines.stream().map(line -> CostSheet.Wanted.of(line, "")).toList(),
                new CostSheet.Known(Supply.none(), Map.of(), Seasoning.EXACT, Money.zero(EURO), Measures.METRIC, DAY));
    }

    private static @Nullable Amount base(Food food, @Nullable Amount amount) {
        return amount == null
                ? null
                : Conversion.convert(food, amount, food.base(), Measures.METRIC) instanceof Conversion.Converted in
                        ? Amount.of(Rational.of(in.amount().value().toDecimal(6)), food.base())
                        : null;
    }

    @RepeatedTest(300)
    void everyStationHasTheSameAmountsAndMinutes(RepetitionInfo repetition) {
        Random seeded = new Random(repetition.getCurrentRepetition());
        Recipe recipe = random(seeded);
        Rational factor = Rational.of(1 + seeded.nextInt(12), 1 + seeded.nextInt(3));
        Sized sized = Sized.of(recipe, Size.of(factor, 1 + seeded.nextInt(4)), Measures.METRIC);

        // the page
        List<ScaledLine> page = sized.words(Wording.of(KitchenMeasure.System.METRIC, Measures.METRIC));
        // costs and what goes in
        List<LineCost> costs = costs(sized.lines()).lines();
        for (int i = 0; i < sized.lines().size(); i++) {
            Sized.Line line = sized.lines().get(i);
            Food food = line.read().food();
            Amount shown = page.get(i).whole() == null
                    ? page.get(i).exact()
                    : Amount.of(page.get(i).whole(), line.most().unit());
            assertThat(shown).isEqualTo(line.most());
            if (food != null && base(food, line.amount()) != null) {
                assertThat(costs.get(i).need()).isEqualTo(base(food, line.amount()));
            }
        }
        // the list
        List<Needs.Want> wants = Needs.Want.of(sized.lines(), DAY, "dish");
        assertThat(wants.stream().map(Needs.Want::amount).toList())
                .isEqualTo(sized.lines().stream()
                        .filter(line -> line.read().food() == null
                                || !line.read().food().seasoning()
                                || line.most() != null && line.most().unit().isPack())
                        .map(Sized.Line::most)
                        .toList());
        // minutes: page, work with nothing done, cook day and evening
        StepTime all = ScaledStep.time(sized.steps());
        assertThat(Work.of(sized, costs).left()).isEqualTo(all);
        assertThat(PlannedMeal.time(new PlannedMeal.Cook(sized))).isEqualTo(all);
        CookDay day = CookDay.of(List.of(new CookDay.Pot("pot", sized, Style.READY_TO_BAKE)), Measures.METRIC);
        assertThat(day.pots().get(0).time()).isEqualTo(ScaledStep.time(sized.stepsUntil(Style.READY_TO_BAKE)));
        assertThat(sized.time(Style.READY_TO_BAKE).plus(ScaledStep.time(sized.stepsAfter(Style.READY_TO_BAKE))))
                .isEqualTo(all);
        // the labels of all packets of a batch add up to it
        List<Sized> packets = List.of(sized.share(Rational.of(1, 3)), sized.share(Rational.of(2, 3)));
        for (int i = 0; i < sized.lines().size(); i++) {
            int pos = i;
            Sized.Line line = sized.lines().get(i);
            if (line.amount() != null && line.rule() != Scaling.WHOLE) {
                assertThat(packets.stream()
                                .map(packet -> packet.lines().get(pos).amount())
                                .reduce(Amount::plus))
                        .contains(line.amount());
            }
        }
        assertThat(Label.toAdd(sized, Style.READY_TO_BAKE))
                .hasSize(sized.onTheNight(Style.READY_TO_BAKE).size());
    }

    /** Cheese by the vessel at three times the recipe in one vessel: once, wherever it is looked at. */
    @Test
    void whatGoesByTheVesselIsTheSameOnTheLabelAndTheList() {
        RecipeLine cheese =
                new RecipeLine(READER.read("50 g plain flour, in pieces"), Set.of(), Scaling.PER_VESSEL, null);
        Recipe bake = new Recipe("Bake", 4, List.of(cheese), List.of());
        Sized three = Sized.of(bake, Size.of(Rational.of(3)), Measures.METRIC);
        assertThat(three.lines().get(0).amount()).hasToString("50 g");
        assertThat(CookDay.of(List.of(new CookDay.Pot("b", three, Style.COOKED)), Measures.METRIC)
                        .preparations()
                        .get(0)
                        .all())
                .isEqualTo("50 g");
        Sized trays = Sized.of(bake, Size.of(Rational.of(3), 3), Measures.METRIC);
        assertThat(trays.lines().get(0).amount()).hasToString("150 g");
        assertThat(trays.share(Rational.of(1, 3)).lines().get(0).amount()).hasToString("50 g");
        assertThat(trays.share(Rational.of(1, 3)).size().vessels()).isEqualTo(1);
    }

    /** Hands of 20 minutes at four times: five to set up and 15 by four are 65, on the page and on the day. */
    @Test
    void handsGrowOnTheDayAsOnThePage() {
        Recipe salad = new Recipe("Salad", 4, List.of(), List.of(new RecipeStep("Chop for 20 minutes.", null)));
        Sized four = Sized.of(salad, Size.of(Rational.of(4)), Measures.METRIC);
        CookDay day = CookDay.of(List.of(new CookDay.Pot("s", four, Style.COOKED)), Measures.METRIC);
        assertThat(day.pots().get(0).time().handsMin()).isEqualTo(65);
        PlannedMeal evening =
                new PlannedMeal(DAY, MealOfDay.DINNER.usualTime(), 90, List.of(), List.of(new PlannedMeal.Cook(four)));
        assertThat(evening.start()).isEqualTo(DAY.atTime(17, 25));
    }

    /** A broth of 16 hours from ten in the morning ends at two the next night. */
    @Test
    void aNightsBrothEndsTomorrow() {
        Recipe broth = new Recipe("Broth", 4, List.of(), List.of(new RecipeStep("Simmer 16 hours.", null)));
        CookDay day = CookDay.of(
                List.of(new CookDay.Pot("b", Sized.asWritten(broth, Measures.METRIC), Style.COOKED)), Measures.METRIC);
        assertThat(BEGIN.plusMinutes(day.pots().get(0).time().minutes()))
                .isEqualTo(DAY.plusDays(1).atTime(2, 0));
    }

    /** Of two dishes the longer one says when to begin. */
    @Test
    void anEveningBeginsByItsLongestDish() {
        Recipe quick = new Recipe("Quick", 4, List.of(), List.of(new RecipeStep("Fry 10 minutes.", null)));
        Recipe slow = new Recipe("Slow", 4, List.of(), List.of(new RecipeStep("Bake 80 minutes.", null)));
        List<PlannedMeal.Dish> dishes = List.of(
                new PlannedMeal.Cook(Sized.asWritten(quick, Measures.METRIC)),
                new PlannedMeal.Cook(Sized.asWritten(slow, Measures.METRIC)));
        assertThat(new PlannedMeal(DAY, MealOfDay.DINNER.usualTime(), 90, List.of(), dishes).start())
                .isEqualTo(DAY.atTime(17, 10));
    }

    /** A head of something and grams of it are not summed blindly, and neither is lost. */
    @Test
    void unlikeUnitsStayApartUnderChopOnce() {
        Recipe slaw = Samples.recipe(READER, "1 head minced beef, shredded");
        Recipe soup = Samples.recipe(READER, "300 g minced beef, shredded");
        List<CookDay.Pot> pots = List.of(
                new CookDay.Pot("a", Sized.asWritten(slaw, Measures.METRIC), Style.COOKED),
                new CookDay.Pot("b", Sized.asWritten(soup, Measures.METRIC), Style.COOKED));
        assertThat(CookDay.of(pots, Measures.METRIC).preparations())
                .extracting(CookDay.Preparation::all)
                .containsExactlyInAnyOrder("1 head", "300 g");
    }

    /** What changes between two plans is named by its rule. */
    @Test
    void twoPlansAreComparedByTheirJudgements() {
        Recipe slow = new Recipe("Slow", 4, List.of(), List.of(new RecipeStep("Bake 80 minutes.", null)));
        PlannedMeal.Cook dish = new PlannedMeal.Cook(Sized.asWritten(slow, Measures.METRIC));
        PlanCheck.Kitchen kitchen =
                new PlanCheck.Kitchen(Supply.of(Map.of(), Set.of(), Forms.NONE), Measures.METRIC, DAY.atTime(8, 0));
        PlanCheck busy = PlanCheck.of(
                List.of(new PlannedMeal(DAY, MealOfDay.DINNER.usualTime(), 30, List.of(), List.of(dish))),
                List.of(),
                kitchen);
        PlanCheck calm = PlanCheck.of(
                List.of(new PlannedMeal(DAY, MealOfDay.DINNER.usualTime(), 90, List.of(), List.of(dish))),
                List.of(),
                kitchen);
        assertThat(busy.weight()).isEqualTo(50);
        assertThat(calm.weight()).isZero();
        assertThat(busy.to(calm).gone()).extracting(Judgement::rule).containsExactly(PlanRule.TIME);
        assertThat(busy.to(calm).come()).isEmpty();
        assertThat(calm.to(busy).come()).extracting(Judgement::subject).containsExactly("Slow");
    }
}
