package wexilla.core.cookday;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.food.Nature;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.KitchenRounding;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.StepTime;
import wexilla.core.recipe.Style;

/**
 * The pots of one day.
 *
 * @param pots in the order hands turn to them: what then takes longest alone comes first
 * @param preparations the same food cut the same way, for all pots at once
 * @param dayBefore what must be done the evening before, with its rule
 */
public record CookDay(List<Timed> pots, List<Preparation> preparations, List<Task> dayBefore) {

    /** When hands are free: off your feet. {@code begin} when there is nothing to cook. */
    public LocalTime handsFree(LocalTime begin) {
        return pots.stream()
                .map(timed -> timed.start().plusMinutes(timed.time().handsMin()))
                .max(Comparator.naturalOrder())
                .orElse(begin);
    }

    /** When the last pot is off the stove; {@code begin} when there is nothing to cook. */
    public LocalTime end(LocalTime begin) {
        return pots.stream()
                .map(timed -> timed.start().plusMinutes(timed.time().minutes()))
                .max(Comparator.naturalOrder())
                .orElse(begin);
    }

    /**
     * One batch to cook.
     *
     * @param id of whoever asks
     * @param factor of the recipe as written
     */
    public record Pot(String id, Recipe recipe, Style style, Rational factor) {}

    /** @param start when hands turn to it: one pair of hands, one pot after the other */
    public record Timed(Pot pot, StepTime time, LocalTime start) {}

    /**
     * Something prepared once.
     *
     * @param all together in kitchen measures, {@code parts} for each pot in the order of the pots
     */
    public record Preparation(String what, String how, String all, List<Part> parts) {}

    /** @param dish which bowl it is for */
    public record Part(String dish, String amount) {}

    /** @param why the rule or source; empty when the words say it all */
    public record Task(String words, String why) {}

    /** When hands begin while nobody said otherwise. Own definition. */
    public static final LocalTime BEGIN = LocalTime.of(10, 0);

    private static final String KIDNEY =
            "FDA Bad Bug Book: soak 5 h, fresh water, boil hard 30 min; cannot be left out (from memory)";

    /**
     * Orders the pots for one pair of hands: the longest time alone first, which ends the day earliest.
     *
     * <p>Source: J. R. Jackson's rule for one machine with delivery times, 1955 (from memory); it counts the hands of a
     * pot in one go, at its begin.
     *
     * @param begin when hands begin
     */
    public static CookDay of(List<Pot> pots, LocalTime begin, Measures measures) {
        List<Pot> longest = pots.stream()
                .sorted(Comparator.comparing((Pot pot) -> -time(pot).waitMin())
                        .thenComparing(pot -> -time(pot).handsMin())
                        .thenComparing(pot -> pot.recipe().title()))
                .toList();
        List<Timed> timed = new ArrayList<>();
        LocalTime next = begin;
        for (Pot pot : longest) {
            timed.add(new Timed(pot, time(pot), next));
            next = next.plusMinutes(time(pot).handsMin());
        }
        return new CookDay(timed, preparations(longest, measures), dayBefore(longest));
    }

    private static StepTime time(Pot pot) {
        return Recipe.time(pot.recipe().stepsUntil(pot.style()));
    }

    private static List<Preparation> preparations(List<Pot> pots, Measures measures) {
        record Cut(Food food, String how) {}
        Map<Cut, Map<Pot, Amount>> cuts = new LinkedHashMap<>();
        for (Pot pot : pots) {
            for (RecipeLine line : pot.recipe().lines()) {
                Food food = line.read().food();
                String how = line.read().preparation();
                if (food == null
                        || how.isEmpty()
                        || soaked(line)
                        || !line.goesIn(pot.style())
                        || line.read().quantity() == null) {
                    continue;
                }
                Amount scaled = line.read().quantity().max().times(pot.factor());
                Amount base = Conversion.convert(food, scaled, food.base(), measures)
                                instanceof Conversion.Converted converted
                        ? converted.amount()
                        : measures.toBase(scaled);
                cuts.computeIfAbsent(new Cut(food, normal(how)), cut -> new LinkedHashMap<>())
                        .merge(pot, base, CookDay::plus);
            }
        }
        List<Preparation> merged = new ArrayList<>();
        cuts.forEach((cut, byPot) -> {
            List<Part> parts = new ArrayList<>();
            byPot.forEach(
                    (pot, amount) -> parts.add(new Part(pot.recipe().title(), pieces(cut.food(), amount, measures))));
            Amount all = byPot.values().stream().reduce(CookDay::plus).orElseThrow();
            merged.add(new Preparation(cut.food().name(), cut.how(), pieces(cut.food(), all, measures), parts));
        });
        merged.sort(Comparator.comparing((Preparation p) -> -p.parts().size()).thenComparing(Preparation::what));
        return merged;
    }

    private static Amount plus(Amount a, Amount b) {
        return a.unit().equals(b.unit()) ? Amount.of(a.value().plus(b.value()), a.unit()) : a;
    }

    /** "finely diced" and "diced, finely" are one cut. */
    private static String normal(String how) {
        return String.join(
                " ",
                java.util.Arrays.stream(how.toLowerCase(Locale.ROOT).split("[,\\s]+"))
                        .sorted(Comparator.comparing(word -> word.endsWith("ly") ? 0 : 1))
                        .toList());
    }

    /** In pieces with the weight beside, where a piece has a weight: nobody dices 440 g of onion. */
    private static String pieces(Food food, Amount amount, Measures measures) {
        Amount rounded = KitchenRounding.nearest(amount);
        if (amount.unit().equals(Unit.G)
                && Conversion.convert(food, amount, Unit.PIECE, measures) instanceof Conversion.Converted converted) {
            Rational halves = new Rational(
                            converted.amount().value().times(Rational.of(2)).rounded(), java.math.BigInteger.ONE)
                    .dividedBy(Rational.of(2));
            return halves.isZero() ? rounded.toString() : Amount.of(halves, Unit.PIECE) + " (" + rounded + ")";
        }
        return rounded.toString();
    }

    private static boolean soaked(RecipeLine line) {
        return line.read().text().toLowerCase(Locale.ROOT).contains("soak");
    }

    /** What is soaked: what its line says, and kidney beans always. */
    private static List<Task> dayBefore(List<Pot> pots) {
        List<Task> tasks = new ArrayList<>();
        for (Pot pot : pots) {
            for (RecipeLine line : pot.recipe().lines()) {
                Food food = line.read().food();
                boolean kidney = food != null && food.is(Nature.BOIL_HARD);
                if (!line.goesIn(pot.style()) || !(kidney || soaked(line))) {
                    continue;
                }
                String amount = line.read().quantity() == null
                        ? ""
                        : KitchenRounding.nearest(line.read().quantity().max().times(pot.factor())) + " ";
                tasks.add(new Task(
                        "soak " + amount + line.read().foodName() + " for "
                                + pot.recipe().title(),
                        kidney ? KIDNEY : ""));
            }
        }
        return tasks;
    }
}
