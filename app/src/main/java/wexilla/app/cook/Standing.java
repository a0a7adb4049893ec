package wexilla.app.cook;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.core.kitchen.house.Household;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;

/** Cooked dishes that stand on the counter. */
@Component
public class Standing {

    private final JdbcClient db;

    Standing(JdbcClient db) {
        this.db = db;
    }

    /** @param since when it came off the heat, as far as anybody said */
    public record Dish(UUID lot, UUID batch, String name, Amount amount, Instant since) {}

    /** The longest first; a raw bag is cold already. */
    public List<Dish> dishes(Household household) {
        return db.sql("""
                        select l.id, b.id as batch, b.name, l.amount, l.unit, a.happened_at from lot l
                        join batch b on b.household_id = l.household_id and b.id = l.batch
                        join place p on p.household_id = l.household_id and p.id = l.place and p.kind = 'COUNTER'
                        join act a on a.household_id = l.household_id and a.id = l.made_by
                        where l.household_id = ? and l.amount > 0 and l.state = 'COOKED' order by a.happened_at, l.id""")
                .params(household.id())
                .query((row, n) -> new Dish(
                        row.getObject("id", UUID.class),
                        row.getObject("batch", UUID.class),
                        row.getString("name"),
                        Amount.of(Rational.of(row.getBigDecimal("amount")), Unit.ofSymbol(row.getString("unit"))),
                        row.getTimestamp("happened_at").toInstant()))
                .list();
    }
}
