package wexilla.core.planning;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wexilla.core.planning.Evening.Cook;
import wexilla.core.planning.Evening.Dish;
import wexilla.core.planning.Evening.FromStock;
import wexilla.core.quantity.Trade;
import wexilla.core.recipe.ScaledStep;

/** The evening counted back from table time: when each step begins, and when the oven goes on. */
public final class Countdown {

    /** Minutes until an oven is hot. */
    private static final int PREHEAT = Trade.whole("oven.preheat-minutes");

    private static final Pattern OVEN =
            Pattern.compile("\\b(?:bake|roast)\\b[^;.]*?(\\d{2,3})\\s*°\\s*([CF])", Pattern.CASE_INSENSITIVE);

    /** One thing to do. @param minutes it takes, 0 when nobody said */
    public record Step(LocalDateTime at, String dish, String words, int minutes) {}

    private Countdown() {}

    /** Every step of the evening, in the order of the clock. */
    public static List<Step> of(Evening evening) {
        List<Step> steps = new ArrayList<>();
        for (Dish dish : evening.dishes()) {
            LocalDateTime at = evening.tableAt();
            List<ScaledStep> left = steps(dish);
            for (int i = left.size() - 1; i >= 0; i--) {
                ScaledStep step = left.get(i);
                at = at.minusMinutes(step.time().minutes());
                steps.add(new Step(at, dish.name(), step.text(), step.time().minutes()));
                Matcher oven = OVEN.matcher(step.text());
                if (oven.find()) {
                    String words = "oven on, " + oven.group(1) + " °" + oven.group(2);
                    steps.add(new Step(at.minusMinutes(PREHEAT), dish.name(), words, 0));
                }
            }
        }
        steps.sort(Comparator.comparing(Step::at));
        return steps;
    }

    private static List<ScaledStep> steps(Dish dish) {
        if (dish instanceof Cook cook) {
            return cook.sized().steps();
        }
        return dish instanceof FromStock stock ? stock.finish() : List.of();
    }
}
