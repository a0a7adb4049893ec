package wexilla.core.menu.search;

import java.util.Arrays;

/** Where each number of a plan under way stands among its {@link Counts}. */
final class Layout {

    /** Minutes of hands for each meal, and ahead on each day. */
    final int mealHands = 0;

    final int session;
    /** For each choice: what its cooking counts, what rules it breaks, the minutes of it that are ahead, hundredths of portions cooked. */
    final int cookingTerm;

    final int cookingWall;

    final int cookingHands;
    final int cookingPlates;
    final int dayTerm;
    final int foodTerm;
    final int foodWall;
    /** Money for each food and week; then for each week. */
    final int foodBought;

    /** Hundredths of minor units that pass their date, for each food and each packet. */
    final int foodWasted;

    final int packetTerm;
    final int packetWasted;
    final int week;
    final int weekTerm;
    /** Hundredths of portions that lie in the freezer on each day. */
    final int frozen;

    final int frozenTerm;
    /** For each choice whether it is a big cooking, for each day how many are; for each week the meals cooked fresh. */
    final int big;

    final int bigs;
    final int bigTerm;
    final int fresh;
    final int freshTerm;
    /** How often what is asked for is eaten. */
    final int often;

    final int oftenWall;
    final int size;

    private final Tables tables;

    Layout(Tables tables) {
        this.tables = tables;
        int foods = tables.lotUntil.length;
        int weeks = tables.problem.weeks();
        session = mealHands + tables.meals;
        cookingTerm = session + tables.days;
        cookingWall = cookingTerm + tables.codes;
        cookingHands = cookingWall + tables.codes;
        cookingPlates = cookingHands + tables.codes;
        dayTerm = cookingPlates + tables.codes;
        foodTerm = dayTerm + tables.days;
        foodWall = foodTerm + foods;
        foodBought = foodWall + foods;
        foodWasted = foodBought + foods * weeks;
        packetTerm = foodWasted + foods;
        packetWasted = packetTerm + tables.packets;
        week = packetWasted + tables.packets;
        weekTerm = week + weeks;
        frozen = weekTerm + weeks;
        frozenTerm = frozen + tables.days;
        often = frozenTerm + tables.days;
        oftenWall = often + tables.often.length;
        big = oftenWall + tables.often.length;
        bigs = big + tables.codes;
        bigTerm = bigs + tables.days;
        fresh = bigTerm + tables.days;
        freshTerm = fresh + weeks;
        size = freshTerm + weeks;
    }

    /**
     * @param cost money to be paid all together, {@code wasted} worth of what passes its date uneaten, both in hundredths of
     *     minor units
     * @param minutes of hands all together
     */
    record Sums(long cost, int minutes, long wasted) {}

    Sums sums(long[] value) {
        return new Sums(
                sum(value, week, tables.problem.weeks()),
                (int) (sum(value, mealHands, tables.meals) + sum(value, session, tables.days)),
                sum(value, foodWasted, tables.lotUntil.length) + sum(value, packetWasted, tables.packets));
    }

    private static long sum(long[] value, int from, int count) {
        return Arrays.stream(value, from, from + count).sum();
    }
}
