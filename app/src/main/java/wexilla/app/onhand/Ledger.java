package wexilla.app.onhand;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.platform.Act;
import wexilla.app.platform.Changes;
import wexilla.app.platform.Journal;
import wexilla.app.platform.Problem.Blocker;
import wexilla.app.platform.Rows;
import wexilla.app.platform.Undoable;
import wexilla.core.kitchen.Change;
import wexilla.core.kitchen.Change.Kind;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.NewLot;
import wexilla.core.money.Money;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.UnitWeight;

/**
 * The one class that writes lots and movements. Every change of a lot is a movement of an act; amounts never go below
 * zero; the sum of a lot's movements is its amount and its cost.
 */
@Component
public class Ledger implements Undoable, Changes.Writer {

    private final JdbcClient db;
    private final Journal journal;

    private final Rows rows;

    Ledger(JdbcClient db, Journal journal, Rows rows) {
        this.rows = rows;
        this.db = db;
        this.journal = journal;
    }

    @Override
    public Class<? extends Change> kind() {
        return Change.OfLot.class;
    }

    /** Writes down what an act changes, with a handful of statements whatever their number. */
    @Override
    public void write(Act act, List<Change> changes) {
        Written written = new Written(act);
        for (Change change : changes) {
            if (change instanceof Change.Made made) {
                written.makes(made);
            } else if (change instanceof Change.Carried carried) {
                NewLot lot = carried.made();
                written.adds(lot);
                written.goes(carried.lot(), lot, lot.amount(), lot.cost().known(), carried.kind(), "");
                written.moves(
                        lot.id(),
                        carried.kind(),
                        decimal(lot.amount()),
                        lot.cost().known().minor(),
                        "");
            } else if (change instanceof Change.Taken taken) {
                written.moves(
                        taken.lot(),
                        taken.kind(),
                        decimal(taken.amount()).negate(),
                        -taken.cost().minor(),
                        taken.reason());
            } else if (change instanceof Change.Counted counted) {
                written.moves(
                        counted.lot(),
                        Kind.COUNTED,
                        counted.more().toDecimal(Change.DECIMALS),
                        counted.cost().minor(),
                        counted.reason());
            } else if (change instanceof Change.Valued valued) {
                written.values(valued);
            } else if (change instanceof Change.Levelled levelled) {
                written.levels(levelled);
            } else if (change instanceof Change.Understood understood) {
                written.understands(understood);
            } else if (change instanceof Change.Seasoned seasoned) {
                written.seasons(seasoned);
            }
        }
        written.flush();
    }

    /** Rows on their way: lots first, then how they are understood, what moved, what of one is in another, what it is worth. */
    private final class Written {
        private final Act act;
        private final List<Map<String, Object>> lots = new ArrayList<>();
        private final List<Movement> movements = new ArrayList<>();
        private final Map<Source, Out> sources = new LinkedHashMap<>();
        private final Map<UUID, Change.Understood> understood = new LinkedHashMap<>();
        private final Map<UUID, Lot.Level> levels = new LinkedHashMap<>();
        private final Map<UUID, Boolean> valued = new LinkedHashMap<>();
        private final List<Map<String, Object>> lines = new ArrayList<>();

        Written(Act act) {
            this.act = act;
        }

        void makes(Change.Made made) {
            NewLot lot = made.made();
            adds(lot);
            moves(
                    lot.id(),
                    made.kind(),
                    decimal(lot.amount()),
                    lot.cost().known().minor(),
                    made.reason());
            made.from()
                    .forEach(take -> goes(
                            UUID.fromString(take.lot().id()),
                            lot,
                            take.amount(),
                            take.cost().known(),
                            Kind.USED,
                            made.reason()));
        }

        void adds(NewLot lot) {
            lots.add(row(act, lot));
        }

        void goes(UUID from, NewLot into, Amount amount, Money cost, Kind kind, String reason) {
            moves(from, kind, decimal(amount).negate(), -cost.minor(), reason);
            sources.merge(new Source(into.id(), from), new Out(decimal(amount), cost.minor()), Out::plus);
        }

        void moves(UUID lot, Kind kind, BigDecimal amount, long cost, String reason) {
            movements.add(new Movement(lot, kind, amount, cost, reason, act.nextMovement()));
        }

        void values(Change.Valued now) {
            valued.put(now.lot(), now.since());
            moves(now.lot(), Kind.COUNTED, BigDecimal.ZERO, now.cost().minor(), now.reason());
        }

        void levels(Change.Levelled now) {
            levels.put(now.lot(), now.level());
            moves(now.lot(), Kind.LEVEL, BigDecimal.ZERO, 0, "");
        }

        void understands(Change.Understood now) {
            understood.put(now.lot(), now);
        }

        void seasons(Change.Seasoned now) {
            now.lines().forEach(line -> {
                Map<String, Object> row = new HashMap<>();
                row.put("household_id", act.household().id());
                row.put("lot", now.lot());
                row.put("pos", line.pos());
                row.put("text", line.text());
                row.put("food", line.food());
                lines.add(row);
            });
        }

        void flush() {
            rows.insert("lot", lots);
            rows.insert("lot_line", lines);
            season(act, lots, sources.keySet());
            understand(act, understood.values());
            level(act, levels);
            worth(act, valued);
            // what empties a lot first, since a code is on one open lot only
            Map<UUID, BigDecimal> sums = new HashMap<>();
            movements.forEach(one -> sums.merge(one.lot(), one.amount(), BigDecimal::add));
            Map<Boolean, List<Movement>> out = movements.stream()
                    .collect(Collectors.partitioningBy(
                            one -> sums.getOrDefault(one.lot(), BigDecimal.ZERO).signum() < 0));
            move(act, out.getOrDefault(true, List.of()));
            move(act, out.getOrDefault(false, List.of()));
            if (!sources.isEmpty()) {
                sources(act, sources);
            }
        }
    }

    private record Movement(UUID lot, Kind kind, BigDecimal amount, long cost, String reason, int seq) {}

    private record Source(UUID child, UUID parent) {}

    private record Out(BigDecimal amount, long cost) {
        private Out plus(Out more) {
            return new Out(amount.add(more.amount), cost + more.cost);
        }
    }

    private void move(Act act, List<Movement> moved) {
        if (moved.isEmpty()) {
            return;
        }
        db.sql("""
                        with moved as (
                                select * from unnest(?::uuid[], ?::text[], ?::numeric[], ?::bigint[], ?::text[], ?::int[])
                                    as moved (lot, kind, amount, cost, reason, seq)),
                            sums as (select lot, sum(amount) as amount, sum(cost)::bigint as cost from moved group by lot),
                            changed as (
                                update lot l set amount = l.amount + sums.amount, cost = l.cost + sums.cost from sums
                                where l.household_id = ? and l.id = sums.lot returning l.household_id, l.id, l.grade)
                        insert into movement (household_id, act, seq, lot, kind, amount, cost, reason, grade)
                        select changed.household_id, ?, moved.seq, moved.lot, moved.kind, moved.amount, moved.cost,
                            moved.reason, changed.grade
                        from moved join changed on moved.lot = changed.id""")
                .params(
                        moved.stream().map(Movement::lot).toArray(UUID[]::new),
                        moved.stream().map(one -> one.kind().name()).toArray(String[]::new),
                        moved.stream().map(Movement::amount).toArray(BigDecimal[]::new),
                        moved.stream().map(Movement::cost).toArray(Long[]::new),
                        moved.stream().map(Movement::reason).toArray(String[]::new),
                        moved.stream().map(Movement::seq).toArray(Integer[]::new),
                        act.household().id(),
                        act.id())
                .update();
    }

    /** Writes down what of one lot is in another, and whether its cost is a price that was seen since. */
    private void sources(Act act, Map<Source, Out> sources) {
        UUID household = act.household().id();
        UUID[] children = sources.keySet().stream().map(Source::child).toArray(UUID[]::new);
        db.sql("""
                        insert into lot_source (household_id, child, parent, amount, cost)
                        select ?, child, parent, amount, cost from unnest(?::uuid[], ?::uuid[], ?::numeric[], ?::bigint[])
                            as source (child, parent, amount, cost)
                        on conflict (household_id, child, parent) do update
                        set amount = lot_source.amount + excluded.amount, cost = lot_source.cost + excluded.cost""")
                .params(
                        household,
                        children,
                        sources.keySet().stream().map(Source::parent).toArray(UUID[]::new),
                        sources.values().stream().map(Out::amount).toArray(BigDecimal[]::new),
                        sources.values().stream().map(Out::cost).toArray(Long[]::new))
                .update();
        Set<UUID> made = Set.of(Arrays.stream(children).distinct().toArray(UUID[]::new));
        boolean chained = sources.keySet().stream().map(Source::parent).anyMatch(made::contains);
        int valued;
        do {
            valued = db.sql("""
                            update lot l set valued = true where l.household_id = ? and l.id = any (?) and not l.valued
                            and exists (select 1 from lot_source s
                                join lot p on p.household_id = s.household_id and p.id = s.parent
                                where s.household_id = l.household_id and s.child = l.id and p.valued)""").params(household, children).update();
        } while (chained && valued > 0);
    }

    /** What a lot is seasoned with goes with what it becomes, while that is no dish: a dish has its own account of what is in it. */
    private void season(Act act, List<Map<String, Object>> made, Collection<Source> sources) {
        Set<Object> raw = made.stream()
                .filter(lot -> lot.get("batch") == null)
                .map(lot -> lot.get("id"))
                .collect(Collectors.toSet());
        List<Source> into =
                sources.stream().filter(one -> raw.contains(one.child())).toList();
        if (into.isEmpty()) {
            return;
        }
        db.sql("""
                        with recursive into_lots as (select * from unnest(?::uuid[], ?::uuid[]) as one (child, parent)),
                            up as (
                                select child, parent from into_lots
                                union select up.child, i.parent from up join into_lots i on i.child = up.parent)
                        insert into lot_line (household_id, lot, pos, text, food)
                        select l.household_id, up.child,
                            coalesce((select max(own.pos) + 1 from lot_line own
                                where own.household_id = l.household_id and own.lot = up.child), 0)
                                + row_number() over (partition by up.child order by up.parent, l.pos) - 1,
                            l.text, l.food
                        from up join lot_line l on l.household_id = ? and l.lot = up.parent""")
                .params(
                        into.stream().map(Source::child).toArray(UUID[]::new),
                        into.stream().map(Source::parent).toArray(UUID[]::new),
                        act.household().id())
                .update();
    }

    private static BigDecimal decimal(Amount amount) {
        return amount.value().toDecimal(Change.DECIMALS);
    }

    private static Map<String, Object> row(Act act, NewLot lot) {
        Map<String, Object> row = new HashMap<>();
        row.put("household_id", act.household().id());
        row.put("id", lot.id());
        row.put("food", lot.food());
        row.put("batch", lot.batch());
        row.put("unit", lot.amount().unit().symbol());
        row.put("amount", 0);
        row.put("grade", lot.level());
        row.put("cost", 0);
        row.put("cost_complete", lot.cost().complete());
        row.put("valued", false);
        row.put("about", lot.about());
        row.put("place", lot.place());
        row.put("state", lot.state());
        row.put("keeping_class", lot.clock().keepingClass());
        row.put("clock_from", lot.clock().from());
        row.put("used_days", lot.clock().usedDays());
        row.put("frozen_on", lot.clock().frozenOn());
        row.put("thawed_on", lot.clock().thawedOn());
        row.put("use_from", lot.dates().useFrom());
        row.put("eat_by", lot.dates().eatBy());
        row.put("best_before", lot.dates().bestBefore());
        row.put("container", lot.packet().container());
        row.put("code", lot.packet().code());
        row.put("packet_group", lot.packet().group());
        row.put("part_no", lot.packet().partNo());
        row.put("shape", lot.packet().shape());
        UnitWeight weight = lot.weight();
        row.put("unit_grams", weight == null ? null : weight.grams().toDecimal(Change.DECIMALS));
        row.put("unit_known", weight == null ? null : weight.how());
        row.put("pin", lot.pin() == null ? null : lot.pin().recipe());
        row.put("made_by", act.id());
        return row;
    }

    /** Lots are understood otherwise than when they were written down; what they hold and cost stays. */
    private void understand(Act act, Collection<Change.Understood> all) {
        if (all.isEmpty()) {
            return;
        }
        journal.before(
                act,
                List.of(Journal.Thing.UNDERSTOOD),
                all.stream().map(Change.Understood::lot).toList());
        rows.update("lot", act.household().id(), all.stream().map(Ledger::row).toList());
    }

    private static Map<String, Object> row(Change.Understood now) {
        Map<String, Object> row = new HashMap<>();
        row.put("id", now.lot());
        row.put("food", now.food());
        row.put("place", now.place());
        row.put("state", now.state().name());
        row.put("keeping_class", now.clock().keepingClass());
        row.put("clock_from", now.clock().from());
        row.put("used_days", now.clock().usedDays());
        row.put("frozen_on", now.clock().frozenOn());
        row.put("thawed_on", now.clock().thawedOn());
        row.put("use_from", now.dates().useFrom());
        row.put("eat_by", now.dates().eatBy());
        row.put("best_before", now.dates().bestBefore());
        return row;
    }

    /** What lots cost is said. @param since whether it is a price seen since; what is made of it is counted so too */
    private void worth(Act act, Map<UUID, Boolean> since) {
        if (since.isEmpty()) {
            return;
        }
        journal.before(act, List.of(Journal.Thing.WORTH), since.keySet());
        List<Map<String, Object>> all = new ArrayList<>();
        since.forEach((lot, valued) -> all.add(Map.of("id", lot, "cost_complete", true, "valued", valued)));
        rows.update("lot", act.household().id(), all);
    }

    /** Staples are had, low or out. */
    private void level(Act act, Map<UUID, Lot.Level> levels) {
        List<Map<String, Object>> all = new ArrayList<>();
        levels.forEach((lot, level) -> all.add(Map.of("id", lot, "grade", level.name())));
        rows.update("lot", act.household().id(), all);
    }

    @Override
    public List<Blocker> blockers(UUID household, UUID act) {
        return db.sql("""
                        select a.id, a.subject from act a
                        where a.household_id = ? and a.id <> ? and a.kind <> 'undo' and exists (
                            select 1 from movement m
                            join lot l on l.household_id = m.household_id and l.id = m.lot
                            where m.household_id = a.household_id and m.act = a.id and l.made_by = ?)
                        and not exists (select 1 from act u where u.household_id = a.household_id and u.reverses = a.id)
                        order by a.seq desc""")
                .params(household, act, act)
                .query((row, n) -> new Blocker(row.getString("id"), row.getString("subject")))
                .list();
    }

    /**
     * Writes the opposite of every movement, what empties a lot first, since a code is on one open lot only. A staple
     * goes back to the level of the movement before.
     */
    @Override
    public void undo(Act undo, Undone undone) {
        record Moved(UUID lot, BigDecimal amount, long cost) {}
        UUID household = undo.household().id();
        List<Moved> moved =
                db.sql("""
                        select lot, sum(amount) as amount, sum(cost)::bigint as cost from movement
                        where household_id = ? and act = ? group by lot order by sum(amount) desc, lot""").params(household, undone.act()).query(Moved.class).list();
        if (moved.isEmpty()) {
            return;
        }
        Map<Boolean, List<Movement>> back = moved.stream()
                .map(one -> new Movement(
                        one.lot(), Kind.UNDONE, one.amount().negate(), -one.cost(), "", undo.nextMovement()))
                .collect(Collectors.partitioningBy(one -> one.amount().signum() < 0));
        move(undo, back.getOrDefault(true, List.of()));
        move(undo, back.getOrDefault(false, List.of()));
        db.sql("""
                        update lot l set grade = coalesce((
                            select m.grade from movement m
                            join act a on a.household_id = m.household_id and a.id = m.act
                            where m.household_id = l.household_id and m.lot = l.id and m.kind <> 'UNDONE'
                            and not exists (select 1 from act u
                                where u.household_id = a.household_id and u.reverses = a.id)
                            order by a.seq desc, m.seq desc limit 1), 'OUT')
                        where l.household_id = ? and l.grade <> 'COUNTED' and l.id = any (?)""")
                .params(household, moved.stream().map(Moved::lot).toArray(UUID[]::new))
                .update();
    }

    /** A lot whose movements do not sum to what it holds. */
    public record Mismatch(UUID household, UUID lot) {}

    /** What {@code ./wexilla check} tells an operator: empty when the books are right. */
    public List<Mismatch> mismatches() {
        return db.sql("select household, lot from ledger_mismatch")
                .query(Mismatch.class)
                .list();
    }
}
