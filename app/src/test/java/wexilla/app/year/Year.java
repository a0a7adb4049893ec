package wexilla.app.year;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import java.util.stream.Stream;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.keeping.LotClock;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.Answer;
import wexilla.core.kitchen.Batch;
import wexilla.core.kitchen.Change;
import wexilla.core.kitchen.Change.Kind;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.Meal;
import wexilla.core.kitchen.NewLot;
import wexilla.core.kitchen.Planned;
import wexilla.core.kitchen.Written;
import wexilla.core.kitchen.house.Place;
import wexilla.core.kitchen.house.Tastes;
import wexilla.core.menu.MenuWishes;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;
import wexilla.core.people.Appetite;
import wexilla.core.plan.MealOfDay;
import wexilla.core.plan.PlannedMeal;
import wexilla.core.pricing.CostSheet;
import wexilla.core.pricing.WholePacks;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.ScaledStep;
import wexilla.core.recipe.Size;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.Style;
import wexilla.core.shopping.Basket;
import wexilla.core.shopping.Needs;
import wexilla.core.stations.cook.Cooking;
import wexilla.core.stations.cook.Stove;
import wexilla.core.stations.eat.AsPlanned;
import wexilla.core.stations.onhand.Handling;
import wexilla.core.stations.pack.Packing;
import wexilla.core.stations.plan.Looked;
import wexilla.core.stations.plan.Seeing;
import wexilla.core.stations.propose.Building;
import wexilla.core.stations.propose.Menu;
import wexilla.core.stations.propose.Proposal;
import wexilla.core.stations.propose.Taking;
import wexilla.core.stations.propose.Wishing;

/**
 * A year in the life of a made household, in memory, by the acts of the core: planned, bought, cooked, packed, eaten, with
 * sickness, guests, power cuts and what is past its day binned. After each act the books are looked at.
 */
final class Year {

    private static final int WARM = 5;
    private static final long EFFORT = 2_000;
    /** Little work and nothing lost before little money: what a household that cooks every evening would ask for. */
    private static final MenuWishes WISHES = new MenuWishes(1, 4, 1, 4, 1, 1, 1);

    /** @param till minor units paid, {@code binned} of them; @param hands minutes; @param faults what must not happen */
    record Result(long till, long binned, long hands, int tooLittle, List<String> faults) {}

    private final MadeHouse house;
    private final Random chance;
    private final LocalDate start;
    private final int weeks;
    private final List<String> faults = new ArrayList<>();
    private final Map<Key, List<WholePacks>> packs = new HashMap<>();
    private Kitchen kitchen;
    private LocalDate day;
    private long till;
    private long binned;
    private long hands;
    private long in;
    private long out;
    private int tooLittle;
    private int codes;

    Year(long seed, MadeHouse.Kind kind, int weeks) {
        start = LocalDate.of(2026, 1, 5);
        house = new MadeHouse(seed, kind, start);
        chance = new Random(seed * 31 + 7);
        this.weeks = weeks;
        day = start;
        kitchen = house.kitchen(start);
        house.prices()
                .forEach((key, offers) -> packs.put(
                        key,
                        offers.stream()
                                .map(one -> new WholePacks(one.pack(), one.price(), null))
                                .toList()));
    }

    /** What happens to a dinner, the same for every way of keeping house. @param guests adults who eat along */
    private record Evening(boolean out, int guests, boolean powerCut) {}

    private Evening evening(LocalDate of) {
        Random own = new Random(of.toEpochDay() * 7919 + house.people.size() + chanceSeed());
        return new Evening(own.nextInt(100) < 4, own.nextInt(100) < 5 ? 1 + own.nextInt(2) : 0, own.nextInt(1000) < 3);
    }

    private long chanceSeed() {
        return house.prices().values().iterator().next().get(0).price().minor();
    }

    // ---- the books

    private void does(List<Change> changes) {
        for (Change change : changes) {
            if (change instanceof Change.Made made) {
                long took = made.from().stream()
                        .mapToLong(take -> take.cost().known().minor())
                        .sum();
                in += made.made().cost().known().minor() - took;
                made.from().forEach(take -> limit(take.lot().id(), take.lot().limit(), "cooked"));
            } else if (change instanceof Change.Taken taken) {
                out += taken.cost().minor();
                if (taken.kind() == Kind.EATEN) {
                    Lot lot = kitchen.lot(taken.lot()).orElse(null);
                    if (lot != null) {
                        limit(lot.name(), lot.open().limit(), "eaten");
                    }
                }
            }
        }
        kitchen = kitchen.after(changes);
        long worth = kitchen.lots().stream()
                .mapToLong(lot -> lot.cost().known().minor())
                .sum();
        if (worth != in - out) {
            faults.add(day + ": the books say " + (in - out) + ", the lots " + worth);
        }
        for (Lot lot : kitchen.lots()) {
            if (lot.amount().value().signum() < 0 || lot.cost().known().minor() < 0) {
                faults.add(day + ": less than nothing of " + lot.name());
            }
        }
    }

    private void limit(String name, LocalDate limit, String how) {
        if (limit != null && limit.isBefore(day)) {
            faults.add(day + ": " + name + " " + how + " past " + limit);
        }
    }

    private void does(Answer answer) {
        does(answer.changes());
    }

    /** Lots that are empty and meals that are over are not looked at any more. */
    private void forget() {
        List<Lot> open = kitchen.lots().stream()
                .filter(lot -> !lot.amount().value().isZero())
                .toList();
        Planned plan = kitchen.planned();
        List<UUID> there =
                open.stream().flatMap(lot -> Stream.ofNullable(lot.batch())).toList();
        List<Meal> meals = plan.meals().stream()
                .filter(meal -> !meal.day().isBefore(day.minusDays(14)))
                .toList();
        List<UUID> eaten = meals.stream()
                .flatMap(meal -> meal.dishes().stream())
                .flatMap(dish -> Stream.ofNullable(dish.of()))
                .toList();
        Map<UUID, Batch> batches = new HashMap<>();
        plan.batches().forEach((id, batch) -> {
            boolean planned =
                    batch.state() == Batch.State.PLANNED && !batch.cookOn().isBefore(day);
            if (planned || there.contains(id) || eaten.contains(id)) {
                batches.put(id, batch);
            }
        });
        kitchen = Kitchen.stock(
                        kitchen.household(), day.atTime(9, 0), kitchen.guide(), kitchen.foods(), open, kitchen.places())
                .with(house.prices())
                .with(kitchen.home(), new Planned(meals, batches, plan.recipes(), Map.of(), List.of()));
    }

    // ---- shopping

    private void buy(List<Needs.Item> items) {
        for (Basket.Line line :
                Basket.of(items, List.of(), packs, MadeHouse.EUR).lines()) {
            WholePacks.Buy buy = line.buy();
            if (buy == null || line.food().seasoning()) {
                continue;
            }
            till += buy.cost().minor();
            Food food = line.food();
            Place place = kitchen.usual(kitchen.guide().likelyStorage(food.keepingClass(), day, day));
            List<Change> bought = new ArrayList<>();
            List<Money> costs = buy.cost().split(java.util.Collections.nCopies((int) buy.packs(), Rational.ONE));
            for (Money cost : costs) {
                bought.add(new Change.Made(
                        NewLot.counted(
                                house.id(),
                                MadeHouse.ROWS.get(food.key()),
                                null,
                                buy.kind().pack(),
                                Cost.of(cost),
                                "",
                                place.id(),
                                place.kind() == Storage.FREEZER ? Lot.State.FROZEN : Lot.State.RAW,
                                LotClock.start(food.keepingClass(), day),
                                kitchen.guide().dates(food.keepingClass(), place.kind(), day, day)),
                        List.of(),
                        Kind.BOUGHT,
                        ""));
            }
            does(bought);
        }
    }

    // ---- cooking

    private Stove stove() {
        return new Stove(kitchen, day, MadeHouse.ROWS, house::id);
    }

    private UUID cook(Written written, UUID batch, Sized sized, Style style, Rational portions) {
        Stove stove = stove();
        Cooking.Cooked cooked =
                new Cooking(stove).cook(Cooking.Order.simply(kitchen, written, batch, sized, style, portions));
        does(stove.changes());
        hands += ScaledStep.time(sized.steps()).handsMin();
        return cooked.dish();
    }

    private void pack(UUID dish, Rational portions, Storage where) {
        Lot lot = kitchen.lot(dish).orElseThrow();
        if (portions.signum() <= 0 || lot.open().pastLimit(day)) {
            return;
        }
        does(new Packing(kitchen, day, house::id, () -> "C" + ++codes)
                .pack(new Packing.Order(
                        dish, List.of(portions), kitchen.usual(where).id(), null, false, null, null)));
    }

    // ---- what is there at night

    private boolean room(Rational portions) {
        return kitchen.room()
                .map(left -> left.compareTo(portions.times(Rational.of(500))) >= 0)
                .orElse(true);
    }

    /** What nobody eats tomorrow is frozen before its last day, what is past it binned. */
    private void night(Map<String, Rational> spoken) {
        for (Lot lot : List.copyOf(kitchen.lots())) {
            LocalDate limit = lot.open().limit();
            if (lot.amount().value().isZero() || limit == null) {
                continue;
            }
            Handling handling = new Handling(kitchen, day, house::id);
            boolean freezes = lot.storage() == Storage.FRIDGE
                    && !limit.isBefore(day)
                    && kitchen.guide().freezes(lot.clock().keepingClass())
                    && lot.clock().thawedOn() == null
                    && room(Rational.ONE);
            Rational rest =
                    lot.amount().value().minus(spoken.getOrDefault(lot.id().toString(), Rational.ZERO));
            if (freezes && limit.isBefore(day.plusDays(3)) && rest.signum() > 0) {
                does(handling.move(
                        lot,
                        Amount.of(rest, lot.amount().unit()),
                        kitchen.usual(Storage.FREEZER).id()));
            } else if (limit.isBefore(day.plusDays(1))) {
                binned += lot.cost().known().minor();
                does(handling.use(lot, null, Kind.WASTED, "past its day"));
            }
        }
    }

    private void powerCut() {
        for (Lot lot : List.copyOf(kitchen.lots())) {
            if (lot.storage() == Storage.FREEZER && !lot.amount().value().isZero()) {
                does(new Handling(kitchen, day, house::id)
                        .move(lot, lot.amount(), kitchen.usual(Storage.FRIDGE).id()));
            }
        }
    }

    private void fromCounter() {
        for (Lot lot : List.copyOf(kitchen.lots())) {
            if (lot.storage() == Storage.COUNTER
                    && lot.batch() != null
                    && !lot.amount().value().isZero()) {
                does(new Handling(kitchen, day, house::id)
                        .move(lot, lot.amount(), kitchen.usual(Storage.FRIDGE).id()));
            }
        }
    }

    // ---- as proposed

    Result proposed() {
        for (int week = 0; week < weeks; week++) {
            day = start.plusWeeks(week);
            forget();
            guests();
            plan(week);
            kitchen = kitchen.at(day.atTime(9, 0));
            buy(Looked.of(kitchen, day.plusDays(6)).check().needs().items());
            for (int i = 0; i < 7; i++) {
                day = start.plusWeeks(week).plusDays(i);
                kitchen = kitchen.at(day.atTime(12, 0));
                asPlanned(evening(day));
            }
        }
        return new Result(till, binned, hands, tooLittle, faults);
    }

    private void guests() {
        for (int i = 0; i < 7; i++) {
            LocalDate on = day.plusDays(i);
            Evening evening = evening(on);
            if (evening.guests() > 0) {
                Meal usual = house.habits().of(on, MealOfDay.DINNER).meal(house.id(), on, Meal.Kind.UNDECIDED);
                List<Meal.Guest> guests = new ArrayList<>();
                for (int g = 0; g < evening.guests(); g++) {
                    guests.add(new Meal.Guest("guest " + g, Appetite.ADULT, List.of()));
                }
                does(List.of(new Change.MealSet(new Meal(
                        usual.id(),
                        usual.when(),
                        usual.kind(),
                        usual.state(),
                        false,
                        "",
                        0,
                        usual.people(),
                        guests,
                        List.of()))));
            }
        }
    }

    private void plan(int week) {
        Looked looked = Looked.of(kitchen, day.plusDays(6));
        Wishing wishing = new Wishing(WISHES, null, List.of(), Map.of(), List.of(), List.of());
        Menu menu = Building.of(
                kitchen,
                looked,
                house.habits(),
                new Tastes(Map.of(), Map.of(), Map.of()),
                MadeHouse.recipes(),
                new Menu.Asked(day, 7, true, wishing));
        Proposal proposal = Proposal.of(menu, week + 1, EFFORT, (spent, total) -> false);
        does(new Taking(kitchen, day, house.habits(), house::id).take(proposal.picks()));
    }

    private void asPlanned(Evening evening) {
        if (evening.powerCut()) {
            powerCut();
        }
        List<Batch> today = kitchen.planned().batches().values().stream()
                .filter(batch ->
                        batch.state() == Batch.State.PLANNED && batch.cookOn().equals(day))
                .sorted(Comparator.comparing(Batch::name))
                .toList();
        for (Batch batch : today) {
            Written written = kitchen.planned().recipe(Objects.requireNonNull(batch.recipeId()));
            UUID dish = cook(
                    written,
                    batch.id(),
                    batch.sized(kitchen.measures()).orElseThrow(),
                    batch.style(),
                    batch.portions());
            for (Meal meal : kitchen.planned().meals()) {
                for (Meal.Dish eaten : meal.dishes()) {
                    boolean later = meal.day().isAfter(day) && batch.id().equals(eaten.of());
                    if (later && eaten.portions() != null) {
                        Rational left = kitchen.lot(dish).orElseThrow().amount().value();
                        pack(
                                dish,
                                Rational.min(left, eaten.portions()),
                                eaten.frozen() && room(eaten.portions()) ? Storage.FREEZER : Storage.FRIDGE);
                    }
                }
            }
        }
        kitchen = kitchen.at(day.atTime(18, 30));
        Optional<Meal> dinner = kitchen.planned().on(day, MealOfDay.DINNER);
        dinner.ifPresent(meal -> {
            if (!evening.out()) {
                eat(meal);
            }
            Meal over = new Meal(
                    meal.id(),
                    meal.when(),
                    meal.kind(),
                    evening.out() ? Meal.State.OUT : Meal.State.EATEN,
                    false,
                    "",
                    meal.version(),
                    meal.people(),
                    meal.guests(),
                    meal.dishes());
            does(List.of(new Change.MealSet(over)));
        });
        fromCounter();
        kitchen = kitchen.at(day.atTime(21, 0));
        night(spoken());
    }

    private void eat(Meal meal) {
        PlannedMeal seen = new Seeing(kitchen).of(meal);
        Rational wanted = seen.portions();
        Stove stove = stove();
        new AsPlanned(stove, Map.of()).serve(meal, Rational.ZERO);
        Rational eaten = stove.changes().stream()
                .filter(change -> change instanceof Change.Taken taken
                        && taken.kind() == Kind.EATEN
                        && taken.amount().unit().equals(Unit.PORTION))
                .map(change -> ((Change.Taken) change).amount().value())
                .reduce(Rational.ZERO, Rational::plus);
        does(stove.changes());
        if (eaten.compareTo(wanted) < 0) {
            tooLittle++;
        }
        for (PlannedMeal.Dish dish : seen.dishes()) {
            hands += dish instanceof PlannedMeal.Cook cook
                    ? ScaledStep.time(cook.sized().steps()).handsMin()
                    : WARM;
        }
    }

    /** What of each lot the coming days take. */
    private Map<String, Rational> spoken() {
        Map<String, Rational> taken = new HashMap<>();
        Looked.of(kitchen, day.plusDays(6))
                .check()
                .needs()
                .met()
                .forEach(met -> met.takes()
                        .forEach(take ->
                                taken.merge(take.lot().id(), take.amount().value(), Rational::plus)));
        return taken;
    }

    // ---- the plain policy

    /**
     * Recipes cycled in order of cost, as written; left-overs eaten the next day, the rest frozen while there is room and
     * eaten the oldest first as soon as it is a meal.
     */
    Result plain() {
        CostSheet.Known prices = kitchen.costs(day);
        List<Written> byCost = MadeHouse.recipes().stream()
                .filter(one -> suits(one))
                .sorted(Comparator.comparing((Written one) -> each(one, prices)))
                .toList();
        int next = 0;
        for (int i = 0; i < 7 * weeks; i++) {
            day = start.plusDays(i);
            if (i % 7 == 0) {
                forget();
            }
            kitchen = kitchen.at(day.atTime(12, 0));
            Evening evening = evening(day);
            if (evening.powerCut()) {
                powerCut();
            }
            if (!evening.out()) {
                Rational wanted = Appetite.portions(
                                house.people.stream().map(one -> one.appetite()).toList())
                        .plus(Rational.of(evening.guests()));
                if (ready().stream()
                                .map(lot -> lot.amount().value())
                                .reduce(Rational.ZERO, Rational::plus)
                                .compareTo(wanted)
                        < 0) {
                    Written written = byCost.get(next++ % byCost.size());
                    Sized sized = Sized.of(written.recipe(), sizeFor(written, wanted), kitchen.measures());
                    buy(needs(written, sized));
                    cook(written, house.id(), sized, Style.COOKED, sized.portions());
                } else {
                    hands += WARM;
                }
                serve(wanted);
            }
            fromCounter();
            kitchen = kitchen.at(day.atTime(21, 0));
            night(Map.of());
        }
        return new Result(till, binned, hands, tooLittle, faults);
    }

    private boolean suits(Written one) {
        return wexilla.core.plan.Eater.verdict(
                        house.people.stream()
                                .map(person -> person.eater(
                                        kitchen.household(), kitchen.foods().book()))
                                .toList(),
                        one.recipe().title(),
                        wexilla.core.plan.Served.of(one.recipe()))
                != wexilla.core.plan.Eater.MUST_NOT;
    }

    private Rational each(Written one, CostSheet.Known prices) {
        Sized sized = Sized.asWritten(one.recipe(), kitchen.measures());
        return CostSheet.of(CostSheet.Wanted.of(sized), prices)
                .total()
                .known()
                .exact()
                .dividedBy(sized.portions());
    }

    private static Size sizeFor(Written written, Rational wanted) {
        Rational times = wanted.dividedBy(Rational.of(written.recipe().portions()));
        return Size.of(Rational.of(times.ceiling()));
    }

    private List<Needs.Item> needs(Written written, Sized sized) {
        List<Needs.Want> wants =
                Needs.Want.of(sized.lines(), day, written.recipe().title());
        return Needs.of(wants, kitchen.supply(), kitchen.measures()).items();
    }

    /** Cooked dishes that may be eaten today: what is in the fridge first, then the oldest of the freezer. */
    private List<Lot> ready() {
        return kitchen.lots().stream()
                .filter(lot -> lot.batch() != null
                        && lot.amount().unit().equals(Unit.PORTION)
                        && !lot.amount().value().isZero()
                        && !lot.open().pastLimit(day))
                .sorted(Comparator.comparing((Lot lot) -> lot.storage() == Storage.FREEZER)
                        .thenComparing(lot -> lot.clock().from()))
                .toList();
    }

    private void serve(Rational wanted) {
        Rational left = wanted;
        for (Lot lot : ready()) {
            Rational take = Rational.min(left, lot.amount().value());
            if (take.signum() > 0) {
                does(new Handling(kitchen, day, house::id)
                        .use(lot, Amount.of(take, Unit.PORTION), Kind.EATEN, "dinner"));
                left = left.minus(take);
            }
        }
        if (left.signum() > 0) {
            tooLittle++;
        }
    }
}
