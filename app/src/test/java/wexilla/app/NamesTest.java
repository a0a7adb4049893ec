package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;
import wexilla.app.support.Sample;

/** What a household says its names mean: asked once, remembered, undone, and true wherever the name stands. */
class NamesTest {

    private final Http http = Kitchen.emptyHousehold();

    private String recipe(String title, String... lines) {
        return http.act("/api/recipes", Sample.recipe(title, 4, List.of(lines), List.of()))
                .ok()
                .path("id")
                .asString();
    }

    private JsonNode line(String recipe, int at) {
        return http.get("/api/recipes/" + recipe).ok().path("lines").get(at);
    }

    private List<String> unsaid() {
        return http.get("/api/household/names")
                .ok()
                .path("unsaid")
                .valueStream()
                .map(name -> name.path("name").asString())
                .toList();
    }

    /** Titles of the recipes that are told to be without this allergen; of the others a pack is to be looked at first. */
    private List<String> without(String allergen) {
        JsonNode book = http.get("/api/recipes?without=" + allergen).ok();
        assertThat(book.path("proven").asLong())
                .isEqualTo(book.path("cards")
                        .valueStream()
                        .filter(card -> card.path("look").isEmpty())
                        .count());
        return book.path("cards")
                .valueStream()
                .filter(card -> card.path("look").isEmpty())
                .map(card -> card.path("title").asString())
                .toList();
    }

    private JsonNode lot(String name) {
        return http.get("/api/onhand")
                .ok()
                .path("places")
                .valueStream()
                .flatMap(place -> place.path("lots").valueStream())
                .filter(lot -> lot.path("name").asString().equals(name))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void anotherNameOfAFoodHealsWhateverSaysTheSame() {
        String stew = recipe("Stew", "500 g carrots", "2 tbsp zorkmid drops");
        recipe("Salad", "1 head lettuce");
        http.note("300 ml zorkmid drops 2.40");
        assertThat(unsaid()).containsExactly("zorkmid drops");
        assertThat(line(stew, 1).path("known").asBoolean()).isFalse();
        assertThat(without("SOYA")).containsExactly("Salad");

        JsonNode told = http.act("/api/household/names/same", Map.of("name", "zorkmid drops", "food", "soy sauce"))
                .ok();
        assertThat(line(stew, 1).path("food").asString()).isEqualTo("soy sauce");
        assertThat(line(stew, 1).path("from").asString()).isNotEqualTo("UNKNOWN");
        assertThat(unsaid()).isEmpty();
        assertThat(without("SOYA")).containsExactly("Salad");
        assertThat(without("CELERY")).as("soy sauce has a maker").containsExactly("Salad");
        JsonNode note = http.act("/api/onhand/note/read", Map.of("text", "1 bottle zorkmid drops"))
                .ok()
                .get(0);
        assertThat(note.path("food").asString()).isEqualTo("soy sauce");

        http.undo(told.path("act").asString()).ok();
        assertThat(unsaid()).containsExactly("zorkmid drops");
        assertThat(line(stew, 1).path("known").asBoolean()).isFalse();
        assertThat(without("CELERY")).containsExactly("Salad");
    }

    @Test
    void aFoodOfItsOwnKeepsAndWarnsAsWhatItIsLike() {
        String pan = recipe("Pan", "300 g grumbold", "1 onion");
        http.note("300 g grumbold");
        String safest = lot("grumbold").path("until").path("date").asString();
        JsonNode told = http.act(
                        "/api/household/names/own",
                        Map.of("name", "grumbold", "likeness", "vegetable", "allergens", List.of("CELERY")))
                .ok();
        assertThat(told.path("subject").asString()).isEqualTo("grumbold is its own, a vegetable");
        // soft vegetables: 5 to 7 days, from memory of the published chart; 1 to 2 while nobody knew
        assertThat(lot("grumbold").path("until").path("date").asString()).isGreaterThan(safest);
        assertThat(without("CELERY")).isEmpty();
        assertThat(without("MILK")).containsExactly("Pan");
        assertThat(line(pan, 0).path("known").asBoolean()).isTrue();
        JsonNode said = http.get("/api/household/names").ok().path("said").get(0);
        assertThat(said.path("is").asString()).isEqualTo("its own, a vegetable");
        assertThat(said.path("allergens").asString()).isEqualTo("celery");

        JsonNode forgotten = http.act("/api/household/names/" + said.path("id").asString() + "/forget", "")
                .ok();
        assertThat(unsaid()).containsExactly("grumbold");
        assertThat(without("MILK")).isEmpty();
        // what was built on is undone first
        assertThat(http.undo(told.path("act").asString()).status()).isEqualTo(409);
        http.undo(forgotten.path("act").asString()).ok();
        assertThat(without("MILK")).containsExactly("Pan");
    }

    @Test
    void whatABunchWeighsIsAskedOnceAndLeadsToAPrice() {
        String soup = recipe("Soup", "2 bunches of swede");
        http.act("/api/costs/prices", Map.of("food", "swede", "pack", "1 kg", "price", "2.00"))
                .ok();
        assertThat(line(soup, 0).path("costComplete").asBoolean()).isFalse();
        JsonNode told = http.act(
                        "/api/household/measures", Map.of("food", "swede", "unit", "bunches", "amount", "250 g"))
                .ok();
        assertThat(line(soup, 0).path("cost").asString()).isEqualTo("1.00");
        assertThat(http.get("/api/recipes?sort=COST&cost=1.00").ok().path("cards"))
                .hasSize(1);
        http.undo(told.path("act").asString()).ok();
        assertThat(line(soup, 0).path("costComplete").asBoolean()).isFalse();
        assertThat(http.get("/api/recipes?sort=COST&cost=1.00").ok().path("cards"))
                .as("the figures the book is searched by are taken back too")
                .isEmpty();
    }

    /** A household's own cup of a food weighs what it says, by the size its cup has. */
    @Test
    void whatACupWeighsHereIsTakenAtItsWord() {
        http.note("1 kg porridge oats 2.00");
        String porridge = recipe("Porridge", "2 cups porridge oats");
        http.act("/api/household/measures", Map.of("food", "porridge oats", "unit", "cup", "amount", "125 g"))
                .ok();
        assertThat(line(porridge, 0).path("cost").asString()).isEqualTo("0.50");
        Map<String, String> millilitres = Map.of("food", "porridge oats", "unit", "cup", "amount", "250 ml");
        assertThat(http.act("/api/household/measures", millilitres).field()).isEqualTo("/amount");
    }

    /** A pack meets a line that names the same pack, a fraction of it too, without anybody knowing what a tub weighs. */
    @Test
    void theSamePackMeetsTheSamePack() {
        http.note("2 tubs zorkdip 3.00");
        String board = recipe("Board", "1 tub zorkdip", "1/2 tub zorkdip", "1 tub zorkdip");
        assertThat(line(board, 0).path("cost").asString()).isEqualTo("1.50");
        assertThat(line(board, 1).path("cost").asString()).isEqualTo("0.75");
        assertThat(line(board, 2).path("from").asString()).isEqualTo("STOCK_AND_PRICE");
    }

    /** A frozen chopped pepper stands in for a pepper that is sliced, not for one to stuff. */
    @Test
    void nothingChoppedStandsInForWhatIsWantedInOnePiece() {
        http.note("1 kg frozen peppers 2.00");
        String pan = recipe("Pan", "2 bell peppers, sliced", "4 bell peppers, to stuff");
        assertThat(line(pan, 0).path("from").asString()).isEqualTo("STOCK");
        assertThat(line(pan, 1).path("from").asString()).isNotEqualTo("STOCK");
    }

    @Test
    void theQuestionOffersWhatIsNearAndAsksForAllergensOnlyWhereSomebodyHasOne() {
        JsonNode question = http.get("/api/household/names/question?name=peppered+tofu+strips")
                .ok();
        assertThat(question.path("near")
                        .valueStream()
                        .map(food -> food.path("name").asString()))
                .isNotEmpty()
                .anyMatch(name -> name.contains("tofu"));
        assertThat(question.path("allergens").size()).isZero();
        Map<String, Object> person = new HashMap<>(Map.of("version", 0, "name", "Ida", "appetite", "ADULT"));
        person.putAll(Map.of("allergens", List.of("NUTS"), "flags", List.of(), "dislikes", List.of()));
        person.putAll(Map.of("chilli", 1, "active", true));
        http.act("/api/household/people", person).ok();
        assertThat(http.get("/api/household/names/question?name=rings")
                        .ok()
                        .path("allergens")
                        .size())
                .isEqualTo(14);
    }

    @Test
    void whatCannotBeIsToldAtItsFieldAndChangesNothing() {
        Map<String, Map<String, String>> refused = Map.of(
                "/api/household/names/same",
                Map.of("name", "grumbold", "food", "no such thing"),
                "/api/household/names/own",
                Map.of("name", "butter", "likeness", "sauce"),
                "/api/household/measures",
                Map.of("food", "butter", "unit", "bunch", "amount", "two handfuls"));
        Map<String, String> fields = Map.of(
                "/api/household/names/same", "/food",
                "/api/household/names/own", "/name",
                "/api/household/measures", "/amount");
        refused.forEach((path, body) -> {
            Http.Answer answer = http.act(path, body);
            assertThat(answer.status()).as(path).isEqualTo(422);
            assertThat(answer.field()).as(path).isEqualTo(fields.get(path));
        });
        Map<String, String> hour = Map.of("food", "butter", "unit", "hour", "amount", "40 g");
        assertThat(http.act("/api/household/measures", hour).field()).isEqualTo("/unit");
        JsonNode names = http.get("/api/household/names").ok();
        assertThat(names.path("said").size()).isZero();
        assertThat(names.path("measures").size()).isZero();
    }
}
