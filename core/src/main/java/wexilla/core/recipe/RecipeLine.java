package wexilla.core.recipe;

import java.util.Set;

/**
 * A line of a recipe.
 *
 * @param heldBackIn the styles in which it is added on the night instead of going into the batch
 */
public record RecipeLine(ReadLine read, Set<Style> heldBackIn) {

    public RecipeLine {
        heldBackIn = Set.copyOf(heldBackIn);
    }

    public boolean goesIn(Style style) {
        return !heldBackIn.contains(style);
    }
}
