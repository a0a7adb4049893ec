package wexilla.app.recipes;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.platform.Household;
import wexilla.core.food.Allergen;
import wexilla.core.food.Diet;
import wexilla.core.money.Money;
import wexilla.core.recipe.StepGear;
import wexilla.core.recipe.Style;

/** Finds recipes among thousands by the figures kept beside their versions. */
@Component
class Book {

    /** What is there, or must be used soon. */
    enum OnHand {
        ALL,
        SOME,
        SOON
    }

    /** How it was. */
    enum Liked {
        ALL,
        GOOD,
        AGAIN,
        UNRATED
    }

    enum Sort {
        TITLE,
        COST
    }

    /**
     * What the book is narrowed down to; null and empty narrow nothing.
     *
     * @param text words, each of which must be somewhere: in the name, a food, a tag or the note
     * @param form in which its protein is wanted: "raw mince"
     * @param hands minutes of hands at most
     * @param cost of a portion at most
     * @param without allergens that must not be in it, nor in anything nobody has described
     */
    record Filter(
            String text,
            OnHand onHand,
            @Nullable String form,
            @Nullable Style style,
            StepGear.@Nullable Kind gear,
            @Nullable Diet diet,
            @Nullable Integer hands,
            @Nullable Money cost,
            Liked liked,
            List<Allergen> without) {}

    /** What is in the freezer and the cupboards. @param soon of that, what must be used this week; food keys */
    record Stocked(List<String> there, List<String> soon) {}

    /** @param liked mean of 0 to 2 in tenths; null while nobody rated it */
    record Figure(
            UUID recipe,
            int lines,
            int steps,
            List<String> foods,
            List<String> proteins,
            List<String> forms,
            List<String> styles,
            List<String> gear,
            List<String> diets,
            List<String> allergens,
            boolean described,
            @Nullable Integer liked,
            int refused,
            int waiting) {}

    /** @param found how many there are on all pages */
    record Page(int found, List<Figure> figures) {}

    /** Everything that occurs in the book, to choose from. @param total how many recipes are in it */
    record Choices(
            int total,
            List<String> forms,
            List<String> styles,
            List<String> gear,
            List<String> diets,
            List<String> allergens) {}

    private static final String FROM = """
            from recipe r join recipe_figure f on f.household_id = r.household_id and f.recipe = r.id
                and f.n = r.current_version
            left join lateral (
                select round(avg(g.liked) filter (where g.liked >= 0) * 10)::int as liked,
                    count(*) filter (where g.liked < 0)::int as refused
                from meal_dish d join rating g on g.household_id = d.household_id and g.slot = d.slot and g.pos = d.pos
                where d.household_id = r.household_id and d.recipe = r.id) g on true
            where r.household_id = :household\s""";

    private final JdbcClient db;

    Book(JdbcClient db) {
        this.db = db;
    }

    /** @param offset and {@code most}: which of them, in their order */
    Page find(Household household, Filter filter, Stocked stocked, Sort sort, int offset, int most) {
        Map<String, Object> parameters = new LinkedHashMap<>();
        parameters.put("household", household.id());
        String where = where(filter, stocked, parameters);
        parameters.put("offset", offset);
        parameters.put("most", most);
        List<Figure> figures = new ArrayList<>();
        int[] found = new int[1];
        db.sql("select f.*, g.liked, g.refused, count(*) over () as found, (select count(*)::int from next_time t "
                        + "where t.household_id = r.household_id and t.recipe = r.id and t.taken_in is null) as waiting "
                        + FROM + where + " order by " + order(filter, sort, stocked, parameters)
                        + " lower(f.title), r.id limit :most offset :offset")
                .params(parameters)
                .query(row -> {
                    found[0] = row.getInt("found");
                    figures.add(figure(row));
                });
        return new Page(found[0], figures);
    }

    private static String where(Filter filter, Stocked stocked, Map<String, Object> parameters) {
        StringBuilder where = new StringBuilder();
        String[] words = Arrays.stream(filter.text().toLowerCase(Locale.ROOT).split("\\s+"))
                .filter(word -> !word.isEmpty())
                .map(word -> "%" + word.replaceAll("([\\\\%_])", "\\\\$1") + "%")
                .toArray(String[]::new);
        if (words.length > 0) {
            and(where, parameters, "f.words like all (:words::text[])", "words", words);
        }
        if (filter.onHand() != OnHand.ALL) {
            List<String> wanted = filter.onHand() == OnHand.SOME ? stocked.there() : stocked.soon();
            and(where, parameters, "f.food_keys && :wanted::text[]", "wanted", wanted.toArray(String[]::new));
        }
        if (filter.form() != null) {
            and(where, parameters, ":form = any (f.forms)", "form", filter.form());
        }
        if (filter.style() != null) {
            and(
                    where,
                    parameters,
                    ":style = any (f.styles)",
                    "style",
                    filter.style().name());
        }
        if (filter.gear() != null) {
            and(where, parameters, ":gear = any (f.gear)", "gear", filter.gear().name());
        }
        if (filter.diet() != null) {
            and(
                    where,
                    parameters,
                    ":diet = any (f.diets)",
                    "diet",
                    filter.diet().name());
        }
        if (filter.hands() != null) {
            and(where, parameters, "f.steps > 0 and f.hands <= :hands", "hands", filter.hands());
        }
        if (filter.cost() != null) {
            and(
                    where,
                    parameters,
                    "f.lines > 0 and f.portion_cost <= :cost",
                    "cost",
                    filter.cost().minor());
        }
        if (!filter.without().isEmpty()) {
            String[] without = filter.without().stream().map(Enum::name).toArray(String[]::new);
            and(where, parameters, "f.described and not (f.allergens && :without::text[])", "without", without);
        }
        where.append(
                switch (filter.liked()) {
                    case ALL -> "";
                    case GOOD -> " and g.liked >= 10";
                    case AGAIN -> " and g.liked >= 15";
                    case UNRATED -> " and g.liked is null";
                });
        return where.toString();
    }

    private static void and(
            StringBuilder where, Map<String, Object> parameters, String condition, String name, Object value) {
        where.append(" and ").append(condition);
        parameters.put(name, value);
    }

    /** What uses up most comes first when that is asked; of costs the complete ones, then the cheapest. */
    private static String order(Filter filter, Sort sort, Stocked stocked, Map<String, Object> parameters) {
        if (sort == Sort.COST) {
            return "f.lines = 0, not f.cost_complete, f.portion_cost,";
        }
        if (filter.onHand() == OnHand.ALL) {
            return "";
        }
        parameters.put("soon", stocked.soon().toArray(String[]::new));
        parameters.put("there", stocked.there().toArray(String[]::new));
        String shared = "cardinality(array(select unnest(f.food_keys) intersect select unnest(:%s::text[]))) desc,";
        return shared.formatted("soon") + shared.formatted("there");
    }

    private static Figure figure(ResultSet row) throws SQLException {
        return new Figure(
                row.getObject("recipe", UUID.class),
                row.getInt("lines"),
                row.getInt("steps"),
                strings(row, "foods"),
                strings(row, "proteins"),
                strings(row, "forms"),
                strings(row, "styles"),
                strings(row, "gear"),
                strings(row, "diets"),
                strings(row, "allergens"),
                row.getBoolean("described"),
                (Integer) row.getObject("liked"),
                row.getInt("refused"),
                row.getInt("waiting"));
    }

    private static List<String> strings(ResultSet row, String column) throws SQLException {
        return List.of((String[]) row.getArray(column).getArray());
    }

    Choices choices(Household household) {
        String heads = "select f.* from recipe r join recipe_figure f on f.household_id = r.household_id "
                + "and f.recipe = r.id and f.n = r.current_version where r.household_id = :household";
        return db.sql("with book as (" + heads + ") select (select count(*)::int from book) as total, "
                        + all("forms") + ", " + all("styles") + ", " + all("gear") + ", " + all("diets") + ", "
                        + all("allergens"))
                .param("household", household.id())
                .query((row, n) -> new Choices(
                        row.getInt("total"),
                        strings(row, "forms"),
                        strings(row, "styles"),
                        strings(row, "gear"),
                        strings(row, "diets"),
                        strings(row, "allergens")))
                .single();
    }

    private static String all(String column) {
        return "array(select distinct unnest(" + column + ") as one from book order by one) as " + column;
    }

    /** @param minutes of hands and waiting together */
    record Title(String id, String title, int portions, int minutes) {}

    /** Recipes whose title holds this, those that begin with it first. */
    List<Title> titled(Household household, String text, int most) {
        String like = text.toLowerCase(Locale.ROOT).strip().replaceAll("([\\\\%_])", "\\\\$1");
        return db.sql("""
                        select r.id::text as id, v.title, v.portions, coalesce(f.minutes, 0) as minutes from recipe r
                        join recipe_version v on v.household_id = r.household_id and v.recipe = r.id
                            and v.n = r.current_version
                        left join recipe_figure f on f.household_id = r.household_id and f.recipe = r.id
                            and f.n = r.current_version
                        where r.household_id = :household and lower(v.title) like :inside
                        order by lower(v.title) like :start desc, lower(v.title), r.id limit :most""")
                .param("household", household.id())
                .param("inside", "%" + like + "%")
                .param("start", like + "%")
                .param("most", most)
                .query(Title.class)
                .list();
    }
}
