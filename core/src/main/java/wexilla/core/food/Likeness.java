package wexilla.core.food;

import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import wexilla.core.quantity.Unit;

/**
 * What a food of the household's own can be said to be like, when no food of the book is it: how it keeps, where it is
 * bought, what rules go by. The kinds stand in {@code reference/likenesses.csv}.
 *
 * @param slug what is stored
 * @param words as the cook is asked: "a meat", "a sauce"
 * @param base what its stock is counted in
 * @param keepingClass the safest class of what is like it
 * @param natures what rules go by
 */
public record Likeness(String slug, String words, Unit base, String keepingClass, String aisle, Set<Nature> natures) {

    public Likeness {
        natures = Set.copyOf(natures);
    }

    /**
     * A household's own food, described by this.
     *
     * @param allergens what is in it; null while it stands on the pack alone, which must be looked at then
     */
    public Food describe(Food own, @Nullable Set<Allergen> allergens) {
        Set<Nature> all = new HashSet<>(natures);
        if (allergens == null) {
            all.add(Nature.LOOK);
        }
        Traits traits = new Traits(
                aisle,
                "",
                allergens == null ? Set.of() : allergens,
                Map.of(),
                own.traits().yields(),
                all);
        return own.kept(keepingClass).with(traits);
    }
}
