package wexilla.app.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.files.CalendarFile;
import wexilla.app.files.PaperSheet;
import wexilla.app.files.PaperSheet.Line;
import wexilla.app.files.PaperSheet.Section;
import wexilla.app.household.Households;
import wexilla.app.household.Reference;
import wexilla.app.onhand.Snapshot;
import wexilla.app.onhand.Snapshots;
import wexilla.app.plan.PlanViews.FeedView;
import wexilla.app.platform.Acts;
import wexilla.app.platform.Acts.Said;
import wexilla.app.platform.Problem;
import wexilla.core.kitchen.house.Household;
import wexilla.core.plan.PlanCheck;
import wexilla.core.plan.PlannedMeal;
import wexilla.core.plan.TakeOut;
import wexilla.core.plan.ahead.Diary;
import wexilla.core.stations.plan.Looked;
import wexilla.core.stations.today.FreezeTonight;
import wexilla.core.stations.today.Reminder;

/** The plan for elsewhere: a calendar file, a private address other calendars ask, a sheet for the fridge door. */
@RestController
class CalendarController {

    private static final int DAYS = 35;
    private static final MediaType CALENDAR =
            new MediaType("text", "calendar", java.nio.charset.StandardCharsets.UTF_8);

    private final PlanKitchen evenings;
    private final CalendarFeed feed;
    private final CalendarFile file;
    private final PaperSheet paper;
    private final Households households;
    private final Snapshots snapshots;
    private final Acts acts;
    private final Reference reference;

    CalendarController(
            PlanKitchen evenings,
            CalendarFeed feed,
            CalendarFile file,
            PaperSheet paper,
            Households households,
            Snapshots snapshots,
            Acts acts,
            Reference reference) {
        this.reference = reference;
        this.evenings = evenings;
        this.feed = feed;
        this.file = file;
        this.paper = paper;
        this.households = households;
        this.snapshots = snapshots;
        this.acts = acts;
    }

    @GetMapping(path = "/api/plan/calendar.ics", produces = "text/calendar")
    ResponseEntity<byte[]> calendar(Household household) {
        return ResponseEntity.ok()
                .contentType(CALENDAR)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("plan.ics")
                                .build()
                                .toString())
                .body(written(household));
    }

    /** Whoever knows the address may read it; no sign-in. @param id the secret of the address */
    @GetMapping(path = "/api/feed/{id}", produces = "text/calendar")
    ResponseEntity<byte[]> feed(@PathVariable String id) {
        Household household = feed.household(id)
                .flatMap(known -> households.find(Optional.of(known)))
                .orElseThrow(() -> Problem.missing("There is no calendar at this address, or not any more."));
        return ResponseEntity.ok().contentType(CALENDAR).body(written(household));
    }

    private byte[] written(Household household) {
        Snapshot now = snapshots.of(household);
        Looked looked = evenings.look(now, now.today().plusDays(DAYS - 1L));
        return file.of(
                household.name() + ": meals",
                Stream.concat(
                                Diary.of(looked.check(), looked.ahead()).stream(),
                                Reminder.of(
                                                looked,
                                                FreezeTonight.of(now.open(), looked, reference.keeping(), now.today()),
                                                now.now())
                                        .stream()
                                        .filter(one -> one.kind() == Reminder.Kind.TONIGHT)
                                        .map(Reminder::entry))
                        .toList(),
                household.zone(),
                now.now().atZone(household.zone()).toInstant());
    }

    @GetMapping("/api/plan/feed")
    FeedView address(Household household) {
        String secret = feed.secret(household);
        return new FeedView(secret == null ? null : "/api/feed/" + secret);
    }

    @PostMapping("/api/plan/feed")
    Said renew(Household household, @RequestHeader("Idempotency-Key") String key) {
        return acts.say(household, key, CalendarFeed.KIND, "feed", feed::renew);
    }

    /** A week for the fridge door. @param from ISO day; today when nothing is said */
    @GetMapping(path = "/api/plan/sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> sheet(Household household, @RequestParam(required = false) @Nullable String from) {
        Snapshot now = snapshots.of(household);
        LocalDate first = from == null ? now.today() : Planning.day(from, now.today());
        Looked looked = evenings.look(now, first.plusDays(6));
        List<Section> days = new ArrayList<>();
        for (LocalDate day = first; !day.isAfter(first.plusDays(6)); day = day.plusDays(1)) {
            days.add(new Section(Household.words(day), lines(looked, day)));
        }
        byte[] pdf = paper.pdf(
                "What we eat, " + Household.words(first) + " to " + Household.words(first.plusDays(6)),
                household.name(),
                days);
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline().filename("week.pdf").build().toString())
                .body(pdf);
    }

    private static List<Line> lines(Looked looked, LocalDate day) {
        List<Line> lines = new ArrayList<>();
        for (PlanCheck.Checked meal : looked.check().checked()) {
            PlannedMeal evening = meal.evening();
            if (evening.day().equals(day)) {
                List<String> names =
                        evening.dishes().stream().map(PlannedMeal.Dish::name).toList();
                String what = names.isEmpty() ? "open, or out" : String.join(", ", names);
                String begin = names.isEmpty()
                        ? ""
                        : "begin " + MealTimes.words(meal.begin().toLocalTime());
                String name = evening.when().meal().words();
                lines.add(new Line(
                        MealTimes.words(evening.table()),
                        name.substring(0, 1).toUpperCase(Locale.ROOT) + name.substring(1) + ": " + what,
                        begin));
            }
            for (TakeOut out : TakeOut.summed(meal.takeOut())) {
                if (out.by().toLocalDate().equals(day)) {
                    lines.add(new Line(MealTimes.words(out.by().toLocalTime()), out.words(), out.rule()));
                }
            }
        }
        lines.sort(java.util.Comparator.comparing(Line::mark));
        return lines;
    }
}
