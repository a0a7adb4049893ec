package wexilla.core.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.food.Scaling;
import wexilla.core.food.facts.Nature;
import wexilla.core.food.facts.Part;
import wexilla.core.food.facts.Yield;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Quantity;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.text.CookWords;
import wexilla.core.quantity.text.Packs;
import wexilla.core.recipe.lines.Mentions;
import wexilla.core.recipe.lines.ReadLine;
import wexilla.core.recipe.steps.StepGear;
import wexilla.core.recipe.steps.StepTime;

/**
 * A recipe at a size: its lines with exact amounts, each by its rule with its reason, and its steps with their times.
 * Whoever wants to know what a recipe is at a size asks here: page, costs, list, cook day, evening and label.
 *
 * <p>Handbook, section 2. Only together do the lines tell how much of the water the grain takes up and how much boils
 * away: the water of rice in an open pot grows less than the rice.
 *
 * @param lines all of the recipe's, in their order
 */
public record Sized(Recipe recipe, Size size, List<Line> lines) {

    /** More water than this, in parts of what the grain takes up, is a soup: it grows with the batch. */
    private static final Rational SOUP = Trade.number("soup.water");

    public Sized {
        lines = List.copyOf(lines);
    }

    /**
     * A line at this size.
     *
     * @param pos its place in the recipe, from 0
     * @param by the factor of this line; the recipe's own where it simply grows with the batch
     * @param why why it does not simply grow with the batch; empty when it does
     */
    public record Line(int pos, RecipeLine line, Scaling rule, Rational by, String why) {

        /** A line that belongs to no recipe, as it was typed. */
        public static Line asTyped(ReadLine read) {
            return new Line(0, RecipeLine.of(read), Scaling.LINEAR, Rational.ONE, "");
        }

        public ReadLine read() {
            return line.read();
        }

        /** What goes in, the middle of a range; null when no amount is written. */
        public @Nullable Amount amount() {
            Quantity quantity = read().quantity();
            return quantity == null ? null : sized(quantity.middle());
        }

        /** What is paid for: what goes in, with its peel; null when no amount is written. */
        public @Nullable Amount paid() {
            return bought(amount());
        }

        /** What has to be there, with its peel; null when no amount is written. */
        public @Nullable Amount wanted() {
            return bought(most());
        }

        private @Nullable Amount bought(@Nullable Amount ready) {
            Rational left = read().ofBought();
            return ready == null || left.equals(Rational.ONE) ? ready : ready.times(Rational.ONE.dividedBy(left));
        }

        /** The most that goes in, the upper end of a range; null when no amount is written. */
        public @Nullable Amount most() {
            Quantity quantity = read().quantity();
            return quantity == null ? null : sized(quantity.max());
        }

        /** How many pieces of it go in that are one each, "2 whole chickens"; empty where it is weighed or cut. */
        Optional<Integer> wholePieces() {
            Amount much = amount();
            Food food = read().food();
            boolean one = (read().text() + (food == null ? "" : food.name()))
                    .toLowerCase(Locale.ROOT)
                    .contains("whole");
            if (!one || much == null) {
                return Optional.empty();
            }
            boolean counted = much.unit().dimension() == Dimension.COUNT;
            Packs packs = read().packs();
            Rational pieces =
                    counted ? much.value() : packs != null ? packs.count().times(by) : Rational.ONE;
            return Optional.of(pieces.ceiling().intValueExact());
        }

        /** Whether only whole pieces of it go in. */
        boolean whole() {
            Quantity quantity = read().quantity();
            return rule == Scaling.WHOLE && quantity != null && quantity.unit().dimension() == Dimension.COUNT;
        }

        private Amount sized(Amount written) {
            Amount exact = written.times(by);
            return whole() ? Amount.of(Rational.of(exact.value().ceiling()), exact.unit()) : exact;
        }

        private Line share(Rational of) {
            return new Line(pos, line, rule, by.times(of), why);
        }
    }

    /** Brings a recipe to a size. */
    public static Sized of(Recipe recipe, Size size, Measures measures) {
        Rational absorbed = absorbed(recipe.lines(), measures);
        List<Line> sized = new ArrayList<>();
        for (int pos = 0; pos < recipe.lines().size(); pos++) {
            RecipeLine line = recipe.lines().get(pos);
            Rational ml = liquid(line.read(), measures);
            Scaling rule = rule(line, ml, absorbed);
            sized.add(
                    rule == Scaling.EVAPORATING && ml != null && !ml.isZero()
                            ? evaporating(pos, line, ml, absorbed, size)
                            : simple(pos, line, rule, size));
        }
        return new Sized(recipe, size, sized);
    }

    /** As written, in one vessel. */
    public static Sized asWritten(Recipe recipe, Measures measures) {
        return of(recipe, Size.AS_WRITTEN, measures);
    }

    /**
     * So much of it: a packet, or what is eaten of a batch. The parts of one batch add up to the batch, whatever rule
     * their lines go by.
     *
     * @param of above 0
     */
    public Sized share(Rational of) {
        return new Sized(
                recipe,
                size.share(of),
                lines.stream().map(line -> line.share(of)).toList());
    }

    /** The same in other vessels than it was written for. @param areas their surface over that of those it was written for */
    public Sized over(Rational areas, Measures measures) {
        return of(recipe, new Size(size.factor(), size.vessels(), areas), measures);
    }

    /** Portions it makes, at most {@link Recipe#MOST_PORTIONS}. */
    public Rational portions() {
        Rational exact = size.factor().times(Rational.of(recipe.portions()));
        return Rational.min(exact, Rational.of(Recipe.MOST_PORTIONS));
    }

    /** The lines that go in when a batch stops in this style. */
    public List<Line> goesIn(Style style) {
        return lines.stream().filter(line -> line.line().goesIn(style)).toList();
    }

    /** The lines added on the night when a batch stops in this style. */
    public List<Line> onTheNight(Style style) {
        return lines.stream().filter(line -> !line.line().goesIn(style)).toList();
    }

    /** Its lines in kitchen measures. */
    public List<ScaledLine> words(Wording wording) {
        return lines.stream().map(line -> ScaledLine.of(line, size, wording)).toList();
    }

    /** Whether its vessels are trays or dishes of the oven, not pots. */
    private boolean inTrays() {
        return size.areas() != null
                || recipe.steps().stream()
                        .map(RecipeStep::text)
                        .anyMatch(text -> StepGear.read(text).kind() == StepGear.Kind.OVEN
                                && StepTime.read(text).waitMin() > 0
                                && !POT.matcher(text).find());
    }

    private static final Pattern POT =
            Pattern.compile("\\b(?:pot|casserole|dutch oven|lid|cover|covered)\\b", Pattern.CASE_INSENSITIVE);

    /** All its steps with their times at this size. */
    public List<ScaledStep> steps() {
        Amount piece = lines.stream()
                .map(Line::read)
                .filter(line ->
                        line.food() != null && !line.food().traits().protein().isEmpty())
                .map(line -> ScaledStep.piece(line, size.factor()))
                .filter(Objects::nonNull)
                .findFirst()
                .orElse(null);
        Rational pan = size.areas() == null ? Rational.ONE : size.areas();
        List<StepTime> times = recipe.times();
        List<ScaledStep> steps = new ArrayList<>();
        for (int i = 0; i < times.size(); i++) {
            RecipeStep step = recipe.steps().get(i);
            StepTime written = times.get(i);
            steps.add(ScaledStep.inLoads(step, size.factor(), lines)
                    .orElseGet(() -> ScaledStep.of(step, written, size.factor(), loads(step), piece, pan)));
        }
        return steps;
    }

    /**
     * In how many vessels a step is done one after the other: what is baked in trays is not boiled tray by tray, and a bird
     * that is whole is in one of them only.
     */
    public int loads(RecipeStep step) {
        if (size.vessels() > 1 && inTrays() && StepGear.read(step.text()).kind() != StepGear.Kind.OVEN) {
            return 1;
        }
        return lines.stream()
                .filter(line -> line.read().food() != null
                        && line.read().food().traits().rawFlesh()
                        && Mentions.named(line.read().food(), step.text().toLowerCase(Locale.ROOT)))
                .flatMap(line -> line.wholePieces().stream())
                .reduce(Math::min)
                .map(pieces -> Math.max(1, Math.min(pieces, size.vessels())))
                .orElse(size.vessels());
    }

    /** The steps until a batch stops in this style; all of them when nothing is marked. */
    public List<ScaledStep> stepsUntil(Style style) {
        return steps().subList(0, recipe.stepsUntil(style).size());
    }

    /** The steps that are left for the evening then; none when nothing is marked. */
    public List<ScaledStep> stepsAfter(Style style) {
        return steps().subList(recipe.stepsUntil(style).size(), recipe.steps().size());
    }

    /** Minutes until a batch stops in this style. */
    public StepTime time(Style style) {
        return ScaledStep.time(stepsUntil(style));
    }

    private static Line simple(int pos, RecipeLine line, Scaling rule, Size size) {
        Rational by = switch (rule) {
            case FIXED -> Rational.of(size.vessels());
            case PER_VESSEL -> size.surface();
            case LINEAR, SEASONING, WHOLE, EVAPORATING -> size.factor();
        };
        return new Line(pos, line, rule, by, why(rule, by, size));
    }

    private static String why(Scaling rule, Rational by, Size size) {
        if (by.equals(size.factor())) {
            return "";
        }
        if (rule == Scaling.PER_VESSEL && size.areas() != null) {
            return "goes by the surface, which is " + size.areas().plain() + " times as large";
        }
        String pots = size.vessels() == 1 ? "one pot" : size.vessels() + " pots";
        return "goes by the vessels, not by the amount: " + pots;
    }

    private static Scaling rule(RecipeLine line, @Nullable Rational ml, Rational absorbed) {
        if (line.rule() != null) {
            return line.rule();
        }
        boolean cooksGrain = ml != null
                && !absorbed.isZero()
                && ml.compareTo(absorbed) >= 0
                && ml.compareTo(absorbed.times(SOUP)) <= 0;
        return cooksGrain ? Scaling.EVAPORATING : line.read().scaling();
    }

    private static Line evaporating(int pos, RecipeLine line, Rational ml, Rational absorbed, Size size) {
        Rational taken = Rational.min(ml, absorbed);
        Rational lost = ml.minus(taken);
        Rational needed = taken.times(size.factor()).plus(lost.times(Rational.of(size.vessels())));
        Rational by = needed.dividedBy(ml);
        String why = by.equals(size.factor())
                ? ""
                : "the grain takes up "
                        + shown(taken.times(size.factor())) + "; "
                        + shown(lost) + " boil away from "
                        + (size.vessels() == 1 ? "the pot" : "each of " + size.vessels() + " pots")
                        + ", however full it is";
        return new Line(pos, line, Scaling.EVAPORATING, by, why);
    }

    private static String shown(Rational ml) {
        return CookWords.amount(Amount.of(ml, Unit.ML));
    }

    /** What the grains of these lines take up while they cook, in ml. */
    private static Rational absorbed(List<RecipeLine> lines, Measures measures) {
        Rational sum = Rational.ZERO;
        for (RecipeLine line : lines) {
            Food food = line.read().food();
            Quantity quantity = line.read().quantity();
            Yield water = food == null ? null : food.traits().yield(Part.WATER);
            if (water != null
                    && quantity != null
                    && Conversion.convert(Objects.requireNonNull(food), quantity.middle(), Unit.ML, measures)
                            instanceof Conversion.Converted dry) {
                sum = sum.plus(dry.amount().value().times(water.ofOne()));
            }
        }
        return sum;
    }

    private static @Nullable Rational liquid(ReadLine line, Measures measures) {
        Food food = line.food();
        Quantity quantity = line.quantity();
        boolean liquid = food != null
                && food.is(Nature.COOKS_GRAIN)
                && quantity != null
                && quantity.unit().dimension() == Dimension.VOLUME;
        return liquid
                ? measures.toBase(Objects.requireNonNull(quantity).middle()).value()
                : null;
    }
}
