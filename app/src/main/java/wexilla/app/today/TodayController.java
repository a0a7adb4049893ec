package wexilla.app.today;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.household.Reference;
import wexilla.app.onhand.LotView;
import wexilla.app.onhand.Snapshot;
import wexilla.app.onhand.Snapshots;
import wexilla.app.plan.PlanKitchen;
import wexilla.app.platform.Portions;
import wexilla.core.keeping.KeepDates.Urgency;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.house.Household;
import wexilla.core.plan.PlanCheck;
import wexilla.core.plan.TakeOut;
import wexilla.core.stations.plan.DishThere;
import wexilla.core.stations.plan.Looked;
import wexilla.core.stations.today.FreezeTonight;
import wexilla.core.stations.today.TakenLate;

/** Today: what to take out, what to use first, what to freeze tonight, the week's cost, and first steps. */
@RestController
class TodayController {

    private static final int AHEAD = 4;
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("yyyy-MM-dd'T'HH:mm");

    private final PlanKitchen evenings;
    private final FirstSteps firstSteps;
    private final Reference reference;
    private final Spent spent;
    private final Snapshots snapshots;

    TodayController(
            PlanKitchen evenings, FirstSteps firstSteps, Reference reference, Spent spent, Snapshots snapshots) {
        this.evenings = evenings;
        this.firstSteps = firstSteps;
        this.reference = reference;
        this.spent = spent;
        this.snapshots = snapshots;
    }

    /**
     * Something to take out of the freezer.
     *
     * @param amount of the lot that is wanted, {@code all} whether that is all of it
     * @param by ISO date and time, the latest so that it is thawed in time
     * @param late whether that is over; {@code ways} what can be done then
     */
    record OutView(
            String lot,
            String name,
            String amount,
            boolean all,
            String place,
            String by,
            String forDay,
            String rule,
            boolean late,
            List<String> ways) {}

    /** A dish that is in the fridge and nobody eats yet: on the table within minutes. */
    record FitsView(String batch, String name, BigDecimal free) {}

    /** A first step of an empty household. */
    record FirstStep(String words, String to, boolean done) {}

    /** @param used what was eaten, {@code paid} at the till, {@code binned}; decimal money of the last seven days */
    record WeekView(String used, String paid, String binned) {}

    /** @param amount of it that nothing planned takes in time; {@code all} whether that is all of it */
    record FreezeView(String id, String name, String amount, boolean all, LotView.@Nullable UntilView until) {}

    /**
     * @param fits what can be eaten instead of a meal that is late
     * @param freezeTonight raw food near its limit that no evening within it wants
     * @param firstSteps empty once all are done
     */
    record TodayView(
            String today,
            List<OutView> takeOut,
            List<FitsView> fits,
            List<LotView> useFirst,
            List<FreezeView> freezeTonight,
            WeekView week,
            List<FirstStep> firstSteps) {}

    @GetMapping("/api/today")
    TodayView today(Household household) {
        Snapshot now = snapshots.of(household);
        LocalDate today = now.today();
        Looked looked = evenings.look(now, today.plusDays(AHEAD));
        List<Lot> open = now.open();
        List<LotView> first = open.stream()
                .map(lot -> LotView.of(lot, today))
                .filter(lot -> lot.urgency() == Urgency.PAST || lot.urgency() == Urgency.SOON)
                .limit(6)
                .toList();
        LocalDate weekAgo = today.minusDays(6);
        Spent.Days week = spent.weeks(household, weekAgo, 1).get(0);
        return new TodayView(
                today.toString(),
                takeOut(household, now, looked),
                fits(open, looked),
                first,
                freezeTonight(open, looked, today),
                new WeekView(
                        week.used().decimal(),
                        week.paid().decimal(),
                        week.binned().decimal()),
                firstSteps(now));
    }

    private static List<FitsView> fits(List<Lot> open, Looked looked) {
        return DishThere.of(open, looked).stream()
                .filter(dish -> dish.first() != null
                        && dish.first().storage() == Storage.FRIDGE
                        && dish.free().signum() > 0)
                .map(dish -> new FitsView(dish.batch().toString(), dish.name(), Portions.number(dish.free())))
                .toList();
    }

    private static List<OutView> takeOut(Household household, Snapshot now, Looked looked) {
        List<OutView> out = new ArrayList<>();
        Stream.concat(
                        looked.check().checked().stream().map(PlanCheck.Checked::takeOut),
                        looked.check().forCookDays().values().stream())
                .flatMap(List::stream)
                .sorted(Comparator.comparing(TakeOut::by))
                .forEach(one -> now.open(UUID.fromString(one.lot()))
                        .ifPresent(lot -> out.add(new OutView(
                                one.lot(),
                                one.name(),
                                one.amount().toString(),
                                one.amount().equals(lot.amount()),
                                lot.placeName(),
                                TIME.format(one.by()),
                                one.forDay().toString(),
                                one.rule(),
                                one.by().isBefore(now.now()),
                                TakenLate.ways(one, lot, looked.batches(), household.measures(), now.now())))));
        return out;
    }

    private List<FreezeView> freezeTonight(List<Lot> open, Looked looked, LocalDate today) {
        return FreezeTonight.of(open, looked, reference.keeping(), today).stream()
                .map(one -> new FreezeView(
                        one.lot().id().toString(),
                        one.lot().name(),
                        one.rest().toString(),
                        one.all(),
                        LotView.until(one.lot())))
                .toList();
    }

    /** Ten minutes to first value: what is done is ticked; when all is done nothing is shown. */
    private List<FirstStep> firstSteps(Snapshot now) {
        FirstSteps.Done done = firstSteps.done(now.household(), now.today());
        boolean freezer = now.open().stream().anyMatch(lot -> lot.storage() == Storage.FREEZER);
        List<FirstStep> steps = List.of(
                new FirstStep("Say who eats: adults, teenagers, children", "/household", done.people()),
                new FirstStep("Type what is in the freezer, as a note", "/onhand?into=freezer", freezer),
                new FirstStep("Write the names of dinners you already cook", "/recipes", done.recipes()),
                new FirstStep("Put one of them on an evening", "/plan", done.planned()));
        return steps.stream().allMatch(FirstStep::done) ? List.of() : steps;
    }
}
