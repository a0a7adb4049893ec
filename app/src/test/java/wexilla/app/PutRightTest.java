package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import wexilla.app.household.Households;
import wexilla.app.onhand.Ledger;
import wexilla.app.recipes.Rereading;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;
import wexilla.app.support.Sample;

/** A wrong entry has a cure: price, name and days of a lot, with all that followed from them; a recipe nobody wants. */
class PutRightTest {

    private final Http http = Kitchen.emptyHousehold();

    private List<JsonNode> lots() {
        return http.get("/api/onhand")
                .ok()
                .path("places")
                .valueStream()
                .flatMap(place -> place.path("lots").valueStream())
                .toList();
    }

    private List<String> costs() {
        return lots().stream().map(lot -> lot.path("cost").asString()).sorted().toList();
    }

    private String first() {
        return lots().get(0).path("id").asString();
    }

    private JsonNode right(Object... pairs) {
        Map<Object, Object> body = new java.util.HashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            body.put(pairs[i], pairs[i + 1]);
        }
        return http.act("/api/lots/" + first() + "/right", body).ok();
    }

    /** 84.00 was typed for 8.40: the packs of the line, the price seen and what was spent follow, one pack frozen too. */
    @Test
    void aPriceIsPutRightWhereverItWent() {
        http.act("/api/onhand/note", Map.of("text", "3 x 500 g minced pork 84.00\n1 kg carrots 1.00", "bought", true))
                .ok();
        String frozen = lots().stream()
                .filter(lot -> lot.path("name").asString().contains("pork"))
                .skip(1)
                .findFirst()
                .orElseThrow()
                .path("id")
                .asString();
        http.act("/api/lots/" + frozen, Map.of("hand", "MOVE", "place", freezer()))
                .ok();
        JsonNode before = http.get("/api/onhand").ok();
        JsonNode done = right("price", "2.80");
        assertThat(costs()).containsExactly("1.00", "2.80", "2.80", "2.80");
        assertThat(http.get("/api/today").ok().path("week").toString())
                .as("9.40 went through the till")
                .contains("9.40")
                .doesNotContain("85.");
        http.note("1 kg minced pork");
        assertThat(costs()).as("counted at the price that is right").contains("5.60");
        assertThat(Kitchen.bean(Ledger.class).mismatches()).isEmpty();
        http.undo(http.get("/api/acts").ok().get(0).path("id").asString()).ok();
        http.undo(done.path("act").asString()).ok();
        assertThat(http.get("/api/onhand").ok()).isEqualTo(before);
    }

    /** A haul that names a food twice: only the line that was wrong is put right. */
    @Test
    void theOtherLineOfTheSameFoodKeepsItsPrice() {
        http.act("/api/onhand/note", Map.of("text", "500 g minced pork 30.00\n1 kg minced pork 5.00", "bought", true))
                .ok();
        String wrong = lots().stream()
                .filter(lot -> lot.path("cost").asString().equals("30.00"))
                .findFirst()
                .orElseThrow()
                .path("id")
                .asString();
        http.act("/api/lots/" + wrong + "/right", Map.of("price", "3.00")).ok();
        assertThat(costs()).containsExactly("3.00", "5.00");
        assertThat(http.get("/api/today").ok().path("week").toString()).contains("8.00");
        http.act("/api/lots/" + wrong + "/right", Map.of("name", "minced beef")).ok();
        assertThat(http.get("/api/costs").ok().path("prices").toString())
                .contains("minced-beef")
                .contains("minced-pork");
    }

    private String freezer() {
        return http.get("/api/household")
                .ok()
                .path("places")
                .valueStream()
                .filter(place -> place.path("kind").asString().equals("FREEZER"))
                .findFirst()
                .orElseThrow()
                .path("id")
                .asString();
    }

    /** What it is decides how long it keeps; a printed date keeps its role; rereading leaves what was put right. */
    @Test
    void aNameAndDaysArePutRightAndStay() {
        http.note("700 g beef steak");
        String today = Kitchen.clock().instant().toString().substring(0, 10);
        right("name", "minced beef");
        assertThat(lots())
                .singleElement()
                .satisfies(lot -> assertThat(lot.path("until").path("date").asString())
                        .isEqualTo(java.time.LocalDate.parse(today).plusDays(2).toString()));
        String tomorrow = java.time.LocalDate.parse(today).plusDays(1).toString();
        right("days", "use by " + tomorrow);
        assertThat(lots().get(0).path("until").path("date").asString()).isEqualTo(tomorrow);
        Kitchen.bean(Rereading.class)
                .again(Kitchen.bean(Households.class)
                        .find(Optional.of(http.household()))
                        .orElseThrow());
        assertThat(lots().get(0).path("name").asString()).isEqualTo("minced beef");
        assertThat(lots().get(0).path("until").path("date").asString()).isEqualTo(tomorrow);
        assertThat(http.act("/api/lots/" + first() + "/right", Map.of("days", "purple"))
                        .field())
                .isEqualTo("/days");
        assertThat(http.act("/api/lots/" + first() + "/right", Map.of("name", "3 kg onions"))
                        .field())
                .isEqualTo("/name");
        assertThat(http.act("/api/lots/" + first() + "/right", Map.of("price", "much"))
                        .field())
                .isEqualTo("/price");
        assertThat(http.act("/api/lots/" + first() + "/right", Map.of()).field())
                .isEqualTo("/name");
    }

    /** What was opened later than it was typed is dated from then; a cooked dish gets its name and its day. */
    @Test
    void aDishIsPutRightToo() {
        http.note("2 lentil stew for 4");
        JsonNode undone = right("name", "Red lentil stew", "days", "cooked yesterday");
        assertThat(lots())
                .allSatisfy(lot -> assertThat(lot.path("name").asString()).isEqualTo("Red lentil stew"));
        assertThat(lots().get(0).path("age").asString()).isEqualTo("1 day");
        http.undo(undone.path("act").asString()).ok();
        assertThat(lots())
                .allSatisfy(lot -> assertThat(lot.path("name").asString()).isEqualTo("lentil stew"));
    }

    @Test
    void aRecipeLeavesTheBookWhileNothingStandsOnIt() {
        String base = http.act("/api/recipes", Sample.recipe("Onion base", 4, List.of("4 onions"), List.of()))
                .ok()
                .path("id")
                .asString();
        String pot = http.act("/api/recipes", Sample.recipe("Onion pot", 4, List.of("1 batch onion base"), List.of()))
                .ok()
                .path("id")
                .asString();
        assertThat(http.act("/api/recipes/" + base + "/remove", Map.of()).detail())
                .contains("1 recipe stands on it");
        JsonNode gone = http.act("/api/recipes/" + pot + "/remove", Map.of()).ok();
        assertThat(http.get("/api/recipes/" + pot).status()).isEqualTo(404);
        assertThat(http.get("/api/recipes").ok().toString()).doesNotContain("Onion pot");
        JsonNode baseGone =
                http.act("/api/recipes/" + base + "/remove", Map.of()).ok();
        http.undo(baseGone.path("act").asString()).ok();
        http.undo(gone.path("act").asString()).ok();
        assertThat(http.get("/api/recipes").ok().toString()).contains("Onion pot", "Onion base");
        http.get("/api/recipes/" + pot).ok();
    }
}
