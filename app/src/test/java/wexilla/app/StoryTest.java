package wexilla.app;

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
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import wexilla.app.onhand.Ledger;
import wexilla.app.support.Browser;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;
import wexilla.app.support.Sample;

/** The whole loop once, in an empty household, typed in by hand: from who eats to an eaten meal. */
class StoryTest {

    private final Http http = Kitchen.emptyHousehold();

    @AfterEach
    void booksAreRight() {
        org.assertj.core.api.Assertions.assertThat(Kitchen.bean(Ledger.class).mismatches())
                .isEmpty();
    }

    @Test
    void fromAnEmptyHouseholdToAnEatenMeal() {
        try (Browser browser = new Browser(http, 1280, 800)) {
            Page page = browser.page();
            whoEats(page);
            clean(browser);
            theFreezerAsANote(page);
            clean(browser);
            namesOfDinners(page);
            anEvening(page);
            clean(browser);
            aBigBuy(page);
            clean(browser);
            theList(page);
            clean(browser);
            justCooked(page);
            packed(page);
            clean(browser);
            eaten(page);
            clean(browser);
            org.assertj.core.api.Assertions.assertThat(browser.complaints()).isEmpty();
        }
    }

    private static void whoEats(Page page) {
        page.navigate("/");
        see(page.getByText("Ten minutes to begin"));
        page.getByRole(AriaRole.LINK, link("Say who eats")).click();
        field(page, "Teenagers").fill("1");
        button(page, "Set the table").click();
        see(heading(page, "Our kitchen"));
        see(page.getByText("plates at a full table of 3"));
    }

    private static void theFreezerAsANote(Page page) {
        go(page, "t");
        page.getByRole(AriaRole.LINK, link("Type what is in the freezer")).click();
        field(page, "Write down what is there").fill("3 x 500 g mince Oct\n2 bolognese for 6\n2 mystery");
        see(page.getByText("a food of your own"));
        button(page, "Put it away").click();
        // 12 plates of bolognese and 10 of mince at 150 g, for a table of 3.2 plates
        see(heading(page, "6 dinners in the freezer"));
        see(page.getByText("eat the minced beef first"));
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("minced beef"))
                .first()
                .click();
        page.getByRole(AriaRole.DIALOG).getByLabel("How much").fill("2 handfuls of");
        page.getByRole(AriaRole.DIALOG)
                .getByText("Used", new Locator.GetByTextOptions().setExact(true))
                .click();
        see(page.getByRole(AriaRole.DIALOG).getByRole(AriaRole.ALERT));
        page.getByRole(AriaRole.DIALOG).getByLabel("How much").fill("200 g");
        page.getByRole(AriaRole.DIALOG)
                .getByText("Used", new Locator.GetByTextOptions().setExact(true))
                .click();
        see(page.getByText("Used: 200 g minced beef"));
    }

    private static void namesOfDinners(Page page) {
        go(page, "r");
        page.getByLabel("Dinners you already cook").fill("fish pie\nlentil soup\n<b>pancakes</b>");
        button(page, "Put the names in the book").click();
        see(page.getByText("<b>pancakes</b>"));
    }

    private static void anEvening(Page page) {
        go(page, "l");
        page.locator("fieldset.weeks")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Wed 25 Nov, dinner"))
                .click();
        Locator panel = page.getByRole(AriaRole.DIALOG);
        panel.getByText("from freezer or fridge", new Locator.GetByTextOptions().setExact(true))
                .click();
        panel.getByText("bolognese · 12").click();
        panel.getByLabel("With", new Locator.GetByLabelOptions().setExact(true)).fill("100 g pasta");
        panel.getByText("Keep this meal").click();
        see(page.locator(".board-buy").getByText("pasta"));
        see(page.locator("fieldset.weeks").getByText("take out bolognese"));
        see(page.getByText("1 of 14 meals planned"));
    }

    private static void aBigBuy(Page page) {
        go(page, "s");
        field(page, "Big buy").fill("pork shoulder, bone in");
        field(page, "Weight").fill("3.2 kg");
        field(page, "Price").fill("17.57");
        see(heading(page, "13 plates"));
        button(page, "Another part").click();
        field(page, "Becomes").fill("bean pot");
        field(page, "Per cent").fill("120");
        see(page.getByRole(AriaRole.ALERT).first());
        field(page, "Per cent").fill("50");
        field(page, "Makes plates").fill("16");
        see(heading(page, "22 plates"));
        button(page, "Keep this plan").click();
        see(page.getByText("Stretch: pork shoulder, bone in, 1 part"));
        button(page, "The joint is cooked").click();
        see(page.getByText("Cooked: pork shoulder, bone in into 2 parts"));
    }

    private static void theList(Page page) {
        go(page, "b");
        see(heading(page, "1 thing to buy"));
        field(page, "Also").fill("2 l milk");
        button(page, "Put on the list").click();
        see(heading(page, "2 things to buy"));
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("In the basket: milk"))
                .click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("In the basket: pasta"))
                .click();
        see(page.getByText("Nothing is missing")
                .or(heading(page, "0 things to buy"))
                .first());
        field(page, "The till said").fill("3.40");
        button(page, "Home: put it away").click();
        see(page.getByText("Put away: 2 things"));
        see(page.getByText("Nothing is missing"));
    }

    private static void justCooked(Page page) {
        go(page, "c");
        field(page, "Called").fill("Mince pan");
        field(page, "Portions out").fill("6");
        field(page, "What else went in from stock").fill("minced");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("minced beef · 500 g"))
                .first()
                .click();
        button(page, "Write it down").click();
        see(heading(page, "6 portions to pack"));
    }

    private static void packed(Page page) {
        field(page, "Portions a packet").fill("3");
        see(page.getByText("these 2 are one meal"));
        page.getByText("these 2 are one meal").click();
        see(page.getByText("part 2 of 2"));
        button(page, "write by hand").click();
        see(page.getByText("3 portions, part 1/2"));
        button(page, "Pack 2 packets").click();
        see(page.getByText("Nothing waits on the counter"));
    }

    private void eaten(Page page) {
        go(page, "t");
        page.getByRole(AriaRole.LINK, link("Decide tonight")).click();
        page.locator("fieldset.weeks")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Mon 23 Nov, dinner"))
                .click();
        page.getByRole(AriaRole.DIALOG)
                .getByLabel("Dish", new Locator.GetByLabelOptions().setExact(true))
                .fill("lentil soup");
        page.getByRole(AriaRole.DIALOG).getByText("Keep this meal").click();
        go(page, "t");
        see(heading(page, "Tonight: lentil soup"));
        field(page, "Portions left").fill("1");
        page.getByText("again soon").click();
        page.getByText("Adult 2").click();
        button(page, "That is how it was").click();
        see(page.getByText("eaten as planned"));
        go(page, "e");
        see(page.getByText("Adult 2 would not eat it"));
        org.assertj.core.api.Assertions.assertThat(Sample.amounts(http, "lentil soup"))
                .containsExactly("1 portion");
    }
}
