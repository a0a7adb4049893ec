package wexilla.core.recipe.lines;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import wexilla.core.food.book.FoodBook;
import wexilla.core.food.book.Grammar;

/**
 * Words of a line between two separators; what stands in a name parts nothing: "sweet and sour sauce".
 *
 * @param by the separator before them: a comma, "and", "or"; empty for the first
 */
record LineSegment(String by, List<String> words) {

    static final Set<String> AND = Grammar.words("and");
    static final Set<String> OR = Grammar.words("or");

    String text() {
        return LineReader.bare(String.join(" ", words));
    }

    static List<LineSegment> of(List<String> words, FoodBook foods) {
        return of(words, foods.inNames(words));
    }

    /** Where each of several gets the amount, an "and" parts also what is sold or named together: salt and pepper. */
    static List<LineSegment> ofEach(List<String> words, FoodBook foods) {
        return of(words, foods.glued(words));
    }

    private static List<LineSegment> of(List<String> words, Set<Integer> glued) {
        List<LineSegment> segments = new ArrayList<>();
        String by = "";
        List<String> open = new ArrayList<>();
        for (int i = 0; i < words.size(); i++) {
            String lower = words.get(i).toLowerCase(Locale.ROOT);
            boolean separator = (AND.contains(lower) || OR.contains(lower)) && !glued.contains(i);
            if (separator && !open.isEmpty()) {
                segments.add(new LineSegment(by, open));
                open = new ArrayList<>();
                by = lower;
            } else if (separator) {
                by = lower;
            } else {
                open.add(words.get(i));
                if (words.get(i).endsWith(",") && !glued.contains(i)) {
                    segments.add(new LineSegment(by, open));
                    open = new ArrayList<>();
                    by = ",";
                }
            }
        }
        if (!open.isEmpty() || segments.isEmpty()) {
            segments.add(new LineSegment(by, open));
        }
        return segments;
    }
}
