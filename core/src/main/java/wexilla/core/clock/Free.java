package wexilla.core.clock;

import java.util.Arrays;
import wexilla.core.clock.DayProblem.Kind;

/** Where a job fits beside what is placed already: people, burners, racks with one setting for an oven, cookers. */
final class Free {

    private final Numbers of;
    private final There there;
    private final Busy busy;
    private final Board board;
    private int intruder = -1;

    /** @param board whose jobs hold what is busy */
    Free(Numbers of, There there, Busy busy, Board board) {
        this.of = of;
        this.there = there;
        this.busy = busy;
        this.board = board;
    }

    /** The times people are there, ending at the horizon where the board runs backwards. */
    void look(int horizon) {
        there.look(horizon);
    }

    /**
     * The earliest minute from this one on at which everything it needs is free together; notes what it would hold.
     *
     * @param goesOn the job it follows at once, whose burner or pan it stays on if it can; -1 for none
     */
    int find(int job, int setting, int from, int goesOn, int usual) {
        int d = of.minutes[job][setting];
        int t = from;
        intruder = -1;
        while (true) {
            int before = t;
            if (of.hands[job]) {
                t = free(-1, t, d, board.held[job], of.kinds[job].length, job, usual);
            } else {
                t = there.begin(t, d);
            }
            for (int i = 0; i < of.kinds[job].length && t < Board.IMPOSSIBLE; i++) {
                if (of.kinds[job][i] == POT && of.carrier[job] >= 0) {
                    t = inItsPot(job, i, t, d);
                    continue;
                }
                t = free(of.kinds[job][i], t, d, board.held[job], i, job, stays(goesOn, of.kinds[job][i]));
            }
            if (t >= Board.IMPOSSIBLE) {
                return Board.IMPOSSIBLE;
            }
            if (t == before) {
                return t;
            }
        }
    }

    private static final int POT = Kind.POT.ordinal();

    /** From this minute on in the pot it is in already, if nothing else is put into that meanwhile. */
    private int inItsPot(int job, int slot, int t, int d) {
        int before = of.carrier[job];
        int unit = stays(before, POT);
        board.held[job][slot] = unit;
        int left = board.end(before);
        if (busy.free(unit, left, t - left + d, job) == left) {
            return t;
        }
        intruder = busy.within(unit, left - DayProblem.LOAD, t + d + DayProblem.LOAD, job);
        return Board.IMPOSSIBLE;
    }

    /** The job that is in the pot of what was looked for last; -1 for none. */
    int intruder() {
        return intruder;
    }

    /** What a job holds of a kind; -1 for nothing. */
    private int stays(int job, int kind) {
        for (int i = 0; job >= 0 && i < of.kinds[job].length; i++) {
            if (of.kinds[job][i] == kind) {
                return board.held[job][i];
            }
        }
        return -1;
    }

    /**
     * The earliest minute one of a kind, or somebody, is free for so long.
     *
     * @param kind -1 for people
     * @param liked which is taken where another is free no earlier; -1 for any
     */
    private int free(int kind, int t, int d, int[] into, int slot, int job, int liked) {
        int best = Board.IMPOSSIBLE;
        int[] own = kind < 0 ? null : of.units[kind];
        int count = own == null ? of.peopleCount : own.length;
        boolean stays = liked >= 0 && (own == null || Arrays.stream(own).anyMatch(unit -> unit == liked));
        for (int i = stays ? -1 : 0; i < count && best > t; i++) {
            int unit = i < 0 ? liked : own == null ? i : own[i];
            if (of.slow[unit] && of.strong[job]) {
                continue;
            }
            int at = own == null ? freePerson(unit, t, d, job) : busy.free(unit, t, d, job);
            if (kind == Kind.RACK.ordinal()) {
                at = oven(unit, at, d, job);
            }
            if (at < best) {
                best = at;
                into[slot] = unit;
            }
        }
        return best;
    }

    private int freePerson(int person, int t, int d, int job) {
        int at = t;
        while (true) {
            int inside = there.inside(person, at, d);
            if (inside >= Board.IMPOSSIBLE) {
                return Board.IMPOSSIBLE;
            }
            int next = busy.free(person, inside, d, job);
            if (next == inside) {
                return next;
            }
            at = next;
        }
    }

    /** Racks of one oven have one setting; from one to another it takes a while. */
    private int oven(int rack, int t, int d, int mine) {
        int degrees = of.celsius[mine][board.setting[mine]];
        int at = t;
        boolean again = true;
        while (again && at < Board.IMPOSSIBLE) {
            again = false;
            for (int other : of.units[Kind.RACK.ordinal()]) {
                if (of.ovenOf[other] != of.ovenOf[rack]) {
                    continue;
                }
                for (int i = 0; i < busy.count(other); i++) {
                    int job = busy.job(other, i);
                    if (of.celsius[job][board.setting[job]] != degrees
                            && at < busy.to(other, i) + DayProblem.CHANGE
                            && at + d + DayProblem.CHANGE > busy.from(other, i)) {
                        at = busy.to(other, i) + DayProblem.CHANGE;
                        again = true;
                    }
                }
            }
            int free = busy.free(rack, at, d, mine);
            again = again || free != at;
            at = free;
        }
        return at;
    }
}
