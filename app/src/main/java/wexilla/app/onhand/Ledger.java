package wexilla.app.onhand;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.platform.Act;
import wexilla.app.platform.Changes;
import wexilla.app.platform.Journal;
import wexilla.app.platform.Problem.Blocker;
import wexilla.app.platform.Undoable;
import wexilla.core.kitchen.Change;
import wexilla.core.kitchen.Change.Kind;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.NewLot;
import wexilla.core.quantity.Amount;
import wexilla.core.stock.StockUse.Take;

/**
 * The one class that writes lots and movements. Every change of a lot is a movement of an act; amounts never go below
 * zero; the sum of a lot's movements is its amount and its cost.
 */
@Component
public class Ledger implements Undoable, Changes.Writer {

    private final JdbcClient db;
    private final Journal journal;

    Ledger(JdbcClient db, Journal journal) {
        this.db = db;
        this.journal = journal;
    }

    @Override
    public Class<? extends Change> kind() {
        return Change.OfLot.class;
    }

    /** Writes down what an act changes. */
    @Override
    public void write(Act act, List<Change> changes) {
        for (Change change : changes) {
            if (change instanceof Change.Made made) {
                create(act, made.made(), made.kind(), made.reason());
                if (!made.from().isEmpty()) {
                    take(act, made.from(), made.lot(), Kind.USED, made.reason());
                }
            } else if (change instanceof Change.Taken taken) {
                move(
                        act,
                        taken.lot(),
                        taken.kind(),
                        decimal(taken.amount()).negate(),
                        -taken.cost().minor(),
                        taken.reason());
            } else if (change instanceof Change.Carried carried) {
                carry(act, carried.lot(), carried.made(), carried.kind());
            } else if (change instanceof Change.Counted counted) {
                move(
                        act,
                        counted.lot(),
                        Kind.COUNTED,
                        counted.more().toDecimal(Change.DECIMALS),
                        counted.cost().minor(),
                        counted.reason());
            } else if (change instanceof Change.Levelled levelled) {
                level(act, levelled.lot(), levelled.level());
            } else if (change instanceof Change.Understood understood) {
                understand(act, understood);
            }
        }
    }

    private static BigDecimal decimal(Amount amount) {
        return amount.value().toDecimal(Change.DECIMALS);
    }

    /** What leaves a lot becomes a lot of its own: part of it, or all of it elsewhere. */
    private void carry(Act act, UUID from, NewLot made, Kind kind) {
        BigDecimal amount = decimal(made.amount());
        long cost = made.cost().known().minor();
        insert(act, made);
        move(act, from, kind, amount.negate(), -cost, "");
        source(act, from, made.id(), amount, cost);
        move(act, made.id(), kind, amount, cost, "");
    }

    /** Writes a lot with its first movement. */
    public void create(Act act, NewLot lot, Kind kind, String reason) {
        insert(act, lot);
        move(
                act,
                lot.id(),
                kind,
                lot.amount().value().toDecimal(6),
                lot.cost().known().minor(),
                reason);
    }

    private void insert(Act act, NewLot lot) {
        db.sql("""
                        insert into lot (household_id, id, food, batch, unit, amount, grade, cost, cost_complete, about,
                            place, state, keeping_class, clock_from, used_days, frozen_on, thawed_on, use_from,
                            eat_by, best_before, container, code, packet_group, part_no, made_by)
                        values (?, ?, ?, ?, ?, 0, ?, 0, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)""")
                .params(Arrays.asList(
                        act.household().id(),
                        lot.id(),
                        lot.food(),
                        lot.batch(),
                        lot.amount().unit().symbol(),
                        lot.level().name(),
                        lot.cost().complete(),
                        lot.about(),
                        lot.place(),
                        lot.state().name(),
                        lot.clock().keepingClass(),
                        lot.clock().from(),
                        lot.clock().usedDays(),
                        lot.clock().frozenOn(),
                        lot.clock().thawedOn(),
                        lot.dates().useFrom(),
                        lot.dates().eatBy(),
                        lot.dates().bestBefore(),
                        lot.packet().container(),
                        lot.packet().code(),
                        lot.packet().group(),
                        lot.packet().partNo(),
                        act.id()))
                .update();
    }

    /** A lot is understood otherwise than when it was written down; what it holds and costs stays. */
    public void understand(Act act, Change.Understood now) {
        journal.before(act, Journal.Thing.UNDERSTOOD, now.lot());
        db.sql("""
                        update lot set food = ?, place = ?, state = ?, keeping_class = ?, clock_from = ?, used_days = ?,
                            frozen_on = ?, thawed_on = ?, use_from = ?, eat_by = ?, best_before = ?
                        where household_id = ? and id = ?""")
                .params(Arrays.asList(
                        now.food(),
                        now.place(),
                        now.state().name(),
                        now.clock().keepingClass(),
                        now.clock().from(),
                        now.clock().usedDays(),
                        now.clock().frozenOn(),
                        now.clock().thawedOn(),
                        now.dates().useFrom(),
                        now.dates().eatBy(),
                        now.dates().bestBefore(),
                        act.household().id(),
                        now.lot()))
                .update();
    }

    /** A locked lot without a price is counted at one: marked, and so is what is made of it. */
    void value(Act act, UUID lot, long cost, String reason) {
        journal.before(act, Journal.Thing.WORTH, lot);
        db.sql("update lot set cost_complete = true, valued = true where household_id = ? and id = ?")
                .params(act.household().id(), lot)
                .update();
        move(act, lot, Kind.COUNTED, BigDecimal.ZERO, cost, reason);
    }

    /** What a locked lot cost was written down wrong. @param cost how much more it cost, negative for less */
    void priced(Act act, UUID lot, long cost) {
        journal.before(act, Journal.Thing.WORTH, lot);
        db.sql("update lot set cost_complete = true, valued = false where household_id = ? and id = ?")
                .params(act.household().id(), lot)
                .update();
        move(act, lot, Kind.COUNTED, BigDecimal.ZERO, cost, "price put right");
    }

    /** A staple is had, low or out. */
    public void level(Act act, UUID lot, Lot.Level level) {
        db.sql("update lot set grade = ? where household_id = ? and id = ?")
                .params(level.name(), act.household().id(), lot)
                .update();
        move(act, lot, Kind.LEVEL, BigDecimal.ZERO, 0, "");
    }

    /**
     * Locks lots until the end of the transaction, in the order of their ids, so that two acts never wait for each
     * other in a circle. Called before what is left in them is read.
     */
    public void lock(UUID household, Collection<UUID> lots) {
        db.sql("select id from lot where household_id = ? and id = any (?) order by id for update")
                .params(household, lots.toArray(UUID[]::new))
                .query(UUID.class)
                .list();
    }

    /** The same for every open lot of these foods, of dishes cooked by these recipes, and of parts of big buys. */
    public void lockFoods(UUID household, Collection<UUID> foods, Collection<UUID> recipes) {
        db.sql("""
                        select id from lot l where household_id = ? and amount > 0 and (food = any (?) or batch in (
                            select b.id from batch b where b.household_id = l.household_id
                            and (b.recipe = any (?) or b.recipe is null and b.style = 'PLAIN_PART')))
                        order by id for update""")
                .params(household, foods.toArray(UUID[]::new), recipes.toArray(UUID[]::new))
                .query(UUID.class)
                .list();
    }

    /** Takes out of locked lots what goes into another one, all with a handful of statements. */
    public void take(Act act, List<Take> takes, UUID into, Kind kind, String reason) {
        Map<UUID, Out> out = new LinkedHashMap<>();
        takes.forEach(take -> out.merge(
                UUID.fromString(take.lot().id()),
                new Out(decimal(take.amount()), take.cost().known().minor()),
                Out::plus));
        UUID household = act.household().id();
        UUID[] lots = out.keySet().toArray(UUID[]::new);
        BigDecimal[] amounts = out.values().stream().map(Out::amount).toArray(BigDecimal[]::new);
        Long[] costs = out.values().stream().map(Out::cost).toArray(Long[]::new);
        Integer[] numbers = out.keySet().stream().map(lot -> act.nextMovement()).toArray(Integer[]::new);
        db.sql("""
                        with out as (select * from unnest(?::uuid[], ?::numeric[], ?::bigint[], ?::int[])
                                as out (lot, amount, cost, seq)),
                            changed as (
                                update lot l set amount = l.amount - out.amount, cost = l.cost - out.cost from out
                                where l.household_id = ? and l.id = out.lot returning l.household_id, l.id, l.grade)
                        insert into movement (household_id, act, seq, lot, kind, amount, cost, reason, grade)
                        select changed.household_id, ?, out.seq, out.lot, ?, -out.amount, -out.cost, ?, changed.grade
                        from changed join out on out.lot = changed.id""")
                .params(lots, amounts, costs, numbers, household, act.id(), kind.name(), reason)
                .update();
        db.sql("""
                        update lot set valued = true where household_id = ? and id = ? and not valued
                        and exists (select 1 from lot p where p.household_id = ? and p.id = any (?) and p.valued)""").params(household, into, household, lots).update();
        db.sql("""
                        insert into lot_source (household_id, child, parent, amount, cost)
                        select ?, ?, lot, amount, cost from unnest(?::uuid[], ?::numeric[], ?::bigint[])
                            as out (lot, amount, cost)
                        on conflict (household_id, child, parent) do update
                        set amount = lot_source.amount + excluded.amount, cost = lot_source.cost + excluded.cost""").params(household, into, lots, amounts, costs).update();
    }

    private record Out(BigDecimal amount, long cost) {
        private Out plus(Out more) {
            return new Out(amount.add(more.amount), cost + more.cost);
        }
    }

    /** Takes out of a locked lot, and writes down where it went when it went into another lot. */
    public void take(Act act, Take take, @Nullable UUID into, Kind kind, String reason) {
        UUID lot = UUID.fromString(take.lot().id());
        BigDecimal amount = take.amount().value().toDecimal(6);
        move(act, lot, kind, amount.negate(), -take.cost().known().minor(), reason);
        if (into != null) {
            source(act, lot, into, amount, take.cost().known().minor());
        }
    }

    /** Writes down what of one lot is in another, and whether its cost is a price that was seen since. */
    private void source(Act act, UUID from, UUID into, BigDecimal amount, long cost) {
        db.sql("""
                        update lot l set valued = true from lot p where l.household_id = ? and l.id = ?
                        and p.household_id = l.household_id and p.id = ? and p.valued and not l.valued""").params(act.household().id(), into, from).update();
        db.sql("""
                        insert into lot_source (household_id, child, parent, amount, cost) values (?, ?, ?, ?, ?)
                        on conflict (household_id, child, parent) do update
                        set amount = lot_source.amount + excluded.amount, cost = lot_source.cost + excluded.cost""").params(act.household().id(), into, from, amount, cost).update();
    }

    private void move(Act act, UUID lot, Kind kind, BigDecimal amount, long cost, String reason) {
        db.sql("""
                        with changed as (
                            update lot set amount = amount + ?, cost = cost + ? where household_id = ? and id = ?
                            returning household_id, id, grade)
                        insert into movement (household_id, act, seq, lot, kind, amount, cost, reason, grade)
                        select household_id, ?, ?, id, ?, ?, ?, ?, grade from changed""")
                .params(
                        amount,
                        cost,
                        act.household().id(),
                        lot,
                        act.id(),
                        act.nextMovement(),
                        kind.name(),
                        amount,
                        cost,
                        reason)
                .update();
    }

    /** Locks what the act moved, so that the answer stays true until it has been undone. */
    @Override
    public List<Blocker> blockers(UUID household, UUID act) {
        lock(
                household,
                db.sql("select distinct lot from movement where household_id = ? and act = ?")
                        .params(household, act)
                        .query(UUID.class)
                        .list());
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
    public void undo(Act undo, UUID undone) {
        record Moved(UUID lot, BigDecimal amount, long cost) {}
        UUID household = undo.household().id();
        List<Moved> moved =
                db.sql("""
                        select lot, sum(amount) as amount, sum(cost)::bigint as cost from movement
                        where household_id = ? and act = ? group by lot order by sum(amount) desc, lot""").params(household, undone).query(Moved.class).list();
        lock(household, moved.stream().map(Moved::lot).toList());
        moved.forEach(m -> move(undo, m.lot(), Kind.UNDONE, m.amount().negate(), -m.cost(), ""));
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
