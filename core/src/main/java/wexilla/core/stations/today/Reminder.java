package wexilla.core.stations.today;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wexilla.core.keeping.CounterClock;
import wexilla.core.plan.PlanCheck;
import wexilla.core.plan.PlannedMeal;
import wexilla.core.plan.Remark;
import wexilla.core.plan.TakeOut;
import wexilla.core.plan.ahead.Diary;
import wexilla.core.quantity.Trade;
import wexilla.core.stations.plan.Looked;

/**
 * Something a cook wants to be told at its time.
 *
 * @param id the same for the same thing at the same time: told once
 * @param at wall time of the household
 * @param words what is to be done; {@code note} what for, and why then
 */
public record Reminder(String id, Kind kind, LocalDateTime at, String words, String note) {

    /** What is told. */
    public enum Kind {
        TAKE_OUT,
        TONIGHT,
        BEGIN,
        COUNTER,
        TIMER
    }

    private static final LocalTime TONIGHT = LocalTime.of(Trade.whole("remind.tonight-hour"), 0);
    private static final int BEFORE_COLD = Trade.whole("remind.before-cold-minutes");

    private static final Duration TOLD = Duration.ofMinutes(10);

    /** What was due longer ago than this is no news. */
    private static final int LATE_HOURS = Trade.whole("remind.late-hours");

    /** What the plan asks for until tomorrow's end, by time. @param freeze what has to be cooked or frozen tonight */
    public static List<Reminder> of(Looked looked, List<FreezeTonight> freeze, LocalDateTime now) {
        LocalDate today = now.toLocalDate();
        List<Reminder> all = new ArrayList<>();
        for (PlanCheck.Checked meal : looked.check().checked()) {
            takeOuts(meal.takeOut(), all);
            PlannedMeal evening = meal.evening();
            if (!evening.named().isEmpty() && meal.begin().isBefore(evening.tableAt())) {
                String name = evening.when().meal().words();
                all.add(new Reminder(
                        "begin-" + evening.day() + "-" + name + "-" + meal.begin(),
                        Kind.BEGIN,
                        meal.begin(),
                        "Begin " + name + ": " + evening.named(),
                        "on the table at " + Remark.time(evening.tableAt(), evening.day())));
            }
        }
        looked.check().forCookDays().values().forEach(out -> takeOuts(out, all));
        if (!freeze.isEmpty()) {
            all.add(new Reminder(
                    "tonight-" + today,
                    Kind.TONIGHT,
                    today.atTime(TONIGHT),
                    "Cook or freeze tonight: "
                            + freeze.stream()
                                    .map(one -> one.lot().name())
                                    .distinct()
                                    .collect(Collectors.joining(", ")),
                    "raw, on its last evening in the fridge, and no meal wants it"));
        }
        return near(all.stream(), now);
    }

    /** Cooked food that stands about, while there is time to put it away. @param id of its lot */
    public static Reminder counter(String id, String name, CounterClock clock) {
        return new Reminder(
                "counter-" + id,
                Kind.COUNTER,
                clock.by().minusMinutes(BEFORE_COLD),
                "Into the cold: " + name,
                clock.words());
    }

    /** A timer of the cook day. */
    public static Reminder timer(String id, String words, String dish, LocalDateTime due) {
        return new Reminder("timer-" + id + "-" + due, Kind.TIMER, due, words, dish);
    }

    /** Those that are due until tomorrow's end or were lately, the first first. */
    public static List<Reminder> near(Stream<Reminder> all, LocalDateTime now) {
        LocalDateTime until = now.toLocalDate().plusDays(2).atStartOfDay();
        return all.filter(one -> one.at().isBefore(until) && one.at().isAfter(now.minusHours(LATE_HOURS)))
                .sorted(Comparator.comparing(Reminder::at).thenComparing(Reminder::id))
                .toList();
    }

    /** As an entry of a calendar, which tells it where no page is open. */
    public Diary.Entry entry() {
        return new Diary.Entry(id, at, TOLD, words, note, true);
    }

    private static void takeOuts(List<TakeOut> out, List<Reminder> all) {
        for (TakeOut one : TakeOut.summed(out)) {
            all.add(new Reminder(
                    "out-" + one.lot() + "-" + one.by(),
                    Kind.TAKE_OUT,
                    one.by(),
                    "Take out " + one.amount() + " " + one.name(),
                    "for " + Remark.day(one.forDay()) + "; " + one.rule()));
        }
    }
}
