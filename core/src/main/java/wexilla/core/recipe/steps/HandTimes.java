package wexilla.core.recipe.steps;

import java.util.Locale;
import java.util.Map;
import java.util.ResourceBundle;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import wexilla.core.food.book.WordLists;
import wexilla.core.quantity.Trade;

/**
 * How long hands are usually at a step that says no time, by what it does, from {@code reference/hand-times.properties}:
 * common practice, no source.
 */
final class HandTimes {

    private static final int LEAST = Trade.whole("hands.least-minutes");
    private static final int MOST = Trade.whole("hands.most-minutes");
    private static final WordLists LISTS = WordLists.of("hand-times");

    /** Minutes of each list. */
    private static final Map<Pattern, Integer> MINUTES =
            ResourceBundle.getBundle("reference.hand-times", Locale.ROOT).keySet().stream()
                    .collect(Collectors.toUnmodifiableMap(LISTS::list, HandTimes::minutes));

    private HandTimes() {}

    private static int minutes(String meaning) {
        return Integer.parseInt(meaning.substring(0, meaning.indexOf('.')));
    }

    /** Minutes, between the least and the most there are. */
    static int about(String text) {
        int sum = MINUTES.entrySet().stream()
                .filter(list -> list.getKey().matcher(text).find())
                .mapToInt(Map.Entry::getValue)
                .sum();
        return Math.max(LEAST, Math.min(MOST, sum));
    }
}
