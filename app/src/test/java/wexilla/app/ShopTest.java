package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import wexilla.app.onhand.Ledger;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;
import wexilla.app.support.Sample;

/** The list: derived from the plan less stock, ticked, taken out again, put away into lots with prices and the till. */
class ShopTest {

    private final Http http = Kitchen.emptyHousehold();

    @AfterEach
    void booksAreRight() {
        assertThat(Kitchen.bean(Ledger.class).mismatches()).isEmpty();
    }

    private JsonNode shop() {
        return http.get("/api/shop").ok();
    }

    private void plan() {
        http.act(
                        "/api/recipes",
                        Sample.recipe(
                                "Bean pot",
                                4,
                                List.of("600 g minced beef", "2 x 400 g tins tomatoes", "1 tsp salt"),
                                List.of()))
                .ok();
        Map<String, Object> dish = Map.of("text", "Bean pot", "portions", 4);
        Map<String, Object> evening = new HashMap<>(Map.of(
                "day",
                "2026-11-25",
                "version",
                0,
                "kind",
                "COOK",
                "tableTime",
                "18:30",
                "minutes",
                60,
                "locked",
                false,
                "note",
                "",
                "people",
                List.of()));
        evening.put("dishes", List.of(dish));
        http.act("/api/plan/evening", evening).ok();
    }

    private static Map<String, Object> tick(JsonNode wanted, String price) {
        Map<String, Object> tick = new HashMap<>(Map.of(
                "name",
                wanted.path("name").asString(),
                "packs",
                wanted.path("packs").asInt()));
        tick.put("food", wanted.path("food").asString());
        tick.put("pack", wanted.path("pack").asString());
        if (!price.isEmpty()) {
            tick.put("price", price);
        }
        return tick;
    }

    private void price(String pack, String price, String shop) {
        http.act("/api/costs/prices", Map.of("food", "minced beef", "pack", pack, "price", price, "shop", shop))
                .ok();
    }

    private List<String> onTheList() {
        return shop().path("wanted")
                .valueStream()
                .map(wanted -> wanted.path("name").asString())
                .toList();
    }

    /** Ticked one by one and brought home. @return the act that brought it home */
    private String trip(String... inOrder) {
        List.of("1 l milk", "1 kg carrots", "500 g minced beef", "1 roll baking paper")
                .forEach(text ->
                        http.act("/api/shop/items", Map.of("text", text)).ok());
        for (String name : inOrder) {
            JsonNode wanted = shop().path("wanted")
                    .valueStream()
                    .filter(one -> one.path("name").asString().endsWith(name))
                    .findFirst()
                    .orElseThrow(() -> new AssertionError(name + " is not on " + shop().path("wanted")));
            Map<String, Object> tick = tick(wanted, "1.00");
            tick.put("item", wanted.path("item").asString());
            if (!wanted.has("food")) {
                tick.remove("food");
            }
            if (!wanted.has("pack")) {
                tick.remove("pack");
            }
            http.act("/api/shop/tick", tick).ok();
        }
        return http.act("/api/shop/away", Map.of()).ok().path("act").asString();
    }

    /** Two trips the other way round: then the list is walked so; one of them undone, it stands as it did. */
    @Test
    void theListIsWalkedAsItWasTicked() {
        trip("milk", "minced beef", "carrot");
        assertThat(shop().has("walked")).isFalse();
        String second = trip("milk", "baking paper", "minced beef", "carrot");
        List.of("2 kg carrots", "400 g minced beef", "2 l milk")
                .forEach(text ->
                        http.act("/api/shop/items", Map.of("text", text)).ok());
        assertThat(shop().has("walked")).isTrue();
        assertThat(onTheList())
                .filteredOn(name -> !name.contains("paper"))
                .containsExactly("milk", "minced beef", "carrot");
        http.undo(second).ok();
        assertThat(shop().has("walked")).isFalse();
    }

    /** Each shop by itself and both together; where the household goes is what list, plan and proposal pay; undone it is as before. */
    @Test
    void severalShops() {
        plan();
        price("500 g", "3.00", "Market");
        price("200 g", "1.00", "market");
        price("400 g", "3.50", "Discount shop");
        JsonNode sums = shop().path("shops");
        assertThat(sums.valueStream().map(sum -> sum.path("shops") + " " + sum.path("cost") + " " + sum.path("saves")))
                .containsExactly(
                        "[\"Market\"] \"3.00\" ",
                        "[\"Discount shop\"] \"7.00\" ",
                        "[\"Discount shop\",\"Market\"] \"3.00\" ");
        assertThat(sums.get(2).path("going").asBoolean()).isTrue();
        assertThat(beef().path("expected").asString()).isEqualTo("3.00");
        assertThat(beef().path("shop").asString()).isEqualTo("Market");
        String act = http.act("/api/shop/shops", Map.of("shops", List.of("discount shop")))
                .ok()
                .path("act")
                .asString();
        assertThat(beef().path("expected").asString()).isEqualTo("7.00");
        assertThat(shop().path("shops").get(1).path("going").asBoolean()).isTrue();
        http.undo(act).ok();
        assertThat(beef().path("expected").asString()).isEqualTo("3.00");
        assertThat(http.act("/api/shop/shops", Map.of("shops", List.of("farm shop")))
                        .field())
                .isEqualTo("/shops");
        // what was bought there is a price seen there
        JsonNode beef = beef();
        Map<String, Object> tick = tick(beef, "2.40");
        tick.put("shop", "Market");
        http.act("/api/shop/tick", tick).ok();
        http.act("/api/shop/away", Map.of()).ok();
        assertThat(http.get("/api/costs")
                        .ok()
                        .path("prices")
                        .get(0)
                        .path("shop")
                        .asString())
                .isEqualTo("Market");
    }

    private JsonNode beef() {
        return shop().path("wanted")
                .valueStream()
                .filter(one -> one.path("name").asString().equals("minced beef"))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void fromThePlanToTheShelf() {
        http.note("200 g minced beef 1.80\n400 g tinned tomatoes 0.55");
        plan();
        JsonNode wanted = shop().path("wanted");
        assertThat(wanted)
                .extracting(w -> w.path("name").asString() + " "
                        + w.path("packs").asInt() + " " + w.path("pack").asString() + " "
                        + w.path("expected").asString("?"))
                .containsExactly("minced beef 2 200 g 3.60", "tinned tomatoes 1 1 tin 0.55");
        assertThat(shop().path("expected").asString()).isEqualTo("4.15");

        // what is typed finds the price it was last seen at: two packs of 200 g
        String more = http.act("/api/shop/items", Map.of("text", "300 g minced beef"))
                .ok()
                .path("act")
                .asString();
        JsonNode typed = shop().path("wanted")
                .valueStream()
                .filter(w -> w.path("item").isString())
                .findFirst()
                .orElseThrow();
        assertThat(typed.path("packs").asInt()).isEqualTo(2);
        assertThat(typed.path("expected").asString()).isEqualTo("3.60");
        http.undo(more).ok();
        String act = http.act("/api/shop/tick", tick(wanted.get(0), "3.20"))
                .ok()
                .path("act")
                .asString();
        assertThat(shop().path("inBasket").asString()).isEqualTo("3.20");
        http.undo(act).ok();
        assertThat(shop().path("wanted")).hasSize(2);

        http.act("/api/shop/tick", tick(wanted.get(0), "3.20")).ok();
        http.act("/api/shop/items", Map.of("text", "foil")).ok();
        JsonNode foil = shop().path("wanted")
                .valueStream()
                .filter(w -> w.path("name").asString().equals("foil"))
                .findFirst()
                .orElseThrow();
        http.act(
                        "/api/shop/tick",
                        Map.of("item", foil.path("item").asString(), "name", "foil", "packs", 1, "price", "1.10"))
                .ok();
        assertThat(http.act("/api/shop/away", Map.of("till", "4.00")).field()).isEqualTo("/till");
        JsonNode away = http.act("/api/shop/away", Map.of("till", "4.75")).ok();
        assertThat(away.path("soon").get(0).path("cookBy").asString()).isEqualTo("2026-11-25");
        assertThat(Sample.amounts(http, "minced beef")).containsExactlyInAnyOrder("200 g", "200 g", "200 g");
        assertThat(shop().path("basket")).isEmpty();
        assertThat(shop().path("wanted"))
                .singleElement()
                .satisfies(w -> assertThat(w.path("name").asString()).isEqualTo("tinned tomatoes"));

        http.undo(away.path("act").asString()).ok();
        assertThat(shop().path("basket")).hasSize(2);
        assertThat(Sample.amounts(http, "minced beef")).containsExactly("200 g");
    }

    /** Two with one list: who comes second hears of it, and says so where he bought it too. */
    @Test
    void whatIsTakenAlreadyIsTold() {
        plan();
        JsonNode first = shop().path("wanted").get(0);
        Map<String, Object> tick = new HashMap<>(Map.of(
                "food",
                first.path("food").asString(),
                "name",
                first.path("name").asString(),
                "packs",
                1,
                "pack",
                first.path("pack").asString()));
        http.act("/api/shop/tick", tick).ok();
        Http.Answer again = http.act("/api/shop/tick", tick);
        assertThat(again.field()).isEqualTo("/too");
        assertThat(again.detail()).contains("in the basket already");
        tick.put("too", true);
        http.act("/api/shop/tick", tick).ok();
        assertThat(shop().path("basket")).hasSize(2);
    }

    @Test
    void everythingIsTakenAtOnce() {
        plan();
        http.act("/api/shop/items", Map.of("text", "candles")).ok();
        JsonNode before = shop();
        int wanted = before.path("wanted").size();
        String act = http.act("/api/shop/everything", Map.of("days", 7))
                .ok()
                .path("act")
                .asString();
        JsonNode after = shop();
        assertThat(after.path("wanted")).isEmpty();
        assertThat(after.path("basket")).hasSize(wanted);
        assertThat(after.path("inBasket")).isEqualTo(before.path("expected"));
        assertThat(after.path("toCome").asString()).isEqualTo("0.00");
        assertThat(http.act("/api/shop/everything", Map.of("days", 7)).field()).isEqualTo("/days");
        http.undo(act);
        assertThat(shop()).isEqualTo(before);
    }

    @Test
    void aStapleThatIsLowIsOnTheList() {
        http.note("salt");
        assertThat(shop().path("wanted")).isEmpty();
        String lot =
                http.get("/api/onhand").ok().path("staples").get(0).path("id").asString();
        http.act("/api/lots/" + lot + "/level", Map.of("level", "LOW")).ok();
        JsonNode salt = shop().path("wanted").get(0);
        assertThat(salt.path("staple").asBoolean()).isTrue();
        http.act("/api/shop/tick", Map.of("food", "salt", "name", "salt", "packs", 1, "price", "0.49"))
                .ok();
        http.act("/api/shop/away", Map.of()).ok();
        assertThat(shop().path("wanted")).isEmpty();
        assertThat(http.get("/api/onhand")
                        .ok()
                        .path("staples")
                        .get(0)
                        .path("level")
                        .asString())
                .isEqualTo("have");
    }

    @Test
    void nonsenseIsToldAtItsField() {
        assertThat(http.act("/api/shop/away", Map.of()).field()).isEqualTo("/basket");
        assertThat(http.act("/api/shop/items", Map.of("text", " ")).field()).isEqualTo("/text");
        assertThat(http.act("/api/shop/tick", Map.of("name", "x", "packs", 0)).field())
                .isEqualTo("/packs");
        assertThat(http.act("/api/shop/tick", Map.of("name", "x", "packs", 1, "price", "-2"))
                        .field())
                .isEqualTo("/price");
        assertThat(http.act("/api/shop/tick", Map.of("name", "x", "packs", 1, "food", "moonrock"))
                        .field())
                .isEqualTo("/food");
        assertThat(http.get("/api/shop?days=900").field()).isEqualTo("/days");
    }
}
