package wexilla.core.cookday;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import wexilla.core.cookday.DayProblem.Gear;
import wexilla.core.cookday.DayProblem.Job;
import wexilla.core.cookday.DayProblem.Kind;
import wexilla.core.cookday.DayProblem.Lag;
import wexilla.core.cookday.DayProblem.Person;
import wexilla.core.cookday.DayProblem.Window;

/**
 * Serial schedule generation: groups of jobs are put onto the clock one after the other, each as early as its lags, people
 * and gear allow. Jobs that must follow each other within a time are one group; if a later one comes too late, the earlier
 * one is moved. The same board runs backwards, for justification.
 *
 * <p>Source: R. Kolisch, serial and parallel schedule generation, 1996; maximal lags after B. Franck, K. Neumann and
 * C. Schwindt, 2001 (both from memory).
 */
final class DayBoard {

    static final int IMPOSSIBLE = Integer.MAX_VALUE / 2;
    private static final int MOST_TRIES = 400;
    private static final int MOST_BACK = 300;
    private static final int PLACED = -1;
    private static final int NOWHERE = -2;
    private static final int NO_WINDOW = IMPOSSIBLE;

    final int jobs;
    final int[][] groups;
    private final int[] groupOf;
    private final int[][] needs;
    private final boolean backwards;
    private final int[][] minutes;
    private final int[][] celsius;
    private final boolean[] hands;
    private final int[][] kinds;
    private final int[][] lagFrom;
    private final int[][] lagLeast;
    private final int[][] lagMost;
    private final int[][] units;
    private final int[] ovenOf;
    private final int peopleCount;
    private final int[][] windowFrom;
    private final int[][] windowTo;

    final int[] start;
    final int[] setting;
    final int[][] held;
    private final int[][] busyFrom;
    private final int[][] busyTo;
    private final int[][] busyJob;
    private final int[] busy;
    private final int[] earliest;
    private final int[] placedAt;
    private final int[] sequence;
    private int tooLate;

    /** @param groups jobs that are placed as one, by {@link DayGroups} */
    DayBoard(DayProblem problem, boolean backwards, int[][] groups) {
        this.backwards = backwards;
        List<Job> all = problem.jobs();
        jobs = all.size();
        this.groups = groups;
        groupOf = new int[jobs];
        for (int group = 0; group < groups.length; group++) {
            for (int job : groups[group]) {
                groupOf[job] = group;
            }
        }
        minutes = new int[jobs][];
        celsius = new int[jobs][];
        hands = new boolean[jobs];
        kinds = new int[jobs][];
        for (int job = 0; job < jobs; job++) {
            Job one = all.get(job);
            minutes[job] = one.settings().stream()
                    .mapToInt(DayProblem.Setting::minutes)
                    .toArray();
            celsius[job] = one.settings().stream()
                    .mapToInt(DayProblem.Setting::celsius)
                    .toArray();
            hands[job] = one.hands();
            kinds[job] = one.holds().stream().mapToInt(Enum::ordinal).toArray();
        }
        peopleCount = problem.people().size();
        int unitCount = peopleCount + problem.gear().size();
        units = new int[Kind.values().length][];
        ovenOf = new int[unitCount];
        for (Kind kind : Kind.values()) {
            List<Integer> own = new ArrayList<>();
            for (int i = 0; i < problem.gear().size(); i++) {
                Gear gear = problem.gear().get(i);
                ovenOf[peopleCount + i] = gear.oven();
                if (gear.kind() == kind) {
                    own.add(peopleCount + i);
                }
            }
            units[kind.ordinal()] = own.stream().mapToInt(i -> i).toArray();
        }
        windowFrom = new int[peopleCount][];
        windowTo = new int[peopleCount][];
        for (int person = 0; person < peopleCount; person++) {
            Person one = problem.people().get(person);
            windowFrom[person] = one.there().stream().mapToInt(Window::from).toArray();
            windowTo[person] = one.there().stream().mapToInt(Window::to).toArray();
        }
        int[] count = new int[jobs];
        for (Lag lag : problem.lags()) {
            count[backwards ? lag.from() : lag.to()]++;
        }
        lagFrom = new int[jobs][];
        lagLeast = new int[jobs][];
        lagMost = new int[jobs][];
        for (int job = 0; job < jobs; job++) {
            lagFrom[job] = new int[count[job]];
            lagLeast[job] = new int[count[job]];
            lagMost[job] = new int[count[job]];
        }
        Arrays.fill(count, 0);
        for (Lag lag : problem.lags()) {
            int to = backwards ? lag.from() : lag.to();
            lagFrom[to][count[to]] = backwards ? lag.to() : lag.from();
            lagLeast[to][count[to]] = lag.least();
            lagMost[to][count[to]++] = lag.most();
        }
        needs = needs();
        start = new int[jobs];
        setting = new int[jobs];
        held = new int[jobs][];
        for (int job = 0; job < jobs; job++) {
            held[job] = new int[kinds[job].length + 1];
        }
        busyFrom = new int[unitCount][jobs];
        busyTo = new int[unitCount][jobs];
        busyJob = new int[unitCount][jobs];
        busy = new int[unitCount];
        earliest = new int[jobs];
        placedAt = new int[groups.length];
        sequence = new int[groups.length];
    }

    /** For each group the groups that have to be placed before it. */
    private int[][] needs() {
        List<List<Integer>> before = new ArrayList<>();
        for (int group = 0; group < groups.length; group++) {
            List<Integer> own = new ArrayList<>();
            for (int job : groups[group]) {
                for (int from : lagFrom[job]) {
                    if (groupOf[from] != group && !own.contains(groupOf[from])) {
                        own.add(groupOf[from]);
                    }
                }
            }
            before.add(own);
        }
        return before.stream()
                .map(own -> own.stream().mapToInt(i -> i).toArray())
                .toArray(int[][]::new);
    }

    private int[][] mirroredFrom = new int[0][];
    private int[][] mirroredTo = new int[0][];

    /** Windows as this board sees them, ending at the horizon where it runs backwards. */
    private void windows(int horizon) {
        if (!backwards) {
            mirroredFrom = windowFrom;
            mirroredTo = windowTo;
            return;
        }
        mirroredFrom = new int[peopleCount][];
        mirroredTo = new int[peopleCount][];
        for (int person = 0; person < peopleCount; person++) {
            int n = windowFrom[person].length;
            mirroredFrom[person] = new int[n];
            mirroredTo[person] = new int[n];
            for (int i = 0; i < n; i++) {
                mirroredFrom[person][n - 1 - i] = horizon - windowTo[person][i];
                mirroredTo[person][n - 1 - i] = horizon - windowFrom[person][i];
            }
        }
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
        windows(horizon);
        Arrays.fill(busy, 0);
        Arrays.fill(earliest, 0);
        System.arraycopy(chosen, 0, setting, 0, jobs);
        Arrays.fill(placedAt, -1);
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
            } else if (late == NOWHERE || ++tries > MOST_BACK) {
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
            boolean again = false;
            int size = group.length;
            for (int i = 0; i < size && !again; i++) {
                int job = group[backwards ? size - 1 - i : i];
                int from = earliest[job];
                int most = IMPOSSIBLE;
                int tight = -1;
                for (int k = 0; k < lagFrom[job].length; k++) {
                    int before = lagFrom[job][k];
                    int end = start[before] + minutes[before][setting[before]];
                    from = Math.max(from, end + lagLeast[job][k]);
                    if (lagMost[job][k] < DayProblem.NEVER && end + lagMost[job][k] < most) {
                        most = end + lagMost[job][k];
                        tight = before;
                    }
                }
                int at = find(job, from);
                if (at >= IMPOSSIBLE) {
                    undo(group, done);
                    return NOWHERE;
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

    /** The earliest minute from this one on at which everything it needs is free together; notes what it would hold. */
    private int find(int job, int from) {
        int d = minutes[job][setting[job]];
        int t = from;
        while (true) {
            int before = t;
            if (hands[job]) {
                t = free(-1, t, d, held[job], kinds[job].length, job);
            } else {
                t = begin(t, d);
            }
            for (int i = 0; i < kinds[job].length && t < IMPOSSIBLE; i++) {
                t = free(kinds[job][i], t, d, held[job], i, job);
            }
            if (t >= IMPOSSIBLE) {
                return IMPOSSIBLE;
            }
            if (t == before) {
                return t;
            }
        }
    }

    /** The earliest minute one of a kind, or somebody, is free for so long. @param kind -1 for people */
    private int free(int kind, int t, int d, int[] into, int slot, int job) {
        int best = IMPOSSIBLE;
        int[] own = kind < 0 ? null : units[kind];
        int count = own == null ? peopleCount : own.length;
        for (int i = 0; i < count && best > t; i++) {
            int unit = own == null ? i : own[i];
            int at = own == null ? freePerson(unit, t, d) : freeUnit(unit, t, d);
            if (kind == Kind.RACK.ordinal()) {
                at = oven(unit, at, d, celsius[job][setting[job]]);
            }
            if (at < best) {
                best = at;
                into[slot] = unit;
            }
        }
        return best;
    }

    private int freeUnit(int unit, int t, int d) {
        int[] from = busyFrom[unit];
        int[] to = busyTo[unit];
        int at = t;
        for (int i = 0; i < busy[unit]; i++) {
            if (from[i] >= at + d && from[i] >= at) {
                if (d > 0 || from[i] > at) {
                    break;
                }
            }
            if (to[i] > at && from[i] < at + d) {
                at = to[i];
            }
        }
        return at;
    }

    private int freePerson(int person, int t, int d) {
        int at = t;
        while (true) {
            int inside = inside(person, at, d);
            if (inside >= NO_WINDOW) {
                return IMPOSSIBLE;
            }
            int next = freeUnit(person, inside, d);
            if (next == inside) {
                return next;
            }
            at = next;
        }
    }

    private int inside(int person, int t, int d) {
        int[] from = mirroredFrom[person];
        int[] to = mirroredTo[person];
        for (int i = 0; i < from.length; i++) {
            int at = Math.max(t, from[i]);
            if (at + d <= to[i]) {
                return at;
            }
        }
        return NO_WINDOW;
    }

    /** What goes on by itself is begun by somebody who is there; a board that runs backwards looks at its end. */
    private int begin(int t, int d) {
        int moment = backwards ? t + d : t;
        int best = IMPOSSIBLE;
        for (int person = 0; person < peopleCount && best > moment; person++) {
            best = Math.min(best, inside(person, moment, 0));
        }
        return best >= IMPOSSIBLE ? IMPOSSIBLE : backwards ? best - d : best;
    }

    /** Racks of one oven have one setting; from one to another it takes a while. */
    private int oven(int rack, int t, int d, int degrees) {
        int at = t;
        boolean again = true;
        while (again && at < IMPOSSIBLE) {
            again = false;
            for (int other : units[Kind.RACK.ordinal()]) {
                if (ovenOf[other] != ovenOf[rack]) {
                    continue;
                }
                for (int i = 0; i < busy[other]; i++) {
                    int job = busyJob[other][i];
                    if (celsius[job][setting[job]] != degrees
                            && at < busyTo[other][i] + DayProblem.CHANGE
                            && at + d + DayProblem.CHANGE > busyFrom[other][i]) {
                        at = busyTo[other][i] + DayProblem.CHANGE;
                        again = true;
                    }
                }
            }
            int free = freeUnit(rack, at, d);
            again = again || free != at;
            at = free;
        }
        return at;
    }

    private void hold(int job, int at) {
        start[job] = at;
        int end = at + minutes[job][setting[job]];
        for (int i = 0; i < kinds[job].length; i++) {
            insert(held[job][i], at, end, job);
        }
        if (hands[job]) {
            insert(held[job][kinds[job].length], at, end, job);
        }
    }

    private void insert(int unit, int from, int to, int job) {
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

    private void release(int job) {
        for (int i = 0; i < kinds[job].length; i++) {
            remove(held[job][i], job);
        }
        if (hands[job]) {
            remove(held[job][kinds[job].length], job);
        }
    }

    private void remove(int unit, int job) {
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

    int end(int job) {
        return start[job] + minutes[job][setting[job]];
    }

    /** Who is at it; -1 for what goes on by itself. */
    int person(int job) {
        return hands[job] ? held[job][kinds[job].length] : -1;
    }

    /** What it holds, as places in the list of gear. */
    List<Integer> gear(int job) {
        List<Integer> own = new ArrayList<>();
        for (int i = 0; i < kinds[job].length; i++) {
            own.add(held[job][i] - peopleCount);
        }
        return own;
    }

    /** How many pauses of the hands are too short to be of use. */
    int smallGaps() {
        int gaps = 0;
        for (int person = 0; person < peopleCount; person++) {
            for (int i = 1; i < busy[person]; i++) {
                int gap = busyFrom[person][i] - busyTo[person][i - 1];
                gaps += gap > 0 && gap < DayPlan.SMALL_GAP ? 1 : 0;
            }
        }
        return gaps;
    }

    int choices(int job) {
        return minutes[job].length;
    }

    boolean hasHands(int job) {
        return hands[job];
    }

    /** Minutes of its shortest setting. */
    int shortest(int job) {
        return Arrays.stream(minutes[job]).min().orElse(0);
    }
}
