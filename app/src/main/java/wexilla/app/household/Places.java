package wexilla.app.household;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.platform.Act;
import wexilla.app.platform.Journal;
import wexilla.app.platform.Journal.Thing;
import wexilla.app.platform.Problem;
import wexilla.app.platform.Rows;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.Place;

/** Changes of the places. */
@Component
public class Places {

    private final JdbcClient db;
    private final Journal journal;
    private final Households households;
    private final Rows rows;

    Places(JdbcClient db, Journal journal, Households households, Rows rows) {
        this.rows = rows;
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

    /** A place as it is written. @param litres that fit; null leaves it as it was said */
    record Row(UUID id, String name, Storage kind, @Nullable BigDecimal litres) {}

    /** Writes these places, the new ones after all others, or gives them another name or kind. */
    void save(Act act, List<Row> places) {
        journal.before(act, List.of(Thing.PLACE), places.stream().map(Row::id).toList());
        UUID household = act.household().id();
        int sort = db.sql("select coalesce(max(sort), 0) from place where household_id = ?")
                .param(household)
                .query(Integer.class)
                .single();
        List<Map<String, Object>> all = new ArrayList<>();
        for (Row place : places) {
            Map<String, Object> row = new HashMap<>();
            row.put("household_id", household);
            row.put("id", place.id());
            row.put("name", place.name());
            row.put("kind", place.kind());
            row.put("litres", place.litres());
            row.put("sort", ++sort);
            all.add(row);
        }
        rows.insert("place", all, """
                on conflict (household_id, id) do update set name = excluded.name, kind = excluded.kind,
                    litres = coalesce(excluded.litres, place.litres), version = place.version + 1""");
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
