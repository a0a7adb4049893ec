package wexilla.core.kitchen.house;

import java.util.List;
import wexilla.core.clock.DayProblem.Gear;

/**
 * Who eats here, and what there is to cook with.
 *
 * @param people in the order they were written down, those who moved out last
 * @param gear what a clock holds: burners, racks, cookers
 */
public record Home(List<Person> people, Pots pots, List<Gear> gear) {

    public Home {
        people = List.copyOf(people);
        gear = List.copyOf(gear);
    }
}
