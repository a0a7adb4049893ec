package wexilla.core.stretch;

import java.util.Set;
import wexilla.core.food.Diet;
import wexilla.core.food.Food;
import wexilla.core.food.facts.Yield;
import wexilla.core.keeping.KeepingGuide;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.stretch.StretchPlan.Form;

/**
 * A kind of dish a part of a big buy may become. Values of the reference file: common practice, no source.
 *
 * @param groups of buys it is made of: poultry, joint, mince, fish, pulses, vegetables
 * @param form the shape it takes the meat in
 * @param grams cooked grams on a plate, as usual; {@code least} to {@code most} keep the dish right
 * @param extender what it is stretched with, and how much of that a plate takes at its usual grams
 * @param bones whether it is made of what is left on the bones
 * @param freezes whether it may wait in the freezer
 * @param hands minutes of hands for it, and for each plate more
 */
public record DishKind(
        String name,
        Set<String> groups,
        Form form,
        Rational grams,
        Rational least,
        Rational most,
        String extender,
        Rational extenderGrams,
        boolean bones,
        boolean freezes,
        Rational hands,
        Rational handsEach) {

    /** @throws IllegalArgumentException if its usual grams are not between its least and its most */
    public DishKind {
        groups = Set.copyOf(groups);
        if (least.signum() <= 0 || grams.compareTo(least) < 0 || grams.compareTo(most) > 0) {
            throw new IllegalArgumentException("“" + name + "”: its usual grams lie between its least and its most");
        }
    }

    private static final Set<String> BIRDS = Set.of("chicken", "turkey", "duck");
    private static final Set<String> PULSES = Set.of("pulses", "fish");
    /** Less than this is left of what has bones in it. */
    private static final Rational BONED = Trade.number("stretch.boned");

    /** The group a food belongs to: poultry, joint, mince, fish, pulses, vegetables; empty when dishes are made of none. */
    public static String group(Food food) {
        String protein = food.traits().protein();
        if (food.name().startsWith("minced ") || food.name().startsWith("browned mince")) {
            return "mince";
        }
        if (PULSES.contains(protein)) {
            return protein;
        }
        if (protein.isEmpty()) {
            return food.traits().aisle().equals("vegetables") ? "vegetables" : "";
        }
        return BIRDS.contains(protein) ? "poultry" : Diet.meat(food) ? "joint" : "";
    }

    /** The class of the keeping guide that what is cooked of a group belongs to. */
    public static String keepingClass(String group) {
        return switch (group) {
            case "fish" -> "cooked-fish";
            case "pulses" -> "cooked-pulses";
            case "vegetables" -> "cut-vegetables";
            default -> KeepingGuide.COOKED_DISH;
        };
    }

    /** Whether bones are left of it, as its yield tells. */
    public static boolean boned(Food food) {
        Yield cooked = food.traits().cooked();
        return cooked != null && !group(food).equals("mince") && cooked.ofOne().compareTo(BONED) < 0;
    }

    /** Whether it takes a buy of this group. @param boned whether there are bones in it */
    public boolean takes(String group, boolean boned) {
        return groups.contains(group) && (boned || !bones);
    }
}
