package wexilla.app.plan;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.platform.Act;
import wexilla.app.platform.Changes;
import wexilla.app.platform.Journal;
import wexilla.app.platform.Journal.Thing;
import wexilla.app.platform.Rows;
import wexilla.core.kitchen.Change;
import wexilla.core.kitchen.Meal;
import wexilla.core.kitchen.Meal.Dish;
import wexilla.core.kitchen.Meal.DishKind;
import wexilla.core.kitchen.Meal.Guest;
import wexilla.core.kitchen.Meal.State;
import wexilla.core.kitchen.house.Household;
import wexilla.core.plan.MealOfDay;

/** The meals as decided. */
@Component
public class Meals implements Changes.Writer {

    private final JdbcClient db;
    private final Journal journal;
    private final Rows rows;

    Meals(JdbcClient db, Journal journal, Rows rows) {
        this.rows = rows;
        this.db = db;
        this.journal = journal;
    }

    /** From this day to that, both included, in their order; days without a plan are left out. */
    public List<Meal> between(Household household, LocalDate from, LocalDate to) {
        Map<UUID, List<Dish>> dishes = new HashMap<>();
        Map<UUID, Meal> slots = new LinkedHashMap<>();
        db.sql("""
                        select s.*, d.kind as dish_kind, d.recipe, d.batch, d.text, d.portions, d.frozen,
                            array(select array[g.name, g.appetite, array_to_string(g.allergens, ',')] from slot_guest g
                                where g.household_id = s.household_id and g.slot = s.id order by g.pos) as guests,
                            array(select e.person from meal_dish_person e where e.household_id = s.household_id
                                and e.slot = s.id and e.pos = d.pos order by e.person) as eaters,
                            array(select p.person from slot_person p where p.household_id = s.household_id
                                and p.slot = s.id order by p.person) as people
                        from slot s left join meal_dish d on d.household_id = s.household_id and d.slot = s.id
                        where s.household_id = ? and s.day between ? and ?
                        order by s.day, s.table_time, s.meal, d.pos""").params(household.id(), from, to).query(row -> {
            UUID id = row.getObject("id", UUID.class);
            List<Dish> own = dishes.computeIfAbsent(id, slot -> new ArrayList<>());
            if (row.getString("dish_kind") != null) {
                own.add(MealRows.dish(row));
            }
            slots.put(id, MealRows.slot(row, own));
        });
        return List.copyOf(slots.values());
    }

    public Optional<Meal> on(Household household, LocalDate day, MealOfDay meal) {
        return between(household, day, day).stream()
                .filter(slot -> slot.meal() == meal)
                .findFirst();
    }

    /** The table time of most of the last meals of a kind, once two have it; else the usual one. One noon moves no evening. */
    public Map<MealOfDay, LocalTime> usualTables(Household household) {
        Map<MealOfDay, LocalTime> usual = new EnumMap<>(MealOfDay.class);
        for (MealOfDay meal : MealOfDay.values()) {
            usual.put(meal, meal.usualTime());
        }
        String[] words = Stream.of(MealOfDay.values()).map(MealOfDay::words).toArray(String[]::new);
        db.sql("""
                        select distinct on (meals.meal) meals.meal, lately.table_time from unnest(?) as meals (meal)
                        cross join lateral (
                            select table_time, day from slot where household_id = ? and meal = meals.meal
                            order by day desc limit 14) lately
                        group by meals.meal, lately.table_time having count(*) > 1
                        order by meals.meal, count(*) desc, max(lately.day) desc""").params(words, household.id()).query(row -> {
            usual.put(MealRows.meal(row), row.getObject("table_time", LocalTime.class));
        });
        return usual;
    }

    private static final List<Thing> PARTS =
            List.of(Thing.SLOT, Thing.AT_TABLE, Thing.DISHES, Thing.DISH_EATERS, Thing.GUESTS);

    @Override
    public Class<? extends Change> kind() {
        return Change.OfMeal.class;
    }

    @Override
    public void write(Act act, List<Change> changes) {
        List<Meal> meals = new ArrayList<>();
        for (Change change : changes) {
            if (change instanceof Change.MealSet set) {
                meals.add(set.meal());
            }
        }
        save(act, meals);
    }

    /** Writes a meal, or writes it anew with who eats and what. */
    public void save(Act act, Meal meal) {
        save(act, List.of(meal));
    }

    /** The same of many; of one that is written twice the last counts. */
    public void save(Act act, List<Meal> all) {
        Map<UUID, Meal> meals = new LinkedHashMap<>();
        all.forEach(meal -> meals.put(meal.id(), meal));
        if (meals.isEmpty()) {
            return;
        }
        UUID household = act.household().id();
        journal.before(act, PARTS, meals.keySet());
        rows.insert(
                "slot",
                meals.values().stream().map(meal -> row(household, meal)).toList(),
                """
                on conflict (household_id, id) do update set day = excluded.day, meal = excluded.meal,
                    table_time = excluded.table_time, home_from = excluded.home_from, minutes = excluded.minutes,
                    kind = excluded.kind, state = excluded.state, locked = excluded.locked, note = excluded.note,
                    version = slot.version + 1""");
        db.sql("""
                        with people as (delete from slot_person where household_id = :household and slot = any (:slots)),
                            eaters as (delete from meal_dish_person where household_id = :household and slot = any (:slots)),
                            guests as (delete from slot_guest where household_id = :household and slot = any (:slots))
                        delete from meal_dish where household_id = :household and slot = any (:slots)""")
                .param("household", household)
                .param("slots", meals.keySet().toArray(UUID[]::new))
                .update();
        List<Map<String, Object>> people = new ArrayList<>();
        List<Map<String, Object>> dishes = new ArrayList<>();
        List<Map<String, Object>> eaters = new ArrayList<>();
        List<Map<String, Object>> guests = new ArrayList<>();
        for (Meal meal : meals.values()) {
            meal.people()
                    .forEach(person ->
                            people.add(Map.of("household_id", household, "slot", meal.id(), "person", person)));
            for (int pos = 0; pos < meal.dishes().size(); pos++) {
                int at = pos;
                Dish dish = meal.dishes().get(pos);
                dishes.add(row(household, meal.id(), pos, dish));
                dish.eaters()
                        .forEach(person -> eaters.add(
                                Map.of("household_id", household, "slot", meal.id(), "pos", at, "person", person)));
            }
            for (int pos = 0; pos < meal.guests().size(); pos++) {
                Guest guest = meal.guests().get(pos);
                guests.add(Map.of(
                        "household_id", household,
                        "slot", meal.id(),
                        "pos", pos,
                        "name", guest.name(),
                        "appetite", guest.appetite().name(),
                        "allergens", guest.allergens()));
            }
        }
        rows.insert("slot_person", people);
        rows.insert("meal_dish", dishes);
        rows.insert("meal_dish_person", eaters);
        rows.insert("slot_guest", guests);
    }

    private static Map<String, Object> row(UUID household, Meal meal) {
        Map<String, Object> row = new HashMap<>();
        row.put("household_id", household);
        row.put("id", meal.id());
        row.put("version", 1);
        row.put("day", meal.day());
        row.put("meal", meal.meal().words());
        row.put("table_time", meal.table());
        row.put("home_from", meal.when().homeFrom());
        row.put("minutes", meal.minutes());
        row.put("kind", meal.kind().name());
        row.put("state", meal.state().name());
        row.put("locked", meal.locked());
        row.put("note", meal.note());
        return row;
    }

    private static Map<String, Object> row(UUID household, UUID slot, int pos, Dish dish) {
        Map<String, Object> row = new HashMap<>();
        row.put("household_id", household);
        row.put("slot", slot);
        row.put("pos", pos);
        row.put("kind", dish.kind().name());
        row.put("recipe", dish.kind() == DishKind.RECIPE ? dish.of() : null);
        row.put("batch", dish.kind() == DishKind.BATCH ? dish.of() : null);
        row.put("text", dish.text());
        row.put("portions", dish.portions() == null ? null : dish.portions().toDecimal(Change.DECIMALS));
        row.put("frozen", dish.frozen());
        return row;
    }

    /** Says what became of a meal. @param eaten what it was instead, null when it was as planned or nobody said */
    public void state(Act act, UUID slot, State state, @Nullable String eaten) {
        journal.before(act, Thing.SLOT, slot);
        db.sql("update slot set state = ?, eaten = ?, version = version + 1 where household_id = ? and id = ?")
                .params(Arrays.asList(state.name(), eaten, act.household().id(), slot))
                .update();
    }
}
