package wexilla.app.recipes;

import java.util.ArrayList;
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

    /** A version that is new. @param n its number; @param replaced what undo goes back to, null for a first one */
    record New(UUID recipe, int n, @Nullable Integer replaced, Recipe text, Written.About about) {}

    /** Writes versions, with the recipe itself where it is its first. */
    void write(Act act, List<New> versions) {
        Household household = act.household();
        List<Map<String, Object>> heads = new ArrayList<>();
        for (New version : versions) {
            Map<String, Object> head = new HashMap<>();
            head.put("household_id", household.id());
            head.put("recipe", version.recipe());
            head.put("n", version.n());
            head.put("title", version.text().title());
            head.put("portions", version.text().portions());
            head.put("source_text", version.about().source());
            head.put("note", version.about().note());
            head.put("tags", version.about().tags());
            head.put("also_makes", version.about().alsoMakes());
            head.put("replaced", version.replaced());
            head.put("act", act.id());
            heads.add(head);
        }
        db.sql("""
                        with now as (select * from jsonb_populate_recordset(null::recipe_version, ?::jsonb)),
                            heads as (insert into recipe (household_id, id, current_version)
                                select household_id, recipe, n from now where replaced is null)
                        insert into recipe_version
                            (household_id, recipe, n, title, portions, source_text, note, tags, also_makes, replaced,
                            act)
                        select household_id, recipe, n, title, portions, source_text, note, tags, also_makes, replaced,
                            act from now""").param(rows.json(heads)).update();
        Map<Key, UUID> known = foods.rows(
                household,
                versions.stream()
                        .flatMap(version -> version.text().lines().stream())
                        .flatMap(line -> line.read().knownFood().stream())
                        .filter(food -> Dishes.recipeOf(food) == null)
                        .toList());
        List<Map<String, Object>> lines = new ArrayList<>();
        List<Map<String, Object>> steps = new ArrayList<>();
        for (New version : versions) {
            List<RecipeLine> own = version.text().lines();
            for (int pos = 0; pos < own.size(); pos++) {
                lines.add(at(household, version, pos, row(own.get(pos), known)));
            }
            List<RecipeStep> does = version.text().steps();
            for (int pos = 0; pos < does.size(); pos++) {
                steps.add(at(household, version, pos, row(does.get(pos))));
            }
        }
        rows.insert("recipe_line", lines);
        rows.insert("recipe_step", steps);
    }

    /** A row of a version at its place. */
    private static Map<String, Object> at(Household household, New version, int pos, Map<String, Object> row) {
        row.put("household_id", household.id());
        row.put("recipe", version.recipe());
        row.put("n", version.n());
        row.put("pos", pos);
        return row;
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
