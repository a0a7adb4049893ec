package wexilla.core.stations.cook;

import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import wexilla.core.kitchen.Change;
import wexilla.core.kitchen.NewBatch;
import wexilla.core.kitchen.Refused;
import wexilla.core.money.Money;
import wexilla.core.pricing.CostSheet.Wanted;
import wexilla.core.pricing.LineCost;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Style;
import wexilla.core.stock.Dinners;
import wexilla.core.stretch.KeptPlain;

/**
 * "And half for tomorrow": what is cooked along with a dish and kept back plain, with its own cost and date.
 *
 * @param at its field; @param line of the dish it is more of
 * @param weighed grams of it and of what is in the dish, cooked; null where nobody weighed it
 */
public record PlainPart(
        String at, GoesIn line, Wanted wanted, @Nullable Rational weighed) {

    /** What was weighed, to be learned from. @param raw grams as bought, {@code cooked} grams of all of it */
    public record Weighed(UUID food, Rational raw, Rational cooked) {}

    /** Whether anything is cooked at this stop: of a raw bag nothing is. */
    public static boolean cooked(Style style) {
        return style == Style.COOKED || style == Style.PLAIN_PART;
    }

    /**
     * It becomes a lot in the fridge.
     *
     * @param dish what the line costs in the dish, {@code cost} what this part costs
     * @return what was weighed; empty where nobody weighed it
     */
    Optional<Weighed> keep(Stove stove, LineCost dish, LineCost cost) {
        KeptPlain part = KeptPlain.of(
                        wanted.food(), cost.need(), stove.kitchen().foods().book())
                .orElseThrow(() ->
                        Refused.at(at, wanted.name() + " is not kept back by itself; keep back portions instead."));
        Amount need = dish.need();
        Rational inDish = need == null ? Rational.ZERO : need.value();
        Rational raw = part.bought().plus(inDish);
        Rational grams = grams(part, inDish, raw);
        if (grams.isZero()) {
            throw Refused.at(at, "Less than a gram of " + part.food().name() + " would be kept; keep more of it.");
        }
        Rational plates = Rational.of(grams.dividedBy(Dinners.COOKED_MEAT_GRAMS).floor());
        String name = part.food().name() + ", cooked";
        NewBatch batch = NewBatch.named(
                        stove.id(),
                        name,
                        Style.PLAIN_PART,
                        plates.isZero() ? Rational.ONE : plates,
                        stove.day(),
                        Money.zero(stove.kitchen().household().currency()))
                .from(stove.row(part.food()));
        stove.does(new Change.BatchSet(batch));
        Stove.Made made = new Stove.Made(
                name,
                batch.id(),
                Style.PLAIN_PART,
                null,
                Amount.of(grams, Unit.G),
                cost.cost(),
                part.keepingClass(),
                "plain");
        stove.made(made, stove.taken(part.food(), cost));
        return weighed == null ? Optional.empty() : Optional.of(new Weighed(stove.row(part.food()), raw, weighed));
    }

    /** Grams that are kept: of what was weighed, or by the yield. */
    private Rational grams(KeptPlain part, Rational inDish, Rational raw) {
        if (weighed == null) {
            return part.cooked()
                    .orElseThrow(() -> Refused.at(
                            at,
                            "How much is left of cooked " + part.food().name()
                                    + " is not known: weigh it, and write it like 490 g."));
        }
        if (!part.canBecome(weighed, inDish)) {
            throw Refused.at(
                    at,
                    Amount.of(weighed, Unit.G) + " cooked of " + Amount.of(raw, Unit.G)
                            + " is more than it can become; weigh it without its pot.");
        }
        return part.of(weighed, inDish);
    }
}
