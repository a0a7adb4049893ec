package wexilla.app.preview;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.household.Reference;
import wexilla.app.household.Vessels;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.app.preview.ScaleTo.To;
import wexilla.core.food.Scaling;
import wexilla.core.food.book.FoodBook;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.RecipeStep;
import wexilla.core.recipe.Size;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.Wording;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.recipe.lines.ReadLine;
import wexilla.core.recipe.steps.StepTime;

/** Typed lines at another size. */
@RestController
class ScalePreview {

    private final FoodBook foods;
    private final Vessels vessels;

    ScalePreview(Reference reference, Vessels vessels) {
        this.foods = reference.book();
        this.vessels = vessels;
    }

    /** @param handsMin and {@code waitMin}: minutes written beside it, both or none */
    record StepAsked(
            String text,
            @Nullable Integer handsMin,
            @Nullable Integer waitMin) {}

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

    @PostMapping("/api/preview/scale")
    ScaledViews.Scaled scale(@RequestBody ScaleAsked asked) {
        Measures measures = Asked.measures(asked.cup(), asked.tbsp());
        Wording wording = ScaledViews.wording(asked.system(), measures);
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
        ScaleTo.Prices prices = new ScaleTo.Prices(stall.book(), stall.offers(), Asked.CURRENCY);
        Rational areas = ScaleTo.areas(asked.to(), vessels);
        Rational factor = ScaleTo.factor(asked.to(), asked.servings(), areas, lines, prices, measures);
        Recipe recipe = new Recipe("asked", 1, wanted(lines, asked.rules()), steps(asked));
        // a bag is a vessel of its own
        Size size = new Size(factor, bags > 1 ? bags : pots, areas);
        Rational servings = Asked.number("/servings", asked.servings());
        return Asked.at("/lines", () -> ScaledViews.of(Sized.of(recipe, size, measures), bags, servings, wording));
    }

    private static List<RecipeStep> steps(ScaleAsked asked) {
        List<StepAsked> steps = asked.steps() == null ? List.of() : asked.steps();
        if (steps.size() > Recipe.MOST_STEPS) {
            throw Problem.at("/steps", steps.size() + " steps; " + Recipe.MOST_STEPS + " is the most.");
        }
        List<RecipeStep> typed = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            StepAsked step = steps.get(i);
            Integer hands = step.handsMin();
            Integer wait = step.waitMin();
            StepTime time = hands == null || wait == null
                    ? null
                    : Asked.at("/steps/" + i + "/handsMin", () -> new StepTime(hands, wait));
            typed.add(new RecipeStep(step.text(), null, time));
        }
        return typed;
    }

    static int count(String field, String what, @Nullable Integer said) {
        int count = said == null ? 1 : said;
        if (count < 1 || count > 20) {
            throw Problem.at(field, what + " are a whole number from 1 to 20, not " + count + ".");
        }
        return count;
    }

    private static List<RecipeLine> wanted(List<ReadLine> lines, @Nullable List<String> rules) {
        if (rules != null && rules.size() != lines.size()) {
            throw Problem.at(
                    "/rules",
                    rules.size() + " rules for " + lines.size()
                            + " lines; one for each line, empty where its food decides.");
        }
        List<RecipeLine> wanted = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            String code = rules == null ? "" : rules.get(i);
            String field = "/rules/" + i;
            Scaling rule = code.isBlank()
                    ? null
                    : Scaling.ofCode(code)
                            .orElseThrow(() -> Problem.at(
                                    field, "“" + code + "” is no rule; say one of " + Scaling.codes() + "."));
            wanted.add(new RecipeLine(lines.get(i), Set.of(), rule, null));
        }
        return wanted;
    }
}
