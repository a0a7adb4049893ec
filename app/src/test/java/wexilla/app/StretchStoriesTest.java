package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;
import static wexilla.app.support.Walk.button;
import static wexilla.app.support.Walk.clean;
import static wexilla.app.support.Walk.field;
import static wexilla.app.support.Walk.heading;
import static wexilla.app.support.Walk.see;

import com.microsoft.playwright.Page;
import org.junit.jupiter.api.Test;
import wexilla.app.support.Browser;
import wexilla.app.support.Sample;
import wexilla.app.support.StoryKitchen;

/** Three ways of working with a big buy, typed by hand in the browser: S02, S05 and S12. */
class StretchStoriesTest extends StoryKitchen {

    private static void buy(Page page, String food) {
        page.navigate("/stretch");
        page.locator("li", new Page.LocatorOptions().setHasText(food))
                .getByText("Cut it")
                .first()
                .click();
    }

    private static void part(Page page, int nth, String name, String how, String value) {
        button(page, "Another part").click();
        page.getByLabel("Becomes").nth(nth).fill(name);
        page.getByLabel("Takes").nth(nth).selectOption(how);
        page.getByLabel(how.equals("percent") ? "Per cent" : how.equals("grams") ? "Grams" : "Pieces")
                .nth(nth)
                .fill(value);
    }

    /** S05.1, S05.2: thirds of what was weighed; a third and two halves do not exist, and what is short is said. */
    @Test
    void oneMeatInThirds() {
        http.note("turkey breast 1.2 kg 9.36");
        try (Browser browser = new Browser(http, 1280, 800)) {
            Page page = browser.page();
            buy(page, "turkey breast");
            part(page, 0, "salad", "percent", "1/3");
            part(page, 1, "flatbread", "percent", "1/2");
            part(page, 2, "soup", "percent", "1/2");
            see(page.getByText("g too much"));
            page.getByLabel("Per cent").nth(1).fill("1/3");
            page.getByLabel("Per cent").nth(2).fill("1/3");
            see(page.getByText("400 g raw").first());
            see(page.getByText("3.12").first());
            clean(browser);
            button(page, "Keep this plan").click();
            see(page.getByText("still raw"));
            field(page, "Cooked meat on the scale").fill("845 g");
            button(page, "The joint is cooked").click();
            see(page.getByText("Cooked: turkey breast into 3 parts"));
            assertThat(Sample.amounts(http, "turkey breast, cooked"))
                    .hasSize(3)
                    .allMatch(grams -> grams.equals("282 g"));
            clean(browser);
        }
    }

    /** S02: pieces cut raw, by count; a piece too many is told in grams, a weight of a piece is asked once. */
    @Test
    void piecesCutRaw() {
        http.note("turkey pieces 2.1 kg 7.56");
        try (Browser browser = new Browser(http, 1280, 800)) {
            Page page = browser.page();
            buy(page, "turkey pieces");
            field(page, "Cut it").selectOption("raw");
            part(page, 0, "dumplings", "pieces", "2");
            see(page.getByText("Say what one piece weighs").first());
            page.getByLabel("Grams each").fill("350");
            see(page.getByText("700 g raw").first());
            button(page, "Keep this plan").click();
            see(page.getByText("still raw"));
            button(page, "It is cut").click();
            see(page.getByText("Cut raw: turkey pieces into 2 parts"));
            assertThat(Sample.amounts(http, "turkey pieces")).containsExactlyInAnyOrder("700 g", "1.4 kg");
            clean(browser);
        }
    }

    /** S12, and a way to use it: broth in the pot is paid for and comes out; a way is taken over, and taken back. */
    @Test
    void plainMeatInThreeTubs() {
        http.note("turkey breast 1.35 kg 9.45\nstock 250 ml 0.20");
        try (Browser browser = new Browser(http, 1280, 800)) {
            Page page = browser.page();
            buy(page, "turkey breast");
            page.getByLabel("Also into the pot").fill("250 ml stock");
            see(page.getByText("0.238 l broth"));
            button(page, "Show me some").click();
            see(heading(page, "most plates"));
            page.getByText("Use it so").first().click();
            see(page.getByText("Taken over: most plates"));
            button(page, "As it was before").click();
            for (int tub = 0; tub < 3; tub++) {
                part(page, tub, "tub " + (tub + 1), "grams", "315");
            }
            button(page, "Keep this plan").click();
            see(page.getByText("still raw"));
            field(page, "Cooked meat on the scale").fill("945 g");
            button(page, "The joint is cooked").click();
            see(page.getByText("Cooked: turkey breast into 3 parts"));
            assertThat(http.get("/api/onhand").ok().path("worth").asString()).isEqualTo("9.65");
            String tub = http.get("/api/onhand")
                    .ok()
                    .path("places")
                    .valueStream()
                    .flatMap(place -> place.path("lots").valueStream())
                    .filter(lot -> lot.path("about").asString().equals("tub 1"))
                    .findFirst()
                    .orElseThrow()
                    .path("id")
                    .asString();
            page.navigate("/costs/flow/" + tub);
            see(page.getByText("3.22").first());
            button(page, "where it came from").click();
            see(page.getByText("3.15").first());
            clean(browser);
        }
    }
}
