package wexilla.app.support;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;

/** Requests the tests share. */
public final class Sample {

    /** Three lines, as a cook types them after shopping. */
    public static final String NOTE = """
            3.2 kg pork shoulder, bone in, 17.57
            1 kg dried white beans 3.29
            5 onions 0.99
            """;

    private Sample() {}

    /** A pork pot for eight with one line held back and two steps, the first of which is a stop. */
    public static Map<String, Object> pot() {
        return recipe(
                "Pork and bean pot",
                8,
                List.of("1.6 kg pork shoulder, bone in", "400 g dried white beans", "3 onions, diced", "1 tsp salt"),
                List.of("200 ml cream"));
    }

    public static Map<String, Object> recipe(String title, int portions, List<String> lines, List<String> heldBack) {
        List<Map<String, Object>> all = new ArrayList<>();
        lines.forEach(text -> all.add(Map.of("text", text, "heldBackIn", List.of())));
        heldBack.forEach(text -> all.add(Map.of("text", text, "heldBackIn", List.of("COOKED"))));
        Map<String, Object> recipe = new HashMap<>();
        recipe.put("title", title);
        recipe.put("portions", portions);
        recipe.put("lines", all);
        recipe.put(
                "steps",
                List.of(
                        Map.of("text", "Simmer it for three hours.", "stop", "COOKED"),
                        Map.of("text", "Heat until it boils, stir in the cream.")));
        recipe.put("note", "");
        return recipe;
    }

    /** For four, to be stopped raw in a bag or cooked. */
    public static Map<String, Object> styled(String title, List<String> lines) {
        Map<String, Object> recipe = recipe(title, 4, lines, List.of());
        recipe.put(
                "steps",
                List.of(
                        Map.of("text", "Into the bag.", "stop", "RAW_BAG"),
                        Map.of("text", "Simmer for 20 minutes.", "stop", "COOKED")));
        return recipe;
    }

    public static Map<String, Object> cook(String recipe, int portions) {
        return Map.of("recipe", recipe, "n", 1, "style", "COOKED", "portions", portions, "corrections", List.of());
    }

    /** An evening at half past six, never seen before, with these at the table. */
    public static Map<String, Object> evening(
            String day, String kind, List<String> people, List<Map<String, Object>> dishes) {
        Map<String, Object> evening = new HashMap<>();
        evening.put("day", day);
        evening.put("version", 0);
        evening.put("kind", kind);
        evening.put("tableTime", "18:30");
        evening.put("minutes", 45);
        evening.put("locked", false);
        evening.put("note", "");
        evening.put("people", people);
        evening.put("dishes", dishes);
        return evening;
    }

    /** Everything of this food that is there, in its base unit as shown. */
    public static List<String> amounts(Http http, String food) {
        List<String> amounts = new ArrayList<>();
        for (JsonNode place : http.get("/api/onhand").ok().path("places")) {
            for (JsonNode lot : place.path("lots")) {
                if (lot.path("name").asString().equals(food)) {
                    amounts.add(lot.path("amount").asString());
                }
            }
        }
        return amounts;
    }

    /** The place of this name. */
    public static String place(Http http, String name) {
        for (JsonNode place : http.get("/api/household").ok().path("places")) {
            if (place.path("name").asString().equals(name)) {
                return place.path("id").asString();
            }
        }
        throw new AssertionError("no place " + name);
    }

    /** All cards of the book, page by page. */
    public static List<JsonNode> book(Http http) {
        List<JsonNode> cards = new ArrayList<>();
        JsonNode page = http.get("/api/recipes").ok();
        for (int i = 1; !page.path("cards").isEmpty(); i++) {
            page.path("cards").forEach(cards::add);
            page = http.get("/api/recipes?page=" + i).ok();
        }
        return cards;
    }

    /** The dinner of a day of the plan, planned or not. */
    public static JsonNode dinner(JsonNode day) {
        return day.path("meals")
                .valueStream()
                .filter(meal -> meal.path("meal").asString().equals("DINNER"))
                .findFirst()
                .orElseThrow();
    }
}
