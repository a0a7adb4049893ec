package wexilla.core.menu.search;

import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import wexilla.core.menu.MenuProblem;
import wexilla.core.menu.MenuProblem.Choice;
import wexilla.core.menu.MenuScore;

/**
 * Finds a plan: a first one meal by meal, then better ones by simulated annealing over what is eaten at each meal, cooked
 * when or from what; the size of a cooking follows from the meals that eat of it. The same seed and effort give the same
 * plan; a clock only cuts off.
 *
 * <p>Source: S. Kirkpatrick, C. D. Gelatt and M. P. Vecchi, Optimization by Simulated Annealing, 1983 (from memory).
 */
public final class MenuSearch {

    /** Steps that give a good plan of four weeks of dinners, and the best that is worth waiting for. */
    public static final long GOOD = 600_000;

    public static final long BEST = 4_000_000;

    /** Steps that tell whether wishes can be had together. */
    public static final long CLASH = 60_000;

    /** Steps that give a good plan of so many days: a fortnight of dinners needs half of what four weeks do. */
    public static long good(int days) {
        return Math.min(GOOD, Math.max(GOOD / 4, GOOD * days / 28));
    }

    /** Between how much worse a step may be at first and in the end, in what counts against a plan. */
    private static final double HOT = 500_000;

    private static final double COLD = 1_500;
    /** What share of its weight a broken rule has at first: it grows to all of it, so that the way past one is found while it is hot. */
    private static final double SOFT = 5e-6;

    private static final int LOOK = 512;
    private static final long FIRST_ROUND = 60_000;

    /** Told how far the search is; says whether it is to end. */
    @FunctionalInterface
    public interface Watch {
        /** @param spent steps of the effort; @param total of the best plan so far */
        boolean ends(long spent, long total);
    }

    /**
     * @param choices one for each meal
     * @param cutOff whether the watch ended it before its effort was spent
     */
    public record Found(List<Choice> choices, MenuScore score, long spent, boolean cutOff) {}

    private final Tables tables;
    private final State state;
    private final Moves moves;
    private final SplittableRandom random;
    private final int[] openMeals;
    private int[] best;
    private long bestTotal;

    private MenuSearch(MenuProblem problem, long seed) {
        tables = new Tables(problem);
        state = new State(tables);
        random = new SplittableRandom(seed);
        openMeals =
                IntStream.range(0, tables.meals).filter(at -> tables.open[at]).toArray();
        moves = new Moves(tables, state, random, openMeals);
        best = state.chosen();
        bestTotal = state.total();
    }

    /** @param effort how many steps are tried after the first plan; none gives the first plan */
    public static Found of(MenuProblem problem, long seed, long effort, Watch watch) {
        MenuSearch search = new MenuSearch(problem, seed);
        search.first();
        boolean cutOff = watch.ends(0, search.bestTotal);
        long spent = 0;
        if (!cutOff && search.openMeals.length > 0) {
            spent = search.anneal(effort, watch);
            cutOff = spent < effort;
        }
        List<Choice> choices = search.tables.choices(search.best);
        return new Found(choices, MenuScore.of(problem, choices), spent, cutOff);
    }

    /** What stands where it is better, else what is best at each meal with those before it. */
    private void first() {
        for (int at : openMeals) {
            takeBest(at, moves.candidates(at));
        }
        remember();
        int[] greedy = state.chosen();
        for (int at : openMeals) {
            if (tables.stands[at] != 0) {
                state.set(at, tables.stands[at]);
            }
        }
        if (state.settle() < bestTotal) {
            state.keep();
            remember();
        } else {
            state.undo();
            best = greedy;
        }
    }

    private void takeBest(int at, int[] candidates) {
        int bestCode = state.chosen(at);
        long least = state.total();
        for (int code : candidates) {
            state.set(at, code);
            long total = state.settle();
            if (total < least) {
                least = total;
                bestCode = code;
            }
            state.undo();
        }
        state.set(at, bestCode);
        state.settle();
        state.keep();
    }

    private void remember() {
        if (state.total() < bestTotal) {
            bestTotal = state.total();
            best = state.chosen();
        }
    }

    /** First all that gives a good plan, then on from there: a longer search never says less than a shorter one. */
    private long anneal(long effort, Watch watch) {
        long good = Math.min(effort, good(tables.days));
        long spent = rounds(0, good, FIRST_ROUND, watch);
        if (spent < good || good == effort) {
            return spent;
        }
        return rounds(good, effort, good, watch);
    }

    /**
     * In rounds, each twice as long as the one before: whenever it is cut off, a whole round stands.
     *
     * @param begun steps that are spent already, {@code first} those of the first round
     */
    private long rounds(long begun, long effort, long first, Watch watch) {
        long spent = begun;
        for (long round = first; spent < effort; round *= 2) {
            // what would be left is too short for a round of its own
            long steps = effort - spent < 3 * round ? effort - spent : round;
            long done = cool(spent, steps, watch);
            spent += done;
            if (done < steps) {
                break;
            }
            goTo(best);
        }
        return spent;
    }

    private void goTo(int[] chosen) {
        for (int at : openMeals) {
            state.set(at, chosen[at]);
        }
        state.settle();
        state.keep();
    }

    private long cool(long spent, long steps, Watch watch) {
        double heat = HOT;
        double soft = SOFT;
        double current = state.softened(soft);
        for (long step = 0; step < steps; step++) {
            if (step % LOOK == 0) {
                if (step > 0 && watch.ends(spent + step, bestTotal)) {
                    return step;
                }
                heat = HOT * Math.pow(COLD / HOT, (double) step / steps);
                soft = SOFT * Math.pow(1 / SOFT, (double) step / steps);
                current = state.softened(soft);
            }
            if (!moves.tryOne()) {
                continue;
            }
            state.settle();
            double total = state.softened(soft);
            double worse = total - current;
            if (worse <= 0 || random.nextDouble() < Math.exp(-worse / heat)) {
                state.keep();
                current = total;
                remember();
            } else {
                state.undo();
            }
        }
        return steps;
    }
}
