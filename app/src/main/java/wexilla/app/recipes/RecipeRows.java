package wexilla.app.recipes;

import java.math.BigDecimal;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.Scaling;
import wexilla.core.kitchen.house.KnownFoods;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Quantity;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.RecipeStep;
import wexilla.core.recipe.Style;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.recipe.lines.ReadLine;
import wexilla.core.recipe.steps.StepClock;
import wexilla.core.recipe.steps.StepTime;

/** Reads rows of recipe lines and steps into core records. */
final class RecipeRows {

    private RecipeRows() {}

    static RecipeStep step(ResultSet row) throws SQLException {
        Integer hands = (Integer) row.getObject("hands_min");
        Integer wait = (Integer) row.getObject("wait_min");
        StepTime typed = hands == null && wait == null
                ? null
                : new StepTime(Objects.requireNonNullElse(hands, 0), Objects.requireNonNullElse(wait, 0));
        return new RecipeStep(row.getString("text"), style(row.getString("can_stop")), typed, clock(row));
    }

    private static StepClock clock(ResultSet row) throws SQLException {
        Integer least = (Integer) row.getObject("least_min");
        return new StepClock(
                List.of((Integer[]) row.getArray("follows").getArray()),
                Objects.requireNonNullElse(least, 0),
                (Integer) row.getObject("most_min"),
                (Integer) row.getObject("every_min"),
                (Integer) row.getObject("last_min"),
                row.getString("last_words"));
    }

    private static @Nullable Style style(@Nullable String name) {
        return name == null ? null : Style.valueOf(name);
    }

    /** What rows of lines are read by: foods, and recipes of the dishes lines ask for. */
    record Known(KnownFoods foods, Map<UUID, Recipe> made) {}

    /**
     * A row of a line as stored.
     *
     * @param quantity null when none was written, or what is stored is no amount any more
     * @param food its row; null for a dish of the book and for what was not known when it was written
     * @param uses the recipe of the dish it asks for
     */
    record Row(
            String text,
            @Nullable Quantity quantity,
            @Nullable UUID food,
            @Nullable UUID uses,
            String preparation,
            Set<Style> heldBackIn,
            @Nullable Scaling rule) {

        RecipeLine line(Known known) {
            Recipe dish = uses == null ? null : known.made().get(uses);
            Food is = dish != null
                    ? dish.asFood(Key.dish(String.valueOf(uses)))
                    : food == null ? null : known.foods().food(food);
            String name = is == null ? "" : is.name();
            if (is == null) {
                ReadLine again = new LineReader(known.foods().book()).readStored(text);
                name = again.foodName();
                is = again.food();
            }
            ReadLine read = ReadLine.of(text, quantity, name, is, preparation);
            return new RecipeLine(read, heldBackIn, rule, dish);
        }
    }

    static Row row(ResultSet row) throws SQLException {
        Set<Style> held = Arrays.stream((String[]) row.getArray("held_back_in").getArray())
                .map(Style::valueOf)
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(Style.class)));
        String rule = row.getString("rule");
        return new Row(
                row.getString("text"),
                quantity(row),
                row.getObject("food", UUID.class),
                row.getObject("uses", UUID.class),
                row.getString("prep"),
                held,
                rule == null ? null : Scaling.valueOf(rule));
    }

    /** An amount that was stored and is none any more is read as none: one bad row never takes a page down. */
    private static @Nullable Quantity quantity(ResultSet row) throws SQLException {
        if (row.getString("unit") == null) {
            return null;
        }
        try {
            Unit unit = Unit.ofSymbol(row.getString("unit"));
            return new Quantity(
                            Amount.of(rational(row.getBigDecimal("min_num"), row.getBigDecimal("min_den")), unit),
                            Amount.of(rational(row.getBigDecimal("max_num"), row.getBigDecimal("max_den")), unit))
                    .bounded();
        } catch (IllegalArgumentException | ArithmeticException unreadable) {
            return null;
        }
    }

    private static Rational rational(BigDecimal numerator, BigDecimal denominator) {
        return new Rational(numerator.toBigIntegerExact(), denominator.toBigIntegerExact());
    }
}
