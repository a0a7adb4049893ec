package wexilla.core.recipe;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Food;
import wexilla.core.quantity.AmountReader.Packs;
import wexilla.core.quantity.Quantity;

/**
 * A recipe line as understood.
 *
 * @param text as typed
 * @param quantity null when no amount was written: "salt to taste"
 * @param packs when it was written as packs of a size
 * @param foodName the food as shown; the typed words when the book does not know it
 * @param food the food of the book, or null
 * @param preparation "finely diced, drained"; empty when there is none
 * @param alternatives what may be taken instead: "beef or lamb"
 * @param optional "optional" was written
 * @param notUnderstood pieces of the text that led to nothing
 */
public record ReadLine(
        String text,
        @Nullable Quantity quantity,
        @Nullable Packs packs,
        String foodName,
        @Nullable Food food,
        String preparation,
        List<String> alternatives,
        boolean optional,
        List<String> notUnderstood) {

    public ReadLine {
        alternatives = List.copyOf(alternatives);
        notUnderstood = List.copyOf(notUnderstood);
    }

    public Optional<Food> knownFood() {
        return Optional.ofNullable(food);
    }
}
