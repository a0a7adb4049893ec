package wexilla.app.pack;

import java.math.BigDecimal;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import wexilla.app.onhand.LotView;
import wexilla.app.platform.Portions;
import wexilla.core.keeping.PacketShape;
import wexilla.core.plan.MealOfDay;
import wexilla.core.quantity.Rational;
import wexilla.core.stations.pack.Split;

/** What the Pack station is asked and answered. */
public final class PackViews {

    private PackViews() {}

    record ContainerView(String id, String name) {}

    record PlaceChoice(String id, String name, boolean freezer) {}

    /** Cooked dishes that wait on the counter, and where and in what they can go. */
    record PackView(
            List<LotView> waiting, List<PlaceChoice> places, List<ContainerView> containers, List<PackedView> packed) {}

    /** One act of packing, for printing its labels again. */
    record PackedView(String act, String subject, String on, List<LotView> packets, String labels) {}

    /**
     * Packets as planned.
     *
     * @param packets portions of each, in the order they are filled
     * @param together whether they are one meal: "part 1 of 3"
     * @param shape they are given before they freeze; null where nobody says
     * @param weighed what all of them weigh together, as typed: "3.6 kg"; blank or null where nobody weighed them
     */
    public record PackInput(
            UUID lot,
            List<BigDecimal> packets,
            UUID place,
            @Nullable UUID container,
            @Nullable Boolean together,
            @Nullable String weighed,
            @Nullable PacketShape shape) {

        /** Portions of each. */
        List<Rational> sizes() {
            return packets.stream()
                    .map(packet -> Portions.atMost("/packets", packet))
                    .toList();
        }

        boolean oneMeal() {
            return Boolean.TRUE.equals(together) && packets.size() > 1;
        }
    }

    /** @param each portions of each packet no meal has asked for; the last one holds the rest */
    record EvenInput(UUID lot, BigDecimal each) {}

    record ForMealView(String day, MealOfDay meal, BigDecimal portions, Split.Waits waits) {}

    /**
     * How a dish is shared out.
     *
     * @param meals of the plan that eat of it
     * @param packets portions of each packet for the freezer; {@code fridge} portions that stay in the fridge
     */
    record SplitView(List<ForMealView> meals, List<BigDecimal> packets, BigDecimal fridge) {

        static SplitView of(Split split) {
            return new SplitView(
                    split.meals().stream()
                            .map(one -> new ForMealView(
                                    one.day().toString(), one.meal(), Portions.number(one.portions()), one.waits()))
                            .toList(),
                    split.packets().stream().map(Portions::number).toList(),
                    Portions.number(split.fridge()));
        }
    }

    /** What stands on a label. The code is given when the packets are stored; null before. */
    record LabelView(
            String name,
            @Nullable String code,
            String holds,
            String style,
            String packedOn,
            LotView.@Nullable UntilView until,
            String contains,
            List<String> add,
            List<String> finish,
            String cost,
            boolean costComplete,
            int part,
            int parts,
            List<String> byHand) {}

    /** A label to write by hand: four short lines and the code. */
    record HandView(String code, List<String> lines) {}

    /**
     * Labels before filling.
     *
     * @param left portions that stay on the counter
     * @param problem why these packets cannot be filled; empty when they can
     * @param mind what to mind before they are filled
     */
    record PackDraft(
            List<BigDecimal> packets, List<LabelView> labels, BigDecimal left, String problem, List<String> mind) {}

    /** @param labels where the label sheet is */
    record Packed(String act, String subject, List<LotView> packets, String labels) {}
}
