package wexilla.core.clock;

import java.util.Arrays;
import wexilla.core.clock.DayProblem.Kind;

/** What each person and each thing is busy with, in the order of the clock. */
final class Busy {

    private static final int MOST_BETWEEN = Math.max(DayProblem.LOAD, DayProblem.CLEAN);

    private final int[][] busyFrom;
    private final int[][] busyTo;
    private final int[][] busyJob;
    private final int[] busy;
    private final Numbers of;

    /** @param jobs how many each can be busy with at most */
    Busy(Numbers of, int jobs) {
        this.of = of;
        int units = of.unitCount;
        busyFrom = new int[units][jobs];
        busyTo = new int[units][jobs];
        busyJob = new int[units][jobs];
        busy = new int[units];
    }

    void clear() {
        Arrays.fill(busy, 0);
    }

    int count(int unit) {
        return busy[unit];
    }

    int job(int unit, int i) {
        return busyJob[unit][i];
    }

    int from(int unit, int i) {
        return busyFrom[unit][i];
    }

    int to(int unit, int i) {
        return busyTo[unit][i];
    }

    /** The earliest minute from this one on at which a unit is free for a job of so long. */
    int free(int unit, int t, int d, int job) {
        int[] from = busyFrom[unit];
        int[] to = busyTo[unit];
        int at = t;
        for (int i = 0; i < busy[unit]; i++) {
            if (from[i] >= at + d + MOST_BETWEEN && (d > 0 || from[i] > at)) {
                break;
            }
            int after = to[i] + of.between(unit, busyJob[unit][i], job);
            if (after > at && from[i] < at + d + of.between(unit, job, busyJob[unit][i])) {
                at = after;
            }
        }
        return at;
    }

    /** The last job of another pot a unit is busy with between these minutes; -1 for none. */
    int within(int unit, int from, int to, int mine) {
        int last = -1;
        for (int i = 0; i < busy[unit]; i++) {
            int job = busyJob[unit][i];
            if (of.between(unit, job, mine) > 0 && busyFrom[unit][i] < to && busyTo[unit][i] > from) {
                last = job;
            }
        }
        return last;
    }

    void insert(int unit, int from, int to, int job) {
        int i = busy[unit]++;
        while (i > 0 && busyFrom[unit][i - 1] > from) {
            busyFrom[unit][i] = busyFrom[unit][i - 1];
            busyTo[unit][i] = busyTo[unit][i - 1];
            busyJob[unit][i] = busyJob[unit][i - 1];
            i--;
        }
        busyFrom[unit][i] = from;
        busyTo[unit][i] = to;
        busyJob[unit][i] = job;
    }

    void remove(int unit, int job) {
        int at = 0;
        while (busyJob[unit][at] != job) {
            at++;
        }
        busy[unit]--;
        for (int i = at; i < busy[unit]; i++) {
            busyFrom[unit][i] = busyFrom[unit][i + 1];
            busyTo[unit][i] = busyTo[unit][i + 1];
            busyJob[unit][i] = busyJob[unit][i + 1];
        }
    }

    /** Whether no oven has another setting than is written that nobody shares; else such settings are as written now. */
    boolean sharedOnly(Board board, int[] chosen) {
        boolean only = true;
        for (int job = 0; job < board.jobs; job++) {
            if (chosen[job] > 0
                    && !overlaps(board.of.units[Kind.RACK.ordinal()], job, board.start[job], board.end(job))) {
                chosen[job] = 0;
                only = false;
            }
        }
        return only;
    }

    /** Whether one of these units is busy with another job between these minutes. */
    private boolean overlaps(int[] units, int job, int from, int to) {
        for (int unit : units) {
            for (int i = 0; i < busy[unit]; i++) {
                if (busyJob[unit][i] != job && busyFrom[unit][i] < to && busyTo[unit][i] > from) {
                    return true;
                }
            }
        }
        return false;
    }

    /** How many pauses of the hands are too short to be of use. */
    int smallGaps(int peopleCount) {
        int gaps = 0;
        for (int person = 0; person < peopleCount; person++) {
            for (int i = 1; i < busy[person]; i++) {
                int gap = busyFrom[person][i] - busyTo[person][i - 1];
                gaps += gap > 0 && gap < DayPlan.SMALL_GAP ? 1 : 0;
            }
        }
        return gaps;
    }
}
