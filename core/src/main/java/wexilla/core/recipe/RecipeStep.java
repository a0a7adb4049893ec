package wexilla.core.recipe;

import org.jspecify.annotations.Nullable;
import wexilla.core.recipe.steps.StepClock;
import wexilla.core.recipe.steps.StepTime;

/**
 * A step of a recipe.
 *
 * @param stop the style a batch is in when work stops after this step; null where it cannot stop
 * @param typed minutes written beside it; null when only the text may say something
 * @param clock what it needs of the clock beyond its minutes, as typed
 */
public record RecipeStep(
        String text, @Nullable Style stop, @Nullable StepTime typed, StepClock clock) {

    public RecipeStep(String text, @Nullable Style stop, @Nullable StepTime typed) {
        this(text, stop, typed, StepClock.NONE);
    }

    public RecipeStep(String text, @Nullable Style stop) {
        this(text, stop, null);
    }

    /** Its minutes: as typed, else as its text says. */
    public StepTime time() {
        return typed == null ? StepTime.read(text) : typed;
    }
}
