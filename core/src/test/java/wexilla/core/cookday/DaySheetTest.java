package wexilla.core.cookday;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wexilla.core.clock.DayCheck;
import wexilla.core.clock.DayPlan;
import wexilla.core.clock.DayProblem;
import wexilla.core.clock.DayProblem.Job;
import wexilla.core.clock.DayProblem.Person;
import wexilla.core.clock.DayProblem.Window;
import wexilla.core.clock.DaySearch;
import wexilla.core.cookday.running.DayNow;
import wexilla.core.cookday.running.DayRun;
import wexilla.core.cookday.running.DayTask;
import wexilla.core.food.book.HeatGuide;
import wexilla.core.quantity.Rational;

/** A cook day on paper, at the probe, and as hands see it now. */
class DaySheetTest {

    private static DayTasks.Dish dish(String name, DayTasks.Inside inside, String... steps) {
        return new DayTasks.Dish(
                name, Rational.of(8), Arrays.stream(steps).map(DayStep::of).toList(), true, List.of(), inside, "");
    }

    private static DayTasks.Dish hot(String name, String... steps) {
        return new DayTasks.Dish(
                name, Rational.of(8), Arrays.stream(steps).map(DayStep::of).toList(), false, List.of());
    }

    private static DayPlan plan() {
        List<Person> two = List.of(
                new Person("Nora", List.of(new Window(0, 2000))), new Person("Tomas", List.of(new Window(0, 2000))));
        DayTasks.Made made = DayTasks.of(
                List.of(
                        dish(
                                "turkey bake",
                                new DayTasks.Inside(false, true, new HeatGuide.Heat(74, 0, "turkey", "FoodSafety.gov")),
                                "Coat the raw turkey, 10 minutes.",
                                "Bake at 200 °C for 30 minutes."),
                        dish(
                                "beans",
                                new DayTasks.Inside(true, false, HeatGuide.Heat.NONE),
                                "Simmer 60 minutes, stir every 20 minutes."),
                        dish("onions", DayTasks.Inside.NOTHING, "Fry the onions 15 minutes.")),
                List.of(),
                two,
                KitchenGear.of(List.of("2 burners", "oven", "frying pan")));
        return DaySearch.of(made.problem(), 1, 500, () -> false).orElseThrow();
    }

    /** Labels before the first bag, the oven before the bake, looks on the clock, the raw board washed at once. */
    @Test
    void everythingIsOnPaper() {
        DayPlan plan = plan();
        DaySheet sheet = DaySheet.of(plan);
        assertThat(sheet.labels())
                .containsExactlyInAnyOrder("turkey bake: 2 packets", "beans: 2 packets", "onions: 2 packets");
        assertThat(sheet.clock()).extracting(DaySheet.Line::minute).isSorted();
        assertThat(sheet.clock()).extracting(DaySheet.Line::words).contains("oven on, 200 °C", "beans: stir");
        long tasks =
                sheet.clock().stream().filter(line -> !line.more().isEmpty()).count();
        assertThat(tasks).as("every task once").isEqualTo(plan.starts().size());
        assertThat(sheet.people()).extracting(DaySheet.Own::name).containsExactly("Nora", "Tomas");
        long hands = plan.people().stream().filter(person -> person >= 0).count();
        assertThat(sheet.people().stream().mapToLong(own -> own.lines().size()).sum())
                .isEqualTo(hands);
        DaySheet.Line raw = sheet.washing().stream()
                .filter(line -> line.words().contains("board"))
                .findFirst()
                .orElseThrow();
        assertThat(raw.more()).startsWith("raw");
        assertThat(sheet.washing())
                .extracting(DaySheet.Line::words)
                .contains("pan, after onions", "pot and trays of beans");
        assertThat(sheet.washing()).extracting(DaySheet.Line::minute).isSorted();
    }

    /** The hottest of what is raw in it; dried beans boil hard, whatever their steps say; raw has its own board. */
    @Test
    void cautionsStandAtTheirTask() {
        DayPlan plan = plan();
        assertThat(caution(plan, "turkey bake", "Coat")).startsWith("raw: its own board");
        assertThat(caution(plan, "turkey bake", "Bake")).isEqualTo("reach 74 °C in the core");
        assertThat(caution(plan, "beans", "Simmer")).startsWith("fresh water, boil hard for 30 minutes");
        assertThat(caution(plan, "onions", "Fry")).isEmpty();
        assertThat(caution(plan, "onions", "cool")).contains("21 °C within 2 hours");
    }

    private static String caution(DayPlan plan, String dish, String text) {
        return plan.problem().jobs().stream()
                .filter(job -> job.dish().equals(dish) && job.text().startsWith(text))
                .findFirst()
                .orElseThrow()
                .aside()
                .caution();
    }

    /** FDA Food Code 3-501.14 (from memory): 21 °C within two hours of the heat, 5 °C within six. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            0   | 800 | 21 °C within 2 h
            119 | 211 | 21 °C within 1 min
            121 | 211 | still above 21 °C, 1 min too late
            121 | 210 | 5 °C within 3 h 59 min
            361 | 51  | still above 5 °C, 1 min too late
            361 | 50  | cold: put it away
            """)
    void whatCoolsIsToldInTime(int since, int tenths, String words) {
        DayPlan plan = plan();
        Job cools = plan.problem().jobs().stream()
                .filter(job -> job.text().startsWith("cool"))
                .findFirst()
                .orElseThrow();
        DayProbe said = DayProbe.of(cools, since, tenths);
        assertThat(said.words()).startsWith(words);
        assertThat(said.good()).isEqualTo(!words.contains("too late"));
    }

    @Test
    void theCoreIsReachedOrNot() {
        Job bake = plan().problem().jobs().stream()
                .filter(job -> job.text().startsWith("Bake"))
                .findFirst()
                .orElseThrow();
        assertThat(DayProbe.of(bake, 10, 739)).isEqualTo(new DayProbe("0.1 °C more to 74 °C in the core", false));
        assertThat(DayProbe.of(bake, 10, 740).good()).isTrue();
        Job cut = Job.of("salad", "Cut it.", 5, true);
        assertThat(DayProbe.of(cut, 0, 200).good()).isTrue();
    }

    /** Now, next and for how long nothing needs her; what is to be put on and taken off is said of its own. */
    @Test
    void whatHandsDoNow() {
        DayTasks.Made made = DayTasks.of(
                List.of(dish("soup", DayTasks.Inside.NOTHING, "Cut it 10 minutes.", "Simmer 60 minutes.")),
                List.of(),
                List.of(new Person("Nora", List.of(new Window(0, 100), new Window(130, 2000)))),
                KitchenGear.of(List.of("burner")));
        DayRun run = DayRun.of(DaySearch.of(made.problem(), 1, 100, () -> false).orElseThrow());
        assertThatThrownBy(() -> run.begin(3, 0)).hasMessageContaining("comes after");
        DayNow first = DayNow.of(run, 0);
        assertThat(first.hands().get(0)).isEqualTo(new DayNow.Hands("Nora", true, 0, 3, 0, false));
        DayRun cut = run.begin(0, 0).done(0, 10);
        assertThat(DayNow.of(cut, 10).toBegin())
                .as("what is cold is put on by somebody")
                .containsExactly(1);
        DayRun simmering = cut.begin(1, 10);
        DayNow alone = DayNow.of(simmering, 20);
        assertThat(alone.hands().get(0).now()).isNull();
        assertThat(alone.hands().get(0).free())
                .isEqualTo(simmering.tasks().get(3).start() - 20);
        assertThat(alone.toEnd()).isEmpty();
        assertThat(DayNow.of(simmering, 70).toEnd()).containsExactly(1);
        assertThat(DayNow.of(simmering, 110).hands().get(0).there()).isFalse();
        DayRun off = simmering.done(1, 70);
        assertThat(off.tasks().get(2).state())
                .as("it cools once somebody has set it to")
                .isEqualTo(DayTask.State.TO_DO);
        assertThat(DayNow.of(off, 70).toBegin()).containsExactly(2);
    }

    /** From the table back: nothing that is hot waits for it, and nothing moves that would break what holds. */
    @Test
    void asLateAsTheTableAllows() {
        DayTasks.Made made = DayTasks.forTable(
                List.of(
                        hot("bird", "Roast at 180 °C for 90 minutes."),
                        hot("swede", "Roast at 180 °C for 30 minutes."),
                        hot("sauce", "Stir it 5 minutes.", "Simmer 10 minutes.")),
                true,
                List.of(new Person("cook", List.of(new Window(0, 2000)))),
                KitchenGear.of(List.of("oven, 2 racks", "burner")));
        DayPlan plan = DaySearch.of(made.problem(), 1, 200, () -> false).orElseThrow();
        DayPlan late = plan.late();
        assertThat(DayCheck.broken(late)).isEmpty();
        assertThat(late.end()).isEqualTo(plan.end());
        for (int job = 0; job < plan.starts().size(); job++) {
            assertThat(late.start(job)).isGreaterThanOrEqualTo(plan.start(job));
            if (late.job(job).holds().contains(DayProblem.Kind.RACK)) {
                assertThat(late.end(job)).isEqualTo(late.end());
            }
        }
        assertThat(late.ovenOn(0)).hasValue(late.start(0) - 15);
        assertThat(late.ovenOn(1)).as("hot from the bird").isEmpty();
        assertThat(late.handsFreeLate()).isGreaterThan(late.handsFree());
    }
}
