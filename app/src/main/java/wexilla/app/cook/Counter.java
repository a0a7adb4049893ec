package wexilla.app.cook;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import wexilla.app.household.Foods;
import wexilla.app.household.Households;
import wexilla.app.household.Reference;
import wexilla.app.onhand.Hands;
import wexilla.app.onhand.Ledger;
import wexilla.app.onhand.Lots;
import wexilla.app.platform.Act;
import wexilla.app.platform.Portions;
import wexilla.app.platform.Problem;
import wexilla.app.recipes.Dishes;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.keeping.DishKeeping;
import wexilla.core.keeping.KeepDates;
import wexilla.core.keeping.KeepingGuide;
import wexilla.core.keeping.KeepingGuide.Ingredient;
import wexilla.core.keeping.LotClock;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.Change.Kind;
import wexilla.core.kitchen.Household;
import wexilla.core.kitchen.KnownFoods;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.NewLot;
import wexilla.core.kitchen.Place;
import wexilla.core.money.Cost;
import wexilla.core.pricing.LineCost;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.Style;
import wexilla.core.stock.OpenLot;
import wexilla.core.stock.StockUse.Take;

/** The counter: what is cooked comes from there, lies there, and waits there to be packed. */
@Component
class Counter {

    private final Ledger ledger;
    private final Foods foods;
    private final Households households;
    private final Reference reference;
    private final Hands hands;
    private final Lots lots;

    Counter(Ledger ledger, Foods foods, Households households, Reference reference, Hands hands, Lots lots) {
        this.ledger = ledger;
        this.foods = foods;
        this.households = households;
        this.reference = reference;
        this.hands = hands;
        this.lots = lots;
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
    record Made(
            String name,
            UUID batch,
            Style style,
            @Nullable Sized sized,
            Amount amount,
            Cost cost,
            @Nullable String keepsAs,
            String about) {

        /** A dish or what was just cooked: in portions it is named by how far it is cooked. */
        Made(
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

    /** Locks what all its foods and the dishes in it are taken from. @return the row of each food, by key */
    Map<Key, UUID> lockAll(Household household, List<Food> goesIn, Recipe recipe) {
        Set<Food> all = new LinkedHashSet<>(goesIn);
        collect(recipe, all);
        List<UUID> dishes =
                all.stream().map(Dishes::recipeOf).filter(Objects::nonNull).toList();
        Map<Key, UUID> rows = all.stream()
                .filter(food -> Dishes.recipeOf(food) == null)
                .collect(Collectors.toMap(Food::key, food -> foods.row(household, food)));
        ledger.lockFoods(household.id(), rows.values(), dishes);
        return rows;
    }

    private static void collect(Recipe recipe, Set<Food> all) {
        for (RecipeLine line : recipe.lines()) {
            line.read().knownFood().ifPresent(all::add);
            if (line.made() != null) {
                collect(line.made(), all);
            }
        }
    }

    /** A plain part for another day goes from the counter into the fridge, with its own date. */
    void keepBack(Act act, UUID dish, Rational portions, @Nullable BigDecimal asked) {
        Rational keep = asked == null ? Rational.ZERO : Portions.orNone("/keepBack", asked);
        if (keep.isZero()) {
            return;
        }
        if (keep.compareTo(portions) > 0) {
            throw Problem.at(
                    "/keepBack", "From 0 to the " + portions.plain() + " portions that came out can be kept back.");
        }
        Place fridge = households.usualPlace(act.household(), Storage.FRIDGE);
        hands.move(act, dish, Amount.of(keep, Unit.PORTION), fridge.id());
    }

    /** What a line takes; what the record lacks is counted up first and taken from there. */
    List<Take> taken(Act act, @Nullable Food food, LineCost cost, Map<Key, UUID> rows) {
        List<Take> takes = new ArrayList<>(cost.takes());
        UUID row = food == null ? null : rows.get(food.key());
        Amount lacking = cost.notInStock();
        if (cost instanceof LineCost.Served served
                && food != null
                && row != null
                && lacking != null
                && lacking.unit().equals(food.base())) {
            takes.add(notFromStock(act, food, row, lacking, served.lackingCost()));
        }
        cost.made().forEach(part -> takes.addAll(taken(act, part.wanted().food(), part.cost(), rows)));
        return takes;
    }

    private Take notFromStock(Act act, Food food, UUID row, Amount lacking, Cost cost) {
        Place place = households.usualPlace(act.household(), Storage.COUNTER);
        KeepDates dates =
                reference.keeping(act.household()).dates(food.keepingClass(), place.kind(), act.day(), act.day());
        NewLot lot = NewLot.counted(
                row,
                null,
                lacking,
                cost,
                "used, not from stock",
                place.id(),
                Lot.State.RAW,
                LotClock.start(food.keepingClass(), act.day()),
                dates);
        ledger.create(act, lot, Kind.COUNTED, "used, not from stock");
        OpenLot open = new OpenLot(lot.id().toString(), lacking, cost, null, null, lot.clock(), false);
        return new Take(open, lacking, cost);
    }

    /** What is taken, with its clock on this day. */
    static List<Ingredient> aged(List<Take> takes, LocalDate day) {
        return takes.stream().map(take -> take.lot().ingredient(day)).toList();
    }

    private DishKeeping keeping(Act act, Made made, List<Take> takes, KeepingGuide guide) {
        List<Ingredient> aged = aged(takes, act.day());
        Sized sized = made.sized();
        if (sized != null) {
            return DishKeeping.of(DishKeeping.Dish.of(sized, made.style(), aged, act.day()), guide);
        }
        KnownFoods known = foods.known(act.household());
        List<UUID> ids =
                takes.stream().map(take -> UUID.fromString(take.lot().id())).toList();
        List<Food> in = lots.byId(act.household(), ids).stream()
                .map(Lot::food)
                .filter(Objects::nonNull)
                .map(known::food)
                .toList();
        return DishKeeping.of(new DishKeeping.Dish(made.name(), made.style(), List.of(), in, aged, act.day()), guide);
    }

    /**
     * The dish that was made, from what it took.
     *
     * @param takes leave their lots for it
     * @return its lot
     */
    UUID made(Act act, Made made, List<Take> takes) {
        Style style = made.style();
        boolean waits = made.amount().unit().equals(Unit.PORTION);
        Place place = households.usualPlace(act.household(), waits ? Storage.COUNTER : Storage.FRIDGE);
        KeepingGuide guide = reference.keeping(act.household());
        DishKeeping keeping = keeping(act, made, takes, guide);
        String keepingClass = made.keepsAs() == null ? keeping.keepingClass() : made.keepsAs();
        LocalDate from = keeping.from();
        NewLot lot = new NewLot(
                UUID.randomUUID(),
                null,
                made.batch(),
                made.amount(),
                Lot.Level.COUNTED,
                made.cost(),
                made.about(),
                place.id(),
                style == Style.RAW_BAG ? Lot.State.RAW : Lot.State.COOKED,
                LotClock.start(keepingClass, from),
                guide.dates(keepingClass, place.kind(), from, from),
                Lot.Packet.NONE);
        ledger.create(act, lot, Kind.MADE, "");
        ledger.take(act, takes, lot.id(), Kind.USED, made.name());
        return lot.id();
    }
}
