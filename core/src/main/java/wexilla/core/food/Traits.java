package wexilla.core.food;

import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What else is known about a food.
 *
 * @param aisle where it stands in a shop, empty when nobody said
 * @param protein its protein for variety, such as beef or pulses; empty when a dinner is not built on it
 * @param cautions what some people should not eat it for, with the source of each
 * @param cooked cooked grams of one gram as bought; above 1 for what takes up water
 * @param ready grams ready to cook of one gram as bought
 */
public record Traits(
        String aisle,
        String protein,
        Set<Allergen> allergens,
        Map<Caution, String> cautions,
        @Nullable Yield cooked,
        @Nullable Yield ready) {

    /** A food nobody has described. */
    public static final Traits NONE = new Traits("", "", Set.of(), null, null);

    /** Of a food nobody needs to be warned of. */
    public Traits(
            String aisle, String protein, Set<Allergen> allergens, @Nullable Yield cooked, @Nullable Yield ready) {
        this(aisle, protein, allergens, Map.of(), cooked, ready);
    }

    public Traits {
        allergens = Set.copyOf(allergens);
        cautions = Map.copyOf(cautions);
    }
}
