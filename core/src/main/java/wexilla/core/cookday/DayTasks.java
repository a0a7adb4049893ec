package wexilla.core.cookday;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import wexilla.core.clock.DayProblem;
import wexilla.core.clock.DayProblem.Gear;
import wexilla.core.clock.DayProblem.Job;
import wexilla.core.clock.DayProblem.Kind;
import wexilla.core.clock.DayProblem.Lag;
import wexilla.core.clock.DayProblem.Person;
import wexilla.core.food.book.HeatGuide;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Temperature;
import wexilla.core.quantity.Trade;
import wexilla.core.recipe.steps.StepGear;

/**
 * The jobs of a cook day from the steps of its dishes: what hands do and what goes on by itself, what each holds, what
 * follows what and how soon, cooling and bagging of what is kept. Handbook, sections 8, 10 and 13.
 */
public final class DayTasks {

    public static final int COOL = Trade.whole("day.cool-minutes");
    public static final int INTO_COLD = Trade.whole("day.into-cold");
    public static final int HOT = Trade.whole("day.hot-minutes");
    private static final int AT_ONCE = Trade.whole("day.at-once");
    private static final int BAG = Trade.whole("day.bag-minutes");
    private static final int PACKET = Trade.whole("day.packet-minutes");
    private static final int PORTIONS = Trade.whole("day.packet-portions");

    private static final Pattern COLD_END =
            Pattern.compile("\\b(?:cool|chill|bag|pack|freeze)", Pattern.CASE_INSENSITIVE);
    /** One word of when something is done the evening before. */
    static final Pattern BEFORE =
            Pattern.compile("\\b(?:(?:the )?(?:night|day|evening) before|overnight)\\b", Pattern.CASE_INSENSITIVE);

    private static final Pattern NOW = Pattern.compile(
            "\\b(?:drain|serve|pour off|at once|immediately|straight away)\\b", Pattern.CASE_INSENSITIVE);

    /**
     * A dish.
     *
     * @param portions it makes
     * @param kept whether it is cooled and bagged at the end; else it is eaten
     * @param after dishes that have to be cooked before it is begun, by place
     * @param of the batch or big buy it is, by its id; empty for none
     */
    public record Dish(
            String name,
            Rational portions,
            List<DayStep> steps,
            boolean kept,
            List<Integer> after,
            Inside inside,
            String of) {

        public Dish {
            steps = List.copyOf(steps);
            after = List.copyOf(after);
        }

        public Dish(String name, Rational portions, List<DayStep> steps, boolean kept, List<Integer> after) {
            this(name, portions, steps, kept, after, Inside.NOTHING, "");
        }
    }

    /**
     * What the foods of a dish ask for.
     *
     * @param boilHard whether dried kidney beans are in it
     * @param raw whether raw meat or fish is
     * @param heat what its core has to reach
     */
    public record Inside(boolean boilHard, boolean raw, HeatGuide.Heat heat) {

        /** Of a dish with nothing of the kind in it. */
        public static final Inside NOTHING = new Inside(false, false, HeatGuide.Heat.NONE);
    }

    /** Something that is cut once for several dishes. @param dishes by place */
    public record Once(String text, int minutes, List<Integer> dishes) {

        public Once {
            dishes = List.copyOf(dishes);
        }
    }

    /**
     * @param missing what steps need and is not there, in words
     * @param before what is done the evening before, and is not on the clock: soaking, a dough, what marinates overnight
     */
    public record Made(DayProblem problem, List<String> missing, List<String> before) {

        public Made {
            missing = List.copyOf(missing);
            before = List.copyOf(before);
        }
    }

    /** How the last job of a dish that is kept begins. */
    static final String BAG_IT = "bag it:";

    /** What the last job of a meal is called. */
    public static final String TABLE = "on the table";

    private final List<Job> jobs = new ArrayList<>();
    private final List<Lag> lags = new ArrayList<>();
    private final List<String> before = new ArrayList<>();
    private final DayJobs made;
    private final List<Integer> ovenJobs = new ArrayList<>();

    private DayTasks(List<Gear> gear) {
        made = new DayJobs(gear);
    }

    /** The jobs of these dishes. */
    public static Made of(List<Dish> dishes, List<Once> once, List<Person> people, List<Gear> gear) {
        DayTasks tasks = new DayTasks(gear);
        List<Ends> ends = new ArrayList<>();
        for (Dish dish : dishes) {
            ends.add(tasks.dish(dish));
        }
        for (int i = 0; i < dishes.size(); i++) {
            for (int other : dishes.get(i).after()) {
                tasks.follow(ends.get(other).cooked(), ends.get(i).first());
            }
        }
        for (Once one : once) {
            int job = tasks.add(Job.of("all", one.text(), one.minutes(), true).touching(DayJobs.touch(one.text())));
            one.dishes()
                    .forEach(dish -> tasks.follow(List.of(job), ends.get(dish).first()));
        }
        DayOven.share(tasks.jobs, tasks.ovenJobs);
        return new Made(new DayProblem(tasks.jobs, tasks.lags, people, gear), tasks.made.missing(), tasks.before);
    }

    /**
     * The jobs of a meal: everything is ready when the table is set, and what comes off the heat not long before.
     *
     * @param atOnce whether what is hot waits for the others no longer than it stays hot
     * @return the last job is the table itself
     */
    public static Made forTable(List<Dish> dishes, boolean atOnce, List<Person> people, List<Gear> gear) {
        DayTasks tasks = new DayTasks(gear);
        List<Lag> ends = new ArrayList<>();
        List<Integer> cooked = new ArrayList<>();
        for (Dish dish : dishes) {
            cooked.addAll(tasks.dish(dish).cooked());
        }
        int table = tasks.add(Job.of("", TABLE, 0, false));
        for (int last : cooked) {
            boolean hot = atOnce && !tasks.jobs.get(last).holds().isEmpty();
            ends.add(new Lag(last, table, 0, hot ? HOT : DayProblem.NEVER));
        }
        tasks.lags.addAll(ends);
        DayOven.share(tasks.jobs, tasks.ovenJobs);
        return new Made(new DayProblem(tasks.jobs, tasks.lags, people, gear), tasks.made.missing(), tasks.before);
    }

    /** Whether a job only keeps what is cooked: cooling and bagging. */
    public static boolean keeps(Job job) {
        return job.aside().caution().equals(DayCaution.COLD) || job.text().startsWith(BAG_IT);
    }

    private void follow(List<Integer> before, List<Integer> after) {
        before.forEach(one -> after.forEach(other -> lags.add(new Lag(one, other, 0, DayProblem.NEVER))));
    }

    private int add(Job job) {
        jobs.add(job);
        return jobs.size() - 1;
    }

    /** What came of a dish: the jobs it begins with, those after which it is cooked. */
    private record Ends(List<Integer> first, List<Integer> cooked) {}

    private Ends dish(Dish dish) {
        int from = jobs.size();
        Ends ends = made(dish);
        for (int job = from; job < jobs.size(); job++) {
            jobs.set(job, jobs.get(job).belonging(dish.of()));
        }
        return ends;
    }

    private Ends made(Dish dish) {
        List<List<Integer>> ends = new ArrayList<>();
        List<Integer> first = new ArrayList<>();
        List<Integer> last = List.of();
        List<Integer> lastHot = List.of();
        boolean hot = false;
        boolean coldEnd = false;
        List<StepGear> busy =
                StepGear.of(dish.steps().stream().map(DayStep::text).toList());
        for (int at = 0; at < busy.size(); at++) {
            DayStep step = dish.steps().get(at);
            StepGear read = busy.get(at);
            Kind kind = DayJobs.kind(read.kind());
            if (kind == null && lastHot.isEmpty() && BEFORE.matcher(step.text()).find()) {
                before.add(dish.name() + ": " + step.text());
                ends.add(List.of());
                continue;
            }
            boolean heats = kind != null;
            coldEnd |= !lastHot.isEmpty()
                    && !heats
                    && COLD_END.matcher(step.text()).find();
            List<Integer> after = followed(step, ends, last);
            int most = step.clock().most() != null
                    ? step.clock().most()
                    : !hot || after.size() > 1 || !after.equals(last)
                            // loads wait for each other
                            ? DayProblem.NEVER
                            : NOW.matcher(step.text()).find() ? AT_ONCE : heats ? HOT : DayProblem.NEVER;
            List<Integer> own = step(dish, step, kind, read.heat(), after, most);
            if (own.isEmpty()) {
                ends.add(after);
                continue;
            }
            if (after.isEmpty()) {
                first.addAll(begins(own));
            }
            last = own;
            ends.add(own);
            if (heats) {
                String boil = lastHot.isEmpty() ? DayCaution.boil(dish) : "";
                own.forEach(job -> jobs.set(job, jobs.get(job).cautioned(boil)));
                lastHot = own;
            }
            hot = heats;
        }
        lastHot.forEach(job ->
                jobs.set(job, jobs.get(job).cautioned(dish.inside().heat().words())));
        if (dish.kept() && !lastHot.isEmpty() && !coldEnd) {
            int loads = last.equals(lastHot) ? last.size() : 1;
            for (int load = 0; load < loads; load++) {
                bagged(
                        dish,
                        loads,
                        last.get(Math.min(load, last.size() - 1)),
                        lastHot.get(Math.min(load, lastHot.size() - 1)));
            }
        }
        return new Ends(first, last);
    }

    /** The first job of a step that has two: what was done by hands before these. */
    private List<Integer> begins(List<Integer> own) {
        return own.stream()
                .map(job -> lags.stream()
                        .filter(lag -> lag.to() == job)
                        .findFirst()
                        .map(Lag::from)
                        .orElse(job))
                .distinct()
                .toList();
    }

    /** The jobs a step follows: those of the steps it names, else of the one before. */
    private static List<Integer> followed(DayStep step, List<List<Integer>> ends, List<Integer> last) {
        if (step.clock().follows().isEmpty()) {
            return last;
        }
        return step.clock().follows().stream()
                .filter(number -> number >= 1 && number <= ends.size())
                .flatMap(number -> ends.get(number - 1).stream())
                .distinct()
                .toList();
    }

    /**
     * The jobs of a step.
     *
     * @return those after which it is done
     */
    private List<Integer> step(
            Dish dish, DayStep step, @Nullable Kind kind, @Nullable Temperature heat, List<Integer> after, int most) {
        List<Integer> done = new ArrayList<>();
        boolean alone = step.time().waitMin() > 0;
        int loads = alone ? step.loads() : 1;
        int tending = step.time().handsMin() * (alone ? 1 : step.loads());
        for (int load = 1; load <= loads; load++) {
            String text = loads == 1 ? step.text() : step.text() + " (load " + load + " of " + loads + ")";
            int last = -1;
            for (Job job : made.jobs(dish.name(), DayJobs.meat(dish), text, step, tending, kind, heat)) {
                int at = add(job);
                if (last >= 0) {
                    lags.add(new Lag(last, at, 0, kind != null ? 0 : DayProblem.NEVER));
                } else {
                    for (int before : after) {
                        lags.add(new Lag(
                                before,
                                at,
                                step.clock().least(),
                                Math.max(most, step.clock().least())));
                    }
                }
                last = at;
                if (kind == Kind.RACK && !job.hands()) {
                    ovenJobs.add(at);
                }
            }
            if (last >= 0) {
                done.add(last);
            }
        }
        return done;
    }

    /** What is kept cools, and is bagged within two hours from the heat. */
    private void bagged(Dish dish, int loads, int last, int lastHot) {
        int all = Math.max(
                1, dish.portions().dividedBy(Rational.of(PORTIONS)).ceiling().intValueExact());
        int packets = Math.max(1, (all + loads - 1) / loads);
        int cool = add(Job.of(dish.name(), "cool it in shallow trays", COOL, false, made.there(Kind.COOLING))
                .cautioned(DayCaution.COLD));
        int bag = add(Job.of(
                dish.name(),
                BAG_IT + " " + packets + (packets == 1 ? " packet" : " packets"),
                BAG + PACKET * packets,
                true));
        lags.add(new Lag(last, cool, 0, INTO_COLD - COOL));
        lags.add(new Lag(cool, bag, 0, DayProblem.NEVER));
        lags.add(new Lag(lastHot, bag, 0, INTO_COLD));
    }
}
