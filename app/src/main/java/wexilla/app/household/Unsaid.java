package wexilla.app.household;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.household.NamesController.UnsaidName;
import wexilla.core.food.Food;
import wexilla.core.food.book.FoodBook;
import wexilla.core.kitchen.house.Household;
import wexilla.core.quantity.Unfit;
import wexilla.core.recipe.lines.LineReader;

/** What nobody has said yet: names the book does not know, and stored lines that cannot be read. */
@Component
class Unsaid {

    private static final int MOST = 200;

    private final JdbcClient db;

    Unsaid(JdbcClient db) {
        this.db = db;
    }

    private record Named(String name, int recipes, int there) {}

    /** Names nobody has described, in the book and on hand, those most used first. */
    List<UnsaidName> names(Household household, FoodBook book) {
        Map<String, UnsaidName> unsaid = new LinkedHashMap<>();
        db.sql("""
                        select n.name, count(distinct f.recipe)::int as recipes, 0 as there from recipe r
                        join recipe_figure f on f.household_id = r.household_id and f.recipe = r.id
                            and f.n = r.current_version and not f.described
                        cross join unnest(f.foods) as n (name)
                        where r.household_id = :household group by n.name
                        union all
                        select f.name, 0, count(*)::int from food f
                        join lot l on l.household_id = f.household_id and l.food = f.id
                            and (l.amount > 0 or l.grade in ('HAVE', 'LOW'))
                        where f.household_id = :household and f.ref_slug is null and f.same_as is null
                            and f.likeness is null group by f.name""").param("household", household.id()).query(Named.class).list().stream()
                .filter(named -> !named.name().isBlank()
                        && book.find(named.name()).filter(Food::described).isEmpty())
                .forEach(named -> unsaid.merge(
                        named.name().toLowerCase(Locale.ROOT),
                        new UnsaidName(named.name(), named.recipes(), named.there()),
                        (a, b) -> new UnsaidName(a.name(), a.recipes() + b.recipes(), a.there() + b.there())));
        return unsaid.values().stream()
                .sorted(Comparator.comparingInt((UnsaidName name) -> -name.recipes() - name.there())
                        .thenComparing(UnsaidName::name))
                .limit(MOST)
                .toList();
    }

    private record Stored(String where, String text) {}

    /** Lines of the book and sides of evenings that cannot be read, with where they stand: "Stew: 1/0 bread". */
    List<String> unread(Household household, LineReader reader) {
        List<String> unread = new ArrayList<>();
        db.sql("""
                        select v.title as where, l.text from recipe r
                        join recipe_version v on v.household_id = r.household_id and v.recipe = r.id
                            and v.n = r.current_version
                        join recipe_line l on l.household_id = v.household_id and l.recipe = v.recipe and l.n = v.n
                            and l.food is null and l.uses is null
                        where r.household_id = :household
                        union all
                        select 'evening of ' || s.day, d.text from meal_dish d
                        join slot s on s.household_id = d.household_id and s.id = d.slot
                        where d.household_id = :household and d.kind = 'SIDE'""")
                .param("household", household.id())
                .query(Stored.class)
                .list()
                .forEach(stored -> {
                    try {
                        reader.read(stored.text());
                    } catch (Unfit no) {
                        unread.add(stored.where() + ": " + stored.text());
                    }
                });
        return unread;
    }
}
