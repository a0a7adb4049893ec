package wexilla.app.onhand;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.platform.Act;
import wexilla.app.platform.Changes;
import wexilla.app.platform.Journal;
import wexilla.app.platform.Journal.Thing;
import wexilla.app.platform.Rows;
import wexilla.core.kitchen.Batch;
import wexilla.core.kitchen.Change;
import wexilla.core.kitchen.NewBatch;
import wexilla.core.kitchen.house.Household;
import wexilla.core.quantity.Amount;

/** The one class that writes batches: planned, cooked, or there before Wexilla was. */
@Component
public class BatchRows implements Changes.Writer {

    private final JdbcClient db;
    private final Journal journal;

    private final Rows rows;

    BatchRows(JdbcClient db, Journal journal, Rows rows) {
        this.rows = rows;
        this.db = db;
        this.journal = journal;
    }

    @Override
    public Class<? extends Change> kind() {
        return Change.OfBatch.class;
    }

    @Override
    public void write(Act act, List<Change> changes) {
        List<NewBatch> set = new ArrayList<>();
        List<Map<String, Object>> lines = new ArrayList<>();
        List<UUID> dropped = new ArrayList<>();
        Map<UUID, String> names = new LinkedHashMap<>();
        for (Change change : changes) {
            if (change instanceof Change.BatchSet one) {
                set.add(one.batch());
            } else if (change instanceof Change.WentIn wentIn) {
                wentIn.lines().forEach(line -> lines.add(row(act, wentIn.batch(), line)));
            } else if (change instanceof Change.BatchDropped one) {
                dropped.add(one.batch());
            } else if (change instanceof Change.Called one) {
                names.put(one.batch(), one.name());
            }
        }
        call(act, names);
        write(act, set, dropped);
        rows.insert("batch_line", lines);
    }

    private static Map<String, Object> row(Act act, UUID batch, Change.Line line) {
        Amount need = line.need();
        Map<String, Object> row = new HashMap<>();
        row.put("household_id", act.household().id());
        row.put("batch", batch);
        row.put("act", act.id());
        row.put("pos", line.pos());
        row.put("text", line.text());
        row.put("food", line.food());
        row.put("amount", need == null ? null : need.value().toDecimal(Change.DECIMALS));
        row.put("unit", need == null ? null : need.unit().symbol());
        row.put("used", need == null ? null : need.value().toDecimal(Change.DECIMALS));
        row.put("why", line.why());
        return row;
    }

    /** Writes it, or writes a planned one anew. */
    public UUID write(Act act, NewBatch batch) {
        write(act, List.of(batch), List.of());
        return batch.id();
    }

    /** A batch that was planned, or is, is journalled; one that is cooked from nothing is undone with its act. */
    private void write(Act act, Collection<NewBatch> set, Collection<UUID> dropped) {
        Map<UUID, NewBatch> last = new LinkedHashMap<>();
        set.forEach(batch -> last.put(batch.id(), batch));
        List<UUID> done = last.values().stream()
                .filter(batch -> batch.state() != Batch.State.PLANNED)
                .map(NewBatch::id)
                .toList();
        List<UUID> was = new ArrayList<>(dropped);
        was.addAll(last.keySet());
        was.removeAll(done);
        was.addAll(planned(act, done));
        if (!was.isEmpty()) {
            journal.before(act, List.of(Thing.BATCH), was);
        }
        rows.insert(
                "batch", last.values().stream().map(batch -> row(act, batch)).toList(), """
                on conflict (household_id, id) do update set n = excluded.n, name = excluded.name,
                    factor_num = excluded.factor_num, factor_den = excluded.factor_den,
                    vessels = excluded.vessels, portions = excluded.portions, style = excluded.style,
                    state = excluded.state, cook_on = excluded.cook_on, done_at = excluded.done_at,
                    flat_cost = excluded.flat_cost, follows = excluded.follows, act = excluded.act""");
        if (!dropped.isEmpty()) {
            db.sql("update batch set state = 'DROPPED' where household_id = ? and id = any (?) and state = 'PLANNED'")
                    .params(act.household().id(), dropped.toArray(UUID[]::new))
                    .update();
        }
    }

    private static Map<String, Object> row(Act act, NewBatch batch) {
        Map<String, Object> row = new HashMap<>();
        row.put("household_id", act.household().id());
        row.put("id", batch.id());
        row.put("recipe", batch.recipe());
        row.put("n", batch.n());
        row.put("name", batch.name());
        row.put("factor_num", batch.size().factor().numerator());
        row.put("factor_den", batch.size().factor().denominator());
        row.put("vessels", batch.size().vessels());
        row.put("portions", batch.portions().toDecimal(Change.DECIMALS));
        row.put("style", batch.style().name());
        row.put("state", batch.state().name());
        row.put("cook_on", batch.cookOn());
        row.put("done_at", batch.state() == Batch.State.DONE ? act.happenedAt().toString() : null);
        row.put("food", batch.cookedFrom());
        row.put("follows", batch.follows());
        row.put("flat_cost", batch.flat().minor());
        row.put("act", act.id());
        return row;
    }

    private List<UUID> planned(Act act, List<UUID> ids) {
        return ids.isEmpty()
                ? ids
                : db.sql("select id from batch where household_id = ? and id = any (?)")
                        .params(act.household().id(), ids.toArray(UUID[]::new))
                        .query(UUID.class)
                        .list();
    }

    /** A planned batch is not cooked after all. */
    public void drop(Act act, UUID id) {
        write(act, List.of(), List.of(id));
    }

    private void call(Act act, Map<UUID, String> names) {
        if (names.isEmpty()) {
            return;
        }
        journal.before(act, List.of(Thing.BATCH), names.keySet());
        UUID household = act.household().id();
        List<Map<String, Object>> called = new ArrayList<>();
        names.forEach((id, name) -> called.add(Map.of("id", id, "name", name)));
        rows.update("batch", household, called);
    }

    /** What an act cooked is undone with it. */
    public void undo(Act undo, UUID undone) {
        db.sql("update batch set state = 'DROPPED' where household_id = ? and act = ? and state = 'DONE'")
                .params(undo.household().id(), undone)
                .update();
    }

    /** The batches of these recipes that were cooked on this day and are not eaten up, by recipe. */
    public Map<UUID, UUID> cookedOn(Household household, Collection<UUID> recipes, LocalDate day) {
        return db
                .sql("""
                        select b.recipe, b.id from batch b join lot l on l.household_id = b.household_id and l.batch = b.id
                        where b.household_id = ? and b.recipe = any (?) and b.state = 'DONE' and b.cook_on = ? and l.amount > 0""")
                .params(household.id(), recipes.toArray(UUID[]::new), day)
                .query((row, at) -> Map.entry(row.getObject("recipe", UUID.class), row.getObject("id", UUID.class)))
                .list()
                .stream()
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue, (first, then) -> first));
    }
}
