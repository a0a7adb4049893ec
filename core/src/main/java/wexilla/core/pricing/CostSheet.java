package wexilla.core.pricing;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Currency;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.food.Forms;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.KitchenMeasure;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Quantity;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.stock.OpenLot;
import wexilla.core.stock.StockUse;

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
     */
    public record Wanted(
            @Nullable Food food,
            String name,
            @Nullable Amount amount,
            @Nullable Recipe made) {

        public Wanted(@Nullable Food food, String name, @Nullable Amount amount) {
            this(food, name, amount, null);
        }

        /** "200 g onion" as a cook would measure it. */
        public String words(KitchenMeasure.System system, Measures measures) {
            return amount == null
                    ? name
                    : KitchenMeasure.of(amount, system, measures).text()
                            + (amount.unit().equals(Unit.PIECE) ? " × " : " ")
                            + name;
        }

        /** A line of a recipe at this size of the batch, at its middle where it is a range. */
        public static Wanted of(RecipeLine line, Rational factor) {
            Quantity quantity = line.read().quantity();
            Amount amount = quantity == null ? null : quantity.middle().times(line.by(factor));
            return new Wanted(line.read().food(), line.read().foodName(), amount, line.made());
        }
    }

    /**
     * What is known about stock and prices, by food key; offers newest first.
     *
     * @param forms which foods stand in for which
     * @param flat the household's flat sum per dish
     * @param day the day of cooking: what is past its limit by then is not used
     */
    public record Known(
            Map<String, List<OpenLot>> lots,
            Map<String, List<Offer>> offers,
            Forms forms,
            Seasoning seasoning,
            Money flat,
            Measures measures,
            LocalDate day) {

        Currency currency() {
            return flat.currency();
        }
    }

    public CostSheet {
        lines = List.copyOf(lines);
    }

    /** The sheet of these lines. */
    public static CostSheet of(List<Wanted> wanted, Known known) {
        Map<String, List<OpenLot>> left = new HashMap<>(known.lots());
        List<LineCost> lines = new ArrayList<>();
        boolean seasoned = false;
        for (Wanted line : wanted) {
            seasoned |= seasoning(line, known);
            lines.add(line(line, known, left));
        }
        Money flat = seasoned && known.seasoning() == Seasoning.FLAT ? known.flat() : Money.zero(known.currency());
        Cost total = lines.stream().map(LineCost::cost).reduce(Cost.of(flat), Cost::plus);
        return new CostSheet(lines, flat, total);
    }

    /** The known cost of one of so many portions, rounded half up. */
    public Money perPortion(int portions) {
        return Money.rounded(total.known().exact().dividedBy(Rational.of(portions)), flat.currency());
    }

    private static boolean seasoning(Wanted line, Known known) {
        return line.food() != null && line.food().seasoning() && known.seasoning() != Seasoning.EXACT;
    }

    private static LineCost covered(Known known) {
        Cost none = Cost.of(Money.zero(known.currency()));
        return new LineCost(null, List.of(), null, none, none, Basis.FLAT, List.of(), false, List.of(), "");
    }

    private static LineCost line(Wanted line, Known known, Map<String, List<OpenLot>> left) {
        if (seasoning(line, known)) {
            return covered(known);
        }
        Amount amount = line.amount();
        if (amount == null) {
            return unknown(known, null, "no amount of " + line.name());
        }
        Food food = line.food();
        if (food == null) {
            return unknown(known, known.measures().toBase(amount), "no price for " + line.name());
        }
        Conversion.Answer answer = Conversion.convert(food, amount, food.base(), known.measures());
        if (answer instanceof Conversion.Converted converted) {
            return line.made() == null
                    ? costed(food, converted.amount(), known, left)
                    : dish(food, line.made(), converted.amount(), known, left);
        }
        Amount asWritten = known.measures().toBase(amount);
        if (left.getOrDefault(food.key(), List.of()).stream()
                .anyMatch(l -> l.amount().unit().equals(asWritten.unit()))) {
            return costed(food, asWritten, known, left);
        }
        return unknown(known, null, "the " + ((Conversion.Missing) answer).fact());
    }

    /** A dish of the book: what is there of it first, the rest made afresh. */
    private static LineCost dish(
            Food dish, Recipe recipe, Amount portions, Known known, Map<String, List<OpenLot>> left) {
        Amount need = Amount.of(Rational.of(portions.value().toDecimal(6)), portions.unit());
        StockUse.Serving use = StockUse.serving(dish, need, known.day(), left, known.forms());
        Cost cost =
                use.takes().stream().map(StockUse.Take::cost).reduce(Cost.of(Money.zero(known.currency())), Cost::plus);
        List<LineCost.Part> made = new ArrayList<>();
        if (!use.lacking().value().isZero()) {
            Rational factor = use.lacking().value().dividedBy(Rational.of(recipe.portions()));
            for (RecipeLine line : recipe.lines()) {
                Wanted wanted = Wanted.of(line, factor);
                LineCost part = line(wanted, known, left);
                made.add(new LineCost.Part(wanted, part));
                cost = cost.plus(part.cost());
            }
            cost = recipe.lines().isEmpty() ? cost.plus(Cost.unknown(known.currency())) : cost;
        }
        Cost none = Cost.of(Money.zero(known.currency()));
        Basis basis = use.lacking().value().isZero() ? Basis.STOCK : Basis.MADE;
        return new LineCost(
                need,
                use.takes(),
                null,
                none,
                cost,
                basis,
                use.instead(),
                use.onlyInstead(),
                made,
                why(dish, made, cost));
    }

    private static String why(Food dish, List<LineCost.Part> made, Cost cost) {
        String parts = made.stream()
                .map(part -> part.cost().why())
                .filter(why -> !why.isEmpty())
                .collect(Collectors.joining("; "));
        return !parts.isEmpty()
                ? "in " + dish.name() + ": " + parts
                : cost.complete() ? "" : "what goes into " + dish.name();
    }

    /** The ledger keeps six decimals; the need is rounded to them once, before anything is taken. */
    private static LineCost costed(Food food, Amount exact, Known known, Map<String, List<OpenLot>> left) {
        Amount need = Amount.of(Rational.of(exact.value().toDecimal(6)), exact.unit());
        List<OpenLot> lots = left.getOrDefault(food.key(), List.of());
        StockUse.Serving use = StockUse.serving(food, need, known.day(), left, known.forms());
        Cost taken =
                use.takes().stream().map(StockUse.Take::cost).reduce(Cost.of(Money.zero(known.currency())), Cost::plus);
        if (use.lacking().value().isZero()) {
            String why = taken.complete() ? "" : "what is in stock of " + food.name() + " has no price";
            return new LineCost(
                    need,
                    use.takes(),
                    null,
                    Cost.of(Money.zero(known.currency())),
                    taken,
                    Basis.STOCK,
                    use.instead(),
                    use.onlyInstead(),
                    List.of(),
                    why);
        }
        Cost lacking = atNewestPrice(food, use.lacking(), known);
        Basis basis = !lacking.complete() && use.takes().isEmpty()
                ? Basis.UNKNOWN
                : use.takes().isEmpty() ? Basis.PRICE : Basis.STOCK_AND_PRICE;
        Cost cost = taken.plus(lacking);
        boolean past = lots.stream().anyMatch(lot -> lot.pastLimit(known.day()));
        String why = !cost.complete()
                ? "no price for " + food.name()
                : past ? "what is left of " + food.name() + " is past its eat-by day and not counted" : "";
        return new LineCost(
                need, use.takes(), use.lacking(), lacking, cost, basis, use.instead(), false, List.of(), why);
    }

    private static Cost atNewestPrice(Food food, Amount lacking, Known known) {
        return known.offers().getOrDefault(food.key(), List.of()).stream()
                .filter(offer -> offer.pack().unit().equals(lacking.unit()))
                .findFirst()
                .map(offer -> Cost.of(offer.unitPrice().of(lacking.value())))
                .orElse(Cost.unknown(known.currency()));
    }

    private static LineCost unknown(Known known, @Nullable Amount need, String why) {
        Cost none = Cost.unknown(known.currency());
        return new LineCost(need, List.of(), need, none, none, Basis.UNKNOWN, List.of(), false, List.of(), why);
    }
}
