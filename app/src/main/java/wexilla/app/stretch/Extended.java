package wexilla.app.stretch;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.food.book.FoodBook;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.NotAnAmount;
import wexilla.core.quantity.Quantity;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.recipe.lines.ReadLine;
import wexilla.core.stretch.Protein;

/** A part with its extender: how much protein is in both. */
record Extended(Optional<Food> food, FoodBook book, Protein protein) {

    /**
     * Grams of protein in so much cooked meat and its extender; null when it is not known of one of them.
     *
     * @param extender as typed: "400 g dried beans"; blank or null when there is none
     */
    @Nullable
    Rational protein(Rational cookedGrams, @Nullable String extender) {
        Rational meat = meat(cookedGrams);
        if (meat == null || extender == null || extender.isBlank()) {
            return meat;
        }
        Rational more = protein(extender);
        return more == null ? null : meat.plus(more);
    }

    /** Grams of protein in so much cooked meat; null when it is not known. */
    @Nullable
    Rational meat(Rational cookedGrams) {
        return food.isEmpty() ? null : protein.in(food.get(), cookedGrams, true);
    }

    /** Grams of protein in what it is stretched with; null when it is not known. */
    @Nullable
    Rational protein(String extender) {
        try {
            ReadLine read = new LineReader(book).read(extender);
            Food with = read.food();
            Quantity quantity = read.quantity();
            return with != null
                            && quantity != null
                            && Conversion.convert(with, quantity.middle(), Unit.G, Measures.US)
                                    instanceof Conversion.Converted grams
                    ? protein.in(with, grams.amount().value(), false)
                    : null;
        } catch (NotAnAmount noAmount) {
            return null;
        }
    }
}
