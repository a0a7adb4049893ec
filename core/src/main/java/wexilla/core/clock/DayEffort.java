package wexilla.core.clock;

/**
 * How many plans of a day are tried: as many as place a bounded number of jobs. A finger waits for the answer, and the
 * same question has the same answer everywhere: work is counted, never time.
 */
public final class DayEffort {

    /** About half a second at 10 µs each, as measured from 17 to 464 jobs. */
    private static final long MOST_PLACED = 40_000;

    private static final long FEWEST_PLANS = 50;

    private DayEffort() {}

    /** @param jobs of the day; @param most plans, however few jobs there are */
    public static long plans(int jobs, long most) {
        return Math.max(FEWEST_PLANS, Math.min(most, MOST_PLACED / Math.max(1, jobs)));
    }
}
