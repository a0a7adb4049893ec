package wexilla.app.stretch;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import wexilla.app.cook.Batches;
import wexilla.app.cook.PotStock;
import wexilla.app.household.Foods;
import wexilla.app.household.Reference;
import wexilla.app.household.Weighings;
import wexilla.app.platform.Act;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.app.stretch.Cutting.Cut;
import wexilla.app.stretch.Cutting.ShareAsked;
import wexilla.app.stretch.Cutting.StretchAsked;
import wexilla.core.food.Food;
import wexilla.core.food.Weighing;
import wexilla.core.food.facts.Part;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.house.Household;
import wexilla.core.money.Money;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Style;
import wexilla.core.stock.StockUse.Take;
import wexilla.core.stretch.DishKind;
import wexilla.core.stretch.Piece;
import wexilla.core.stretch.Slab;

/** Cutting the joint raw or cooked: the raw lot is used up and each part becomes a lot. */
@Component
class JointCooking {

    private static final int DIGITS = 12;

    private final Stretches stretches;
    private final Batches batches;
    private final Foods foods;
    private final Weighings weighings;
    private final Reference reference;
    private final JointLots joint;
    private final PotStock potStock;

    JointCooking(
            Stretches stretches,
            Batches batches,
            Foods foods,
            Weighings weighings,
            Reference reference,
            JointLots joint,
            PotStock potStock) {
        this.stretches = stretches;
        this.batches = batches;
        this.foods = foods;
        this.weighings = weighings;
        this.reference = reference;
        this.joint = joint;
        this.potStock = potStock;
    }

    /**
     * Cooks it, or cuts it raw where that was asked.
     *
     * @param weighed cooked meat as weighed; blank when nobody weighed it, then the yield says how much
     */
    String cook(Act act, UUID id, @Nullable String weighed) {
        Household household = act.household();
        Stretches.Stretch stretch = stretches.get(household, id);
        if (stretch.state() != Stretches.State.OPEN) {
            throw Problem.at("/id", "This joint is cooked already.");
        }
        Food food = foods.known(household)
                .book()
                .find(stretch.asked().food())
                .orElseGet(() -> foods.own(household, stretch.asked().food(), Unit.G));
        UUID row = foods.row(household, food);
        Cut planned = cut(household, stretch.asked());
        Amount bought = Amount.of(Rational.of(planned.rawGrams().toDecimal(6)), Unit.G);
        Lot raw = joint.raw(act, stretch, food, row, bought);
        if (stretch.asked().cut() == Slab.Cut.RAW) {
            Cut cut = there(household, actual(stretch.asked(), raw, null));
            List<Piece> pieces =
                    Piece.of(cut.slab(), cut.shares(), cut.plan(), raw.amount().value());
            List<UUID> made =
                    joint.cutRaw(act, raw, row, pieces, stretch.asked().shares(), name -> known(household, name));
            stretches.cooked(act, id, made.subList(0, stretch.asked().shares().size()));
            return "Cut raw: " + food.name() + " into " + parts(pieces);
        }
        StretchAsked asked = actual(stretch.asked(), raw, weighed);
        Cut cut = there(household, asked);
        if (weighed != null && !weighed.isBlank()) {
            weighings.add(
                    act,
                    row,
                    Part.COOKED,
                    cut.rawGrams().toDecimal(6),
                    cut.slab().cookedGrams().toDecimal(6),
                    Weighing.Grade.WEIGHED);
        }
        UUID batch = batches.add(
                act,
                food.name() + ", cooked",
                Style.PLAIN_PART,
                Rational.of(Math.max(1, cut.plan().plainPlates())),
                Money.zero(household.currency()));
        List<Piece> pieces =
                Piece.of(cut.slab(), cut.shares(), cut.plan(), raw.amount().value());
        PotAsked pot = PotAsked.of(stretch.asked(), foods.known(household).book(), household.currency());
        List<Take> inputs = potStock.takes(act, pot.lines());
        List<String> abouts = new ArrayList<>(
                stretch.asked().shares().stream().map(ShareAsked::about).toList());
        pieces.stream().skip(abouts.size()).forEach(rest -> abouts.add(rest.name()));
        List<UUID> made = joint.make(
                act,
                raw,
                new JointLots.Cooked(batch, DishKind.keepingClass(DishKind.group(food)), abouts),
                pieces,
                inputs,
                name -> cookedBones(household, name));
        Rational broth = pot.pot().broth(household.measures());
        if (!broth.isZero()) {
            Food stock = foods.known(household).book().named("stock").orElseThrow();
            joint.broth(act, foods.row(household, stock), broth, "from " + food.name());
        }
        stretches.cooked(act, id, made.subList(0, asked.shares().size()));
        return "Cooked: " + food.name() + " into " + parts(pieces);
    }

    /** The row of bones or trimmings that were cooked. */
    private UUID cookedBones(Household household, String name) {
        return foods.known(household)
                .book()
                .find("cooked " + name)
                .map(food -> foods.row(household, food))
                .orElseGet(() -> foods.row(household, foods.own(household, name, Unit.PIECE)));
    }

    /** The row of bones or trimmings by this name. */
    private UUID known(Household household, String name) {
        Food food = foods.known(household).book().find(name).orElseGet(() -> foods.own(household, name, Unit.PIECE));
        return foods.row(household, food);
    }

    private static String parts(List<Piece> pieces) {
        return pieces.size() + (pieces.size() == 1 ? " part" : " parts");
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
                null);
    }
}
