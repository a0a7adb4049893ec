package wexilla.app.household;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.platform.Act;
import wexilla.app.platform.Journal;
import wexilla.app.platform.Journal.Thing;
import wexilla.app.platform.Problem;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.Likeness;
import wexilla.core.food.book.FoodBook;
import wexilla.core.food.facts.Allergen;
import wexilla.core.food.facts.Contents;
import wexilla.core.food.facts.Making;
import wexilla.core.food.facts.PackLook;
import wexilla.core.kitchen.house.Household;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Unit;

/**
 * What the household says its names mean, and what its measures weigh. Every answer is an act with undo and heals what
 * says the same.
 */
@Component
public class Names {

    private final JdbcClient db;
    private final Foods foods;
    private final Journal journal;
    private final Reference reference;
    private final List<Redescribed> others;

    Names(JdbcClient db, Foods foods, Journal journal, Reference reference, List<Redescribed> others) {
        this.db = db;
        this.foods = foods;
        this.journal = journal;
        this.reference = reference;
        this.others = others;
    }

    /**
     * This name is another one of that food.
     *
     * @param typed the key or a name of the food
     * @return what was said
     * @throws Problem if the book knows the name already, the food is not known, or it would be its own other name
     */
    public String same(Act act, String name, String typed) {
        Food food = food(act.household(), typed);
        if (!food.described()) {
            throw Problem.at("/food", "Nobody has said what “" + food.name() + "” is either; name a food of the book.");
        }
        UUID row = row(act.household(), name, Unit.G);
        UUID is = foods.row(act.household(), food);
        if (is.equals(row)) {
            throw Problem.at("/food", "“" + name + "” is “" + food.name() + "” already.");
        }
        write(act, row, is, null, null);
        return name + " is " + food.name();
    }

    /**
     * This name is a food of its own.
     *
     * @param slug of what it is like
     * @param allergens what is in it; null when the pack must be looked at
     * @return what was said
     * @throws Problem if the book knows the name already, or nothing is like that
     */
    public String own(Act act, String name, String slug, @Nullable Set<Allergen> allergens) {
        Likeness likeness = reference
                .likeness(slug)
                .orElseThrow(() -> Problem.at(
                        "/likeness",
                        "“" + slug + "” is no kind of food; say one of "
                                + reference.likenesses().stream()
                                        .map(Likeness::slug)
                                        .collect(Collectors.joining(", "))
                                + "."));
        write(act, row(act.household(), name, likeness.base()), null, likeness.slug(), allergens);
        return name + " is its own, " + likeness.words();
    }

    /**
     * Somebody looked at the pack of a food; what was seen on the same pack before still holds.
     *
     * @return what was said
     * @throws Problem if there is nothing to look at, since everything in it is known
     */
    String looked(Act act, String typed, PackLook pack) {
        Food food = food(act.household(), typed);
        Contents contents = food.traits().contents();
        if (contents.making() != Making.MADE && contents.often().isEmpty()) {
            throw Problem.at("/food", "Of “" + food.name() + "” no pack has to be looked at.");
        }
        UUID row = foods.row(act.household(), food);
        PackLook seen = foods.rows(act.household()).stream()
                .filter(one -> one.id().equals(row))
                .findFirst()
                .map(FoodRow::pack)
                .map(pack::with)
                .orElse(pack);
        journal.before(act, Thing.FOOD, row);
        db.sql("update food set looked = ?, pack_named = ?, pack_clear = ? where household_id = ? and id = ?")
                .params(
                        act.id(),
                        words(seen.named()),
                        words(seen.clear()),
                        act.household().id(),
                        row)
                .update();
        others.forEach(other -> other.described(act, row));
        return "Looked at the pack of " + food.name() + ": " + pack.words();
    }

    /** A food of the book by its key or one of its names. */
    private Food food(Household household, String typed) {
        FoodBook book = foods.known(household).book();
        return book.get(Key.food(typed))
                .or(() -> book.named(typed))
                .orElseThrow(() -> Problem.at(
                        "/food", "“" + typed + "” is no food of the book; name one it knows, such as soy sauce."));
    }

    /** What was said of a name is let go: nobody has said what it is. */
    String forget(Act act, UUID row) {
        FoodRow said = foods.rows(act.household()).stream()
                .filter(one -> one.id().equals(row) && (one.refSlug() == null || one.pack() != null))
                .findFirst()
                .orElseThrow(() -> Problem.missing("There is no such name in this household."));
        write(act, row, null, null, null);
        return said.name();
    }

    private static String[] words(Set<Allergen> allergens) {
        return allergens.stream().map(Enum::name).sorted().toArray(String[]::new);
    }

    private void write(
            Act act, UUID row, @Nullable UUID sameAs, @Nullable String likeness, @Nullable Set<Allergen> allergens) {
        journal.before(act, Thing.FOOD, row);
        db.sql(
                        "update food set same_as = ?, likeness = ?, allergens = ?, looked = null where household_id = ? and id = ?")
                .params(Arrays.asList(
                        sameAs,
                        likeness,
                        allergens == null ? null : words(allergens),
                        act.household().id(),
                        row))
                .update();
        others.forEach(other -> other.described(act, row));
    }

    /** The row of a name the book does not know, made when there is none yet. */
    private UUID row(Household household, String name, Unit base) {
        Optional<UUID> row = foods.rows(household).stream()
                .filter(one -> one.refSlug() == null && one.name().equalsIgnoreCase(name))
                .map(FoodRow::id)
                .findFirst();
        if (row.isPresent()) {
            return row.get();
        }
        Food known = foods.own(household, name, base);
        if (!known.name().equalsIgnoreCase(name) || known.described()) {
            throw Problem.at(
                    "/name",
                    "“" + name + "” is a food already" + (known.name().equals(name) ? "." : ": " + known.name() + "."));
        }
        return UUID.fromString(known.key().id());
    }

    /** One unit of this food is so much here: "a bunch of mint is 40 g". @return what was said */
    String measure(Act act, String typed, Unit unit, Amount amount) {
        UUID household = act.household().id();
        Food food = food(act.household(), typed);
        UUID row = foods.row(act.household(), food);
        UUID id = foods.measures(act.household()).stream()
                .filter(one -> one.food().equals(row) && one.unit().equals(unit))
                .map(FoodRow.Measure::id)
                .findFirst()
                .orElseGet(act::newId);
        journal.before(act, Thing.MEASURE, id);
        // so that undo finds whose figures are worked out again
        journal.before(act, Thing.FOOD, row);
        db.sql("""
                        insert into food_measure (household_id, id, food, unit, amount, amount_unit)
                        values (?, ?, ?, ?, ?, ?)
                        on conflict (household_id, id) do update set amount = excluded.amount,
                            amount_unit = excluded.amount_unit""")
                .params(
                        household,
                        id,
                        row,
                        unit.symbol(),
                        amount.value().toDecimal(6),
                        amount.unit().symbol())
                .update();
        others.forEach(other -> other.described(act, row));
        return "1 " + unit.symbol() + " of " + food.name() + " is " + amount;
    }

    /** What a unit is here is let go; what the book knows counts again. */
    String unmeasure(Act act, UUID id) {
        FoodRow.Measure measure = foods.measures(act.household()).stream()
                .filter(one -> one.id().equals(id))
                .findFirst()
                .orElseThrow(() -> Problem.missing("There is no such measure in this household."));
        journal.before(act, Thing.MEASURE, id);
        journal.before(act, Thing.FOOD, measure.food());
        db.sql("delete from food_measure where household_id = ? and id = ?")
                .params(act.household().id(), id)
                .update();
        others.forEach(other -> other.described(act, measure.food()));
        return measure.unit().symbol() + " of "
                + foods.known(act.household()).food(measure.food()).name();
    }
}
