package wexilla.app.cook;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import wexilla.app.cook.CookViews.Correction;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.core.food.Food;
import wexilla.core.kitchen.Household;
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
record GoesIn(Sized.Line line, String text, Wanted wanted) {

    /** The lines that go in at this stop, with what the cook says really went in. */
    static List<GoesIn> of(Household household, Sized sized, Style style, List<Correction> corrections) {
        Map<Integer, String> used = corrected(sized, style, corrections);
        List<ScaledLine> words = sized.words(Wording.of(household.system(), household.measures()));
        boolean asWritten = sized.size().factor().equals(Rational.ONE);
        List<GoesIn> goesIn = new ArrayList<>();
        for (Sized.Line line : sized.goesIn(style)) {
            String typed = used.get(line.pos());
            Wanted usual = Wanted.of(line, sized.recipe().title());
            Wanted wanted = typed == null ? usual : usual.with(Asked.amount("/corrections/" + line.pos(), typed));
            String text = asWritten ? line.read().text() : words.get(line.pos()).text();
            goesIn.add(new GoesIn(line, text, wanted));
        }
        return goesIn;
    }

    /** The same where nothing of it went in. */
    GoesIn none() {
        Amount amount = wanted.amount();
        Food food = wanted.food();
        Unit unit = amount != null ? amount.unit() : food == null ? Unit.PIECE : food.base();
        return new GoesIn(line, text, wanted.with(Amount.of(0, unit)));
    }

    int pos() {
        return line.pos();
    }

    private static Map<Integer, String> corrected(Sized sized, Style style, List<Correction> corrections) {
        Map<Integer, String> used = new HashMap<>();
        for (Correction correction : corrections) {
            int pos = correction.pos();
            boolean there = sized.goesIn(style).stream().anyMatch(line -> line.pos() == pos);
            if (!there || used.put(pos, correction.used()) != null) {
                throw Problem.at("/corrections/" + pos, "Line " + pos + " does not go in, or is corrected twice.");
            }
        }
        return used;
    }
}
