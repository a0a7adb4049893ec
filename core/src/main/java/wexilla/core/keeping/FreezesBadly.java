package wexilla.core.keeping;

import java.util.Collection;
import wexilla.core.food.Food;
import wexilla.core.food.facts.Animal;

/**
 * Dishes that are safe in the freezer and no pleasure out of it: by what they are and by what is in them. Source: handbook,
 * section 9; the rest is common practice, no source.
 */
public final class FreezesBadly {

    private FreezesBadly() {}

    /** @param dish its name; @param foods that are in it, as far as known */
    public static boolean is(String dish, Collection<Food> foods) {
        boolean fish =
                foods.stream().anyMatch(food -> food.traits().animals().stream().anyMatch(Animal::sea));
        return KeepingWords.say("freezes-badly-dish", dish)
                || foods.stream().anyMatch(food -> KeepingWords.are("freezes-badly-food", food.name()))
                || fish && KeepingWords.say("freezes-badly-fish", dish) && !KeepingWords.say("fish-in-sauce", dish);
    }
}
