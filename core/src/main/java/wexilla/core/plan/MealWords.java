package wexilla.core.plan;

import java.util.Collection;
import wexilla.core.food.book.WordLists;

/** At which meals a dish is eaten, by the words of its title and its tags: {@code reference/meal-words.properties}. */
public final class MealWords {

    private static final WordLists LISTS = WordLists.of("meal-words");

    private MealWords() {}

    /** Whether a dish is one for this meal, as far as its words say. */
    public static boolean suits(MealOfDay meal, String title, Collection<String> tags) {
        boolean breakfast = say("breakfast", title, tags);
        boolean sweet = say("sweet", title, tags);
        return switch (meal) {
            case BREAKFAST -> breakfast;
            case SNACK -> sweet;
            case BOXES, LUNCH, DINNER, SUPPER ->
                !breakfast && !sweet && tags.stream().noneMatch(MealWords::base) && !endsAsBase(title);
        };
    }

    private static boolean base(String tag) {
        return LISTS.list("base").matcher(tag.strip()).matches();
    }

    /** "Onion base", "tomato sauce with garlic", but not "base camp stew" or "meatballs in sauce": what it is stands last. */
    private static boolean endsAsBase(String title) {
        String[] words = title.strip()
                .split("(?i)\\s+(?:in|with|on|and|for|under)\\s+", 2)[0]
                .split("\\s+");
        return base(words[words.length - 1])
                || words.length > 1 && base(words[words.length - 2] + " " + words[words.length - 1]);
    }

    private static boolean say(String meaning, String title, Collection<String> tags) {
        return LISTS.list(meaning).matcher(title).find()
                || tags.stream()
                        .anyMatch(tag -> LISTS.list(meaning).matcher(tag).find());
    }
}
