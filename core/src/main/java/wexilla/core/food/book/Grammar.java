package wexilla.core.food.book;

import java.util.Set;

/** The small words of lines and notes, from {@code reference/grammar.properties}. */
public final class Grammar {

    private static final WordLists LISTS = WordLists.of("grammar");

    private Grammar() {}

    /**
     * The words of this meaning, in small letters.
     *
     * @throws IllegalArgumentException if there is no such list
     */
    public static Set<String> words(String meaning) {
        return LISTS.words(meaning);
    }
}
