package wexilla.core.pricing;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Currency;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.KitchenMeasure;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.Size;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.lines.ReadLine;
import wexilla.core.stock.StockUse.Take;
import wexilla.core.stock.Supply;

/**
 * What goes into a batch and what it costs, basis "used": actual cost of the lots, first to expire first out, else the
 * newest price. Two lines of one food do not take the same gram twice.
 *
 * @param lines in the order asked
 * @param flat the flat sum for seasoning and oil; zero when it is not counted so
 * @param total of all lines and the flat sum
 */
public record CostSheet(List<LineCost> lines, Money flat, Cost total) {

    /**
     * One line to be costed.
     *
     * @param food null when the book does not know it
     * @param amount null when none was written
     * @param made the recipe it is made by, when it is a dish of the book
     * @param whole whether it is wanted in one piece, so that nothing stands in for it
     * @param dish what it is for, so that what was cut for that dish is taken first; empty for no dish
     */
    public record Wanted(
            @Nullable Food food,
            String name,
            @Nullable Amount amount,
            @Nullable Recipe made,
            boolean whole,
            String dish) {

        /** A food of which any form will do. */
        public Wanted(@Nullable Food food, String name, @Nullable Amount amount, @Nullable Recipe made) {
            this(food, name, amount, made, false, "");
        }

        /** A line of a recipe at its size. @param dish the title of the recipe */
        public static Wanted of(Sized.Line line, String dish) {
            return new Wanted(
                    line.read().food(),
                    line.read().foodName(),
                    line.paid(),
                    line.line().made(),
                    line.read().whole(),
                    dish);
        }

        /** A line that belongs to no recipe, as it was typed. */
        public static Wanted of(ReadLine line) {
            return of(Sized.Line.asTyped(line), "");
        }

        /** The lines of a recipe at its size, in their order. */
        public static List<Wanted> of(Sized recipe) {
            String dish = recipe.recipe().title();
            return recipe.lines().stream().map(line -> of(line, dish)).toList();
        }

        /** The same with what really went in. */
        public Wanted with(@Nullable Amount other) {
            return new Wanted(food, name, other, made, whole, dish);
        }

        /** "200 g onion" as a cook would measure it. */
        public String words(KitchenMeasure.System system, Measures measures) {
            return amount == null
                    ? name
                    : KitchenMeasure.of(amount, system, measures).text()
                            + (amount.unit().equals(Unit.PIECE) ? " × " : " ")
                            + name;
        }
    }

    /**
     * What is known about stock and prices.
     *
     * @param supply is copied for each sheet: sheets do not take from each other
     * @param offers of each food, newest first
     * @param flat the household's flat sum per dish
     * @param day the day of cooking: what is past its limit by then is not used
     */
    public record Known(
            Supply supply,
            Map<Key, List<Offer>> offers,
            Seasoning seasoning,
            Money flat,
            Measures measures,
            LocalDate day) {

        Currency currency() {
            return flat.currency();
        }

        /** The same, where seasonings are taken and paid for by what they weigh. */
        public Known exactly() {
            return new Known(supply, offers, Seasoning.EXACT, flat, measures, day);
        }
    }

    public CostSheet {
        lines = List.copyOf(lines);
    }

    /** Costs these lines together. */
    public static CostSheet of(Collection<Wanted> wanted, Known known) {
        Supply left = known.supply().copy();
        List<LineCost> lines =
                roundedOnce(wanted.stream().map(line -> line(line, known, left)).toList(), known);
        Money flat = flat(wanted.stream().flatMap(line -> Stream.ofNullable(line.food())), known);
        Cost total = lines.stream()
                .map(line -> line.cost().whole())
                .reduce(Cost.zero(known.currency()).with(flat), Cost::plus);
        return new CostSheet(lines, flat, total);
    }

    /** The household's flat sum, where it counts one and something of this is a seasoning; else nothing. */
    public static Money flat(Stream<Food> goesIn, Known known) {
        return known.seasoning() == Seasoning.FLAT && goesIn.anyMatch(CostSheet::seasons)
                ? known.flat()
                : Money.zero(known.currency());
    }

    /** Water from the tap costs nothing and seasons nothing. */
    private static boolean seasons(Food food) {
        return food.seasoning() && !food.traits().aisle().equals("none");
    }

    /** What lines lack is rounded together, so that ten pinches cost what they cost and not ten times nothing. */
    private static List<LineCost> roundedOnce(List<LineCost> lines, Known known) {
        List<Rational> exact = new ArrayList<>();
        lines.forEach(line -> exact(line, exact));
        Iterator<Money> rounded = Money.apportioned(exact, known.currency()).iterator();
        return lines.stream().map(line -> rounded(line, rounded, known)).toList();
    }

    private static void exact(LineCost line, List<Rational> all) {
        if (line instanceof LineCost.Served served) {
            all.add(served.exact());
        }
        line.made().forEach(part -> exact(part.cost(), all));
    }

    private static LineCost rounded(LineCost line, Iterator<Money> rounded, Known known) {
        if (line instanceof LineCost.Served served) {
            return served.lacking(rounded.next());
        }
        if (line instanceof LineCost.Made made) {
            List<LineCost.Part> parts = made.made().stream()
                    .map(part -> new LineCost.Part(part.wanted(), rounded(part.cost(), rounded, known)))
                    .toList();
            return made.of(parts, taken(made.serving(), known));
        }
        return line;
    }

    /** The known cost of one of so many portions, rounded half up. */
    public Money perPortion(Rational portions) {
        return Money.rounded(total.known().exact().dividedBy(portions), flat.currency());
    }

    private static LineCost line(Wanted line, Known known, Supply left) {
        Food food = line.food();
        if (food != null && food.seasoning() && food.traits().aisle().equals("none")) {
            return new LineCost.Tap(none(known));
        }
        if (food != null && food.seasoning() && known.seasoning() != Seasoning.EXACT) {
            return new LineCost.Covered(none(known));
        }
        Amount amount = line.amount();
        if (amount == null) {
            return unknown(known, null, "no amount of " + line.name());
        }
        if (food == null) {
            return unknown(known, known.measures().toBase(amount), "no price for " + line.name());
        }
        Supply.Reckoned reckoned = left.reckon(food, amount, known.measures());
        Amount need = reckoned.need();
        if (need == null) {
            return unknown(known, null, "the " + reckoned.missing());
        }
        return line.made() == null ? served(food, need, line, known, left) : made(food, line.made(), need, known, left);
    }

    /** A dish of the book: what is there of it first, the rest made afresh. */
    private static LineCost made(Food dish, Recipe recipe, Amount need, Known known, Supply left) {
        Supply.Serving serving = left.take(dish, need, known.day());
        Cost cost = taken(serving, known);
        if (serving.whole()) {
            return new LineCost.Made(need, serving, null, List.of(), cost, dish.name());
        }
        Rational factor = serving.lacking().value().dividedBy(Rational.of(recipe.portions()));
        Sized afresh = Sized.of(recipe, Size.of(factor), known.measures());
        List<LineCost.Part> parts = new ArrayList<>();
        for (Wanted wanted : Wanted.of(afresh)) {
            LineCost part = line(wanted, known, left);
            parts.add(new LineCost.Part(wanted, part));
            cost = cost.plus(part.cost());
        }
        cost = parts.isEmpty() ? cost.plus(Cost.unknown(known.currency())) : cost;
        return new LineCost.Made(need, serving, afresh, parts, cost, dish.name());
    }

    private static LineCost served(Food food, Amount need, Wanted line, Known known, Supply left) {
        boolean past = !left.past(food, known.day()).isEmpty();
        Supply.Serving serving = line.whole()
                ? left.take(food.key(), need, known.day())
                : left.take(food, need, known.day(), line.dish());
        Cost taken = taken(serving, known);
        if (serving.whole()) {
            String why = taken.complete() ? "" : "what is in stock of " + food.name() + " has no price";
            return new LineCost.Served(need, serving, taken, none(known), Rational.ZERO, why);
        }
        Optional<Rational> exact = newestPrice(food, serving.lacking(), known);
        Cost lacking = exact.map(minor -> Cost.of(Money.rounded(minor, known.currency())))
                .orElse(Cost.unknown(known.currency()));
        String why = !lacking.complete() || !taken.complete()
                ? "no price for " + food.name()
                : past ? "what is left of " + food.name() + " is past its eat-by day and not counted" : "";
        return new LineCost.Served(need, serving, taken, lacking, exact.orElse(Rational.ZERO), why);
    }

    private static Cost taken(Supply.Serving serving, Known known) {
        return serving.takes().stream().map(Take::cost).reduce(none(known), Cost::plus);
    }

    private static Cost none(Known known) {
        return Cost.zero(known.currency());
    }

    /** What so much of a food costs by its newest price, or by that of what it is made of; unknown where there is none in its unit. */
    public static Cost atNewestPrice(Food food, Amount lacking, Known known) {
        return newestPrice(food, lacking, known)
                .map(minor -> Cost.of(Money.rounded(minor, known.currency())))
                .orElse(Cost.unknown(known.currency()));
    }

    private static Optional<Rational> newestPrice(Food food, Amount lacking, Known known) {
        Optional<Rational> own = known.offers().getOrDefault(food.key(), List.of()).stream()
                .filter(offer -> offer.pack().unit().equals(lacking.unit()))
                .findFirst()
                .map(offer -> offer.exact(lacking.value()));
        return own.isPresent() || !lacking.unit().equals(food.base())
                ? own
                : known.supply()
                        .source(food)
                        .flatMap(form -> newestPrice(
                                form.by(),
                                Amount.of(
                                        lacking.value().dividedBy(form.gives()),
                                        form.by().base()),
                                known));
    }

    private static LineCost unknown(Known known, @Nullable Amount need, String why) {
        return new LineCost.Unknown(need, Cost.unknown(known.currency()), why);
    }
}
