package wexilla.core.kitchen;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import wexilla.core.plan.MealOfDay;
import wexilla.core.plan.PlannedMeal.When;

/**
 * How a meal usually is.
 *
 * @param id null where nobody said anything
 * @param weekday 1 Monday to 7 Sunday; null for every day without one of its own
 * @param people who eats
 */
public record Habit(
        @Nullable UUID id,
        MealOfDay meal,
        @Nullable Integer weekday,
        LocalTime table,
        @Nullable LocalTime homeFrom,
        int minutes,
        Meal.Kind kind,
        String note,
        List<UUID> people) {

    /** The meal of a day as it usually is. */
    public Meal meal(UUID id, LocalDate day, Meal.Kind now) {
        When when = new When(day, meal, table, homeFrom, minutes);
        return new Meal(id, when, now, Meal.State.PLANNED, false, note, 0, people, List.of(), List.of());
    }
}
