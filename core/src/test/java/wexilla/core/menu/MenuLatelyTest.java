package wexilla.core.menu;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wexilla.core.Samples;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.Scaling;
import wexilla.core.food.book.FoodBook;
import wexilla.core.food.facts.Traits;
import wexilla.core.people.Appetite;
import wexilla.core.plan.Eater;
import wexilla.core.plan.MealOfDay;
import wexilla.core.plan.PlannedMeal;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.lines.LineReader;

/** What was eaten before a plan counts against its first days: most the day after, less each day, and never for ever. */
class MenuLatelyTest {

    private static final LocalDate MONDAY = LocalDate.of(2026, 11, 23);

    private static final Food MINCE = new Food(
            Key.food("mince"),
            "mince",
            List.of(),
            Unit.G,
            "raw-mince",
            false,
            Scaling.LINEAR,
            List.of(),
            new Traits("meat", "beef", Map.of()));

    private static MenuLately ate(String title) {
        LineReader reader = new LineReader(new FoodBook(List.of(MINCE)));
        Recipe recipe =
                new Recipe(title, 4, Samples.recipe(reader, "500 g mince").lines(), List.of());
        PlannedMeal.Dish dish = new PlannedMeal.Cook(Sized.asWritten(recipe, Measures.METRIC));
        return MenuLately.of(
                List.of(new PlannedMeal(MONDAY, MealOfDay.DINNER.usualTime(), 90, List.of(), List.of(dish))));
    }

    @Test
    void theSameDishIsLessAndLessAgainst() {
        MenuLately lately = ate("Mince pan");
        int last = Integer.MAX_VALUE;
        for (int days = 1; days <= MenuWeights.DISH_DAYS; days++) {
            int against = lately.against("mince pan", false, Set.of(), MONDAY.plusDays(days), List.of());
            assertThat(against).isLessThanOrEqualTo(last);
            last = against;
        }
        assertThat(lately.against("Mince pan", false, Set.of(), MONDAY.plusDays(1), List.of()))
                .isGreaterThan(lately.against("Mince pan", true, Set.of(), MONDAY.plusDays(1), List.of()))
                .isGreaterThan(1);
        assertThat(last).isZero();
        assertThat(lately.counts(MONDAY.plusDays(1))).isTrue();
        assertThat(lately.counts(MONDAY.plusDays(MenuWeights.DISH_DAYS))).isFalse();
    }

    @Test
    void theSameProteinCountsOnTheDayAfterOnly() {
        MenuLately lately = ate("Mince pan");
        Set<String> own = Set.of("beef");
        assertThat(lately.against("Meatballs", false, own, MONDAY.plusDays(1), List.of()))
                .isEqualTo(1);
        assertThat(lately.against("Meatballs", false, own, MONDAY.plusDays(2), List.of()))
                .isZero();
        assertThat(lately.against("Meatballs", false, Set.of("fish"), MONDAY.plusDays(1), List.of()))
                .isZero();
    }

    /** Only for who ate of both something comes again; a table nobody is written down at is everybody's. */
    @Test
    void onlyWhoHadItHasItAgain() {
        Eater al = new Eater("Al", Appetite.ADULT, Set.of(), Set.of(), List.of(), 3);
        Eater bo = new Eater("Bo", Appetite.ADULT, Set.of(), Set.of(), List.of(), 3);
        MenuLately lately = MenuLately.of(List.of(new PlannedMeal(
                MONDAY, MealOfDay.DINNER.usualTime(), 90, List.of(al), List.of(new PlannedMeal.Named("Mince pan")))));
        LocalDate next = MONDAY.plusDays(1);
        assertThat(lately.against("Mince pan", false, Set.of(), next, List.of(al)))
                .isPositive();
        assertThat(lately.against("Mince pan", false, Set.of(), next, List.of(al, bo)))
                .isPositive();
        assertThat(lately.against("Mince pan", false, Set.of(), next, List.of(bo)))
                .isZero();
        assertThat(lately.against("Mince pan", false, Set.of(), next, List.of()))
                .isPositive();
    }
}
