package wexilla.core.recipe.steps;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Food;
import wexilla.core.food.book.HeatGuide;
import wexilla.core.food.book.HeatGuide.Heat;
import wexilla.core.food.facts.Animal;
import wexilla.core.food.facts.Country;
import wexilla.core.food.facts.Cut;
import wexilla.core.food.facts.Nature;
import wexilla.core.food.facts.Traits;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;

/** How a food is heated in a vessel: to what, how long where a sourced rule says so, and what to mind. */
public final class HeatAdvice {

    /** How it goes in. */
    public enum State {
        RAW,
        FROZEN,
        COOKED
    }

    /** What it is heated in. */
    public enum Method {
        OVEN,
        PAN,
        SLOW_COOKER,
        PRESSURE_COOKER,
        MICROWAVE,
        ANY
    }

    /**
     * @param minutes of heat where a sourced rule gives them
     * @param asks what nobody knows
     * @param warnings what to mind
     */
    public record Answer(Heat heat, @Nullable Integer minutes, List<String> asks, List<String> warnings) {

        public Answer {
            asks = List.copyOf(asks);
            warnings = List.copyOf(warnings);
        }
    }

    private static final Pattern LEFT_OVER =
            Pattern.compile("\\b(?:left-?overs?|reheat\\w*|warmed through)\\b", Pattern.CASE_INSENSITIVE);
    private static final Rational KG = Rational.of(1000);
    private static final Rational HEAVIEST_FROZEN = Trade.number("pressure.frozen-most-kg");
    private static final int MICROWAVED = Trade.whole("microwave.core");
    private static final int STANDS = Trade.whole("microwave.stands-minutes");

    private final HeatGuide guide;
    private final PressureTime.Table pressure;

    public HeatAdvice(HeatGuide guide, PressureTime.Table pressure) {
        this.guide = guide;
        this.pressure = pressure;
    }

    /**
     * @param said the words it was named by: "leftover stew"
     * @param weight of one piece; null when nobody said
     * @param country null for the published US tables
     */
    public Answer of(
            Food food, String said, State state, Method method, @Nullable Amount weight, @Nullable Country country) {
        Traits traits = food.traits();
        boolean cooked = state == State.COOKED || LEFT_OVER.matcher(said).find();
        boolean raw = !cooked && traits.rawFlesh();
        Heat heat = guide.of(food, cooked, country);
        Integer core = heat.core();
        if (method == Method.MICROWAVE && raw && (core == null || core <= MICROWAVED)) {
            heat = new Heat(
                    MICROWAVED,
                    STANDS,
                    food.name() + ": raw in a microwave, stirred or turned, and left to stand",
                    "USDA FSIS, Cooking with Microwave Ovens");
        }
        List<String> warnings = new ArrayList<>();
        List<String> asks = new ArrayList<>();
        if (raw) {
            raw(food, state, method, warnings);
        }
        if (cooked && method == Method.SLOW_COOKER) {
            warnings.add("warm it through on the hob first: a slow cooker takes too long to reheat (USDA FSIS, Slow"
                    + " Cookers and Food Safety)");
        }
        if (food.is(Nature.BOIL_HARD)) {
            warnings.add("soak 5 hours, then fresh water and boil hard for 30 minutes before anything below the boil"
                    + " (FDA Bad Bug Book)");
        }
        return new Answer(heat, minutes(food, state, method, weight, raw, asks, warnings), asks, warnings);
    }

    private @Nullable Integer minutes(
            Food food,
            State state,
            Method method,
            @Nullable Amount weight,
            boolean raw,
            List<String> asks,
            List<String> warnings) {
        if (method == Method.ANY || state == State.COOKED) {
            return null;
        }
        if (method != Method.PRESSURE_COOKER) {
            asks.add("No sourced rule gives minutes for this: how long does it take in yours?");
            return null;
        }
        if (state == State.FROZEN && raw && thawFirst(food, weight)) {
            warnings.add(PressureTime.thawFirst(food));
            return null;
        }
        PressureTime.State how = state == State.FROZEN ? PressureTime.State.FROZEN_BLOCK : PressureTime.State.FRESH;
        PressureTime.Answer answer = PressureTime.of(pressure, food, how, weight, Rational.of(1, 2));
        if (answer instanceof PressureTime.Known known) {
            if (state == State.FROZEN) {
                warnings.add(
                        "as one block; loose pieces take a quarter longer than fresh ones, and every core is read");
            }
            return known.minutes();
        }
        asks.add(((PressureTime.Question) answer).words());
        return null;
    }

    /** Whether a frozen piece is too big for any time. Source: handbook, section 13. */
    public static boolean thawFirst(Food food, @Nullable Amount piece) {
        boolean heavy =
                piece != null && Measures.US.toBase(piece).value().dividedBy(KG).compareTo(HEAVIEST_FROZEN) > 0;
        return food.traits().rawFlesh() && (food.traits().cut() == Cut.BIRD || heavy);
    }

    private static void raw(Food food, State state, Method method, List<String> warnings) {
        Traits traits = food.traits();
        boolean land = traits.animals().stream().anyMatch(Animal::land);
        if (state == State.FROZEN && method == Method.SLOW_COOKER) {
            warnings.add("thaw it first: frozen raw meat warms too slowly in a slow cooker (USDA FSIS, Slow Cookers"
                    + " and Food Safety)");
        }
        if (state == State.FROZEN && method == Method.MICROWAVE) {
            warnings.add("thawed in a microwave it is cooked at once");
        }
        if (state == State.FROZEN && (method == Method.OVEN || method == Method.PAN)) {
            warnings.add("from frozen it takes about half as long again (USDA FSIS, The Big Thaw)");
        }
        if (traits.cut() == Cut.STUFFED && method == Method.SLOW_COOKER) {
            warnings.add("stuffed it warms too slowly in a slow cooker: cook the stuffing apart");
        }
        if (traits.cut() == Cut.STUFFED
                && state == State.RAW
                && traits.animals().stream().anyMatch(Animal::bird)) {
            warnings.add("stuff it just before it goes in, loosely; bought stuffed and raw it is cooked from frozen or"
                    + " on the day (USDA FSIS, Stuffing and Food Safety)");
        }
        if (traits.animals().contains(Animal.BIVALVE)) {
            warnings.add("what stays shut is thrown away");
        }
        if (land && traits.cut() == Cut.TENDERISED) {
            warnings.add("what was outside is inside: pink in the middle is not done");
        }
    }
}
