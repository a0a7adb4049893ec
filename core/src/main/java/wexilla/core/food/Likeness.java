package wexilla.core.food;

import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.facts.Allergen;
import wexilla.core.food.facts.Animal;
import wexilla.core.food.facts.Contents;
import wexilla.core.food.facts.Cut;
import wexilla.core.food.facts.Making;
import wexilla.core.food.facts.Traits;
import wexilla.core.quantity.Unit;

/**
 * What a food of the household's own can be said to be like, when no food of the book is it: how it keeps, where it is
 * bought, what rules go by. The kinds stand in {@code reference/likenesses.csv}.
 *
 * @param slug what is stored
 * @param words as the cook is asked: "a meat", "a sauce"
 * @param base what its stock is counted in
 * @param keepingClass the safest class of what is like it
 * @param making plain for what grew or was slaughtered, made for what has a recipe behind it
 * @param animals what it is of, as far as its kind says
 * @param cut what was done to their flesh
 */
public record Likeness(
        String slug,
        String words,
        Unit base,
        String keepingClass,
        String aisle,
        Making making,
        Set<Animal> animals,
        Cut cut) {

    public Likeness {
        animals = Set.copyOf(animals);
    }

    /**
     * A household's own food, described by this.
     *
     * @param allergens what is in it; null while it stands on the pack alone, which must be looked at then
     */
    public Food describe(Food own, @Nullable Set<Allergen> allergens) {
        Contents contents = allergens == null
                ? Contents.of(Making.MADE, Set.of(), Set.of())
                : making == Making.MADE ? Contents.named(allergens) : Contents.having(allergens);
        Traits traits = new Traits(
                aisle, "", contents, animals, cut, Map.of(), own.traits().yields(), Set.of());
        return own.kept(keepingClass).with(traits);
    }
}
