package wexilla.app.onhand;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.platform.Act;
import wexilla.core.kitchen.house.Household;
import wexilla.core.money.Money;
import wexilla.core.money.UnitPrice;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;

/**
 * Stock that nobody gave a price takes the newest price of its food that fits its unit, as a movement of its own: what is
 * cooked of it then costs something, and everybody is told that it is counted so.
 */
@Component
public class Valuing {

    private final JdbcClient db;
    private final Ledger ledger;

    Valuing(JdbcClient db, Ledger ledger) {
        this.db = db;
        this.ledger = ledger;
    }

    private record Unpriced(UUID lot, Amount amount) {}

    private record Price(String seenOn, UnitPrice each) {}

    /** Values what is there of this food without a price; nothing happens where no price fits. */
    public void unpriced(Act act, UUID food) {
        for (Unpriced one : unpriced(act.household(), food)) {
            newest(act.household(), food, one.amount().unit())
                    .ifPresent(price -> ledger.value(
                            act,
                            one.lot(),
                            price.each().of(one.amount().value()).minor(),
                            "at the price of " + price.seenOn()));
        }
    }

    private List<Unpriced> unpriced(Household household, UUID food) {
        return db.sql("""
                        select id, amount, unit from lot where household_id = ? and food = ? and amount > 0
                        and grade = 'COUNTED' and not cost_complete and cost = 0 order by id for update""")
                .params(household.id(), food)
                .query((row, n) -> new Unpriced(
                        row.getObject("id", UUID.class),
                        Amount.of(Rational.of(row.getBigDecimal("amount")), Unit.ofSymbol(row.getString("unit")))))
                .list();
    }

    private Optional<Price> newest(Household household, UUID food, Unit unit) {
        return db.sql("""
                        select o.price, o.base_amount, o.base_unit, o.seen_on from offer o
                        join act a on a.household_id = o.household_id and a.id = o.act
                        where o.household_id = ? and o.food = ? and o.base_unit = ? and o.price > 0 and o.base_amount > 0
                        and not exists (select 1 from act u where u.household_id = a.household_id and u.reverses = a.id)
                        order by o.seen_on desc, a.seq desc limit 1""")
                .params(household.id(), food, unit.symbol())
                .query((row, n) -> new Price(
                        row.getString("seen_on"),
                        UnitPrice.of(
                                Money.of(row.getLong("price"), household.currency()),
                                Amount.of(Rational.of(row.getBigDecimal("base_amount")), unit))))
                .optional();
    }
}
