package wexilla.core.pricing;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import wexilla.core.food.book.Form;
import wexilla.core.recipe.ScaledStep;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.lines.Mentions;
import wexilla.core.recipe.steps.StepTime;

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

    /** @param line its place in the recipe, from 0; @param time its own steps, at the size it is made */
    public record Afresh(int line, String dish, StepTime time) {}

    public Work {
        spared = List.copyOf(spared);
        afresh = List.copyOf(afresh);
    }

    /** @param costs what its lines, in their order, are met by */
    public static Work of(Sized recipe, List<LineCost> costs) {
        List<Spared> spared = new ArrayList<>();
        List<ScaledStep> todo = new ArrayList<>();
        boolean anyDone = costs.stream()
                .anyMatch(line -> line.onlyInstead()
                        && line.instead().stream().anyMatch(form -> !form.done().isEmpty()));
        List<ScaledStep> steps = recipe.steps();
        for (int i = 0; i < steps.size(); i++) {
            ScaledStep step = steps.get(i);
            Optional<Spared> one = anyDone ? spared(i, step.text(), recipe.lines(), costs) : Optional.empty();
            one.ifPresent(spared::add);
            if (one.isEmpty() || !one.get().whole()) {
                todo.add(step);
            }
        }
        List<Afresh> afresh = new ArrayList<>();
        for (int i = 0; i < costs.size(); i++) {
            if (costs.get(i) instanceof LineCost.Made made && made.afresh() != null) {
                afresh.add(new Afresh(i, made.name(), time(made.afresh(), made)));
            }
        }
        StepTime left = ScaledStep.time(todo);
        for (Afresh one : afresh) {
            left = left.plus(one.time());
        }
        return new Work(left, spared, afresh);
    }

    private static StepTime time(Sized afresh, LineCost.Made made) {
        return of(afresh, made.made().stream().map(LineCost.Part::cost).toList())
                .left();
    }

    private static Optional<Spared> spared(int at, String step, List<Sized.Line> lines, List<LineCost> costs) {
        String text = step.toLowerCase(Locale.ROOT);
        List<String> why = new ArrayList<>();
        boolean whole = true;
        for (int i = 0; i < lines.size(); i++) {
            if (Mentions.of(lines.get(i).read()).noneMatch(text::contains)) {
                continue;
            }
            LineCost cost = costs.get(i);
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
