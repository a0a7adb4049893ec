package wexilla.core.pricing;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import wexilla.core.food.Form;
import wexilla.core.recipe.Mentions;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.RecipeStep;
import wexilla.core.recipe.StepTime;

/**
 * The work a batch is with what is there: steps fall away for what is browned, soaked or diced already, and a dish of the
 * book that has to be made afresh brings its own.
 *
 * @param left minutes with what is there
 * @param spared steps that fall away, in whole or in part
 * @param afresh dishes of the book that are made first
 */
public record Work(StepTime left, List<Spared> spared, List<Afresh> afresh) {

    /**
     * A step with less to do.
     *
     * @param step its place, from 0
     * @param whole whether all of it falls away; else something else in it stays to be done
     * @param why "browned mince is there: no need to brown it"
     */
    public record Spared(int step, boolean whole, String why) {}

    /** @param line its place in the recipe, from 0; @param time its own steps, as written */
    public record Afresh(int line, String dish, StepTime time) {}

    public Work {
        spared = List.copyOf(spared);
        afresh = List.copyOf(afresh);
    }

    /** @param sheet what its lines, in their order, are met by */
    public static Work of(Recipe recipe, CostSheet sheet) {
        List<Spared> spared = new ArrayList<>();
        List<RecipeStep> todo = new ArrayList<>();
        boolean anyDone = sheet.lines().stream()
                .anyMatch(line -> line.onlyInstead()
                        && line.instead().stream().anyMatch(form -> !form.done().isEmpty()));
        for (int i = 0; i < recipe.steps().size(); i++) {
            RecipeStep step = recipe.steps().get(i);
            Optional<Spared> one = anyDone ? spared(i, step, recipe.lines(), sheet) : Optional.empty();
            one.ifPresent(spared::add);
            if (one.isEmpty() || !one.get().whole()) {
                todo.add(step);
            }
        }
        List<Afresh> afresh = new ArrayList<>();
        for (int i = 0; i < recipe.lines().size(); i++) {
            Recipe made = recipe.lines().get(i).made();
            if (made != null && !sheet.lines().get(i).made().isEmpty()) {
                afresh.add(new Afresh(i, made.title(), time(made, sheet.lines().get(i))));
            }
        }
        StepTime left = Recipe.time(todo);
        for (Afresh one : afresh) {
            left = left.plus(one.time());
        }
        return new Work(left, spared, afresh);
    }

    private static StepTime time(Recipe made, LineCost line) {
        List<LineCost> parts = line.made().stream().map(LineCost.Part::cost).toList();
        return of(made, new CostSheet(parts, line.cost().known(), line.cost())).left();
    }

    private static Optional<Spared> spared(int at, RecipeStep step, List<RecipeLine> lines, CostSheet sheet) {
        String text = step.text().toLowerCase(Locale.ROOT);
        List<String> why = new ArrayList<>();
        boolean whole = true;
        for (int i = 0; i < lines.size(); i++) {
            if (Mentions.of(lines.get(i).read()).noneMatch(text::contains)) {
                continue;
            }
            LineCost cost = sheet.lines().get(i);
            Optional<Form> done = cost.onlyInstead()
                    ? cost.instead().stream()
                            .filter(form -> verb(form, text).isPresent())
                            .findFirst()
                    : Optional.empty();
            whole &= done.isPresent();
            done.ifPresent(form -> why.add(form.by().name() + " is there: no need to "
                    + verb(form, text).orElseThrow()));
        }
        return why.isEmpty() ? Optional.empty() : Optional.of(new Spared(at, whole, String.join("; ", why)));
    }

    /** What the step asks to be done and is done already. */
    private static Optional<String> verb(Form form, String text) {
        return form.done().stream()
                .filter(verb -> Pattern.compile("\\b" + verb).matcher(text).find())
                .findFirst();
    }
}
