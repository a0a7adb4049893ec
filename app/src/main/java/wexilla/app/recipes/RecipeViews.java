package wexilla.app.recipes;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import wexilla.core.pricing.Basis;
import wexilla.core.pricing.CostSheet;
import wexilla.core.pricing.LineCost;
import wexilla.core.quantity.Quantity;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.ReadLine;
import wexilla.core.recipe.RecipeStep;
import wexilla.core.recipe.Style;

/** What the Recipes station is answered with. */
final class RecipeViews {

    private RecipeViews() {}

    /**
     * A line as understood, with its cost.
     *
     * @param problem why it is not understood; empty when it is
     * @param known whether the food book knows the food
     * @param cost decimal money, basis "used"; null for a line that is not understood
     * @param from where the cost comes from
     * @param why what is unknown about it, in the cook's words
     */
    record LineView(
            String text,
            String problem,
            @Nullable String amount,
            String food,
            boolean known,
            String preparation,
            @Nullable String cost,
            boolean costComplete,
            @Nullable Basis from,
            String why,
            Set<Style> heldBackIn) {}

    /**
     * What a batch as written costs, basis "used".
     *
     * @param flat the flat sum for seasoning and oil in it
     * @param perPortion null while the portions are not known
     * @param unknown what is missing, line by line
     */
    record CostView(String total, String flat, @Nullable String perPortion, boolean complete, List<String> unknown) {}

    record DraftView(List<LineView> lines, CostView cost) {}

    /** @param act the act to undo it by */
    record RecipeSaved(String act, String subject, String id) {}

    /** @param handsMin minutes hands are at it, {@code waitMin} minutes it goes on alone; {@code typed} when written beside */
    record StepView(String text, @Nullable Style stop, int handsMin, int waitMin, boolean typed) {

        static StepView of(RecipeStep step) {
            return new StepView(
                    step.text(),
                    step.stop(),
                    step.time().handsMin(),
                    step.time().waitMin(),
                    step.typed() != null);
        }
    }

    record RecipeView(
            String id,
            String title,
            int portions,
            String note,
            List<LineView> lines,
            List<StepView> steps,
            List<Style> styles,
            CostView cost) {}

    record RecipeCard(
            String id,
            String title,
            int portions,
            int lines,
            int steps,
            int minutes,
            List<Style> styles,
            CostView cost) {}

    static List<LineView> lines(List<Draft.Line> drafts, List<Set<Style>> held, CostSheet sheet) {
        List<LineView> views = new ArrayList<>();
        int costed = 0;
        for (int i = 0; i < drafts.size(); i++) {
            Draft.Line draft = drafts.get(i);
            Optional<ReadLine> read = draft.read();
            views.add(
                    read.isEmpty()
                            ? new LineView(
                                    draft.text(),
                                    draft.problem(),
                                    null,
                                    "",
                                    false,
                                    "",
                                    null,
                                    false,
                                    null,
                                    "",
                                    held.get(i))
                            : line(read.get(), held.get(i), sheet.lines().get(costed++)));
        }
        return views;
    }

    static LineView line(ReadLine line, Set<Style> held, LineCost cost) {
        return new LineView(
                line.text(),
                "",
                Optional.ofNullable(line.quantity()).map(RecipeViews::amount).orElse(null),
                line.foodName(),
                line.food() != null,
                line.preparation(),
                cost.cost().known().decimal(),
                cost.cost().complete(),
                cost.basis(),
                cost.why(),
                held);
    }

    /** "3 ×" where only a number was written. */
    private static String amount(Quantity quantity) {
        return quantity.unit().equals(Unit.PIECE) ? quantity + " ×" : quantity.toString();
    }

    static CostView cost(CostSheet sheet, @Nullable Integer portions) {
        return new CostView(
                sheet.total().known().decimal(),
                sheet.flat().decimal(),
                portions != null && portions > 0 ? sheet.perPortion(portions).decimal() : null,
                sheet.total().complete(),
                sheet.lines().stream()
                        .map(LineCost::why)
                        .filter(why -> !why.isEmpty())
                        .toList());
    }
}
