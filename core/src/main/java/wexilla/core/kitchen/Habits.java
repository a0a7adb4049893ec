package wexilla.core.kitchen;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import wexilla.core.plan.MealOfDay;

/** What is known of the meals of a household, read once. */
public record Habits(List<Habit> said, List<Habit> usual) {

    /** Nobody asks for them. */
    public static final Habits UNREAD = new Habits(List.of(), List.of());

    /** How this meal is on such a day: of its weekday, of every day, else as the last ones were. */
    public Habit of(LocalDate day, MealOfDay meal) {
        return of(day, meal, said).orElseGet(() -> usual.get(meal.ordinal()));
    }

    /** Whether a day has this meal without anybody planning it: a dinner always. */
    public boolean has(LocalDate day, MealOfDay meal) {
        return meal == MealOfDay.DINNER || of(day, meal, said).isPresent();
    }

    private static Optional<Habit> of(LocalDate day, MealOfDay meal, List<Habit> said) {
        int weekday = day.getDayOfWeek().getValue();
        List<Habit> own = said.stream()
                .filter(habit -> habit.meal() == meal)
                .filter(habit -> habit.weekday() == null || habit.weekday() == weekday)
                .toList();
        return own.stream()
                .filter(habit -> habit.weekday() != null)
                .findFirst()
                .or(() -> own.stream().findFirst());
    }
}
