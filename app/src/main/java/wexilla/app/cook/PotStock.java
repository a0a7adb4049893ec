package wexilla.app.cook;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.springframework.stereotype.Component;
import wexilla.app.onhand.Snapshots;
import wexilla.app.platform.Act;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.pricing.CostSheet;
import wexilla.core.pricing.CostSheet.Wanted;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.lines.ReadLine;
import wexilla.core.stock.StockUse.Take;

/** What goes into a pot beside what is cooked in it: a cup of broth, relish. */
@Component
public class PotStock {

    private final Counter counter;
    private final Snapshots snapshots;

    PotStock(Counter counter, Snapshots snapshots) {
        this.counter = counter;
        this.snapshots = snapshots;
    }

    /** Takes these from stock; what the record lacks is counted up at its newest price. Water is from the tap. */
    public List<Take> takes(Act act, List<ReadLine> lines) {
        List<Food> foods =
                lines.stream().map(ReadLine::food).filter(Objects::nonNull).toList();
        Recipe none = new Recipe("in the pot", 1, List.of(), List.of());
        Map<Key, UUID> rows = counter.lockAll(act.household(), foods, none);
        List<Wanted> wanted = lines.stream().map(Wanted::of).toList();
        CostSheet sheet = CostSheet.of(wanted, snapshots.of(act.household()).costs(act.day()));
        List<Take> takes = new ArrayList<>();
        for (int i = 0; i < wanted.size(); i++) {
            takes.addAll(counter.taken(act, wanted.get(i).food(), sheet.lines().get(i), rows));
        }
        return takes;
    }
}
