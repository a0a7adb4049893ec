package wexilla.app.cook;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.springframework.stereotype.Component;
import wexilla.app.platform.Act;
import wexilla.core.food.Food;
import wexilla.core.pricing.CostSheet;
import wexilla.core.pricing.CostSheet.Wanted;
import wexilla.core.recipe.lines.ReadLine;
import wexilla.core.stations.cook.Stove;
import wexilla.core.stock.StockUse.Take;

/** What goes into a pot beside what is cooked in it: a cup of broth, relish. */
@Component
public class PotStock {

    private final Stoves stoves;

    PotStock(Stoves stoves) {
        this.stoves = stoves;
    }

    /** Takes these from stock; what the record lacks is counted up at its newest price. Water is from the tap. */
    public List<Take> takes(Act act, List<ReadLine> lines) {
        List<Food> foods =
                lines.stream().map(ReadLine::food).filter(Objects::nonNull).toList();
        Stove stove = stoves.at(act, foods);
        List<Wanted> wanted = lines.stream().map(Wanted::of).toList();
        CostSheet sheet = CostSheet.of(wanted, stove.kitchen().costs(act.day()));
        List<Take> takes = new ArrayList<>();
        for (int i = 0; i < wanted.size(); i++) {
            takes.addAll(stove.taken(wanted.get(i).food(), sheet.lines().get(i)));
        }
        stoves.write(act, stove);
        return takes;
    }
}
