package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import wexilla.app.onhand.Ledger;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;
import wexilla.app.support.MovableClock;
import wexilla.app.support.Sample;

/** Stops, clocks and packets beyond the straight path. */
class CookAndPackTest {

    private final Http http = Kitchen.emptyHousehold();

    @AfterEach
    void clockBack() {
        Kitchen.clock().moveTo(MovableClock.START);
    }

    private String add(Map<String, Object> recipe) {
        return http.act("/api/recipes", recipe).ok().path("id").asString();
    }

    private JsonNode cook(String recipe, String style, int portions) {
        Map<String, Object> cook = new HashMap<>(Sample.cook(recipe, portions));
        cook.put("style", style);
        return http.act("/api/cook", cook).ok();
    }

    private static Map<String, Object> chicken() {
        Map<String, Object> recipe =
                Sample.recipe("Chicken bags", 6, List.of("1.8 kg chicken thighs", "2 lemons"), List.of());
        recipe.put(
                "lines",
                List.of(
                        Map.of("text", "1.8 kg chicken thighs", "heldBackIn", List.of()),
                        Map.of("text", "1.2 kg potatoes", "heldBackIn", List.of("RAW_BAG"))));
        recipe.put(
                "steps",
                List.of(
                        Map.of("text", "Into the bag.", "stop", "RAW_BAG"),
                        Map.of("text", "Roast with the potatoes.", "stop", "COOKED")));
        return recipe;
    }

    @Test
    void aLineCanBeHeldBackAtOneStopAndNotAtAnother() {
        String recipe = add(chicken());
        JsonNode raw = http.get("/api/cook/" + recipe + "?style=RAW_BAG").ok();
        assertThat(raw.path("goesIn")).hasSize(1);
        assertThat(raw.path("addOnNight").get(0).asString()).isEqualTo("1.2 kg potato");
        assertThat(raw.path("later").get(0).asString()).isEqualTo("Roast with the potatoes.");
        JsonNode cooked = http.get("/api/cook/" + recipe + "?style=COOKED").ok();
        assertThat(cooked.path("goesIn")).hasSize(2);
        assertThat(cooked.path("later")).isEmpty();
        assertThat(http.get("/api/cook/" + recipe + "?style=PLAIN_PART").field())
                .isEqualTo("/style");
    }

    /** Raw poultry 1–2 days: FoodSafety.gov, Cold Food Storage Chart (from memory). */
    @Test
    void aRawBagKeepsTheClockOfWhatIsInIt() {
        http.note("2 kg chicken thighs 7.38");
        Kitchen.clock().moveTo(MovableClock.START.plus(Duration.ofDays(1)));
        String recipe = add(chicken());
        JsonNode bag = cook(recipe, "RAW_BAG", 6);
        JsonNode waiting = http.get("/api/pack").ok().path("waiting").get(0);
        assertThat(waiting.path("id").asString()).isEqualTo(bag.path("lot").asString());
        assertThat(waiting.path("state").asString()).isEqualTo("RAW");
        assertThat(waiting.path("until").path("date").asString()).isEqualTo("2026-11-25");
        JsonNode packed = pack(bag, List.of(3, 3), "Freezer, top drawer").ok();
        assertThat(packed.path("packets").get(0).path("until").path("date").asString())
                .isEqualTo("2027-08-24");
    }

    private Http.Answer pack(JsonNode cooked, List<Integer> packets, String place) {
        return http.act(
                "/api/pack",
                Map.of("lot", cooked.path("lot").asString(), "packets", packets, "place", Sample.place(http, place)));
    }

    @Test
    void whatIsPastItsDayIsNeitherTakenNorPacked() {
        http.note("2 kg chicken thighs 7.38");
        String recipe = add(chicken());
        JsonNode bag = cook(recipe, "RAW_BAG", 6);
        Kitchen.clock().moveTo(MovableClock.START.plus(Duration.ofDays(4)));
        JsonNode plan = http.get("/api/cook/" + recipe + "?style=RAW_BAG").ok();
        assertThat(plan.path("goesIn").get(0).path("takes")).isEmpty();
        assertThat(plan.path("goesIn").get(0).path("why").asString()).contains("past its eat-by day");
        Http.Answer late = pack(bag, List.of(6), "Freezer, top drawer");
        assertThat(late.status()).isEqualTo(422);
        assertThat(late.detail()).contains("past its eat-by day");
        assertThat(http.act(
                                "/api/pack/draft",
                                Map.of(
                                        "lot",
                                        bag.path("lot").asString(),
                                        "packets",
                                        List.of(6),
                                        "place",
                                        Sample.place(http, "Fridge")))
                        .ok()
                        .path("problem")
                        .asString())
                .contains("past its eat-by day");
    }

    @Test
    void labelsStandBeforeAnythingIsFilled() {
        String recipe = add(Sample.pot());
        JsonNode cooked = cook(recipe, "COOKED", 8);
        String lot = cooked.path("lot").asString();
        assertThat(http.act("/api/pack/even", Map.of("lot", lot, "each", 3))
                        .ok()
                        .path("packets")
                        .toString())
                .isEqualTo("[3,3,2]");
        assertThat(http.act("/api/pack/even", Map.of("lot", lot, "each", 0)).field())
                .isEqualTo("/each");
        Map<String, Object> plan = Map.of("lot", lot, "packets", List.of(4, 2), "place", Sample.place(http, "Fridge"));
        JsonNode draft = http.act("/api/pack/draft", plan).ok();
        assertThat(draft.path("left").asInt()).isEqualTo(2);
        JsonNode label = draft.path("labels").get(0);
        assertThat(label.has("code")).isFalse();
        assertThat(label.path("until").path("words").asString()).isEqualTo("eat by");
        assertThat(label.path("until").path("date").asString()).isEqualTo("2026-11-27");
        assertThat(label.path("add").get(0).asString()).isEqualTo("100 ml cream");
        assertThat(Sample.amounts(http, "Pork and bean pot")).containsExactly("8 portions");
        http.act("/api/pack", plan).ok();
        assertThat(Sample.amounts(http, "Pork and bean pot"))
                .containsExactlyInAnyOrder("4 portions", "2 portions", "2 portions");
    }

    @Test
    void theRestOnTheCounterCanBePackedLaterAndUndoneInAnyOrder() {
        http.note(Sample.NOTE);
        JsonNode cooked = cook(add(Sample.pot()), "COOKED", 8);
        JsonNode first = pack(cooked, List.of(3), "Freezer, top drawer").ok();
        JsonNode second = pack(cooked, List.of(3, 2), "Freezer, middle drawer").ok();
        assertThat(http.get("/api/pack").ok().path("waiting")).isEmpty();
        assertThat(pack(cooked, List.of(1), "Fridge").field()).isEqualTo("/lot");
        http.undo(first.path("act").asString()).ok();
        assertThat(http.get("/api/pack")
                        .ok()
                        .path("waiting")
                        .get(0)
                        .path("portions")
                        .asInt())
                .isEqualTo(3);
        http.undo(second.path("act").asString()).ok();
        JsonNode whole = http.get("/api/pack").ok().path("waiting").get(0);
        assertThat(whole.path("portions").asInt()).isEqualTo(8);
        assertThat(whole.path("cost").asString()).isEqualTo(cooked.path("cost").asString());
        assertThat(Kitchen.bean(Ledger.class).mismatches()).isEmpty();
    }

    @Test
    void whatWasCookedKeepsTheVersionItWasCookedBy() {
        String recipe = add(Sample.pot());
        JsonNode cooked = cook(recipe, "COOKED", 8);
        Map<String, Object> changed = Sample.recipe("Renamed pot", 8, List.of("1 onion"), List.of("900 ml cream"));
        http.put("/api/recipes/" + recipe, "\"1\"", changed).ok();
        Http.Answer stale = http.act("/api/cook", Sample.cook(recipe, 8));
        assertThat(stale.status()).isEqualTo(412);
        assertThat(stale.detail()).contains("changed meanwhile");
        Map<String, Object> plan = Map.of(
                "lot", cooked.path("lot").asString(), "packets", List.of(8), "place", Sample.place(http, "Fridge"));
        JsonNode label = http.act("/api/pack/draft", plan).ok().path("labels").get(0);
        assertThat(label.path("name").asString()).isEqualTo("Pork and bean pot");
        assertThat(label.path("add").get(0).asString()).isEqualTo("200 ml cream");
    }

    @Test
    void aNameAndPortionsAreEnoughToCookAndPack() {
        Map<String, Object> recipe = Sample.pot();
        recipe.put("lines", List.of());
        recipe.put("steps", List.of());
        JsonNode cooked = cook(add(recipe), "COOKED", 4);
        assertThat(cooked.path("cost").asString()).isEqualTo("0.00");
        JsonNode packed = pack(cooked, List.of(4), "Fridge").ok();
        assertThat(http.get(packed.path("labels").asString()).status()).isEqualTo(200);
    }

    /** 2.46 kg: 48 h as a block, 24 flat, 20 in bags of a litre; what was said stands on the packet and counts for its thawing. */
    @Test
    void aPacketThawsByItsWeightAndShape() {
        String recipe = add(Sample.pot());
        String lot = cook(recipe, "COOKED", 8).path("lot").asString();
        Map<String, Object> pack = new HashMap<>(Map.of(
                "lot",
                lot,
                "packets",
                List.of(8),
                "place",
                Sample.place(http, "Freezer, top drawer"),
                "weighed",
                "2460 g"));
        JsonNode draft = http.act("/api/pack/draft", pack).ok();
        assertThat(draft.path("mind").get(0).asString())
                .isEqualTo(
                        "2.45 kg as a block thaws 48 h in the fridge; flat, no thicker than 3 cm, 24 h; in 3 flat bags"
                                + " of a litre 20 h");
        assertThat(draft.path("labels").get(0).path("holds").asString()).isEqualTo("8 portions, 2.46 kg");
        pack.put("shape", "FLAT");
        JsonNode flat = http.act("/api/pack/draft", pack).ok();
        assertThat(flat.path("mind")).isEmpty();
        assertThat(flat.path("labels").get(0).path("style").asString()).isEqualTo("cooked, flat");
        for (Map.Entry<String, Integer> shape : Map.of("FLAT", 24, "BLOCK", 48).entrySet()) {
            pack.put("shape", shape.getKey());
            String act = http.act("/api/pack", pack).ok().path("act").asString();
            String dish = http.get("/api/onhand")
                    .ok()
                    .path("places")
                    .valueStream()
                    .flatMap(place -> place.path("lots").valueStream())
                    .filter(one -> one.path("weight").asString("").equals("2.46 kg"))
                    .map(one -> one.path("batch").asString())
                    .findFirst()
                    .orElseThrow();
            http.act("/api/plan/put", Map.of("to", Map.of("day", "2026-11-26", "meal", "DINNER"), "batch", dish))
                    .ok();
            LocalDateTime out = http.get("/api/plan")
                    .ok()
                    .path("threads")
                    .valueStream()
                    .flatMap(thread -> thread.path("climbs").valueStream())
                    .filter(climb -> climb.has("out"))
                    .map(climb -> LocalDateTime.parse(climb.path("out").asString()))
                    .findFirst()
                    .orElseThrow();
            LocalDateTime begun = LocalDateTime.parse(
                    Sample.dinner(http.get("/api/plan").ok().path("days").get(3))
                            .path("slot")
                            .path("start")
                            .asString());
            assertThat(Duration.between(out, begun).toHours())
                    .as(shape.getKey())
                    .isEqualTo((long) shape.getValue());
            http.undo(http.get("/api/acts").ok().get(0).path("id").asString()).ok();
            http.undo(act).ok();
        }
        pack.put("weighed", "two handfuls");
        assertThat(http.act("/api/pack", pack).field()).isEqualTo("/weighed");
        pack.put("weighed", "2 l");
        assertThat(http.act("/api/pack", pack).field()).isEqualTo("/weighed");
    }
}
