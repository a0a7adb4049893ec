package wexilla.app.plan;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.household.Reference;
import wexilla.app.onhand.LotView;
import wexilla.app.onhand.Snapshot;
import wexilla.app.onhand.Snapshots;
import wexilla.app.plan.PlanViews.DayMealView;
import wexilla.app.plan.PlanViews.DishView;
import wexilla.app.plan.PlanViews.InStock;
import wexilla.app.plan.PlanViews.MoveInput;
import wexilla.app.plan.PlanViews.PlanDay;
import wexilla.app.plan.PlanViews.PlanView;
import wexilla.app.plan.PlanViews.PlannedWeek;
import wexilla.app.plan.PlanViews.RemarkView;
import wexilla.app.plan.PlanViews.SlotView;
import wexilla.app.plan.PlanViews.ThreadView;
import wexilla.app.platform.Portions;
import wexilla.app.platform.Problem;
import wexilla.core.keeping.KeepingGuide;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.Batch;
import wexilla.core.kitchen.Habits;
import wexilla.core.kitchen.Meal;
import wexilla.core.kitchen.Meal.Dish;
import wexilla.core.kitchen.house.Household;
import wexilla.core.plan.MealOfDay;
import wexilla.core.plan.PlanCheck;
import wexilla.core.plan.PlannedMeal;
import wexilla.core.plan.ahead.FreezeBy;
import wexilla.core.plan.ahead.PlanCosts;
import wexilla.core.plan.ahead.Run;
import wexilla.core.pricing.CostSheet;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Style;
import wexilla.core.shopping.Trips;
import wexilla.core.stations.plan.DishThere;
import wexilla.core.stations.plan.Looked;

/** Plan: the meals of one to five weeks, checked in words. */
@RestController
class PlanController {

    private static final int DAYS = 14;
    private static final int MOST_DAYS = 35;
    private static final DateTimeFormatter DAY_TIME = DateTimeFormatter.ofPattern("yyyy-MM-dd'T'HH:mm");

    private final PlanKitchen evenings;
    private final HabitRows habits;
    private final Planning planning;
    private final Snapshots snapshots;
    private final Reference reference;

    PlanController(
            PlanKitchen evenings, HabitRows habits, Planning planning, Snapshots snapshots, Reference reference) {
        this.evenings = evenings;
        this.habits = habits;
        this.planning = planning;
        this.snapshots = snapshots;
        this.reference = reference;
    }

    /** @param days how many, from today on: 14 when nothing is said, at most 35 */
    @GetMapping("/api/plan")
    PlanView plan(Household household, @RequestParam(required = false) @Nullable Integer days) {
        Snapshot now = snapshots.of(household);
        return view(now, evenings.look(now, last(now, days)), last(now, days));
    }

    private static LocalDate last(Snapshot now, @Nullable Integer days) {
        int shown = days == null ? DAYS : days;
        if (shown < 1 || shown > MOST_DAYS) {
            throw Problem.at("/days", "A plan shows 1 to " + MOST_DAYS + " days, not " + shown + ".");
        }
        return now.today().plusDays(shown - 1L);
    }

    /** What a move would break or mend; nothing is written. */
    @PostMapping("/api/plan/try")
    PlanView tryOut(
            Household household, @RequestParam(required = false) @Nullable Integer days, @RequestBody MoveInput input) {
        Snapshot now = snapshots.of(household);
        LocalDate last = last(now, days);
        return view(now, Looked.of(planning.moved(now, input, last), last), last);
    }

    private PlanView view(Snapshot now, Looked looked, LocalDate last) {
        Habits known = habits.known(now);
        List<PlanDay> days = new ArrayList<>();
        for (LocalDate day = now.today(); !day.isAfter(last); day = day.plusDays(1)) {
            LocalDate on = day;
            List<DayMealView> meals = new ArrayList<>();
            for (MealOfDay meal : MealOfDay.values()) {
                Optional<Meal> slot = looked.meals().stream()
                        .filter(s -> s.day().equals(on) && s.meal() == meal)
                        .findFirst();
                if (slot.isPresent() || known.has(on, meal)) {
                    Optional<PlanCheck.Checked> checked = slot.flatMap(looked::of);
                    meals.add(new DayMealView(
                            meal,
                            slot.map(s -> view(looked, s, checked)).orElse(null),
                            HabitRows.view(known.of(on, meal)),
                            checked.map(c -> c.remarks().stream()
                                            .map(RemarkView::of)
                                            .toList())
                                    .orElse(List.of())));
                }
            }
            days.add(new PlanDay(on.toString(), meals));
        }
        return new PlanView(
                now.today().toString(),
                DAY_TIME.format(now.now()),
                days,
                threads(now, looked, last),
                looked.ahead().stream()
                        .map(batch -> batch.begin().toLocalDate().toString())
                        .distinct()
                        .sorted()
                        .toList(),
                weeks(now, looked, last),
                freezeBy(now, looked).words(now.today()),
                DishThere.of(now.open(), looked).stream()
                        .map(PlanController::inStock)
                        .toList(),
                known.said().stream().map(HabitRows::view).toList(),
                known.usual().stream().map(HabitRows::view).toList());
    }

    private FreezeBy freezeBy(Snapshot now, Looked looked) {
        KeepingGuide guide = reference.keeping(now.household());
        List<FreezeBy.There> there = now.open().stream()
                .filter(lot -> lot.storage() == Storage.FRIDGE
                        && lot.dates().useFrom() != null
                        && guide.freezes(lot.clock().keepingClass()))
                .map(lot -> new FreezeBy.There(
                        lot.open(),
                        lot.name(),
                        // what was kept back for a meal is told as soon as no meal takes it
                        lot.style() == Style.PLAIN_PART
                                ? now.today()
                                : Objects.requireNonNull(lot.dates().useFrom())))
                .toList();
        return FreezeBy.of(there, looked.check().needs().met(), now.today());
    }

    private static List<PlannedWeek> weeks(Snapshot now, Looked looked, LocalDate last) {
        Map<String, Rational> portions = new HashMap<>();
        looked.batches().values().stream()
                .filter(batch -> batch.state() == Batch.State.PLANNED)
                .forEach(batch -> portions.put(batch.id().toString(), batch.portions()));
        CostSheet.Known known = now.costs(PlanCosts.bought(looked.check()));
        Trips.Packs packs = Trips.Packs.of(
                known.offers(), now.kitchen().guide(), now.household().currency());
        List<Trips.Trip> trips =
                Trips.of(looked.check().needs(), now.today(), last, packs).trips();
        List<PlanCosts.Week> weeks =
                new PlanCosts(looked.check(), looked.ahead(), known, portions).weeks(looked.check(), now.today(), last);
        List<PlannedWeek> planned = new ArrayList<>();
        for (int i = 0; i < weeks.size(); i++) {
            PlanCosts.Week week = weeks.get(i);
            planned.add(new PlannedWeek(
                    week.from().toString(),
                    week.meals(),
                    trips.get(i).cost().known().decimal(),
                    trips.get(i).cost().complete(),
                    week.cost().known().decimal(),
                    week.cost().complete(),
                    week.cost().missing().orElse(null),
                    buy(looked, week.from())));
        }
        return List.copyOf(planned);
    }

    /** What is to be bought for the seven days from this one. */
    private static List<String> buy(Looked looked, LocalDate from) {
        return looked.check().needs().met().stream()
                .filter(met ->
                        !met.want().day().isBefore(from) && met.want().day().isBefore(from.plusWeeks(1)))
                .filter(met -> met.want().bought()
                        && met.lacking() != null
                        && !met.lacking().value().isZero())
                .map(met -> met.want().name())
                .distinct()
                .toList();
    }

    private static List<ThreadView> threads(Snapshot now, Looked looked, LocalDate last) {
        List<Run.There> there = now.open().stream()
                .filter(lot -> lot.batch() != null && lot.amount().unit().equals(Unit.PORTION))
                .map(lot -> new Run.There(String.valueOf(lot.batch()), lot.name(), lot.open()))
                .toList();
        return Run.of(looked.check(), there, now.now(), last).stream()
                .map(ThreadView::of)
                .toList();
    }

    private static SlotView view(Looked looked, Meal slot, Optional<PlanCheck.Checked> checked) {
        LocalTime home = slot.when().homeFrom();
        return new SlotView(
                slot.id().toString(),
                slot.meal(),
                slot.kind(),
                slot.state(),
                slot.locked(),
                MealTimes.words(slot.table()),
                checked.map(c -> DAY_TIME.format(c.evening().start())).orElse(null),
                home == null ? null : MealTimes.words(home),
                slot.minutes(),
                checked.map(c -> c.evening().plates().plain()).orElse("0"),
                slot.note(),
                slot.version(),
                slot.people().stream().map(Object::toString).toList(),
                slot.guests().stream().map(MealTimes::view).toList(),
                IntStream.range(0, slot.dishes().size())
                        .mapToObj(i -> view(
                                looked,
                                slot.dishes().get(i),
                                checked.map(c -> factor(c.evening(), i)).orElse(null)))
                        .toList());
    }

    /** Of the recipe as written; null for what is not cooked for this meal. */
    private static @Nullable String factor(PlannedMeal evening, int at) {
        return at < evening.dishes().size() && evening.dishes().get(at) instanceof PlannedMeal.Cook cook
                ? cook.sized().size().factor().exact()
                : null;
    }

    private static DishView view(Looked looked, Dish dish, @Nullable String factor) {
        UUID of = dish.of();
        Batch batch = of == null ? null : looked.batches().get(of);
        return new DishView(
                dish.kind(),
                of == null ? null : of.toString(),
                looked.name(dish),
                dish.portions() == null ? null : Portions.number(dish.portions()),
                dish.eaters().stream().map(UUID::toString).toList(),
                dish.frozen(),
                factor,
                batch == null || batch.state() != Batch.State.PLANNED
                        ? null
                        : batch.cookOn().toString());
    }

    private static InStock inStock(DishThere dish) {
        return new InStock(
                dish.batch().toString(),
                dish.name(),
                Portions.number(dish.portions()),
                Portions.number(dish.free()),
                dish.first() == null ? null : LotView.until(dish.first()),
                dish.cookOn() == null ? null : dish.cookOn().toString(),
                dish.first() == null
                        ? null
                        : dish.first().spot().frozenAs() == null ? Run.Shelf.FRIDGE : Run.Shelf.FREEZER);
    }
}
