package wexilla.app.onhand;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.household.Foods;
import wexilla.app.platform.Act;
import wexilla.app.platform.Household;
import wexilla.core.money.Money;
import wexilla.core.pricing.Offer;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;

/** Prices seen or paid. A price written in an act that was undone does not count. */
@Component
public class Offers {

    private final JdbcClient db;
    private final Foods foods;

    Offers(JdbcClient db, Foods foods) {
        this.db = db;
        this.foods = foods;
    }

    /** @param pack what it was for; null when nobody said, so that it is kept and cannot be counted with yet */
    public void record(Act act, UUID food, @Nullable Amount pack, Money price, LocalDate seenOn) {
        db.sql("""
                        insert into offer (household_id, id, food, pack, base_amount, base_unit, price, seen_on, act)
                        values (?, ?, ?, ?, ?, ?, ?, ?, ?)""")
                .params(Arrays.asList(
                        act.household().id(),
                        UUID.randomUUID(),
                        food,
                        pack == null ? "not said" : pack.toString(),
                        pack == null ? null : pack.value().toDecimal(6),
                        pack == null ? null : pack.unit().symbol(),
                        price.minor(),
                        seenOn,
                        act.id()))
                .update();
    }

    /** By food key, newest first. */
    public Map<String, List<Offer>> newestFirst(Household household) {
        Map<UUID, String> keys = foods.keys(household);
        return db
                .sql("""
                        select o.food, o.price, o.base_amount, o.base_unit, o.seen_on from offer o
                        join act a on a.household_id = o.household_id and a.id = o.act
                        where o.household_id = ? and o.price is not null and o.base_amount is not null
                        and not exists (select 1 from act u where u.household_id = a.household_id and u.reverses = a.id)
                        order by o.seen_on desc, a.seq desc""")
                .params(household.id())
                .query((row, n) -> new Offer(
                        Objects.requireNonNull(keys.get(row.getObject("food", UUID.class))),
                        Money.of(row.getLong("price"), household.currency()),
                        Amount.of(
                                Rational.of(row.getBigDecimal("base_amount")),
                                Unit.ofSymbol(row.getString("base_unit"))),
                        row.getObject("seen_on", LocalDate.class)))
                .list()
                .stream()
                .collect(Collectors.groupingBy(Offer::foodKey));
    }
}
