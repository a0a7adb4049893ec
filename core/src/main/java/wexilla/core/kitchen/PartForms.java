package wexilla.core.kitchen;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import wexilla.core.food.Key;
import wexilla.core.food.book.Form;
import wexilla.core.kitchen.house.KnownFoods;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Style;
import wexilla.core.stock.CookedForms;

/** The parts of big buys and what was just cooked by weight or measure, among the lots there are. */
final class PartForms {

    private PartForms() {}

    static List<Form> of(Collection<Lot> open, KnownFoods foods, Measures measures) {
        return open.stream()
                .filter(lot -> lot.batch() != null && (lot.style() == Style.PLAIN_PART || lot.style() == Style.RAW_BAG))
                .filter(lot -> lot.cookedBy() == null && !lot.amount().unit().equals(Unit.PORTION))
                .flatMap(lot -> forms(lot, foods, measures).stream())
                .distinct()
                .toList();
    }

    private static List<Form> forms(Lot lot, KnownFoods foods, Measures measures) {
        Key by = Key.batch(String.valueOf(lot.batch()));
        String name = lot.name();
        Unit unit = lot.amount().unit();
        UUID from = lot.what().cookedFrom();
        if (from == null) {
            boolean raw = lot.style() == Style.RAW_BAG;
            return CookedForms.made(by, name, unit, raw, foods.book(), foods.forms(), measures);
        }
        return unit.equals(Unit.G) ? CookedForms.cut(by, name, foods.food(from), foods.book()) : List.of();
    }
}
