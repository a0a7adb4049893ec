package wexilla.app.propose;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.Tastes;

/** What a household has cooked, and how it liked that. */
@Component
class MenuTastes {

    private final JdbcClient db;

    MenuTastes(JdbcClient db) {
        this.db = db;
    }

    Tastes of(Household household) {
        Map<UUID, Integer> liked = new HashMap<>();
        Map<UUID, Set<UUID>> refused = new HashMap<>();
        db.sql("""
                        select recipe, person, liked from rating
                        where household_id = ? and liked < 0 and recipe is not null""").params(household.id()).query(row -> {
            UUID person = row.getObject("person", UUID.class);
            if (person != null) {
                refused.computeIfAbsent(row.getObject("recipe", UUID.class), own -> new HashSet<>())
                        .add(person);
            }
        });
        db.sql("""
                        select recipe, round(avg(liked))::int as liked from rating
                        where household_id = ? and liked >= 0 and recipe is not null group by 1""").params(household.id()).query(row -> {
            liked.put(row.getObject("recipe", UUID.class), row.getInt("liked"));
        });
        Map<UUID, Integer> cooked = new HashMap<>();
        db.sql("select recipe, count(*)::int as times from batch where household_id = ? and state = 'DONE'"
                        + " and recipe is not null group by recipe")
                .params(household.id())
                .query(row -> {
                    cooked.put(row.getObject("recipe", UUID.class), row.getInt("times"));
                });
        return new Tastes(liked, refused, cooked);
    }
}
