package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import wexilla.app.household.Reference;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;
import wexilla.app.support.MovableClock;
import wexilla.app.support.Sample;
import wexilla.core.keeping.DishKeeping;
import wexilla.core.keeping.KeepDates;
import wexilla.core.keeping.KeepingGuide;
import wexilla.core.keeping.KeepingGuide.Ingredient;
import wexilla.core.keeping.Storage;
import wexilla.core.quantity.Measures;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.RecipeStep;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.Style;
import wexilla.core.recipe.lines.LineReader;

/** How long a dish keeps follows what was done; the days are those of the handbook, section 6. */
class DishKeepingTest {

    private static final LocalDate SUNDAY = LocalDate.of(2026, 12, 6);

    private final Reference reference = Kitchen.bean(Reference.class);
    private final KeepingGuide guide = reference.keeping();

    private DishKeeping keeping(String title, Style style, String lines, String step, Ingredient... aged) {
        LineReader reader = new LineReader(reference.book());
        List<RecipeLine> read = Arrays.stream(lines.split(";"))
                .map(String::strip)
                .map(line -> new RecipeLine(reader.read(line), Set.of(), null, null))
                .toList();
        List<RecipeStep> steps = step.isEmpty() ? List.of() : List.of(new RecipeStep(step, null));
        Sized sized = Sized.asWritten(new Recipe(title, 4, read, steps), Measures.METRIC);
        return DishKeeping.of(DishKeeping.Dish.of(sized, style, List.of(aged), SUNDAY), guide);
    }

    /** Last day in the fridge and last month in the freezer of the row each dish belongs to. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
        Leek soup               | 1 kg leeks; 1 l stock                        | Simmer 20 minutes.     | 4 | 3
        Beef and barley stew    | 800 g stewing beef; 200 g pearl barley       | Stew for 2 hours.      | 4 | 3
        Meatloaf                | 1 kg minced beef; 1 egg; 100 g breadcrumbs   | Bake at 180 °C.        | 4 | 6
        Fish pie                | 600 g white fish; 1 kg potatoes; 300 ml milk | Bake at 200 °C.        | 4 | 6
        Chicken and rice bake   | 800 g chicken thighs; 300 g rice             | Bake for an hour.      | 1 | 3
        Spinach quiche          | 6 eggs; 300 g spinach; 200 ml cream          | Bake at 180 °C.        | 4 | 3
        Chocolate mousse        | 4 eggs; 200 g dark chocolate                 | Fold together.         | 2 | 0
        Cut vegetables          | 500 g carrots; 300 g bell peppers            | Cut 10 minutes.        | 5 | 12
        Tray of roast carrots   | 2 kg carrots; 2 tbsp oil                     | Roast at 200 °C.       | 5 | 12
        Breakfast jars          | 100 g oats; 1 egg; 300 ml milk               | Stir, into jars.       | 2 | 0
        Egg dish without crust  | 6 eggs; 500 ml milk; 120 g bacon             | Bake at 200 °C.        | 4 | 3
        Pot of beans            | 500 g dried white beans; 1 onion             | Boil for an hour.      | 4 | 3
        Cabbage slaw            | 1 cabbage; 3 tbsp vinegar; 2 tbsp oil        | Toss together.         | 4 | 0
        Spinach and feta rolls  | 300 g spinach; 200 g feta; 2 sheets puff pastry | Bake at 200 °C.   | 4 | 6
        Cabbage rolls           | 1 cabbage; 2 tins tomatoes; 1 tsp sugar      | Bake at 180 °C.        | 4 | 6
        Cheesecake muffins      | 400 g soft cheese; 200 g self-raising flour  | Bake at 180 °C.        | 4 | 6
        Carrot cake             | 300 g carrots; 300 g self-raising flour; 200 g sugar | Bake at 180 °C. | 7 | 5
        Tray of tofu            | 400 g tofu; 500 g peppers; 2 tbsp oil        | Roast at 200 °C.       | 4 | 3
        Seeded loaf             | 500 g bread flour; 300 ml water; 1 tsp salt  | Bake at 220 °C.        | 7 | 5
        """)
    void eachDishKeepsByItsRow(String title, String lines, String step, int days, int months) {
        DishKeeping keeping = keeping(title, Style.COOKED, lines, step);
        KeepDates fridge = guide.dates(keeping.keepingClass(), Storage.FRIDGE, SUNDAY, SUNDAY);
        KeepDates freezer = guide.dates(keeping.keepingClass(), Storage.FREEZER, SUNDAY, SUNDAY);
        assertThat(fridge.eatBy()).as(keeping.toString()).isEqualTo(SUNDAY.plusDays(days));
        assertThat(freezer.bestBefore())
                .as(keeping.toString())
                .isEqualTo(months == 0 ? null : SUNDAY.plusMonths(months));
        assertThat(keeping.from()).isEqualTo(SUNDAY);
    }

    /** Combined foods take the earliest date: FDA Food Code 3-501.17 (from memory). */
    @Test
    void aDishIsAsOldAsTheOldestCookedThingInIt() {
        DishKeeping stew = keeping(
                "Stew",
                Style.COOKED,
                "1 kg minced beef; 300 g carrots",
                "Stew.",
                new Ingredient("cooked-pulses", SUNDAY.minusDays(2), true),
                new Ingredient("raw-mince", SUNDAY.minusDays(3), false));
        assertThat(stew.from()).isEqualTo(SUNDAY.minusDays(2));
        assertThat(stew.why()).contains("as old as the cooked pulses");
    }

    @Test
    void aRawBagAndWhatIsRawInsideKeepAsWhatSpoilsFirst() {
        Ingredient thighs = new Ingredient("raw-poultry", SUNDAY.minusDays(1), false);
        Ingredient chops = new Ingredient("raw-roast", SUNDAY, false);
        DishKeeping bag = keeping("Bag", Style.RAW_BAG, "800 g chicken thighs; 2 onions", "", thighs, chops);
        assertThat(bag.keepingClass()).isEqualTo("raw-poultry");
        assertThat(bag.from()).isEqualTo(SUNDAY.minusDays(1));
        // in the freezer the shortest row of what is in it: opened tins 3 months, not the turkey's 9
        DishKeeping tins =
                keeping("Bag", Style.RAW_BAG, "850 g turkey pieces; 2 tins tomatoes; 300 g carrots", "", thighs);
        LocalDate best = guide.dates(tins.keepingClass(), Storage.FREEZER, SUNDAY, SUNDAY)
                .bestBefore();
        assertThat(best).isEqualTo(SUNDAY.plusMonths(3));
        assertThat(guide.dates(tins.keepingClass(), Storage.FRIDGE, tins.from(), SUNDAY)
                        .eatBy())
                .isEqualTo(SUNDAY.plusDays(1));
        // ready to bake: raw inside keeps as the raw thing, browned inside as a cooked dish
        assertThat(keeping("Bake", Style.READY_TO_BAKE, "500 g pork chops", "Lay it in the dish.", chops)
                        .keepingClass())
                .startsWith("raw-roast");
        assertThat(keeping("Bake", Style.READY_TO_BAKE, "500 g minced beef", "Brown the mince.", chops)
                        .keepingClass())
                .isEqualTo("cooked-dish");
    }

    /** Rice cooked on Sunday is over on Monday, until the household chooses; what is there already follows, and undo. */
    @Test
    void theHouseholdChoosesHowLongItsRiceKeepsAndTheCookHowADishDoes() {
        Http http = Kitchen.emptyHousehold();
        http.note("1 kg rice 2.00\n2 kg onions 1.80");
        String recipe = http.act(
                        "/api/recipes", Sample.recipe("Rice pan", 4, List.of("400 g rice", "2 onions"), List.of()))
                .ok()
                .path("id")
                .asString();
        http.act("/api/cook", Sample.cook(recipe, 4)).ok();
        assertThat(eatBy(http)).isEqualTo("2026-11-24");
        JsonNode settings = http.get("/api/household").ok();
        Map<String, Object> changed = new java.util.HashMap<>();
        for (String same : List.of("name", "zone", "currency", "measures", "cup", "tbsp", "seasoning", "flat")) {
            changed.put(same, settings.path(same).asString());
        }
        changed.put("version", settings.path("version").asInt());
        changed.put("riceKept", true);
        JsonNode chosen = http.act("/api/household/settings", changed).ok();
        assertThat(eatBy(http)).isEqualTo("2026-11-27");
        http.undo(chosen.path("act").asString()).ok();
        assertThat(eatBy(http)).isEqualTo("2026-11-24");

        Map<String, Object> asSoup = new java.util.HashMap<>(Sample.cook(recipe, 4));
        asSoup.put("keepsAs", "salad of doom");
        assertThat(http.act("/api/cook", asSoup).field()).isEqualTo("/keepsAs");
        asSoup.put("keepsAs", "soup");
        String lot = http.act("/api/cook", asSoup).ok().path("lot").asString();
        assertThat(http.get("/api/lots/" + lot).ok().path("rule").asString()).startsWith("soups and stews");
        http.act("/api/lots/" + lot + "/keeps", Map.of("keepsAs", "cooked-rice"))
                .ok();
        assertThat(http.get("/api/lots/" + lot).ok().path("rule").asString()).startsWith("cooked rice");
    }

    /** Two hours from the heat to the cold: USDA FSIS, the 2-hour rule (from memory). */
    @Test
    void whatStandsOnTheCounterIsToldByWhenItMustBeCold() {
        Http http = Kitchen.emptyHousehold();
        http.act("/api/cook/just", Map.of("name", "Leek soup", "portions", 4, "used", List.of()))
                .ok();
        JsonNode stands = http.get("/api/counter").ok().get(0);
        assertThat(stands.path("words").asString()).endsWith(": 2 h left");
        Kitchen.clock().moveTo(MovableClock.START.plus(Duration.ofMinutes(185)));
        try {
            stands = http.get("/api/counter").ok().get(0);
            assertThat(stands.path("over").asBoolean()).isTrue();
            assertThat(stands.path("words").asString())
                    .startsWith("should have been cold by ")
                    .endsWith(", 1 h 5 min ago");
        } finally {
            Kitchen.clock().moveTo(MovableClock.START);
        }
    }

    /** Rice cooked ahead on Tuesday for Friday is refused while rice keeps a day; potatoes fit. */
    @Test
    void aPlannedBatchIsPlannedWithinItsTime() {
        Http http = Kitchen.emptyHousehold();
        assertThat(planned(http, "Rice pan", "400 g rice")).contains("keeps to Wed 25 Nov, planned for Fri 27 Nov");
        assertThat(planned(http, "Mash", "1 kg potatoes")).doesNotContain("keeps to");
    }

    /** What is told of an evening that eats on Friday what is cooked on Tuesday. */
    private static String planned(Http http, String title, String line) {
        String recipe = http.act("/api/recipes", Sample.recipe(title, 4, List.of(line), List.of()))
                .ok()
                .path("id")
                .asString();
        http.act(
                        "/api/cookday/batches",
                        Map.of("recipe", recipe, "style", "COOKED", "factor", "1", "cookOn", "2026-11-24"))
                .ok();
        String batch = http.get("/api/cookday?day=2026-11-24")
                .ok()
                .path("pots")
                .valueStream()
                .filter(pot -> pot.toString().contains(title))
                .findFirst()
                .orElseThrow()
                .path("batch")
                .asString();
        JsonNode day =
                http.get("/api/plan").ok().path("days").get(4).path("meals").get(0);
        Map<String, Object> evening = Sample.evening(
                "2026-11-27", "STOCK", List.of(), List.of(Map.of("batch", batch, "text", title, "portions", 2)));
        evening.put("version", day.path("slot").path("version").asInt(0));
        http.act("/api/plan/evening", evening).ok();
        return http.get("/api/plan").ok().path("days").get(4).toString();
    }

    private static String eatBy(Http http) {
        return http.get("/api/pack")
                .ok()
                .path("waiting")
                .get(0)
                .path("until")
                .path("date")
                .asString();
    }

    /** What was frozen raw and is cooked keeps as cooked, from today; only put together it keeps as the raw thing in it. */
    @Test
    void whatIsOnlyPutTogetherKeepsAsItsRawParts() {
        Http kitchen = Kitchen.emptyHousehold();
        kitchen.note("2 kg chicken thighs");
        String lot = kitchen.get("/api/onhand")
                .ok()
                .path("places")
                .valueStream()
                .flatMap(place -> place.path("lots").valueStream())
                .findFirst()
                .orElseThrow()
                .path("id")
                .asString();
        for (boolean raw : new boolean[] {true, false}) {
            String dish = kitchen.act(
                            "/api/cook/just",
                            Map.of(
                                    "name",
                                    raw ? "Chicken parcels" : "Chicken pot",
                                    "portions",
                                    4,
                                    "raw",
                                    raw,
                                    "used",
                                    List.of(Map.of("lot", lot, "amount", "500 g"))))
                    .ok()
                    .path("lot")
                    .asString();
            JsonNode rule = kitchen.get("/api/lots/" + dish).ok();
            assertThat(rule.path("rule").asString()).as("raw: %s", raw).contains(raw ? "raw poultry" : "cooked");
        }
    }
}
