package wexilla.app.recipes;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import wexilla.app.household.Reference;
import wexilla.app.onhand.Lots;
import wexilla.app.onhand.Offers;
import wexilla.app.platform.Household;
import wexilla.core.pricing.CostSheet;
import wexilla.core.pricing.CostSheet.Wanted;
import wexilla.core.quantity.Quantity;
import wexilla.core.recipe.ReadLine;

/** Costs lines from what is on hand and the newest prices. */
@Component
public class Costing {

    private final Reference reference;
    private final Lots lots;
    private final Offers offers;

    Costing(Lots lots, Offers offers, Reference reference) {
        this.reference = reference;
        this.lots = lots;
        this.offers = offers;
    }

    /** A line as written, at its middle where it is a range. */
    public static Wanted wanted(ReadLine line) {
        return new Wanted(
                line.food(),
                line.foodName(),
                Optional.ofNullable(line.quantity()).map(Quantity::middle).orElse(null));
    }

    /** What these lines take and cost on this day, basis "used". */
    public CostSheet sheet(Household household, List<Wanted> wanted, LocalDate day) {
        return CostSheet.of(wanted, known(household, day));
    }

    /** Stock and prices of this day, for costing many sheets of which none takes from the other. */
    public CostSheet.Known known(Household household, LocalDate day) {
        return new CostSheet.Known(
                lots.openByFood(household),
                offers.newestFirst(household),
                reference.forms(),
                household.seasoning(),
                household.flat(),
                household.measures(),
                day);
    }
}
