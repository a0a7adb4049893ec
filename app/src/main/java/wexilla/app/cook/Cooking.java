package wexilla.app.cook;

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
import wexilla.app.cook.CookViews.CookInput;
import wexilla.app.cook.CookViews.Cooked;
import wexilla.app.cook.CookViews.JustInput;
import wexilla.app.household.Foods;
import wexilla.app.household.Households;
import wexilla.app.household.Households.Place;
import wexilla.app.household.Reference;
import wexilla.app.onhand.BatchRows.State;
import wexilla.app.onhand.Handling;
import wexilla.app.onhand.Ledger;
import wexilla.app.onhand.Ledger.Kind;
import wexilla.app.onhand.Lots;
import wexilla.app.onhand.NewLot;
import wexilla.app.onhand.Snapshot;
import wexilla.app.onhand.Snapshots;
import wexilla.app.platform.Act;
import wexilla.app.platform.Acts.Done;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Household;
import wexilla.app.platform.Problem;
import wexilla.app.recipes.Dishes;
import wexilla.app.recipes.Recipes;
import wexilla.app.recipes.Sizes;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.keeping.KeepDates;
import wexilla.core.keeping.KeepingGuide;
import wexilla.core.keeping.KeepingGuide.Ingredient;
import wexilla.core.keeping.LotClock;
import wexilla.core.keeping.Storage;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;
import wexilla.core.pricing.CostSheet;
import wexilla.core.pricing.LineCost;
import wexilla.core.pricing.Seasoning;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.Style;
import wexilla.core.stock.OpenLot;
import wexilla.core.stock.StockUse.Take;

/** Turns a recipe into a batch: what went in leaves its lots, what came out is a lot that waits to be packed. */
@Component
public class Cooking {

    private final Recipes recipes;
    private final Snapshots snapshots;
    private final Sizes sizes;
    private final Ledger ledger;
    private final Foods foods;
    private final Households households;
    private final Reference reference;
    private final Batches batches;
    private final Handling handling;
    private final Added added;

    Cooking(
            Recipes recipes,
            Snapshots snapshots,
            Sizes sizes,
            Ledger ledger,
            Foods foods,
            Households households,
            Reference reference,
            Batches batches,
            Handling handling,
            Added added) {
        this.recipes = recipes;
        this.snapshots = snapshots;
        this.sizes = sizes;
        this.ledger = ledger;
        this.foods = foods;
        this.households = households;
        this.reference = reference;
        this.batches = batches;
        this.handling = handling;
        this.added = added;
    }

    /** Cooks it. */
    public Done<Cooked> cook(Act act, CookInput input) {
        Household household = act.household();
        Snapshot now = snapshots.of(household);
        Recipes.Stored current = recipes.current(now, input.recipe());
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
        Sized sized = sizes.kitchen(household).sized(recipe, factor(input.factor()), input.vessels());
        List<GoesIn> goesIn = GoesIn.of(household, sized, input.style(), input.corrections());
        Map<Key, UUID> rows = lockAll(
                household,
                goesIn.stream()
                        .map(line -> line.wanted().food())
                        .filter(Objects::nonNull)
                        .toList(),
                recipe);
        // stock is read only now that what it is taken from is locked
        CostSheet sheet = CostSheet.of(
                goesIn.stream().map(GoesIn::wanted).toList(),
                snapshots.of(household).costs(act.day()));
        if (input.planned() != null) {
            planned(household, input.planned(), input.recipe());
        }
        List<Take> also = added.takes(act, "/also", input.also() == null ? List.of() : input.also());
        UUID batch = batches.write(
                act,
                input.planned() == null ? UUID.randomUUID() : input.planned(),
                current,
                sized,
                portions,
                input.style(),
                State.DONE,
                act.day(),
                sheet.flat());
        UUID dish = UUID.randomUUID();
        List<Take> takes = new ArrayList<>();
        for (int i = 0; i < goesIn.size(); i++) {
            takes.addAll(record(act, batch, goesIn.get(i), sheet.lines().get(i), rows));
        }
        takes.addAll(also);
        Cost total = also.stream().map(Take::cost).reduce(sheet.total(), Cost::plus);
        create(act, dish, batch, input.style(), portions, total, takes);
        takes.forEach(take -> ledger.take(act, take, dish, Kind.USED, recipe.title()));
        keepBack(act, dish, portions, input.keepBack());
        return done(act, recipe.title(), dish, portions, total);
    }

    /** Locks what all its foods and the dishes in it are taken from. @return the row of each food, by key */
    private Map<Key, UUID> lockAll(Household household, List<Food> goesIn, Recipe recipe) {
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

    /** Cooks something without a recipe: a name, what went in, portions out. */
    public Done<Cooked> justCooked(Act act, JustInput input) {
        String name = Asked.name("/name", input.name(), 120);
        Integer portions = input.portions();
        if (portions == null || portions < 1 || portions > Recipe.MOST_PORTIONS) {
            throw Problem.at(
                    "/portions",
                    "Say how many portions came out, a whole number from 1 to " + Recipe.MOST_PORTIONS + ".");
        }
        List<Take> takes = added.takes(act, "/used", input.used());
        boolean counted = !takes.isEmpty() && act.household().seasoning() == Seasoning.FLAT;
        Money flat =
                counted ? act.household().flat() : Money.zero(act.household().currency());
        UUID batch = batches.add(act, name, Style.COOKED, portions, flat);
        UUID dish = UUID.randomUUID();
        Cost total = takes.isEmpty()
                ? Cost.unknown(act.household().currency())
                : takes.stream().map(Take::cost).reduce(Cost.of(flat), Cost::plus);
        create(act, dish, batch, Style.COOKED, portions, total, takes);
        takes.forEach(take -> ledger.take(act, take, dish, Kind.USED, name));
        return done(act, name, dish, portions, total);
    }

    private static Done<Cooked> done(Act act, String name, UUID dish, int portions, Cost total) {
        String subject = "Cooked: " + name + ", " + Amount.of(portions, Unit.PORTION);
        Money each = Money.rounded(
                total.known().exact().dividedBy(Rational.of(portions)),
                total.known().currency());
        return new Done<>(
                subject,
                new Cooked(
                        act.id().toString(),
                        subject,
                        dish.toString(),
                        portions,
                        total.known().decimal(),
                        total.complete(),
                        each.decimal()));
    }

    /** "1.5" or "3/2" of the recipe as written. */
    static Rational factor(@Nullable String typed) {
        if (typed == null || typed.isBlank()) {
            return Rational.ONE;
        }
        Amount amount = Asked.amount("/factor", typed);
        boolean bare = amount.unit().equals(Unit.PIECE);
        if (!bare || amount.value().isZero() || amount.value().compareTo(Rational.of(50)) > 0) {
            throw Problem.at("/factor", "“" + typed + "” is no size; say 2 for double, 1/2 for half, at most 50.");
        }
        return amount.value();
    }

    private void planned(Household household, UUID id, UUID recipe) {
        Batches.Batch batch = batches.byId(snapshots.of(household), List.of(id)).get(id);
        if (batch == null || batch.state() != State.PLANNED || !recipe.equals(batch.recipeId())) {
            throw Problem.at("/planned", "This batch is not planned any more; look at the day again.");
        }
    }

    /** A plain part for another day goes from the counter into the fridge, with its own date. */
    private void keepBack(Act act, UUID dish, int portions, @Nullable Integer keep) {
        if (keep == null || keep == 0) {
            return;
        }
        if (keep < 0 || keep > portions) {
            throw Problem.at("/keepBack", "From 0 to the " + portions + " portions that came out can be kept back.");
        }
        Place fridge = households.usualPlace(act.household(), Storage.FRIDGE);
        handling.move(act, dish, Amount.of(keep, Unit.PORTION), fridge.id());
    }

    /** Writes the line of the batch; what the record lacks is counted up first and taken from there. */
    private List<Take> record(Act act, UUID batch, GoesIn line, LineCost cost, Map<Key, UUID> rows) {
        Food food = line.wanted().food();
        UUID row = food == null ? null : rows.get(food.key());
        Amount need = cost.need();
        batches.addLine(act, batch, line, cost, row);
        return taken(act, food, cost, rows);
    }

    private List<Take> taken(Act act, @Nullable Food food, LineCost cost, Map<Key, UUID> rows) {
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
        KeepDates dates = reference.keeping().dates(food.keepingClass(), place.kind(), act.day(), act.day());
        NewLot lot = NewLot.counted(
                row,
                null,
                lacking,
                cost,
                "used, not from stock",
                place.id(),
                NewLot.State.RAW,
                LotClock.start(food.keepingClass(), act.day()),
                dates);
        ledger.create(act, lot, Kind.COUNTED, "used, not from stock");
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
                Lots.Level.COUNTED,
                cost,
                style.words(),
                counter.id(),
                style == Style.RAW_BAG ? NewLot.State.RAW : NewLot.State.COOKED,
                LotClock.start(clock.keepingClass(), from),
                reference.keeping().dates(clock.keepingClass(), counter.kind(), from, from),
                Lots.Packet.NONE);
        ledger.create(act, lot, Kind.MADE, "");
    }
}
