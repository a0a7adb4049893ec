package wexilla.core.stations.today;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import wexilla.core.keeping.ThawWay;
import wexilla.core.kitchen.Batch;
import wexilla.core.kitchen.Lot;
import wexilla.core.plan.TakeOut;
import wexilla.core.plan.Warming;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.text.CookWords;
import wexilla.core.recipe.ScaledStep;

/** What can still be done with what was not taken out of the freezer in time. */
public final class TakenLate {

    private TakenLate() {}

    /** In words, the best first; empty while there is time. @param batches the lots are of, by id */
    public static List<String> ways(
            TakeOut out, Lot lot, Map<UUID, Batch> batches, Measures measures, LocalDateTime now) {
        if (!out.by().isBefore(now)) {
            return List.of();
        }
        List<String> ways = new ArrayList<>();
        Batch batch = lot.batch() == null ? null : batches.get(lot.batch());
        if (batch != null && out.amount().unit().equals(Unit.PORTION)) {
            List<ScaledStep> last = batch.sized(out.amount().value(), measures)
                    .map(all -> all.stepsAfter(batch.style()))
                    .orElse(List.of());
            int minutes = Warming.fromFrozen(
                    batch.name(), batch.recipe(), last, out.amount().value());
            boolean oven = Warming.inOven(batch.recipe(), last);
            if (minutes > 0) {
                ways.add("straight from the freezer, covered, " + CookWords.minutes(minutes)
                        + (oven ? " in the oven" : " on the hob with a little water") + ", to 74 °C in the middle");
            }
        }
        ThawWay.Thawing water = lot.open().thawed(out.amount(), ThawWay.COLD_WATER);
        ways.add("in cold water " + CookWords.minutes(water.minutes()) + "; " + String.join("; ", water.warnings()));
        ways.add("another dish");
        return ways;
    }
}
