package wexilla.app.household;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.platform.Household;
import wexilla.core.food.Food;
import wexilla.core.food.FoodBook;
import wexilla.core.food.Forms;
import wexilla.core.food.Key;
import wexilla.core.food.Part;
import wexilla.core.food.Scaling;
import wexilla.core.food.Weighing;
import wexilla.core.quantity.Unit;

/** The foods a household knows: the reference foods, and those it named itself. */
@Component
public class Foods {

    private record Row(UUID id, @Nullable String refSlug, String name, String baseUnit, String keepingClass) {

        Key key() {
            return Key.food(refSlug == null ? id.toString() : refSlug);
        }
    }

    private final JdbcClient db;
    private final Reference reference;
    private final Weighings weighings;

    Foods(JdbcClient db, Reference reference, Weighings weighings) {
        this.db = db;
        this.weighings = weighings;
        this.reference = reference;
    }

    /**
     * The foods of a household, read once.
     *
     * @param book reference foods first, then the household's own, with the yields it weighed itself
     * @param keys of each food's row
     * @param forms which foods stand in for which, by what this household weighed
     */
    public record Known(FoodBook book, Map<UUID, Key> keys, Forms forms) {

        public Known {
            keys = Map.copyOf(keys);
        }

        /** @throws NullPointerException if it is a row of another household */
        public Key key(UUID row) {
            return Objects.requireNonNull(keys.get(row));
        }

        public Food food(UUID row) {
            return book.get(key(row)).orElseThrow();
        }
    }

    public Known known(Household household) {
        List<Row> rows = rows(household);
        Map<Key, Map<Part, List<Weighing>>> weighed = weighings.of(household);
        List<Food> own = rows.stream()
                .filter(row -> row.refSlug() == null)
                .map(row -> new Food(
                        row.key(),
                        row.name(),
                        List.of(),
                        Unit.ofSymbol(row.baseUnit()),
                        row.keepingClass(),
                        false,
                        Scaling.LINEAR,
                        List.of()))
                .toList();
        Stream<Food> learned =
                weighed.keySet().stream().map(reference.book()::get).flatMap(Optional::stream);
        FoodBook book = reference
                .book()
                .with(Stream.concat(learned, own.stream())
                        .map(food -> Weighings.learned(food, weighed.getOrDefault(food.key(), Map.of())))
                        .toList());
        return new Known(
                book,
                rows.stream().collect(Collectors.toMap(Row::id, Row::key)),
                weighed.isEmpty() ? reference.forms() : reference.forms().learned(reference.book(), book));
    }

    /** The row of this food, made when there is none yet. */
    public UUID row(Household household, Food food) {
        Optional<UUID> known = rows(household).stream()
                .filter(row -> row.key().equals(food.key()))
                .map(Row::id)
                .findFirst();
        return known.orElseGet(() -> insert(household, food, food.key().id()));
    }

    /** A food of the household's own, made when it has none of this name. */
    public Food own(Household household, String name, Unit base) {
        String short80 = name.length() > 80 ? name.substring(0, 80).strip() : name;
        return known(household).book().named(short80).orElseGet(() -> {
            UUID id = insert(household, Food.unknown(Key.food(""), short80, base), null);
            return Food.unknown(Key.food(id.toString()), short80, base);
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
        return db.sql("select id from food where household_id = ? and lower(name) = lower(?)")
                .params(household.id(), food.name())
                .query(UUID.class)
                .single();
    }

    private List<Row> rows(Household household) {
        return db.sql("select id, ref_slug, name, base_unit, keeping_class from food where household_id = ?")
                .params(household.id())
                .query(Row.class)
                .list();
    }
}
