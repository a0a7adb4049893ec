package wexilla.app.today;

import java.time.Duration;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.cook.Standing;
import wexilla.app.day.RunningDays;
import wexilla.app.household.Reference;
import wexilla.app.onhand.Snapshot;
import wexilla.app.onhand.Snapshots;
import wexilla.app.plan.PlanKitchen;
import wexilla.core.keeping.CounterClock;
import wexilla.core.kitchen.house.Household;
import wexilla.core.stations.plan.Looked;
import wexilla.core.stations.today.FreezeTonight;
import wexilla.core.stations.today.Reminder;

/** What the page of a phone or tablet tells at its time, while it is open. */
@RestController
class RemindersController {

    /** Packets for these days may have to leave the freezer by tomorrow. */
    private static final int AHEAD = 4;

    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("yyyy-MM-dd'T'HH:mm");

    private final PlanKitchen evenings;
    private final Reference reference;
    private final Snapshots snapshots;
    private final Standing standing;
    private final RunningDays days;

    RemindersController(
            PlanKitchen evenings, Reference reference, Snapshots snapshots, Standing standing, RunningDays days) {
        this.evenings = evenings;
        this.reference = reference;
        this.snapshots = snapshots;
        this.standing = standing;
        this.days = days;
    }

    /**
     * @param at ISO date and time of the household; {@code seconds} from this answer until then, below zero when it is past:
     *     by them a device goes, whatever its clock says
     */
    record ReminderView(String id, Reminder.Kind kind, String at, long seconds, String words, String note) {}

    @GetMapping("/api/reminders")
    List<ReminderView> reminders(Household household) {
        Snapshot snapshot = snapshots.of(household);
        LocalDateTime now = snapshot.now();
        Looked looked = evenings.look(snapshot, snapshot.today().plusDays(AHEAD));
        List<Reminder> all = new ArrayList<>(Reminder.of(
                looked, FreezeTonight.of(snapshot.open(), looked, reference.keeping(), snapshot.today()), now));
        standing.dishes(household)
                .forEach(dish -> all.add(Reminder.counter(
                        dish.lot().toString(),
                        dish.name(),
                        CounterClock.of(dish.since().atZone(household.zone()).toLocalDateTime(), now))));
        days.ringing(household)
                .forEach(timer -> all.add(Reminder.timer(
                        timer.id().toString(),
                        timer.words(),
                        timer.dish(),
                        timer.due().atZone(household.zone()).toLocalDateTime())));
        return Reminder.near(all.stream(), now).stream()
                .map(one -> new ReminderView(
                        one.id(),
                        one.kind(),
                        TIME.format(one.at()),
                        Duration.between(now, one.at()).toSeconds(),
                        one.words(),
                        one.note()))
                .toList();
    }
}
