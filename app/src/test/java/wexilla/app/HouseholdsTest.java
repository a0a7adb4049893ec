package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;
import wexilla.app.support.Queries;
import wexilla.app.support.Sample;

/** Nothing of one household is seen or changed by another. */
class HouseholdsTest {

    @Test
    void everyGetAsASecondHouseholdShowsNothingOfTheFirst() {
        Http first = Kitchen.emptyHousehold();
        first.note("2 kg onions 1.78\n1 moon cheese 3.00");
        JsonNode recipe = first.act(
                        "/api/recipes",
                        Sample.recipe("Secret stew", 8, java.util.List.of("3 onions"), java.util.List.of()))
                .ok();
        String id = recipe.path("id").asString();
        JsonNode cooked = first.act("/api/cook", Sample.cook(id, 8)).ok();
        String drawer = Sample.place(first, "Freezer, top drawer");
        Map<String, Object> packets =
                Map.of("lot", cooked.path("lot").asString(), "packets", java.util.List.of(4), "place", drawer);
        String packed = first.act("/api/pack", packets).ok().path("act").asString();

        Http second = Kitchen.emptyHousehold();
        JsonNode paths = second.get("/api/openapi.json").ok().path("paths");
        assertThat(paths).hasSizeGreaterThan(10);
        int asked = 0;
        for (Map.Entry<String, JsonNode> path : paths.properties()) {
            if (!path.getValue().has("get")) {
                continue;
            }
            String url = path.getKey().replace("{act}", packed).replaceAll("\\{(id|recipe|lot)\\}", id);
            assertThat(url).as("a parameter this test does not know").doesNotContain("{");
            Http.Answer answer = second.get(Queries.asked(url, path.getValue()));
            assertThat(answer.status()).as(url).isIn(200, 404);
            if (path.getKey().contains("{")) {
                assertThat(answer.status()).as(url).isEqualTo(404);
            }
            assertThat(answer.body().toString())
                    .as(url)
                    .doesNotContain("Secret")
                    .doesNotContain("moon cheese");
            asked++;
        }
        assertThat(asked).isGreaterThanOrEqualTo(9);
        assertThat(second.undo(packed).status()).isEqualTo(404);
        assertThat(second.act("/api/pack", packets).field()).isEqualTo("/lot");
        assertThat(second.act("/api/cook", Sample.cook(id, 8)).status()).isEqualTo(404);
        assertThat(second.get("/api/acts").ok()).isEmpty();
    }
}
