package wexilla.core.clock;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import wexilla.core.cookday.CookDays;
import wexilla.core.cookday.running.DayRun;

/**
 * Forty cook days of 19 to 77 jobs against what CP-SAT proves or finds in its time: {@code ./wexilla bench cookday}. No test
 * of every build, since it looks at the clock.
 */
class CookDayMeasured {

    private static final long[] LIMITS = {50, 300, 1000};
    private static final int DAYS = 40;
    private static final double SECONDS = 8;

    @Test
    void gapsToTheOracle() {
        warmUp();
        double[][] gaps = new double[LIMITS.length][DAYS];
        int proven = 0;
        int compared = 0;
        int waited = 0;
        double waits = 0;
        double ends = 0;
        long slowestFirst = 0;
        for (int day = 0; day < DAYS; day++) {
            DayProblem problem = CookDays.of(day + 1, 4 + (day + 1) % 12);
            long begun = System.nanoTime();
            DaySearch.of(problem, 1, 1, () -> false).orElseThrow();
            slowestFirst = Math.max(slowestFirst, System.nanoTime() - begun);
            int[] free = new int[LIMITS.length];
            int end = 0;
            int alone = 0;
            for (int i = 0; i < LIMITS.length; i++) {
                long until = System.nanoTime() + LIMITS[i] * 1_000_000;
                DayPlan plan = DaySearch.of(problem, 1, Long.MAX_VALUE, () -> System.nanoTime() > until)
                        .orElseThrow();
                assertThat(DayCheck.broken(plan)).isEmpty();
                free[i] = plan.handsFree();
                end = plan.end();
                alone = plan.longWaits();
            }
            ProvenDay.Proven oracle = ProvenDay.of(problem, free[free.length - 1] + 200, SECONDS);
            proven += oracle.optimal() ? 1 : 0;
            if (oracle.optimal() && free[free.length - 1] <= oracle.free()) {
                // the second goal, where the first is the proven best
                compared++;
                ends += 100.0 * (end - oracle.end()) / oracle.end();
            }
            if (oracle.waits() > 0 && free[free.length - 1] <= oracle.free() && end <= oracle.end()) {
                // and the third, where both are
                waited++;
                waits += 100.0 * (alone - oracle.waits()) / oracle.waits();
            }
            int best = Math.min(oracle.free(), free[free.length - 1]);
            StringBuilder line = new StringBuilder(String.format(
                    "day %d, %d jobs, best %d%s:",
                    day + 1, problem.jobs().size(), best, oracle.optimal() ? " proven" : ""));
            for (int i = 0; i < LIMITS.length; i++) {
                gaps[i][day] = 100.0 * (free[i] - best) / best;
                line.append(String.format(" %.1f", gaps[i][day]));
            }
            System.out.println(line);
        }
        System.out.printf("proven %d of %d; slowest first plan %d ms%n", proven, DAYS, slowestFirst / 1_000_000);
        System.out.printf(
                "the end of everything on %d days with the proven end of hands: mean gap %.2f %%%n",
                compared, ends / Math.max(1, compared));
        System.out.printf(
                "long waits early on %d days with both ends proven: mean gap %.2f %%%n",
                waited, waits / Math.max(1, waited));
        for (int i = 0; i < LIMITS.length; i++) {
            System.out.printf(
                    "%d ms: mean gap %.2f %%, worst %.1f %%%n",
                    LIMITS[i],
                    Arrays.stream(gaps[i]).average().orElse(0),
                    Arrays.stream(gaps[i]).max().orElse(0));
        }
        assertThat(Arrays.stream(gaps[1]).average().orElse(0)).isLessThanOrEqualTo(2.5);
        assertThat(Arrays.stream(gaps[2]).average().orElse(0)).isLessThanOrEqualTo(1.2);
        assertThat(Arrays.stream(gaps[2]).max().orElse(0)).isLessThanOrEqualTo(8);
    }

    /** How long the rest of a day takes to be planned anew, at ten minutes of each of forty days, five minutes late. */
    @Test
    void planningAnew() {
        warmUp();
        List<Long> took = new ArrayList<>();
        for (int day = 0; day < DAYS; day++) {
            DayRun run = DayRun.of(DaySearch.of(CookDays.of(day + 1, 4 + (day + 1) % 12), 1, 500, () -> false)
                    .orElseThrow());
            for (int act = 0; act < 20 && !run.over(); act++) {
                DayRun now = run;
                int next = IntStream.range(0, run.tasks().size())
                        .filter(job -> !now.tasks().get(job).over())
                        .boxed()
                        .min(Comparator.comparing(job -> now.tasks().get(job).end()))
                        .orElseThrow();
                long begun = System.nanoTime();
                run = run.done(next, run.tasks().get(next).end() + 5);
                took.add((System.nanoTime() - begun) / 1_000_000);
            }
        }
        took.sort(null);
        System.out.printf(
                "planned anew %d times: median %d ms, p95 %d ms, slowest %d ms%n",
                took.size(), took.get(took.size() / 2), took.get(took.size() * 95 / 100), took.get(took.size() - 1));
    }

    private static void warmUp() {
        for (int i = 0; i < 3; i++) {
            long until = System.nanoTime() + 1_000_000_000;
            DaySearch.of(CookDays.of(90 + i, 12), 1, Long.MAX_VALUE, () -> System.nanoTime() > until);
        }
    }
}
