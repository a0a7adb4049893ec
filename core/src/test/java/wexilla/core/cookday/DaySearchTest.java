package wexilla.core.cookday;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class DaySearchTest {

    @Test
    void measured() {
        double[] sum = new double[3];
        double[] worst = new double[3];
        int n = 0;
        for (int seed = 1; seed <= 16; seed++) {
            DayProblem problem = CookDays.of(seed, 4 + seed % 12);
            long[] limit = {50, 300, 1000};
            long t0 = System.nanoTime();
            DayPlan first = DaySearch.of(problem, 1, 1, () -> false).orElseThrow();
            long firstMs = (System.nanoTime() - t0) / 1000_000;
            ProvenDay.Proven proven = ProvenDay.of(problem, first.end() + 200, 15);
            StringBuilder line =
                    new StringBuilder("seed " + seed + " jobs " + problem.jobs().size() + " first " + firstMs + " ms "
                            + first.handsFree() + "/" + first.end() + " proven " + proven);
            for (int k = 0; k < 3; k++) {
                long until = System.nanoTime() + limit[k] * 1_000_000;
                DayPlan plan = DaySearch.of(problem, 1, 1_000_000_000, () -> System.nanoTime() > until)
                        .orElseThrow();
                assertThat(DayCheck.broken(plan)).isEmpty();
                double gap = 100.0 * (plan.handsFree() - proven.free()) / proven.free();
                double gap2 =
                        plan.handsFree() == proven.free() ? 100.0 * (plan.end() - proven.end()) / proven.end() : 0;
                sum[k] += gap;
                worst[k] = Math.max(worst[k], gap);
                line.append(String.format(" | %d: %.2f%% (%.2f%%)", limit[k], gap, gap2));
            }
            n++;
            System.out.println(line);
        }
        for (int k = 0; k < 3; k++) {
            System.out.printf("mean %.2f worst %.2f%n", sum[k] / n, worst[k]);
        }
    }
}
