package wexilla.core.food.book;

import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Food;
import wexilla.core.food.facts.Animal;
import wexilla.core.food.facts.Traits;
import wexilla.core.quantity.text.ReadOnce;

/**
 * A food as somebody says it who dislikes it, does without it or wants it used up: "peas", "fish", "tomatoes". It means
 * every food that is it, a kind of it, of that animal or made of it; whole words only: peas are not in chickpeas.
 *
 * @param words as typed
 * @param food the food of the book it names; null where the book knows none
 */
public record FoodWord(String words, @Nullable Food food) {

    private static final Pattern NO_LETTER = Pattern.compile("[^\\p{L}']+");

    /** Names are asked for every eater and dish. */
    private static final ReadOnce<List<String>> TOKENS = new ReadOnce<>(FoodWord::split);

    /** As this book knows it. */
    public static FoodWord of(String words, FoodBook book) {
        return new FoodWord(words, book.find(words).orElse(null));
    }

    /** Whether this food is meant. */
    public boolean means(Food other) {
        return isSame(other) || isOf(other) || isIn(other.name()) && !seasonedAlike(other);
    }

    /** Whether these words name it: "lamb and pea stew" has peas. */
    public boolean isIn(String text) {
        List<String> own = tokens(words);
        return !own.isEmpty() && Collections.indexOfSubList(tokens(text), own) >= 0;
    }

    private boolean isSame(Food other) {
        List<String> own = tokens(words);
        return food != null && food.key().equals(other.key())
                || other.names().anyMatch(name -> tokens(name).equals(own));
    }

    /** "Beef" means mince of beef, "fish" salmon. */
    private boolean isOf(Food other) {
        List<String> own = tokens(words);
        Traits traits = other.traits();
        Stream<String> said = Stream.concat(
                Stream.of(traits.protein()),
                traits.animals().stream().filter(Animal::flesh).map(Animal::word));
        Optional<Animal> animal = own.size() == 1 ? Animal.named(own.get(0)) : Optional.empty();
        return said.anyMatch(word -> !word.isEmpty() && tokens(word).equals(own))
                || animal.filter(Animal::flesh)
                        .filter(traits.animals()::contains)
                        .isPresent();
    }

    /** Peppers are not meant by black pepper, which only ends alike. */
    private boolean seasonedAlike(Food other) {
        List<String> own = tokens(words);
        List<String> name = tokens(other.name());
        return food != null
                && !food.seasoning()
                && other.seasoning()
                && name.subList(Math.max(0, name.size() - own.size()), name.size())
                        .equals(own);
    }

    private static List<String> tokens(String text) {
        return TOKENS.of(text);
    }

    private static List<String> split(String text) {
        return NO_LETTER
                .splitAsStream(text.toLowerCase(Locale.ROOT))
                .filter(word -> !word.isEmpty())
                .map(Plurals::singular)
                .toList();
    }
}
