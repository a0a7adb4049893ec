package wexilla.app.day;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.files.PaperSheet;
import wexilla.app.files.PaperSheet.Line;
import wexilla.app.files.PaperSheet.Section;
import wexilla.app.onhand.Snapshot;
import wexilla.app.onhand.Snapshots;
import wexilla.app.platform.Problem;
import wexilla.core.clock.DayPlan;
import wexilla.core.cookday.CookDay;
import wexilla.core.cookday.DaySheet;
import wexilla.core.cookday.running.DayRest;
import wexilla.core.kitchen.house.Household;
import wexilla.core.quantity.KitchenMeasure;
import wexilla.core.quantity.text.HeatWords;

/** The cook sheet on paper: the day before, labels first, chop once with bowls, by the clock, by person, washing up. */
@RestController
class CookSheetController {

    private final DayPlans plans;
    private final DayBuild build;
    private final DayBefore dayBefore;
    private final RunningDays running;
    private final Snapshots snapshots;
    private final PaperSheet paper;

    CookSheetController(
            DayPlans plans,
            DayBuild build,
            DayBefore dayBefore,
            RunningDays running,
            Snapshots snapshots,
            PaperSheet paper) {
        this.plans = plans;
        this.build = build;
        this.dayBefore = dayBefore;
        this.running = running;
        this.snapshots = snapshots;
        this.paper = paper;
    }

    /** As the clock shows it: of the running day, or planned with these times and hands. */
    @GetMapping(path = "/api/cookday/sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> sheet(
            Household household,
            @RequestParam(required = false) @Nullable String day,
            @RequestParam(required = false) @Nullable String begin,
            @RequestParam(required = false) @Nullable String doneBy,
            @RequestParam(required = false) @Nullable String hands,
            @RequestParam(required = false) @Nullable String breaks) {
        Snapshot now = snapshots.of(household);
        LocalDate on = day == null ? now.today() : ClockController.day(day);
        DayRows.Stored open = running.open(household, on).orElse(null);
        DayPlan plan;
        Instant begins;
        if (open == null) {
            CookHands asked = CookHands.read(
                    on,
                    begin,
                    doneBy,
                    ClockController.named(ClockController.split(hands), 1, build.cooks(household)),
                    ClockController.split(breaks));
            DayPlans.Planned planned = plans.of(now, asked);
            if (planned.found() == null) {
                throw Problem.at("/day", ClockController.IMPOSSIBLE);
            }
            plan = planned.found().plan();
            begins = planned.begins();
        } else {
            plan = DayRest.plan(open.run());
            begins = open.begins();
        }
        byte[] pdf = paper.pdf(
                "Cook sheet, " + Household.words(on),
                "off your feet " + at(household, begins, plan.handsFree()) + " · bagged and cold "
                        + at(household, begins, plan.end()),
                sections(now, on, plan, begins));
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline()
                                .filename("cook-sheet-" + on + ".pdf")
                                .build()
                                .toString())
                .body(pdf);
    }

    private List<Section> sections(Snapshot now, LocalDate on, DayPlan plan, Instant begins) {
        Household household = now.household();
        CookDay made = CookDay.of(build.pots(now, on), household.measures());
        DaySheet sheet = DaySheet.of(plan);
        List<Section> sections = new ArrayList<>();
        List<Line> before = new ArrayList<>();
        dayBefore.tasks(now, on).forEach(task -> before.add(new Line("", task.words(), task.why())));
        made.dayBefore().forEach(task -> before.add(new Line("", task.words(), task.why())));
        sections.add(new Section("The day before", before));
        sections.add(new Section("Labels first", labels(made, sheet)));
        sections.add(new Section(
                "Chop once, bowl by bowl",
                made.preparations().stream()
                        .map(one -> new Line(
                                "",
                                one.all() + " " + one.what() + ", " + one.how(),
                                one.parts().size() == 1
                                        ? one.parts().get(0).dish()
                                        : one.parts().stream()
                                                .map(part -> part.amount() + " " + part.dish())
                                                .collect(Collectors.joining(" · "))))
                        .toList()));
        sections.add(new Section("By the clock", lines(household, begins, sheet.clock())));
        if (sheet.people().size() > 1) {
            sheet.people().forEach(own -> sections.add(new Section(own.name(), lines(household, begins, own.lines()))));
        }
        sections.add(new Section("Washing up, as it comes free", lines(household, begins, sheet.washing())));
        return sections;
    }

    /** Every pot has labels: by its packets, or its portions where its own steps say how it is cooled. */
    private static List<Line> labels(CookDay made, DaySheet sheet) {
        List<Line> labels = new ArrayList<>();
        sheet.labels().forEach(words -> labels.add(new Line("", words, "")));
        for (CookDay.Pot pot : made.pots()) {
            String title = pot.sized().recipe().title();
            if (sheet.labels().stream().noneMatch(words -> words.startsWith(title + ":"))) {
                labels.add(new Line(
                        "",
                        title + ": " + pot.sized().portions() + " portions, "
                                + pot.style().words(),
                        ""));
            }
        }
        return labels;
    }

    private static List<Line> lines(Household household, Instant begins, List<DaySheet.Line> lines) {
        boolean fahrenheit = household.system() == KitchenMeasure.System.US;
        return lines.stream()
                .map(line -> new Line(
                        at(household, begins, line.minute()),
                        HeatWords.in(line.words(), fahrenheit && line.oven()),
                        HeatWords.in(line.more(), fahrenheit)))
                .toList();
    }

    private static String at(Household household, Instant begins, int minute) {
        return ClockViews.time(begins.plusSeconds(60L * minute), household.zone())
                .substring(11);
    }
}
