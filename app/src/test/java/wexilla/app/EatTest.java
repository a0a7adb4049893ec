package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import wexilla.app.eat.SilenceForTest;
import wexilla.app.onhand.Ledger;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;
import wexilla.app.support.MovableClock;
import wexilla.app.support.Sample;

/** An evening eaten: stock, leftovers with their age, ratings, the week's cost; silence; undo. */
class EatTest {

    private final Http http = Kitchen.emptyHousehold();
    private String batch = "";

    @BeforeEach
    void aTableOfTwoAndASoup() {
        Map<String, Integer> table =
                Map.of("adults", 2, "teenagers", 0, "children9to13", 0, "children4to8", 0, "under4", 0);
        http.act("/api/household/table", table).ok();
        http.act("/api/onhand/note", Map.of("text", "1 soup for 4", "place", Sample.place(http, "Fridge")))
                .ok();
        batch = http.get("/api/plan").ok().path("inStock").get(0).path("batch").asString();
    }

    @AfterEach
    void booksAreRight() {
        Kitchen.clock().moveTo(MovableClock.START);
        assertThat(Kitchen.bean(Ledger.class).mismatches()).isEmpty();
    }

    private List<String> people() {
        return http.get("/api/household")
                .ok()
                .path("people")
                .valueStream()
                .map(p -> p.path("id").asString())
                .toList();
    }

    private void plan(String day, String kind, Map<String, Object> dish) {
        http.act("/api/plan/evening", Sample.evening(day, kind, people(), List.of(dish)))
                .ok();
    }

    private static Map<String, Object> eaten(String day, String how, int left) {
        return new HashMap<>(Map.of("day", day, "how", how, "left", left, "notForThem", List.of()));
    }

    @Test
    void asPlannedTakesWhatWasEatenAndLeavesTheRest() {
        plan("2026-11-23", "STOCK", Map.of("batch", batch, "portions", 3));
        Map<String, Object> input = eaten("2026-11-23", "PLANNED", 1);
        input.put("liked", 2);
        input.put("notForThem", List.of(people().get(1)));
        String act = http.act("/api/eat", input).ok().path("act").asString();
        assertThat(Sample.amounts(http, "soup")).containsExactly("2 portions");
        JsonNode eat = http.get("/api/eat").ok();
        assertThat(eat.path("tonight").path("state").asString()).isEqualTo("EATEN");
        assertThat(eat.path("ratings")).hasSize(2);
        assertThat(http.act("/api/eat", eaten("2026-11-23", "OUT", 0)).field()).isEqualTo("/day");
        http.undo(act).ok();
        assertThat(Sample.amounts(http, "soup")).containsExactly("4 portions");
        assertThat(http.get("/api/eat").ok().path("ratings")).isEmpty();
        assertThat(http.get("/api/eat").ok().path("tonight").path("state").asString())
                .isEqualTo("PLANNED");
    }

    @Test
    void aRecipeThatWasPlannedIsCookedAndEatenInOneAct() {
        http.act("/api/recipes", Sample.recipe("Mince pan", 4, List.of("400 g minced beef", "1 tsp salt"), List.of()))
                .ok();
        http.note("400 g minced beef 3.20");
        plan("2026-11-23", "COOK", Map.of("text", "Mince pan", "portions", 4));
        JsonNode steps = http.get("/api/eat").ok().path("tonight").path("steps");
        assertThat(steps.get(0).path("at").asString()).isEqualTo("15:28");
        String act = http.act("/api/eat", eaten("2026-11-23", "PLANNED", 1))
                .ok()
                .path("act")
                .asString();
        assertThat(Sample.amounts(http, "minced beef")).isEmpty();
        // 4 cooked for 2 plates: one eaten, one left of them, two that nobody took
        assertThat(Sample.amounts(http, "Mince pan")).containsExactlyInAnyOrder("1 portion", "2 portions");
        // 3.20 + 0.15 flat, a quarter of it eaten
        assertThat(http.get("/api/today").ok().path("week").path("used").asString())
                .isEqualTo("0.84");
        assertThat(http.get("/api/batches").ok().get(0).path("cost").asString()).isEqualTo("3.35");
        http.undo(act).ok();
        assertThat(Sample.amounts(http, "minced beef")).containsExactly("400 g");
        assertThat(http.get("/api/today").ok().path("week").path("used").asString())
                .isEqualTo("0.00");
    }

    /** The batch as planned, its version and its pots; what was changed since is told and taken along or not. */
    @Test
    void aPlannedBatchIsCookedAsItWasPlanned() {
        String recipe = http.act("/api/recipes", Sample.recipe("Bean pot", 4, List.of("400 g minced beef"), List.of()))
                .ok()
                .path("id")
                .asString();
        http.note("2 kg minced beef 16.00");
        http.act(
                        "/api/cookday/batches",
                        Map.of(
                                "recipe",
                                recipe,
                                "factor",
                                "2",
                                "vessels",
                                2,
                                "style",
                                "COOKED",
                                "cookOn",
                                "2026-11-23"))
                .ok();
        String planned = http.get("/api/cookday?day=2026-11-23")
                .ok()
                .path("pots")
                .get(0)
                .path("batch")
                .asString();
        http.put(
                        "/api/recipes/" + recipe,
                        "\"1\"",
                        Sample.recipe("Bean pot", 4, List.of("500 g minced beef"), List.of()))
                .ok();
        JsonNode asPlanned =
                http.get("/api/cook/" + recipe + "?factor=2&planned=" + planned).ok();
        assertThat(asPlanned.path("changed").asBoolean()).isTrue();
        assertThat(asPlanned.path("goesIn").get(0).path("need").asString()).isEqualTo("800 g");
        JsonNode along = http.get("/api/cook/" + recipe + "?factor=2&n=2&planned=" + planned)
                .ok();
        assertThat(along.path("goesIn").get(0).path("need").asString()).isEqualTo("1 kg");
        plan("2026-11-23", "STOCK", Map.of("batch", planned, "portions", 2));
        http.act("/api/eat", eaten("2026-11-23", "PLANNED", 0)).ok();
        assertThat(Sample.amounts(http, "minced beef")).containsExactly("1.2 kg");
    }

    /** A rating is of what was eaten, also from a batch, and stays with it when its evening is planned anew. */
    @Test
    void aRatingBelongsToItsDish() {
        http.act("/api/recipes", Sample.recipe("Mince pan", 4, List.of("400 g minced beef"), List.of()))
                .ok();
        plan("2026-11-23", "COOK", Map.of("text", "Mince pan", "portions", 4));
        Map<String, Object> good = eaten("2026-11-23", "PLANNED", 0);
        good.put("liked", 2);
        http.act("/api/eat", good).ok();
        assertThat(liked("Mince pan")).isEqualTo("20");
        String pan = http.get("/api/plan")
                .ok()
                .path("inStock")
                .valueStream()
                .filter(dish -> dish.path("name").asString().equals("Mince pan"))
                .findFirst()
                .orElseThrow()
                .path("batch")
                .asString();
        plan("2026-11-24", "STOCK", Map.of("batch", pan));
        Kitchen.clock().moveTo(MovableClock.START.plus(Duration.ofDays(1)));
        Map<String, Object> poor = eaten("2026-11-24", "PLANNED", 0);
        poor.put("liked", 0);
        http.act("/api/eat", poor).ok();
        assertThat(liked("Mince pan")).as("every meal eaten of it").isEqualTo("10");
        Kitchen.bean(org.springframework.jdbc.core.simple.JdbcClient.class)
                .sql(
                        "update meal_dish set recipe = null, batch = ?::uuid, kind = 'BATCH' where household_id = ?::uuid and recipe is not null")
                .params(batch, http.household().toString())
                .update();
        assertThat(liked("Mince pan")).as("planned anew").isEqualTo("10");
    }

    private String liked(String title) {
        return http.get("/api/recipes")
                .ok()
                .path("cards")
                .valueStream()
                .filter(card -> card.path("title").asString().equals(title))
                .findFirst()
                .orElseThrow()
                .path("liked")
                .asString();
    }

    @Test
    void silenceMeansAsPlannedAndCanBeTakenBack() {
        plan("2026-11-23", "STOCK", Map.of("batch", batch, "portions", 2));
        Kitchen.clock().moveTo(MovableClock.START.plus(Duration.ofDays(1)));
        SilenceForTest.assume(http.household());
        assertThat(Sample.amounts(http, "soup"))
                .as("there is a day to say something")
                .containsExactly("4 portions");
        Kitchen.clock().moveTo(MovableClock.START.plus(Duration.ofDays(2)));
        SilenceForTest.assume(http.household());
        assertThat(Sample.amounts(http, "soup")).containsExactly("2 portions");
        JsonNode assumed = http.get("/api/acts").ok().get(0);
        assertThat(assumed.path("kind").asString()).isEqualTo("assumed");
        http.undo(assumed.path("id").asString()).ok();
        SilenceForTest.assume(http.household());
        assertThat(Sample.amounts(http, "soup"))
                .as("taken back stays taken back")
                .containsExactly("4 portions");
    }

    @Test
    void nonsenseIsToldAtItsField() {
        plan("2026-11-23", "STOCK", Map.of("batch", batch, "portions", 2));
        assertThat(http.act("/api/eat", eaten("2026-11-23", "PLANNED", 3)).field())
                .isEqualTo("/left");
        assertThat(http.act("/api/eat", eaten("2026-11-23", "PLANNED", -1)).field())
                .isEqualTo("/left");
        assertThat(http.act("/api/eat", eaten("1900-01-01", "PLANNED", 0)).field())
                .isEqualTo("/day");
        Map<String, Object> liked = eaten("2026-11-23", "PLANNED", 0);
        liked.put("liked", 7);
        assertThat(http.act("/api/eat", liked).field()).isEqualTo("/liked");
        assertThat(Sample.amounts(http, "soup")).containsExactly("4 portions");
    }
}
