package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;
import wexilla.app.support.Sample;

/** Versions, what to do better the next time, rules of lines, forms of foods, and what the book finds a recipe by. */
class BookTest {

    private final Http http = Kitchen.emptyHousehold();

    private String add(Map<String, Object> recipe) {
        return http.act("/api/recipes", recipe).ok().path("id").asString();
    }

    private JsonNode get(String id) {
        return http.get("/api/recipes/" + id).ok();
    }

    @Test
    void whatWasSaidForTheNextTimeBecomesTheNextVersion() {
        String id = add(Sample.pot());
        String say = "/api/recipes/" + id + "/next-time";
        http.act(say, Map.of("text", "half the salt")).ok();
        String act =
                http.act(say, Map.of("text", "more onions")).ok().path("act").asString();
        http.undo(act).ok();
        JsonNode said = get(id).path("nextTimes");
        assertThat(said)
                .singleElement()
                .satisfies(next -> assertThat(next.path("text").asString()).isEqualTo("half the salt"));
        http.act("/api/cook", Sample.cook(id, 8)).ok();
        Map<String, Object> next = Sample.pot();
        next.put("title", "Pork and bean pot, milder");
        next.put("taken", List.of(said.get(0).path("id").asString()));
        String changed =
                http.put("/api/recipes/" + id, "\"1\"", next).ok().path("act").asString();
        JsonNode after = get(id);
        assertThat(after.path("nextTimes")).isEmpty();
        assertThat(after.path("n").asInt()).isEqualTo(2);
        assertThat(after.path("versions")
                        .valueStream()
                        .map(v -> v.path("n").asInt() + ":" + v.path("cooked").asInt()))
                .containsExactly("2:0", "1:1");
        JsonNode first = http.get("/api/recipes/" + id + "?n=1").ok();
        assertThat(first.path("title").asString()).isEqualTo("Pork and bean pot");
        assertThat(first.path("current").asBoolean()).isFalse();
        assertThat(http.get("/api/recipes/" + id + "?n=9").status()).isEqualTo(404);
        http.undo(changed).ok();
        assertThat(get(id).path("nextTimes")).hasSize(1);
        assertThat(get(id).path("versions")).hasSize(1);
    }

    @Test
    void aLineKeepsTheRuleTheCookGaveIt() {
        Map<String, Object> recipe = Sample.recipe("Tray", 4, List.of(), List.of());
        recipe.put(
                "lines",
                List.of(
                        Map.of("text", "2 bay leaves", "heldBackIn", List.of(), "rule", "LINEAR"),
                        Map.of("text", "3 eggs", "heldBackIn", List.of())));
        String id = add(recipe);
        JsonNode lines = get(id).path("lines");
        assertThat(lines.get(0).path("rule").asString()).isEqualTo("LINEAR");
        assertThat(lines.get(0).path("ruleSaid").asBoolean()).isTrue();
        assertThat(lines.get(1).path("rule").asString()).isEqualTo("WHOLE");
        assertThat(lines.get(1).path("ruleSaid").asBoolean()).isFalse();
        JsonNode twice = http.get("/api/cook/" + id + "?style=COOKED&factor=2").body();
        assertThat(twice.toString()).contains("4 bay leaves");
    }

    /** A tin stands in for soaked beans without asking; dried ones never for a tin. */
    @Test
    void aLineIsMetByAnotherFormOfTheFood() {
        http.note("2 x 400 g tins white beans 1.60\n1 kg chickpeas 3.00");
        String id = add(Sample.recipe("Beans", 4, List.of("150 g dried white beans", "1 tin chickpeas"), List.of()));
        JsonNode lines = get(id).path("lines");
        assertThat(lines.get(0).path("from").asString()).isEqualTo("STOCK");
        assertThat(lines.get(0).path("cost").asString()).isEqualTo("1.20");
        assertThat(lines.get(0).path("instead").get(0).asString())
                .isEqualTo("tinned white beans: no need to soak, boil");
        assertThat(lines.get(1).path("from").asString()).isEqualTo("UNKNOWN");
    }

    /** Any white beans: what is nearest its date goes first. */
    @Test
    void aGroupIsFilledByWhatIsThere() {
        http.note("1 tin butter beans 0.95\n1 tin white beans 0.80");
        String id = add(Sample.recipe("Beans", 4, List.of("2 tins any white beans"), List.of()));
        JsonNode line = get(id).path("lines").get(0);
        assertThat(line.path("food").asString()).isEqualTo("any tinned white beans");
        assertThat(line.path("cost").asString()).isEqualTo("1.75");
        assertThat(line.path("instead")).hasSize(2);
    }

    @Test
    void theBookKnowsWhatARecipeIsFoundBy() {
        http.note("500 g minced beef 3.90 bought yesterday");
        Map<String, Object> recipe = Sample.recipe(
                "Mince pot", 4, List.of("500 g minced beef", "1 tin white beans", "2 slices bread"), List.of());
        recipe.put("tags", List.of("quick"));
        recipe.put("steps", List.of(Map.of("text", "Brown the mince for 10 minutes, add beans and bread.")));
        String id = add(recipe);
        JsonNode card = http.get("/api/recipes").ok().path("cards").get(0);
        assertThat(card.path("id").asString()).isEqualTo(id);
        assertThat(found("text=white+beans")).isEqualTo(1);
        assertThat(found("text=white+beans+nowhere")).isZero();
        assertThat(found("form=raw+mince+and+stew+meat")).isEqualTo(1);
        assertThat(found("without=MILK")).isEqualTo(1);
        assertThat(found("without=GLUTEN")).isZero();
        assertThat(found("text=%25")).as("a per cent sign is no wild card").isZero();
        assertThat(found("gear=BURNER&onHand=SOON&diet=")).isEqualTo(1);
        assertThat(found("gear=OVEN")).isZero();
        assertThat(card.path("usesUp").toString()).isEqualTo("[\"minced beef\"]");
        assertThat(card.path("hands").asInt()).isEqualTo(11);
        assertThat(get(id).path("flags").valueStream().map(f -> f.path("kind").asString()))
                .isEmpty();
    }

    private int found(String query) {
        return http.get("/api/recipes?" + query).ok().path("found").asInt();
    }

    /** What cannot be summed is never ranked before what can: "at least" comes last. */
    @Test
    void theCheapestAreThoseOfWhichAllIsKnown() {
        http.note("1 kg plain flour 0.50\n1 kg minced beef 9.00");
        add(Sample.recipe("Bread", 4, List.of("400 g plain flour"), List.of()));
        add(Sample.recipe("Burger", 4, List.of("400 g minced beef"), List.of()));
        add(Sample.recipe("Moon pie", 4, List.of("10 g plain flour", "1 moon cheese"), List.of()));
        add(Sample.recipe("A name only", 4, List.of(), List.of()));
        assertThat(http.get("/api/recipes?sort=COST")
                        .ok()
                        .path("cards")
                        .valueStream()
                        .map(card -> card.path("title").asString()))
                .containsExactly("Bread", "Burger", "Moon pie");
        assertThat(found("cost=0.10")).as("what is not summed may cost more").isEqualTo(1);
        assertThat(http.get("/api/recipes/titles?text=ur")
                        .ok()
                        .valueStream()
                        .map(one -> one.path("title").asString()))
                .containsExactly("Burger");
        assertThat(http.get("/api/recipes?cost=cheap").field()).isEqualTo("/cost");
    }

    /** What goes into a dish reaches what asks for it: its allergens too, also after it was changed and changed back. */
    @Test
    void whatIsFoundByFollowsTheDishesInIt() {
        String dough = add(Sample.recipe("Pizza dough", 4, List.of("400 g rice flour"), List.of()));
        add(Sample.recipe("Pizza", 4, List.of("1 batch pizza dough"), List.of()));
        assertThat(found("text=pizza+plain")).isZero();
        Map<String, Object> other = Sample.recipe("Pizza dough", 4, List.of("400 g plain flour"), List.of());
        String act = http.put("/api/recipes/" + dough, "\"1\"", other)
                .ok()
                .path("act")
                .asString();
        assertThat(found("text=plain+flour")).isEqualTo(2);
        assertThat(found("without=GLUTEN")).isZero();
        http.undo(act).ok();
        assertThat(found("text=plain+flour")).isZero();
    }
}
