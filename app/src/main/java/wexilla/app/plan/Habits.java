package wexilla.app.plan;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.household.People;
import wexilla.app.onhand.Snapshot;
import wexilla.app.plan.PlanViews.HabitInput;
import wexilla.app.plan.PlanViews.HabitView;
import wexilla.app.plan.Slots.Kind;
import wexilla.app.plan.Slots.Slot;
import wexilla.app.plan.Slots.State;
import wexilla.app.platform.Act;
import wexilla.app.platform.Household;
import wexilla.app.platform.Journal;
import wexilla.app.platform.Journal.Thing;
import wexilla.app.platform.Problem;
import wexilla.core.plan.Evening.When;
import wexilla.core.plan.Meal;

/** How meals usually are, week after week: which there are at all, when, how busy, who eats. A planned meal is the exception. */
@Component
public class Habits {

    private final JdbcClient db;
    private final Journal journal;
    private final Slots slots;
    private final People people;

    Habits(JdbcClient db, Journal journal, Slots slots, People people) {
        this.db = db;
        this.journal = journal;
        this.slots = slots;
        this.people = people;
    }

    /**
     * How a meal usually is.
     *
     * @param id null where nobody said anything
     * @param weekday 1 Monday to 7 Sunday; null for every day without one of its own
     * @param people who eats
     */
    record Habit(
            @Nullable UUID id,
            Meal meal,
            @Nullable Integer weekday,
            LocalTime table,
            @Nullable LocalTime homeFrom,
            int minutes,
            Kind kind,
            String note,
            List<UUID> people) {

        /** The meal of a day as it usually is. */
        Slot slot(UUID slot, LocalDate day, Kind now) {
            When when = new When(day, meal, table, homeFrom, minutes);
            return new Slot(slot, when, now, State.PLANNED, false, note, 0, people, List.of(), List.of());
        }

        HabitView view() {
            return new HabitView(
                    id == null ? null : id.toString(),
                    meal,
                    weekday,
                    MealTimes.words(table),
                    homeFrom == null ? null : MealTimes.words(homeFrom),
                    minutes,
                    kind,
                    note,
                    people.stream().map(UUID::toString).toList());
        }
    }

    /** What is known of the meals of a household, read once. */
    record Known(List<Habit> said, List<Habit> usual) {

        /** How this meal is on such a day: of its weekday, of every day, else as the last ones were. */
        Habit of(LocalDate day, Meal meal) {
            return of(day, meal, said).orElseGet(() -> usual.get(meal.ordinal()));
        }

        /** Whether a day has this meal without anybody planning it: a dinner always. */
        boolean has(LocalDate day, Meal meal) {
            return meal == Meal.DINNER || of(day, meal, said).isPresent();
        }

        private static Optional<Habit> of(LocalDate day, Meal meal, List<Habit> said) {
            int weekday = day.getDayOfWeek().getValue();
            List<Habit> own = said.stream()
                    .filter(habit -> habit.meal() == meal)
                    .filter(habit -> habit.weekday() == null || habit.weekday() == weekday)
                    .toList();
            return own.stream()
                    .filter(habit -> habit.weekday() != null)
                    .findFirst()
                    .or(() -> own.stream().findFirst());
        }
    }

    Known known(Snapshot now) {
        return known(now.household(), now.once(People.class, () -> people.all(now.household())));
    }

    private Known known(Household household) {
        return known(household, people.all(household));
    }

    private Known known(Household household, List<People.Person> all) {
        List<UUID> everybody = all.stream()
                .filter(People.Person::active)
                .map(People.Person::id)
                .toList();
        List<Habit> said = db.sql("select * from meal_habit where household_id = ? order by meal, weekday")
                .params(household.id())
                .query((row, n) -> habit(row, everybody))
                .list();
        Map<Meal, LocalTime> tables = slots.usualTables(household);
        List<Habit> usual = Arrays.stream(Meal.values())
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
        return new Known(said, usual);
    }

    Habit usual(Household household, LocalDate day, Meal meal) {
        return known(household).of(day, meal);
    }

    private static Habit habit(ResultSet row, List<UUID> everybody) throws SQLException {
        List<UUID> eat = List.of((UUID[]) row.getArray("people").getArray());
        return new Habit(
                row.getObject("id", UUID.class),
                Meal.valueOf(row.getString("meal").toUpperCase(Locale.ROOT)),
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
        List<UUID> all = people.all(household).stream().map(People.Person::id).toList();
        if (!all.containsAll(input.people())) {
            throw Problem.at("/people", "Somebody at the table does not eat in this household.");
        }
        UUID id = known(household).said().stream()
                .filter(habit -> habit.meal() == input.meal() && java.util.Objects.equals(habit.weekday(), weekday))
                .map(habit -> java.util.Objects.requireNonNull(habit.id()))
                .findFirst()
                .orElseGet(UUID::randomUUID);
        journal.before(act, Thing.HABIT, id);
        db.sql("""
                        insert into meal_habit (household_id, id, meal, weekday, table_time, home_from, minutes, kind, note,
                            people)
                        values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?)
                        on conflict (household_id, id) do update set table_time = excluded.table_time,
                            home_from = excluded.home_from, minutes = excluded.minutes, kind = excluded.kind,
                            note = excluded.note, people = excluded.people""")
                .params(Arrays.asList(
                        household.id(),
                        id,
                        input.meal().words(),
                        weekday,
                        when.table(),
                        when.homeFrom(),
                        when.minutes(),
                        input.kind().name(),
                        input.note().strip(),
                        input.people().toArray(UUID[]::new)))
                .update();
        return "From now on: " + input.meal().words() + " " + MealTimes.words(when.table());
    }

    /** It is no longer usual. */
    String forget(Act act, UUID id) {
        Habit habit = known(act.household()).said().stream()
                .filter(one -> id.equals(one.id()))
                .findFirst()
                .orElseThrow(() -> Problem.missing("There is no such meal that repeats."));
        journal.before(act, Thing.HABIT, id);
        db.sql("delete from meal_habit where household_id = ? and id = ?")
                .params(act.household().id(), id)
                .update();
        return "No longer usual: " + habit.meal().words();
    }
}
