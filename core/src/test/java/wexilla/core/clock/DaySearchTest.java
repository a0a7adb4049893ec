package wexilla.core.clock;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wexilla.core.clock.DayProblem.Job;
import wexilla.core.clock.DayProblem.Kind;
import wexilla.core.clock.DayProblem.Lag;
import wexilla.core.clock.DayProblem.Person;
import wexilla.core.clock.DayProblem.Window;
import wexilla.core.cookday.CookDays;
import wexilla.core.cookday.DayTimeline;
import wexilla.core.cookday.KitchenGear;

/** The plan of a cook day: it always holds, is the same for a seed and an effort, and as good as a solver proves it can be. */
class DaySearchTest {

    private static final List<Person> ONE = List.of(new Person("Nora", List.of(new Window(0, 2000))));

    /** Forty days of 10 to 80 jobs: every plan is looked over by a checker that knows nothing of the search. */
    @Test
    void everyPlanHolds() {
        for (int seed = 1; seed <= 40; seed++) {
            DayProblem problem = CookDays.of(seed, 2 + seed % 14);
            DayPlan first = DaySearch.of(problem, 1, 1, () -> false).orElseThrow();
            DayPlan plan = DaySearch.of(problem, 1, 400, () -> false).orElseThrow();
            assertThat(DayCheck.broken(first)).isEmpty();
            assertThat(DayCheck.broken(plan)).isEmpty();
            assertThat(first.better(plan)).isFalse();
            DayPlan longer = DaySearch.of(problem, 1, 1_600, () -> false).orElseThrow();
            assertThat(plan.handsFree()).as("more effort is never worse").isGreaterThanOrEqualTo(longer.handsFree());
            assertThat(plan.end()).isGreaterThanOrEqualTo(DayTimeline.least(problem));
            assertThat(DaySearch.of(problem, 1, 400, () -> false).orElseThrow().starts())
                    .as("the same question, the same answer")
                    .isEqualTo(plan.starts());
        }
    }

    /** CP-SAT of OR-Tools proves the earliest end of hands, and then of everything: ours is the same on small days. */
    @ParameterizedTest
    @ValueSource(ints = {3, 12, 25, 36, 48})
    void smallDaysAreProven(int seed) {
        DayProblem problem = CookDays.of(seed, 3);
        DayPlan plan = DaySearch.of(problem, 1, 20_000, () -> false).orElseThrow();
        ProvenDay.Proven proven = ProvenDay.of(problem, plan.end() + 60, 20);
        assertThat(proven.optimal()).isTrue();
        assertThat(plan.handsFree()).isEqualTo(proven.free());
        assertThat(plan.end()).isEqualTo(proven.end());
    }

    /** Pots of hands and then a time alone: no order of them ends earlier, all tried one by one. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void noOtherOrderEndsEarlier(long seed) {
        Random random = new Random(seed);
        List<Job> jobs = new ArrayList<>();
        List<Lag> lags = new ArrayList<>();
        List<int[]> pots = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            int[] pot = {1 + random.nextInt(40), random.nextInt(120)};
            pots.add(pot);
            jobs.add(Job.of("pot " + i, "do", pot[0], true));
            jobs.add(Job.of("pot " + i, "wait", pot[1], false));
            lags.add(new Lag(2 * i, 2 * i + 1, 0, 0));
        }
        DayProblem problem = new DayProblem(jobs, lags, ONE, List.of());
        DayPlan plan = DaySearch.of(problem, 1, 2_000, () -> false).orElseThrow();
        assertThat(plan.handsFree())
                .isEqualTo(pots.stream().mapToInt(pot -> pot[0]).sum());
        assertThat(plan.end()).isEqualTo(earliest(pots, 0));
    }

    private static int earliest(List<int[]> left, int from) {
        return left.stream()
                .mapToInt(first -> {
                    List<int[]> others = new ArrayList<>(left);
                    others.remove(first);
                    int end = from + first[0] + first[1];
                    return others.isEmpty() ? end : Math.max(end, earliest(others, from + first[0]));
                })
                .min()
                .orElse(from);
    }

    /** Two dishes in the one slow cooker stand one after the other; the hands of both come first. */
    @Test
    void oneThingIsInOnePlace() {
        DayProblem problem = new DayProblem(
                List.of(
                        Job.of("chilli", "cut", 10, true),
                        Job.of("chilli", "slow cook", 240, false, Kind.SLOW_COOKER),
                        Job.of("beans", "cut", 5, true),
                        Job.of("beans", "slow cook", 180, false, Kind.SLOW_COOKER)),
                List.of(new Lag(0, 1, 0, DayProblem.NEVER), new Lag(2, 3, 0, DayProblem.NEVER)),
                ONE,
                KitchenGear.of(List.of("slow cooker, 5.7 l")));
        DayPlan plan = DaySearch.of(problem, 1, 200, () -> false).orElseThrow();
        assertThat(plan.handsFree()).isEqualTo(15);
        assertThat(plan.end()).isEqualTo(5 + 180 + DayProblem.LOAD + 240);
    }

    /** What is begun too late to be drained in time is moved; where nobody is there for it, nothing fits. */
    @Test
    void whatMustFollowMovesWhatItFollows() {
        List<Job> jobs = List.of(
                Job.of("pasta", "boil", 12, false, Kind.BURNER),
                Job.of("pasta", "drain", 2, true),
                Job.of("bread", "knead", 30, true));
        List<Lag> lags = List.of(new Lag(0, 1, 0, 0));
        DayProblem problem = new DayProblem(jobs, lags, ONE, KitchenGear.of(List.of("burner")));
        DayPlan plan = DaySearch.of(problem, 1, 200, () -> false).orElseThrow();
        assertThat(DayCheck.broken(plan)).isEmpty();
        // the bread is kneaded while it boils, and the pan is drained the minute it is done
        assertThat(plan.handsFree()).isEqualTo(30 + 2);
        DayProblem nobody = new DayProblem(
                jobs, lags, List.of(new Person("Nora", List.of(new Window(0, 20)))), KitchenGear.of(List.of("burner")));
        assertThat(DaySearch.of(nobody, 1, 200, () -> false)).isEmpty();
    }

    /** The checker sees what is wrong: a person at two things, a cooker twice, an oven at two settings, a lag too long. */
    @Test
    void theCheckerSees() {
        DayProblem problem = new DayProblem(
                List.of(
                        new Job("a", "roast", false, List.of(Kind.RACK), List.of(new DayProblem.Setting(180, 60))),
                        new Job("b", "roast", false, List.of(Kind.RACK), List.of(new DayProblem.Setting(220, 60))),
                        Job.of("c", "stir", 10, true),
                        Job.of("d", "cut", 10, true)),
                List.of(new Lag(0, 2, 0, 5)),
                ONE,
                KitchenGear.of(List.of("oven, 2 racks")));
        DayPlan plan = new DayPlan(
                problem,
                List.of(20, 50, 90, 95),
                List.of(0, 0, 0, 0),
                List.of(-1, -1, 0, 0),
                List.of(List.of(0), List.of(1), List.of(), List.of()));
        assertThat(DayCheck.broken(plan))
                .hasSize(3)
                .anyMatch(words -> words.contains("10 min after the end"))
                .anyMatch(words -> words.contains("180 and at 220"))
                .anyMatch(words -> words.contains("Nora is at"));
    }
}
