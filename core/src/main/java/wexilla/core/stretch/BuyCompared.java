package wexilla.core.stretch;

import org.jspecify.annotations.Nullable;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.money.Money;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.quantity.Unit;
import wexilla.core.stock.Dinners;

/**
 * What a buy gives, so that whole birds, pieces, mince, pulses and tins can be laid side by side.
 *
 * @param cookedKilo what a kilo of it costs cooked; {@code plate} what a plate of it costs
 * @param plateGrams cooked, on an adult's plate: meat served plain, else an adult's portion of the food
 * @param plates whole plates it makes
 * @param needed grams to buy for the plates that are wanted, and {@code neededCost} of them at this price
 * @param hands minutes of hands for the plates that are wanted
 * @param savedHeat minutes on the heat and {@code savedHands} of hands that cooking all of it at once saves
 * @param besides what else comes out of it; empty when nothing does
 */
public record BuyCompared(
        Money cookedKilo,
        Money plate,
        Rational plateGrams,
        int plates,
        Rational needed,
        Money neededCost,
        Rational hands,
        Rational savedHeat,
        Rational savedHands,
        String besides) {

    private static final Rational KILO = Rational.of(1000);
    private static final Rational HANDY = Rational.of(50);
    private static final Rational PULSES = Trade.number("portion.cooked-pulses");

    /**
     * @param food null when nobody knows it; then its plate is meat served plain
     * @param slab of it, nothing cut off
     * @param wanted plates, at least one
     * @param eaters in adult portions, above zero: each of their meals would be cooked by itself
     */
    public static BuyCompared of(
            @Nullable Food food, Rational rawGrams, Slab slab, Money price, int wanted, Rational eaters) {
        Rational cooked = slab.cookedGrams();
        Rational yield = cooked.dividedBy(rawGrams);
        String group = food == null ? "" : DishKind.group(food);
        Rational plateGrams = plateGrams(food, group, yield);
        Rational each = price.exact().times(plateGrams).dividedBy(cooked);
        // nobody buys to the gram
        Rational needed = HANDY.times(Rational.of(plateGrams
                .times(Rational.of(wanted))
                .dividedBy(yield)
                .dividedBy(HANDY)
                .ceiling()));
        boolean boned = food != null && DishKind.boned(food);
        boolean apart = boned || group.equals("joint") || group.equals("poultry");
        Rational hands =
                apart ? Ways.COOK.plus(Ways.SHRED.times(needed).times(yield).dividedBy(KILO)) : Ways.COOK;
        Rational meals = Rational.of(wanted).dividedBy(eaters);
        Rational again = Rational.of(meals.ceiling().intValueExact() - 1);
        return new BuyCompared(
                Money.rounded(price.exact().times(KILO).dividedBy(cooked), price.currency()),
                Money.rounded(each, price.currency()),
                plateGrams,
                cooked.dividedBy(plateGrams).floor().intValueExact(),
                needed,
                Money.rounded(each.times(Rational.of(wanted)), price.currency()),
                hands,
                group.isEmpty() ? Rational.ZERO : Trade.number("once." + group).times(again),
                Ways.COOK.times(again),
                boned ? "bones for a pot of stock" : "");
    }

    private static Rational plateGrams(@Nullable Food food, String group, Rational yield) {
        boolean meat = !group.equals("pulses") && !group.equals("vegetables");
        if (food != null
                && !meat
                && Conversion.convert(food, Amount.of(1, Unit.PORTION), food.base(), Measures.METRIC)
                        instanceof Conversion.Converted usual) {
            return usual.amount().value().times(yield);
        }
        return group.equals("pulses") ? PULSES : Dinners.COOKED_MEAT_GRAMS;
    }
}
