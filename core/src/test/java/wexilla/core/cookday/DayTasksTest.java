package wexilla.core.cookday;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import wexilla.core.clock.DayCheck;
import wexilla.core.clock.DayPlan;
import wexilla.core.clock.DayProblem;
import wexilla.core.clock.DayProblem.Kind;
import wexilla.core.clock.DayProblem.Person;
import wexilla.core.clock.DayProblem.Window;
import wexilla.core.clock.DayWhy;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.steps.StepClock;

/** Jobs from the words of recipes: what they hold, what follows, and the cold within two hours. */
class DayTasksTest {

    private static final List<Person> ONE = List.of(new Person("Nora", List.of(new Window(0, 3000))));

    private static DayTasks.Dish dish(String name, boolean kept, String... steps) {
        return new DayTasks.Dish(
                name, Rational.of(8), Arrays.stream(steps).map(DayStep::of).toList(), kept, List.of());
    }

    private static DayTimeline plan(List<String> gear, DayTasks.Dish... dishes) {
        DayTasks.Made made = DayTasks.of(List.of(dishes), List.of(), ONE, KitchenGear.of(gear));
        return DayTimeline.of(made, 1, 3_000, () -> false).orElseThrow();
    }

    private static int find(DayPlan plan, String dish, String text) {
        for (int job = 0; job < plan.starts().size(); job++) {
            DayProblem.Job one = plan.problem().jobs().get(job);
            if (one.dish().equals(dish) && one.text().startsWith(text)) {
                return job;
            }
        }
        throw new AssertionError("no " + text);
    }

    /** USDA: from the heat into the cold within two hours; bagged after it has cooled. */
    @Test
    void whatIsKeptIsColdWithinTwoHours() {
        DayPlan plan = plan(
                        List.of("4 burners", "slow cooker"),
                        dish("chilli", true, "Fry the mince 15 minutes.", "Slow cook on low 6 hours."))
                .plan();
        int slow = find(plan, "chilli", "Slow cook");
        int bag = find(plan, "chilli", "bag it");
        assertThat(plan.start(slow)).isEqualTo(15);
        assertThat(plan.minutes(slow)).isEqualTo(360);
        assertThat(plan.start(bag) - plan.end(slow)).isBetween(90, 120);
        assertThat(DayWhy.of(plan, slow)).startsWith("right after “Fry the mince");
    }

    /** 215 and 190 °C share the oven between 200 and 205, their times follow; 215 and 180 do not share it. */
    @Test
    void ovensAreSharedWithinFifteenDegrees() {
        List<String> oven = List.of("oven, 2 racks");
        DayPlan near = plan(
                        oven,
                        dish("trout", false, "Roast at 215 °C for 40 minutes."),
                        dish("roots", false, "Roast at 190 °C for 40 minutes."))
                .plan();
        assertThat(near.end()).isLessThan(15 + 60);
        assertThat(near.settings().stream().mapToInt(i -> i).max().orElse(0)).isPositive();
        int trout = find(near, "trout", "Roast");
        assertThat(near.problem()
                        .jobs()
                        .get(trout)
                        .settings()
                        .get(near.settings().get(trout))
                        .celsius())
                .isBetween(200, 205);
        assertThat(near.minutes(trout)).isEqualTo(45);
        assertThat(DayWhy.of(near, trout)).contains("shares the oven at 20");
        DayPlan far = plan(
                        oven,
                        dish("trout", false, "Roast at 215 °C for 40 minutes."),
                        dish("bread", false, "Bake at 180 °C for 40 minutes."))
                .plan();
        assertThat(far.end()).isEqualTo(15 + 40 + DayProblem.CHANGE + 40);
    }

    /** A pressure cooker is held while it comes up and its pressure goes; what is not there is told and planned on. */
    @Test
    void aPressureCookerIsHeldUntilItIsOpen() {
        DayTimeline day = plan(
                List.of("pressure cooker"),
                dish("beans", false, "Cook under pressure 35 minutes, natural release."),
                dish("stock", false, "Pressure cook 60 minutes; quick release."));
        int beans = find(day.plan(), "beans", "Cook");
        assertThat(day.plan().minutes(beans)).isEqualTo(15 + 35 + 20);
        assertThat(day.plan().end()).isEqualTo(70 + 77 + DayProblem.LOAD);
        assertThat(day.least()).isEqualTo(77);
        DayTimeline said = plan(
                List.of("pressure cooker"),
                dish("rice", false, "Pressure cook 10 minutes, natural release 12 minutes."));
        assertThat(said.plan().end()).as("the release is said").isEqualTo(15 + 10 + 12);
        DayTimeline without = plan(List.of("burner"), dish("stock", false, "Pressure cook 60 minutes; quick release."));
        assertThat(without.warnings()).singleElement().asString().startsWith("no pressure cooker");
    }

    /** A soup that needs the picked bird does not begin before it; onions for both are diced once, first. */
    @Test
    void dishesWaitForEachOther() {
        DayTasks.Dish bird = dish("bird", false, "Roast at 180 °C for 90 minutes.", "Pick the meat, 15 minutes.");
        DayTasks.Dish soup =
                new DayTasks.Dish("soup", Rational.of(8), List.of(DayStep.of("Simmer 40 minutes.")), true, List.of(0));
        DayTasks.Made made = DayTasks.of(
                List.of(bird, soup),
                List.of(new DayTasks.Once("dice 6 onions", 12, List.of(new DayTasks.At(1, -1)))),
                ONE,
                KitchenGear.of(List.of("2 burners", "oven with two racks")));
        DayPlan plan = DayTimeline.of(made, 1, 500, () -> false).orElseThrow().plan();
        assertThat(plan.start(find(plan, "soup", "Simmer"))).isEqualTo(15 + 105);
        assertThat(plan.end(find(plan, "all", "dice"))).isLessThanOrEqualTo(15 + 105);
        assertThat(made.problem().gear().stream().filter(gear -> gear.kind() == Kind.RACK))
                .hasSize(2);
    }

    /** Only the step that names the base waits for it: the carrots are cut meanwhile, and the pot does not go on before. */
    @Test
    void onlyWhatNamesTheBaseWaitsForIt() {
        DayTasks.Dish base = dish("onion base", false, "Chop 12 onions, 24 minutes.", "Fry the onions 20 minutes.");
        DayTasks.Dish stew = new DayTasks.Dish(
                        "stew",
                        Rational.of(4),
                        List.of(
                                DayStep.of("Boil the beans 40 minutes."),
                                DayStep.of("Stir the onion base into the beans 2 minutes.")),
                        true,
                        List.of(0))
                .needing(List.of(List.of(), List.of(0)));
        DayPlan plan = DayTimeline.of(
                        DayTasks.of(List.of(base, stew), List.of(), ONE, KitchenGear.of(List.of("2 burners"))),
                        1,
                        500,
                        () -> false)
                .orElseThrow()
                .plan();
        assertThat(plan.start(find(plan, "stew", "Boil"))).isLessThan(44);
        assertThat(plan.start(find(plan, "stew", "Stir"))).isGreaterThanOrEqualTo(44);
    }

    /** Soaking overnight is done the evening before; a broth that simmers overnight is on the clock. */
    @Test
    void whatIsDoneTheEveningBefore() {
        DayTimeline day = plan(List.of("burner"), dish("beans", false, "Soak overnight.", "Simmer 60 minutes."));
        assertThat(day.plan().end()).isEqualTo(60);
        assertThat(day.warnings()).containsExactly("the evening before, and not on this clock: beans: Soak overnight.");
        assertThat(plan(List.of("burner"), dish("broth", false, "Simmer overnight."))
                        .plan()
                        .end())
                .isEqualTo(480);
    }

    /** An oven nobody shares stays as the recipe says. */
    @Test
    void anOvenAloneIsSetAsWritten() {
        DayPlan plan = plan(
                        List.of("oven, 2 racks"),
                        dish("trout", false, "Roast at 215 °C for 15 minutes."),
                        dish(
                                "bread",
                                false,
                                "Knead 10 minutes.",
                                "Let it rise 2 hours.",
                                "Bake at 205 °C for 30 minutes."))
                .plan();
        assertThat(plan.settings()).containsOnly(0);
    }

    /** What would end the day earlier: a second slow cooker where two dishes want one; nothing where hands are short. */
    @Test
    void whatWouldEndTheDayEarlier() {
        DayTimeline day = plan(
                List.of("slow cooker"),
                dish("pulled pork", true, "Slow cook on high 4 hours.", "Pull it apart, 20 minutes."),
                dish("chilli", true, "Slow cook on low 6 hours."));
        assertThat(day.earlier(1, 300, () -> false))
                .as("the six hours overnight: the pork stands alone, and its taking apart, cooling and bagging follow")
                .anyMatch(one -> one.what().equals("chilli begun the evening before") && one.minutes() >= 240);
        assertThat(day.earlier(1, 300, () -> false))
                .contains(new DayTimeline.Earlier("another slow cooker", 240 + DayProblem.LOAD));
    }

    /** A drawer takes 450 g: 900 g are two loads of 12 minutes with 5 between; pan loads follow each other without. */
    @Test
    void loadsFollowEachOther() {
        DayPlan drawer = plan(List.of("hot-air drawer"), dish("beans", false, "Air fry in 2 loads, 12 minutes each."))
                .plan();
        assertThat(drawer.end()).isEqualTo(12 + 5 + 12);
        DayPlan pan = plan(List.of("burner", "frying pan"), dish("mince", false, "Brown in 3 loads, 8 min each."))
                .plan();
        assertThat(pan.end()).isEqualTo(24);
        DayPlan two = plan(
                        List.of("oven, 2 racks"), dish("birds", false, "Roast in 3 loads at 200 °C, 60 minutes each."))
                .plan();
        assertThat(two.end()).as("three birds on two racks").isEqualTo(15 + 60 + 5 + 60);
    }

    /** A weak burner is for what simmers while no full one is free; fried and with meat in it is nothing on it. */
    @Test
    void theWeakBurnerSimmers() {
        DayPlan plan = plan(
                        List.of("3 burners", "slow burner", "frying pan"),
                        dish("turkey", false, "Brown the turkey 8 minutes.", "Simmer the turkey 35 minutes."),
                        dish("mutton", false, "Brown the mutton 8 minutes.", "Simmer the mutton 75 minutes."),
                        dish("mince", false, "Fry the mince 8 minutes.", "Simmer the mince 35 minutes."),
                        dish("vegetables", false, "Simmer 35 minutes."))
                .plan();
        int slow = plan.problem().gear().stream()
                .map(DayProblem.Gear::slow)
                .toList()
                .indexOf(true);
        for (int job = 0; job < plan.starts().size(); job++) {
            if (plan.gear().get(job).contains(slow)) {
                assertThat(plan.job(job).dish()).isEqualTo("vegetables");
            }
        }
        assertThat(plan.start(find(plan, "mince", "Fry")))
                .as("one pan")
                .isNotEqualTo(plan.start(find(plan, "mutton", "Brown")));
        DayPlan alone = plan(List.of("1 slow burner"), dish("mince", false, "Fry the mince 8 minutes."))
                .plan();
        assertThat(alone.end()).as("half as long again to heat").isEqualTo(12);
    }

    /** Raw pork is coated after the cauliflower is cut, or five minutes of cleaning lie between. */
    @Test
    void rawComesAfterReady() {
        DayPlan plan = plan(
                        List.of("oven, 2 racks"),
                        dish("pork", false, "Coat the raw pork 10 minutes.", "Bake at 170 °C for 30 minutes."),
                        dish("salad", false, "Cut the radishes 10 minutes."))
                .plan();
        assertThat(plan.handsFree()).as("ready food first, nothing to clean").isEqualTo(20);
        assertThat(plan.start(find(plan, "salad", "Cut"))).isZero();
        DayPlan after = plan(
                        List.of("oven, 2 racks"),
                        dish("pork", false, "Coat the raw pork 10 minutes.", "Slice the radishes 10 minutes."))
                .plan();
        assertThat(after.handsFree()).isEqualTo(10 + DayProblem.CLEAN + 10);
        DayPlan dirty = new DayPlan(after.problem(), List.of(0, 10), after.settings(), after.people(), after.gear());
        assertThat(DayCheck.broken(dirty)).singleElement().asString().startsWith("the board is not cleaned");
    }

    /** From nine in the evening for three hours and a half; nobody is up at half past twelve: it has to keep warm, and that is said. */
    @Test
    void nobodyIsUpAtNight() {
        List<Person> evening =
                List.of(new Person("Nora", List.of(new DayProblem.Window(0, 120), new DayProblem.Window(780, 1020))));
        DayTasks.Made made = DayTasks.of(
                List.of(dish("turkey", true, "Slow cook on high 3 1/2 hours.")),
                List.of(),
                evening,
                KitchenGear.of(List.of("slow cooker")));
        DayTimeline night = DayTimeline.of(made, 1, 200, () -> false).orElseThrow();
        assertThat(night.plan().start(0)).isZero();
        assertThat(night.warnings()).anyMatch(words -> words.startsWith("turkey is done and nobody comes for 5"));
        assertThat(DayCheck.broken(night.plan())).isEmpty();
    }

    /** Stirring every two hours is a timer in the eight hours, and no task; "in the last 15 minutes" and "check at 15" are, too. */
    @Test
    void watchesMoveNothing() {
        DayPlan plan = plan(
                        List.of("slow cooker"),
                        dish(
                                "mince",
                                false,
                                "Slow cook on low for 8 hours, stir every 2 hours.",
                                "Weigh it 5 minutes."))
                .plan();
        assertThat(plan.starts()).containsExactly(0, 480);
        assertThat(plan.job(0).aside().watches())
                .extracting(StepClock.Watch::at)
                .containsExactly(120, 240, 360);
        assertThat(plan.job(0).aside().watches())
                .extracting(StepClock.Watch::words)
                .containsOnly("stir");
        assertThat(StepClock.NONE.watches("Bake 45 minutes; for the last 15 minutes: uncover it.", 45))
                .containsExactly(new StepClock.Watch(30, "uncover it"));
        assertThat(StepClock.NONE.watches("Roast 40 minutes, check at 15 minutes.", 40))
                .containsExactly(new StepClock.Watch(15, "check"));
        assertThat(new StepClock(List.of(), 0, null, 30, 10, "add the cheese").watches("Bake", 70))
                .containsExactly(
                        new StepClock.Watch(30, "look at it"),
                        new StepClock.Watch(60, "look at it"),
                        new StepClock.Watch(60, "add the cheese"));
    }

    /** Large pots are held and washed; a dish stays in its own, and a bird that is whole is no two loads. */
    @Test
    void aDishStaysInItsPot() {
        DayPlan plan = plan(
                        List.of("4 burners", "2 large pots"),
                        dish(
                                "chilli",
                                true,
                                "Soften the onions 10 minutes.",
                                "Stir in the spices 2 minutes.",
                                "Simmer 45 minutes."),
                        dish("soup", true, "Soften the leeks 10 minutes.", "Simmer 20 minutes."),
                        dish("stew", true, "Simmer 60 minutes."))
                .plan();
        for (String dish : List.of("chilli", "soup", "stew")) {
            assertThat(plan.byClock().stream()
                            .filter(job -> plan.job(job).dish().equals(dish))
                            .flatMap(job -> plan.gear().get(job).stream())
                            .filter(unit -> plan.problem().gear().get(unit).kind() == Kind.POT)
                            .distinct())
                    .as(dish)
                    .hasSize(1);
        }
        assertThat(plan.end()).as("two pots for three, washed between").isGreaterThan(60 + DayProblem.LOAD + 20);
    }
}
