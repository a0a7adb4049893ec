package wexilla.app.recipes;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.Scaling;
import wexilla.core.food.book.Form;
import wexilla.core.kitchen.house.Household;
import wexilla.core.pricing.Basis;
import wexilla.core.pricing.CostSheet;
import wexilla.core.pricing.LineCost;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Quantity;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.Style;
import wexilla.core.recipe.lines.ReadLine;

/** Lines of recipes as the Recipes station shows them. */
final class LineViews {

    private LineViews() {}

    /**
     * A line as understood, with its cost.
     *
     * @param problem why it is not understood; empty when it is
     * @param known whether anybody has said what it is: the food book, or this household
     * @param cost decimal money, basis "used"; null for a line that is not understood
     * @param from where the cost comes from
     * @param instead what stands in for it from stock, with what falls away or must be done first
     * @param why what is unknown about it, in the cook's words
     * @param asksUnit the unit whose weight would lead to its cost: a bunch, a jar; null when none is missing
     * @param rule how it follows the size of a batch, {@code ruleSaid} whether the cook said so
     * @param also further foods of the line; each becomes a line of its own when the recipe is kept
     * @param uses the recipe it is made by, when it is a dish of the book; {@code made} what goes into it afresh
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
            List<String> also,
            String why,
            @Nullable String asksUnit,
            Set<Style> heldBackIn,
            @Nullable Scaling rule,
            boolean ruleSaid,
            @Nullable String uses,
            List<DishPartView> made,
            List<String> path,
            List<String> sources) {}

    /** What goes into a dish that is made afresh. @param cost null for what is in the flat sum */
    record DishPartView(String text, @Nullable String cost, boolean costComplete) {}

    static List<LineView> lines(
            List<Draft.Line> drafts,
            List<Set<Style>> held,
            List<@Nullable Scaling> rules,
            CostSheet sheet,
            Household household) {
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
                                    List.of(),
                                    "",
                                    null,
                                    held.get(i),
                                    null,
                                    false,
                                    null,
                                    List.of(),
                                    List.of(),
                                    List.of())
                            : line(
                                    new RecipeLine(read.get(), held.get(i), rules.get(i), draft.dish()),
                                    sheet.lines().get(costed),
                                    household));
            costed += read.map(line -> line.each().size()).orElse(0);
        }
        return views;
    }

    static LineView line(RecipeLine recipeLine, LineCost cost, Household household) {
        ReadLine line = recipeLine.read();
        Conversion.Converted path = path(line, household.measures());
        return new LineView(
                line.text(),
                "",
                Optional.ofNullable(line.quantity()).map(LineViews::amount).orElse(null),
                line.foodName(),
                line.knownFood()
                        .filter(food -> food.described() || Dishes.recipeOf(food) != null)
                        .isPresent(),
                line.preparation(),
                cost.cost().known().decimal(),
                cost.cost().complete(),
                cost.basis(),
                cost.instead().stream().map(LineViews::words).toList(),
                line.also().stream().map(ReadLine::text).toList(),
                cost.why(),
                cost.cost().complete() ? null : asksUnit(line, household.measures()),
                recipeLine.heldBackIn(),
                recipeLine.scaling(),
                recipeLine.rule() != null,
                Optional.ofNullable(line.food())
                        .map(Dishes::recipeOf)
                        .map(UUID::toString)
                        .orElse(null),
                cost.made().stream()
                        .map(part -> new DishPartView(
                                part.wanted().words(household.system(), household.measures()),
                                part.cost().basis() == Basis.FLAT || part.cost().basis() == Basis.TAP
                                        ? null
                                        : part.cost().cost().known().decimal(),
                                part.cost().cost().complete()))
                        .toList(),
                path == null ? List.of() : path.path(),
                path == null ? List.of() : path.sources());
    }

    /** The bunch or jar of which nobody knows what it weighs. */
    private static @Nullable String asksUnit(ReadLine line, Measures measures) {
        Food food = line.food();
        if (food == null || line.quantity() == null || !food.described()) {
            return null;
        }
        Unit unit = line.quantity().unit();
        boolean counted = unit.dimension() == Dimension.COUNT && !unit.equals(Unit.PORTION);
        return counted
                        && Conversion.convert(food, Amount.of(1, unit), food.base(), measures)
                                instanceof Conversion.Missing
                ? unit.symbol()
                : null;
    }

    /** "frozen diced onion: no need to peel, dice". */
    private static String words(Form form) {
        // what is cooked through is fried, baked and whatever else a recipe may ask for
        List<String> verbs = form.done().contains("cook") ? List.of("cook it") : form.done();
        String done = verbs.isEmpty() ? "" : ": no need to " + String.join(", ", verbs);
        if (form.need() instanceof Key.OfDish) {
            return form.by().name();
        }
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
}
