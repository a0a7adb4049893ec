package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import wexilla.app.support.Kitchen;
import wexilla.app.support.Sample;
import wexilla.app.support.StoryKitchen;

/** Weeks as families plan them: several meals a day, each dish for its own eaters, guests, what thaws when. */
class StoriesOfPlanTest extends StoryKitchen {

    private static final String TUESDAY = "2026-11-24";
    private static final String WEDNESDAY = "2026-11-25";
    private static final String THURSDAY = "2026-11-26";

    private final Map<String, String> who = new HashMap<>();

    /** Two adults and children of 8, 5, 3 and 1: 3.6 portions. */
    @BeforeEach
    void family() {
        person("Ada", "ADULT");
        person("Ben", "ADULT");
        person("Cai", "CHILD_4_TO_8");
        person("Dot", "CHILD_4_TO_8");
        person("Eva", "UNDER_4");
        person("Fin", "UNDER_4");
    }

    private void person(String name, String appetite) {
        Map<String, Object> person = new HashMap<>(Map.of(
                "version",
                0,
                "name",
                name,
                "appetite",
                appetite,
                "allergens",
                List.of(),
                "flags",
                List.of(),
                "dislikes",
                List.of(),
                "chilli",
                0,
                "active",
                true));
        http.act("/api/household/people", person).ok();
        http.get("/api/household")
                .ok()
                .path("people")
                .forEach(one ->
                        who.put(one.path("name").asString(), one.path("id").asString()));
    }

    private List<String> all(String... without) {
        return who.entrySet().stream()
                .filter(one -> !List.of(without).contains(one.getKey()))
                .map(Map.Entry::getValue)
                .sorted()
                .collect(Collectors.toCollection(ArrayList::new));
    }

    private Map<String, Object> meal(String day, String meal, List<String> people, Map<String, Object> dish) {
        Map<String, Object> input = Sample.evening(day, "COOK", people, List.of(dish));
        input.put("meal", meal);
        input.put("tableTime", meal.equals("LUNCH") ? "11:30" : "17:00");
        return input;
    }

    private void plan(Map<String, Object> input) {
        http.act("/api/plan/evening", input).ok();
    }

    private JsonNode at(String day, String meal) {
        for (JsonNode one : http.get("/api/plan").ok().path("days")) {
            for (JsonNode planned : one.path("meals")) {
                if (one.path("date").asString().equals(day)
                        && planned.path("meal").asString().equals(meal)) {
                    return planned;
                }
            }
        }
        throw new AssertionError("no " + meal + " on " + day);
    }

    private static String words(JsonNode meal) {
        return meal.path("remarks").toString();
    }

    /** S19: lunch is the main meal, each meal has its own eaters, and what one meal is promised the other does not get. */
    @Test
    void s19TwoMealsADayWithTheirOwnEaters() {
        recipe("Mince stew", 4, "600 g minced beef", "2 carrots");
        recipe("Pork rice bake", 4, "500 g pork shoulder, boneless", "300 g long-grain rice");
        http.note("800 g minced beef");
        plan(meal(TUESDAY, "LUNCH", all(), Map.of("text", "Mince stew", "portions", 4)));
        plan(meal(TUESDAY, "DINNER", all(), Map.of("text", "Mince stew", "portions", 4)));
        assertThat(at(TUESDAY, "LUNCH").path("slot").path("plates").asString()).isEqualTo("3.6");
        assertThat(words(at(TUESDAY, "LUNCH"))).doesNotContain("minced beef");
        // 19.14: not bought twice; the second meal has what the first leaves
        assertThat(words(at(TUESDAY, "DINNER"))).contains("to buy: minced beef").contains("twice that day");
        // 19.10: the five-year-old, one adult and the eight-year-old are out
        plan(meal(THURSDAY, "DINNER", all("Ben", "Cai", "Dot"), Map.of("text", "Pork rice bake")));
        assertThat(at(THURSDAY, "DINNER").path("slot").path("plates").asString())
                .isEqualTo("1.6");
        // 19.11: two grandparents for two parents: the same 3.6
        Map<String, Object> guests = meal("2026-11-28", "DINNER", all("Ada", "Ben"), Map.of("text", "Pork rice bake"));
        guests.put(
                "guests",
                List.of(
                        Map.of("name", "Gran", "age", "adult", "allergens", List.of("milk")),
                        Map.of("name", "Grandad", "age", "adult", "allergens", List.of())));
        plan(guests);
        assertThat(at("2026-11-28", "DINNER").path("slot").path("plates").asString())
                .isEqualTo("3.6");
        // 19.7: the same protein on following days is told
        plan(meal(WEDNESDAY, "LUNCH", all(), Map.of("text", "Mince stew")));
        assertThat(words(at(WEDNESDAY, "LUNCH"))).contains("beef");
    }

    /** S15.8 and .13: the trout boxes are for the adult who eats them; three rows a day; packets are promised once. */
    @Test
    void s15EachDishForItsOwnEaters() {
        recipe("Trout box", 2, "300 g trout");
        recipe("Barley box", 4, "200 g pearl barley", "100 ml cream");
        Map<String, Object> boxes = meal(WEDNESDAY, "BOXES", all(), Map.of("text", "Barley box"));
        boxes.put(
                "dishes",
                List.of(
                        Map.of("text", "Barley box", "eaters", all("Ben")),
                        Map.of("text", "Trout box", "eaters", List.of(who.get("Ben")))));
        plan(boxes);
        JsonNode dishes = at(WEDNESDAY, "BOXES").path("slot").path("dishes");
        assertThat(dishes.get(1).path("eaters")).hasSize(1);
        // one portion of trout, for one; five eat 2.6 of barley
        assertThat(list().toString()).contains("trout");
        Map<String, Object> wrong = meal(WEDNESDAY, "LUNCH", all("Ben"), Map.of("text", "Trout box"));
        wrong.put("dishes", List.of(Map.of("text", "Trout box", "eaters", List.of(who.get("Ben")))));
        assertThat(http.act("/api/plan/evening", wrong).field()).isEqualTo("/dishes/0/eaters");
        http.act("/api/onhand/note", Map.of("text", "1 bean stew for 4", "place", Sample.place(http, "Fridge")))
                .ok();
        plan(meal(THURSDAY, "BREAKFAST", all(), Map.of("text", "Porridge")));
        Map<String, Object> lunch = meal(THURSDAY, "LUNCH", all(), Map.of("text", "bean stew", "portions", 4));
        lunch.put("kind", "STOCK");
        plan(lunch);
        Map<String, Object> dinner = meal(THURSDAY, "DINNER", all(), Map.of("text", "bean stew", "portions", 4));
        dinner.put("kind", "STOCK");
        plan(dinner);
        assertThat(words(at(THURSDAY, "LUNCH"))).doesNotContain("not there");
        assertThat(words(at(THURSDAY, "DINNER"))).contains("4 portions of bean stew are not there");
    }

    /** A guest's allergen stops a dish; who does not eat of it is not asked. */
    @Test
    void aGuestWhoMustNotEatIt() {
        recipe("Cheese pie", 4, "300 g hard cheese");
        Map<String, Object> dinner = meal(WEDNESDAY, "DINNER", all(), Map.of("text", "Cheese pie"));
        dinner.put("guests", List.of(Map.of("name", "Ida", "age", "30", "allergens", List.of("milk"))));
        plan(dinner);
        assertThat(words(at(WEDNESDAY, "DINNER"))).contains("Ida must not eat milk");
        dinner.put("version", 1);
        dinner.put("dishes", List.of(Map.of("text", "Cheese pie", "eaters", all())));
        plan(dinner);
        // everybody who lives here is named, the guest is not
        assertThat(words(at(WEDNESDAY, "DINNER"))).doesNotContain("Ida must not eat");
    }

    /** S14.14, S18.1, S19.1: what leaves the freezer when, by weight; S05.12: out buys and thaws nothing. */
    @Test
    void whatLeavesTheFreezerWhen() {
        recipe("Turkey rolls", 4, "300 g turkey breast");
        http.act(
                        "/api/onhand/note",
                        Map.of(
                                "text",
                                "300 g turkey breast frozen",
                                "place",
                                Sample.place(http, "Freezer, top drawer")))
                .ok();
        Map<String, Object> rolls = meal(WEDNESDAY, "DINNER", all(), Map.of("text", "Turkey rolls", "portions", 4));
        plan(rolls);
        assertThat(words(at(WEDNESDAY, "DINNER"))).contains("take out 300 g turkey breast by Tue 24 Nov");
        rolls.put("kind", "OUT");
        rolls.put("version", 1);
        rolls.put("dishes", List.of());
        plan(rolls);
        assertThat(words(at(WEDNESDAY, "DINNER"))).isEqualTo("[]");
        assertThat(list()).isEmpty();
    }

    /** Published thawing times and our own (handbook, sections 7 and 13), each counted back from when cooking starts. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            2.5 kg | whole bird | 2027-01-24T20:00 | 2027-01-22T20:00
            1.8 kg | whole bird | 2027-01-23T08:00 | 2027-01-21T08:00
            1.3 kg | joint      | 2027-01-26T11:30 | 2027-01-25T11:30
            2.8 kg | block      | 2027-01-15T17:15 | 2027-01-13T17:15
            2.8 kg | flat bag   | 2027-01-15T17:15 | 2027-01-14T17:15
            600 g  | flat bag   | 2027-01-20T18:00 | 2027-01-19T22:00
            2.2 kg | block      | 2027-01-16T10:00 | 2027-01-14T10:00
            350 g  | pieces     | 2026-12-10T15:15 | 2026-12-09T15:15
            """)
    void thawing(String weight, String shape, String ready, String out) {
        Map<String, Object> asked = Map.of("weight", weight, "shape", shape, "method", "fridge", "readyAt", ready);
        assertThat(http.act("/api/preview/thaw", asked).ok().path("takeOutAt").asString())
                .isEqualTo(out);
    }

    /** "Thursday late, 20 minutes" every week; the one that is planned otherwise is the exception. */
    @Test
    void whatRepeatsAndItsExceptions() {
        Map<String, Object> late = new HashMap<>(Map.of(
                "meal",
                "DINNER",
                "weekday",
                4,
                "tableTime",
                "19:10",
                "homeFrom",
                "18:45",
                "minutes",
                20,
                "kind",
                "COOK",
                "note",
                "late",
                "people",
                List.of()));
        http.act("/api/plan/habit", late).ok();
        JsonNode usual = at(THURSDAY, "DINNER").path("usual");
        assertThat(usual.path("tableTime").asString()).isEqualTo("19:10");
        assertThat(at(WEDNESDAY, "DINNER").path("usual").has("id")).isFalse();
        recipe("Slow soup", 4, "4 carrots");
        Map<String, Object> dinner = meal(THURSDAY, "DINNER", all(), Map.of("text", "Slow soup"));
        dinner.put("tableTime", "19:10");
        dinner.put("homeFrom", "18:45");
        plan(dinner);
        assertThat(words(at(THURSDAY, "DINNER"))).contains("25 min are there");
        late.put("homeFrom", "20:00");
        assertThat(http.act("/api/plan/habit", late).field()).isEqualTo("/homeFrom");
        late.put("weekday", 9);
        late.put("homeFrom", "");
        assertThat(http.act("/api/plan/habit", late).field()).isEqualTo("/weekday");
    }

    /** What does not hold is mended: swapped with a meal where it does, checked with every rule. */
    @Test
    void mendedInOneTap() {
        recipe("Mince pan", 4, "500 g minced beef");
        recipe("Leek pasta", 4, "300 g pasta");
        http.note("500 g minced beef");
        plan(meal(TUESDAY, "DINNER", all(), Map.of("text", "Leek pasta")));
        plan(meal("2026-11-28", "DINNER", all(), Map.of("text", "Mince pan")));
        assertThat(words(at("2026-11-28", "DINNER"))).contains("minced beef keeps to");
        JsonNode mends = http.get("/api/plan/mends?day=2026-11-28&meal=DINNER").ok();
        JsonNode swap = mends.valueStream()
                .filter(one -> one.path("kind").asString().equals("SWAP"))
                .findFirst()
                .orElseThrow();
        assertThat(mends.toString())
                .contains("freeze 500 g minced beef tonight")
                .contains("leave it open");
        Map<String, Object> mend = Map.of("at", Map.of("day", "2026-11-28", "meal", "DINNER"), "mend", swap);
        http.act("/api/plan/mend", mend).ok();
        assertThat(words(at(TUESDAY, "DINNER"))).doesNotContain("keeps to");
        assertThat(at("2026-11-28", "DINNER")
                        .path("slot")
                        .path("dishes")
                        .get(0)
                        .path("name")
                        .asString())
                .isEqualTo("Leek pasta");
    }

    /** S17.10, S05.4: a half that lies too long is refused in words, and one tap freezes it on the day it is cooked. */
    @Test
    void s05TheSecondHalfIsFrozenByOneTap() {
        String soup = recipe("Mustard rice soup", 4, "200 g long-grain rice", "500 g turkey breast");
        http.act("/api/cookday/batches", Map.of("recipe", soup, "style", "COOKED", "factor", "1", "cookOn", TUESDAY))
                .ok();
        String batch = http.get("/api/cookday?day=" + TUESDAY)
                .ok()
                .path("pots")
                .get(0)
                .path("batch")
                .asString();
        Map<String, Object> late = meal("2026-11-29", "DINNER", all(), Map.of("batch", batch, "portions", 2));
        late.put("kind", "STOCK");
        plan(late);
        assertThat(words(at("2026-11-29", "DINNER"))).contains("keeps to Wed 25 Nov, planned for Sun 29 Nov");
        JsonNode freeze =
                http.get("/api/plan/mends?day=2026-11-29&meal=DINNER").ok().get(0);
        assertThat(freeze.path("words").asString()).isEqualTo("freeze it on Tue 24 Nov for this meal");
        http.act("/api/plan/mend", Map.of("at", Map.of("day", "2026-11-29", "meal", "DINNER"), "mend", freeze))
                .ok();
        assertThat(words(at("2026-11-29", "DINNER")))
                .contains("freeze it on Tue 24 Nov, take out 2 portions Mustard rice soup by Sat 28 Nov")
                .doesNotContain("keeps to");
    }

    /** Moving swaps what is eaten; who eats and when stays; what is locked, eaten or not there is said. */
    @Test
    void moving() {
        recipe("Leek pasta", 4, "300 g pasta");
        plan(meal(TUESDAY, "LUNCH", all("Ben"), Map.of("text", "Leek pasta", "eaters", all("Ben", "Ada"))));
        Map<String, Object> move = Map.of(
                "from", Map.of("day", TUESDAY, "meal", "LUNCH"), "to", Map.of("day", THURSDAY, "meal", "DINNER"));
        JsonNode tried = http.act("/api/plan/try", move).ok();
        assertThat(at(TUESDAY, "LUNCH").path("slot").path("dishes")).hasSize(1);
        assertThat(tried.toString()).contains("Leek pasta");
        http.act("/api/plan/move", move).ok();
        JsonNode moved = at(THURSDAY, "DINNER").path("slot");
        assertThat(moved.path("dishes").get(0).path("name").asString()).isEqualTo("Leek pasta");
        assertThat(moved.path("people")).hasSize(6);
        assertThat(at(TUESDAY, "LUNCH").path("slot").path("kind").asString()).isEqualTo("UNDECIDED");
        Map<String, Object> nothing = Map.of(
                "from", Map.of("day", WEDNESDAY, "meal", "LUNCH"), "to", Map.of("day", THURSDAY, "meal", "DINNER"));
        assertThat(http.act("/api/plan/move", nothing).field()).isEqualTo("/from");
        Map<String, Object> same = Map.of(
                "from", Map.of("day", THURSDAY, "meal", "DINNER"), "to", Map.of("day", THURSDAY, "meal", "DINNER"));
        assertThat(http.act("/api/plan/move", same).field()).isEqualTo("/to");
        Map<String, Object> locked = meal(THURSDAY, "DINNER", all(), Map.of("text", "Leek pasta"));
        locked.put("version", moved.path("version").asInt());
        locked.put("locked", true);
        plan(locked);
        assertThat(http.act("/api/plan/move", Map.of("from", same.get("from"), "to", nothing.get("from")))
                        .detail())
                .contains("is locked; unlock it first");
        assertThat(http.act(
                                "/api/plan/move",
                                Map.of("from", Map.of("day", "1999-01-01", "meal", "LUNCH"), "to", move.get("to")))
                        .field())
                .isEqualTo("/day");
    }

    /** Lunch and dinner are eaten and written down apart; in the evening dinner is due, whoever said nothing of lunch. */
    @Test
    void eatenOneAfterTheOther() {
        recipe("Leek pasta", 4, "300 g pasta");
        String monday = "2026-11-23";
        plan(meal(monday, "LUNCH", all(), Map.of("text", "Leek pasta")));
        plan(meal(monday, "DINNER", all(), Map.of("text", "Leek pasta")));
        JsonNode eat = http.get("/api/eat").ok();
        assertThat(eat.path("tonight").path("meal").asString()).isEqualTo("DINNER");
        assertThat(eat.path("open").get(0).path("meal").asString()).isEqualTo("LUNCH");
        assertThat(eat.path("alsoToday")).isEmpty();
        http.act("/api/eat", Map.of("day", monday, "meal", "LUNCH", "how", "OUT", "left", 0, "notForThem", List.of()))
                .ok();
        assertThat(http.get("/api/eat").ok().path("tonight").path("meal").asString())
                .isEqualTo("DINNER");
        assertThat(at(monday, "LUNCH").path("slot").path("state").asString()).isEqualTo("OUT");
        assertThat(at(monday, "DINNER").path("slot").path("state").asString()).isEqualTo("PLANNED");
    }

    /** S19.4 in the plan: Monday's stew with beans of Thursday is four days old when it is cooked; with tinned ones it is new. */
    @Test
    void s19AStewPlannedAheadIsAsOldAsItsBeans() {
        Kitchen.clock().moveTo(Instant.parse("2027-01-21T19:00:00Z"));
        http.act("/api/onhand/note", Map.of("text", "cooked beans 500 g", "place", Sample.place(http, "Fridge")))
                .ok();
        String old = batch(recipe("Bean stew", 8, "4 carrots", "500 g cooked beans"), "2027-01-25");
        String fresh = batch(recipe("Tinned stew", 8, "4 carrots", "2 tins kidney beans"), "2027-01-25");
        plan(stock("2027-01-25", old));
        plan(stock("2027-01-26", old));
        plan(stock("2027-01-28", fresh));
        assertThat(words(at("2027-01-25", "DINNER"))).doesNotContain("keeps to");
        assertThat(words(at("2027-01-26", "DINNER")))
                .contains("Bean stew keeps to Mon 25 Jan")
                .doesNotContain("to buy: Bean stew");
        assertThat(words(at("2027-01-28", "DINNER"))).doesNotContain("keeps to");
        // the beans are promised to the stew; a second one on the day finds too few of them
        plan(meal(
                "2027-01-24",
                "DINNER",
                all(),
                Map.of("recipe", recipe("Bean mash", 4, "400 g cooked beans"), "portions", 4)));
        assertThat(words(at("2027-01-24", "DINNER"))).doesNotContain("short of");
    }

    /** S11.4: jars with a raw egg keep two days; those for later are refused with what would be right. */
    @Test
    void s11ARawEggKeepsTwoDays() {
        Map<String, Object> raw =
                Sample.recipe("Breakfast jars", 8, List.of("200 g oats", "1 egg, raw", "400 ml milk"), List.of());
        raw.put("steps", List.of(Map.of("text", "Stir 5 minutes.")));
        String jars = batch(http.act("/api/recipes", raw).ok().path("id").asString(), TUESDAY);
        plan(stock("2026-11-26", jars));
        plan(stock("2026-11-27", jars));
        assertThat(words(at("2026-11-26", "DINNER"))).doesNotContain("keeps to");
        assertThat(words(at("2026-11-27", "DINNER")))
                .contains(
                        "Breakfast jars keeps to Thu 26 Nov, planned for Fri 27 Nov: crack the egg on the day, or cook it");
    }

    private String batch(String recipe, String day) {
        http.act("/api/cookday/batches", Map.of("recipe", recipe, "style", "COOKED", "cookOn", day))
                .ok();
        for (JsonNode pot : http.get("/api/cookday?day=" + day).ok().path("pots")) {
            if (pot.path("recipe").asString().equals(recipe)) {
                return pot.path("batch").asString();
            }
        }
        throw new AssertionError("nothing to cook on " + day);
    }

    private Map<String, Object> stock(String day, String batch) {
        return meal(day, "DINNER", all(), Map.of("batch", batch, "portions", 4));
    }

    /** S04.2: nothing is planned on Sunday; what is planned within its time, and what is not in its warning, is not told. */
    @Test
    void s04WhatMustGoFirst() {
        Kitchen.clock().moveTo(Instant.parse("2026-12-05T14:00:00Z"));
        http.act(
                        "/api/onhand/note",
                        Map.of(
                                "text",
                                "1 kg beef mince\n800 g pork chops\n500 g haddock\n200 g bacon\n400 g fresh sausages",
                                "place",
                                Sample.place(http, "Fridge")))
                .ok();
        assertThat(freezeBy()).isEmpty();
        Kitchen.clock().moveTo(Instant.parse("2026-12-06T09:00:00Z"));
        assertThat(freezeBy()).isEqualTo("freeze by tomorrow: fresh sausage, minced beef; white fish by Tuesday");
        plan(meal(
                "2026-12-07",
                "DINNER",
                all(),
                Map.of("recipe", recipe("Mince pan", 4, "1 kg beef mince"), "portions", 4)));
        assertThat(freezeBy()).isEqualTo("freeze by tomorrow: fresh sausage; white fish by Tuesday");
    }

    private String freezeBy() {
        return http.get("/api/plan").ok().path("freezeBy").asString();
    }
}
