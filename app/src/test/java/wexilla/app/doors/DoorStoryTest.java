package wexilla.app.doors;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import wexilla.app.support.Browser;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;

/** A cook locks the kitchen and invites somebody, who comes in on a phone, as far as his role goes, until he is signed out. */
class DoorStoryTest {

    private static final String PHRASE = "harbour kettle window";

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    @Test
    void aShopperIsInvited() {
        Http http = Kitchen.emptyHousehold();
        try (Browser cook = new Browser(http, 1280, 800);
                Browser phone = new Browser(http, 390, 844)) {
            Page page = cook.page();
            page.navigate("/household");
            page.getByLabel("Your name").fill("Ines");
            page.getByLabel("Pass phrase of the household").fill("short");
            button(page, "Set the phrase").click();
            assertThat(page.getByText("A phrase has at least 10 letters")).isVisible();
            page.getByLabel("Pass phrase of the household").fill(PHRASE);
            button(page, "Set the phrase").click();
            button(page, "Invite somebody").click();
            page.getByLabel("Who", new Page.GetByLabelOptions().setExact(true)).fill("Alma");
            button(page, "Make the invitation").click();
            Locator code = page.locator("p", new Page.LocatorOptions().setHasText("-"))
                    .filter(new Locator.FilterOptions().setHasText(java.util.regex.Pattern.compile("^[A-Z0-9-]{14}$")));
            assertThat(code).isVisible();
            assertThat(cook.axe()).isEmpty();

            Page shop = phone.page();
            shop.navigate("/shop");
            assertThat(shop.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Who is at the door?")))
                    .isVisible();
            assertThat(phone.axe()).isEmpty();
            shop.getByLabel("Your name").fill("Alma");
            shop.getByLabel("Pass phrase of the household").fill("not the phrase");
            button(shop, "Come in").click();
            assertThat(shop.getByText("No cook of this name comes in by this phrase."))
                    .isVisible();
            shop.navigate("/come-in#" + code.innerText());
            button(shop, "Come in").click();
            assertThat(shop).hasURL(java.util.regex.Pattern.compile("/$"));
            shop.navigate("/shop");
            shop.getByLabel("Also").fill("2 onions");
            button(shop, "Put on the list").click();
            assertThat(shop.getByText("On the list: 2 onions")).isVisible();

            shop.navigate("/household");
            assertThat(button(shop, "Sign out here")).isVisible();

            page.navigate("/history");
            assertThat(page.getByText("Alma, ")).isVisible();
            page.navigate("/household");
            page.getByText("Sign it out").click();
            assertThat(page.getByText("not signed in anywhere")).isVisible();
            shop.navigate("/shop");
            assertThat(shop.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Who is at the door?")))
                    .isVisible();
            assertThat(cook.complaints()).isEmpty();
            assertThat(phone.complaints()).isEmpty();
        }
    }
}
