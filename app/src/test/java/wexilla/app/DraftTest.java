package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;
import wexilla.app.support.Sample;

/** A recipe understood and costed while it is typed. */
class DraftTest {

    private final Http http = Kitchen.emptyHousehold();

    private JsonNode draft(int portions, String... lines) {
        Map<String, Object> recipe = Sample.recipe("", portions, List.of(lines), List.of());
        return http.act("/api/recipes/draft", recipe).ok();
    }

    @Test
    void aHalfTypedRecipeIsAnsweredLineByLine() {
        http.note("1 kg minced beef 7.80");
        JsonNode draft = draft(4, "500 g minced beef", "-1 onion", "2 moon cheeses", "1 tsp salt", "some parsley");
        JsonNode lines = draft.path("lines");
        assertThat(lines.get(0).path("from").asString()).isEqualTo("STOCK");
        assertThat(lines.get(0).path("cost").asString()).isEqualTo("3.90");
        assertThat(lines.get(1).path("problem").asString()).contains("below zero");
        assertThat(lines.get(2).path("known").asBoolean()).isFalse();
        assertThat(lines.get(2).path("why").asString()).isEqualTo("no price for moon cheeses");
        assertThat(lines.get(3).path("from").asString()).isEqualTo("FLAT");
        assertThat(lines.get(4).path("why").asString()).isEqualTo("no amount of parsley");
        assertThat(draft.path("cost").path("total").asString()).isEqualTo("4.05");
        assertThat(draft.path("cost").path("perPortion").asString()).isEqualTo("1.01");
        assertThat(draft.path("cost").path("complete").asBoolean()).isFalse();
        assertThat(draft.path("cost").path("unknown")).hasSize(2);
        assertThat(http.get("/api/recipes").ok().path("cards")).isEmpty();
    }

    @Test
    void withoutPortionsThereIsATotalAndNoCostOfAPortion() {
        Map<String, Object> recipe = Sample.recipe("", 1, List.of("1 onion"), List.of());
        recipe.remove("portions");
        JsonNode cost = http.act("/api/recipes/draft", recipe).ok().path("cost");
        assertThat(cost.has("perPortion")).isFalse();
        assertThat(cost.has("total")).isTrue();
    }

    @Test
    void twoLinesOfOneFoodDoNotCountTheSameGramTwice() {
        http.note("600 g minced beef 6.00");
        JsonNode lines = draft(4, "500 g minced beef", "500 g minced beef").path("lines");
        assertThat(lines.get(0).path("cost").asString()).isEqualTo("5.00");
        assertThat(lines.get(1).path("from").asString()).isEqualTo("STOCK_AND_PRICE");
        assertThat(lines.get(1).path("cost").asString()).isEqualTo("5.00");
    }

    @Test
    void aFoodTheHouseholdNamedItselfIsCostedAndKnownOnceSomebodySaidWhatItIs() {
        assertThat(draft(2, "200 g moon cheese")
                        .path("lines")
                        .get(0)
                        .path("known")
                        .asBoolean())
                .isFalse();
        http.note("1 kg moon cheese 12.00");
        JsonNode line = draft(2, "200 g moon cheese").path("lines").get(0);
        assertThat(line.path("known").asBoolean()).isFalse();
        assertThat(line.path("cost").asString()).isEqualTo("2.40");
        http.act("/api/household/names/own", Map.of("name", "moon cheese", "likeness", "dairy"))
                .ok();
        assertThat(draft(2, "200 g moon cheese")
                        .path("lines")
                        .get(0)
                        .path("known")
                        .asBoolean())
                .isTrue();
    }

    @Test
    void cupsLeadToGramsOverTheFoodsFacts() {
        http.note("1 kg flour 0.80");
        JsonNode line = draft(2, "2 cups plain flour").path("lines").get(0);
        // a metric cup of 250 ml holds 132.1 g at 125 g a US cup (USDA FoodData Central, from memory): 264.2 g of 0.80
        // the kilo
        assertThat(line.path("cost").asString()).isEqualTo("0.21");
        assertThat(line.path("amount").asString()).isEqualTo("2 cups");
    }
}
