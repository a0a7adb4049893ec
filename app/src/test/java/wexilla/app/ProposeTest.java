package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import wexilla.app.support.Http;
import wexilla.app.support.Sample;
import wexilla.app.support.StoryKitchen;

/** A proposed plan of a household: every rule counted over, what was decided stays, taken and undone as one act. */
class ProposeTest extends StoryKitchen {

    private static final String SUNDAY = "2026-11-29";
    private static final String MONDAY = "2026-11-30";
    private static final String THURSDAY = "2026-12-03";

    private void book() {
        for (String dish : List.of(
                "Mince pot;500 g minced beef, 2 onions;Fry 10 minutes.",
                "Bean stew;400 g dried white beans, 2 carrots;Simmer 30 minutes.",
                "Leek pasta;400 g pasta, 3 leeks;Boil 12 minutes.",
                "Egg noodles;300 g noodles, 6 eggs;Fry 10 minutes.",
                "Haddock tray;600 g haddock, 1 kg potatoes;Bake at 200 °C for 30 minutes.",
                "Barley broth;200 g pearl barley, 3 carrots;Simmer 40 minutes.")) {
            String[] parts = dish.split(";");
            Map<String, Object> recipe = Sample.recipe(parts[0], 4, List.of(parts[1].split(", ")), List.of());
            recipe.put("steps", List.of(Map.of("text", parts[2])));
            http.act("/api/recipes", recipe).ok();
        }
    }

    private static Map<String, Object> asked(Object... more) {
        Map<String, Object> asked =
                new HashMap<>(Map.of("from", MONDAY, "days", 7, "mixture", "VARIED", "anew", false, "effort", 20_000));
        for (int i = 0; i < more.length; i += 2) {
            asked.put((String) more[i], more[i + 1]);
        }
        return asked;
    }

    private JsonNode propose(Object... more) {
        return http.act("/api/plan/propose", asked(more)).ok();
    }

    private static List<JsonNode> choices(JsonNode proposal) {
        List<JsonNode> choices = new ArrayList<>();
        proposal.path("meals").forEach(meal -> {
            if (meal.path("open").asBoolean() && meal.has("choice")) {
                choices.add(meal.path("choice"));
            }
        });
        return choices;
    }

    private static String names(JsonNode proposal) {
        List<String> names = new ArrayList<>();
        proposal.path("meals").forEach(meal -> names.add(meal.path("name").asString()));
        return String.join(",", names);
    }

    private JsonNode dinner(int day) {
        return http.get("/api/plan?days=21")
                .ok()
                .path("days")
                .get(day)
                .path("meals")
                .get(0);
    }

    @Test
    void proposedTakenAndUndoneAsOneAct() {
        book();
        evening("2026-12-02", "Haddock tray", 2);
        JsonNode proposal = propose();
        assertThat(proposal.path("broken")).isEmpty();
        assertThat(proposal.path("meals")).hasSize(7);
        JsonNode decided = proposal.path("meals").get(2);
        assertThat(decided.path("open").asBoolean()).isFalse();
        assertThat(decided.path("name").asString()).isEqualTo("Haddock tray");
        for (JsonNode choice : choices(proposal)) {
            LocalDate day = LocalDate.parse(choice.path("day").asString());
            LocalDate cooked = LocalDate.parse(choice.path("cookOn").asString());
            assertThat(ChronoUnit.DAYS.between(cooked, day)).isBetween(0L, 6L);
        }
        assertThat(propose()).isEqualTo(proposal);
        String act = http.act("/api/plan/take", Map.of("meals", choices(proposal)))
                .ok()
                .path("act")
                .asString();
        for (int i = 0; i < 7; i++) {
            JsonNode slot = dinner(7 + i).path("slot");
            assertThat(slot.path("dishes").get(0).path("name"))
                    .isEqualTo(proposal.path("meals").get(i).path("name"));
            assertThat(dinner(7 + i).path("remarks").toString()).doesNotContain("STOP");
        }
        // what is cooked for several meals is one batch, as large as they all eat
        Map<String, Integer> eaten = new HashMap<>();
        for (int i = 0; i < 7; i++) {
            dinner(7 + i).path("slot").path("dishes").forEach(dish -> {
                if (dish.path("kind").asString().equals("BATCH")) {
                    eaten.merge(
                            dish.path("of").asString(), dish.path("portions").asInt(), Integer::sum);
                }
            });
        }
        assertThat(proposal.path("cook").size()).isGreaterThanOrEqualTo(eaten.size());
        http.undo(act).ok();
        assertThat(dinner(7).has("slot")).isFalse();
        assertThat(dinner(9).path("slot").path("dishes").get(0).path("name").asString())
                .isEqualTo("Haddock tray");
    }

    /** Three portions of one dish and two of another feed nobody of four alone; together they are a meal. */
    @Test
    void whatIsLeftIsPutTogetherToOneMeal() {
        book();
        for (String name : List.of("Ana", "Ben", "Cleo", "Dan")) {
            Map<String, Object> person =
                    new HashMap<>(Map.of("version", 0, "name", name, "appetite", "ADULT", "active", true, "chilli", 3));
            List.of("allergens", "flags", "dislikes").forEach(none -> person.put(none, List.of()));
            http.act("/api/household/people", person).ok();
        }
        intoTheFridge(recipe("Lentil pot", 3, "300 g red lentils"), 3);
        intoTheFridge(recipe("Pea soup", 2, "200 g split peas"), 2);
        JsonNode proposal = propose("from", "2026-11-24", "days", 5, "mixture", "CHEAP");
        JsonNode meal = meal(proposal, " and ");
        assertThat(meal.path("name").asString()).contains("Lentil pot", "Pea soup");
        assertThat(meal.path("choice")
                        .path("helpings")
                        .valueStream()
                        .mapToInt(one -> one.path("portions").asInt())
                        .sum())
                .isEqualTo(4);
        assertThat(meal(propose("from", "2026-11-24", "days", 5, "kept", List.of(meal.path("choice"))), " and ")
                        .path("choice"))
                .isEqualTo(meal.path("choice"));
        http.act("/api/plan/take", Map.of("meals", List.of(meal.path("choice"))))
                .ok();
        int day = LocalDate.parse(meal.path("day").asString()).getDayOfMonth() - 23;
        assertThat(dinner(day).path("slot").path("dishes")).hasSize(2);
        assertThat(dinner(day).path("remarks").toString())
                .doesNotContain("short")
                .doesNotContain("STOP");
        JsonNode then = propose("from", "2026-11-24", "days", 5, "mixture", "CHEAP");
        assertThat(meal(then, " and ").path("open").asBoolean()).isFalse();
        assertThat(meal(then, " and ").path("name")).isEqualTo(meal.path("name"));
        assertThat(then.path("meals")
                        .valueStream()
                        .filter(one -> one.path("from").asString().equals("stock")))
                .isEmpty();
        Map<String, Object> none = Map.of(
                "day",
                "2026-11-26",
                "meal",
                "DINNER",
                "batch",
                meal.path("choice").path("batch"),
                "helpings",
                List.of(Map.of("batch", meal.path("choice").path("batch"), "portions", 0)));
        assertThat(http.act("/api/plan/take", Map.of("meals", List.of(none))).field())
                .isEqualTo("/meals/0/helpings");
    }

    /** Two batches on one table stay as decided: no portion of either is proposed for another day. */
    @Test
    void whatStaysOfSeveralDishesIsSpokenFor() {
        book();
        List<Map<String, Object>> dishes = new ArrayList<>();
        for (String dish : List.of("Lentil pot", "Pea soup")) {
            http.act(
                            "/api/cookday/batches",
                            Map.of(
                                    "recipe",
                                    recipe(dish, 4, "300 g red lentils"),
                                    "style",
                                    "COOKED",
                                    "factor",
                                    "1",
                                    "cookOn",
                                    "2026-11-24"))
                    .ok();
        }
        http.get("/api/cookday?day=2026-11-24")
                .ok()
                .path("pots")
                .forEach(pot -> dishes.add(Map.of("batch", pot.path("batch").asString(), "portions", 4)));
        http.act("/api/plan/evening", Sample.evening("2026-11-25", "STOCK", List.of(), dishes))
                .ok();
        JsonNode proposal = propose("from", "2026-11-25", "days", 4, "mixture", "EASY");
        JsonNode stays = proposal.path("meals").get(0);
        assertThat(stays.path("name").asString()).contains("Lentil pot", " and ", "Pea soup");
        assertThat(stays.path("stands")).isEqualTo(stays.path("name"));
        assertThat(choices(proposal)).hasSize(3).noneMatch(choice -> choice.has("batch"));
    }

    private void intoTheFridge(String recipe, int portions) {
        String lot = http.act("/api/cook", Sample.cook(recipe, portions))
                .ok()
                .path("lot")
                .asString();
        http.act("/api/pack", Map.of("lot", lot, "packets", List.of(portions), "place", Sample.place(http, "Fridge")))
                .ok();
    }

    private static JsonNode meal(JsonNode proposal, String name) {
        return proposal.path("meals")
                .valueStream()
                .filter(one -> one.path("name").asString().contains(name))
                .findFirst()
                .orElseThrow(() -> new AssertionError(name + " is not in " + names(proposal)));
    }

    @Test
    void wishesAreKeptAndWhatClashesIsNamed() {
        book();
        http.note("500 g minced beef");
        JsonNode used = propose("from", "2026-11-23", "asks", List.of("use the mince by Wednesday"));
        assertThat(used.path("broken")).isEmpty();
        assertThat(used.path("cook").toString()).containsPattern("2026-11-2[345]\",\"dish\":\"Mince pot");
        JsonNode without = propose("asks", List.of("nothing with eggs"));
        assertThat(names(without)).doesNotContain("Egg noodles");
        JsonNode clash = propose(
                "from", "2026-11-23", "asks", List.of("no leeks", "use the mince by Wednesday", "nothing with mince"));
        assertThat(clash.path("clash").toString()).isEqualTo("[\"use the mince by Wednesday\",\"nothing with mince\"]");
    }

    /** A group of foods, a day of the week, how often: each is kept, each ban told with its number, what is nothing refused. */
    @Test
    void wishesByGroupAndDayAndNumber() {
        book();
        JsonNode without = propose("asks", List.of("no red meat", "nothing with celeriac"));
        assertThat(names(without)).doesNotContain("Mince pot");
        assertThat(without.path("reasons").toString())
                .contains("left out: no red meat")
                .contains("“nothing with celeriac” leaves nothing out");
        JsonNode twice = propose("asks", List.of("eggs at least 2 times a week"));
        assertThat(twice.path("broken")).isEmpty();
        assertThat(twice.path("meals")
                        .valueStream()
                        .filter(meal -> meal.path("name").asString().equals("Egg noodles")))
                .hasSizeGreaterThanOrEqualTo(2);
        JsonNode monday = propose("from", "2026-11-23", "asks", List.of("mince on Mondays", "no mince on weekends"));
        assertThat(monday.path("broken")).isEmpty();
        assertThat(monday.path("meals").get(0).path("name").asString()).isEqualTo("Mince pot");
        assertThat(http.act("/api/plan/propose", asked("asks", List.of("swan twice")))
                        .field())
                .isEqualTo("/asks/0");
    }

    @Test
    void askedAgainWhatIsKeptStaysAndLittleChanges() {
        book();
        JsonNode proposal = propose();
        List<JsonNode> choices = choices(proposal);
        JsonNode kept = choices.get(0);
        String out = proposal.path("meals")
                .valueStream()
                .map(meal -> meal.path("name").asString())
                .filter(name ->
                        !name.equals(proposal.path("meals").get(0).path("name").asString()))
                .findFirst()
                .orElseThrow();
        JsonNode again = propose("kept", List.of(kept), "before", choices, "seed", 9, "asks", List.of("no " + out));
        assertThat(again.path("meals").get(0).path("choice")).isEqualTo(kept);
        assertThat(again.path("meals").get(0).path("reasons").toString()).contains("decided by you");
        assertThat(names(again)).doesNotContain(out);
        int same = 0;
        for (int i = 0; i < 7; i++) {
            boolean kept1 = again.path("meals")
                    .get(i)
                    .path("name")
                    .equals(proposal.path("meals").get(i).path("name"));
            same += kept1 ? 1 : 0;
        }
        long gone = names(proposal).split(out, -1).length - 1;
        assertThat(7L - same).isBetween(gone, gone + 2);
    }

    /** What if: guests come and a dish fails; the rest is planned anew with as few changes as can be, and nothing is written. */
    @Test
    void somethingHasChangedAndLittleElseDoes() {
        book();
        JsonNode first = propose();
        http.act("/api/plan/take", Map.of("meals", choices(first))).ok();
        JsonNode gone = first.path("meals").get(3);
        Map<String, Object> out = Sample.evening(gone.path("day").asString(), "OUT", List.of(), List.of());
        out.put("version", dinner(10).path("slot").path("version").asInt());
        http.act("/api/plan/evening", out).ok();
        JsonNode again = propose("mixture", "LITTLE", "anew", true);
        assertThat(again.path("broken")).isEmpty();
        assertThat(again.path("meals").get(3).path("open").asBoolean()).isFalse();
        int same = 0;
        for (int i = 0; i < 7; i++) {
            JsonNode meal = again.path("meals").get(i);
            same += meal.path("name").equals(meal.path("stands")) ? 1 : 0;
        }
        assertThat(same).isGreaterThanOrEqualTo(6);
        assertThat(dinner(10).path("slot").path("kind").asString()).isEqualTo("OUT");
    }

    /** The cook says when there is time to cook ahead: only then a dish is proposed for a day after without being on the table. */
    @Test
    void cookedAheadOnTheDayThereIsTimeFor() {
        book();
        for (JsonNode cooking : propose("mixture", "EASY").path("cook")) {
            assertThat(cooking.path("meals").asInt()).isGreaterThanOrEqualTo(1);
        }
        JsonNode proposal =
                propose("mixture", "EASY", "asks", List.of("cook on Sunday 4 h", "nothing with fish"), "from", SUNDAY);
        assertThat(proposal.path("broken")).isEmpty();
        assertThat(proposal.path("cook"))
                .anyMatch(one -> one.path("day").asString().equals(SUNDAY));
        assertThat(http.act("/api/plan/propose", asked("asks", List.of("cook on Sunday 40 h")))
                        .field())
                .isEqualTo("/asks/0");
    }

    /** Rice keeps a day: cooked on Monday for Thursday it is frozen in between, also once it is planned so; a stew is not. */
    @Test
    void whatDoesNotKeepIsFrozen() {
        book();
        Map<String, Object> rice = Sample.recipe("Rice pot", 4, List.of("400 g rice", "1 tin kidney beans"), List.of());
        rice.put("steps", List.of(Map.of("text", "Boil 20 min.")));
        String recipe = http.act("/api/recipes", rice).ok().path("id").asString();
        List<Map<String, String>> cooked = List.of(
                Map.of("day", MONDAY, "meal", "DINNER", "recipe", recipe, "cookOn", MONDAY),
                Map.of("day", THURSDAY, "meal", "DINNER", "recipe", recipe, "cookOn", MONDAY));
        JsonNode proposal = propose("kept", cooked);
        assertThat(proposal.path("meals").get(0).path("from").asString()).isEqualTo("cooked");
        JsonNode thursday = proposal.path("meals").get(3);
        assertThat(thursday.path("from").asString()).isEqualTo("freezer");
        assertThat(thursday.path("choice").path("frozen").asBoolean()).isTrue();
        http.act(
                        "/api/plan/take",
                        Map.of("meals", List.of(proposal.path("meals").get(0).path("choice"), thursday.path("choice"))))
                .ok();
        JsonNode dish = dinner(10).path("slot").path("dishes").get(0);
        assertThat(dish.path("frozen").asBoolean()).isTrue();
        Map<String, String> again = Map.of(
                "day", THURSDAY, "meal", "DINNER", "batch", dish.path("of").asString());
        assertThat(propose("kept", List.of(again), "anew", true)
                        .path("meals")
                        .get(3)
                        .path("choice")
                        .path("frozen")
                        .asBoolean())
                .isTrue();
    }

    /** Two at once: what one has taken the other does not overwrite unseen; to take the same again changes nothing for worse. */
    @Test
    void twoPlanAtOnce() {
        book();
        JsonNode mine = propose();
        JsonNode first = choices(mine).get(0);
        String soup = recipe("Leek soup", 4, "3 leeks");
        Map<String, Object> theirs =
                Map.of("day", first.path("day").asString(), "meal", "DINNER", "recipe", soup, "seen", 0);
        http.act("/api/plan/take", Map.of("meals", choices(mine).subList(0, 2))).ok();
        String stands = dinner(7).path("slot").path("dishes").toString();
        List<Object> both = List.of(choices(mine).get(2), theirs);
        assertThat(http.act("/api/plan/take", Map.of("meals", both))).satisfies(refused -> {
            assertThat(refused.field()).isEqualTo("/meals/1");
            assertThat(refused.detail()).contains("was planned otherwise meanwhile");
        });
        assertThat(dinner(7).path("slot").path("dishes").toString()).isEqualTo(stands);
        assertThat(dinner(9).has("slot")).as("nothing half written").isFalse();
        http.act("/api/plan/take", Map.of("meals", choices(mine))).ok();
        assertThat(dinner(13).has("slot")).isTrue();
    }

    /** S11.5: boxes that meals before the plan eat are not there for it; what was eaten on its eve is not proposed again. */
    @Test
    void whatIsEatenBeforeThePlan() {
        book();
        String boxes = recipe("Turkey boxes", 4, "600 g turkey breast", "400 g carrots");
        http.act(
                        "/api/cookday/batches",
                        Map.of("recipe", boxes, "style", "COOKED", "factor", "1", "cookOn", "2026-11-24"))
                .ok();
        String batch = http.get("/api/cookday?day=2026-11-24")
                .ok()
                .path("pots")
                .get(0)
                .path("batch")
                .asString();
        for (String day : List.of("2026-11-24", "2026-11-25")) {
            Map<String, Object> eaten =
                    Sample.evening(day, "STOCK", List.of(), List.of(Map.of("batch", batch, "portions", 2)));
            http.act("/api/plan/evening", eaten).ok();
        }
        evening(SUNDAY, "Mince pot", 4);
        JsonNode proposal = propose("from", "2026-11-26", "days", 7);
        assertThat(proposal.path("meals")
                        .valueStream()
                        .map(meal -> meal.path("from").asString() + " "
                                + meal.path("name").asString()))
                .noneMatch(meal -> meal.startsWith("stock Turkey"));
        assertThat(propose("mixture", "CHEAP").path("meals").get(0).path("name").asString())
                .isNotEqualTo("Mince pot");
    }

    /** A search is asked how far it is by whoever named it, and ended with the best found so far. */
    @Test
    void endedWithTheBestSoFar() throws Exception {
        book();
        assertThat(http.get("/api/plan/search/none").status()).isEqualTo(404);
        assertThat(http.act("/api/plan/search/none/stop", Map.of()).status()).isEqualTo(404);
        CompletableFuture<JsonNode> search =
                CompletableFuture.supplyAsync(() -> propose("effort", 4_000_000, "search", "mine"));
        while (http.get("/api/plan/search/mine").status() == 404 && !search.isDone()) {
            Thread.onSpinWait();
        }
        int percent = http.act("/api/plan/search/mine/stop", Map.of())
                .ok()
                .path("percent")
                .asInt();
        assertThat(percent).isLessThan(100);
        JsonNode found = search.get(30, TimeUnit.SECONDS);
        assertThat(found.path("cutOff").asBoolean()).isTrue();
        assertThat(found.path("broken")).isEmpty();
        assertThat(http.get("/api/plan/search/mine").status()).isEqualTo(404);
        assertThat(http.act("/api/plan/propose", asked("search", " ")).field()).isEqualTo("/search");
    }

    /** No recipes and nothing in stock; a proposal that is stale; over new year. */
    @Test
    void edges() {
        JsonNode nothing = propose();
        assertThat(nothing.path("broken")).hasSize(7);
        assertThat(nothing.path("cost").asString()).isEqualTo("0.00");
        assertThat(http.act("/api/plan/take", Map.of("meals", List.of())).field())
                .isEqualTo("/meals");
        book();
        JsonNode proposal = propose();
        http.act("/api/plan/evening", locked()).ok();
        Http.Answer stale = http.act("/api/plan/take", Map.of("meals", choices(proposal)));
        assertThat(stale.field()).isEqualTo("/meals/0");
        assertThat(stale.detail()).contains("locked or eaten by now");
        assertThat(dinner(8).has("slot")).isFalse();
        JsonNode newYear = propose("from", "2026-12-28", "days", 14);
        assertThat(newYear.path("meals").get(13).path("day").asString()).isEqualTo("2027-01-10");
        assertThat(http.act("/api/plan/propose", asked("days", 40)).field()).isEqualTo("/days");
        assertThat(http.act("/api/plan/propose", asked("budget", "cheap")).field())
                .isEqualTo("/budget");
        assertThat(http.act("/api/plan/propose", asked("asks", List.of("surprise me")))
                        .field())
                .isEqualTo("/asks/0");
        assertThat(http.act("/api/plan/propose", asked("asks", List.of("use the swan by Friday")))
                        .detail())
                .contains("No swan is there");
    }

    private static Map<String, Object> locked() {
        Map<String, Object> evening =
                Sample.evening(MONDAY, "COOK", List.of(), List.of(Map.of("text", "Leek pasta", "portions", 2)));
        evening.put("locked", true);
        return evening;
    }
}
