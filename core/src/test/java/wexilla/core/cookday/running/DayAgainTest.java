package wexilla.core.cookday.running;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import wexilla.core.clock.DayPlan;
import wexilla.core.clock.DayProblem;
import wexilla.core.clock.DayProblem.Begun;
import wexilla.core.clock.DayProblem.Gear;
import wexilla.core.clock.DayProblem.Job;
import wexilla.core.clock.DayProblem.Kind;
import wexilla.core.clock.DayProblem.Lag;
import wexilla.core.clock.DayProblem.Live;
import wexilla.core.clock.DayProblem.Person;
import wexilla.core.clock.DayProblem.Window;
import wexilla.core.clock.DaySearch;
import wexilla.core.cookday.CookDays;
import wexilla.core.cookday.KitchenGear;

/** A day that does not go as planned: the past stays, the rest is planned anew, and there is always a plan. */
class DayAgainTest {

    private static final List<Person> NORA = List.of(new Person("Nora", List.of(new Window(0, 2000))));

    /** What had begun by a minute as planned, the running ones so much longer; everything else is to come. */
    private static DayProblem at(DayPlan plan, int now, int later) {
        List<Begun> begun = new ArrayList<>();
        List<Job> jobs = new ArrayList<>(plan.problem().jobs());
        for (int job = 0; job < plan.starts().size(); job++) {
            if (plan.start(job) < now) {
                int end = plan.end(job) > now ? plan.end(job) + later : plan.end(job);
                begun.add(new Begun(
                        job,
                        plan.start(job),
                        end,
                        plan.people().get(job),
                        plan.gear().get(job)));
                int celsius =
                        plan.job(job).settings().get(plan.settings().get(job)).celsius();
                jobs.set(job, plan.job(job).lasting(List.of(new DayProblem.Setting(celsius, end - plan.start(job)))));
            }
        }
        return new DayProblem(
                jobs,
                plan.problem().lags(),
                plan.problem().people(),
                plan.problem().gear(),
                new Live(now, begun, List.of()));
    }

    private static DayAgain again(DayProblem problem, DayPlan before) {
        return DayAgain.of(problem, before, 1, 200, () -> false);
    }

    /** Forty days at a minute of their own: on time nothing moves; late, with a burner that fails or a cook that goes, all holds. */
    @Test
    void thePastStaysAndTheRestHolds() {
        for (int seed = 1; seed <= 40; seed++) {
            DayPlan plan = DaySearch.of(CookDays.of(seed, 2 + seed % 12), 1, 300, () -> false)
                    .orElseThrow();
            Random random = new Random(seed);
            int now = 1 + random.nextInt(Math.max(1, plan.end() - 1));
            DayAgain onTime = again(at(plan, now, 0), plan);
            assertThat(onTime.told()).as("seed %s", seed).isEmpty();
            assertThat(onTime.plan().handsFree()).isLessThanOrEqualTo(plan.handsFree());
            DayProblem late = at(plan, now, 25);
            List<Gear> gear = new ArrayList<>(late.gear());
            gear.set(random.nextInt(4), gear.get(0).failed());
            List<Person> gone = late.people().stream()
                    .map(person ->
                            new Person(person.name(), List.of(new Window(0, now), new Window(now + 20, now + 90))))
                    .toList();
            DayAgain hard = again(new DayProblem(late.jobs(), late.lags(), gone, gear, late.live()), plan);
            for (Begun one : late.live().begun()) {
                assertThat(hard.plan().start(one.job())).isEqualTo(one.start());
                assertThat(hard.plan().end(one.job())).isEqualTo(one.end());
            }
            for (int job = 0; job < hard.plan().starts().size(); job++) {
                if (!late.begunJobs().contains(job)) {
                    assertThat(hard.plan().start(job)).isGreaterThanOrEqualTo(now);
                }
            }
        }
    }

    /** Twenty minutes away while the pasta boils: it is drained 14 minutes late, which is said; the pan goes on by itself. */
    @Test
    void whatCannotBeKeptIsTold() {
        List<Job> jobs = List.of(
                Job.of("pasta", "Boil the pasta.", 12, false, Kind.BURNER),
                Job.of("pasta", "Drain it.", 2, true),
                Job.of("bread", "Knead it.", 10, true));
        DayProblem day = new DayProblem(jobs, List.of(new Lag(0, 1, 0, 0)), NORA, KitchenGear.of(List.of("burner")));
        DayPlan plan = DaySearch.of(day, 1, 50, () -> false).orElseThrow();
        DayProblem running = at(plan, 6, 0);
        List<Person> away = List.of(new Person("Nora", List.of(new Window(0, 6), new Window(26, 2000))));
        DayAgain again = again(running.with(away, running.gear()), plan);
        assertThat(again.plan().end(0)).as("heat goes on").isEqualTo(12);
        assertThat(again.plan().start(1)).isEqualTo(26);
        assertThat(again.told())
                .containsExactly("pasta: “Drain it” comes 14 min later than it should:"
                        + " turn “Boil the pasta” low, or take it off and cover it");
    }

    /** What the cook moved begins no earlier; the rest gives way. */
    @Test
    void whatWasMovedStaysThere() {
        DayProblem day = new DayProblem(
                List.of(Job.of("soup", "Cut it.", 10, true), Job.of("stew", "Cut it.", 10, true)),
                List.of(),
                NORA,
                List.of());
        DayPlan plan = DaySearch.of(day, 1, 50, () -> false).orElseThrow();
        int first = plan.start(0) == 0 ? 0 : 1;
        DayProblem moved = new DayProblem(
                day.jobs(),
                day.lags(),
                NORA,
                List.of(),
                new Live(0, List.of(), List.of(new DayProblem.Pin(first, 30))));
        DayPlan again = again(moved, plan).plan();
        assertThat(again.start(first)).isEqualTo(30);
        assertThat(again.start(1 - first)).as("what was second comes first now").isZero();
    }

    /** A little late is no reason to turn the day over: everything keeps its order. */
    @Test
    void littleMovesWhenLittleIsLate() {
        int swaps = 0;
        int pairs = 0;
        for (int seed = 1; seed <= 20; seed++) {
            DayPlan plan =
                    DaySearch.of(CookDays.of(seed, 8), 1, 800, () -> false).orElseThrow();
            DayPlan again = again(at(plan, plan.handsFree() / 3, 5), plan).plan();
            for (int a = 0; a < plan.starts().size(); a++) {
                for (int b = 0; b < plan.starts().size(); b++) {
                    boolean hands = plan.people().get(a) >= 0 && plan.people().get(b) >= 0;
                    if (hands && plan.start(a) < plan.start(b)) {
                        pairs++;
                        swaps += again.start(a) > again.start(b) ? 1 : 0;
                    }
                }
            }
        }
        assertThat(swaps * 20).as("of %s pairs", pairs).isLessThan(pairs);
    }
}
