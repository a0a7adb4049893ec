package wexilla.app.household;

import java.math.BigDecimal;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Food;
import wexilla.core.food.FoodFact;
import wexilla.core.food.Key;
import wexilla.core.food.Scaling;
import wexilla.core.food.facts.Allergen;
import wexilla.core.food.facts.PackLook;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;

/**
 * A row of a household's foods: the slug of a reference food, or a food it named itself with what it said of it.
 *
 * @param sameAs the row of the food this is another name of
 * @param likeness what it is like; null while nobody has said
 * @param allergens of a food with a likeness; null when the pack must be looked at
 * @param pack what somebody saw on the pack; null if nobody looked, or another pack has come since
 * @param measures what its bunches and jars weigh here
 */
record FoodRow(
        UUID id,
        @Nullable String refSlug,
        String name,
        Unit base,
        String keepingClass,
        @Nullable UUID sameAs,
        @Nullable String likeness,
        @Nullable Set<Allergen> allergens,
        @Nullable PackLook pack,
        List<Measure> measures) {

    /** What one unit of a food is here, as somebody said: a bunch of mint is 40 g. */
    record Measure(UUID id, UUID food, Unit unit, Amount amount) {

        /** @param measures of the household: its cup holds what it says a cup holds */
        FoodFact fact(Measures measures) {
            Amount one = Amount.of(1, unit);
            return new FoodFact(
                    one,
                    amount,
                    "as this household measures",
                    FoodFact.Trust.OWN,
                    measures.toBase(one),
                    measures.toBase(amount));
        }
    }

    /** Rows with what was said of their measures, each as id, unit, amount and its unit. */
    static final String SELECT = """
            select f.id, f.ref_slug, f.name, f.base_unit, f.keeping_class, f.same_as, f.likeness, f.allergens, f.pack_named, f.pack_clear,
                f.looked is not null and not exists (select 1 from lot l
                    join act b on b.household_id = l.household_id and b.id = l.made_by and b.kind in ('note', 'away')
                    join act a on a.household_id = f.household_id and a.id = f.looked
                    where l.household_id = f.household_id and l.food = f.id and b.seq > a.seq) as seen,
                array(select array[m.id::text, m.unit, m.amount::text, m.amount_unit] from food_measure m
                    where m.household_id = f.household_id and m.food = f.id order by m.unit) as measures
            from food f where f.household_id = ?""";

    static FoodRow read(ResultSet row) throws SQLException {
        return new FoodRow(
                row.getObject("id", UUID.class),
                row.getString("ref_slug"),
                row.getString("name"),
                Unit.ofSymbol(row.getString("base_unit")),
                row.getString("keeping_class"),
                row.getObject("same_as", UUID.class),
                row.getString("likeness"),
                row.getArray("allergens") == null ? null : allergens(row, "allergens"),
                row.getBoolean("seen")
                        ? new PackLook(allergens(row, "pack_named"), allergens(row, "pack_clear"))
                        : null,
                measures(row));
    }

    private static Set<Allergen> allergens(ResultSet row, String column) throws SQLException {
        return Arrays.stream((String[]) row.getArray(column).getArray())
                .map(Allergen::valueOf)
                .collect(Collectors.toSet());
    }

    private static List<Measure> measures(ResultSet row) throws SQLException {
        UUID food = row.getObject("id", UUID.class);
        List<Measure> measures = new ArrayList<>();
        Object stored = row.getArray("measures").getArray();
        if (stored instanceof String[][] all) {
            for (String[] one : all) {
                Amount amount = Amount.of(Rational.of(new BigDecimal(one[2])), Unit.ofSymbol(one[3]));
                measures.add(new Measure(UUID.fromString(one[0]), food, Unit.ofSymbol(one[1]), amount));
            }
        }
        return measures;
    }

    /** Of the food this row was made for, whatever it is another name of. */
    Key key() {
        return Key.food(refSlug == null ? id.toString() : refSlug);
    }

    /** Named by the household, and not another name of something. */
    boolean own() {
        return refSlug == null && sameAs == null;
    }

    /** Of the household's own, and nobody has said what it is. */
    boolean undescribed() {
        return own() && likeness == null;
    }

    Food food(Reference reference) {
        Food food = new Food(key(), name, List.of(), base, keepingClass, false, Scaling.LINEAR, List.of());
        return likeness == null
                ? food
                : reference
                        .likeness(likeness)
                        .map(like -> like.describe(food, allergens))
                        .orElse(food);
    }
}
