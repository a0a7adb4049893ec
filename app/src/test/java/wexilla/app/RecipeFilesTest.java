package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;
import wexilla.app.support.Sample;

/** Recipes from pasted text and files, into files, and hostile ones refused or made harmless. */
class RecipeFilesTest {

    private static final JsonMapper JSON = new JsonMapper();
    private final Http http = Kitchen.emptyHousehold();

    private JsonNode read(String text) {
        return http.act("/api/recipes/read", Map.of("text", text)).ok();
    }

    private static List<String> texts(JsonNode list) {
        return list.valueStream()
                .map(each ->
                        each.isString() ? each.asString() : each.path("text").asString())
                .toList();
    }

    /** A page as people save it: a graph, a section, times, a yield in words, tags in a name. */
    private static final String PAGE = """
            <!doctype html><html><head><title>x</title>
            <script type="application/ld+json">not json</script>
            <script type="application/ld+json">{"@context":"https://schema.org","@graph":[
              {"@type":"WebPage","name":"Harbour kitchen"},
              {"@type":["Recipe","NewsArticle"],"name":"Leek &amp; potato <b>soup</b><script>alert(1)<\\/script>",
               "recipeYield":["6","6 bowls"],"prepTime":"PT15M","cookTime":"PT1H5M","totalTime":"soon",
               "keywords":"soup, winter","recipeCategory":["Dinner"],"author":{"name":"A"},
               "recipeIngredient":["1 kg potatoes","3 leeks, sliced",7,{"x":1}],
               "recipeInstructions":[{"@type":"HowToSection","name":"Soup","itemListElement":[
                  {"@type":"HowToStep","text":"Soften the leeks, 10 minutes."},
                  {"@type":"HowToStep","name":"Simmer with the potatoes 25 minutes."}]},"Blend.",{"@type":"HowToStep"}]}
            ]}</script></head><body><p>1 kg of nothing</p></body></html>""";

    @Test
    void aSavedPageGivesItsRecipe() {
        JsonNode answer = read(PAGE);
        assertThat(answer.path("kind").asString()).isEqualTo("page");
        JsonNode found = answer.path("recipes").get(0);
        JsonNode recipe = found.path("recipe");
        assertThat(recipe.path("title").asString()).isEqualTo("Leek & potato soup");
        assertThat(recipe.path("portions").asInt()).isEqualTo(6);
        assertThat(texts(recipe.path("lines"))).containsExactly("1 kg potatoes", "3 leeks, sliced", "7");
        assertThat(texts(recipe.path("steps")))
                .containsExactly("Soften the leeks, 10 minutes.", "Simmer with the potatoes 25 minutes.", "Blend.");
        assertThat(texts(recipe.path("tags"))).containsExactly("soup", "winter", "Dinner");
        assertThat(recipe.path("note").asString())
                .isEqualTo("Times in the file: preparation 15 min, cooking 1 h 5 min");
        assertThat(texts(found.path("unread")))
                .containsExactly(
                        "author", "section: Soup", "a step without text", "totalTime: soon is no ISO 8601 duration");
        assertThat(recipe.path("source").asString()).as("the original is kept").contains("NewsArticle");
        assertThat(found.path("problem").asString()).contains("names no food");
    }

    @Test
    void whatGoesOutComesBackTheSame() {
        Map<String, Object> pot = Sample.pot();
        pot.put("tags", List.of("pork", "=1+1"));
        pot.put("note", "for Sundays");
        String id = http.act("/api/recipes", pot).ok().path("id").asString();
        byte[] file = http.get("/api/recipes/" + id + "/file?format=json").bytes();
        JsonNode found =
                read(new String(file, StandardCharsets.UTF_8)).path("recipes").get(0);
        assertThat(found.path("unread")).isEmpty();
        assertThat(found.path("problem").asString()).isEmpty();
        JsonNode before = http.get("/api/recipes/" + id).ok();
        http.act("/api/recipes/import", Map.of("recipes", List.of(found.path("recipe"))))
                .ok();
        String copy = http.get("/api/recipes")
                .ok()
                .path("cards")
                .valueStream()
                .map(card -> card.path("id").asString())
                .filter(other -> !other.equals(id))
                .findFirst()
                .orElseThrow();
        JsonNode after = http.get("/api/recipes/" + copy).ok();
        for (String same : List.of("title", "portions", "note", "tags", "lines", "steps", "styles", "cost")) {
            assertThat(after.path(same)).as(same).isEqualTo(before.path(same));
        }
        JsonNode all = JSON.readTree(http.get("/api/recipes/file").bytes());
        assertThat(all.path("@graph")).hasSize(2);
    }

    @Test
    void linesAsATableAreHarmlessInASpreadsheet() {
        Map<String, Object> recipe = Sample.recipe("=HYPERLINK(1)", 3, List.of("2 onions, sliced"), List.of());
        http.act("/api/recipes", recipe).ok();
        String table = new String(http.get("/api/recipes/file?format=csv").bytes(), StandardCharsets.UTF_8);
        assertThat(table.lines())
                .containsExactly(
                        "recipe,portions,line,least,most,unit,food,preparation",
                        "'=HYPERLINK(1),3,\"2 onions, sliced\",2,2,piece,onion,sliced");
        JsonNode found = read(table).path("recipes").get(0).path("recipe");
        assertThat(found.path("portions").asInt()).isEqualTo(3);
        assertThat(texts(found.path("lines"))).containsExactly("2 onions, sliced");
        assertThat(http.get("/api/recipes/file?format=xml").field()).isEqualTo("/format");
    }

    @Test
    void pastedTextIsTakenApart() {
        JsonNode found = read("Leek soup for 4\n1 kg potatoes\n3 leeks\nSimmer it all for 40 minutes.\nBest hot");
        assertThat(found.path("kind").asString()).isEqualTo("text");
        JsonNode recipe = found.path("recipes").get(0).path("recipe");
        assertThat(recipe.path("title").asString()).isEqualTo("Leek soup");
        assertThat(texts(recipe.path("lines"))).containsExactly("1 kg potatoes", "3 leeks");
        assertThat(found.path("recipes").get(0).path("problem").asString()).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "{",
                "{}",
                "[{\"@type\":\"Recipe\"",
                "{\"@type\":\"Person\",\"name\":\"x\"}",
                "<html><body>nothing here, and nothing there, but a page of more than a hundred characters all the same, no recipe in it</body></html>",
                "recipe,portions,line\na,b"
            })
    void whatIsNoRecipeIsRefusedWithAReason(String text) {
        Http.Answer answer = http.act("/api/recipes/read", Map.of("text", text));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.field()).isEqualTo("/text");
        assertThat(answer.detail()).hasSizeGreaterThan(15);
    }

    @Test
    void hostileFilesDoNoHarm() {
        String deep = "[".repeat(5000) + "]".repeat(5000);
        assertThat(http.act("/api/recipes/read", Map.of("text", "{\"a\":" + deep + "}"))
                        .status())
                .isEqualTo(422);
        JsonNode wrong =
                read("{\"@type\":\"Recipe\",\"name\":{\"a\":[1]},\"recipeYield\":true,\"recipeIngredient\":5,\"recipeInstructions\":[[[\"Boil.\"]],42,null],\"keywords\":{}}")
                        .path("recipes")
                        .get(0);
        assertThat(wrong.path("recipe").path("title").asString()).isEmpty();
        assertThat(texts(wrong.path("unread")))
                .containsExactly(
                        "a step that is no text: 42", "name: missing or no text", "recipeYield: no number of portions");
        assertThat(wrong.path("problem").asString()).isNotEmpty();
        String many = IntStream.range(0, 2001)
                .mapToObj(i -> "{\"@type\":\"Recipe\"}")
                .collect(Collectors.joining(",", "[", "]"));
        assertThat(http.act("/api/recipes/read", Map.of("text", many)).detail()).contains("more than 2000 recipes");
    }

    /** A file of nearly 20 MB is read; a larger one is told so. */
    @Test
    void largeFilesHaveALimit() {
        String padding = "x".repeat(19_000_000);
        JsonNode found =
                read("{\"@type\":\"Recipe\",\"name\":\"Big\",\"recipeYield\":2,\"image\":\"" + padding + "\"}");
        assertThat(texts(found.path("recipes").get(0).path("unread"))).containsExactly("image");
        assertThat(http.act("/api/recipes/read", Map.of("text", "y".repeat(21_000_000)))
                        .detail())
                .contains("20 MB");
        assertThat(http.act("/api/onhand/note", Map.of("text", "z".repeat(600_000)))
                        .status())
                .as("everything else keeps its small limit")
                .isEqualTo(413);
    }

    @Test
    void allRecipesOfAFileOrNone() {
        Map<String, Object> bad = Sample.recipe("Bad", 2, List.of("500 g"), List.of());
        Http.Answer answer = http.act("/api/recipes/import", Map.of("recipes", List.of(Sample.pot(), bad)));
        assertThat(answer.field()).isEqualTo("/recipes/1/lines/0/text");
        assertThat(http.get("/api/recipes").ok().path("cards")).isEmpty();
    }
}
