package wexilla.app.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import wexilla.app.plan.PlanViews.MealAt;
import wexilla.app.plan.PlanViews.MoveInput;
import wexilla.app.platform.Act;
import wexilla.app.platform.Problem;
import wexilla.core.kitchen.Meal;
import wexilla.core.kitchen.Meal.Dish;
import wexilla.core.kitchen.Meal.Kind;
import wexilla.core.kitchen.house.Household;

/** Two meals change places: what is eaten moves, who eats and when stays where it is. */
@Component
class MealMoves {

    private final Meals slots;
    private final Habits habits;

    MealMoves(Meals slots, Habits habits) {
        this.slots = slots;
        this.habits = habits;
    }

    String move(Act act, MoveInput input) {
        List<Meal> moved = moved(act.household(), act.day(), input);
        slots.save(act, moved);
        Meal to = moved.get(1);
        return "Moved to " + Household.words(to.day()) + ", " + to.meal().words();
    }

    /** The two meals as they would be, the emptied one first. */
    List<Meal> moved(Household household, LocalDate today, MoveInput input) {
        Meal from = at(household, today, input.from(), "/from")
                .orElseThrow(() -> Problem.at("/from", "Nothing is planned there that could be moved."));
        LocalDate day = Planning.day(input.to().day(), today);
        Meal to = at(household, today, input.to(), "/to")
                .orElseGet(() ->
                        habits.usual(household, day, input.to().meal()).meal(UUID.randomUUID(), day, Kind.UNDECIDED));
        if (from.when().equals(to.when())) {
            throw Problem.at("/to", "It stands there already.");
        }
        return List.of(with(from, to), with(to, from));
    }

    private Optional<Meal> at(Household household, LocalDate today, MealAt at, String field) {
        Optional<Meal> slot = slots.on(household, Planning.day(at.day(), today), at.meal());
        slot.filter(Meal::locked).ifPresent(locked -> {
            throw Problem.at(field, Household.words(locked.day()) + " is locked; unlock it first.");
        });
        slot.filter(one -> one.state() != Meal.State.PLANNED).ifPresent(over -> {
            throw Problem.at(field, Household.words(over.day()) + " is eaten already.");
        });
        return slot;
    }

    /** What is eaten at the other meal, for those who are at this table. */
    private static Meal with(Meal slot, Meal other) {
        List<Dish> dishes = new ArrayList<>();
        for (Dish dish : other.dishes()) {
            boolean there = slot.people().containsAll(dish.eaters());
            dishes.add(there ? dish : dish.eatenBy(List.of()));
        }
        return slot.with(other.kind(), dishes);
    }
}
