package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;
import wexilla.app.support.Sample;

/** One pot for several meals, set on them before it is cooked. */
class CookAheadTest {

    private final Http http = Kitchen.emptyHousehold();
    private List<String> people = List.of();

    @BeforeEach
    void four() {
        http.act(
                        "/api/household/table",
                        Map.of("adults", 4, "teenagers", 0, "children9to13", 0, "children4to8", 0, "under4", 0))
                .ok();
        people = http.get("/api/household")
                .ok()
                .path("people")
                .valueStream()
                .map(one -> one.path("id").asString())
                .toList();
        http.act(
                        "/api/recipes",
                        Sample.recipe("Goulash", 4, List.of("600 g beef stew meat", "300 g onions"), List.of()))
                .ok();
    }

    private static Map<String, Object> at(String day) {
        return Map.of("day", day, "meal", "DINNER");
    }

    private JsonNode slot(String day) {
        return http.get("/api/plan")
                .ok()
                .path("days")
                .valueStream()
                .filter(one -> one.path("date").asString().equals(day))
                .map(Sample::dinner)
                .findFirst()
                .orElseThrow()
                .path("slot");
    }

    private String decided(String day, List<String> here, Map<String, Object> dish) {
        Map<String, Object> evening = Sample.evening(day, "COOK", here, List.of(dish));
        evening.put("version", slot(day).path("version").asInt(0));
        return http.act("/api/plan/evening", evening).ok().path("subject").asString();
    }

    private static Map<String, Object> ahead(String... also) {
        Map<String, Object> dish = new HashMap<>();
        dish.put("text", "goulash");
        dish.put("cookOn", "2026-11-25");
        dish.put("also", List.of(also).stream().map(CookAheadTest::at).toList());
        return dish;
    }

    private List<JsonNode> pots() {
        return http.get("/api/plan")
                .ok()
                .path("inStock")
                .valueStream()
                .filter(one -> one.has("cookOn"))
                .toList();
    }

    @Test
    void onePotIsAsLargeAsItsMealsAndIsBoughtOnce() {
        String words = decided("2026-11-26", people, ahead("2026-11-27", "2026-11-28"));
        assertThat(words).isEqualTo("Planned for Thu 26 Nov: Goulash, cooked on Wed 25 Nov");
        assertThat(pots()).hasSize(1);
        assertThat(pots().get(0).path("portions").asInt()).isEqualTo(12);
        assertThat(pots().get(0).path("free").asInt()).isZero();
        assertThat(slot("2026-11-28").path("dishes").get(0).path("cookOn").asString())
                .isEqualTo("2026-11-25");
        String list = http.get("/api/shop").ok().toString();
        assertThat(list).contains("1.8 kg").doesNotContain("600 g beef");
    }

    @Test
    void itFollowsWhoEatsAndIsNotCookedOnceNobodyDoes() {
        decided("2026-11-26", people, ahead("2026-11-27"));
        String pot = pots().get(0).path("batch").asString();
        decided("2026-11-26", people.subList(0, 2), Map.of("batch", pot));
        assertThat(pots().get(0).path("portions").asInt()).isEqualTo(6);
        // a name that is typed is the pot that is planned
        decided("2026-11-29", people.subList(0, 3), Map.of("text", "Goulash"));
        assertThat(pots()).hasSize(1);
        assertThat(pots().get(0).path("portions").asInt()).isEqualTo(9);
        // before it is cooked it is another one
        decided("2026-11-24", people, Map.of("text", "Goulash"));
        assertThat(pots().get(0).path("portions").asInt()).isEqualTo(9);
        for (String day : List.of("2026-11-26", "2026-11-27", "2026-11-29")) {
            decided(day, people, Map.of("text", "Soup of " + day));
        }
        assertThat(pots()).isEmpty();
    }

    @Test
    void whatCannotBeIsToldAndNothingIsWritten() {
        Map<String, Object> evening = Sample.evening("2026-11-26", "COOK", people, List.of(ahead("2026-11-24")));
        assertThat(http.act("/api/plan/evening", evening).detail())
                .isEqualTo("Tue 24 Nov comes before Wed 25 Nov: what is cooked then is eaten then or later.");
        assertThat(pots()).isEmpty();
    }

    /** Twelve portions: four are eaten on Thursday, the plan says that eight are nobody's, and each goes with one tap. */
    @Test
    void aPotOfItsOwnSizeAsksWhereTheRestGoes() {
        Map<String, Object> dish = ahead();
        dish.put("makes", 3);
        Map<String, Object> evening = Sample.evening("2026-11-26", "COOK", people, List.of(dish));
        Http.Answer few = http.act("/api/plan/evening", evening);
        assertThat(few.status()).isEqualTo(422);
        assertThat(few.body().path("field").asString()).isEqualTo("/dishes/0/makes");
        assertThat(few.detail()).contains("3 portions are made", "4 portions eaten");
        dish.put("makes", 12);
        decided("2026-11-26", people, dish);
        JsonNode pot = pots().get(0);
        assertThat(pot.path("portions").asInt()).isEqualTo(12);
        assertThat(pot.path("free").asInt()).isEqualTo(8);
        http.act(
                        "/api/plan/put",
                        Map.of(
                                "to",
                                at("2026-11-27"),
                                "batch",
                                pot.path("batch").asString()))
                .ok();
        assertThat(pots())
                .singleElement()
                .satisfies(left -> assertThat(left.path("free").asInt()).isEqualTo(4));
    }

    /** Cooked, its packets are its meals: Tuesday's stays in the fridge, next week's is frozen, the rest in fours. */
    @Test
    void itIsPackedByItsMeals() {
        Map<String, Object> dish = new HashMap<>(ahead("2026-12-02"));
        dish.put("cookOn", "2026-11-23");
        dish.put("makes", 14);
        decided("2026-11-24", people, dish);
        JsonNode pot = pots().get(0);
        Map<String, Object> cook = new HashMap<>(Sample.cook(recipe(), 14));
        cook.put("planned", pot.path("batch").asString());
        String lot = http.act("/api/cook", cook).ok().path("lot").asString();
        JsonNode split =
                http.act("/api/pack/even", Map.of("lot", lot, "each", 4)).ok();
        assertThat(split.path("meals")).hasSize(2);
        assertThat(split.path("fridge").asInt()).isEqualTo(4);
        assertThat(split.path("packets").valueStream().map(JsonNode::asInt)).containsExactly(4, 4, 2);
        http.act("/api/pack", Map.of("lot", lot, "packets", List.of(4), "place", Sample.place(http, "Fridge")))
                .ok();
        JsonNode rest =
                http.act("/api/pack/even", Map.of("lot", lot, "each", 4)).ok();
        assertThat(rest.path("fridge").asInt()).isZero();
        assertThat(rest.path("packets").valueStream().map(JsonNode::asInt)).containsExactly(4, 4, 2);
    }

    private String recipe() {
        return http.get("/api/recipes?text=goulash")
                .ok()
                .path("cards")
                .get(0)
                .path("id")
                .asString();
    }

    /** A recipe that is changed tells the pots that are planned of it; with one tap they take it along, and so does the list. */
    @Test
    void aChangedRecipeIsTakenAlong() {
        decided("2026-11-26", people, ahead());
        String id = recipe();
        assertThat(http.get("/api/recipes/" + id + "/pots").ok()).isEmpty();
        Map<String, Object> changed =
                Sample.recipe("Goulash", 4, List.of("800 g beef stew meat", "300 g onions"), List.of());
        http.put("/api/recipes/" + id, "\"1\"", changed).ok();
        assertThat(http.get("/api/recipes/" + id + "/pots").ok()).hasSize(1);
        assertThat(http.get("/api/shop").ok().toString()).contains("600 g").doesNotContain("800 g");
        http.act("/api/recipes/" + id + "/along", Map.of()).ok();
        assertThat(http.get("/api/recipes/" + id + "/pots").ok()).isEmpty();
        assertThat(http.get("/api/shop").ok().toString()).contains("800 g").doesNotContain("600 g");
        assertThat(http.act("/api/recipes/" + id + "/along", Map.of()).status()).isEqualTo(422);
    }
}
