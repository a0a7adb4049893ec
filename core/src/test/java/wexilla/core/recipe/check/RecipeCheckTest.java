package wexilla.core.recipe.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wexilla.core.Samples;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.Scaling;
import wexilla.core.food.facts.Animal;
import wexilla.core.food.facts.Contents;
import wexilla.core.food.facts.Cut;
import wexilla.core.food.facts.Nature;
import wexilla.core.food.facts.Part;
import wexilla.core.food.facts.Traits;
import wexilla.core.food.facts.Yield;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.RecipeStep;
import wexilla.core.recipe.Style;
import wexilla.core.recipe.check.RecipeFlag.Kind;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.recipe.steps.StepTime;

class RecipeCheckTest {

    // takes up 1¼ volumes of water: handbook, common practice, no source
    private static final Food RICE = food("rice", "rice", Part.WATER, "1.25");
    private static final Food KIDNEY = food("kidney-beans", "kidney beans", Part.COOKED, "2.3", Nature.BOIL_HARD);
    private static final Food WATER = food("water", "water", Part.READY, "1", Nature.THIN);
    /** Raw flesh of one piece. */
    private static final Food CHOPS = new Food(
            Key.food("chops"),
            "pork chops",
            List.of(),
            Unit.G,
            "raw-roast",
            false,
            Scaling.LINEAR,
            List.of(),
            new Traits("meat", "pork", Contents.PLAIN, Set.of(Animal.PORK), Cut.WHOLE, Map.of(), Map.of(), Set.of()));

    private static final LineReader READER = new LineReader(Samples.BOOK.with(List.of(RICE, KIDNEY, WATER, CHOPS)));

    private static Food food(String key, String name, Part part, String yield, Nature... natures) {
        Traits traits = new Traits(
                "dry",
                "",
                Contents.PLAIN,
                Set.of(),
                Cut.PART,
                Map.of(),
                Map.of(part, new Yield(Samples.amount(yield + " cups").value(), "practice")),
                Set.of(natures));
        return new Food(
                Key.food(key),
                name,
                List.of(),
                Unit.G,
                "dry-goods",
                false,
                Scaling.LINEAR,
                List.of(Samples.fact("1 cup", "200 g")),
                traits);
    }

    private static List<RecipeFlag> flags(List<String> lines, RecipeStep... steps) {
        List<RecipeLine> read =
                lines.stream().map(line -> RecipeLine.of(READER.read(line))).toList();
        return RecipeCheck.of(new Recipe("dish", 4, read, Arrays.asList(steps)), Measures.US);
    }

    private static RecipeStep step(String text) {
        return new RecipeStep(text, null);
    }

    @Test
    void aSoundRecipeIsLeftInPeace() {
        assertThat(flags(
                        List.of("500 g minced beef", "2 onions", "2 cups rice", "3 cups water", "salt"),
                        step("Brown the beef and the onions, 10 minutes; season."),
                        step("Add rice and water, simmer 20 minutes.")))
                .isEmpty();
    }

    @Test
    void waterNamedInAStepCounts() {
        assertThat(flags(List.of("2 cups rice", "1 cup water"), step("Simmer rice in water and 500 ml water, 20 min.")))
                .extracting(RecipeFlag::kind)
                .doesNotContain(Kind.LIQUID);
        assertThat(flags(List.of("2 cups rice", "1 cup water"), step("Boil the rice apart, 20 min; add the water.")))
                .isEmpty();
    }

    @Test
    void kidneyBeansMayNotGoRawIntoASlowCooker() {
        List<String> beans = List.of("250 g kidney beans", "1 l water");
        assertThat(flags(beans, step("Put beans and water into the slow cooker for 8 hours.")))
                .extracting(RecipeFlag::kind)
                .contains(Kind.SAFETY);
        assertThat(flags(
                        beans,
                        step("Boil the beans in water hard for 30 minutes."),
                        step("Into the slow cooker for 8 hours.")))
                .isEmpty();
    }

    @Test
    void meatIsNeverLeftPartCooked() {
        RecipeStep stop = new RecipeStep("Brown the beef, 8 minutes.", Style.RAW_BAG);
        assertThat(flags(List.of("500 g minced beef"), stop, step("Simmer 40 minutes.")))
                .as("mince that is browned is cooked through")
                .isEmpty();
        assertThat(flags(List.of("1 kg pork chops"), new RecipeStep("Brown the pork chops, 8 minutes.", Style.RAW_BAG)))
                .singleElement()
                .satisfies(flag -> assertThat(flag.what()).contains("part-cooked"));
    }

    @Test
    void timesAndAmountsThatContradictAreNamed() {
        List<RecipeFlag> flags = flags(
                List.of("500 g plain flour"),
                new RecipeStep("Knead 700 g flour, 10 minutes.", null, new StepTime(4, 0)),
                step("Serve the flour."));
        assertThat(flags)
                .extracting(RecipeFlag::what)
                .containsExactly(
                        "the text says 10 min, the fields 4 min",
                        "the step takes 700 g plain flour, the line has 500 g");
    }

    @Test
    void drinkingStarchUnusedLinesAndMissingAmounts() {
        List<RecipeFlag> flags = flags(
                List.of("2 cups rice", "1 cup water", "some tomatoes", "1 onion (optional)"),
                step("Simmer rice in water 20 minutes."));
        assertThat(flags).extracting(RecipeFlag::kind).containsExactly(Kind.LIQUID, Kind.UNUSED, Kind.NO_AMOUNT);
        assertThat(flags.get(0).why()).isEqualTo("it takes up 600 ml; 350 ml more are needed, or it stays hard");
        assertThat(flags.get(1).what()).isEqualTo("tomatoes is in no step");
    }
}
