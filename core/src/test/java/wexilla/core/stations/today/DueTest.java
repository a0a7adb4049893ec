package wexilla.core.stations.today;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wexilla.core.kitchen.Meal;
import wexilla.core.kitchen.Meal.Dish;
import wexilla.core.kitchen.Meal.DishKind;
import wexilla.core.kitchen.Meal.Kind;
import wexilla.core.kitchen.Meal.State;
import wexilla.core.plan.MealOfDay;
import wexilla.core.plan.PlannedMeal.When;

/** What is due follows the hour; silence about one meal hides no other. */
class DueTest {

    private static final LocalDate DAY = LocalDate.of(2026, 12, 7);

    private static Meal meal(LocalDate day, MealOfDay of, String table, State state, boolean decided) {
        List<Dish> dishes =
                decided ? List.of(new Dish(DishKind.SIDE, null, of.words() + " of " + day, null)) : List.of();
        return new Meal(
                UUID.randomUUID(),
                new When(day, of, LocalTime.parse(table), null, 30),
                decided ? Kind.COOK : Kind.UNDECIDED,
                state,
                false,
                "",
                1,
                List.of(),
                List.of(),
                dishes);
    }

    private static List<Meal> day(LocalDate day) {
        return List.of(
                meal(day, MealOfDay.BREAKFAST, "07:00", State.PLANNED, true),
                meal(day, MealOfDay.LUNCH, "12:30", State.PLANNED, true),
                meal(day, MealOfDay.DINNER, "18:30", State.PLANNED, true));
    }

    @ParameterizedTest
    @CsvSource({
        "06:00, breakfast of 2026-12-07, 0",
        "08:20, breakfast of 2026-12-07, 0",
        "09:00, lunch of 2026-12-07, 1",
        "16:00, dinner of 2026-12-07, 2",
        "19:59, dinner of 2026-12-07, 2",
        "20:30, breakfast of 2026-12-08, 3"
    })
    void theNextMealIsTheOneWhoseTimeIs(String now, String next, int over) {
        List<Meal> meals = new ArrayList<>(day(DAY));
        meals.addAll(day(DAY.plusDays(1)));
        Due due = Due.of(meals, DAY.atTime(LocalTime.parse(now)));
        assertThat(due.next().dishes().get(0).text()).isEqualTo(next);
        assertThat(due.over()).hasSize(over);
    }

    @Test
    void whatIsUndecidedHidesNothingThatIsDecided() {
        List<Meal> meals = List.of(
                meal(DAY, MealOfDay.LUNCH, "12:30", State.PLANNED, false),
                meal(DAY, MealOfDay.DINNER, "18:30", State.PLANNED, true));
        assertThat(Due.of(meals, DAY.atTime(10, 0)).next().meal()).isEqualTo(MealOfDay.DINNER);
        assertThat(Due.of(meals.subList(0, 1), DAY.atTime(10, 0)).next().meal()).isEqualTo(MealOfDay.LUNCH);
        assertThat(Due.of(List.of(), DAY.atTime(10, 0)).next()).isNull();
    }

    @Test
    void aMealBegunTooLateSaysWhenItCanBeEaten() {
        Meal dinner = day(DAY).get(2);
        LocalDateTime begin = DAY.atTime(17, 40);
        assertThat(Due.late(dinner, begin, DAY.atTime(17, 43))).isEmpty();
        assertThat(Due.late(dinner, begin, DAY.atTime(18, 5))).contains(new Due.Late(25, LocalTime.of(18, 55)));
        assertThat(Due.late(dinner, begin, DAY.atTime(20, 30))).isEmpty();
    }

    /** Over random days and hours: every meal of today is in one place, and nothing that is over is due while more comes. */
    @Test
    void everyMealIsInOnePlace() {
        Random random = new Random(7);
        for (int run = 0; run < 500; run++) {
            List<Meal> meals = new ArrayList<>();
            for (MealOfDay of : MealOfDay.values()) {
                if (random.nextBoolean()) {
                    State state = State.values()[random.nextInt(State.values().length)];
                    String table = "%02d:%02d".formatted(6 + random.nextInt(16), random.nextInt(60));
                    meals.add(meal(DAY, of, table, state, random.nextInt(4) > 0));
                }
            }
            LocalDateTime now = DAY.atTime(random.nextInt(24), random.nextInt(60));
            Due due = Due.of(meals, now);
            List<Meal> all = new ArrayList<>(due.over());
            all.addAll(due.later());
            if (due.next() != null) {
                all.add(due.next());
            }
            assertThat(all).containsExactlyInAnyOrderElementsOf(meals);
            assertThat(due.over())
                    .allMatch(meal -> meal.state() == State.PLANNED
                            && meal.day().atTime(meal.table()).isBefore(now));
        }
    }
}
