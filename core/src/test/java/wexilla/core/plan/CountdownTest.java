package wexilla.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import org.junit.jupiter.api.Test;
import wexilla.core.clock.DayProblem.Gear;
import wexilla.core.cookday.KitchenGear;
import wexilla.core.food.Key;
import wexilla.core.plan.PlannedMeal.FromStock;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeStep;
import wexilla.core.recipe.Sized;

class CountdownTest {

    private static final List<Gear> KITCHEN = KitchenGear.of(List.of("2 burners", "oven, 2 racks"));

    private static PlannedMeal evening(RecipeStep... finish) {
        Recipe left = new Recipe("Pie", 6, List.of(), List.of(finish));
        FromStock pie = new FromStock(
                Key.batch("pie"),
                "Pie",
                List.of(),
                Sized.asWritten(left, Measures.METRIC).steps(),
                List.of(),
                Served.whole(List.of()),
                Rational.of(6));
        return new PlannedMeal(LocalDate.of(2026, 11, 23), LocalTime.of(18, 30), 60, List.of(), List.of(pie));
    }

    /** The design's evening: a frozen pie of 65 oven minutes for half past six; the oven goes on a quarter before. */
    @Test
    void theOvenGoesOnBeforeThePieGoesIn() {
        List<Countdown.Step> steps = Countdown.of(
                evening(
                        new RecipeStep("Crumbs over it, 5 minutes.", null),
                        new RecipeStep("Bake at 190 °C for 60 minutes, to 74 °C in the middle.", null)),
                KITCHEN);
        assertThat(steps)
                .extracting(s -> s.at().toLocalTime() + " " + s.words())
                .containsExactly(
                        "17:15 oven on, 190 °C",
                        "17:25 Crumbs over it, 5 minutes.",
                        "17:30 Bake at 190 °C for 60 minutes, to 74 °C in the middle.");
    }

    @Test
    void stepsWithoutMinutesTakeWhatSuchWorkUsuallyTakes() {
        assertThat(Countdown.of(evening(new RecipeStep("Serve with lemon.", null)), KITCHEN))
                .singleElement()
                .satisfies(step -> assertThat(step.at().toLocalTime()).isEqualTo(LocalTime.of(18, 28)));
        assertThat(Countdown.of(evening(), KITCHEN)).isEmpty();
    }

    /** Bird, potatoes and a pot with one pair of hands: 90, 60 and 25 minutes all end at the table, hands one by one. */
    @Test
    void severalDishesAreReadyTogether() {
        Recipe bird =
                new Recipe("Bird", 4, List.of(), List.of(new RecipeStep("Roast at 180 °C for 90 minutes.", null)));
        Recipe roots = new Recipe(
                "Roots",
                4,
                List.of(),
                List.of(
                        new RecipeStep("Peel and cut them, 20 minutes.", null),
                        new RecipeStep("Roast at 180 °C for 60 minutes.", null)));
        Recipe greens = new Recipe(
                "Greens",
                4,
                List.of(),
                List.of(new RecipeStep("Trim them, 10 minutes.", null), new RecipeStep("Simmer 15 minutes.", null)));
        List<PlannedMeal.Dish> dishes = java.util.stream.Stream.of(bird, roots, greens)
                .map(recipe -> (PlannedMeal.Dish) new PlannedMeal.Cook(Sized.asWritten(recipe, Measures.METRIC)))
                .toList();
        PlannedMeal evening = new PlannedMeal(LocalDate.of(2027, 1, 31), LocalTime.of(18, 0), 120, List.of(), dishes);
        List<Countdown.Step> steps = Countdown.of(evening, KITCHEN);
        assertThat(steps)
                .filteredOn(step -> step.words().startsWith("oven on"))
                .singleElement()
                .satisfies(step ->
                        assertThat(step.at().toLocalTime()).isBetween(LocalTime.of(16, 5), LocalTime.of(16, 15)));
        assertThat(steps)
                .filteredOn(
                        step -> step.words().startsWith("Roast") || step.words().startsWith("Simmer"))
                .allSatisfy(step -> assertThat(step.at().plusMinutes(step.minutes()))
                        .isBetween(evening.tableAt().minusMinutes(10), evening.tableAt()));
    }
}
