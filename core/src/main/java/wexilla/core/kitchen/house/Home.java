package wexilla.core.kitchen.house;

import java.util.List;
import org.jspecify.annotations.Nullable;
import wexilla.core.clock.DayProblem.Gear;

/**
 * Who eats here, and what there is to cook with.
 *
 * @param people in the order they were written down, those who moved out last
 * @param pots and {@code gear}, what a clock holds: burners, racks, cookers; null where nobody asked for them
 */
public record Home(
        List<Person> people, @Nullable Pots pots, @Nullable List<Gear> gear) {

    public Home {
        people = List.copyOf(people);
        gear = gear == null ? null : List.copyOf(gear);
    }

    /** Who eats here, and nothing else of it. */
    public static Home of(List<Person> people) {
        return new Home(people, null, null);
    }

    /** @throws IllegalStateException if nobody asked for them */
    @Override
    public Pots pots() {
        if (pots == null) {
            throw new IllegalStateException("the pots of this kitchen were not read");
        }
        return pots;
    }

    /** @throws IllegalStateException if nobody asked for it */
    @Override
    public List<Gear> gear() {
        if (gear == null) {
            throw new IllegalStateException("what there is to cook with in this kitchen was not read");
        }
        return gear;
    }
}
