package wexilla.core.shopping;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Diet;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.book.Form;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.Size;
import wexilla.core.recipe.Sized;
import wexilla.core.stock.OpenLot;
import wexilla.core.stock.StockUse.Take;
import wexilla.core.stock.Supply;

/**
 * What is wanted, met from stock in the order of the days, so that nothing is promised twice. Derived, never stored.
 *
 * @param met in the order of the days
 */
public record Needs(List<Met> met) {

    /** Begins the key of a food nobody has described yet, wanted under its own name. */
    public static final String OWN = "own:";

    /** Nobody buys a carrot for the last of a hundred grams. */
    private static final Rational NEAR = Trade.number("needs.near-enough");

    /**
     * Something wanted.
     *
     * @param key of the stock it is met from: a food key, or a dish's own
     * @param food null for a dish
     * @param amount null when nobody said how much
     * @param dish what it is for
     * @param made the recipe it is made by, when it is a dish of the book that goes into another
     * @param within the want it is wanted for, when it goes into a dish that is made afresh
     * @param whole whether it is wanted in one piece, so that nothing stands in for it
     * @param bought whether what lacks of it is shopped for: what is made at home is only taken where it is there
     */
    public record Want(
            Key key,
            @Nullable Food food,
            String name,
            @Nullable Amount amount,
            LocalDate day,
            String dish,
            @Nullable Recipe made,
            @Nullable Want within,
            boolean whole,
            boolean bought) {

        /** A food. @param amount null when nobody said how much */
        public static Want food(Food food, @Nullable Amount amount, LocalDate day, String dish) {
            return new Want(food.key(), food, food.name(), amount, day, dish, null, null, false, true);
        }

        /** Portions of a batch that is there, or will be. */
        public static Want batch(Key key, String name, Amount portions, LocalDate day) {
            return new Want(key, null, name, portions, day, name, null, null, false, true);
        }

        /** Whether the same dish asks for the same food anyway: "300 g rice" and, further down, cooked rice. */
        private boolean besides(Want other) {
            return key.equals(other.key()) && day.equals(other.day()) && dish.equals(other.dish());
        }

        /** The want of the evening or batch it comes from in the end. */
        public Want first() {
            return within == null ? this : within.first();
        }

        /**
         * What the lines of a recipe at its size want; upper end of a range, since shopping buys for it. What the book
         * does not know is wanted under its own name. Seasoning is wanted by the pack only, a pinch of it is not; what is
         * made at home is wanted of what is there of it.
         */
        public static List<Want> of(Collection<Sized.Line> lines, LocalDate day, String dish) {
            return of(lines, day, dish, null);
        }

        private static List<Want> of(Collection<Sized.Line> lines, LocalDate day, String dish, @Nullable Want within) {
            List<Want> wants = new ArrayList<>();
            for (Sized.Line line : lines) {
                Food food = bought(line);
                if (!food.seasoning() || byThePack(line)) {
                    wants.add(new Want(
                            food.key(),
                            food,
                            food.name(),
                            line.wanted(),
                            day,
                            dish,
                            line.line().made(),
                            within,
                            line.read().whole(),
                            line.line().made() != null || !food.traits().aisle().equals("none")));
                }
            }
            return wants;
        }

        /** The food of a line; one of the household's own when nobody knows it. */
        private static Food bought(Sized.Line line) {
            Food food = line.read().food();
            if (food != null) {
                return food;
            }
            Amount most = line.wanted();
            Unit base = most == null ? Unit.PIECE : most.unit().base();
            boolean measured = base.equals(Unit.G) || base.equals(Unit.ML);
            String name = line.read().foodName();
            return Food.unknown(Key.food(OWN + name), name, measured ? base : Unit.PIECE);
        }

        private static boolean byThePack(Sized.Line line) {
            Amount most = line.wanted();
            return most != null && most.unit().isPack();
        }

        /** What goes into so many portions of it that are made afresh. */
        private List<Want> afresh(Recipe recipe, Amount portions, Measures measures) {
            Rational factor = portions.value().dividedBy(Rational.of(recipe.portions()));
            return of(Sized.of(recipe, Size.of(factor), measures).lines(), day, dish, this);
        }
    }

    /**
     * How a want is met.
     *
     * @param need in the unit its stock is counted in; null when it is not known
     * @param lacking what stock does not have; null when nothing is lacking or the need is not known
     * @param past lots there are, but past their limit by that day
     * @param unknown what keeps it from being counted, in the cook's words; empty when nothing does
     * @param asks the unit of which nobody knows what it weighs, where that alone keeps it from being counted
     */
    public record Met(
            Want want,
            @Nullable Amount need,
            List<Take> takes,
            @Nullable Amount lacking,
            List<OpenLot> past,
            String unknown,
            @Nullable Unit asks) {

        /** Whether something of it is to be bought: a food that is lacking, or of which nobody can say how much. */
        public boolean bought() {
            return want.food() != null
                    && want.made() == null
                    && want.bought()
                    && (lacking != null || !unknown.isEmpty());
        }

        /** The same with so much of it lacking. */
        Met lacking(@Nullable Amount other) {
            return new Met(want, need, takes, other, past, unknown, asks);
        }
    }

    /** @param supply is taken from */
    public static Needs of(Collection<Want> wants, Supply supply, Measures measures) {
        List<Met> met = new ArrayList<>();
        wants.stream().sorted(Comparator.comparing(Want::day)).forEach(want -> met(want, wants, supply, measures, met));
        return new Needs(List.copyOf(met));
    }

    private static void met(Want want, Collection<Want> wants, Supply supply, Measures measures, List<Met> all) {
        if (supply.has(want.key())) {
            return;
        }
        Met own = meet(want, supply, measures);
        boolean meat = want.food() != null && Diet.meat(want.food());
        Want source = meat || own.lacking() == null ? null : source(want, own.lacking(), supply);
        if (source != null && wants.stream().noneMatch(source::besides)) {
            if (!own.takes().isEmpty() || !own.past().isEmpty()) {
                all.add(new Met(want, own.need(), own.takes(), null, own.past(), "", null));
            }
            met(source, wants, supply, measures, all);
            return;
        }
        if (!want.bought() && !meat && own.takes().isEmpty() && own.past().isEmpty()) {
            // cooking water, gravy: its recipe says how it is made; cooked meat is missed
            return;
        }
        Amount lacking = own.lacking();
        Recipe made = want.made();
        if (made == null || lacking == null) {
            all.add(own);
            return;
        }
        String unknown = made.lines().isEmpty() ? "what goes into " + want.name() : "";
        all.add(new Met(want, own.need(), own.takes(), null, own.past(), unknown, null));
        want.afresh(made, lacking, measures).forEach(within -> met(within, wants, supply, measures, all));
    }

    /** What it is made of, of what no shop sells: 180 g of rice for 500 g of cooked rice. */
    private static @Nullable Want source(Want want, Amount lacking, Supply supply) {
        Food food = want.food();
        Form form = food == null ? null : supply.source(food).orElse(null);
        if (food == null || form == null || !lacking.unit().equals(food.base())) {
            return null;
        }
        Amount amount =
                Amount.of(lacking.value().dividedBy(form.gives()), form.by().base());
        return new Want(
                form.by().key(), form.by(), form.by().name(), amount, want.day(), want.dish(), null, want, false, true);
    }

    private static Met meet(Want want, Supply supply, Measures measures) {
        Amount amount = want.amount();
        if (amount == null) {
            boolean there = !supply.usable(want.key(), want.day()).isEmpty();
            return there
                    ? new Met(want, null, List.of(), null, List.of(), "", null)
                    : unknown(want, "no amount of " + want.name());
        }
        Food food = want.food();
        if (food == null) {
            List<OpenLot> past = supply.past(want.key(), want.day());
            return met(want, amount, supply.take(want.key(), amount, want.day()), past);
        }
        List<OpenLot> past = want.whole() ? supply.past(want.key(), want.day()) : supply.past(food, want.day());
        Supply.Reckoned reckoned = supply.reckon(food, amount, measures);
        Amount need = reckoned.need();
        if (need == null) {
            // what is there cannot be held against it; where nothing is, it is bought as it was written
            if (want.made() != null || !supply.left(want.key()).isEmpty()) {
                Unit asks = food.described() ? amount.unit() : null;
                return new Met(want, null, List.of(), null, List.of(), "the " + reckoned.missing(), asks);
            }
            need = reckoned.asWritten();
        }
        Supply.Serving serving = want.whole()
                ? supply.take(food.key(), need, want.day())
                : supply.take(food, need, want.day(), want.dish());
        if (!food.described() && serving.takes().isEmpty() && amount.unit().isPack()) {
            // nothing of it is there: it is bought by the jar, as the line says
            return new Met(want, need, List.of(), amount, past, "", null);
        }
        return met(want, need, serving, past);
    }

    private static Met met(Want want, Amount need, Supply.Serving serving, List<OpenLot> past) {
        Amount lacking = serving.lacking();
        boolean enough = lacking.value().compareTo(need.value().times(NEAR)) <= 0;
        return new Met(want, need, serving.takes(), enough ? null : lacking, past, "", null);
    }

    private static Met unknown(Want want, String why) {
        return new Met(want, null, List.of(), null, List.of(), why, null);
    }

    /**
     * What has to be bought of one food.
     *
     * @param lacking by unit, since a cabbage and 300 g of it are not summed blindly
     * @param firstDay the first day it is needed
     * @param dishes what for, without repeats
     * @param asks the first unit whose weight is missing; null when none is
     */
    public record Item(
            Food food,
            List<Amount> lacking,
            LocalDate firstDay,
            List<String> dishes,
            List<String> unknown,
            @Nullable Unit asks) {}

    /** What has to be bought of each food, in the order first needed. */
    public List<Item> items() {
        Map<Key, List<Met>> byFood = new LinkedHashMap<>();
        met.stream()
                .filter(Met::bought)
                .forEach(m -> byFood.computeIfAbsent(m.want().key(), key -> new ArrayList<>())
                        .add(m));
        return byFood.values().stream().map(Needs::item).toList();
    }

    /** What has to be bought for these wants of one food. */
    static Item item(List<Met> of) {
        Map<Unit, Amount> sums = new LinkedHashMap<>();
        for (Met one : of) {
            Amount lacking = one.lacking();
            if (lacking != null) {
                sums.merge(lacking.unit(), lacking, Amount::plus);
            }
        }
        return new Item(
                Objects.requireNonNull(of.get(0).want().food()),
                List.copyOf(sums.values()),
                of.get(0).want().day(),
                of.stream().map(m -> m.want().dish()).distinct().toList(),
                of.stream()
                        .map(Met::unknown)
                        .filter(u -> !u.isEmpty())
                        .distinct()
                        .toList(),
                of.stream().map(Met::asks).filter(Objects::nonNull).findFirst().orElse(null));
    }
}
