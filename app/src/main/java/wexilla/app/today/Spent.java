package wexilla.app.today;

import java.time.LocalDate;
import java.util.Currency;
import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.core.kitchen.house.Household;
import wexilla.core.money.Money;

/** What went into meals and what was binned, from the ledger. What was undone is not in it. */
@Component
public class Spent {

    private final JdbcClient db;

    Spent(JdbcClient db) {
        this.db = db;
    }

    /** Decimal money of some days. @param used what was eaten: dishes, sides, and what hands used up; {@code given} is in none of it */
    public record Days(Money used, Money paid, Money binned, Money given) {}

    /**
     * So many weeks, the newest first.
     *
     * @param from first day of the newest week
     */
    public List<Days> weeks(Household household, LocalDate from, int weeks) {
        Currency currency = household.currency();
        return db.sql("""
                        with week as (select w, :from::date - 7 * w as first from generate_series(0, :weeks - 1) as w),
                        moved as (
                            select (a.happened_at at time zone :zone)::date as day, -m.cost as cost,
                                m.kind = 'EATEN' or m.kind = 'USED' and a.kind = 'hand' as used, m.kind = 'WASTED' as binned,
                                m.kind = 'GIVEN' as given
                            from act a join movement m on m.household_id = a.household_id and m.act = a.id
                            where a.household_id = :household and m.kind in ('EATEN', 'USED', 'WASTED', 'GIVEN')
                            and a.happened_at >= (:from::date - 7 * :weeks)::timestamp at time zone :zone - interval '1 day'
                            and stands(a.household_id, a.id))
                        select week.w, coalesce(sum(m.cost) filter (where m.used), 0)::bigint as used,
                            coalesce(sum(m.cost) filter (where m.binned), 0)::bigint as binned,
                            coalesce(sum(m.cost) filter (where m.given), 0)::bigint as given,
                            (select coalesce(sum(coalesce(p.till, p.lines)), 0)::bigint from purchase p
                                where p.household_id = :household and p.paid_on between week.first and week.first + 6
                                and stands(p.household_id, p.act)) as paid
                        from week left join moved m on m.day between week.first and week.first + 6
                        group by week.w, week.first order by week.w""")
                .param("household", household.id())
                .param("zone", household.zone().getId())
                .param("from", from)
                .param("weeks", weeks)
                .query((row, n) -> new Days(
                        Money.of(row.getLong("used"), currency),
                        Money.of(row.getLong("paid"), currency),
                        Money.of(row.getLong("binned"), currency),
                        Money.of(row.getLong("given"), currency)))
                .list();
    }
}
