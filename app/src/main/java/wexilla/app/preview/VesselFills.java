package wexilla.app.preview;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import wexilla.app.platform.Asked;
import wexilla.core.equipment.Fill;
import wexilla.core.equipment.VesselRule;
import wexilla.core.equipment.VesselSize;
import wexilla.core.food.Food;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.KitchenMeasure;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Filling;
import wexilla.core.recipe.Filling.Item;
import wexilla.core.recipe.steps.PressureTime;

/** How full a vessel gets, as the calls answer it. */
public final class VesselFills {

    private static final Rational HUNDRED = Rational.of(100);

    private VesselFills() {}

    /**
     * How long one food holds a pressure cooker: come-up, time and release.
     *
     * @param question what is not known and has to be asked; empty when it is known
     */
    public record PressureView(
            String food,
            @Nullable Integer comeUp,
            @Nullable Integer minutes,
            @Nullable Integer release,
            @Nullable Integer holds,
            List<String> cautions,
            String question,
            String source) {}

    /**
     * @param pressure how long it holds a pressure cooker; empty for other vessels
     * @param fillPercent of the capacity, whole per cent; @param limitPercent most that may be filled
     * @param loads vessels or loads needed; @param largestThatFits what goes in at once, in kitchen measures
     * @param nextSize the next usual size that takes all at once; null when one load is enough or none does
     * @param unknown lines left out because their volume is not known
     */
    public record VesselFill(
            String fillPercent,
            String limitPercent,
            int loads,
            String largestThatFits,
            @Nullable String nextSize,
            List<String> warnings,
            List<String> unknown,
            List<PressureView> pressure,
            String why,
            String source) {}

    /** A vessel with what goes into it. */
    public record Looked(VesselRule rule, VesselSize size, Filling filling, Fill fill) {

        public static Looked at(VesselRule rule, VesselSize size, Filling filling) {
            return new Looked(rule, size, filling, Fill.of(rule, size, filling.contents()));
        }
    }

    /**
     * @param state in which the food goes into a pressure cooker; fresh when absent
     * @param block size of the frozen block that goes in; null when there is none
     */
    public static VesselFill of(
            Looked looked,
            PressureTime.Table table,
            PressureTime.@Nullable State state,
            @Nullable String block,
            KitchenMeasure.System system,
            Measures measures) {
        Fill fill = looked.fill();
        return new VesselFill(
                Fill.percent(fill.filled()),
                Fill.percent(fill.limit()),
                fill.loads(),
                largest(fill, looked.filling().measured(), system, measures),
                fill.next() == null ? null : fill.next().text(),
                Stream.concat(fill.warnings().stream(), block(block, looked.size()).stream())
                        .toList(),
                looked.filling().unknown(),
                looked.rule().leastLiquidMl() == null
                        ? List.of()
                        : pressure(table, looked.filling().measured(), state, fill),
                fill.why(),
                fill.source());
    }

    /** A frozen block must be narrower than its pot. */
    private static List<String> block(@Nullable String said, VesselSize vessel) {
        if (said == null) {
            return List.of();
        }
        VesselSize block = Asked.at("/block", () -> VesselSize.parse(said));
        if (vessel.widthCm() == null || block.widthCm() == null) {
            return List.of("a frozen block must be narrower than its pot: measure both, like 24 cm");
        }
        return Fill.takesBlock(vessel, block)
                ? List.of()
                : List.of("the frozen block of " + said + " is no narrower than the pot: thaw it until it fits");
    }

    /** Times of the foods that have one, and a question for proteins that have none. */
    private static List<PressureView> pressure(
            PressureTime.Table table, List<Item> items, PressureTime.@Nullable State asked, Fill fill) {
        PressureTime.State state = asked == null ? PressureTime.State.FRESH : asked;
        List<PressureView> views = new ArrayList<>();
        for (Item line : items) {
            Food food = line.food();
            boolean ruled = table.rules().stream().anyMatch(rule -> rule.food().equals(food.key()));
            if (!ruled && food.traits().protein().isEmpty()) {
                continue;
            }
            Amount amount = Objects.requireNonNull(line.amount());
            Amount piece = amount.unit().dimension() == Dimension.MASS ? amount : null;
            PressureTime.Answer answer = PressureTime.of(table, food, state, piece, fill.filled());
            if (answer instanceof PressureTime.Known known) {
                views.add(new PressureView(
                        food.name(),
                        known.comeUp(),
                        known.minutes(),
                        known.release(),
                        known.holds(),
                        known.cautions(),
                        "",
                        known.source()));
            } else {
                String question = ((PressureTime.Question) answer).words();
                views.add(new PressureView(food.name(), null, null, null, null, List.of(), question, "own definition"));
            }
        }
        return views;
    }

    private static String largest(Fill fill, List<Item> lines, KitchenMeasure.System system, Measures measures) {
        if (fill.loads() <= 1) {
            return "all of it";
        }
        Rational percent = Rational.of(fill.fits().times(HUNDRED).floor());
        Rational share = percent.isZero() ? fill.fits() : percent.dividedBy(HUNDRED);
        return (percent.isZero() ? "less than 1" : percent.plain()) + " % of it: "
                + lines.stream()
                        .map(line -> KitchenMeasure.of(
                                                Objects.requireNonNull(line.amount())
                                                        .times(share),
                                                system,
                                                measures)
                                        .text()
                                + " " + line.name())
                        .collect(Collectors.joining(", "));
    }
}
