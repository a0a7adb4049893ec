package wexilla.core.keeping;

import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.ResourceBundle;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** The lists of words that say how a thing keeps, from {@code reference/keeping-words.properties}. */
public final class KeepingWords {

    private static final Map<String, Pattern> LISTS = read();

    private KeepingWords() {}

    private static Map<String, Pattern> read() {
        ResourceBundle lists = ResourceBundle.getBundle("reference.keeping-words", Locale.ROOT);
        return lists.keySet().stream()
                .collect(Collectors.toUnmodifiableMap(
                        Function.identity(), meaning -> pattern(lists.getString(meaning))));
    }

    private static Pattern pattern(String list) {
        String any = Arrays.stream(list.split(","))
                .map(String::strip)
                .map(word -> word.endsWith("*")
                        ? Pattern.quote(word.substring(0, word.length() - 1)) + "\\w*"
                        : Pattern.quote(word))
                .collect(Collectors.joining("|"));
        return Pattern.compile("\\b(?:" + any + ")\\b", Pattern.CASE_INSENSITIVE);
    }

    /**
     * Whether one of the words of this meaning stands in the text.
     *
     * @throws IllegalArgumentException if there is no such list
     */
    public static boolean say(String meaning, String text) {
        Pattern list = LISTS.get(meaning);
        if (list == null) {
            throw new IllegalArgumentException("there is no list of words for " + meaning);
        }
        return list.matcher(text).find();
    }

    /** Whether the text is one of the words of this meaning and nothing more. */
    public static boolean are(String meaning, String text) {
        Pattern list = LISTS.get(meaning);
        return list != null && list.matcher(text.strip()).matches();
    }
}
