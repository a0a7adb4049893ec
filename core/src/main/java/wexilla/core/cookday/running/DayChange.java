package wexilla.core.cookday.running;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import wexilla.core.clock.DayProblem;
import wexilla.core.clock.DayProblem.Gear;
import wexilla.core.clock.DayProblem.Job;
import wexilla.core.clock.DayProblem.Kind;
import wexilla.core.clock.DayProblem.Lag;
import wexilla.core.clock.DayProblem.Person;
import wexilla.core.clock.DayProblem.Setting;
import wexilla.core.clock.DayProblem.Window;
import wexilla.core.clock.DayWhy;
import wexilla.core.clock.Groups;
import wexilla.core.cookday.running.DayTask.State;
import wexilla.core.quantity.Unfit;
import wexilla.core.quantity.text.CookWords;

/** What changes on a running cook day beside its tasks: who is there, and what there is to cook with. */
public final class DayChange {

    private DayChange() {}

    /** Somebody is away for some minutes: heat goes on, hands do not. @param person by place; -1 for all */
    public static DayRun away(DayRun run, int person, int minutes, int now) {
        DayProblem day = run.day();
        List<DayTask> tasks = run.tasks();
        List<DayTask> moved = new ArrayList<>(tasks);
        List<Person> people = new ArrayList<>();
        for (int who = 0; who < day.people().size(); who++) {
            Person one = day.people().get(who);
            boolean goes = person < 0 || person == who;
            people.add(goes ? new Person(one.name(), DayProblem.without(one.there(), now, now + minutes)) : one);
            for (int job = 0; goes && job < moved.size(); job++) {
                DayTask task = moved.get(job);
                if (task.state() == State.BEGUN && task.person() == who) {
                    moved.set(job, task.awayFor(minutes));
                }
            }
        }
        DayRun gone = new DayRun(day.with(people, day.gear()), moved, run.told()).again(now);
        List<String> told = new ArrayList<>(gone.told());
        told.addAll(before(run, person, minutes, now));
        return new DayRun(gone.day(), gone.tasks(), told);
    }

    /** What is to be taken off before somebody goes: what hands are at on the heat, and what ends meanwhile. */
    private static List<String> before(DayRun run, int person, int minutes, int now) {
        List<String> told = new ArrayList<>();
        boolean all = person < 0 || run.day().people().size() == 1;
        for (int job = 0; job < run.tasks().size(); job++) {
            DayTask task = run.tasks().get(job);
            Job one = run.day().jobs().get(job);
            if (task.state() != State.BEGUN || one.holds().isEmpty()) {
                continue;
            }
            String what = "“" + DayWhy.brief(one.text()) + "” (" + one.dish() + ")";
            if (one.hands() && (person < 0 || task.person() == person)) {
                told.add("before you go: take " + what + " off the heat");
            } else if (!one.hands()
                    && all
                    && task.end() < now + minutes
                    && !one.holds().contains(Kind.COOLING)) {
                told.add(what + " is done " + CookWords.minutes(now + minutes - Math.max(now, task.end()))
                        + " before you are back: let somebody take it off, or turn it low now");
            }
        }
        return told;
    }

    /** Somebody goes for good, ill or called away: what she was at is for somebody else. */
    public static DayRun goes(DayRun run, int person, int now) {
        DayProblem day = run.day();
        List<DayTask> tasks = run.tasks();
        if (day.people().size() == 1) {
            throw new Unfit("nobody else is there; say who comes first");
        }
        Person one = day.people().get(person);
        List<Person> people = new ArrayList<>(day.people());
        people.set(person, new Person(one.name(), DayProblem.without(one.there(), now, DayProblem.NEVER)));
        DayRun gone = new DayRun(day.with(people, day.gear()), tasks, run.told());
        for (int job = 0; job < tasks.size(); job++) {
            DayTask task = tasks.get(job);
            if (task.state() == State.BEGUN && task.person() == person) {
                gone = restOf(gone, job, now, day.jobs().get(job).holds());
            }
        }
        return gone.again(now);
    }

    /** Somebody helps from now on, for so long. */
    public static DayRun comes(DayRun run, String name, int now, int minutes) {
        DayProblem day = run.day();
        List<DayTask> tasks = run.tasks();
        List<Person> people = new ArrayList<>(day.people());
        Window window = new Window(now, now + minutes);
        int known = IntStream.range(0, people.size())
                .filter(i -> people.get(i).name().equals(name))
                .findFirst()
                .orElse(-1);
        if (known < 0) {
            people.add(new Person(name, List.of(window)));
        } else {
            List<Window> there =
                    new ArrayList<>(DayProblem.without(people.get(known).there(), now, now + minutes));
            there.add(window);
            there.sort(Comparator.comparing(Window::from));
            people.set(known, new Person(name, there));
        }
        return new DayRun(day.with(people, day.gear()), tasks, run.told()).again(now);
    }

    /** Something fails: what is on it goes on elsewhere, or waits with all that follows it where there is nothing else. */
    public static DayRun fails(DayRun run, int gear, int now) {
        DayProblem day = run.day();
        List<DayTask> tasks = run.tasks();
        List<Gear> left = new ArrayList<>(day.gear());
        left.set(gear, left.get(gear).failed());
        DayRun failed = new DayRun(day.with(day.people(), left), tasks, run.told());
        for (int job = 0; job < tasks.size(); job++) {
            if (tasks.get(job).state() == State.BEGUN && tasks.get(job).gear().contains(gear)) {
                failed = restOf(failed, job, now, day.jobs().get(job).holds());
            }
        }
        return waiting(failed).again(now);
    }

    /** What waits is done in another way. @param kind empty for one that holds nothing; @param words of it, empty as before */
    public static DayRun instead(
            DayRun run, int job, Optional<Kind> kind, Optional<String> words, int minutes, int now) {
        DayProblem day = run.day();
        List<DayTask> tasks = run.tasks();
        run.toCome(job);
        List<Kind> holds = kind.map(List::of).orElse(List.of());
        Job one = day.jobs().get(job);
        Job other = new Job(
                one.dish(),
                words.orElse(one.text()),
                one.hands(),
                holds,
                List.of(new Setting(0, minutes)),
                one.touch(),
                false,
                one.aside(),
                one.of());
        List<DayTask> moved = new ArrayList<>(tasks);
        for (int i = 0; i < moved.size(); i++) {
            DayTask task = moved.get(i);
            moved.set(i, task.state() == State.WAITS ? task.as(State.TO_DO, task.start(), task.end()) : task);
        }
        return waiting(new DayRun(run.jobs(job, other), moved, run.told())).again(now);
    }

    /** What needs a thing none is left of waits, with all that follows it. */
    static DayRun waiting(DayRun run) {
        DayProblem day = run.day();
        List<DayTask> tasks = run.tasks();
        Set<Integer> waits = new TreeSet<>();
        for (int job : Groups.order(day)) {
            if (tasks.get(job).state() != State.TO_DO && tasks.get(job).state() != State.WAITS) {
                continue;
            }
            Job one = day.jobs().get(job);
            boolean lacks = one.holds().stream().anyMatch(kind -> lost(day, kind, one.strong()));
            boolean follows = day.lags().stream().anyMatch(lag -> lag.to() == job && waits.contains(lag.from()));
            if (lacks || follows) {
                waits.add(job);
            }
        }
        List<DayTask> moved = new ArrayList<>(tasks);
        waits.forEach(job -> moved.set(
                job,
                tasks.get(job)
                        .as(State.WAITS, tasks.get(job).start(), tasks.get(job).end())));
        return new DayRun(day, moved, run.told());
    }

    /** Whether none is left of a kind; a job that wants a strong burner does not go onto a slow one. */
    private static boolean lost(DayProblem day, Kind kind, boolean strong) {
        return day.gear().stream()
                .filter(gear -> gear.kind() == kind && !(strong && gear.slow()))
                .allMatch(Gear::out);
    }

    /** What is left of a job is to do again: elsewhere, or by somebody else. */
    private static DayRun restOf(DayRun run, int job, int now, List<Kind> holds) {
        DayTask task = run.tasks().get(job);
        Job one = run.day().jobs().get(job);
        int left = Math.max(1, task.end() - now);
        int celsius = one.settings().get(task.setting()).celsius();
        Job rest = new Job(
                one.dish(),
                one.text(),
                one.hands(),
                holds,
                List.of(new Setting(celsius, left)),
                one.touch(),
                one.strong(),
                one.aside(),
                one.of());
        DayTask again = new DayTask(State.TO_DO, now, now + left, 0, -1, List.of(), task.planned(), task.away(), 0);
        // it was begun in time: what is left of it follows nothing
        List<Lag> lags = run.day().lags().stream()
                .map(lag -> lag.to() == job ? new Lag(lag.from(), job, lag.least(), DayProblem.NEVER) : lag)
                .toList();
        return new DayRun(run.jobs(job, rest).with(lags), run.tasks(), run.told()).with(job, again);
    }
}
