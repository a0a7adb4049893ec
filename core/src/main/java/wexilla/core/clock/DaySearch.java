package wexilla.core.clock;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;

/**
 * Finds a plan for a cook day: a first one by priority, then better ones by moving groups of jobs in the order they are
 * placed, changing oven settings, and pushing everything to the right and back to the left. The same seed and effort give
 * the same plan; a clock only cuts off.
 *
 * <p>Source: forward-backward justification, V. Valls, F. Ballestín and S. Quintanilla, 2005 (from memory).
 */
public final class DaySearch {

    /** How much the goals weigh in the walk; what is kept is compared goal by goal. */
    private static final long FREE = 1_000;

    private static final long END = 40;
    private static final int FIRST_TRIES = 200;
    private static final int LIVE_TRIES = 20;
    private static final int ROUND = 3_000;
    private static final int JUSTIFY = 8;
    private static final double HEAT = 6;

    private final DayProblem problem;
    private final Board forward;
    private final Board back;
    private final Random random;
    private final Moves moves;
    private final boolean live;
    private final BooleanSupplier stop;
    private long spent;
    private final long effort;

    private int[] bestOrder;
    private int[] bestSetting;
    private long[] bestGoals;

    private DaySearch(DayProblem problem, long seed, long effort, BooleanSupplier stop) {
        this.problem = problem;
        int[][] groups = Groups.of(problem);
        this.forward = new Board(problem, false, groups);
        this.back = new Board(problem, true, groups);
        this.random = new Random(seed);
        this.moves = new Moves(random, forward.of);
        this.live = problem.live().now() > 0 || !problem.live().begun().isEmpty();
        this.effort = effort;
        this.stop = stop;
        this.bestOrder = Rules.order(0, problem, forward);
        this.bestSetting = new int[problem.jobs().size()];
        this.bestGoals = new long[] {Long.MAX_VALUE};
    }

    /**
     * The best plan found.
     *
     * @param effort how many plans are tried, at least one
     * @param stop says that the time is over; asked between two plans
     * @return empty where nothing fits: nobody is there long enough, something it needs is missing, or what must follow
     *     each other within a time cannot
     */
    public static Optional<DayPlan> of(DayProblem problem, long seed, long effort, BooleanSupplier stop) {
        return problem.jobs().isEmpty()
                ? Optional.of(new DayPlan(problem, List.of(), List.of(), List.of(), List.of()))
                : new DaySearch(problem, seed, effort, stop).run();
    }

    /**
     * The rest of a day in the order it had: what moves is moved by the clock alone.
     *
     * @param starts of each job as planned before, {@code people} who was to do it, {@code settings} of the oven
     * @return empty where the rest does not fit in this order
     */
    public static Optional<DayPlan> inOrder(DayProblem problem, int[] starts, int[] people, int[] settings) {
        DaySearch search = new DaySearch(problem, 1, 1, () -> false);
        System.arraycopy(people, 0, search.forward.usual, 0, people.length);
        int[] order = search.bestOrder.clone();
        Moves.sort(
                order,
                group -> Arrays.stream(search.forward.groups[group])
                        .map(job -> starts[job])
                        .min()
                        .orElse(0));
        long[] goals = search.evaluate(order, settings.clone());
        if (goals.length > 1) {
            search.keep(order, search.forward.setting.clone(), goals);
        }
        return goals.length == 1 ? Optional.empty() : Optional.of(search.plan());
    }

    private Optional<DayPlan> run() {
        int n = forward.groups.length;
        for (int rule = 0; rule < 4 && open(); rule++) {
            tryOut(Rules.order(rule, problem, forward), new int[forward.jobs]);
        }
        for (int i = 0; i < 12 && open(); i++) {
            tryOut(Rules.shuffled(n, random), moves.settings());
        }
        // a first plan is worth more than the effort that was asked for
        for (int i = 0;
                i < (live ? LIVE_TRIES : FIRST_TRIES) && bestGoals.length == 1 && (i == 0 || !stop.getAsBoolean());
                i++) {
            tryOut(Rules.shuffled(n, random), moves.settings());
        }
        if (bestGoals.length > 1 && n > 0) {
            walk();
            asWritten();
        }
        return bestGoals.length == 1 ? Optional.empty() : Optional.of(plan());
    }

    private boolean open() {
        return spent < effort && !stop.getAsBoolean();
    }

    /** Walks from the best on in rounds, each warm at first and cold at its end; every other round starts anew. */
    private void walk() {
        for (int round = 0; open(); round++) {
            int[] order = bestOrder.clone();
            int[] setting = bestSetting.clone();
            double here = weight(bestGoals);
            for (int i = 0; i < ROUND && open(); i++) {
                int[] nextOrder = order.clone();
                int[] nextSetting = setting.clone();
                int many = 1 + random.nextInt(2);
                for (int k = 0; k < many; k++) {
                    moves.move(nextOrder, nextSetting);
                }
                long[] goals = random.nextInt(JUSTIFY) == 0
                        ? justified(nextOrder, nextSetting)
                        : evaluate(nextOrder, nextSetting);
                if (goals.length == 1) {
                    continue;
                }
                double there = weight(goals);
                double cold = 1 - (double) i / ROUND;
                double heat = HEAT * FREE * cold * cold + 1;
                if (there <= here || random.nextDouble() < Math.exp((here - there) / heat)) {
                    order = nextOrder;
                    setting = nextSetting;
                    here = there;
                }
                keep(nextOrder, nextSetting, goals);
            }
        }
    }

    /** An oven that need not be shared is set as the recipe says. */
    private void asWritten() {
        for (int job = 0; job < forward.jobs; job++) {
            if (bestSetting[job] > 0) {
                int[] setting = bestSetting.clone();
                setting[job] = 0;
                long[] goals = evaluate(bestOrder, setting);
                if (goals.length > 1 && Arrays.compare(goals, bestGoals) <= 0) {
                    bestSetting = setting;
                    bestGoals = goals;
                }
            }
        }
    }

    private double weight(long[] goals) {
        return FREE * goals[0]
                + END * goals[1]
                + (double) goals[2] / problem.jobs().size()
                + 5 * goals[3];
    }

    private void tryOut(int[] order, int[] setting) {
        long[] goals = justified(order, setting);
        if (goals.length > 1) {
            keep(order, setting, goals);
        }
    }

    /** Placed, pushed to the right, and back to the left, as long as that helps; the order becomes that of the clock. */
    private long[] justified(int[] order, int[] setting) {
        long[] goals = evaluate(order, setting);
        // what was begun cannot be pushed
        for (int i = 0; i < 3 && goals.length > 1 && !live; i++) {
            // goals are those of this order: what is tried on the way is a copy
            int[] clock = order.clone();
            Moves.sort(clock, group -> first(group));
            int[] right = clock.clone();
            Moves.sort(right, group -> -last(group));
            spent++;
            if (!back.place(right, setting, (int) goals[1])) {
                return goals;
            }
            int[] left = clock.clone();
            byBack(left, (int) goals[1]);
            long[] again = evaluate(left, setting);
            if (again.length == 1 || Arrays.compare(again, goals) >= 0) {
                return goals;
            }
            System.arraycopy(left, 0, order, 0, order.length);
            goals = again;
        }
        return goals;
    }

    /** When the first job of a group begins. */
    private int first(int group) {
        int time = Integer.MAX_VALUE;
        for (int job : forward.groups[group]) {
            time = Math.min(time, forward.start[job]);
        }
        return time;
    }

    /** When the last job of a group ends. */
    private int last(int group) {
        int time = 0;
        for (int job : forward.groups[group]) {
            time = Math.max(time, forward.end(job));
        }
        return time;
    }

    private void byBack(int[] order, int horizon) {
        Moves.sort(order, group -> {
            int time = Integer.MAX_VALUE;
            for (int job : back.groups[group]) {
                time = Math.min(time, horizon - back.end(job));
            }
            return time;
        });
    }

    private long[] evaluate(int[] order, int[] setting) {
        do {
            spent++;
            if (!forward.place(order, setting, 0)) {
                return new long[] {Long.MAX_VALUE};
            }
        } while (!forward.busy.sharedOnly(forward, setting));
        long free = 0;
        long end = 0;
        long waits = 0;
        for (int job = 0; job < forward.jobs; job++) {
            end = Math.max(end, forward.end(job));
            if (forward.of.hasHands(job)) {
                free = Math.max(free, forward.end(job));
            } else if (forward.of.shortest(job) >= DayProblem.LONG) {
                waits += forward.start[job];
            }
        }
        return new long[] {free, end, waits, forward.smallGaps()};
    }

    private boolean keep(int[] order, int[] setting, long[] goals) {
        if (bestGoals.length > 1 && Arrays.compare(goals, bestGoals) >= 0) {
            return false;
        }
        bestOrder = order.clone();
        bestSetting = setting.clone();
        bestGoals = goals;
        return true;
    }

    private DayPlan plan() {
        forward.place(bestOrder, bestSetting, 0);
        List<List<Integer>> gear = new ArrayList<>();
        for (int job = 0; job < forward.jobs; job++) {
            gear.add(forward.gear(job));
        }
        return new DayPlan(
                problem,
                Arrays.stream(forward.start).boxed().toList(),
                Arrays.stream(forward.setting).boxed().toList(),
                IntStream.range(0, forward.jobs).map(forward::person).boxed().toList(),
                gear);
    }
}
