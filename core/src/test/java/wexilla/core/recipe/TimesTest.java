package wexilla.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;
import static wexilla.core.Samples.amount;
import static wexilla.core.Samples.ratio;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wexilla.core.Samples;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.book.HeatGuide;
import wexilla.core.food.facts.Animal;
import wexilla.core.food.facts.Contents;
import wexilla.core.food.facts.Cut;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Temperature;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.recipe.lines.ReadLine;
import wexilla.core.recipe.steps.PressureTime;
import wexilla.core.recipe.steps.PressureTime.ComeUp;
import wexilla.core.recipe.steps.PressureTime.Known;
import wexilla.core.recipe.steps.PressureTime.Question;
import wexilla.core.recipe.steps.PressureTime.Rule;
import wexilla.core.recipe.steps.PressureTime.State;
import wexilla.core.recipe.steps.StepGear;
import wexilla.core.recipe.steps.StepTime;

/** Time rules of the handbook, section 2: common practice, no source, unless another source is named. */
class TimesTest {

    /** USDA FSIS, from memory. */
    private static final HeatGuide HEAT = new HeatGuide(List.of(new HeatGuide.Rule(
            null, Set.of(Animal.PORK), Set.of(Cut.WHOLE), 63, 3, "and a rest of 3 minutes", "FoodSafety.gov")));

    private static final Food JOINT =
            Samples.SHOULDER.with(Samples.SHOULDER.traits().with(Contents.PLAIN).of(Set.of(Animal.PORK), Cut.WHOLE));

    private static final List<Rule> RULES = List.of(
            new Rule(Key.food("flour"), State.FRESH, Rational.of(7), Rational.ZERO, 10, null, "practice"),
            // 6 min a pound = 13.227736 min a kilogram
            new Rule(Key.food("shoulder"), State.FRESH, Rational.ZERO, ratio(13227736, 1000000), 15, null, "practice"),
            new Rule(Key.food("onion"), State.LOOSE_FROZEN, Rational.of(25), Rational.ZERO, 10, null, "practice"));

    /** Half full 10 to 15 minutes, two thirds 20 to 30, frozen double: handbook, common practice, no source. */
    private static final PressureTime.Table TABLE = new PressureTime.Table(
            RULES, List.of(new ComeUp(ratio(1, 2), 13, 26), new ComeUp(Rational.ONE, 25, 50)), HEAT);

    private static StepTime scaled(String text, int factor, int loads) {
        return scaled(new RecipeStep(text, null), factor, loads).time();
    }

    private static ScaledStep scaled(RecipeStep step, int factor, int loads) {
        return ScaledStep.of(step, step.time(), Rational.of(factor), loads, null, Rational.ONE);
    }

    @Test
    void handsGrowAndPotsDoNot() {
        assertThat(scaled("Chop for 12 minutes.", 4, 1)).isEqualTo(new StepTime(39, 0));
        assertThat(scaled("Simmer 45 minutes.", 4, 1)).isEqualTo(new StepTime(0, 45));
        assertThat(scaled("Bake at 200 °C for 30 minutes.", 4, 3)).isEqualTo(new StepTime(0, 90));
        assertThat(scaled("Chill 60 minutes.", 4, 3)).isEqualTo(new StepTime(0, 60));
    }

    @Test
    void aSinglePieceGoesByItsWeight() {
        RecipeStep roast = new RecipeStep("Roast 20 min per 500 g plus 20 min at 180 °C.", null);
        ScaledStep scaled = ScaledStep.of(roast, roast.time(), Rational.ONE, 1, amount("1.5 kg"), Rational.ONE);
        assertThat(scaled.time()).isEqualTo(new StepTime(0, 80));
        assertThat(ScaledStep.of(roast, roast.time(), Rational.ONE, 1, null, Rational.ONE)
                        .why())
                .contains("how heavy");
        ReadLine birds = new LineReader(Samples.BOOK).read("2 x 1.5 kg pork shoulder");
        assertThat(ScaledStep.piece(birds, Rational.of(2))).isEqualTo(amount("1.5 kg"));
    }

    /** Rice 7 min for 1 cup and for 6; 6 min/lb fresh + 15 natural release; frozen double come-up, a block half as long again. */
    @Test
    void underPressure() {
        Known rice = (Known) PressureTime.of(TABLE, Samples.FLOUR, State.FRESH, null, ratio(1, 3));
        assertThat(List.of(rice.comeUp(), rice.minutes(), rice.release())).containsExactly(13, 7, 10);
        Known bird = (Known) PressureTime.of(TABLE, JOINT, State.FRESH, amount("5 lb"), ratio(2, 3));
        assertThat(bird.minutes()).isEqualTo(30);
        assertThat(bird.holds()).isEqualTo(25 + 30 + 15);
        assertThat(bird.cautions()).containsExactly("for pieces of 5 lb", "to 63 °C at the core");
        Known block = (Known) PressureTime.of(TABLE, JOINT, State.FROZEN_BLOCK, amount("3 lb"), ratio(1, 3));
        assertThat(block.minutes()).isEqualTo(27);
        assertThat(block.comeUp()).isEqualTo(26);
        assertThat(block.cautions()).last().asString().contains("read the core");
        assertThat(PressureTime.of(TABLE, JOINT, State.FROZEN_BLOCK, amount("5 lb"), ratio(1, 3)))
                .as("above 1.5 kg: thaw first")
                .isInstanceOfSatisfying(
                        Question.class, asked -> assertThat(asked.words()).startsWith("Thaw"));
        assertThat(PressureTime.of(TABLE, Samples.ONION, State.FRESH, null, ratio(1, 3)))
                .isEqualTo(new Question("How long does onion take under pressure, fresh?"));
        assertThat(PressureTime.of(TABLE, JOINT, State.FRESH, null, ratio(1, 3)))
                .isEqualTo(new Question("How much does one piece of pork shoulder, bone in weigh?"));
    }

    /** °F = °C · 9/5 + 32: NIST SP 811, B.8. Fan oven and gas marks: common practice, no source. */
    @ParameterizedTest
    @CsvSource({
        "bake at 350 F, 177 °C",
        "bake at 350°F, 177 °C",
        "bake at 180 °C, 180 °C",
        "bake at 180C, 180 °C",
        "160 °C fan, 180 °C",
        "gas mark 4, 180 °C",
        "212 degrees Fahrenheit, 100 °C",
        "at 200° for 40 minutes, 200 °C"
    })
    void temperaturesAreRead(String text, String celsius) {
        assertThat(Temperature.find(text).orElseThrow()).hasToString(celsius);
    }

    @Test
    void whatIsNoTemperatureIsNone() {
        assertThat(Temperature.find("bake for 40 minutes")).isEmpty();
        assertThat(Temperature.find("at 900 °C")).isEmpty();
        Temperature hot = Temperature.fahrenheit(Rational.of(165));
        assertThat(hot.inFahrenheit()).isEqualTo(Rational.of(165));
        assertThat(Temperature.gasMark(6).forFan()).hasToString("180 °C");
        assertThat(StepGear.heatOf("Bake at 180 °C for an hour.", false)).isEqualTo("180 °C, fan 160 °C");
        assertThat(StepGear.heatOf("Bake at 180 °C fan for an hour.", false)).isEqualTo("200 °C, fan 180 °C");
        assertThat(StepGear.heatOf("Bake at 350 F for an hour.", true)).isEqualTo("350 °F, fan 315 °F");
        assertThat(StepGear.heatOf("Bake at 350 F for an hour.", false)).isEqualTo("175 °C, fan 155 °C");
        assertThat(StepGear.heatOf("Bake at 350 degrees.", true)).startsWith("350 °F");
        assertThat(StepGear.heatOf("Simmer for an hour.", false)).isNull();
    }

    /** By whole words: naming a thing heats and chills nothing. */
    @ParameterizedTest
    @CsvSource({
        "Add the chillies to the bowl., HANDS",
        "Broil for 5 minutes., OVEN",
        "Lay it in the roasting tin., HANDS",
        "Put the roasting tin into the oven., OVEN",
        "Air fry for 12 minutes., HOT_AIR",
        "Leave it in the smoker., SMOKER",
        "Steam it in a steamer., BURNER",
        "Chill for an hour., COLD",
        "Put the slices into the toaster., HANDS",
        "Stir in the brown sugar and the chilled butter., HANDS"
    })
    void whatAStepKeepsBusyIsReadByWholeWords(String text, StepGear.Kind kind) {
        assertThat(StepGear.read(text).kind()).isEqualTo(kind);
    }

    /** handbook, section 2: a baking time is kept while depth stays within 15 %. */
    @Test
    void whatLiesDeeperIsTestedForDoneness() {
        RecipeStep bake = new RecipeStep("Bake at 180 °C for 40 minutes.", null);
        assertThat(ScaledStep.of(bake, bake.time(), Rational.of(2), 1, null, Rational.ONE)
                        .why())
                .isEqualTo("it lies deeper than as written: test for doneness");
        assertThat(ScaledStep.of(bake, bake.time(), Rational.of(2), 2, null, Rational.ONE)
                        .why())
                .isEqualTo("2 loads one after the other");
        assertThat(ScaledStep.of(bake, bake.time(), Rational.of(2), 1, null, Rational.of(19, 10))
                        .why())
                .isEmpty();
        assertThat(ScaledStep.of(bake, bake.time(), Rational.ONE, 1, null, Rational.of(2))
                        .why())
                .contains("flatter");
        RecipeStep simmer = new RecipeStep("Simmer for 40 minutes.", null);
        assertThat(ScaledStep.of(simmer, simmer.time(), Rational.of(2), 1, null, Rational.ONE)
                        .why())
                .isEmpty();
    }

    /** 8 flatbreads, 2 a load, 5 minutes: 20 minutes; a griddle needs no pause, an oven 5 minutes (handbook, section 13). */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Griddle the flatbreads 2 at a time, 5 minutes a load. | 8 flatbreads | 1 | 20 | 0",
                "Griddle the flatbreads 2 at a time, 5 minutes a load. | 8 flatbreads | 1/2 | 10 | 0",
                "Griddle the flatbreads 3 at a time, 5 minutes. | 8 flatbreads | 1 | 15 | 0",
                "Chop 4 minutes. Griddle the flatbreads in batches of two, 2 minutes a side. | 8 flatbreads | 1 | 20 | 0",
                "Bake the flatbreads four at a time, 10 minutes. | 8 flatbreads | 2 | 0 | 55",
                "Boil the flatbreads 4 at a time, 10 minutes. | 8 flatbreads | 1 | 0 | 25",
                "Griddle the flatbreads 2 at a time, 20 minutes in all. | 8 flatbreads | 1 | 20 | 0",
                "Beat the butter 3 minutes, a spoon at a time. | 8 flatbreads | 1 | 3 | 0",
                "Griddle the flatbreads 8 at a time, 5 minutes. | 8 flatbreads | 1 | 5 | 0",
                "Griddle the flatbreads 2 at a time, 5 minutes. | 600 g flatbreads | 1 | 5 | 0"
            })
    void piecesThatGoOnSoManyAtATime(String text, String line, String factor, int hands, int waits) {
        Recipe recipe = new Recipe(
                "Stuffed flatbreads",
                4,
                List.of(
                        RecipeLine.of(new LineReader(Samples.BOOK).read("2 slices bread")),
                        RecipeLine.of(new LineReader(Samples.BOOK).read(line))),
                List.of(new RecipeStep(text, null)));
        Rational by = factor.equals("1/2") ? ratio(1, 2) : Rational.of(Long.parseLong(factor));
        ScaledStep step = Sized.of(recipe, Size.of(by), Measures.METRIC).steps().get(0);
        assertThat(step.time()).isEqualTo(new StepTime(hands, waits));
    }

    /** 10–15 up + 20 + 10–20 natural release; 15 minutes until an oven is hot, 20 above 220 °C (handbook, 2 and 13). */
    @ParameterizedTest
    @CsvSource({
        "'Pressure cook the mince 20 minutes, natural release.', 40–55 min of pressure cooker",
        "'Pressure cook the mince 20 minutes, quick release.', 32–37 min of pressure cooker",
        "'Pressure cook the mince 20 minutes, then natural release 15 minutes.', 45–50 min of pressure cooker",
        "'Roast the mince at 200 °C for 25 minutes.', 40 min of oven",
        "'Roast the mince at 240 °C for 25 minutes.', 45 min of oven",
        "'Simmer the mince 40 minutes.', 40 min of pot",
        "'Slice the mince 10 minutes.', ''",
        "'Roast the carrots at 200 °C for 25 minutes.', ''"
    })
    void whatCookingOnceSaves(String text, String saved) {
        ReadLine mince = new LineReader(Samples.BOOK).read("700 g mince");
        List<ScaledStep> steps = List.of(
                scaled(new RecipeStep(text, null), 1, 1),
                scaled(new RecipeStep("Let it stand 5 minutes.", null), 1, 1));
        assertThat(GearTime.of(mince, steps).map(GearTime::words).orElse("")).isEqualTo(saved);
    }
}
