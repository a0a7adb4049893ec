package wexilla.app.day;

import java.sql.Array;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.platform.Act;
import wexilla.app.platform.Journal;
import wexilla.app.platform.Journal.Thing;
import wexilla.app.platform.Rows;
import wexilla.core.clock.DayProblem;
import wexilla.core.clock.DayProblem.Aside;
import wexilla.core.clock.DayProblem.Gear;
import wexilla.core.clock.DayProblem.Job;
import wexilla.core.clock.DayProblem.Kind;
import wexilla.core.clock.DayProblem.Lag;
import wexilla.core.clock.DayProblem.Person;
import wexilla.core.clock.DayProblem.Setting;
import wexilla.core.clock.DayProblem.Touch;
import wexilla.core.clock.DayProblem.Window;
import wexilla.core.cookday.running.DayRun;
import wexilla.core.cookday.running.DayTask;
import wexilla.core.kitchen.house.Household;
import wexilla.core.recipe.steps.StepClock.Watch;

/** The one class that writes cook days that were begun. */
@Component
class DayRows {

    /** A cook day that was begun. @param begins the instant its minutes count from */
    record Stored(UUID id, LocalDate day, Instant begins, int version, boolean open, DayRun run) {}

    private record Head(UUID id, LocalDate day, Instant begins, int version, boolean open, List<String> told) {}

    private final JdbcClient db;
    private final Journal journal;
    private final Rows rows;

    DayRows(JdbcClient db, Journal journal, Rows rows) {
        this.rows = rows;
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
                new Aside(watches, strings(row.getArray("amounts")), row.getString("caution"), row.getInt("planned")),
                Objects.requireNonNullElse(row.getString("of"), ""));
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

    /** Writes a day, or what of it is other than it was; its timers follow it ({@link DayTimers#follow}). @param before as it is stored; null for a new one */
    void save(Act act, @Nullable Stored before, Stored stored) {
        UUID household = act.household().id();
        UUID id = stored.id();
        DayRun run = stored.run();
        DayProblem day = run.day();
        DayProblem was = before == null ? null : before.run().day();
        boolean sameJobs = was != null && was.jobs().equals(day.jobs());
        boolean tasks =
                !sameJobs || !Objects.requireNonNull(before).run().tasks().equals(run.tasks());
        boolean lags = was == null || !was.lags().equals(day.lags());
        boolean hands = was == null || !was.people().equals(day.people());
        boolean gear = was == null || !was.gear().equals(day.gear());
        Map<Thing, Boolean> written = new EnumMap<>(Map.of(
                Thing.COOK_DAY, true,
                Thing.COOK_TIMERS, true,
                Thing.COOK_TASKS, tasks,
                Thing.COOK_LAGS, lags,
                Thing.COOK_HANDS, hands,
                Thing.COOK_GEAR, gear));
        journal.before(act, written.keySet().stream().filter(written::get).toList(), id);
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
        boolean first = before == null;
        if (tasks) {
            List<Map<String, Object>> all = new ArrayList<>();
            for (int pos = 0; pos < run.tasks().size(); pos++) {
                all.add(task(day.jobs().get(pos), run.tasks().get(pos)));
            }
            anew(act, id, "cook_task", first, all);
        }
        if (lags) {
            anew(
                    act,
                    id,
                    "cook_lag",
                    first,
                    day.lags().stream().map(DayRows::lag).toList());
        }
        if (hands) {
            anew(
                    act,
                    id,
                    "cook_hand",
                    first,
                    day.people().stream().map(DayRows::hands).toList());
        }
        if (gear) {
            anew(
                    act,
                    id,
                    "cook_gear",
                    first,
                    day.gear().stream().map(DayRows::gear).toList());
        }
    }

    /** The rows of a day in one of its tables, each at its place. */
    private void anew(Act act, UUID id, String table, boolean first, List<Map<String, Object>> rows) {
        UUID household = act.household().id();
        if (!first) {
            db.sql("delete from " + table + " where household_id = ? and cook_day = ?")
                    .params(household, id)
                    .update();
        }
        List<Map<String, Object>> whole = new ArrayList<>();
        for (int pos = 0; pos < rows.size(); pos++) {
            Map<String, Object> row = new HashMap<>(rows.get(pos));
            row.put("household_id", household);
            row.put("cook_day", id);
            row.put("pos", pos);
            whole.add(row);
        }
        this.rows.insert(table, whole);
    }

    private static Map<String, Object> task(Job job, DayTask task) {
        List<Watch> watches = job.aside().watches();
        Map<String, Object> row = new HashMap<>();
        row.put("dish", job.dish());
        row.put("of", job.of().isEmpty() ? null : job.of());
        row.put("text", job.text());
        row.put("hands", job.hands());
        row.put("holds", job.holds().stream().map(Kind::name).toList());
        row.put("celsius", job.settings().stream().map(Setting::celsius).toList());
        row.put("minutes", job.settings().stream().map(Setting::minutes).toList());
        row.put("touch", job.touch().name());
        row.put("strong", job.strong());
        row.put("watch_at", watches.stream().map(Watch::at).toList());
        row.put("watch_words", watches.stream().map(Watch::words).toList());
        row.put("amounts", job.aside().amounts());
        row.put("caution", job.aside().caution());
        row.put("state", task.state().name());
        row.put("start_min", task.start());
        row.put("end_min", task.end());
        row.put("setting", task.setting());
        row.put("person", task.person());
        row.put("gear", task.gear());
        row.put("planned", task.planned());
        row.put("away", task.away());
        row.put("not_before", task.notBefore());
        return row;
    }

    private static Map<String, Object> lag(Lag lag) {
        Map<String, Object> row = new HashMap<>();
        row.put("before", lag.from());
        row.put("after", lag.to());
        row.put("least", lag.least());
        row.put("most", lag.most() == DayProblem.NEVER ? null : lag.most());
        return row;
    }

    private static Map<String, Object> hands(Person person) {
        return Map.of(
                "name", person.name(),
                "from_min", person.there().stream().map(Window::from).toList(),
                "to_min", person.there().stream().map(Window::to).toList());
    }

    private static Map<String, Object> gear(Gear gear) {
        return Map.of(
                "kind", gear.kind().name(),
                "name", gear.name(),
                "oven", gear.oven(),
                "slow", gear.slow(),
                "failed", gear.out());
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
