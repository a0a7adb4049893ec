package wexilla.app.shop;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.onhand.ShopNames;
import wexilla.app.platform.Act;
import wexilla.app.platform.Rows;
import wexilla.core.kitchen.house.Household;
import wexilla.core.money.Money;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;

/** What somebody added by hand, and what lies in the basket. What was undone is not among it. */
@Component
class Entries {

    /** Added by hand. @param food null for something that is no food, such as foil */
    record Item(UUID id, String text, @Nullable UUID food) {}

    /**
     * In the basket.
     *
     * @param pack one pack, null when it has no amount
     * @param price of all packs together, null when nobody knows
     * @param shop where, null when nobody said
     * @param who took it, on which device: "Alma, a phone"; null where nobody was signed in
     */
    record Entry(
            UUID id,
            UUID act,
            @Nullable UUID item,
            @Nullable UUID food,
            String text,
            int packs,
            @Nullable Amount pack,
            @Nullable Money price,
            @Nullable String shop,
            @Nullable String who) {}

    private static final String ITEMS = """
            select i.id, i.text, i.food from shop_item i
            where i.household_id = ? and stands(i.household_id, i.act) and not exists (
                select 1 from shop_entry e
                join shop_away w on w.household_id = e.household_id and w.entry = e.id
                where e.household_id = i.household_id and e.item = i.id
                and stands(e.household_id, e.act) and stands(w.household_id, w.act))
            order by i.text, i.id""";

    /** How many trips back a household's way is looked at. */
    private static final int TRIPS = 12;

    private final JdbcClient db;
    private final ShopNames shops;
    private final Rows rows;

    Entries(JdbcClient db, ShopNames shops, Rows rows) {
        this.db = db;
        this.rows = rows;
        this.shops = shops;
    }

    /** Added by hand and not put away yet. */
    List<Item> items(Household household) {
        return db.sql(ITEMS).params(household.id()).query(Item.class).list();
    }

    void add(Act act, String text, @Nullable UUID food) {
        db.sql("insert into shop_item (household_id, id, text, food, act) values (?, ?, ?, ?, ?)")
                .params(Arrays.asList(act.household().id(), act.newId(), text, food, act.id()))
                .update();
    }

    /** In the basket and not put away yet, oldest first. */
    List<Entry> basket(Household household) {
        return db.sql("""
                        select e.*, s.name as shop_name, m.name || ', ' || a.device as who from shop_entry e
                        left join shop s on s.household_id = e.household_id and s.id = e.shop
                        join act a on a.household_id = e.household_id and a.id = e.act
                        left join member m on m.household_id = a.household_id and m.id = a.person
                        where e.household_id = ? and stands(e.household_id, e.act) and not exists (
                            select 1 from shop_away w where w.household_id = e.household_id and w.entry = e.id
                            and stands(w.household_id, w.act))
                        order by a.seq""")
                .params(household.id())
                .query((row, n) -> entry(row, household))
                .list();
    }

    private static Entry entry(ResultSet row, Household household) throws SQLException {
        String unit = row.getString("pack_unit");
        Long price = (Long) row.getObject("price");
        return new Entry(
                row.getObject("id", UUID.class),
                row.getObject("act", UUID.class),
                row.getObject("item", UUID.class),
                row.getObject("food", UUID.class),
                row.getString("text"),
                row.getInt("packs"),
                unit == null ? null : Amount.of(Rational.of(row.getBigDecimal("pack")), Unit.ofSymbol(unit)),
                price == null ? null : Money.of(price, household.currency()),
                row.getString("shop_name"),
                row.getString("who"));
    }

    /** Something ticked by itself. @param trip it came home with; @param shop null where nobody said */
    record Ticked(
            UUID trip, @Nullable String shop, @Nullable UUID food) {}

    /**
     * What a list is made of beside the plan.
     *
     * @param items added by hand
     * @param ticked one by one on the last trips, the newest trip first, each in the order of its ticks
     */
    record Listed(List<Item> items, List<Ticked> ticked) {}

    Listed listed(Household household) {
        List<Item> items = new ArrayList<>();
        List<Ticked> ticked = new ArrayList<>();
        db.sql("select id, text, food, null::uuid as trip, null as shop, null::bigint as home, "
                        + "row_number() over (order by text, id) as n from (" + ITEMS + """
                        ) items union all
                        select e.id, null, e.food, w.act, s.name, home.seq,
                            row_number() over (order by e.device_at, t.seq)
                        from shop_away w
                        join (select distinct l.act, a.seq from shop_away l
                            join act a on a.household_id = l.household_id and a.id = l.act
                            where l.household_id = ? and stands(l.household_id, l.act)
                            order by a.seq desc limit ?) home on home.act = w.act
                        join shop_entry e on e.household_id = w.household_id and e.id = w.entry
                        join act t on t.household_id = e.household_id and t.id = e.act
                        left join shop s on s.household_id = e.household_id and s.id = e.shop
                        where w.household_id = ? and stands(e.household_id, e.act) and not exists (
                            select 1 from shop_entry o
                            where o.household_id = e.household_id and o.act = e.act and o.id <> e.id)
                        order by home desc nulls first, n""")
                .params(household.id(), household.id(), TRIPS, household.id())
                .query(row -> {
                    UUID trip = row.getObject("trip", UUID.class);
                    UUID food = row.getObject("food", UUID.class);
                    if (trip == null) {
                        items.add(new Item(row.getObject("id", UUID.class), row.getString("text"), food));
                    } else {
                        ticked.add(new Ticked(trip, row.getString("shop"), food));
                    }
                });
        return new Listed(items, ticked);
    }

    void tick(Act act, List<Entry> entries) {
        Map<String, UUID> seen = new HashMap<>();
        entries.stream()
                .flatMap(entry -> Stream.ofNullable(entry.shop()))
                .forEach(shop -> seen.computeIfAbsent(shop, name -> shops.row(act, name)));
        rows.insert(
                "shop_entry",
                entries.stream().map(entry -> row(act, entry, seen)).toList());
    }

    private static Map<String, @Nullable Object> row(Act act, Entry entry, Map<String, UUID> seen) {
        Amount pack = entry.pack();
        Money price = entry.price();
        Map<String, @Nullable Object> row = new HashMap<>();
        row.put("household_id", act.household().id());
        row.put("id", entry.id());
        row.put("item", entry.item());
        row.put("food", entry.food());
        row.put("text", entry.text());
        row.put("packs", entry.packs());
        row.put("pack", pack == null ? null : pack.value().toDecimal(6));
        row.put("pack_unit", pack == null ? null : pack.unit().symbol());
        row.put("price", price == null ? null : price.minor());
        row.put("shop", entry.shop() == null ? null : seen.get(entry.shop()));
        row.put("device_at", act.happenedAt().atOffset(ZoneOffset.UTC).toString());
        row.put("act", act.id());
        return row;
    }

    void away(Act act, List<Entry> entries) {
        db.sql("insert into shop_away (household_id, entry, act) select ?, unnest(?::uuid[]), ?")
                .params(act.household().id(), entries.stream().map(Entry::id).toArray(UUID[]::new), act.id())
                .update();
    }
}
