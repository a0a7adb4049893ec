package wexilla.core.menu.search;

import java.util.Arrays;

/** Numbers that are counted, and the total of those that count against a plan; what has changed since can be taken back. */
final class Counts {

    final long[] value;
    long total;
    /** What of the total counts for rules that are broken. */
    long walls;

    private int[] at = new int[512];
    private long[] was = new long[512];
    private int changed;
    private long totalWas;
    private long wallsWas;

    Counts(int places) {
        value = new long[places];
    }

    void put(int place, long now) {
        if (value[place] == now) {
            return;
        }
        if (changed == at.length) {
            at = Arrays.copyOf(at, 2 * changed);
            was = Arrays.copyOf(was, 2 * changed);
        }
        at[changed] = place;
        was[changed++] = value[place];
        value[place] = now;
    }

    void add(int place, long more) {
        put(place, value[place] + more);
    }

    /** Puts a number that is part of the total. */
    void term(int place, long now) {
        total += now - value[place];
        put(place, now);
    }

    /** Puts a number of the total that counts for a broken rule. */
    void wall(int place, long now) {
        walls += now - value[place];
        term(place, now);
    }

    void keep() {
        changed = 0;
        wallsWas = walls;
        totalWas = total;
    }

    void undo() {
        for (int i = changed - 1; i >= 0; i--) {
            value[at[i]] = was[i];
        }
        changed = 0;
        total = totalWas;
        walls = wallsWas;
    }
}
