package wexilla.core.cookday.running;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import wexilla.core.clock.DayCheck;
import wexilla.core.clock.DayPlan;
import wexilla.core.clock.DayProblem;
import wexilla.core.clock.DayProblem.Lag;
import wexilla.core.clock.DayProblem.Person;
import wexilla.core.clock.DayProblem.Window;
import wexilla.core.clock.DaySearch;
import wexilla.core.clock.DayWhy;
import wexilla.core.cookday.DayTasks;
import wexilla.core.quantity.Trade;

/**
 * The rest of a cook day, planned anew while it runs: what was begun stays, the rest keeps its order unless another one is
 * worth it, and what cannot be kept any more is told with its minutes. There is always a plan.
 *
 * @param told what cannot be kept any more and what to do, in the cook's words; empty when everything holds
 */
public record DayAgain(DayPlan plan, List<String> told) {

    /** Minutes another order has to win. */
    private static final int WORTH = Trade.whole("day.reorder-worth");

    private static final int[] LATER = {0, 5, 10, 20, 40, 80, 160, 320, DayProblem.NEVER};

    public DayAgain {
        told = List.copyOf(told);
    }

    /**
     * @param problem with what was begun, and when it is now
     * @param before the plan as it was; jobs at the same places
     * @param effort how many other orders are tried
     */
    public static DayAgain of(DayProblem problem, DayPlan before, long seed, long effort, BooleanSupplier stop) {
        Set<Integer> begun = problem.begunJobs();
        int[] starts = before.starts().stream().mapToInt(i -> i).toArray();
        problem.live().pins().forEach(pin -> starts[pin.job()] = pin.from());
        int[] people = before.people().stream().mapToInt(i -> i).toArray();
        int[] settings = new int[starts.length];
        for (int job = 0; job < starts.length; job++) {
            boolean own = begun.contains(job)
                    || before.settings().get(job)
                            >= problem.jobs().get(job).settings().size();
            settings[job] = own ? 0 : before.settings().get(job);
        }
        List<String> told = new ArrayList<>();
        for (DayProblem possible : List.of(problem, present(problem))) {
            for (int later : LATER) {
                DayProblem eased = eased(possible, later);
                Optional<DayPlan> kept = DaySearch.inOrder(eased, starts, people, settings);
                // another order may keep what this one cannot; once something is late anyway, the first that fits will
                // do
                boolean search = effort > 1 && (later == 0 && possible == problem || kept.isEmpty());
                Optional<DayPlan> other =
                        search ? DaySearch.of(eased, seed, later == 0 ? effort : FIRST, stop) : Optional.empty();
                Optional<DayPlan> found = kept.filter(same -> other.isEmpty() || !worth(same, other.orElseThrow()))
                        .or(() -> other);
                if (found.isPresent()) {
                    DayPlan plan = found.orElseThrow();
                    holds(plan);
                    if (possible != problem) {
                        longer(problem, plan, told);
                    }
                    late(problem, plan, told);
                    return new DayAgain(plan, told);
                }
            }
        }
        throw new IllegalStateException("what follows each other in a circle, or nobody and nothing to do it with");
    }

    private static final int FIRST = 50;

    private static void holds(DayPlan plan) {
        List<String> broken = DayCheck.broken(plan);
        if (!broken.isEmpty()) {
            throw new IllegalStateException("a plan that does not hold: " + broken);
        }
    }

    /** Another order is taken only where it frees the hands or ends the day by so much earlier. */
    private static boolean worth(DayPlan same, DayPlan other) {
        int hands = same.handsFree() - other.handsFree();
        int end = same.end() - other.end();
        return hands >= WORTH && end > -WORTH || hands >= 0 && end >= WORTH;
    }

    /** What must follow within a time may follow so much later. */
    private static DayProblem eased(DayProblem problem, int later) {
        return later == 0
                ? problem
                : problem.with(problem.lags().stream()
                        .map(lag -> lag.most() >= DayProblem.NEVER
                                ? lag
                                : new Lag(
                                        lag.from(),
                                        lag.to(),
                                        lag.least(),
                                        Math.min(DayProblem.NEVER, lag.most() + later)))
                        .toList());
    }

    /** As if everybody who is still there stayed as long as it takes; where nobody is left, as if all came back. */
    private static DayProblem present(DayProblem problem) {
        int now = problem.live().now();
        boolean anybody = problem.people().stream().anyMatch(person -> until(person) > now);
        List<Person> people = problem.people().stream()
                .map(person -> anybody && until(person) <= now ? person : staying(person, now))
                .toList();
        return problem.with(people, problem.gear());
    }

    private static int until(Person person) {
        return person.there().stream().mapToInt(Window::to).max().orElse(0);
    }

    private static Person staying(Person person, int now) {
        List<Window> there = new ArrayList<>(person.there());
        Window last = there.isEmpty() ? new Window(now, now) : there.remove(there.size() - 1);
        there.add(new Window(last.from(), DayProblem.NEVER));
        return new Person(person.name(), there);
    }

    /** Who is needed longer than she is there. */
    private static void longer(DayProblem problem, DayPlan plan, List<String> told) {
        for (int who = 0; who < problem.people().size(); who++) {
            Person person = problem.people().get(who);
            int until = until(person);
            int end = 0;
            for (int job = 0; job < plan.starts().size(); job++) {
                end = plan.people().get(job) == who ? Math.max(end, plan.end(job)) : end;
            }
            if (end > until) {
                told.add(person.name() + " is needed " + (end - until)
                        + " min longer than planned: leave a dish out, or let somebody help");
            }
        }
    }

    /** What follows later than it should, and what to do about it. */
    private static void late(DayProblem problem, DayPlan plan, List<String> told) {
        Set<Integer> begun = problem.begunJobs();
        for (Lag lag : problem.lags()) {
            int over = plan.start(lag.to()) - plan.end(lag.from()) - lag.most();
            if (over > 0 && !begun.contains(lag.to())) {
                told.add(words(plan, lag, over));
            }
        }
    }

    private static String words(DayPlan plan, Lag lag, int over) {
        String dish = plan.job(lag.to()).dish();
        String what = dish + ": “" + DayWhy.brief(plan.job(lag.to()).text()) + "” comes " + over
                + " min later than it should";
        if (lag.most() >= DayTasks.INTO_COLD - DayTasks.COOL) {
            return what + "; into the cold within " + DayTasks.INTO_COLD
                    + " min of the heat: lay it out shallow or in an ice bath now, or heat it to the boil again";
        }
        boolean held = !plan.job(lag.from()).holds().isEmpty();
        return what
                + (held
                        ? ": turn “" + DayWhy.brief(plan.job(lag.from()).text()) + "” low, or take it off and cover it"
                        : "");
    }
}
