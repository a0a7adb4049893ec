package wexilla.app.cook;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import wexilla.app.cook.CookViews.PlainInput;
import wexilla.app.household.Weighings;
import wexilla.app.platform.Act;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.core.food.Key;
import wexilla.core.food.Weighing;
import wexilla.core.food.book.FoodBook;
import wexilla.core.food.facts.Part;
import wexilla.core.money.Money;
import wexilla.core.pricing.CostSheet.Wanted;
import wexilla.core.pricing.LineCost;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Style;
import wexilla.core.stock.Dinners;
import wexilla.core.stretch.KeptPlain;

/** "And half for tomorrow": what is cooked along with a dish and kept back plain, with its own cost and date. */
@Component
class PlainParts {

    private final Batches batches;
    private final Counter counter;
    private final Weighings weighings;

    PlainParts(Batches batches, Counter counter, Weighings weighings) {
        this.batches = batches;
        this.counter = counter;
        this.weighings = weighings;
    }

    /**
     * One as typed.
     *
     * @param at its field; @param line of the dish it is more of
     * @param weighed grams of it and of what is in the dish, cooked; null where nobody weighed it
     */
    record Plain(
            String at, GoesIn line, Wanted wanted, @Nullable Rational weighed) {}

    /** Whether anything is cooked at this stop: of a raw bag nothing is. */
    static boolean cooked(Style style) {
        return style == Style.COOKED || style == Style.PLAIN_PART;
    }

    /** What is kept back, as typed. @param style how far the dish goes */
    static List<Plain> of(@Nullable List<PlainInput> typed, List<GoesIn> goesIn, Style style) {
        if (typed != null && !typed.isEmpty() && !cooked(style)) {
            throw Problem.at("/plain", "Nothing is cooked yet that could be kept back plain; cook it to the end.");
        }
        List<Plain> all = new ArrayList<>();
        Set<Integer> seen = new HashSet<>();
        for (PlainInput one : typed == null ? List.<PlainInput>of() : typed) {
            String at = "/plain/" + one.pos();
            GoesIn line = goesIn.stream()
                    .filter(in -> in.pos() == one.pos() && seen.add(one.pos()))
                    .findFirst()
                    .orElseThrow(() -> Problem.at(at, "Line " + one.pos() + " does not go in, or is kept back twice."));
            all.add(new Plain(at, line, line.wanted().with(grams(at, one.amount())), weighed(at, one.weighed())));
        }
        return List.copyOf(all);
    }

    private static @Nullable Rational weighed(String at, @Nullable String typed) {
        return typed == null || typed.isBlank() ? null : grams(at, typed).value();
    }

    private static Amount grams(String at, String typed) {
        Amount amount = Asked.amount(at, typed);
        Amount grams = Measures.US.toBase(amount);
        if (amount.unit().dimension() != Dimension.MASS || grams.value().compareTo(Rational.ONE) < 0) {
            throw Problem.at(at, "“" + typed + "” is no weight to keep back; write it like 700 g.");
        }
        return grams;
    }

    /**
     * Each becomes a lot in the fridge.
     *
     * @param dish what each line of the dish costs, by its place in the recipe; @param plain what each of these costs
     * @param rows of the foods
     */
    void keep(
            Act act,
            List<Plain> kept,
            Map<Integer, LineCost> dish,
            List<LineCost> plain,
            Map<Key, UUID> rows,
            FoodBook book) {
        for (int i = 0; i < kept.size(); i++) {
            Plain one = kept.get(i);
            LineCost cost = plain.get(i);
            KeptPlain part = KeptPlain.of(one.wanted().food(), cost.need(), book)
                    .orElseThrow(() -> Problem.at(
                            one.at(),
                            one.wanted().name() + " is not kept back by itself; keep back portions instead."));
            UUID row = Objects.requireNonNull(rows.get(part.food().key()));
            Rational grams = cooked(
                    act, one, part, Objects.requireNonNull(dish.get(one.line().pos())), row);
            if (grams.isZero()) {
                throw Problem.at(
                        one.at(), "Less than a gram of " + part.food().name() + " would be kept; keep more of it.");
            }
            int plates = Math.max(
                    1, grams.dividedBy(Dinners.COOKED_MEAT_GRAMS).floor().intValueExact());
            String name = part.food().name() + ", cooked";
            UUID batch = batches.add(
                    act,
                    name,
                    Style.PLAIN_PART,
                    Rational.of(plates),
                    Money.zero(act.household().currency()));
            Counter.Made made = new Counter.Made(
                    name,
                    batch,
                    Style.PLAIN_PART,
                    null,
                    Amount.of(grams, Unit.G),
                    cost.cost(),
                    part.keepingClass(),
                    "plain");
            counter.made(act, made, counter.taken(act, part.food(), cost, rows));
        }
    }

    /** Grams that are kept: of what was weighed, which is learned from, or by the yield. */
    private Rational cooked(Act act, Plain one, KeptPlain part, LineCost dish, UUID row) {
        Rational weighed = one.weighed();
        if (weighed == null) {
            return part.cooked()
                    .orElseThrow(() -> Problem.at(
                            one.at(),
                            "How much is left of cooked " + part.food().name()
                                    + " is not known: weigh it, and write it like 490 g."));
        }
        Amount need = dish.need();
        Rational inDish = need == null ? Rational.ZERO : need.value();
        Rational raw = part.bought().plus(inDish);
        if (!part.canBecome(weighed, inDish)) {
            throw Problem.at(
                    one.at(),
                    Amount.of(weighed, Unit.G) + " cooked of " + Amount.of(raw, Unit.G)
                            + " is more than it can become; weigh it without its pot.");
        }
        weighings.add(act, row, Part.COOKED, raw.toDecimal(6), weighed.toDecimal(6), Weighing.Grade.WEIGHED);
        return part.of(weighed, inDish);
    }
}
