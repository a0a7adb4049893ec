package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;
import static wexilla.app.support.Walk.button;
import static wexilla.app.support.Walk.clean;
import static wexilla.app.support.Walk.field;
import static wexilla.app.support.Walk.see;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import wexilla.app.support.Browser;
import wexilla.app.support.Kitchen;
import wexilla.app.support.Sample;
import wexilla.app.support.StoryKitchen;

/** Kitchen mode as a cook has it: on two devices at once, and a whole day of fifteen meals that does not go as planned. */
class KitchenTest extends StoryKitchen {

    private static final String DAY = "2026-12-05";

    @BeforeEach
    void aKitchen() {
        on("2026-12-05T08:00:00Z");
        for (String name : List.of("Nora", "Tomas")) {
            http.act(
                            "/api/household/people",
                            Map.of(
                                    "version",
                                    0,
                                    "name",
                                    name,
                                    "appetite",
                                    "ADULT",
                                    "allergens",
                                    List.of(),
                                    "flags",
                                    List.of(),
                                    "dislikes",
                                    List.of(),
                                    "chilli",
                                    2,
                                    "active",
                                    true))
                    .ok();
        }
        thing("gas burner", "BURNER", "", 4);
        thing("oven with two racks", "OVEN", "", 1);
        thing("slow cooker", "SLOW_COOKER", "6 l", 1);
    }

    private void thing(String name, String kind, String capacity, int count) {
        http.act(
                        "/api/household/equipment",
                        Map.of("version", 0, "name", name, "kind", kind, "capacity", capacity, "count", count))
                .ok();
    }

    private void put(String title, String... steps) {
        Map<String, Object> recipe = new HashMap<>(
                Sample.recipe(title, 4, List.of("500 g beef mince", "2 onions, diced", "300 g carrots"), List.of()));
        recipe.put("steps", Stream.of(steps).map(text -> Map.of("text", text)).toList());
        String id = http.act("/api/recipes", recipe).ok().path("id").asString();
        http.act("/api/cookday/batches", Map.of("recipe", id, "style", "COOKED", "cookOn", DAY))
                .ok();
    }

    private JsonNode run() {
        return http.get("/api/cookday/run").ok();
    }

    /** Begun on a laptop, done on a phone: both show it, timers survive a reload, each cook sees her own card. */
    @Test
    void twoDevicesOneDay() {
        put("Chilli", "Fry the beef mince 15 minutes.", "Simmer 60 minutes, stir every 20 minutes.");
        put("Roots", "Cut the carrots 20 minutes.", "Roast at 200 °C for 40 minutes.");
        try (Browser laptop = new Browser(http, 1280, 800);
                Browser phone = new Browser(http, 390, 844)) {
            Page page = laptop.page();
            page.navigate("/cook");
            button(page, "Other times, other hands").click();
            button(page, "Nora").click();
            button(page, "Tomas").click();
            see(page.getByText("with Nora and Tomas"));
            button(page, "Begin the day now").click();
            see(page.getByText("off your feet"));
            Page other = phone.page();
            other.navigate("/kitchen");
            other.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("I am: Tomas"))
                    .click();
            Locator nora = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Nora, now"));
            see(nora.getByText("Fry the beef mince"));
            see(other.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Tomas, now"))
                    .getByText("Cut the carrots"));
            clean(laptop);
            clean(phone);
            button(page, "I begin").click();
            // begun at eight: the clock moves on when the kitchen has written it down
            see(button(page, "Done"));
            Kitchen.clock().moveTo(Instant.parse("2026-12-05T08:15:00Z"));
            button(page, "Done").click();
            // a shown second is gone before a busy machine has looked: any second of that minute is right
            see(page.getByText(Pattern.compile("^(20:00|1\\d:\\d\\d)$")).first());
            // the phone was told, and nobody touched it
            see(other.getByText("stir").first());
            other.reload();
            see(other.getByText("stir").first());
            see(other.getByText(Pattern.compile("^(1:00:00|59:\\d\\d)$")).first());
            button(other, "A timer of my own").click();
            field(other, "Timer for").fill("eggs");
            field(other, "Minutes").fill("8");
            button(other, "Set it").click();
            see(page.getByText("eggs"));
            Kitchen.clock().moveTo(Instant.parse("2026-12-05T08:24:00Z"));
            page.reload();
            see(page.getByText("rings").first());
            page.locator(".kitchen-timer", new Page.LocatorOptions().setHasText("eggs"))
                    .getByText("Heard")
                    .click();
            see(page.getByText("Heard: eggs"));
            button(page, "A timer of my own").click();
            field(page, "Timer for").fill("");
            button(page, "Set it").click();
            see(page.getByText("Say what the timer is for"));
            assertThat(laptop.complaints()).isEmpty();
            assertThat(phone.complaints()).isEmpty();
        }
    }

    /** Fifteen meals: everything a little late, forty minutes of rest, the slow cooker fails; to the last packet, by taps alone. */
    @Test
    void fifteenMeals() {
        for (int i = 1; i <= 3; i++) {
            put("Chilli " + i, "Fry the beef mince 10 minutes.", "Simmer 40 minutes.");
            put("Bake " + i, "Cut the carrots 10 minutes.", "Bake at " + (180 + 10 * i) + " °C for 40 minutes.");
            put("Soup " + i, "Dice the onions 8 minutes.", "Simmer 30 minutes.");
            put("Patties " + i, "Shape the beef mince 10 minutes.", "Bake at 200 °C for 20 minutes.");
        }
        put("Pulled beef", "Slow cook on low 6 hours.", "Pull it apart 10 minutes.");
        put("Beans", "Slow cook on high 3 hours.");
        put("Salad", "Slice the carrots 10 minutes.");
        http.act("/api/cookday/run", Map.of("day", DAY, "hands", List.of("Nora")))
                .ok();
        Instant now = Instant.parse("2026-12-05T08:00:00Z");
        try (Browser browser = new Browser(http, 1280, 900)) {
            Page page = browser.page();
            page.navigate("/kitchen");
            int taps = 0;
            boolean failed = false;
            boolean rested = false;
            while (!run().path("over").asBoolean() && taps < 260) {
                JsonNode run = run();
                now = Instant.ofEpochMilli(next(run)).plusSeconds(60L * (taps % 4 == 0 ? 3 : 0));
                if (now.isBefore(Kitchen.clock().instant())) {
                    now = Kitchen.clock().instant();
                }
                Kitchen.clock().moveTo(now);
                if (rested && failed) {
                    // the buttons are known by now: the rest of the day is told as a phone would tell it
                    tell(run());
                    taps++;
                    continue;
                }
                page.reload();
                if (!rested && taps > 6) {
                    rested = true;
                    button(page, "More: who, what fails, dishes").click();
                    button(page, "40 min").click();
                    page.waitForCondition(
                            () -> !run().path("hands").get(0).path("there").asBoolean());
                } else if (!failed && slowCookerRuns(run)) {
                    failed = true;
                    button(page, "More: who, what fails, dishes").click();
                    button(page, "slow cooker").click();
                    Locator waits = page.locator("form[aria-label$=waits]");
                    see(waits.first());
                    while (waits.count() > 0) {
                        int before = waits.count();
                        field(page, "Minutes").first().fill("90");
                        button(page, "Like that").first().click();
                        // what stands first is another one only when this one is off the screen
                        page.waitForCondition(() -> waits.count() < before);
                    }
                    assertThat(run().path("waiting")).isEmpty();
                } else {
                    tap(page);
                }
                taps++;
            }
            assertThat(run().path("over").asBoolean())
                    .as("after %s taps: %s", taps, run())
                    .isTrue();
            assertThat(failed && rested).isTrue();
            page.reload();
            see(page.getByText("All is done, bagged and cold"));
            button(page, "More: who, what fails, dishes").click();
            button(page, "Close the day").click();
            see(page.getByText("What are you cooking?"));
        }
    }

    private static boolean slowCookerRuns(JsonNode run) {
        return run.path("tasks")
                .valueStream()
                .anyMatch(task -> task.path("text").asString().startsWith("Slow cook")
                        && task.path("state").asString().equals("BEGUN"));
    }

    /** When something has to be tapped next, in milliseconds. */
    private long next(JsonNode run) {
        if (run.path("toBegin").size() + run.path("toEnd").size() > 0
                || run.path("hands").valueStream().anyMatch(hands -> hands.has("now"))) {
            long busy = run.path("tasks")
                    .valueStream()
                    .filter(task -> task.path("state").asString().equals("BEGUN")
                            && task.path("hands").asBoolean())
                    .mapToLong(task -> run.path("now").asLong()
                            + 60_000L
                                    * (task.path("to").asInt()
                                            - run.path("minute").asInt()))
                    .min()
                    .orElse(run.path("now").asLong());
            return Math.max(busy, run.path("now").asLong());
        }
        return run.path("tasks")
                .valueStream()
                .filter(task ->
                        List.of("BEGUN", "TO_DO").contains(task.path("state").asString()))
                .mapToLong(task -> run.path("now").asLong()
                        + 60_000L
                                * ((task.path("state").asString().equals("BEGUN")
                                                ? task.path("to").asInt()
                                                : task.path("from").asInt())
                                        - run.path("minute").asInt()))
                .min()
                .orElse(run.path("now").asLong());
    }

    /** What asks loudest is told: taken off, put on, done. */
    private void tell(JsonNode run) {
        List<Integer> done = new ArrayList<>();
        run.path("toEnd").forEach(pos -> done.add(pos.asInt()));
        boolean ends = !done.isEmpty();
        boolean begins = !ends && !run.path("toBegin").isEmpty();
        if (begins) {
            done.add(run.path("toBegin").get(0).asInt());
        }
        run.path("hands").forEach(hands -> {
            if (hands.has("now")) {
                done.add(hands.path("now").asInt());
            }
        });
        if (!done.isEmpty()) {
            Map<String, Object> told = Map.of("pos", done.get(0), "what", begins ? "BEGIN" : "DONE");
            http.act("/api/cookday/run/" + run.path("id").asString() + "/task", told)
                    .ok();
        }
    }

    /** Whatever asks loudest: put on, take off, done. */
    private void tap(Page page) {
        JsonNode before = run();
        Locator loudest = page.locator(".kitchen-timers .btn-primary, .kitchen-done:not([disabled])")
                .first();
        see(loudest);
        loudest.click();
        page.waitForCondition(() -> !run().equals(before));
    }
}
