package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import wexilla.app.support.StoryKitchen;

/** What the strangers' stories say must come out when a big buy is cut, each by its number. */
class StoriesOfStretchTest extends StoryKitchen {

    private JsonNode cut(String food, String weight, String price, Object... more) {
        Map<String, Object> asked =
                new HashMap<>(Map.of("food", food, "weight", weight, "price", price, "shares", List.of()));
        for (int i = 0; i < more.length; i += 2) {
            asked.put((String) more[i], more[i + 1]);
        }
        return http.act("/api/preview/stretch", asked).ok();
    }

    private static List<String> costs(JsonNode cut) {
        return cut.path("shares")
                .valueStream()
                .map(share -> share.path("cost").asString())
                .toList();
    }

    /** S10.2, .4: 6.6 kg of mince at 5.20 a kilo; nine bags of 480 g and 170 g that are left, to the cent. */
    @Test
    void nineBagsOfMince() {
        List<Map<String, String>> bags = new ArrayList<>();
        for (int i = 1; i <= 9; i++) {
            bags.add(Map.of("name", "bag " + i, "grams", "480"));
        }
        JsonNode typed = cut("minced beef", "6.6 kg", "34.32", "fat", "25", "lean", "75");
        assertThat(typed.path("cookedGrams").asString()).isEqualTo("4488");
        JsonNode weighed = cut("minced beef", "6.6 kg", "34.32", "cookedYield", "4490/6600", "shares", bags);
        assertThat(costs(weighed)).filteredOn("3.67"::equals).hasSize(8);
        assertThat(costs(weighed)).filteredOn("3.66"::equals).hasSize(1);
        assertThat(weighed.path("remainder").path("grams").asString()).isEqualTo("170");
        assertThat(weighed.path("remainder").path("cost").asString()).isEqualTo("1.30");
    }

    /** S10.3: fat 27 and lean 83 do not sum to 100. */
    @Test
    void aDeclarationThatDoesNotSumIsRefused() {
        assertThat(http.act(
                                "/api/preview/stretch",
                                Map.of(
                                        "food",
                                        "minced beef",
                                        "weight",
                                        "2 kg",
                                        "price",
                                        "9.00",
                                        "fat",
                                        "27",
                                        "lean",
                                        "83",
                                        "shares",
                                        List.of()))
                        .status())
                .isEqualTo(422);
    }

    /** S10.5: 5 kg of thighs at 1.98 give 0.43: 4.60 a kilo; at the shelf they meet the household's 2.00. */
    @Test
    void thighsAtTheirPrice() {
        http.act("/api/stretch/stock-up", Map.of("food", "chicken pieces", "perKilo", "2.00"))
                .ok();
        JsonNode buy = http.act(
                        "/api/stretch/compare",
                        Map.of(
                                "plates",
                                12,
                                "buys",
                                List.of(Map.of("food", "chicken pieces", "weight", "5 kg", "price", "9.90"))))
                .ok()
                .path("buys")
                .get(0);
        assertThat(buy.path("cookedKilo").asString()).isEqualTo("4.60");
        assertThat(buy.path("stockUp").asString())
                .startsWith("meets your 2.00 a kilo:")
                .contains("fit the freezer");
    }

    /** S12.1, .5, .6: 1.35 kg to 945 g; 9.45 and a cup of broth at 0.20 are 3.22, 3.22 and 3.21; 8 plain plates. */
    @Test
    void threeTubs() {
        JsonNode tubs = cut(
                "turkey breast",
                "1.35 kg",
                "9.45",
                "cookedYield",
                "0.7",
                "inputs",
                List.of("1 cup broth 0.20"),
                "shares",
                List.of(
                        Map.of("name", "herb", "percent", "1/3"),
                        Map.of("name", "smoke", "percent", "1/3"),
                        Map.of("name", "mustard", "percent", "1/3")));
        assertThat(costs(tubs)).containsExactly("3.22", "3.22", "3.21");
        assertThat(tubs.path("plainPlates").asInt()).isEqualTo(8);
        assertThat(tubs.path("shares").valueStream().map(s -> s.path("grams").asString()))
                .containsExactly("315", "315", "315");
    }

    /** S12.2: 945 g and the 300 ml that are left are 415 g a tub, for 9.65 together; no broth is kept beside. */
    @Test
    void theLiquidGoesBackIntoTheTubs() {
        http.note("turkey breast 1.35 kg 9.45\nstock 250 ml 0.20");
        Map<String, Object> asked = new HashMap<>(Map.of(
                "food",
                "turkey breast",
                "weight",
                "1.35 kg",
                "price",
                "9.45",
                "cookedYield",
                "0.7",
                "cookOn",
                "2026-11-23"));
        asked.put("inputs", List.of("250 ml stock"));
        asked.put("liquidBack", true);
        asked.put(
                "shares",
                List.of(
                        Map.of("name", "herb", "percent", "1/3"),
                        Map.of("name", "smoke", "percent", "1/3"),
                        Map.of("name", "mustard", "percent", "1/3")));
        String breast = http.get("/api/onhand")
                .ok()
                .path("places")
                .valueStream()
                .flatMap(place -> place.path("lots").valueStream())
                .filter(lot -> lot.path("name").asString().equals("turkey breast"))
                .findFirst()
                .orElseThrow()
                .path("id")
                .asString();
        http.act("/api/stretch", Map.of("version", 0, "lot", breast, "asked", asked))
                .ok();
        String id = http.get("/api/stretch")
                .ok()
                .path("stretches")
                .get(0)
                .path("id")
                .asString();
        String cook = "/api/stretch/" + id + "/cook";
        assertThat(http.act(cook, Map.of("weighed", "945 g", "liquid", "three")).field())
                .isEqualTo("/liquid");
        http.act(cook, Map.of("weighed", "945 g", "liquid", "300 ml")).ok();
        JsonNode onHand = http.get("/api/onhand").ok();
        assertThat(onHand.path("worth").asString()).isEqualTo("9.65");
        assertThat(onHand.path("places")
                        .valueStream()
                        .flatMap(place -> place.path("lots").valueStream())
                        .map(lot -> lot.path("amount").asString()))
                .containsExactlyInAnyOrder("415 g", "415 g", "415 g");
    }

    /** S17.2: 980 g weighed of 10.92 in two halves. */
    @Test
    void twoHalves() {
        JsonNode halves = cut(
                "turkey pieces",
                "1.4 kg",
                "10.92",
                "cookedYield",
                "0.7",
                "shares",
                List.of(Map.of("name", "tonight", "percent", "1/2"), Map.of("name", "tomorrow", "percent", "50")));
        assertThat(halves.path("shares").valueStream().map(s -> s.path("grams").asString()))
                .containsExactly("490", "490");
        assertThat(costs(halves)).containsExactly("5.46", "5.46");
    }

    /** S21.1, .2: a tenth of the bird to its stock first, then by weight; a joint in quarters, the fourth undecided. */
    @Test
    void aBirdAndAJoint() {
        JsonNode bird = cut(
                "whole chicken",
                "2 kg",
                "5.20",
                "cookedYield",
                "0.41",
                "shares",
                List.of(
                        Map.of("name", "roast", "grams", "367"),
                        Map.of("name", "stew", "grams", "453"),
                        Map.of("name", "stock", "part", "bones", "costPercent", "10")));
        assertThat(costs(bird)).containsExactly("2.09", "2.59", "0.52");
        List<Map<String, String>> three = List.of(
                Map.of("name", "Wed", "percent", "1/4"),
                Map.of("name", "Thu", "percent", "25"),
                Map.of("name", "Fri", "percent", "25"));
        JsonNode joint = cut("pork shoulder", "1.6 kg", "4.10", "shares", three);
        assertThat(costs(joint)).containsExactly("1.03", "1.03", "1.02");
        assertThat(joint.path("remainder").path("cost").asString()).isEqualTo("1.02");
    }
}
