package wexilla.core.stations.cook;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import wexilla.core.food.Food;
import wexilla.core.kitchen.house.Household;
import wexilla.core.pricing.CostSheet.Wanted;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.ScaledLine;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.Style;
import wexilla.core.recipe.Wording;

/**
 * A line that goes in at the chosen stop.
 *
 * @param text the line at the size of this batch
 * @param wanted at that size, or as corrected by the cook
 */
public record GoesIn(Sized.Line line, String text, Wanted wanted) {

    /** The lines that go in at this stop. @param corrections what really went in of some, by their place */
    public static List<GoesIn> of(Household household, Sized sized, Style style, Map<Integer, Amount> corrections) {
        List<ScaledLine> words = sized.words(Wording.of(household.system(), household.measures()));
        boolean asWritten = sized.size().factor().equals(Rational.ONE);
        List<GoesIn> goesIn = new ArrayList<>();
        for (Sized.Line line : sized.goesIn(style)) {
            Amount used = corrections.get(line.pos());
            Wanted usual = Wanted.of(line, sized.recipe().title());
            String text = asWritten ? line.read().text() : words.get(line.pos()).text();
            goesIn.add(new GoesIn(line, text, used == null ? usual : usual.with(used)));
        }
        return goesIn;
    }

    /** The same where nothing of it went in. */
    public GoesIn none() {
        Amount amount = wanted.amount();
        Food food = wanted.food();
        Unit unit = amount != null ? amount.unit() : food == null ? Unit.PIECE : food.base();
        return new GoesIn(line, text, wanted.with(Amount.of(0, unit)));
    }

    public int pos() {
        return line.pos();
    }
}
