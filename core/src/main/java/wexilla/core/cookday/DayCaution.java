package wexilla.core.cookday;

import java.util.regex.Pattern;
import wexilla.core.clock.DayProblem.Touch;
import wexilla.core.food.book.WordLists;

/** What a cook must not miss at a task: handbook, section 8. It is said, and judges nothing. */
final class DayCaution {

    private static final WordLists WORDS = WordLists.of("day");
    private static final Pattern HARD_BOIL = WORDS.list("hard-boil");
    private static final Pattern COOKED = WORDS.list("cooked");

    /** While something cools: FDA Food Code 3-501.14 (from memory). */
    static final String COLD =
            "shallow, at most 5 cm deep, or a pot in an ice bath; 21 °C within 2 hours of the heat, 5 °C within 6";

    private static final String BOIL = "fresh water, boil hard for 30 minutes before anything below the boil";

    private DayCaution() {}

    /** At a step, by what it says itself; empty for nothing. */
    static String at(String text, Touch touch) {
        if (HARD_BOIL.matcher(text).find() && !COOKED.matcher(text).find()) {
            return BOIL;
        }
        return touch == Touch.RAW
                ? "raw: its own board; clean board and hands for 5 minutes before anything ready to eat"
                : "";
    }

    /** Dried kidney beans in a dish are boiled hard, whatever its steps say. */
    static String boil(DayTasks.Dish dish) {
        return dish.inside().boilHard() ? BOIL : "";
    }
}
