package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
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
            keeping | {"keepingClass":"cooked-poultry","history":[{"at":"2026-11-22T18:00","what":"cooked"},{"at":"2026-11-24T09:00","what":"frozen"},{"at":"2026-12-05T18:00","what":"thawed in fridge"}]} | {"useFrom":"2026-12-06","eatBy":"2026-12-07","bestBefore":null}
            thaw | {"weight":"2.3 kg","shape":"whole bird","method":"fridge","readyAt":"2026-11-28T16:00"} | {"takeOutAt":"2026-11-26T16:00","hours":"48","warnings":[]}
            thaw | {"weight":"1 kg","shape":"block","method":"fridge","readyAt":"2026-11-28T16:00","packets":3,"stacked":true} | {"takeOutAt":"2026-11-26T16:00","hours":"48"}
            thaw | {"weight":"4 lb","shape":"joint","method":"cold water","readyAt":"2027-03-28T03:30"} | {"takeOutAt":"2027-03-28T01:30","hours":"2"}
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
        JsonNode salt = twelve.path("lines").get(0);
        assertThat(twelve.path("factor").asString()).isEqualTo("3");
        assertThat(twelve.path("portions").asString()).isEqualTo("12");
        assertThat(said(salt)).isEqualTo("2 1/4 tsp salt|2.25|tsp|seasoning|2 tsp");
        assertThat(salt.path("why").asString()).contains("start with 2 tsp, taste");
        assertThat(said(twelve.path("lines").get(1))).isEqualTo("6 cups long-grain rice|6|cup|linear|");
        assertThat(twelve.path("warnings")).isEmpty();
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

    private static String said(JsonNode line) {
        return Stream.of("text", "exact", "unit", "rule", "startWith")
                .map(field -> line.path(field).asString(""))
                .collect(Collectors.joining("|"));
    }

    /** One pot: what boils away stays what it was. Each of two bags gets half of all, in its own kitchen measures. */
    @Test
    void aLineFollowsItsOwnRule() {
        String rice =
                "\"servings\":\"4\",\"lines\":[\"2 cups long-grain rice\",\"4 cups water\",\"3 eggs\",\"1 tbsp butter, for greasing\",\"2 bay leaves\"]";
        JsonNode scaled = ask("scale", "{" + rice + ",\"to\":{\"factor\":\"3\"}}");
        assertThat(scaled.path("lines").valueStream().map(PreviewTest::said))
                .containsExactly(
                        "6 cups long-grain rice|6|cup|linear|",
                        "9 cups water|9|cup|evaporating|",
                        "9 eggs|9|piece|whole|",
                        "1 tbsp butter, for greasing|1|tbsp|per vessel|",
                        "2 bay leaves|2|piece|fixed|");
        assertThat(scaled.path("lines").get(1).path("why").asString()).contains("boil away from the pot");
        JsonNode asSaid = ask(
                "scale",
                "{" + rice
                        + ",\"to\":{\"factor\":\"3\"},\"bags\":2,\"rules\":[\"\",\"linear\",\"linear\",\"\",\"linear\"]}");
        assertThat(asSaid.path("lines").get(1).path("text").asString()).isEqualTo("12 cups water");
        assertThat(asSaid.path("lines").get(1).path("each").asString()).isEqualTo("6 cups water");
        assertThat(asSaid.path("lines").get(2).path("each").asString()).isEqualTo("4 1/2 eggs");
        JsonNode pan = ask(
                "scale",
                "{" + rice + ",\"to\":{\"vessel\":{\"from\":\"8x8 in\",\"to\":\"9x13 in\"}},\"system\":\"weight\"}");
        assertThat(pan.path("factor").asString()).isEqualTo("1.828125");
        assertThat(pan.path("lines").get(0).path("text").asString()).isEqualTo("680 g long-grain rice");
    }

    /** Rice 6 cups dry + 7½ cups water fills 42 % of an 8 qt pot and 56 % of a 6 qt one: handbook, common practice. */
    @Test
    void aVesselIsFilledToItsLimitAndNoFurther() {
        String rice =
                "\"vessel\":\"pressure cooker\",\"contents\":[{\"amount\":\"6 cups\",\"food\":\"long-grain rice\"},"
                        + "{\"amount\":\"7.5 cups\",\"food\":\"water\"}]";
        JsonNode six = ask("vessel", "{" + rice + ",\"capacity\":\"6 qt\"}");
        assertThat(six.path("fillPercent").asString()).isEqualTo("56");
        assertThat(six.path("limitPercent").asString()).isEqualTo("50");
        assertThat(six.path("loads").asInt()).isEqualTo(2);
        assertThat(six.path("nextSize").asString()).isEqualTo("8 qt");
        assertThat(six.path("largestThatFits").asString()).startsWith("88 % of it: 5 1/4 cups long-grain rice");
        assertThat(six.path("why").asString()).contains("swells");
        JsonNode time = six.path("pressure").get(0);
        assertThat(time.path("minutes").asInt())
                .as("7 min, for 1 cup and for 6")
                .isEqualTo(7);
        assertThat(time.path("holds").asInt()).isEqualTo(25 + 7 + 10);
        JsonNode eight = ask("vessel", "{" + rice + ",\"capacity\":\"8 qt\"}");
        assertThat(eight.path("fillPercent").asString()).isEqualTo("42");
        assertThat(eight.path("loads").asInt()).isEqualTo(1);
        assertThat(eight.path("largestThatFits").asString()).isEqualTo("all of it");
        JsonNode peppers = ask(
                "vessel",
                "{\"vessel\":\"pan\",\"size\":\"8x8 in\",\"contents\":[{\"amount\":\"6\",\"food\":\"bell peppers\"}]}");
        assertThat(peppers.path("loads").asInt()).isEqualTo(1);
        JsonNode lines = ask(
                "vessel",
                "{\"vessel\":\"pressure cooker\",\"capacity\":\"6 qt\",\"factor\":\"2\",\"lines\":[\"1 kg beef shin\",\"salt\",\"some leeks\",\"100 ml stock\",\"2 moon rocks\"]}");
        assertThat(lines.path("unknown").valueStream().map(JsonNode::asString)).containsExactly("leek", "moon rocks");
        assertThat(lines.path("warnings").get(0).asString()).contains("200 ml of thin liquid", "240 ml");
        String pan = "{\"vessel\":\"pan\",\"size\":\"24x24 cm\",\"lines\":[\"1 l stock\"],\"block\":";
        assertThat(ask("vessel", pan + "\"20x15 cm\"}").path("warnings")).isEmpty();
        assertThat(ask("vessel", pan + "\"26x25 cm\"}").path("warnings").toString())
                .contains("thaw it until it fits");
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
        JsonNode drained = ask("convert", "{\"amount\":\"1 tin\",\"food\":\"tinned chickpeas\",\"to\":\"g drained\"}");
        assertThat(drained.path("path").toString()).isEqualTo("[\"1 tin\",\"400 g\",\"240 g drained\"]");
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
            convert | {"amount":"1 tbsp","food":"rice","to":"g","tbsp":-3}            | /tbsp     | 10 to 25 ml
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
            scale   | {"servings":"4","lines":["1 egg"],"to":{"factor":"2"},"rules":["twice"]} | /rules/0 | no rule
            scale   | {"servings":"4","lines":["1 egg"],"to":{"factor":"2"},"rules":[]} | /rules | 0 rules for 1
            scale   | {"servings":"4","lines":["1 egg"],"to":{"factor":"2"},"bags":0} | /bags | 1 to 20
            scale   | {"servings":"4","lines":["1 egg"],"to":{"vessel":{"from":"big","to":"8x8 in"}}} | /to/vessel/from | no size
            vessel  | {"vessel":"bath","capacity":"6 qt","contents":[]}                   | /vessel   | no vessel
            vessel  | {"vessel":"pot","contents":[]}                                      | /capacity | Say either
            vessel  | {"vessel":"pot","capacity":"6 qt","contents":[]}                    | /contents | from 1 to
            vessel  | {"vessel":"pot","capacity":"6 kg","contents":[{"amount":"1 cup","food":"water"}]} | /capacity | no size
            vessel  | {"vessel":"pot","capacity":"6 qt","contents":[{"amount":"1 kg","food":"moon rock"}]} | /contents/0/food | density of moon rock
            thaw    | {"weight":"2 cups","shape":"joint","method":"fridge","readyAt":"2026-11-28T16:00"} | /weight | no weight
            thaw    | {"weight":"2 kg","shape":"ball","method":"fridge","readyAt":"2026-11-28T16:00"} | /shape | whole bird, joint
            thaw    | {"weight":"2 kg","shape":"joint","method":"counter","readyAt":"2026-11-28T16:00"} | /method | cold water
            thaw    | {"weight":"2 kg","shape":"joint","method":"fridge","readyAt":"tonight"} | /readyAt | no time
            keeping | {"keepingClass":"moon rock","history":[]}                           | /keepingClass | cooked-dish
            keeping | {"keepingClass":"soup","history":[]}                                | /history  | nothing was done
            keeping | {"keepingClass":"soup","history":[{"at":"2026-11-22T18:00","what":"eaten"}]} | /history/0/what | taken out
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
