package wexilla.core.recipe.steps;

import java.util.Arrays;
import java.util.Optional;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.book.WordLists;
import wexilla.core.quantity.Temperature;
import wexilla.core.quantity.text.ReadOnce;

/**
 * What a step keeps busy, read from what it says.
 *
 * @param heat of the oven; null where it says none or it is no oven
 */
public record StepGear(Kind kind, @Nullable Temperature heat) {

    private static final WordLists LISTS = WordLists.of("gear");
    private static final Pattern THING = LISTS.list("thing");

    private static final ReadOnce<StepGear> READ = new ReadOnce<>(StepGear::search);

    /** What is kept busy; the first whose words a step says is meant. */
    public enum Kind {
        PRESSURE_COOKER("pressure cooker"),
        SLOW_COOKER("slow cooker"),
        HOT_AIR("hot-air drawer"),
        SMOKER("smoker"),
        OVEN("oven"),
        COLD("cold"),
        BURNER("burner"),
        HANDS("hands");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** "180 °C, fan 160 °C", or "350 °F, fan 325 °F"; null where there is no heat. */
    public static @Nullable String heatOf(String text, boolean fahrenheit) {
        Temperature heat = read(text).heat();
        return heat == null
                ? null
                : heat.dial(fahrenheit) + ", fan " + heat.forFan().dial(fahrenheit);
    }

    /** What this step keeps busy; hands only when it says nothing else. */
    public static StepGear read(String text) {
        return READ.of(text);
    }

    private static StepGear search(String text) {
        String done = THING.matcher(text).replaceAll(" ");
        Kind kind = Arrays.stream(Kind.values())
                .filter(each -> each != Kind.HANDS
                        && LISTS.list(each.name()).matcher(done).find())
                .findFirst()
                .orElse(Kind.HANDS);
        Optional<Temperature> heat =
                kind == Kind.OVEN || kind == Kind.HOT_AIR ? Temperature.find(text) : Optional.empty();
        return new StepGear(kind, heat.orElse(null));
    }
}
