package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import wexilla.app.support.Sample;
import wexilla.app.support.StoryKitchen;

/** Parts of a big buy reach their evenings, their dishes and their labels; scraps fill bags; what is not there is replaced. */
class PartsTest extends StoryKitchen {

    private static Map<String, Object> share(String name, Object... more) {
        Map<String, Object> share = new HashMap<>(Map.of("name", name));
        for (int i = 0; i < more.length; i += 2) {
            share.put((String) more[i], more[i + 1]);
        }
        return share;
    }

    private JsonNode keep(Map<String, Object> asked, Map<String, Object> more) {
        Map<String, Object> input = new HashMap<>(Map.of("version", 0, "asked", asked));
        input.putAll(more);
        return http.act("/api/stretch", input).ok();
    }

    private JsonNode stretch() {
        return http.get("/api/stretch").ok().path("stretches").get(0);
    }

    private static Map<String, Object> shoulder(List<Map<String, Object>> shares) {
        return new HashMap<>(Map.of(
                "food", "pork shoulder", "weight", "2 kg", "price", "12.00", "cookOn", "2026-12-03", "shares", shares));
    }

    private String eaten(String day) {
        JsonNode slot = http.get("/api/plan")
                .ok()
                .path("days")
                .valueStream()
                .filter(one -> one.path("date").asString().equals(day))
                .findFirst()
                .orElseThrow()
                .path("meals")
                .get(0)
                .path("slot");
        return slot.path("kind").asString() + " "
                + slot.path("dishes")
                        .valueStream()
                        .map(dish -> dish.path("name").asString() + " "
                                + dish.path("portions").asInt())
                        .toList();
    }

    /** Kept, the parts stand on their evenings with what they are stretched with; nothing cooked of it is bought. */
    @Test
    void partsStandOnTheirEvenings() {
        on("2026-12-02T10:00:00Z");
        http.note("2 kg pork shoulder 12.00");
        String lot =
                http.get("/api/stretch").ok().path("onHand").get(0).path("lot").asString();
        Map<String, Object> rolls = share(
                "rolls",
                "grams",
                "400",
                "plates",
                "6",
                "eatOn",
                "2026-12-03",
                "extender",
                "6 bread rolls",
                "season",
                "smoke");
        Map<String, Object> beans = share("bean pot", "grams", "300", "plates", "6", "eatOn", "2026-12-05");
        String act = keep(shoulder(List.of(rolls, beans)), Map.of("lot", lot))
                .path("act")
                .asString();
        assertThat(eaten("2026-12-03")).isEqualTo("COOK [rolls 6]");
        assertThat(eaten("2026-12-05")).isEqualTo("COOK [bean pot 6]");
        assertThat(list()).noneMatch(wanted -> wanted.contains("pork")).anyMatch(wanted -> wanted.contains("roll"));

        // another day, another dish: the old evening is free again
        JsonNode old = stretch();
        beans.put("eatOn", "2026-12-06");
        keep(
                shoulder(List.of(rolls, beans)),
                Map.of(
                        "lot",
                        lot,
                        "id",
                        old.path("id").asString(),
                        "version",
                        old.path("version").asInt()));
        assertThat(eaten("2026-12-05")).isEqualTo("UNDECIDED []");
        assertThat(eaten("2026-12-06")).isEqualTo("COOK [bean pot 6]");

        on("2026-12-03T15:00:00Z");
        http.act("/api/stretch/" + stretch().path("id").asString() + "/cook", Map.of("weighed", "1.2 kg"))
                .ok();
        assertThat(about("rolls · smoke").path("amount").asString()).isEqualTo("400 g");
        // its dish takes it, and pays for it
        JsonNode plan = cookPlan("rolls");
        assertThat(plan.path("goesIn")
                        .get(0)
                        .path("takes")
                        .get(0)
                        .path("amount")
                        .asString())
                .isEqualTo("400 g");
        assertThat(act).isNotEmpty();
    }

    /** A part goes where its meal goes, at noon too; dropped, the meal it is at now is free again (S12, S19). */
    @Test
    void aPartFollowsItsMeal() {
        on("2026-12-02T10:00:00Z");
        Map<String, Object> soup = share("soup", "grams", "400", "plates", "6", "eatOn", "2026-12-04", "meal", "LUNCH");
        keep(shoulder(List.of(share("rolls", "grams", "400", "plates", "6", "eatOn", "2026-12-04"), soup)), Map.of());
        assertThat(served()).containsExactly("2026-12-04 LUNCH soup", "2026-12-04 DINNER rolls");
        http.act("/api/plan/move", move("2026-12-04", "LUNCH", "2026-12-05", "LUNCH"))
                .ok();
        http.act("/api/plan/move", move("2026-12-04", "DINNER", "2026-12-06", "DINNER"))
                .ok();
        assertThat(served()).containsExactly("2026-12-05 LUNCH soup", "2026-12-06 DINNER rolls");
        JsonNode shares = stretch().path("asked").path("shares");
        assertThat(shares.valueStream()
                        .map(one -> one.path("eatOn").asString() + " "
                                + one.path("meal").asString()))
                .containsExactly("2026-12-06 DINNER", "2026-12-05 LUNCH");
        http.act("/api/stretch/" + stretch().path("id").asString() + "/drop", Map.of())
                .ok();
        assertThat(served()).isEmpty();
    }

    private static Map<String, Object> move(String from, String meal, String to, String other) {
        return Map.of("from", Map.of("day", from, "meal", meal), "to", Map.of("day", to, "meal", other));
    }

    private List<String> served() {
        List<String> served = new ArrayList<>();
        for (JsonNode day : http.get("/api/plan").ok().path("days")) {
            for (JsonNode meal : day.path("meals")) {
                meal.path("slot")
                        .path("dishes")
                        .forEach(dish -> served.add(day.path("date").asString() + " "
                                + meal.path("meal").asString() + " "
                                + dish.path("name").asString()));
            }
        }
        return served;
    }

    /** S12: what seasons one tub is taken for it, paid for by it, and stands on its label alone. */
    @Test
    void eachTubIsSeasonedAlone() throws IOException {
        on("2026-12-02T10:00:00Z");
        http.note("28 g mustard powder 0.80");
        keep(
                shoulder(List.of(
                        share("herb tub", "grams", "300", "freeze", true, "season", "thyme"),
                        share("hot tub", "grams", "300", "freeze", true, "season", "7 g mustard powder"),
                        share("odd tub", "grams", "300", "freeze", true, "season", "grandmother's secret"),
                        share("bare tub", "grams", "300", "freeze", true))),
                Map.of());
        String cooked = http.act(
                        "/api/stretch/" + stretch().path("id").asString() + "/cook", Map.of("weighed", "1.2 kg"))
                .ok()
                .path("act")
                .asString();
        assertThat(lot("mustard powder").path("amount").asString()).isEqualTo("21 g");
        assertThat(about("hot tub · 7 g mustard powder").path("cost").asString())
                .isEqualTo("3.20");
        List<String> contain = new ArrayList<>();
        try (PDDocument pdf =
                Loader.loadPDF(http.get("/api/pack/" + cooked + "/labels.pdf").bytes())) {
            new PDFTextStripper()
                    .getText(pdf)
                    .lines()
                    .filter(line -> line.contains(" tub") || line.startsWith("Has"))
                    .forEach(contain::add);
        }
        assertThat(contain)
                .containsExactly(
                        "herb tub · thyme",
                        "hot tub · 7 g",
                        "Has mustard",
                        "odd tub ·",
                        "Has not known: grandmother's secret",
                        "bare tub");
    }

    private JsonNode cookPlan(String title) {
        String id = Sample.book(http).stream()
                .filter(card -> card.path("title").asString().equals(title))
                .findFirst()
                .orElseThrow()
                .path("id")
                .asString();
        return http.get("/api/cook/" + id).ok();
    }

    private JsonNode about(String about) {
        List<JsonNode> lots = new ArrayList<>();
        http.get("/api/onhand").ok().path("places").forEach(p -> p.path("lots").forEach(lots::add));
        return lots.stream()
                .filter(lot -> lot.path("about").asString().equals(about))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no " + about + " in " + lots));
    }

    /** Undone, nothing of it is left: no part, no evening, no dish in the book. */
    @Test
    void keepingAndDroppingAreUndoneWhole() {
        on("2026-12-02T10:00:00Z");
        evening("2026-12-04", "fish pie", 4);
        String act = keep(
                        shoulder(List.of(
                                share("rolls", "grams", "400", "plates", "6", "eatOn", "2026-12-03"),
                                share("stew", "grams", "300", "plates", "4", "eatOn", "2026-12-04"))),
                        Map.of())
                .path("act")
                .asString();
        assertThat(eaten("2026-12-04")).as("what the cook decided stays").isEqualTo("COOK [fish pie 4]");
        http.act("/api/stretch/" + stretch().path("id").asString() + "/drop", Map.of())
                .ok();
        assertThat(eaten("2026-12-03")).isEqualTo("UNDECIDED []");
        JsonNode acts = http.get("/api/acts").ok();
        http.act("/api/acts/" + acts.get(0).path("id").asString() + "/undo", Map.of())
                .ok();
        assertThat(eaten("2026-12-03")).isEqualTo("COOK [rolls 6]");
        http.act("/api/acts/" + act + "/undo", Map.of()).ok();
        assertThat(http.get("/api/stretch").ok().path("stretches")).isEmpty();
        assertThat(Sample.book(http).stream().map(card -> card.path("title").asString()))
                .containsExactly("fish pie");
    }

    /** Two packs are one buy; 3 rolls over two cookers: 3.4 kg each (handbook, section 5). */
    @Test
    void severalPacksAreOneBuyInSeveralPots() {
        on("2026-12-02T10:00:00Z");
        http.note("1 kg minced beef 6.00\n1.2 kg minced beef 7.00");
        JsonNode all = http.get("/api/stretch").ok().path("onHand").get(0);
        assertThat(all.path("weight").asString() + " " + all.path("price").asString())
                .isEqualTo("2.2 kg 13.00");
        Map<String, Object> asked = new HashMap<>(Map.of(
                "food",
                "minced beef",
                "weight",
                "2.2 kg",
                "price",
                "13.00",
                "shares",
                List.of(share("pie", "grams", "800"), share("sauce", "percent", "50"))));
        asked.put("moreLots", all.path("moreLots"));
        keep(asked, Map.of("lot", all.path("lot").asString()));
        http.act("/api/stretch/" + stretch().path("id").asString() + "/cook", Map.of("weighed", "1.6 kg"))
                .ok();
        assertThat(about("pie").path("cost").asString()).isEqualTo("6.50");
        assertThat(about("sauce").path("cost").asString()).isEqualTo("6.50");

        Map<String, Object> rolls = new HashMap<>(Map.of(
                "food", "pork shoulder", "weight", "15 lb", "price", "30.00", "vessels", 2, "shares", List.of()));
        assertThat(http.act("/api/stretch/cut", rolls).ok().path("each").asString())
                .isEqualTo("in each of 2 pots: 3.4 kg pork shoulder");
    }

    /** A locked part keeps its grams, the others give way by the same part of theirs; locked too much is refused. */
    @Test
    void othersGiveWayToALockedPart() {
        Map<String, Object> roast = share("roast", "grams", "700", "locked", true);
        Map<String, Object> asked = new HashMap<>(Map.of(
                "food",
                "pork shoulder",
                "weight",
                "2 kg",
                "price",
                "12.00",
                "cookedYield",
                "0.5",
                "shares",
                List.of(roast, share("soup", "grams", "200"), share("curry", "grams", "300"))));
        JsonNode cut = http.act("/api/stretch/cut", asked).ok();
        assertThat(cut.path("shares").valueStream().map(s -> s.path("grams").asString()))
                .containsExactly("700", "120", "180");
        assertThat(cut.path("warnings").get(0).asString()).contains("soup, curry give way: 200 g less");
        roast.put("grams", "1001");
        assertThat(http.act("/api/stretch/cut", asked).status()).isEqualTo(422);
    }

    /** S10.11: 900 g of cooked bones are about a kilo: a pot is due; boiled, its stock is met by a soup. */
    @Test
    void scrapsFillABagAndBecomeStock() {
        on("2026-12-02T10:00:00Z");
        http.note("900 g cooked bones, freezer\n600 g vegetable peelings, freezer");
        List<String> bags = http.get("/api/scraps")
                .ok()
                .valueStream()
                .map(bag ->
                        bag.path("bag").asString() + ": " + bag.path("words").asString())
                .toList();
        assertThat(bags)
                .containsExactly(
                        "cooked bones: 900 g: a pot of stock is due", "peelings: 600 g of about 1 kg for a pot");
        http.act("/api/scraps/pot", Map.of("bag", "cooked bones", "water", "2 l"))
                .ok();
        assertThat(http.get("/api/scraps").ok()).hasSize(1);
        assertThat(lot("stock").path("amount").asString()).isEqualTo("1.9 l");
        recipe("soup", 4, "1 l chicken stock", "200 g carrots");
        assertThat(cookPlan("soup").path("goesIn").get(0).path("takes")).hasSize(1);
        Stream.of("2 kg", "40 l", "nonsense")
                .forEach(water -> assertThat(http.act("/api/scraps/pot", Map.of("bag", "peelings", "water", water))
                                .status())
                        .isEqualTo(422));
    }

    /** S04.11: 400 ml of coconut milk are 200 ml of cream and 200 ml of broth; label, cost and recipe follow. */
    @Test
    void notThereUseOther() {
        on("2026-12-02T10:00:00Z");
        http.note("400 ml cream 2.00\n1 l stock 1.00");
        String id = recipe("curry", 4, "400 ml coconut milk", "500 g carrots");
        JsonNode proposals = http.act(
                        "/api/cook/instead", Map.of("recipe", id, "style", "COOKED", "factor", "1", "pos", 0))
                .ok();
        assertThat(proposals.get(0).path("uses").valueStream().map(JsonNode::asString))
                .containsExactly("200 ml cream", "200 ml stock");
        assertThat(proposals.get(0).path("allergens").valueStream().map(JsonNode::asString))
                .contains("milk");
        Map<String, Object> cook = new HashMap<>(Map.of(
                "recipe", id, "n", 1, "style", "COOKED", "factor", "1", "portions", 4, "corrections", List.of()));
        cook.put("instead", List.of(Map.of("pos", 0, "uses", List.of("200 ml cream", "200 ml stock"), "keep", true)));
        JsonNode cooked = http.act("/api/cook", cook).ok();
        assertThat(lot("cream").path("amount").asString()).isEqualTo("200 ml");
        JsonNode lines = http.get("/api/recipes/" + id).ok().path("lines");
        assertThat(lines.valueStream().map(line -> line.path("text").asString()))
                .containsExactly("200 ml cream", "200 ml stock", "500 g carrots");
        JsonNode label = http.act(
                        "/api/pack/draft",
                        Map.of(
                                "lot",
                                cooked.path("lot").asString(),
                                "packets",
                                List.of(4),
                                "together",
                                false,
                                "place",
                                Sample.place(http, "Fridge")))
                .ok();
        assertThat(label.path("labels").get(0).path("contains").asString()).contains("milk");
    }
}
