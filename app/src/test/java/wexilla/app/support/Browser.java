package wexilla.app.support;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.AxeResults;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Debian's Chromium, headless, seen by one household. What the page complains about is kept for the test to read. */
public final class Browser implements AutoCloseable {

    private static final List<String> ARGUMENTS = List.of(
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync");

    /** What it says where a test keeps no pages. */
    private static final String NO_WORKER = "Service Worker registration blocked";

    private final Playwright playwright;
    private final com.microsoft.playwright.Browser browser;
    private final BrowserContext context;
    private final List<String> complaints = new ArrayList<>();
    private final Page page;

    public Browser(Http http, int width, int height) {
        this(http, width, height, ServiceWorkerPolicy.BLOCK);
    }

    /** One that keeps the pages for when there is no network. */
    public static Browser pocket(Http http) {
        return new Browser(http, 390, 844, ServiceWorkerPolicy.ALLOW);
    }

    private Browser(Http http, int width, int height, ServiceWorkerPolicy workers) {
        // patience for a machine that does other things beside; a test that passes does not wait
        PlaywrightAssertions.setDefaultAssertionTimeout(60_000);
        playwright = Playwright.create(
                new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        browser = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium"))
                        .setArgs(ARGUMENTS));
        context = browser.newContext(new com.microsoft.playwright.Browser.NewContextOptions()
                .setViewportSize(width, height)
                .setServiceWorkers(workers)
                .setLocale("en-GB")
                .setTimezoneId("Europe/Paris")
                .setReducedMotion(com.microsoft.playwright.options.ReducedMotion.REDUCE)
                .setBaseURL("http://127.0.0.1:" + http.port())
                .setExtraHTTPHeaders(Map.of("X-Test-Household", http.household().toString())));
        page = newPage();
    }

    /** Another tab of the same cook. */
    public Page newPage() {
        Page tab = context.newPage();
        tab.setDefaultTimeout(60_000);
        // an answer that refuses nonsense shows up as a failed resource; everything else is a complaint
        tab.onConsoleMessage(message -> {
            if (List.of("error", "warning").contains(message.type())
                    && !message.text().contains("status of 4")
                    && !message.text().startsWith(NO_WORKER)) {
                complaints.add(message.text());
            }
        });
        tab.onPageError(complaints::add);
        return tab;
    }

    /** Takes the network away, or gives it back. */
    public void offline(boolean gone) {
        context.setOffline(gone);
    }

    public Page page() {
        return page;
    }

    public List<String> complaints() {
        return complaints;
    }

    /** What axe finds wrong with the page as it stands: WCAG 2.2 AA and best practice. */
    public List<String> axe() {
        // a colour on its way to another one is no colour to judge
        page.evaluate(
                "document.getAnimations().forEach((one) => one.effect?.getComputedTiming().endTime < 1e6 && one.finish())");
        AxeResults results = new AxeBuilder(page).analyze();
        return results.getViolations().stream()
                .map(v -> v.getId() + ": " + v.getHelp() + " "
                        + v.getNodes().stream()
                                .map(n -> String.valueOf(n.getTarget()))
                                .limit(3)
                                .toList())
                .toList();
    }

    @Override
    public void close() {
        playwright.close();
    }
}
