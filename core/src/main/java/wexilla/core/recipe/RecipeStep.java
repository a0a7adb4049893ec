package wexilla.core.recipe;

import org.jspecify.annotations.Nullable;

/**
 * A step of a recipe.
 *
 * @param stop the style a batch is in when work stops after this step; null where it cannot stop
 * @param typed minutes written beside it; null when only the text may say something
 */
public record RecipeStep(
        String text, @Nullable Style stop, @Nullable StepTime typed) {

    public RecipeStep(String text, @Nullable Style stop) {
        this(text, stop, null);
    }

    /** Its minutes: as typed, else as its text says. */
    public StepTime time() {
        return typed == null ? StepTime.read(text) : typed;
    }
}
