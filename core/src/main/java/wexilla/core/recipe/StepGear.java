package wexilla.core.recipe;

import java.util.Arrays;
import java.util.Optional;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import wexilla.core.quantity.Temperature;

/**
 * What a step keeps busy, read from what it says.
 *
 * @param heat of the oven; null where it says none or it is no oven
 */
public record StepGear(Kind kind, @Nullable Temperature heat) {

    /** What is kept busy; the first that fits is meant. */
    public enum Kind {
        PRESSURE_COOKER("pressure cooker", "pressure"),
        SLOW_COOKER("slow cooker", "slow[- ]cook"),
        OVEN("oven", "oven|bake|baking|roast(?!ed)|grill|gratin"),
        COLD("cold", "chill|fridge|refrigerat|freez|ice bath|cool(?! oven)|marinat"),
        BURNER(
                "burner",
                "simmer|boil|fry|saut|brown|soften|sweat|sear|braise|stew|poach|steam|pan\\b|pot\\b|melt|reduce|toast|whisk over|heat"),
        HANDS("hands", "");

        private final String words;
        private final Pattern said;

        Kind(String words, String said) {
            this.words = words;
            this.said = Pattern.compile("\\b(?:" + said + ")", Pattern.CASE_INSENSITIVE);
        }

        public String words() {
            return words;
        }
    }

    /** "180 °C, fan 160 °C"; null where there is no heat. */
    public static @Nullable String heatOf(String text) {
        Temperature heat = read(text).heat();
        return heat == null ? null : heat + ", fan " + heat.forFan();
    }

    /** What this step keeps busy; hands only when it says nothing else. */
    public static StepGear read(String text) {
        Kind kind = Arrays.stream(Kind.values())
                .filter(each -> each != Kind.HANDS && each.said.matcher(text).find())
                .findFirst()
                .orElse(Kind.HANDS);
        Optional<Temperature> heat = kind == Kind.OVEN ? Temperature.find(text) : Optional.empty();
        return new StepGear(kind, heat.orElse(null));
    }
}
