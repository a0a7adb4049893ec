package wexilla.app.stretch;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.platform.Act;
import wexilla.app.platform.Changes;
import wexilla.app.platform.Journal;
import wexilla.app.platform.Journal.Thing;
import wexilla.app.platform.Problem;
import wexilla.app.platform.Rows;
import wexilla.app.stretch.Cutting.ShareAsked;
import wexilla.app.stretch.Cutting.StretchAsked;
import wexilla.core.kitchen.Change;
import wexilla.core.kitchen.house.Household;
import wexilla.core.plan.MealOfDay;

/** The big buys of a household and their parts, as typed. */
@Component
public class Stretches implements Changes.Writer {

    /** How far a big buy is. */
    enum State {
        OPEN,
        COOKED,
        DROPPED
    }

    /**
     * @param lot the raw joint on hand; null when it is not bought yet
     * @param lots what each part became once it was cooked, null before
     */
    record Stretch(
            UUID id, @Nullable UUID lot, StretchAsked asked, State state, int version, List<@Nullable UUID> lots) {}

    private record Row(ShareAsked share, @Nullable UUID lot) {}

    private static final String ORDER = "order by state desc, cook_on desc nulls first, id";

    private final JdbcClient db;
    private final Journal journal;
    private final Rows rows;

    Stretches(JdbcClient db, Journal journal, Rows rows) {
        this.rows = rows;
        this.db = db;
        this.journal = journal;
    }

    /** Open ones first, then those that were cooked, newest cook day first. */
    List<Stretch> all(Household household) {
        return read(household, ORDER + " limit 30");
    }

    Stretch get(Household household, UUID id) {
        return read(household, "and id = ?", id).stream()
                .findFirst()
                .orElseThrow(() -> Problem.missing("There is no such big buy in this household."));
    }

    /** Open ones that have a cook day. */
    List<Stretch> ahead(Household household) {
        return read(household, "and state = 'OPEN' and cook_on is not null");
    }

    private List<Stretch> read(Household household, String condition, Object... more) {
        Map<UUID, List<Row>> shares = new HashMap<>();
        Map<UUID, Stretch> found = new LinkedHashMap<>();
        List<Object> parameters = new ArrayList<>(List.of(household.id()));
        parameters.addAll(Arrays.asList(more));
        db.sql("select s.*, h.* from (select household_id, id, source_lot, food, weight, price, cooked_yield, method, "
                        + "cook_on, raw, inputs, lid_off, fat, lean, vessels, liquid_back, state, version, "
                        + "array(select p.lot from stretch_pack p where p.household_id = stretch.household_id "
                        + "and p.stretch = stretch.id order by p.pos) as more_lots, row_number() over ("
                        + ORDER
                        + ") as place from stretch "
                        + "where household_id = ? and state <> 'DROPPED' " + condition + ") s "
                        + "left join share h on h.household_id = s.household_id and h.stretch = s.id "
                        + "order by s.place, h.pos")
                .params(parameters)
                .query(row -> {
                    UUID id = row.getObject("id", UUID.class);
                    List<Row> own = shares.computeIfAbsent(id, stretch -> new ArrayList<>());
                    if (row.getObject("pos") != null) {
                        own.add(share(row));
                    }
                    found.put(id, stretch(row, own));
                });
        return List.copyOf(found.values());
    }

    private static Stretch stretch(ResultSet row, List<Row> shares) throws SQLException {
        UUID id = row.getObject("id", UUID.class);
        StretchAsked asked = new StretchAsked(
                row.getString("food"),
                row.getString("weight"),
                row.getString("price"),
                row.getString("cooked_yield"),
                row.getString("method").toLowerCase(Locale.ROOT),
                shares.stream().map(Row::share).toList(),
                row.getString("cook_on"),
                null,
                row.getBoolean("raw"),
                List.of((String[]) row.getArray("inputs").getArray()),
                row.getBoolean("lid_off"),
                row.getString("fat"),
                row.getString("lean"),
                row.getInt("vessels"),
                List.of((UUID[]) row.getArray("more_lots").getArray()),
                row.getBoolean("liquid_back"));
        List<@Nullable UUID> lots = new ArrayList<>();
        shares.forEach(share -> lots.add(share.lot()));
        return new Stretch(
                id,
                row.getObject("source_lot", UUID.class),
                asked,
                State.valueOf(row.getString("state")),
                row.getInt("version"),
                lots);
    }

    private static Row share(ResultSet row) throws SQLException {
        return new Row(
                new ShareAsked(
                        row.getString("name"),
                        row.getString("part"),
                        row.getString("percent"),
                        row.getString("grams"),
                        row.getString("portions"),
                        row.getString("portion_grams"),
                        row.getString("pieces"),
                        row.getString("piece_grams"),
                        row.getString("cost_percent"),
                        row.getString("value_per_kg"),
                        row.getString("plates"),
                        row.getString("form"),
                        row.getString("extender"),
                        row.getString("eat_on"),
                        MealOfDay.valueOf(row.getString("meal").toUpperCase(Locale.ROOT)),
                        row.getBoolean("to_freezer"),
                        row.getBoolean("locked"),
                        row.getString("season")),
                row.getObject("lot", UUID.class));
    }

    /** Writes a big buy down, or anew with all its parts. */
    public void save(Act act, UUID id, @Nullable UUID lot, StretchAsked asked) {
        remember(act, id);
        db.sql("""
                        insert into stretch (household_id, id, source_lot, food, weight, price, cooked_yield, method,
                            cook_on, raw, inputs, lid_off, fat, lean, vessels, liquid_back, state)
                        values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, 'OPEN')
                        on conflict (household_id, id) do update set source_lot = excluded.source_lot,
                            food = excluded.food, weight = excluded.weight, price = excluded.price,
                            cooked_yield = excluded.cooked_yield, method = excluded.method,
                            cook_on = excluded.cook_on, raw = excluded.raw, inputs = excluded.inputs,
                            lid_off = excluded.lid_off, fat = excluded.fat, lean = excluded.lean,
                            vessels = excluded.vessels, liquid_back = excluded.liquid_back,
                            version = stretch.version + 1""")
                .params(Arrays.asList(
                        act.household().id(),
                        id,
                        lot,
                        asked.food().strip(),
                        asked.weight(),
                        asked.price(),
                        asked.cookedYield(),
                        asked.sharing().name(),
                        Cutting.day("/cookOn", asked.cookOn()),
                        Boolean.TRUE.equals(asked.raw()),
                        asked.inputs() == null ? new String[0] : asked.inputs().toArray(String[]::new),
                        Boolean.TRUE.equals(asked.open()),
                        asked.fat(),
                        asked.lean(),
                        asked.pots(),
                        Boolean.TRUE.equals(asked.liquidBack())))
                .update();
        db.sql("with packs as (delete from stretch_pack where household_id = :household and stretch = :id) "
                        + "delete from share where household_id = :household and stretch = :id")
                .param("household", act.household().id())
                .param("id", id)
                .update();
        List<Map<String, Object>> shares = new ArrayList<>();
        for (int pos = 0; pos < asked.shares().size(); pos++) {
            shares.add(row(act, id, pos, asked.shares().get(pos)));
        }
        rows.insert("share", shares);
        List<Map<String, Object>> packs = new ArrayList<>();
        for (UUID pack : asked.more()) {
            packs.add(
                    Map.of("household_id", act.household().id(), "stretch", id, "pos", packs.size() + 1, "lot", pack));
        }
        rows.insert("stretch_pack", packs);
    }

    private static Map<String, Object> row(Act act, UUID id, int pos, ShareAsked share) {
        Map<String, Object> row = new HashMap<>();
        row.put("household_id", act.household().id());
        row.put("stretch", id);
        row.put("pos", pos);
        row.put("name", share.name().strip());
        row.put("part", share.part() == null ? "meat" : share.part());
        row.put("percent", share.percent());
        row.put("grams", share.grams());
        row.put("portions", share.portions());
        row.put("portion_grams", share.portionGrams());
        row.put("pieces", share.pieces());
        row.put("piece_grams", share.pieceGrams());
        row.put("cost_percent", share.costPercent());
        row.put("value_per_kg", share.valuePerKg());
        row.put("plates", share.plates());
        row.put("form", share.form());
        row.put("extender", share.extender() == null ? "" : share.extender());
        row.put("eat_on", Cutting.day("/shares/" + pos + "/eatOn", share.eatOn()));
        row.put("meal", share.eatenAt().words());
        row.put("to_freezer", Boolean.TRUE.equals(share.freeze()));
        row.put("locked", Boolean.TRUE.equals(share.locked()));
        row.put("season", share.season() == null ? "" : share.season().strip());
        return row;
    }

    private void remember(Act act, UUID id) {
        journal.before(act, List.of(Thing.STRETCH, Thing.SHARES, Thing.PACKS), id);
    }

    @Override
    public Class<? extends Change> kind() {
        return Change.OfBuy.class;
    }

    /** Parts go to other meals, and the big buy with them is seen to have changed. */
    @Override
    public void write(Act act, List<Change> changes) {
        List<Change.PartMoved> moved =
                changes.stream().map(Change.PartMoved.class::cast).toList();
        List<UUID> ids =
                moved.stream().map(Change.PartMoved::stretch).distinct().toList();
        journal.before(act, List.of(Thing.STRETCH, Thing.SHARES), ids);
        db.sql("""
                        with moved as (
                            update share s set eat_on = m.day::date, meal = m.meal
                            from unnest(:ids::uuid[], :parts::int[], :days::text[], :meals::text[]) m (id, pos, day, meal)
                            where s.household_id = :household and s.stretch = m.id and s.pos = m.pos
                            returning s.stretch)
                        update stretch set version = version + 1
                        where household_id = :household and id in (select stretch from moved)""")
                .param("household", act.household().id())
                .param("ids", moved.stream().map(Change.PartMoved::stretch).toArray(UUID[]::new))
                .param("parts", moved.stream().map(Change.PartMoved::part).toArray(Integer[]::new))
                .param("days", moved.stream().map(one -> one.day().toString()).toArray(String[]::new))
                .param("meals", moved.stream().map(one -> one.meal().words()).toArray(String[]::new))
                .update();
    }

    void drop(Act act, UUID id) {
        remember(act, id);
        state(act, id, State.DROPPED);
    }

    /** The joint is cooked: part {@code pos} became this lot. */
    void cooked(Act act, UUID id, List<UUID> lots) {
        remember(act, id);
        state(act, id, State.COOKED);
        db.sql("update share s set lot = made.lot from unnest(?::uuid[]) with ordinality as made (lot, n) "
                        + "where s.household_id = ? and s.stretch = ? and s.pos = made.n - 1")
                .params(lots.toArray(UUID[]::new), act.household().id(), id)
                .update();
    }

    private void state(Act act, UUID id, State state) {
        db.sql("update stretch set state = ?, version = version + 1 where household_id = ? and id = ?")
                .params(state.name(), act.household().id(), id)
                .update();
    }
}
