package wexilla.app.cook;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import wexilla.app.cook.CookViews.InsteadInput;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.core.pricing.CostSheet.Wanted;
import wexilla.core.quantity.Quantity;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.recipe.lines.ReadLine;
import wexilla.core.stations.cook.GoesIn;

/**
 * Lines for which something else goes in: "no coconut milk: 200 ml cream and 200 ml broth".
 *
 * @param lines what goes in, by its line, in the order said
 */
record Replaced(List<Line> lines) {

    private static final int MOST_USES = 6;

    /** @param pos of the line it goes in for, {@code keep} whether the recipe says so from now on */
    record Line(int pos, ReadLine read, boolean keep) {}

    static Replaced of(@Nullable List<InsteadInput> asked, List<GoesIn> goesIn, LineReader reader) {
        List<Line> lines = new ArrayList<>();
        Set<Integer> seen = new HashSet<>();
        for (InsteadInput one : asked == null ? List.<InsteadInput>of() : asked) {
            String at = "/instead/" + one.pos();
            if (!seen.add(one.pos()) || goesIn.stream().noneMatch(line -> line.pos() == one.pos())) {
                throw Problem.at(at, "Line " + one.pos() + " does not go in, or is replaced twice.");
            }
            if (one.uses().isEmpty() || one.uses().size() > MOST_USES) {
                throw Problem.at(at, "Say what goes in instead, one to " + MOST_USES + " things.");
            }
            for (String use : one.uses()) {
                lines.add(new Line(one.pos(), read(at, use, reader), one.keep()));
            }
        }
        return new Replaced(lines);
    }

    private static ReadLine read(String at, String text, LineReader reader) {
        ReadLine read = Asked.at(at, () -> reader.read(text));
        Quantity quantity = read.quantity();
        if (read.food() == null || quantity == null) {
            throw Problem.at(at, "“" + text + "” needs an amount and a food, like 200 ml cream.");
        }
        return read;
    }

    boolean replaces(int pos) {
        return lines.stream().anyMatch(line -> line.pos() == pos);
    }

    List<Wanted> wanted() {
        return lines.stream().map(line -> Wanted.of(line.read())).toList();
    }

    boolean kept() {
        return lines.stream().anyMatch(Line::keep);
    }

    /** The recipe as it is from now on. @param factor this batch is of it */
    Recipe next(Recipe recipe, Rational factor, LineReader reader) {
        List<RecipeLine> next = new ArrayList<>();
        for (int pos = 0; pos < recipe.lines().size(); pos++) {
            RecipeLine old = recipe.lines().get(pos);
            int here = pos;
            List<Line> uses = lines.stream()
                    .filter(line -> line.pos() == here && line.keep())
                    .toList();
            if (uses.isEmpty()) {
                next.add(old);
            }
            for (Line use : uses) {
                next.add(new RecipeLine(asWritten(use.read(), factor, reader), old.heldBackIn(), null, null));
            }
        }
        return new Recipe(recipe.title(), recipe.portions(), next, recipe.steps());
    }

    private static ReadLine asWritten(ReadLine use, Rational factor, LineReader reader) {
        Quantity quantity = use.quantity();
        return quantity == null || factor.equals(Rational.ONE)
                ? use
                : reader.readStored(quantity.max().times(Rational.ONE.dividedBy(factor)) + " " + use.foodName());
    }
}
