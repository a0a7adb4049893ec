package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import wexilla.app.onhand.Ledger;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;
import wexilla.app.support.Sample;

/** A big buy from the note to lots of cooked meat: Σ to the cent, undone whole, refused with what is missing. */
class StretchTest {

    private final Http http = Kitchen.emptyHousehold();

    @AfterEach
    void booksAreRight() {
        assertThat(Kitchen.bean(Ledger.class).mismatches()).isEmpty();
    }

    private static Map<String, Object> meat(String name, String grams) {
        return new HashMap<>(Map.of("name", name, "grams", grams, "freeze", false));
    }

    private static Map<String, Object> buy(String lot, List<Map<String, Object>> shares) {
        Map<String, Object> asked = Map.of(
                "food",
                "pork shoulder, bone in",
                "weight",
                "3.2 kg",
                "price",
                "17.57",
                "cookOn",
                "2026-11-24",
                "shares",
                shares);
        Map<String, Object> input = new HashMap<>(Map.of("version", 0, "asked", asked));
        if (!lot.isEmpty()) {
            input.put("lot", lot);
        }
        return input;
    }

    private JsonNode stretch() {
        return http.get("/api/stretch").ok().path("stretches").get(0);
    }

    @Test
    void theJointIsCookedIntoLotsThatSumToItsPrice() {
        http.note("3.2 kg pork shoulder, bone in, 17.57");
        JsonNode onHand = http.get("/api/stretch").ok().path("onHand").get(0);
        assertThat(onHand.path("rawEatBy").asString()).isEqualTo("2026-11-28");
        Map<String, Object> freeze = meat("bean pot", "330");
        freeze.put("freeze", true);
        Map<String, Object> bones = Map.of("name", "bones", "part", "by-product", "costPercent", "10");
        String lot = onHand.path("lot").asString();
        http.act("/api/stretch", buy(lot, List.of(meat("roast", "600"), freeze, bones)))
                .ok();
        assertThat(http.get("/api/stretch").ok().path("onHand")).isEmpty();

        String path = "/api/stretch/" + stretch().path("id").asString() + "/cook";
        Http.Answer light = http.act(path, Map.of("weighed", "900 g"));
        assertThat(http.get("/api/onhand")
                        .ok()
                        .path("places")
                        .valueStream()
                        .flatMap(place -> place.path("lots").valueStream())
                        .map(one -> one.path("amount").asString()))
                .as("what came out is what there is; the parts give way")
                .contains("581 g", "319 g");
        http.undo(light.ok().path("act").asString()).ok();
        assertThat(http.act(path, Map.of("weighed", "two bowls")).field()).isEqualTo("/weighed");
        String act =
                http.act(path, Map.of("weighed", "1.5 kg")).ok().path("act").asString();

        List<JsonNode> lots = new ArrayList<>();
        http.get("/api/onhand").ok().path("places").forEach(p -> p.path("lots").forEach(lots::add));
        assertThat(lots)
                .extracting(
                        l -> l.path("about").asString() + " " + l.path("amount").asString())
                .containsExactlyInAnyOrder("roast 600 g", "bean pot 330 g", "bones 1", "not decided 570 g");
        assertThat(lots.stream()
                        .map(l -> new BigDecimal(l.path("cost").asString()))
                        .reduce(BigDecimal.ZERO, BigDecimal::add))
                .isEqualTo(new BigDecimal("17.57"));
        JsonNode frozen = lots.stream()
                .filter(l -> l.path("state").asString().equals("FROZEN"))
                .findFirst()
                .orElseThrow();
        assertThat(frozen.path("code").asString()).hasSize(3);
        assertThat(stretch().path("state").asString()).isEqualTo("COOKED");
        assertThat(http.act(path, Map.of()).field()).isEqualTo("/id");

        http.undo(act).ok();
        assertThat(stretch().path("state").asString()).isEqualTo("OPEN");
        assertThat(http.get("/api/onhand").ok().path("worth").asString()).isEqualTo("17.57");
    }

    private String recipe(String title, String... lines) {
        return http.act("/api/recipes", Sample.recipe(title, 4, List.of(lines), List.of()))
                .ok()
                .path("id")
                .asString();
    }

    private static JsonNode line(JsonNode page, int pos) {
        return page.path("lines").get(pos);
    }

    /**
     * What was cut reaches the next dish: the part cut for it is taken first, whatever form its line names, with its
     * cost; what was cut for another dish is left to that; the rest meets any line of cooked meat.
     */
    @Test
    void theDishTakesThePartThatWasCutForIt() {
        String curry = recipe("Pork curry", "500 g pork shoulder, bone in", "200 g rice");
        String salad = recipe("Warm salad", "200 g cooked pork");
        String roast = recipe("Sunday roast", "1 kg pork shoulder, bone in");
        http.note("3.2 kg pork shoulder, bone in, 17.57\n1 kg rice 1.80");
        String lot =
                http.get("/api/stretch").ok().path("onHand").get(0).path("lot").asString();
        http.act("/api/stretch", buy(lot, List.of(meat("pork curry", "240")))).ok();
        String path = "/api/stretch/" + stretch().path("id").asString() + "/cook";
        http.act(path, Map.of("weighed", "1.5 kg")).ok();

        JsonNode page = http.get("/api/recipes/" + curry).ok();
        assertThat(line(page, 0).path("costComplete").asBoolean()).isTrue();
        // 500 g raw are 238.6 g cooked, by the book's 0.48 and the weighing of today: 17.57 × 238.6 / 1500
        assertThat(line(page, 0).path("cost").asString()).isEqualTo("2.79");
        JsonNode other = http.get("/api/recipes/" + salad).ok();
        assertThat(line(other, 0).path("cost").asString()).isEqualTo("2.34");
        // raw meat is never met by cooked without saying so
        assertThat(line(http.get("/api/recipes/" + roast).ok(), 0).path("from").asString())
                .isNotEqualTo("STOCK");

        JsonNode cooked = http.act("/api/cook", Sample.cook(curry, 4)).ok();
        assertThat(cooked.path("cost").asString()).isEqualTo("3.15");
        Map<String, String> left = new HashMap<>();
        http.get("/api/onhand")
                .ok()
                .path("places")
                .forEach(place -> place.path("lots")
                        .forEach(one -> left.put(
                                one.path("about").asString(), one.path("amount").asString())));
        assertThat(left).containsEntry("not decided", "1.26 kg");
        assertThat(left.get("pork curry")).startsWith("1.4");
        // what the dish left is anybody's now; taken back, the part is spoken for again
        String platter = recipe("Platter", "1261 g cooked pork");
        assertThat(line(http.get("/api/recipes/" + platter).ok(), 0)
                        .path("from")
                        .asString())
                .isEqualTo("STOCK");
        http.undo(cooked.path("act").asString()).ok();
        assertThat(line(http.get("/api/recipes/" + platter).ok(), 0)
                        .path("from")
                        .asString())
                .isNotEqualTo("STOCK");
    }

    @Test
    void aJointThatIsNotInTheRecordIsNoted() {
        http.act("/api/stretch", buy("", List.of(meat("roast", "600")))).ok();
        String path = "/api/stretch/" + stretch().path("id").asString() + "/cook";
        http.act(path, Map.of()).ok();
        assertThat(http.get("/api/onhand").ok().path("worth").asString()).isEqualTo("17.57");
    }

    @Test
    void nonsenseAndOldWindowsAreRefused() {
        assertThat(http.act("/api/stretch", buy("", List.of(meat("roast", "1600"))))
                        .body()
                        .path("shortfallGrams")
                        .asString())
                .isEqualTo("64");
        assertThat(http.act("/api/stretch", buy("", List.of(meat(" ", "60")))).field())
                .isEqualTo("/shares/0/name");
        Map<String, Object> early = meat("roast", "60");
        early.put("eatOn", "1900-01-01");
        assertThat(http.act("/api/stretch", buy("", List.of(early))).field()).isEqualTo("/shares/0/eatOn");
        assertThat(http.get("/api/stretch").ok().path("stretches")).isEmpty();

        http.act("/api/stretch", buy("", List.of(meat("roast", "600")))).ok();
        Map<String, Object> again = buy("", List.of(meat("roast", "500")));
        again.put("id", stretch().path("id").asString());
        again.put("version", 1);
        String change = http.act("/api/stretch", again).ok().path("act").asString();
        assertThat(http.act("/api/stretch", again).status()).isEqualTo(412);
        http.undo(change).ok();
        assertThat(stretch().path("asked").path("shares").get(0).path("grams").asString())
                .isEqualTo("600");
    }

    /** The moment of the design, asked without storing: plates, cents, and the day by which it must be cooked. */
    @Test
    void whatIfNeedsThreeFields() {
        JsonNode cut = http.act(
                        "/api/preview/stretch",
                        Map.of(
                                "food",
                                "pork shoulder, bone in",
                                "weight",
                                "3.2 kg",
                                "price",
                                "17.57",
                                "shares",
                                List.of()))
                .ok();
        assertThat(cut.path("cookedGrams").asString()).isEqualTo("1536");
        assertThat(cut.path("plainPlates").asInt()).isEqualTo(13);
        assertThat(cut.path("remainder").path("cost").asString()).isEqualTo("17.57");
        assertThat(cut.path("yieldSource").asString()).contains("USDA");
    }

    /** Nothing is typed twice: the joint and what it is stretched with come onto the list, less what is there. */
    @Test
    void whatIsMissingForABigBuyComesOntoTheList() {
        http.note("1 kg potatoes 0.79");
        Map<String, Object> roast = meat("roast", "600");
        roast.put("extender", "1.5 kg potatoes");
        String act = http.act("/api/stretch", buy("", List.of(roast)))
                .ok()
                .path("act")
                .asString();
        JsonNode wanted = http.get("/api/shop").ok().path("wanted");
        assertThat(wanted.toString()).contains("big buy: pork shoulder, bone in", "big buy: roast");
        assertThat(wanted.findValuesAsString("need")).containsExactlyInAnyOrder("3.2 kg", "500 g");
        http.note("3.2 kg pork shoulder, bone in 17.57");
        assertThat(http.get("/api/shop").ok().path("wanted").findValuesAsString("name"))
                .containsExactly("potato");
        http.undo(act).ok();
        assertThat(http.get("/api/shop").ok().path("wanted")).isEmpty();
    }
}
