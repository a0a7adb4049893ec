package wexilla.core.kitchen;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.facts.Allergen;
import wexilla.core.people.Appetite;
import wexilla.core.plan.MealOfDay;
import wexilla.core.plan.PlannedMeal.When;
import wexilla.core.quantity.Rational;

/** One meal of a household as decided: of a day, with who eats and what. */
public record Meal(
        UUID id,
        When when,
        Kind kind,
        State state,
        boolean locked,
        String note,
        int version,
        List<UUID> people,
        List<Guest> guests,
        List<Dish> dishes) {
    /** What kind of meal it is. */
    public enum Kind {
        COOK,
        STOCK,
        LEFTOVERS,
        UNDECIDED,
        OUT
    }

    /** What became of it; ASSUMED when nobody said anything and it went as planned. */
    public enum State {
        PLANNED,
        EATEN,
        ASSUMED,
        OTHER,
        OUT
    }

    /** How a dish is named at a meal; a task is something to do for it that is no dish. */
    public enum DishKind {
        RECIPE,
        BATCH,
        SIDE,
        TASK
    }

    /**
     * @param of the recipe or the batch; null for a side and a task, which are their text
     * @param eaters who of the table eats of it; everybody where it is empty
     * @param frozen whether it is eaten from the freezer: of what is cooked ahead it is frozen that day
     */
    public record Dish(
            DishKind kind,
            @Nullable UUID of,
            String text,
            @Nullable Rational portions,
            List<UUID> eaters,
            boolean frozen) {

        /** For everybody, as it is. */
        public Dish(DishKind kind, @Nullable UUID of, String text, @Nullable Rational portions) {
            this(kind, of, text, portions, List.of(), false);
        }

        /** The same for these. */
        public Dish eatenBy(List<UUID> some) {
            return new Dish(kind, of, text, portions, some, frozen);
        }

        /** The same, frozen or not. */
        public Dish frozen(boolean now) {
            return new Dish(kind, of, text, portions, eaters, now);
        }
    }

    /** Somebody who eats along once. */
    public record Guest(String name, Appetite appetite, List<Allergen> allergens) {}

    public LocalDate day() {
        return when.day();
    }

    public MealOfDay meal() {
        return when.meal();
    }

    public LocalTime table() {
        return when.table();
    }

    public int minutes() {
        return when.minutes();
    }

    /** The same meal with something else to eat. */
    public Meal with(Kind now, List<Dish> eaten) {
        return new Meal(id, when, now, state, locked, note, version, people, guests, eaten);
    }

    /** The place of the dish that stands for the meal; −1 where it is several that are there: no single one is all of it. */
    public int stands() {
        List<Integer> named = IntStream.range(0, dishes.size())
                .filter(at -> dishes.get(at).of() != null)
                .boxed()
                .toList();
        boolean several = named.size() > 1 && dishes.get(named.get(0)).kind() == DishKind.BATCH;
        return several || named.isEmpty() ? -1 : named.get(0);
    }

    /** Whether something is to be eaten here. */
    public boolean eatsHere() {
        return kind != Kind.OUT && kind != Kind.UNDECIDED;
    }
}
