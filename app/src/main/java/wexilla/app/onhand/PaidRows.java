package wexilla.app.onhand;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.platform.Act;
import wexilla.app.platform.Changes;
import wexilla.app.platform.Journal;
import wexilla.app.platform.Journal.Thing;
import wexilla.app.platform.Rows;
import wexilla.core.kitchen.Lot;
import wexilla.core.money.Money;
import wexilla.core.stations.onhand.Correcting;
import wexilla.core.stations.onhand.PaidRight;
import wexilla.core.stations.onhand.PaidRight.Haul;
import wexilla.core.stations.onhand.PaidRight.Seen;

/** The prices that were seen when something came, and what its haul summed to: read, and written as they are put right. */
@Component
class PaidRows {

    private final JdbcClient db;
    private final Changes writing;
    private final Journal journal;
    private final Prices prices;
    private final Rows rows;

    PaidRows(JdbcClient db, Changes writing, Journal journal, Prices prices, Rows rows) {
        this.rows = rows;
        this.db = db;
        this.writing = writing;
        this.journal = journal;
        this.prices = prices;
    }

    /** @param is what it is now, {@code cost} of what is there of it */
    String right(Act act, Lot lot, List<Lot> line, Correcting.Is is, Money cost) {
        List<Seen> seen = is.food() == null ? List.of() : seen(act, List.of(lot), is.food());
        PaidRight paid = PaidRight.of(lot, line, is, cost, seen, act.day());
        writing.write(act, paid.worth());
        if (paid.seen() != null) {
            prices.record(act, paid.seen());
        }
        List<Map<String, Object>> anew = new ArrayList<>();
        paid.priced().forEach((id, minor) -> anew.add(Map.of("id", id, "price", minor)));
        update(act, anew);
        hauls(act, paid.more());
        return paid.words();
    }

    /** The prices of this food that the acts wrote by which these came. */
    private List<Seen> seen(Act act, Collection<Lot> of, UUID food) {
        return db.sql("""
                        select id, act, base_amount, base_unit, price, multi_n from offer
                        where household_id = ? and food = ? and price is not null and act = any (?) order by id""")
                .params(act.household().id(), food, origins(act, of))
                .query((row, n) -> new Seen(
                        row.getObject("id", UUID.class),
                        row.getObject("act", UUID.class),
                        row.getBigDecimal("base_amount"),
                        row.getString("base_unit"),
                        row.getLong("price"),
                        (Integer) row.getObject("multi_n")))
                .list();
    }

    private UUID[] origins(Act act, Collection<Lot> of) {
        return db.sql("""
                        with recursive up (lot) as (
                            select unnest(?::uuid[])
                            union
                            select s.parent from lot_source s join up on up.lot = s.child where s.household_id = ?)
                        select distinct l.made_by from lot l join up on up.lot = l.id where l.household_id = ?""")
                .params(
                        of.stream().map(Lot::id).toArray(UUID[]::new),
                        act.household().id(),
                        act.household().id())
                .query(UUID.class)
                .list()
                .toArray(UUID[]::new);
    }

    private void update(Act act, List<Map<String, Object>> anew) {
        if (!anew.isEmpty()) {
            journal.before(
                    act,
                    List.of(Thing.OFFER),
                    anew.stream().map(row -> (UUID) row.get("id")).toList());
            rows.update("offer", act.household().id(), anew);
        }
    }

    private void hauls(Act act, Map<UUID, Long> more) {
        UUID household = act.household().id();
        UUID[] acts = more.keySet().toArray(UUID[]::new);
        List<Haul> hauls = acts.length == 0
                ? List.of()
                : db.sql("select act, lines, till from purchase where household_id = ? and act = any (?)")
                        .params(household, acts)
                        .query((row, n) -> {
                            Long till = (Long) row.getObject("till");
                            return new Haul(
                                    row.getObject("act", UUID.class),
                                    Money.of(
                                            row.getLong("lines"),
                                            act.household().currency()),
                                    till == null
                                            ? null
                                            : Money.of(till, act.household().currency()));
                        })
                        .list();
        if (hauls.isEmpty()) {
            return;
        }
        journal.before(
                act, List.of(Thing.PURCHASE), hauls.stream().map(Haul::act).toList());
        Long[] sums = hauls.stream()
                .map(haul ->
                        haul.with(Objects.requireNonNull(more.get(haul.act()))).minor())
                .toArray(Long[]::new);
        db.sql("update purchase p set lines = now.lines from unnest(?::uuid[], ?::bigint[]) as now (act, lines) "
                        + "where p.household_id = ? and p.act = now.act")
                .params(hauls.stream().map(Haul::act).toArray(UUID[]::new), sums, household)
                .update();
    }

    /** What a lot cost was seen of another food than it is, and so was what it came with. */
    void renamed(Act act, Lot lot, List<Lot> line, Correcting.Is is) {
        UUID was = lot.food();
        UUID now = is.food();
        if (was == null || now == null || was.equals(now)) {
            return;
        }
        List<Lot> all = Stream.concat(Stream.of(lot), line.stream()).toList();
        List<Map<String, Object>> anew = new ArrayList<>();
        PaidRight.ofAnother(all, seen(act, all, was))
                .forEach(id -> anew.add(new HashMap<>(Map.of("id", id, "food", now))));
        update(act, anew);
    }
}
