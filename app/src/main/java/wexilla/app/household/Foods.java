package wexilla.app.household;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.platform.Once;
import wexilla.app.platform.Rows;
import wexilla.core.food.Food;
import wexilla.core.food.FoodFact;
import wexilla.core.food.Key;
import wexilla.core.food.Weighing;
import wexilla.core.food.book.FoodBook;
import wexilla.core.food.book.Forms;
import wexilla.core.food.facts.PackLook;
import wexilla.core.food.facts.Part;
import wexilla.core.food.facts.Traits;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.KnownFoods;
import wexilla.core.quantity.Unit;

/** The foods a household knows: the reference foods, those it named itself, and what it calls them. */
@Component
public class Foods {

    private static final int LONGEST_NAME = 80;

    private final JdbcClient db;
    private final Reference reference;
    private final Weighings weighings;
    private final Once once;
    private final Rows rows;

    Foods(JdbcClient db, Reference reference, Weighings weighings, Once once, Rows rows) {
        this.rows = rows;
        this.once = once;
        this.db = db;
        this.weighings = weighings;
        this.reference = reference;
    }

    public KnownFoods known(Household household) {
        return once.read(List.of("foods", household.id(), household.measures()), () -> read(household));
    }

    private KnownFoods read(Household household) {
        Map<UUID, FoodRow> rows = rows(household).stream().collect(Collectors.toMap(FoodRow::id, Function.identity()));
        Map<UUID, Key> keys = new HashMap<>();
        rows.values().forEach(row -> keys.put(row.id(), root(row, rows).key()));
        Map<Key, List<String>> names = rows.values().stream()
                .filter(row -> row.sameAs() != null)
                .collect(Collectors.groupingBy(
                        row -> root(row, rows).key(), Collectors.mapping(FoodRow::name, Collectors.toList())));
        Map<Key, List<FoodFact>> measured = rows.values().stream()
                .flatMap(row -> row.measures().stream())
                .collect(Collectors.groupingBy(
                        measure -> Objects.requireNonNull(keys.get(measure.food())),
                        Collectors.mapping(measure -> measure.fact(household.measures()), Collectors.toList())));
        Map<Key, PackLook> looked = rows.values().stream()
                .filter(row -> row.pack() != null)
                .collect(Collectors.toMap(FoodRow::key, row -> Objects.requireNonNull(row.pack())));
        Map<Key, Map<Part, List<Weighing>>> weighed = weighings.of(household);
        Set<Key> told = new LinkedHashSet<>(weighed.keySet());
        told.addAll(names.keySet());
        told.addAll(measured.keySet());
        told.addAll(looked.keySet());
        Stream<Food> known = told.stream().map(reference.book()::get).flatMap(Optional::stream);
        Stream<Food> own = rows.values().stream().filter(FoodRow::own).map(row -> row.food(reference));
        FoodBook book = reference
                .book()
                .with(Stream.concat(known, own)
                        .map(food -> looked(food, looked.get(food.key())))
                        .map(food -> Weighings.learned(food, weighed.getOrDefault(food.key(), Map.of())))
                        .map(food -> food.called(names.getOrDefault(food.key(), List.of()))
                                .knowing(measured.getOrDefault(food.key(), List.of())))
                        .toList());
        Forms forms = weighed.isEmpty() ? reference.forms() : reference.forms().learned(reference.book(), book);
        return new KnownFoods(book, keys, forms);
    }

    private static Food looked(Food food, @Nullable PackLook pack) {
        Traits traits = food.traits();
        return pack == null ? food : food.with(traits.with(traits.contents().read(pack)));
    }

    /** What a row is in the end: a name of a name is a name of the same thing. */
    private static FoodRow root(FoodRow row, Map<UUID, FoodRow> rows) {
        FoodRow at = row;
        for (int steps = 0; at.sameAs() != null && steps < rows.size(); steps++) {
            at = Objects.requireNonNull(rows.get(at.sameAs()));
        }
        return at;
    }

    /** What the household said its bunches and jars weigh. */
    List<FoodRow.Measure> measures(Household household) {
        return rows(household).stream().flatMap(row -> row.measures().stream()).toList();
    }

    /** The row of this food, made when there is none yet. */
    public UUID row(Household household, Food food) {
        return Objects.requireNonNull(rows(household, List.of(food)).get(food.key()));
    }

    /** The rows of these foods, made where there are none yet. */
    public Map<Key, UUID> rows(Household household, Collection<Food> foods) {
        Map<Key, UUID> known = new HashMap<>();
        rows(household).stream().filter(row -> row.sameAs() == null).forEach(row -> known.put(row.key(), row.id()));
        Map<Key, Food> missing = new LinkedHashMap<>();
        foods.stream().filter(food -> !known.containsKey(food.key())).forEach(food -> missing.put(food.key(), food));
        Map<String, UUID> made =
                insert(household, missing.values(), food -> food.key().id());
        missing.values().forEach(food -> known.put(food.key(), Objects.requireNonNull(made.get(lower(food.name())))));
        Set<Key> asked = foods.stream().map(Food::key).collect(Collectors.toSet());
        known.keySet().retainAll(asked);
        return known;
    }

    /** A food of the household's own, made when it has none of this name. */
    public Food own(Household household, String name, Unit base) {
        return Objects.requireNonNull(own(household, Map.of(name, base)).get(name));
    }

    /** Foods of the household's own by their names, made where it has none. @param names with the unit each is counted in */
    public Map<String, Food> own(Household household, Map<String, Unit> names) {
        FoodBook book = known(household).book();
        Map<String, Food> all = new LinkedHashMap<>();
        Map<String, Food> missing = new LinkedHashMap<>();
        names.forEach((name, base) -> {
            String shortened = name.length() > LONGEST_NAME
                    ? name.substring(0, LONGEST_NAME).strip()
                    : name;
            book.named(shortened)
                    .ifPresentOrElse(
                            food -> all.put(name, food),
                            () -> missing.put(name, Food.unknown(Key.food(""), shortened, base)));
        });
        Map<String, UUID> made = insert(household, missing.values(), food -> null);
        missing.forEach((name, food) -> {
            UUID id = Objects.requireNonNull(made.get(lower(food.name())));
            all.put(name, Food.unknown(Key.food(id.toString()), food.name(), food.base()));
        });
        return all;
    }

    private static String lower(String name) {
        return name.toLowerCase(Locale.ROOT);
    }

    /** The rows of these foods by their names in small letters; one that has the name of another is that one. */
    private Map<String, UUID> insert(
            Household household, Collection<Food> foods, Function<Food, @Nullable String> slug) {
        if (foods.isEmpty()) {
            return Map.of();
        }
        List<Map<String, Object>> all = new ArrayList<>();
        for (Food food : foods) {
            Map<String, Object> row = new HashMap<>();
            row.put("household_id", household.id());
            row.put("id", UUID.randomUUID());
            row.put("ref_slug", slug.apply(food));
            row.put("name", food.name());
            row.put("base_unit", food.base().symbol());
            row.put("keeping_class", food.keepingClass());
            all.add(row);
        }
        rows.insert("food", all, "on conflict do nothing");
        once.forget();
        Map<String, UUID> made = new HashMap<>();
        db.sql("select id, lower(name) as name from food where household_id = ? and lower(name) = any (?)")
                .params(
                        household.id(),
                        foods.stream().map(food -> lower(food.name())).toArray(String[]::new))
                .query(row -> {
                    made.put(row.getString("name"), row.getObject("id", UUID.class));
                });
        return made;
    }

    List<FoodRow> rows(Household household) {
        return once.read(
                List.of("food rows", household.id()),
                () -> db.sql(FoodRow.SELECT)
                        .params(household.id())
                        .query((row, n) -> FoodRow.read(row))
                        .list());
    }
}
