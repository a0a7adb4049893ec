package wexilla.core.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import wexilla.core.equipment.Fill;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Quantity;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.text.Packs;
import wexilla.core.recipe.lines.ReadLine;
import wexilla.core.recipe.steps.StepGear;
import wexilla.core.recipe.steps.StepTime;

/**
 * A step at another size of the batch: handbook, section 2. Hands need a set-up and then so much for each unit; what is
 * sealed or wet does not take longer when there is more of it; trays and pans in loads do; a single piece in the oven or
 * under pressure goes by its own weight.
 *
 * @param step as written
 * @param time in whole minutes
 * @param why what its time goes by, where that is not the batch; empty otherwise
 */
public record ScaledStep(RecipeStep step, StepTime time, String why) {

    /** The part of the hands' time that does not grow: a quarter of it, at most five minutes. Own definition. */
    private static final Rational SET_UP = Rational.of(1, 4);

    private static final int MOST_SET_UP = 5;
    private static final Pattern RATE = Pattern.compile(
            "(\\d+(?:[.,]\\d+)?)\\s*(?:min(?:ute)?s?)\\s*(?:per|a|for each|for every|each|/)\\s*(\\d+)?\\s*(kg|kilo|lb|pound|g)\\b"
                    + "(?:[^.;]{0,12}?(?:plus|and|\\+)\\s*(\\d+)\\s*min)?",
            Pattern.CASE_INSENSITIVE);

    public String text() {
        return step.text();
    }

    /** Minutes of these steps together. */
    public static StepTime time(List<ScaledStep> steps) {
        return steps.stream().map(ScaledStep::time).reduce(StepTime.NONE, StepTime::plus);
    }

    /**
     * Scales a step.
     *
     * @param written its time at the size of the recipe; @param factor of the recipe
     * @param loads trays, pans or pots it takes one after the other, at least one
     * @param piece weight of one piece at this size, for what goes by it; null when it is not known
     * @param pan how much larger the pan in hand is than the one of the recipe; one when nobody said
     */
    static ScaledStep of(
            RecipeStep step, StepTime written, Rational factor, int loads, @Nullable Amount piece, Rational pan) {
        int hands = hands(written.handsMin(), factor);
        Matcher rate = RATE.matcher(step.text());
        if (step.typed() == null && rate.find()) {
            return byWeight(step, hands, rate, piece);
        }
        boolean inLoads = loads > 1 && written.waitMin() > 0 && gear(step) != StepGear.Kind.COLD;
        int wait = Math.min(StepTime.MOST_MINUTES, written.waitMin() * (inLoads ? loads : 1));
        String why = inLoads ? loads + " loads one after the other" : "";
        Rational depth = factor.dividedBy(Rational.of(loads));
        if (written.waitMin() > 0 && !Fill.keepsBakingTime(depth, pan) && gear(step) == StepGear.Kind.OVEN) {
            boolean deeper = depth.compareTo(pan) > 0;
            String test = (deeper ? "it lies deeper" : "it lies flatter") + " than as written: test for doneness";
            why = why.isEmpty() ? test : why + "; " + test;
        }
        return new ScaledStep(step, new StepTime(hands, wait, written.about()), why);
    }

    /**
     * The same where the step says how many pieces go on at a time: its minutes of one load for each load, the rest of
     * what it says as the batch grows. Empty where it says none, or minutes were written beside it.
     *
     * @param lines at this size
     */
    static Optional<ScaledStep> inLoads(RecipeStep step, Rational factor, List<Sized.Line> lines) {
        if (step.typed() != null || !AtATime.said(step.text())) {
            return Optional.empty();
        }
        List<AtATime> found = new ArrayList<>();
        StepTime loads = StepTime.said(step.text(), part -> {
            Optional<AtATime> at = AtATime.of(part, lines);
            at.ifPresent(found::add);
            return at.map(AtATime::loads).orElse(0);
        });
        if (loads.minutes() == 0) {
            return Optional.empty();
        }
        StepTime rest =
                StepTime.said(step.text(), part -> AtATime.of(part, lines).isPresent() ? 0 : 1);
        int between = found.get(0).between(gear(step), loads.waitMin() > 0);
        StepTime time = new StepTime(
                Math.min(StepTime.MOST_MINUTES, loads.handsMin() + hands(rest.handsMin(), factor)),
                Math.min(StepTime.MOST_MINUTES, loads.waitMin() + rest.waitMin() + between));
        return Optional.of(new ScaledStep(step, time, found.get(0).words()));
    }

    private static StepGear.Kind gear(RecipeStep step) {
        return StepGear.read(step.text()).kind();
    }

    private static ScaledStep byWeight(RecipeStep step, int hands, Matcher rate, @Nullable Amount piece) {
        String said = rate.group();
        if (piece == null) {
            return new ScaledStep(step, new StepTime(hands, 0), "goes by the weight of one piece: how heavy is it?");
        }
        Rational minutes = Rational.of(new java.math.BigDecimal(rate.group(1).replace(',', '.')));
        Rational of = Rational.of(rate.group(2) == null ? 1 : Long.parseLong(rate.group(2)));
        String unit = rate.group(3).toLowerCase(Locale.ROOT);
        Unit weight = unit.startsWith("k") ? Unit.KG : unit.equals("g") ? Unit.G : Unit.LB;
        Rational units = Measures.US
                .toBase(piece)
                .value()
                .dividedBy(Measures.US.factor(weight).times(of));
        Rational plus = Rational.of(rate.group(4) == null ? 0 : Long.parseLong(rate.group(4)));
        int wait = Math.min(
                StepTime.MOST_MINUTES,
                units.times(minutes)
                        .plus(plus)
                        .rounded()
                        .min(java.math.BigInteger.valueOf(StepTime.MOST_MINUTES))
                        .intValueExact());
        return new ScaledStep(step, new StepTime(hands, wait), said.strip() + ", one piece weighs " + piece);
    }

    private static int hands(int written, Rational factor) {
        Rational all = Rational.of(written);
        Rational setUp = Rational.min(all.times(SET_UP), Rational.of(MOST_SET_UP));
        int scaled = setUp.plus(all.minus(setUp).times(factor))
                .toDecimal(0)
                .min(java.math.BigDecimal.valueOf(StepTime.MOST_MINUTES))
                .intValue();
        return written > 0 ? Math.max(1, scaled) : 0;
    }

    /** The weight of one piece of a line at this factor: "1 whole chicken, 1.6 kg"; null when the line is no piece. */
    static @Nullable Amount piece(ReadLine line, Rational factor) {
        Packs packs = line.packs();
        if (packs != null && packs.each().unit().base().equals(Unit.G)) {
            return packs.count().times(factor).isWhole()
                    ? packs.each()
                    : packs.each().times(factor);
        }
        Quantity quantity = line.quantity();
        return quantity != null && quantity.unit().base().equals(Unit.G)
                ? quantity.max().times(factor)
                : null;
    }
}
