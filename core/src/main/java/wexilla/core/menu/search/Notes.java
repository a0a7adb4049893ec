package wexilla.core.menu.search;

import java.util.Arrays;

/** Numbers that are counted, and the total of those that count against a plan; what has changed since can be taken back. */
final class Notes {

    final long[] value;
    long total;
    private int[] at = new int[512];
    private long[] was = new long[512];
    private int notes;
    private long totalWas;

    Notes(int places) {
        value = new long[places];
    }

    void put(int place, long now) {
        if (value[place] == now) {
            return;
        }
        if (notes == at.length) {
            at = Arrays.copyOf(at, 2 * notes);
            was = Arrays.copyOf(was, 2 * notes);
        }
        at[notes] = place;
        was[notes++] = value[place];
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

    void keep() {
        notes = 0;
        totalWas = total;
    }

    void undo() {
        for (int i = notes - 1; i >= 0; i--) {
            value[at[i]] = was[i];
        }
        notes = 0;
        total = totalWas;
    }
}
