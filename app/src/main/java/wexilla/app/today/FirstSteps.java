package wexilla.app.today;

import java.time.LocalDate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.core.kitchen.house.Household;

/** What of the first steps of an empty household is done. */
@Component
class FirstSteps {

    private final JdbcClient db;

    FirstSteps(JdbcClient db) {
        this.db = db;
    }

    /** @param people somebody eats; {@code recipes} something is in the book; {@code planned} an evening ahead is */
    record Done(boolean people, boolean recipes, boolean planned) {}

    Done done(Household household, LocalDate today) {
        return db.sql("""
                        select exists (select 1 from person where household_id = :household and active) as people,
                            exists (select 1 from recipe where household_id = :household
                                and current_version is not null) as recipes,
                            exists (select 1 from slot where household_id = :household and state = 'PLANNED'
                                and day between :today and :today::date + 60) as planned""")
                .param("household", household.id())
                .param("today", today)
                .query(Done.class)
                .single();
    }
}
