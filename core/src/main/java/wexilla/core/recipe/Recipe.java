package wexilla.core.recipe;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Diet;
import wexilla.core.food.Food;
import wexilla.core.food.FoodFact;
import wexilla.core.food.Key;
import wexilla.core.food.Scaling;
import wexilla.core.food.facts.Allergen;
import wexilla.core.food.facts.Country;
import wexilla.core.food.facts.Known;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unfit;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.lines.Mentions;
import wexilla.core.recipe.steps.StepGear;
import wexilla.core.recipe.steps.StepGraph;
import wexilla.core.recipe.steps.StepTime;

/**
 * A recipe: a name and portions are enough; lines make it costed, steps make it cookable on a cook day.
 *
 * @param portions how many adult portions it makes, 1 to 500
 */
public record Recipe(String title, int portions, List<RecipeLine> lines, List<RecipeStep> steps) {

    /** What a dish is kept as, once it is cooked. */
    public static final String DISH_CLASS = "cooked-dish";

    public static final int MOST_LINES = 200;
    public static final int MOST_STEPS = 100;
    public static final int MOST_PORTIONS = 500;

    /** @throws Unfit if the title is blank or a count is out of its range */
    public Recipe {
        lines = List.copyOf(lines);
        steps = List.copyOf(steps);
        if (title.isBlank() || title.length() > 120) {
            throw new Unfit("a recipe needs a name of at most 120 characters");
        }
        if (portions < 1 || portions > MOST_PORTIONS) {
            throw new Unfit("portions are a whole number from 1 to " + MOST_PORTIONS + ", not " + portions);
        }
        if (lines.size() > MOST_LINES || steps.size() > MOST_STEPS) {
            throw new Unfit("a recipe has at most " + MOST_LINES + " lines and " + MOST_STEPS + " steps");
        }
    }

    /** The minutes of its steps, in their order: as typed, else as each says, by what there is of what it names. */
    public List<StepTime> times() {
        return StepTimes.of(this);
    }

    /** For each step the places of those before it that it needs, from 0. */
    public List<List<Integer>> needs() {
        return StepGraph.of(
                lines.stream().map(line -> Mentions.nouns(line.read())).toList(),
                steps.stream().map(RecipeStep::text).toList());
    }

    /** What its steps keep busy, in their order. */
    public List<StepGear> gears() {
        return StepGear.of(steps.stream().map(RecipeStep::text).toList());
    }

    /** Its lines, with what a dish of the book is made of in place of that dish: everything that is in it. */
    public List<RecipeLine> withMade() {
        return lines.stream()
                .flatMap(line -> line.made() == null ? Stream.of(line) : line.made().withMade().stream())
                .toList();
    }

    /** Whether something stands against a diet in it: not known while a line is not understood, or there is none. */
    public Known against(Diet diet) {
        return worst(diet::against);
    }

    /** Whether an allergen is in it, by the list of a country; {@code null} stands for the EU's. */
    public Known against(Allergen allergen, @Nullable Country country) {
        return worst(food -> food.traits().contents().of(allergen, country));
    }

    private Known worst(Function<Food, Known> answer) {
        return withMade().stream()
                .map(line -> line.read().saidFood().map(answer).orElse(Known.NOT_KNOWN))
                .reduce(Known::and)
                .orElse(Known.NOT_KNOWN);
    }

    /**
     * This recipe as something another one asks for, counted in portions.
     *
     * @param key what its stock is found by
     */
    public Food asFood(Key key) {
        Amount makes = Amount.of(portions, Unit.PORTION);
        List<FoodFact> facts = new ArrayList<>(List.of(
                new FoodFact(Amount.of(1, Unit.BATCH), makes, "its recipe", FoodFact.Trust.OWN),
                new FoodFact(Amount.of(1, Unit.PIECE), makes, "its recipe", FoodFact.Trust.OWN)));
        if (!lines.isEmpty()) {
            Rational grams = DishWeight.portion(Sized.asWritten(this, Measures.US), Style.COOKED, Measures.US)
                    .grams();
            facts.add(new FoodFact(
                    Amount.of(1, Unit.PORTION),
                    Amount.of(grams, Unit.G),
                    "what goes into its recipe",
                    FoodFact.Trust.PRACTICE));
        }
        return new Food(key, title, List.of(), Unit.PORTION, DISH_CLASS, false, Scaling.LINEAR, facts);
    }

    /** The styles this recipe can stop in; cooked is always one, at the latest after the last step. */
    public Set<Style> styles() {
        Set<Style> styles = new LinkedHashSet<>();
        steps.stream().map(RecipeStep::stop).filter(java.util.Objects::nonNull).forEach(styles::add);
        styles.add(Style.COOKED);
        return styles;
    }

    /** The steps that are left for the evening when a batch stops in this style; none when nothing is marked. */
    public List<RecipeStep> stepsAfter(Style style) {
        for (int i = 0; i < steps.size(); i++) {
            if (steps.get(i).stop() == style) {
                return steps.subList(i + 1, steps.size());
            }
        }
        return List.of();
    }

    /** The steps until the stop; all of them when nothing is marked. */
    public List<RecipeStep> stepsUntil(Style style) {
        return steps.subList(0, steps.size() - stepsAfter(style).size());
    }
}
