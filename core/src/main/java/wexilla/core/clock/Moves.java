package wexilla.core.clock;

import java.util.Arrays;
import java.util.Random;
import java.util.function.IntUnaryOperator;

/** How one order of a cook day becomes another. */
final class Moves {

    private final Random random;
    private final Numbers of;

    Moves(Random random, Numbers of) {
        this.random = random;
        this.of = of;
    }

    /** Swaps or shifts one group, near or far, or gives one job another setting of the oven. */
    void move(int[] order, int[] setting) {
        int n = order.length;
        int kind = random.nextInt(10);
        if (kind == 0) {
            int job = random.nextInt(setting.length);
            for (int i = 0; i < setting.length; i++, job = (job + 1) % setting.length) {
                if (of.choices(job) > 1) {
                    setting[job] = random.nextInt(of.choices(job));
                    return;
                }
            }
        }
        int a = random.nextInt(n);
        int b = kind < 5 ? random.nextInt(n) : Math.max(0, Math.min(n - 1, a + random.nextInt(9) - 4));
        if (kind < 3) {
            int swapped = order[a];
            order[a] = order[b];
            order[b] = swapped;
            return;
        }
        int moved = order[a];
        if (a < b) {
            System.arraycopy(order, a + 1, order, a, b - a);
        } else {
            System.arraycopy(order, b, order, b + 1, a - b);
        }
        order[b] = moved;
    }

    /** Any setting for each job that has several. */
    int[] settings() {
        int[] setting = new int[of.hands.length];
        for (int job = 0; job < setting.length; job++) {
            setting[job] = of.choices(job) > 1 ? random.nextInt(of.choices(job)) : 0;
        }
        return setting;
    }

    /** By a minute, those of the same minute in the order they had. */
    static void sort(int[] order, IntUnaryOperator by) {
        long[] keyed = new long[order.length];
        for (int i = 0; i < order.length; i++) {
            keyed[i] = ((long) by.applyAsInt(order[i]) << 32) + (((long) i) << 16) + order[i];
        }
        Arrays.sort(keyed);
        for (int i = 0; i < order.length; i++) {
            order[i] = (int) (keyed[i] & 0xFFFF);
        }
    }
}
