package wexilla.core.cookday;

import java.util.Arrays;
import java.util.regex.Pattern;
import wexilla.core.cookday.DayProblem.Touch;
import wexilla.core.food.WordLists;

/** What a cook must not miss at a task: handbook, section 8. It is said, and judges nothing. */
final class DayCaution {

    private static final WordLists WORDS = WordLists.of("day");
    private static final Pattern HARD_BOIL = WORDS.list("hard-boil");
    private static final Pattern COOKED = WORDS.list("cooked");

    /** "Mince" said of what is no meat. */
    private static final Pattern CHOPS = Pattern.compile(
            "\\bminced?\\s+(?:the\\s+)?(?:garlic|ginger|onions?|herbs|parsley|shallots?|chill?i(?:es)?)\\b"
                    + "|\\b(?:cooked|smoked|tinned) ham\\b|\\b(?:fish|oyster) sauce\\b|\\b(?:chicken|beef|fish) stock\\b",
            Pattern.CASE_INSENSITIVE);

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
        return HARD_BOIL.matcher(dish.foods()).find() ? BOIL : "";
    }

    /** What the core of a dish has to reach; of several raw things the hottest. USDA FSIS, from memory. */
    static String core(DayTasks.Dish dish) {
        StringBuilder all = new StringBuilder(dish.name());
        Arrays.stream(dish.foods().split(", "))
                .filter(food -> !COOKED.matcher(food).find())
                .forEach(food -> all.append(", ").append(food));
        dish.steps().forEach(step -> all.append(", ").append(step.text()));
        String named = CHOPS.matcher(all).replaceAll(" ");
        for (String degrees : new String[] {"74", "71", "63"}) {
            if (WORDS.list("core-" + degrees).matcher(named).find()) {
                return "reach " + degrees + " °C in the core"
                        + (degrees.equals("63") ? ", and let it rest 3 minutes" : "");
            }
        }
        return "";
    }
}
