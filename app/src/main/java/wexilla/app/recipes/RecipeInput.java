package wexilla.app.recipes;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.core.food.Scaling;
import wexilla.core.kitchen.Written.About;
import wexilla.core.quantity.text.AmountReader;
import wexilla.core.recipe.Style;

/**
 * A recipe as typed.
 *
 * @param portions 1 to 500; null while it is not filled in
 * @param tags words to find it by
 * @param source the text it was pasted or imported from; when absent, what is typed is its own source
 * @param alsoMakes what comes out beside its portions, each with its amount: "2 l chicken stock"
 * @param taken what was said for the next time and is done in this version
 */
public record RecipeInput(
        String title,
        @Nullable Integer portions,
        List<LineInput> lines,
        List<StepInput> steps,
        String note,
        @Nullable List<String> tags,
        @Nullable String source,
        @Nullable List<UUID> taken,
        @Nullable List<String> alsoMakes) {

    private static final int MOST_BESIDES = 10;
    private static final int LONGEST_BESIDES = 120;
    private static final int MOST_TAGS = 20;
    private static final int LONGEST_TAG = 40;
    public static final int LONGEST_NOTE = 4000;

    /**
     * @param heldBackIn the styles in which this line is added on the night
     * @param rule how it follows the size of a batch; null leaves it to what the line and its food say
     */
    public record LineInput(
            String text, Set<Style> heldBackIn, @Nullable Scaling rule) {}

    /**
     * @param stop the style a batch is in when work stops after this step; null where it goes on
     * @param handsMin minutes hands are at it, {@code waitMin} minutes it goes on by itself; null leaves it to the text
     * @param clock what it needs of the clock beside: "after 1 and 3; at most 10 min later; every 30 min"
     */
    public record StepInput(
            String text,
            @Nullable Style stop,
            @Nullable Integer handsMin,
            @Nullable Integer waitMin,
            @Nullable String clock) {}

    /**
     * What is written about it.
     *
     * @throws Problem if there are too many tags, or one or the note is too long
     */
    public About about() {
        if (note.length() > LONGEST_NOTE) {
            throw Problem.at(
                    "/note", "A note has at most " + LONGEST_NOTE + " characters, this one " + note.length() + ".");
        }
        List<String> said = tags == null
                ? List.of()
                : tags.stream()
                        .map(String::strip)
                        .filter(tag -> !tag.isEmpty())
                        .distinct()
                        .toList();
        if (said.size() > MOST_TAGS) {
            throw Problem.at("/tags", said.size() + " tags; " + MOST_TAGS + " are the most.");
        }
        for (int i = 0; i < said.size(); i++) {
            if (said.get(i).length() > LONGEST_TAG) {
                throw Problem.at("/tags/" + i, "A tag has at most " + LONGEST_TAG + " characters.");
            }
        }
        return new About(note.strip(), source == null ? asTyped() : source, said, alsoMade());
    }

    private List<String> alsoMade() {
        List<String> typed = alsoMakes == null
                ? List.of()
                : alsoMakes.stream()
                        .map(String::strip)
                        .filter(text -> !text.isEmpty())
                        .toList();
        if (typed.size() > MOST_BESIDES) {
            throw Problem.at("/alsoMakes", typed.size() + " things besides; " + MOST_BESIDES + " are the most.");
        }
        for (int i = 0; i < typed.size(); i++) {
            String text = typed.get(i);
            boolean amount = Asked.at("/alsoMakes/" + i, () -> AmountReader.read(text))
                    .filter(read -> !read.rest().isBlank())
                    .filter(read -> !read.quantity().max().value().isZero())
                    .isPresent();
            if (!amount || text.length() > LONGEST_BESIDES) {
                throw Problem.at(
                        "/alsoMakes/" + i,
                        "“" + text + "” does not say how much of what; write it like 2 l chicken stock.");
            }
        }
        return typed;
    }

    private String asTyped() {
        return lines.stream().map(LineInput::text).collect(Collectors.joining("\n"))
                + "\n\n"
                + steps.stream().map(StepInput::text).collect(Collectors.joining("\n"));
    }
}
