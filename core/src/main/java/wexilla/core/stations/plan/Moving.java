package wexilla.core.stations.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import wexilla.core.kitchen.Answer;
import wexilla.core.kitchen.Change;
import wexilla.core.kitchen.Habits;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Meal;
import wexilla.core.kitchen.Meal.Dish;
import wexilla.core.kitchen.Meal.Kind;
import wexilla.core.kitchen.Refused;
import wexilla.core.kitchen.house.Household;
import wexilla.core.plan.MealOfDay;

/**
 * Two meals change places: what is eaten moves, who eats and when stays where it is.
 *
 * @param kitchen with every meal from today on: what is cooked ahead follows them
 * @param ids of a meal nobody planned yet
 */
public record Moving(Kitchen kitchen, Habits habits, Supplier<UUID> ids) {

    /** One meal of a day. */
    public record At(LocalDate day, MealOfDay meal) {}

    /** @throws Refused as {@link #moved} */
    public Answer move(At from, At to) {
        List<Meal> moved = moved(from, to);
        return new Answer(
                "Moved to " + Household.words(to.day()) + ", " + to.meal().words(),
                new Following(kitchen)
                        .with(moved.stream().<Change>map(Change.MealSet::new).toList()));
    }

    /**
     * The two meals as they would be, the emptied one first.
     *
     * @throws Refused where nothing is planned, or one of them is locked or eaten
     */
    public List<Meal> moved(At from, At to) {
        Meal here = open(from, "/from")
                .orElseThrow(() -> Refused.at("/from", "Nothing is planned there that could be moved."));
        Meal there = open(to, "/to")
                .orElseGet(() -> habits.of(to.day(), to.meal()).meal(ids.get(), to.day(), Kind.UNDECIDED));
        if (from.equals(to)) {
            throw Refused.at("/to", "It stands there already.");
        }
        return List.of(with(here, there), with(there, here));
    }

    /** The plan with these meals as they would be. */
    public Kitchen with(List<Meal> moved) {
        return kitchen.after(moved.stream().<Change>map(Change.MealSet::new).toList());
    }

    private Optional<Meal> open(At at, String field) {
        Optional<Meal> meal = kitchen.planned().on(at.day(), at.meal());
        meal.filter(Meal::locked).ifPresent(locked -> {
            throw Refused.at(field, Household.words(locked.day()) + " is locked; unlock it first.");
        });
        meal.filter(one -> one.state() != Meal.State.PLANNED).ifPresent(over -> {
            throw Refused.at(field, Household.words(over.day()) + " is eaten already.");
        });
        return meal;
    }

    /** What is eaten at the other meal, for those who are at this table. */
    private static Meal with(Meal meal, Meal other) {
        List<Dish> dishes = new ArrayList<>();
        for (Dish dish : other.dishes()) {
            boolean there = meal.people().containsAll(dish.eaters());
            dishes.add(there ? dish : dish.eatenBy(List.of()));
        }
        return meal.with(other.kind(), dishes);
    }
}
