package wexilla.app.preview;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.household.Reference;
import wexilla.app.household.Vessels;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.core.equipment.Fill;
import wexilla.core.equipment.VesselRule;
import wexilla.core.equipment.VesselSize;
import wexilla.core.food.FoodBook;
import wexilla.core.food.Scaling;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.KitchenMeasure;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.LineReader;
import wexilla.core.recipe.ReadLine;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeStep;
import wexilla.core.recipe.Scale;
import wexilla.core.recipe.ScaledLine;
import wexilla.core.recipe.ScaledRecipe;
import wexilla.core.recipe.ScaledStep;
import wexilla.core.recipe.StepTime;

/** Typed lines at another size. */
@RestController
class ScalePreview {

    private static final Rational MOST = Rational.of(1000);

    private final FoodBook foods;
    private final Vessels vessels;

    ScalePreview(Reference reference, Vessels vessels) {
        this.foods = reference.book();
        this.vessels = vessels;
    }

    record BatchesAsked(int eat, int freeze) {}

    record PersonAsked(String age) {}

    /**
     * @param kind pan, tray, pot …; @param from the one the recipe is written for, @param to the one in hand
     * @param deep whether it is filled deep, so that volumes count and not areas
     */
    record VesselsAsked(
            @Nullable String kind,
            String from,
            String to,
            @Nullable Boolean deep) {}

    /** @param handsMin and {@code waitMin}: minutes written beside it, both or none */
    record StepAsked(
            String text,
            @Nullable Integer handsMin,
            @Nullable Integer waitMin) {}

    /** One of these: factor, servings, food with its amount in hand, batches, people, money, or the vessel in hand. */
    record To(
            @Nullable String factor,
            @Nullable String servings,
            @Nullable String food,
            @Nullable String amount,
            @Nullable BatchesAsked batches,
            @Nullable List<PersonAsked> people,
            @Nullable String money,
            @Nullable VesselsAsked vessel) {}

    /**
     * @param pots how many pots it is cooked in; one when absent
     * @param bags how many bags share it; each line is then given for one bag too
     * @param system us, metric, or weight: metric, with dry food weighed where its density is known
     * @param offers prices, needed to scale to money
     * @param steps to be timed at that size; one tray, pan or pot after the other when there are several pots
     * @param rules one for each line, empty where its food decides
     */
    record ScaleAsked(
            String servings,
            List<String> lines,
            To to,
            @Nullable Integer pots,
            @Nullable Integer bags,
            @Nullable String system,
            @Nullable List<Stall.OfferAsked> offers,
            @Nullable List<String> rules,
            @Nullable List<StepAsked> steps,
            @Nullable String cup,
            @Nullable BigDecimal tbsp) {}

    /**
     * @param whole whole pieces to use, {@code remains} what is left of the last; @param startWith what to begin with
     * @param each the line for one bag, when several share it; @param errorPercent of the kitchen measure
     * @param why why it does not simply grow with the batch; empty when it does
     */
    record ScaledView(
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
    record ScaledStepView(String text, int handsMin, int waitMin, String why) {}

    record Warning(String what, String why, String source) {}

    /** @param portions what it makes at this size */
    record Scaled(
            String factor,
            String portions,
            List<ScaledView> lines,
            List<ScaledStepView> steps,
            List<Warning> warnings) {}

    @PostMapping("/api/preview/scale")
    Scaled scale(@RequestBody ScaleAsked asked) {
        Measures measures = Asked.measures(asked.cup(), asked.tbsp());
        boolean weighed = "weight".equals(asked.system());
        KitchenMeasure.System system = weighed ? KitchenMeasure.System.METRIC : MeasurePreviews.system(asked.system());
        int pots = count("/pots", "Pots", asked.pots());
        int bags = count("/bags", "Bags", asked.bags());
        if (asked.lines().size() > Recipe.MOST_LINES) {
            throw Problem.at("/lines", asked.lines().size() + " lines; " + Recipe.MOST_LINES + " is the most.");
        }
        Stall stall = Stall.of(foods, asked.offers() == null ? List.of() : asked.offers(), measures);
        List<ReadLine> lines = new ArrayList<>();
        for (int i = 0; i < asked.lines().size(); i++) {
            String text = asked.lines().get(i);
            lines.add(Asked.at("/lines/" + i, () -> new LineReader(stall.book()).read(text)));
        }
        VesselsAsked vessel = asked.to().vessel();
        Rational areas = vessel == null ? null : ratio(vessel);
        Rational factor = ScaleTo.factor(asked, areas, lines, stall, measures);
        if (factor.signum() <= 0 || factor.compareTo(MOST) > 0) {
            throw Problem.at(
                    "/to",
                    "That is " + factor.plain() + " times the recipe; more than 0 and at most 1000 is possible.");
        }
        Scale scale = new Scale(factor, pots, areas, system, measures, weighed);
        List<ScaledRecipe.Line> wanted = wanted(lines, asked.rules());
        List<ScaledLine> all = Asked.at("/lines", () -> ScaledRecipe.of(wanted, scale));
        List<ScaledLine> each = bags == 1 ? all : Asked.at("/lines", () -> ScaledRecipe.of(wanted, scale.each(bags)));
        List<ScaledView> views = new ArrayList<>();
        List<Warning> warnings = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            views.add(view(all.get(i), bags == 1 ? null : each.get(i).text()));
            warnings.addAll(warnings(all.get(i)));
        }
        Rational servings = Asked.number("/servings", asked.servings());
        return new Scaled(factor.plain(), servings.times(factor).plain(), views, steps(asked, lines, scale), warnings);
    }

    private static List<ScaledStepView> steps(ScaleAsked asked, List<ReadLine> lines, Scale scale) {
        List<StepAsked> steps = asked.steps() == null ? List.of() : asked.steps();
        if (steps.size() > Recipe.MOST_STEPS) {
            throw Problem.at("/steps", steps.size() + " steps; " + Recipe.MOST_STEPS + " is the most.");
        }
        Amount piece = lines.stream()
                .filter(line ->
                        line.food() != null && !line.food().traits().protein().isEmpty())
                .map(line -> ScaledStep.piece(line, scale.factor()))
                .filter(Objects::nonNull)
                .findFirst()
                .orElse(null);
        Rational pan = scale.areas() == null ? Rational.ONE : scale.areas();
        List<ScaledStepView> views = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            StepAsked step = steps.get(i);
            Integer hands = step.handsMin();
            Integer wait = step.waitMin();
            StepTime typed = hands == null || wait == null
                    ? null
                    : Asked.at("/steps/" + i + "/handsMin", () -> new StepTime(hands, wait));
            ScaledStep scaled =
                    ScaledStep.of(new RecipeStep(step.text(), null, typed), scale.factor(), scale.pots(), piece, pan);
            views.add(new ScaledStepView(
                    scaled.text(), scaled.time().handsMin(), scaled.time().waitMin(), scaled.why()));
        }
        return views;
    }

    private static int count(String field, String what, @Nullable Integer said) {
        int count = said == null ? 1 : said;
        if (count < 1 || count > 20) {
            throw Problem.at(field, what + " are a whole number from 1 to 20, not " + count + ".");
        }
        return count;
    }

    private Rational ratio(VesselsAsked vessel) {
        String kind = vessel.kind() == null ? "pan" : vessel.kind();
        VesselRule rule = vessels.rule(kind)
                .orElseThrow(() -> Problem.at(
                        "/to/vessel/kind", "“" + kind + "” is no vessel; say one of " + vessels.kinds() + "."));
        VesselSize from = Asked.at("/to/vessel/from", () -> VesselSize.parse(vessel.from()));
        VesselSize to = Asked.at("/to/vessel/to", () -> VesselSize.parse(vessel.to()));
        return Asked.at("/to/vessel/to", () -> Fill.ratio(rule, from, to, Boolean.TRUE.equals(vessel.deep())));
    }

    private static List<ScaledRecipe.Line> wanted(List<ReadLine> lines, @Nullable List<String> rules) {
        if (rules != null && rules.size() != lines.size()) {
            throw Problem.at(
                    "/rules",
                    rules.size() + " rules for " + lines.size()
                            + " lines; one for each line, empty where its food decides.");
        }
        List<ScaledRecipe.Line> wanted = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            String code = rules == null ? "" : rules.get(i);
            String field = "/rules/" + i;
            Scaling rule = code.isBlank()
                    ? null
                    : Scaling.ofCode(code)
                            .orElseThrow(() -> Problem.at(
                                    field, "“" + code + "” is no rule; say one of " + Scaling.codes() + "."));
            wanted.add(new ScaledRecipe.Line(lines.get(i), rule));
        }
        return wanted;
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
