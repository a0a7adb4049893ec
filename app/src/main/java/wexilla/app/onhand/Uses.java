package wexilla.app.onhand;

import java.math.BigDecimal;
import java.sql.Timestamp;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.core.kitchen.house.Household;

/** What a lot was used for, as the movements tell it. */
@Component
public class Uses {

    private final JdbcClient db;

    Uses(JdbcClient db) {
        this.db = db;
    }

    /** @param dish what it went into; null where a hand used it. {@code kind} of the movement */
    public record Use(@Nullable String dish, String kind, BigDecimal amount) {}

    /** Oldest first; what was undone is not among them. */
    public List<Use> of(Household household, UUID lot) {
        return db.sql("""
                        select (select coalesce(b.name, f.name) from lot_source s
                                join lot c on c.household_id = s.household_id and c.id = s.child
                                left join batch b on b.household_id = c.household_id and b.id = c.batch
                                left join food f on f.household_id = c.household_id and f.id = c.food
                                where s.household_id = m.household_id and s.parent = m.lot and c.made_by = m.act
                                limit 1) as dish,
                            m.kind, -sum(m.amount) as amount
                        from movement m join act a on a.household_id = m.household_id and a.id = m.act
                        where m.household_id = ? and m.lot = ? and m.amount < 0 and m.kind <> 'UNDONE'
                        and stands(m.household_id, m.act)
                        group by m.household_id, m.lot, m.act, m.kind, a.seq order by a.seq""").params(household.id(), lot).query(Use.class).list();
    }

    /** What was used and eaten of a food since a day, in its base unit; what was binned or given away is not. */
    public BigDecimal since(Household household, UUID food, LocalDate day) {
        return db.sql("""
                        select coalesce(-sum(m.amount), 0) from movement m
                        join lot l on l.household_id = m.household_id and l.id = m.lot
                        join act a on a.household_id = m.household_id and a.id = m.act
                        where m.household_id = ? and l.food = ? and m.amount < 0 and m.kind in ('USED', 'EATEN')
                        and a.happened_at >= ? and stands(m.household_id, m.act)
                        and not exists (select 1 from lot_source s join lot c on c.household_id = s.household_id
                            and c.id = s.child where s.household_id = m.household_id and s.parent = m.lot
                            and c.made_by = m.act and c.food = l.food)""")
                .params(
                        household.id(),
                        food,
                        Timestamp.from(day.atStartOfDay(household.zone()).toInstant()))
                .query(BigDecimal.class)
                .single();
    }

    /** What came in with it: what was in the pack at first, and what was counted up since. */
    public BigDecimal came(Household household, UUID lot) {
        return db.sql("""
                        select coalesce(sum(amount), 0) from movement m where household_id = ? and lot = ?
                        and amount > 0 and kind <> 'UNDONE' and stands(household_id, act)""").params(household.id(), lot).query(BigDecimal.class).single();
    }
}
