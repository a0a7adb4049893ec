package wexilla.core.cookday;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.BooleanSupplier;
import java.util.function.IntUnaryOperator;
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
    private static final int ROUND = 3_000;
    private static final int JUSTIFY = 8;
    private static final double HEAT = 6;

    private final DayProblem problem;
    private final DayBoard forward;
    private final DayBoard back;
    private final Random random;
    private final BooleanSupplier stop;
    private long spent;
    private final long effort;

    private int[] bestOrder;
    private int[] bestSetting;
    private long[] bestGoals;

    private DaySearch(DayProblem problem, long seed, long effort, BooleanSupplier stop) {
        this.problem = problem;
        int[][] groups = DayGroups.of(problem);
        this.forward = new DayBoard(problem, false, groups);
        this.back = new DayBoard(problem, true, groups);
        this.random = new Random(seed);
        this.effort = effort;
        this.stop = stop;
        this.bestOrder = IntStream.range(0, groups.length).toArray();
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

    private Optional<DayPlan> run() {
        int n = forward.groups.length;
        for (int rule = 0; rule < 4 && open(); rule++) {
            tryOut(DayRules.order(rule, problem, forward), new int[forward.jobs]);
        }
        for (int i = 0; i < 12 && open(); i++) {
            tryOut(DayRules.shuffled(n, random), randomSettings());
        }
        // a first plan is worth more than the effort that was asked for
        for (int i = 0; i < FIRST_TRIES && bestGoals.length == 1; i++) {
            tryOut(DayRules.shuffled(n, random), randomSettings());
        }
        if (bestGoals.length > 1) {
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
                int moves = 1 + random.nextInt(2);
                for (int k = 0; k < moves; k++) {
                    move(nextOrder, nextSetting);
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

    private void move(int[] order, int[] setting) {
        int n = order.length;
        int kind = random.nextInt(10);
        if (kind == 0) {
            int job = random.nextInt(setting.length);
            for (int i = 0; i < setting.length; i++, job = (job + 1) % setting.length) {
                if (forward.of.choices(job) > 1) {
                    setting[job] = random.nextInt(forward.of.choices(job));
                    return;
                }
            }
        }
        int a = random.nextInt(n);
        int b = kind < 5 ? random.nextInt(n) : Math.max(0, Math.min(n - 1, a + random.nextInt(9) - 4));
        if (kind < 3) {
            int swapped = order[a];
            order[a] = order[b];
            order[b] = swapped;
            return;
        }
        int moved = order[a];
        if (a < b) {
            System.arraycopy(order, a + 1, order, a, b - a);
        } else {
            System.arraycopy(order, b, order, b + 1, a - b);
        }
        order[b] = moved;
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
        for (int i = 0; i < 3 && goals.length > 1; i++) {
            // goals are those of this order: what is tried on the way is a copy
            int[] clock = order.clone();
            sort(clock, group -> first(group));
            int[] right = clock.clone();
            sort(right, group -> -last(group));
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
        sort(order, group -> {
            int time = Integer.MAX_VALUE;
            for (int job : back.groups[group]) {
                time = Math.min(time, horizon - back.end(job));
            }
            return time;
        });
    }

    private static void sort(int[] order, IntUnaryOperator by) {
        long[] keyed = new long[order.length];
        for (int i = 0; i < order.length; i++) {
            keyed[i] = ((long) by.applyAsInt(order[i]) << 32) + (((long) i) << 16) + order[i];
        }
        Arrays.sort(keyed);
        for (int i = 0; i < order.length; i++) {
            order[i] = (int) (keyed[i] & 0xFFFF);
        }
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

    private int[] randomSettings() {
        int[] setting = new int[forward.jobs];
        for (int job = 0; job < setting.length; job++) {
            setting[job] = forward.of.choices(job) > 1 ? random.nextInt(forward.of.choices(job)) : 0;
        }
        return setting;
    }
}
