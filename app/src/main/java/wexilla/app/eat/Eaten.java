package wexilla.app.eat;

import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import wexilla.app.cook.Outputs;
import wexilla.app.cook.Stoves;
import wexilla.app.onhand.Snapshots;
import wexilla.app.plan.PlanKitchen;
import wexilla.app.platform.Act;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Meal;
import wexilla.core.money.Cost;
import wexilla.core.plan.PlannedMeal;
import wexilla.core.quantity.Rational;
import wexilla.core.stations.cook.Stove;
import wexilla.core.stations.eat.AsPlanned;
import wexilla.core.stations.plan.Seeing;

/** Reads what a meal is made of, and writes down what is gone once it was eaten. */
@Component
class Eaten {

    private final PlanKitchen kitchens;
    private final Snapshots snapshots;
    private final Stoves stoves;
    private final Outputs outputs;

    Eaten(PlanKitchen kitchens, Snapshots snapshots, Stoves stoves, Outputs outputs) {
        this.kitchens = kitchens;
        this.snapshots = snapshots;
        this.stoves = stoves;
        this.outputs = outputs;
    }

    /** What was served: its first dish, empty for none, and what it cost. */
    record Served(String name, Cost cost) {}

    /** Serves every dish of a meal. @param left portions that stay */
    Served asPlanned(Act act, Meal meal, Rational left) {
        Kitchen kitchen = kitchens.eating(snapshots.of(act.household()), meal);
        Map<UUID, List<Stove.Besides>> besides = new HashMap<>();
        kitchen.planned().recipes().forEach((id, written) -> {
            List<String> also = written.about().alsoMakes();
            if (!also.isEmpty()) {
                besides.put(id, outputs.of(act.household(), also));
            }
        });
        Set<Food> named = new LinkedHashSet<>();
        besides.values().forEach(all -> all.forEach(one -> named.add(one.food())));
        kitchen.planned().recipes().values().forEach(written -> named.addAll(Stoves.foods(written.recipe())));
        kitchen.planned().batches().values().stream()
                .flatMap(batch -> Stream.ofNullable(batch.recipe()))
                .forEach(recipe -> named.addAll(Stoves.foods(recipe)));
        Stove stove = stove(act, kitchen, named);
        String name = new Seeing(kitchen)
                .of(meal).dishes().stream()
                        .map(PlannedMeal.Dish::name)
                        .findFirst()
                        .orElse("");
        Cost cost = new AsPlanned(stove, besides).serve(meal, left);
        stoves.write(act, stove);
        return new Served(name, cost);
    }

    /** Something else that is there was eaten. @return what it cost */
    Cost instead(Act act, Meal meal, UUID batch, Rational left) {
        Kitchen kitchen = kitchens.eating(snapshots.of(act.household()), meal, batch);
        Rational portions = new Seeing(kitchen).of(meal).portions();
        Stove stove = stove(act, kitchen, Set.of());
        Cost cost = new AsPlanned(stove, Map.of()).dish(batch, portions, left);
        stoves.write(act, stove);
        return cost;
    }

    private Stove stove(Act act, Kitchen kitchen, Set<Food> named) {
        Map<Key, UUID> rows = stoves.rows(act.household(), named);
        return new Stove(kitchen, act.day(), rows, act::newId);
    }
}
