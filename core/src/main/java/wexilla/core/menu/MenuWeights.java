package wexilla.core.menu;

import java.util.OptionalLong;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;

/**
 * What counts against a plan, in hundredths of a minor unit of money: what a cook would pay to be rid of it. Own
 * definition, in {@code reference/trade.properties}; a wish multiplies what it is about.
 */
public final class MenuWeights {

    public static final long MINOR = 100;

    /** What no wish outweighs: a limit passed, somebody who must not eat it. */
    public static final long HARD = 1_000_000_000_000L;

    /** A meal nobody decided, where there was something to eat. */
    public static final long OPEN = 4_000_000_000L;

    public static final long HAND_MINUTE = cents("menu.hand-minute");
    public static final long MINUTE_OVER = cents("menu.minute-over");
    static final long PROTEIN_SAME_DAY = cents("menu.protein-same-day");
    static final long PROTEIN_NEXT_DAY = cents("menu.protein-next-day");
    static final long DISH_SAME_DAY = cents("menu.dish-same-day");
    static final long DISH_NEXT_DAY = cents("menu.dish-next-day");
    static final long DISH_EACH_DAY = cents("menu.dish-each-day");
    public static final int DISH_DAYS = Trade.whole("menu.dish-days");
    static final long LEFTOVER_SAME_DAY = cents("menu.leftover-same-day");
    static final long LEFTOVER_NEXT_DAY = cents("menu.leftover-next-day");
    static final long LEFTOVER_LATER = cents("menu.leftover-later");
    public static final long DISLIKED = cents("menu.disliked");
    public static final long LIKED = cents("menu.liked");
    public static final long UNTRIED = cents("menu.untried");
    static final long CHANGED = cents("menu.changed");
    private static final long BIG_MORE = cents("menu.big-more");
    private static final long NOTHING_FRESH = cents("menu.nothing-fresh");
    private static final int FIRM_DAYS = Trade.whole("menu.firm-days");
    private static final int FIRM = Trade.whole("menu.firm");
    public static final long PAST_BEST = cents("menu.past-best");
    public static final long PORTION_SHORT = cents("menu.portion-short");
    static final long PORTION_NO_ROOM = cents("menu.portion-no-room");
    public static final long OVER_BUDGET = Trade.whole("menu.over-budget");
    public static final int REHEAT = Trade.whole("menu.reheat-minutes");

    private static final long PER_PLATE = 100_000;
    private static final long NEAR_OF =
            Rational.ONE.dividedBy(Trade.number("needs.near-enough")).floor().longValueExact();

    /** More than a twentieth of what the cook wanted used by its day. */
    static boolean missed(long left, long amount) {
        return left * 20 > amount;
    }

    /** What counts where so many big cookings are on one evening that is no cook day: one is enough. */
    public static long big(long cookings) {
        return ALWAYS * BIG_MORE * Math.max(0, cookings - 1);
    }

    /** What counts for a week of which so many meals are cooked on their day. @param whole whether it has most of its meals */
    public static long fresh(long meals, boolean whole) {
        return whole && meals == 0 ? ALWAYS * NOTHING_FRESH : 0;
    }

    /** What counts where a meal is not what stands: three days ahead are firm, the rest is soft. @param day of the plan */
    public static long changed(MenuProblem problem, int day) {
        return MenuWishes.factor(problem.wishes().fewChanges()) * CHANGED * (day < FIRM_DAYS ? FIRM : 1);
    }

    /**
     * What is left of a lot that must be used: a rule broken, of which each part counts besides, so that using half of it is
     * a step towards using it. What is not missed counts as any other food does.
     */
    public static long must(long left, long amount) {
        return missed(left, amount) ? HARD + HARD / 500 * left / amount : 0;
    }

    /** A dish that is not ready when the table is: broken, and the worse the later, so that the search finds its way out. */
    public static long late(int minutes) {
        return HARD + HARD / 1000 * Math.min(minutes, 500);
    }

    /** Dislikes and what is short count the same whatever is wished. */
    public static final long ALWAYS = MenuWishes.factor(2);

    private MenuWeights() {}

    private static long cents(String name) {
        return MINOR * Trade.whole(name);
    }

    /** Minutes of hands a dish takes at this many hundredths of portions. */
    public static int hands(MenuProblem.Dish dish, int plates) {
        return dish.hands() + (int) (((long) dish.handsEach() * plates + 9_999) / 10_000);
    }

    /** Hundredths of portions that are cooked when so many are eaten: whole portions. */
    public static int cooked(int plates) {
        return (plates + 99) / 100 * 100;
    }

    /** What two meals count against each other. @param gap days between them; @param same dish, @param batch cooked at once */
    public static long pair(int gap, boolean same, boolean batch, boolean protein) {
        if (same && batch) {
            return gap == 0 ? LEFTOVER_SAME_DAY : gap == 1 ? LEFTOVER_NEXT_DAY : gap < DISH_DAYS ? LEFTOVER_LATER : 0;
        }
        if (same) {
            return gap == 0
                    ? DISH_SAME_DAY
                    : gap == 1 ? DISH_NEXT_DAY : gap < DISH_DAYS ? (DISH_DAYS - gap) * DISH_EACH_DAY : 0;
        }
        return !protein || gap > 1 ? 0 : gap == 0 ? PROTEIN_SAME_DAY : PROTEIN_NEXT_DAY;
    }

    /** What two meals of a plan count against each other that share a protein, a dish, a cooking. */
    public static long[] pairs(MenuWishes wishes, int gap) {
        long varied = varied(wishes, gap);
        return new long[] {
            varied * pair(gap, false, false, true),
            varied * pair(gap, true, false, true),
            varied * pair(gap, true, true, true)
        };
    }

    /** How much it counts that something comes again so many days later: twice a day is against whatever is wished. */
    public static long varied(MenuWishes wishes, int gap) {
        long wished = MenuWishes.factor(wishes.varied());
        return gap == 0 ? Math.max(ALWAYS, wished) : wished;
    }

    /** Thousandths of a base unit that so many hundredths of portions take. @param each millionths for a portion */
    public static long need(long each, long plates) {
        return (each * plates + PER_PLATE - 1) / PER_PLATE;
    }

    /** What lacks so little of what is wanted is not bought. */
    public static boolean nearEnough(long lacking, long wanted) {
        return lacking <= wanted / NEAR_OF;
    }

    /** What this many thousandths of a base unit cost at a price for a thousand base units. */
    public static long worth(long amount, long price) {
        return amount * price / 1_000_000;
    }

    /** What weighs for a meal of this dish beside its money: a price nobody knows is not nothing. */
    public static long unpriced(MenuProblem problem, MenuProblem.Dish dish, int plates) {
        return MenuWishes.factor(problem.wishes().cheap()) * (dish.unpriced() * plates / 100);
    }

    /** What weighs for a packet that is no longer at its best. */
    public static long pastBest(MenuProblem.Packet packet, int day) {
        return packet.best() != MenuProblem.NONE && day > packet.best() ? ALWAYS * PAST_BEST : 0;
    }

    /** What counts for a week that costs more than it may. @param paid hundredths of minor units */
    public static long overCap(MenuProblem problem, int week, long paid) {
        OptionalLong cap = problem.cap(week);
        return cap.isEmpty() ? 0 : Math.max(0, paid - cap.getAsLong() * MINOR) * OVER_BUDGET * ALWAYS;
    }

    public static long noRoom(MenuProblem problem, long frozen) {
        return Math.max(0, frozen - problem.room()) * PORTION_NO_ROOM / 100 * ALWAYS;
    }
}
