package wexilla.app.onhand;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.Currency;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.platform.Act;
import wexilla.core.food.Key;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.KnownFoods;
import wexilla.core.money.Money;
import wexilla.core.pricing.Offer;
import wexilla.core.pricing.WholePacks;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;

/** Prices seen or paid. A price written in an act that was undone does not count. */
@Component
public class Offers {

    private final JdbcClient db;
    private final Valuing valuing;

    Offers(JdbcClient db, Valuing valuing) {
        this.db = db;
        this.valuing = valuing;
    }

    /** Stock of this food that has no price takes the newest one seen. */
    void value(Act act, UUID food) {
        valuing.unpriced(act, food);
    }

    /** @param pack what it was for; null when nobody said, so that it is kept and cannot be counted with yet */
    public void record(Act act, UUID food, @Nullable Amount pack, Money price, LocalDate seenOn) {
        record(act, food, pack, price, seenOn, null);
    }

    /** @param multi what several packs cost together, null when there is no such offer */
    public void record(
            Act act,
            UUID food,
            @Nullable Amount pack,
            Money price,
            LocalDate seenOn,
            WholePacks.@Nullable MultiBuy multi) {
        db.sql("""
                        insert into offer (household_id, id, food, pack, base_amount, base_unit, price, seen_on, act,
                            multi_n, multi_price, kind)
                        values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)""")
                .params(Arrays.asList(
                        act.household().id(),
                        UUID.randomUUID(),
                        food,
                        pack == null ? "not said" : pack.toString(),
                        pack == null ? null : pack.value().toDecimal(6),
                        pack == null ? null : pack.unit().symbol(),
                        price.minor(),
                        seenOn,
                        act.id(),
                        multi == null ? null : multi.count(),
                        multi == null ? null : multi.price().minor(),
                        multi == null ? "regular" : "multi"))
                .update();
        value(act, food);
    }

    private static WholePacks.@Nullable MultiBuy multi(ResultSet row, Currency currency) throws SQLException {
        int count = row.getInt("multi_n");
        return count < 2 ? null : new WholePacks.MultiBuy(count, Money.of(row.getLong("multi_price"), currency));
    }

    /** How many prices of one food are looked at: more kinds of pack nobody chooses between. */
    private static final int MOST_OF_ONE = 15;

    /** Prices of these foods, newest first; of all foods where none are named. */
    Map<Key, List<Offer>> newestFirst(Household household, KnownFoods foods, @Nullable Collection<Key> only) {
        record Seen(LocalDate on, long seq, UUID id, Offer offer) {}
        UUID[] asked = only == null
                ? null
                : foods.keys().entrySet().stream()
                        .filter(row -> only.contains(row.getValue()))
                        .map(Map.Entry::getKey)
                        .toArray(UUID[]::new);
        return db
                .sql("""
                        select f.id, o.id as offer, o.price, o.base_amount, o.base_unit, o.seen_on, o.multi_n, o.multi_price, a.seq
                        from food f
                        cross join lateral (
                            select * from offer n where n.household_id = f.household_id and n.food = f.id
                            and n.price is not null and n.base_amount is not null and n.act not in (
                                select u.reverses from act u where u.household_id = ? and u.reverses is not null)
                            order by n.seen_on desc, n.id limit ?) o
                        join act a on a.household_id = o.household_id and a.id = o.act
                        where f.household_id = ? and f.id = any (coalesce(?, array[f.id]))""")
                .params(Arrays.asList(household.id(), MOST_OF_ONE, household.id(), asked))
                .query((row, n) -> new Seen(
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
                                multi(row, household.currency()))))
                .list()
                .stream()
                .sorted(Comparator.comparing(Seen::on)
                        .thenComparing(Seen::seq)
                        .thenComparing(Seen::id)
                        .reversed())
                .map(Seen::offer)
                .collect(Collectors.groupingBy(Offer::food));
    }
}
