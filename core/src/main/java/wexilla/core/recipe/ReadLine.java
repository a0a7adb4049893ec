package wexilla.core.recipe;

import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Food;
import wexilla.core.food.Scaling;
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
 * @param written where its amount stands, as read; null for a line that was stored
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
        @Nullable LineAmount written,
        List<String> notUnderstood) {

    private static final Pattern VESSEL = Pattern.compile(
            "\\b(?:for|to) (?:grease|greasing|dusting|lining|line)\\b|\\bfor the (?:tin|tray|dish|mould|pan)\\b"
                    + "|\\bfor (?:the )?(?:top|topping|lid|crust)\\b|\\bon top\\b|\\bto top\\b|\\bto sprinkle on top\\b",
            Pattern.CASE_INSENSITIVE);

    public ReadLine {
        alternatives = List.copyOf(alternatives);
        notUnderstood = List.copyOf(notUnderstood);
    }

    /** How it follows the size of a batch: as what is done with it says, else as its food does. */
    public Scaling scaling() {
        if (saysForOrTop() && VESSEL.matcher(preparation).find()) {
            return Scaling.PER_VESSEL;
        }
        return food == null ? Scaling.LINEAR : food.scaling();
    }

    /** Whether "for" or "to" may be in it, without which no vessel is spoken of; a thousand recipes are asked at once. */
    private boolean saysForOrTop() {
        for (int i = 1; i < preparation.length(); i++) {
            if ((preparation.charAt(i) | ' ') == 'o' && "ftFT".indexOf(preparation.charAt(i - 1)) >= 0) {
                return true;
            }
        }
        return false;
    }

    public Optional<Food> knownFood() {
        return Optional.ofNullable(food);
    }
}
