package wexilla.core.stations.pack;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
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

    /** @param fridge whether it is eaten before its limit in the fridge */
    public record ForMeal(LocalDate day, MealOfDay meal, Rational portions, boolean fridge) {}

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
        Map<Boolean, Rational> packed = packed(kitchen, dish);
        List<ForMeal> meals = new ArrayList<>();
        for (PlanCheck.Checked checked : looked.check().checked()) {
            PlannedMeal meal = checked.evening();
            for (PlannedMeal.Dish one : meal.dishes()) {
                if (one instanceof PlannedMeal.FromStock stock && stock.key().equals(key)) {
                    boolean fridge = limit == null || !meal.day().isAfter(limit);
                    Rational there = Rational.min(stock.portions(), packed.getOrDefault(fridge, Rational.ZERO));
                    packed.merge(fridge, there, Rational::minus);
                    Rational portions = Rational.min(stock.portions().minus(there), left);
                    left = left.minus(portions);
                    if (portions.signum() > 0) {
                        meals.add(new ForMeal(meal.day(), meal.when().meal(), portions, fridge));
                    }
                }
            }
        }
        List<Rational> packets = new ArrayList<>();
        meals.stream().filter(meal -> !meal.fridge()).map(ForMeal::portions).forEach(packets::add);
        if (left.signum() > 0) {
            packets.addAll(Portioning.inPacketsOf(left, each));
        }
        Rational fridge =
                meals.stream().filter(ForMeal::fridge).map(ForMeal::portions).reduce(Rational.ZERO, Rational::plus);
        return new Split(meals, packets, fridge);
    }

    /** Portions of the same pot that are packed already: in a fridge or not. */
    private static Map<Boolean, Rational> packed(Kitchen kitchen, Lot dish) {
        Map<Boolean, Rational> packed = new HashMap<>();
        kitchen.open().stream()
                .filter(lot -> Objects.equals(lot.batch(), dish.batch()) && lot.storage() != Storage.COUNTER)
                .filter(lot -> lot.amount().unit().equals(Unit.PORTION))
                .forEach(lot -> packed.merge(
                        lot.storage() != Storage.FREEZER, lot.amount().value(), Rational::plus));
        return packed;
    }
}
