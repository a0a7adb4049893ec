package wexilla.app.recipes;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.Arrays;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.household.Foods;
import wexilla.app.platform.Act;
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

    VersionRows(JdbcClient db, Foods foods) {
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
        for (int pos = 0; pos < recipe.lines().size(); pos++) {
            write(household, id, n, pos, recipe.lines().get(pos));
        }
        for (int pos = 0; pos < recipe.steps().size(); pos++) {
            RecipeStep step = recipe.steps().get(pos);
            Style stop = step.stop();
            StepTime typed = step.typed();
            db.sql("""
                            insert into recipe_step (household_id, recipe, n, pos, text, can_stop, hands_min, wait_min,
                                follows, least_min, most_min, every_min, last_min, last_words)
                            values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)""")
                    .params(Arrays.asList(
                            household.id(),
                            id,
                            n,
                            pos,
                            step.text(),
                            stop == null ? null : stop.name(),
                            typed == null ? null : typed.handsMin(),
                            typed == null ? null : typed.waitMin(),
                            step.clock().follows().toArray(Integer[]::new),
                            step.clock().least() == 0 ? null : step.clock().least(),
                            step.clock().most(),
                            step.clock().every(),
                            step.clock().last(),
                            step.clock().lastWords()))
                    .update();
        }
    }

    private void write(Household household, UUID id, int n, int pos, RecipeLine line) {
        ReadLine read = line.read();
        Quantity quantity = read.quantity();
        UUID uses = read.knownFood().map(Dishes::recipeOf).orElse(null);
        UUID food = uses != null
                ? null
                : read.knownFood().map(known -> foods.row(household, known)).orElse(null);
        db.sql("""
                        insert into recipe_line (household_id, recipe, n, pos, text, min_num, min_den, max_num, max_den,
                            unit, food, prep, held_back_in, rule, uses)
                        values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)""")
                .params(Arrays.asList(
                        household.id(),
                        id,
                        n,
                        pos,
                        read.text(),
                        quantity == null ? null : decimal(quantity.min().value().numerator()),
                        quantity == null ? null : decimal(quantity.min().value().denominator()),
                        quantity == null ? null : decimal(quantity.max().value().numerator()),
                        quantity == null ? null : decimal(quantity.max().value().denominator()),
                        quantity == null ? null : quantity.unit().symbol(),
                        food,
                        read.preparation(),
                        line.heldBackIn().stream().map(Enum::name).toArray(String[]::new),
                        line.rule() == null ? null : line.rule().name(),
                        uses))
                .update();
    }

    private static BigDecimal decimal(BigInteger whole) {
        return new BigDecimal(whole);
    }
}
