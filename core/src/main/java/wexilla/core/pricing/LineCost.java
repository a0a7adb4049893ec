package wexilla.core.pricing;

import java.util.List;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Form;
import wexilla.core.money.Cost;
import wexilla.core.quantity.Amount;
import wexilla.core.stock.StockUse.Take;

/**
 * What one line needs, takes and costs.
 *
 * @param need as bought, in the unit its stock or price is counted in; null when it is not known
 * @param takes out of which lots
 * @param notInStock what the record lacks of it, null when nothing
 * @param notInStockCost that part at the newest price
 * @param cost all together
 * @param instead foods that stand in for it, as taken
 * @param onlyInstead whether nothing but those goes in
 * @param made what of it is made afresh goes in as these lines, when it is a dish of the book
 * @param why what is unknown, in the cook's words; empty when nothing is
 */
public record LineCost(
        @Nullable Amount need,
        List<Take> takes,
        @Nullable Amount notInStock,
        Cost notInStockCost,
        Cost cost,
        Basis basis,
        List<Form> instead,
        boolean onlyInstead,
        List<Part> made,
        String why) {

    /** One line of what is made afresh. */
    public record Part(CostSheet.Wanted wanted, LineCost cost) {}

    public LineCost {
        made = List.copyOf(made);
        instead = List.copyOf(instead);
        takes = List.copyOf(takes);
    }
}
