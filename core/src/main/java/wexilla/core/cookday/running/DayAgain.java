package wexilla.core.cookday.running;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import wexilla.core.clock.DayCheck;
import wexilla.core.clock.DayPlan;
import wexilla.core.clock.DayProblem;
import wexilla.core.clock.DaySearch;
import wexilla.core.cookday.Leeway;
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
        for (DayProblem possible : List.of(problem, Leeway.present(problem))) {
            for (int later : Leeway.LATER) {
                DayProblem eased = Leeway.eased(possible, later);
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
                    return new DayAgain(plan, Leeway.told(problem, plan));
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
}
