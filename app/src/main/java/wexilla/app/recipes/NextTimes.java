package wexilla.app.recipes;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.platform.Act;
import wexilla.app.platform.Journal;
import wexilla.app.platform.Journal.Thing;
import wexilla.app.platform.Problem;
import wexilla.core.kitchen.house.Household;

/** What to do better the next time: said after cooking, taken up in a later version. */
@Component
class NextTimes {

    /** @param saidOn the day it was said */
    record NextTime(UUID id, String text, LocalDate saidOn) {}

    private final JdbcClient db;
    private final Journal journal;

    NextTimes(JdbcClient db, Journal journal) {
        this.db = db;
        this.journal = journal;
    }

    /** What nobody has taken up yet, oldest first. */
    List<NextTime> open(Household household, UUID recipe) {
        return db.sql("select id, text, said_on from next_time where household_id = ? and recipe = ? "
                        + "and taken_in is null order by said_on, id")
                .params(household.id(), recipe)
                .query(NextTime.class)
                .list();
    }

    void say(Act act, UUID recipe, String text, LocalDate day) {
        journal.before(act, Thing.NEXT_TIMES, recipe);
        db.sql("insert into next_time (household_id, id, recipe, text, said_on) values (?, ?, ?, ?, ?)")
                .params(act.household().id(), act.newId(), recipe, text, day)
                .update();
    }

    /** @throws Problem if one of them is not open */
    void takeUp(Act act, UUID recipe, int n, Collection<UUID> taken) {
        if (taken.isEmpty()) {
            return;
        }
        journal.before(act, Thing.NEXT_TIMES, recipe);
        for (UUID id : taken) {
            int done = db.sql("update next_time set taken_in = ? where household_id = ? and recipe = ? and id = ? "
                            + "and taken_in is null")
                    .params(n, act.household().id(), recipe, id)
                    .update();
            if (done != 1) {
                throw Problem.at("/taken", "One of these was taken up already; open the recipe again.");
            }
        }
    }
}
