package wexilla.core.food.book;

import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import wexilla.core.food.Food;

/** Finds foods of a book for a cook who looks for one. */
public final class FoodSearch {

    private FoodSearch() {}

    /** Foods whose names share words with this one, to be asked whether they are meant: a rare word says most. */
    public static List<Food> near(FoodBook book, String name, int most) {
        Set<String> words = compared(name);
        Map<Food, Set<String>> sharing = new HashMap<>();
        book.foods().forEach(food -> {
            Set<String> shared =
                    food.names().flatMap(other -> compared(other).stream()).collect(Collectors.toSet());
            shared.retainAll(words);
            if (!shared.isEmpty()) {
                sharing.put(food, shared);
            }
        });
        Map<String, Long> often = sharing.values().stream()
                .flatMap(Set::stream)
                .collect(Collectors.groupingBy(word -> word, Collectors.counting()));
        ToDoubleFunction<Map.Entry<Food, Set<String>>> weight = entry -> entry.getValue().stream()
                .mapToDouble(word -> 1.0 / often.getOrDefault(word, 1L))
                .sum();
        return sharing.entrySet().stream()
                .sorted(Comparator.comparingDouble(weight)
                        .reversed()
                        .thenComparing(entry -> compared(entry.getKey().name()).size())
                        .thenComparing(entry -> entry.getKey().name()))
                .map(Map.Entry::getKey)
                .limit(most)
                .toList();
    }

    private static Set<String> compared(String name) {
        return FoodBook.words(name).stream()
                .map(FoodBook::compared)
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /** Foods one of whose names holds this text, those that begin with it first, the shortest first. */
    public static List<Food> containing(FoodBook book, String text, int most) {
        String wanted = text.strip().toLowerCase(Locale.ROOT);
        Map<Food, Integer> found = new HashMap<>();
        book.foods().forEach(food -> {
            OptionalInt best = food.names()
                    .filter(name -> name.toLowerCase(Locale.ROOT).contains(wanted))
                    .mapToInt(name ->
                            name.length() + (name.toLowerCase(Locale.ROOT).startsWith(wanted) ? 0 : 1000))
                    .min();
            best.ifPresent(rank -> found.put(food, rank));
        });
        return found.entrySet().stream()
                .sorted(Map.Entry.<Food, Integer>comparingByValue()
                        .thenComparing(entry -> entry.getKey().name()))
                .map(Map.Entry::getKey)
                .limit(most)
                .toList();
    }
}
