package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import wexilla.app.support.Sample;
import wexilla.app.support.StoryKitchen;

/** A big buy cut raw, by pieces, with what goes into its pot and what comes out of it; ways to use one. */
class CutRawTest extends StoryKitchen {

    private static Map<String, Object> share(String name, String... more) {
        Map<String, Object> share = new HashMap<>(Map.of("name", name));
        for (int i = 0; i < more.length; i += 2) {
            share.put(more[i], more[i + 1]);
        }
        return share;
    }

    private static Map<String, Object> buy(String food, String weight, String price, List<Map<String, Object>> shares) {
        return new HashMap<>(Map.of("food", food, "weight", weight, "price", price, "shares", shares));
    }

    private List<JsonNode> lots() {
        List<JsonNode> lots = new ArrayList<>();
        http.get("/api/onhand").ok().path("places").forEach(p -> p.path("lots").forEach(lots::add));
        return lots;
    }

    private JsonNode about(String about) {
        return lots().stream()
                .filter(lot -> lot.path("about").asString().equals(about))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no " + about + " in " + lots()));
    }

    private void keepAndCook(Map<String, Object> asked, Map<String, Object> cook) {
        Map<String, Object> input = new HashMap<>(Map.of("version", 0, "asked", asked));
        JsonNode onHand = http.get("/api/stretch").ok().path("onHand");
        if (!onHand.isEmpty()) {
            input.put("lot", onHand.get(0).path("lot").asString());
        }
        http.act("/api/stretch", input).ok();
        String id = http.get("/api/stretch")
                .ok()
                .path("stretches")
                .get(0)
                .path("id")
                .asString();
        http.act("/api/stretch/" + id + "/cook", cook).ok();
    }

    private BigDecimal worth() {
        return lots().stream()
                .map(lot -> new BigDecimal(lot.path("cost").asString()))
                .reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    /** S02: six pieces, two minced, two in chunks and frozen, two whole; each is raw, dated and worth its share. */
    @Test
    void sixPiecesAreCutRaw() {
        on("2026-12-05T18:00:00Z");
        http.note("turkey pieces 2.1 kg 7.56");
        List<Map<String, Object>> parts = List.of(
                share("dumplings", "pieces", "2", "pieceGrams", "350", "form", "minced"),
                share("chunks", "grams", "700", "form", "diced", "freeze", true + ""));
        Map<String, Object> asked = buy("turkey pieces", "2.1 kg", "7.56", new ArrayList<>(parts));
        parts.get(1).put("freeze", true);
        asked.put("raw", true);
        keepAndCook(asked, Map.of());
        assertThat(about("dumplings").path("amount").asString()).isEqualTo("700 g");
        assertThat(about("dumplings").path("cost").asString()).isEqualTo("2.52");
        assertThat(about("dumplings").path("until").path("date").asString()).isEqualTo("2026-12-07");
        assertThat(about("chunks").path("state").asString()).isEqualTo("FROZEN");
        assertThat(about("not decided").path("amount").asString()).isEqualTo("700 g");
        assertThat(worth()).isEqualTo("7.56");
    }

    private String labels() throws IOException {
        String cut = http.get("/api/acts").ok().get(0).path("id").asString();
        try (PDDocument pdf =
                Loader.loadPDF(http.get("/api/pack/" + cut + "/labels.pdf").bytes())) {
            return new PDFTextStripper().getText(pdf);
        }
    }

    /** A raw part in soy sauce is no plain chicken: it is paid for, its label says so, and so does what is cooked of it after a move. */
    @Test
    void whatItIsSeasonedWithGoesAlong() throws IOException {
        http.note("chicken thighs 1 kg 8.00\nsoy sauce 500 ml 2.50");
        Map<String, Object> bowls = share("bowls", "grams", "600", "season", "100 ml soy sauce, a little sesame oil");
        bowls.put("freeze", true);
        Map<String, Object> plain = share("plain", "grams", "400");
        plain.put("freeze", true);
        Map<String, Object> asked = buy("chicken thighs", "1 kg", "8.00", List.of(bowls, plain));
        asked.put("raw", true);
        keepAndCook(asked, Map.of());
        assertThat(labels()).contains("gluten", "sesame", "soy");
        String said = "bowls · 100 ml soy sauce, a little sesame oil";
        assertThat(about(said).path("cost").asString())
                .as("4.80 of chicken, 0.50 of soy sauce")
                .isEqualTo("5.30");
        JsonNode fridge = http.get("/api/onhand")
                .ok()
                .path("places")
                .valueStream()
                .filter(place -> place.path("kind").asString().equals("FRIDGE"))
                .findFirst()
                .orElseThrow();
        String lot = "/api/lots/" + about(said).path("id").asString();
        http.act(lot, Map.of("hand", "MOVE", "place", fridge.path("id").asString()))
                .ok();
        http.act("/api/lots/" + about("plain").path("id").asString(), Map.of("hand", "USE"))
                .ok();
        String recipe = recipe("Chicken bowls", 4, "600 g chicken thighs", "300 g rice");
        JsonNode cooked = http.act("/api/cook", Sample.cook(recipe, 4)).ok();
        Map<String, Object> packets = Map.of(
                "lot",
                cooked.path("lot").asString(),
                "packets",
                List.of(4),
                "place",
                fridge.path("id").asString());
        assertThat(http.act("/api/pack/draft", packets)
                        .ok()
                        .path("labels")
                        .get(0)
                        .path("contains")
                        .asString())
                .contains("gluten", "sesame", "soy");
    }

    /** Cut again, a seasoned part is still seasoned; and what it is seasoned with the second time comes to it. */
    @Test
    void cutAgainItIsStillSeasoned() throws IOException {
        http.note("chicken thighs 1 kg 8.00\nsoy sauce 500 ml 2.50");
        Map<String, Object> first = buy(
                "chicken thighs", "1 kg", "8.00", List.of(share("all", "grams", "1000", "season", "50 ml soy sauce")));
        first.put("raw", true);
        keepAndCook(first, Map.of());
        Map<String, Object> half = share("half", "grams", "500", "season", "1 tbsp sesame oil");
        half.put("freeze", true);
        Map<String, Object> plain = share("plain", "grams", "500");
        plain.put("freeze", true);
        Map<String, Object> again = buy("chicken thighs", "1 kg", "8.25", List.of(half, plain));
        again.put("raw", true);
        Map<String, Object> input = new HashMap<>(Map.of("version", 0, "asked", again));
        input.put("lot", about("all · 50 ml soy sauce").path("id").asString());
        http.act("/api/stretch", input).ok();
        String id = http.get("/api/stretch")
                .ok()
                .path("stretches")
                .valueStream()
                .filter(one -> one.path("state").asString().equals("OPEN"))
                .findFirst()
                .orElseThrow()
                .path("id")
                .asString();
        http.act("/api/stretch/" + id + "/cook", Map.of()).ok();
        String labels = labels();
        assertThat(labels.split("soya", -1)).as("both labels: " + labels).hasSize(3);
        assertThat(labels).contains("sesame");
    }

    /** S12: what goes into the pot is paid for with the meat: 9.45 and a cup of broth for 0.20 in three tubs. */
    @Test
    void whatGoesIntoThePotIsSharedToo() {
        http.note("turkey breast 1.35 kg 9.45\nstock 1 l 0.80");
        Map<String, Object> asked = buy(
                "turkey breast",
                "1.35 kg",
                "9.45",
                List.of(
                        share("herb", "grams", "315"),
                        share("smoke", "grams", "315"),
                        share("mustard", "grams", "315")));
        asked.put("inputs", List.of("250 ml stock", "500 ml water"));
        keepAndCook(asked, Map.of("weighed", "945 g"));
        assertThat(List.of("herb", "smoke", "mustard"))
                .extracting(name -> about(name).path("cost").asString())
                .containsExactlyInAnyOrder("3.22", "3.22", "3.21");
        assertThat(worth()).isEqualTo("10.25");
        // 0.95 of 750 ml, to be taken by the next soup
        assertThat(about("from turkey breast").path("amount").asString()).isEqualTo("713 ml");
        assertThat(about("from turkey breast").path("until").path("date").asString())
                .isEqualTo("2026-11-27");
        String soup = recipe("Soup", 4, "700 ml chicken stock");
        assertThat(http.get("/api/cook/" + soup + "?style=COOKED")
                        .ok()
                        .path("goesIn")
                        .get(0)
                        .path("takes"))
                .isNotEmpty();
    }

    private JsonNode preview(String call, Map<String, Object> body) {
        return http.act("/api/preview/" + call, body).body();
    }

    /** S10.3: a declaration that does not sum to 100 is refused; 25 per cent of fat leaves 0.68 of mince. */
    @Test
    void fatAndLeanAreAHundred() {
        Map<String, Object> mince = buy("minced beef", "6.6 kg", "34.32", List.of());
        mince.put("fat", "27");
        mince.put("lean", "83");
        JsonNode refused = preview("stretch", mince);
        assertThat(refused.path("field").asString()).isEqualTo("/lean");
        assertThat(refused.path("detail").asString()).contains("110");
        mince.put("fat", "25");
        mince.put("lean", "75");
        assertThat(preview("stretch", mince).path("cookedGrams").asString()).isEqualTo("4488");
    }

    /** Protein of 100 g white beans cooked 9.7 g, of pork shoulder 27 g: USDA FoodData Central, from memory. */
    @Test
    void aPlateSaysItsProtein() {
        Map<String, Object> asked = buy(
                "pork shoulder",
                "1 kg",
                "6.00",
                List.of(share("pot", "grams", "300", "plates", "6", "extender", "300 g dried white beans")));
        JsonNode pot = preview("stretch", asked).path("shares").get(0);
        // 300 × 0.27 + 300 × 2.3 × 0.097 = 147.93 for six
        assertThat(pot.path("plateProtein").asString()).isEqualTo("24.7");
        assertThat(pot.path("rawGrams").asString()).isEqualTo("500");
    }

    /** Whatever comes out of it is spoken for, or said to be left; nothing stays in the fridge past its days. */
    @ParameterizedTest
    @CsvSource({
        "whole turkey, 5 kg, 19.50, 5, 60",
        "whole chicken, 1.6 kg, 5.20, 7, 10",
        "minced beef, 2 kg, 9.00, 14, 40",
        "white fish, 1.5 kg, 12.00, 4, 5",
        "white beans, 1 kg, 3.00, 7, 20",
        "pork shoulder, 3 kg, 15.00, 3, 0"
    })
    void theWaysAddUp(String food, String weight, String price, int days, String freezer) {
        JsonNode answer = preview(
                "ways",
                Map.of(
                        "food",
                        food,
                        "weight",
                        weight,
                        "price",
                        price,
                        "people",
                        List.of(Map.of("age", "adult"), Map.of("age", "child 9-13")),
                        "days",
                        days,
                        "freezerLitres",
                        freezer));
        assertThat(answer.path("ways").size()).as(answer.toString()).isBetween(2, 3);
        for (JsonNode way : answer.path("ways")) {
            BigDecimal sum = BigDecimal.ZERO;
            for (JsonNode part : way.path("parts")) {
                sum = sum.add(new BigDecimal(part.path("grams").asString()));
                assertThat(part.path("day").asInt()).isBetween(1, days);
                assertThat(part.path("freeze").asBoolean() || part.path("day").asInt() <= 6)
                        .isTrue();
            }
            assertThat(sum).isEqualByComparingTo(answer.path("cookedGrams").asString());
            assertThat(way.path("reasons")).isNotEmpty();
            assertThat(way.path("order")).isNotEmpty();
        }
    }
}
