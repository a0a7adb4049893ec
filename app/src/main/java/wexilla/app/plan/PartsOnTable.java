package wexilla.app.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import wexilla.app.onhand.Snapshot;
import wexilla.app.onhand.Snapshots;
import wexilla.app.platform.Act;
import wexilla.app.platform.Changes;
import wexilla.app.recipes.Recipes;
import wexilla.app.stretch.PartEvenings;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.stations.stretch.PartDinners;
import wexilla.core.stations.stretch.PartDinners.Followed;
import wexilla.core.stations.stretch.PartDinners.OnTable;

/** Reads the dinners at which the parts of a big buy are eaten, and writes down how they follow. */
@Component
class PartsOnTable implements PartEvenings {

    private final PlanKitchen kitchens;
    private final HabitRows habits;
    private final Recipes recipes;
    private final Snapshots snapshots;
    private final Changes changes;

    PartsOnTable(PlanKitchen kitchens, HabitRows habits, Recipes recipes, Snapshots snapshots, Changes changes) {
        this.kitchens = kitchens;
        this.habits = habits;
        this.recipes = recipes;
        this.snapshots = snapshots;
        this.changes = changes;
    }

    @Override
    public List<LocalDate> follow(Act act, List<OnTable> before, List<OnTable> after) {
        List<OnTable> parts = Stream.concat(before.stream(), after.stream()).toList();
        if (parts.isEmpty()) {
            return List.of();
        }
        Snapshot now = snapshots.of(act.household());
        Set<UUID> named = recipes.named(
                        act.household(), parts.stream().map(OnTable::name).toList())
                .keySet();
        Kitchen kitchen =
                kitchens.deciding(now, parts.stream().map(OnTable::day).toList(), named);
        Followed followed = new PartDinners(kitchen, act.day(), habits.known(now), act::newId).follow(before, after);
        changes.write(act, followed.changes());
        return followed.taken();
    }
}
