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
import wexilla.core.food.Diet;
import wexilla.core.food.facts.Allergen;
import wexilla.core.kitchen.house.Household;
import wexilla.core.money.Money;
import wexilla.core.recipe.Style;
import wexilla.core.recipe.steps.StepGear;

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
     * @param without allergens that must not be in it; where they may be, it comes after what is proven
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
            List<Allergen> without) {

        /** Whether it asks for something that must be proven. */
        boolean asks() {
            return diet != null || !without.isEmpty();
        }
    }

    /** What is in the freezer and the cupboards. @param soon of that, what must be used this week; food keys */
    record Stocked(List<String> there, List<String> soon) {}

    /** What was said of it at the table and after. @param liked mean of 0 to 2 in tenths; null while nobody rated it */
    record Said(@Nullable Integer liked, int refused, int waiting) {}

    /** What stands beside the current version of a recipe. */
    record Figure(
            UUID recipe,
            int lines,
            int steps,
            List<String> foods,
            List<String> proteins,
            List<String> forms,
            List<String> styles,
            List<String> gear,
            Said said) {}

    /**
     * @param total how many recipes are in the book; @param found how many fit, on all pages; @param proven of those, how
     *     many are proven to be without what is asked; they come first
     */
    record Page(int total, int found, int proven, List<Figure> figures) {}

    /** Everything that occurs in the book, to choose from. */
    record Choices(
            List<String> forms, List<String> styles, List<String> gear, List<Diet> diets, List<Allergen> allergens) {}

    private static final String HEADS = """
            select f.household_id, f.recipe, f.n, f.title, %s from recipe r
            join recipe_figure f on f.household_id = r.household_id and f.recipe = r.id and f.n = r.current_version
            %s where r.household_id = :household\s""";

    private static final String RATED = """
            left join (
                select recipe, round(avg(liked) filter (where liked >= 0) * 10)::int as liked
                from rating where household_id = :household and recipe is not null group by recipe) g on g.recipe = r.id""";

    /** The page first, by what stands in the figures alone; ratings and wishes only of what is on it. */
    private static final String PAGE = """
            with fit as (%s), page as (select * from fit order by rank limit :most offset :offset),
                counted as (select (select count(*)::int from fit) as found,
                    (select count(*)::int from fit where fit.is_proven) as proven, (select count(*)::int from recipe
                    where household_id = :household and current_version is not null) as total)
            select f.*, page.rank, counted.found, counted.proven, counted.total,
                (select round(avg(g.liked) filter (where g.liked >= 0) * 10)::int from rating g
                    where g.household_id = f.household_id and g.recipe = f.recipe) as liked,
                (select count(*)::int from rating g
                    where g.household_id = f.household_id and g.recipe = f.recipe and g.liked < 0) as refused,
                (select count(*)::int from next_time t where t.household_id = f.household_id and t.recipe = f.recipe
                    and t.taken_in is null) as waiting
            from counted left join page on true
            left join recipe_figure f on f.household_id = page.household_id and f.recipe = page.recipe and f.n = page.n
            order by page.rank""";

    /** Whether everything that is asked of it is proven, and nothing has to be looked at first. */
    private static final String PROVEN = "((:noDiet or :provenDiet = any (f.diets)) and f.free @> :free::text[])";

    private final JdbcClient db;

    Book(JdbcClient db) {
        this.db = db;
    }

    /** @param offset and {@code most}: which of them, in their order */
    Page find(Household household, Filter filter, Stocked stocked, Sort sort, int offset, int most) {
        Map<String, Object> parameters = new LinkedHashMap<>();
        parameters.put("household", household.id());
        parameters.put("noDiet", filter.diet() == null);
        parameters.put("provenDiet", filter.diet() == null ? "" : filter.diet().name());
        parameters.put("free", filter.without().stream().map(Enum::name).toArray(String[]::new));
        String where = where(filter, sort, stocked, parameters);
        parameters.put("offset", offset);
        parameters.put("most", most);
        List<Figure> figures = new ArrayList<>();
        int[] counted = new int[3];
        String rank = "row_number() over (order by " + order(filter, sort, stocked, parameters)
                + " lower(f.title) collate \"C\", f.recipe) as rank, " + PROVEN + " as is_proven";
        String fit = HEADS.formatted(rank, filter.liked() == Liked.ALL ? "" : RATED) + where;
        db.sql(PAGE.formatted(fit)).params(parameters).query(row -> {
            counted[0] = row.getInt("total");
            counted[1] = row.getInt("found");
            counted[2] = row.getInt("proven");
            if (row.getObject("recipe") != null) {
                figures.add(figure(row));
            }
        });
        return new Page(counted[0], counted[1], counted[2], figures);
    }

    private static String where(Filter filter, Sort sort, Stocked stocked, Map<String, Object> parameters) {
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
                    "not :diet = any (f.diets_broken)",
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
                    "f.cost_complete and f.portion_cost <= :cost",
                    "cost",
                    filter.cost().minor());
        }
        if (!filter.without().isEmpty()) {
            String[] without = filter.without().stream().map(Enum::name).toArray(String[]::new);
            and(where, parameters, "not (f.allergens && :without::text[])", "without", without);
        }
        if (sort == Sort.COST) {
            where.append(" and f.lines > 0");
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
        String proven = filter.asks() ? "not " + PROVEN + "," : "";
        if (sort == Sort.COST) {
            return proven + "not f.cost_complete, f.portion_cost,";
        }
        if (filter.onHand() == OnHand.ALL) {
            return proven;
        }
        parameters.put("soon", stocked.soon().toArray(String[]::new));
        parameters.put("there", stocked.there().toArray(String[]::new));
        String shared = "cardinality(array(select unnest(f.food_keys) intersect select unnest(:%s::text[]))) desc,";
        return proven + shared.formatted("soon") + shared.formatted("there");
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
                new Said((Integer) row.getObject("liked"), row.getInt("refused"), row.getInt("waiting")));
    }

    private static List<String> strings(ResultSet row, String column) throws SQLException {
        return List.of((String[]) row.getArray(column).getArray());
    }

    Choices choices(Household household) {
        String heads =
                "select f.forms, f.styles, f.gear from recipe r join recipe_figure f on f.household_id = r.household_id "
                        + "and f.recipe = r.id and f.n = r.current_version where r.household_id = :household";
        return db.sql("with book as (" + heads + ") select " + all("forms") + ", " + all("styles") + ", " + all("gear"))
                .param("household", household.id())
                .query((row, n) -> new Choices(
                        strings(row, "forms"),
                        strings(row, "styles"),
                        strings(row, "gear"),
                        List.of(Diet.values()),
                        Allergen.namedIn(household.country())))
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
