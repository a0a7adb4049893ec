package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import wexilla.app.support.Http.Answer;
import wexilla.app.support.Sample;
import wexilla.app.support.StoryKitchen;

/** A cook day while it runs: one state for every device, each event an act with its undo, the past never moved. */
class RunTest extends StoryKitchen {

    private void put(String title, String day, String... steps) {
        Map<String, Object> recipe =
                new HashMap<>(Sample.recipe(title, 6, List.of("500 g beef mince", "2 onions, diced"), List.of()));
        recipe.put("steps", Stream.of(steps).map(text -> Map.of("text", text)).toList());
        String id = http.act("/api/recipes", recipe).ok().path("id").asString();
        http.act("/api/cookday/batches", Map.of("recipe", id, "style", "COOKED", "cookOn", day))
                .ok();
    }

    private void cooker() {
        http.act(
                        "/api/household/equipment",
                        Map.of(
                                "name",
                                "slow cooker",
                                "kind",
                                "SLOW_COOKER",
                                "capacity",
                                "5.7 l",
                                "count",
                                1,
                                "version",
                                0))
                .ok();
        http.act(
                        "/api/household/equipment",
                        Map.of("name", "burner", "kind", "BURNER", "capacity", "", "count", 4, "version", 0))
                .ok();
    }

    private JsonNode run() {
        return http.get("/api/cookday/run").ok();
    }

    private String begin() {
        http.act("/api/cookday/run", Map.of("day", "2026-12-05")).ok();
        return run().path("id").asString();
    }

    private Answer task(String id, int pos, String what, Object... more) {
        return http.act(
                "/api/cookday/run/" + id + "/task",
                more.length == 0
                        ? Map.of("pos", pos, "what", what)
                        : Map.of("pos", pos, "what", what, (String) more[0], more[1]));
    }

    private static JsonNode find(JsonNode run, String text) {
        return run.path("tasks")
                .valueStream()
                .filter(task -> task.path("text").asString().startsWith(text))
                .findFirst()
                .orElseThrow();
    }

    private static int pos(JsonNode run, String text) {
        return find(run, text).path("pos").asInt();
    }

    private void chilli() {
        on("2026-12-05T09:00:00Z");
        cooker();
        put(
                "Chilli",
                "2026-12-05",
                "Fry the beef mince with the onions 15 minutes.",
                "Slow cook on low 6 hours, stir every 2 hours.");
    }

    /** Two batches of one recipe are two: each is dropped and taken off the heat by itself. */
    @Test
    void twoPotsOfOneRecipe() {
        on("2026-12-05T09:00:00Z");
        cooker();
        put("Chilli", "2026-12-05", "Simmer 40 minutes.");
        String recipe =
                http.get("/api/recipes").ok().path("cards").get(0).path("id").asString();
        http.act("/api/cookday/batches", Map.of("recipe", recipe, "style", "COOKED", "cookOn", "2026-12-05"))
                .ok();
        String id = begin();
        List<String> pots = run().path("tasks")
                .valueStream()
                .map(task -> task.path("of").asString())
                .distinct()
                .toList();
        assertThat(pots).hasSize(2);
        JsonNode first = run().path("tasks").get(0);
        http.act(
                        "/api/cookday/run/" + id + "/dish",
                        Map.of("drop", first.path("of").asString()))
                .ok();
        JsonNode left = run().path("tasks")
                .valueStream()
                .filter(task -> task.path("text").asString().startsWith("Simmer")
                        && task.path("state").asString().equals("TO_DO"))
                .findFirst()
                .orElseThrow();
        assertThat(left.path("of").asString()).isNotEqualTo(first.path("of").asString());
        assertThat(left.path("dish").asString())
                .startsWith("Chilli, pot ")
                .isNotEqualTo(first.path("dish").asString());
        task(id, left.path("pos").asInt(), "BEGIN").ok();
        on("2026-12-05T09:40:00Z");
        task(id, left.path("pos").asInt(), "DONE").ok();
        assertThat(run().path("cooked"))
                .as("the other one is not cooked")
                .hasSize(1)
                .first()
                .extracting(JsonNode::asString)
                .isEqualTo(left.path("of").asString());
    }

    /** Fried late, the cooker starts by itself, its timers ring at its end and at every stir; done, closed, and it taught. */
    @Test
    void aDayFromItsBeginToItsEnd() {
        chilli();
        String id = begin();
        JsonNode first = run();
        JsonNode me = first.path("hands").get(0);
        assertThat(me.path("now").asInt()).isEqualTo(pos(first, "Fry"));
        assertThat(find(first, "Fry").path("amounts").toString())
                .contains("500 g")
                .contains("onions");
        assertThat(find(first, "Slow").path("caution").asString()).isEqualTo("reach 71 °C in the core");
        task(id, pos(first, "Fry"), "BEGIN").ok();
        on("2026-12-05T09:20:00Z");
        String act = task(id, pos(first, "Fry"), "DONE").ok().path("act").asString();
        JsonNode slow = find(run(), "Slow");
        assertThat(slow.path("state").asString()).isEqualTo("BEGUN");
        assertThat(slow.path("end").asString()).endsWith("T15:20");
        assertThat(run().path("timers")
                        .valueStream()
                        .map(timer -> timer.path("words").asString().substring(0, 4) + " "
                                + Instant.ofEpochMilli(timer.path("due").asLong())))
                .containsExactly("stir 2026-12-05T11:20:00Z", "stir 2026-12-05T13:20:00Z", "Slow 2026-12-05T15:20:00Z");
        http.undo(act).ok();
        assertThat(find(run(), "Fry").path("state").asString()).isEqualTo("BEGUN");
        assertThat(run().path("timers")).isEmpty();
        task(id, pos(first, "Fry"), "DONE").ok();
        assertThat(task(id, pos(first, "Fry"), "DONE").status()).isEqualTo(422);
        on("2026-12-05T11:21:00Z");
        String stir = run().path("timers").get(0).path("id").asString();
        http.act("/api/cookday/run/" + id + "/timer", Map.of("heard", stir)).ok();
        task(id, pos(first, "Slow"), "LONGER", "minutes", 5).ok();
        assertThat(run().path("timers")).as("heard stays heard").hasSize(2);
        assertThat(find(run(), "Slow").path("end").asString()).endsWith("T15:25");
        on("2026-12-05T15:25:00Z");
        assertThat(run().path("toEnd").get(0).asInt()).isEqualTo(pos(first, "Slow"));
        assertThat(run().path("cooked")).isEmpty();
        task(id, pos(first, "Slow"), "DONE").ok();
        assertThat(run().path("cooked")).as("off the heat: to be written down").hasSize(1);
        on("2026-12-05T16:55:00Z");
        task(id, pos(first, "cool"), "DONE").ok();
        on("2026-12-05T17:01:00Z");
        task(id, pos(first, "bag"), "DONE").ok();
        assertThat(run().path("over").asBoolean()).isTrue();
        http.act("/api/cookday/run/" + id + "/close", "").ok();
        assertThat(run().has("id")).isFalse();
        // 20 minutes of frying instead of 15, and bagging: the own pace is slower than written now
        put("Chilli again", "2026-12-06", "Fry the beef mince with the onions 60 minutes.");
        JsonNode next = http.get("/api/cookday/clock?day=2026-12-06").ok();
        assertThat(find(next, "Fry").path("to").asInt()).isGreaterThan(60);
    }

    /** Away, helped, a cooker that fails and what is done instead; a rest; a dish dropped and one that comes. */
    @Test
    void notAsPlanned() {
        chilli();
        put("Soup", "2026-12-05", "Dice the onions 20 minutes.", "Simmer 40 minutes.");
        String id = begin();
        String base = "/api/cookday/run/" + id;
        int slow = pos(run(), "Slow");
        task(id, pos(run(), "Fry"), "HERE").ok();
        String before = run().path("handsFree").asString();
        String name = run().path("hands").get(0).path("name").asString();
        http.act(base + "/hands", Map.of("what", "AWAY", "minutes", 20, "name", name))
                .ok();
        assertThat(run().path("hands").get(0).path("there").asBoolean()).isFalse();
        assertThat(run().path("handsFree").asString()).isGreaterThanOrEqualTo(before);
        http.act(base + "/hands", Map.of("what", "COMES", "minutes", 300, "name", "Grandmother"))
                .ok();
        assertThat(run().path("hands")).hasSize(2);
        assertThat(http.act(base + "/hands", Map.of("what", "AWAY", "minutes", 0))
                        .field())
                .isEqualTo("/minutes");
        assertThat(http.act(base + "/hands", Map.of("what", "GOES", "name", "nobody"))
                        .field())
                .isEqualTo("/name");
        task(id, pos(run(), "Fry"), "DONE").ok();
        int cooker = run().path("gear")
                .valueStream()
                .filter(gear -> gear.path("name").asString().equals("slow cooker"))
                .findFirst()
                .orElseThrow()
                .path("pos")
                .asInt();
        http.act(base + "/fails", Map.of("gear", cooker)).ok();
        assertThat(run().path("waiting").get(0).asInt()).isEqualTo(slow);
        assertThat(run().path("told").toString()).contains("Chilli waits");
        http.act(base + "/task", Map.of("pos", slow, "what", "INSTEAD", "kind", "BURNER", "minutes", 120))
                .ok();
        assertThat(run().path("waiting")).isEmpty();
        http.act(base + "/dish", Map.of("drop", "Soup")).ok();
        assertThat(find(run(), "Simmer").path("state").asString()).isEqualTo("LEFT_OUT");
        put("Stew", "2026-12-05", "Simmer it 90 minutes.");
        String batch = run().path("could").get(0).path("batch").asString();
        http.act(base + "/dish", Map.of("add", batch)).ok();
        assertThat(run().path("tasks")
                        .valueStream()
                        .map(task -> task.path("dish").asString()))
                .contains("Stew");
        http.act(base + "/timer", Map.of("words", "eggs", "minutes", 8)).ok();
        assertThat(run().path("timers").toString()).contains("eggs");
        int stew = pos(run(), "Simmer it");
        http.act(base + "/task", Map.of("pos", stew, "what", "MOVE", "at", "2026-12-05T12:00"))
                .ok();
        assertThat(find(run(), "Simmer it").path("start").asString()).isGreaterThanOrEqualTo("2026-12-05T12:00");
        assertThat(http.act(base + "/task", Map.of("pos", stew, "what", "MOVE", "at", "noon"))
                        .field())
                .isEqualTo("/at");
        assertThat(http.act(base + "/task", Map.of("pos", 999, "what", "DONE")).field())
                .isEqualTo("/pos");
        assertThat(http.act("/api/cookday/run", Map.of("day", "2026-12-05")).detail())
                .contains("runs already");
        assertThat(http.act("/api/cookday/run", Map.of("day", "2026-12-20")).detail())
                .contains("Nothing is put on");
    }

    /** A phone without network says later what was done then: it is written at its time, the rest begins from now on. */
    @Test
    void heardOfLater() {
        chilli();
        put("Soup", "2026-12-05", "Dice the onions 20 minutes.", "Simmer 40 minutes.");
        String id = begin();
        int fry = pos(run(), "Fry");
        task(id, fry, "BEGIN").ok();
        on("2026-12-05T11:00:00Z");
        http.send(http.request("/api/cookday/run/" + id + "/task")
                        .header("Idempotency-Key", UUID.randomUUID().toString())
                        .header("Happened-At", "2026-12-05T09:20:00Z")
                        .header("Content-Type", "application/json")
                        .POST(HttpRequest.BodyPublishers.ofString("{\"pos\":" + fry + ",\"what\":\"DONE\"}")))
                .ok();
        JsonNode run = run();
        assertThat(find(run, "Fry").path("end").asString()).isEqualTo("2026-12-05T09:20");
        assertThat(find(run, "Slow").path("start").asString()).isEqualTo("2026-12-05T09:20");
        assertThat(run.path("tasks")
                        .valueStream()
                        .filter(task -> task.path("state").asString().equals("TO_DO"))
                        .map(task -> task.path("start").asString()))
                .isNotEmpty()
                .allMatch(start -> start.compareTo("2026-12-05T11:00") >= 0, "from now on");
    }

    /** Timers that ring at once stand in one order on every device and at every look: none moves under a finger. */
    @Test
    void timersOfOneMinute() {
        chilli();
        String id = begin();
        for (int n = 0; n < 8; n++) {
            http.act("/api/cookday/run/" + id + "/timer", Map.of("words", "eggs", "minutes", 8))
                    .ok();
        }
        assertThat(run().path("timers")
                        .valueStream()
                        .map(timer -> timer.path("id").asString()))
                .hasSize(8)
                .isSorted();
    }

    /** Two people from when to when, a break, and an end that was asked for: nobody works outside her hours. */
    @Test
    void whoIsThereWhen() {
        chilli();
        JsonNode clock = http.get(
                        "/api/cookday/clock?day=2026-12-05&hands=Nora;10:00;10:30,Tomas;16:00;20:00&breaks=10:05;10")
                .ok();
        JsonNode fry = find(clock, "Fry");
        assertThat(fry.path("start").asString()).isEqualTo("2026-12-05T10:15");
        assertThat(clock.path("lanes").get(0).path("name").asString()).isEqualTo("Nora");
        assertThat(clock.path("handsFree").asString()).isLessThan("2026-12-05T20:00");
        JsonNode by = http.get("/api/cookday/clock?day=2026-12-05&hands=Nora;08:00;21:00&doneBy=20:30")
                .ok();
        assertThat(by.path("handsFree").asString()).isEqualTo("2026-12-05T20:30");
        for (String bad :
                List.of("hands=Nora;14", "hands=Nora;15:00;14:00", "breaks=15:00", "begin=noon", "hands=;1:00;2:00")) {
            assertThat(http.get("/api/cookday/clock?day=2026-12-05&" + bad).status())
                    .as(bad)
                    .isEqualTo(422);
        }
        JsonNode few = http.get("/api/cookday/clock?day=2026-12-05&hands=Nora;10:00;10:05")
                .ok();
        assertThat(few.path("impossible").asString()).as("nothing is refused").isEmpty();
        assertThat(few.toString()).containsPattern("Nora is needed \\d+ min longer than planned");
    }

    /** A night the clock goes back is an hour longer: eight hours from eleven end at six. */
    @Test
    void theNightTheClockChanges() {
        on("2026-10-24T20:00:00Z");
        setting("zone", "Europe/Paris");
        cooker();
        put("Broth", "2026-10-24", "Slow cook on low 8 hours.");
        JsonNode clock =
                http.get("/api/cookday/clock?day=2026-10-24&begin=23:00").ok();
        assertThat(find(clock, "Slow").path("end").asString()).isEqualTo("2026-10-25T06:00");
    }

    /** Every device that looks is told at once when another one did something. */
    @Test
    void everyDeviceIsTold() throws Exception {
        chilli();
        String id = begin();
        HttpResponse<InputStream> stream = HttpClient.newHttpClient()
                .send(http.request("/api/cookday/run/events").GET().build(), HttpResponse.BodyHandlers.ofInputStream());
        try (BufferedReader events = new BufferedReader(new InputStreamReader(stream.body(), StandardCharsets.UTF_8))) {
            assertThat(events.readLine()).isEqualTo("event:here");
            int version = run().path("version").asInt();
            task(id, pos(run(), "Fry"), "BEGIN").ok();
            String line = events.readLine();
            while (!line.equals("event:changed")) {
                line = events.readLine();
            }
            assertThat(run().path("version").asInt()).isEqualTo(version + 1);
        }
    }

    /** On paper: labels before the first bag, bowls, the clock, what is washed; of the running day, too. */
    @Test
    void theSheet() throws Exception {
        chilli();
        String planned = paper("/api/cookday/sheet.pdf?day=2026-12-05&begin=09:00&hands=Nora,Tomas");
        assertThat(planned)
                .containsSubsequence(
                        "Cook sheet, Sat 5 Dec",
                        "Labels first",
                        "Chilli: 2 packets",
                        "Chop once",
                        "By the clock",
                        "09:00",
                        "Chilli: Fry the beef mince",
                        "Washing up",
                        "slow cooker, after Chilli");
        begin();
        assertThat(paper("/api/cookday/sheet.pdf?day=2026-12-05")).contains("Chilli: Slow cook on low");
        assertThat(http.get("/api/cookday/sheet.pdf?day=moon").status()).isEqualTo(422);
    }

    private String paper(String path) throws Exception {
        try (PDDocument document = Loader.loadPDF(http.get(path).bytes())) {
            return new PDFTextStripper().getText(document);
        }
    }

    /** The probe in the pot: how far it is from its core, and whether it cools in time. */
    @Test
    void theProbe() {
        chilli();
        String id = begin();
        task(id, pos(run(), "Fry"), "DONE").ok();
        String probe = "/api/cookday/run/" + id + "/probe?pos=" + pos(run(), "Slow");
        http.act("/api/probe/play", Map.of("tenths", 655)).ok();
        assertThat(http.get(probe).ok().path("words").asString()).isEqualTo("5.5 °C more to 71 °C in the core");
        http.act("/api/probe/play", Map.of("tenths", 740)).ok();
        assertThat(http.get(probe).ok().path("good").asBoolean()).isTrue();
        assertThat(http.act("/api/probe/play", Map.of("tenths", 9000)).field()).isEqualTo("/tenths");
        task(id, pos(run(), "Slow"), "DONE").ok();
        String cools = "/api/cookday/run/" + id + "/probe?pos=" + pos(run(), "cool");
        http.act("/api/probe/play", Map.of("tenths", 400)).ok();
        assertThat(http.get(cools).ok().path("words").asString()).startsWith("21 °C within 2 h");
        on("2026-12-05T11:30:00Z");
        assertThat(http.get(cools).ok().path("words").asString()).contains("30 min too late");
        assertThat(http.get("/api/cookday/run/" + id + "/probe?pos=77").field()).isEqualTo("/pos");
    }
}
