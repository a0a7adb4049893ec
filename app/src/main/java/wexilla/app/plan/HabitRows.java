package wexilla.app.plan;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.household.People;
import wexilla.app.onhand.Snapshot;
import wexilla.app.plan.PlanViews.HabitInput;
import wexilla.app.plan.PlanViews.HabitView;
import wexilla.app.platform.Act;
import wexilla.app.platform.Journal;
import wexilla.app.platform.Journal.Thing;
import wexilla.app.platform.Problem;
import wexilla.app.platform.Rows;
import wexilla.core.kitchen.Habit;
import wexilla.core.kitchen.Habits;
import wexilla.core.kitchen.Meal.Kind;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.Person;
import wexilla.core.plan.MealOfDay;
import wexilla.core.plan.PlannedMeal.When;

/** How meals usually are, week after week: which there are at all, when, how busy, who eats. A planned meal is the exception. */
@Component
public class HabitRows {

    private static final List<Thing> KEPT = List.of(Thing.HABIT, Thing.HABIT_PEOPLE);

    private final JdbcClient db;
    private final Rows rows;
    private final Journal journal;
    private final Meals slots;
    private final People people;

    HabitRows(JdbcClient db, Rows rows, Journal journal, Meals slots, People people) {
        this.db = db;
        this.rows = rows;
        this.journal = journal;
        this.slots = slots;
        this.people = people;
    }

    public Habits known(Snapshot now) {
        return known(now.household(), now.once(People.class, () -> people.all(now.household())));
    }

    private Habits known(Household household) {
        return known(household, people.all(household));
    }

    private Habits known(Household household, List<Person> all) {
        List<UUID> everybody =
                all.stream().filter(Person::active).map(Person::id).toList();
        List<Habit> said = db.sql("""
                        select h.*, array(select p.person from meal_habit_person p
                            where p.household_id = h.household_id and p.habit = h.id) as people
                        from meal_habit h where h.household_id = ? order by h.meal, h.weekday""")
                .params(household.id())
                .query((row, n) -> habit(row, everybody))
                .list();
        Map<MealOfDay, LocalTime> tables = slots.usualTables(household);
        List<Habit> usual = Arrays.stream(MealOfDay.values())
                .map(meal -> new Habit(
                        null,
                        meal,
                        null,
                        tables.getOrDefault(meal, meal.usualTime()),
                        null,
                        meal.usualMinutes(),
                        Kind.COOK,
                        "",
                        everybody))
                .toList();
        return new Habits(said, usual);
    }

    Habit usual(Household household, LocalDate day, MealOfDay meal) {
        return known(household).of(day, meal);
    }

    private static Habit habit(ResultSet row, List<UUID> everybody) throws SQLException {
        List<UUID> eat = List.of((UUID[]) row.getArray("people").getArray());
        return new Habit(
                row.getObject("id", UUID.class),
                MealOfDay.valueOf(row.getString("meal").toUpperCase(Locale.ROOT)),
                (Integer) row.getObject("weekday", Integer.class),
                row.getObject("table_time", LocalTime.class),
                row.getObject("home_from", LocalTime.class),
                row.getInt("minutes"),
                Kind.valueOf(row.getString("kind")),
                row.getString("note"),
                eat.isEmpty()
                        ? everybody
                        : eat.stream().filter(everybody::contains).toList());
    }

    /** Says how a meal is from now on; one of the same weekday is written anew. */
    public String say(Act act, HabitInput input) {
        Household household = act.household();
        Integer weekday = input.weekday();
        if (weekday != null && (weekday < 1 || weekday > 7)) {
            throw Problem.at("/weekday", "A weekday lies from 1, Monday, to 7, Sunday, not " + weekday + ".");
        }
        if (input.note().length() > Planning.LONGEST_NOTE) {
            throw Problem.at("/note", "A note has at most " + Planning.LONGEST_NOTE + " characters.");
        }
        When when = MealTimes.when(act.day(), input.meal(), input.tableTime(), input.homeFrom(), input.minutes());
        List<UUID> all = people.all(household).stream().map(Person::id).toList();
        if (!all.containsAll(input.people())) {
            throw Problem.at("/people", "Somebody at the table does not eat in this household.");
        }
        UUID id = known(household).said().stream()
                .filter(habit -> habit.meal() == input.meal() && java.util.Objects.equals(habit.weekday(), weekday))
                .map(habit -> java.util.Objects.requireNonNull(habit.id()))
                .findFirst()
                .orElseGet(act::newId);
        journal.before(act, KEPT, id);
        db.sql("""
                        insert into meal_habit (household_id, id, meal, weekday, table_time, home_from, minutes, kind, note)
                        values (?, ?, ?, ?, ?, ?, ?, ?, ?)
                        on conflict (household_id, id) do update set table_time = excluded.table_time,
                            home_from = excluded.home_from, minutes = excluded.minutes, kind = excluded.kind,
                            note = excluded.note""")
                .params(Arrays.asList(
                        household.id(),
                        id,
                        input.meal().words(),
                        weekday,
                        when.table(),
                        when.homeFrom(),
                        when.minutes(),
                        input.kind().name(),
                        input.note().strip()))
                .update();
        emptied(household, id);
        rows.insert(
                "meal_habit_person",
                input.people().stream()
                        .distinct()
                        .map(person ->
                                Map.<String, Object>of("household_id", household.id(), "habit", id, "person", person))
                        .toList());
        return "From now on: " + input.meal().words() + " " + MealTimes.words(when.table());
    }

    /** It is no longer usual. */
    String forget(Act act, UUID id) {
        Habit habit = known(act.household()).said().stream()
                .filter(one -> id.equals(one.id()))
                .findFirst()
                .orElseThrow(() -> Problem.missing("There is no such meal that repeats."));
        journal.before(act, KEPT, id);
        emptied(act.household(), id);
        db.sql("delete from meal_habit where household_id = ? and id = ?")
                .params(act.household().id(), id)
                .update();
        return "No longer usual: " + habit.meal().words();
    }

    private void emptied(Household household, UUID id) {
        db.sql("delete from meal_habit_person where household_id = ? and habit = ?")
                .params(household.id(), id)
                .update();
    }

    static HabitView view(Habit habit) {
        return new HabitView(
                habit.id() == null ? null : habit.id().toString(),
                habit.meal(),
                habit.weekday(),
                MealTimes.words(habit.table()),
                habit.homeFrom() == null ? null : MealTimes.words(habit.homeFrom()),
                habit.minutes(),
                habit.kind(),
                habit.note(),
                habit.people().stream().map(UUID::toString).toList());
    }
}
