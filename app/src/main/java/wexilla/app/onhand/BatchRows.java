package wexilla.app.onhand;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
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
        for (Change change : changes) {
            if (change instanceof Change.BatchSet set) {
                write(act, set.batch());
            } else if (change instanceof Change.WentIn wentIn) {
                lines(act, wentIn);
            } else if (change instanceof Change.BatchDropped dropped) {
                drop(act, dropped.batch());
            }
        }
    }

    private void lines(Act act, Change.WentIn wentIn) {
        List<Map<String, Object>> all = new ArrayList<>();
        for (Change.Line line : wentIn.lines()) {
            Amount need = line.need();
            Map<String, Object> row = new HashMap<>();
            row.put("household_id", act.household().id());
            row.put("batch", wentIn.batch());
            row.put("act", act.id());
            row.put("pos", line.pos());
            row.put("text", line.text());
            row.put("food", line.food());
            row.put("amount", need == null ? null : need.value().toDecimal(Change.DECIMALS));
            row.put("unit", need == null ? null : need.unit().symbol());
            row.put("used", need == null ? null : need.value().toDecimal(Change.DECIMALS));
            row.put("why", line.why());
            all.add(row);
        }
        rows.insert("batch_line", all);
    }

    /** Writes it, or writes a planned one anew. */
    public UUID write(Act act, NewBatch batch) {
        if (batch.state() == Batch.State.PLANNED || planned(act, batch.id())) {
            journal.before(act, Thing.BATCH, batch.id());
        }
        db.sql("""
                        insert into batch (household_id, id, recipe, n, name, factor_num, factor_den, vessels, portions,
                            style, state, cook_on, done_at, flat_cost, act)
                        values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)
                        on conflict (household_id, id) do update set n = excluded.n, name = excluded.name,
                            factor_num = excluded.factor_num, factor_den = excluded.factor_den,
                            vessels = excluded.vessels, portions = excluded.portions, style = excluded.style,
                            state = excluded.state, cook_on = excluded.cook_on, done_at = excluded.done_at,
                            flat_cost = excluded.flat_cost, act = excluded.act""")
                .params(Arrays.asList(
                        act.household().id(),
                        batch.id(),
                        batch.recipe(),
                        batch.n(),
                        batch.name(),
                        new BigDecimal(batch.size().factor().numerator()),
                        new BigDecimal(batch.size().factor().denominator()),
                        batch.size().vessels(),
                        batch.portions().toDecimal(Change.DECIMALS),
                        batch.style().name(),
                        batch.state().name(),
                        batch.cookOn(),
                        batch.state() == Batch.State.DONE ? act.happenedAt().atOffset(ZoneOffset.UTC) : null,
                        batch.flat().minor(),
                        act.id()))
                .update();
        return batch.id();
    }

    private boolean planned(Act act, UUID id) {
        return db.sql("select exists (select 1 from batch where household_id = ? and id = ?)")
                .params(act.household().id(), id)
                .query(Boolean.class)
                .single();
    }

    /** A planned batch is not cooked after all. */
    public void drop(Act act, UUID id) {
        journal.before(act, Thing.BATCH, id);
        db.sql("update batch set state = 'DROPPED' where household_id = ? and id = ? and state = 'PLANNED'")
                .params(act.household().id(), id)
                .update();
    }

    /** A dish is called otherwise. */
    void rename(Act act, UUID id, String name) {
        journal.before(act, Thing.BATCH, id);
        db.sql("update batch set name = ? where household_id = ? and id = ?")
                .params(name, act.household().id(), id)
                .update();
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
