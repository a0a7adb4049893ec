package wexilla.core.food.book;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Food;

/**
 * The words of a line behind its amount, and which food they name. A name is met only if it covers its phrase up to words
 * that are known to change nothing about which food it is; what it does not cover is another food and keeps its own words
 * (design: things, section 1).
 *
 * @param food null when no name covers the phrase
 * @param name of the food; the words of the phrase when nobody knows it; empty when the words name nothing at all
 * @param from first word of the name, {@code to} behind its last
 * @param end where the phrase ends: at a comma or at a word that begins a remark
 * @param kind what the name says beyond the food's own: "penne" of pasta
 * @param states what the words say of its state, in their order
 * @param read words that were read as others: "brocolli: broccoli"
 */
public record Phrase(
        @Nullable Food food,
        String name,
        int from,
        int to,
        int end,
        String kind,
        List<State> states,
        List<String> read) {

    private static final FoodBook NO_FOODS = new FoodBook(List.of());

    public Phrase {
        states = List.copyOf(states);
        read = List.copyOf(read);
    }

    /** What is in these words; a word ends with its comma. */
    public static Phrase of(FoodBook book, List<String> words) {
        PhraseReader typed = new PhraseReader(book, words);
        Phrase found = typed.phrase(List.of());
        if (found.food() != null || words.isEmpty()) {
            return found;
        }
        List<String> notes = new ArrayList<>();
        List<String> meant = new ArrayList<>();
        for (int i = 0; i < words.size(); i++) {
            String word = words.get(i);
            String bare = PhraseReader.bare(word);
            Optional<String> known = i < found.end() ? book.meant(bare) : Optional.empty();
            known.ifPresent(right -> notes.add(bare + ": " + right));
            meant.add(known.map(right -> right + word.substring(bare.length())).orElse(word));
        }
        if (notes.isEmpty()) {
            return found;
        }
        Phrase right = new PhraseReader(book, meant).phrase(notes);
        return right.food() != null ? right : found;
    }

    /** Whether the words are nothing but what may stand beside a name. */
    public static boolean namesNothing(List<String> words) {
        return !words.isEmpty() && new PhraseReader(NO_FOODS, words).free(0, words.size(), null);
    }

    /** What these words say of a state, when they say nothing but how a thing is; empty else. */
    public static List<State> states(List<String> words) {
        return namesNothing(words) ? new PhraseReader(NO_FOODS, words).states(0, words.size(), -1, -1) : List.of();
    }
}
