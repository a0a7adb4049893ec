package wexilla.core.shopping;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.food.Forms;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Quantity;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.stock.OpenLot;
import wexilla.core.stock.StockUse;
import wexilla.core.stock.StockUse.Take;

/**
 * What is wanted, met from stock in the order of the days, so that nothing is promised twice. Derived, never stored.
 *
 * @param met in the order of the days
 */
public record Needs(List<Met> met) {

    /**
     * Something wanted.
     *
     * @param key of the stock it is met from: a food key, or a dish's own
     * @param food null for a dish
     * @param amount null when nobody said how much
     * @param dish what it is for
     * @param made the recipe it is made by, when it is a dish of the book that goes into another
     * @param within the want it is wanted for, when it goes into a dish that is made afresh
     */
    public record Want(
            String key,
            @Nullable Food food,
            String name,
            @Nullable Amount amount,
            LocalDate day,
            String dish,
            @Nullable Recipe made,
            @Nullable Want within) {

        public Want(String key, @Nullable Food food, String name, @Nullable Amount amount, LocalDate day, String dish) {
            this(key, food, name, amount, day, dish, null, null);
        }

        /** The want of the evening or batch it comes from in the end. */
        public Want first() {
            return within == null ? this : within.first();
        }

        /**
         * What the lines of a recipe at this size want; upper end of a range, since shopping buys for it. Seasoning is
         * not counted and so never wanted.
         */
        public static List<Want> of(List<RecipeLine> lines, Rational factor, LocalDate day, String dish) {
            return of(lines, factor, day, dish, null);
        }

        private static List<Want> of(
                List<RecipeLine> lines, Rational factor, LocalDate day, String dish, @Nullable Want within) {
            List<Want> wants = new ArrayList<>();
            for (RecipeLine line : lines) {
                Food food = line.read().food();
                if (food == null || food.traits().aisle().equals("none") || food.seasoning()) {
                    continue;
                }
                Quantity quantity = line.read().quantity();
                Amount amount = quantity == null ? null : quantity.max().times(line.by(factor));
                wants.add(new Want(food.key(), food, food.name(), amount, day, dish, line.made(), within));
            }
            return wants;
        }

        /** What goes into so many portions of it that are made afresh. */
        private List<Want> afresh(Recipe recipe, Amount portions) {
            Rational factor = portions.value().dividedBy(Rational.of(recipe.portions()));
            return of(recipe.lines(), factor, day, dish, this);
        }
    }

    /**
     * How a want is met.
     *
     * @param need in the unit its stock is counted in; null when it is not known
     * @param lacking what stock does not have; null when nothing is lacking or the need is not known
     * @param past lots there are, but past their limit by that day
     * @param unknown what keeps it from being counted, in the cook's words; empty when nothing does
     */
    public record Met(
            Want want,
            @Nullable Amount need,
            List<Take> takes,
            @Nullable Amount lacking,
            List<OpenLot> past,
            String unknown) {}

    /** @param forms which foods stand in for which
     * @param had keys of staples that are there without an amount: nothing is wanted of them */
    public static Needs of(
            List<Want> wants, Map<String, List<OpenLot>> stock, Set<String> had, Forms forms, Measures measures) {
        Map<String, List<OpenLot>> left = new HashMap<>(stock);
        List<Met> met = new ArrayList<>();
        wants.stream()
                .sorted(Comparator.comparing(Want::day))
                .filter(want -> !had.contains(want.key()))
                .forEach(want -> met(want, left, had, forms, measures, met));
        return new Needs(List.copyOf(met));
    }

    private static void met(
            Want want,
            Map<String, List<OpenLot>> left,
            Set<String> had,
            Forms forms,
            Measures measures,
            List<Met> all) {
        Met own = meet(want, left, forms, measures);
        Amount lacking = own.lacking();
        if (want.made() == null || lacking == null) {
            all.add(own);
            return;
        }
        if (want.made().lines().isEmpty()) {
            all.add(new Met(want, own.need(), own.takes(), null, own.past(), "what goes into " + want.name()));
            return;
        }
        all.add(new Met(want, own.need(), own.takes(), null, own.past(), ""));
        want.afresh(want.made(), lacking).stream()
                .filter(within -> !had.contains(within.key()))
                .forEach(within -> met(within, left, had, forms, measures, all));
    }

    private static Met meet(Want want, Map<String, List<OpenLot>> left, Forms forms, Measures measures) {
        List<OpenLot> lots = left.getOrDefault(want.key(), List.of());
        if (want.amount() == null) {
            return new Met(want, null, List.of(), null, List.of(), "no amount of " + want.name());
        }
        Amount need = measures.toBase(want.amount());
        if (want.food() != null) {
            Conversion.Answer answer =
                    Conversion.convert(want.food(), want.amount(), want.food().base(), measures);
            if (answer instanceof Conversion.Converted converted) {
                need = converted.amount();
            } else {
                Amount asWritten = need;
                boolean counted = lots.stream().anyMatch(l -> l.amount().unit().equals(asWritten.unit()));
                if (want.made() != null || !counted && !lots.isEmpty()) {
                    return new Met(
                            want, null, List.of(), null, List.of(), "the " + ((Conversion.Missing) answer).fact());
                }
            }
        }
        Amount rounded = Amount.of(Rational.of(need.value().toDecimal(6)), need.unit());
        Food food = want.food();
        StockUse.Serving use = food == null
                ? ofItself(want.key(), lots, rounded, want.day(), left)
                : StockUse.serving(food, rounded, want.day(), left, forms);
        List<OpenLot> past =
                lots.stream().filter(lot -> lot.pastLimit(want.day())).toList();
        return new Met(want, rounded, use.takes(), use.lacking().value().isZero() ? null : use.lacking(), past, "");
    }

    private static StockUse.Serving ofItself(
            String key, List<OpenLot> lots, Amount need, LocalDate day, Map<String, List<OpenLot>> left) {
        StockUse use = StockUse.of(lots, need, day);
        left.put(key, use.after(lots));
        return new StockUse.Serving(use.takes(), use.lacking(), List.of(), false);
    }

    /**
     * What has to be bought of one food.
     *
     * @param lacking by unit, since a cabbage and 300 g of it are not summed blindly
     * @param firstDay the first day it is needed
     * @param dishes what for, without repeats
     */
    public record Item(
            Food food, List<Amount> lacking, LocalDate firstDay, List<String> dishes, List<String> unknown) {}

    /** What has to be bought of each food, in the order first needed. */
    public List<Item> items() {
        Map<String, List<Met>> byFood = new LinkedHashMap<>();
        met.stream()
                .filter(m -> m.want().food() != null
                        && m.want().made() == null
                        && (m.lacking() != null || !m.unknown().isEmpty()))
                .forEach(m -> byFood.computeIfAbsent(m.want().key(), key -> new ArrayList<>())
                        .add(m));
        return byFood.values().stream().map(Needs::item).toList();
    }

    private static Item item(List<Met> of) {
        Map<String, Amount> sums = new LinkedHashMap<>();
        for (Met one : of) {
            Amount lacking = one.lacking();
            if (lacking != null) {
                sums.merge(
                        lacking.unit().symbol(),
                        lacking,
                        (a, b) -> Amount.of(a.value().plus(b.value()), a.unit()));
            }
        }
        return new Item(
                java.util.Objects.requireNonNull(of.get(0).want().food()),
                List.copyOf(sums.values()),
                of.get(0).want().day(),
                of.stream().map(m -> m.want().dish()).distinct().toList(),
                of.stream()
                        .map(Met::unknown)
                        .filter(u -> !u.isEmpty())
                        .distinct()
                        .toList());
    }
}
