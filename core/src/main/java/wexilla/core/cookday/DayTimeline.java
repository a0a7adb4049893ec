package wexilla.core.cookday;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import wexilla.core.clock.DayCheck;
import wexilla.core.clock.DayPlan;
import wexilla.core.clock.DayProblem;
import wexilla.core.clock.DayProblem.Gear;
import wexilla.core.clock.DayProblem.Job;
import wexilla.core.clock.DayProblem.Kind;
import wexilla.core.clock.DayProblem.Lag;
import wexilla.core.clock.DayProblem.Person;
import wexilla.core.clock.DayProblem.Window;
import wexilla.core.clock.DaySearch;
import wexilla.core.clock.Groups;
import wexilla.core.quantity.Trade;

/**
 * A cook day on one clock: a plan that was looked over, how early it could end at best, and what would end it earlier.
 *
 * @param plan minutes count from the begin of the day
 * @param least minutes the day takes at least, whatever is done
 * @param warnings what was assumed or does not hold, in the cook's words
 */
public record DayTimeline(DayPlan plan, int least, List<String> warnings) {

    /** Tries less than this minutes better are not worth telling. */
    private static final int WORTH = Trade.whole("day.earlier-worth");

    private static final int OVERNIGHT = Trade.whole("day.overnight");

    public DayTimeline {
        warnings = List.copyOf(warnings);
    }

    /**
     * A plan there always is: what cannot be kept is told with its minutes.
     *
     * @param effort how many plans are tried
     * @return empty where something is to be done with what is not there any more, or by nobody
     */
    public static Optional<DayTimeline> of(DayTasks.Made made, long seed, long effort, BooleanSupplier stop) {
        return plan(made.problem(), seed, effort, stop).map(plan -> lookedOver(made, plan.settled()));
    }

    /** The same with everything as late as its end allows: what is hot at the table does not wait for it. */
    public static Optional<DayTimeline> late(DayTasks.Made made, long seed, long effort, BooleanSupplier stop) {
        return plan(made.problem(), seed, effort, stop)
                .map(plan -> lookedOver(made, plan.late().settled()));
    }

    private static DayTimeline lookedOver(DayTasks.Made made, DayPlan plan) {
        List<String> warnings = new ArrayList<>(made.missing());
        warnings.addAll(Leeway.told(made.problem(), plan));
        made.before().forEach(step -> warnings.add("the evening before, and not on this clock: " + step));
        List<String> broken = DayCheck.broken(plan);
        if (!broken.isEmpty()) {
            throw new IllegalStateException("a plan that does not hold: " + broken);
        }
        return new DayTimeline(plan, least(made.problem()), warnings);
    }

    /** As it should be; else as cookers keep it warm; else as little later as will do, or with somebody staying longer. */
    private static Optional<DayPlan> plan(DayProblem problem, long seed, long effort, BooleanSupplier stop) {
        Optional<DayPlan> found = DaySearch.of(problem, seed, effort, stop);
        DayProblem warm = keptWarm(problem);
        for (DayProblem possible : List.of(warm, Leeway.present(warm))) {
            for (int later : Leeway.LATER) {
                if (found.isPresent()) {
                    return found;
                }
                found = DaySearch.of(Leeway.eased(possible, later), seed, effort, stop);
            }
        }
        return found;
    }

    /** As if cookers kept warm what is done until somebody comes. */
    private static DayProblem keptWarm(DayProblem problem) {
        return problem.with(problem.lags().stream()
                .map(lag -> cooker(problem, lag.from())
                        ? new Lag(lag.from(), lag.to(), lag.least(), DayProblem.NEVER)
                        : lag)
                .toList());
    }

    static boolean cooker(DayProblem problem, int job) {
        List<Kind> holds = problem.jobs().get(job).holds();
        return holds.contains(Kind.SLOW_COOKER) || holds.contains(Kind.PRESSURE_COOKER);
    }

    /** The longest chain of what follows what, and all hands shared out among the people. */
    public static int least(DayProblem problem) {
        int[] order = problem.jobs().isEmpty() ? new int[0] : Groups.order(problem);
        int[] end = new int[order.length];
        int[] from = problem.notBefore();
        int hands = 0;
        int chain = 0;
        for (int job : order) {
            int begin = from[job];
            for (Lag lag : problem.lags()) {
                begin = lag.to() == job ? Math.max(begin, end[lag.from()] + lag.least()) : begin;
            }
            Job one = problem.jobs().get(job);
            int minutes = one.settings().stream()
                    .mapToInt(DayProblem.Setting::minutes)
                    .min()
                    .orElse(0);
            end[job] = begin + minutes;
            hands += one.hands() ? minutes : 0;
            chain = Math.max(chain, end[job]);
        }
        int people = Math.max(1, problem.people().size());
        return Math.max(chain, (hands + people - 1) / people);
    }

    /** @param what one more of, in words; @param minutes the day ends earlier with it */
    public record Earlier(String what, int minutes) {}

    /**
     * What would end the day earlier: one more rack, burner, cooker or pair of hands, or a long wait
     * done overnight, each planned anew.
     *
     * @param effort for each of them
     */
    public List<Earlier> earlier(long seed, long effort, BooleanSupplier stop) {
        List<Earlier> found = new ArrayList<>();
        DayProblem problem = plan.problem();
        for (Kind kind : Kind.values()) {
            if (kind != Kind.COOLING
                    && problem.jobs().stream().anyMatch(job -> job.holds().contains(kind))) {
                List<Gear> more = new ArrayList<>(problem.gear());
                more.add(new Gear(kind, "another", 0));
                gain(problem.with(problem.people(), more), words(kind), seed, effort, stop, found);
            }
        }
        for (Job dish : longest(problem)) {
            gain(beforehand(problem, dish), dish.dish() + " begun the evening before", seed, effort, stop, found);
        }
        List<Person> people = new ArrayList<>(problem.people());
        people.add(new Person("somebody else", List.of(new Window(0, DayProblem.NEVER))));
        gain(problem.with(people, problem.gear()), "another pair of hands", seed, effort, stop, found);
        found.sort(java.util.Comparator.comparing((Earlier one) -> -one.minutes()));
        return found;
    }

    /** Dishes with something that goes on by itself for hours outside the oven, which could be done overnight. */
    private static Collection<Job> longest(DayProblem problem) {
        Map<String, Job> first = new LinkedHashMap<>();
        problem.jobs().stream().filter(DayTimeline::overnight).forEach(job -> first.putIfAbsent(job.key(), job));
        return first.values();
    }

    private static boolean overnight(Job job) {
        return !job.hands()
                && !job.holds().contains(Kind.RACK)
                && !job.holds().isEmpty()
                && job.settings().get(0).minutes() >= OVERNIGHT;
    }

    /** As if a dish were done up to the end of its longest wait when the day begins. */
    private static DayProblem beforehand(DayProblem problem, Job dish) {
        List<Job> jobs = new ArrayList<>(problem.jobs());
        int last = -1;
        for (int job = 0; job < jobs.size(); job++) {
            last = jobs.get(job).sameDish(dish) && overnight(jobs.get(job)) ? job : last;
        }
        for (int job = 0; job <= last; job++) {
            Job one = jobs.get(job);
            if (one.sameDish(dish)) {
                jobs.set(job, Job.of(one.dish(), one.text(), 0, false).belonging(one.of()));
            }
        }
        return new DayProblem(jobs, problem.lags(), problem.people(), problem.gear());
    }

    private void gain(
            DayProblem other, String words, long seed, long effort, BooleanSupplier stop, List<Earlier> found) {
        DaySearch.of(other, seed, effort, stop).ifPresent(better -> {
            int minutes = plan.handsFree() - better.handsFree();
            if (minutes >= WORTH) {
                found.add(new Earlier(words, minutes));
            }
        });
    }

    private static String words(Kind kind) {
        return switch (kind) {
            case BURNER -> "another burner";
            case RACK -> "another oven rack";
            case SLOW_COOKER -> "another slow cooker";
            case PRESSURE_COOKER -> "another pressure cooker";
            case HOT_AIR -> "another hot-air drawer";
            case PAN -> "another pan";
            case GRIDDLE -> "another griddle";
            case SIEVE -> "another sieve";
            case POT -> "another large pot";
            case COOLING -> "more room to cool";
        };
    }
}
