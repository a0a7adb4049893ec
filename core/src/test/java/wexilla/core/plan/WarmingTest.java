package wexilla.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeStep;
import wexilla.core.recipe.ScaledStep;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.steps.StepGear;

class WarmingTest {

    private static Recipe recipe(String name, String steps) {
        return new Recipe(
                name,
                6,
                List.of(),
                Arrays.stream(steps.split("; "))
                        .map(text -> new RecipeStep(text, null))
                        .toList());
    }

    /** @param finish its last steps, left for the night; empty for none */
    private static List<ScaledStep> warmed(String name, String steps, String finish) {
        Recipe whole = recipe(name, finish.isEmpty() ? steps : steps + "; " + finish);
        List<ScaledStep> all = Sized.asWritten(whole, Measures.METRIC).steps();
        int left = finish.isEmpty() ? 0 : finish.split("; ").length;
        return Warming.before(name, whole, all.subList(all.size() - left, all.size()), Rational.of(6));
    }

    /** Where it was cooked last it is warmed; common practice, no source. A frozen pie: handbook, section 11, 60 to 90 minutes. */
    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "Fish pie      | Mash the potatoes.; Bake at 190 °C for 40 minutes.           | OVEN   | 30 | 75",
                "Lentil soup   | Fry the onions 5 minutes.; Simmer 30 minutes.                | BURNER | 15 | 35",
                "Chilli        | Brown the mince.; Slow cook on low 6 hours.; Cool and freeze. | BURNER | 15 | 35",
                "Lasagne       | Simmer the sauce 40 minutes.; Bake at 180 °C 45 minutes.; Chill in the fridge overnight. | OVEN | 30 | 75",
                "Spring rolls  | Fry in hot oil 5 minutes.                                    | BURNER | 15 | 35",
            })
    void whereItWasCookedLast(String name, String steps, StepGear.Kind where, int minutes, int frozen) {
        List<ScaledStep> warmed = warmed(name, steps, "");
        assertThat(warmed).singleElement().satisfies(step -> {
            assertThat(StepGear.read(step.text()).kind()).isEqualTo(where);
            assertThat(step.time().minutes()).isEqualTo(minutes);
            assertThat(step.time().handsMin()).isEqualTo(5);
        });
        assertThat(Warming.fromFrozen(name, recipe(name, steps), List.of(), Rational.of(6)))
                .isEqualTo(frozen);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "Potato salad  | Boil the potatoes 20 minutes.; Dress them.                     |",
                "Rye bread     | Bake at 220 °C for 50 minutes.                                 |",
                "Bean pâté     | Simmer the beans 60 minutes.; Blend.                           |",
                "Poached fish  | Poach 10 minutes.; Chill and serve cold with mayonnaise.       |",
                "Muesli        | Mix the oats and nuts.                                         |",
                "Chicken tray  | Rub the chicken.                                               | Bake at 200 °C for 40 minutes.",
                "Kedgeree      | Poach the fish 10 minutes.                                     | Simmer 8 minutes with the cream.",
            })
    void notWhatIsEatenColdOrHeatedByItsOwnSteps(String name, String steps, String finish) {
        assertThat(warmed(name, steps, finish == null ? "" : finish)).isEmpty();
    }

    /** The pasta boils, the sauce out of the fridge does not by that. */
    @Test
    void whatIsBoiledBesideItDoesNotWarmIt() {
        assertThat(warmed("Lentil bolognese", "Simmer 40 minutes.", "Boil the pasta 10 minutes, cheese on top."))
                .hasSize(1);
        assertThat(warmed("Sausage bake", "Bake at 190 °C for 40 minutes.", "Boil the rice 12 minutes."))
                .singleElement()
                .satisfies(step -> assertThat(StepGear.read(step.text()).kind()).isEqualTo(StepGear.Kind.OVEN));
        assertThat(warmed("Curry", "Simmer 40 minutes.", "Heat until it boils; boil the rice."))
                .isEmpty();
    }

    @Test
    void moreTakesLongerOnTheHobAndNotInTheOven() {
        Recipe soup = recipe("Lentil soup", "Simmer 30 minutes.");
        Recipe pie = recipe("Fish pie", "Bake at 190 °C for 40 minutes.");
        int before = 0;
        for (int portions = 1; portions <= 40; portions++) {
            int now = ScaledStep.time(Warming.before("Lentil soup", soup, List.of(), Rational.of(portions)))
                    .minutes();
            assertThat(now).isGreaterThanOrEqualTo(before).isLessThanOrEqualTo(40);
            before = now;
            assertThat(ScaledStep.time(Warming.before("Fish pie", pie, List.of(), Rational.of(portions)))
                            .minutes())
                    .isEqualTo(30);
        }
    }
}
