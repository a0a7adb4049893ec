package wexilla.core.recipe.check;

import org.jspecify.annotations.Nullable;

/**
 * Something about a recipe a cook should look at. It never keeps a recipe from being saved.
 *
 * @param kind what it is about
 * @param line which line, from 0; null when it is none
 * @param step which step, from 0; null when it is none
 * @param what in the cook's words
 * @param why the reason
 * @param source published source, practice or own definition
 */
public record RecipeFlag(
        Kind kind, @Nullable Integer line, @Nullable Integer step, String what, String why, String source) {

    /** As one sentence, with its source. */
    public String words() {
        return what + ": " + why + " (" + source + ")";
    }

    public enum Kind {
        /** Somebody could get ill. */
        SAFETY,
        /** Two things said cannot both be true. */
        CONTRADICTION,
        /** A line no step uses. */
        UNUSED,
        LIQUID,
        NO_AMOUNT
    }
}
