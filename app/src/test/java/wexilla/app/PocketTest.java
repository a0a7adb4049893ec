package wexilla.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import wexilla.app.support.Browser;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;

/** A phone in a shop without a network: what it shows, what is tapped there, and what comes of it at home. */
class PocketTest {

    private static final List<String> THINGS = IntStream.rangeClosed(1, 20)
            .mapToObj(n -> "thing " + (n < 10 ? "0" : "") + n)
            .toList();

    private final Http http = Kitchen.emptyHousehold();

    private Page listed(Browser phone) {
        Page page = phone.page();
        page.navigate("/shop");
        assertThat(page.getByRole(AriaRole.HEADING, heading("20 things to buy")))
                .isVisible();
        page.evaluate("navigator.serviceWorker.ready.then(() => undefined)");
        // a page of before the worker is not yet its own
        page.reload();
        page.waitForFunction("() => navigator.serviceWorker.controller !== null");
        assertThat(page.getByRole(AriaRole.HEADING, heading("20 things to buy")))
                .isVisible();
        // reads are kept within a second
        page.waitForTimeout(1_600);
        return page;
    }

    private static Page.GetByRoleOptions heading(String name) {
        return new Page.GetByRoleOptions().setName(name).setExact(true);
    }

    private static Locator box(Page page, String thing) {
        return page.getByRole(AriaRole.BUTTON, heading("In the basket: " + thing));
    }

    @Test
    void aWholeTripWithoutANetworkLosesNothingAndDoublesNothing() {
        Map<String, String> items = new java.util.HashMap<>();
        THINGS.forEach(
                thing -> http.act("/api/shop/items", Map.of("text", thing)).ok());
        http.get("/api/shop")
                .ok()
                .path("wanted")
                .forEach(one ->
                        items.put(one.path("name").asString(), one.path("item").asString()));
        try (Browser phone = Browser.pocket(http)) {
            Page page = listed(phone);
            phone.offline(true);
            page.reload();
            assertThat(page.getByRole(AriaRole.HEADING, heading("20 things to buy")))
                    .isVisible();
            assertThat(page.getByText("The kitchen does not answer.")).isVisible();
            for (String thing : THINGS) {
                box(page, thing).click();
                assertThat(box(page, thing)).hasAttribute("aria-pressed", "true");
            }
            // meanwhile somebody else in the shop takes one of them
            http.act("/api/shop/tick", Map.of("item", items.get("thing 03"), "name", "thing 03", "packs", 1))
                    .ok();
            page.reload();
            for (String thing : THINGS) {
                assertThat(box(page, thing)).hasAttribute("aria-pressed", "true");
            }
            phone.offline(false);
            assertThat(page.getByRole(AriaRole.HEADING, heading("0 things to buy")))
                    .isVisible();
            assertThat(page.getByText("The kitchen does not answer.")).isHidden();
        }
        List<String> basket = new ArrayList<>();
        http.get("/api/shop")
                .ok()
                .path("basket")
                .forEach(one -> basket.add(one.path("name").asString()));
        List<String> expected = new ArrayList<>(THINGS);
        expected.remove("thing 03");
        expected.add(0, "thing 03");
        assertThat(basket).isEqualTo(expected);
        assertThat(ticks()).hasSize(20);
    }

    private List<JsonNode> ticks() {
        List<JsonNode> ticks = new ArrayList<>();
        http.get("/api/acts").ok().forEach(act -> {
            if (act.path("kind").asString().equals("tick")) {
                ticks.add(act);
            }
        });
        return ticks;
    }

    @Test
    void aPhoneWithoutRoomSaysSoAndLosesNothingWhileItIsOpen() {
        THINGS.forEach(
                thing -> http.act("/api/shop/items", Map.of("text", thing)).ok());
        try (Browser phone = Browser.pocket(http)) {
            Page page = listed(phone);
            page.evaluate(
                    "() => { let part = 'x'.repeat(1 << 20); let n = 0; while (part) { try { "
                            + "localStorage.setItem('full' + n++, part); } catch { part = part.slice(part.length >> 1 || 1); } } }");
            phone.offline(true);
            box(page, "thing 01").click();
            box(page, "thing 02").click();
            assertThat(page.getByText("no room to keep it: leave this page open"))
                    .isVisible();
            phone.offline(false);
            assertThat(page.getByRole(AriaRole.HEADING, heading("18 things to buy")))
                    .isVisible();
        }
        assertThat(ticks()).hasSize(2);
    }
}
