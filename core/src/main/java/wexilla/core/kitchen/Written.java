package wexilla.core.kitchen;

import java.util.List;
import java.util.UUID;
import wexilla.core.recipe.Recipe;

/**
 * A recipe as it is written in the book.
 *
 * @param n the number of this version
 * @param version for If-Match
 */
public record Written(UUID id, int n, int version, About about, Recipe recipe) {
    /**
     * What is written about a recipe.
     *
     * @param source as typed, pasted or imported
     * @param alsoMakes what comes out beside its portions: "2 l chicken stock"
     */
    public record About(String note, String source, List<String> tags, List<String> alsoMakes) {

        public static final About NOTHING = new About("", "", List.of(), List.of());

        public About {
            tags = List.copyOf(tags);
            alsoMakes = List.copyOf(alsoMakes);
        }
    }

    /** One version of a recipe. */
    public record Version(UUID recipe, int n) {}
}
