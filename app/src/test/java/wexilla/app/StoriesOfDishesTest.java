package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import wexilla.app.support.Sample;
import wexilla.app.support.StoryKitchen;

/** More of what must come out of the ways of working that strangers wrote down: lines of a dish, the list and the freezer. */
class StoriesOfDishesTest extends StoryKitchen {

    /** S01.1, S11.2: what is weighed ready to cook is bought with its peel. Potatoes 0.81: USDA Food Buying Guide, AH 102. */
    @Test
    void whatIsPeeledIsBoughtWhole() {
        recipe("Mash", 4, "889 g potatoes, ready to cook");
        evening("2026-11-25", "Mash", 4);
        assertThat(list()).containsExactly("1.1 kg potato");
    }

    /** S11.2: 480 g of carrots at 0.83 are 578 g as bought; a third of a gram more is no carrot to buy. */
    @Test
    void nearEnoughIsNotBought() {
        http.note("carrots 578 g 1.10");
        recipe("Fried carrots", 4, "480 g carrots, ready to cook");
        evening("2026-11-25", "Fried carrots", 4);
        assertThat(list()).isEmpty();
        evening("2026-11-26", "Fried carrots", 1);
        assertThat(list()).hasSize(1);
    }

    /** S04.5, S05.12: what is there is promised once; an evening out asks for nothing. */
    @Test
    void nothingIsPromisedTwice() {
        http.note("hard cheese 80 g 1.20");
        recipe("Sprout bake", 4, "80 g hard cheese");
        recipe("Mince pan", 4, "60 g hard cheese");
        evening("2026-11-24", "Sprout bake", 4);
        evening("2026-11-25", "Mince pan", 4);
        http.act("/api/plan/evening", Sample.evening("2026-11-26", "OUT", List.of(), List.of()))
                .ok();
        JsonNode wanted = http.get("/api/shop").ok().path("wanted");
        assertThat(wanted).hasSize(1);
        assertThat(wanted.get(0).path("need").asString()).isEqualTo("60 g");
        assertThat(wanted.get(0).path("dishes").toString()).isEqualTo("[\"Mince pan\"]");
    }

    /** S03.4, S18.3: other beans are another line; cooked ones stand in for a tin only where the line allows it. */
    @Test
    void otherBeansAreNoBeansOfThisKind() {
        http.note("cooked white beans 480 g\n2 tins white beans 1.70");
        String chilli = recipe("Chilli", 4, "2 tins black beans", "1 tin kidney beans");
        JsonNode lines = http.get("/api/cook/" + chilli + "?style=COOKED").ok().path("goesIn");
        lines.forEach(line -> assertThat(line.path("takes")).isEmpty());
        // S16.11: 240 g of cooked beans are a tin
        String soup = recipe("Bean soup", 4, "3 tins white beans");
        JsonNode line = http.get("/api/cook/" + soup + "?style=COOKED")
                .ok()
                .path("goesIn")
                .get(0);
        assertThat(line.path("takes")).hasSize(2);
        assertThat(line.has("notInStock")).isFalse();
    }

    /** S19.4: beans of Thursday in Monday's stew make it four days old, tinned ones do not. */
    @ParameterizedTest
    @CsvSource({"beans cooked Thu 600 g, 2027-01-25", "2 tins white beans 1.60, 2027-01-29"})
    void aStewIsAsOldAsItsBeans(String note, String until) {
        on("2027-01-24T09:00:00Z");
        http.note(note);
        on("2027-01-25T09:00:00Z");
        http.note("500 g minced beef 5.00");
        String stew = recipe("Mince stew", 4, "500 g minced beef", "480 g cooked white beans");
        http.act("/api/cook", Sample.cook(stew, 4)).ok();
        assertThat(until("Mince stew")).isEqualTo(until);
    }

    /** S06.12, S13.14: a bag takes what spoils first in it, an opened tin before the meat. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            850 g turkey pieces; 2 tins lentils; 2 tins tomatoes | RAW_BAG | 2027-04-10
            1.3 kg beef chuck; 200 ml relish                     | RAW_BAG | 2027-04-10
            900 g chicken thighs; 1 cup plum sauce               | RAW_BAG | 2027-04-10
            450 g minced turkey; 2 peppers                       | COOKED  | 2027-07-10
            900 g chicken thighs; 200 g rice                     | COOKED  | 2027-04-10
            """)
    void aBagIsFrozenNoLongerThanItsShortest(String lines, String style, String best) {
        on("2027-01-10T09:00:00Z");
        String bag = http.act("/api/recipes", Sample.styled("Bag", List.of(lines.split("; "))))
                .ok()
                .path("id")
                .asString();
        Map<String, Object> cook = new HashMap<>(Sample.cook(bag, 4));
        cook.put("style", style);
        String lot = http.act("/api/cook", cook).ok().path("lot").asString();
        JsonNode packed = http.act(
                        "/api/pack",
                        Map.of("lot", lot, "packets", List.of(4), "place", Sample.place(http, "Freezer, top drawer")))
                .ok();
        assertThat(packed.path("packets").get(0).path("until").path("date").asString())
                .isEqualTo(best);
    }

    /** What nobody has described is bought by its jar and asked about; a bunch whose weight is missing, too. */
    @Test
    void theListAsksWhereAFactIsMissing() {
        http.note("bean sprouts 100 g");
        recipe("Green curry", 4, "1 jar moon curry paste", "2 bunches bean sprouts");
        evening("2026-11-25", "Green curry", 4);
        JsonNode wanted = http.get("/api/shop").ok().path("wanted");
        JsonNode paste = wanted.valueStream()
                .filter(one -> one.path("name").asString().equals("moon curry paste"))
                .findFirst()
                .orElseThrow();
        assertThat(paste.path("pack").asString()).isEqualTo("1 jar");
        assertThat(paste.path("known").asBoolean()).isFalse();
        assertThat(wanted.valueStream().map(one -> one.path("asksUnit").asString("")))
                .contains("bunch");
    }

    /** S02.3, S02.4: a tube used up dish by dish, in grams, spoons and parts of it; what is left is named. */
    @Test
    void anOpenedPackToItsLastSpoon() {
        http.note("tomato paste 150 g 0.99");
        String tube = lot("tomato paste").path("id").asString();
        String stew = recipe("Dumplings in sauce", 1, "2 tbsp tomato paste");
        recipe("Meat and rice", 1, "3 tbsp tomato paste");
        recipe("Pasta", 1, "4 tbsp tomato paste");
        http.act("/api/cook", Sample.cook(stew, 1)).ok();
        evening("2026-11-25", "Meat and rice", 1);
        evening("2026-11-26", "Pasta", 1);
        JsonNode sheet = http.get("/api/lots/" + tube + "/sheet").ok();
        assertThat(sheet.path("uses")
                        .valueStream()
                        .map(use -> use.path("what").asString() + " "
                                + use.path("amount").asString() + " "
                                + use.path("measure").asString()
                                + (use.has("day") ? " planned" : "")))
                .containsExactly(
                        "Dumplings in sauce 32 g 2 tbsp",
                        "Meat and rice 49 g 45 ml planned",
                        "Pasta 65 g 60 ml planned");
        assertThat(sheet.path("words").asString()).isEqualTo("3.9 g left, near enough to nothing");
        evening("2026-11-27", "Pasta", 4);
        assertThat(http.get("/api/lots/" + tube + "/sheet").ok().path("words").asString())
                .endsWith("short");
    }

    /** What a recipe makes besides: twice the bird is twice the broth, weighed or as it says, met by the next dish's line. */
    @Test
    void aRecipeAlsoMakesBroth() {
        http.note("2 whole chickens 3 kg 9.00");
        Map<String, Object> typed = Sample.recipe("Poached chicken", 4, List.of("1.5 kg whole chicken"), List.of());
        typed.put("alsoMakes", List.of("some broth"));
        assertThat(http.act("/api/recipes", typed).field()).isEqualTo("/alsoMakes/0");
        for (String nothing : List.of("2 l", "0 l stock", "-1 l stock")) {
            typed.put("alsoMakes", List.of(nothing));
            assertThat(http.act("/api/recipes", typed).field()).isEqualTo("/alsoMakes/0");
        }
        typed.put("alsoMakes", List.of("2 l chicken stock"));
        String recipe = http.act("/api/recipes", typed).ok().path("id").asString();
        assertThat(http.get("/api/recipes/" + recipe).ok().path("alsoMakes").toString())
                .contains("2 l chicken stock");
        Map<String, Object> cook = new HashMap<>(Sample.cook(recipe, 8));
        cook.put("factor", "2");
        assertThat(http.get("/api/cook/" + recipe + "?style=COOKED&factor=2")
                        .ok()
                        .path("alsoMakes")
                        .toString())
                .isEqualTo("[\"4 l stock\"]");
        String act = http.act("/api/cook", cook).ok().path("act").asString();
        assertThat(lot("stock").path("amount").asString()).isEqualTo("4 l");
        assertThat(lot("stock").path("until").path("date").asString()).isEqualTo("2026-11-27");
        String soup = recipe("Leek soup", 4, "1 l chicken stock", "2 leeks");
        assertThat(http.get("/api/cook/" + soup + "?style=COOKED")
                        .ok()
                        .path("goesIn")
                        .get(0)
                        .path("cost")
                        .asString())
                .isEqualTo("0.00");
        http.undo(act).ok();
        cook.put("outputs", List.of("3.6 l chicken stock"));
        http.act("/api/cook", cook).ok();
        assertThat(lot("stock").path("amount").asString()).isEqualTo("3.6 l");
    }

    /** S14.3, S20.10: mayonnaise in place of the eggs: its eggs are on the label though the recipe names none. */
    @Test
    void whatStandsInIsOnTheLabelToo() {
        http.note("minced turkey 900 g 7.00\nmayonnaise 1 jar 300 g 1.50");
        String balls = recipe("Mince balls", 4, "900 g minced turkey");
        Map<String, Object> cook = new HashMap<>(Sample.cook(balls, 4));
        cook.put("also", List.of(Map.of("lot", lot("mayonnaise").path("id").asString(), "amount", "60 g")));
        String dish = http.act("/api/cook", cook).ok().path("lot").asString();
        JsonNode draft = http.act(
                        "/api/pack/draft",
                        Map.of("lot", dish, "packets", List.of(4), "place", Sample.place(http, "Fridge")))
                .ok();
        assertThat(draft.path("labels").get(0).path("contains").asString()).contains("eggs");
    }
}
