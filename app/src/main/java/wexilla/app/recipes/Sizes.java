package wexilla.app.recipes;

import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;
import wexilla.app.household.Equipped;
import wexilla.app.household.Equipped.Equipment;
import wexilla.app.household.Vessels;
import wexilla.core.clock.DayProblem.Gear;
import wexilla.core.kitchen.house.Home;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.Person;
import wexilla.core.kitchen.house.Pots;
import wexilla.core.recipe.Filling;
import wexilla.core.recipe.steps.StepGear;

/** Brings recipes to a size in a household's own vessels. */
@Component
public class Sizes {

    /** More vessels than this is no kitchen at home. */
    private final Equipped equipped;

    private final Vessels vessels;

    Sizes(Equipped equipped, Vessels vessels) {
        this.equipped = equipped;
        this.vessels = vessels;
    }

    /** What there is to cook with on a clock. */
    public List<Gear> gear(Household household) {
        return Equipped.gear(equipped.all(household));
    }

    /** Who eats here, as asked, and what there is to cook with. */
    public Home home(Household household, List<Person> people) {
        List<Equipment> equipment = equipped.all(household);
        return new Home(people, pots(household, equipment), Equipped.gear(equipment));
    }

    public Pots pots(Household household) {
        return pots(household, equipped.all(household));
    }

    private Pots pots(Household household, List<Equipment> equipment) {
        List<Filling.Vessel> all = new ArrayList<>();
        for (Equipment one : equipment) {
            StepGear.Kind gear = one.kind().gear();
            if (gear != null) {
                vessels.measured(one)
                        .ifPresent(size -> all.add(new Filling.Vessel(
                                one.id().toString(),
                                gear,
                                vessels.rule(one.kind().name()).orElseThrow(),
                                size)));
            }
        }
        return new Pots(all, vessels.standing(), household.measures());
    }
}
