package wexilla.app.plan;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import wexilla.app.cook.Batches;
import wexilla.app.cook.DayBefore;
import wexilla.app.household.Foods;
import wexilla.app.household.People;
import wexilla.app.household.People.Person;
import wexilla.app.onhand.Lots;
import wexilla.app.plan.Slots.Dish;
import wexilla.app.plan.Slots.DishKind;
import wexilla.app.plan.Slots.Kind;
import wexilla.app.plan.Slots.Slot;
import wexilla.app.platform.Household;
import wexilla.app.recipes.Recipes;
import wexilla.app.stretch.Stretches;
import wexilla.core.cookday.CookDay;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.keeping.KeepingGuide;
import wexilla.core.keeping.LotClock;
import wexilla.core.money.Cost;
import wexilla.core.people.Appetite;
import wexilla.core.planning.Eater;
import wexilla.core.planning.Evening;
import wexilla.core.planning.PlanCheck;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.LineReader;
import wexilla.core.recipe.ReadLine;
import wexilla.core.recipe.Recipe;
import wexilla.core.stock.OpenLot;

/** Turns what is stored of the evenings into what the core checks. */
@Component
public class Evenings implements DayBefore {

    private final Slots slots;
    private final People people;
    private final Recipes recipes;
    private final Batches batches;
    private final Stretches stretches;
    private final Foods foods;
    private final Lots lots;
    private final Clock clock;

    Evenings(
            Slots slots,
            People people,
            Recipes recipes,
            Batches batches,
            Stretches stretches,
            Foods foods,
            Lots lots,
            Clock clock) {
        this.slots = slots;
        this.people = people;
        this.recipes = recipes;
        this.batches = batches;
        this.stretches = stretches;
        this.foods = foods;
        this.lots = lots;
        this.clock = clock;
    }

    /** Planned evenings with what the core makes of them. */
    public record Looked(List<Slot> slots, PlanCheck check) {

        /** The evening of this day as checked. */
        public Optional<PlanCheck.Checked> on(LocalDate day) {
            return check.checked().stream()
                    .filter(c -> c.evening().day().equals(day))
                    .findFirst();
        }
    }

    /** Checks the evenings from today on, so that an earlier one has the stock first. */
    public Looked look(Household household, LocalDate to) {
        LocalDate today = household.dayOf(clock.instant());
        List<Slot> planned = slots.between(household, today, to).stream()
                .filter(slot -> slot.state() == Slots.State.PLANNED)
                .toList();
        return new Looked(planned, check(household, planned, to));
    }

    private PlanCheck check(Household household, List<Slot> planned, LocalDate until) {
        LocalDate today = household.dayOf(clock.instant());
        List<Evening> evenings = all(household, planned);
        List<PlanCheck.Batch> ahead = ahead(household, today, until);
        ahead.addAll(bigBuys(household, evenings, today, until));
        return PlanCheck.of(evenings, ahead, kitchen(household));
    }

    /** Evenings as the core sees them, in the order asked. */
    public List<Evening> all(Household household, List<Slot> slots) {
        Known known = new Known(
                household,
                people.all(household),
                recipes.currents(household, ids(slots, DishKind.RECIPE)),
                batches.byId(household, ids(slots, DishKind.BATCH)),
                new LineReader(foods.book(household)));
        return slots.stream().map(slot -> evening(known, slot)).toList();
    }

    /** What evenings are made of, read at once. */
    private record Known(
            Household household,
            List<Person> people,
            Map<UUID, Recipes.Stored> recipes,
            Map<UUID, Batches.Batch> batches,
            LineReader reader) {}

    private static Set<UUID> ids(List<Slot> slots, DishKind kind) {
        return slots.stream()
                .flatMap(slot -> slot.dishes().stream())
                .filter(dish -> dish.kind() == kind)
                .map(dish -> Objects.requireNonNull(dish.of()))
                .collect(Collectors.toSet());
    }

    /** What there is to meet wants from. */
    public PlanCheck.Kitchen kitchen(Household household) {
        Map<UUID, String> keys = foods.keys(household);
        Set<String> had = new HashSet<>();
        lots.staples(household).stream()
                .filter(lot -> lot.food() != null && !lot.level().equals("out"))
                .forEach(lot -> had.add(Objects.requireNonNull(keys.get(lot.food()))));
        Map<String, List<OpenLot>> stock = lots.openByKey(household);
        LocalDate today = household.dayOf(clock.instant());
        batches.planned(household, today, today.plusDays(60))
                .forEach(batch -> stock.computeIfAbsent(Lots.dishKey(batch.id()), key -> new ArrayList<>())
                        .add(willBe(household, batch)));
        return new PlanCheck.Kitchen(
                stock,
                had,
                lots.forms(household),
                household.measures(),
                clock.instant().atZone(household.zone()).toLocalDateTime());
    }

    /** Joints to be stretched in these days, with what their parts are stretched with. */
    private List<PlanCheck.Batch> bigBuys(
            Household household, List<Evening> evenings, LocalDate from, LocalDate until) {
        LineReader reader = new LineReader(foods.book(household));
        List<String> cooked = evenings.stream()
                .flatMap(evening -> evening.dishes().stream())
                .filter(Evening.Cook.class::isInstance)
                .map(Evening.Dish::name)
                .toList();
        return stretches.ahead(household).stream()
                .filter(buy -> !buy.cookOn().isBefore(from))
                .flatMap(buy -> buy.wants(reader, CookDay.BEGIN, cooked).stream())
                .filter(want -> !want.begin().toLocalDate().isAfter(until))
                .toList();
    }

    private List<PlanCheck.Batch> ahead(Household household, LocalDate from, LocalDate to) {
        List<PlanCheck.Batch> ahead = new ArrayList<>();
        for (Batches.Batch batch : batches.planned(household, from, to)) {
            Recipe recipe = batch.recipe();
            if (recipe != null) {
                ahead.add(new PlanCheck.Batch(
                        batch.id().toString(),
                        "cook day: " + batch.name(),
                        recipe.lines().stream()
                                .filter(line -> line.goesIn(batch.style()))
                                .toList(),
                        batch.factor(),
                        batch.cookOn().atTime(CookDay.BEGIN)));
            }
        }
        return ahead;
    }

    /** What a planned batch will be once it is cooked: there for the evenings after. */
    private static OpenLot willBe(Household household, Batches.Batch batch) {
        return new OpenLot(
                batch.id().toString(),
                Amount.of(batch.portions(), Unit.PORTION),
                Cost.unknown(household.currency()),
                null,
                null,
                LotClock.start(KeepingGuide.COOKED_DISH, batch.cookOn()),
                true);
    }

    /** An evening as the core sees it. */
    public Evening evening(Household household, Slot slot) {
        return all(household, List.of(slot)).get(0);
    }

    private static Evening evening(Known known, Slot slot) {
        List<Eater> eaters = known.people().stream()
                .filter(person -> slot.people().contains(person.id()))
                .map(Evenings::eater)
                .toList();
        boolean eatsHere = slot.kind() != Kind.OUT && slot.kind() != Kind.UNDECIDED;
        List<Evening.Dish> dishes = new ArrayList<>();
        if (eatsHere) {
            int plates =
                    Appetite.wholePortions(eaters.stream().map(Eater::appetite).toList());
            slot.dishes().forEach(dish -> dishes.add(dish(known, dish, plates)));
        }
        return new Evening(slot.day(), slot.table(), slot.minutes(), eaters, dishes);
    }

    /** What is frozen and goes into the batches of this day, less what earlier evenings were promised. */
    @Override
    public List<CookDay.Task> tasks(Household household, LocalDate day) {
        Set<String> own = batches.planned(household, day, day).stream()
                .map(batch -> batch.id().toString())
                .collect(Collectors.toSet());
        return look(household, day).check().forCookDays().entrySet().stream()
                .filter(entry -> own.contains(entry.getKey()))
                .flatMap(entry -> PlanCheck.summed(entry.getValue()).stream())
                .sorted(Comparator.comparing(PlanCheck.TakeOut::by))
                .map(out -> new CookDay.Task(out.words(), out.rule()))
                .toList();
    }

    static Eater eater(Person person) {
        return new Eater(
                person.name(),
                person.appetite(),
                new HashSet<>(person.allergens()),
                new HashSet<>(person.flags()),
                person.dislikes(),
                person.chilli());
    }

    private static Evening.Dish dish(Known known, Dish dish, int plates) {
        if (dish.kind() == DishKind.SIDE) {
            return side(known, dish.text());
        }
        UUID id = Objects.requireNonNull(dish.of());
        int portions = dish.portions() == null ? plates : dish.portions();
        if (dish.kind() == DishKind.RECIPE) {
            return new Evening.Cook(
                    Objects.requireNonNull(known.recipes().get(id)).recipe(), portions);
        }
        Batches.Batch batch = Objects.requireNonNull(known.batches().get(id));
        Recipe recipe = batch.recipe();
        return new Evening.FromStock(
                Lots.dishKey(id),
                batch.name(),
                recipe == null ? List.of() : recipe.stepsAfter(batch.style()),
                recipe == null ? List.of() : recipe.heldBack(batch.style()),
                Rational.of(portions, batch.portions()).times(batch.factor()),
                recipe == null ? List.of() : Eater.foods(recipe),
                portions);
    }

    /** A side is a food and its usual amount a head: as typed, else an adult's portion of it. */
    private static Evening.Side side(Known known, String text) {
        ReadLine line = known.reader().read(text);
        Food food = line.food();
        Amount perHead = line.quantity() == null
                ? usual(known.household(), food)
                : line.quantity().max();
        return new Evening.Side(line.foodName(), food, perHead);
    }

    private static @Nullable Amount usual(Household household, @Nullable Food food) {
        if (food == null) {
            return null;
        }
        return Conversion.convert(food, Amount.of(1, Unit.PORTION), food.base(), household.measures())
                        instanceof Conversion.Converted portion
                ? portion.amount()
                : null;
    }
}
