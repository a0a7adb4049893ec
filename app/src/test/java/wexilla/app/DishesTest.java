package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;
import wexilla.app.support.Sample;

/** Recipes used in recipes. */
class DishesTest {

    private final Http http = Kitchen.emptyHousehold();

    private String save(String title, int portions, List<String> lines) {
        return http.act("/api/recipes", Sample.recipe(title, portions, lines, List.of()))
                .ok()
                .path("id")
                .asString();
    }

    private JsonNode recipe(String id) {
        return http.get("/api/recipes/" + id).ok();
    }

    @Test
    void aDishIsMadeAfreshUntilThereIsSomeInStock() {
        http.note("2 kg plain flour 1.00\n1 kg minced beef 8.00");
        String dough = save("Pizza dough", 4, List.of("400 g plain flour"));
        String pizza = save("Pizza", 4, List.of("1 batch pizza dough", "250 g minced beef"));
        JsonNode line = recipe(pizza).path("lines").get(0);
        assertThat(line.path("uses").asString()).isEqualTo(dough);
        assertThat(line.path("from").asString()).isEqualTo("MADE");
        assertThat(line.path("cost").asString()).isEqualTo("0.20");
        assertThat(recipe(pizza)
                        .path("work")
                        .path("afresh")
                        .get(0)
                        .path("minutes")
                        .asInt())
                .isEqualTo(182);

        http.act("/api/cook", Sample.cook(dough, 4)).ok();
        line = recipe(pizza).path("lines").get(0);
        assertThat(line.path("from").asString()).isEqualTo("STOCK");
        assertThat(recipe(pizza).path("work").path("afresh")).isEmpty();

        // four portions of dough are there: double takes them, and flour for four more
        JsonNode plan =
                http.get("/api/cook/" + pizza + "?factor=2").ok().path("goesIn").get(0);
        assertThat(plan.path("takes").get(0).path("amount").asString()).isEqualTo("4 portions");
        assertThat(plan.path("made").get(0).path("need").asString()).isEqualTo("400 g");
        Map<String, Object> twice = new java.util.HashMap<>(Sample.cook(pizza, 8));
        twice.put("factor", "2");
        String act = http.act("/api/cook", twice).ok().path("act").asString();
        assertThat(lots()).containsEntry("plain flour", "1.2 kg").doesNotContainKey("Pizza dough");
        http.undo(act).ok();
        assertThat(lots()).containsEntry("plain flour", "1.6 kg").containsEntry("Pizza dough", "4 portions");
    }

    private Map<String, String> lots() {
        Map<String, String> lots = new java.util.HashMap<>();
        JsonNode onHand = http.get("/api/onhand").ok();
        onHand.path("places")
                .forEach(place -> place.path("lots")
                        .forEach(lot -> lots.put(
                                lot.path("name").asString(), lot.path("amount").asString())));
        return lots;
    }

    @Test
    void nothingGoesIntoItself() {
        String sauce = save("House sauce", 4, List.of("500 g tomatoes"));
        String bake = save("Harbour bake", 4, List.of("2 portions house sauce"));
        Map<String, Object> circle = Sample.recipe("House sauce", 4, List.of("1 batch harbour bake"), List.of());
        JsonNode read = http.act("/api/recipes/draft?of=" + sauce, circle)
                .ok()
                .path("lines")
                .get(0);
        assertThat(read.path("known").asBoolean()).isFalse();
        assertThat(http.act("/api/recipes/draft", circle)
                        .ok()
                        .path("lines")
                        .get(0)
                        .path("uses")
                        .asString())
                .isEqualTo(bake);
    }

    @Test
    void whatAnotherDishAsksForCannotBeUnsaved() {
        JsonNode saved = http.act("/api/recipes", Sample.recipe("House sauce", 4, List.of("1 onion"), List.of()))
                .ok();
        save("Harbour bake", 4, List.of("2 portions house sauce"));
        Http.Answer refused = http.undo(saved.path("act").asString());
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.body().toString()).contains("Harbour bake");
    }
}
