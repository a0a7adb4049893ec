package wexilla.core.cookday.running;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import wexilla.core.clock.DayProblem;
import wexilla.core.clock.DayProblem.Kind;
import wexilla.core.clock.DayProblem.Person;
import wexilla.core.clock.DayProblem.Window;
import wexilla.core.clock.DaySearch;
import wexilla.core.cookday.CookDays;
import wexilla.core.cookday.DayStep;
import wexilla.core.cookday.DayTasks;
import wexilla.core.cookday.KitchenGear;
import wexilla.core.cookday.running.DayTask.State;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.steps.StepClock;

/** A cook day as it goes: done early or late, away, helped, with what fails; the past stays and there is always a way on. */
class DayRunTest {

    private static final List<Person> NORA = List.of(new Person("Nora", List.of(new Window(0, 2000))));

    private static DayTasks.Dish dish(String name, String... steps) {
        return new DayTasks.Dish(
                name, Rational.of(8), Arrays.stream(steps).map(DayStep::of).toList(), true, List.of());
    }

    private static DayRun day(List<String> gear, DayTasks.Dish... dishes) {
        DayProblem problem = DayTasks.of(List.of(dishes), List.of(), NORA, KitchenGear.of(gear))
                .problem();
        return DayRun.of(DaySearch.of(problem, 1, 500, () -> false).orElseThrow());
    }

    private static int job(DayRun run, String dish, String text) {
        return IntStream.range(0, run.tasks().size())
                .filter(job -> run.day().jobs().get(job).dish().equals(dish)
                        && run.day().jobs().get(job).text().startsWith(text))
                .findFirst()
                .orElseThrow();
    }

    private static DayRun chilli() {
        return day(
                List.of("burner", "slow cooker"),
                dish("chilli", "Fry the mince 15 minutes.", "Slow cook on low 6 hours."));
    }

    /** Fried in 20 minutes instead of 15: the slow cooker starts by itself then, and everything after moves by five. */
    @Test
    void whatFollowsAtOnceGoesOnByItself() {
        DayRun planned = chilli();
        int fry = job(planned, "chilli", "Fry");
        int slow = job(planned, "chilli", "Slow");
        DayRun run = planned.begin(fry, 0).done(fry, 20);
        assertThat(run.tasks().get(fry).end()).isEqualTo(20);
        assertThat(run.tasks().get(slow).state()).isEqualTo(State.BEGUN);
        assertThat(run.tasks().get(slow).end()).isEqualTo(20 + 360);
        assertThat(run.end()).isEqualTo(planned.end() + 5);
        assertThat(run.told()).isEmpty();
        assertThat(run.longer(slow, 5, 100).tasks().get(slow).end()).isEqualTo(385);
        assertThatThrownBy(() -> run.done(fry, 21)).hasMessageContaining("is over already");
    }

    /** Half an hour with the child in the arm: the step is 30 longer, and those 30 are not the cook's pace. */
    @Test
    void awayIsNotSlow() {
        DayRun planned = day(List.of("burner"), dish("stew", "Cut the roots 30 minutes.", "Fry 10 minutes."));
        int cut = job(planned, "stew", "Cut");
        DayRun run = DayChange.away(planned.begin(cut, 0), 0, 30, 10);
        assertThat(run.tasks().get(cut).end()).isEqualTo(60);
        assertThat(run.handsFree()).isEqualTo(planned.handsFree() + 30);
        DayTask done = run.done(cut, 60).tasks().get(cut);
        assertThat(done.end() - done.start() - done.away()).isEqualTo(done.planned());
    }

    /** "I am here": what came before is done, what was to go on goes on. */
    @Test
    void iAmHere() {
        DayRun planned = day(
                List.of("2 burners"),
                dish("bake", "Cut the roots 10 minutes.", "Stew 60 minutes."),
                dish("soup", "Cut the leeks 15 minutes.", "Simmer 30 minutes."));
        int leeks = job(planned, "soup", "Cut");
        int roots = job(planned, "bake", "Cut");
        int bake = job(planned, "bake", "Stew");
        assertThat(planned.tasks().get(roots).start()).isZero();
        DayRun run = planned.here(leeks, 14);
        assertThat(run.tasks().get(roots).state()).isEqualTo(State.DONE);
        assertThat(run.tasks().get(bake).state()).isEqualTo(State.BEGUN);
        assertThat(run.tasks().get(bake).end())
                .isEqualTo(planned.tasks().get(bake).end());
        assertThat(run.tasks().get(leeks).state()).isEqualTo(State.BEGUN);
        assertThat(run.tasks().get(leeks).start()).isEqualTo(14);
    }

    /** The one slow cooker fails after an hour: the chilli waits and is told; five hours of it go into the oven instead. */
    @Test
    void aCookerFails() {
        DayRun planned = chilli();
        int fry = job(planned, "chilli", "Fry");
        int slow = job(planned, "chilli", "Slow");
        DayRun going = planned.begin(fry, 0).done(fry, 15);
        int cooker = going.tasks().get(slow).gear().get(0);
        DayRun failed = DayChange.fails(going, cooker, 75);
        assertThat(failed.tasks().get(slow).state()).isEqualTo(State.WAITS);
        assertThat(failed.told()).singleElement().asString().startsWith("chilli waits");
        DayRun other = DayChange.instead(failed, slow, Optional.of(Kind.BURNER), Optional.empty(), 90, 80);
        assertThat(other.tasks().get(slow).state()).isEqualTo(State.TO_DO);
        assertThat(other.tasks().get(slow).end()).isEqualTo(80 + 90);
        assertThat(other.told()).isEmpty();
        DayRun two = day(List.of("2 slow cookers"), dish("stock", "Slow cook 4 hours."));
        int stock = job(two, "stock", "Slow");
        DayRun on = DayChange.fails(
                two.begin(stock, 0), two.tasks().get(stock).gear().get(0), 60);
        assertThat(on.tasks().get(stock).state()).as("the other one takes it").isEqualTo(State.TO_DO);
        assertThat(on.tasks().get(stock).end()).isEqualTo(240);
    }

    /** The oven fails: a bake is frozen unbaked or done in hot air, each with one tap; nothing is offered that is not there. */
    @Test
    void whatCanBeSaved() {
        DayRun planned = day(
                List.of("burner", "oven, 1 rack", "hot-air drawer"),
                dish(
                        "lasagne",
                        "Simmer the sauce 15 minutes.",
                        "Assemble it 8 minutes.",
                        "Bake at 180 °C for 40 minutes."));
        int rack = IntStream.range(0, planned.day().gear().size())
                .filter(unit -> planned.day().gear().get(unit).kind() == Kind.RACK)
                .findFirst()
                .orElseThrow();
        DayRun failed = DayChange.fails(planned, rack, 5);
        List<DaySaves.Save> saves = DaySaves.of(failed);
        assertThat(saves)
                .extracting(DaySaves.Save::words)
                .containsExactly(
                        "Freeze it unbaked, to bake another day",
                        "In the hot-air drawer, 35 min",
                        "Another day: leave lasagne out");
        for (DaySaves.Save save : saves) {
            DayRun saved = save.drop()
                    ? failed.drop("lasagne", 6)
                    : DayChange.instead(failed, save.job(), save.kind(), Optional.of(save.words()), save.minutes(), 6);
            assertThat(saved.tasks()).noneMatch(task -> task.state() == State.WAITS);
            assertThat(DaySaves.of(saved)).isEmpty();
        }
        assertThat(DaySaves.of(planned)).isEmpty();
    }

    /** Nobody taps: the promise slides minute by minute, by as much as is late, and what was begun keeps its beginning. */
    @Test
    void thePromiseSlides() {
        DayRun planned = day(List.of("burner"), dish("stew", "Cut the roots 30 minutes.", "Simmer 60 minutes."));
        assertThat(DayRest.slid(planned, 0)).isSameAs(planned);
        DayRun begun = planned.begin(job(planned, "stew", "Cut"), 0);
        for (int late = 0; late < 60; late++) {
            assertThat(DayRest.slid(planned, late).end()).isEqualTo(planned.end() + late);
            DayRun slid = DayRest.slid(begun, 30 + late);
            assertThat(slid.end()).isEqualTo(planned.end() + late);
            assertThat(slid.tasks().get(job(slid, "stew", "Cut")).end()).isEqualTo(30);
        }
    }

    /** Away while something fries: it is told to take it off, and what ends meanwhile too; at a board nothing is told. */
    @Test
    void awayTakesThePanOff() {
        DayRun planned = day(
                List.of("2 burners"),
                dish("stew", "Fry the roots 20 minutes.", "Simmer 20 minutes.", "Mash 5 minutes."));
        DayRun frying = planned.begin(job(planned, "stew", "Fry"), 0);
        assertThat(DayChange.away(frying, 0, 30, 10).told())
                .singleElement()
                .asString()
                .startsWith("before you go: take “Fry the roots");
        DayRun simmering = frying.done(job(planned, "stew", "Fry"), 20);
        assertThat(DayChange.away(simmering, 0, 30, 25).told())
                .anyMatch(words -> words.startsWith("“Simmer 20 minutes”")
                        && words.contains("is done 15 min before you are back"));
        DayRun cutting = day(List.of("burner"), dish("soup", "Cut the leeks 30 minutes.", "Simmer 30 minutes."));
        assertThat(DayChange.away(cutting.begin(0, 0), 0, 30, 10).told()).isEmpty();
    }

    /** A dish is dropped, another comes, somebody helps and goes. */
    @Test
    void dishesAndHandsComeAndGo() {
        DayRun planned = day(
                List.of("2 burners"),
                dish("stew", "Cut the roots 30 minutes.", "Simmer 60 minutes."),
                dish("soup", "Cut the leeks 30 minutes.", "Simmer 30 minutes."));
        DayRun helped = DayChange.comes(planned, "Tomas", 5, 120);
        assertThat(helped.tasks().get(job(helped, "soup", "Cut")).end()
                        + helped.tasks().get(job(helped, "stew", "Cut")).end())
                .isLessThan(30 + 60);
        assertThat(helped.day().people()).hasSize(2);
        DayRun alone = DayChange.goes(helped, 0, 10);
        assertThat(alone.tasks()).allMatch(task -> task.person() != 0 || task.start() < 10);
        assertThatThrownBy(() -> DayChange.goes(planned, 0, 10)).hasMessageContaining("nobody else");
        DayRun less = planned.drop("stew", 5);
        assertThat(less.end()).isLessThan(planned.end());
        assertThatThrownBy(() -> less.drop("stew", 6)).hasMessageContaining("nothing is left");
        DayProblem rice = DayTasks.of(
                        List.of(dish("rice", "Boil 20 minutes.")),
                        List.of(),
                        NORA,
                        planned.day().gear())
                .problem();
        DayRun more = planned.add(rice, 5);
        assertThat(more.tasks().get(job(more, "rice", "Boil")).start()).isBetween(5, planned.end());
    }

    /** Eight days played through by chance to their end: whatever happens there is a plan, and the past does not move. */
    @Test
    void aDayIsPlayedToItsEnd() {
        for (int seed = 1; seed <= 8; seed++) {
            Random random = new Random(seed);
            DayRun run = DayRun.of(DaySearch.of(CookDays.of(seed, 2 + seed % 9), 1, 200, () -> false)
                    .orElseThrow());
            int now = 0;
            List<DayTask> past = new ArrayList<>();
            for (int act = 0; act < 400 && !run.over(); act++) {
                int next = next(run);
                DayTask task = run.tasks().get(next);
                now = Math.max(now, task.end() + random.nextInt(9) - 4);
                run = switch (random.nextInt(14)) {
                    case 0 -> run.longer(next, 5, now);
                    case 1 -> DayChange.away(run, -1, 20, now);
                    case 2 -> run.leaveOut(next, now);
                    case 3 -> run.here(next, now);
                    case 4 -> run.move(anyToDo(run, next), now + 30, now);
                    default -> run.done(next, now);
                };
                for (int job = 0; job < past.size(); job++) {
                    boolean over = past.get(job).state() == State.DONE;
                    assertThat(!over || run.tasks().get(job).equals(past.get(job)))
                            .as("the past of seed %s", seed)
                            .isTrue();
                }
                past = run.tasks();
            }
            assertThat(run.over()).as("seed %s", seed).isTrue();
        }
    }

    /** What ends next of what goes on, else what is to begin next. */
    private static int next(DayRun run) {
        return IntStream.range(0, run.tasks().size())
                .filter(job -> run.tasks().get(job).state() == State.BEGUN
                        || run.tasks().get(job).state() == State.TO_DO)
                .boxed()
                .min(java.util.Comparator.comparing(job -> run.tasks().get(job).end()))
                .orElseThrow();
    }

    private static int anyToDo(DayRun run, int or) {
        return IntStream.range(0, run.tasks().size())
                .filter(job -> run.tasks().get(job).state() == State.TO_DO)
                .findFirst()
                .orElse(or);
    }

    /** Thirty steps that each wait for all before them: one lag for a pair, whatever is tapped. */
    @Test
    void allBeforeIsNoMoreThanItsPairs() {
        List<DayStep> steps = new ArrayList<>();
        for (int i = 0; i < 30; i++) {
            List<Integer> before = IntStream.rangeClosed(1, i).boxed().toList();
            String clock = i == 0
                    ? ""
                    : "after "
                            + String.join(
                                    " and ",
                                    before.stream().map(String::valueOf).toList());
            DayStep step = DayStep.of("Stir it 1 minute.");
            steps.add(new DayStep(step.text(), step.time(), 1, StepClock.parse(clock, i + 1), List.of(), step.time()));
        }
        DayTasks.Dish dish = new DayTasks.Dish("pot", Rational.of(8), steps, true, List.of());
        DayProblem problem = DayTasks.of(List.of(dish), List.of(), NORA, KitchenGear.of(List.of("burner")))
                .problem();
        DayRun run = DayRun.of(DaySearch.of(problem, 1, 50, () -> false).orElseThrow());
        int last = 29;
        DayRun here = run.here(last, 5);
        assertThat(here.tasks().get(last).state()).isEqualTo(State.BEGUN);
        assertThat(IntStream.range(0, last)
                        .allMatch(job -> here.tasks().get(job).over()))
                .isTrue();
        int jobs = run.tasks().size();
        DayRun without = run;
        for (int job = 1; job < 20; job++) {
            without = without.leaveOut(job, 1);
            assertThat(without.day().lags().size()).isLessThanOrEqualTo(jobs * jobs);
        }
        assertThat(run.drop("pot", 1).day().lags()).isEmpty();
    }

    /** The last strong burner fails beside a slow one: what fries waits and is told, nothing is lost. */
    @Test
    void strongBurnersFailOneAfterTheOther() {
        DayRun run = day(
                List.of("3 burners", "slow burner"),
                dish("mince", "Fry the mince 15 minutes."),
                dish("beans", "Simmer the beans 60 minutes."));
        for (int gear = 0; gear < run.day().gear().size(); gear++) {
            DayProblem.Gear one = run.day().gear().get(gear);
            if (one.kind() == Kind.BURNER && !one.slow()) {
                run = DayChange.fails(run, gear, 1);
            }
        }
        assertThat(run.tasks().get(job(run, "mince", "Fry")).state()).isIn(State.WAITS, State.TO_DO, State.BEGUN);
    }
}
