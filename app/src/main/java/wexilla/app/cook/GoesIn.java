package wexilla.app.cook;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import wexilla.app.cook.CookViews.Correction;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Household;
import wexilla.app.platform.Problem;
import wexilla.core.pricing.CostSheet.Wanted;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.Scale;
import wexilla.core.recipe.ScaledLine;
import wexilla.core.recipe.ScaledRecipe;
import wexilla.core.recipe.Style;

/**
 * A line that goes in at the chosen stop.
 *
 * @param pos its place in the recipe
 * @param text the line at the size of this batch
 * @param wanted at that size, or as corrected by the cook
 */
record GoesIn(int pos, RecipeLine line, String text, Wanted wanted) {

    /** The lines that go in at this stop, with what the cook says really went in. */
    static List<GoesIn> of(
            Household household, Recipe recipe, Style style, Rational factor, List<Correction> corrections) {
        Map<Integer, String> used = corrected(recipe, style, corrections);
        List<GoesIn> goesIn = new ArrayList<>();
        List<ScaledLine> scaled = ScaledRecipe.of(
                recipe.lines().stream()
                        .map(line -> new ScaledRecipe.Line(line.read(), line.rule()))
                        .toList(),
                Scale.of(factor, 1, household.system(), household.measures()));
        for (int pos = 0; pos < recipe.lines().size(); pos++) {
            RecipeLine line = recipe.lines().get(pos);
            if (line.goesIn(style)) {
                Wanted written = Wanted.of(line, Rational.ONE);
                ScaledLine sized = scaled.get(pos);
                String typed = used.get(pos);
                Amount usual =
                        written.amount() == null ? null : written.amount().times(sized.by());
                Amount amount = typed == null ? usual : amount(typed, pos);
                String text = factor.equals(Rational.ONE) ? line.read().text() : sized.text();
                goesIn.add(new GoesIn(
                        pos, line, text, new Wanted(written.food(), written.name(), amount, written.made())));
            }
        }
        return goesIn;
    }

    private static Map<Integer, String> corrected(Recipe recipe, Style style, List<Correction> corrections) {
        Map<Integer, String> used = new HashMap<>();
        for (Correction correction : corrections) {
            int pos = correction.pos();
            boolean there = pos >= 0
                    && pos < recipe.lines().size()
                    && recipe.lines().get(pos).goesIn(style);
            if (!there || used.put(pos, correction.used()) != null) {
                throw Problem.at("/corrections/" + pos, "Line " + pos + " does not go in, or is corrected twice.");
            }
        }
        return used;
    }

    private static Amount amount(String typed, int pos) {
        return Asked.amount("/corrections/" + pos, typed);
    }
}
