package wexilla.app.household;

import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
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

    Foods(JdbcClient db, Reference reference, Weighings weighings, Once once) {
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
        Optional<UUID> known = rows(household).stream()
                .filter(row -> row.sameAs() == null && row.key().equals(food.key()))
                .map(FoodRow::id)
                .findFirst();
        return known.orElseGet(() -> insert(household, food, food.key().id()));
    }

    /** A food of the household's own, made when it has none of this name. */
    public Food own(Household household, String name, Unit base) {
        String shortened =
                name.length() > LONGEST_NAME ? name.substring(0, LONGEST_NAME).strip() : name;
        return known(household).book().named(shortened).orElseGet(() -> {
            UUID id = insert(household, Food.unknown(Key.food(""), shortened, base), null);
            return Food.unknown(Key.food(id.toString()), shortened, base);
        });
    }

    private UUID insert(Household household, Food food, @Nullable String slug) {
        UUID id = UUID.randomUUID();
        db.sql("""
                        insert into food (household_id, id, ref_slug, name, base_unit, keeping_class)
                        values (?, ?, ?, ?, ?, ?) on conflict do nothing""")
                .params(Arrays.asList(
                        household.id(), id, slug, food.name(), food.base().symbol(), food.keepingClass()))
                .update();
        once.forget();
        return db.sql("select id from food where household_id = ? and lower(name) = lower(?)")
                .params(household.id(), food.name())
                .query(UUID.class)
                .single();
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
