package wexilla.app.support;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions.IsVisibleOptions;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;

/** How a cook finds her way on the screens. */
public final class Walk {

    private Walk() {}

    /** Goes to a station by its keys. */
    public static void go(Page page, String letter) {
        page.keyboard().press("g");
        page.keyboard().press(letter);
    }

    /** Waits until this is on the screen; where it never is, says what was there instead. */
    public static void see(Locator at) {
        try {
            assertThat(at).isVisible(new IsVisibleOptions().setTimeout(60_000));
        } catch (AssertionError never) {
            String there = at.page().locator("body").innerText();
            throw new AssertionError(never.getMessage() + "\non the screen: " + there, never);
        }
    }

    /** What no cook says: "1494 g", "1129 min", "1 plates", a day as a machine writes it, a number nobody rounded. */
    private static final Pattern NEVER_SAID = Pattern.compile("\\b\\d{4,} (?:g|ml|min|minutes)\\b"
            + "|(?<![\\d./–-])1 (?:plates|portions|packets|meals|bags|boxes|hours|days|dishes|pieces|tins|recipes|batches)\\b"
            + "|\\d\\.\\d{4,}|\\b\\d{4}-\\d\\d-\\d\\d\\b|\\bNaN\\b|\\bundefined\\b|\\[object");

    /** Everybody can use and read the screen as it is now. */
    public static void clean(Browser browser) {
        org.assertj.core.api.Assertions.assertThat(browser.page().innerText("body"))
                .as(browser.page().url())
                .doesNotContainPattern(NEVER_SAID);
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
