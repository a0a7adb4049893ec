package wexilla.core.plan;

import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.book.WordLists;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeStep;
import wexilla.core.recipe.ScaledStep;
import wexilla.core.recipe.steps.StepGear;
import wexilla.core.recipe.steps.StepTime;

/**
 * How a cooked dish that is there comes hot to the table: where it was cooked last, in the oven or on the hob, to 74 °C
 * in the middle (handbook, section 8). What is eaten cold, and what its own last steps heat, is not warmed.
 */
public final class Warming {

    private static final WordLists WORDS = WordLists.of("warming");
    private static final Pattern COLD = WORDS.list("cold");
    private static final Pattern WARM = WORDS.list("warm");
    private static final Pattern HEATS_IT = WORDS.list("heats-it");
    private static final Pattern SERVED_COLD = WORDS.list("served-cold");

    private static final int HANDS = Trade.whole("warm.hands");
    private static final int OVEN = Trade.whole("warm.oven-minutes");
    private static final int OVEN_FROZEN = Trade.whole("warm.oven-frozen-minutes");
    private static final int CELSIUS = Trade.whole("warm.oven-celsius");
    private static final int HOB = Trade.whole("warm.hob-minutes");
    private static final int HOB_EACH = Trade.whole("warm.hob-each");
    private static final int HOB_MOST = Trade.whole("warm.hob-most");
    private static final int HOB_FROZEN = Trade.whole("warm.hob-frozen-minutes");

    private Warming() {}

    /**
     * What is done for it on the night before its own last steps.
     *
     * @param recipe it was cooked by; null where nobody knows: then it is warmed on the hob
     * @param finish its own steps that are left for the night
     * @param portions that are warmed
     */
    public static List<ScaledStep> before(
            String name, @Nullable Recipe recipe, List<ScaledStep> finish, Rational portions) {
        if (!wanted(name, recipe, finish)) {
            return List.of();
        }
        return List.of(
                inOven(recipe, finish)
                        ? step(
                                "Warm it through, covered, in the oven at " + CELSIUS + " °C, to 74 °C in the middle.",
                                OVEN)
                        : step("Warm it through on the hob, stirring, to 74 °C all through.", hob(portions)));
    }

    /** Minutes from the freezer to the table without thawing; 0 where it is not warmed, or is not cooked yet. */
    public static int fromFrozen(String name, @Nullable Recipe recipe, List<ScaledStep> finish, Rational portions) {
        if (!wanted(name, recipe, finish)) {
            return 0;
        }
        return inOven(recipe, finish) ? OVEN_FROZEN : hob(portions) + HOB_FROZEN;
    }

    /** Whether it is warmed in the oven. @param finish its own steps that are left for the night */
    public static boolean inOven(@Nullable Recipe recipe, List<ScaledStep> finish) {
        return recipe != null
                && heats(recipe, finish).reduce((earlier, later) -> later).stream()
                        .anyMatch(last -> last == StepGear.Kind.OVEN || last == StepGear.Kind.HOT_AIR);
    }

    private static boolean wanted(String name, @Nullable Recipe recipe, List<ScaledStep> finish) {
        if (COLD.matcher(name).find() && !WARM.matcher(name).find()) {
            return false;
        }
        List<StepGear> gear = StepGear.of(finish.stream().map(ScaledStep::text).toList());
        for (int i = 0; i < finish.size(); i++) {
            StepGear.Kind kind = gear.get(i).kind();
            if (heat(kind)
                    && (kind != StepGear.Kind.BURNER
                            || HEATS_IT.matcher(finish.get(i).text()).find())) {
                return false;
            }
        }
        return recipe == null
                || recipe.steps().isEmpty()
                || heats(recipe, finish).findAny().isPresent()
                        && recipe.steps().stream()
                                .noneMatch(
                                        step -> SERVED_COLD.matcher(step.text()).find());
    }

    /** What heated it before it was packed, in that order. */
    private static Stream<StepGear.Kind> heats(Recipe recipe, List<ScaledStep> finish) {
        return StepGear.of(recipe.steps().stream()
                        .limit(recipe.steps().size() - finish.size())
                        .map(RecipeStep::text)
                        .toList())
                .stream()
                .map(StepGear::kind)
                .filter(Warming::heat);
    }

    private static boolean heat(StepGear.Kind kind) {
        return kind != StepGear.Kind.HANDS && kind != StepGear.Kind.COLD && kind != StepGear.Kind.KETTLE;
    }

    private static int hob(Rational portions) {
        int more = Math.max(
                0,
                portions.minus(Rational.ONE)
                        .times(Rational.of(HOB_EACH))
                        .rounded()
                        .intValueExact());
        return Math.min(HOB_MOST, HOB + more);
    }

    private static ScaledStep step(String text, int minutes) {
        StepTime time = new StepTime(HANDS, minutes - HANDS);
        return new ScaledStep(new RecipeStep(text, null, time), time, "");
    }
}
