package wexilla.core.kitchen;

import java.util.Collection;
import java.util.List;
import wexilla.core.food.Key;
import wexilla.core.food.book.FoodBook;
import wexilla.core.food.book.Form;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Style;
import wexilla.core.stock.CookedForms;

/** The parts of big buys and what was just cooked by weight or measure, among the lots there are. */
final class PartForms {

    /** How a batch of a big buy is called behind the food it was. */
    private static final String COOKED = ", cooked";

    private PartForms() {}

    static List<Form> of(Collection<Lot> open, FoodBook book) {
        return open.stream()
                .filter(lot -> lot.batch() != null && lot.style() == Style.PLAIN_PART)
                .filter(lot -> lot.cookedBy() == null && !lot.amount().unit().equals(Unit.PORTION))
                .flatMap(lot -> forms(lot, book).stream())
                .distinct()
                .toList();
    }

    private static List<Form> forms(Lot lot, FoodBook book) {
        Key by = Key.batch(String.valueOf(lot.batch()));
        String name = lot.name();
        Unit unit = lot.amount().unit();
        if (!name.endsWith(COOKED)) {
            return CookedForms.justCooked(by, name, unit, book);
        }
        String raw = name.substring(0, name.length() - COOKED.length());
        return unit.equals(Unit.G) ? CookedForms.cut(by, name, raw, book) : List.of();
    }
}
