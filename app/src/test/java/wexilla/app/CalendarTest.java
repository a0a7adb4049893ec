package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import biweekly.Biweekly;
import biweekly.ICalVersion;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import wexilla.app.files.CalendarFile;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;
import wexilla.app.support.Sample;
import wexilla.app.support.StoryKitchen;
import wexilla.core.plan.ahead.Diary;

/** The plan as a calendar, read by another library than the one that wrote it (RFC 5545), and as a sheet of paper. */
class CalendarTest extends StoryKitchen {

    private static final ZoneId ZONE = ZoneId.of("Europe/Dublin");

    private static VEvent event(ICalendar calendar, String title) {
        return calendar.getEvents().stream()
                .filter(one -> one.getSummary().getValue().contains(title))
                .findFirst()
                .orElseThrow(() -> new AssertionError(title + " is not in " + calendar));
    }

    private static String text(Http.Answer answer) {
        return new String(answer.bytes(), StandardCharsets.UTF_8);
    }

    private static String local(VEvent event) {
        return event.getDateStart()
                .getValue()
                .toInstant()
                .atZone(ZONE)
                .toLocalDateTime()
                .toString();
    }

    @Test
    void mealsTakeOutsAndCookDaysInTheZoneOfTheHousehold() {
        setting("zone", "Europe/Dublin");
        http.act(
                        "/api/onhand/note",
                        Map.of("text", "2 fish pie for 4", "place", Sample.place(http, "Freezer, top drawer")))
                .ok();
        evening("2026-11-25", "Leek pasta", 2);
        http.act(
                        "/api/plan/evening",
                        Sample.evening(
                                "2026-11-27", "STOCK", List.of(), List.of(Map.of("text", "fish pie", "portions", 4))))
                .ok();
        Http.Answer file = http.get("/api/plan/calendar.ics");
        ICalendar calendar = Biweekly.parse(text(file)).first();
        assertThat(calendar.validate(ICalVersion.V2_0).toString()).isEmpty();
        assertThat(text(file)).contains("BEGIN:VTIMEZONE").contains("TZID=Europe/Dublin");
        assertThat(local(event(calendar, "Dinner: Leek pasta"))).isEqualTo("2026-11-25T18:30");
        VEvent out = event(calendar, "Take out");
        // four portions are 1.6 kg: a day, whatever their shape
        assertThat(local(out)).isEqualTo("2026-11-26T18:30");
        assertThat(out.getAlarms()).hasSize(1);
        Set<String> ids = new HashSet<>();
        calendar.getEvents()
                .forEach(one -> assertThat(ids.add(one.getUid().getValue())).isTrue());
    }

    /** The clock goes forward on 28 March 2027: dinner stays at half past six. */
    @Test
    void acrossSummerTime() {
        CalendarFile file = new CalendarFile();
        LocalDateTime before = LocalDateTime.of(2027, 3, 27, 18, 30);
        List<Diary.Entry> entries = new ArrayList<>();
        for (int day = 0; day < 3; day++) {
            entries.add(new Diary.Entry(
                    "meal-" + day, before.plusDays(day), Duration.ofMinutes(45), "Dinner " + day, "", false));
        }
        byte[] written = file.of("harbour", entries, ZONE, Instant.parse("2027-03-20T10:00:00Z"));
        ICalendar calendar =
                Biweekly.parse(new String(written, StandardCharsets.UTF_8)).first();
        for (int day = 0; day < 3; day++) {
            assertThat(local(event(calendar, "Dinner " + day)))
                    .isEqualTo(before.plusDays(day).toString());
        }
    }

    @Test
    void thePrivateAddressIsASecretThatCanBeReplaced() {
        evening("2026-11-25", "Leek pasta", 2);
        assertThat(http.get("/api/plan/feed").ok().has("path")).isFalse();
        http.act("/api/plan/feed", Map.of()).ok();
        String feed = http.get("/api/plan/feed").ok().path("path").asString();
        Http stranger = new Http(http.port(), UUID.randomUUID());
        assertThat(text(stranger.get(feed))).contains("Dinner: Leek pasta");
        http.act("/api/plan/feed", Map.of()).ok();
        assertThat(stranger.get(feed).status()).isEqualTo(404);
        assertThat(stranger.get("/api/feed/" + "0".repeat(48)).status()).isEqualTo(404);
        assertThat(Kitchen.emptyHousehold().get("/api/plan/feed").ok().has("path"))
                .isFalse();
    }

    @Test
    void aWeekForTheFridgeDoor() throws IOException {
        evening("2026-11-25", "Leek pasta", 2);
        try (PDDocument pdf = Loader.loadPDF(http.get("/api/plan/sheet.pdf").bytes())) {
            String text = new PDFTextStripper().getText(pdf);
            assertThat(text).contains("Wed 25 Nov").contains("Dinner: Leek pasta");
        }
        assertThat(http.get("/api/plan/sheet.pdf?from=someday").field()).isEqualTo("/day");
    }
}
