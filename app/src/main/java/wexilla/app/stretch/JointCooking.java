package wexilla.app.stretch;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import wexilla.app.cook.Stoves;
import wexilla.app.household.Foods;
import wexilla.app.household.Reference;
import wexilla.app.household.Weighings;
import wexilla.app.onhand.Codes;
import wexilla.app.platform.Act;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.app.recipes.Recipes;
import wexilla.app.stretch.Cutting.Cut;
import wexilla.app.stretch.Cutting.ShareAsked;
import wexilla.app.stretch.Cutting.StretchAsked;
import wexilla.app.stretch.StretchController.JointInput;
import wexilla.core.food.Food;
import wexilla.core.food.Weighing;
import wexilla.core.food.book.FoodBook;
import wexilla.core.food.facts.Part;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.house.Household;
import wexilla.core.money.Money;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.lines.LineList;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.recipe.lines.ReadLine;
import wexilla.core.stations.cook.Stove;
import wexilla.core.stations.stretch.Joint;
import wexilla.core.stretch.Piece;
import wexilla.core.stretch.Share;
import wexilla.core.stretch.Slab;
import wexilla.core.stretch.StretchPlan.Form;

/** Cutting the joint raw or cooked: the raw lot is used up and each part becomes a lot. */
@Component
class JointCooking {

    private static final int DIGITS = 12;

    private final Stretches stretches;
    private final Foods foods;
    private final Weighings weighings;
    private final Reference reference;
    private final Stoves stoves;
    private final Codes codes;
    private final Recipes recipes;

    JointCooking(
            Stretches stretches,
            Foods foods,
            Weighings weighings,
            Reference reference,
            Stoves stoves,
            Codes codes,
            Recipes recipes) {
        this.recipes = recipes;
        this.stretches = stretches;
        this.foods = foods;
        this.weighings = weighings;
        this.reference = reference;
        this.stoves = stoves;
        this.codes = codes;
    }

    /**
     * Cooks it, or cuts it raw where that was asked.
     *
     * @param input cooked meat as weighed, liquid as measured; blank when nobody did, then the yield, and what boils away,
     *     says how much
     */
    String cook(Act act, UUID id, JointInput input) {
        String weighed = input.weighed();
        Household household = act.household();
        Stretches.Stretch stretch = stretches.get(household, id);
        if (stretch.state() != Stretches.State.OPEN) {
            throw Problem.at("/id", "This joint is cooked already.");
        }
        StretchAsked asked = stretch.asked();
        boolean uncooked = asked.cut() == Slab.Cut.RAW;
        Food food = foods.known(household)
                .book()
                .find(asked.food())
                .orElseGet(() -> foods.own(household, asked.food(), Unit.G));
        Cut planned = cut(household, asked);
        PotAsked pot = PotAsked.of(asked, foods.known(household).book(), household.currency());
        Rational broth = uncooked ? Rational.ZERO : liquid(input, pot, household);
        Food stock = foods.known(household).book().named("stock").orElseThrow();
        Map<String, Food> besides = besides(household, planned, uncooked);
        List<Food> named = new ArrayList<>(besides.values());
        named.add(food);
        if (!broth.isZero()) {
            named.add(stock);
        }
        List<List<ReadLine>> season =
                asked.shares().stream().map(share -> season(share, household)).toList();
        if (!uncooked) {
            pot.lines().stream().flatMap(line -> line.knownFood().stream()).forEach(named::add);
        }
        season.stream()
                .flatMap(List::stream)
                .flatMap(line -> line.knownFood().stream())
                .forEach(named::add);
        Stove stove = stoves.at(act, named);
        Set<String> used = codes.used(household);
        Joint joint = new Joint(stove, () -> codes.fresh(act, used));
        Lot raw = raw(joint, stretch, food, planned);
        Cut cut = there(household, actual(asked, raw, uncooked ? null : weighed));
        List<Piece> pieces =
                Piece.of(cut.slab(), cut.shares(), cut.plan(), raw.amount().value());
        List<Joint.Part> parts = parts(pieces, asked, food, season, besides, pins(household, pieces));
        List<UUID> made;
        if (uncooked) {
            made = joint.cutRaw(raw, parts);
        } else {
            if (weighed != null && !weighed.isBlank()) {
                weighings.add(
                        act,
                        stove.row(food),
                        Part.COOKED,
                        cut.rawGrams().toDecimal(6),
                        cut.slab().cookedGrams().toDecimal(6),
                        Weighing.Grade.WEIGHED);
            }
            Rational feeds = Rational.of(Math.max(1, cut.plan().plainPlates()));
            boolean back = pot.pot().back();
            made = joint.cook(food, raw, parts, feeds, pot.lines(), back ? broth : Rational.ZERO);
            if (!broth.isZero() && !back) {
                joint.broth(stock, broth, "from " + food.name());
            }
        }
        stoves.write(act, stove);
        stretches.cooked(act, id, made.subList(0, asked.shares().size()));
        return (uncooked ? "Cut raw: " : "Cooked: ") + food.name() + " into " + pieces.size()
                + (pieces.size() == 1 ? " part" : " parts");
    }

    /** What goes into a part alone: "7 g mustard powder, 1 tsp salt"; nothing for a plain one. */
    private List<ReadLine> season(ShareAsked share, Household household) {
        return share.seasoning().isEmpty()
                ? List.of()
                : LineList.ofStored(
                                share.seasoning(),
                                new LineReader(foods.known(household).book()))
                        .lines();
    }

    private static Rational liquid(JointInput input, PotAsked pot, Household household) {
        if (input.liquid() == null || input.liquid().isBlank()) {
            return pot.pot().broth(household.measures());
        }
        Amount left = household.measures().toBase(Asked.amount("/liquid", input.liquid()));
        if (left.unit().dimension() == Dimension.COUNT) {
            throw Problem.at("/liquid", "“" + input.liquid() + "” is no liquid; write it like 300 ml.");
        }
        return left.value();
    }

    /** The raw lot; a joint that is not in the record is counted up first, several packs are put together. */
    private static Lot raw(Joint joint, Stretches.Stretch stretch, Food food, Cut planned) {
        Kitchen kitchen = joint.stove().kitchen();
        if (stretch.lot() == null) {
            return joint.counted(
                    food,
                    Amount.of(Rational.of(planned.rawGrams().toDecimal(6)), Unit.G),
                    Money.parse(stretch.asked().price(), kitchen.household().currency()));
        }
        List<UUID> packs = new ArrayList<>(List.of(stretch.lot()));
        packs.addAll(stretch.asked().more());
        return joint.together(food, Joint.packs(kitchen, packs));
    }

    /** Bones and trimmings by their names: cooked ones where they are cooked. */
    private Map<String, Food> besides(Household household, Cut planned, boolean uncooked) {
        FoodBook book = foods.known(household).book();
        Map<String, Food> besides = new HashMap<>();
        for (Share share : planned.shares()) {
            String name = share.name();
            if (share.byProduct()) {
                besides.put(
                        name,
                        (uncooked ? book.find(name) : book.find("cooked " + name))
                                .orElseGet(() -> foods.own(household, name, Unit.PIECE)));
            }
        }
        return besides;
    }

    /** What each piece is kept as; what is not decided has its own name. */
    private static List<Joint.Part> parts(
            List<Piece> pieces,
            StretchAsked asked,
            Food food,
            List<List<ReadLine>> season,
            Map<String, Food> besides,
            Map<String, Lot.Pin> pins) {
        List<Joint.Part> parts = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            Piece piece = pieces.get(i);
            ShareAsked share = i < asked.shares().size() ? asked.shares().get(i) : null;
            parts.add(new Joint.Part(
                    piece,
                    piece.meat() ? food : Objects.requireNonNull(besides.get(piece.name())),
                    share == null ? piece.name() : share.about(),
                    share == null ? List.of() : season.get(i),
                    share == null ? Form.WHOLE : Shares.form("/shares/" + i, share),
                    share == null || !piece.meat()
                            ? null
                            : pins.get(piece.name().strip().toLowerCase(Locale.ROOT))));
        }
        return parts;
    }

    /** The dishes pieces are called as, by their titles in small letters. */
    private Map<String, Lot.Pin> pins(Household household, List<Piece> pieces) {
        Map<String, Lot.Pin> pins = new HashMap<>();
        recipes.named(household, pieces.stream().map(Piece::name).toList())
                .forEach((recipe, title) -> pins.put(title.toLowerCase(Locale.ROOT), new Lot.Pin(recipe, title)));
        return pins;
    }

    private Cut cut(Household household, StretchAsked asked) {
        return Cutting.of(asked, foods.known(household).book(), reference, household.currency());
    }

    private Cut there(Household household, StretchAsked asked) {
        return Cutting.weighed(asked, foods.known(household).book(), reference, household.currency());
    }

    /** The same buy with what is really there: the lot's weight and cost, the yield as weighed, its pot apart. */
    private static StretchAsked actual(StretchAsked asked, Lot raw, @Nullable String weighed) {
        String yield = asked.cookedYield();
        if (weighed != null && !weighed.isBlank()) {
            Amount cooked = Asked.amount("/weighed", weighed);
            if (cooked.unit().dimension() != Dimension.MASS || cooked.value().isZero()) {
                throw Problem.at("/weighed", "“" + weighed + "” is no weight; write it like 1.5 kg.");
            }
            Rational grams = Measures.US.toBase(cooked).value();
            Rational exact = grams.dividedBy(raw.amount().value());
            // rounded up: what was cut to the last gram still fits
            yield = new BigDecimal(
                            exact.times(Rational.of(BigDecimal.TEN.pow(DIGITS))).ceiling(), DIGITS)
                    .toPlainString();
        }
        return new StretchAsked(
                asked.food(),
                raw.amount().value().plain() + " g",
                raw.cost().known().decimal(),
                yield,
                asked.method(),
                asked.shares(),
                asked.cookOn(),
                null,
                asked.raw(),
                null,
                null,
                asked.fat(),
                asked.lean(),
                asked.vessels(),
                null,
                asked.liquidBack());
    }
}
