package wexilla.core.food.facts;

import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What else is known about a food.
 *
 * @param aisle where it stands in a shop, {@code none} when it is not bought, empty when nobody said
 * @param protein its protein for variety, such as beef or pulses; empty when a dinner is not built on it
 * @param contents what is in it that somebody must not eat
 * @param animals what animals it is of; none for plants, and where nobody knows
 * @param cut what was done to their flesh
 * @param cautions what some people should not eat it for, with the source of each
 * @param yields what is left of one gram as bought, by part
 * @param natures what rules go by
 */
public record Traits(
        String aisle,
        String protein,
        Contents contents,
        Set<Animal> animals,
        Cut cut,
        Map<Caution, String> cautions,
        Map<Part, Yield> yields,
        Set<Nature> natures) {

    /** A food nobody has described. */
    public static final Traits NONE =
            new Traits("", "", Contents.UNKNOWN, Set.of(), Cut.PART, Map.of(), Map.of(), Set.of());

    /** Of a plain food. */
    public Traits(String aisle, String protein, Map<Part, Yield> yields) {
        this(aisle, protein, Contents.PLAIN, Set.of(), Cut.PART, Map.of(), yields, Set.of());
    }

    public Traits {
        animals = Set.copyOf(animals);
        cautions = Map.copyOf(cautions);
        yields = Map.copyOf(yields);
        natures = Set.copyOf(natures);
    }

    /** The same with other contents. */
    public Traits with(Contents other) {
        return new Traits(aisle, protein, other, animals, cut, cautions, yields, natures);
    }

    /** The same with other yields. */
    public Traits yielding(Map<Part, Yield> other) {
        return new Traits(aisle, protein, contents, animals, cut, cautions, other, natures);
    }

    /** The same of these animals in this cut. */
    public Traits of(Set<Animal> others, Cut otherCut) {
        return new Traits(aisle, protein, contents, others, otherCut, cautions, yields, natures);
    }

    /** Meat, fish or seafood that heat has still to make ready to eat. */
    public boolean rawFlesh() {
        return cut.raw() && animals.stream().anyMatch(Animal::flesh);
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
