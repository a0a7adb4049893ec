package wexilla.app.onhand;

import java.math.BigDecimal;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.household.Reference;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.keeping.ContainerKind;
import wexilla.core.keeping.KeepDates;
import wexilla.core.keeping.LotClock;
import wexilla.core.keeping.PacketShape;
import wexilla.core.keeping.Storage;
import wexilla.core.keeping.Thaw;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.house.Household;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.UnitWeight;
import wexilla.core.recipe.Style;

/** Reads what is there: lots with something left in them. */
@Component
public class Lots {

    private static final String SELECT = """
            select l.*, coalesce(f.name, b.name) as name, p.name as place_name, p.kind as place_kind,
                c.name as container_name, c.kind as container_kind, b.recipe as cooked_by, b.style as batch_style,
                b.food as cooked_from,
                case when l.pin is not null then (
                    select v.title from recipe r
                    join recipe_version v on v.household_id = r.household_id and v.recipe = r.id
                        and v.n = r.current_version
                    where r.household_id = l.household_id and r.id = l.pin and not exists (
                        select 1 from lot_source s
                        join lot dish on dish.household_id = s.household_id and dish.id = s.child
                        join batch cooked on cooked.household_id = dish.household_id and cooked.id = dish.batch
                        where s.household_id = l.household_id and s.parent = l.id and cooked.recipe = r.id
                        and stands(dish.household_id, dish.made_by))) end as held_for
            from lot l
            join place p on p.household_id = l.household_id and p.id = l.place
            left join food f on f.household_id = l.household_id and f.id = l.food
            left join batch b on b.household_id = l.household_id and b.id = l.batch
            left join container c on c.household_id = l.household_id and c.id = l.container
            where l.household_id = :household and\s""";
    private static final String ORDER =
            " order by coalesce(l.eat_by, l.best_before) nulls last, name, l.clock_from, l.id";

    private final JdbcClient db;
    private final Reference reference;

    Lots(JdbcClient db, Reference reference) {
        this.db = db;
        this.reference = reference;
    }

    /** Everything there is, first to expire first. */
    public List<Lot> open(Household household) {
        return query(household, "(l.amount > 0 or l.grade in ('HAVE', 'LOW'))", Map.of());
    }

    /** Everything there is, and staples that are out; what an undone note named is not among them. */
    List<Lot> there(Household household) {
        return query(
                household,
                "(l.amount > 0 or l.grade <> 'COUNTED') and (l.grade <> 'OUT' or stands(l.household_id, l.made_by))",
                Map.of());
    }

    /** Staples that are not counted, at every level. */
    public List<Lot> staples(Household household) {
        return there(household).stream().filter(Lot::staple).toList();
    }

    /** Cooked dishes that wait on the counter to be packed. */
    public List<Lot> waiting(Household household) {
        return query(household, "l.amount > 0 and l.batch is not null and p.kind = 'COUNTER'", Map.of());
    }

    /** These lots, in the order of their ids; those of another household are not found. */
    public List<Lot> byId(Household household, Collection<UUID> ids) {
        return query(household, "l.id = any (:ids)", Map.of("ids", ids.toArray(UUID[]::new)));
    }

    /** This lot, locked until the end of the transaction: what is read stays true until it is written. */
    Optional<Lot> locked(Household household, UUID id) {
        return db.sql(SELECT + "l.id = :id for update of l")
                .param("household", household.id())
                .param("id", id)
                .query((row, n) -> lot(row, household))
                .optional();
    }

    public Optional<Lot> byId(Household household, UUID id) {
        return byId(household, List.of(id)).stream().findFirst();
    }

    /** What else lies there of the line of a note this lot came by, wherever it was moved since. */
    List<Lot> ofLine(Household household, Lot lot) {
        List<UUID> ids = db.sql("""
                        with recursive up (lot) as (
                            select :lot
                            union
                            select s.parent from lot_source s join up on up.lot = s.child
                            where s.household_id = :household),
                        line as (
                            select m.act, m.reason from movement m
                            join up on up.lot = m.lot
                            join act a on a.household_id = m.household_id and a.id = m.act and a.kind = 'note'
                            where m.household_id = :household and m.kind in ('COUNTED', 'BOUGHT')),
                        down (lot) as (
                            select m.lot from movement m join line on line.act = m.act and line.reason = m.reason
                            where m.household_id = :household
                            union
                            select s.child from lot_source s join down on down.lot = s.parent
                            where s.household_id = :household)
                        select lot from down where lot <> :lot""")
                .param("lot", lot.id())
                .param("household", household.id())
                .query(UUID.class)
                .list();
        return byId(household, ids).stream()
                .filter(one -> !one.amount().value().isZero())
                .filter(one -> Objects.equals(one.food(), lot.food()) && one.batch() == null)
                .toList();
    }

    /** What these lots are seasoned with, as it was typed. */
    public Map<UUID, List<Food>> seasoned(Snapshot now, Collection<UUID> lots) {
        Map<UUID, List<Food>> all = new HashMap<>();
        db.sql("select lot, food, text from lot_line where household_id = ? and lot = any (?) order by lot, pos")
                .params(now.household().id(), lots.toArray(UUID[]::new))
                .query(row -> {
                    UUID food = row.getObject("food", UUID.class);
                    String text = row.getString("text");
                    all.computeIfAbsent(row.getObject("lot", UUID.class), own -> new ArrayList<>())
                            .add(
                                    food == null
                                            ? Food.unknown(Key.food(text), text, Unit.G)
                                            : now.foods().food(food).saying(text));
                });
        return all;
    }

    /** The packets an act made, in the order they were filled. */
    public List<Lot> packetsOf(Household household, UUID act) {
        return db.sql(SELECT + "l.made_by = :act and l.code is not null order by (select min(m.seq) from movement m "
                        + "where m.household_id = l.household_id and m.lot = l.id and m.act = l.made_by)")
                .param("household", household.id())
                .param("act", act)
                .query((row, n) -> lot(row, household))
                .list();
    }

    private List<Lot> query(Household household, String condition, Map<String, Object> parameters) {
        return db.sql(SELECT + condition + ORDER)
                .param("household", household.id())
                .params(parameters)
                .query((row, n) -> lot(row, household))
                .list();
    }

    private Lot lot(ResultSet row, Household household) throws SQLException {
        Storage storage = Storage.valueOf(row.getString("place_kind"));
        Lot.State state = Lot.State.valueOf(row.getString("state"));
        LotClock clock = new LotClock(
                row.getString("keeping_class"),
                row.getObject("clock_from", LocalDate.class),
                row.getInt("used_days"),
                row.getObject("frozen_on", LocalDate.class),
                row.getObject("thawed_on", LocalDate.class),
                state == Lot.State.OPENED);
        KeepDates rule = reference.keeping(household).dates(clock, storage);
        String style = row.getString("batch_style");
        return new Lot(
                row.getObject("id", UUID.class),
                new Lot.What(
                        row.getString("name"),
                        row.getObject("food", UUID.class),
                        row.getObject("batch", UUID.class),
                        row.getObject("cooked_by", UUID.class),
                        row.getObject("cooked_from", UUID.class),
                        style == null ? null : Style.valueOf(style)),
                Amount.of(Rational.of(row.getBigDecimal("amount")), Unit.ofSymbol(row.getString("unit"))),
                Lot.Level.valueOf(row.getString("grade")),
                new Cost(Money.of(row.getLong("cost"), household.currency()), row.getBoolean("cost_complete")),
                row.getString("about"),
                spot(row, storage, clock),
                state,
                clock,
                weight(row),
                new KeepDates(
                                row.getObject("use_from", LocalDate.class),
                                row.getObject("eat_by", LocalDate.class),
                                row.getObject("best_before", LocalDate.class),
                                "",
                                "")
                        .besides(rule),
                new Lot.Packet(
                        row.getObject("container", UUID.class),
                        row.getString("container_name"),
                        kind(row),
                        row.getString("code"),
                        row.getObject("packet_group", UUID.class),
                        (Integer) row.getObject("part_no"),
                        shape(row)),
                row.getBoolean("valued"),
                row.getString("held_for") == null
                        ? null
                        : new Lot.Pin(row.getObject("pin", UUID.class), row.getString("held_for")));
    }

    private static @Nullable UnitWeight weight(ResultSet row) throws SQLException {
        BigDecimal grams = row.getBigDecimal("unit_grams");
        return grams == null
                ? null
                : new UnitWeight(Rational.of(grams), UnitWeight.How.valueOf(row.getString("unit_known")));
    }

    private static @Nullable PacketShape shape(ResultSet row) throws SQLException {
        String shape = row.getString("shape");
        return shape == null ? null : PacketShape.valueOf(shape);
    }

    private static @Nullable ContainerKind kind(ResultSet row) throws SQLException {
        String kind = row.getString("container_kind");
        return kind == null ? null : ContainerKind.valueOf(kind);
    }

    private Lot.Spot spot(ResultSet row, Storage storage, LotClock clock) throws SQLException {
        boolean dish = row.getObject("batch") != null;
        Thaw.Shape frozenAs = storage == Storage.FREEZER
                ? reference.keeping().rule(clock.keepingClass()).frozenAs(dish, kind(row), shape(row))
                : null;
        return new Lot.Spot(row.getObject("place", UUID.class), row.getString("place_name"), storage, frozenAs);
    }
}
