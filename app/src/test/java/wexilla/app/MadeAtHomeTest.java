package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;
import wexilla.app.support.Sample;

/** What a kitchen makes is food: recipes ask for it, the list does not buy it, cooking takes it. */
class MadeAtHomeTest {

    private final Http http = Kitchen.emptyHousehold();

    @BeforeEach
    void four() {
        http.act(
                        "/api/household/table",
                        Map.of("adults", 4, "teenagers", 0, "children9to13", 0, "children4to8", 0, "under4", 0))
                .ok();
    }

    private void made(String name, String cameOut, boolean raw) {
        http.act("/api/cook/just", Map.of("name", name, "cameOut", cameOut, "used", List.of(), "raw", raw))
                .ok();
    }

    private String recipe(String title, String... lines) {
        return http.act("/api/recipes", Sample.recipe(title, 4, List.of(lines), List.of()))
                .ok()
                .path("id")
                .asString();
    }

    private List<String> bought(String dish) {
        List<String> people = http.get("/api/household")
                .ok()
                .path("people")
                .valueStream()
                .map(one -> one.path("id").asString())
                .toList();
        Map<String, Object> evening =
                Sample.evening("2026-11-24", "COOK", people, List.of(new HashMap<>(Map.of("text", dish))));
        String act = http.act("/api/plan/evening", evening).ok().path("act").asString();
        List<String> names = new ArrayList<>();
        http.get("/api/shop")
                .ok()
                .path("wanted")
                .forEach(one -> names.add(one.path("name").asString()));
        http.undo(act).ok();
        return names;
    }

    private void cooked(String id, int portions) {
        http.act("/api/cook", Sample.cook(id, portions)).ok();
    }

    @Test
    void dumplingsOfTheKitchenMeetTheLineThatNamesThem() {
        String stew = recipe("Dumpling stew", "5 turkey dumplings", "200 g carrots");
        made("turkey dumplings", "12", true);
        assertThat(bought("Dumpling stew")).containsExactly("carrot");
        cooked(stew, 4);
        assertThat(Sample.amounts(http, "turkey dumplings")).containsExactly("7");
        recipe("Bread dumpling pan", "4 dumplings");
        assertThat(bought("Bread dumpling pan"))
                .as("turkey dumplings are offered for dumplings, never taken without asking")
                .hasSize(1);
    }

    @Test
    void whatIsCalledSoIsTakenByWeightToo() {
        String soup = recipe("Dumpling soup", "7 dumplings", "200 g carrots");
        made("dumplings", "12", false);
        assertThat(bought("Dumpling soup")).containsExactly("carrot");
        cooked(soup, 4);
        assertThat(Sample.amounts(http, "dumplings")).containsExactly("5");
    }

    /** A tin is 240 g without its liquid, 400 with: common practice, no source. */
    @Test
    void aPotOfBeansMeetsTheTinTheCookedAndTheDry() {
        recipe("Bean stew", "1 tin black beans", "200 g carrots");
        recipe("Bean salad", "300 g cooked black beans");
        recipe("Bean pot", "250 g dried black beans");
        for (String dish : List.of("Bean stew", "Bean pot")) {
            assertThat(bought(dish)).as(dish).anyMatch(name -> name.contains("bean"));
        }
        made("black beans", "2 kg", false);
        for (String dish : List.of("Bean stew", "Bean salad", "Bean pot")) {
            assertThat(bought(dish)).as(dish).noneMatch(name -> name.contains("bean"));
        }
    }

    /** Ten onions of 110 g and butter are a kilo in four portions: a line by weight takes its share of them. */
    @Test
    void aBaseByWeightIsTakenFromItsPortions() {
        String base = recipe("Onion base", "1 kg onions", "100 g butter");
        String pie = recipe("Onion pie", "275 g onion base", "200 g carrots");
        cooked(base, 4);
        assertThat(bought("Onion pie")).containsExactly("carrot");
        cooked(pie, 4);
        assertThat(Sample.amounts(http, "Onion base")).containsExactly("3 portions");
    }

    /** "2 portions celeriac" of a note is no dinner of a proposal. */
    @Test
    void aSingleFoodIsNoMeal() {
        http.note("6 portions celeriac, cooked today");
        recipe("Leek pasta", "400 g pasta", "2 leeks");
        String proposed = http.act(
                        "/api/plan/propose",
                        Map.of("from", "2026-11-24", "days", 2, "mixture", "VARIED", "anew", false, "effort", 5000))
                .ok()
                .toString();
        assertThat(proposed).doesNotContain("celeriac").contains("Leek pasta");
    }
}
