package wexilla.core.keeping;

import wexilla.core.food.book.WordLists;

/** The lists of words that say how a thing keeps, from {@code reference/keeping-words.properties}. */
public final class KeepingWords {

    private static final WordLists LISTS = WordLists.of("keeping-words");

    private KeepingWords() {}

    /**
     * Whether one of the words of this meaning stands in the text.
     *
     * @throws IllegalArgumentException if there is no such list
     */
    public static boolean say(String meaning, String text) {
        return LISTS.list(meaning).matcher(text).find();
    }

    /** Whether the text is one of the words of this meaning and nothing more. */
    public static boolean are(String meaning, String text) {
        return LISTS.list(meaning).matcher(text.strip()).matches();
    }
}
