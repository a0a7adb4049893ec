package wexilla.core.food;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;

/**
 * Leads an amount of a food from one measure to another: within a dimension by the unit's factor, between mass, volume
 * and pieces only over the food's facts, by the shortest path. The path is part of the answer.
 */
public final class Conversion {

    /** What came out: an amount with its path, or the fact that is missing. */
    public sealed interface Answer permits Converted, Missing {}

    /**
     * @param path the amounts passed through, first the one asked about
     * @param sources where the facts on the path come from, in order, without repeats
     */
    public record Converted(Amount amount, List<String> path, List<String> sources) implements Answer {}

    /** @param fact in the cook's words: "density of rolled oats", "weight of a sprig of thyme" */
    public record Missing(String fact) implements Answer {}

    private record Stop(Amount amount, List<String> path, List<String> sources) {}

    private Conversion() {}

    /** The amount in the wanted unit, over the food's facts. */
    public static Answer convert(Food food, Amount amount, Unit wanted, Measures measures) {
        Deque<Stop> open = new ArrayDeque<>();
        Set<Unit> seen = new HashSet<>();
        Stop start = step(new Stop(amount, List.of(amount.precise()), List.of()), measures.toBase(amount), null);
        open.add(start);
        seen.add(start.amount().unit());
        while (!open.isEmpty()) {
            Stop here = open.remove();
            if (here.amount().unit().equals(wanted.base())) {
                Rational value = here.amount().value().dividedBy(measures.factor(wanted));
                Stop end = step(here, Amount.of(value, wanted), null);
                return new Converted(end.amount(), end.path(), end.sources());
            }
            for (FoodFact fact : food.facts()) {
                Amount from = Measures.US.toBase(fact.from());
                Amount to = Measures.US.toBase(fact.to());
                follow(here, from, to, fact, seen, open);
                follow(here, to, from, fact, seen, open);
            }
        }
        return new Missing(missing(food, amount.unit(), wanted));
    }

    private static void follow(Stop here, Amount from, Amount to, FoodFact fact, Set<Unit> seen, Deque<Stop> open) {
        if (here.amount().unit().equals(from.unit()) && seen.add(to.unit())) {
            Rational value = here.amount().value().times(to.value()).dividedBy(from.value());
            open.add(step(here, Amount.of(value, to.unit()), fact));
        }
    }

    private static Stop step(Stop before, Amount to, @org.jspecify.annotations.Nullable FoodFact fact) {
        List<String> path = new ArrayList<>(before.path());
        if (!Objects.equals(path.get(path.size() - 1), to.precise())) {
            path.add(to.precise());
        }
        List<String> sources = new ArrayList<>(before.sources());
        if (fact != null && !sources.contains(fact.source())) {
            sources.add(fact.source());
        }
        return new Stop(to, path, sources);
    }

    private static String missing(Food food, Unit from, Unit to) {
        Unit counted = from.dimension() == Dimension.COUNT ? from : to;
        if (counted.dimension() != Dimension.COUNT) {
            return "density of " + food.name();
        }
        return counted.equals(Unit.PIECE) || counted.equals(Unit.PORTION)
                ? "weight of one " + food.name()
                : "weight of a " + counted.symbol() + " of " + food.name();
    }
}
