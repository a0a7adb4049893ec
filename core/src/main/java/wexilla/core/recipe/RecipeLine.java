package wexilla.core.recipe;

import java.util.Set;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Scaling;
import wexilla.core.recipe.lines.ReadLine;

/**
 * A line of a recipe.
 *
 * @param heldBackIn the styles in which it is added on the night instead of going into the batch
 * @param rule how the cook said it follows the size of a batch; null leaves it to what the line and its food say
 * @param made the recipe it is made by, when it is a dish of the book: "1 batch pizza dough"; null for a food
 */
public record RecipeLine(
        ReadLine read,
        Set<Style> heldBackIn,
        @Nullable Scaling rule,
        @Nullable Recipe made) {

    /** A line as it was read: goes in at every stop, follows the batch as it and its food say. */
    public static RecipeLine of(ReadLine read) {
        return new RecipeLine(read, Set.of(), null, null);
    }

    public RecipeLine {
        heldBackIn = Set.copyOf(heldBackIn);
    }

    public boolean goesIn(Style style) {
        return !heldBackIn.contains(style);
    }

    /** How it follows the size of a batch. */
    public Scaling scaling() {
        return rule == null ? read.scaling() : rule;
    }
}
