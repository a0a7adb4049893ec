package wexilla.core.cookday.running;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import wexilla.core.clock.DayPlan;
import wexilla.core.clock.DayProblem;
import wexilla.core.clock.DayProblem.Job;
import wexilla.core.clock.DayProblem.Lag;
import wexilla.core.clock.DayProblem.Setting;
import wexilla.core.clock.DayWhy;
import wexilla.core.cookday.DayTasks;
import wexilla.core.cookday.running.DayTask.State;
import wexilla.core.quantity.Unfit;

/**
 * A cook day while it runs: what is done, what goes on, what is to come. Every event fixes the past and plans the rest
 * anew. Minutes count from the begin of the day; the same events at the same minutes give the same day.
 *
 * @param day what has to be done, with whom and with what; nothing in it is begun
 * @param tasks one for each job, at its place
 * @param told what cannot be kept any more, and what to do; of the last event
 */
public record DayRun(DayProblem day, List<DayTask> tasks, List<String> told) {

    public DayRun {
        tasks = List.copyOf(tasks);
        told = List.copyOf(told);
    }

    /** The day as planned, nothing begun. */
    public static DayRun of(DayPlan plan) {
        List<DayTask> tasks = IntStream.range(0, plan.starts().size())
                .mapToObj(job -> new DayTask(
                        State.TO_DO,
                        plan.start(job),
                        plan.end(job),
                        plan.settings().get(job),
                        plan.people().get(job),
                        plan.gear().get(job),
                        written(plan.problem().jobs().get(job), plan.minutes(job)),
                        0,
                        0))
                .toList();
        return new DayRun(plan.problem(), tasks, List.of());
    }

    /** What a job follows and is not over; empty when it can begin. */
    Optional<Integer> open(int job) {
        return day.lags().stream()
                .filter(lag -> lag.to() == job && !tasks.get(lag.from()).over())
                .map(Lag::from)
                .findFirst();
    }

    private static int written(Job job, int planned) {
        return job.aside().written() > 0 ? job.aside().written() : planned;
    }

    /** A job is begun now. @throws Unfit if it is begun or over, or what it follows is not */
    public DayRun begin(int job, int now) {
        toCome(job);
        open(job).ifPresent(before -> {
            throw new Unfit("“" + DayWhy.brief(day.jobs().get(job).text()) + "” comes after “"
                    + DayWhy.brief(day.jobs().get(before).text())
                    + "”, which is not done; say that first, or I am here");
        });
        return with(job, begun(job, now)).again(now);
    }

    /** A job is done now: early, late or on time. What follows at once in the same pot goes on by itself. */
    public DayRun done(int job, int now) {
        DayTask task = tasks.get(job);
        if (task.over()) {
            throw new Unfit("“" + day.jobs().get(job).text() + "” is over already");
        }
        int start = task.state() == State.BEGUN ? task.start() : Math.min(Math.max(0, task.start()), now);
        DayTask over = task.as(State.DONE, start, Math.max(start, now));
        DayRun done = with(job, task.state() == State.BEGUN ? over : over.untimed());
        return done.goesOn(job, now).again(now).handsGoOn(task.person(), now);
    }

    /** It needs longer. */
    public DayRun longer(int job, int minutes, int now) {
        DayTask task = tasks.get(job);
        if (task.over() || task.state() == State.WAITS) {
            throw new Unfit("“" + day.jobs().get(job).text() + "” does not go on");
        }
        if (task.state() == State.BEGUN) {
            return with(job, task.as(State.BEGUN, task.start(), Math.max(task.end(), now) + minutes))
                    .again(now);
        }
        Job one = day.jobs().get(job);
        List<Setting> settings = one.settings().stream()
                .map(setting -> new Setting(setting.celsius(), setting.minutes() + minutes))
                .toList();
        return new DayRun(jobs(job, one.lasting(settings)), tasks, told).again(now);
    }

    /** It is not done after all; what followed it follows what it followed. */
    public DayRun leaveOut(int job, int now) {
        return without(Set.of(job), now).again(now);
    }

    /** A dish is not cooked after all: nothing of it is begun any more. @param dish as {@link DayProblem.Job#is} finds it */
    public DayRun drop(String dish, int now) {
        Set<Integer> own = new TreeSet<>();
        for (int job = 0; job < tasks.size(); job++) {
            if (day.jobs().get(job).is(dish) && !tasks.get(job).over()) {
                own.add(job);
            }
        }
        if (own.isEmpty()) {
            throw new Unfit("nothing is left to do of “" + dish + "”");
        }
        return without(own, now).again(now);
    }

    /** "I am here": all that was to be done before is done, what was to go on goes on, and this one begins. */
    public DayRun here(int job, int now) {
        int at = tasks.get(job).start();
        Set<Integer> comesFirst = before(job);
        List<DayTask> moved = new ArrayList<>(tasks);
        for (int other = 0; other < tasks.size(); other++) {
            DayTask task = tasks.get(other);
            boolean alone = !day.jobs().get(other).hands();
            boolean before = task.start() < at || alone && task.start() == at || comesFirst.contains(other);
            if (other == job || task.over() || !before || task.state() == State.WAITS) {
                continue;
            }
            boolean goesOn = alone && task.end() > now;
            int start = Math.min(task.start(), now);
            int end = goesOn ? task.end() : Math.max(start, Math.min(task.end(), now));
            moved.set(
                    other,
                    task.as(goesOn ? State.BEGUN : State.DONE, start, end).untimed());
        }
        DayRun here = new DayRun(day, moved, told);
        return (here.tasks.get(job).over() ? here : here.with(job, here.begun(job, now))).again(now);
    }

    /** All that must be done before a job, through whatever lies between; each is looked at once. */
    private Set<Integer> before(int job) {
        Map<Integer, List<Integer>> froms = day.lags().stream()
                .collect(Collectors.groupingBy(Lag::to, Collectors.mapping(Lag::from, Collectors.toList())));
        Set<Integer> before = new TreeSet<>();
        Deque<Integer> open = new ArrayDeque<>(froms.getOrDefault(job, List.of()));
        while (!open.isEmpty()) {
            int next = open.pop();
            if (before.add(next)) {
                open.addAll(froms.getOrDefault(next, List.of()));
            }
        }
        return before;
    }

    /** A job is moved: it begins at this minute at the earliest, the rest gives way. */
    public DayRun move(int job, int minute, int now) {
        toCome(job);
        return with(job, tasks.get(job).movedTo(minute)).again(now);
    }

    /** A dish more. @param more its jobs and their lags, which count from its own first job */
    public DayRun add(DayProblem more, int now) {
        int first = tasks.size();
        List<Job> jobs = new ArrayList<>(day.jobs());
        jobs.addAll(more.jobs());
        List<Lag> lags = new ArrayList<>(day.lags());
        more.lags().forEach(lag -> lags.add(new Lag(lag.from() + first, lag.to() + first, lag.least(), lag.most())));
        List<DayTask> moved = new ArrayList<>(tasks);
        for (Job job : more.jobs()) {
            moved.add(new DayTask(
                    State.TO_DO,
                    DayProblem.NEVER,
                    DayProblem.NEVER,
                    0,
                    -1,
                    List.of(),
                    written(job, job.settings().get(0).minutes()),
                    0,
                    0));
        }
        DayRun with = new DayRun(new DayProblem(jobs, lags, day.people(), day.gear()), moved, told);
        return DayChange.waiting(with).again(now);
    }

    /** The minute nothing more is left for the hands; 0 when there never was. */
    public int handsFree() {
        return last(job -> day.jobs().get(job).hands());
    }

    /** The minute everything is done. */
    public int end() {
        return last(job -> true);
    }

    private int last(java.util.function.IntPredicate which) {
        return IntStream.range(0, tasks.size())
                .filter(job -> tasks.get(job).state() != State.LEFT_OUT
                        && tasks.get(job).state() != State.WAITS)
                .filter(which)
                .map(job -> tasks.get(job).end())
                .max()
                .orElse(0);
    }

    /** Plans what is left anew. */
    public DayRun again(int now) {
        return DayRest.again(this, now);
    }

    /** Whether a dish is off the heat: nothing of it is left but cooling and bagging. */
    public boolean cooked(String dish) {
        return IntStream.range(0, tasks.size())
                        .filter(job -> day.jobs().get(job).is(dish))
                        .allMatch(job -> tasks.get(job).over()
                                || DayTasks.keeps(day.jobs().get(job)))
                && IntStream.range(0, tasks.size())
                        .anyMatch(job ->
                                day.jobs().get(job).is(dish) && tasks.get(job).state() == State.DONE);
    }

    public boolean over() {
        return tasks.stream().allMatch(DayTask::over);
    }

    private DayRun without(Set<Integer> out, int now) {
        List<Lag> lags = new ArrayList<>(day.lags());
        List<DayTask> moved = new ArrayList<>(tasks);
        for (int job : out) {
            List<Lag> in = lags.stream().filter(lag -> lag.to() == job).toList();
            List<Lag> on = lags.stream().filter(lag -> lag.from() == job).toList();
            // one for a pair, and none that hangs on what is left out: the number stays within the square of the jobs
            lags.removeIf(lag -> lag.from() == job || lag.to() == job);
            Set<List<Integer>> pairs = lags.stream()
                    .map(lag -> List.of(lag.from(), lag.to()))
                    .collect(Collectors.toCollection(HashSet::new));
            for (Lag before : in) {
                for (Lag after : on) {
                    if (pairs.add(List.of(before.from(), after.to()))) {
                        lags.add(new Lag(before.from(), after.to(), 0, DayProblem.NEVER));
                    }
                }
            }
            DayTask task = tasks.get(job);
            int start = Math.min(task.start(), now);
            moved.set(job, task.as(State.LEFT_OUT, start, start));
        }
        return new DayRun(day.with(lags), moved, told);
    }

    /** What stays in the same pot goes on by itself once hands are off it. */
    private DayRun goesOn(int job, int now) {
        DayRun run = this;
        for (Lag lag : day.lags()) {
            boolean next = lag.from() == job
                    && lag.most() < DayProblem.NEVER
                    && !day.jobs().get(lag.to()).hands()
                    && tasks.get(lag.to()).state() == State.TO_DO
                    && day.jobs().get(lag.to()).sameDish(day.jobs().get(job));
            if (next && run.free(lag.to()) && lag.most() <= DayTasks.HOT) {
                run = run.with(lag.to(), run.begun(lag.to(), now));
            }
        }
        return run;
    }

    /** Whether what a job is to hold is not held by what goes on. */
    private boolean free(int job) {
        return tasks.get(job).gear().stream()
                .noneMatch(held -> tasks.stream()
                        .anyMatch(task ->
                                task.state() == State.BEGUN && task.gear().contains(held)));
    }

    /** Whoever is free goes on with what she is to do now. */
    private DayRun handsGoOn(int person, int now) {
        if (person < 0 || tasks.stream().anyMatch(task -> task.state() == State.BEGUN && task.person() == person)) {
            return this;
        }
        return IntStream.range(0, tasks.size())
                .filter(job -> tasks.get(job).state() == State.TO_DO
                        && tasks.get(job).person() == person
                        && tasks.get(job).start() <= now)
                .boxed()
                .min(Comparator.comparing(job -> tasks.get(job).start()))
                .map(job -> with(job, begun(job, now)))
                .orElse(this);
    }

    DayTask begun(int job, int now) {
        DayTask task = tasks.get(job);
        Job one = day.jobs().get(job);
        int minutes = one.settings()
                .get(Math.min(task.setting(), one.settings().size() - 1))
                .minutes();
        return task.as(State.BEGUN, now, now + minutes);
    }

    void toCome(int job) {
        State state = tasks.get(job).state();
        if (state != State.TO_DO && state != State.WAITS) {
            throw new Unfit("“" + day.jobs().get(job).text() + "” is begun already");
        }
    }

    DayProblem jobs(int job, Job other) {
        List<Job> jobs = new ArrayList<>(day.jobs());
        jobs.set(job, other);
        return new DayProblem(jobs, day.lags(), day.people(), day.gear());
    }

    DayRun with(int job, DayTask task) {
        List<DayTask> moved = new ArrayList<>(tasks);
        moved.set(job, task);
        return new DayRun(day, moved, told);
    }
}
