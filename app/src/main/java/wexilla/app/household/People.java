package wexilla.app.household;

import java.sql.Array;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.platform.Act;
import wexilla.app.platform.Journal;
import wexilla.app.platform.Journal.Thing;
import wexilla.app.platform.Once;
import wexilla.core.food.Diet;
import wexilla.core.food.facts.Allergen;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.Person;
import wexilla.core.people.Appetite;
import wexilla.core.people.Flag;

/** Who eats here. */
@Component
public class People {

    /** What somebody who eats here must not eat. */
    public Set<Allergen> avoided(Household household) {
        return active(household).stream()
                .flatMap(person -> person.allergens().stream())
                .collect(Collectors.toSet());
    }

    private final JdbcClient db;
    private final Once once;
    private final Journal journal;

    People(JdbcClient db, Journal journal, Once once) {
        this.once = once;
        this.db = db;
        this.journal = journal;
    }

    /** In the order they were written down; those who moved out last. */
    public List<Person> all(Household household) {
        return once.read(
                List.of("people", household.id()),
                () -> db.sql("select * from person where household_id = ? order by not active, sort, name, id")
                        .params(household.id())
                        .query((row, n) -> person(row))
                        .list());
    }

    /** Those who eat here now. */
    public List<Person> active(Household household) {
        return all(household).stream().filter(Person::active).toList();
    }

    public Optional<Person> find(Household household, UUID id) {
        return all(household).stream().filter(p -> p.id().equals(id)).findFirst();
    }

    private static Person person(ResultSet row) throws SQLException {
        return new Person(
                row.getObject("id", UUID.class),
                row.getString("name"),
                Appetite.valueOf(row.getString("appetite")),
                words(row.getArray("allergens")).map(Allergen::valueOf).toList(),
                words(row.getArray("flags")).map(Flag::valueOf).toList(),
                words(row.getArray("dislikes")).toList(),
                row.getInt("chilli"),
                words(row.getArray("diets")).map(Diet::valueOf).toList(),
                row.getBoolean("active"),
                row.getInt("version"));
    }

    private static java.util.stream.Stream<String> words(Array array) throws SQLException {
        return Arrays.stream((String[]) array.getArray());
    }

    /** Writes somebody down, or writes them anew. */
    public void save(Act act, Person person) {
        journal.before(act, Thing.PERSON, person.id());
        db.sql("""
                        insert into person (household_id, id, name, appetite, allergens, flags, dislikes, chilli, diets,
                            active, sort)
                        values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, (select count(*) from person where household_id = ?))
                        on conflict (household_id, id) do update set name = excluded.name,
                            appetite = excluded.appetite, allergens = excluded.allergens, flags = excluded.flags,
                            dislikes = excluded.dislikes, chilli = excluded.chilli, diets = excluded.diets, active = excluded.active,
                            version = person.version + 1""")
                .params(
                        act.household().id(),
                        person.id(),
                        person.name(),
                        person.appetite().name(),
                        person.allergens().stream().map(Enum::name).toArray(String[]::new),
                        person.flags().stream().map(Enum::name).toArray(String[]::new),
                        person.dislikes().toArray(String[]::new),
                        person.chilli(),
                        person.diets().stream().map(Enum::name).toArray(String[]::new),
                        person.active(),
                        act.household().id())
                .update();
    }
}
