package wexilla.core.recipe.lines;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wexilla.core.food.book.FoodBook;
import wexilla.core.food.book.Phrase;

/** A last word that several share: "red, yellow and green peppers", each of them, and "1 red, 1 yellow and 1 green pepper". */
final class SharedHead {

    private static final Pattern PARTS = Pattern.compile("\\s*,\\s*(?:and\\s+)?|\\s+(?:and|&)\\s+");
    private static final Pattern COUNTED = Pattern.compile(
            "^\\p{L}+(?:,\\s*\\d+ \\p{L}+)*,?\\s+(?:and|&)\\s+\\d+ \\p{L}+ \\p{L}+$", Pattern.CASE_INSENSITIVE);
    private static final Pattern LONE = Pattern.compile("^(\\d+ )?(\\p{L}+)$");

    private SharedHead() {}

    /** Whether each of several kinds is counted, and only the last names what they are. */
    static boolean counted(String text) {
        return COUNTED.matcher(text).matches();
    }

    /** The text with the shared word behind each kind; a kind that is a food by itself stays as it is. */
    static String of(FoodBook foods, String text) {
        List<String> parts = List.of(PARTS.split(text));
        String head = parts.get(parts.size() - 1).replaceFirst("^.*\\s", "");
        List<String> whole = parts.stream()
                .map(part -> {
                    Matcher lone = LONE.matcher(part);
                    boolean borrows = lone.matches()
                            && Phrase.of(foods, List.of(lone.group(2))).food() == null
                            && Phrase.of(foods, List.of(lone.group(2), head)).food() != null;
                    return borrows ? part + " " + head : part;
                })
                .toList();
        return whole.equals(parts) ? text : String.join(", ", whole);
    }
}
