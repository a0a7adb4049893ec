package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;
import wexilla.app.support.Sample;

/** Nonsense is refused at its field, in words, and leaves nothing behind. */
class RefusalTest {

    private static Http http;

    @BeforeAll
    static void household() {
        http = Kitchen.emptyHousehold();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            -3 kg mince               | below zero
            1e308 g mince             | plain figures
            500 g                     | Line 1: “500 g” names no food
            mince 1900-01-01          | last three years
            61 x 500 g mince          | 1 to 60
            0.0000001 g mince         | too little
            ''                        | empty
            """)
    void aNoteWithNonsense(String text, String word) {
        Http.Answer answer = http.act("/api/onhand/note", Map.of("text", text.replace("\\n", "\n")));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.field()).isEqualTo("/text");
        assertThat(answer.detail()).contains(word);
        assertThat(http.get("/api/acts").ok()).isEmpty();
        assertThat(Sample.amounts(http, "onion")).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "title, '', /title",
        "portions, 0, /portions",
        "portions, -4, /portions",
        "portions, 501, /portions",
        "portions, 1e308, /portions",
        "portions, many, /portions",
        "lines, two handfuls of, /lines/4/text",
        "lines, -200 g flour, /lines/4/text",
        "nonsense, x, /nonsense"
    })
    void aRecipeWithNonsense(String field, String value, String at) {
        Map<String, Object> recipe = Sample.pot();
        if (field.equals("lines")) {
            recipe = Sample.recipe("x", 4, List.of("1 onion", "1 egg", "salt", "500 g potatoes", value), List.of());
        } else {
            recipe.put(field, value.matches("-?\\d+(e\\d+)?") ? Double.valueOf(value) : value);
        }
        Http.Answer answer = http.act("/api/recipes", recipe);
        assertThat(answer.status()).isBetween(400, 422);
        assertThat(answer.field()).isEqualTo(at);
        assertThat(answer.detail()).isNotBlank();
        assertThat(http.get("/api/recipes").ok().path("cards")).isEmpty();
    }

    @Test
    void aRecipeOfFiveThousandLines() {
        List<String> lines = java.util.Collections.nCopies(5000, "1 onion");
        Http.Answer answer = http.act("/api/recipes", Sample.recipe("long", 4, lines, List.of()));
        assertThat(answer.field()).isEqualTo("/lines");
        assertThat(answer.detail()).contains("5000").contains("200");
    }

    @Test
    void packetsThatCannotBeFilled() {
        Http own = Kitchen.emptyHousehold();
        String recipe = own.act("/api/recipes", Sample.pot()).ok().path("id").asString();
        assertThat(own.act("/api/cook", Sample.cook(recipe, 0)).field()).isEqualTo("/portions");
        Map<String, Object> odd = new java.util.HashMap<>(Sample.cook(recipe, 8));
        odd.put("corrections", List.of(Map.of("pos", 0, "used", "two handfuls of pork")));
        assertThat(own.act("/api/cook", odd).field()).isEqualTo("/corrections/0");
        String lot =
                own.act("/api/cook", Sample.cook(recipe, 8)).ok().path("lot").asString();
        String drawer = Sample.place(own, "Freezer, top drawer");
        Http.Answer tooMany = own.act("/api/pack", Map.of("lot", lot, "packets", List.of(6, 6), "place", drawer));
        assertThat(tooMany.field()).isEqualTo("/packets");
        assertThat(tooMany.detail()).contains("12 portions").contains("8 there").contains("4 too many");
        String elsewhere = Sample.place(Kitchen.emptyHousehold(), "Fridge");
        assertThat(own.act("/api/pack", Map.of("lot", lot, "packets", List.of(8), "place", elsewhere))
                        .field())
                .isEqualTo("/place");
        assertThat(Sample.amounts(own, "Pork and bean pot")).containsExactly("8 portions");
    }

    /** HTML in a name is a name; the page's own escaping and the content security policy keep it text. */
    @Test
    void htmlInNamesIsKeptAsText() {
        Http own = Kitchen.emptyHousehold();
        own.act("/api/recipes", Sample.recipe("<img src=x onerror=alert(1)>", 2, List.of("1 <b>egg</b>"), List.of()))
                .ok();
        assertThat(own.get("/api/recipes")
                        .ok()
                        .path("cards")
                        .get(0)
                        .path("title")
                        .asString())
                .startsWith("<img");
    }

    @Test
    void whatIsNoJsonIsSaidSo() {
        Http.Answer broken = http.act("/api/onhand/note", "{\"text\": ");
        assertThat(broken.status()).isEqualTo(400);
        assertThat(broken.detail()).contains("JSON");
        assertThat(http.get("/api/recipes/not-a-uuid").status()).isEqualTo(422);
        assertThat(http.get("/api/recipes/" + UUID.randomUUID()).status()).isEqualTo(404);
        assertThat(http.get("/api/no-such-call").status()).isEqualTo(404);
        assertThat(http.act("not-a-key", "/api/onhand/note", Map.of("text", "1 onion"))
                        .field())
                .isEqualTo("/Idempotency-Key");
    }
}
