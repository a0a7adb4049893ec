package wexilla.app.recipes;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.onhand.Snapshot;
import wexilla.app.recipes.Recipes.About;
import wexilla.app.recipes.Recipes.Stored;
import wexilla.app.recipes.Recipes.Version;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.RecipeStep;

/** Reads versions of recipes, many at once. */
@Component
class Versions {

    /** How deep a dish can go into a dish into a dish; what lies deeper is carried as unknown. */
    private static final int DEEPEST = 6;

    private final JdbcClient db;

    Versions(JdbcClient db) {
        this.db = db;
    }

    /** Versions of recipes, current or not: what was cooked keeps the version it was cooked by. */
    Map<Version, Stored> of(Snapshot now, Collection<Version> asked) {
        return of(now, asked, DEEPEST);
    }

    private Map<Version, Stored> of(Snapshot now, Collection<Version> asked, int deep) {
        if (asked.isEmpty()) {
            return Map.of();
        }
        Map<UUID, Recipe> made = deep == 0 ? Map.of() : made(now, asked, deep);
        RecipeRows.Known known = new RecipeRows.Known(now.foods(), made);
        Map<Version, List<RecipeLine>> lines = new HashMap<>();
        rows(
                now,
                asked,
                "recipe_line",
                (version, row) ->
                        lines.computeIfAbsent(version, v -> new ArrayList<>()).add(RecipeRows.line(row, known)));
        Map<Version, List<RecipeStep>> steps = new HashMap<>();
        rows(
                now,
                asked,
                "recipe_step",
                (version, row) ->
                        steps.computeIfAbsent(version, v -> new ArrayList<>()).add(RecipeRows.step(row)));
        Map<Version, Stored> stored = new HashMap<>();
        rows(
                now,
                asked,
                "(select w.*, 0 as pos, r.version from recipe_version w join recipe r "
                        + "on r.household_id = w.household_id and r.id = w.recipe)",
                (version, row) -> {
                    List<RecipeLine> own = lines.getOrDefault(version, List.of());
                    List<RecipeStep> done = steps.getOrDefault(version, List.of());
                    Recipe recipe = new Recipe(row.getString("title"), row.getInt("portions"), own, done);
                    stored.put(
                            version,
                            new Stored(
                                    version.recipe(),
                                    version.n(),
                                    row.getInt("version"),
                                    new About(row.getString("note"), row.getString("source_text"), List.of((String[])
                                            row.getArray("tags").getArray())),
                                    recipe));
                });
        return stored;
    }

    /** The dishes these recipes ask for, as they are in the book today. */
    private Map<UUID, Recipe> made(Snapshot now, Collection<Version> asked, int deep) {
        List<Version> heads = db.sql("""
                        select distinct r.id as recipe, r.current_version as n from recipe_line l
                        join unnest(?::uuid[], ?::int[]) as asked (recipe, n)
                            on l.recipe = asked.recipe and l.n = asked.n
                        join recipe r on r.household_id = l.household_id and r.id = l.uses
                        where l.household_id = ? and r.current_version is not null""")
                .params(
                        asked.stream().map(Version::recipe).toArray(UUID[]::new),
                        asked.stream().map(Version::n).toArray(Integer[]::new),
                        now.household().id())
                .query(Version.class)
                .list();
        return of(now, heads, deep - 1).values().stream().collect(Collectors.toMap(Stored::id, Stored::recipe));
    }

    private interface EachRow {
        void take(Version version, ResultSet row) throws SQLException;
    }

    private void rows(Snapshot now, Collection<Version> asked, String table, EachRow each) {
        db.sql("select t.* from " + table + " t join unnest(?::uuid[], ?::int[]) as asked (recipe, n) "
                        + "on t.recipe = asked.recipe and t.n = asked.n where t.household_id = ? order by t.pos")
                .params(
                        asked.stream().map(Version::recipe).toArray(UUID[]::new),
                        asked.stream().map(Version::n).toArray(Integer[]::new),
                        now.household().id())
                .query(row -> {
                    each.take(new Version(row.getObject("recipe", UUID.class), row.getInt("n")), row);
                });
    }
}
