package wexilla.core.recipe;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentMap;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Quantity;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.lines.Mentions;
import wexilla.core.recipe.lines.ReadLine;
import wexilla.core.recipe.steps.StepAmounts;
import wexilla.core.recipe.steps.StepTime;

/** How long the steps of a recipe take, read beside its lines: how many onions there are, and what no step says is cut. */
final class StepTimes {

    private static final Pattern CUT = Pattern.compile(
            "\\b(?:chopped|diced|sliced|minced|grated|crushed|cubed|shredded|peeled)\\b", Pattern.CASE_INSENSITIVE);

    /** Plans and searches size the same recipe again and again; forgets everything when it is full. */
    private static final int MOST_KEPT = 5_000;

    private static final ConcurrentMap<String, List<StepTime>> READ = new ConcurrentHashMap<>();

    private StepTimes() {}

    static List<StepTime> of(Recipe recipe) {
        String key = key(recipe);
        List<StepTime> known = READ.get(key);
        if (known == null) {
            if (READ.size() >= MOST_KEPT) {
                READ.clear();
            }
            known = List.copyOf(read(recipe));
            READ.put(key, known);
        }
        return known;
    }

    /** What the times are read from. */
    private static String key(Recipe recipe) {
        StringBuilder key = new StringBuilder();
        for (RecipeLine line : recipe.lines()) {
            key.append(line.read().text())
                    .append('|')
                    .append(line.read().foodName())
                    .append('\n');
        }
        for (RecipeStep step : recipe.steps()) {
            key.append(step.text()).append('|').append(step.typed()).append('\n');
        }
        return key.toString();
    }

    private static List<StepTime> read(Recipe recipe) {
        List<StepAmounts.Of> all = recipe.lines().stream()
                .flatMap(line -> amount(line.read(), recipe.steps()).stream())
                .toList();
        Set<StepAmounts.Of> named = new HashSet<>();
        List<StepTime> times = new ArrayList<>();
        for (RecipeStep step : recipe.steps()) {
            StepTime typed = step.typed();
            times.add(
                    typed == null
                            ? StepTime.read(step.text(), new StepAmounts(first(all, named, step.text())))
                            : typed);
        }
        return times;
    }

    /** What is cut in silence is cut for the step that names it first. */
    private static List<StepAmounts.Of> first(List<StepAmounts.Of> all, Set<StepAmounts.Of> named, String text) {
        return all.stream()
                .map(of -> of.uncut() && of.in(text) && !named.add(of) ? of.isCut() : of)
                .toList();
    }

    private static List<StepAmounts.Of> amount(ReadLine line, List<RecipeStep> steps) {
        Quantity quantity = line.quantity();
        Set<String> words = Mentions.of(line).collect(Collectors.toSet());
        if (quantity == null || words.isEmpty()) {
            return List.of();
        }
        Amount much = Measures.METRIC.toBase(quantity.max());
        boolean weighed = much.unit().equals(Unit.G);
        if (!weighed
                && (much.unit().dimension() != Dimension.COUNT || much.unit().isPack())) {
            return List.of();
        }
        StepAmounts.Of of = new StepAmounts.Of(
                words, weighed ? Rational.ZERO : much.value(), weighed ? much.value() : Rational.ZERO, false);
        boolean cut = steps.stream().anyMatch(step -> of.cutIn(step.text()));
        // minced beef, chopped tomatoes: bought so
        boolean bought = words.stream().anyMatch(word -> CUT.matcher(word).find() || word.contains("mince"));
        boolean silent =
                CUT.matcher(line.preparation()).find() || steps.stream().anyMatch(step -> of.calledCut(step.text()));
        return List.of(silent && !bought && !cut ? of.isUncut() : of);
    }
}
