package wexilla.app.household;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.platform.Act;
import wexilla.app.platform.Journal;
import wexilla.app.platform.Journal.Thing;
import wexilla.app.platform.Problem;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.Place;

/** Changes of the places. */
@Component
public class Places {

    private final JdbcClient db;
    private final Journal journal;
    private final Households households;

    Places(JdbcClient db, Journal journal, Households households) {
        this.db = db;
        this.households = households;
        this.journal = journal;
    }

    /** @throws Problem if the household has no such place */
    public Place of(Household household, UUID id) {
        return households.places(household).stream()
                .filter(p -> p.id().equals(id))
                .findFirst()
                .orElseThrow(() -> Problem.missing("There is no such place in this household."));
    }

    /** Writes a place, or gives it another name or kind. */
    void save(Act act, UUID id, String name, Storage kind) {
        journal.before(act, Thing.PLACE, id);
        db.sql("""
                        insert into place (household_id, id, name, kind, sort)
                        values (:household, :id, :name, :kind,
                            (select coalesce(max(sort), 0) + 1 from place where household_id = :household))
                        on conflict (household_id, id) do update set name = excluded.name, kind = excluded.kind,
                            version = place.version + 1""")
                .param("household", act.household().id())
                .param("id", id)
                .param("name", name)
                .param("kind", kind.name())
                .update();
    }

    /** Takes a place off the list; what once lay there still knows its name. */
    void remove(Act act, UUID id) {
        journal.before(act, Thing.PLACE, id);
        db.sql("update place set gone = true, version = version + 1 where household_id = ? and id = ?")
                .params(act.household().id(), id)
                .update();
    }

    /** @param litres null forgets it */
    public void full(Act act, UUID id, @Nullable BigDecimal litres) {
        journal.before(act, Thing.PLACE, id);
        db.sql("update place set litres = ?, version = version + 1 where household_id = ? and id = ?")
                .params(Arrays.asList(litres, act.household().id(), id))
                .update();
    }

    /** How many open lots lie there. */
    int holds(Household household, UUID id) {
        return db.sql("select count(*) from lot where household_id = ? and place = ? and "
                        + "(amount > 0 or grade in ('HAVE', 'LOW'))")
                .params(household.id(), id)
                .query(Integer.class)
                .single();
    }
}
