package wexilla.core.stretch;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Food;
import wexilla.core.keeping.KeepingRule;
import wexilla.core.keeping.Thaw;
import wexilla.core.money.Money;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.quantity.Unit;
import wexilla.core.stock.Dinners;

/**
 * What a cut slab becomes on the table: plates and their cost, how long each part keeps, and in which order it is best
 * served.
 *
 * @param dishes one for each part, in the order asked
 * @param plates of all parts, what is not decided served plain
 * @param plainPlates whole plates if all of it were served plain
 * @param warnings dates that do not hold, in the cook's words
 */
public record StretchPlan(List<Dish> dishes, Rational plates, int plainPlates, List<String> warnings) {

    /** An adult's portion of cooked meat served plain, 4 oz: common practice, no source. */
    public static final Rational PLAIN_GRAMS = Dinners.COOKED_MEAT_GRAMS;

    private static final Rational BIG_GRAMS = Trade.number("big-buy.grams");

    /** Whether this is a big buy: a protein with a known cooked yield, and how heavy one is. */
    public static boolean isBigBuy(Food food, Amount amount) {
        return food.traits().cooked() != null
                && !food.traits().protein().isEmpty()
                && amount.unit().equals(Unit.G)
                && amount.value().compareTo(BIG_GRAMS) >= 0;
    }

    /** In what shape a part is served; the order is the order to serve them in. */
    public enum Form {
        WHOLE,
        SLICED,
        DICED,
        SHREDDED,
        MINCED,
        STOCK
    }

    /**
     * What is planned for a part.
     *
     * @param plates with its extender; null when it is served plain
     * @param eatOn the day it is eaten, null while open
     * @param protein grams of protein in its meat and its extender; null when that is not known
     */
    public record Wish(
            @Nullable Rational plates,
            Form form,
            @Nullable LocalDate eatOn,
            boolean freeze,
            @Nullable Rational protein) {}

    /**
     * The days that count.
     *
     * @param cookOn null while open
     * @param rawEatBy the limit of the raw joint, null when it is frozen or not bought yet
     * @param cooked the keeping rule of the cooked meat
     * @param rawKg what has to be thawed if it is frozen raw
     */
    public record Days(
            @Nullable LocalDate cookOn,
            @Nullable LocalDate rawEatBy,
            KeepingRule cooked,
            Rational rawKg,
            Thaw.Shape shape) {}

    /**
     * A part on the table.
     *
     * @param plateCost its share of the meat for one plate, rounded half up; null when it makes none
     * @param plateProtein grams of protein on one plate; null when that is not known or it makes none
     * @param eatBy last day in the fridge, null while the cook day is open or the part is frozen
     * @param note what to know about it; empty when nothing
     */
    public record Dish(
            String name,
            Rational grams,
            Rational rawGrams,
            Money cost,
            Rational plates,
            @Nullable Money plateCost,
            @Nullable Rational plateProtein,
            boolean freeze,
            @Nullable LocalDate eatBy,
            String note) {}

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH);

    public StretchPlan {
        dishes = List.copyOf(dishes);
        warnings = List.copyOf(warnings);
    }

    /** @param wishes one for each part of the slab, in its order */
    public static StretchPlan of(Slab slab, List<Wish> wishes, Days days) {
        List<Dish> dishes = new ArrayList<>();
        Rational plates = slab.remainder().grams().dividedBy(PLAIN_GRAMS);
        for (int i = 0; i < wishes.size(); i++) {
            Dish dish = dish(slab.parts().get(i), wishes.get(i), days);
            dishes.add(dish);
            plates = plates.plus(dish.plates());
        }
        int plain = slab.cookedGrams().dividedBy(PLAIN_GRAMS).floor().intValueExact();
        List<String> warnings = new ArrayList<>(slab.notes());
        raw(days, warnings);
        spacing(slab, wishes, warnings);
        return new StretchPlan(dishes, plates, plain, warnings);
    }

    private static Dish dish(Slab.Part part, Wish wish, Days days) {
        Rational plates = wish.plates() != null ? wish.plates() : part.grams().dividedBy(PLAIN_GRAMS);
        Money each = plates.isZero()
                ? null
                : Money.rounded(
                        part.cost().exact().dividedBy(plates), part.cost().currency());
        KeepingRule.Span fridge = days.cooked().fridge();
        LocalDate eatBy =
                days.cookOn() == null || fridge == null ? null : days.cookOn().plusDays(fridge.to());
        LocalDate eatOn = wish.eatOn();
        boolean late = eatBy != null && eatOn != null && eatOn.isAfter(eatBy);
        boolean early = days.cookOn() != null && eatOn != null && eatOn.isBefore(days.cookOn());
        String note = early
                ? DAY.format(eatOn) + " lies before the cook day"
                : late && !wish.freeze()
                        ? DAY.format(eatOn) + " is past its fridge time (" + DAY.format(eatBy)
                                + "): into the freezer on the cook day"
                        : "";
        boolean freeze = wish.freeze() || late;
        Rational protein = wish.protein();
        return new Dish(
                part.name(),
                part.grams(),
                part.rawGrams(),
                part.cost(),
                plates,
                each,
                protein == null || plates.isZero() ? null : protein.dividedBy(plates),
                freeze,
                freeze ? null : eatBy,
                note);
    }

    /** A cook day after the raw date: earlier, or frozen raw and thawed in time. */
    private static void raw(Days days, List<String> warnings) {
        LocalDate cookOn = days.cookOn();
        LocalDate limit = days.rawEatBy();
        if (cookOn == null || limit == null || !cookOn.isAfter(limit)) {
            return;
        }
        LocalDateTime out = Thaw.takeOut(cookOn.atTime(8, 0), days.rawKg(), days.shape());
        warnings.add("Raw it keeps to " + DAY.format(limit) + ", the cook day is " + DAY.format(cookOn)
                + ": cook it by then, or freeze it tonight and take it out " + DAY.format(out) + " by "
                + out.toLocalTime() + " (" + days.shape().rule() + ").");
    }

    /** The same meat not twice a day nor on following days. */
    private static void spacing(Slab slab, List<Wish> wishes, List<String> warnings) {
        List<Integer> dated = new ArrayList<>();
        for (int i = 0; i < wishes.size(); i++) {
            if (wishes.get(i).eatOn() != null) {
                dated.add(i);
            }
        }
        dated.sort(Comparator.comparing(
                i -> java.util.Objects.requireNonNull(wishes.get(i).eatOn())));
        for (int i = 1; i < dated.size(); i++) {
            LocalDate before = java.util.Objects.requireNonNull(
                    wishes.get(dated.get(i - 1)).eatOn());
            LocalDate here =
                    java.util.Objects.requireNonNull(wishes.get(dated.get(i)).eatOn());
            if (!before.plusDays(1).isBefore(here)) {
                warnings.add(slab.parts().get(dated.get(i - 1)).name() + " and "
                        + slab.parts().get(dated.get(i)).name() + ": the same meat "
                        + (before.equals(here) ? "twice on " + DAY.format(here) : "on following days"));
            }
        }
    }

    /** The parts in the order that works: whole, then sliced or shredded, bones last. */
    public static List<String> order(List<String> names, List<Wish> wishes) {
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < names.size(); i++) {
            order.add(i);
        }
        order.sort(Comparator.comparing(i -> wishes.get(i).form()));
        return order.stream().map(names::get).toList();
    }
}
