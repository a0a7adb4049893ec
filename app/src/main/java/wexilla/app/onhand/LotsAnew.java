package wexilla.app.onhand;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.household.Foods;
import wexilla.app.household.Redescribed;
import wexilla.app.household.Reference;
import wexilla.app.platform.Act;
import wexilla.app.platform.Changes;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.kitchen.house.Household;
import wexilla.core.stations.onhand.Anew;
import wexilla.core.stations.onhand.Anew.Otherwise;
import wexilla.core.stations.onhand.Anew.Typed;

/** Reads what was typed of what is there, and writes down what is understood anew; every change is undone with its act. */
@Component
public class LotsAnew implements Redescribed {

    private final JdbcClient db;
    private final Foods foods;
    private final Snapshots snapshots;
    private final Changes writing;
    private final Reference reference;

    LotsAnew(JdbcClient db, Foods foods, Snapshots snapshots, Changes writing, Reference reference) {
        this.db = db;
        this.foods = foods;
        this.snapshots = snapshots;
        this.writing = writing;
        this.reference = reference;
    }

    /** What was put right since is no longer as it was typed. */
    private Anew anew(Household household) {
        Map<UUID, Typed> typed = db
                .sql("""
                        select m.lot, m.reason, a.happened_at from lot l
                        join movement m on m.household_id = l.household_id and m.lot = l.id and m.act = l.made_by
                            and m.kind in ('COUNTED', 'BOUGHT')
                        join act a on a.household_id = m.household_id and a.id = m.act and a.kind = 'note'
                        where l.household_id = ? and l.amount > 0 and not exists (
                            select 1 from change c
                            join act r on r.household_id = c.household_id and r.id = c.act and r.kind = 'right'
                            where c.household_id = l.household_id and c.thing = 'UNDERSTOOD' and c.id = l.id
                            and stands(r.household_id, r.id))""")
                .params(household.id())
                .query((row, n) -> new Typed(
                        row.getObject("lot", UUID.class),
                        row.getString("reason"),
                        household.dayOf(row.getTimestamp("happened_at").toInstant())))
                .list()
                .stream()
                .collect(Collectors.toMap(Typed::lot, one -> one, (first, second) -> first));
        return new Anew(snapshots.kitchen(household), typed);
    }

    @Override
    public void described(Act act, UUID food) {
        write(act, anew(act.household()).described(food));
    }

    @Override
    public void rules(Act act, Household now) {
        writing.write(act, new Anew(snapshots.kitchen(now), Map.of()).ruled(reference.keeping(act.household())));
    }

    /** Everything that came by a note, read again as it was typed: what reads otherwise now. */
    public List<Otherwise> otherwise(Household household) {
        return anew(household).otherwise();
    }

    /** Writes down what reads otherwise, but for what must be asked first. */
    public void heal(Act act, List<Otherwise> others) {
        write(act, others.stream().filter(one -> !one.asks()).toList());
    }

    private void write(Act act, List<Otherwise> others) {
        List<Food> other = others.stream()
                .filter(Otherwise::other)
                .flatMap(one -> Stream.ofNullable(one.food()))
                .toList();
        Map<Key, UUID> rows = other.isEmpty() ? Map.of() : foods.rows(act.household(), other);
        writing.write(act, others.stream().map(one -> one.change(rows)).toList());
    }
}
