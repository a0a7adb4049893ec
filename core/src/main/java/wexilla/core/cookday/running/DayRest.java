package wexilla.core.cookday.running;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import wexilla.core.clock.DayEffort;
import wexilla.core.clock.DayPlan;
import wexilla.core.clock.DayProblem;
import wexilla.core.clock.DayProblem.Begun;
import wexilla.core.clock.DayProblem.Job;
import wexilla.core.clock.DayProblem.Live;
import wexilla.core.clock.DayProblem.Pin;
import wexilla.core.clock.DayProblem.Setting;
import wexilla.core.cookday.running.DayTask.State;

/** What is left of a running cook day, planned anew beside what was begun. */
public final class DayRest {

    private static final long SEED = 1;
    private static final long MOST_PLANS = 1_000;

    private DayRest() {}

    /** Plans what is left anew. */
    static DayRun again(DayRun run, int now) {
        return again(run, now, DayEffort.plans(run.day().jobs().size(), MOST_PLANS));
    }

    /**
     * The day as it stands a while after its last event, nothing written down: what was to begin by now begins now, and all
     * that follows is as late as that makes it. The promise slides by itself.
     */
    public static DayRun slid(DayRun run, int now) {
        boolean late = run.tasks().stream()
                .anyMatch(task -> task.state() == State.TO_DO && task.start() < now
                        || task.state() == State.BEGUN && task.end() < now);
        if (!late) {
            return run;
        }
        DayRun slid = again(run, now, 1);
        List<DayTask> tasks = new ArrayList<>(slid.tasks());
        for (int job = 0; job < tasks.size(); job++) {
            // since when it takes longer than thought is seen at what was begun
            tasks.set(job, tasks.get(job).state() == State.BEGUN ? run.tasks().get(job) : tasks.get(job));
        }
        return new DayRun(run.day(), tasks, told(run.told(), slid.told()));
    }

    private static List<String> told(List<String> before, List<String> now) {
        return Stream.concat(before.stream(), now.stream()).distinct().toList();
    }

    private static DayRun again(DayRun run, int now, long effort) {
        DayProblem day = run.day();
        List<DayTask> tasks = run.tasks();
        List<Begun> begun = new ArrayList<>();
        List<Pin> pins = new ArrayList<>();
        List<Job> jobs = new ArrayList<>(day.jobs());
        for (int job = 0; job < tasks.size(); job++) {
            DayTask task = tasks.get(job);
            if (task.state() == State.TO_DO) {
                if (task.notBefore() > now) {
                    pins.add(new Pin(job, task.notBefore()));
                }
                continue;
            }
            boolean nothing = task.state() == State.LEFT_OUT || task.state() == State.WAITS;
            int start = nothing ? Math.min(task.start(), now) : task.start();
            int end = task.state() == State.BEGUN ? Math.max(task.end(), now) : nothing ? start : task.end();
            Job one = jobs.get(job);
            boolean held = !nothing && task.gear().size() == one.holds().size();
            int who = nothing ? -1 : task.person();
            int celsius = one.settings()
                    .get(Math.min(task.setting(), one.settings().size() - 1))
                    .celsius();
            jobs.set(
                    job,
                    new Job(
                            one.dish(),
                            one.text(),
                            who >= 0,
                            held ? one.holds() : List.of(),
                            List.of(new Setting(celsius, end - start)),
                            one.touch(),
                            one.strong(),
                            one.aside(),
                            one.of()));
            begun.add(new Begun(job, start, end, who, held ? task.gear() : List.of()));
        }
        DayProblem live = new DayProblem(jobs, day.lags(), day.people(), day.gear(), new Live(now, begun, pins));
        DayAgain again = DayAgain.of(live, before(run), SEED, effort, () -> false);
        List<DayTask> next = new ArrayList<>();
        for (int job = 0; job < tasks.size(); job++) {
            DayTask task = tasks.get(job);
            next.add(
                    task.state() == State.TO_DO
                            ? planned(task, again.plan(), job)
                            : task.state() == State.BEGUN
                                    ? task.as(State.BEGUN, task.start(), Math.max(task.end(), now))
                                    : task);
        }
        List<String> words = new ArrayList<>(again.told());
        waits(run).ifPresent(words::add);
        return new DayRun(day, next, words);
    }

    private static DayTask planned(DayTask task, DayPlan plan, int job) {
        return new DayTask(
                State.TO_DO,
                plan.start(job),
                plan.end(job),
                plan.settings().get(job),
                plan.people().get(job),
                plan.gear().get(job),
                task.planned(),
                task.away(),
                task.notBefore());
    }

    /** The plan as it was. */
    private static DayPlan before(DayRun run) {
        DayProblem day = run.day();
        List<DayTask> tasks = run.tasks();
        return new DayPlan(
                day,
                tasks.stream().map(DayTask::start).toList(),
                tasks.stream().map(DayTask::setting).toList(),
                tasks.stream().map(DayTask::person).toList(),
                tasks.stream().map(DayTask::gear).toList());
    }

    /** What is planned, with the past in it: for the reasons of what is to come. */
    public static DayPlan plan(DayRun run) {
        DayProblem day = run.day();
        List<DayTask> tasks = run.tasks();
        List<Job> jobs = new ArrayList<>(day.jobs());
        for (int job = 0; job < jobs.size(); job++) {
            DayTask task = tasks.get(job);
            Job one = jobs.get(job);
            int celsius = one.settings()
                    .get(Math.min(task.setting(), one.settings().size() - 1))
                    .celsius();
            if (task.state() != State.TO_DO) {
                jobs.set(job, one.lasting(List.of(new Setting(celsius, Math.max(0, task.end() - task.start())))));
            }
        }
        DayPlan before = before(run);
        List<Integer> settings = IntStream.range(0, tasks.size())
                .mapToObj(job ->
                        tasks.get(job).state() == State.TO_DO ? tasks.get(job).setting() : 0)
                .toList();
        return new DayPlan(
                new DayProblem(jobs, day.lags(), day.people(), day.gear()),
                before.starts(),
                settings,
                before.people(),
                before.gear());
    }

    private static Optional<String> waits(DayRun run) {
        DayProblem day = run.day();
        List<DayTask> tasks = run.tasks();
        List<String> dishes = IntStream.range(0, tasks.size())
                .filter(job -> tasks.get(job).state() == State.WAITS)
                .mapToObj(job -> day.jobs().get(job).dish())
                .distinct()
                .toList();
        return dishes.isEmpty()
                ? Optional.empty()
                : Optional.of(
                        String.join(" and ", dishes)
                                + (dishes.size() == 1 ? " waits" : " wait")
                                + ": what it needs is not there any more; cook it in another way and say how long, or leave it out");
    }
}
