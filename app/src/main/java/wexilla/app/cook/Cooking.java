package wexilla.app.cook;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import wexilla.app.cook.CookViews.CookInput;
import wexilla.app.cook.CookViews.Cooked;
import wexilla.app.household.Foods;
import wexilla.app.household.Household;
import wexilla.app.household.Households;
import wexilla.app.household.Households.Place;
import wexilla.app.household.Reference;
import wexilla.app.onhand.Ledger;
import wexilla.app.onhand.NewLot;
import wexilla.app.onhand.NewLot.State;
import wexilla.app.platform.Act;
import wexilla.app.platform.Acts.Done;
import wexilla.app.platform.Problem;
import wexilla.app.recipes.Costing;
import wexilla.app.recipes.Recipes;
import wexilla.core.food.Food;
import wexilla.core.keeping.KeepDates;
import wexilla.core.keeping.KeepingGuide;
import wexilla.core.keeping.KeepingGuide.Ingredient;
import wexilla.core.keeping.LotClock;
import wexilla.core.keeping.Storage;
import wexilla.core.money.Cost;
import wexilla.core.pricing.CostSheet;
import wexilla.core.pricing.LineCost;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.Style;
import wexilla.core.stock.OpenLot;
import wexilla.core.stock.StockUse.Take;

/** Turns a recipe into a batch: what went in leaves its lots, what came out is a lot that waits to be packed. */
@Component
public class Cooking {

    private final Recipes recipes;
    private final Costing costing;
    private final Ledger ledger;
    private final Foods foods;
    private final Households households;
    private final Reference reference;
    private final Batches batches;

    Cooking(
            Recipes recipes,
            Costing costing,
            Ledger ledger,
            Foods foods,
            Households households,
            Reference reference,
            Batches batches) {
        this.recipes = recipes;
        this.costing = costing;
        this.ledger = ledger;
        this.foods = foods;
        this.households = households;
        this.reference = reference;
        this.batches = batches;
    }

    /** Cooks it. */
    public Done<Cooked> cook(Act act, CookInput input) {
        Household household = act.household();
        Recipes.Stored current = recipes.current(household, input.recipe());
        if (current.n() != input.n()) {
            throw Problem.changed("“" + current.recipe().title() + "” was changed meanwhile; look at it again.");
        }
        Recipe recipe = current.recipe();
        if (!recipe.styles().contains(input.style())) {
            throw Problem.at(
                    "/style", "This recipe has no stop “" + input.style().words() + "”.");
        }
        if (input.portions() == null || input.portions() < 1 || input.portions() > Recipe.MOST_PORTIONS) {
            throw Problem.at(
                    "/portions",
                    "Say how many portions came out, a whole number from 1 to " + Recipe.MOST_PORTIONS + ".");
        }
        int portions = input.portions();
        List<GoesIn> goesIn = GoesIn.of(recipe, input.style(), input.corrections());
        Map<String, UUID> rows = goesIn.stream()
                .map(line -> line.wanted().food())
                .filter(java.util.Objects::nonNull)
                .distinct()
                .collect(Collectors.toMap(Food::key, food -> foods.row(household, food)));
        ledger.lockFoods(household.id(), rows.values());
        CostSheet sheet =
                costing.sheet(household, goesIn.stream().map(GoesIn::wanted).toList(), act.day());
        UUID batch = batches.add(act, current, input.style(), portions, sheet.flat());
        UUID dish = UUID.randomUUID();
        List<Take> takes = new ArrayList<>();
        for (int i = 0; i < goesIn.size(); i++) {
            takes.addAll(record(act, batch, goesIn.get(i), sheet.lines().get(i), rows));
        }
        create(act, dish, batch, input.style(), portions, sheet.total(), takes);
        takes.forEach(take -> ledger.take(act, take, dish, "used", recipe.title()));
        String subject = "Cooked: " + recipe.title() + ", " + Amount.of(portions, Unit.PORTION);
        Cooked cooked = new Cooked(
                act.id().toString(),
                subject,
                dish.toString(),
                portions,
                sheet.total().known().decimal(),
                sheet.total().complete(),
                sheet.perPortion(portions).decimal());
        return new Done<>(subject, cooked);
    }

    /** Writes the line of the batch; what the record lacks is counted up first and taken from there. */
    private List<Take> record(Act act, UUID batch, GoesIn line, LineCost cost, Map<String, UUID> rows) {
        Food food = line.wanted().food();
        UUID row = food == null ? null : rows.get(food.key());
        Amount need = cost.need();
        batches.addLine(act, batch, line, cost, row);
        List<Take> takes = new ArrayList<>(cost.takes());
        Amount lacking = cost.notInStock();
        if (food != null && row != null && lacking != null && lacking.unit().equals(food.base())) {
            takes.add(notFromStock(act, food, row, lacking, cost.notInStockCost()));
        }
        return takes;
    }

    private Take notFromStock(Act act, Food food, UUID row, Amount lacking, Cost cost) {
        Place place = households.usualPlace(act.household(), Storage.COUNTER);
        KeepDates dates = reference.keeping().dates(food.keepingClass(), place.kind(), act.day(), act.day());
        NewLot lot = new NewLot(
                UUID.randomUUID(),
                row,
                null,
                lacking,
                false,
                cost,
                "used, not from stock",
                place.id(),
                State.RAW,
                LotClock.start(food.keepingClass(), act.day()),
                dates,
                null,
                null);
        ledger.create(act, lot, "counted", "used, not from stock");
        OpenLot open = new OpenLot(lot.id().toString(), lacking, cost, null, null, lot.clock(), false);
        return new Take(open, lacking, cost);
    }

    private void create(Act act, UUID dish, UUID batch, Style style, int portions, Cost cost, List<Take> takes) {
        Place counter = households.usualPlace(act.household(), Storage.COUNTER);
        List<Ingredient> ingredients = takes.stream()
                .map(Take::lot)
                .map(lot ->
                        new Ingredient(lot.clock().keepingClass(), lot.clock().ageFrom(act.day()), lot.cooked()))
                .toList();
        KeepingGuide.Clock clock = reference.keeping().ofDish(style, ingredients, act.day());
        LocalDate from = clock.clockFrom();
        NewLot lot = new NewLot(
                dish,
                null,
                batch,
                Amount.of(Rational.of(portions), Unit.PORTION),
                false,
                cost,
                style.words(),
                counter.id(),
                style == Style.RAW_BAG ? State.RAW : State.COOKED,
                LotClock.start(clock.keepingClass(), from),
                reference.keeping().dates(clock.keepingClass(), counter.kind(), from, from),
                null,
                null);
        ledger.create(act, lot, "made", "");
    }
}
