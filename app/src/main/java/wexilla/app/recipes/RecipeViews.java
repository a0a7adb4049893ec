package wexilla.app.recipes;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Allergen;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.food.Form;
import wexilla.core.food.Scaling;
import wexilla.core.pricing.Basis;
import wexilla.core.pricing.CostSheet;
import wexilla.core.pricing.LineCost;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Quantity;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.ReadLine;
import wexilla.core.recipe.RecipeFlag;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.RecipeStep;
import wexilla.core.recipe.StepGear;
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
     * @param instead what stands in for it from stock, with what falls away or must be done first
     * @param why what is unknown about it, in the cook's words
     * @param rule how it follows the size of a batch, {@code ruleSaid} whether the cook said so
     * @param path how its amount leads to what is bought; @param sources of the facts on it
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
            List<String> instead,
            String why,
            Set<Style> heldBackIn,
            @Nullable Scaling rule,
            boolean ruleSaid,
            List<String> path,
            List<String> sources) {}

    /**
     * What a batch as written costs, basis "used".
     *
     * @param flat the flat sum for seasoning and oil in it
     * @param perPortion null while the portions are not known
     * @param unknown what is missing, line by line
     */
    record CostView(String total, String flat, @Nullable String perPortion, boolean complete, List<String> unknown) {}

    /** @param step from 0, {@code line} from 0; null when it is about none */
    record FlagView(
            RecipeFlag.Kind kind,
            @Nullable Integer line,
            @Nullable Integer step,
            String what,
            String why,
            String source) {

        static FlagView of(RecipeFlag flag) {
            return new FlagView(flag.kind(), flag.line(), flag.step(), flag.what(), flag.why(), flag.source());
        }
    }

    /** @param flags what to look at, for the lines that are understood; empty until the recipe makes sense as a whole */
    record DraftView(List<LineView> lines, List<StepView> steps, List<FlagView> flags, CostView cost) {}

    /** @param act the act to undo it by */
    record RecipeSaved(String act, String subject, String id) {}

    /** @param handsMin minutes hands are at it, {@code waitMin} minutes it goes on alone; {@code typed} when written beside */
    record StepView(
            String text,
            @Nullable Style stop,
            int handsMin,
            int waitMin,
            boolean typed,
            StepGear.Kind gear,
            @Nullable String heat) {

        static StepView of(RecipeStep step) {
            StepGear gear = StepGear.read(step.text());
            return new StepView(
                    step.text(),
                    step.stop(),
                    step.time().handsMin(),
                    step.time().waitMin(),
                    step.typed() != null,
                    gear.kind(),
                    gear.heat() == null ? null : gear.heat().toString());
        }
    }

    /** @param cooked how many batches were cooked by it */
    record VersionView(int n, LocalDate day, int cooked) {}

    record NextTimeView(String id, String text, LocalDate saidOn) {}

    /**
     * @param n the version shown, {@code current} whether it is the one in the book
     * @param nextTimes what was said for the next time and nobody has taken up
     */
    record RecipeView(
            String id,
            String title,
            int portions,
            int n,
            boolean current,
            String note,
            List<String> tags,
            String source,
            List<LineView> lines,
            List<StepView> steps,
            List<Style> styles,
            List<FlagView> flags,
            List<VersionView> versions,
            List<NextTimeView> nextTimes,
            CostView cost) {}

    /**
     * What the book shows of a recipe, and finds it by.
     *
     * @param hands minutes of hands; @param minutes all together
     * @param forms in which form its proteins are wanted: raw mince, tins …
     * @param allergensKnown false when some food of it nobody has described
     * @param liked mean rating in tenths, 0 to 20; null while nobody rated it; @param refused who would not eat it, counted
     * @param nextTimes how much was said for the next time and waits
     * @param inStock how many of its foods are there; @param usesUp what of them must be used this week
     */
    record RecipeCard(
            String id,
            String title,
            int portions,
            int lines,
            int steps,
            int hands,
            int minutes,
            List<Style> styles,
            List<String> foods,
            List<String> tags,
            String note,
            List<String> proteins,
            List<String> forms,
            List<Allergen> allergens,
            boolean allergensKnown,
            List<StepGear.Kind> gear,
            @Nullable Integer liked,
            int refused,
            int nextTimes,
            int inStock,
            List<String> usesUp,
            CostView cost) {}

    static List<LineView> lines(
            List<Draft.Line> drafts,
            List<Set<Style>> held,
            List<@Nullable Scaling> rules,
            CostSheet sheet,
            Measures measures) {
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
                                    List.of(),
                                    "",
                                    held.get(i),
                                    null,
                                    false,
                                    List.of(),
                                    List.of())
                            : line(
                                    new RecipeLine(read.get(), held.get(i), rules.get(i)),
                                    sheet.lines().get(costed++),
                                    measures));
        }
        return views;
    }

    static LineView line(RecipeLine recipeLine, LineCost cost, Measures measures) {
        ReadLine line = recipeLine.read();
        Conversion.Converted path = path(line, measures);
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
                cost.instead().stream().map(RecipeViews::words).toList(),
                cost.why(),
                recipeLine.heldBackIn(),
                recipeLine.scaling(),
                recipeLine.rule() != null,
                path == null ? List.of() : path.path(),
                path == null ? List.of() : path.sources());
    }

    /** "frozen diced onion: no need to peel, dice". */
    private static String words(Form form) {
        String done = form.done().isEmpty() ? "" : ": no need to " + String.join(", ", form.done());
        return form.by().name() + done + (form.todo().isEmpty() ? "" : ": " + form.todo());
    }

    /** How the amount leads to what is bought; null when it leads nowhere or is that already. */
    private static Conversion.@Nullable Converted path(ReadLine line, Measures measures) {
        Food food = line.food();
        Quantity quantity = line.quantity();
        if (food == null || quantity == null) {
            return null;
        }
        return Conversion.convert(food, quantity.middle(), food.base(), measures) instanceof Conversion.Converted found
                ? found
                : null;
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
