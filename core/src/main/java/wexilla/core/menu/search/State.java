package wexilla.core.menu.search;

import wexilla.core.menu.MenuProblem;
import wexilla.core.menu.MenuProblem.Dish;
import wexilla.core.menu.MenuScore;
import wexilla.core.menu.MenuStock;
import wexilla.core.menu.MenuStock.PacketUse;
import wexilla.core.menu.MenuWeights;
import wexilla.core.menu.MenuWishes;
import wexilla.core.pricing.PackTable;

/**
 * A plan under way, whose score follows each change: only what a change touches is counted anew. What a change did is
 * noted, so that it can be taken back without counting. Holds the same total as {@link MenuScore} at any time.
 */
final class State {

    private final Tables tables;
    private final MenuWishes wishes;
    private final long quick;
    private final long cheap;
    private final int weeks;
    private final Groups groups;
    private final Counts counts;

    private final Layout place;
    private final int[] setAt;
    private final int[] setWas;
    private int sets;

    private final Stale dirtyCookings;
    private final Stale dirtyFoods;
    private final Stale dirtyDays;
    private final Stale dirtyPackets;
    private final long[] left;
    private final long[] bought;

    /** Of the food that is counted: what is taken of lots that keep, what of packs is lost, is left, is still to be bought. */
    private long kept;

    private long spoilt;
    private long carried;
    private int carriedUntil;
    private long lacking;

    /** Everything open, but what stands where nothing is to be proposed. */
    State(Tables tables) {
        this.tables = tables;
        wishes = tables.problem.wishes();
        quick = MenuWishes.factor(wishes.quick());
        cheap = MenuWishes.factor(wishes.cheap());
        weeks = tables.problem.weeks();
        groups = new Groups(tables);
        place = new Layout(tables);
        counts = new Counts(place.size);
        dirtyCookings = new Stale(tables.codes);
        dirtyFoods = new Stale(tables.lotUntil.length);
        dirtyDays = new Stale(tables.days);
        dirtyPackets = new Stale(tables.packets);
        setAt = new int[2 * tables.meals + 2];
        setWas = new int[2 * tables.meals + 2];
        left = new long[tables.mostLots];
        bought = new long[weeks];
        begin();
    }

    private void begin() {
        for (int at = 0; at < tables.meals; at++) {
            counts.total += tables.alone(at, 0);
        }
        for (int week = 0; week < weeks; week++) {
            counts.term(place.freshTerm + week, MenuWeights.fresh(0, tables.whole[week]));
        }
        for (int i = 0; i < tables.often.length; i++) {
            counts.wall(place.oftenWall + i, MenuWeights.HARD * tables.often[i].off(0));
        }
        for (int food = 0; food < tables.lotUntil.length; food++) {
            dirtyFoods.add(food);
        }
        for (int packet = 0; packet < tables.packets; packet++) {
            dirtyPackets.add(packet);
        }
        for (int at = 0; at < tables.meals; at++) {
            if (!tables.open[at]) {
                set(at, tables.stands[at]);
            }
        }
        settle();
        keep();
    }

    int chosen(int at) {
        return groups.chosen[at];
    }

    int[] chosen() {
        return groups.chosen.clone();
    }

    long total() {
        return counts.total;
    }

    /** The total where broken rules count only so much of their weight. */
    double softened(double share) {
        return counts.total - counts.walls * (1 - share);
    }

    Layout.Sums sums() {
        return place.sums(counts.value);
    }

    /** Changes a meal; {@link #settle} counts. */
    void set(int at, int code) {
        int was = groups.chosen[at];
        if (was == code) {
            return;
        }
        setAt[sets] = at;
        setWas[sets++] = was;
        counts.total += tables.alone(at, code) - tables.alone(at, was) + neighbours(at, code) - neighbours(at, was);
        mark(was);
        mark(code);
        freeze(at, was, -tables.plates[at]);
        freeze(at, code, tables.plates[at]);
        often(at, was, -1);
        often(at, code, 1);
        fresh(at, was, -1);
        fresh(at, code, 1);
        dirtyDays.add(tables.day[at]);
        groups.move(at, code);
        if (!tables.isCooked(code)) {
            counts.put(place.mealHands + at, tables.isPacket(code) ? tables.minutes(code) : 0);
        }
    }

    /** Counts what has changed since. @return the total */
    long settle() {
        dirtyCookings.drain(this::cooking);
        dirtyDays.drain(this::day);
        dirtyFoods.drain(this::food);
        dirtyPackets.drain(this::packet);
        return counts.total;
    }

    /** The changes stay. */
    void keep() {
        sets = 0;
        counts.keep();
    }

    /** The changes since the last {@link #keep} are taken back. */
    void undo() {
        for (; sets > 0; sets--) {
            groups.move(setAt[sets - 1], setWas[sets - 1]);
        }
        counts.undo();
    }

    /** Whether a meal eats of this choice. */
    boolean any(int code) {
        return groups.head[code] >= 0;
    }

    /** The meals of this choice; fills {@code into} and says how many. */
    int mealsOf(int code, int[] into) {
        int count = 0;
        for (int at = groups.head[code]; at >= 0; at = groups.next[at]) {
            into[count++] = at;
        }
        return count;
    }

    private void mark(int code) {
        if (tables.isCooked(code)) {
            dirtyCookings.add(code);
        } else if (tables.isPacket(code)) {
            dirtyPackets.add(tables.packetOf(code));
        }
    }

    /** What is asked to be eaten so often, where this is eaten there once more or less. */
    private void often(int at, int code, int more) {
        for (int asked : tables.oftenAt[at]) {
            if (code != 0 && tables.countsFor[asked][tables.thing(code)]) {
                counts.add(place.often + asked, more);
                counts.wall(
                        place.oftenWall + asked,
                        MenuWeights.HARD * tables.often[asked].off((int) counts.value[place.often + asked]));
            }
        }
    }

    private void fresh(int at, int code, int more) {
        int week = tables.day[at] / 7;
        if (tables.isCooked(code) && tables.dayOf(code) == tables.day[at]) {
            counts.add(place.fresh + week, more);
            counts.term(
                    place.freshTerm + week, MenuWeights.fresh(counts.value[place.fresh + week], tables.whole[week]));
        }
    }

    /** Whether a cooking is ahead, or for several meals, on a day that is no cook day. */
    private void big(int code, int day, boolean is) {
        long was = counts.value[place.big + code];
        long now = is && !tables.cookDay[day] ? 1 : 0;
        if (was != now) {
            counts.put(place.big + code, now);
            counts.add(place.bigs + day, now - was);
            counts.term(place.bigTerm + day, MenuWeights.big(counts.value[place.bigs + day]));
        }
    }

    private long neighbours(int at, int code) {
        if (code == 0) {
            return 0;
        }
        long sum = 0;
        for (int other = tables.from[at]; other < tables.to[at]; other++) {
            if (other != at && tables.meets[at][other]) {
                sum += tables.pair(code, groups.chosen[other], Math.abs(tables.day[at] - tables.day[other]));
            }
        }
        return sum;
    }

    /** A portion that outlasts its fridge time lies in the freezer until its day. */
    private void freeze(int at, int code, int plates) {
        if (tables.problem.room() == MenuProblem.NONE || !tables.isCooked(code)) {
            return;
        }
        int cooked = tables.dayOf(code);
        if (tables.day[at] - cooked > tables.dish[tables.dishOf(code)].keeps()) {
            for (int day = cooked; day < tables.day[at]; day++) {
                counts.add(place.frozen + day, plates);
                counts.term(
                        place.frozenTerm + day, MenuWeights.noRoom(tables.problem, counts.value[place.frozen + day]));
            }
        }
    }

    private void cooking(int code) {
        Dish dish = tables.dish[tables.dishOf(code)];
        int day = tables.dayOf(code);
        boolean any = groups.head[code] >= 0;
        int plates = 0;
        int meals = 0;
        int fresh = -1;
        for (int at = groups.head[code]; at >= 0; at = groups.next[at]) {
            plates += tables.plates[at];
            meals++;
            if (tables.day[at] == day && (fresh < 0 || at < fresh)) {
                fresh = at;
            }
        }
        big(code, day, any && (fresh < 0 || meals > 1));
        int cooked = MenuWeights.cooked(plates);
        int hands = any ? MenuWeights.hands(dish, cooked) : 0;
        for (int at = groups.head[code]; at >= 0; at = groups.next[at]) {
            counts.put(place.mealHands + at, at == fresh ? hands : MenuWeights.REHEAT);
            dirtyDays.add(tables.day[at]);
        }
        long ahead = fresh < 0 ? hands : 0;
        if (counts.value[place.cookingHands + code] != ahead) {
            counts.add(place.session + day, ahead - counts.value[place.cookingHands + code]);
            counts.put(place.cookingHands + code, ahead);
            dirtyDays.add(day);
        }
        long before = counts.value[place.cookingPlates + code];
        if (before != cooked) {
            pay(day / 7, dish.cost() * cooked / 100 - dish.cost() * before / 100);
            counts.put(place.cookingPlates + code, cooked);
            for (int food : tables.useFood[tables.dishOf(code)]) {
                dirtyFoods.add(food);
            }
        }
        long term = 0;
        long wall = 0;
        if (any) {
            int late = fresh < 0 || !tables.open[fresh] ? 0 : dish.minutes() - tables.clock[fresh];
            wall = late > 0 ? MenuWeights.late(late) : 0;
            term = (dish.untried() ? MenuWishes.factor(wishes.fewNew()) * MenuWeights.UNTRIED : 0)
                    + MenuWeights.ALWAYS * Math.max(0, cooked - 100 * dish.most()) * MenuWeights.PORTION_SHORT / 100;
        }
        counts.term(place.cookingTerm + code, term);
        counts.wall(place.cookingWall + code, wall);
    }

    private void pay(int in, long more) {
        if (more != 0) {
            counts.add(place.week + in, more);
            long paid = counts.value[place.week + in];
            counts.term(place.weekTerm + in, cheap * paid + MenuWeights.overCap(tables.problem, in, paid));
        }
    }

    private void day(int day) {
        long ahead = counts.value[place.session + day];
        long spare = tables.problem.cookMinutes().get(day);
        long minutes = ahead;
        long over = 0;
        for (int at = tables.firstMeal[day]; at < tables.firstMeal[day + 1]; at++) {
            long hands = counts.value[place.mealHands + at];
            long left = tables.problem.meals().get(at).minutes() - hands;
            spare += Math.max(0, left);
            over += Math.max(0, -left);
            minutes += hands;
        }
        over += Math.max(0, ahead - spare);
        counts.term(place.dayTerm + day, quick * (minutes * MenuWeights.HAND_MINUTE + over * MenuWeights.MINUTE_OVER));
    }

    private void food(int food) {
        long[] amount = tables.lotAmount[food];
        System.arraycopy(amount, 0, left, 0, amount.length);
        kept = 0;
        spoilt = 0;
        carried = 0;
        int next = 0;
        for (int week = 0; week < weeks; week++) {
            lacking = 0;
            int ends = 7 * week + 7;
            for (MenuProblem.Besides one : tables.besides[food]) {
                if (one.day() >= ends - 7 && one.day() < ends) {
                    lacking += one.amount() - carriedOn(one.day(), one.amount());
                }
            }
            for (; next < groups.userCount[food] && tables.dayOf(groups.users[food][next]) < ends; next++) {
                take(food, groups.users[food][next]);
            }
            shop(food, week);
        }
        long worth = tables.problem.foods().get(food).worth();
        long term = cheap * (MenuWeights.worth(kept, worth) / 2 - MenuWeights.worth(carried, worth) / 2);
        long packs = MenuWeights.worth(spoilt, worth);
        long wasted = packs;
        long wall = 0;
        int[] until = tables.lotUntil[food];
        for (int lot = 0; lot < amount.length && until[lot] < tables.days; lot++) {
            wasted += MenuWeights.worth(left[lot], worth);
            wall += tables.lotMust[food][lot] ? MenuWeights.must(left[lot], amount[lot]) : 0;
        }
        counts.put(place.foodWasted + food, wasted);
        counts.wall(place.foodWall + food, wall);
        counts.term(place.foodTerm + food, term + MenuWishes.factor(wishes.useUp()) * wasted);
        for (int in = 0; in < weeks; in++) {
            int own = place.foodBought + food * weeks + in;
            pay(in, bought[in] - counts.value[own]);
            counts.put(own, bought[in]);
        }
    }

    /** What a cooking takes of a food: from its lots, from what earlier packs left; the rest is lacking. */
    private void take(int food, int code) {
        int[] until = tables.lotUntil[food];
        int[] from = tables.lotFrom[food];
        int day = tables.dayOf(code);
        long wanted =
                MenuWeights.need(tables.each[tables.dishOf(code)][food], counts.value[place.cookingPlates + code]);
        long need = wanted;
        for (int lot = 0; lot < until.length && need > 0; lot++) {
            if (until[lot] >= day && from[lot] <= day) {
                long take = Math.min(need, left[lot]);
                need -= take;
                left[lot] -= take;
                kept += until[lot] >= tables.days ? take : 0;
            }
        }
        need -= carriedOn(day, need);
        lacking += MenuWeights.nearEnough(need, wanted) ? 0 : need;
    }

    private long carriedOn(int day, long need) {
        long take = day <= carriedUntil ? Math.min(need, carried) : 0;
        carried -= take;
        return take;
    }

    private void shop(int food, int week) {
        PackTable table = tables.packs[food];
        bought[week] = table == null || lacking == 0 ? 0 : table.cost(lacking);
        int good = Math.min(7 * week + 7, tables.days);
        expire(good);
        long more = table == null || lacking == 0 ? 0 : Math.max(0, table.bought(lacking) - lacking);
        if (more > 0) {
            int until = MenuStock.last(tables.problem.foods().get(food).spareUntil(7 * week));
            carriedUntil = carried > 0 ? Math.min(carriedUntil, until) : until;
            carried += more;
            expire(good);
        }
    }

    private void expire(int good) {
        if (carriedUntil < good) {
            spoilt += carried;
            carried = 0;
        }
    }

    private void packet(int packet) {
        int taken = 0;
        for (int at = groups.head[tables.packet(packet)]; at >= 0; at = groups.next[at]) {
            taken += tables.plates[at];
        }
        PacketUse use = PacketUse.of(tables.problem.packets().get(packet), taken, tables.days);
        counts.put(place.packetWasted + packet, use.wasted());
        counts.term(place.packetTerm + packet, use.against(wishes));
    }
}
