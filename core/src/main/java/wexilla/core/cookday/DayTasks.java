package wexilla.core.cookday;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import wexilla.core.cookday.DayProblem.Gear;
import wexilla.core.cookday.DayProblem.Job;
import wexilla.core.cookday.DayProblem.Kind;
import wexilla.core.cookday.DayProblem.Lag;
import wexilla.core.cookday.DayProblem.Person;
import wexilla.core.cookday.DayProblem.Setting;
import wexilla.core.quantity.Temperature;
import wexilla.core.quantity.Trade;
import wexilla.core.recipe.StepGear;
import wexilla.core.recipe.StepTime;

/**
 * The jobs of a cook day from the steps of its dishes: what hands do and what goes on by itself, what each holds, what
 * follows what and how soon, cooling and bagging of what is kept. Handbook, sections 8, 10 and 13.
 */
public final class DayTasks {

    private static final int COOL = Trade.whole("day.cool-minutes");
    private static final int INTO_COLD = Trade.whole("day.into-cold");
    private static final int HOT = Trade.whole("day.hot-minutes");
    private static final int AT_ONCE = Trade.whole("day.at-once");
    private static final int COME_UP = Trade.whole("day.come-up");
    private static final int NATURAL = Trade.whole("day.natural-release");
    private static final int QUICK = Trade.whole("day.quick-release");
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
    private static final Pattern RELEASE_SAID = Pattern.compile(
            "releas\\w*[^.;]{0,20}?\\d+\\s*min|\\d+\\s*min\\w*\\s+(?:of\\s+)?(?:natural|quick)",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern NATURAL_RELEASE = Pattern.compile("\\bnatural", Pattern.CASE_INSENSITIVE);

    /**
     * A dish.
     *
     * @param portions it makes
     * @param kept whether it is cooled and bagged at the end; else it is eaten
     * @param after dishes that have to be cooked before it is begun, by place
     */
    public record Dish(String name, int portions, List<Step> steps, boolean kept, List<Integer> after) {

        public Dish {
            steps = List.copyOf(steps);
            after = List.copyOf(after);
        }
    }

    /** @param time of it at its size */
    public record Step(String text, StepTime time) {

        public static Step of(String text) {
            return new Step(text, StepTime.read(text));
        }
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

    /** What the last job of a meal is called. */
    public static final String TABLE = "on the table";

    private final List<Job> jobs = new ArrayList<>();
    private final List<Lag> lags = new ArrayList<>();
    private final Set<String> missing = new TreeSet<>();
    private final List<String> before = new ArrayList<>();
    private final List<Gear> gear;
    private final List<Integer> ovenJobs = new ArrayList<>();

    private DayTasks(List<Gear> gear) {
        this.gear = gear;
    }

    /** The jobs of these dishes. */
    public static Made of(List<Dish> dishes, List<Once> once, List<Person> people, List<Gear> gear) {
        DayTasks tasks = new DayTasks(gear);
        List<int[]> ends = new ArrayList<>();
        for (Dish dish : dishes) {
            ends.add(tasks.dish(dish));
        }
        for (int i = 0; i < dishes.size(); i++) {
            for (int other : dishes.get(i).after()) {
                tasks.follow(ends.get(other)[1], ends.get(i)[0]);
            }
        }
        for (Once one : once) {
            int job = tasks.add(Job.of("all", one.text(), one.minutes(), true));
            one.dishes().forEach(dish -> tasks.follow(job, ends.get(dish)[0]));
        }
        DayOven.share(tasks.jobs, tasks.ovenJobs);
        return new Made(new DayProblem(tasks.jobs, tasks.lags, people, gear), List.copyOf(tasks.missing), tasks.before);
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
            cooked.add(tasks.dish(dish)[1]);
        }
        int table = tasks.add(Job.of("", TABLE, 0, false));
        for (int last : cooked) {
            if (last >= 0) {
                boolean hot = atOnce && !tasks.jobs.get(last).holds().isEmpty();
                ends.add(new Lag(last, table, 0, hot ? HOT : DayProblem.NEVER));
            }
        }
        tasks.lags.addAll(ends);
        DayOven.share(tasks.jobs, tasks.ovenJobs);
        return new Made(new DayProblem(tasks.jobs, tasks.lags, people, gear), List.copyOf(tasks.missing), tasks.before);
    }

    private void follow(int before, int after) {
        if (before >= 0 && after >= 0) {
            lags.add(new Lag(before, after, 0, DayProblem.NEVER));
        }
    }

    private int add(Job job) {
        jobs.add(job);
        return jobs.size() - 1;
    }

    /** @return its first job, and the one after which it is cooked; -1 where it has none */
    private int[] dish(Dish dish) {
        int first = jobs.size();
        int last = -1;
        int lastHot = -1;
        boolean hot = false;
        boolean coldEnd = false;
        for (Step step : dish.steps()) {
            StepGear read = StepGear.read(step.text());
            Kind kind = kind(read.kind());
            if (kind == null && lastHot < 0 && BEFORE.matcher(step.text()).find()) {
                before.add(dish.name() + ": " + step.text());
                continue;
            }
            boolean heats = kind != null;
            coldEnd |= lastHot >= 0 && !heats && COLD_END.matcher(step.text()).find();
            int most = !hot
                    ? DayProblem.NEVER
                    : NOW.matcher(step.text()).find() ? AT_ONCE : heats ? HOT : DayProblem.NEVER;
            for (Job job : jobs(dish.name(), step, kind, read.heat())) {
                int at = add(job);
                if (last >= 0) {
                    lags.add(new Lag(last, at, 0, at > first && most < DayProblem.NEVER ? most : DayProblem.NEVER));
                }
                last = at;
                most = heats ? 0 : DayProblem.NEVER;
                if (heats) {
                    lastHot = at;
                    if (kind == Kind.RACK) {
                        ovenJobs.add(at);
                    }
                }
            }
            hot = heats;
        }
        if (last < first) {
            return new int[] {-1, -1};
        }
        int cooked = last;
        if (dish.kept() && lastHot >= 0 && !coldEnd) {
            bagged(dish, last, lastHot);
        }
        return new int[] {first, cooked};
    }

    /** What is kept cools, and is bagged within two hours from the heat. */
    private void bagged(Dish dish, int last, int lastHot) {
        int packets = Math.max(1, (dish.portions() + PORTIONS - 1) / PORTIONS);
        int cool = add(Job.of(dish.name(), "cool it in shallow trays", COOL, false, there(Kind.COOLING)));
        int bag = add(Job.of(
                dish.name(),
                "bag it: " + packets + (packets == 1 ? " packet" : " packets"),
                BAG + PACKET * packets,
                true));
        lags.add(new Lag(last, cool, 0, INTO_COLD - COOL));
        lags.add(new Lag(cool, bag, 0, DayProblem.NEVER));
        lags.add(new Lag(lastHot, bag, 0, INTO_COLD));
    }

    /** Hands first, then what goes on by itself. */
    private List<Job> jobs(String dish, Step step, @Nullable Kind kind, @Nullable Temperature heat) {
        StepTime time = step.time();
        Kind[] holds = kind == null ? new Kind[0] : there(kind);
        // what only has to be put in holds nothing while hands fill it
        boolean atIt = kind == Kind.BURNER || time.waitMin() == 0;
        List<Job> made = new ArrayList<>();
        if (time.handsMin() > 0) {
            made.add(Job.of(dish, step.text(), time.handsMin(), true, atIt && kind != Kind.RACK ? holds : new Kind[0]));
        }
        if (time.waitMin() > 0) {
            int minutes = time.waitMin();
            if (kind == Kind.PRESSURE_COOKER) {
                minutes += COME_UP + release(step.text());
            }
            int celsius = heat == null ? 0 : heat.celsius().rounded().intValueExact();
            made.add(new Job(dish, step.text(), false, List.of(holds), List.of(new Setting(celsius, minutes))));
        }
        return made;
    }

    /** Minutes until it is open, where the step does not say them itself: "natural release 15 minutes". */
    private static int release(String text) {
        return RELEASE_SAID.matcher(text).find()
                ? 0
                : NATURAL_RELEASE.matcher(text).find() ? NATURAL : QUICK;
    }

    private static @Nullable Kind kind(StepGear.Kind gear) {
        return switch (gear) {
            case PRESSURE_COOKER -> Kind.PRESSURE_COOKER;
            case SLOW_COOKER -> Kind.SLOW_COOKER;
            case HOT_AIR -> Kind.HOT_AIR;
            case OVEN -> Kind.RACK;
            case BURNER -> Kind.BURNER;
            case SMOKER, COLD, HANDS -> null;
        };
    }

    /** What a job holds, as far as the kitchen has it; what it has not is told once. */
    private Kind[] there(Kind kind) {
        if (gear.stream().anyMatch(one -> one.kind() == kind)) {
            return new Kind[] {kind};
        }
        if (kind != Kind.COOLING) {
            missing.add(switch (kind) {
                        case BURNER -> "no burner";
                        case RACK -> "no oven";
                        case SLOW_COOKER -> "no slow cooker";
                        case PRESSURE_COOKER -> "no pressure cooker";
                        case HOT_AIR -> "no hot-air drawer";
                        case COOLING -> "no room to cool";
                    }
                    + " is written down under Household; its steps are planned as if there were enough");
        }
        return new Kind[0];
    }
}
