package wexilla.app.platform;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.core.annotation.Order;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import wexilla.app.platform.Problem.Blocker;

/**
 * Remembers what editable rows looked like before an act changed them, so that undo puts them back. Whoever writes
 * such a row calls {@link #before} first, in the same act; what the ledger writes needs no journal.
 */
@Component
@Order(1)
public class Journal implements Undoable {

    /** What can be edited: a row found by its id, or all rows that belong to one owner. */
    public enum Thing {
        /** A secret that was replaced never comes back. */
        HOUSEHOLD("household", "id", "id") {
            @Override
            boolean secret(String column) {
                return column.equals("feed");
            }
        },
        PERSON("person", "household_id", "id"),
        EQUIPMENT("equipment", "household_id", "id"),
        PLACE("place", "household_id", "id"),
        STRETCH("stretch", "household_id", "id"),
        SHARES("share", "household_id", "stretch"),
        PACKS("stretch_pack", "household_id", "stretch"),
        BATCH("batch", "household_id", "id"),
        SLOT("slot", "household_id", "id"),
        AT_TABLE("slot_person", "household_id", "slot"),
        DISHES("meal_dish", "household_id", "slot"),
        DISH_EATERS("meal_dish_person", "household_id", "slot"),
        GUESTS("slot_guest", "household_id", "slot"),
        HABIT("meal_habit", "household_id", "id"),
        HABIT_PEOPLE("meal_habit_person", "household_id", "habit"),
        RATINGS("rating", "household_id", "slot"),
        NEXT_TIMES("next_time", "household_id", "recipe"),
        FOOD("food", "household_id", "id"),
        COOK_DAY("cook_day", "household_id", "id"),
        COOK_TASKS("cook_task", "household_id", "cook_day"),
        COOK_LAGS("cook_lag", "household_id", "cook_day"),
        COOK_HANDS("cook_hand", "household_id", "cook_day"),
        COOK_GEAR("cook_gear", "household_id", "cook_day"),
        COOK_TIMERS("cook_timer", "household_id", "cook_day"),
        MEASURE("food_measure", "household_id", "id"),
        OFFER("offer", "household_id", "id"),
        PURCHASE("purchase", "household_id", "act"),
        /** Whether a recipe is in the book. */
        RECIPE("recipe", "household_id", "id", "current_version, version"),
        /** Whether a lot has a price, and whether it is one it was given since. */
        WORTH("lot", "household_id", "id", "cost_complete, valued"),
        /** How a lot is understood; what it holds and costs is the ledger's. */
        UNDERSTOOD(
                "lot",
                "household_id",
                "id",
                "food, place, state, keeping_class, clock_from, used_days, frozen_on, thawed_on, use_from, eat_by, best_before");

        private final String table;
        private final String household;
        private final String key;
        private final @Nullable String part;

        Thing(String table, String household, String key) {
            this(table, household, key, null);
        }

        /** @param part the columns that are put back; all when it is null */
        Thing(String table, String household, String key, @Nullable String part) {
            this.table = table;
            this.household = household;
            this.key = key;
            this.part = part;
        }

        /** Whether a column is never put back. */
        boolean secret(String column) {
            return false;
        }

        private boolean oneRow() {
            return key.equals("id");
        }

        private String whereOne() {
            return " where t." + household + " = :household and t." + key + " = mine.id";
        }

        private String where() {
            return " where t." + household + " = :household and t." + key + " = any (:ids)";
        }
    }

    /** What {@link Once} keeps for an act. */
    private static final Set<Thing> READ_ONCE =
            EnumSet.of(Thing.FOOD, Thing.MEASURE, Thing.PLACE, Thing.PERSON, Thing.EQUIPMENT, Thing.RECIPE);

    private record Image(Thing thing, UUID id, String before) {}

    private final JdbcClient db;
    private final JsonMapper json;
    private final Once once;
    private static final String VERSION = "version";
    private static final String KEPT = "where old.id not in (select id from kept)";
    /** An insert that waits until everything that goes is gone. */
    private static final String GONE = "where (select count(*) from gone) >= 0";

    /** Of each table, once they were asked for. */
    private volatile Map<String, List<String>> columns = Map.of();

    Journal(JdbcClient db, JsonMapper json, Once once) {
        this.json = json;
        this.once = once;
        this.db = db;
    }

    /**
     * Keeps how the thing looks now; only the first call of an act for the same thing counts. The act holds the household:
     * nobody else changes it meanwhile.
     */
    public void before(Act act, Thing thing, UUID id) {
        before(act, List.of(thing), id);
    }

    /** The same of several things that are found by one id. */
    public void before(Act act, List<Thing> things, UUID id) {
        before(act, things, List.of(id));
    }

    /** The same of many. */
    public void before(Act act, List<Thing> things, Collection<UUID> ids) {
        if (things.stream().anyMatch(READ_ONCE::contains)) {
            once.stop();
        }
        String images = things.stream()
                .map(thing -> "select :household, :act, '" + thing.name() + "', mine.id, (select coalesce("
                        + "jsonb_agg(to_jsonb(t)), '[]') from " + thing.table + " t" + thing.whereOne()
                        + ") from unnest(:ids) mine (id)")
                .collect(Collectors.joining(" union all "));
        db.sql("insert into change (household_id, act, thing, id, before) " + images + " on conflict do nothing")
                .param("household", act.household().id())
                .param("act", act.id())
                .param("ids", ids.stream().distinct().toArray(UUID[]::new))
                .update();
    }

    /** Later live acts that changed the same thing. */
    @Override
    public List<Blocker> blockers(UUID household, UUID act) {
        return db.sql("""
                        select distinct a.seq, a.id, a.subject from change mine
                        join change later on later.household_id = mine.household_id and later.thing = mine.thing
                            and later.id = mine.id and later.seq > mine.seq and later.act <> mine.act
                        join act a on a.household_id = later.household_id and a.id = later.act and a.kind <> 'undo'
                        where mine.household_id = ? and mine.act = ?
                        and not exists (select 1 from act u where u.household_id = a.household_id and u.reverses = a.id)
                        order by a.seq desc""")
                .params(household, act)
                .query((row, n) -> new Blocker(row.getString("id"), row.getString("subject")))
                .list();
    }

    /** Things of a kind at once: foreign keys wait until all of it is back. */
    @Override
    public void undo(Act undo, Undone undone) {
        Map<Thing, List<Image>> images = new LinkedHashMap<>();
        db.sql("select thing, id, before from change where household_id = ? and act = ? order by seq desc")
                .params(undo.household().id(), undone.act())
                .query((row, n) -> new Image(
                        Thing.valueOf(row.getString("thing")),
                        row.getObject("id", UUID.class),
                        row.getString("before")))
                .list()
                .forEach(image -> images.computeIfAbsent(image.thing(), thing -> new ArrayList<>())
                        .add(image));
        once.stop();
        images.forEach((thing, all) -> putBack(undo.household().id(), thing, all));
    }

    /**
     * An image may be older than the table: what it does not know keeps its value, or gets the default. A version only
     * rises, so that a screen that shows the row as it is now cannot overwrite what was put back.
     */
    private void putBack(UUID household, Thing thing, List<Image> images) {
        ArrayNode before = json.createArrayNode();
        images.forEach(image -> json.readTree(image.before()).forEach(before::add));
        Set<String> known = new HashSet<>();
        before.forEach(row -> known.addAll(row.propertyNames()));
        List<String> all = columns(thing).stream()
                .filter(column ->
                        thing.part == null || List.of(thing.part.split(", ")).contains(column))
                .filter(column -> known.isEmpty() || known.contains(column))
                .filter(column -> !thing.secret(column))
                .toList();
        String inserted = " insert into " + thing.table + " (" + String.join(", ", all) + ") select "
                + all.stream()
                        .map(column -> column.equals(VERSION) ? "old.version + 1" : "old." + column)
                        .collect(Collectors.joining(", "))
                + " from old ";
        String sql = "with old as (select * from jsonb_populate_recordset(null::" + thing.table + ", :before::jsonb))"
                + (thing.part == null ? ", " : " ");
        boolean made = images.size() > before.size();
        db.sql(sql
                        + (thing.part != null
                                ? changed(thing, all)
                                : thing.oneRow()
                                        ? "kept as (" + changed(thing, all) + " returning t.id)"
                                                + (made ? ", " + made(thing) : "") + inserted + KEPT
                                        : owned(thing) + inserted + GONE))
                .param("household", household)
                .param("ids", images.stream().map(Image::id).toArray(UUID[]::new))
                .param("before", json.writeValueAsString(before))
                .update();
    }

    /** Rows that are there are changed back. */
    private static String changed(Thing thing, List<String> all) {
        String put = all.stream()
                .filter(column -> !column.equals(VERSION))
                .map(column -> column + " = old." + column)
                .collect(Collectors.joining(", "));
        return "update " + thing.table + " t set " + put
                + (all.contains(VERSION) ? ", version = t.version + 1" : "") + " from old" + thing.where()
                + " and old.id = t.id";
    }

    /** Those that were not there before go. */
    private static String made(Thing thing) {
        return "gone as (delete from " + thing.table + " t" + thing.where()
                + " and not exists (select 1 from old where old.id = t.id))";
    }

    /** All rows of an owner go first. */
    private static String owned(Thing thing) {
        return "gone as (delete from " + thing.table + " t" + thing.where() + " returning 1)";
    }

    /** The tables do not change while Wexilla runs. */
    private List<String> columns(Thing thing) {
        if (columns.isEmpty()) {
            columns = db
                    .sql("select table_name, column_name from information_schema.columns "
                            + "where table_schema = current_schema() order by 1, 2")
                    .query((row, n) -> Map.entry(row.getString("table_name"), row.getString("column_name")))
                    .list()
                    .stream()
                    .collect(Collectors.groupingBy(
                            Map.Entry::getKey, Collectors.mapping(Map.Entry::getValue, Collectors.toList())));
        }
        return Objects.requireNonNull(columns.get(thing.table));
    }
}
