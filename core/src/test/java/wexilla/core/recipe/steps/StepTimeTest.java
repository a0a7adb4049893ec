package wexilla.core.recipe.steps;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wexilla.core.recipe.RecipeStep;

class StepTimeTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Simmer for 45 minutes.|0|45",
                "Brown the mince in two loads, 8 minutes each.|16|0",
                "Simmer the shoulder in 3 l water for 2 1/2 hours; lift out.|0|150",
                "Roast at 200 °C for 45 minutes, to 74 °C at the bone.|0|45",
                "Bake 20-25 min.|0|25",
                "Chop for 10 minutes; simmer 1 hour.|10|60",
                "Braise 1½ h|0|90",
                "Boil 6 minutes for soft, 10 minutes for hard.|0|6",
                "Simmer it for three hours.|0|180",
                "Rest an hour.|0|60",
                "Simmer for half an hour.|0|30",
                "Bake an hour and a half.|0|90",
                "Bake for 2 hours and a half.|0|150",
                "Rest a quarter of an hour.|0|15",
                "Slow-cook on high 2 hours or low 4 hours.|0|120",
                "Pressure cook 20 minutes thawed / 25 minutes frozen.|0|20",
                "Simmer 3 to 3½ h.|0|210",
                "Simmer 2 hours, covered for the first 30 minutes.|0|120",
                "Bake 45 minutes; for the last 15 minutes add the cheese.|0|45",
                "Braise 4 hours, stirring every 2 hours.|0|240",
                "Soak overnight.|0|480",
                "Natural release 15 minutes.|0|15",
                "Let it rise 1 hour 30 minutes.|0|90",
                "Fry the fillets 4 minutes per side.|8|0",
                "Chill in the fridge 2-3 hours.|0|180",
                "Air fry at 200 °C for 12 minutes.|0|12",
                "Pressure cook 12 minutes, natural release 15 minutes.|0|27"
            })
    void minutesAreReadFromTheText(String text, int hands, int alone) {
        assertThat(StepTime.read(text)).isEqualTo(new StepTime(hands, alone));
    }

    /** Common practice, no source: hand times to start from, never nothing. */
    @ParameterizedTest
    @CsvSource({"Chop the onions., 4", "Brown the mince., 8", "Season to taste., 2", "Use a 9 inch tin and 3 eggs., 2"})
    void aStepThatSaysNoTimeTakesAboutWhatSuchWorkTakes(String text, int hands) {
        assertThat(StepTime.read(text)).isEqualTo(new StepTime(hands, 0, true));
    }

    @Test
    void whatIsTypedBesideItWins() {
        assertThat(new RecipeStep("Simmer 45 minutes.", null, new StepTime(5, 60))
                        .time()
                        .minutes())
                .isEqualTo(65);
        assertThatThrownBy(() -> new StepTime(-1, 0)).isInstanceOf(IllegalArgumentException.class);
        assertThat(StepTime.read("Simmer 900 hours.").waitMin()).isEqualTo(StepTime.MOST_MINUTES);
    }
}
