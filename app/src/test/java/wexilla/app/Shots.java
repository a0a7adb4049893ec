package wexilla.app;

import com.microsoft.playwright.Page;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import wexilla.app.support.Browser;
import wexilla.app.support.Cluster;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;
import wexilla.app.support.Sample;
import wexilla.app.support.Walk;

/** Makes docs/screenshots from the demo household at a fixed clock; run by {@code ./wexilla shots}, no test by itself. */
class Shots {

    private static final Path FOLDER = Cluster.ROOT.resolve("docs/screenshots");

    @Test
    void pictures() {
        Kitchen.clock().moveTo(Instant.parse("2026-11-23T16:30:00Z"));
        Http demo = Kitchen.demoHousehold();
        String pot = recipe(demo, "Pork, bean and barley pot");
        try (Browser browser = new Browser(demo, 1280, 800)) {
            Page page = browser.page();
            for (String station : List.of("today", "stretch", "plan", "shop", "costs", "household")) {
                page.navigate(station.equals("today") ? "/" : "/" + station);
                shot(page, station);
            }
            page.navigate("/cook");
            page.getByText("Chop once").waitFor();
            page.getByText("Sat 28 Nov").click();
            page.getByText("pot 3").first().waitFor();
            shot(page, "cookday");
            page.navigate("/onhand");
            shot(page, "onhand");
            page.getByLabel("Write down what is there")
                    .fill("3.2 kg pork shoulder, bone in, 17.57\n3 x 500 g mince Oct\n2 bolognese for 6\n-2 kg onions");
            page.getByText("line 4").waitFor();
            shot(page, "note");
            page.navigate("/recipes");
            shot(page, "recipes");
            page.navigate("/recipes/" + pot);
            shot(page, "recipe");
            page.navigate("/recipes/" + pot + "/edit");
            page.getByText("on hand").first().waitFor();
            shot(page, "editor");
            page.navigate("/cook/" + pot);
            shot(page, "cook");
            page.navigate("/pack");
            page.locator(".packet-label").first().waitFor();
            shot(page, "pack");
            page.navigate("/kitchen");
            Walk.button(page, "Done").waitFor();
            page.waitForTimeout(1200);
            shot(page, "kitchen");
            page.navigate("/costs/flow/" + packet(demo));
            page.getByText("where it came from").click();
            // the button is coloured in a moment
            page.mouse().move(0, 0);
            page.waitForTimeout(500);
            shot(page, "flow");
        }
        try (Browser browser = new Browser(demo, 390, 844)) {
            browser.page().navigate("/");
            shot(browser.page(), "today-phone");
            browser.page().navigate("/onhand");
            shot(browser.page(), "onhand-phone");
            browser.page().navigate("/kitchen");
            Walk.button(browser.page(), "Done").waitFor();
            browser.page().waitForTimeout(1200);
            shot(browser.page(), "kitchen-phone");
        }
    }

    private static String recipe(Http demo, String title) {
        for (JsonNode recipe : Sample.book(demo)) {
            if (recipe.path("title").asString().equals(title)) {
                return recipe.path("id").asString();
            }
        }
        throw new AssertionError(title);
    }

    /** A packet of the first dish in the freezer. */
    private static String packet(Http demo) {
        return demo.get("/api/onhand")
                .ok()
                .path("places")
                .valueStream()
                .flatMap(place -> place.path("lots").valueStream())
                .filter(lot -> lot.path("state").asString().equals("FROZEN") && lot.has("portions"))
                .findFirst()
                .orElseThrow()
                .path("id")
                .asString();
    }

    private static void shot(Page page, String name) {
        page.locator("h1").waitFor();
        page.waitForLoadState(com.microsoft.playwright.options.LoadState.NETWORKIDLE);
        page.evaluate("document.fonts.ready");
        page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(name + ".png")));
    }
}
