package wexilla.app.cook;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import wexilla.app.cook.CookViews.CookInput;
import wexilla.app.cook.CookViews.Cooked;
import wexilla.app.cook.CookViews.JustInput;
import wexilla.app.onhand.Snapshot;
import wexilla.app.onhand.Snapshots;
import wexilla.app.platform.Act;
import wexilla.app.platform.Acts.Done;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Portions;
import wexilla.app.platform.Problem;
import wexilla.app.recipes.Recipes;
import wexilla.app.recipes.Sizes;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.kitchen.Batch;
import wexilla.core.kitchen.Batch.State;
import wexilla.core.kitchen.Household;
import wexilla.core.kitchen.Written;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;
import wexilla.core.pricing.CostSheet;
import wexilla.core.pricing.CostSheet.Wanted;
import wexilla.core.pricing.LineCost;
import wexilla.core.pricing.Seasoning;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.Style;
import wexilla.core.stations.onhand.Handling;
import wexilla.core.stock.StockUse.Take;

/** Turns a recipe into a batch: what went in leaves its lots, what came out is a lot that waits to be packed. */
@Component
public class Cooking {

    private final Recipes recipes;
    private final Snapshots snapshots;
    private final Sizes sizes;
    private final Batches batches;
    private final Added added;
    private final Counter counter;
    private final Outputs outputs;

    Cooking(
            Recipes recipes,
            Snapshots snapshots,
            Sizes sizes,
            Batches batches,
            Added added,
            Counter counter,
            Outputs outputs) {
        this.recipes = recipes;
        this.snapshots = snapshots;
        this.sizes = sizes;
        this.batches = batches;
        this.added = added;
        this.counter = counter;
        this.outputs = outputs;
    }

    /** Cooks it. */
    public Done<Cooked> cook(Act act, CookInput input) {
        Household household = act.household();
        Snapshot now = snapshots.of(household);
        Written current = recipes.current(now, input.recipe());
        Integer asPlanned = input.planned() == null
                ? null
                : planned(now, input.planned(), input.recipe()).n();
        boolean old = current.n() != input.n();
        if (old && !Integer.valueOf(input.n()).equals(asPlanned)) {
            throw Problem.changed("“" + current.recipe().title() + "” was changed meanwhile; look at it again.");
        }
        Written stored = recipes.version(now, input.recipe(), input.n());
        Recipe recipe = stored.recipe();
        if (!recipe.styles().contains(input.style())) {
            throw Problem.at(
                    "/style", "This recipe has no stop “" + input.style().words() + "”.");
        }
        Rational portions = Portions.typed("/portions", input.portions());
        Sized sized = sizes.pots(household).sized(recipe, factor(input.factor()), input.vessels());
        List<GoesIn> asWritten = GoesIn.of(household, sized, input.style(), input.corrections());
        Replaced replaced = Replaced.of(input.instead(), asWritten, now.reader());
        List<GoesIn> goesIn = asWritten.stream()
                .map(line -> replaced.replaces(line.pos()) ? line.none() : line)
                .toList();
        List<Wanted> wanted =
                new ArrayList<>(goesIn.stream().map(GoesIn::wanted).toList());
        wanted.addAll(replaced.wanted());
        int inDish = wanted.size();
        List<PlainParts.Plain> plain = PlainParts.of(input.plain(), goesIn, input.style());
        plain.forEach(one -> wanted.add(one.wanted()));
        Map<Key, UUID> rows = counter.lockAll(
                household,
                wanted.stream().map(Wanted::food).filter(Objects::nonNull).toList(),
                recipe);
        // stock is read only now that what it is taken from is locked
        CostSheet sheet = CostSheet.of(wanted, snapshots.of(household).costs(act.day()));
        List<Take> also = added.takes(act, "/also", input.also() == null ? List.of() : input.also());
        UUID batch = batches.write(
                act,
                input.planned() == null ? UUID.randomUUID() : input.planned(),
                stored,
                sized,
                portions,
                input.style(),
                State.DONE,
                act.day(),
                sheet.flat());
        List<Take> takes = new ArrayList<>();
        List<Batches.WentIn> wentIn = new ArrayList<>();
        for (int i = 0; i < goesIn.size(); i++) {
            Food food = goesIn.get(i).wanted().food();
            LineCost cost = sheet.lines().get(i);
            wentIn.add(new Batches.WentIn(goesIn.get(i), cost, food == null ? null : rows.get(food.key())));
            takes.addAll(counter.taken(act, food, cost, rows));
        }
        batches.addLines(act, batch, wentIn);
        for (int i = goesIn.size(); i < inDish; i++) {
            takes.addAll(counter.taken(act, wanted.get(i).food(), sheet.lines().get(i), rows));
        }
        if (replaced.kept() && old) {
            throw Problem.at(
                    "/instead",
                    "The recipe was changed since this was planned; take its changes along to keep this in it.");
        }
        if (replaced.kept()) {
            Recipe next = replaced.next(recipe, sized.size().factor(), now.reader());
            recipes.change(act, current.id(), current.version(), next, current.about());
        }
        takes.addAll(also);
        Cost total = Stream.concat(
                        sheet.lines().subList(0, inDish).stream().map(LineCost::cost),
                        also.stream().map(Take::cost))
                .reduce(Cost.zero(sheet.flat().currency()).with(sheet.flat()), Cost::plus);
        UUID dish = counter.made(
                act,
                new Counter.Made(
                        recipe.title(),
                        batch,
                        input.style(),
                        sized,
                        Amount.of(portions, Unit.PORTION),
                        total,
                        keepsAs(input.keepsAs())),
                takes);
        counter.keepBack(act, dish, portions, input.keepBack());
        outputs.keepPlain(act, plain, goesIn, sheet.lines(), inDish, rows);
        outputs.make(act, Outputs.said(input.outputs(), besides(household, stored, sized)), recipe.title());
        return done(act, recipe.title(), dish, Amount.of(portions, Unit.PORTION), total);
    }

    /** What comes out beside the portions at this size, as the recipe says. */
    List<String> besides(Household household, Written stored, Sized sized) {
        return outputs.sized(household, stored.about().alsoMakes(), sized.size().factor());
    }

    /** Cooks something without a recipe: a name, what went in, and portions, grams, millilitres or pieces out. */
    public Done<Cooked> justCooked(Act act, JustInput input) {
        String name = Asked.name("/name", input.name(), 120);
        Amount out = cameOut(act.household(), input);
        boolean dish = out.unit().equals(Unit.PORTION);
        Rational portions = dish ? out.value() : Rational.ONE;
        List<Take> takes = added.takes(act, "/used", input.used());
        // no line says whether it was seasoned: it is, as nearly every dish
        boolean counted = !takes.isEmpty() && act.household().seasoning() == Seasoning.FLAT;
        Money flat =
                counted ? act.household().flat() : Money.zero(act.household().currency());
        Style style = Boolean.TRUE.equals(input.raw()) ? Style.RAW_BAG : dish ? Style.COOKED : Style.PLAIN_PART;
        UUID batch = batches.add(act, name, style, portions, flat);
        Cost total = takes.isEmpty()
                ? Cost.unknown(act.household().currency())
                : takes.stream()
                        .map(Take::cost)
                        .reduce(Cost.zero(flat.currency()).with(flat), Cost::plus);
        UUID lot = counter.made(
                act, new Counter.Made(name, batch, style, null, out, total, keepsAs(input.keepsAs())), takes);
        return done(act, name, lot, out, total);
    }

    /** What came out, in portions or in g, ml or pieces. */
    private static Amount cameOut(Household household, JustInput input) {
        String typed = input.cameOut();
        if (typed == null || typed.isBlank()) {
            return Amount.of(Portions.typed("/portions", input.portions()), Unit.PORTION);
        }
        Amount amount = household.measures().toBase(Asked.amount("/cameOut", typed));
        boolean counted = amount.unit().dimension() == Dimension.COUNT;
        boolean pieces = amount.unit().equals(Unit.PIECE);
        if (amount.value().isZero() || counted && !pieces) {
            throw Problem.at("/cameOut", "“" + typed + "” is nothing that came out; write it like 1.2 kg, 2 l or 24.");
        }
        return Amount.of(Rational.of(amount.value().toDecimal(6)), amount.unit());
    }

    private static @Nullable String keepsAs(@Nullable String typed) {
        return typed == null || typed.isEmpty() ? null : Handling.chosen(typed);
    }

    private static Done<Cooked> done(Act act, String name, UUID dish, Amount out, Cost total) {
        String subject = "Cooked: " + name + ", " + out;
        Rational portions = out.unit().equals(Unit.PORTION) ? out.value() : Rational.ONE;
        Money each = Money.rounded(
                total.known().exact().dividedBy(portions), total.known().currency());
        return new Done<>(
                subject,
                new Cooked(
                        act.id().toString(),
                        subject,
                        dish.toString(),
                        Portions.number(portions),
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

    /** A batch that is to be cooked, by this recipe. */
    Batch planned(Snapshot now, UUID id, UUID recipe) {
        Batch batch = batches.byId(now, List.of(id)).get(id);
        if (batch == null || batch.state() != State.PLANNED || !recipe.equals(batch.recipeId())) {
            throw Problem.at("/planned", "This batch is not planned any more; look at the day again.");
        }
        return batch;
    }
}
