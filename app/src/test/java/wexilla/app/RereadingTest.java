package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.DriverManagerDataSource;
import tools.jackson.databind.JsonNode;
import wexilla.app.household.Households;
import wexilla.app.recipes.Rereading;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;
import wexilla.app.support.Sample;

/** What an older reader misread is healed once, listed once, and can be undone. */
class RereadingTest {

    @Test
    void anOldMisreadingIsHealedAndCanBeUndone() {
        Http http = Kitchen.emptyHousehold();
        // as an older reader left it: its words say butter and salt, the line says more
        String old = http.act("/api/recipes", Sample.recipe("Bars", 4, List.of("2 tbsp butter", "1 onion"), List.of()))
                .ok()
                .path("id")
                .asString();
        JdbcClient db = JdbcClient.create(new DriverManagerDataSource(
                Kitchen.cluster().url(), "wexilla_owner", Kitchen.cluster().ownerPassword()));
        db.sql("update recipe_line set text = '2 tbsp almond butter' where recipe = ?::uuid and pos = 0")
                .params(old)
                .update();
        db.sql("update recipe_line set text = '1 onion and 2 carrots' where recipe = ?::uuid and pos = 1")
                .params(old)
                .update();
        UUID id = http.household();
        Kitchen.bean(Rereading.class)
                .again(Kitchen.bean(Households.class).find(Optional.of(id)).orElseThrow());
        assertThat(foods(http, old)).containsExactly("almond butter", "onion", "carrot");
        JsonNode newest = http.get("/api/acts").ok().get(0);
        assertThat(newest.path("subject").asString())
                .isEqualTo("Read anew after an upgrade: Bars (butter → almond butter, carrot)");
        // once: nothing is left to heal
        Kitchen.bean(Rereading.class)
                .again(Kitchen.bean(Households.class).find(Optional.of(id)).orElseThrow());
        assertThat(http.get("/api/acts").ok().get(0).path("id")).isEqualTo(newest.path("id"));
        http.undo(newest.path("id").asString()).ok();
        assertThat(foods(http, old)).hasSize(2).contains("butter");
    }

    /** What came by a note is read again as it was typed: what an older reader let lie undated in a cupboard moves. */
    @Test
    void whatIsOnHandIsReadAgainAsItWasTyped() {
        Http http = Kitchen.emptyHousehold();
        http.note("8 frozen chicken breasts\n2 cups cooked brown rice");
        JsonNode right = http.get("/api/onhand").ok();
        JdbcClient db = JdbcClient.create(new org.springframework.jdbc.datasource.DriverManagerDataSource(
                Kitchen.cluster().url(), "wexilla_owner", Kitchen.cluster().ownerPassword()));
        db.sql("""
                        update lot set place = (select id from place p where p.household_id = lot.household_id
                                and p.kind = 'CUPBOARD' limit 1),
                            keeping_class = 'dry-goods', state = 'RAW', eat_by = null, best_before = null,
                            use_from = null, frozen_on = null where household_id = ?""").params(http.household()).update();
        // what is there is read again once something was done
        http.undo(http.note("1 egg").path("act").asString());
        assertThat(http.get("/api/onhand").ok()).isNotEqualTo(right);
        Kitchen.bean(Rereading.class)
                .again(Kitchen.bean(Households.class)
                        .find(Optional.of(http.household()))
                        .orElseThrow());
        assertThat(places(http)).isEqualTo(places(right)).isNotEmpty();
        JsonNode newest = http.get("/api/acts").ok().get(0);
        http.undo(newest.path("id").asString()).ok();
        assertThat(places(http)).isNotEqualTo(places(right));
    }

    private static List<String> places(Http http) {
        return places(http.get("/api/onhand").ok());
    }

    private static List<String> places(JsonNode onHand) {
        return onHand.path("places")
                .valueStream()
                .flatMap(place -> place.path("lots").valueStream())
                .map(lot -> lot.path("name").asString() + " "
                        + lot.path("placeName").asString() + " "
                        + lot.path("until").path("date").asString())
                .sorted()
                .toList();
    }

    private static List<String> foods(Http http, String recipe) {
        return http.get("/api/recipes/" + recipe)
                .ok()
                .path("lines")
                .valueStream()
                .map(line -> line.path("food").asString())
                .toList();
    }
}
