package wexilla.core.recipe;

import org.jspecify.annotations.Nullable;

/**
 * A step of a recipe.
 *
 * @param stop the style a batch is in when work stops after this step; null where it cannot stop
 */
public record RecipeStep(String text, @Nullable Style stop) {}
