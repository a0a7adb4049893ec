package wexilla.app.recipes;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.household.Foods;
import wexilla.app.platform.Act;
import wexilla.app.platform.Rows;
import wexilla.core.food.Key;
import wexilla.core.kitchen.Written;
import wexilla.core.kitchen.house.Household;
import wexilla.core.quantity.Quantity;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.RecipeStep;
import wexilla.core.recipe.Style;
import wexilla.core.recipe.lines.ReadLine;
import wexilla.core.recipe.steps.StepTime;

/** The one writer of a recipe's versions, their lines and steps. */
@Component
class VersionRows {

    private final JdbcClient db;
    private final Foods foods;
    private final Rows rows;

    VersionRows(JdbcClient db, Foods foods, Rows rows) {
        this.rows = rows;
        this.db = db;
        this.foods = foods;
    }

    /** @param n its number; @param replaced what undo goes back to, null for a first version */
    void write(Act act, UUID id, int n, @Nullable Integer replaced, Recipe recipe, Written.About about) {
        Household household = act.household();
        db.sql("""
                        insert into recipe_version
                            (household_id, recipe, n, title, portions, source_text, note, tags, also_makes, replaced,
                            act)
                        values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)""")
                .params(Arrays.asList(
                        household.id(),
                        id,
                        n,
                        recipe.title(),
                        recipe.portions(),
                        about.source(),
                        about.note(),
                        about.tags().toArray(String[]::new),
                        about.alsoMakes().toArray(String[]::new),
                        replaced,
                        act.id()))
                .update();
        Map<Key, UUID> known = foods.rows(
                household,
                recipe.lines().stream()
                        .flatMap(line -> line.read().knownFood().stream())
                        .filter(food -> Dishes.recipeOf(food) == null)
                        .toList());
        List<Map<String, Object>> lines = new ArrayList<>();
        for (RecipeLine line : recipe.lines()) {
            lines.add(row(line, known));
        }
        insert("recipe_line", household, id, n, lines);
        insert(
                "recipe_step",
                household,
                id,
                n,
                recipe.steps().stream().map(VersionRows::row).toList());
    }

    /** Rows of a version, each at its place. */
    private void insert(String table, Household household, UUID id, int n, List<Map<String, Object>> all) {
        for (int pos = 0; pos < all.size(); pos++) {
            Map<String, Object> row = all.get(pos);
            row.put("household_id", household.id());
            row.put("recipe", id);
            row.put("n", n);
            row.put("pos", pos);
        }
        rows.insert(table, all);
    }

    private static Map<String, Object> row(RecipeStep step) {
        Style stop = step.stop();
        StepTime typed = step.typed();
        Map<String, Object> row = new HashMap<>();
        row.put("text", step.text());
        row.put("can_stop", stop == null ? null : stop.name());
        row.put("hands_min", typed == null ? null : typed.handsMin());
        row.put("wait_min", typed == null ? null : typed.waitMin());
        row.put("follows", step.clock().follows());
        row.put("least_min", step.clock().least() == 0 ? null : step.clock().least());
        row.put("most_min", step.clock().most());
        row.put("every_min", step.clock().every());
        row.put("last_min", step.clock().last());
        row.put("last_words", step.clock().lastWords());
        return row;
    }

    private static Map<String, Object> row(RecipeLine line, Map<Key, UUID> known) {
        ReadLine read = line.read();
        Quantity quantity = read.quantity();
        UUID uses = read.knownFood().map(Dishes::recipeOf).orElse(null);
        Map<String, Object> row = new HashMap<>();
        row.put("text", read.text());
        row.put("min_num", quantity == null ? null : quantity.min().value().numerator());
        row.put("min_den", quantity == null ? null : quantity.min().value().denominator());
        row.put("max_num", quantity == null ? null : quantity.max().value().numerator());
        row.put("max_den", quantity == null ? null : quantity.max().value().denominator());
        row.put("unit", quantity == null ? null : quantity.unit().symbol());
        row.put(
                "food",
                uses != null
                        ? null
                        : read.knownFood().map(food -> known.get(food.key())).orElse(null));
        row.put("prep", read.preparation());
        row.put("held_back_in", line.heldBackIn().stream().map(Enum::name).toList());
        row.put("rule", line.rule() == null ? null : line.rule().name());
        row.put("uses", uses);
        return row;
    }
}
