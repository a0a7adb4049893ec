package wexilla.core.pricing;

import java.util.ArrayList;
import java.util.List;

/**
 * The packs of one food over several shopping trips: what one leaves goes on to what is cooked later, as long as it keeps.
 * Days count from the first trip; amounts are thousandths of the food's base unit.
 */
public final class PackRun {

    /** What is left of packs. @param until the last day it is good; {@link Integer#MAX_VALUE} where nobody has to hurry */
    public record Spare(long amount, int until) {}

    private long carried;
    private int until = Integer.MAX_VALUE;
    private final List<Spare> lost = new ArrayList<>();

    /** Takes what earlier packs left for something cooked on this day. @return how much that is, at most the need */
    public long take(int day, long need) {
        long take = day <= until ? Math.min(need, carried) : 0;
        carried -= take;
        return take;
    }

    /**
     * Packs are bought, and this much of them is left.
     *
     * @param good the last day it is
     * @param next the day of the next trip, or behind the last day of all: what is not good then is for nobody
     */
    public void bought(long left, int good, int next) {
        expire(next);
        if (left > 0) {
            until = carried > 0 ? Math.min(until, good) : good;
            carried += left;
            expire(next);
        }
    }

    private void expire(int next) {
        if (carried > 0 && until < next) {
            lost.add(new Spare(carried, until));
            carried = 0;
        }
    }

    /** All that is left in the end, what is lost first. */
    public List<Spare> spare() {
        List<Spare> all = new ArrayList<>(lost);
        if (carried > 0) {
            all.add(new Spare(carried, until));
        }
        return List.copyOf(all);
    }
}
