package wexilla.core.food.book;

import java.util.Arrays;
import java.util.Comparator;
import java.util.Locale;
import java.util.Map;
import java.util.ResourceBundle;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Lists of words with their meaning, as they stand in a reference file: {@code meaning = word, two words, beginning*}. */
public final class WordLists {

    private final Map<String, Pattern> lists;
    private final Map<String, Set<String>> words;

    private WordLists(Map<String, Pattern> lists, Map<String, Set<String>> words) {
        this.lists = lists;
        this.words = words;
    }

    /** @throws java.util.MissingResourceException if there is no such file beside the core */
    public static WordLists of(String file) {
        ResourceBundle lists = ResourceBundle.getBundle("reference." + file, Locale.ROOT);
        return new WordLists(
                lists.keySet().stream()
                        .collect(Collectors.toUnmodifiableMap(
                                Function.identity(), meaning -> pattern(lists.getString(meaning)))),
                lists.keySet().stream()
                        .collect(Collectors.toUnmodifiableMap(
                                Function.identity(), meaning -> split(lists.getString(meaning)))));
    }

    private static Set<String> split(String list) {
        return Arrays.stream(list.split(","))
                .map(String::strip)
                .filter(word -> !word.isEmpty())
                .map(word -> word.toLowerCase(Locale.ROOT))
                .collect(Collectors.toUnmodifiableSet());
    }

    /** Any of these words as whole words; the longest first, so that "grill pan" is no grill. */
    private static Pattern pattern(String list) {
        String any = Arrays.stream(list.split(","))
                .map(String::strip)
                .filter(word -> !word.isEmpty())
                .sorted(Comparator.comparing(String::length).reversed())
                .map(word -> word.endsWith("*")
                        ? Pattern.quote(word.substring(0, word.length() - 1)) + "[\\p{L}'-]*"
                        : Pattern.quote(word))
                .collect(Collectors.joining("|"));
        return Pattern.compile("\\b(?:" + any + ")(?!\\p{L})", Pattern.CASE_INSENSITIVE);
    }

    /**
     * What finds the words of this meaning.
     *
     * @throws IllegalArgumentException if there is no such list
     */
    public Pattern list(String meaning) {
        Pattern list = lists.get(meaning);
        if (list == null) {
            throw new IllegalArgumentException("there is no list of words for " + meaning);
        }
        return list;
    }

    /**
     * The words of this meaning as they stand, in small letters.
     *
     * @throws IllegalArgumentException if there is no such list
     */
    public Set<String> words(String meaning) {
        Set<String> list = words.get(meaning);
        if (list == null) {
            throw new IllegalArgumentException("there is no list of words for " + meaning);
        }
        return list;
    }
}
