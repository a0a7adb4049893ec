package wexilla.core.cookday;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wexilla.core.cookday.CookDay.Pot;
import wexilla.core.food.Food;
import wexilla.core.food.FoodFact;
import wexilla.core.food.Key;
import wexilla.core.food.Scaling;
import wexilla.core.food.book.FoodBook;
import wexilla.core.food.facts.Contents;
import wexilla.core.food.facts.Cut;
import wexilla.core.food.facts.Nature;
import wexilla.core.food.facts.Traits;
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
import wexilla.core.recipe.Style;
import wexilla.core.recipe.lines.LineReader;

class CookDayTest {

    private static final FoodBook BOOK = new FoodBook(List.of(
            food(
                    "onion",
                    "onion",
                    new FoodFact(
                            amount("1 piece"),
                            amount("110 g"),
                            "USDA FoodData Central (from memory)",
                            FoodFact.Trust.MEMORY)),
            food("kidney-beans", "kidney beans")
                    .with(new Traits(
                            "dry",
                            "pulses",
                            Contents.PLAIN,
                            Set.of(),
                            Cut.PART,
                            Map.of(),
                            Map.of(),
                            Set.of(Nature.BOIL_HARD))),
            food("carrot", "carrot")));

    private static Food food(String key, String name, FoodFact... facts) {
        return new Food(Key.food(key), name, List.of(), Unit.G, "roots", false, Scaling.LINEAR, List.of(facts));
    }

    private static Amount amount(String text) {
        return AmountReader.read(text).orElseThrow().quantity().max();
    }

    private static Pot pot(String title, int factor, String step, String... lines) {
        LineReader reader = new LineReader(BOOK);
        List<RecipeLine> read = List.of(lines).stream()
                .map(text -> RecipeLine.of(reader.read(text)))
                .toList();
        Recipe recipe = new Recipe(
                title, 4, read, List.of(new RecipeStep(step, Style.COOKED), new RecipeStep("Heat 15 minutes.", null)));
        return new Pot(title, Sized.of(recipe, Size.of(Rational.of(factor)), Measures.METRIC), Style.COOKED);
    }

    /** "Dice all 8 onions now: 2 · 2 · 2 · 2": the design's moment, with a doubled pot in it. */
    @Test
    void theSameFoodIsChoppedOnce() {
        CookDay day = CookDay.of(
                List.of(
                        pot("A", 1, "Simmer 9 minutes.", "2 onions, finely diced", "100 g carrots, sliced"),
                        pot("B", 2, "Simmer 8 minutes.", "2 onions, diced, finely"),
                        pot("C", 1, "Simmer 7 minutes.", "220 g onions, finely diced")),
                Measures.METRIC);
        CookDay.Preparation onions = day.preparations().get(0);
        assertThat(onions.all()).isEqualTo("8 (880 g)");
        assertThat(onions.how()).isEqualTo("finely diced");
        assertThat(onions.parts())
                .extracting(CookDay.Part::amount)
                .containsExactly("2 (220 g)", "4 (440 g)", "2 (220 g)");
        assertThat(day.preparations().get(1).all()).isEqualTo("100 g");
    }

    /** Kidney beans are soaked whatever their line says; the step cannot be left out. */
    @Test
    void soakingIsToldTheDayBefore() {
        CookDay day = CookDay.of(
                List.of(pot("Chilli", 2, "Simmer 9 minutes.", "250 g kidney beans", "100 g carrots")), Measures.METRIC);
        assertThat(day.dayBefore()).singleElement().satisfies(task -> {
            assertThat(task.words()).isEqualTo("soak 500 g kidney beans for Chilli");
            assertThat(task.why()).contains("FDA Bad Bug Book").contains("cannot be left out");
        });
    }
}
