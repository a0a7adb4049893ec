package wexilla.app.preview;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.KitchenMeasure;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.ScaledLine;
import wexilla.core.recipe.ScaledStep;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.Wording;

/** A recipe at a size as the calls answer it. */
public final class ScaledViews {

    private ScaledViews() {}

    /**
     * @param whole whole pieces to use, {@code remains} what is left of the last; @param startWith what to begin with
     * @param each the line for one bag, when several share it; @param errorPercent of the kitchen measure
     * @param why why it does not simply grow with the batch; empty when it does
     */
    public record ScaledView(
            String text,
            @Nullable String exact,
            @Nullable String unit,
            String rule,
            @Nullable String whole,
            @Nullable String remains,
            @Nullable String startWith,
            @Nullable String each,
            String errorPercent,
            String why) {}

    /** @param why why its time changes, or does not */
    public record ScaledStepView(String text, int handsMin, int waitMin, String why) {}

    public record Warning(String what, String why, String source) {}

    /** @param portions what it makes at this size; @param vessels in how many pots, trays or bags */
    public record Scaled(
            String factor,
            String portions,
            int vessels,
            List<ScaledView> lines,
            List<ScaledStepView> steps,
            List<Warning> warnings) {}

    /**
     * @param bags how many bags share it; each line is then given for one bag too
     * @param servings of the recipe as written
     */
    public static Scaled of(Sized sized, int bags, Rational servings, Wording wording) {
        List<ScaledLine> all = sized.words(wording);
        List<ScaledLine> each = bags == 1
                ? all
                : Sized.of(sized.recipe(), sized.size().each(bags), wording.measures())
                        .words(wording);
        List<ScaledView> views = new ArrayList<>();
        List<Warning> warnings = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            views.add(view(all.get(i), bags == 1 ? null : each.get(i).text()));
            warnings.addAll(warnings(all.get(i)));
        }
        Rational factor = sized.size().factor();
        return new Scaled(
                factor.plain(),
                servings.times(factor).plain(),
                sized.size().vessels(),
                views,
                sized.steps().stream().map(ScaledViews::view).toList(),
                warnings);
    }

    /** @param system us, metric, or weight: metric, with dry food weighed where its density is known */
    public static Wording wording(@Nullable String system, Measures measures) {
        boolean weighed = "weight".equals(system);
        return new Wording(weighed ? KitchenMeasure.System.METRIC : MeasurePreviews.system(system), measures, weighed);
    }

    private static ScaledStepView view(ScaledStep step) {
        return new ScaledStepView(
                step.text(), step.time().handsMin(), step.time().waitMin(), step.why());
    }

    private static ScaledView view(ScaledLine line, @Nullable String each) {
        Amount exact = line.exact();
        return new ScaledView(
                line.text(),
                exact == null ? null : exact.value().plain(),
                exact == null ? null : exact.unit().symbol(),
                line.rule().code(),
                line.whole() == null ? null : line.whole().plain(),
                line.remains() == null ? null : line.remains().toString(),
                line.startWith() == null ? null : line.startWith().text(),
                each,
                line.errorPercent().plain(),
                line.why());
    }

    private static List<Warning> warnings(ScaledLine line) {
        List<Warning> warnings = new ArrayList<>();
        if (line.exact() == null) {
            warnings.add(new Warning(line.line().foodName(), line.why(), "own definition"));
        }
        if (line.errorPercent().compareTo(ScaledLine.SHOWN_ERROR) > 0) {
            String error = Rational.of(line.errorPercent().toDecimal(1)).plain();
            warnings.add(new Warning(
                    line.line().foodName(),
                    "the kitchen measure is " + error + " % off the exact amount",
                    "own definition"));
        }
        return warnings;
    }
}
