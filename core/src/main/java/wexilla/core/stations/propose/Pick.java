package wexilla.core.stations.propose;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import wexilla.core.plan.MealOfDay;
import wexilla.core.quantity.Rational;

/**
 * What is eaten at a meal, as a proposal says or as it is taken.
 *
 * @param recipe cooked on {@code cookOn}; or {@code batch}, a dish that is there or will be
 * @param frozen whether it is frozen the day it is cooked and eaten from the freezer
 * @param helpings where several dishes that are there are the meal together; {@code batch} is the first of them
 * @param seen version of the meal as the proposal saw it, 0 for one nobody planned; null to take it whatever stands
 */
public record Pick(
        LocalDate day,
        MealOfDay meal,
        @Nullable UUID recipe,
        @Nullable UUID batch,
        @Nullable LocalDate cookOn,
        boolean frozen,
        List<Helping> helpings,
        @Nullable Integer seen) {

    /** @param portions of this dish that go on the table */
    public record Helping(UUID batch, Rational portions) {}

    public Pick {
        helpings = List.copyOf(helpings);
    }
}
