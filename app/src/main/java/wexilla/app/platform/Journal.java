package wexilla.app.platform;

import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.core.annotation.Order;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;
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
        BATCH("batch", "household_id", "id"),
        SLOT("slot", "household_id", "id"),
        AT_TABLE("slot_person", "household_id", "slot"),
        DISHES("meal_dish", "household_id", "slot"),
        DISH_EATERS("meal_dish_person", "household_id", "slot"),
        GUESTS("slot_guest", "household_id", "slot"),
        HABIT("meal_habit", "household_id", "id"),
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

        private String where() {
            return " where t." + household + " = :household and t." + key + " = :id";
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

    private final Map<Thing, List<String>> columns = new ConcurrentHashMap<>();

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
        if (things.stream().anyMatch(READ_ONCE::contains)) {
            once.stop();
        }
        String images = things.stream()
                .map(thing ->
                        "select :household, :act, '" + thing.name() + "', :id, coalesce(jsonb_agg(to_jsonb(t)), '[]')"
                                + " from " + thing.table + " t" + thing.where())
                .collect(Collectors.joining(" union all "));
        db.sql("insert into change (household_id, act, thing, id, before) " + images + " on conflict do nothing")
                .params(keys(act.household().id(), id))
                .param("act", act.id())
                .update();
    }

    private static Map<String, Object> keys(UUID household, UUID id) {
        Map<String, Object> keys = new HashMap<>();
        keys.put("household", household);
        keys.put("id", id);
        return keys;
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

    @Override
    public void undo(Act undo, UUID undone) {
        List<Image> images = db.sql(
                        "select thing, id, before from change where household_id = ? and act = ? order by seq desc")
                .params(undo.household().id(), undone)
                .query((row, n) -> new Image(
                        Thing.valueOf(row.getString("thing")),
                        row.getObject("id", UUID.class),
                        row.getString("before")))
                .list();
        once.stop();
        images.forEach(image -> putBack(undo.household().id(), image));
    }

    /**
     * An image may be older than the table: what it does not know keeps its value, or gets the default. A version only
     * rises, so that a screen that shows the row as it is now cannot overwrite what was put back.
     */
    private void putBack(UUID household, Image image) {
        Thing thing = image.thing();
        Map<String, Object> keys = keys(household, image.id());
        String old = "jsonb_populate_recordset(null::" + thing.table + ", :before::jsonb)";
        Set<String> known = known(image.before());
        List<String> all = columns.computeIfAbsent(thing, this::columns).stream()
                .filter(column ->
                        thing.part == null || List.of(thing.part.split(", ")).contains(column))
                .filter(column -> known.isEmpty() || known.contains(column))
                .filter(column -> !thing.secret(column))
                .toList();
        List<String> put =
                all.stream().filter(column -> !column.equals(VERSION)).toList();
        boolean versioned = put.size() < all.size();
        boolean kept = thing.oneRow()
                && db.sql("update " + thing.table + " t set (" + String.join(", ", put) + ") = (select "
                                        + String.join(", ", put) + " from " + old + ")"
                                        + (versioned ? ", version = t.version + 1" : "")
                                        + thing.where() + " and :before::jsonb <> '[]'")
                                .params(keys)
                                .param("before", image.before())
                                .update()
                        == 1;
        if (!kept) {
            db.sql("delete from " + thing.table + " t" + thing.where())
                    .params(keys)
                    .update();
            String columns = String.join(", ", all);
            String values = all.stream()
                    .map(column -> column.equals(VERSION) ? "version + 1" : column)
                    .collect(Collectors.joining(", "));
            db.sql("insert into " + thing.table + " (" + columns + ") select " + values + " from " + old)
                    .param("before", image.before())
                    .update();
        }
    }

    /** The columns an image knows; none of one without rows. */
    private Set<String> known(String before) {
        Set<String> known = new HashSet<>();
        json.readTree(before).forEach(row -> known.addAll(row.propertyNames()));
        return known;
    }

    private List<String> columns(Thing thing) {
        return db.sql("select column_name from information_schema.columns where table_name = ? order by 1")
                .params(thing.table)
                .query(String.class)
                .list();
    }
}
