package wexilla.app.day;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.day.ClockViews.ClockLane;
import wexilla.app.day.ClockViews.ClockTask;
import wexilla.app.onhand.Snapshot;
import wexilla.app.onhand.Snapshots;
import wexilla.app.platform.Problem;
import wexilla.core.clock.DayPlan;
import wexilla.core.cookday.DayNight;
import wexilla.core.cookday.running.DayRest;
import wexilla.core.cookday.running.DayTask;
import wexilla.core.kitchen.house.Household;
import wexilla.core.quantity.KitchenMeasure;
import wexilla.core.quantity.text.HeatWords;

/** The counter clock: everything of a cook day on one clock, for hands, flames, ovens and cold. */
@RestController
class ClockController {

    private final DayPlans plans;
    private final DayBuild build;
    private final RunningDays running;
    private final Snapshots snapshots;

    ClockController(DayPlans plans, DayBuild build, RunningDays running, Snapshots snapshots) {
        this.plans = plans;
        this.build = build;
        this.running = running;
        this.snapshots = snapshots;
    }

    record EarlierView(String what, int minutes) {}

    /**
     * @param run the id of the day where it was begun; absent before
     * @param now minutes since its begin, where it was begun; absent before
     * @param minutes of the whole day, {@code handsMin} until the hands are free
     * @param handsFree ISO date and time: off your feet; {@code handsFreeLate} where interruptions take their part
     * @param cold ISO date and time: bagged and cold
     * @param people how many cook, {@code cooks} who could
     * @param impossible why there is no plan; empty when there is one
     */
    record ClockView(
            String day,
            @Nullable String run,
            @Nullable Integer now,
            String begin,
            String handsFree,
            String handsFreeLate,
            String cold,
            int minutes,
            int handsMin,
            int people,
            List<String> cooks,
            List<ClockLane> lanes,
            List<ClockTask> tasks,
            List<EarlierView> earlier,
            List<String> warnings,
            String impossible) {}

    /**
     * @param hands who cooks from when to when, apart by commas: "Nora;14:00;17:30,Tomas"
     * @param breaks when nobody cooks, apart by commas: "15:00;30"
     * @param people how many of those who could cook, where {@code hands} names nobody
     */
    @GetMapping("/api/cookday/clock")
    ClockView clock(
            Household household,
            @RequestParam(required = false) @Nullable String day,
            @RequestParam(required = false) @Nullable String begin,
            @RequestParam(required = false) @Nullable String doneBy,
            @RequestParam(required = false) @Nullable String hands,
            @RequestParam(required = false) @Nullable String breaks,
            @RequestParam(defaultValue = "1") int people) {
        Snapshot now = snapshots.of(household);
        LocalDate on = day == null ? now.today() : day(day);
        List<String> cooks = build.cooks(household);
        CookHands asked = CookHands.read(on, begin, doneBy, named(split(hands), people, cooks), split(breaks));
        DayRows.Stored open = running.open(household, on).orElse(null);
        if (open != null) {
            return running(household, open, cooks);
        }
        DayPlans.Planned planned = plans.of(now, asked);
        if (planned.found() == null) {
            return new ClockView(
                    on.toString(),
                    null,
                    null,
                    "",
                    "",
                    "",
                    "",
                    0,
                    0,
                    asked.hands().size(),
                    cooks,
                    List.of(),
                    List.of(),
                    List.of(),
                    planned.missing(),
                    IMPOSSIBLE);
        }
        List<EarlierView> earlier = planned.earlier().stream()
                .map(one -> new EarlierView(one.what(), one.minutes()))
                .toList();
        DayPlan plan = planned.found().plan();
        List<DayTask.State> states = Collections.nCopies(plan.starts().size(), DayTask.State.TO_DO);
        ZoneId zone = household.zone();
        ClockViews.Laid laid = ClockViews.of(plan, states, planned.begins(), household);
        return new ClockView(
                on.toString(),
                null,
                null,
                ClockViews.time(planned.begins(), zone),
                ClockViews.time(planned.begins().plusSeconds(60L * plan.handsFree()), zone),
                ClockViews.time(planned.begins().plusSeconds(60L * plan.handsFreeLate()), zone),
                ClockViews.time(planned.begins().plusSeconds(60L * plan.end()), zone),
                plan.end(),
                plan.handsFree(),
                plan.problem().people().size(),
                cooks,
                laid.lanes(),
                laid.tasks(),
                earlier,
                Stream.of(
                                build.mind(now, on),
                                DayNight.heatThatEnds(plan, LocalDateTime.ofInstant(planned.begins(), zone)),
                                planned.found().warnings())
                        .flatMap(List::stream)
                        .map(words -> HeatWords.in(words, household.system() == KitchenMeasure.System.US))
                        .toList(),
                "");
    }

    static final String IMPOSSIBLE =
            "These steps cannot follow each other as soon as they must with who and what is there:"
                    + " leave a dish out, stay longer, or let somebody help.";

    private ClockView running(Household household, DayRows.Stored open, List<String> cooks) {
        ZoneId zone = household.zone();
        List<DayTask.State> states =
                open.run().tasks().stream().map(DayTask::state).toList();
        ClockViews.Laid laid = ClockViews.of(DayRest.plan(open.run()), states, open.begins(), household);
        int free = open.run().handsFree();
        int minute = RunningDays.minute(open, running.now());
        return new ClockView(
                open.day().toString(),
                open.id().toString(),
                minute,
                ClockViews.time(open.begins(), zone),
                ClockViews.time(RunningDays.at(open, free), zone),
                ClockViews.time(RunningDays.at(open, DayRest.plan(open.run()).handsFreeLate()), zone),
                ClockViews.time(RunningDays.at(open, open.run().end()), zone),
                open.run().end(),
                free,
                open.run().day().people().size(),
                cooks,
                laid.lanes(),
                laid.tasks(),
                List.of(),
                open.run().told(),
                "");
    }

    static List<String> split(@Nullable String all) {
        return all == null || all.isBlank() ? List.of() : List.of(all.split(",", -1));
    }

    /** Those who were named, or the first so many of those who could. */
    static List<String> named(@Nullable List<String> hands, int people, List<String> cooks) {
        if (hands != null && !hands.isEmpty()) {
            return hands;
        }
        if (people < 1 || people > CookHands.MOST_PEOPLE) {
            throw Problem.at("/people", "From 1 to " + CookHands.MOST_PEOPLE + " people cook, not " + people + ".");
        }
        List<String> who = new ArrayList<>();
        for (int i = 0; i < people; i++) {
            who.add(i < cooks.size() ? cooks.get(i) : "cook " + (i + 1));
        }
        return who;
    }

    static LocalDate day(String text) {
        try {
            return LocalDate.parse(text);
        } catch (DateTimeParseException unreadable) {
            throw Problem.at("/day", "“" + text + "” is no day; write it like 2026-11-28.");
        }
    }
}
