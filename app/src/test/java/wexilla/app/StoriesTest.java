package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import wexilla.app.support.Sample;
import wexilla.app.support.StoryKitchen;

/**
 * What must come out of the ways of working that strangers wrote down ({@code shared/trials/stories.md}): what they say of
 * reading, dates, the list and allergens, each by its story and number, with its own clock.
 */
class StoriesTest extends StoryKitchen {

    /** S01.6, S02.5, S02.6, S04.1, S05.6, S14.14, S15.4 to 15.9, S16.10: how long each thing may wait. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            2026-12-06T12:00:00Z | raw chicken thighs 600 g bought Sat  | chicken thighs    | 2026-12-07
            2026-12-09T12:00:00Z | tomato paste opened today            | tomato paste      | 2026-12-16
            2026-12-09T12:00:00Z | tin of chard opened today            | chard             | 2026-12-16
            2026-12-05T18:00:00Z | turkey breast 400 g                  | turkey breast     | 2026-12-07
            2026-12-05T18:00:00Z | chicken wings 1.2 kg                 | chicken wings     | 2026-12-07
            2026-12-05T18:00:00Z | 500 g mince                          | minced beef       | 2026-12-07
            2026-12-05T18:00:00Z | 400 g raw sausages                   | sausages          | 2026-12-07
            2026-12-05T18:00:00Z | haddock 600 g                        | white fish        | 2026-12-08
            2026-12-05T18:00:00Z | 4 pork chops                         | pork chops        | 2026-12-10
            2026-12-05T18:00:00Z | bacon 200 g                          | bacon             | 2026-12-12
            2027-01-10T17:00:00Z | relish opened Wednesday              | relish            | 2027-01-13
            2027-01-17T12:00:00Z | glaze opened Monday                  | glaze             | 2027-01-18
            2027-01-17T12:00:00Z | trout 2 bought Sat                   | trout             | 2027-01-19
            2027-01-17T12:00:00Z | trout cooked today                   | cooked trout      | 2027-01-21
            2027-01-17T12:00:00Z | noodles cooked today                 | cooked noodles    | 2027-01-21
            2027-01-17T12:00:00Z | spicy dressing, best before 17 Jan   | salad dressing    | 2027-01-17
            2027-01-17T09:00:00Z | hard boiled eggs 8                   | hard-boiled egg   | 2027-01-24
            2027-01-17T09:00:00Z | black beans cooked 500 g             | cooked black beans | 2027-01-21
            2027-01-24T09:00:00Z | braised beef 600 g Sat               | cooked beef       | 2027-01-27
            2027-01-17T09:00:00Z | turkey pieces 4 x 300 g Sep          | turkey pieces     | 2027-06-01
            2027-01-17T09:00:00Z | turkey mince 2 x 450 g Oct           | minced turkey     | 2027-02-01
            2026-12-06T09:00:00Z | thin beef steaks 400 g bought Sat    | beef steak        | 2026-12-10
            2026-12-06T09:00:00Z | cooked sausage 150 g opened today    | cooked sausages   | 2026-12-11
            2026-12-06T09:00:00Z | cut carrots 300 g                    | carrot            | 2026-12-11
            2026-12-06T09:00:00Z | 7 eggs cracked into a jar            | egg               | 2026-12-08
            2027-01-11T09:00:00Z | frozen white fish 800 g thawed today | frozen white fish | 2027-01-14
            2027-01-17T09:00:00Z | spicy dressing, best before 17 Jan   | salad dressing    | 2027-01-17
            2027-01-17T09:00:00Z | radishes sliced 200 g                | radish            | 2027-01-22
            2027-01-24T09:00:00Z | baked potatoes 20 Sat                | cooked potatoes   | 2027-01-28
            2027-01-24T09:00:00Z | beans cooked Thu 600 g               | cooked beans      | 2027-01-25
            2027-01-25T09:00:00Z | whole chicken 2.5 kg thawed Sun      | whole chicken     | 2027-01-26
            2027-01-25T09:00:00Z | minced beef 800 g thawed today       | minced beef       | 2027-01-27
            2027-01-26T09:00:00Z | pork leg 1.3 kg thawed today         | pork leg          | 2027-01-31
            2027-01-31T09:00:00Z | cured joint 1.2 kg 4.10              | gammon            | 2027-02-05
            """)
    void neverLongerThanItKeeps(String now, String note, String name, String until) {
        on(now);
        http.note(note);
        // earlier is fine, later is not
        assertThat(until(name)).isLessThanOrEqualTo(until).isNotEmpty();
    }

    /** S04.3: given eggs cost nothing, and that is known; milk without an amount has none. */
    @Test
    void whatIsGivenCostsNothing() {
        http.note("eggs 30 given by a neighbour\nmilk, some");
        assertThat(lot("egg").path("amount").asString()).isEqualTo("30");
        assertThat(lot("egg").path("cost").asString()).isEqualTo("0.00");
        assertThat(lot("egg").path("costComplete").asBoolean()).isTrue();
        assertThat(lot("milk").path("level").asString()).isEqualTo("have");
    }

    /** S05.5: what was cooked before goes into the soup with its age. */
    @Test
    void aLeftoverMakesTheDishOlder() {
        on("2027-01-10T17:00:00Z");
        http.note("cooked spinach 150 g cooked Thu\n1 kg turkey breast 9.36");
        String soup = recipe("Mustard soup", 4, "500 g turkey breast", "150 g cooked spinach");
        http.act("/api/cook", Sample.cook(soup, 4)).ok();
        assertThat(until("Mustard soup")).isEqualTo("2027-01-11");
    }

    /** S05.3, S05.4, S08.6, S09.6: rice keeps a day, until the household chooses to cool it within the hour. */
    @Test
    void riceByItsChoice() {
        on("2027-01-10T17:00:00Z");
        http.note("1 kg rice 1.80\n900 g pork neck 8.10");
        String braise = recipe("Sour braise", 4, "600 g pork neck", "300 g rice");
        http.act("/api/cook", Sample.cook(braise, 4)).ok();
        assertThat(until("Sour braise")).isEqualTo("2027-01-11");
        setting("riceKept", true);
        assertThat(until("Sour braise")).isEqualTo("2027-01-14");
    }

    /** S05.8, S13.3, S20.2: a range is costed by its middle and bought by its upper end. */
    @Test
    void aRangeKeepsBothEnds() {
        recipe(
                "Dumpling soup",
                4,
                "1 onion",
                "4 carrots",
                "3-4 stalks celery",
                "6 cloves garlic",
                "2-3 tbsp seasoning");
        evening("2026-11-25", "Dumpling soup", 12);
        List<String> list = list();
        // 9 to 12 stalks are bought as 12, which is a head; 18 cloves are two heads
        assertThat(list).contains("1 head celery", "2 heads garlic");
        JsonNode line = http.act("/api/preview/line", Map.of("text", "2-3 tbsp seasoning"))
                .ok()
                .path("quantity");
        assertThat(line.path("min").asString() + line.path("max").asString()).isEqualTo("23");
    }

    /** S15.3, S02.2: cups and grams through what the food is. */
    @Test
    void cupsThroughTheFood() {
        JsonNode cheese = http.act(
                        "/api/preview/convert", Map.of("food", "hard cheese", "amount", "170 g", "to", "cup"))
                .ok();
        assertThat(cheese.path("value").asDouble()).isBetween(1.49, 1.52);
        JsonNode rice = http.act("/api/preview/convert", Map.of("food", "rice", "amount", "450 g", "to", "cup"))
                .ok();
        assertThat(rice.path("value").asDouble()).isBetween(2.41, 2.45);
    }

    /** S14.1: of one food the oldest packet goes first, and the list asks for nothing that is there. */
    @Test
    void theOldestPacketIsTheFirst() {
        on("2027-01-17T12:00:00Z");
        http.note("turkey pieces 2 x 300 g Nov\nturkey pieces 2 x 300 g Sep\n1 kg rice");
        String rolls = recipe("Turkey rolls", 4, "600 g turkey pieces", "200 g rice");
        assertThat(list()).isEmpty();
        http.act("/api/cook", Sample.cook(rolls, 4)).ok();
        List<String> left = new ArrayList<>();
        http.get("/api/onhand")
                .ok()
                .path("places")
                .forEach(place -> place.path("lots").forEach(lot -> {
                    if (lot.path("name").asString().equals("turkey pieces")) {
                        left.add(lot.path("since").asString());
                    }
                }));
        assertThat(left).hasSize(2).allMatch(since -> since.startsWith("2026-11"));
    }

    /** S01.3, S14.12, S19.13: what is there is not bought, an undecided evening buys nothing. */
    @Test
    void theListBuysOnlyWhatIsMissing() {
        http.note("frozen peas 1 kg\nstock 2 l\n400 g smoked sausage 4.40");
        recipe("Barley pot", 4, "400 g smoked sausage", "280 g pearl barley", "1 l stock", "200 g frozen peas");
        evening("2026-11-25", "Barley pot", 4);
        http.act("/api/plan/evening", Sample.evening("2026-11-26", "UNDECIDED", List.of(), List.of()))
                .ok();
        assertThat(list()).hasSize(1).first().asString().endsWith("pearl barley");
    }

    /** S14.3, S10.12: what goes in brings its allergens, and what nobody described is told by name. */
    @Test
    void allergensFollowWhatGoesIn() {
        recipe("Crumbed turkey", 4, "600 g turkey breast", "60 g mayonnaise", "2 tbsp moon dust");
        Map<String, Object> table =
                Map.of("adults", 2, "teenagers", 0, "children9to13", 0, "children4to8", 0, "under4", 0);
        http.act("/api/household/table", table).ok();
        JsonNode person = http.get("/api/household").ok().path("people").get(0);
        Map<String, Object> eater = new HashMap<>();
        eater.put("id", person.path("id").asString());
        eater.put("version", person.path("version").asInt());
        eater.put("name", "Edda");
        eater.put("appetite", person.path("appetite").asString());
        eater.put("allergens", List.of("EGGS"));
        eater.put("flags", List.of());
        eater.put("dislikes", List.of());
        eater.put("chilli", 3);
        eater.put("active", true);
        http.act("/api/household/people", eater).ok();
        List<String> people = new ArrayList<>();
        http.get("/api/household")
                .ok()
                .path("people")
                .forEach(one -> people.add(one.path("id").asString()));
        http.act(
                        "/api/plan/evening",
                        Sample.evening(
                                "2026-11-24", "COOK", people, List.of(Map.of("text", "Crumbed turkey", "portions", 4))))
                .ok();
        assertThat(http.get("/api/plan")
                        .ok()
                        .path("days")
                        .get(1)
                        .path("meals")
                        .get(0)
                        .path("remarks")
                        .toString())
                .contains("must not eat eggs: mayonnaise")
                .contains("moon dust");
    }
}
