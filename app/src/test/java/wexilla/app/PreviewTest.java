package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;

/** The preview calls answer what the design says they answer, word for word. */
class PreviewTest {

    private static final JsonMapper JSON = new JsonMapper();
    private final Http http = Kitchen.emptyHousehold();

    private JsonNode ask(String call, String body) {
        return http.act("/api/preview/" + call, body).ok();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '~', textBlock = """
            line | {"text":"2 x 400 g tins chopped tomatoes, drained"} | {"quantity":{"min":"800","max":"800","unit":"g"},"packs":{"count":"2","each":"400 g"},"food":{"name":"tinned tomatoes"},"preparation":"chopped, drained","alternatives":[],"optional":false,"notUnderstood":[]}
            line | {"text":"salt"} | {"quantity":null,"packs":null,"food":{"name":"salt"},"preparation":"","alternatives":[],"optional":false,"notUnderstood":[]}
            measure | {"amount":"2.25 tsp","system":"us"} | {"text":"2 1/4 tsp","scoops":["2 tsp","1/4 tsp"],"value":"2.25","unit":"tsp","errorPercent":"0"}
            split | {"total":"3.06","weights":["1","1","1","1"]} | {"parts":["0.77","0.77","0.76","0.76"]}
            stretch | {"food":"pork shoulder, boneless","weight":"2.5 kg","price":"6.40","cookedYield":"0.57","method":"weight","shares":[{"name":"roast","percent":"40"},{"name":"soup","grams":"300"},{"name":"curry","portions":"4","portionGrams":"90"}]} | {"cookedGrams":"1425","shares":[{"name":"roast","grams":"570","cost":"2.56"},{"name":"soup","grams":"300","cost":"1.35"},{"name":"curry","grams":"360","cost":"1.62"}],"remainder":{"grams":"195","cost":"0.87"},"warnings":[]}
            """)
    void asDesigned(String call, String asked, String answered) {
        assertThat(named(JSON.readTree(answered), ask(call, asked))).isEqualTo(JSON.readTree(answered));
    }

    /** What was answered, in the fields the design names: more may be added, none may change. */
    private static JsonNode named(JsonNode designed, JsonNode answered) {
        if (designed.isArray() && answered.size() == designed.size()) {
            ArrayNode list = JSON.createArrayNode();
            for (int i = 0; i < designed.size(); i++) {
                list.add(named(designed.get(i), answered.path(i)));
            }
            return list;
        }
        if (!designed.isObject() || !answered.isObject()) {
            return answered;
        }
        ObjectNode fields = JSON.createObjectNode();
        designed.propertyNames().forEach(name -> fields.set(name, named(designed.path(name), answered.path(name))));
        return fields;
    }

    /** The example of the design, and every way to say the new size. */
    @Test
    void linesAtAnotherSize() {
        String four = "\"servings\":\"4\",\"lines\":[\"3/4 tsp salt\",\"2 cups long-grain rice\"]";
        JsonNode twelve = ask("scale", "{" + four + ",\"to\":{\"servings\":\"12\"},\"pots\":1,\"system\":\"us\"}");
        assertThat(twelve)
                .isEqualTo(
                        JSON.readTree(
                                "{\"factor\":\"3\",\"lines\":[{\"text\":\"2 1/4 tsp salt\",\"exact\":\"2.25\",\"unit\":\"tsp\",\"rule\":\"seasoning\",\"startWith\":\"2 tsp\"},{\"text\":\"6 cups long-grain rice\",\"exact\":\"6\",\"unit\":\"cup\",\"rule\":\"linear\"}],\"warnings\":[]}"));
        assertThat(factor(four, "\"batches\":{\"eat\":1,\"freeze\":2}")).isEqualTo("3");
        assertThat(
                        factor(
                                four,
                                "\"people\":[{\"age\":\"adult\"},{\"age\":\"teenager\"},{\"age\":\"7\"},{\"age\":\"under 4\"}]"))
                .isEqualTo("0.75");
        assertThat(factor(four, "\"food\":\"long-grain rice\",\"amount\":\"1 kg\""))
                .isEqualTo("2.702703");
        String priced = four + ",\"offers\":[{\"food\":\"rice\",\"pack\":\"1 kg\",\"price\":\"2.00\"}]";
        assertThat(factor(priced, "\"money\":\"7.40\"")).isEqualTo("10");
    }

    private String factor(String recipe, String to) {
        return ask("scale", "{" + recipe + ",\"to\":{" + to + "}}")
                .path("factor")
                .asString();
    }

    @Test
    void conversionShowsItsPathAndSource() {
        JsonNode answer = ask("convert", "{\"amount\":\"2 cups\",\"food\":\"plain flour\",\"to\":\"g\"}");
        assertThat(answer.path("value").asString()).isEqualTo("250");
        assertThat(answer.path("path").toString()).isEqualTo("[\"2 cups\",\"473.18 ml\",\"250 g\"]");
        assertThat(answer.path("source").asString()).contains("USDA FoodData Central");
        JsonNode metric =
                ask("convert", "{\"amount\":\"2 cups\",\"food\":\"plain flour\",\"to\":\"g\",\"cup\":\"metric\"}");
        assertThat(metric.path("value").asString()).startsWith("264.17");
        assertThat(ask("convert", "{\"amount\":\"1 lb\",\"to\":\"g\"}")
                        .path("value")
                        .asString())
                .isEqualTo("453.59237");
    }

    @Test
    void costFromTypedOffers() {
        String lines = "\"portions\":\"4\",\"lines\":[\"500 g minced beef\",\"1 onion\"],\"seasoning\":\"exact\"";
        String offers =
                "\"offers\":[{\"food\":\"minced beef\",\"pack\":\"1 kg\",\"price\":\"7.80\",\"multiBuy\":{\"count\":3,\"price\":\"20.00\"}}]";
        JsonNode used = ask("cost", "{" + lines + "," + offers + ",\"basis\":\"used\"}");
        assertThat(used.path("total").asString()).isEqualTo("3.90");
        assertThat(used.path("complete").asBoolean()).isFalse();
        assertThat(used.path("unknown").toString()).isEqualTo("[\"onion\"]");
        assertThat(used.path("perPortion").asString()).isEqualTo("0.98");
        JsonNode bought = ask("cost", "{" + lines + "," + offers + ",\"basis\":\"bought\"}");
        assertThat(bought.path("total").asString()).isEqualTo("7.80");
        String more = lines.replace("500 g minced beef", "1.4 kg minced beef\",\"1.5 kg minced beef");
        assertThat(ask("cost", "{" + more + "," + offers + ",\"basis\":\"bought\"}")
                        .path("total")
                        .asString())
                .isEqualTo("20.00");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '~', textBlock = """
            convert | {"amount":"2 cups","food":"moon dust","to":"g"}                 | /food     | density of moon dust
            convert | {"amount":"two handfuls of","food":"rice","to":"g"}             | /amount   | only the amount
            convert | {"amount":"2 cups","food":"rice","to":"furlongs"}               | /to       | no unit
            convert | {"amount":"1e308 g","food":"rice","to":"g"}                     | /amount   | plain figures
            convert | {"amount":"1 cup","food":"rice","to":"g","cup":"tea"}           | /cup      | us or metric
            convert | {"amount":"1 tbsp","food":"rice","to":"g","tbsp":-3}            | /tbsp     | more than nothing
            line    | {"text":"-3 g salt"}                                            | /text     | below zero
            measure | {"amount":"1 cup","system":"roman"}                             | /system   | us or metric
            split   | {"total":"3.06","weights":["1","x"]}                            | /weights/1 | no number
            split   | {"total":"3.06","weights":[]}                                   | /weights  | above zero
            split   | {"total":"-1","weights":["1"]}                                  | /total    | no price
            cost    | {"portions":"0","lines":[],"offers":[]}                         | /portions | 1 to 500
            cost    | {"portions":"2","lines":["500 g"],"offers":[]}                  | /lines/0  | names no food
            stretch | {"food":"x","weight":"1 kg","price":"5","cookedYield":"0.5","shares":[{"name":"a","percent":"120"}]} | /shares/0/percent | 0 to 100
            stretch | {"food":"x","weight":"1 kg","price":"5","shares":[]}            | /cookedYield | cooked yield of x
            scale   | {"servings":"4","lines":["1 egg"],"to":{}}                      | /to       | Say one of
            scale   | {"servings":"4","lines":["1 egg"],"to":{"factor":"-2"}}         | /to       | more than 0
            scale   | {"servings":"0","lines":["1 egg"],"to":{"servings":"2"}}        | /servings | more than nothing
            scale   | {"servings":"4","lines":["1 egg"],"to":{"money":"15.00"}}       | /offers   | price of egg
            scale   | {"servings":"4","lines":["1 egg"],"to":{"food":"rice","amount":"1 kg"}} | /to/food | No line asks
            scale   | {"servings":"4","lines":["1 egg"],"to":{"people":[{"age":"old"}]}} | /to/people/0/age | no age
            stretch | {"food":"x","weight":"2 cups","price":"5","cookedYield":"1","shares":[]} | /weight | no weight
            """)
    void refusesAtTheField(String call, String asked, String field, String words) {
        Http.Answer answer = http.act("/api/preview/" + call, asked);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.field()).isEqualTo(field);
        assertThat(answer.detail()).contains(words);
    }

    @Test
    void theShortfallIsExactInGrams() {
        String asked =
                "{\"food\":\"x\",\"weight\":\"1 kg\",\"price\":\"5\",\"cookedYield\":\"0.5\",\"shares\":[{\"name\":\"a\",\"grams\":\"300\"},{\"name\":\"b\",\"grams\":\"250.5\"}]}";
        Http.Answer answer = http.act("/api/preview/stretch", asked);
        assertThat(answer.body().path("shortfallGrams").asString()).isEqualTo("50.5");
        assertThat(answer.detail()).contains("50.5 g too much");
    }

    @Test
    void previewsNeedNoHouseholdAndStoreNothing() {
        Http nobody = new Http(http.port(), java.util.UUID.randomUUID());
        nobody.act("/api/preview/split", Map.of("total", "1.00", "weights", java.util.List.of("1")))
                .ok();
        assertThat(http.get("/api/acts").ok()).isEmpty();
    }
}
