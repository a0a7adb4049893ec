package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;
import wexilla.app.support.Sample;

/** Evenings over HTTP: planned by name or from stock, checked, undone, refused where they make no sense. */
class PlanTest {

    private final Http http = Kitchen.emptyHousehold();

    @SafeVarargs
    private static Map<String, Object> evening(String day, String kind, Map<String, Object>... dishes) {
        return Sample.evening(day, kind, List.of(), List.of(dishes));
    }

    private static Map<String, Object> dish(String text) {
        return Map.of("text", text);
    }

    private JsonNode day(int n) {
        return http.get("/api/plan").ok().path("days").get(n).path("meals").get(0);
    }

    @Test
    void aNameIsEnoughAndBecomesARecipeThatUndoTakesAway() {
        Map<String, Integer> table =
                Map.of("adults", 2, "teenagers", 0, "children9to13", 0, "children4to8", 0, "under4", 0);
        http.act("/api/household/table", table).ok();
        Map<String, Object> input = evening("2026-11-24", "COOK", dish("Fish pie"));
        input.put("sides", "frozen peas");
        JsonNode people = http.get("/api/household").ok().path("people");
        input.put("people", List.of(people.get(0).path("id").asString()));
        String act = http.act("/api/plan/evening", input).ok().path("act").asString();
        JsonNode slot = day(1).path("slot");
        assertThat(slot.path("dishes").get(0).path("name").asString()).isEqualTo("Fish pie");
        assertThat(day(1).path("remarks").toString()).contains("to buy: frozen peas");
        assertThat(http.get("/api/recipes").ok().path("cards")).hasSize(1);
        http.undo(act).ok();
        assertThat(day(1).has("slot")).isFalse();
        assertThat(http.get("/api/recipes").ok().path("cards")).isEmpty();
    }

    @Test
    void aPacketFromTheFreezerSaysWhenToTakeItOut() {
        String drawer = Sample.place(http, "Freezer, top drawer");
        http.act("/api/onhand/note", Map.of("text", "1 bolognese for 2", "place", drawer))
                .ok();
        String batch =
                http.get("/api/plan").ok().path("inStock").get(0).path("batch").asString();
        http.act("/api/plan/evening", evening("2026-11-25", "STOCK", Map.of("batch", batch, "portions", 2)))
                .ok();
        assertThat(day(2).path("remarks").get(0).path("words").asString())
                .isEqualTo("take out 2 portions bolognese by Tue 24 Nov, 22:30");
        http.act("/api/plan/evening", evening("2026-11-26", "STOCK", Map.of("batch", batch, "portions", 1)))
                .ok();
        assertThat(day(3).path("remarks").get(0).path("level").asString()).isEqualTo("STOP");
    }

    @Test
    void aRecipeThatIsPlannedStaysAndOldWindowsAreTold() {
        String recipe = http.act("/api/recipes", Sample.pot()).ok().path("act").asString();
        http.act("/api/plan/evening", evening("2026-11-25", "COOK", dish("pork AND bean pot")))
                .ok();
        assertThat(day(2).path("slot").path("dishes").get(0).path("kind").asString())
                .isEqualTo("RECIPE");
        assertThat(http.undo(recipe).status()).isEqualTo(409);
        assertThat(http.act("/api/plan/evening", evening("2026-11-25", "OUT")).status())
                .isEqualTo(412);
        Map<String, Object> seen = evening("2026-11-25", "OUT");
        seen.put("version", 1);
        http.act("/api/plan/evening", seen).ok();
        assertThat(day(2).path("slot").path("kind").asString()).isEqualTo("OUT");
    }

    @Test
    void nonsenseIsToldAtItsField() {
        assertThat(refused("1900-01-01", "tableTime", "18:30")).isEqualTo("/day");
        assertThat(refused("2026-11-24", "tableTime", "25:00")).isEqualTo("/tableTime");
        assertThat(refused("2026-11-24", "minutes", -5)).isEqualTo("/minutes");
        assertThat(refused(
                        "2026-11-24",
                        "people",
                        List.of(java.util.UUID.randomUUID().toString())))
                .isEqualTo("/people");
        assertThat(refused("2026-11-24", "dishes", List.of(dish(" ")))).isEqualTo("/dishes/0/text");
        assertThat(refused("2026-11-24", "dishes", List.of(Map.of("text", "Pie", "portions", 0))))
                .isEqualTo("/dishes/0/portions");
        assertThat(http.get("/api/acts").ok()).isEmpty();
    }

    private String refused(String day, String field, Object value) {
        Map<String, Object> input = evening(day, "COOK", dish("Pie"));
        input.put(field, value);
        return http.act("/api/plan/evening", input).field();
    }
}
