package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import wexilla.app.onhand.Ledger;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;
import wexilla.app.support.Sample;

/** The first path through every layer: note, recipe, cook, pack, and undo of each act. */
class PathTest {

    private final Http http = Kitchen.emptyHousehold();

    @Test
    void fromANoteToPacketsAndBack() {
        String noteAct = http.note(Sample.NOTE).path("act").asString();
        JsonNode saved = http.act("/api/recipes", Sample.pot()).ok();
        String recipe = saved.path("id").asString();

        // 1.6 of 3.2 kg is half of 17.57, rounded half up; beans 400 g of 3.29; onions 3 of 5 for 0.99; 0.15 flat
        JsonNode plan = http.get("/api/cook/" + recipe).ok();
        assertThat(plan.path("total").asString()).isEqualTo("10.85");
        assertThat(plan.path("perPortion").asString()).isEqualTo("1.36");
        assertThat(plan.path("addOnNight").get(0).asString()).isEqualTo("200 ml cream");

        JsonNode cooked = http.act("/api/cook", Sample.cook(recipe, 8)).ok();
        assertThat(cooked.path("cost").asString()).isEqualTo("10.85");
        assertThat(Sample.amounts(http, "pork shoulder, bone in")).containsExactly("1.6 kg");
        assertThat(Sample.amounts(http, "dried white beans")).containsExactly("600 g");
        assertThat(Sample.amounts(http, "onion")).containsExactly("220 g");

        JsonNode packed = pack(cooked.path("lot").asString(), List.of(4, 4)).ok();
        JsonNode packets = packed.path("packets");
        assertThat(packets).hasSize(2);
        assertThat(packets.get(0).path("cost").asString()).isEqualTo("5.43");
        assertThat(packets.get(1).path("cost").asString()).isEqualTo("5.42");
        assertThat(packets.get(0).path("until").path("date").asString()).isEqualTo("2027-05-23");
        assertThat(packets.get(0).path("code").asString()).matches("[2-9A-Z]{3}");
        assertThat(Sample.amounts(http, "Pork and bean pot")).containsExactly("4 portions", "4 portions");
        assertThat(Kitchen.bean(Ledger.class).mismatches()).isEmpty();

        // each stands on the one before and says so
        Http.Answer refused = http.undo(noteAct);
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.detail()).contains("undo “Cooked: Pork and bean pot, 8 portions” first");
        assertThat(http.undo(saved.path("act").asString()).detail()).contains("Cooked");
        assertThat(http.undo(cooked.path("act").asString()).detail()).contains("Packed");
        http.undo(packed.path("act").asString()).ok();
        assertThat(Sample.amounts(http, "Pork and bean pot")).containsExactly("8 portions");
        http.undo(cooked.path("act").asString()).ok();
        assertThat(Sample.amounts(http, "pork shoulder, bone in")).containsExactly("3.2 kg");
        assertThat(Sample.amounts(http, "Pork and bean pot")).isEmpty();
        http.undo(saved.path("act").asString()).ok();
        assertThat(http.get("/api/recipes").ok().path("cards")).isEmpty();
        http.undo(noteAct).ok();
        assertThat(Sample.amounts(http, "dried white beans")).isEmpty();
        assertThat(http.undo(noteAct).status()).isEqualTo(422);
        assertThat(Kitchen.bean(Ledger.class).mismatches()).isEmpty();
    }

    private Http.Answer pack(String lot, List<Integer> packets) {
        String drawer = Sample.place(http, "Freezer, middle drawer");
        return http.act("/api/pack", Map.of("lot", lot, "packets", packets, "place", drawer));
    }

    @Test
    void whatTheRecordLacksIsUsedNotFromStockAndCostedAtTheNewestPrice() {
        String note = http.note("500 g minced beef 3.90").path("act").asString();
        String recipe = http.act("/api/recipes", Sample.recipe("Mince", 4, List.of("800 g minced beef"), List.of()))
                .ok()
                .path("id")
                .asString();
        JsonNode cooked = http.act("/api/cook", Sample.cook(recipe, 4)).ok();
        assertThat(cooked.path("cost").asString()).isEqualTo("6.24");
        assertThat(cooked.path("costComplete").asBoolean()).isTrue();
        assertThat(Sample.amounts(http, "minced beef")).isEmpty();
        http.undo(cooked.path("act").asString()).ok();
        assertThat(Sample.amounts(http, "minced beef")).containsExactly("500 g");
        http.undo(note).ok();
        // the price went with the note it came from
        JsonNode plan = http.get("/api/cook/" + recipe).ok();
        assertThat(plan.path("costComplete").asBoolean()).isFalse();
        assertThat(plan.path("goesIn").get(0).path("why").asString()).isEqualTo("no price for minced beef");
    }

    @Test
    void aCorrectionIsTakenInsteadOfTheWrittenAmount() {
        http.note("1 kg minced beef 7.80");
        String recipe = http.act("/api/recipes", Sample.recipe("Mince", 4, List.of("800 g minced beef"), List.of()))
                .ok()
                .path("id")
                .asString();
        Map<String, Object> cook = new java.util.HashMap<>(Sample.cook(recipe, 5));
        cook.put("corrections", List.of(Map.of("pos", 0, "used", "650 g")));
        http.act("/api/cook", cook).ok();
        assertThat(Sample.amounts(http, "minced beef")).containsExactly("350 g");
    }

    @Test
    void aChangedRecipeIsANewVersionAndAStaleChangeIsRefused() {
        JsonNode saved = http.act("/api/recipes", Sample.pot()).ok();
        String path = "/api/recipes/" + saved.path("id").asString();
        String etag = http.get(path).headers().get("etag").get(0);
        Map<String, Object> changed = Sample.pot();
        changed.put("portions", 10);
        JsonNode change = http.put(path, etag, changed).ok();
        assertThat(http.get(path).ok().path("portions").asInt()).isEqualTo(10);
        Http.Answer stale = http.put(path, etag, Sample.pot());
        assertThat(stale.status()).isEqualTo(412);
        assertThat(stale.detail()).contains("changed in another window");
        assertThat(http.undo(saved.path("act").asString()).status()).isEqualTo(409);
        http.undo(change.path("act").asString()).ok();
        assertThat(http.get(path).ok().path("portions").asInt()).isEqualTo(8);
    }

    @Test
    void aRepeatedRequestIsAnsweredOnceAndAnotherUseOfItsKeyRefused() {
        String key = java.util.UUID.randomUUID().toString();
        Map<String, String> note = Map.of("text", "2 kg onions 1.78");
        JsonNode first = http.act(key, "/api/onhand/note", note).ok();
        assertThat(http.act(key, "/api/onhand/note", note).ok()).isEqualTo(first);
        assertThat(Sample.amounts(http, "onion")).containsExactly("2 kg");
        Http.Answer other = http.act(key, "/api/onhand/note", Map.of("text", "3 kg onions"));
        assertThat(other.status()).isEqualTo(422);
        assertThat(other.field()).isEqualTo("/Idempotency-Key");
    }
}
