package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;
import static wexilla.app.support.Walk.button;
import static wexilla.app.support.Walk.clean;
import static wexilla.app.support.Walk.field;
import static wexilla.app.support.Walk.see;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import wexilla.app.support.Browser;
import wexilla.app.support.Sample;
import wexilla.app.support.StoryKitchen;

/** A fortnight planned in the browser: proposed, taken, moved by mouse and by keys, mended, and taken elsewhere. */
class PlanStoryTest extends StoryKitchen {

    @BeforeEach
    void book() {
        Map<String, Integer> table =
                Map.of("adults", 2, "teenagers", 0, "children9to13", 1, "children4to8", 0, "under4", 0);
        http.act("/api/household/table", table).ok();
        recipe("Mince pot", 4, "500 g minced beef", "2 onions");
        recipe("Bean stew", 4, "400 g dried white beans", "2 carrots");
        recipe("Leek pasta", 4, "400 g pasta", "3 leeks");
        recipe("Haddock tray", 4, "600 g haddock", "1 kg potatoes");
        recipe("Barley broth", 4, "200 g pearl barley", "3 carrots");
    }

    private static Locator onTheTable(Page page, String name) {
        return page.locator("fieldset.weeks").getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name));
    }

    private String dinner(int day) {
        JsonNode slot =
                Sample.dinner(http.get("/api/plan").ok().path("days").get(day)).path("slot");
        return slot.path("dishes").path(0).path("name").asString("");
    }

    @Test
    void proposedTakenAndTakenBack() {
        try (Browser browser = new Browser(http, 1280, 900)) {
            Page page = browser.page();
            page.navigate("/plan");
            button(page, "Propose a plan").click();
            button(page, "How long: 1 week").click();
            field(page, "It should").fill("fly");
            button(page, "Propose").last().click();
            see(page.getByText("is not understood").first());
            field(page, "It should").fill("nothing with haddock");
            button(page, "Propose").last().click();
            see(page.getByText("to buy for").first());
            // the first plan is there at once, the good one when it has stopped looking
            see(button(page, "Propose again"));
            assertThat(page.locator("section").getByText("Haddock tray").count())
                    .isZero();
            clean(browser);
            page.getByText("Take all").click();
            see(page.getByText("7 of 14 meals planned"));
            assertThat(dinner(1)).isNotEmpty();
            button(page, "Undo").first().click();
            see(page.getByText("Nothing is planned yet"));
            assertThat(dinner(1)).isEmpty();
            clean(browser);
        }
    }

    @Test
    void movedByMouseAndByKeys() {
        evening("2026-11-24", "Bean stew", 3);
        evening("2026-11-26", "Leek pasta", 3);
        try (Browser browser = new Browser(http, 1280, 900)) {
            Page page = browser.page();
            page.navigate("/plan");
            BoundingBox from = onTheTable(page, "Tue 24 Nov, dinner: Bean stew").boundingBox();
            BoundingBox to = onTheTable(page, "Fri 27 Nov, dinner").boundingBox();
            page.mouse().move(from.x + from.width / 2, from.y + from.height / 2);
            page.mouse().down();
            page.mouse().move(to.x + to.width / 2, to.y + to.height / 2);
            see(page.getByText("Fri 27 Nov: holds"));
            page.mouse().up();
            see(page.getByText("Moved to Fri 27 Nov"));
            see(onTheTable(page, "Fri 27 Nov, dinner: Bean stew"));
            assertThat(dinner(4)).isEqualTo("Bean stew");
            onTheTable(page, "Thu 26 Nov, dinner: Leek pasta").focus();
            page.keyboard().press("m");
            page.keyboard().press("ArrowLeft");
            page.keyboard().press("ArrowLeft");
            page.keyboard().press("Enter");
            see(page.getByText("Moved to Tue 24 Nov"));
            assertThat(dinner(1)).isEqualTo("Leek pasta");
            clean(browser);
        }
    }

    @Test
    void mendedFromThePanel() {
        http.note("500 g minced beef");
        evening("2026-11-24", "Leek pasta", 3);
        evening("2026-11-28", "Mince pot", 3);
        try (Browser browser = new Browser(http, 1280, 900)) {
            Page page = browser.page();
            page.navigate("/plan");
            onTheTable(page, "Sat 28 Nov, dinner: Mince pot, does not hold").click();
            see(page.getByRole(AriaRole.DIALOG).getByText("minced beef keeps to"));
            page.getByRole(AriaRole.DIALOG).getByText("swap with Tue 24 Nov").click();
            see(page.getByText("Moved to Tue 24 Nov"));
            assertThat(dinner(1)).isEqualTo("Mince pot");
            assertThat(dinner(5)).isEqualTo("Leek pasta");
        }
    }

    /** On a phone: another meal of the day, a guest, what repeats, an address for other calendars. */
    @Test
    void onThePhone() {
        evening("2026-11-24", "Bean stew", 3);
        try (Browser browser = new Browser(http, 390, 844)) {
            Page page = browser.page();
            page.navigate("/plan");
            button(page, "Wed 25 Nov").click();
            page.locator("fieldset.weeks")
                    .getByLabel("another meal on Wed 25 Nov")
                    .click();
            page.getByRole(AriaRole.DIALOG).getByText("lunch").click();
            Locator panel = page.getByRole(AriaRole.DIALOG);
            panel.getByLabel("Dish", new Locator.GetByLabelOptions().setExact(true))
                    .fill("Barley broth");
            panel.getByText("a guest").click();
            panel.getByLabel("Guest 1", new Locator.GetByLabelOptions().setExact(true))
                    .fill("Ida");
            panel.getByLabel("Must not eat").fill("milk");
            panel.getByLabel("Somebody home from").fill("12:00");
            panel.getByText("Keep this meal").click();
            see(page.locator("fieldset.weeks").getByText("guests: Ida"));
            button(page, "What repeats").click();
            page.getByLabel("On", new Page.GetByLabelOptions().setExact(true)).selectOption("5");
            page.getByLabel("Is", new Page.GetByLabelOptions().setExact(true)).selectOption("LEFTOVERS");
            page.getByText("From now on").click();
            see(page.getByText("lunch Fridays"));
            clean(browser);
            page.keyboard().press("Escape");
            button(page, "For elsewhere").click();
            button(page, "Make an address").click();
            see(page.getByText("/api/feed/"));
            clean(browser);
        }
        assertThat(http.get("/api/plan").ok().path("habits")).hasSize(1);
        List<JsonNode> meals = http.get("/api/plan")
                .ok()
                .path("days")
                .get(2)
                .path("meals")
                .valueStream()
                .toList();
        assertThat(meals.get(0).path("slot").path("homeFrom").asString()).isEqualTo("12:00");
    }
}
