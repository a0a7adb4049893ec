package wexilla.core.recipe.steps;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.book.WordLists;
import wexilla.core.quantity.Rational;
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

    /** "Low 6 hrs, high 3" is a slow cooker. */
    private static final Pattern SETTING = Pattern.compile(
            "\\b(?:low|high)\\s+(?:for\\s+)?\\d{1,2}(?:\\s*(?:-|to)\\s*\\d{1,2})?\\s*h(?:ours?|rs?)?\\b|\\bh(?:ou)?rs? on (?:low|high)\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern KETTLE = Pattern.compile("\\bkettle\\b", Pattern.CASE_INSENSITIVE);

    private static final Pattern BARE = Pattern.compile(
            "(?<![\\d.,/])(\\d{3})(?!\\s*(?:[x×/]|\\d|g\\b|gr|kg|ml|l\\b|min|hour|h\\b|cm|mm|oz|lb|[.,]\\d))(\\s*fan)?",
            Pattern.CASE_INSENSITIVE);
    /** No oven is set lower, none in Celsius higher. */
    private static final int LEAST_BARE = 100;

    private static final int MOST_CELSIUS = 260;

    /** "Brush with the sauce for the last 10 minutes": where it is already. */
    private static final Pattern LAST = Pattern.compile("\\bfor (?:the )?last \\d", Pattern.CASE_INSENSITIVE);

    private static final ReadOnce<StepGear> READ = new ReadOnce<>(StepGear::search);

    /** What is kept busy; the first whose words a step says is meant. */
    public enum Kind {
        PRESSURE_COOKER("pressure cooker"),
        SLOW_COOKER("slow cooker"),
        HOT_AIR("hot-air drawer"),
        SMOKER("smoker"),
        OVEN("oven"),
        MICROWAVE("microwave"),
        COLD("cold"),
        BURNER("burner"),
        KETTLE("kettle"),
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

    /**
     * What the steps of a dish keep busy, in their order. A time that says neither work nor gear goes on where the dish is
     * already: "20 min, then sausages in, 25 min more".
     */
    public static List<StepGear> of(List<String> steps) {
        List<StepGear> all = new ArrayList<>();
        StepGear last = new StepGear(Kind.HANDS, null);
        for (String text : steps) {
            StepGear own = read(text);
            if (own.kind() == Kind.HANDS && last.kind() != Kind.HANDS && StepClauses.goesOn(text)) {
                own = new StepGear(last.kind(), null);
            }
            boolean tended = last.kind() == Kind.BURNER && StepClauses.goesOnTended(text);
            if (own.kind() == Kind.HANDS
                    && (tended
                            || last.kind() != Kind.HANDS && LAST.matcher(text).find())) {
                own = new StepGear(last.kind(), null);
            }
            all.add(own);
            if (own.kind() != Kind.HANDS && own.kind() != Kind.COLD) {
                last = own;
            }
        }
        return all;
    }

    /** Whether a step says that it heats: what only stands on the stove by what it sounds like is not cooked. */
    public static boolean heats(String text) {
        Kind kind = anywhere(text);
        return kind != Kind.HANDS && kind != Kind.COLD && kind != Kind.KETTLE
                || StepClauses.of(text).stream()
                        .anyMatch(clause ->
                                clause.does() == StepClauses.Does.STOVE || clause.does() == StepClauses.Does.COOK);
    }

    /** What words anywhere in a text keep busy; the first kind whose words it says. */
    static Kind anywhere(String text) {
        String done = THING.matcher(text).replaceAll(" ");
        if (SETTING.matcher(done).find()) {
            return Kind.SLOW_COOKER;
        }
        if (KETTLE.matcher(text).find()
                && !LISTS.list(Kind.BURNER.name()).matcher(done).find()) {
            return Kind.KETTLE;
        }
        return Arrays.stream(Kind.values())
                .filter(each -> each != Kind.HANDS
                        && LISTS.list(each.name()).matcher(done).find())
                .findFirst()
                .orElse(Kind.HANDS);
    }

    /** What is busy longest of what says a time; else what its words name. */
    private static StepGear search(String text) {
        StepClauses.Kinds timed = StepClauses.gear(StepClauses.of(text));
        Kind named = anywhere(text);
        boolean browned = named == Kind.PRESSURE_COOKER && timed != null && timed.kind() == Kind.BURNER;
        Kind kind = timed == null || browned ? named : timed.kind();
        Optional<Temperature> heat = kind == Kind.OVEN || kind == Kind.HOT_AIR ? heat(text) : Optional.empty();
        return new StepGear(kind, heat.orElse(null));
    }

    /** A heat as written, or as a note says it: "bake 180, 35 min", "oven 350". */
    private static Optional<Temperature> heat(String text) {
        // "2 c broth" is no heat
        Optional<Temperature> written =
                Temperature.find(text).filter(heat -> heat.celsius().compareTo(Rational.of(LEAST_BARE / 2)) >= 0);
        if (written.isPresent()) {
            return written;
        }
        Matcher bare = BARE.matcher(text);
        while (bare.find()) {
            int degrees = Integer.parseInt(bare.group(1));
            if (degrees >= LEAST_BARE) {
                boolean fahrenheit = degrees > MOST_CELSIUS;
                return Temperature.find(degrees + (fahrenheit ? " F" : " C") + (bare.group(2) == null ? "" : " fan"));
            }
        }
        return Optional.empty();
    }
}
