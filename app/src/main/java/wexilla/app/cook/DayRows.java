package wexilla.app.cook;

import java.sql.Array;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.platform.Act;
import wexilla.app.platform.Household;
import wexilla.app.platform.Journal;
import wexilla.app.platform.Journal.Thing;
import wexilla.core.cookday.DayProblem;
import wexilla.core.cookday.DayProblem.Aside;
import wexilla.core.cookday.DayProblem.Gear;
import wexilla.core.cookday.DayProblem.Job;
import wexilla.core.cookday.DayProblem.Kind;
import wexilla.core.cookday.DayProblem.Lag;
import wexilla.core.cookday.DayProblem.Person;
import wexilla.core.cookday.DayProblem.Setting;
import wexilla.core.cookday.DayProblem.Touch;
import wexilla.core.cookday.DayProblem.Window;
import wexilla.core.cookday.DayRun;
import wexilla.core.cookday.DayTask;
import wexilla.core.recipe.StepClock.Watch;

/** The one class that writes cook days that were begun. */
@Component
class DayRows {

    /** A cook day that was begun. @param begins the instant its minutes count from */
    record Stored(UUID id, LocalDate day, Instant begins, int version, boolean open, DayRun run) {}

    private record Head(UUID id, LocalDate day, Instant begins, int version, boolean open, List<String> told) {}

    private final JdbcClient db;
    private final Journal journal;

    DayRows(JdbcClient db, Journal journal) {
        this.db = db;
        this.journal = journal;
    }

    /** The open one of a day. */
    Optional<Stored> open(Household household, LocalDate day) {
        return db.sql("select id, day, begins, version, state = 'OPEN' as open, told from cook_day "
                        + "where household_id = ? and day = ? and state = 'OPEN'")
                .params(household.id(), day)
                .query((row, n) -> head(row))
                .optional()
                .map(head -> stored(household, head));
    }

    /** The days that are open, the earliest first. */
    List<LocalDate> openDays(Household household) {
        return db.sql("select day from cook_day where household_id = ? and state = 'OPEN' order by day")
                .params(household.id())
                .query(LocalDate.class)
                .list();
    }

    Optional<Stored> find(Household household, UUID id) {
        return db.sql("select id, day, begins, version, state = 'OPEN' as open, told from cook_day "
                        + "where household_id = ? and id = ?")
                .params(household.id(), id)
                .query((row, n) -> head(row))
                .optional()
                .map(head -> stored(household, head));
    }

    private static Head head(ResultSet row) throws SQLException {
        return new Head(
                row.getObject("id", UUID.class),
                row.getObject("day", LocalDate.class),
                row.getTimestamp("begins").toInstant(),
                row.getInt("version"),
                row.getBoolean("open"),
                strings(row.getArray("told")));
    }

    private Stored stored(Household household, Head head) {
        List<Job> jobs = new ArrayList<>();
        List<DayTask> tasks = new ArrayList<>();
        db.sql("select * from cook_task where household_id = ? and cook_day = ? order by pos")
                .params(household.id(), head.id())
                .query((row, n) -> {
                    jobs.add(job(row));
                    return tasks.add(task(row));
                })
                .list();
        List<Lag> lags = db.sql("select before, after, least, coalesce(most, ?) as most from cook_lag "
                        + "where household_id = ? and cook_day = ? order by pos")
                .params(DayProblem.NEVER, household.id(), head.id())
                .query((row, n) ->
                        new Lag(row.getInt("before"), row.getInt("after"), row.getInt("least"), row.getInt("most")))
                .list();
        List<Person> people = db.sql(
                        "select name, from_min, to_min from cook_hand where household_id = ? and cook_day = ? order by pos")
                .params(household.id(), head.id())
                .query((row, n) -> new Person(
                        row.getString("name"), windows(whole(row.getArray("from_min")), whole(row.getArray("to_min")))))
                .list();
        List<Gear> gear = db.sql("select kind, name, oven, slow, failed from cook_gear "
                        + "where household_id = ? and cook_day = ? order by pos")
                .params(household.id(), head.id())
                .query((row, n) -> new Gear(
                        Kind.valueOf(row.getString("kind")),
                        row.getString("name"),
                        row.getInt("oven"),
                        row.getBoolean("slow"),
                        row.getBoolean("failed")))
                .list();
        DayRun run = new DayRun(new DayProblem(jobs, lags, people, gear), tasks, head.told());
        return new Stored(head.id(), head.day(), head.begins(), head.version(), head.open(), run);
    }

    private static Job job(ResultSet row) throws SQLException {
        List<Integer> celsius = whole(row.getArray("celsius"));
        List<Integer> minutes = whole(row.getArray("minutes"));
        List<Setting> settings = new ArrayList<>();
        for (int i = 0; i < celsius.size(); i++) {
            settings.add(new Setting(celsius.get(i), minutes.get(i)));
        }
        List<Integer> at = whole(row.getArray("watch_at"));
        List<String> words = strings(row.getArray("watch_words"));
        List<Watch> watches = new ArrayList<>();
        for (int i = 0; i < at.size(); i++) {
            watches.add(new Watch(at.get(i), words.get(i)));
        }
        return new Job(
                row.getString("dish"),
                row.getString("text"),
                row.getBoolean("hands"),
                strings(row.getArray("holds")).stream().map(Kind::valueOf).toList(),
                settings,
                Touch.valueOf(row.getString("touch")),
                row.getBoolean("strong"),
                new Aside(watches, strings(row.getArray("amounts")), row.getString("caution"), row.getInt("planned")));
    }

    private static DayTask task(ResultSet row) throws SQLException {
        return new DayTask(
                DayTask.State.valueOf(row.getString("state")),
                row.getInt("start_min"),
                row.getInt("end_min"),
                row.getInt("setting"),
                row.getInt("person"),
                whole(row.getArray("gear")),
                row.getInt("planned"),
                row.getInt("away"),
                row.getInt("not_before"));
    }

    /** Writes a day, or writes it anew as it is now. */
    void save(Act act, Stored stored) {
        UUID household = act.household().id();
        UUID id = stored.id();
        for (Thing thing :
                List.of(Thing.COOK_DAY, Thing.COOK_TASKS, Thing.COOK_LAGS, Thing.COOK_HANDS, Thing.COOK_GEAR)) {
            journal.before(act, thing, id);
        }
        DayRun run = stored.run();
        db.sql("""
                        insert into cook_day (household_id, id, day, begins, state, told, version)
                        values (?, ?, ?, ?, ?, ?, 1) on conflict (household_id, id) do update
                        set begins = excluded.begins, state = excluded.state, told = excluded.told,
                            version = cook_day.version + 1""")
                .params(
                        household,
                        id,
                        stored.day(),
                        stored.begins().atOffset(ZoneOffset.UTC),
                        stored.open() ? "OPEN" : "CLOSED",
                        run.told().toArray(String[]::new))
                .update();
        for (String table : List.of("cook_task", "cook_lag", "cook_hand", "cook_gear")) {
            db.sql("delete from " + table + " where household_id = ? and cook_day = ?")
                    .params(household, id)
                    .update();
        }
        for (int pos = 0; pos < run.tasks().size(); pos++) {
            insertTask(
                    household, id, pos, run.day().jobs().get(pos), run.tasks().get(pos));
        }
        List<Lag> lags = run.day().lags();
        insert(
                "cook_lag (household_id, cook_day, pos, before, after, least, most)",
                "row.n - 1, row.a, row.b, row.c, nullif(row.d, " + DayProblem.NEVER + ")",
                household,
                id,
                lags.stream().map(Lag::from).toList(),
                lags.stream().map(Lag::to).toList(),
                lags.stream().map(Lag::least).toList(),
                lags.stream().map(Lag::most).toList());
        people(household, id, run.day().people());
        gear(household, id, run.day().gear());
    }

    private void insert(String into, String values, UUID household, UUID id, List<?>... columns) {
        db.sql("insert into " + into + " select ?, ?, " + values
                        + " from unnest(?::int[], ?::int[], ?::int[], ?::int[]) with ordinality as row (a, b, c, d, n)")
                .params(
                        household,
                        id,
                        columns[0].toArray(Integer[]::new),
                        columns[1].toArray(Integer[]::new),
                        columns[2].toArray(Integer[]::new),
                        columns[3].toArray(Integer[]::new))
                .update();
    }

    private void insertTask(UUID household, UUID id, int pos, Job job, DayTask task) {
        List<Watch> watches = job.aside().watches();
        db.sql("insert into cook_task values (" + "?, ".repeat(23) + "?)")
                .params(Arrays.asList(
                        household,
                        id,
                        pos,
                        job.dish(),
                        job.text(),
                        job.hands(),
                        job.holds().stream().map(Kind::name).toArray(String[]::new),
                        array(job.settings().stream().map(Setting::celsius).toList()),
                        array(job.settings().stream().map(Setting::minutes).toList()),
                        job.touch().name(),
                        job.strong(),
                        array(watches.stream().map(Watch::at).toList()),
                        watches.stream().map(Watch::words).toArray(String[]::new),
                        job.aside().amounts().toArray(String[]::new),
                        job.aside().caution(),
                        task.state().name(),
                        task.start(),
                        task.end(),
                        task.setting(),
                        task.person(),
                        array(task.gear()),
                        task.planned(),
                        task.away(),
                        task.notBefore()))
                .update();
    }

    private void people(UUID household, UUID id, List<Person> people) {
        for (int pos = 0; pos < people.size(); pos++) {
            List<Window> there = people.get(pos).there();
            db.sql("insert into cook_hand values (?, ?, ?, ?, ?, ?)")
                    .params(
                            household,
                            id,
                            pos,
                            people.get(pos).name(),
                            array(there.stream().map(Window::from).toList()),
                            array(there.stream().map(Window::to).toList()))
                    .update();
        }
    }

    private void gear(UUID household, UUID id, List<Gear> gear) {
        for (int pos = 0; pos < gear.size(); pos++) {
            Gear one = gear.get(pos);
            db.sql("insert into cook_gear values (?, ?, ?, ?, ?, ?, ?, ?)")
                    .params(household, id, pos, one.kind().name(), one.name(), one.oven(), one.slow(), one.out())
                    .update();
        }
    }

    private static Integer[] array(Collection<Integer> whole) {
        return whole.toArray(Integer[]::new);
    }

    private static List<Integer> whole(@Nullable Array array) throws SQLException {
        return array == null ? List.of() : List.of((Integer[]) array.getArray());
    }

    private static List<String> strings(@Nullable Array array) throws SQLException {
        return array == null ? List.of() : List.of((String[]) array.getArray());
    }

    private static List<Window> windows(List<Integer> from, List<Integer> to) {
        List<Window> windows = new ArrayList<>();
        for (int i = 0; i < from.size(); i++) {
            windows.add(new Window(from.get(i), to.get(i)));
        }
        return windows;
    }
}
