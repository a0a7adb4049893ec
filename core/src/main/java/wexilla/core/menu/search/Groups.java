package wexilla.core.menu.search;

import java.util.Arrays;

/** What is chosen at each meal, the meals of each choice, and the cookings that use each food. */
final class Groups {

    private final Tables tables;
    final int[] chosen;
    final int[] head;
    final int[] next;
    private final int[] before;
    final int[][] users;
    final int[] userCount;

    Groups(Tables tables) {
        this.tables = tables;
        int foods = tables.lotUntil.length;
        chosen = new int[tables.meals];
        head = new int[tables.codes];
        Arrays.fill(head, -1);
        next = new int[tables.meals];
        before = new int[tables.meals];
        users = new int[foods][4];
        userCount = new int[foods];
        for (int at = 0; at < tables.meals; at++) {
            link(at, 0);
        }
    }

    /** Puts a meal under another choice, and cookings under the foods they use. */
    void move(int at, int code) {
        int was = chosen[at];
        if (before[at] >= 0) {
            next[before[at]] = next[at];
        } else {
            head[was] = next[at];
        }
        if (next[at] >= 0) {
            before[next[at]] = before[at];
        }
        if (head[was] < 0 && tables.isCooked(was)) {
            for (int food : tables.useFood[tables.dishOf(was)]) {
                forget(food, was);
            }
        }
        if (head[code] < 0 && tables.isCooked(code)) {
            for (int food : tables.useFood[tables.dishOf(code)]) {
                use(food, code);
            }
        }
        link(at, code);
    }

    private void link(int at, int code) {
        chosen[at] = code;
        before[at] = -1;
        next[at] = head[code];
        if (next[at] >= 0) {
            before[next[at]] = at;
        }
        head[code] = at;
    }

    /** The cookings of a food stand in the order of their days. */
    private void use(int food, int code) {
        if (userCount[food] == users[food].length) {
            users[food] = Arrays.copyOf(users[food], 2 * userCount[food]);
        }
        int[] own = users[food];
        int at = userCount[food]++;
        for (; at > 0 && later(own[at - 1], code); at--) {
            own[at] = own[at - 1];
        }
        own[at] = code;
    }

    private void forget(int food, int code) {
        int[] own = users[food];
        int last = --userCount[food];
        int at = 0;
        while (own[at] != code) {
            at++;
        }
        System.arraycopy(own, at + 1, own, at, last - at);
    }

    private boolean later(int one, int other) {
        int days = tables.dayOf(one) - tables.dayOf(other);
        return days > 0 || days == 0 && one > other;
    }
}
