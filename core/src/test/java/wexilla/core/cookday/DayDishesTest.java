package wexilla.core.cookday;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import wexilla.core.Samples;
import wexilla.core.quantity.KitchenMeasure;
import wexilla.core.quantity.Measures;
import wexilla.core.recipe.LineReader;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.RecipeStep;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.StepTime;
import wexilla.core.recipe.Style;
import wexilla.core.recipe.Wording;

/** What is cut for several dishes is cut once: set up once, and gone from the steps of each. */
class DayDishesTest {

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
                day.pots(), day.preparations(), List.of(), Wording.of(KitchenMeasure.System.METRIC, Measures.METRIC));
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
                .containsExactlyInAnyOrder("5 Simmer.", "8 Chop onions, carrots and leek.", "5 Simmer.", "0 Bake.");
    }
}
