package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.ArrayList;
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

/** On hand: where things go, how long they keep, what they cost, over HTTP and the database. */
class OnHandTest {

    private final Http http = Kitchen.emptyHousehold();

    @AfterEach
    void clockBack() {
        Kitchen.clock().moveTo(MovableClock.START);
    }

    private Map<String, JsonNode> lots() {
        Map<String, JsonNode> lots = new HashMap<>();
        http.get("/api/onhand")
                .ok()
                .path("places")
                .forEach(place -> place.path("lots")
                        .forEach(lot -> lots.put(lot.path("name").asString(), lot)));
        return lots;
    }

    @Test
    void eachFoodGoesToItsUsualPlaceWithItsDate() {
        http.note("500 g minced beef 3.90\n1 kg rice 1.75\n1 kg frozen peas\n2 moon cheese\n1 kg onions 0.89");
        Map<String, JsonNode> lots = lots();
        assertThat(lots.get("minced beef").path("placeName").asString()).isEqualTo("Fridge");
        assertThat(lots.get("minced beef").path("until").path("words").asString())
                .isEqualTo("eat by");
        assertThat(lots.get("minced beef").path("until").path("date").asString())
                .isEqualTo("2026-11-25");
        assertThat(lots.get("long-grain rice").path("placeName").asString()).isEqualTo("Cupboard");
        assertThat(lots.get("long-grain rice").path("until").path("words").asString())
                .isEqualTo("best before");
        assertThat(lots.get("frozen peas").path("placeName").asString()).isEqualTo("Freezer, top drawer");
        assertThat(lots.get("frozen peas").path("state").asString()).isEqualTo("FROZEN");
        // what nobody knows is never undated: the safest class its words allow
        assertThat(lots.get("moon cheese").path("placeName").asString()).isEqualTo("Fridge");
        assertThat(lots.get("moon cheese").path("until").path("date").asString())
                .isEqualTo("2026-11-25");
    }

    @Test
    void aChosenPlaceWinsAndTheFreezerCountsFromTheDateWritten() {
        String drawer = Sample.place(http, "Freezer, bottom drawer");
        http.act("/api/onhand/note", Map.of("text", "3 x 500 g mince Oct\n2 bolognese for 6", "place", drawer))
                .ok();
        List<JsonNode> inDrawer = new ArrayList<>();
        http.get("/api/onhand").ok().path("places").forEach(place -> {
            if (place.path("id").asString().equals(drawer)) {
                place.path("lots").forEach(inDrawer::add);
            }
        });
        assertThat(inDrawer).hasSize(5);
        JsonNode mince = lots().get("minced beef");
        assertThat(mince.path("amount").asString()).isEqualTo("500 g");
        assertThat(mince.path("until").path("date").asString()).isEqualTo("2027-02-01");
        JsonNode bolognese = lots().get("bolognese");
        assertThat(bolognese.path("portions").asInt()).isEqualTo(6);
        assertThat(bolognese.path("costComplete").asBoolean()).isFalse();
        assertThat(http.get("/api/onhand").ok().path("frozenPortions").asInt()).isEqualTo(12);
    }

    /** What nobody gave a price takes the newest one seen, says so, and hands it on to what is made of it. */
    @Test
    void stockWithoutAPriceTakesTheNewestOne() {
        http.note("2 kg rice\n3 kg onions from the garden, free");
        assertThat(lots().get("long-grain rice").path("costComplete").asBoolean())
                .isFalse();
        JsonNode priced = http.act(
                        "/api/costs/prices", Map.of("food", "long-grain rice", "pack", "1 kg", "price", "1.80"))
                .ok();
        assertThat(lots().get("long-grain rice").path("cost").asString()).isEqualTo("3.60");
        assertThat(lots().get("long-grain rice").path("valued").asBoolean()).isTrue();
        assertThat(lots().get("onion").path("cost").asString()).isEqualTo("0.00");
        assertThat(lots().get("onion").path("valued").asBoolean()).isFalse();

        String recipe = http.act("/api/recipes", Sample.recipe("Rice pan", 4, List.of("500 g rice"), List.of()))
                .ok()
                .path("id")
                .asString();
        JsonNode cooked = http.act("/api/cook", Sample.cook(recipe, 4)).ok();
        assertThat(cooked.path("cost").asString()).isEqualTo("0.90");
        assertThat(lots().get("Rice pan").path("valued").asBoolean()).isTrue();
        http.undo(cooked.path("act").asString()).ok();
        http.undo(priced.path("act").asString()).ok();
        assertThat(lots().get("long-grain rice").path("cost").asString()).isEqualTo("0.00");
        assertThat(lots().get("long-grain rice").path("costComplete").asBoolean())
                .isFalse();
        assertThat(lots().get("long-grain rice").path("valued").asBoolean()).isFalse();
    }

    /** Own and given goods cost nothing, or what they would cost today: the household's choice. */
    @Test
    void ownGoodsAtTodaysPriceWhereTheHouseholdWantsIt() {
        http.act("/api/costs/prices", Map.of("food", "onion", "pack", "1 kg", "price", "0.90"))
                .ok();
        JsonNode settings = http.get("/api/household").ok();
        Map<String, Object> changed = new HashMap<>();
        for (String same : List.of("name", "zone", "currency", "measures", "cup", "tbsp", "seasoning", "flat")) {
            changed.put(same, settings.path(same).asString());
        }
        changed.put("version", settings.path("version").asInt());
        changed.put("ownGoods", "TODAY");
        http.act("/api/household/settings", changed).ok();
        http.note("3 kg onions from the garden, free");
        assertThat(lots().get("onion").path("cost").asString()).isEqualTo("2.70");
        assertThat(lots().get("onion").path("valued").asBoolean()).isTrue();
    }

    @Test
    void readingStoresNothingAndSaysWhatItUnderstood() {
        JsonNode lines = http.act("/api/onhand/note/read", Map.of("text", "3 x 500 g mince Oct, 9.30\n\n-1 egg\nsalt"))
                .ok();
        assertThat(lines).hasSize(3);
        assertThat(lines.get(0).path("count").asInt()).isEqualTo(3);
        assertThat(lines.get(0).path("price").asString()).isEqualTo("9.30");
        assertThat(lines.get(0).path("placeName").asString()).isEqualTo("Freezer, top drawer");
        assertThat(lines.get(1).path("number").asInt()).isEqualTo(3);
        assertThat(lines.get(1).path("problem").asString()).contains("below zero");
        assertThat(lines.get(2).has("amount")).isFalse();
        assertThat(lots()).isEmpty();
        assertThat(http.get("/api/acts").ok()).isEmpty();
    }

    @Test
    void aStapleWithoutAnAmountIsHadAndUndoTakesItAway() {
        String act = http.note("salt\noil").path("act").asString();
        assertThat(levels()).containsExactly("have", "have");
        http.undo(act).ok();
        assertThat(levels()).isEmpty();
        assertThat(http.get("/api/shop").ok().path("wanted")).isEmpty();
    }

    private List<String> levels() {
        List<String> levels = new ArrayList<>();
        http.get("/api/onhand")
                .ok()
                .path("staples")
                .forEach(lot -> levels.add(lot.path("level").asString()));
        return levels;
    }

    @Test
    void aPriceForSeveralIsSplitToTheCentAndRemembered() {
        http.note("3 x 500 g mince 10.00");
        List<String> costs = new ArrayList<>();
        http.get("/api/onhand")
                .ok()
                .path("places")
                .forEach(place -> place.path("lots")
                        .forEach(lot -> costs.add(lot.path("cost").asString())));
        assertThat(costs).containsExactlyInAnyOrder("3.34", "3.33", "3.33");
        assertThat(http.get("/api/onhand").ok().path("worth").asString()).isEqualTo("10.00");
    }

    @Test
    void piecesAreCountedInTheFoodsOwnUnit() {
        http.note("3 onions 0.66\n6 eggs 1.49\n1 head garlic 0.39\n1 goats cheese 2.19");
        assertThat(lots().get("onion").path("amount").asString()).isEqualTo("330 g");
        assertThat(lots().get("egg").path("amount").asString()).isEqualTo("6");
        assertThat(lots().get("garlic").path("amount").asString()).isEqualTo("40 g");
        // nobody has said what a goats cheese weighs: it stays a piece, nothing is guessed
        assertThat(lots().get("goat's cheese").path("amount").asString()).isEqualTo("1");
    }

    @Test
    void daysPassInTheHouseholdsZone() {
        http.note("500 g minced beef 3.90");
        assertThat(lots().get("minced beef").path("urgency").asString()).isEqualTo("FINE");
        Kitchen.clock().moveTo(MovableClock.START.plus(Duration.ofDays(1)));
        assertThat(lots().get("minced beef").path("urgency").asString()).isEqualTo("SOON");
        assertThat(http.get("/api/ribbon").ok().path("onHand").asInt()).isEqualTo(1);
        Kitchen.clock().moveTo(MovableClock.START.plus(Duration.ofDays(3)));
        assertThat(lots().get("minced beef").path("urgency").asString()).isEqualTo("PAST");
        assertThat(http.get("/api/ribbon").ok().path("past").asInt()).isEqualTo(1);
    }

    @Test
    void theRibbonShowsWhatEndsOnWhichDay() {
        http.note("500 g minced beef 3.90\n2 l milk 2.10");
        JsonNode days = http.get("/api/ribbon").ok().path("days");
        assertThat(days).hasSize(14);
        assertThat(days.get(0).path("date").asString()).isEqualTo("2026-11-23");
        assertThat(days.get(2).path("ends").get(0).path("name").asString()).isEqualTo("minced beef");
        assertThat(days.get(7).path("ends").get(0).path("name").asString()).isEqualTo("milk");
    }
}
