package wexilla.core.food;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedList;
import java.util.List;
import java.util.PriorityQueue;
import java.util.Queue;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.facts.Part;
import wexilla.core.food.facts.Yield;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;

/**
 * Leads an amount of a food from one measure to another: within a dimension by the unit's factor, between mass, volume
 * and pieces only over the food's facts, by the shortest path, and of paths of one length by the most trusted. The path
 * is part of the answer.
 */
public final class Conversion {

    /** What came out: an amount with its path, or the fact that is missing. */
    public sealed interface Answer permits Converted, Missing {}

    /**
     * @param passed the amounts passed through, first the one asked about
     * @param part what of it is left in the end; null for all of it
     * @param sources where the facts on the path come from, in order, without repeats
     */
    public record Converted(
            Amount amount, List<Amount> passed, @Nullable Part part, List<String> sources) implements Answer {

        /** The amounts passed through as a cook writes them, without repeats: worded only when somebody asks. */
        public List<String> path() {
            List<String> path = new ArrayList<>();
            for (Amount each : passed) {
                String text = each.precise();
                if (path.isEmpty() || !path.get(path.size() - 1).equals(text)) {
                    path.add(text);
                }
            }
            if (part != null) {
                path.add(amount.precise() + " " + part.word());
            }
            return List.copyOf(path);
        }
    }

    /** @param fact in the cook's words: "density of rolled oats", "weight of a sprig of thyme" */
    public record Missing(String fact) implements Answer {}

    /** @param doubt of the facts passed, each by its {@link FoodFact.Trust} */
    private record Stop(
            Amount amount, @Nullable Stop before, @Nullable FoodFact by, int steps, int doubt) {}

    private Conversion() {}

    /** The amount in the wanted unit, over the food's facts. */
    public static Answer convert(Food food, Amount amount, Unit wanted, Measures measures) {
        Amount base = measures.toBase(amount);
        if (base.unit().equals(wanted.base())) {
            return converted(amount, new Stop(base, null, null, 0, 0), wanted, measures);
        }
        Queue<Stop> open =
                new PriorityQueue<>(Comparator.comparingInt(Stop::steps).thenComparingInt(Stop::doubt));
        Set<Unit> seen = new HashSet<>();
        open.add(new Stop(base, null, null, 0, 0));
        while (!open.isEmpty()) {
            Stop here = open.remove();
            if (!seen.add(here.amount().unit())) {
                continue;
            }
            if (here.amount().unit().equals(wanted.base())) {
                return converted(amount, here, wanted, measures);
            }
            for (FoodFact fact : food.facts()) {
                follow(here, fact.fromBase(), fact.toBase(), fact, open);
                follow(here, fact.toBase(), fact.fromBase(), fact, open);
            }
        }
        return new Missing(missing(food, amount.unit(), wanted));
    }

    /**
     * The grams of a part of an amount as bought: "1 tin, 400 g, 240 g drained".
     *
     * @param part ready, cooked or drained
     */
    public static Answer part(Food food, Amount amount, Part part, Measures measures) {
        Answer bought = convert(food, amount, Unit.G, measures);
        Yield yield = food.traits().yield(part);
        if (!(bought instanceof Converted grams)) {
            return bought;
        }
        if (yield == null || part == Part.WATER) {
            return new Missing(part.word() + " weight of " + food.name());
        }
        Amount left = grams.amount().times(yield.ofOne());
        List<String> sources = new ArrayList<>(grams.sources());
        sources.add(yield.source());
        return new Converted(
                left, grams.passed(), part, sources.stream().distinct().toList());
    }

    private static void follow(Stop here, Amount from, Amount to, FoodFact fact, Queue<Stop> open) {
        if (here.amount().unit().equals(from.unit())) {
            Rational value = here.amount().value().times(to.value()).dividedBy(from.value());
            int doubt = here.doubt() + fact.trust().ordinal();
            open.add(new Stop(Amount.of(value, to.unit()), here, fact, here.steps() + 1, doubt));
        }
    }

    private static Answer converted(Amount asked, Stop end, Unit wanted, Measures measures) {
        Amount amount = Amount.of(end.amount().value().dividedBy(measures.factor(wanted)), wanted);
        LinkedList<Amount> passed = new LinkedList<>(List.of(amount));
        LinkedList<String> sources = new LinkedList<>();
        for (Stop stop = end; stop != null; stop = stop.before()) {
            passed.addFirst(stop.amount());
            if (stop.by() != null && !sources.contains(stop.by().source())) {
                sources.addFirst(stop.by().source());
            }
        }
        passed.addFirst(asked);
        return new Converted(amount, List.copyOf(passed), null, List.copyOf(sources));
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
