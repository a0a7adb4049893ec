package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import wexilla.app.household.Reference;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;
import wexilla.app.support.Sample;

/** The demo household looks lived in: every station has something to show, and the numbers are believable. */
class DemoTest {

    private static final Http DEMO = Kitchen.demoHousehold();

    @Test
    void aTableOfSixWithAllergensAndDislikes() {
        JsonNode household = DEMO.get("/api/household").ok();
        assertThat(household.path("people")).hasSize(6);
        assertThat(household.path("plates").asString()).isEqualTo("5.45");
        assertThat(household.path("people").toString()).contains("NUTS").contains("FRAIL");
        assertThat(household.path("equipment")).hasSizeGreaterThan(5);
    }

    @Test
    void atLeastTwelveCookableRecipes() {
        long cookable = Sample.book(DEMO).stream()
                .filter(r -> r.path("lines").asInt() > 3
                        && r.path("steps").asInt() > 1
                        && r.path("minutes").asInt() > 0)
                .count();
        assertThat(cookable).isGreaterThanOrEqualTo(12);
    }

    @Test
    void aHundredAndTwentyReferenceFoods() {
        Set<String> keys = new TreeSet<>();
        Kitchen.bean(Reference.class)
                .foods()
                .forEach(food -> keys.add(food.key().id()));
        assertThat(keys).hasSizeGreaterThanOrEqualTo(120);
    }

    @Test
    void aBigBuyUnderWayTwoWeeksPlannedAndACookDayAhead() {
        JsonNode stretch = DEMO.get("/api/stretch").ok().path("stretches").get(0);
        assertThat(stretch.path("state").asString()).isEqualTo("OPEN");
        assertThat(stretch.path("rawEatBy").asString()).isEqualTo("2026-11-25");
        JsonNode days = DEMO.get("/api/plan").ok().path("days");
        assertThat(days.valueStream()
                        .flatMap(day -> day.path("meals").valueStream())
                        .filter(meal -> meal.path("meal").asString().equals("DINNER") && meal.has("slot"))
                        .count())
                .isEqualTo(14);
        JsonNode joint = DEMO.get("/api/cookday?day=2026-11-25").ok();
        assertThat(joint.path("joints").get(0).asString()).isEqualTo("3.2 kg pork shoulder, bone in");
        JsonNode cookday = DEMO.get("/api/cookday?day=2026-11-28").ok();
        assertThat(cookday.path("pots")).hasSize(5);
        JsonNode run = DEMO.get("/api/cookday/run").ok();
        assertThat(run.path("hands").valueStream().filter(hands -> hands.has("now")))
                .as("somebody is at something")
                .isNotEmpty();
        assertThat(cookday.path("dayBefore").toString()).contains("kidney beans");
        assertThat(cookday.path("preparations").get(0).path("parts").size()).isGreaterThan(1);
    }

    @Test
    void weeksOfHistoryWithSomethingBoughtEatenAndBinned() {
        JsonNode weeks = DEMO.get("/api/costs").ok().path("weeks");
        assertThat(sum(weeks, "paid")).isGreaterThan(60);
        assertThat(sum(weeks, "used")).isGreaterThan(5);
        assertThat(sum(weeks, "binned")).isGreaterThan(0);
        assertThat(DEMO.get("/api/eat").ok().path("ratings")).hasSizeGreaterThan(8);
        assertThat(DEMO.get("/api/costs").ok().path("prices")).hasSizeGreaterThan(40);
    }

    private static double sum(JsonNode weeks, String what) {
        return weeks.valueStream()
                .mapToDouble(week -> Double.parseDouble(week.path(what).asString()))
                .sum();
    }

    @Test
    void todayHasSomethingToDo() {
        JsonNode today = DEMO.get("/api/today").ok();
        assertThat(today.path("takeOut")).isNotEmpty();
        assertThat(today.path("freezeTonight").get(0).path("name").asString()).isEqualTo("minced beef");
        assertThat(today.path("firstSteps")).isEmpty();
        assertThat(DEMO.get("/api/eat").ok().path("tonight").path("steps")).isNotEmpty();
        JsonNode shop = DEMO.get("/api/shop").ok();
        assertThat(shop.path("wanted")).hasSizeGreaterThan(4);
        assertThat(shop.path("complete").asBoolean())
                .as("every price is known: " + shop)
                .isTrue();
    }
}
