package wexilla.app.onhand;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import wexilla.app.platform.Act;
import wexilla.app.platform.Changes;
import wexilla.core.food.Key;
import wexilla.core.kitchen.Change;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.stations.onhand.Unpriced;

/** Prices that were seen or paid, and what is there of their foods without one. */
@Component
public class Prices {

    private final Snapshots snapshots;
    private final Changes changes;

    Prices(Snapshots snapshots, Changes changes) {
        this.snapshots = snapshots;
        this.changes = changes;
    }

    /** Writes down what something costs; stock of it that has no price takes this one. */
    public void record(Act act, Change.PriceSeen seen) {
        record(act, List.of(seen));
    }

    public void record(Act act, List<Change.PriceSeen> seen) {
        Set<UUID> foods = seen.stream().map(Change.PriceSeen::food).collect(Collectors.toSet());
        Kitchen kitchen = snapshots.kitchen(act.household());
        Set<Key> keys = foods.stream().map(kitchen.foods()::key).collect(Collectors.toSet());
        changes.write(act, Unpriced.after(kitchen.with(snapshots.prices(kitchen, keys)), seen));
    }
}
