package wexilla.app.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import wexilla.app.cook.Batches;
import wexilla.app.cook.DayBefore;
import wexilla.app.household.People;
import wexilla.app.household.Reference;
import wexilla.app.onhand.BatchRows.State;
import wexilla.app.onhand.Snapshot;
import wexilla.app.plan.Slots.DishKind;
import wexilla.app.plan.Slots.Slot;
import wexilla.app.platform.Household;
import wexilla.app.recipes.Recipes;
import wexilla.app.stretch.PlannedBuys;
import wexilla.core.cookday.CookDay;
import wexilla.core.cookday.DayTasks;
import wexilla.core.keeping.DishKeeping;
import wexilla.core.keeping.KeepingGuide;
import wexilla.core.plan.BigBuy;
import wexilla.core.plan.CookedAhead;
import wexilla.core.plan.Countdown;
import wexilla.core.plan.Evening;
import wexilla.core.plan.PlanCheck;
import wexilla.core.plan.Repeats;
import wexilla.core.plan.TakeOut;
import wexilla.core.stock.OpenLot;
import wexilla.core.stock.Supply;

/** Turns what is stored of the meals into what the core checks. */
@Component
public class Evenings implements DayBefore {

    /** How far ahead cook days are looked at. */
    private static final int AHEAD = 60;

    private final Slots slots;
    private final People people;
    private final Recipes recipes;
    private final PlanKitchen kitchen;
    private final Batches batches;
    private final PlannedBuys bigBuys;
    private final Reference reference;

    Evenings(
            Slots slots,
            People people,
            Recipes recipes,
            PlanKitchen kitchen,
            Batches batches,
            PlannedBuys bigBuys,
            Reference reference) {
        this.slots = slots;
        this.people = people;
        this.recipes = recipes;
        this.kitchen = kitchen;
        this.batches = batches;
        this.bigBuys = bigBuys;
        this.reference = reference;
    }

    /**
     * Evenings with what the core makes of those that are planned.
     *
     * @param slots all of these days
     * @param batches and {@code recipes} they name, and batches that are planned
     * @param ahead what is cooked or stretched on days of its own
     * @param keeping how each planned batch keeps once it is cooked
     * @param eaten the meals of the last days, the earliest first
     */
    public record Looked(
            List<Slot> slots,
            Map<UUID, Batches.Batch> batches,
            Map<UUID, Recipes.Stored> recipes,
            List<PlanCheck.Batch> ahead,
            Map<UUID, DishKeeping> keeping,
            List<Evening> eaten,
            PlanCheck check) {

        /** This meal as checked; empty where it is over. */
        public Optional<PlanCheck.Checked> of(Slot slot) {
            return check.checked().stream()
                    .filter(c -> c.evening().when().equals(slot.when()))
                    .findFirst();
        }
    }

    /** Checks the meals from today on, so that an earlier one has the stock first. */
    public Looked look(Snapshot now, LocalDate to) {
        LocalDate today = now.today();
        List<Slot> all = slots.between(now.household(), today.minusDays(Repeats.DAYS), to);
        return look(
                now,
                to,
                all.stream().filter(slot -> slot.day().isBefore(today)).toList(),
                all.stream().filter(slot -> !slot.day().isBefore(today)).toList());
    }

    /** The same with meals as somebody would have them: nothing is written. */
    Looked look(Snapshot now, LocalDate to, List<Slot> slots) {
        LocalDate today = now.today();
        List<Slot> before = this.slots.between(now.household(), today.minusDays(Repeats.DAYS), today.minusDays(1));
        return look(now, to, before, slots);
    }

    private Looked look(Snapshot now, LocalDate to, List<Slot> before, List<Slot> slots) {
        Household household = now.household();
        List<Slot> planned = slots.stream()
                .filter(slot -> slot.state() == Slots.State.PLANNED)
                .toList();
        List<Slot> lately = PlannedMeals.lately(now, before, slots);
        PlannedMeals known = known(
                now,
                Stream.concat(lately.stream(), slots.stream()).toList(),
                now.today().plusDays(AHEAD));
        List<Evening> eaten = lately.stream().map(slot -> known.evening(slot)).toList();
        List<Evening> evenings =
                planned.stream().map(slot -> known.evening(slot)).toList();
        List<Batches.Batch> cookDays = known.batches().values().stream()
                .filter(batch ->
                        batch.state() == State.PLANNED && !batch.cookOn().isBefore(now.today()))
                .toList();
        List<PlanCheck.Batch> ahead = ahead(household, cookDays, to);
        List<BigBuy> buys = bigBuys.ahead(now);
        ahead.addAll(wants(buys, now, evenings, to));
        boolean freezes =
                planned.stream().anyMatch(slot -> slot.dishes().stream().anyMatch(Slots.Dish::frozen));
        Function<Map<UUID, DishKeeping>, PlanCheck> check = keeping -> {
            List<Supply.Ahead> willBe = new ArrayList<>();
            cookDays.forEach(batch -> willBe(household, batch, keeping, planned, evenings)
                    .forEach(lot -> willBe.add(new Supply.Ahead(batch.key(), lot, List.of()))));
            buys.forEach(buy -> willBe.addAll(buy.ahead(now.book())));
            return PlanCheck.of(evenings, ahead, kitchen.of(now, willBe, evenings, eaten, freezes));
        };
        Map<UUID, DishKeeping> asNew = keeping(household, cookDays, batch -> List.of());
        PlanCheck first = check.apply(asNew);
        // a dish is as old as the oldest cooked thing that goes into it, and that is known once its wants are met
        Map<UUID, DishKeeping> keeping =
                keeping(household, cookDays, batch -> first.goesInto(batch.id().toString(), batch.cookOn()));
        PlanCheck then = keeping.equals(asNew) ? first : check.apply(keeping);
        return new Looked(slots, known.batches(), known.recipes(), ahead, keeping, eaten, then);
    }

    private Map<UUID, DishKeeping> keeping(
            Household household,
            List<Batches.Batch> batches,
            Function<Batches.Batch, List<KeepingGuide.Ingredient>> aged) {
        KeepingGuide guide = reference.keeping(household);
        Map<UUID, DishKeeping> keeping = new HashMap<>();
        for (Batches.Batch batch : batches) {
            keeping.put(
                    batch.id(),
                    batch.sized(household.measures())
                            .map(sized -> DishKeeping.Dish.of(sized, batch.style(), aged.apply(batch), batch.cookOn()))
                            .map(dish -> DishKeeping.of(dish, guide))
                            .orElseGet(() -> new DishKeeping(KeepingGuide.COOKED_DISH, batch.cookOn(), "")));
        }
        return keeping;
    }

    /** Evenings as the core sees them, in the order asked. */
    public List<Evening> all(Snapshot now, List<Slot> slots) {
        PlannedMeals known = known(now, slots, now.today().minusDays(1));
        return slots.stream().map(slot -> known.evening(slot)).toList();
    }

    /** @param cookDays until when batches that are planned are read too */
    private PlannedMeals known(Snapshot now, List<Slot> slots, LocalDate cookDays) {
        Set<UUID> dishes = ids(slots, DishKind.RECIPE);
        List<Slot> today =
                slots.stream().filter(slot -> slot.day().equals(now.today())).toList();
        Set<UUID> tonight = ids(today, DishKind.RECIPE);
        Map<UUID, UUID> done = tonight.isEmpty() ? Map.of() : batches.cookedOn(now.household(), tonight, now.today());
        Set<UUID> cooked = ids(slots, DishKind.BATCH);
        cooked.addAll(done.values());
        List<Batches.Batch> named = batches.named(now, cooked, now.today(), cookDays);
        recipes.read(now, dishes, Batches.versions(named));
        Map<UUID, Batches.Batch> byId = new LinkedHashMap<>();
        batches.withRecipes(now, named).forEach(batch -> byId.put(batch.id(), batch));
        return new PlannedMeals(
                now,
                now.once(People.class, () -> people.all(now.household())),
                kitchen.pots(now.household()),
                recipes.currents(now, dishes),
                byId,
                done);
    }

    private static Set<UUID> ids(List<Slot> slots, DishKind kind) {
        return slots.stream()
                .flatMap(slot -> slot.dishes().stream())
                .filter(dish -> dish.kind() == kind)
                .map(dish -> Objects.requireNonNull(dish.of()))
                .collect(Collectors.toCollection(HashSet::new));
    }

    /** Joints to be stretched in these days, with what their parts are stretched with. */
    private static List<PlanCheck.Batch> wants(
            List<BigBuy> buys, Snapshot now, List<Evening> evenings, LocalDate until) {
        List<String> cooked = evenings.stream()
                .flatMap(evening -> evening.dishes().stream())
                .filter(Evening.Cook.class::isInstance)
                .map(Evening.Dish::name)
                .toList();
        return buys.stream()
                .flatMap(buy -> buy.wants(now.reader(), CookDay.BEGIN, cooked).stream())
                .filter(want -> !want.begin().toLocalDate().isAfter(until))
                .toList();
    }

    private static List<PlanCheck.Batch> ahead(Household household, List<Batches.Batch> planned, LocalDate to) {
        List<PlanCheck.Batch> ahead = new ArrayList<>();
        for (Batches.Batch batch : planned) {
            if (!batch.cookOn().isAfter(to)) {
                batch.sized(household.measures())
                        .ifPresent(sized -> ahead.add(new PlanCheck.Batch(
                                batch.id().toString(),
                                "cook day: " + batch.name(),
                                sized.goesIn(batch.style()),
                                batch.cookOn().atTime(CookDay.BEGIN))));
            }
        }
        return ahead;
    }

    /** What a planned batch will be once it is cooked: there for the meals after. */
    private List<OpenLot> willBe(
            Household household,
            Batches.Batch batch,
            Map<UUID, DishKeeping> keeping,
            List<Slot> planned,
            List<Evening> evenings) {
        DishKeeping keeps = Objects.requireNonNull(keeping.get(batch.id()));
        List<CookedAhead.Wanted> wanted = new ArrayList<>();
        for (int meal = 0; meal < planned.size(); meal++) {
            Slot slot = planned.get(meal);
            List<Evening.Dish> dishes = evenings.get(meal).dishes();
            for (int dish = 0; dish < dishes.size(); dish++) {
                boolean frozen = slot.dishes().get(dish).frozen();
                if (frozen
                        && dishes.get(dish) instanceof Evening.FromStock stock
                        && stock.key().equals(batch.key())) {
                    wanted.add(new CookedAhead.Wanted(slot.day(), stock.portions()));
                }
            }
        }
        return new CookedAhead(
                        batch.id().toString(), batch.portions(), keeps.keepingClass(), keeps.from(), batch.cookOn())
                .lots(wanted, reference.keeping(household), household.currency());
    }

    /** An evening as the core sees it. */
    public Evening evening(Snapshot now, Slot slot) {
        return all(now, List.of(slot)).get(0);
    }

    /** What is frozen and goes into the batches of this day, less what earlier evenings were promised. */
    @Override
    public List<CookDay.Task> tasks(Snapshot now, LocalDate day) {
        Looked looked = look(now, day);
        Set<String> own = looked.batches().values().stream()
                .filter(batch -> batch.cookOn().equals(day))
                .map(batch -> batch.id().toString())
                .collect(Collectors.toSet());
        return looked.check().forCookDays().entrySet().stream()
                .filter(entry -> own.contains(entry.getKey()))
                .flatMap(entry -> TakeOut.summed(entry.getValue()).stream())
                .sorted(Comparator.comparing(TakeOut::by))
                .map(out -> new CookDay.Task(out.words(), out.rule()))
                .toList();
    }

    /** An evening counted back from its table time, with what this household has to cook with. */
    public List<Countdown.Step> countdown(Household household, Evening evening) {
        return Countdown.of(evening, kitchen.gear(household));
    }

    @Override
    public List<DayTasks.Dish> joints(Snapshot now, LocalDate day) {
        return bigBuys.ahead(now).stream()
                .filter(buy -> buy.cookOn().equals(day))
                .map(buy -> buy.dish(now.book()))
                .toList();
    }

    @Override
    public List<LocalDate> jointDays(Snapshot now) {
        return bigBuys.ahead(now).stream().map(BigBuy::cookOn).distinct().toList();
    }
}
