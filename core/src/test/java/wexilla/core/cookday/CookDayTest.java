package wexilla.core.cookday;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wexilla.core.cookday.CookDay.Pot;
import wexilla.core.food.Food;
import wexilla.core.food.FoodBook;
import wexilla.core.food.FoodFact;
import wexilla.core.food.Key;
import wexilla.core.food.Nature;
import wexilla.core.food.Scaling;
import wexilla.core.food.Traits;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.AmountReader;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.LineReader;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.RecipeStep;
import wexilla.core.recipe.Size;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.StepTime;
import wexilla.core.recipe.Style;

class CookDayTest {

    private static final LocalDateTime BEGIN = LocalDate.of(2026, 11, 28).atTime(10, 0);
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
                    .with(new Traits("dry", "pulses", Set.of(), Map.of(), Map.of(), Set.of(Nature.BOIL_HARD))),
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

    /** One pair of hands: what takes longest alone comes first; steps after the stop do not count. */
    @Test
    void theLongestAloneBeginsFirst() {
        CookDay day = CookDay.of(
                List.of(
                        pot("Soup", 1, "Simmer 45 minutes."),
                        pot("Stew", 1, "Braise 2 1/2 hours."),
                        pot("Salad", 1, "Chop 20 minutes.")),
                BEGIN,
                Measures.METRIC);
        int stew = day.pots().get(0).time().handsMin();
        assertThat(day.pots()).extracting(t -> t.pot().id()).containsExactly("Stew", "Soup", "Salad");
        assertThat(day.pots().get(1).start()).isEqualTo(BEGIN.plusMinutes(stew));
        assertThat(day.end(BEGIN)).isEqualTo(BEGIN.plusMinutes(stew + 150));
    }

    /** No order of the same pots ends earlier: held against all orders, tried one by one. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void noOtherOrderEndsEarlier(long seed) {
        Random random = new Random(seed);
        List<Pot> pots = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            pots.add(timed("Pot " + i, 1 + random.nextInt(40), random.nextInt(120)));
        }
        CookDay day = CookDay.of(pots, BEGIN, Measures.METRIC);
        assertThat(Duration.between(BEGIN, day.end(BEGIN)).toMinutes()).isEqualTo(earliest(pots, 0));
        assertThat(Duration.between(BEGIN, day.handsFree(BEGIN)).toMinutes())
                .isEqualTo(pots.stream().mapToInt(p -> time(p).handsMin()).sum());
    }

    /** @return minutes until the last of these is done when hands are free from this minute on, in the best order */
    private static int earliest(List<Pot> left, int from) {
        return left.stream()
                .mapToInt(first -> {
                    List<Pot> others = new ArrayList<>(left);
                    others.remove(first);
                    int end = from + time(first).minutes();
                    int free = from + time(first).handsMin();
                    return others.isEmpty() ? end : Math.max(end, earliest(others, free));
                })
                .min()
                .orElse(from);
    }

    private static StepTime time(Pot pot) {
        return pot.sized().time(pot.style());
    }

    private static Pot timed(String title, int hands, int alone) {
        RecipeStep step = new RecipeStep("Do it.", Style.COOKED, new StepTime(hands, alone));
        Recipe recipe = new Recipe(title, 4, List.of(), List.of(step));
        return new Pot(title, Sized.asWritten(recipe, Measures.METRIC), Style.COOKED);
    }

    /** "Dice all 8 onions now: 2 · 2 · 2 · 2": the design's moment, with a doubled pot in it. */
    @Test
    void theSameFoodIsChoppedOnce() {
        CookDay day = CookDay.of(
                List.of(
                        pot("A", 1, "Simmer 9 minutes.", "2 onions, finely diced", "100 g carrots, sliced"),
                        pot("B", 2, "Simmer 8 minutes.", "2 onions, diced, finely"),
                        pot("C", 1, "Simmer 7 minutes.", "220 g onions, finely diced")),
                BEGIN,
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
                List.of(pot("Chilli", 2, "Simmer 9 minutes.", "250 g kidney beans", "100 g carrots")),
                BEGIN,
                Measures.METRIC);
        assertThat(day.dayBefore()).singleElement().satisfies(task -> {
            assertThat(task.words()).isEqualTo("soak 500 g kidney beans for Chilli");
            assertThat(task.why()).contains("FDA Bad Bug Book").contains("cannot be left out");
        });
    }
}
