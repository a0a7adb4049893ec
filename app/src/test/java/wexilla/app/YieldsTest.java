package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;
import wexilla.app.support.Sample;

/** The household's own weighings, from the scale to the cut of the next joint. */
class YieldsTest {

    private final Http http = Kitchen.emptyHousehold();

    private Http.Answer weigh(String food, String before, String after, String grade) {
        return http.act(
                "/api/yields",
                Map.of("food", food, "part", "COOKED", "before", before, "after", after, "grade", grade));
    }

    private JsonNode cooked(String food) {
        for (JsonNode one : http.get("/api/yields").ok()) {
            if (one.path("food").asString().equals(food)
                    && one.path("part").asString().equals("COOKED")) {
                return one;
            }
        }
        throw new AssertionError("no yield of " + food);
    }

    private JsonNode cut() {
        return http.act(
                        "/api/stretch/cut",
                        Map.of("food", "pork shoulder", "weight", "2 kg", "price", "8.00", "shares", List.of()))
                .ok();
    }

    @Test
    void whatWasWeighedCutsTheNextJoint() {
        String start = cut().path("yield").asString();
        String act = weigh("pork shoulder", "2.5 kg", "1250 g", "WEIGHED")
                .ok()
                .path("act")
                .asString();
        // (3 · 0.60 + 0.50) / 4
        assertThat(cut().path("yield").asString()).isEqualTo("0.575");
        assertThat(cut().path("yieldSource").asString()).startsWith("your 1 weighing: 0.58");
        http.undo(act).ok();
        assertThat(cut().path("yield").asString()).isEqualTo(start);
    }

    @Test
    void aKiloOfWhatIsLeftHasItsPrice() {
        http.act("/api/costs/prices", Map.of("food", "pork shoulder", "pack", "1 kg", "price", "4.00"))
                .ok();
        weigh("pork shoulder", "1 kg", "400 g", "WEIGHED").ok();
        JsonNode pork = cooked("pork shoulder");
        assertThat(pork.path("own").asBoolean()).isTrue();
        assertThat(pork.path("kilo").asString()).isEqualTo("4.00");
        // 4.00 / 0.55
        assertThat(pork.path("usable").asString()).isEqualTo("7.27");
    }

    /** 450 g of raw mince are 333 g of browned by the table, and by one weighing of 0.80 (3 · 0.74 + 0.80) / 4 of them. */
    @Test
    void whatStandsInForItGoesByItsOwnYield() {
        http.note("1 kg browned mince 9.00");
        String mince = http.act("/api/recipes", Sample.recipe("Mince pot", 4, List.of("450 g minced beef"), List.of()))
                .ok()
                .path("id")
                .asString();
        assertThat(taken(mince)).isEqualTo("335 g");
        weigh("minced beef", "1 kg", "800 g", "WEIGHED").ok();
        assertThat(taken(mince)).as("339.75 g, as a scale shows it").isEqualTo("340 g");
    }

    private String taken(String recipe) {
        JsonNode line = http.get("/api/cook/" + recipe).ok().path("goesIn").get(0);
        return line.path("takes").get(0).path("amount").asString();
    }

    @Test
    void whatWasCountedNeedsSomethingToExpect() {
        assertThat(weigh("pork shoulder", "8", "7", "COUNTED").status()).isEqualTo(200);
        Http.Answer unknown = weigh("moon cheese", "8", "7", "COUNTED");
        assertThat(unknown.status()).isEqualTo(422);
        assertThat(unknown.detail()).contains("Nobody knows yet how much cooked moon cheese");
        assertThat(weigh("pork shoulder", "8", "700 g", "COUNTED").detail()).contains("should be a number like 8");
        assertThat(weigh("pork shoulder", "2 kg", "7", "WEIGHED").detail()).contains("should be a weight like 2.5 kg");
        assertThat(weigh("pork shoulder", "1 g", "999999999 kg", "WEIGHED").field())
                .isEqualTo("/after");
        assertThat(weigh("pork shoulder", "999999999 kg", "1 kg", "WEIGHED").field())
                .isEqualTo("/before");
        Map<String, Object> price = Map.of("food", "pork shoulder", "pack", "999999999 kg", "price", "1.00");
        assertThat(http.act("/api/costs/prices", price).field()).isEqualTo("/pack");
    }
}
