package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import wexilla.app.support.Kitchen;
import wexilla.app.support.StoryKitchen;

/** One piece of a big buy and what it may become; buys laid side by side; the scale that is played. */
class PieceTest extends StoryKitchen {

    private static Map<String, String> buy(String food, String weight, String price) {
        return Map.of("food", food, "weight", weight, "price", price);
    }

    /** Check values of the handbook, section 4: 6.40 for 2.5 kg boneless at 0.57, and for a whole bird at 0.41. */
    @Test
    void buysSideBySide() {
        Map<String, String> boneless = new HashMap<>(buy("pork shoulder", "2.5 kg", "6.40"));
        boneless.put("cookedYield", "0.57");
        JsonNode buys = http.act(
                        "/api/stretch/compare",
                        Map.of(
                                "plates",
                                12,
                                "buys",
                                List.of(
                                        boneless,
                                        buy("whole chicken", "2.5 kg", "6.40"),
                                        buy("dried black beans", "1 kg", "2.60"),
                                        buy("tinned black beans", "800 g", "1.60"))))
                .ok()
                .path("buys");
        assertThat(buys.valueStream()
                        .map(one -> one.path("cookedKilo").asString() + " "
                                + one.path("plate").asString()))
                .startsWith("4.49 0.51", "6.24 0.71", "1.13 0.14");
        assertThat(buys.get(1).path("besides").asString()).contains("bones");
        assertThat(buys.get(1).path("saves").asString()).contains("on the heat");
        assertThat(buys.get(3).path("cookedKilo").asString()).as("drained").isEqualTo("3.33");
        Map<String, Object> crumb = Map.of("plates", 500, "buys", List.of(buy("whole chicken", "0.001 g", "99999")));
        assertThat(http.act("/api/stretch/compare", crumb).status()).isEqualTo(422);
        assertThat(http.act("/api/stretch/compare", Map.of("plates", 0, "buys", List.of(boneless)))
                        .status())
                .isEqualTo(422);
    }

    /** At its price it is stocked up: what fits the freezer and is eaten in its time; over it, by how much. */
    @Test
    void aPriceThatIsMetSaysHowMuchIsWorthBuying() {
        http.act("/api/stretch/stock-up", Map.of("food", "minced beef", "perKilo", "6.20"))
                .ok();
        assertThat(told("minced beef", "1 kg", "6.00"))
                .contains("meets your 6.20 a kilo", "fit the freezer", "are worth buying");
        assertThat(told("minced beef", "500 g", "3.50")).isEqualTo("0.80 a kilo over your 6.20");
        assertThat(http.get("/api/stretch/stock-up").ok().get(0).path("food").asString())
                .isEqualTo("minced beef");
        http.act("/api/stretch/stock-up", Map.of("food", "minced beef", "perKilo", ""))
                .ok();
        assertThat(told("minced beef", "1 kg", "6.00")).isEmpty();
    }

    private String told(String food, String weight, String price) {
        return http.act("/api/stretch/compare", Map.of("plates", 6, "buys", List.of(buy(food, weight, price))))
                .ok()
                .path("buys")
                .get(0)
                .path("stockUp")
                .asString();
    }

    /** Dishes of the book that take 600 g of cooked chicken breast, ranked by cost, by hands, by what they use up. */
    @Test
    void dishesOfTheBookForAPiece() {
        on("2026-12-02T10:00:00Z");
        http.note("300 ml cream 2.00, open");
        recipe("dear curry", 4, "400 g cooked chicken breast", "4 onions", "200 g cashew nuts");
        recipe("plain soup", 6, "300 g cooked chicken breast", "100 ml cream");
        recipe("cheese bake", 4, "400 g cheddar");
        List.of("onions 1 kg 1.20", "cashew nuts 200 g 4.00").forEach(line -> http.note(line + ", cupboard"));
        Map<String, Object> asked = new HashMap<>(Map.of(
                "food",
                "chicken breast",
                "weight",
                "1 kg",
                "price",
                "9.00",
                "shares",
                List.of(Map.of("name", "piece", "grams", "600"))));
        assertThat(titles(asked, "COST")).containsExactly("plain soup 12", "dear curry 6");
        assertThat(titles(asked, "USES_UP").get(0)).isEqualTo("plain soup 12");
        assertThat(titles(asked, "HANDS")).hasSize(2);

        asked.put(
                "shares",
                List.of(Map.of("name", "stew", "grams", "600", "plates", "8", "extender", "400 g dried black beans")));
        JsonNode balance = http.act("/api/stretch/balance", Map.of("asked", asked, "pos", 0))
                .ok();
        JsonNode most = balance.path("stops").get(balance.path("stops").size() - 1);
        assertThat(most.path("plates").asInt()).isEqualTo(15);
        assertThat(most.path("extender").asString()).isEqualTo("980 g dried black beans");
        asked.put("shares", List.of(Map.of("name", "stew", "grams", "600")));
        assertThat(http.act("/api/stretch/balance", Map.of("asked", asked, "pos", 0))
                        .status())
                .isEqualTo(422);
        assertThat(http.act("/api/stretch/dishes", Map.of("asked", asked, "pos", 3))
                        .status())
                .isEqualTo(422);
    }

    private List<String> titles(Map<String, Object> asked, String by) {
        return http.act("/api/stretch/dishes", Map.of("asked", asked, "pos", 0, "by", by))
                .ok()
                .valueStream()
                .map(dish -> dish.path("title").asString() + " "
                        + dish.path("plates").asInt())
                .toList();
    }

    /** Tare takes off what lies on it; a reading holds once it is still. */
    @Test
    void theScaleIsTared() {
        http.act("/api/scale/play", Map.of("grams", 480)).ok();
        JsonNode tared = http.act("/api/scale/tare", Map.of()).ok();
        assertThat(tared.path("grams").asInt()).isZero();
        JsonNode moving = http.act("/api/scale/play", Map.of("grams", 1_880)).ok();
        assertThat(moving.path("steady").asBoolean()).isFalse();
        Kitchen.clock().moveTo(Kitchen.clock().instant().plusSeconds(2));
        JsonNode still = http.get("/api/scale").ok();
        assertThat(still.path("grams").asInt()).isEqualTo(1_400);
        assertThat(still.path("steady").asBoolean()).isTrue();
        assertThat(http.act("/api/scale/play", Map.of("grams", -1)).status()).isEqualTo(422);
    }
}
