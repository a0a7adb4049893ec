package wexilla.app.eat;

import java.math.BigDecimal;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import wexilla.app.platform.Portions;
import wexilla.app.platform.Problem;
import wexilla.core.kitchen.Meal.State;
import wexilla.core.plan.MealOfDay;
import wexilla.core.quantity.Rational;

/**
 * What became of an evening, as the cook says it.
 *
 * @param day ISO day of the meal; @param meal of that day, dinner when nothing is said
 * @param text what else it was, for OTHER
 * @param batch a dish from stock that was eaten instead
 * @param left portions that were left
 * @param liked 0 all right, 1 good, 2 again soon; absent when nobody said
 * @param notForThem ids of who would not eat it
 */
public record EatInput(
        String day,
        @Nullable MealOfDay meal,
        How how,
        @Nullable String text,
        @Nullable UUID batch,
        BigDecimal left,
        @Nullable Integer liked,
        List<UUID> notForThem) {

    private static final int LONGEST_TEXT = 120;

    /** Portions that stay. */
    Rational stays() {
        return Portions.orNone("/left", left);
    }

    MealOfDay which() {
        return meal == null ? MealOfDay.DINNER : meal;
    }

    /** What became of an evening. */
    public enum How {
        PLANNED(State.EATEN),
        OTHER(State.OTHER),
        OUT(State.OUT),
        ASSUMED(State.ASSUMED);

        private final State state;

        How(State state) {
            this.state = state;
        }

        State state() {
            return state;
        }
    }

    /**
     * What else it was, as typed; empty when nobody typed it.
     *
     * @throws Problem if it is longer than 120 characters
     */
    String typed() {
        String typed = text == null ? "" : text.strip();
        if (typed.length() > LONGEST_TEXT) {
            throw Problem.at("/text", "What it was has at most " + LONGEST_TEXT + " characters.");
        }
        return typed;
    }

    String words() {
        return switch (how) {
            case OUT -> "out";
            case OTHER -> typed().isEmpty() ? "something else" : typed();
            default -> "as planned";
        };
    }
}
