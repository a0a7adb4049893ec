package wexilla.core.food;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * All foods known, found by what people write. A name is met anywhere in the text, in singular or plural; the longest
 * name wins, then the one that ends last ("chicken stock cube" is a cube).
 */
public final class FoodBook {

    /**
     * A food met in a text.
     *
     * @param before the words in front of its name
     * @param after the words behind it
     */
    public record Match(Food food, String before, String after) {}

    private final Map<String, Food> byKey;
    private final Map<String, Food> byPhrase;
    private int longest;

    public FoodBook(Collection<Food> foods) {
        this(new HashMap<>(), new HashMap<>(), 1, foods);
    }

    private FoodBook(Map<String, Food> keys, Map<String, Food> phrases, int before, Collection<Food> foods) {
        byKey = keys;
        byPhrase = phrases;
        longest = before;
        for (Food food : foods) {
            byKey.put(food.key(), food);
            food.names().forEach(name -> {
                List<String> words = words(name);
                longest = Math.max(longest, words.size());
                byPhrase.putIfAbsent(Plurals.singular(words), food);
            });
        }
    }

    /** This book with more foods in it; a name that is taken stays with the food that has it. */
    public FoodBook with(Collection<Food> more) {
        return new FoodBook(new HashMap<>(byKey), new HashMap<>(byPhrase), longest, more);
    }

    public Optional<Food> get(String key) {
        return Optional.ofNullable(byKey.get(key));
    }

    /** The food whose whole name this is. */
    public Optional<Food> named(String name) {
        return Optional.ofNullable(byPhrase.get(Plurals.singular(words(name))));
    }

    /** The food met in this text, with the words around it. */
    public Optional<Match> find(String text) {
        List<String> words = words(text);
        for (int length = Math.min(longest, words.size()); length > 0; length--) {
            for (int from = words.size() - length; from >= 0; from--) {
                Food food = byPhrase.get(Plurals.singular(words.subList(from, from + length)));
                if (food != null) {
                    return Optional.of(new Match(
                            food,
                            String.join(" ", words.subList(0, from)),
                            String.join(" ", words.subList(from + length, words.size()))));
                }
            }
        }
        return Optional.empty();
    }

    private static List<String> words(String text) {
        List<String> words = new ArrayList<>();
        for (String word : text.strip().split("[\\s,;]+")) {
            if (!word.isBlank()) {
                words.add(word);
            }
        }
        return words;
    }
}
