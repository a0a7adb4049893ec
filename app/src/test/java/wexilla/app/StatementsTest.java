package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import wexilla.app.support.EveryAct;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;
import wexilla.app.support.Queries;
import wexilla.app.support.Sample;
import wexilla.app.support.Statements;

/** A GET asks the database a handful of questions, however much there is; an act and its undo not many more. */
class StatementsTest {

    /** One of them asks what is the newest act: with nothing new most of the others fall away. */
    private static final int MOST = 16;

    private static final int MOST_OF_AN_ACT = 25;

    private final Http http = Kitchen.demoHousehold();

    private Map<String, List<String>> asked(List<String> paths) {
        Map<String, List<String>> asked = new LinkedHashMap<>();
        for (String path : paths) {
            // nothing of an earlier question is kept
            http.undo(http.note("1 egg").path("act").asString());
            asked.put(path, Statements.during(() -> http.get(path).ok()));
        }
        return asked;
    }

    @Test
    void anActWritesWithFewStatements() {
        for (EveryAct.Request act : EveryAct.of(http)) {
            Object asked = act.body().isEmpty() ? act.text() : EveryAct.renewed(http, act, act.body());
            few(act.url(), asked);
        }
    }

    /** However much there is to write: a long note, a haul, a recipe of new foods, two weeks of a plan. */
    @Test
    void aLargeActWritesWithNoMore() {
        String drawer = Sample.place(http, "Fridge-freezer drawer");
        StringBuilder note = new StringBuilder("salt\n4 tins star soup 3.20\n3 moon stew for 4\n2 star pies for 2\n");
        List<String> lines = new ArrayList<>();
        for (int i = 0; i < 30; i++) {
            note.append("2 x ")
                    .append(100 + i)
                    .append(" g moon cheese ")
                    .append(i)
                    .append(" 1.20\n");
            lines.add((10 + i) + " g comet flour " + i);
        }
        few("/api/onhand/note", Map.of("text", note.toString(), "place", drawer, "bought", true));
        http.act("/api/onhand/note", Map.of("text", note.toString())).ok();
        few("/api/onhand/note", Map.of("text", note.toString()));
        few("/api/recipes", Sample.recipe("Comet bread", 6, lines, List.of("Bake 40 minutes.")));
        for (int i = 0; i < 12; i++) {
            Map<String, Object> tick = Map.of("name", "moon cheese " + i, "packs", 2, "pack", "100 g", "price", "1.50");
            http.act("/api/shop/tick", tick).ok();
        }
        few("/api/shop/away", Map.of());
        Map<String, Object> weeks =
                Map.of("from", "2026-11-24", "days", 14, "mixture", "VARIED", "anew", true, "effort", 2_000);
        List<JsonNode> choices = new ArrayList<>();
        http.act("/api/plan/propose", weeks).ok().path("meals").forEach(meal -> {
            if (meal.path("open").asBoolean() && meal.has("choice")) {
                choices.add(meal.path("choice"));
            }
        });
        few("/api/plan/take", Map.of("meals", choices));
    }

    private void few(String url, Object asked) {
        String[] id = new String[1];
        List<String> done = Statements.during(
                () -> id[0] = http.act(url, asked).ok().path("act").asString());
        List<String> undone = Statements.during(() -> http.undo(id[0]).ok());
        assertThat(done).as(url + ":\n" + String.join("\n", done)).hasSizeLessThanOrEqualTo(MOST_OF_AN_ACT);
        assertThat(undone).as("undo of " + url).hasSizeLessThanOrEqualTo(MOST_OF_AN_ACT);
    }

    private List<String> paths() {
        String recipe =
                http.get("/api/recipes").ok().path("cards").get(0).path("id").asString();
        JsonNode packed = http.get("/api/pack")
                .ok()
                .path("packed")
                .valueStream()
                .filter(one -> http.get("/api/pack/" + one.path("act").asString() + "/hand")
                                .status()
                        == 200)
                .findFirst()
                .orElseThrow();
        http.act("/api/plan/feed", Map.of()).ok();
        String feed = http.get("/api/plan/feed").ok().path("path").asString();
        String run = http.get("/api/cookday/run").ok().path("id").asString();
        List<String> paths = new ArrayList<>();
        for (Map.Entry<String, JsonNode> path :
                http.get("/api/openapi.json").ok().path("paths").properties()) {
            // a search under way is not in the database
            boolean stored = !path.getKey().startsWith("/api/plan/search/");
            if (path.getValue().has("get") && stored && !path.getKey().endsWith(".pdf")) {
                String lot =
                        http.get("/api/onhand").ok().path("useFirst").get(0).asString();
                paths.add(Queries.asked(path.getKey(), path.getValue())
                        .replace("/lots/{id}", "/lots/" + lot)
                        .replace("/api/feed/{id}", feed)
                        .replace("/run/{id}", "/run/" + run)
                        .replace("{lot}", lot)
                        .replace("{act}", packed.path("act").asString())
                        .replaceAll("\\{(id|recipe)\\}", recipe));
            }
        }
        return paths;
    }

    private void grow() {
        String drawer = Sample.place(http, "Fridge-freezer drawer");
        for (int i = 0; i < 8; i++) {
            StringBuilder note = new StringBuilder();
            for (int j = 0; j < 20; j++) {
                note.append(1 + j)
                        .append("00 g moon cheese ")
                        .append(i * 20 + j)
                        .append(" 1.00\n");
            }
            note.append("20 x 500 g minced beef 60.00\n3 star stew for 4\n");
            http.act("/api/onhand/note", Map.of("text", note.toString(), "place", drawer))
                    .ok();
            List<String> lines = List.of("400 g minced beef", "1 onion", "100 g moon cheese " + i);
            http.act("/api/recipes", Sample.recipe("Crater pot " + i, 6, lines, List.of("Simmer 40 minutes.")))
                    .ok();
            planned(i, "Crater pot " + i);
            JsonNode recipes = http.get("/api/recipes").ok().path("cards");
            http.act(
                            "/api/cookday/batches",
                            Map.of(
                                    "recipe",
                                    recipes.get(i).path("id").asString(),
                                    "style",
                                    recipes.get(i).path("styles").get(0).asString(),
                                    "cookOn",
                                    "2026-11-28"))
                    .ok();
        }
    }

    /** On a day of its own, over what the demo has there. */
    private void planned(int i, String dish) {
        JsonNode day = http.get("/api/plan").ok().path("days").get(5 + i);
        Map<String, Object> evening =
                Sample.evening(day.path("date").asString(), "COOK", List.of(), List.of(Map.of("text", dish)));
        evening.put("version", Sample.dinner(day).path("slot").path("version").asInt(0));
        http.act("/api/plan/evening", evening).ok();
    }

    @Test
    void theNumberOfStatementsIsSmallAndDoesNotGrow() {
        List<String> paths = paths();
        Map<String, List<String>> before = asked(paths);
        before.forEach((path, statements) -> assertThat(statements)
                .as(path + " asks " + statements.size() + ":\n" + String.join("\n", statements))
                .hasSizeLessThanOrEqualTo(MOST));
        grow();
        Map<String, List<String>> after = asked(paths);
        before.forEach((path, statements) ->
                assertThat(after.get(path).size()).as(path).isEqualTo(statements.size()));
    }
}
