package wexilla.app.day;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.platform.Act;
import wexilla.app.platform.Journal;
import wexilla.app.platform.Journal.Thing;
import wexilla.app.platform.Problem;
import wexilla.app.platform.Rows;
import wexilla.core.clock.DayPlan;
import wexilla.core.clock.DayProblem.Job;
import wexilla.core.cookday.running.DayRest;
import wexilla.core.cookday.running.DayTask;
import wexilla.core.kitchen.house.Household;
import wexilla.core.quantity.KitchenMeasure;
import wexilla.core.quantity.text.HeatWords;
import wexilla.core.recipe.steps.StepClock.Watch;

/** The timers of a cook day: the end of what goes on, somebody who has to look at it, and what the cook set herself. */
@Component
class DayTimers {

    /**
     * @param task it belongs to; null for one the cook set
     * @param oven whether the oven is turned on for it
     */
    record Timer(UUID id, @Nullable Integer task, String words, boolean oven, Instant due) {}

    private static final int OVEN_ON = 1000;

    private final JdbcClient db;
    private final Journal journal;
    private final Rows rows;

    DayTimers(JdbcClient db, Journal journal, Rows rows) {
        this.rows = rows;
        this.db = db;
        this.journal = journal;
    }

    /** Those that run or ring, the first to ring first. */
    List<Timer> running(Household household, UUID day) {
        return db.sql("select id, task, n, words, due from cook_timer "
                        + "where household_id = ? and cook_day = ? and stopped is null order by due, n, words, id")
                .params(household.id(), day)
                .query((row, n) -> new Timer(
                        row.getObject("id", UUID.class),
                        row.getObject("task", Integer.class),
                        row.getString("words"),
                        row.getInt("n") == OVEN_ON,
                        row.getTimestamp("due").toInstant()))
                .list();
    }

    /** Those of every open day, with the dish each belongs to. */
    List<RunningDays.Ringing> ringing(Household household) {
        boolean fahrenheit = household.system() == KitchenMeasure.System.US;
        return db.sql("""
                        select t.id, t.n, t.words, t.due, coalesce(j.dish, '') as dish from cook_timer t
                        join cook_day d on d.household_id = t.household_id and d.id = t.cook_day and d.state = 'OPEN'
                        left join cook_task j
                            on j.household_id = t.household_id and j.cook_day = t.cook_day and j.pos = t.task
                        where t.household_id = ? and t.stopped is null order by t.due, t.id""")
                .params(household.id())
                .query((row, n) -> new RunningDays.Ringing(
                        row.getObject("id", UUID.class),
                        row.getInt("n") == OVEN_ON
                                ? HeatWords.in(row.getString("words"), fahrenheit)
                                : row.getString("words"),
                        row.getString("dish"),
                        row.getTimestamp("due").toInstant()))
                .list();
    }

    /** Brings the timers of tasks to how the day is now, which was journalled with it: what was begun runs, what moved moves, what is over stops. */
    void follow(Act act, DayRows.@Nullable Stored before, DayRows.Stored stored) {
        List<Integer> begun = new ArrayList<>();
        List<Map<String, Object>> runs = new ArrayList<>();
        for (int job = 0; job < stored.run().tasks().size(); job++) {
            DayTask task = stored.run().tasks().get(job);
            if (stored.open() && task.state() == DayTask.State.BEGUN) {
                begun.add(job);
                follow(act, stored, job, task, runs);
            }
        }
        List<Integer> ovens = ovens(act, stored, runs);
        rows.insert("cook_timer", runs, """
                on conflict (household_id, id) do update set due = excluded.due,
                stopped = case when excluded.due > cook_timer.due then null else cook_timer.stopped end""");
        if (before == null) {
            return;
        }
        db.sql("update cook_timer set stopped = ? where household_id = ? and cook_day = ? and stopped is null "
                        + "and (not ? or task <> all (?) and not (n = ? and task = any (?)))")
                .params(
                        act.happenedAt().atOffset(ZoneOffset.UTC),
                        act.household().id(),
                        stored.id(),
                        stored.open(),
                        begun.toArray(Integer[]::new),
                        OVEN_ON,
                        ovens.toArray(Integer[]::new))
                .update();
    }

    /** The oven is turned on before what is to come needs it hot. */
    private static List<Integer> ovens(Act act, DayRows.Stored stored, List<Map<String, Object>> runs) {
        List<Integer> waits = new ArrayList<>();
        DayPlan plan = DayRest.plan(stored.run());
        for (int job = 0; stored.open() && job < stored.run().tasks().size(); job++) {
            if (stored.run().tasks().get(job).state() == DayTask.State.TO_DO
                    && plan.ovenOn(job).isPresent()) {
                waits.add(job);
                runs.add(timer(
                        act,
                        stored,
                        job,
                        OVEN_ON,
                        "oven on, " + plan.celsius(job) + " °C",
                        plan.ovenOn(job).getAsInt()));
            }
        }
        return waits;
    }

    private static void follow(Act act, DayRows.Stored stored, int job, DayTask task, List<Map<String, Object>> runs) {
        Job one = stored.run().day().jobs().get(job);
        if (!one.hands()) {
            runs.add(timer(act, stored, job, 0, one.text(), task.end()));
        }
        int n = 1;
        for (Watch watch : one.aside().watches()) {
            runs.add(timer(act, stored, job, n++, watch.words(), task.start() + watch.at()));
        }
    }

    /** One timer of a task; one that was stopped stays so, unless it rings later now. */
    private static Map<String, Object> timer(Act act, DayRows.Stored stored, int job, int n, String words, int minute) {
        UUID id = UUID.nameUUIDFromBytes(
                (stored.id() + " " + job + " " + n).getBytes(java.nio.charset.StandardCharsets.UTF_8));
        return Map.of(
                "household_id", act.household().id(),
                "cook_day", stored.id(),
                "id", id,
                "task", job,
                "n", n,
                "words", words,
                "due", stored.begins().plus(Duration.ofMinutes(minute)).toString());
    }

    /** A timer the cook sets herself. */
    void set(Act act, UUID day, String words, int minutes) {
        journal.before(act, Thing.COOK_TIMERS, day);
        db.sql("insert into cook_timer (household_id, cook_day, id, task, n, words, due) values (?, ?, ?, ?, 0, ?, ?)")
                .params(Arrays.asList(
                        act.household().id(),
                        day,
                        act.newId(),
                        null,
                        words,
                        act.happenedAt().plus(Duration.ofMinutes(minutes)).atOffset(ZoneOffset.UTC)))
                .update();
    }

    /** It was heard. @return its words */
    String stop(Act act, UUID day, UUID timer) {
        journal.before(act, Thing.COOK_TIMERS, day);
        return db.sql("update cook_timer set stopped = ? where household_id = ? and cook_day = ? and id = ? "
                        + "and stopped is null returning words")
                .params(
                        act.happenedAt().atOffset(ZoneOffset.UTC),
                        act.household().id(),
                        day,
                        timer)
                .query(String.class)
                .optional()
                .orElseThrow(() -> Problem.missing("There is no such timer, or it was stopped already."));
    }
}
