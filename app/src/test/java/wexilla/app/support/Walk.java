package wexilla.app.support;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;

/** How a cook finds her way on the screens. */
public final class Walk {

    private Walk() {}

    /** Goes to a station by its keys. */
    public static void go(Page page, String letter) {
        page.keyboard().press("g");
        page.keyboard().press(letter);
    }

    /** Waits until this is on the screen. */
    public static void see(Locator at) {
        assertThat(at)
                .isVisible(
                        new com.microsoft.playwright.assertions.LocatorAssertions.IsVisibleOptions().setTimeout(15000));
    }

    /** Everybody can use the screen as it is now. */
    public static void clean(Browser browser) {
        org.assertj.core.api.Assertions.assertThat(browser.axe())
                .as(browser.page().url())
                .isEmpty();
    }

    /** A heading of exactly this name. */
    public static Locator heading(Page page, String name) {
        return page.getByRole(
                AriaRole.HEADING, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    /** The field of exactly this label. */
    public static Locator field(Page page, String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    /** The button of exactly this name. */
    public static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    /** For a link whose name holds this. */
    public static Page.GetByRoleOptions link(String name) {
        return new Page.GetByRoleOptions().setName(name);
    }
}
