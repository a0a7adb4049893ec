package wexilla.core.planning;

/** Places to be counted anew, each once. */
final class MenuMarks {

    private final boolean[] marked;
    final int[] list;
    int size;

    MenuMarks(int places) {
        marked = new boolean[places];
        list = new int[places];
    }

    void add(int place) {
        if (!marked[place]) {
            marked[place] = true;
            list[size++] = place;
        }
    }

    void clear() {
        for (int i = 0; i < size; i++) {
            marked[list[i]] = false;
        }
        size = 0;
    }
}
