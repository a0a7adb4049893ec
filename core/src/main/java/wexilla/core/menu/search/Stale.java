package wexilla.core.menu.search;

import java.util.function.IntConsumer;

/** Layout to be counted anew, each once. */
final class Stale {

    private final boolean[] marked;
    private final int[] list;
    private int size;

    Stale(int places) {
        marked = new boolean[places];
        list = new int[places];
    }

    void add(int place) {
        if (!marked[place]) {
            marked[place] = true;
            list[size++] = place;
        }
    }

    /** Counts each, and forgets them. */
    void drain(IntConsumer count) {
        for (int i = 0; i < size; i++) {
            count.accept(list[i]);
            marked[list[i]] = false;
        }
        size = 0;
    }
}
