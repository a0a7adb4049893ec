package wexilla.app.plan;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.platform.Act;
import wexilla.app.platform.Household;
import wexilla.app.platform.Journal;
import wexilla.app.platform.Journal.Thing;
import wexilla.core.planning.Evening;

/** The evenings as decided. */
@Component
public class Slots {

    /** What kind of evening it is. */
    public enum Kind {
        COOK,
        STOCK,
        LEFTOVERS,
        UNDECIDED,
        OUT
    }

    /** What became of it; ASSUMED when nobody said anything and it went as planned. */
    public enum State {
        PLANNED,
        EATEN,
        ASSUMED,
        OTHER,
        OUT
    }

    /** How a dish is named on an evening. */
    public enum DishKind {
        RECIPE,
        BATCH,
        SIDE
    }

    /** @param of the recipe or the batch; null for a side, which is its text */
    public record Dish(
            DishKind kind,
            @Nullable UUID of,
            String text,
            @Nullable Integer portions) {}

    /** @param minutes there are for it before table time */
    public record Slot(
            UUID id,
            LocalDate day,
            LocalTime table,
            int minutes,
            Kind kind,
            State state,
            boolean locked,
            String note,
            int version,
            List<UUID> people,
            List<Dish> dishes) {}

    private final JdbcClient db;
    private final Journal journal;

    Slots(JdbcClient db, Journal journal) {
        this.db = db;
        this.journal = journal;
    }

    /** From this day to that, both included, in their order; days without a plan are left out. */
    public List<Slot> between(Household household, LocalDate from, LocalDate to) {
        Map<UUID, List<Dish>> dishes = new HashMap<>();
        Map<UUID, Slot> slots = new LinkedHashMap<>();
        db.sql("""
                        select s.*, d.kind as dish_kind, d.recipe, d.batch, d.text, d.portions,
                            array(select p.person from slot_person p where p.household_id = s.household_id
                                and p.slot = s.id order by p.person) as people
                        from slot s left join meal_dish d on d.household_id = s.household_id and d.slot = s.id
                        where s.household_id = ? and s.day between ? and ? order by s.day, s.id, d.pos""").params(household.id(), from, to).query(row -> {
            UUID id = row.getObject("id", UUID.class);
            List<Dish> own = dishes.computeIfAbsent(id, slot -> new ArrayList<>());
            if (row.getString("dish_kind") != null) {
                own.add(dish(row));
            }
            slots.put(id, slot(row, own));
        });
        return List.copyOf(slots.values());
    }

    public Optional<Slot> on(Household household, LocalDate day) {
        return between(household, day, day).stream().findFirst();
    }

    /** The table time of most of the last evenings, once two have it; else half past six. One noon moves no evening. */
    public LocalTime usualTable(Household household) {
        return db.sql("""
                        select table_time from (
                            select table_time, day from slot where household_id = ? order by day desc limit 14) lately
                        group by table_time having count(*) > 1 order by count(*) desc, max(day) desc limit 1""")
                .params(household.id())
                .query((row, n) -> row.getObject("table_time", LocalTime.class))
                .optional()
                .orElse(Evening.USUAL_TABLE);
    }

    private static Slot slot(ResultSet row, List<Dish> dishes) throws SQLException {
        UUID id = row.getObject("id", UUID.class);
        return new Slot(
                id,
                row.getObject("day", LocalDate.class),
                row.getObject("table_time", LocalTime.class),
                row.getInt("minutes"),
                Kind.valueOf(row.getString("kind")),
                State.valueOf(row.getString("state")),
                row.getBoolean("locked"),
                row.getString("note"),
                row.getInt("version"),
                List.of((UUID[]) row.getArray("people").getArray()),
                dishes);
    }

    private static Dish dish(ResultSet row) throws SQLException {
        DishKind kind = DishKind.valueOf(row.getString("dish_kind"));
        UUID of = row.getObject(kind == DishKind.RECIPE ? "recipe" : "batch", UUID.class);
        return new Dish(kind, of, row.getString("text"), (Integer) row.getObject("portions"));
    }

    /** Writes an evening, or writes it anew with who eats and what. */
    public void save(Act act, Slot slot) {
        UUID household = act.household().id();
        for (Thing thing : List.of(Thing.SLOT, Thing.AT_TABLE, Thing.DISHES)) {
            journal.before(act, thing, slot.id());
        }
        db.sql("""
                        insert into slot (household_id, id, day, table_time, minutes, kind, state, locked, note)
                        values (?, ?, ?, ?, ?, ?, ?, ?, ?)
                        on conflict (household_id, id) do update set day = excluded.day,
                            table_time = excluded.table_time, minutes = excluded.minutes, kind = excluded.kind,
                            state = excluded.state, locked = excluded.locked, note = excluded.note,
                            version = slot.version + 1""")
                .params(
                        household,
                        slot.id(),
                        slot.day(),
                        slot.table(),
                        slot.minutes(),
                        slot.kind().name(),
                        slot.state().name(),
                        slot.locked(),
                        slot.note())
                .update();
        for (String table : List.of("slot_person", "meal_dish")) {
            db.sql("delete from " + table + " where household_id = ? and slot = ?")
                    .params(household, slot.id())
                    .update();
        }
        slot.people()
                .forEach(person -> db.sql("insert into slot_person (household_id, slot, person) values (?, ?, ?)")
                        .params(household, slot.id(), person)
                        .update());
        for (int pos = 0; pos < slot.dishes().size(); pos++) {
            insert(household, slot.id(), pos, slot.dishes().get(pos));
        }
    }

    private void insert(UUID household, UUID slot, int pos, Dish dish) {
        db.sql("""
                        insert into meal_dish (household_id, slot, pos, kind, recipe, batch, text, portions)
                        values (?, ?, ?, ?, ?, ?, ?, ?)""")
                .params(Arrays.asList(
                        household,
                        slot,
                        pos,
                        dish.kind().name(),
                        dish.kind() == DishKind.RECIPE ? dish.of() : null,
                        dish.kind() == DishKind.BATCH ? dish.of() : null,
                        dish.text(),
                        dish.portions()))
                .update();
    }

    /** Says what became of an evening. @param eaten what it was instead, null when it was as planned or nobody said */
    public void state(Act act, UUID slot, State state, @Nullable String eaten) {
        journal.before(act, Thing.SLOT, slot);
        db.sql("update slot set state = ?, eaten = ?, version = version + 1 where household_id = ? and id = ?")
                .params(Arrays.asList(state.name(), eaten, act.household().id(), slot))
                .update();
    }
}
