package wexilla.app.recipes;

import java.time.LocalDate;
import java.util.List;
import org.springframework.stereotype.Component;
import wexilla.app.onhand.Lots;
import wexilla.app.onhand.Offers;
import wexilla.app.platform.Household;
import wexilla.core.pricing.CostSheet;
import wexilla.core.pricing.CostSheet.Wanted;

/** Costs lines from what is on hand and the newest prices. */
@Component
public class Costing {

    private final Lots lots;
    private final Offers offers;

    Costing(Lots lots, Offers offers) {
        this.lots = lots;
        this.offers = offers;
    }

    /** What these lines take and cost on this day, basis "used". */
    public CostSheet sheet(Household household, List<Wanted> wanted, LocalDate day) {
        return CostSheet.of(wanted, known(household, day));
    }

    /** Stock and prices of this day, for costing many sheets of which none takes from the other. */
    public CostSheet.Known known(Household household, LocalDate day) {
        return new CostSheet.Known(
                lots.openByKey(household),
                offers.newestFirst(household),
                lots.forms(household),
                household.seasoning(),
                household.flat(),
                household.measures(),
                day);
    }
}
