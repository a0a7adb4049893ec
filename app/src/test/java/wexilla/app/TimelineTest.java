package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import wexilla.app.support.Sample;
import wexilla.app.support.StoryKitchen;

/** The cook day on one clock: as a preview of dishes that are typed, and of the batches and joints of a household. */
class TimelineTest extends StoryKitchen {

    private static Map<String, Object> asked(Object... more) {
        Map<String, Object> asked = new HashMap<>(Map.of(
                "begin",
                "2026-12-05T14:00",
                "people",
                1,
                "equipment",
                List.of("4 burners", "oven, 2 racks", "slow cooker, 5.7 l"),
                "dishes",
                List.of(
                        Map.of(
                                "name",
                                "chilli",
                                "portions",
                                "8",
                                "steps",
                                List.of("Fry the mince 15 minutes.", "Slow cook on low 6 hours.")),
                        Map.of("name", "roots", "steps", List.of("Roast at 200 °C for 45 minutes."))),
                "seed",
                1,
                "effort",
                2000));
        for (int i = 0; i < more.length; i += 2) {
            asked.put((String) more[i], more[i + 1]);
        }
        return asked;
    }

    /** Fry from 14:00, slow cook at once, cooled, and bagged within two hours of the heat; the same each time it is asked. */
    @Test
    void dishesOnOneClock() {
        JsonNode day = http.act("/api/preview/timeline", asked()).ok();
        List<String> chilli = new ArrayList<>();
        day.path("tasks").forEach(task -> {
            if (task.path("dish").asString().equals("chilli")) {
                chilli.add(task.path("start").asString().substring(11) + " "
                        + task.path("hands").asInt() + " " + task.path("holds"));
            }
        });
        assertThat(chilli.get(0)).isEqualTo("14:00 1 [\"burner 1\"]");
        assertThat(chilli.get(1)).isEqualTo("14:15 0 [\"slow cooker\"]");
        LocalDateTime off = LocalDateTime.parse("2026-12-05T20:15");
        LocalDateTime free = LocalDateTime.parse(day.path("handsFree").asString());
        assertThat(free).isBetween(off.plusMinutes(90), off.plusMinutes(130));
        assertThat(LocalDateTime.parse(day.path("lowerBound").asString())).isBeforeOrEqualTo(free);
        assertThat(day.path("tasks").get(0).path("why").asString()).isNotEmpty();
        assertThat(http.act("/api/preview/timeline", asked()).ok()).isEqualTo(day);
        Map<String, Object> by = asked("doneBy", "2026-12-05T23:00");
        assertThat(http.act("/api/preview/timeline", by).ok().path("handsFree").asString())
                .isEqualTo("2026-12-05T23:00");
    }

    @Test
    void nonsenseIsTold() {
        for (Map<String, Object> bad : List.of(
                asked("people", 9),
                asked("begin", "at noon"),
                asked("equipment", List.of("a lamp")),
                asked("equipment", List.of("99 burners")),
                asked("dishes", List.of()),
                asked("dishes", List.of(Map.of("name", "x", "steps", List.of()))))) {
            assertThat(http.act("/api/preview/timeline", bad).status()).isEqualTo(422);
        }
    }

    /** A joint and a batch of one day stand on its clock; two people are free of it no later than one. */
    @Test
    void theDayOfAHousehold() {
        on("2026-12-02T10:00:00Z");
        String soup = recipe("soup", 6, "1 kg carrots", "1 l stock");
        http.act("/api/cookday/batches", Map.of("recipe", soup, "style", "COOKED", "cookOn", "2026-12-04"))
                .ok();
        Map<String, Object> shoulder = Map.of(
                "food",
                "pork shoulder",
                "weight",
                "2 kg",
                "price",
                "12.00",
                "cookOn",
                "2026-12-04",
                "shares",
                List.of(Map.of("name", "rolls", "grams", "400"), Map.of("name", "stew", "grams", "500")));
        http.act("/api/stretch", Map.of("version", 0, "asked", shoulder)).ok();
        assertThat(http.get("/api/cookday?day=2026-12-04")
                        .ok()
                        .path("joints")
                        .get(0)
                        .asString())
                .isEqualTo("2 kg pork shoulder");
        JsonNode one = http.get("/api/cookday/clock?day=2026-12-04").ok();
        assertThat(one.path("tasks").valueStream().map(task -> task.path("dish").asString()))
                .contains("2 kg pork shoulder");
        JsonNode two = http.get("/api/cookday/clock?day=2026-12-04&people=2").ok();
        assertThat(two.path("handsMin").asInt())
                .isLessThanOrEqualTo(one.path("handsMin").asInt());
        JsonNode by = http.get("/api/cookday/clock?day=2026-12-04&doneBy=17:30").ok();
        assertThat(by.path("handsFree").asString()).isEqualTo("2026-12-04T17:30");
        assertThat(http.get("/api/cookday/clock?day=2026-12-09").ok().path("tasks"))
                .isEmpty();
        assertThat(http.get("/api/cookday/clock?day=nonsense").status()).isEqualTo(422);
    }

    /** Hands come and go, dishes go into others; what makes no sense is told at its field. */
    @Test
    void handsAndDishesThatFollow() {
        Map<String, Object> base =
                Map.of("name", "base", "kept", false, "steps", List.of("Fry the onions 20 minutes."));
        Map<String, Object> stew =
                Map.of("name", "stew", "kept", false, "after", List.of("base"), "steps", List.of("Simmer 30 minutes."));
        Map<String, Object> late = Map.of("name", "Nora", "from", "2026-12-05T15:00", "to", "2026-12-05T20:00");
        JsonNode day = http.act("/api/preview/timeline", asked("dishes", List.of(stew, base), "hands", List.of(late)))
                .ok();
        assertThat(day.path("tasks").get(0).path("start").asString()).isEqualTo("2026-12-05T15:00");
        assertThat(day.path("tasks").get(0).path("person").asString()).isEqualTo("Nora");
        assertThat(day.path("tasks").get(1).path("start").asString()).isEqualTo("2026-12-05T15:20");
        assertThat(day.path("handsFreeLate").asString()).isEqualTo("2026-12-05T15:25");
        Map<String, Object> nobody = Map.of("name", "stew", "after", List.of("sauce"), "steps", List.of("Simmer."));
        assertThat(http.act("/api/preview/timeline", asked("dishes", List.of(nobody)))
                        .field())
                .isEqualTo("/dishes/0/after");
        Map<String, Object> circle =
                Map.of("name", "base", "after", List.of("stew"), "steps", List.of("Fry 5 minutes."));
        assertThat(http.act("/api/preview/timeline", asked("dishes", List.of(stew, circle)))
                        .status())
                .isEqualTo(422);
        for (Map<String, Object> wrong : List.of(
                Map.<String, Object>of("name", "", "from", "2026-12-05T15:00", "to", "2026-12-05T20:00"),
                Map.<String, Object>of("name", "N", "from", "2026-12-05T21:00", "to", "2026-12-05T20:00"),
                Map.<String, Object>of("name", "N", "from", "2026-12-04T21:00", "to", "2026-12-05T20:00"),
                Map.<String, Object>of("name", "N", "from", "three", "to", "2026-12-05T20:00"))) {
            assertThat(http.act("/api/preview/timeline", asked("hands", List.of(wrong)))
                            .field())
                    .startsWith("/hands/0");
        }
    }

    /** What a step needs of the clock is typed with it, kept with the recipe, and kept by the clock; nonsense is told. */
    @Test
    void aStepWithItsClock() {
        on("2026-12-02T10:00:00Z");
        Map<String, Object> recipe = new HashMap<>(Sample.recipe("Pie", 4, List.of("500 g carrots"), List.of()));
        recipe.put(
                "steps",
                List.of(
                        Map.of("text", "Make the dough 10 minutes."),
                        Map.of("text", "Rest it 30 minutes."),
                        Map.of("text", "Cut the carrots 15 minutes.", "clock", "after 1; every 5 min"),
                        Map.of("text", "Roll it out 10 minutes.", "clock", "after 2 and 3; at most 20 min later")));
        String pie = http.act("/api/recipes", recipe).ok().path("id").asString();
        JsonNode steps = http.get("/api/recipes/" + pie).ok().path("steps");
        assertThat(steps.get(3).path("clock").asString()).isEqualTo("after 2 and 3; at most 20 min later");
        http.act("/api/cookday/batches", Map.of("recipe", pie, "style", "COOKED", "cookOn", "2026-12-04"))
                .ok();
        JsonNode tasks = http.get("/api/cookday/clock?day=2026-12-04").ok().path("tasks");
        Map<String, JsonNode> by = new HashMap<>();
        tasks.forEach(task -> by.put(task.path("text").asString().substring(0, 4), task));
        assertThat(by.get("Cut ").path("from").asInt()).as("while it rests").isEqualTo(10);
        assertThat(by.get("Cut ").path("watches")).hasSize(2);
        assertThat(by.get("Roll").path("from").asInt()).isBetween(40, 45);
        recipe.put("steps", List.of(Map.of("text", "Bake it.", "clock", "whenever")));
        assertThat(http.act("/api/recipes", recipe).field()).isEqualTo("/steps/0/clock");
    }
}
