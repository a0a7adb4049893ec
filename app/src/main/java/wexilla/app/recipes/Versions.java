package wexilla.app.recipes;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.onhand.Snapshot;
import wexilla.app.platform.Once;
import wexilla.core.kitchen.Written;
import wexilla.core.kitchen.Written.About;
import wexilla.core.kitchen.Written.Version;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeStep;

/** Reads versions of recipes, many at once, with the dishes of the book they ask for. */
@Component
class Versions {

    /** How deep a dish can go into a dish into a dish; what lies deeper is carried as unknown. */
    private static final int DEEPEST = 6;

    /** Versions asked for, heads of the recipes asked for, and the heads of all that goes into them. */
    private static final String ASKED = """
            with recursive asked (recipe, n, deep) as (
                select a.recipe, a.n, 0 from unnest(:recipes::uuid[], :ns::int[]) as a (recipe, n)
                union
                select r.id, r.current_version, 0 from recipe r
                where r.household_id = :household and r.id = any (:heads::uuid[]) and r.current_version is not null
                union
                select r.id, r.current_version, asked.deep + 1 from asked
                join recipe_line l on l.household_id = :household and l.recipe = asked.recipe and l.n = asked.n
                    and l.uses is not null
                join recipe r on r.household_id = l.household_id and r.id = l.uses and r.current_version is not null
                where asked.deep < :deepest)
            select v.*, r.version, (v.n = r.current_version) as current from recipe_version v
            join recipe r on r.household_id = v.household_id and r.id = v.recipe
            where v.household_id = :household and (v.recipe, v.n) in (select recipe, n from asked)""";

    private final JdbcClient db;
    private final Once once;

    Versions(JdbcClient db, Once once) {
        this.once = once;
        this.db = db;
    }

    /** What was read so far. @param heads the current version of each recipe that was asked for */
    private record Read(Map<Version, Written> stored, Map<UUID, Version> heads) {

        static Read nothing() {
            return new Read(new ConcurrentHashMap<>(), new ConcurrentHashMap<>());
        }
    }

    /** These versions, current or not: what was cooked keeps the version it was cooked by. */
    Map<Version, Written> of(Snapshot now, Collection<Version> asked) {
        Read read = read(now, List.of(), asked);
        Map<Version, Written> found = new HashMap<>();
        asked.forEach(version ->
                found.put(version, Objects.requireNonNull(read.stored().get(version))));
        return found;
    }

    /** The current versions of these recipes; what is not in the book is left out. */
    Map<UUID, Written> heads(Snapshot now, Collection<UUID> recipes) {
        Read read = read(now, recipes, List.of());
        Map<UUID, Written> found = new HashMap<>();
        for (UUID recipe : recipes) {
            Version head = read.heads().get(recipe);
            if (head != null) {
                found.put(recipe, Objects.requireNonNull(read.stored().get(head)));
            }
        }
        return found;
    }

    /** Reads what of this was not read yet, in one go. */
    Read read(Snapshot now, Collection<UUID> recipes, Collection<Version> versions) {
        Read read = now.once(
                Versions.class,
                () -> once.read(List.of("recipes", now.household().id()), Read::nothing));
        List<UUID> heads = recipes.stream()
                .filter(recipe -> !read.heads().containsKey(recipe))
                .distinct()
                .toList();
        List<Version> more = versions.stream()
                .filter(version -> !read.stored().containsKey(version))
                .distinct()
                .toList();
        if (!heads.isEmpty() || !more.isEmpty()) {
            new Reading(now, heads, more).into(read);
        }
        return read;
    }

    private interface EachRow {
        void take(Version version, ResultSet row) throws SQLException;
    }

    /** One round of reading: versions, their lines and their steps, then put together from below. */
    private final class Reading {
        private final Snapshot now;
        private final List<UUID> asked;
        private final List<Version> versions;
        private final Map<Version, Head> heads = new HashMap<>();
        private final Map<UUID, Version> current = new HashMap<>();
        private final Map<Version, List<RecipeRows.Row>> lines = new HashMap<>();
        private final Map<Version, List<RecipeStep>> steps = new HashMap<>();
        private final Map<Version, Recipe> built = new HashMap<>();

        Reading(Snapshot now, List<UUID> asked, List<Version> versions) {
            this.now = now;
            this.asked = asked;
            this.versions = versions;
        }

        private record Head(String title, int portions, int version, About about) {}

        void into(Read read) {
            heads((version, row) -> {
                About about = new About(
                        row.getString("note"),
                        row.getString("source_text"),
                        List.of((String[]) row.getArray("tags").getArray()),
                        List.of((String[]) row.getArray("also_makes").getArray()));
                heads.put(
                        version,
                        new Head(row.getString("title"), row.getInt("portions"), row.getInt("version"), about));
                if (row.getBoolean("current")) {
                    current.put(version.recipe(), version);
                }
            });
            rows(
                    "recipe_line",
                    (version, row) -> lines.computeIfAbsent(version, v -> new ArrayList<>())
                            .add(RecipeRows.row(row)));
            rows(
                    "recipe_step",
                    (version, row) -> steps.computeIfAbsent(version, v -> new ArrayList<>())
                            .add(RecipeRows.step(row)));
            heads.forEach((version, head) -> read.stored()
                    .put(
                            version,
                            new Written(
                                    version.recipe(), version.n(), head.version(), head.about(), built(version, 0))));
            current.forEach((recipe, version) -> {
                if (asked.contains(recipe)) {
                    read.heads().put(recipe, version);
                }
            });
        }

        private Recipe built(Version version, int deep) {
            Recipe known = built.get(version);
            if (known != null) {
                return known;
            }
            Head head = Objects.requireNonNull(heads.get(version));
            Map<UUID, Recipe> made = new HashMap<>();
            for (RecipeRows.Row row : lines.getOrDefault(version, List.of())) {
                Version dish = row.uses() == null ? null : current.get(row.uses());
                if (dish != null && deep < DEEPEST) {
                    made.put(row.uses(), built(dish, deep + 1));
                }
            }
            RecipeRows.Known foods = new RecipeRows.Known(now.foods(), made);
            Recipe recipe = new Recipe(
                    head.title(),
                    head.portions(),
                    lines.getOrDefault(version, List.of()).stream()
                            .map(row -> row.line(foods))
                            .toList(),
                    steps.getOrDefault(version, List.of()));
            built.put(version, recipe);
            return recipe;
        }

        /** Rows of every version whose head was found. */
        private void rows(String table, EachRow each) {
            db.sql("select t.* from " + table + " t join unnest(:recipes::uuid[], :ns::int[]) as a (recipe, n) "
                            + "on t.recipe = a.recipe and t.n = a.n where t.household_id = :household order by t.pos")
                    .param("household", now.household().id())
                    .param("recipes", recipes(heads.keySet()))
                    .param("ns", numbers(heads.keySet()))
                    .query(row -> {
                        each.take(version(row), row);
                    });
        }

        private void heads(EachRow each) {
            db.sql(ASKED)
                    .param("household", now.household().id())
                    .param("recipes", recipes(versions))
                    .param("ns", numbers(versions))
                    .param("heads", asked.toArray(UUID[]::new))
                    .param("deepest", DEEPEST)
                    .query(row -> {
                        each.take(version(row), row);
                    });
        }

        private static UUID[] recipes(Collection<Version> versions) {
            return versions.stream().map(Version::recipe).toArray(UUID[]::new);
        }

        private static Integer[] numbers(Collection<Version> versions) {
            return versions.stream().map(Version::n).toArray(Integer[]::new);
        }

        private static Version version(ResultSet row) throws SQLException {
            return new Version(row.getObject("recipe", UUID.class), row.getInt("n"));
        }
    }

    /** @return null where there is no such version */
    @Nullable
    Written one(Snapshot now, Version version) {
        return read(now, List.of(), List.of(version)).stored().get(version);
    }
}
