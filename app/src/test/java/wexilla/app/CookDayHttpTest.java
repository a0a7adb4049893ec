package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import wexilla.app.onhand.Ledger;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;
import wexilla.app.support.Sample;

/** Batches planned and cooked at a size, kept back, added to from stock, cooked without a recipe; all undone. */
class CookDayHttpTest {

    private final Http http = Kitchen.emptyHousehold();

    @AfterEach
    void booksAreRight() {
        assertThat(Kitchen.bean(Ledger.class).mismatches()).isEmpty();
    }

    private String recipe() {
        return http.act("/api/recipes", Sample.pot()).ok().path("id").asString();
    }

    private static Map<String, Object> cook(String recipe, String factor, int portions) {
        Map<String, Object> input = new HashMap<>(Sample.cook(recipe, portions));
        input.put("factor", factor);
        return input;
    }

    private JsonNode lot(String name) {
        return http.get("/api/onhand")
                .ok()
                .path("places")
                .valueStream()
                .flatMap(place -> place.path("lots").valueStream())
                .filter(l -> l.path("name").asString().equals(name))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aPlannedBatchIsCookedDoubleAndUndoPlansItAgain() {
        http.note("3.2 kg pork shoulder, bone in, 17.57\n1 kg dried white beans 3.29\n1 kg onions 0.99");
        String recipe = recipe();
        Map<String, Object> batch = Map.of("recipe", recipe, "style", "COOKED", "factor", "2", "cookOn", "2026-11-25");
        http.act("/api/cookday/batches", batch).ok();
        JsonNode pot = http.get("/api/cookday").ok().path("pots").get(0);
        assertThat(pot.path("portions").asInt()).isEqualTo(16);

        JsonNode plan = http.get("/api/cook/" + recipe + "?factor=2").ok();
        assertThat(plan.path("goesIn").get(0).path("text").asString()).isEqualTo("3.2 kg pork shoulder, bone in");
        assertThat(plan.path("goesIn").get(0).path("each").asString()).isEqualTo("1.6 kg pork shoulder, bone in");
        assertThat(plan.path("addOnNight").get(0).asString()).startsWith("400 ml");

        Map<String, Object> input = cook(recipe, "2", 16);
        input.put("planned", pot.path("batch").asString());
        input.put("keepBack", 4);
        String act = http.act("/api/cook", input).ok().path("act").asString();
        assertThat(Sample.amounts(http, "pork shoulder, bone in")).isEmpty();
        assertThat(Sample.amounts(http, "Pork and bean pot")).containsExactlyInAnyOrder("4 portions", "12 portions");
        assertThat(http.get("/api/cookday").ok().path("pots")).isEmpty();
        assertThat(http.act("/api/cook", input).field()).isEqualTo("/planned");

        http.undo(act).ok();
        assertThat(http.get("/api/cookday").ok().path("pots")).hasSize(1);
        assertThat(Sample.amounts(http, "pork shoulder, bone in")).containsExactly("3.2 kg");
        http.act("/api/cook", input).ok();
    }

    @Test
    void aPlannedBatchIsShoppedForAndFeedsAnEvening() {
        http.act("/api/cookday/batches", Map.of("recipe", recipe(), "style", "COOKED", "cookOn", "2026-11-24"))
                .ok();
        assertThat(http.get("/api/shop").ok().path("wanted").toString())
                .contains("pork shoulder, bone in")
                .doesNotContain("cream");
        String batch =
                http.get("/api/cookday").ok().path("pots").get(0).path("batch").asString();
        Map<String, Object> evening = new HashMap<>(Map.of(
                "day",
                "2026-11-25",
                "version",
                0,
                "kind",
                "STOCK",
                "tableTime",
                "18:30",
                "minutes",
                60,
                "locked",
                false,
                "note",
                "",
                "people",
                List.of()));
        evening.put("dishes", List.of(Map.of("batch", batch, "portions", 8)));
        http.act("/api/plan/evening", evening).ok();
        assertThat(http.get("/api/plan")
                        .ok()
                        .path("days")
                        .get(2)
                        .path("meals")
                        .get(0)
                        .path("remarks")
                        .toString())
                .contains("to buy: cream")
                .doesNotContain("not there");
    }

    /** A pot of beans and a pot of broth go into the next dish by gram and by litre, with what they cost. */
    @Test
    void whatWasJustCookedReachesTheNextDish() {
        http.note("500 g dried black beans 2.20\nchicken bones 1 kg 1.50");
        Map<String, Object> beans = Map.of(
                "name",
                "Black beans",
                "cameOut",
                "1.1 kg",
                "used",
                List.of(Map.of("lot", lot("dried black beans").path("id").asString())));
        JsonNode cooked = http.act("/api/cook/just", beans).ok();
        assertThat(cooked.path("subject").asString()).isEqualTo("Cooked: Black beans, 1.1 kg");
        assertThat(lot("Black beans").path("placeName").asString()).isEqualTo("Fridge");
        assertThat(lot("Black beans").path("until").path("date").asString()).isEqualTo("2026-11-27");
        Map<String, Object> broth = Map.of(
                "name",
                "Chicken broth",
                "cameOut",
                "2 l",
                "used",
                List.of(Map.of("lot", lot("chicken bones").path("id").asString())));
        http.act("/api/cook/just", broth).ok();

        String chilli = http.act(
                        "/api/recipes",
                        Sample.recipe(
                                "Bean chilli",
                                4,
                                List.of("440 g cooked black beans", "500 ml chicken stock"),
                                List.of()))
                .ok()
                .path("id")
                .asString();
        JsonNode dish = http.act("/api/cook", Sample.cook(chilli, 4)).ok();
        // 2.35 × 440 / 1100 and 1.65 × 500 / 2000
        assertThat(dish.path("cost").asString()).isEqualTo("1.35");
        assertThat(Sample.amounts(http, "Black beans")).containsExactly("660 g");
        assertThat(Sample.amounts(http, "Chicken broth")).containsExactly("1.5 l");
        assertThat(http.act("/api/cook/just", Map.of("name", "Soup", "cameOut", "2 tins", "used", List.of()))
                        .field())
                .isEqualTo("/cameOut");
    }

    @Test
    void justCookedTakesWhatWasTicked() {
        http.note("500 g minced beef 3.90\n1 kg onions 0.99");
        String mince = lot("minced beef").path("id").asString();
        Map<String, Object> onions = Map.of("lot", lot("onion").path("id").asString(), "amount", "200 g");
        Map<String, Object> just =
                Map.of("name", "Mince pan", "portions", 4, "used", List.of(Map.of("lot", mince), onions));
        JsonNode cooked = http.act("/api/cook/just", just).ok();
        // 3.90 + 0.20 + 0.15 flat for seasoning and oil
        assertThat(cooked.path("cost").asString()).isEqualTo("4.25");
        assertThat(Sample.amounts(http, "onion")).containsExactly("800 g");
        http.undo(cooked.path("act").asString()).ok();
        assertThat(Sample.amounts(http, "minced beef")).containsExactly("500 g");
        Map<String, Object> much = Map.of("lot", lot("onion").path("id").asString(), "amount", "2 kg");
        assertThat(http.act("/api/cook/just", Map.of("name", "x", "portions", 1, "used", List.of(much)))
                        .field())
                .isEqualTo("/used/0/amount");
        assertThat(http.act("/api/cook/just", Map.of("name", " ", "portions", 1, "used", List.of()))
                        .field())
                .isEqualTo("/name");
    }

    @Test
    void nonsenseIsToldAtItsField() {
        String recipe = recipe();
        assertThat(http.get("/api/cook/" + recipe + "?factor=0").field()).isEqualTo("/factor");
        assertThat(http.get("/api/cook/" + recipe + "?factor=1e308").field()).isEqualTo("/factor");
        Map<String, Object> keep = cook(recipe, "1", 8);
        keep.put("keepBack", 9);
        assertThat(http.act("/api/cook", keep).field()).isEqualTo("/keepBack");
        assertThat(http.act("/api/cookday/batches", Map.of("recipe", recipe, "style", "COOKED", "cookOn", "1900-01-01"))
                        .field())
                .isEqualTo("/cookOn");
        assertThat(http.act(
                                "/api/cookday/batches",
                                Map.of("recipe", recipe, "style", "RAW_BAG", "cookOn", "2026-11-24"))
                        .field())
                .isEqualTo("/style");
        assertThat(Sample.amounts(http, "Pork and bean pot")).isEmpty();
    }
}
