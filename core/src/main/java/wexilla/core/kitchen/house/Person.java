package wexilla.core.kitchen.house;

import java.util.HashSet;
import java.util.List;
import java.util.UUID;
import wexilla.core.food.Diet;
import wexilla.core.food.book.FoodBook;
import wexilla.core.food.book.FoodWord;
import wexilla.core.food.facts.Allergen;
import wexilla.core.people.Appetite;
import wexilla.core.people.Flag;
import wexilla.core.plan.Eater;

/**
 * Somebody who eats here.
 *
 * @param dislikes foods, as typed
 * @param chilli 0 none to 3 as hot as it comes
 * @param diets ways of eating that are kept
 * @param active false for who has moved out; what they liked stays written down
 */
public record Person(
        UUID id,
        String name,
        Appetite appetite,
        List<Allergen> allergens,
        List<Flag> flags,
        List<String> dislikes,
        int chilli,
        List<Diet> diets,
        boolean active,
        int version) {

    /** Who sits at a table of this household, whose book knows what they dislike. */
    public Eater eater(Household household, FoodBook book) {
        return new Eater(
                name,
                appetite,
                new HashSet<>(allergens),
                new HashSet<>(flags),
                dislikes.stream().map(word -> FoodWord.of(word, book)).toList(),
                chilli,
                new HashSet<>(diets),
                household.country());
    }
}
