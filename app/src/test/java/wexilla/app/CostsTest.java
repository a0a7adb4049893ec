package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;
import wexilla.app.support.MovableClock;
import wexilla.app.support.Sample;

/** The price book and the weeks: newest price, old prices, what was used, paid and binned. */
class CostsTest {

    private final Http http = Kitchen.emptyHousehold();

    @AfterEach
    void clockBack() {
        Kitchen.clock().moveTo(MovableClock.START);
    }

    private JsonNode costs() {
        return http.get("/api/costs").ok();
    }

    private Http.Answer price(String food, String pack, String price) {
        return http.act("/api/costs/prices", Map.of("food", food, "pack", pack, "price", price));
    }

    @Test
    void theNewestPriceCountsAndAnUndoneOneDoesNot() {
        price("minced beef", "1 kg", "7.80").ok();
        String act = price("minced beef", "500 g", "3.40").ok().path("act").asString();
        JsonNode beef = costs().path("prices").get(0);
        assertThat(beef.path("each").asString()).isEqualTo("6.80");
        assertThat(beef.path("unit").asString()).isEqualTo("a kilo");
        http.undo(act).ok();
        assertThat(costs().path("prices").get(0).path("each").asString()).isEqualTo("7.80");
    }

    @Test
    void aPriceOlderThanNinetyDaysIsShownAsOld() {
        price("egg", "10", "2.49").ok();
        Kitchen.clock().moveTo(MovableClock.START.plus(Duration.ofDays(90)));
        assertThat(costs().path("prices").get(0).path("old").asBoolean()).isFalse();
        Kitchen.clock().moveTo(MovableClock.START.plus(Duration.ofDays(91)));
        assertThat(costs().path("prices").get(0).path("old").asBoolean()).isTrue();
        assertThat(costs().path("prices").get(0).path("unit").asString()).isEqualTo("each");
    }

    @Test
    void aWeekSaysWhatWasUsedPaidAndBinned() {
        http.act("/api/onhand/note", Map.of("text", "1 kg rice 2.00\n1 l milk 1.00", "bought", true, "till", "3.50"))
                .ok();
        for (JsonNode place : http.get("/api/onhand").ok().path("places")) {
            for (JsonNode lot : place.path("lots")) {
                boolean milk = lot.path("name").asString().equals("milk");
                Map<String, String> hand = milk
                        ? Map.of("hand", "WASTE", "amount", "500 ml", "reason", "gone off")
                        : Map.of("hand", "USE", "amount", "250 g");
                http.act("/api/lots/" + lot.path("id").asString(), hand).ok();
            }
        }
        JsonNode week = costs().path("weeks").get(0);
        assertThat(week.path("monday").asString()).isEqualTo("2026-11-23");
        assertThat(week.path("used").asString()).isEqualTo("0.50");
        assertThat(week.path("paid").asString()).isEqualTo("3.50");
        assertThat(week.path("binned").asString()).isEqualTo("0.50");
        assertThat(costs().path("weeks").get(1).path("paid").asString()).isEqualTo("0.00");
    }

    /** A week's shop of 62.30 is 8.90 a day: by the seven days it feeds, by no number of boxes. */
    @Test
    void aWeekByTheDay() {
        http.act("/api/onhand/note", Map.of("text", "1 kg turkey breast 62.30", "bought", true, "till", "62.30"))
                .ok();
        assertThat(costs().path("weeks").get(0).path("paidADay").asString()).isEqualTo("8.90");
        assertThat(costs().path("weeks").get(1).path("paidADay").asString()).isEqualTo("0.00");
    }

    @Test
    void nonsenseIsToldAtItsField() {
        assertThat(price(" ", "1 kg", "1.00").field()).isEqualTo("/food");
        assertThat(price("rice", "some", "1.00").field()).isEqualTo("/pack");
        assertThat(price("rice", "0 g", "1.00").field()).isEqualTo("/pack");
        assertThat(price("rice", "1 kg", "1.999").field()).isEqualTo("/price");
        assertThat(price("rice", "1 kg", "-1").field()).isEqualTo("/price");
        assertThat(costs().path("prices")).isEmpty();
    }

    /** Three for 13.00 against 5.20: 4.33 each; the list takes it where three are needed, and not for one. */
    @Test
    void severalTogetherCostLessWhereSeveralAreNeeded() {
        Map<String, Object> price =
                Map.of("food", "whole chicken", "pack", "2 kg", "price", "5.20", "multi", "3 for 13.00");
        http.act("/api/costs/prices", price).ok();
        JsonNode seen = http.get("/api/costs").ok().path("prices").get(0);
        assertThat(seen.path("multi").asString()).isEqualTo("3 for 13.00: 4.33 a pack");
        assertThat(expected("2 kg")).isEqualTo("5.20");
        assertThat(expected("6 kg")).isEqualTo("13.00");
        Map<String, Object> wrong = new HashMap<>(price);
        wrong.put("multi", "cheap");
        assertThat(http.act("/api/costs/prices", wrong).field()).isEqualTo("/multi");
    }

    /** What the list expects to pay for this much. */
    private String expected(String amount) {
        Map<String, Object> recipe =
                Sample.recipe("Roast of " + amount, 4, List.of(amount + " whole chicken"), List.of());
        http.act("/api/recipes", recipe).ok();
        JsonNode day = http.get("/api/plan").ok().path("days").get(0);
        Map<String, Object> evening = Sample.evening(
                day.path("date").asString(),
                "COOK",
                List.of(),
                List.of(Map.of("text", "Roast of " + amount, "portions", 4)));
        evening.put(
                "version", day.path("meals").get(0).path("slot").path("version").asInt(0));
        http.act("/api/plan/evening", evening).ok();
        return http.get("/api/shop").ok().path("wanted").get(0).path("expected").asString();
    }
}
