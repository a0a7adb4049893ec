package wexilla.app.plan;

import java.math.BigDecimal;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.facts.Allergen;
import wexilla.core.kitchen.Meal;
import wexilla.core.kitchen.Meal.Dish;
import wexilla.core.kitchen.Meal.DishKind;
import wexilla.core.kitchen.Meal.Guest;
import wexilla.core.kitchen.Meal.Kind;
import wexilla.core.kitchen.Meal.State;
import wexilla.core.people.Appetite;
import wexilla.core.plan.MealOfDay;
import wexilla.core.plan.PlannedMeal.When;
import wexilla.core.quantity.Rational;

/** Reads meals out of the rows they are stored in. */
final class MealRows {

    private MealRows() {}

    static Meal slot(ResultSet row, List<Dish> dishes) throws SQLException {
        When when = new When(
                row.getObject("day", LocalDate.class),
                meal(row),
                row.getObject("table_time", LocalTime.class),
                row.getObject("home_from", LocalTime.class),
                row.getInt("minutes"));
        return new Meal(
                row.getObject("id", UUID.class),
                when,
                Kind.valueOf(row.getString("kind")),
                State.valueOf(row.getString("state")),
                row.getBoolean("locked"),
                row.getString("note"),
                row.getInt("version"),
                List.of((UUID[]) row.getArray("people").getArray()),
                guests(row),
                dishes);
    }

    static Dish dish(ResultSet row) throws SQLException {
        DishKind kind = DishKind.valueOf(row.getString("dish_kind"));
        UUID of = switch (kind) {
            case RECIPE -> row.getObject("recipe", UUID.class);
            case BATCH -> row.getObject("batch", UUID.class);
            case SIDE, TASK -> null;
        };
        return new Dish(
                kind,
                of,
                row.getString("text"),
                portions(row.getBigDecimal("portions")),
                List.of((UUID[]) row.getArray("eaters").getArray()),
                row.getBoolean("frozen"));
    }

    private static @Nullable Rational portions(@Nullable BigDecimal said) {
        return said == null ? null : Rational.of(said);
    }

    private static List<Guest> guests(ResultSet row) throws SQLException {
        List<Guest> guests = new ArrayList<>();
        // without any it is a plain empty array
        for (Object one : (Object[]) row.getArray("guests").getArray()) {
            Object[] guest = (Object[]) one;
            List<Allergen> allergens = Arrays.stream(String.valueOf(guest[2]).split(","))
                    .filter(word -> !word.isEmpty())
                    .map(Allergen::valueOf)
                    .toList();
            guests.add(new Guest(String.valueOf(guest[0]), Appetite.valueOf(String.valueOf(guest[1])), allergens));
        }
        return List.copyOf(guests);
    }

    static MealOfDay meal(ResultSet row) throws SQLException {
        return MealOfDay.valueOf(row.getString("meal").toUpperCase(Locale.ROOT));
    }
}
