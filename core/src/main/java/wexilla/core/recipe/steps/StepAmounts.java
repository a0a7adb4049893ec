package wexilla.core.recipe.steps;

import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import wexilla.core.quantity.Rational;

/**
 * How much a recipe has of what its steps name, as far as hands care: eight onions take longer than one.
 *
 * @param all by what they are called
 */
public record StepAmounts(List<Of> all) {

    /** Nobody said how much. */
    public static final StepAmounts NONE = new StepAmounts(List.of());

    public StepAmounts {
        all = List.copyOf(all);
    }

    /**
     * One food.
     *
     * @param words it is called by, without the ending of many
     * @param pieces of it, or {@code grams}; zero where it is not counted, or not weighed
     * @param uncut whether it goes in cut and no step says that it is: "add the chopped onion", "1 onion, diced"
     */
    public record Of(Set<String> words, Rational pieces, Rational grams, boolean uncut) {

        public Of {
            words = Set.copyOf(words);
        }

        /** Whether a step names it. */
        public boolean in(String text) {
            return pattern().matcher(text).find();
        }

        /** Whether a step says to cut it. */
        public boolean cutIn(String text) {
            return StepClauses.cuts(text, this);
        }

        /** Whether a step calls it cut: "the chopped onions", "onion chopped". */
        public boolean calledCut(String text) {
            String word = pattern().pattern();
            return Pattern.compile(
                            "\\b(?:chopped|diced|sliced|minced|grated|crushed|cubed|shredded|quartered|halved)\\s+(?:\\w+\\s+)?"
                                    + word + "|" + word + "\\s+(?:chopped|diced|sliced|minced|grated|crushed)\\b",
                            Pattern.CASE_INSENSITIVE)
                    .matcher(text)
                    .find();
        }

        /** The same, which is cut in silence. */
        public Of isUncut() {
            return new Of(words, pieces, grams, true);
        }

        /** The same, which is cut by now. */
        public Of isCut() {
            return new Of(words, pieces, grams, false);
        }

        /** Finds it in a text. */
        Pattern pattern() {
            return Pattern.compile(
                    words.stream()
                            .sorted()
                            .map(Pattern::quote)
                            .collect(Collectors.joining("|", "\\b(?:", ")(?:o|oes|ves|f|fe|es|s|y|ies)?\\b")),
                    Pattern.CASE_INSENSITIVE);
        }
    }
}
