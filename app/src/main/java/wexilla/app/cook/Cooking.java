package wexilla.app.cook;

import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.cook.CookViews.CookInput;
import wexilla.app.cook.CookViews.Cooked;
import wexilla.app.cook.CookViews.Correction;
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
import wexilla.app.platform.Undoable;
import wexilla.app.recipes.Costing;
import wexilla.app.recipes.Recipes;
import wexilla.core.food.Food;
import wexilla.core.keeping.KeepDates;
import wexilla.core.keeping.KeepingGuide;
import wexilla.core.keeping.KeepingGuide.Ingredient;
import wexilla.core.keeping.Storage;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;
import wexilla.core.pricing.CostSheet;
import wexilla.core.pricing.CostSheet.Wanted;
import wexilla.core.pricing.LineCost;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.AmountReader;
import wexilla.core.quantity.NotAnAmount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.Style;
import wexilla.core.stock.OpenLot;
import wexilla.core.stock.StockUse.Take;

/** Turns a recipe into a batch: what went in leaves its lots, what came out is a lot that waits to be packed. */
@Component
public class Cooking implements Undoable {

    /** A line that goes in at the chosen stop, with its place in the recipe. */
    record GoesIn(int pos, RecipeLine line, Wanted wanted) {}

    private final Recipes recipes;
    private final Costing costing;
    private final Ledger ledger;
    private final Foods foods;
    private final Households households;
    private final Reference reference;
    private final JdbcClient db;

    Cooking(
            Recipes recipes,
            Costing costing,
            Ledger ledger,
            Foods foods,
            Households households,
            Reference reference,
            JdbcClient db) {
        this.recipes = recipes;
        this.costing = costing;
        this.ledger = ledger;
        this.foods = foods;
        this.households = households;
        this.reference = reference;
        this.db = db;
    }

    /** The lines that go in at this stop, with what the cook says really went in. */
    static List<GoesIn> goesIn(Recipe recipe, Style style, List<Correction> corrections) {
        Map<Integer, String> used = corrected(recipe, style, corrections);
        List<GoesIn> goesIn = new ArrayList<>();
        for (int pos = 0; pos < recipe.lines().size(); pos++) {
            RecipeLine line = recipe.lines().get(pos);
            if (line.goesIn(style)) {
                Wanted written = Costing.wanted(line.read());
                String typed = used.get(pos);
                Wanted wanted =
                        typed == null ? written : new Wanted(written.food(), written.name(), amount(typed, pos));
                goesIn.add(new GoesIn(pos, line, wanted));
            }
        }
        return goesIn;
    }

    private static Map<Integer, String> corrected(Recipe recipe, Style style, List<Correction> corrections) {
        Map<Integer, String> used = new HashMap<>();
        for (Correction correction : corrections) {
            int pos = correction.pos();
            boolean there = pos >= 0
                    && pos < recipe.lines().size()
                    && recipe.lines().get(pos).goesIn(style);
            if (!there || used.put(pos, correction.used()) != null) {
                throw Problem.at("/corrections/" + pos, "Line " + pos + " does not go in, or is corrected twice.");
            }
        }
        return used;
    }

    private static Amount amount(String typed, int pos) {
        String field = "/corrections/" + pos;
        try {
            AmountReader.Reading reading = AmountReader.read(typed)
                    .orElseThrow(() -> new NotAnAmount("“" + typed + "” is no amount; write it like 450 g"));
            if (!reading.rest().isEmpty()) {
                throw new NotAnAmount("“" + reading.rest() + "” is not understood; write only the amount, like 450 g");
            }
            return reading.quantity().max();
        } catch (NotAnAmount problem) {
            throw Problem.at(field, String.valueOf(problem.getMessage()));
        }
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
        List<GoesIn> goesIn = goesIn(recipe, input.style(), input.corrections());
        Map<String, UUID> rows = goesIn.stream()
                .map(line -> line.wanted().food())
                .filter(java.util.Objects::nonNull)
                .distinct()
                .collect(Collectors.toMap(Food::key, food -> foods.row(household, food)));
        ledger.lockFoods(household.id(), rows.values());
        CostSheet sheet =
                costing.sheet(household, goesIn.stream().map(GoesIn::wanted).toList(), act.day());
        UUID batch = batch(act, current, input.style(), portions, sheet.flat());
        UUID dish = UUID.randomUUID();
        List<Take> takes = new ArrayList<>();
        for (int i = 0; i < goesIn.size(); i++) {
            takes.addAll(record(act, batch, goesIn.get(i), sheet.lines().get(i), rows));
        }
        create(act, dish, batch, input.style(), portions, sheet.total(), takes);
        takes.forEach(take -> ledger.take(act, take, dish, "used", recipe.title()));
        String subject = "Cooked: " + recipe.title() + ", " + portions + " portions";
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

    private UUID batch(Act act, Recipes.Stored recipe, Style style, int portions, Money flat) {
        UUID id = UUID.randomUUID();
        db.sql("""
                        insert into batch (household_id, id, recipe, n, name, portions, style, state, cook_on, done_at,
                            flat_cost, act)
                        values (?, ?, ?, ?, ?, ?, ?, 'done', ?, ?, ?, ?)""")
                .params(
                        act.household().id(),
                        id,
                        recipe.id(),
                        recipe.n(),
                        recipe.recipe().title(),
                        portions,
                        style.name(),
                        act.day(),
                        act.happenedAt().atOffset(ZoneOffset.UTC),
                        flat.minor(),
                        act.id())
                .update();
        return id;
    }

    /** Writes the line of the batch; what the record lacks is counted up first and taken from there. */
    private List<Take> record(Act act, UUID batch, GoesIn line, LineCost cost, Map<String, UUID> rows) {
        Food food = line.wanted().food();
        UUID row = food == null ? null : rows.get(food.key());
        Amount need = cost.need();
        db.sql("""
                        insert into batch_line (household_id, batch, pos, text, food, amount, unit, used, why)
                        values (?, ?, ?, ?, ?, ?, ?, ?, ?)""")
                .params(Arrays.asList(
                        act.household().id(),
                        batch,
                        line.pos(),
                        line.line().read().text(),
                        row,
                        need == null ? null : need.value().toDecimal(6),
                        need == null ? null : need.unit().symbol(),
                        need == null ? null : need.value().toDecimal(6),
                        cost.why()))
                .update();
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
                food.keepingClass(),
                act.day(),
                null,
                0,
                dates,
                null,
                null);
        ledger.create(act, lot, "counted", "used, not from stock");
        OpenLot open =
                new OpenLot(lot.id().toString(), lacking, cost, null, null, act.day(), food.keepingClass(), false);
        return new Take(open, lacking, cost);
    }

    private void create(Act act, UUID dish, UUID batch, Style style, int portions, Cost cost, List<Take> takes) {
        Place counter = households.usualPlace(act.household(), Storage.COUNTER);
        List<Ingredient> ingredients = takes.stream()
                .map(Take::lot)
                .map(lot -> new Ingredient(lot.keepingClass(), lot.clockFrom(), lot.cooked()))
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
                clock.keepingClass(),
                from,
                null,
                0,
                reference.keeping().dates(clock.keepingClass(), counter.kind(), from, from),
                null,
                null);
        ledger.create(act, lot, "made", "");
    }

    /** A batch with what it takes to write its labels. */
    public record Batch(
            UUID id,
            String name,
            int portions,
            Style style,
            LocalDate cookedOn,
            @Nullable Recipe recipe) {}

    /** These batches of this household, by id. */
    public Map<UUID, Batch> batches(Household household, List<UUID> ids) {
        return db
                .sql("select * from batch where household_id = ? and id = any (?)")
                .params(household.id(), ids.toArray(UUID[]::new))
                .query((row, n) -> {
                    UUID recipe = row.getObject("recipe", UUID.class);
                    return new Batch(
                            row.getObject("id", UUID.class),
                            row.getString("name"),
                            row.getInt("portions"),
                            Style.valueOf(row.getString("style")),
                            row.getObject("cook_on", LocalDate.class),
                            recipe == null ? null : recipes.version(household, recipe, row.getInt("n")));
                })
                .list()
                .stream()
                .collect(Collectors.toMap(Batch::id, Function.identity()));
    }

    /** The ledger knows what stands on a batch; here is nothing more. */
    @Override
    public List<Problem.Blocker> blockers(UUID household, UUID act) {
        return List.of();
    }

    @Override
    public void undo(Act undo, UUID undone) {
        db.sql("update batch set state = 'dropped' where household_id = ? and act = ?")
                .params(undo.household().id(), undone)
                .update();
    }
}
