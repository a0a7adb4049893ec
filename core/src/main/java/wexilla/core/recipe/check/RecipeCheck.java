package wexilla.core.recipe.check;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.NotAnAmount;
import wexilla.core.quantity.Quantity;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.text.AmountReader;
import wexilla.core.quantity.text.CookWords;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.RecipeStep;
import wexilla.core.recipe.check.RecipeFlag.Kind;
import wexilla.core.recipe.lines.Mentions;
import wexilla.core.recipe.lines.ReadLine;
import wexilla.core.recipe.steps.StepTime;

/** Looks a recipe over: contradicting times and amounts, lines no step uses, too little liquid, beans not boiled. */
public final class RecipeCheck {

    private static final String OWN = "own definition";
    private static final Pattern ALL = Pattern.compile(
            "\\b(?:everything|all (?:the )?(?:other |remaining )?ingredients|remaining ingredients|the rest|all together)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern NUMBER = Pattern.compile("(?<![\\d./])(?:\\d+(?:[.,]\\d+)?|[½⅓⅔¼¾])[^.;,]{2,40}");
    /** Below this share of what the line says a step names a part of it, which is fine; above, more than there is. */
    private static final Rational MORE = Rational.of(105, 100);

    /** "Crumbs" speak of breadcrumbs; a shorter word may stand at the end of anything. */
    private static final int LONG_WORD = 5;

    private final Recipe recipe;
    private final Measures measures;
    private final List<RecipeFlag> flags = new ArrayList<>();
    private final String allSteps;

    private RecipeCheck(Recipe recipe, Measures measures) {
        this.recipe = recipe;
        this.measures = measures;
        this.allSteps = recipe.steps().stream().map(RecipeStep::text).collect(Collectors.joining(" \n "));
    }

    /** What to look at, safety first, then as it stands in the recipe. */
    public static List<RecipeFlag> of(Recipe recipe, Measures measures) {
        RecipeCheck check = new RecipeCheck(recipe, measures);
        check.flags.addAll(SafetyCheck.of(recipe, List.of()));
        check.times();
        check.amountsInSteps();
        StarchCheck.of(recipe, check.allSteps, measures).ifPresent(check.flags::add);
        check.unused();
        check.noAmount();
        return List.copyOf(check.flags);
    }

    private void flag(
            Kind kind, @Nullable Integer line, @Nullable Integer step, String what, String why, String source) {
        flags.add(new RecipeFlag(kind, line, step, what, why, source));
    }

    private void times() {
        for (int i = 0; i < recipe.steps().size(); i++) {
            RecipeStep step = recipe.steps().get(i);
            StepTime typed = step.typed();
            if (typed == null) {
                continue;
            }
            StepTime text = StepTime.said(step.text(), sentence -> 1);
            if (typed.minutes() < text.minutes()) {
                flag(
                        Kind.CONTRADICTION,
                        null,
                        i,
                        "the text says " + CookWords.minutes(text.minutes()) + ", the fields "
                                + CookWords.minutes(typed.minutes()),
                        "both cannot be right; the fields are used",
                        OWN);
            }
        }
    }

    /** "3 l water" in a step where the lines have 2. */
    private void amountsInSteps() {
        for (int i = 0; i < recipe.steps().size(); i++) {
            Matcher number = NUMBER.matcher(recipe.steps().get(i).text());
            while (number.find()) {
                amountInStep(i, number.group());
            }
        }
    }

    private void amountInStep(int step, String words) {
        Optional<AmountReader.Reading> said = reading(words);
        if (said.isEmpty() || said.get().bare()) {
            return;
        }
        String behind = said.get().rest().toLowerCase(Locale.ROOT).replaceFirst("^(?:of )?(?:the )?", "");
        for (int i = 0; i < recipe.lines().size(); i++) {
            ReadLine line = recipe.lines().get(i).read();
            Quantity written = line.quantity();
            if (written == null
                    || line.food() == null
                    || Mentions.shortNames(line.food()).noneMatch(behind::startsWith)) {
                continue;
            }
            Amount of = written.max();
            Amount asked = said.get().quantity().max();
            if (Conversion.convert(line.food(), asked, of.unit(), measures) instanceof Conversion.Converted same
                    && same.amount()
                                    .value()
                                    .compareTo(total(line.food(), of.unit()).times(MORE))
                            > 0) {
                flag(
                        Kind.CONTRADICTION,
                        i,
                        step,
                        "the step takes " + asked + " " + line.foodName() + ", the line has " + of,
                        "the step uses more than there is",
                        OWN);
            }
            return;
        }
    }

    /** All lines of this food together, in this unit. */
    private Rational total(Food food, Unit unit) {
        Rational sum = Rational.ZERO;
        for (RecipeLine line : recipe.lines()) {
            Quantity quantity = line.read().quantity();
            if (food.equals(line.read().food())
                    && quantity != null
                    && Conversion.convert(food, quantity.max(), unit, measures)
                            instanceof Conversion.Converted converted) {
                sum = sum.plus(converted.amount().value());
            }
        }
        return sum;
    }

    private static Optional<AmountReader.Reading> reading(String words) {
        try {
            return AmountReader.read(words);
        } catch (NotAnAmount noAmount) {
            return Optional.empty();
        }
    }

    /** A line no step names; nothing is said while there are no steps. */
    private void unused() {
        if (recipe.steps().isEmpty() || ALL.matcher(allSteps).find()) {
            return;
        }
        String steps = allSteps.toLowerCase(Locale.ROOT);
        List<String> words = Arrays.stream(steps.split("[^\\p{L}]+"))
                .filter(word -> word.length() >= LONG_WORD)
                .distinct()
                .toList();
        for (int i = 0; i < recipe.lines().size(); i++) {
            ReadLine line = recipe.lines().get(i).read();
            if (!line.optional()
                    && Mentions.of(line).noneMatch(steps::contains)
                    && Mentions.of(line).noneMatch(name -> words.stream().anyMatch(name::endsWith))) {
                flag(
                        Kind.UNUSED,
                        i,
                        null,
                        line.foodName() + " is in no step",
                        "say where it goes in, or take the line out",
                        OWN);
            }
        }
    }

    private void noAmount() {
        for (int i = 0; i < recipe.lines().size(); i++) {
            ReadLine line = recipe.lines().get(i).read();
            boolean covered = line.food() != null && line.food().seasoning();
            if (line.quantity() == null && !covered && !line.optional()) {
                flag(
                        Kind.NO_AMOUNT,
                        i,
                        null,
                        "no amount of " + line.foodName(),
                        "it is not costed and does not grow with the batch",
                        OWN);
            }
        }
    }
}
