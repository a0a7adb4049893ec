package wexilla.core.planning;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import org.junit.jupiter.api.Test;
import wexilla.core.food.Key;
import wexilla.core.planning.Evening.FromStock;
import wexilla.core.quantity.Measures;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeStep;
import wexilla.core.recipe.Sized;

class CountdownTest {

    private static Evening evening(RecipeStep... finish) {
        Recipe left = new Recipe("Pie", 6, List.of(), List.of(finish));
        FromStock pie = new FromStock(
                Key.batch("pie"), "Pie", Sized.asWritten(left, Measures.METRIC).steps(), List.of(), List.of(), 6);
        return new Evening(LocalDate.of(2026, 11, 23), LocalTime.of(18, 30), 60, List.of(), List.of(pie));
    }

    /** The design's evening: a frozen pie of 65 oven minutes for half past six; the oven goes on a quarter before. */
    @Test
    void theOvenGoesOnBeforeThePieGoesIn() {
        List<Countdown.Step> steps = Countdown.of(evening(
                new RecipeStep("Crumbs over it, 5 minutes.", null),
                new RecipeStep("Bake at 190 °C for 60 minutes, to 74 °C in the middle.", null)));
        assertThat(steps)
                .extracting(s -> s.at().toLocalTime() + " " + s.words())
                .containsExactly(
                        "17:15 oven on, 190 °C",
                        "17:25 Crumbs over it, 5 minutes.",
                        "17:30 Bake at 190 °C for 60 minutes, to 74 °C in the middle.");
    }

    @Test
    void stepsWithoutMinutesTakeWhatSuchWorkUsuallyTakes() {
        assertThat(Countdown.of(evening(new RecipeStep("Serve with lemon.", null))))
                .singleElement()
                .satisfies(step -> assertThat(step.at().toLocalTime()).isEqualTo(LocalTime.of(18, 28)));
        assertThat(Countdown.of(evening())).isEmpty();
    }
}
