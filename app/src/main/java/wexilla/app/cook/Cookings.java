package wexilla.app.cook;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import wexilla.app.cook.CookViews.CookInput;
import wexilla.app.cook.CookViews.Cooked;
import wexilla.app.cook.CookViews.Correction;
import wexilla.app.cook.CookViews.JustInput;
import wexilla.app.household.Foods;
import wexilla.app.household.Weighings;
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
import wexilla.core.food.Weighing;
import wexilla.core.food.facts.Part;
import wexilla.core.kitchen.Batch;
import wexilla.core.kitchen.Batch.State;
import wexilla.core.kitchen.Change;
import wexilla.core.kitchen.NewBatch;
import wexilla.core.kitchen.Written;
import wexilla.core.kitchen.house.Household;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;
import wexilla.core.pricing.Seasoning;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.Style;
import wexilla.core.stations.cook.Cooking;
import wexilla.core.stations.cook.Cooking.Order;
import wexilla.core.stations.cook.GoesIn;
import wexilla.core.stations.cook.PlainPart;
import wexilla.core.stations.cook.Stove;
import wexilla.core.stations.onhand.Handling;
import wexilla.core.stock.StockUse.Take;

/** Reads what is cooked, and writes down what the core makes of it. */
@Component
public class Cookings {

    private final Recipes recipes;
    private final Snapshots snapshots;
    private final Sizes sizes;
    private final Batches batches;
    private final Stoves stoves;
    private final Outputs outputs;
    private final Foods foods;
    private final Weighings weighings;

    Cookings(
            Recipes recipes,
            Snapshots snapshots,
            Sizes sizes,
            Batches batches,
            Stoves stoves,
            Outputs outputs,
            Foods foods,
            Weighings weighings) {
        this.recipes = recipes;
        this.snapshots = snapshots;
        this.sizes = sizes;
        this.batches = batches;
        this.stoves = stoves;
        this.outputs = outputs;
        this.foods = foods;
        this.weighings = weighings;
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
        Rational keepBack = input.keepBack() == null ? Rational.ZERO : Portions.orNone("/keepBack", input.keepBack());
        if (keepBack.compareTo(portions) > 0) {
            throw Problem.at(
                    "/keepBack", "From 0 to the " + portions.plain() + " portions that came out can be kept back.");
        }
        Sized sized = sizes.pots(household).sized(recipe, factor(input.factor()), input.vessels());
        List<GoesIn> asWritten =
                GoesIn.of(household, sized, input.style(), corrected(sized, input.style(), input.corrections()));
        Replaced replaced = Replaced.of(input.instead(), asWritten, now.reader());
        if (replaced.kept() && old) {
            throw Problem.at(
                    "/instead",
                    "The recipe was changed since this was planned; take its changes along to keep this in it.");
        }
        List<GoesIn> goesIn = asWritten.stream()
                .map(line -> replaced.replaces(line.pos()) ? line.none() : line)
                .toList();
        List<PlainPart> plain = Kept.of(input.plain(), goesIn, input.style());
        List<Stove.Besides> besides =
                outputs.of(household, Outputs.said(input.outputs(), besides(household, stored, sized)));
        Set<Food> named = Stoves.foods(recipe);
        Stream.of(
                        goesIn.stream().map(GoesIn::wanted),
                        replaced.wanted().stream(),
                        plain.stream().map(PlainPart::wanted))
                .flatMap(Function.identity())
                .flatMap(wanted -> Stream.ofNullable(wanted.food()))
                .forEach(named::add);
        besides.forEach(one -> named.add(one.food()));
        Stove stove = stoves.at(act, named);
        List<Take> also = Added.takes(stove.kitchen(), "/also", input.also() == null ? List.of() : input.also());
        var cooked = new Cooking(stove)
                .cook(new Order(
                        stored,
                        input.planned() == null ? stove.id() : input.planned(),
                        sized,
                        input.style(),
                        portions,
                        goesIn,
                        replaced.wanted(),
                        plain,
                        also,
                        keepsAs(input.keepsAs()),
                        keepBack));
        besides.forEach(one -> stove.besides(one, recipe.title()));
        stoves.write(act, stove);
        cooked.weighed()
                .forEach(one -> weighings.add(
                        act,
                        one.food(),
                        Part.COOKED,
                        one.raw().toDecimal(6),
                        one.cooked().toDecimal(6),
                        Weighing.Grade.WEIGHED));
        if (replaced.kept()) {
            Recipe next = replaced.next(recipe, sized.size().factor(), now.reader());
            recipes.change(act, current.id(), current.version(), next, current.about());
        }
        return done(act, recipe.title(), cooked.dish(), Amount.of(portions, Unit.PORTION), cooked.cost());
    }

    /** What really went in of some lines, as typed. */
    private static Map<Integer, Amount> corrected(Sized sized, Style style, List<Correction> corrections) {
        Map<Integer, Amount> used = new HashMap<>();
        for (Correction correction : corrections) {
            int pos = correction.pos();
            String at = "/corrections/" + pos;
            boolean there = sized.goesIn(style).stream().anyMatch(line -> line.pos() == pos);
            if (!there || used.put(pos, Asked.amount(at, correction.used())) != null) {
                throw Problem.at(at, "Line " + pos + " does not go in, or is corrected twice.");
            }
        }
        return used;
    }

    /** What comes out beside the portions at this size, as the recipe says. */
    List<String> besides(Household household, Written stored, Sized sized) {
        return outputs.sized(household, stored.about().alsoMakes(), sized.size().factor());
    }

    /** Cooks something without a recipe: a name, what went in, and portions, grams, millilitres or pieces out. */
    public Done<Cooked> justCooked(Act act, JustInput input) {
        String name = Asked.name("/name", input.name(), 120);
        Household household = act.household();
        Amount out = cameOut(household, input);
        boolean dish = out.unit().equals(Unit.PORTION);
        if (!dish) {
            // what is made in pieces or by weight is a food of the household, which other recipes ask for by its name
            foods.own(household, name, out.unit());
        }
        Rational portions = dish ? out.value() : Rational.ONE;
        Stove stove = stoves.at(act, List.of());
        List<Take> takes = Added.takes(stove.kitchen(), "/used", input.used());
        // no line says whether it was seasoned: it is, as nearly every dish
        boolean counted = !takes.isEmpty() && household.seasoning() == Seasoning.FLAT;
        Money flat = counted ? household.flat() : Money.zero(household.currency());
        Style style = Boolean.TRUE.equals(input.raw()) ? Style.RAW_BAG : dish ? Style.COOKED : Style.PLAIN_PART;
        NewBatch batch = NewBatch.named(stove.id(), name, style, portions, act.day(), flat);
        stove.does(new Change.BatchSet(batch));
        Cost total = takes.isEmpty()
                ? Cost.unknown(household.currency())
                : takes.stream()
                        .map(Take::cost)
                        .reduce(Cost.zero(flat.currency()).with(flat), Cost::plus);
        UUID lot =
                stove.made(new Stove.Made(name, batch.id(), style, null, out, total, keepsAs(input.keepsAs())), takes);
        stoves.write(act, stove);
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
    public static Rational factor(@Nullable String typed) {
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
