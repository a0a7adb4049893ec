package wexilla.app.cook;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import wexilla.app.household.Foods;
import wexilla.app.household.Households;
import wexilla.app.household.Reference;
import wexilla.app.onhand.Ledger;
import wexilla.app.platform.Act;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.keeping.KeepingGuide;
import wexilla.core.keeping.LotClock;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.Change.Kind;
import wexilla.core.kitchen.Household;
import wexilla.core.kitchen.Lot.State;
import wexilla.core.kitchen.NewLot;
import wexilla.core.kitchen.Place;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;
import wexilla.core.pricing.LineCost;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Quantity;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.text.CookWords;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.recipe.lines.ReadLine;

/** What a cooking gives beside its portions: broth, bones, a jar of fat. By-products cost nothing (handbook, section 5). */
@Component
class Outputs {

    private static final int MOST = 10;

    private final Foods foods;
    private final Households households;
    private final Reference reference;
    private final Ledger ledger;
    private final PlainParts plain;

    Outputs(Foods foods, Households households, Reference reference, Ledger ledger, PlainParts plain) {
        this.foods = foods;
        this.households = households;
        this.reference = reference;
        this.ledger = ledger;
        this.plain = plain;
    }

    private record Read(ReadLine line, Quantity quantity) {}

    private List<Read> read(Household household, String field, List<String> typed) {
        if (typed.size() > MOST) {
            throw Problem.at(field, typed.size() + " things besides; " + MOST + " are the most.");
        }
        LineReader reader = new LineReader(foods.known(household).book());
        List<Read> all = new ArrayList<>();
        for (int i = 0; i < typed.size(); i++) {
            String text = typed.get(i);
            ReadLine line = Asked.at(field + "/" + i, () -> reader.read(text));
            Quantity quantity = line.quantity();
            if (quantity == null || quantity.max().value().isZero()) {
                throw Problem.at(field + "/" + i, "“" + text + "” says no amount; write it like 2 l chicken stock.");
            }
            all.add(new Read(line, quantity));
        }
        return all;
    }

    /** As the recipe says, for a batch of this size. @param factor of the recipe as written */
    List<String> sized(Household household, List<String> alsoMakes, Rational factor) {
        LineReader reader = new LineReader(foods.known(household).book());
        return alsoMakes.stream()
                .map(reader::readStored)
                .map(line -> line.quantity() == null
                        ? line.text()
                        : CookWords.amount(line.quantity().max().times(factor)) + " " + line.foodName())
                .toList();
    }

    /** Each becomes a lot in the fridge with its own date. @param from the dish it came of */
    void make(Act act, List<String> typed, String from) {
        Household household = act.household();
        Place fridge = households.usualPlace(household, Storage.FRIDGE);
        for (Read one : read(household, "/outputs", typed)) {
            Food food = one.line().food();
            Amount written = household.measures().toBase(one.quantity().max());
            if (food == null) {
                food = foods.own(household, one.line().foodName(), written.unit());
            }
            Amount amount = inBase(food, written, household);
            String keeping =
                    KeepingGuide.homeCooked(food.keepingClass()) ? food.keepingClass() : KeepingGuide.COOKED_DISH;
            LotClock clock = LotClock.start(keeping, act.day());
            NewLot lot = NewLot.counted(
                    foods.row(household, food),
                    null,
                    Amount.of(Rational.of(amount.value().toDecimal(6)), amount.unit()),
                    Cost.of(Money.zero(household.currency())),
                    "from " + from,
                    fridge.id(),
                    State.COOKED,
                    clock,
                    reference.keeping(household).dates(clock, fridge.kind()));
            ledger.create(act, lot, Kind.MADE, "from " + from);
        }
    }

    /**
     * What was cooked along is kept back plain.
     *
     * @param lines what each line costs: those of the dish, and behind {@code inDish} those that are kept
     */
    void keepPlain(
            Act act,
            List<PlainParts.Plain> kept,
            List<GoesIn> goesIn,
            List<LineCost> lines,
            int inDish,
            Map<Key, UUID> rows) {
        Map<Integer, LineCost> dish = new HashMap<>();
        for (int i = 0; i < goesIn.size(); i++) {
            dish.put(goesIn.get(i).pos(), lines.get(i));
        }
        plain.keep(
                act,
                kept,
                dish,
                lines.subList(inDish, lines.size()),
                rows,
                foods.known(act.household()).book());
    }

    private static Amount inBase(Food food, Amount written, Household household) {
        Unit base = food.base();
        return Conversion.convert(food, written, base, household.measures()) instanceof Conversion.Converted converted
                ? converted.amount()
                : written;
    }

    /** What is typed, or what the recipe says where nothing is. */
    static List<String> said(@Nullable List<String> typed, List<String> recipe) {
        return typed == null
                ? recipe
                : typed.stream()
                        .map(String::strip)
                        .filter(text -> !text.isEmpty())
                        .toList();
    }
}
