package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;
import wexilla.app.support.Sample;

/** The household: people, places, equipment, settings; changed, undone, and refused where it makes no sense. */
class SetUpTest {

    private final Http http = Kitchen.emptyHousehold();

    private JsonNode household() {
        return http.get("/api/household").ok();
    }

    private static Map<String, Object> person(String name) {
        Map<String, Object> person = new HashMap<>();
        person.put("version", 0);
        person.put("name", name);
        person.put("appetite", "ADULT");
        person.put("allergens", List.of("MILK"));
        person.put("flags", List.of());
        person.put("dislikes", List.of("olives"));
        person.put("chilli", 1);
        person.put("active", true);
        return person;
    }

    @Test
    void aTableIsSetInOneGoAndNamesFollow() {
        Map<String, Integer> table =
                Map.of("adults", 2, "teenagers", 1, "children9to13", 0, "children4to8", 1, "under4", 0);
        String act = http.act("/api/household/table", table).ok().path("act").asString();
        assertThat(household().path("people")).hasSize(4);
        assertThat(household().path("plates").asString()).isEqualTo("3.7");

        JsonNode first = household().path("people").get(0);
        Map<String, Object> named = person("Bo");
        named.put("id", first.path("id").asString());
        named.put("version", first.path("version").asInt());
        String naming =
                http.act("/api/household/people", named).ok().path("act").asString();
        assertThat(household().path("people").get(0).path("name").asString()).isEqualTo("Bo");
        assertThat(http.act("/api/household/people", named).status())
                .as("seen in an older window")
                .isEqualTo(412);

        assertThat(http.undo(act).status()).as("a name stands on it").isEqualTo(409);
        http.undo(naming).ok();
        assertThat(household().path("people").get(0).path("name").asString()).isEqualTo("Adult 1");
        http.undo(act).ok();
        assertThat(household().path("people")).isEmpty();
    }

    @Test
    void peopleAreRefusedAtTheirField() {
        http.act("/api/household/people", person("Bo")).ok();
        assertThat(http.act("/api/household/people", person("bo")).field()).isEqualTo("/name");
        assertThat(http.act("/api/household/people", person(" ")).field()).isEqualTo("/name");
        Map<String, Object> hot = person("Al");
        hot.put("chilli", 9);
        assertThat(http.act("/api/household/people", hot).field()).isEqualTo("/chilli");
        Map<String, Object> stranger = person("Al");
        stranger.put("id", java.util.UUID.randomUUID().toString());
        assertThat(http.act("/api/household/people", stranger).status()).isEqualTo(404);
        Map<String, Integer> nobody =
                Map.of("adults", 0, "teenagers", 0, "children9to13", 0, "children4to8", 0, "under4", 0);
        assertThat(http.act("/api/household/table", nobody).field()).isEqualTo("/adults");
        assertThat(household().path("people")).hasSize(1);
    }

    @Test
    void placesAndEquipmentComeAndGo() {
        String drawer = Sample.place(http, "Freezer, top drawer");
        Map<String, Object> chest = Map.of("version", 0, "name", "Chest freezer", "kind", "FREEZER");
        String added = http.act("/api/household/places", chest).ok().path("act").asString();
        assertThat(http.act("/api/household/places", chest).field()).isEqualTo("/name");
        http.act("/api/onhand/note", Map.of("text", "500 g peas", "place", Sample.place(http, "Chest freezer")))
                .ok();
        assertThat(http.undo(added).status()).as("peas lie in it").isEqualTo(409);
        assertThat(http.act("/api/household/places/" + Sample.place(http, "Chest freezer") + "/remove", "")
                        .field())
                .isEqualTo("/id");
        String gone = http.act("/api/household/places/" + drawer + "/remove", "")
                .ok()
                .path("act")
                .asString();
        assertThat(household().path("places").toString()).doesNotContain("top drawer");
        http.undo(gone).ok();
        assertThat(household().path("places").toString()).contains("top drawer");

        Map<String, Object> pot =
                Map.of("version", 0, "name", "stock pot", "kind", "POT", "capacity", "8 qt", "count", 1);
        http.act("/api/household/equipment", pot).ok();
        JsonNode piece = household().path("equipment").get(0);
        assertThat(piece.path("capacity").asString()).isEqualTo("8 qt");
        Map<String, Object> odd = new HashMap<>(pot);
        odd.put("capacity", "3 kg");
        assertThat(http.act("/api/household/equipment", odd).field()).isEqualTo("/capacity");
        // a pan is known by its sides, a pot only by what it holds
        odd.put("capacity", "9x13 in");
        assertThat(http.act("/api/household/equipment", odd).field()).isEqualTo("/capacity");
        odd.put("kind", "PAN");
        odd.put("name", "roasting pan");
        http.undo(http.act("/api/household/equipment", odd).ok().path("act").asString())
                .ok();
        http.act("/api/household/equipment/" + piece.path("id").asString() + "/remove", "")
                .ok();
        assertThat(household().path("equipment")).isEmpty();
    }

    @Test
    void settingsAreKeptAndTheCurrencyStaysOncePricesAreWritten() {
        Map<String, Object> us = new HashMap<>(Map.of(
                "name",
                "Kitchen",
                "zone",
                "America/Chicago",
                "currency",
                "USD",
                "measures",
                "US",
                "cup",
                "us",
                "tbsp",
                "14.787",
                "seasoning",
                "EXACT",
                "flat",
                "0.20"));
        us.put("version", household().path("version").asInt());
        String act = http.act("/api/household/settings", us).ok().path("act").asString();
        assertThat(household().path("currency").asString()).isEqualTo("USD");
        assertThat(household().path("cup").asString()).isEqualTo("us");
        assertThat(http.act("/api/household/settings", us).status()).isEqualTo(412);
        http.undo(act).ok();
        assertThat(household().path("currency").asString()).isEqualTo("EUR");
        assertThat(http.act("/api/household/settings", us).status())
                .as("undo makes a new version, so that nobody saves over it unseen")
                .isEqualTo(412);
        us.put("version", household().path("version").asInt());
        http.note("1 kg flour 0.79");
        assertThat(http.act("/api/household/settings", us).field()).isEqualTo("/currency");
        us.put("currency", "EUR");
        us.put("zone", "Harbour/Terrace");
        assertThat(http.act("/api/household/settings", us).field()).isEqualTo("/zone");
        us.put("zone", "Europe/Paris");
        us.put("tbsp", "300");
        assertThat(http.act("/api/household/settings", us).field()).isEqualTo("/tbsp");
    }

    /** The browser lets one guess; one that tells nothing, or a household with prices, changes nothing. */
    @Test
    void whereIsGuessedUntilItIsSaid() {
        assertThat(where("Europe/London", "en-US")).isEqualTo("UK GBP Europe/London metric");
        assertThat(where("America/Chicago", "en-US")).isEqualTo("US USD America/Chicago us");
        assertThat(where("Europe/Lisbon", "pt-PT")).isEqualTo("EU EUR Europe/Lisbon metric");
        assertThat(where("Etc/GMT+3", "pt")).isEqualTo("EU EUR UTC metric");
        http.note("1 kg flour 0.79");
        assertThat(where("America/Chicago", "en-US")).isEqualTo("US EUR America/Chicago us");
    }

    private String where(String zone, String language) {
        JsonNode where = http.get("/api/household/where?zone=" + zone + "&language=" + language)
                .ok();
        return Stream.of("country", "currency", "zone", "cup")
                .map(field -> where.path(field).asString())
                .collect(Collectors.joining(" "));
    }
}
