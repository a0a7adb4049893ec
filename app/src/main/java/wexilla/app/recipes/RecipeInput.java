package wexilla.app.recipes;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import wexilla.core.recipe.Style;

/**
 * A recipe as typed.
 *
 * @param portions 1 to 500; null while it is not filled in
 */
public record RecipeInput(
        String title, @Nullable Integer portions, List<LineInput> lines, List<StepInput> steps, String note) {

    /** @param heldBackIn the styles in which this line is added on the night */
    public record LineInput(String text, Set<Style> heldBackIn) {}

    /**
     * @param stop the style a batch is in when work stops after this step; null where it goes on
     * @param handsMin minutes hands are at it, {@code waitMin} minutes it goes on by itself; null leaves it to the text
     */
    public record StepInput(
            String text,
            @Nullable Style stop,
            @Nullable Integer handsMin,
            @Nullable Integer waitMin) {}
}
