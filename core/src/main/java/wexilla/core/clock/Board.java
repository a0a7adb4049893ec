package wexilla.core.clock;

import java.util.Arrays;
import java.util.List;

/**
 * Serial schedule generation: groups of jobs are put onto the clock one after the other, each as early as its lags, people
 * and gear allow. Jobs that must follow each other within a time are one group; if a later one comes too late, the earlier
 * one is moved. The same board runs backwards, for justification.
 * Source: R. Kolisch 1996; maximal lags after B. Franck, K. Neumann and C. Schwindt 2001 (both from memory).
 */
final class Board {

    static final int IMPOSSIBLE = Integer.MAX_VALUE / 2;
    private static final int MOST_TRIES = 400;
    private static final int MOST_BACK = 300;
    private static final int PLACED = -1;
    private static final int NOWHERE = -2;
    private static final int BEGUN = -1;

    final int jobs;
    final int[][] groups;
    private final int[] groupOf;
    private final int[][] needs;
    private final boolean backwards;
    private final List<DayProblem.Begun> begun;
    private final int[] notBefore;
    /** Who does each job if it is all the same; -1 for anybody. */
    final int[] usual;

    final Numbers of;
    private final Free free;

    final int[] start;
    final int[] setting;
    final int[][] held;
    final Busy busy;
    private final int[] earliest;
    private final int[] placedAt;
    private final int[] sequence;
    private int tooLate;

    /** @param groups jobs that are placed as one, by {@link Groups} */
    Board(DayProblem problem, boolean backwards, int[][] groups) {
        this.backwards = backwards;
        jobs = problem.jobs().size();
        this.groups = groups;
        groupOf = new int[jobs];
        Arrays.fill(groupOf, BEGUN);
        begun = problem.live().begun();
        notBefore = backwards ? new int[jobs] : problem.notBefore();
        usual = new int[jobs];
        Arrays.fill(usual, -1);
        for (int group = 0; group < groups.length; group++) {
            for (int job : groups[group]) {
                groupOf[job] = group;
            }
        }
        of = new Numbers(problem, backwards);
        needs = Groups.needs(groups, groupOf, of.lagFrom);
        start = new int[jobs];
        setting = new int[jobs];
        held = new int[jobs][];
        for (int job = 0; job < jobs; job++) {
            held[job] = new int[of.kinds[job].length + 1];
        }
        busy = new Busy(of, jobs);
        free = new Free(of, new There(problem, backwards), busy, this);
        earliest = new int[jobs];
        placedAt = new int[groups.length];
        sequence = new int[groups.length];
    }

    /**
     * Places all groups.
     *
     * @param order of the groups; one that needs another waits until that is placed
     * @param chosen the setting of each job
     * @param horizon of a board that runs backwards
     * @return whether all could be placed
     */
    boolean place(int[] order, int[] chosen, int horizon) {
        free.look(horizon);
        busy.clear();
        System.arraycopy(notBefore, 0, earliest, 0, jobs);
        System.arraycopy(chosen, 0, setting, 0, jobs);
        Arrays.fill(placedAt, -1);
        begun.forEach(this::stays);
        int done = 0;
        int tries = 0;
        while (done < groups.length) {
            int next = -1;
            for (int i = 0; i < order.length && next < 0; i++) {
                next = placedAt[order[i]] < 0 && ready(order[i]) ? order[i] : -1;
            }
            if (next < 0) {
                return false;
            }
            int late = placeGroup(groups[next]);
            if (late == PLACED) {
                placedAt[next] = done;
                sequence[done++] = next;
            } else if (late == NOWHERE || groupOf[late] == BEGUN || ++tries > MOST_BACK) {
                return false;
            } else {
                // what it follows has to be later: everything since then is placed anew
                earliest[late] = start[late] + tooLate;
                int back = placedAt[groupOf[late]];
                while (done > back) {
                    int undone = sequence[--done];
                    placedAt[undone] = -1;
                    for (int job : groups[undone]) {
                        release(job);
                    }
                }
            }
        }
        return true;
    }

    /** What was begun lies where it lies, however that came. */
    private void stays(DayProblem.Begun one) {
        int job = one.job();
        start[job] = one.start();
        setting[job] = 0;
        for (int i = 0; i < one.gear().size(); i++) {
            held[job][i] = of.peopleCount + one.gear().get(i);
            busy.insert(held[job][i], one.start(), one.end(), job);
        }
        held[job][of.kinds[job].length] = one.person();
        if (one.person() >= 0) {
            busy.insert(one.person(), one.start(), one.end(), job);
        }
    }

    private boolean ready(int group) {
        for (int before : needs[group]) {
            if (placedAt[before] < 0) {
                return false;
            }
        }
        return true;
    }

    /**
     * The jobs of a group stand in an order in which none follows a later one.
     *
     * @return {@link #PLACED}, {@link #NOWHERE}, or the job of another group that has to be later, by {@link #tooLate}
     */
    private int placeGroup(int[] group) {
        for (int tries = 0; tries < MOST_TRIES; tries++) {
            int done = 0;
            int size = group.length;
            boolean again = false;
            for (int i = 0; i < size && !again; i++) {
                int job = group[backwards ? size - 1 - i : i];
                int from = earliest[job], most = IMPOSSIBLE, tight = -1;
                for (int k = 0; k < of.lagFrom[job].length; k++) {
                    int before = of.lagFrom[job][k];
                    int end = start[before] + of.minutes[before][setting[before]];
                    from = Math.max(from, end + of.lagLeast[job][k]);
                    if (of.lagMost[job][k] < DayProblem.NEVER && end + of.lagMost[job][k] < most) {
                        most = end + of.lagMost[job][k];
                        tight = before;
                    }
                }
                int at = free.find(job, setting[job], from, tight, usual[job]);
                if (at >= IMPOSSIBLE) {
                    int intruder = free.intruder();
                    int first = of.firstInPot(job);
                    if (intruder < 0 || groupOf[first] != groupOf[job]) {
                        undo(group, done);
                        return NOWHERE;
                    }
                    if (groupOf[intruder] == groupOf[job]) {
                        // out of its pot: after it
                        earliest[intruder] = Math.max(earliest[intruder], from) + of.minutes[job][setting[job]];
                    } else {
                        earliest[first] = Math.max(earliest[first] + 1, end(intruder));
                    }
                    again = true;
                    break;
                }
                if (at > most) {
                    if (groupOf[tight] != groupOf[job]) {
                        undo(group, done);
                        tooLate = at - most;
                        return tight;
                    }
                    earliest[tight] = start[tight] + at - most;
                    again = true;
                    break;
                }
                hold(job, at);
                done++;
            }
            if (!again) {
                return PLACED;
            }
            undo(group, done);
        }
        return NOWHERE;
    }

    private void undo(int[] group, int done) {
        for (int i = 0; i < done; i++) {
            release(group[backwards ? group.length - 1 - i : i]);
        }
    }

    private void hold(int job, int at) {
        start[job] = at;
        int end = at + of.minutes[job][setting[job]];
        for (int i = 0; i < of.kinds[job].length; i++) {
            boolean goesOn = of.carrier[job] >= 0 && of.kinds[job][i] == DayProblem.Kind.POT.ordinal();
            busy.insert(held[job][i], goesOn ? end(of.carrier[job]) : at, end, job);
        }
        if (of.hands[job]) {
            busy.insert(held[job][of.kinds[job].length], at, end, job);
        }
    }

    private void release(int job) {
        for (int i = 0; i < of.kinds[job].length; i++) {
            busy.remove(held[job][i], job);
        }
        if (of.hands[job]) {
            busy.remove(held[job][of.kinds[job].length], job);
        }
    }

    int end(int job) {
        return start[job] + of.minutes[job][setting[job]];
    }
    /** How many pauses of the hands are too short to be of use. */
    int smallGaps() {
        return busy.smallGaps(of.peopleCount);
    }

    /** Who is at it; -1 for what goes on by itself. */
    int person(int job) {
        return of.hands[job] ? held[job][of.kinds[job].length] : -1;
    }

    /** What it holds, as places in the list of gear. */
    List<Integer> gear(int job) {
        return Arrays.stream(held[job], 0, of.kinds[job].length)
                .map(unit -> unit - of.peopleCount)
                .boxed()
                .toList();
    }
}
