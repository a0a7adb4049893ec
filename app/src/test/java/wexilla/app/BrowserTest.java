package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import wexilla.app.support.Browser;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;
import wexilla.app.support.Sample;
import wexilla.app.support.Walk;

/** The first path in the real browser, typed by hand in an empty household. */
class BrowserTest {

    private final Http http = Kitchen.emptyHousehold();

    @Test
    void aCookTypesANoteAndARecipeCooksPacksAndTakesItAllBack() {
        try (Browser browser = new Browser(http, 1280, 800)) {
            Page page = browser.page();
            page.navigate("/onhand");
            look(page.getByText("Nothing is written down yet")).isVisible();
            note(page);
            Walk.clean(browser);

            recipe(page);
            Walk.clean(browser);
            page.getByRole(AriaRole.LINK, link("Cook this")).click();
            look(page.getByText("1.6 kg from Fridge, leaves 1.6 kg")).isVisible();
            look(page.getByText("Add on the night, not taken now: 200 ml cream"))
                    .isVisible();
            Walk.clean(browser);
            button(page, "Cooked: take it from stock").click();

            look(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("8 portions to pack")))
                    .isVisible();
            page.getByLabel("Portions a packet").fill("4");
            look(page.locator(".packet-label")).hasCount(2);
            look(page.locator(".packet-label").first()).containsText("100 ml cream");
            Walk.clean(browser);
            button(page, "Pack 2 packets").click();
            look(page.getByText("Nothing waits on the counter")).isVisible();
            look(page.getByRole(AriaRole.LINK, link("Label sheet")))
                    .hasAttribute("href", java.util.regex.Pattern.compile("/api/pack/.*pdf"));

            page.keyboard().press("g");
            page.keyboard().press("o");
            look(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("8 plates in the freezer")))
                    .isVisible();
            look(page.locator(".freezer-drawer .packet")).hasCount(2);
            assertThat(Sample.amounts(http, "pork shoulder, bone in")).containsExactly("1.6 kg");

            undoEverything(page);
            Walk.clean(browser);
            assertThat(Sample.amounts(http, "pork shoulder, bone in")).isEmpty();
            assertThat(browser.complaints()).isEmpty();
        }
    }

    private static void note(Page page) {
        Locator note = page.getByLabel("Write down what is there");
        note.fill("3.2 kg pork shoulder, bone in, 17.57\n-1 kg onions\n1 kg dried white beans 3.29");
        look(page.getByText("line 2: an amount cannot be below zero")).isVisible();
        // what is typed survives a reload; what cannot be read is told and refuses nothing else
        page.reload();
        look(note).hasValue("3.2 kg pork shoulder, bone in, 17.57\n-1 kg onions\n1 kg dried white beans 3.29");
        note.fill("-1 kg onions");
        button(page, "Put it away").click();
        look(page.getByRole(AriaRole.ALERT)).containsText("Line 1: an amount cannot be below zero");
        look(note).hasValue("-1 kg onions");
        note.fill(Sample.NOTE);
        look(page.getByLabel("As understood").getByRole(AriaRole.LISTITEM)).hasCount(3);
        // a double click is one act
        button(page, "Put it away").dblclick();
        look(page.getByRole(AriaRole.STATUS)).containsText("On hand: pork shoulder, bone in and 2 more");
        look(note).hasValue("");
        look(page.getByLabel("Fridge", new Page.GetByLabelOptions().setExact(true))
                        .getByText("17.57"))
                .hasCount(1);
    }

    private static void recipe(Page page) {
        page.keyboard().press("g");
        page.keyboard().press("r");
        page.getByRole(AriaRole.LINK, link("Write the first one")).click();
        button(page, "Put it in the book").click();
        look(page.getByRole(AriaRole.ALERT)).containsText("Say how many portions");
        page.getByLabel("Portions").fill("8");
        page.getByLabel("Name").fill("Pork and bean pot");
        page.getByLabel("Line 1", exact()).fill("1.6 kg pork shoulder, bone in");
        page.getByLabel("Line 1", exact()).press("Enter");
        page.getByLabel("Line 2", exact()).fill("two handfuls of");
        look(page.getByText("names no food")).isVisible();
        page.getByLabel("Line 2", exact()).fill("400 g dried white beans, soaked");
        page.getByLabel("Line 2", exact()).press("Enter");
        page.getByLabel("Line 3", exact()).fill("200 ml cream");
        page.getByLabel("on the night").nth(2).check();
        page.getByLabel("Step 1", exact()).fill("Simmer it for three hours.");
        page.getByLabel("After this step").first().selectOption("COOKED");
        button(page, "Another step").click();
        page.getByLabel("Step 2", exact()).fill("Heat until it boils, stir in the cream.");
        look(page.getByText("no price for cream").first()).isVisible();
        look(page.getByText("8.79 €")).isVisible();
        button(page, "Put it in the book").click();
        look(page.getByRole(AriaRole.LINK, link("Cook this"))).isVisible();
        look(page.getByText("can stop here: cooked")).isVisible();
        look(page.getByText("on the night when cooked")).isVisible();
    }

    private static void undoEverything(Page page) {
        page.keyboard().press("g");
        page.keyboard().press("h");
        Locator undo = page.getByRole(AriaRole.LISTITEM)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Undo"));
        undo.last().click();
        look(page.getByRole(AriaRole.ALERT)).containsText("first");
        for (int left = 3; left >= 0; left--) {
            undo.first().click();
            look(undo).hasCount(left);
        }
    }

    /** The answer is lost on the way; what was typed stays, and trying again makes it one act, not two. */
    @Test
    void withoutANetworkNothingTypedIsLost() {
        try (Browser browser = new Browser(http, 390, 844)) {
            Page page = browser.page();
            page.navigate("/onhand");
            Locator note = page.getByLabel("Write down what is there");
            note.fill("2 kg onions 1.78");
            browser.offline(true);
            button(page, "Put it away").click();
            look(page.getByRole(AriaRole.ALERT)).containsText("does not answer");
            look(note).hasValue("2 kg onions 1.78");
            browser.offline(false);
            button(page, "Put it away").click();
            look(page.getByRole(AriaRole.STATUS)).containsText("On hand: onion");
            assertThat(Sample.amounts(http, "onion")).containsExactly("2 kg");
            page.navigate("/recipes");
            page.goBack();
            look(note).hasValue("");
            assertThat(Sample.amounts(http, "onion")).containsExactly("2 kg");
        }
    }

    /** Two tabs: the one that saves second is told, and keeps what was typed. */
    @Test
    void twoTabsDoNotOverwriteEachOther() {
        String id = http.act("/api/recipes", Sample.pot()).ok().path("id").asString();
        try (Browser browser = new Browser(http, 390, 844)) {
            Page first = browser.page();
            Page second = browser.newPage();
            first.navigate("/recipes/" + id + "/edit");
            second.navigate("/recipes/" + id + "/edit");
            look(second.getByLabel("Portions")).hasValue("8");
            first.getByLabel("Portions").fill("10");
            button(first, "Save as the next version").click();
            look(first.getByText("10 portions").first()).isVisible();
            second.getByLabel("Portions").fill("12");
            button(second, "Save as the next version").click();
            look(second.getByRole(AriaRole.ALERT)).containsText("changed in another window");
            look(second.getByLabel("Portions")).hasValue("12");
        }
    }

    @Test
    void onAPhoneEveryStationFitsTheScreen() {
        Http demo = Kitchen.demoHousehold();
        try (Browser browser = new Browser(demo, 390, 844)) {
            for (String station : new String[] {
                "/",
                "/onhand",
                "/stretch",
                "/plan",
                "/shop",
                "/cook",
                "/pack",
                "/eat",
                "/recipes",
                "/recipes/new",
                "/costs",
                "/household",
                "/history"
            }) {
                browser.page().navigate(station);
                look(browser.page().locator("h1")).isVisible();
                Object beyond = browser.page().evaluate("document.documentElement.scrollWidth - window.innerWidth");
                assertThat(((Number) beyond).intValue()).as(station).isLessThanOrEqualTo(0);
                Walk.clean(browser);
            }
            assertThat(browser.complaints()).isEmpty();
        }
    }

    private static LocatorAssertions look(Locator at) {
        return PlaywrightAssertions.assertThat(at);
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    private static Page.GetByRoleOptions link(String name) {
        return new Page.GetByRoleOptions().setName(name);
    }

    private static Page.GetByLabelOptions exact() {
        return new Page.GetByLabelOptions().setExact(true);
    }
}
