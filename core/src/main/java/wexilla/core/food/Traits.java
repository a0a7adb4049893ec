package wexilla.core.food;

import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What else is known about a food.
 *
 * @param aisle where it stands in a shop, {@code none} when it is not bought, empty when nobody said
 * @param protein its protein for variety, such as beef or pulses; empty when a dinner is not built on it
 * @param cautions what some people should not eat it for, with the source of each
 * @param yields what is left of one gram as bought, by part
 * @param natures what rules go by
 */
public record Traits(
        String aisle,
        String protein,
        Set<Allergen> allergens,
        Map<Caution, String> cautions,
        Map<Part, Yield> yields,
        Set<Nature> natures) {

    /** A food nobody has described. */
    public static final Traits NONE = new Traits("", "", Set.of(), Map.of());

    /** Of a food nobody needs to be warned of. */
    public Traits(String aisle, String protein, Set<Allergen> allergens, Map<Part, Yield> yields) {
        this(aisle, protein, allergens, Map.of(), yields, Set.of());
    }

    public Traits {
        allergens = Set.copyOf(allergens);
        cautions = Map.copyOf(cautions);
        yields = Map.copyOf(yields);
        natures = Set.copyOf(natures);
    }

    /** Grams of this part of one gram as bought; null when nobody knows. */
    public @Nullable Yield yield(Part part) {
        return yields.get(part);
    }

    /** Cooked grams of one gram as bought; null when nobody knows. */
    public @Nullable Yield cooked() {
        return yields.get(Part.COOKED);
    }
}
