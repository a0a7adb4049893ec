package wexilla.app.cook;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import wexilla.app.cook.CookViews.Correction;
import wexilla.app.platform.Problem;
import wexilla.app.recipes.Costing;
import wexilla.core.pricing.CostSheet.Wanted;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.AmountReader;
import wexilla.core.quantity.NotAnAmount;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.Style;

/**
 * A line that goes in at the chosen stop.
 *
 * @param pos its place in the recipe
 * @param wanted as written, or as corrected by the cook
 */
record GoesIn(int pos, RecipeLine line, Wanted wanted) {

    /** The lines that go in at this stop, with what the cook says really went in. */
    static List<GoesIn> of(Recipe recipe, Style style, List<Correction> corrections) {
        Map<Integer, String> used = corrected(recipe, style, corrections);
        List<GoesIn> goesIn = new ArrayList<>();
        for (int pos = 0; pos < recipe.lines().size(); pos++) {
            RecipeLine line = recipe.lines().get(pos);
            if (line.goesIn(style)) {
                Wanted written = Costing.wanted(line.read());
                String typed = used.get(pos);
                Wanted wanted =
                        typed == null ? written : new Wanted(written.food(), written.name(), amount(typed, pos));
                goesIn.add(new GoesIn(pos, line, wanted));
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
        String field = "/corrections/" + pos;
        try {
            AmountReader.Reading reading = AmountReader.read(typed)
                    .orElseThrow(() -> new NotAnAmount("“" + typed + "” is no amount; write it like 450 g"));
            if (!reading.rest().isEmpty()) {
                throw new NotAnAmount("“" + reading.rest() + "” is not understood; write only the amount, like 450 g");
            }
            return reading.quantity().max();
        } catch (NotAnAmount problem) {
            throw Problem.at(field, String.valueOf(problem.getMessage()));
        }
    }
}
