package wexilla.app.recipes;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.onhand.Snapshot;
import wexilla.app.onhand.Snapshots;
import wexilla.app.platform.Act;
import wexilla.app.platform.Changes;
import wexilla.app.platform.Journal;
import wexilla.app.platform.Once;
import wexilla.app.platform.Problem;
import wexilla.app.platform.Problem.Blocker;
import wexilla.app.platform.Undoable;
import wexilla.app.recipes.RecipeViews.VersionView;
import wexilla.app.recipes.VersionRows.New;
import wexilla.core.kitchen.Change;
import wexilla.core.kitchen.Written;
import wexilla.core.kitchen.Written.About;
import wexilla.core.kitchen.Written.Version;
import wexilla.core.kitchen.house.Household;
import wexilla.core.recipe.Recipe;
import wexilla.core.stations.propose.Candidates.Head;

/** The book: recipes and their versions. A version is written once; editing writes the next one. */
@Component
public class Recipes implements Undoable, Changes.Writer {

    private final JdbcClient db;
    private final VersionRows rows;
    private final Versions versions;
    private final Snapshots snapshots;
    private final Figures figures;
    private final Journal journal;
    private final Once once;

    Recipes(
            JdbcClient db,
            VersionRows rows,
            Versions versions,
            Snapshots snapshots,
            Figures figures,
            Journal journal,
            Once once) {
        this.once = once;
        this.db = db;
        this.journal = journal;
        this.rows = rows;
        this.versions = versions;
        this.snapshots = snapshots;
        this.figures = figures;
    }

    /** All recipes of the book by name; a recipe whose first saving was undone is not in it. */
    public List<Written> all(Snapshot now) {
        List<Version> heads =
                db.sql("""
                        select r.id as recipe, v.n from recipe r
                        join recipe_version v on v.household_id = r.household_id and v.recipe = r.id
                            and v.n = r.current_version
                        where r.household_id = ? order by lower(v.title), r.id""").params(now.household().id()).query(Version.class).list();
        Map<Version, Written> stored = versions.of(now, heads);
        return heads.stream()
                .map(head -> Objects.requireNonNull(stored.get(head)))
                .toList();
    }

    /** The recipes of the book that say what goes in, by name. */
    public List<Head> heads(Household household) {
        return db.sql("""
                        select r.id, f.title, v.tags, f.food_keys, f.foods from recipe r
                        join recipe_figure f on f.household_id = r.household_id and f.recipe = r.id
                            and f.n = r.current_version
                        join recipe_version v on v.household_id = r.household_id and v.recipe = r.id
                            and v.n = r.current_version
                        where r.household_id = ? and f.lines > 0 order by lower(f.title), r.id""")
                .params(household.id())
                .query((row, n) -> new Head(
                        row.getObject("id", UUID.class),
                        row.getString("title"),
                        texts(row, "tags"),
                        texts(row, "food_keys"),
                        texts(row, "foods")))
                .list();
    }

    private static List<String> texts(ResultSet row, String column) throws SQLException {
        return List.of((String[]) row.getArray(column).getArray());
    }

    /** All versions of a recipe that were ever saved, the newest first, without those that were undone. */
    List<VersionView> history(Household household, UUID id) {
        return db.sql("""
                        select v.n, (a.happened_at at time zone ?)::date as day, (select count(*)::int from batch b
                            where b.household_id = v.household_id and b.recipe = v.recipe and b.n = v.n
                            and b.state = 'DONE') as cooked
                        from recipe_version v join act a on a.household_id = v.household_id and a.id = v.act
                        where v.household_id = ? and v.recipe = ? and not exists (select 1 from act u
                            where u.household_id = a.household_id and u.reverses = a.id)
                        order by v.n desc""")
                .params(household.zone().getId(), household.id(), id)
                .query(VersionView.class)
                .list();
    }

    /** The recipes of these titles, whatever their letters' case, each with its own. */
    public Map<UUID, String> named(Household household, Collection<String> titles) {
        Map<UUID, String> named = new HashMap<>();
        if (!titles.isEmpty()) {
            db.sql("""
                            select r.id, v.title from recipe r
                            join recipe_version v on v.household_id = r.household_id and v.recipe = r.id
                                and v.n = r.current_version
                            where r.household_id = ? and lower(v.title) in (select lower(t) from unnest(?) as t)""")
                    .params(household.id(), titles.stream().map(String::strip).toArray(String[]::new))
                    .query(row -> {
                        named.put(row.getObject("id", UUID.class), row.getString("title"));
                    });
        }
        return named;
    }

    /** The current version of a recipe. */
    public Written current(Household household, UUID id) {
        return current(snapshots.of(household), id);
    }

    public Written current(Snapshot now, UUID id) {
        Written stored = versions.heads(now, List.of(id)).get(id);
        if (stored == null) {
            throw Problem.missing("There is no such recipe in the book.");
        }
        return stored;
    }

    /** One version of a recipe. @param n null for the current one */
    public Written version(Snapshot now, UUID id, @Nullable Integer n) {
        Written current = current(now, id);
        if (n == null || n == current.n()) {
            return current;
        }
        Written stored = versions.one(now, new Version(id, n));
        if (stored == null) {
            throw Problem.missing("This recipe has no version " + n + ".");
        }
        return stored;
    }

    /** The current versions of these recipes, by id; what is not in the book is left out. */
    public Map<UUID, Written> currents(Snapshot now, Collection<UUID> ids) {
        return versions.heads(now, ids);
    }

    /** Reads all of these at once, so that whoever asks for one of them later in the request finds it read. */
    public void read(Snapshot now, Collection<UUID> currents, Collection<Version> versions) {
        this.versions.read(now, currents, versions);
    }

    /** Versions of recipes, current or not: what was cooked keeps the version it was cooked by. */
    public Map<Version, Written> versions(Snapshot now, Collection<Version> asked) {
        return versions.of(now, asked);
    }

    @Override
    public Class<? extends Change> kind() {
        return Change.OfRecipe.class;
    }

    @Override
    public void write(Act act, List<Change> changes) {
        List<Written> all = changes.stream()
                .map(change -> ((Change.RecipeSet) change).written())
                .toList();
        List<Written> first =
                all.stream().filter(written -> written.version() == 0).toList();
        if (!first.isEmpty()) {
            add(act, first);
        }
        all.stream()
                .filter(written -> written.version() > 0)
                .forEach(next -> change(act, next.id(), next.version(), next.recipe(), next.about()));
    }

    /** Writes a recipe's first version. */
    public UUID add(Act act, Recipe recipe, About about) {
        UUID id = act.newId();
        add(act, List.of(new Written(id, 0, 0, about, recipe)));
        return id;
    }

    private void add(Act act, List<Written> first) {
        rows.write(
                act,
                first.stream()
                        .map(one -> new New(one.id(), 1, null, one.recipe(), one.about()))
                        .toList());
        once.forget();
        figures.changed(act.household(), first.stream().map(Written::id).toList());
    }

    /**
     * Writes the next version.
     *
     * @return its number
     * @param expected the version the cook had before her
     * @throws Problem if somebody has changed it since
     */
    public int change(Act act, UUID id, int expected, Recipe recipe, About about) {
        UUID household = act.household().id();
        record Locked(Integer currentVersion, int version, int next) {}
        Locked locked = db.sql("""
                        select current_version, version, (select max(n) + 1 from recipe_version v
                            where v.household_id = r.household_id and v.recipe = r.id) as next
                        from recipe r where household_id = ? and id = ? and current_version is not null for update""")
                .params(household, id)
                .query(Locked.class)
                .optional()
                .orElseThrow(() -> Problem.missing("There is no such recipe in the book."));
        if (locked.version() != expected) {
            throw Problem.changed("This recipe was changed in another window; open it again and add your change.");
        }
        rows.write(act, List.of(new New(id, locked.next(), locked.currentVersion(), recipe, about)));
        db.sql("update recipe set current_version = ?, version = version + 1 where household_id = ? and id = ?")
                .params(locked.next(), household, id)
                .update();
        once.forget();
        figures.changed(act.household(), List.of(id));
        return locked.next();
    }

    /**
     * Takes a recipe out of the book.
     *
     * @return its title
     * @throws Problem while a meal, a batch or another recipe stands on it, saying how many
     */
    String remove(Act act, UUID id) {
        UUID household = act.household().id();
        String title = current(act.household(), id).recipe().title();
        journal.before(act, Journal.Thing.RECIPE, id);
        record Standing(int meals, int batches, int recipes) {}
        Standing on = db.sql("""
                        select (select count(*)::int from meal_dish d
                                where d.household_id = r.household_id and d.recipe = r.id) as meals,
                            (select count(*)::int from batch b where b.household_id = r.household_id
                                and b.recipe = r.id and b.state <> 'DROPPED') as batches,
                            (select count(distinct u.id)::int from recipe u
                                join recipe_line l on l.household_id = u.household_id and l.recipe = u.id
                                    and l.n = u.current_version
                                where u.household_id = r.household_id and l.uses = r.id) as recipes
                        from recipe r where r.household_id = ? and r.id = ?""").params(household, id).query(Standing.class).single();
        List<String> stands = Stream.of(
                        counted(on.meals(), "meal"), counted(on.batches(), "batch"), counted(on.recipes(), "recipe"))
                .filter(words -> !words.isEmpty())
                .toList();
        if (!stands.isEmpty()) {
            throw Problem.at(
                    "/id",
                    "“" + title + "” stays in the book: " + String.join(" and ", stands)
                            + (on.meals() + on.batches() + on.recipes() == 1 ? " stands" : " stand") + " on it.");
        }
        db.sql("update recipe set current_version = null, version = version + 1 where household_id = ? and id = ?")
                .params(household, id)
                .update();
        once.forget();
        return title;
    }

    private static String counted(int many, String what) {
        String plural = what.equals("batch") ? "batches" : what + "s";
        return many == 0 ? "" : many + " " + (many == 1 ? what : plural);
    }

    /** A batch cooked by a version this act wrote, a later version, or an evening it is planned for, stands on it. */
    @Override
    public List<Blocker> blockers(UUID household, UUID act) {
        return db.sql("""
                        select a.id, a.subject from recipe_version v
                        join act own on own.household_id = v.household_id and own.id = v.act
                        join act a on a.household_id = v.household_id and a.seq > own.seq and (
                            a.id in (select b.act from batch b where b.household_id = v.household_id
                                and b.recipe = v.recipe and b.n = v.n and b.state <> 'DROPPED')
                            or a.id in (select w.act from recipe_version w where w.household_id = v.household_id
                                and w.recipe = v.recipe and w.n > v.n)
                            or v.replaced is null and a.id in (select w.act from recipe_line l
                                join recipe_version w on w.household_id = l.household_id and w.recipe = l.recipe
                                    and w.n = l.n
                                where l.household_id = v.household_id and l.uses = v.recipe)
                            or v.replaced is null and a.id in (select c.act from meal_dish d
                                join change c on c.household_id = d.household_id and c.thing = 'DISHES'
                                    and c.id = d.slot
                                where d.household_id = v.household_id and d.recipe = v.recipe))
                        where v.household_id = ? and v.act = ?
                        and not exists (select 1 from act u where u.household_id = a.household_id and u.reverses = a.id)
                        order by a.seq desc""")
                .params(household, act)
                .query((row, n) -> new Blocker(row.getString("id"), row.getString("subject")))
                .list();
    }

    /** Goes back to the version before; a recipe that had none leaves the book. */
    @Override
    public void undo(Act undo, Undone undone) {
        List<UUID> back = db.sql("""
                        update recipe r set current_version = v.replaced, version = r.version + 1 from recipe_version v
                        where v.household_id = ? and v.act = ?
                        and r.household_id = v.household_id and r.id = v.recipe returning r.id""")
                .params(undo.household().id(), undone.act())
                .query(UUID.class)
                .list();
        if (!back.isEmpty()) {
            figures.changed(undo.household(), back);
        }
    }
}
