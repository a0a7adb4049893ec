package wexilla.app.recipes;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.core.food.Key;
import wexilla.core.quantity.Unfit;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.RecipeStep;
import wexilla.core.recipe.Style;
import wexilla.core.recipe.lines.ReadLine;
import wexilla.core.recipe.steps.StepClock;
import wexilla.core.recipe.steps.StepTime;

/** A recipe being typed: every line understood, or with its problem. */
public record Draft(List<Line> lines) {

    /**
     * @param problem empty when the line is understood
     * @param made the recipes of what it asks for, where that is a dish of the book
     */
    public record Line(String text, Optional<ReadLine> read, String problem, Map<Key, Recipe> made) {

        /** The recipe of the dish it asks for first; null when it asks for none. */
        public @Nullable Recipe dish() {
            return read.map(this::dish).orElse(null);
        }

        private @Nullable Recipe dish(ReadLine line) {
            return line.knownFood().map(food -> made.get(food.key())).orElse(null);
        }

        /** As lines of a recipe, once it is understood: one for each of its foods. */
        List<RecipeLine> as(RecipeInput.LineInput typed) {
            return read.stream()
                    .flatMap(line -> line.each().stream())
                    .map(line -> new RecipeLine(line, typed.heldBackIn(), typed.rule(), dish(line)))
                    .toList();
        }
    }

    /** Reads every line; a problem stays with its line. */
    public static Draft read(RecipeInput input, Dishes.Shelf shelf) {
        if (input.lines().size() > Recipe.MOST_LINES) {
            throw Problem.at(
                    "/lines",
                    "This recipe has " + input.lines().size() + " lines; " + Recipe.MOST_LINES + " is the most.");
        }
        List<Line> lines = new ArrayList<>();
        for (RecipeInput.LineInput line : input.lines()) {
            try {
                lines.add(new Line(line.text(), Optional.of(shelf.read(line.text())), "", Map.of()));
            } catch (Unfit problem) {
                lines.add(new Line(line.text(), Optional.empty(), String.valueOf(problem.getMessage()), Map.of()));
            }
        }
        return new Draft(withMade(lines, shelf));
    }

    private static List<Line> withMade(List<Line> lines, Dishes.Shelf shelf) {
        Map<Key, Recipe> made = shelf.made(lines.stream()
                .map(Line::read)
                .flatMap(Optional::stream)
                .flatMap(line -> line.each().stream())
                .toList());
        return lines.stream()
                .map(line -> new Line(line.text(), line.read(), line.problem(), made))
                .toList();
    }

    /** The lines that are understood, as lines of a recipe. */
    List<RecipeLine> lines(RecipeInput input) {
        List<RecipeLine> read = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            read.addAll(lines.get(i).as(input.lines().get(i)));
        }
        return read;
    }

    /** What is understood so far, as a recipe; empty while its steps do not make sense. */
    public Optional<Recipe> understood(RecipeInput input) {
        List<RecipeLine> read = lines(input);
        try {
            return lines.stream().anyMatch(line -> line.read().isEmpty())
                    ? Optional.empty()
                    : Optional.of(new Recipe("draft", 1, read, steps(input)));
        } catch (Problem | IllegalArgumentException notYet) {
            return Optional.empty();
        }
    }

    /**
     * The finished recipe.
     *
     * @throws Problem at the first field that is not right
     */
    public Recipe finished(RecipeInput input) {
        for (int i = 0; i < lines.size(); i++) {
            if (lines.get(i).read().isEmpty()) {
                throw Problem.at("/lines/" + i + "/text", lines.get(i).problem());
            }
        }
        List<RecipeLine> recipeLines = lines(input);
        if (input.portions() == null) {
            throw Problem.at("/portions", "Say how many portions it makes, a whole number from 1 to 500.");
        }
        int portions = input.portions();
        require("/title", () -> new Recipe(input.title().strip(), 1, List.of(), List.of()));
        require("/portions", () -> new Recipe("x", portions, List.of(), List.of()));
        List<RecipeStep> steps = steps(input);
        return require("/steps", () -> new Recipe(input.title().strip(), portions, recipeLines, steps));
    }

    private static List<RecipeStep> steps(RecipeInput input) {
        List<RecipeStep> steps = new ArrayList<>();
        Set<Style> stops = EnumSet.noneOf(Style.class);
        for (int i = 0; i < input.steps().size(); i++) {
            RecipeInput.StepInput step = input.steps().get(i);
            String text = step.text().strip();
            if (text.isEmpty() || text.length() > 1000) {
                throw Problem.at(
                        "/steps/" + i + "/text", "A step has 1 to 1000 characters, this one " + text.length() + ".");
            }
            if (step.stop() != null && !stops.add(step.stop())) {
                throw Problem.at(
                        "/steps/" + i + "/stop",
                        "“" + step.stop().words() + "” is a stop already; a batch can stop there once only.");
            }
            String clock = step.clock() == null ? "" : step.clock();
            int number = i + 1;
            StepClock beside = Asked.at("/steps/" + i + "/clock", () -> StepClock.parse(clock, number));
            steps.add(new RecipeStep(text, step.stop(), time(step, i), beside));
        }
        return steps;
    }

    private static @Nullable StepTime time(RecipeInput.StepInput step, int i) {
        if (step.handsMin() == null && step.waitMin() == null) {
            return null;
        }
        int hands = step.handsMin() == null ? 0 : step.handsMin();
        int wait = step.waitMin() == null ? 0 : step.waitMin();
        try {
            return new StepTime(hands, wait);
        } catch (Unfit problem) {
            throw Problem.at("/steps/" + i + "/handsMin", String.valueOf(problem.getMessage()));
        }
    }

    private static Recipe require(String field, Supplier<Recipe> recipe) {
        try {
            return recipe.get();
        } catch (Unfit problem) {
            throw Problem.at(field, String.valueOf(problem.getMessage()));
        }
    }
}
