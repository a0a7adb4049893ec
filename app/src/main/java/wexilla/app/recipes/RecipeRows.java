package wexilla.app.recipes;

import java.math.BigDecimal;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import wexilla.app.household.Foods;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.Scaling;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Quantity;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.LineReader;
import wexilla.core.recipe.ReadLine;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.RecipeStep;
import wexilla.core.recipe.StepTime;
import wexilla.core.recipe.Style;

/** Reads rows of recipe lines and steps into core records. */
final class RecipeRows {

    private RecipeRows() {}

    static RecipeStep step(ResultSet row) throws SQLException {
        Integer hands = (Integer) row.getObject("hands_min");
        Integer wait = (Integer) row.getObject("wait_min");
        StepTime typed = hands == null && wait == null
                ? null
                : new StepTime(Objects.requireNonNullElse(hands, 0), Objects.requireNonNullElse(wait, 0));
        return new RecipeStep(row.getString("text"), style(row.getString("can_stop")), typed);
    }

    private static @Nullable Style style(@Nullable String name) {
        return name == null ? null : Style.valueOf(name);
    }

    /** What rows of lines are read by: foods, the key of each food's row, recipes of the dishes lines ask for. */
    record Known(Foods.Known foods, Map<UUID, Recipe> made) {

        private Optional<Food> food(@Nullable UUID row, @Nullable UUID uses, String text) {
            Recipe dish = uses == null ? null : made.get(uses);
            if (uses != null && dish != null) {
                return Optional.of(dish.asFood(Key.dish(uses.toString())));
            }
            return row == null
                    ? new LineReader(foods.book()).readStored(text).knownFood()
                    : Optional.of(foods.food(row));
        }
    }

    static RecipeLine line(ResultSet row, Known known) throws SQLException {
        UUID uses = row.getObject("uses", UUID.class);
        String text = row.getString("text");
        Optional<Food> food = known.food(row.getObject("food", UUID.class), uses, text);
        Set<Style> held = Arrays.stream((String[]) row.getArray("held_back_in").getArray())
                .map(Style::valueOf)
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(Style.class)));
        String name = food.map(Food::name)
                .orElseGet(() ->
                        new LineReader(known.foods().book()).readStored(text).foodName());
        return new RecipeLine(
                new ReadLine(
                        text,
                        quantity(row),
                        null,
                        name,
                        food.orElse(null),
                        row.getString("prep"),
                        List.of(),
                        false,
                        null,
                        List.of()),
                held,
                row.getString("rule") == null ? null : Scaling.valueOf(row.getString("rule")),
                uses == null ? null : known.made().get(uses));
    }

    private static @Nullable Quantity quantity(ResultSet row) throws SQLException {
        if (row.getString("unit") == null) {
            return null;
        }
        Unit unit = Unit.ofSymbol(row.getString("unit"));
        return new Quantity(
                Amount.of(rational(row.getBigDecimal("min_num"), row.getBigDecimal("min_den")), unit),
                Amount.of(rational(row.getBigDecimal("max_num"), row.getBigDecimal("max_den")), unit));
    }

    private static Rational rational(BigDecimal numerator, BigDecimal denominator) {
        return new Rational(numerator.toBigIntegerExact(), denominator.toBigIntegerExact());
    }
}
