package wexilla.core.stations.pack;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import wexilla.core.food.Key;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Lot;
import wexilla.core.packing.Portioning;
import wexilla.core.plan.MealOfDay;
import wexilla.core.plan.PlanCheck;
import wexilla.core.plan.PlannedMeal;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.stations.plan.Looked;

/**
 * How a dish is shared out: a packet for each meal of the plan that eats of it, the rest in packets of one size. What is
 * eaten within its time in the fridge is not frozen.
 *
 * @param meals that eat of it, the earliest first
 * @param packets for the freezer, in the order they are filled
 * @param fridge portions for the meals before its limit there
 */
public record Split(List<ForMeal> meals, List<Rational> packets, Rational fridge) {

    /** Where what a meal eats waits for it. */
    public enum Waits {
        /** It is eaten the day it is packed: it stays out. */
        OUT,
        /** It is eaten before its limit in the fridge. */
        FRIDGE,
        FREEZER
    }

    public record ForMeal(LocalDate day, MealOfDay meal, Rational portions, Waits waits) {}

    public Split {
        meals = List.copyOf(meals);
        packets = List.copyOf(packets);
    }

    /**
     * @param dish that waits on the counter
     * @param looked the meals of the coming weeks
     * @param each portions of a packet nobody has a meal for
     * @param day it is packed
     */
    public static Split of(Kitchen kitchen, Lot dish, Looked looked, Rational each, LocalDate day) {
        LocalDate limit = Packing.dates(kitchen, dish, Storage.FRIDGE, day).eatBy();
        Key key = Key.batch(Objects.requireNonNull(dish.batch()).toString());
        Rational left = dish.amount().value();
        Map<Waits, Rational> packed = packed(kitchen, dish);
        List<ForMeal> meals = new ArrayList<>();
        for (PlanCheck.Checked checked : looked.check().checked()) {
            PlannedMeal meal = checked.evening();
            for (PlannedMeal.Dish one : meal.dishes()) {
                if (one instanceof PlannedMeal.FromStock stock && stock.key().equals(key)) {
                    Waits waits = meal.day().equals(day)
                            ? Waits.OUT
                            : limit == null || !meal.day().isAfter(limit) ? Waits.FRIDGE : Waits.FREEZER;
                    Rational there = Rational.min(stock.portions(), packed.getOrDefault(waits, Rational.ZERO));
                    packed.merge(waits, there, Rational::minus);
                    Rational portions = Rational.min(stock.portions().minus(there), left);
                    left = left.minus(portions);
                    if (portions.signum() > 0) {
                        meals.add(new ForMeal(meal.day(), meal.when().meal(), portions, waits));
                    }
                }
            }
        }
        List<Rational> packets = new ArrayList<>();
        meals.stream()
                .filter(meal -> meal.waits() == Waits.FREEZER)
                .map(ForMeal::portions)
                .forEach(packets::add);
        if (left.signum() > 0) {
            packets.addAll(Portioning.inPacketsOf(left, each));
        }
        Rational fridge = meals.stream()
                .filter(meal -> meal.waits() == Waits.FRIDGE)
                .map(ForMeal::portions)
                .reduce(Rational.ZERO, Rational::plus);
        // all of it is for tonight: what is packed all the same is what will be left
        return packets.isEmpty() && fridge.isZero()
                ? new Split(meals, Portioning.inPacketsOf(dish.amount().value(), each), fridge)
                : new Split(meals, packets, fridge);
    }

    /** Portions of the same pot that are packed already. */
    private static Map<Waits, Rational> packed(Kitchen kitchen, Lot dish) {
        Map<Waits, Rational> packed = new EnumMap<>(Waits.class);
        kitchen.open().stream()
                .filter(lot -> Objects.equals(lot.batch(), dish.batch()) && lot.storage() != Storage.COUNTER)
                .filter(lot -> lot.amount().unit().equals(Unit.PORTION))
                .forEach(lot -> packed.merge(
                        lot.storage() == Storage.FREEZER ? Waits.FREEZER : Waits.FRIDGE,
                        lot.amount().value(),
                        Rational::plus));
        return packed;
    }
}
