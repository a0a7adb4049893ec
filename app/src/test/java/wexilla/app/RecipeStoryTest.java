package wexilla.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static wexilla.app.support.Walk.button;
import static wexilla.app.support.Walk.clean;
import static wexilla.app.support.Walk.field;
import static wexilla.app.support.Walk.go;
import static wexilla.app.support.Walk.heading;
import static wexilla.app.support.Walk.link;
import static wexilla.app.support.Walk.see;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import wexilla.app.support.Browser;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;

/** A recipe from pasted text to its next version, at the table and at the counter. */
class RecipeStoryTest {

    private static final String DOUGH = """
            Dough for pies for 4
            400 g plain flour
            3/4 tsp salt
            250 ml water
            1 moon rock

            Knead the flour with salt and water, 10 minutes.
            Let it rest 60 minutes.
            """;

    private final Http http = Kitchen.emptyHousehold();

    @Test
    void pastedScaledUsedAndChanged() {
        try (Browser browser = new Browser(http, 1280, 800)) {
            Page page = browser.page();
            pasted(page);
            clean(browser);
            scaled(page);
            clean(browser);
            intoAnother(page);
            clean(browser);
            nextTime(page);
            clean(browser);
            broughtIn(page);
            found(page);
            clean(browser);
            org.assertj.core.api.Assertions.assertThat(browser.complaints()).isEmpty();
        }
    }

    /** The whole recipe at once; only what is marked is fixed, a slip is taken back by key. */
    private static void pasted(Page page) {
        page.navigate("/recipes/new");
        page.getByLabel("Have it as text?").fill(DOUGH);
        page.keyboard().press("Tab");
        assertThat(field(page, "Name")).hasValue("Dough for pies");
        assertThat(field(page, "Portions")).hasValue("4");
        see(page.getByText("a food of its own"));
        Locator rock = field(page, "Line 4");
        rock.fill("1 tbsp oil");
        rock.press("Control+z");
        assertThat(rock).hasValue("1 moon rock");
        rock.press("Control+Shift+z");
        assertThat(rock).hasValue("1 tbsp oil");
        assertThat(page.getByText("a food of its own")).hasCount(0);
        assertThat(field(page, "Step 2")).hasValue("Let it rest 60 minutes.");
        rock.press("Control+Enter");
        see(heading(page, "Dough for pies"));
    }

    /** handbook, section 1: ¾ tsp × 3 is 2¼ tsp; in metric spoons the same without rest. */
    private static void scaled(Page page) {
        Locator goesIn = page.getByLabel("What goes in", new Page.GetByLabelOptions().setExact(true));
        see(goesIn.getByText("3/4 tsp salt"));
        button(page, "× 3").click();
        see(goesIn.getByText("1.2 kg plain flour"));
        field(page, "Measures").selectOption("us");
        see(goesIn.getByText("2 1/4 tsp salt"));
        field(page, "Bags").fill("2");
        see(goesIn.getByText("each · all together").first());
        field(page, "By").selectOption("servings");
        field(page, "Portions").fill("-2");
        see(page.getByRole(AriaRole.ALERT).first());
        field(page, "Portions").fill("6");
        see(page.getByText("× 1.5"));
        button(page, "as written").click();
        see(goesIn.getByText("3/4 tsp salt"));
        see(page.getByText("of hands, 10 as written"));
    }

    /** The dough goes into a pie, by its name. */
    private static void intoAnother(Page page) {
        go(page, "r");
        page.getByRole(AriaRole.LINK, link("Write a recipe")).first().click();
        field(page, "Name").fill("Leek pie");
        field(page, "Portions").fill("4");
        field(page, "Line 1").fill("1 batch dough for pies");
        field(page, "Line 1").press("Enter");
        field(page, "Line 2").fill("3 leeks, sliced");
        field(page, "Step 1").fill("Bake the dough with the leeks at 180 °C for 40 minutes.");
        see(page.getByText("in Dough for pies: no price for plain flour").first());
        button(page, "Put it in the book").click();
        see(page.getByText("First: make Dough for pies"));
        see(page.getByText("180 °C, fan 160 °C"));
        page.getByRole(AriaRole.BUTTON, link("1 batch dough for pies")).click();
        see(page.getByText("400 g plain flour"));
    }

    private static void nextTime(Page page) {
        field(page, "What to do better the next time").fill("one leek more");
        button(page, "Remember").click();
        see(page.getByLabel("Next time", new Page.GetByLabelOptions().setExact(true))
                .getByText("one leek more"));
        page.getByRole(AriaRole.LINK, link("Change")).click();
        page.getByLabel("one leek more").check();
        field(page, "Line 2").fill("4 leeks, sliced");
        button(page, "Save as the next version").click();
        see(page.getByText("version 2"));
        assertThat(page.getByText("one leek more")).hasCount(0);
        page.getByRole(AriaRole.LINK, link("version 1")).click();
        see(page.getByText("This is version 1, as it was."));
        see(page.getByText("3 leeks, sliced"));
        page.goBack();
        see(page.getByText("4 leeks, sliced"));
    }

    /** What is no recipe says so; a script in a name is only a name. */
    private static void broughtIn(Page page) {
        go(page, "r");
        Locator file = page.locator("input[type=file]");
        file.setInputFiles(file("x.json", "{\"@type\":\"Event\",\"name\":\"Market\"}"));
        see(page.getByText("There is no recipe in this file"));
        file.setInputFiles(file("soup.json", """
                {"@context":"https://schema.org","@graph":[{"@type":"Recipe","name":"Soup <img src=x onerror=alert(1)>",
                "recipeYield":"6","recipeIngredient":["1 kg potatoes","2 leeks"],
                "recipeInstructions":[{"@type":"HowToStep","text":"Simmer potatoes and leeks for 30 minutes."}]}]}
                """));
        see(page.getByText("2 lines · 1 steps"));
        button(page, "Look it over and keep it").click();
        button(page, "Put it in the book").click();
        see(heading(page, "Soup"));
    }

    private static FilePayload file(String name, String json) {
        return new FilePayload(name, "application/json", json.getBytes(StandardCharsets.UTF_8));
    }

    private static void found(Page page) {
        go(page, "r");
        field(page, "Find").fill("leek");
        see(heading(page, "Leek pie"));
        assertThat(heading(page, "Dough for pies")).hasCount(0);
        field(page, "Find").fill("flour");
        see(heading(page, "Dough for pies"));
    }

    @Test
    void theSizePanelFitsAPhone() {
        Http demo = Kitchen.demoHousehold();
        try (Browser browser = new Browser(demo, 390, 844)) {
            Page page = browser.page();
            String id = demo.get("/api/recipes")
                    .ok()
                    .path("cards")
                    .get(0)
                    .path("id")
                    .asString();
            page.navigate("/recipes/" + id);
            button(page, "× 3").click();
            see(page.getByText("makes"));
            Object wider = page.evaluate("document.documentElement.scrollWidth - innerWidth");
            org.assertj.core.api.Assertions.assertThat(((Number) wider).intValue())
                    .isLessThanOrEqualTo(0);
            clean(browser);
        }
    }
}
