package wexilla.core.cookday;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.book.WordLists;
import wexilla.core.food.facts.Nature;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.KitchenRounding;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.text.CookWords;
import wexilla.core.recipe.ScaledStep;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.Style;
import wexilla.core.recipe.lines.ReadLine;
import wexilla.core.recipe.steps.StepTime;

/**
 * The pots of one day.
 *
 * @param pots what takes longest alone first
 * @param preparations the same food cut the same way, for all pots at once
 * @param dayBefore what must be done the evening before, with its rule
 */
public record CookDay(List<Pot> pots, List<Preparation> preparations, List<Task> dayBefore) {

    /**
     * One batch to cook.
     *
     * @param id of whoever asks
     * @param dish what lines that ask for this recipe name
     */
    public record Pot(
            String id, Sized sized, Style style, @Nullable Key dish) {

        /** A recipe that was typed: what goes into another one is found by its title. */
        public Pot(String id, Sized sized, Style style) {
            this(id, sized, style, null);
        }

        String title() {
            return sized.recipe().title();
        }

        public StepTime time() {
            return sized.time(style);
        }
    }

    /**
     * Something prepared once.
     *
     * @param all together in kitchen measures, {@code parts} for each pot in the order of the pots
     */
    public record Preparation(String what, String how, String all, List<Part> parts) {}

    /** @param dish which bowl it is for, {@code pot} by its id */
    public record Part(String pot, String dish, String amount) {}

    /** @param why the rule or source; empty when the words say it all */
    public record Task(String words, String why) {}

    /** When hands begin while nobody said otherwise. */
    public static final LocalTime BEGIN = Trade.time("cook-day.begin");

    /** What is drained, beaten or softened is no work of the knife. */
    private static final Pattern CUT = WordLists.of("day").list("cut");

    private static final Pattern SOAK = Pattern.compile("\\bsoak", Pattern.CASE_INSENSITIVE);

    private static final String KIDNEY =
            "FDA Bad Bug Book: soak 5 h, fresh water, boil hard 30 min; cannot be left out";

    /** The pots of a day; when each is begun is said by {@link DayTimeline}. */
    public static CookDay of(List<Pot> pots, Measures measures) {
        List<Pot> longest = pots.stream()
                .sorted(Comparator.comparing((Pot pot) -> -pot.time().waitMin())
                        .thenComparing(pot -> -pot.time().handsMin())
                        .thenComparing(Pot::title))
                .toList();
        return new CookDay(longest, preparations(longest, measures), dayBefore(longest));
    }

    /** What is cut the same way; what is counted in a head here and weighed there stays apart. */
    private static List<Preparation> preparations(List<Pot> pots, Measures measures) {
        record Cut(Food food, String how, Unit unit) {}
        Map<Cut, Map<Pot, Amount>> cuts = new LinkedHashMap<>();
        for (Pot pot : pots) {
            for (Sized.Line line : pot.sized().goesIn(pot.style())) {
                Food food = line.read().food();
                String how = line.read().preparation();
                Amount amount = line.amount();
                if (food != null
                        && !bought(food)
                        && CUT.matcher(how).find()
                        && !soaked(line.read())
                        && amount != null) {
                    Amount base = Conversion.convert(food, amount, food.base(), measures)
                                    instanceof Conversion.Converted converted
                            ? converted.amount()
                            : measures.toBase(amount);
                    cuts.computeIfAbsent(new Cut(food, normal(how), base.unit()), cut -> new LinkedHashMap<>())
                            .merge(pot, base, Amount::plus);
                }
            }
        }
        List<Preparation> merged = new ArrayList<>();
        cuts.forEach((cut, byPot) -> {
            List<Part> parts = new ArrayList<>();
            byPot.forEach(
                    (pot, amount) -> parts.add(new Part(pot.id(), pot.title(), pieces(cut.food(), amount, measures))));
            Amount all = byPot.values().stream().reduce(Amount::plus).orElseThrow();
            merged.add(new Preparation(cut.food().name(), cut.how(), pieces(cut.food(), all, measures), parts));
        });
        merged.sort(Comparator.comparing((Preparation p) -> -p.parts().size()).thenComparing(Preparation::what));
        return merged;
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
            Rational halves = Rational.of(
                            converted.amount().value().times(Rational.of(2)).rounded())
                    .dividedBy(Rational.of(2));
            return halves.isZero() ? rounded.toString() : Amount.of(halves, Unit.PIECE) + " (" + rounded + ")";
        }
        return rounded.toString();
    }

    /** Chopped tomatoes come out of their tin so. */
    private static boolean bought(Food food) {
        return food.traits().aisle().equals("tins");
    }

    private static boolean soaked(ReadLine line) {
        return line.text().toLowerCase(Locale.ROOT).contains("soak");
    }

    /** What is soaked: what its line says, and kidney beans always. */
    private static List<Task> dayBefore(List<Pot> pots) {
        List<Task> tasks = new ArrayList<>();
        for (Pot pot : pots) {
            for (Sized.Line line : pot.sized().goesIn(pot.style())) {
                Food food = line.read().food();
                boolean kidney = food != null && food.is(Nature.BOIL_HARD);
                if (kidney || soaked(line.read())) {
                    Amount exact = line.amount();
                    String amount = exact == null ? "" : CookWords.amount(exact) + " ";
                    String words = "soak " + amount + line.read().foodName() + " for " + pot.title();
                    tasks.add(new Task(words, kidney ? KIDNEY : ""));
                }
            }
            boolean soaks = tasks.stream().anyMatch(task -> task.words().endsWith(" for " + pot.title()));
            pot.sized().stepsUntil(pot.style()).stream()
                    .map(ScaledStep::text)
                    .filter(text -> DayTasks.BEFORE.matcher(text).find())
                    .filter(text -> !soaks || !SOAK.matcher(text).find())
                    .forEach(text -> tasks.add(new Task(pot.title() + ": " + text, "")));
        }
        return tasks;
    }
}
