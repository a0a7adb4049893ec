package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import wexilla.app.onhand.Ledger;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;
import wexilla.app.support.MovableClock;
import wexilla.app.support.Sample;

/** Use, part, freeze, thaw, open, count, waste, levels: through HTTP and the ledger, each undone again. */
class HandlingTest {

    private final Http http = Kitchen.emptyHousehold();

    @AfterEach
    void booksAreRight() {
        Kitchen.clock().moveTo(MovableClock.START);
        assertThat(Kitchen.bean(Ledger.class).mismatches()).isEmpty();
    }

    private JsonNode lot(String name) {
        for (JsonNode place : http.get("/api/onhand").ok().path("places")) {
            for (JsonNode lot : place.path("lots")) {
                if (lot.path("name").asString().equals(name)) {
                    return lot;
                }
            }
        }
        throw new AssertionError("no " + name);
    }

    private JsonNode inState(String state) {
        return http.get("/api/onhand")
                .ok()
                .path("places")
                .valueStream()
                .flatMap(place -> place.path("lots").valueStream())
                .filter(l -> l.path("state").asString().equals(state))
                .findFirst()
                .orElseThrow();
    }

    private Http.Answer hand(String lot, String hand, Map<String, String> more) {
        Map<String, String> body = new HashMap<>(more);
        body.put("hand", hand);
        return http.act("/api/lots/" + lot, body);
    }

    @Test
    void aPartIsFrozenThawedAndEatenAndAllOfItIsUndone() {
        http.note("1.2 kg minced beef 7.56");
        String fridge = lot("minced beef").path("id").asString();
        Map<String, String> half = Map.of("amount", "700 g", "place", Sample.place(http, "Freezer, top drawer"));
        JsonNode frozen = hand(fridge, "MOVE", half).ok();
        assertThat(frozen.path("subject").asString()).isEqualTo("Frozen: 700 g minced beef, Freezer, top drawer");
        assertThat(Sample.amounts(http, "minced beef")).containsExactlyInAnyOrder("500 g", "700 g");

        Kitchen.clock().moveTo(MovableClock.START.plus(Duration.ofDays(30)));
        JsonNode packet = inState("FROZEN");
        assertThat(packet.path("cost").asString()).isEqualTo("4.41");
        assertThat(packet.path("age").asString()).isEqualTo("4 weeks");
        String out = packet.path("id").asString();
        JsonNode thawed =
                hand(out, "MOVE", Map.of("place", Sample.place(http, "Fridge"))).ok();
        JsonNode wet = inState("THAWED");
        // raw food counts from the day thawing is done, a day later; then its own fridge time of two days
        assertThat(wet.path("until").path("date").asString()).isEqualTo("2026-12-26");
        assertThat(http.undo(frozen.path("act").asString()).status()).isEqualTo(409);
        http.undo(thawed.path("act").asString()).ok();
        http.undo(frozen.path("act").asString()).ok();
        assertThat(Sample.amounts(http, "minced beef")).containsExactly("1.2 kg");
        assertThat(lot("minced beef").path("cost").asString()).isEqualTo("7.56");
    }

    @Test
    void usingMoreThanTheRecordIsACorrectionAndCountingTakesItsCost() {
        http.note("500 g long-grain rice 0.90\n6 eggs 1.80");
        String rice = lot("long-grain rice").path("id").asString();
        JsonNode used = hand(rice, "USE", Map.of("amount", "2 cups")).ok();
        assertThat(used.path("subject").asString()).startsWith("Used: 391");
        hand(rice, "USE", Map.of("amount", "300 g")).ok();
        assertThat(Sample.amounts(http, "long-grain rice")).isEmpty();

        String eggs = lot("egg").path("id").asString();
        hand(eggs, "COUNT", Map.of("amount", "4")).ok();
        assertThat(lot("egg").path("cost").asString()).isEqualTo("1.20");
        hand(eggs, "COUNT", Map.of("amount", "10")).ok();
        assertThat(lot("egg").path("amount").asString()).isEqualTo("10");
        assertThat(lot("egg").path("cost").asString()).isEqualTo("1.20");
    }

    @Test
    void wasteAndOpeningSayWhatHappened() {
        http.note("400 g tinned tomatoes 0.55\n1 l milk 1.05");
        String tin = lot("tinned tomatoes").path("id").asString();
        hand(tin, "OPEN", Map.of()).ok();
        JsonNode opened = lot("tinned tomatoes");
        assertThat(opened.path("placeName").asString()).isEqualTo("Fridge");
        assertThat(opened.path("until").path("date").asString()).isEqualTo("2026-11-30");
        Http.Answer binned =
                hand(lot("milk").path("id").asString(), "WASTE", Map.of("amount", "300 ml", "reason", "gone off"));
        assertThat(binned.ok().path("subject").asString()).isEqualTo("Binned: 300 ml milk, gone off");
        assertThat(lot("milk").path("cost").asString()).isEqualTo("0.73");
    }

    @Test
    void nonsenseIsToldAtItsField() {
        http.note("500 g minced beef 3.90\nsalt\n1 kg moon cheese");
        String mince = lot("minced beef").path("id").asString();
        assertThat(hand(mince, "USE", Map.of("amount", "-3 g")).field()).isEqualTo("/amount");
        assertThat(hand(mince, "USE", Map.of("amount", "1e308 g")).field()).isEqualTo("/amount");
        assertThat(hand(mince, "USE", Map.of("amount", "two handfuls of")).field())
                .isEqualTo("/amount");
        assertThat(hand(lot("moon cheese").path("id").asString(), "USE", Map.of("amount", "2 cups"))
                        .body()
                        .path("missing")
                        .asString())
                .isEqualTo("density of moon cheese");
        assertThat(hand(mince, "MOVE", Map.of("amount", "2 kg", "place", Sample.place(http, "Fridge")))
                        .field())
                .isEqualTo("/amount");
        assertThat(hand(mince, "MOVE", Map.of()).field()).isEqualTo("/place");
        assertThat(hand(mince, "OPEN", Map.of()).field()).isEqualTo("/id");
        hand(mince, "MOVE", Map.of("place", Sample.place(http, "Freezer, top drawer")))
                .ok();
        String frozen = lot("minced beef").path("id").asString();
        assertThat(hand(frozen, "MOVE", Map.of("place", Sample.place(http, "Kitchen counter")))
                        .detail())
                .contains("never on the counter");
        assertThat(Sample.amounts(http, "minced beef")).containsExactly("500 g");
    }

    @Test
    void staplesGoFromHaveToOutAndBack() {
        http.note("salt\noil");
        JsonNode salt = http.get("/api/onhand").ok().path("staples").get(1);
        assertThat(salt.path("name").asString()).isEqualTo("salt");
        String path = "/api/lots/" + salt.path("id").asString() + "/level";
        http.act(path, Map.of("level", "LOW")).ok();
        String out = http.act(path, Map.of("level", "OUT")).ok().path("act").asString();
        assertThat(level("salt")).isEqualTo("out");
        http.undo(out).ok();
        assertThat(level("salt")).isEqualTo("low");
    }

    private String level(String name) {
        return http.get("/api/onhand")
                .ok()
                .path("staples")
                .valueStream()
                .filter(l -> l.path("name").asString().equals(name))
                .findFirst()
                .orElseThrow()
                .path("level")
                .asString();
    }

    @Test
    void aHaulIsPaidAndTheTillMayNotSayLess() {
        Map<String, Object> haul =
                Map.of("text", "500 g minced beef 3.90\n2 l milk 2.10", "bought", true, "till", "5.00");
        assertThat(http.act("/api/onhand/note", haul).field()).isEqualTo("/till");
        assertThat(Sample.amounts(http, "milk")).isEmpty();
        Map<String, Object> right =
                Map.of("text", "500 g minced beef 3.90\n2 l milk 2.10", "bought", true, "till", "7.15");
        assertThat(http.act("/api/onhand/note", right).ok().path("subject").asString())
                .isEqualTo("Bought: minced beef and 1 more");
    }

    @Test
    void aDrawerLearnsItsRoom() {
        String drawer = Sample.place(http, "Freezer, top drawer");
        String path = "/api/onhand/places/" + drawer + "/full";
        assertThat(http.act(path, "").field()).isEqualTo("/id");
        http.act("/api/onhand/note", Map.of("text", "2 bolognese for 6\n500 g mince Oct", "place", drawer))
                .ok();
        assertThat(http.act(path, "").ok().path("subject").asString())
                .isEqualTo("Freezer, top drawer is full at about 5 l");
    }
}
