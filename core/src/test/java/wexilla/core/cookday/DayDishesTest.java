package wexilla.core.cookday;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import wexilla.core.Samples;
import wexilla.core.food.book.HeatGuide;
import wexilla.core.quantity.KitchenMeasure;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.RecipeStep;
import wexilla.core.recipe.Size;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.Style;
import wexilla.core.recipe.Wording;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.recipe.steps.PressureTime;
import wexilla.core.recipe.steps.StepTime;

/** What is cut for several dishes is cut once: set up once, and gone from the steps of each. */
class DayDishesTest {

    private static final PressureTime.Table PRESSURE = new PressureTime.Table(
            List.of(), List.of(new PressureTime.ComeUp(Rational.ONE, 13, 26)), new HeatGuide(List.of()));
    private static final DayHeat HEAT = new DayHeat(new HeatGuide(List.of()), Samples.BOOK, null, PRESSURE);

    private static CookDay.Pot pot(String title, RecipeStep... steps) {
        LineReader reader = new LineReader(Samples.BOOK);
        Recipe recipe =
                new Recipe(title, 4, List.of(RecipeLine.of(reader.read("2 onions, diced"))), Arrays.asList(steps));
        return new CookDay.Pot(title, Sized.asWritten(recipe, Measures.METRIC), Style.COOKED);
    }

    private static RecipeStep step(String text, int hands, int wait) {
        return new RecipeStep(text, null, new StepTime(hands, wait));
    }

    @Test
    void onionsAreDicedOnce() {
        List<CookDay.Pot> pots = List.of(
                pot("Chilli", step("Dice the onions.", 8, 0), step("Simmer.", 5, 60)),
                pot("Soup", step("Chop onions, carrots and leek.", 12, 0), step("Simmer.", 5, 40)),
                pot("Bread", step("Bake.", 0, 40)));
        CookDay day = CookDay.of(pots, Measures.METRIC);
        DayDishes dishes = DayDishes.of(
                day.pots(),
                day.preparations(),
                List.of(),
                Wording.of(KitchenMeasure.System.METRIC, Measures.METRIC),
                OwnPace.AS_WRITTEN,
                HEAT);
        DayTasks.Once once = dishes.once().get(0);
        // 8 minutes for one, a third of 12 for the other less its setting up
        assertThat(once.minutes()).isEqualTo(8 + 4 - 1);
        assertThat(once.text()).startsWith("diced: 6").contains("Chilli", "Soup");
        assertThat(once.dishes()).hasSize(2);
        List<String> left = dishes.dishes().stream()
                .flatMap(dish -> dish.steps().stream())
                .map(one -> one.time().handsMin() + " " + one.text())
                .toList();
        assertThat(left)
                .as("what is cut elsewhere keeps its place among the others")
                .containsExactlyInAnyOrder(
                        "0 Dice the onions.", "5 Simmer.", "8 Chop onions, carrots and leek.", "5 Simmer.", "0 Bake.");
    }

    /** (3 · 1 + Σ actual / planned) / (3 + n): three steps that took twice as long make 1.5; a step timed itself goes by that. */
    @Test
    void theOwnPace() {
        List<OwnPace.Timed> twice = Collections.nCopies(3, new OwnPace.Timed(20, 10));
        assertThat(OwnPace.ratio(Rational.ONE, twice)).isEqualTo(Rational.of(3, 2));
        assertThat(OwnPace.ratio(Rational.ONE, List.of())).isEqualTo(Rational.ONE);
        assertThat(OwnPace.ratio(Rational.ONE, Collections.nCopies(40, new OwnPace.Timed(10, 20))))
                .as("the last ten")
                .isEqualTo(Rational.of(8, 13));
        OwnPace pace = new OwnPace(
                Rational.of(3, 2),
                Rational.ONE,
                Map.of(OwnPace.key("Chilli", "Dice the onions.", true), Rational.of(1, 2)));
        assertThat(pace.of("Chilli", "Dice the onions.", new StepTime(8, 0))).isEqualTo(new StepTime(4, 0));
        assertThat(pace.of("Soup", "Dice the onions.", new StepTime(8, 40))).isEqualTo(new StepTime(12, 40));
    }

    /** What a step speaks of is said at it, each pot and all together. */
    @Test
    void amountsStandAtTheirStep() {
        Recipe recipe = pot("Chilli", step("Dice the onions.", 8, 0), step("Simmer.", 5, 60))
                .sized()
                .recipe();
        Sized two = Sized.of(recipe, Size.of(Rational.of(2), 2), Measures.METRIC);
        DayDishes dishes = DayDishes.of(
                List.of(new CookDay.Pot("Chilli", two, Style.COOKED)),
                List.of(),
                List.of(),
                Wording.of(KitchenMeasure.System.METRIC, Measures.METRIC),
                OwnPace.AS_WRITTEN,
                HEAT);
        DayStep dice = dishes.dishes().get(0).steps().get(0);
        assertThat(dice.amounts()).singleElement().asString().isEqualTo("4 onions, diced · each 2");
        assertThat(dishes.dishes().get(0).steps().get(1).loads()).isEqualTo(2);
    }
}
