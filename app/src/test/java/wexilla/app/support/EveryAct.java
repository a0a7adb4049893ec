package wexilla.app.support;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** One request for every act there is, each of which the demo household can do at once. */
public final class EveryAct {

    private static final JsonMapper JSON = new JsonMapper();

    /**
     * @param path as the API document writes it
     * @param url with its ids in it
     * @param body empty for an act that takes none
     */
    public record Request(String path, String url, Map<String, Object> body) {

        @Override
        public String toString() {
            return path + " " + body.getOrDefault("hand", "");
        }

        public Object text() {
            return body.isEmpty() ? "" : body;
        }
    }

    private final Http http;
    private final List<Request> requests = new ArrayList<>();

    private EveryAct(Http http) {
        this.http = http;
    }

    /** What can be done in this demo household; writes what some acts need to be there before. */
    public static List<Request> of(Http demo) {
        EveryAct all = new EveryAct(demo);
        all.household();
        all.stock();
        all.dishes();
        all.evenings();
        return all.requests;
    }

    private void add(String path, Map<String, Object> body) {
        requests.add(new Request(path, path, body));
    }

    private void add(String path, String id, Map<String, Object> body) {
        requests.add(new Request(path, path.replace("{id}", id), body));
    }

    private static Map<String, Object> map(Object... pairs) {
        Map<String, Object> map = new HashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            map.put((String) pairs[i], pairs[i + 1]);
        }
        return map;
    }

    private JsonNode read(String path) {
        return http.get(path).ok();
    }

    private static String id(JsonNode thing) {
        return thing.path("id").asString();
    }

    private void household() {
        JsonNode now = read("/api/household");
        add(
                "/api/household/settings",
                map(
                        "version", now.path("version").asInt(),
                        "name", "A kitchen",
                        "zone", "Europe/Lisbon",
                        "currency", "EUR",
                        "measures", "US",
                        "cup", "us",
                        "tbsp", "14.787",
                        "seasoning", "EXACT",
                        "flat", "0.20"));
        JsonNode person = now.path("people").get(0);
        add(
                "/api/household/people",
                map(
                        "id", id(person),
                        "version", person.path("version").asInt(),
                        "name", "Nora M",
                        "appetite", "TEENAGER",
                        "allergens", List.of("FISH"),
                        "flags", List.of("PREGNANT"),
                        "dislikes", List.of("leeks"),
                        "chilli", 1,
                        "active", true));
        add(
                "/api/household/table",
                map("adults", 1, "teenagers", 0, "children9to13", 1, "children4to8", 0, "under4", 1));
        JsonNode place = now.path("places").get(0);
        add(
                "/api/household/places",
                map("id", id(place), "version", place.path("version").asInt(), "name", "Larder", "kind", "CUPBOARD"));
        http.act("/api/household/places", map("version", 0, "name", "Cellar shelf", "kind", "CUPBOARD"))
                .ok();
        add("/api/household/places/{id}/remove", Sample.place(http, "Cellar shelf"), Map.of());
        JsonNode piece = now.path("equipment").get(0);
        add(
                "/api/household/equipment",
                map(
                        "id",
                        id(piece),
                        "version",
                        piece.path("version").asInt(),
                        "name",
                        "big pot",
                        "kind",
                        "POT",
                        "capacity",
                        "12 l",
                        "count",
                        2));
        add("/api/household/equipment/{id}/remove", id(piece), Map.of());
        names();
    }

    private void names() {
        http.act("/api/household/names/own", map("name", "fenwort", "likeness", "vegetable"))
                .ok();
        http.act("/api/household/measures", map("food", "chives", "unit", "pot", "amount", "25 g"))
                .ok();
        JsonNode names = read("/api/household/names");
        add("/api/household/names/same", map("name", "moon sauce", "food", "soy sauce"));
        add(
                "/api/household/names/own",
                map("name", "grumbold", "likeness", "meat", "allergens", List.of("MILK", "NUTS")));
        add("/api/household/names/{id}/forget", id(names.path("said").get(0)), Map.of());
        add("/api/household/looked", map("food", "stock cube", "named", List.of("MILK"), "clear", List.of("CELERY")));
        add("/api/household/measures", map("food", "mint", "unit", "bunch", "amount", "40 g"));
        add("/api/household/measures/{id}/forget", id(names.path("measures").get(0)), Map.of());
    }

    /** The lot of this name. */
    private String lot(String name) {
        return read("/api/onhand")
                .path("places")
                .valueStream()
                .flatMap(place -> place.path("lots").valueStream())
                .filter(lot -> lot.path("name").asString().equals(name))
                .map(EveryAct::id)
                .findFirst()
                .orElseThrow();
    }

    private void stock() {
        add(
                "/api/onhand/note",
                map("text", "2 kg onions 1.78\n1 moon cheese 3.00\nsugar", "bought", true, "till", "6.00"));
        add("/api/lots/{id}", lot("carrot"), map("hand", "USE", "amount", "500 g"));
        add("/api/lots/{id}", lot("potato"), map("hand", "WASTE", "amount", "1 kg", "reason", "green"));
        add("/api/lots/{id}", lot("minced beef"), map("hand", "COUNT", "amount", "900 g"));
        add("/api/lots/{id}", lot("tinned tomatoes"), map("hand", "OPEN"));
        add(
                "/api/lots/{id}",
                lot("minced beef"),
                map("hand", "MOVE", "amount", "600 g", "place", Sample.place(http, "Fridge-freezer drawer")));
        add(
                "/api/lots/{id}/right",
                lot("minced beef"),
                map("name", "minced pork", "price", "6.40", "days", "bought yesterday, use by 28 Nov"));
        add("/api/lots/{id}/level", id(read("/api/onhand").path("staples").get(0)), map("level", "LOW"));
        add("/api/onhand/places/{id}/full", Sample.place(http, "Chest freezer, right well"), Map.of());
        add("/api/costs/prices", map("food", "red lentils", "pack", "500 g", "price", "1.05"));
        add(
                "/api/yields",
                map(
                        "food",
                        "pork shoulder",
                        "part",
                        "COOKED",
                        "before",
                        "2 kg",
                        "after",
                        "1.1 kg",
                        "grade",
                        "WEIGHED"));
        JsonNode wanted = read("/api/shop").path("wanted").get(0);
        add("/api/costs/prices", map("food", "milk", "pack", "1 l", "price", "1.05", "shop", "corner shop"));
        add("/api/shop/shops", map("shops", List.of("corner shop")));
        add("/api/shop/items", map("text", "2 l milk"));
        add(
                "/api/shop/tick",
                map(
                        "food", wanted.path("food").asString(),
                        "name", wanted.path("name").asString(),
                        "packs", 2,
                        "pack", wanted.path("pack").asString(),
                        "price", "3.10"));
        add("/api/shop/everything", map("days", 7));
        http.act("/api/shop/tick", map("name", "candles", "packs", 1, "price", "2.00"))
                .ok();
        add("/api/shop/away", map("till", "4.50"));
    }

    private void dishes() {
        add("/api/recipes", Sample.pot());
        add("/api/recipes/names", map("text", "Nettle soup\nBaked apples"));
        JsonNode book = read("/api/recipes?text=split+pea").path("cards");
        String recipe = book.valueStream()
                .filter(r -> r.path("title").asString().equals("Split pea and ham soup"))
                .map(EveryAct::id)
                .findFirst()
                .orElseThrow();
        add(
                "/api/recipes/{id}/remove",
                id(http.act("/api/recipes", Sample.recipe("Nobody’s porridge", 2, List.of("100 g oats"), List.of()))
                        .ok()),
                Map.of());
        String stew = id(http.act("/api/recipes", Sample.recipe("Quay stew", 4, List.of("500 g carrots"), List.of()))
                .ok());
        http.act("/api/cookday/batches", map("recipe", stew, "style", "COOKED", "factor", "1", "cookOn", "2026-12-06"))
                .ok();
        Map<String, Object> changed = Sample.recipe("Quay stew", 4, List.of("600 g carrots"), List.of());
        http.put("/api/recipes/" + stew, "\"1\"", changed).ok();
        add("/api/recipes/{id}/along", stew, Map.of());
        add("/api/recipes/import", map("recipes", List.of(Sample.pot())));
        add("/api/recipes/{id}/next-time", recipe, map("text", "less salt"));
        add("/api/cook", Sample.cook(recipe, 10));
        add(
                "/api/cook/just",
                map(
                        "name",
                        "Carrot soup",
                        "portions",
                        4,
                        "used",
                        List.of(map("lot", lot("carrot"), "amount", "600 g"))));
        add("/api/cookday/batches", map("recipe", recipe, "style", "COOKED", "factor", "2", "cookOn", "2026-11-29"));
        add(
                "/api/cookday/batches/{id}/drop",
                read("/api/cookday?day=2026-11-28")
                        .path("pots")
                        .get(0)
                        .path("batch")
                        .asString(),
                Map.of());
        cookDay();
        JsonNode waiting = read("/api/pack").path("waiting").get(0);
        add(
                "/api/pack",
                map(
                        "lot",
                        id(waiting),
                        "packets",
                        List.of(4, 2),
                        "place",
                        Sample.place(http, "Chest freezer, left well"),
                        "together",
                        true,
                        "weighed",
                        "2.4 kg",
                        "shape",
                        "FLAT"));
        JsonNode joint = read("/api/stretch").path("stretches").get(0);
        add("/api/lots/{id}/keeps", id(waiting), map("keepsAs", "cooked-rice"));
        Map<String, Object> asked = Objects.requireNonNull(JSON.convertValue(joint.path("asked"), new AnyMap()));
        asked.put("price", "18.00");
        add(
                "/api/stretch",
                map(
                        "id", id(joint),
                        "version", joint.path("version").asInt(),
                        "lot", joint.path("lot").asString(),
                        "asked", asked));
        add("/api/stretch/stock-up", map("food", "minced beef", "perKilo", "6.20"));
        add("/api/scraps/pot", map("bag", "cooked bones", "water", "2 l", "open", true));
        add("/api/stretch/{id}/cook", id(joint), map("weighed", "1.5 kg", "liquid", "300 ml"));
        add("/api/stretch/{id}/drop", id(joint), Map.of());
    }

    private static final class AnyMap extends tools.jackson.core.type.TypeReference<Map<String, Object>> {}

    /** A pot for two meals, cooked before them. */
    private Map<String, Object> ahead(JsonNode people) {
        return map(
                "day",
                "2026-12-05",
                "version",
                Sample.dinner(read("/api/plan").path("days").get(12))
                        .path("slot")
                        .path("version")
                        .asInt(0),
                "kind",
                "COOK",
                "tableTime",
                "18:30",
                "minutes",
                40,
                "locked",
                false,
                "note",
                "",
                "people",
                List.of(people.get(0).asString()),
                "dishes",
                List.of(map(
                        "text",
                        "Red bean chilli",
                        "cookOn",
                        "2026-12-04",
                        "also",
                        List.of(map("day", "2026-12-06", "meal", "DINNER")))));
    }

    private void evenings() {
        JsonNode slot =
                read("/api/plan").path("days").get(3).path("meals").get(0).path("slot");
        add(
                "/api/plan/evening",
                map(
                        "day",
                        "2026-11-26",
                        "version",
                        slot.path("version").asInt(),
                        "kind",
                        "COOK",
                        "tableTime",
                        "19:10",
                        "minutes",
                        30,
                        "locked",
                        true,
                        "note",
                        "guests",
                        "people",
                        List.of(slot.path("people").get(0).asString()),
                        "dishes",
                        List.of(map("text", "Nettle soup", "portions", 3)),
                        "sides",
                        "100 g pasta and peas"));
        add(
                "/api/plan/move",
                map(
                        "from",
                        map("day", "2026-11-24", "meal", "DINNER"),
                        "to",
                        map("day", "2026-12-09", "meal", "LUNCH")));
        add(
                "/api/plan/put",
                map(
                        "to",
                        map("day", "2026-12-05", "meal", "DINNER"),
                        "batch",
                        read("/api/plan").path("inStock").get(0).path("batch").asString()));
        add("/api/plan/evening", ahead(slot.path("people")));
        add(
                "/api/plan/habit",
                map(
                        "meal",
                        "BREAKFAST",
                        "tableTime",
                        "07:30",
                        "minutes",
                        10,
                        "kind",
                        "COOK",
                        "note",
                        "",
                        "people",
                        List.of()));
        add("/api/plan/feed", Map.of());
        add(
                "/api/plan/mend",
                map(
                        "at",
                        map("day", "2026-11-24", "meal", "DINNER"),
                        "mend",
                        map("kind", "LEAVE", "words", "leave it open")));
        add(
                "/api/plan/habit/forget",
                map("id", read("/api/plan").path("habits").get(0).path("id").asString()));
        String recipe = id(read("/api/recipes?text=split+pea").path("cards").get(0));
        add(
                "/api/plan/take",
                map(
                        "meals",
                        List.of(
                                map("day", "2026-12-14", "meal", "DINNER", "recipe", recipe, "cookOn", "2026-12-13"),
                                map("day", "2026-12-15", "meal", "DINNER", "recipe", recipe, "cookOn", "2026-12-13"))));
        add(
                "/api/eat",
                map(
                        "day",
                        "2026-11-23",
                        "how",
                        "PLANNED",
                        "left",
                        2,
                        "liked",
                        1,
                        "notForThem",
                        List.of(slot.path("people").get(1).asString())));
    }

    /** A day that runs, and another one that could. */
    private void cookDay() {
        JsonNode days = read("/api/cookday").path("days");
        String day = days.get(days.size() - 1).asString();
        add(
                "/api/cookday/run",
                map("day", day, "begin", "14:00", "hands", List.of("Nora"), "breaks", List.of("15:00;20")));
        JsonNode run = read("/api/cookday/run");
        String other = run.path("day").asString();
        String id = id(run);
        JsonNode ahead = run.path("tasks")
                .valueStream()
                .filter(task -> task.path("state").asString().equals("TO_DO"))
                .findFirst()
                .orElseThrow();
        add(
                "/api/cookday/run/{id}/task",
                id,
                map(
                        "pos",
                        ahead.path("pos").asInt(),
                        "what",
                        "LONGER",
                        "minutes",
                        5,
                        "at",
                        other + "T20:00",
                        "kind",
                        "BURNER"));
        add(
                "/api/cookday/run/{id}/hands",
                id,
                map(
                        "what",
                        "AWAY",
                        "name",
                        run.path("hands").get(0).path("name").asString(),
                        "minutes",
                        20));
        add("/api/cookday/run/{id}/fails", id, map("gear", 0));
        add("/api/cookday/run/{id}/dish", id, map("drop", ahead.path("of").asString()));
        add("/api/cookday/run/{id}/timer", id, map("words", "eggs", "minutes", 8));
        add("/api/cookday/run/{id}/close", id, Map.of());
    }

    /** Everything the screens read, without the history. */
    public static Map<String, JsonNode> seen(Http http) {
        return List.of(
                        "onhand",
                        "plan",
                        "plan/feed",
                        "shop",
                        "cookday",
                        "cookday/run",
                        "pack",
                        "eat",
                        "recipes?text=split+pea",
                        "recipes",
                        "stretch",
                        "stretch/stock-up",
                        "scraps",
                        "costs",
                        "yields",
                        "household",
                        "household/names",
                        "today",
                        "ribbon",
                        "batches")
                .parallelStream()
                .collect(Collectors.toMap(
                        what -> what,
                        what -> withoutVersions(http.get("/api/" + what).ok())));
    }

    /** What is seen but for versions, which only rise. */
    private static JsonNode withoutVersions(JsonNode seen) {
        if (seen instanceof ObjectNode object) {
            object.remove("version");
        }
        seen.forEach(EveryAct::withoutVersions);
        return seen;
    }

    /**
     * A body with the version that is there now in place of the one its act was written with; what was spoilt stays.
     *
     * @param act as it was written
     */
    public static Map<String, Object> renewed(Http http, Request act, Map<String, Object> body) {
        Object written = act.body().get("version");
        if (written == null || written.equals(0) || !written.equals(body.get("version"))) {
            return body;
        }
        Map<String, Object> now = new HashMap<>(body);
        now.put("version", version(http, act));
        return now;
    }

    private static int version(Http http, Request act) {
        if (act.path().equals("/api/household/settings")) {
            return http.get("/api/household").ok().path("version").asInt();
        }
        if (act.path().equals("/api/plan/evening")) {
            return http.get("/api/plan")
                    .ok()
                    .path("days")
                    .valueStream()
                    .filter(day -> day.path("date").asString().equals(act.body().get("day")))
                    .flatMap(day -> day.path("meals").valueStream())
                    .map(meal -> meal.path("slot").path("version").asInt())
                    .findFirst()
                    .orElseThrow();
        }
        JsonNode household = http.get("/api/household").ok();
        return Stream.of(
                        household.path("people"),
                        household.path("places"),
                        household.path("equipment"),
                        http.get("/api/stretch").ok().path("stretches"))
                .flatMap(JsonNode::valueStream)
                .filter(thing -> id(thing).equals(act.body().get("id")))
                .map(thing -> thing.path("version").asInt())
                .findFirst()
                .orElseThrow();
    }

    /** A key for an act. */
    public static String key() {
        return UUID.randomUUID().toString();
    }
}
