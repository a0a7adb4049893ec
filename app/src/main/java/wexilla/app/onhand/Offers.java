package wexilla.app.onhand;

import java.sql.Array;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.Currency;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.platform.Act;
import wexilla.app.platform.Changes;
import wexilla.app.platform.Rows;
import wexilla.core.food.Key;
import wexilla.core.kitchen.Change;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.KnownFoods;
import wexilla.core.money.Money;
import wexilla.core.pricing.Offer;
import wexilla.core.pricing.WholePacks;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.shopping.Shops;

/** Prices seen or paid. A price written in an act that was undone does not count. */
@Component
public class Offers implements Changes.Writer {

    private final JdbcClient db;
    private final Rows rows;
    private final ShopNames shops;

    Offers(JdbcClient db, Rows rows, ShopNames shops) {
        this.db = db;
        this.rows = rows;
        this.shops = shops;
    }

    @Override
    public Class<? extends Change> kind() {
        return Change.OfPrice.class;
    }

    @Override
    public void write(Act act, List<Change> changes) {
        List<Map<String, Object>> all = new ArrayList<>();
        for (Change change : changes) {
            if (change instanceof Change.PriceSeen seen) {
                all.add(row(act, seen));
            }
        }
        rows.insert("offer", all);
    }

    private Map<String, Object> row(Act act, Change.PriceSeen seen) {
        Amount pack = seen.pack();
        WholePacks.MultiBuy multi = seen.multi();
        Map<String, Object> row = new HashMap<>();
        row.put("household_id", act.household().id());
        row.put("id", act.newId());
        row.put("food", seen.food());
        row.put("shop", seen.shop() == null ? null : shops.row(act, seen.shop()));
        row.put("pack", pack == null ? "not said" : pack.toString());
        row.put("base_amount", pack == null ? null : pack.value().toDecimal(Change.DECIMALS));
        row.put("base_unit", pack == null ? null : pack.unit().symbol());
        row.put("price", seen.price().minor());
        row.put("seen_on", seen.on());
        row.put("act", act.id());
        row.put("multi_n", multi == null ? null : multi.count());
        row.put("multi_price", multi == null ? null : multi.price().minor());
        row.put("kind", multi == null ? "regular" : "multi");
        return row;
    }

    private static WholePacks.@Nullable MultiBuy multi(ResultSet row, Currency currency) throws SQLException {
        int count = row.getInt("multi_n");
        return count < 2 ? null : new WholePacks.MultiBuy(count, Money.of(row.getLong("multi_price"), currency));
    }

    /** How many prices of one food are looked at: more kinds of pack nobody chooses between. */
    private static final int MOST_OF_ONE = 15;

    /**
     * What is known of prices.
     *
     * @param all newest first
     * @param gone the shops the household goes to; none where nobody chose: every shop
     */
    public record Known(Map<Key, List<Offer>> all, Set<String> gone) {}

    /** Prices of these foods in the shops the household goes to, newest first; of all foods where none are named. */
    Map<Key, List<Offer>> newestFirst(Household household, KnownFoods foods, @Nullable Collection<Key> only) {
        Known known = everywhere(household, foods, only);
        return Shops.in(known.gone(), known.all());
    }

    /** The same in every shop. */
    public Known everywhere(Household household, KnownFoods foods, @Nullable Collection<Key> only) {
        record Seen(LocalDate on, long seq, UUID id, Offer offer) {}
        Set<String> gone = new TreeSet<>();
        UUID[] asked = only == null
                ? null
                : foods.keys().entrySet().stream()
                        .filter(row -> only.contains(row.getValue()))
                        .map(Map.Entry::getKey)
                        .toArray(UUID[]::new);
        List<Seen> found = db.sql("""
                        select f.id, o.id as offer, o.price, o.base_amount, o.base_unit, o.seen_on, o.multi_n, o.multi_price, a.seq,
                            s.name as shop, (
                                select array_agg(t.name) from shop_gone_to g
                                join shop t on t.household_id = g.household_id and t.id = g.shop
                                where g.household_id = ?) as gone
                        from food f
                        cross join lateral (
                            select * from offer n where n.household_id = f.household_id and n.food = f.id
                            and n.price is not null and n.base_amount is not null and n.act not in (
                                select u.reverses from act u where u.household_id = ? and u.reverses is not null)
                            order by n.seen_on desc, n.id limit ?) o
                        join act a on a.household_id = o.household_id and a.id = o.act
                        left join shop s on s.household_id = o.household_id and s.id = o.shop
                        where f.household_id = ? and f.id = any (coalesce(?, array[f.id]))""")
                .params(Arrays.asList(household.id(), household.id(), MOST_OF_ONE, household.id(), asked))
                .query((row, n) -> {
                    String shop = row.getString("shop");
                    Array chosen = row.getArray("gone");
                    if (chosen != null) {
                        gone.addAll(List.of((String[]) chosen.getArray()));
                    }
                    return new Seen(
                            row.getObject("seen_on", LocalDate.class),
                            row.getLong("seq"),
                            row.getObject("offer", UUID.class),
                            new Offer(
                                    foods.key(row.getObject("id", UUID.class)),
                                    Money.of(row.getLong("price"), household.currency()),
                                    Amount.of(
                                            Rational.of(row.getBigDecimal("base_amount")),
                                            Unit.ofSymbol(row.getString("base_unit"))),
                                    row.getObject("seen_on", LocalDate.class),
                                    multi(row, household.currency()),
                                    shop));
                })
                .list();
        Map<Key, List<Offer>> all = found.stream()
                .sorted(Comparator.comparing(Seen::on)
                        .thenComparing(Seen::seq)
                        .thenComparing(Seen::id)
                        .reversed())
                .map(Seen::offer)
                .collect(Collectors.groupingBy(Offer::food));
        return new Known(all, gone);
    }
}
