package wexilla.core.menu.search;

import java.util.Arrays;
import java.util.SplittableRandom;
import wexilla.core.menu.MenuWeights;

/** The steps of a {@link MenuSearch}: another dish, a leftover, a packet, two meals swapped, a cooking moved or replaced. */
final class Moves {

    /** Of a hundred steps, up to which number each kind is taken. */
    private static final int OTHER_DISH = 38;

    private static final int SWAP = 55;
    private static final int LEFTOVER = 75;
    private static final int PACKET = 83;
    private static final int OTHER_DAY = 90;

    /** One in so many steps leaves a meal open, while a hard rule is broken. */
    private static final int OPEN = 50;

    private final Tables tables;
    private final State state;
    private final SplittableRandom random;
    private final int[] openMeals;
    private final int[] group;
    private final boolean[][] may;

    Moves(Tables tables, State state, SplittableRandom random, int[] openMeals) {
        this.tables = tables;
        this.state = state;
        this.random = random;
        this.openMeals = openMeals;
        this.group = new int[tables.meals];
        this.may = new boolean[tables.meals][tables.dishes + tables.packets];
        for (int at = 0; at < tables.meals; at++) {
            for (int dish : tables.mayDish[at]) {
                may[at][dish] = true;
            }
            for (int packet : tables.mayPacket[at]) {
                may[at][tables.dishes + packet] = true;
            }
        }
    }

    /** Everything that can stand at this meal: each dish fresh, ahead or of what is cooked already, and each packet. */
    int[] candidates(int at) {
        int[] codes = new int[tables.mayDish[at].length * (tables.days + 1) + tables.mayPacket[at].length];
        int count = 0;
        int day = tables.day[at];
        for (int dish : tables.mayDish[at]) {
            for (int cook = 0; cook <= day; cook++) {
                int code = tables.cooked(dish, cook);
                boolean set = cook == day || tables.problem.cookMinutes().get(cook) > 0 || state.any(code);
                if (set && tables.keeps(at, code)) {
                    codes[count++] = code;
                }
            }
        }
        for (int packet : tables.mayPacket[at]) {
            codes[count++] = tables.packet(packet);
        }
        return Arrays.copyOf(codes, count);
    }

    /** Changes one thing. @return false where nothing came of it */
    boolean tryOne() {
        int at = openMeals[random.nextInt(openMeals.length)];
        if (state.total() >= MenuWeights.HARD && random.nextInt(OPEN) == 0) {
            return open(at);
        }
        int kind = random.nextInt(100);
        if (kind < OTHER_DISH) {
            return otherDish(at);
        }
        if (kind < SWAP) {
            return swap(at, openMeals[random.nextInt(openMeals.length)]);
        }
        if (kind < LEFTOVER) {
            return leftover(at, openMeals[random.nextInt(openMeals.length)]);
        }
        if (kind < PACKET) {
            int[] packets = tables.mayPacket[at];
            return packets.length > 0 && set(at, tables.packet(packets[random.nextInt(packets.length)]));
        }
        return kind < OTHER_DAY ? otherDay(at) : otherCooking(at);
    }

    /** What nothing fits is better left open than broken. */
    private boolean open(int at) {
        boolean was = state.chosen(at) != 0;
        state.set(at, 0);
        return was;
    }

    private boolean set(int at, int code) {
        if (state.chosen(at) == code || !allowed(at, code)) {
            return false;
        }
        state.set(at, code);
        return true;
    }

    private boolean allowed(int at, int code) {
        return may[at][tables.thing(code)] && (tables.isPacket(code) || tables.keeps(at, code));
    }

    private boolean otherDish(int at) {
        int[] dishes = tables.mayDish[at];
        if (dishes.length == 0) {
            return false;
        }
        int dish = dishes[random.nextInt(dishes.length)];
        int day = tables.day[at];
        int cook = random.nextInt(4) > 0 ? day : Math.max(0, day - random.nextInt(5));
        return set(at, tables.cooked(dish, cook));
    }

    /** The same dish at another meal: of the same cooking, or where it was cooked fresh as often cooked for it. */
    private int taken(int code, int from, int to) {
        if (!tables.isCooked(code)) {
            return code;
        }
        boolean fresh = tables.dayOf(code) == tables.day[from];
        if (tables.keeps(to, code) && (!fresh || random.nextBoolean())) {
            return code;
        }
        return tables.cooked(tables.dishOf(code), tables.day[to]);
    }

    private boolean swap(int one, int other) {
        int first = state.chosen(one);
        int second = state.chosen(other);
        if (one == other || first == second || first == 0 || second == 0) {
            return false;
        }
        int toOne = taken(second, other, one);
        int toOther = taken(first, one, other);
        if (!allowed(one, toOne) || !allowed(other, toOther)) {
            return false;
        }
        state.set(one, toOne);
        state.set(other, toOther);
        return true;
    }

    /** Two meals of one cooking: on the day of the first of them, or where it is cooked already. */
    private boolean leftover(int one, int other) {
        int code = state.chosen(other);
        if (one == other || !tables.isCooked(code)) {
            return false;
        }
        if (tables.dayOf(code) <= tables.day[one]) {
            return set(one, code);
        }
        int earlier = tables.cooked(tables.dishOf(code), tables.day[one]);
        if (!allowed(one, earlier) || !allowed(other, earlier)) {
            return false;
        }
        state.set(one, earlier);
        state.set(other, earlier);
        return true;
    }

    private boolean otherDay(int at) {
        int code = state.chosen(at);
        if (!tables.isCooked(code)) {
            return false;
        }
        int day = random.nextInt(tables.day[at] + 1);
        return replace(code, tables.cooked(tables.dishOf(code), day));
    }

    private boolean otherCooking(int at) {
        int code = state.chosen(at);
        int[] dishes = tables.mayDish[at];
        return tables.isCooked(code)
                && dishes.length > 0
                && replace(code, tables.cooked(dishes[random.nextInt(dishes.length)], tables.dayOf(code)));
    }

    private boolean replace(int code, int by) {
        int count = state.mealsOf(code, group);
        if (code == by) {
            return false;
        }
        for (int i = 0; i < count; i++) {
            if (!tables.open[group[i]] || !allowed(group[i], by)) {
                return false;
            }
        }
        for (int i = 0; i < count; i++) {
            state.set(group[i], by);
        }
        return true;
    }
}
