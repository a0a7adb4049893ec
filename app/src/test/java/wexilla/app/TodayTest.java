package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;
import wexilla.app.support.MovableClock;
import wexilla.app.support.Sample;

/** Today: first steps, what to take out by when, what to freeze tonight; names in the book; meals of several packets. */
class TodayTest {

    private final Http http = Kitchen.emptyHousehold();

    @AfterEach
    void clockBack() {
        Kitchen.clock().moveTo(MovableClock.START);
    }

    private JsonNode today() {
        return http.get("/api/today").ok();
    }

    private void plan(String day, Map<String, Object> dish, String kind) {
        http.act("/api/plan/evening", Sample.evening(day, kind, List.of(), List.of(dish)))
                .ok();
    }

    @Test
    void firstStepsAreTickedOneByOneAndThenGone() {
        assertThat(today().path("firstSteps"))
                .hasSize(4)
                .noneMatch(s -> s.path("done").asBoolean());
        Map<String, Integer> table =
                Map.of("adults", 2, "teenagers", 0, "children9to13", 0, "children4to8", 0, "under4", 0);
        http.act("/api/household/table", table).ok();
        assertThat(today().path("firstSteps").get(0).path("done").asBoolean()).isTrue();
        http.act(
                        "/api/onhand/note",
                        Map.of("text", "2 bolognese for 6", "place", Sample.place(http, "Freezer, top drawer")))
                .ok();
        http.act("/api/recipes/names", Map.of("text", "fish pie\n\n fish pie \npancakes"))
                .ok();
        assertThat(http.get("/api/recipes").ok().path("cards")).hasSize(2);
        plan("2026-11-24", Map.of("text", "pancakes"), "COOK");
        assertThat(today().path("firstSteps")).isEmpty();
        assertThat(http.act("/api/recipes/names", Map.of("text", " \n ")).field())
                .isEqualTo("/text");
        assertThat(http.act("/api/recipes/names", Map.of("text", "x\n".repeat(3) + "y".repeat(200)))
                        .field())
                .isEqualTo("/text");
    }

    /** What was forgotten in the freezer has ways left, and a cooked dish takes its minutes before the table. */
    @Test
    void aCookedDishIsWarmedAndStraightFromTheFreezerTakesLonger() {
        http.act("/api/onhand/note", Map.of("text", "1 soup for 2", "place", Sample.place(http, "Freezer, top drawer")))
                .ok();
        String batch =
                http.get("/api/plan").ok().path("inStock").get(0).path("batch").asString();
        plan("2026-11-23", Map.of("batch", batch, "portions", 2), "STOCK");
        assertThat(today().path("takeOut").get(0).path("ways").get(0).asString())
                .isEqualTo(
                        "straight from the freezer, covered, 31 min on the hob with a little water, to 74 °C in the middle");
        JsonNode step = http.get("/api/eat").ok().path("tonight").path("steps").get(0);
        assertThat(step.path("at").asString()).isEqualTo("18:19");
        assertThat(step.path("minutes").asInt()).isEqualTo(11);
    }

    private Map<String, JsonNode> reminders() {
        return http.get("/api/reminders")
                .ok()
                .valueStream()
                .collect(Collectors.toMap(one -> one.path("kind").asString(), one -> one));
    }

    /** Told by the seconds from the answer on; what is done is not told. */
    @Test
    void remindersComeAtTheirTimeAndGoWithWhatIsDone() {
        http.act("/api/onhand/note", Map.of("text", "1 soup for 2", "place", Sample.place(http, "Freezer, top drawer")))
                .ok();
        JsonNode plan = http.get("/api/plan").ok();
        plan(
                "2026-11-25",
                Map.of("batch", plan.path("inStock").get(0).path("batch").asString(), "portions", 2),
                "STOCK");
        assertThat(reminders().keySet()).containsExactly("TAKE_OUT");
        Kitchen.clock().moveTo(MovableClock.START.plus(Duration.ofDays(1)));
        http.note("500 g minced beef 3.90");
        Kitchen.clock().moveTo(MovableClock.START.plus(Duration.ofDays(2)).minus(Duration.ofHours(1)));
        Map<String, JsonNode> told = reminders();
        assertThat(told.keySet()).containsExactlyInAnyOrder("BEGIN", "TONIGHT");
        Kitchen.clock().moveTo(MovableClock.START.plus(Duration.ofDays(1)));
        told = reminders();
        assertThat(told.get("TAKE_OUT").path("at").asString()).isEqualTo("2026-11-24T22:30");
        LocalDateTime now = LocalDateTime.ofInstant(Kitchen.clock().instant(), ZoneId.of("Europe/Dublin"));
        assertThat(told.get("TAKE_OUT").path("seconds").asLong())
                .isEqualTo(Duration.between(now, LocalDateTime.of(2026, 11, 24, 22, 30))
                        .toSeconds());
        String recipe = http.act("/api/recipes", Sample.pot()).ok().path("id").asString();
        http.act("/api/cook", Sample.cook(recipe, 8)).ok();
        assertThat(reminders().get("COUNTER").path("seconds").asLong()).isEqualTo(100 * 60);
        JsonNode out = today().path("takeOut").get(0);
        http.act(
                        "/api/lots/" + out.path("lot").asString(),
                        Map.of("hand", "MOVE", "place", Sample.place(http, "Fridge")))
                .ok();
        assertThat(reminders()).doesNotContainKey("TAKE_OUT");
    }

    @Test
    void whatIsTakenOutIsNotToldAgain() {
        String drawer = Sample.place(http, "Freezer, top drawer");
        http.act("/api/onhand/note", Map.of("text", "1 soup for 2", "place", drawer))
                .ok();
        String batch =
                http.get("/api/plan").ok().path("inStock").get(0).path("batch").asString();
        plan("2026-11-25", Map.of("batch", batch, "portions", 2), "STOCK");
        JsonNode out = today().path("takeOut").get(0);
        assertThat(out.path("by").asString()).isEqualTo("2026-11-24T22:30");
        assertThat(out.path("all").asBoolean()).isTrue();
        assertThat(out.path("rule").asString()).contains("flat bag");
        Map<String, String> move = Map.of("hand", "MOVE", "place", Sample.place(http, "Fridge"));
        http.act("/api/lots/" + out.path("lot").asString(), move).ok();
        assertThat(today().path("takeOut")).isEmpty();
        assertThat(http.get("/api/plan")
                        .ok()
                        .path("days")
                        .get(2)
                        .path("meals")
                        .get(0)
                        .path("remarks"))
                .isEmpty();
    }

    @Test
    void rawFoodNoEveningWantsIsFrozenTonight() {
        http.note("500 g minced beef 3.90\n600 g chicken thighs 2.40");
        assertThat(today().path("freezeTonight")).isEmpty();
        Kitchen.clock().moveTo(MovableClock.START.plus(Duration.ofDays(1)));
        assertThat(today().path("freezeTonight")).hasSize(2);
        http.act("/api/recipes", Sample.recipe("Mince pan", 4, List.of("500 g minced beef"), List.of()))
                .ok();
        plan("2026-11-25", Map.of("text", "Mince pan", "portions", 4), "COOK");
        assertThat(today().path("freezeTonight"))
                .singleElement()
                .satisfies(lot -> assertThat(lot.path("name").asString()).isEqualTo("chicken thighs"));
    }

    @Test
    void aMealOfSeveralPacketsSaysItsParts() {
        String recipe = http.act("/api/recipes", Sample.pot()).ok().path("id").asString();
        String lot =
                http.act("/api/cook", Sample.cook(recipe, 8)).ok().path("lot").asString();
        Map<String, Object> packets = new HashMap<>(Map.of(
                "lot",
                lot,
                "packets",
                List.of(4, 3),
                "place",
                Sample.place(http, "Freezer, top drawer"),
                "together",
                true));
        JsonNode draft = http.act("/api/pack/draft", packets).ok();
        assertThat(draft.path("labels").get(1).path("part").asInt()).isEqualTo(2);
        assertThat(draft.path("labels").get(1).path("byHand").get(1).asString()).isEqualTo("3 portions, part 2/2");
        JsonNode packed = http.act("/api/pack", packets).ok();
        assertThat(packed.path("packets").get(1).path("part").asString()).isEqualTo("part 2");
        JsonNode hand =
                http.get("/api/pack/" + packed.path("act").asString() + "/hand").ok();
        assertThat(hand.get(0).path("lines")).hasSize(4);
        assertThat(hand.get(0).path("code").asString())
                .isEqualTo(packed.path("packets").get(0).path("code").asString());
        http.undo(packed.path("act").asString()).ok();
        assertThat(http.get("/api/pack/" + packed.path("act").asString() + "/hand")
                        .status())
                .isEqualTo(404);
    }
}
