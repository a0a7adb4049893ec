package wexilla.app.support;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import tools.jackson.databind.JsonNode;
import wexilla.app.onhand.Ledger;

/** A household of one story, with what its checks ask again and again. */
public abstract class StoryKitchen {

    protected final Http http = Kitchen.emptyHousehold();

    @AfterEach
    void clockBack() {
        assertThat(Kitchen.bean(Ledger.class).mismatches()).isEmpty();
        Kitchen.clock().moveTo(MovableClock.START);
    }

    protected static void on(String instant) {
        Kitchen.clock().moveTo(Instant.parse(instant));
    }

    /** One setting of the household; the others stay. */
    protected void setting(String field, Object value) {
        JsonNode settings = http.get("/api/household").ok();
        Map<String, Object> changed = new HashMap<>();
        for (String same : List.of("name", "zone", "currency", "measures", "cup", "tbsp", "seasoning", "flat")) {
            changed.put(same, settings.path(same).asString());
        }
        changed.put("version", settings.path("version").asInt());
        changed.put(field, value);
        http.act("/api/household/settings", changed).ok();
    }

    protected JsonNode lot(String name) {
        JsonNode there = http.get("/api/onhand").ok();
        List<JsonNode> lots = new ArrayList<>();
        there.path("places").forEach(place -> place.path("lots").forEach(lots::add));
        there.path("staples").forEach(lots::add);
        return lots.stream()
                .filter(lot -> lot.path("name").asString().equals(name))
                .findFirst()
                .orElseThrow(() -> new AssertionError("there is no " + name + " in " + there));
    }

    protected String until(String name) {
        return lot(name).path("until").path("date").asString();
    }

    protected String recipe(String title, int portions, String... lines) {
        return http.act("/api/recipes", Sample.recipe(title, portions, List.of(lines), List.of()))
                .ok()
                .path("id")
                .asString();
    }

    protected void evening(String day, String dish, int portions) {
        http.act(
                        "/api/plan/evening",
                        Sample.evening(day, "COOK", List.of(), List.of(Map.of("text", dish, "portions", portions))))
                .ok();
    }

    /** What is to be bought, as the list says it. */
    protected List<String> list() {
        return http.get("/api/shop")
                .ok()
                .path("wanted")
                .valueStream()
                .map(w -> (w.path("packs").asInt() == 1 ? "" : w.path("packs").asInt() + " x ")
                        + w.path("pack").asString() + " " + w.path("name").asString())
                .toList();
    }
}
