package wexilla.app.cook;

import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;
import wexilla.app.household.Foods;
import wexilla.app.onhand.Snapshots;
import wexilla.app.platform.Act;
import wexilla.app.platform.Changes;
import wexilla.app.recipes.Dishes;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Planned;
import wexilla.core.kitchen.house.Household;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.stations.cook.Stove;

/** Reads the kitchen an act at the stove looks at, and writes down what it did. */
@Component
public class Stoves {

    private final Snapshots snapshots;
    private final Foods foods;
    private final Changes changes;

    Stoves(Snapshots snapshots, Foods foods, Changes changes) {
        this.snapshots = snapshots;
        this.foods = foods;
        this.changes = changes;
    }

    /** @param named foods that go in or come out: each gets a row, that it can be counted */
    public Stove at(Act act, Collection<Food> named) {
        Household household = act.household();
        Map<Key, UUID> rows = rows(household, named);
        Kitchen kitchen = snapshots
                .kitchen(household)
                .with(snapshots.of(household).offers())
                .with(Planned.NONE);
        return new Stove(kitchen, act.day(), rows, act::newId);
    }

    /** The rows of these foods, made where there are none. */
    public Map<Key, UUID> rows(Household household, Collection<Food> named) {
        return foods.rows(
                household,
                named.stream().filter(food -> Dishes.recipeOf(food) == null).toList());
    }

    /** Every food a recipe names, and those of the dishes in it. */
    public static Set<Food> foods(Recipe recipe) {
        Set<Food> all = new LinkedHashSet<>();
        for (RecipeLine line : recipe.lines()) {
            line.read().knownFood().ifPresent(all::add);
            if (line.made() != null) {
                all.addAll(foods(line.made()));
            }
        }
        return all;
    }

    /** Writes down everything that was done at it. */
    public void write(Act act, Stove stove) {
        changes.write(act, stove.changes());
    }
}
