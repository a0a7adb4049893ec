package wexilla.core.stations.cook;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.keeping.DishKeeping;
import wexilla.core.keeping.KeepingGuide;
import wexilla.core.keeping.KeepingGuide.Ingredient;
import wexilla.core.keeping.LotClock;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.Answer;
import wexilla.core.kitchen.Change;
import wexilla.core.kitchen.Change.Kind;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.NewLot;
import wexilla.core.kitchen.house.Place;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;
import wexilla.core.pricing.LineCost;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.UnitWeight;
import wexilla.core.recipe.DishWeight;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.Style;
import wexilla.core.stations.onhand.Handling;
import wexilla.core.stock.OpenLot;
import wexilla.core.stock.StockUse.Take;

/**
 * What an act at the stove takes and makes, one after the other: each sees what those before it left. What comes out in
 * portions waits on the counter to be packed.
 */
public final class Stove {

    /** What was used though the record had none of it. */
    public static final String NOT_FROM_STOCK = "used, not from stock";

    private final LocalDate day;
    private final Map<Key, UUID> rows;
    private final Supplier<UUID> ids;
    private final List<Change> changes = new ArrayList<>();
    private Kitchen kitchen;

    /**
     * @param kitchen with everything that is there, and the places of the household
     * @param day of the act
     * @param rows of the foods that go in or come out, by key
     * @param ids of what is made, each asked for once
     */
    public Stove(Kitchen kitchen, LocalDate day, Map<Key, UUID> rows, Supplier<UUID> ids) {
        this.kitchen = kitchen;
        this.day = day;
        this.rows = Map.copyOf(rows);
        this.ids = ids;
    }

    /** As it is after what was done so far. */
    public Kitchen kitchen() {
        return kitchen;
    }

    /** Everything done so far. */
    public List<Change> changes() {
        return List.copyOf(changes);
    }

    public LocalDate day() {
        return day;
    }

    /** The row of a food that goes in or comes out. */
    public UUID row(Food food) {
        return Objects.requireNonNull(rows.get(food.key()), food.name());
    }

    /** The same; null for one that has none. */
    public @Nullable UUID rowOrNone(Food food) {
        return rows.get(food.key());
    }

    /** The next id. */
    public UUID id() {
        return ids.get();
    }

    /** Does one thing more. */
    public void does(Change change) {
        changes.add(change);
        kitchen = kitchen.after(List.of(change));
    }

    /** Does what another hand of the kitchen answers. */
    public void does(Answer answer) {
        answer.changes().forEach(this::does);
    }

    /** What a line takes; what the record lacks is counted up first and taken from there. */
    public List<Take> taken(@Nullable Food food, LineCost cost) {
        List<Take> takes = new ArrayList<>(cost.takes());
        Amount lacking = cost.notInStock();
        if (cost instanceof LineCost.Served served
                && food != null
                && rows.containsKey(food.key())
                && lacking != null
                && lacking.unit().equals(food.base())) {
            takes.add(notFromStock(food, lacking, served.lackingCost()));
        }
        cost.made().forEach(part -> takes.addAll(taken(part.wanted().food(), part.cost())));
        return takes;
    }

    private Take notFromStock(Food food, Amount lacking, Cost cost) {
        Place place = kitchen.usual(Storage.COUNTER);
        NewLot lot = NewLot.counted(
                id(),
                row(food),
                null,
                lacking,
                cost,
                NOT_FROM_STOCK,
                place.id(),
                Lot.State.RAW,
                LotClock.start(food.keepingClass(), day),
                kitchen.guide().dates(food.keepingClass(), place.kind(), day, day));
        does(new Change.Made(lot, List.of(), Kind.COUNTED, NOT_FROM_STOCK));
        OpenLot open = new OpenLot(lot.id().toString(), lacking, cost, null, null, lot.clock(), false);
        return new Take(open, lacking, cost);
    }

    /**
     * What came of a batch.
     *
     * @param sized the recipe it was cooked by; null when it was just cooked
     * @param cost of all its portions
     * @param amount portions, which wait on the counter to be packed; grams, millilitres or pieces lie in the fridge
     * @param keepsAs the class of the keeping table the cook chose; null for the one its lines say
     * @param about what is said of it
     */
    public record Made(
            String name,
            UUID batch,
            Style style,
            @Nullable Sized sized,
            Amount amount,
            Cost cost,
            @Nullable String keepsAs,
            String about) {

        /** A dish or what was just cooked: in portions it is named by how far it is cooked. */
        public Made(
                String name,
                UUID batch,
                Style style,
                @Nullable Sized sized,
                Amount amount,
                Cost cost,
                @Nullable String keepsAs) {
            this(
                    name,
                    batch,
                    style,
                    sized,
                    amount,
                    cost,
                    keepsAs,
                    amount.unit().equals(Unit.PORTION) ? style.words() : "");
        }
    }

    /**
     * The dish that was made, from what it took.
     *
     * @param takes leave their lots for it
     * @return its lot
     */
    public UUID made(Made made, List<Take> takes) {
        boolean waits = made.amount().unit().equals(Unit.PORTION);
        Place place = kitchen.usual(waits ? Storage.COUNTER : Storage.FRIDGE);
        DishKeeping keeping = keeping(made, takes);
        String keepingClass = made.keepsAs() == null ? keeping.keepingClass() : made.keepsAs();
        LocalDate from = keeping.from();
        NewLot lot = new NewLot(
                        id(),
                        null,
                        made.batch(),
                        made.amount(),
                        Lot.Level.COUNTED,
                        made.cost(),
                        made.about(),
                        place.id(),
                        made.style() == Style.RAW_BAG ? Lot.State.RAW : Lot.State.COOKED,
                        LotClock.start(keepingClass, from),
                        kitchen.guide().dates(keepingClass, place.kind(), from, from),
                        Lot.Packet.NONE)
                .weighing(weight(made));
        does(new Change.Made(lot, takes, Kind.MADE, made.name()));
        return lot.id();
    }

    private @Nullable UnitWeight weight(Made made) {
        Sized sized = made.sized();
        return sized != null && made.amount().unit().equals(Unit.PORTION)
                ? DishWeight.portion(sized, made.style(), kitchen.measures())
                : null;
    }

    /** What is taken, with its clock on this day. */
    public static List<Ingredient> aged(List<Take> takes, LocalDate day) {
        return takes.stream().map(take -> take.lot().ingredient(day)).toList();
    }

    private DishKeeping keeping(Made made, List<Take> takes) {
        List<Ingredient> aged = aged(takes, day);
        Sized sized = made.sized();
        if (sized != null) {
            return DishKeeping.of(DishKeeping.Dish.of(sized, made.style(), aged, day), kitchen.guide());
        }
        List<Food> in = takes.stream()
                .flatMap(take -> kitchen.lot(UUID.fromString(take.lot().id())).stream())
                .flatMap(lot -> Stream.ofNullable(lot.food()))
                .distinct()
                .map(kitchen.foods()::food)
                .toList();
        return DishKeeping.of(
                new DishKeeping.Dish(made.name(), made.style(), List.of(), in, aged, day), kitchen.guide());
    }

    /** Of what was made so much goes from the counter into the fridge, with its own date. */
    public void keepBack(UUID dish, Rational keep) {
        Lot lot = kitchen.lot(dish).orElseThrow();
        does(new Handling(kitchen, day, ids)
                .move(
                        lot,
                        Amount.of(keep, Unit.PORTION),
                        kitchen.usual(Storage.FRIDGE).id()));
    }

    /** Something that comes out beside a dish: broth, bones, a jar of fat. @param amount as it is counted */
    public record Besides(Food food, Amount amount) {

        /** As much as at this size of what is written. */
        public Besides times(Rational factor) {
            Rational value = amount.value().times(factor);
            return new Besides(food, Amount.of(Rational.of(value.toDecimal(Change.DECIMALS)), amount.unit()));
        }
    }

    /** Something that comes out beside the dish, for nothing (handbook, section 5). @param from the dish it came of */
    public void besides(Besides out, String from) {
        Food food = out.food();
        String keeping = KeepingGuide.homeCooked(food.keepingClass()) ? food.keepingClass() : KeepingGuide.COOKED_DISH;
        Place fridge = kitchen.usual(Storage.FRIDGE);
        LotClock clock = LotClock.start(keeping, day);
        NewLot lot = NewLot.counted(
                id(),
                row(food),
                null,
                out.amount(),
                Cost.of(Money.zero(kitchen.household().currency())),
                "from " + from,
                fridge.id(),
                Lot.State.COOKED,
                clock,
                kitchen.dates(clock, fridge.kind()));
        does(new Change.Made(lot, List.of(), Kind.MADE, "from " + from));
    }
}
