package wexilla.app.today;

import java.time.LocalDate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.platform.Household;
import wexilla.core.money.Money;

/** What went into meals and what was binned, from the ledger. What was undone is not in it. */
@Component
public class Spent {

    private final JdbcClient db;

    Spent(JdbcClient db) {
        this.db = db;
    }

    /** What was eaten from this day to that, both included: dishes, sides, and what hands used up. */
    public Money used(Household household, LocalDate from, LocalDate to) {
        return sum(household, "(m.kind = 'EATEN' or (m.kind = 'USED' and a.kind = 'hand'))", from, to);
    }

    public Money binned(Household household, LocalDate from, LocalDate to) {
        return sum(household, "m.kind = 'WASTED'", from, to);
    }

    private Money sum(Household household, String which, LocalDate from, LocalDate to) {
        return Money.of(
                db.sql("select coalesce(-sum(m.cost), 0)::bigint from movement m "
                                + "join act a on a.household_id = m.household_id and a.id = m.act where " + which
                                + " and m.household_id = :household and stands(a.household_id, a.id) and "
                                + "(a.happened_at at time zone :zone)::date between :from and :to")
                        .param("household", household.id())
                        .param("zone", household.zone().getId())
                        .param("from", from)
                        .param("to", to)
                        .query(Long.class)
                        .single(),
                household.currency());
    }
}
