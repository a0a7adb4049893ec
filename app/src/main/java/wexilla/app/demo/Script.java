package wexilla.app.demo;

import java.util.List;
import org.jspecify.annotations.Nullable;
import wexilla.app.recipes.RecipeInput;
import wexilla.core.keeping.Storage;
import wexilla.core.recipe.Style;

/** The demo household as written in {@code demo/harbour.json}: what is there, and what happened, oldest first. */
record Script(String name, String zone, List<PlaceScript> places, List<RecipeInput> recipes, List<Event> events) {

    record PlaceScript(String name, Storage kind) {}

    /**
     * One evening: a note, or a cooking with its packing.
     *
     * @param daysAgo days before today
     * @param at wall time in the household's zone
     */
    record Event(
            int daysAgo,
            String at,
            @Nullable NoteScript note,
            @Nullable CookScript cook) {}

    record NoteScript(@Nullable String place, List<String> lines) {}

    /** @param packets empty when the dish still waits on the counter */
    record CookScript(
            String recipe,
            Style style,
            int portions,
            List<Integer> packets,
            @Nullable String place,
            @Nullable String container) {}
}
