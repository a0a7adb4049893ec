package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import wexilla.app.support.Sample;
import wexilla.app.support.StoryKitchen;

/** S17: double tonight, finish tomorrow: what of a dish is kept back plain, where it goes, and what of it is promised. */
class HalfForTomorrowTest extends StoryKitchen {

    private static final String MONDAY = "2027-01-18";
    private static final String TUESDAY = "2027-01-19";

    private String pasta = "";

    @BeforeEach
    void mondayEvening() {
        on("2027-01-18T16:00:00Z");
        http.note("1.4 kg turkey pieces 10.92\n1.2 kg courgettes 2.40\n500 g pasta 1.00");
        pasta = recipe(
                "Turkey pasta", 4, "700 g turkey pieces", "600 g courgettes", "355 g pasta", "1 jar tomato sauce");
        recipe("Stuffed flatbreads", 4, "490 g cooked turkey");
        evening(MONDAY, "Turkey pasta", 4);
        evening(TUESDAY, "Stuffed flatbreads", 4);
    }

    private Map<String, Object> cook(Map<String, Object> plain) {
        Map<String, Object> cook = new HashMap<>(Sample.cook(pasta, 4));
        cook.put("plain", List.of(plain, Map.of("pos", 1, "amount", "600 g")));
        return cook;
    }

    private static Map<String, Object> meat(Object amount, String weighed) {
        return Map.of("pos", 0, "amount", amount, "weighed", weighed);
    }

    private List<String> remarks(String day) {
        JsonNode days = http.get("/api/plan?days=7").ok().path("days");
        JsonNode found = days.valueStream()
                .filter(one -> one.path("date").asString().equals(day))
                .findFirst()
                .orElseThrow();
        return Sample.dinner(found)
                .path("remarks")
                .valueStream()
                .map(remark -> remark.path("words").asString())
                .toList();
    }

    /** S17.1, .2, .6, .7: two plain parts with their own cost and date; the sauce is in none of them. */
    @Test
    void twoPartsFromTonight() {
        JsonNode lines = http.get("/api/cook/" + pasta + "?style=COOKED").ok().path("goesIn");
        assertThat(lines.get(0).path("plain").path("amount").asString()).isEqualTo("700 g");
        assertThat(lines.get(0).path("plain").path("eatBy").asString()).isEqualTo("2027-01-22");
        assertThat(lines.get(2).has("plain")).as("pasta").isFalse();
        JsonNode tonight =
                http.get("/api/eat").ok().path("tonight").path("cook").get(0);
        assertThat(tonight.path("recipe").asString()).isEqualTo(pasta);

        JsonNode cooked = http.act("/api/cook", cook(meat("700 g", "980 g"))).ok();
        assertThat(cooked.path("cost").asString()).as("of the dish alone").isEqualTo("7.37");
        JsonNode turkey = lot("turkey pieces, cooked");
        assertThat(turkey.path("amount").asString()).isEqualTo("490 g");
        assertThat(turkey.path("cost").asString()).isEqualTo("5.46");
        assertThat(turkey.path("about").asString()).isEqualTo("plain");
        assertThat(until("turkey pieces, cooked")).isEqualTo("2027-01-22");
        assertThat(lot("courgette, cooked").path("amount").asString()).isEqualTo("450 g");
        assertThat(until("courgette, cooked")).isEqualTo("2027-01-23");
        assertThat(lot("Turkey pasta").path("amount").asString()).isEqualTo("4 portions");

        http.undo(cooked.path("act").asString()).ok();
        assertThat(lot("turkey pieces").path("amount").asString()).isEqualTo("1.4 kg");
    }

    /** S17.3, .9: what cooking it once saves; flatbreads go on the griddle two at a time, and that takes 20 minutes. */
    @Test
    void onceInThePotAndInLoads() {
        String pot = withSteps(
                "Turkey pot",
                List.of("700 g turkey pieces", "600 g courgettes"),
                "Pressure cook the turkey pieces with 1 cup broth 20 minutes, natural release.",
                "Roast the courgettes at 200 °C for 25 minutes.");
        JsonNode lines = http.get("/api/cook/" + pot + "?style=COOKED").ok().path("goesIn");
        assertThat(lines.valueStream()
                        .map(line -> line.path("plain").path("saves").asString()))
                .containsExactly("40–55 min of pressure cooker", "40 min of oven");

        withSteps(
                "Griddled flatbreads",
                List.of("8 flatbreads", "490 g cooked turkey"),
                "Griddle the flatbreads 2 at a time, 5 minutes a load.");
        evening("2027-01-20", "Griddled flatbreads", 4);
        JsonNode wednesday = http.get("/api/plan?days=3").ok().path("days").get(2);
        assertThat(Sample.dinner(wednesday).path("slot").path("start").asString())
                .isEqualTo("2027-01-20T18:10");
    }

    private String withSteps(String title, List<String> lines, String... steps) {
        Map<String, Object> recipe = new HashMap<>(Sample.recipe(title, 4, lines, List.of()));
        recipe.put("steps", Stream.of(steps).map(text -> Map.of("text", text)).toList());
        return http.act("/api/recipes", recipe).ok().path("id").asString();
    }

    /** Tonight is cooked and not eaten yet: nothing of it is bought again; tomorrow takes the part and lists no meat. */
    @Test
    void whatIsCookedIsNotBoughtAgain() {
        assertThat(list()).containsExactly("1 jar tomato sauce");
        http.act("/api/cook", cook(meat("700 g", "980 g"))).ok();
        assertThat(list()).isEmpty();
        assertThat(remarks(MONDAY)).noneMatch(words -> words.contains("to buy"));
        assertThat(remarks(TUESDAY))
                .contains("turkey the evening before too")
                .noneMatch(words -> words.contains("short of"));
        assertThat(http.get("/api/eat").ok().path("tonight").path("cook")).isEmpty();
        http.act("/api/eat", Map.of("day", MONDAY, "how", "PLANNED", "left", 1, "notForThem", List.of()))
                .ok();
        assertThat(lot("Turkey pasta").path("amount").asString()).isEqualTo("1 portion");
        assertThat(remarks(TUESDAY)).contains("turkey the evening before too");
    }

    /** S17.8, .10: eaten of in the night it is short; with no meal it is told; too late it is refused, and one tap freezes it. */
    @Test
    void whatBecomesOfThePart() {
        http.act("/api/cook", cook(meat("700 g", "980 g"))).ok();
        String turkey = lot("turkey pieces, cooked").path("id").asString();
        http.act("/api/lots/" + turkey, Map.of("hand", "USE", "amount", "120 g"))
                .ok();
        assertThat(remarks(TUESDAY))
                .contains(
                        "Stuffed flatbreads is short of 120 g cooked turkey: make it smaller, or stretch it with pulses"
                                + " or vegetables");
        evening("2027-01-23", "Stuffed flatbreads", 4);
        Map<String, Object> out = Sample.evening(TUESDAY, "OUT", List.of(), List.of());
        out.put("version", 1);
        http.act("/api/plan/evening", out).ok();
        assertThat(http.get("/api/plan?days=7").ok().path("freezeBy").asString())
                .startsWith("freeze by Friday: turkey pieces, cooked");
        assertThat(remarks("2027-01-23"))
                .contains(
                        "cooked turkey keeps to Fri 22 Jan, planned for Sat 23 Jan: eat it earlier, or freeze it in time");
        JsonNode freeze =
                http.get("/api/plan/mends?day=2027-01-23&meal=DINNER").ok().get(0);
        assertThat(freeze.path("words").asString()).isEqualTo("freeze 370 g turkey pieces, cooked tonight");
        http.act("/api/plan/mend", Map.of("at", Map.of("day", "2027-01-23", "meal", "DINNER"), "mend", freeze))
                .ok();
        assertThat(remarks("2027-01-23"))
                .anyMatch(words -> words.startsWith("take out 370 g cooked turkey by Fri 22 Jan"))
                .noneMatch(words -> words.contains("keeps to"));
    }

    /** Without any of it there, a dish of cooked meat says so. */
    @Test
    void cookedMeatThatIsNowhereIsMissed() {
        recipe("Salad rolls", 4, "300 g cooked beef");
        evening("2027-01-20", "Salad rolls", 4);
        assertThat(remarks("2027-01-20"))
                .contains("Salad rolls wants 300 g cooked beef, and none is there: cook it first, or eat something"
                        + " else");
    }

    @Test
    void refused() {
        for (String nothing : List.of("0 g", "0.0000001 g", "2 portions", "-5 g", "much")) {
            assertThat(http.act("/api/cook", cook(meat(nothing, ""))).field())
                    .as(nothing)
                    .isEqualTo("/plain/0");
        }
        assertThat(http.act("/api/cook", cook(meat("700 g", "0.0000001 g"))).field())
                .isEqualTo("/plain/0");
        assertThat(http.act("/api/cook", cook(meat("1 g", "2 g"))).detail()).contains("Less than a gram");
        assertThat(http.act("/api/cook", cook(meat("700 g", "98 kg"))).detail()).contains("more than it can become");
        assertThat(http.act("/api/cook", cook(Map.of("pos", 2, "amount", "100 g")))
                        .detail())
                .contains("is not kept back by itself");
        assertThat(http.act("/api/cook", cook(Map.of("pos", 9, "amount", "100 g")))
                        .field())
                .isEqualTo("/plain/9");
        assertThat(http.act("/api/cook", cook(Map.of("pos", 1, "amount", "100 g")))
                        .detail())
                .contains("kept back twice");
        String bag = http.act("/api/recipes", Sample.styled("Bag", List.of("700 g turkey pieces")))
                .ok()
                .path("id")
                .asString();
        assertThat(http.get("/api/cook/" + bag + "?style=RAW_BAG")
                        .ok()
                        .path("goesIn")
                        .get(0)
                        .has("plain"))
                .isFalse();
        Map<String, Object> raw = new HashMap<>(Sample.cook(bag, 4));
        raw.put("style", "RAW_BAG");
        raw.put("plain", List.of(meat("700 g", "")));
        assertThat(http.act("/api/cook", raw).field()).isEqualTo("/plain");
        assertThat(lot("turkey pieces").path("amount").asString()).isEqualTo("1.4 kg");
    }
}
