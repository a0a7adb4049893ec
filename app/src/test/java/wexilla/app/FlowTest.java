package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import wexilla.app.support.Http;
import wexilla.app.support.Sample;
import wexilla.app.support.StoryKitchen;

/** Σ = price, whatever happens between the till and the plate. */
class FlowTest extends StoryKitchen {

    private List<JsonNode> lots() {
        List<JsonNode> lots = new ArrayList<>();
        http.get("/api/onhand").ok().path("places").forEach(p -> p.path("lots").forEach(lots::add));
        return lots;
    }

    private static BigDecimal ends(JsonNode steps) {
        return steps.valueStream()
                .filter(step -> step.has("end"))
                .map(step -> new BigDecimal(step.path("cost").asString()))
                .reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    private void hand(JsonNode lot, String hand, String amount) {
        http.act(
                "/api/lots/" + lot.path("id").asString(),
                Map.of("hand", hand, "amount", amount, "reason", "neighbour"));
    }

    /** The pork of one purchase through a dish, packets, a gift and the bin; and the plate back to its purchases. */
    @Test
    void aPurchaseIsFollowedToItsPlates() {
        http.note("1 kg minced beef 9.00\n500 g pasta 1.00");
        String purchase = lot("minced beef").path("id").asString();
        String sauce = recipe("Meat sauce", 4, "600 g minced beef", "200 g pasta", "1 tsp salt");
        http.act("/api/cook", Sample.cook(sauce, 4)).ok();
        JsonNode dish = lot("Meat sauce");
        hand(dish, "GIVE", "1");
        hand(dish, "WASTE", "1");
        hand(lot("minced beef"), "USE", "100 g");
        JsonNode flow = http.get("/api/costs/flow/" + purchase).ok();
        assertThat(flow.path("cost").asString()).isEqualTo("9.00");
        assertThat(ends(flow.path("whither"))).isEqualByComparingTo("9.00");
        assertThat(flow.path("whither")
                        .valueStream()
                        .filter(step -> step.has("end"))
                        .map(step -> step.path("end").asString() + " "
                                + step.path("cost").asString()))
                .containsExactlyInAnyOrder("given 1.35", "binned 1.35", "there 2.70", "there 2.70", "used 0.90");
        // back: a dish of 5.95 is 5.40 of the mince, 0.40 of the pasta and 0.15 of seasoning
        JsonNode back =
                http.get("/api/costs/flow/" + dish.path("id").asString()).ok();
        assertThat(back.path("whence")
                        .valueStream()
                        .filter(step -> step.has("end"))
                        .map(step -> step.path("cost").asString()))
                .containsExactlyInAnyOrder("5.40", "0.40", "0.15");
        assertThat(http.get("/api/costs")
                        .ok()
                        .path("weeks")
                        .get(0)
                        .path("given")
                        .asString())
                .isEqualTo("1.49");
    }

    /** Random cuts, dishes, packets, losses and undos. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3})
    void nothingIsLostWhateverHappens(long seed) {
        Random random = new Random(seed);
        http.note("3 kg pork shoulder, bone in, 17.57\n2 kg rice 3.33\n1 kg carrots 1.01");
        List<String> bought =
                lots().stream().map(lot -> lot.path("id").asString()).toList();
        String pot = recipe("Pot", 4, "300 g cooked pork", "200 g rice", "150 g carrots");
        String rice = recipe("Rice", 3, "250 g rice", "100 g carrots");
        List<String> acts = new ArrayList<>();
        for (int step = 0; step < 25; step++) {
            List<JsonNode> there = new ArrayList<>(lots());
            Collections.shuffle(there, random);
            Http.Answer answer = switch (random.nextInt(8)) {
                case 0 -> cut(random);
                case 1 -> http.act("/api/cook", Sample.cook(pot, 2 + random.nextInt(5)));
                case 2 -> http.act("/api/cook", Sample.cook(rice, 1 + random.nextInt(4)));
                case 3 -> any(there, "WASTE");
                case 4 -> any(there, "GIVE");
                case 5 -> any(there, "USE");
                case 6 -> pack(there);
                default -> acts.isEmpty() ? any(there, "COUNT") : http.undo(acts.remove(acts.size() - 1));
            };
            if (answer.status() == 200 && answer.body().has("act")) {
                acts.add(answer.body().path("act").asString());
            }
            for (String lot : bought) {
                JsonNode flow = http.get("/api/costs/flow/" + lot).ok();
                assertThat(ends(flow.path("whither")))
                        .as("seed " + seed + ", step " + step)
                        .isEqualByComparingTo(flow.path("cost").asString());
            }
        }
        for (JsonNode lot : lots()) {
            JsonNode flow =
                    http.get("/api/costs/flow/" + lot.path("id").asString()).ok();
            assertThat(ends(flow.path("whence")))
                    .isEqualByComparingTo(flow.path("cost").asString());
        }
    }

    private Http.Answer any(List<JsonNode> there, String hand) {
        JsonNode lot = there.get(0);
        boolean portions = lot.has("portions");
        return http.act(
                "/api/lots/" + lot.path("id").asString(),
                Map.of("hand", hand, "amount", portions ? "1" : "70 g", "reason", "so"));
    }

    private Http.Answer pack(List<JsonNode> there) {
        JsonNode dish =
                there.stream().filter(lot -> lot.has("portions")).findFirst().orElse(there.get(0));
        return http.act(
                "/api/pack",
                Map.of(
                        "lot",
                        dish.path("id").asString(),
                        "packets",
                        List.of(1),
                        "place",
                        Sample.place(http, "Freezer, top drawer")));
    }

    private Http.Answer cut(Random random) {
        JsonNode onHand = http.get("/api/stretch").ok().path("onHand");
        if (onHand.isEmpty()) {
            return http.get("/api/stretch");
        }
        JsonNode buy = onHand.get(random.nextInt(onHand.size()));
        Map<String, Object> asked = Map.of(
                "food",
                buy.path("food").asString(),
                "weight",
                buy.path("weight").asString(),
                "price",
                buy.path("price").asString(),
                "raw",
                random.nextBoolean(),
                "shares",
                List.of(
                        Map.of("name", "one", "percent", "1/3"),
                        Map.of("name", "two", "percent", "17", "freeze", true),
                        Map.of("name", "bones", "part", "bones", "costPercent", "10")));
        http.act("/api/stretch", Map.of("version", 0, "lot", buy.path("lot").asString(), "asked", asked))
                .ok();
        String id = http.get("/api/stretch")
                .ok()
                .path("stretches")
                .get(0)
                .path("id")
                .asString();
        return http.act("/api/stretch/" + id + "/cook", Map.of());
    }
}
