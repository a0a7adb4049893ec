package wexilla.app.household;

import java.math.BigDecimal;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.platform.Act;
import wexilla.app.platform.Once;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.Weighing;
import wexilla.core.food.facts.Part;
import wexilla.core.food.facts.Traits;
import wexilla.core.food.facts.Yield;
import wexilla.core.kitchen.house.Household;
import wexilla.core.quantity.Rational;

/** What a household weighed of its foods, for its own yields. What was written in an act that was undone does not count. */
@Component
public class Weighings {

    private final JdbcClient db;
    private final Once once;

    Weighings(JdbcClient db, Once once) {
        this.once = once;
        this.db = db;
    }

    /**
     * Writes one down.
     *
     * @param food its row
     * @param raw grams before, above zero; @param out grams after, above zero
     */
    public void add(Act act, UUID food, Part part, BigDecimal raw, BigDecimal out, Weighing.Grade grade) {
        db.sql("insert into weighing (household_id, id, food, part, raw_g, out_g, grade, act) "
                        + "values (?, ?, ?, ?, ?, ?, ?, ?)")
                .params(act.household().id(), act.newId(), food, part.name(), raw, out, grade.name(), act.id())
                .update();
        once.forget();
    }

    private record Row(String food, Part part, BigDecimal rawG, BigDecimal outG, Weighing.Grade grade) {

        private Weighing weighing() {
            Rational ofOne = Rational.of(outG).dividedBy(Rational.of(rawG));
            return new Weighing(ofOne, grade);
        }
    }

    /** All of a household, by food key and part, oldest first. */
    public Map<Key, Map<Part, List<Weighing>>> of(Household household) {
        return db.sql("""
                        select coalesce(f.ref_slug, f.id::text) as food, w.part, w.raw_g, w.out_g, w.grade
                        from weighing w join food f on f.household_id = w.household_id and f.id = w.food
                        join act a on a.household_id = w.household_id and a.id = w.act
                        where w.household_id = ? and stands(w.household_id, w.act) order by a.seq""").params(household.id()).query(Row.class).list().stream()
                .collect(Collectors.groupingBy(
                        row -> Key.food(row.food()),
                        Collectors.groupingBy(
                                Row::part,
                                () -> new EnumMap<>(Part.class),
                                Collectors.mapping(Row::weighing, Collectors.toList()))));
    }

    /** This food with yields learned from what was weighed of it. */
    static Food learned(Food food, Map<Part, List<Weighing>> own) {
        Traits traits = food.traits();
        Map<Part, Yield> yields = new EnumMap<>(Part.class);
        yields.putAll(traits.yields());
        own.forEach((part, weighed) ->
                Weighing.learned(traits.yield(part), weighed).ifPresent(yield -> yields.put(part, yield)));
        return food.with(traits.yielding(yields));
    }
}
