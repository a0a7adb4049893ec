package wexilla.core.menu;

import java.util.HashSet;
import java.util.List;
import java.util.OptionalLong;
import java.util.Set;
import wexilla.core.plan.Eater;
import wexilla.core.pricing.PackTable;
import wexilla.core.quantity.Trade;
import wexilla.core.quantity.Unfit;
import wexilla.core.quantity.Unit;

/**
 * What a proposal chooses among: meals of some weeks, dishes that can be cooked, packets that are there already, and the
 * foods that go in, from stock or in whole packs. Days count from 0, the first day of the plan. Portions are hundredths of an adult's, money hundredths
 * of a minor unit, amounts thousandths of the food's base unit: sums are exact.
 *
 * @param days of the plan, 1 to {@link #MOST_DAYS}
 * @param meals in the order of the days and, within a day, of the table times
 * @param cookMinutes for each day, minutes of hands set aside for cooking ahead, beside those of its meals
 * @param caps most minor units for each seven days, {@link #NONE} for no limit
 * @param often what is to be eaten how often
 * @param room hundredths of portions the freezer takes beside what is in it; {@link #NONE} when nobody knows
 */
public record MenuProblem(
        int days,
        List<Meal> meals,
        List<Dish> dishes,
        List<Packet> packets,
        List<Food> foods,
        List<Integer> cookMinutes,
        List<Long> caps,
        long room,
        MenuWishes wishes,
        List<Often> often) {

    /** Nothing is asked to be eaten so often. */
    public MenuProblem(
            int days,
            List<Meal> meals,
            List<Dish> dishes,
            List<Packet> packets,
            List<Food> foods,
            List<Integer> cookMinutes,
            List<Long> caps,
            long room,
            MenuWishes wishes) {
        this(days, meals, dishes, packets, foods, cookMinutes, caps, room, wishes, List.of());
    }

    /** Five weeks. */
    public static final int MOST_DAYS = 35;

    /** No limit, no date. */
    public static final int NONE = -1;

    private static final int MOST_MEALS = 6 * MOST_DAYS;
    private static final int MOST_OF_A_WEEK = Trade.whole("menu.most-of-a-week");

    /**
     * How often something is eaten within some days.
     *
     * @param things places among dishes and packets that count
     * @param from day, {@code to} the last one
     * @param most {@link #NONE} for no limit
     * @param words as it was asked
     */
    public record Often(Set<Integer> things, int from, int to, int least, int most, String words) {

        public Often {
            things = Set.copyOf(things);
        }

        /** How many meals there are too few or too many where it is eaten so often. */
        public int off(int often) {
            return often < least ? least - often : most != NONE && often > most ? often - most : 0;
        }
    }

    /** What is eaten at a meal. */
    public sealed interface Choice permits Undecided, Cooked, FromStock {}

    /** Left open. */
    public record Undecided() implements Choice {}

    /** @param dish its place in the list; @param day it is cooked on: that of the meal, or an earlier one */
    public record Cooked(int dish, int day) implements Choice {}

    /** @param packet its place in the list */
    public record FromStock(int packet) implements Choice {}

    public static final Undecided UNDECIDED = new Undecided();

    /**
     * One meal.
     *
     * @param plates hundredths of adult portions
     * @param minutes of hands there are for it
     * @param clock minutes somebody is at home before the table is set
     * @param against for each dish and then for each packet, how many at the table would rather not; or {@link Eater#MUST_NOT}
     * @param open whether it is to be proposed; else it stays as {@code stands}, and undecided costs nothing
     * @param stands what is decided, or what was proposed before
     * @param who sits at it, a bit for each; 0 for everybody
     */
    public record Meal(
            int day, int plates, int minutes, int clock, List<Integer> against, boolean open, Choice stands, long who) {

        /** A meal of everybody. */
        public Meal(int day, int plates, int minutes, int clock, List<Integer> against, boolean open, Choice stands) {
            this(day, plates, minutes, clock, against, open, stands, 0);
        }

        /** Whether somebody eats at both: only for them something comes again. */
        public boolean meets(Meal other) {
            return who == 0 || other.who == 0 || (who & other.who) != 0;
        }

        public Meal {
            if (plates < 0 || minutes < 0 || clock < 0) {
                throw new IllegalArgumentException("a meal has plates and minutes of zero or more");
            }
        }
    }

    /**
     * A dish that can be cooked.
     *
     * @param proteins two meals of one protein follow each other badly
     * @param liked from −2, not eaten, to 2, again soon, as its eaters said
     * @param untried whether nobody here has cooked it yet
     * @param hands minutes whatever its size, {@code handsEach} hundredths of a minute for each portion more
     * @param minutes from the begin to the table
     * @param keeps the last day in the fridge after the day of cooking
     * @param freezes whether it can be frozen, and thawed for another day
     * @param most portions in one cooking
     * @param cost of a portion, without what {@code uses} names
     * @param notOn a bit for each day it must not be cooked on
     * @param unpriced what weighs for a portion of it whose price nobody knows: never told, never money
     */
    public record Dish(
            String name,
            Set<String> proteins,
            int liked,
            boolean untried,
            int hands,
            int handsEach,
            int minutes,
            int keeps,
            boolean freezes,
            int most,
            long cost,
            long unpriced,
            List<Use> uses,
            long notOn) {

        public Dish {
            proteins = Set.copyOf(proteins);
            uses = List.copyOf(uses);
        }

        /** A dish that may be cooked on any day. */
        public Dish(
                String name,
                Set<String> proteins,
                int liked,
                boolean untried,
                int hands,
                int handsEach,
                int minutes,
                int keeps,
                boolean freezes,
                int most,
                long cost,
                long unpriced,
                List<Use> uses) {
            this(
                    name, proteins, liked, untried, hands, handsEach, minutes, keeps, freezes, most, cost, unpriced,
                    uses, 0);
        }

        /** Whether it may be cooked on this day. */
        public boolean cooks(int day) {
            return (notOn >>> day & 1) == 0;
        }

        /** The same, not to be cooked on some days. @param days a bit for each */
        public Dish notOn(long days) {
            return new Dish(
                    name, proteins, liked, untried, hands, handsEach, minutes, keeps, freezes, most, cost, unpriced,
                    uses, days);
        }

        /** A dish of which every price is known. */
        public Dish(
                String name,
                Set<String> proteins,
                int liked,
                boolean untried,
                int hands,
                int handsEach,
                int minutes,
                int keeps,
                boolean freezes,
                int most,
                long cost,
                List<Use> uses) {
            this(name, proteins, liked, untried, hands, handsEach, minutes, keeps, freezes, most, cost, 0, uses);
        }

        /** The same with something in it whose price nobody knows. @param more what that weighs for a portion */
        Dish unpriced(long more) {
            return new Dish(
                    name, proteins, liked, untried, hands, handsEach, minutes, keeps, freezes, most, cost, more, uses,
                    notOn);
        }
    }

    /** @param food its place in the list; @param each millionths of its base unit in a portion */
    public record Use(int food, long each) {}

    /**
     * A dish that is there, in one packet or several of the same date.
     *
     * @param plates hundredths of portions there are
     * @param from first day it can be eaten: thawed by then
     * @param until last day, a limit; {@code best} last day of its best; both may be {@link #NONE}
     * @param minutes of hands it takes on the night; {@code clock} minutes from then to the table
     * @param dishes what it is by name: several where they are put together to one meal
     * @param worth of a portion
     */
    public record Packet(
            String name,
            List<String> dishes,
            Set<String> proteins,
            int liked,
            int plates,
            int from,
            int until,
            int best,
            int minutes,
            int clock,
            long worth) {

        public Packet {
            dishes = List.copyOf(dishes);
            proteins = Set.copyOf(proteins);
        }

        /** One dish. */
        public Packet(
                String name,
                Set<String> proteins,
                int liked,
                int plates,
                int from,
                int until,
                int best,
                int minutes,
                long worth) {
            this(name, List.of(name), proteins, liked, plates, from, until, best, minutes, minutes, worth);
        }

        /** The same, so many minutes from its begin to the table. */
        public Packet within(int clock) {
            return new Packet(name, dishes, proteins, liked, plates, from, until, best, minutes, clock, worth);
        }
    }

    /**
     * A food that dishes use: what is there of it, and the packs the rest is bought in, on the first of each seven days.
     *
     * @param unit its base unit
     * @param worth of a thousand base units: what is lost when they pass their date
     * @param packs it is bought in; none where nobody knows a price
     * @param keeps how many days what is left of a pack keeps after the day it was bought; {@link #NONE} beyond any plan
     * @param besides what else is bought of it whatever is chosen, in the order of the days
     */
    public record Food(
            String name,
            Unit unit,
            long worth,
            List<Lot> lots,
            List<PackTable.Pack> packs,
            int keeps,
            List<Besides> besides) {

        public Food {
            lots = List.copyOf(lots);
            packs = List.copyOf(packs);
            besides = List.copyOf(besides);
        }

        /** The same with other lots. */
        public Food with(List<Lot> other) {
            return new Food(name, unit, worth, other, packs, keeps, besides);
        }

        /** The last day what is left of a pack is good, bought for the seven days that begin here. */
        public int spareUntil(int bought) {
            return keeps == NONE ? NONE : bought + keeps;
        }
    }

    /** So much is bought on a day for what is not chosen here. */
    public record Besides(int day, long amount) {}

    /**
     * @param from first day it can be cooked: thawed by then
     * @param until last day; {@link #NONE} where it keeps beyond any plan
     * @param must whether the cook wants it used by then, whatever it costs
     */
    public record Lot(long amount, int from, int until, boolean must) {

        boolean on(int day) {
            return day >= from && (until == NONE || day <= until);
        }
    }

    /** @throws Unfit if the days, places or sizes do not fit each other */
    public MenuProblem {
        meals = List.copyOf(meals);
        dishes = List.copyOf(dishes);
        packets = List.copyOf(packets);
        foods = List.copyOf(foods);
        cookMinutes = List.copyOf(cookMinutes);
        caps = List.copyOf(caps);
        often = List.copyOf(often);
        if (days < 1 || days > MOST_DAYS || cookMinutes.size() != days) {
            throw new Unfit("a plan has 1 to " + MOST_DAYS + " days, not " + days);
        }
        if (meals.size() > MOST_MEALS) {
            throw new Unfit(meals.size() + " meals; " + MOST_MEALS + " is the most");
        }
        int before = 0;
        for (Meal meal : meals) {
            if (meal.day() < before || meal.day() >= days || meal.against().size() != dishes.size() + packets.size()) {
                throw new IllegalArgumentException("a meal out of its order, or with too few verdicts");
            }
            before = meal.day();
        }
    }

    /** How many weeks it is shopped for; the last one may be short. */
    public int weeks() {
        return (days + 6) / 7;
    }

    /** Whether a week has most of its meals, one of them at least to be proposed. */
    public boolean whole(int week) {
        List<Meal> own = meals.stream().filter(meal -> meal.day() / 7 == week).toList();
        return own.size() >= MOST_OF_A_WEEK && own.stream().anyMatch(Meal::open);
    }

    /** Most minor units for a week; empty without a limit. Where fewer are said than there are weeks the last one goes on. */
    public OptionalLong cap(int week) {
        long most = caps.isEmpty() ? NONE : caps.get(Math.min(week, caps.size() - 1));
        return most == NONE ? OptionalLong.empty() : OptionalLong.of(most);
    }

    /** Whether a dish of this cooking can be on the table then: cooked on a day it may be, and not too old. */
    public boolean keeps(Cooked cooked, int day) {
        Dish dish = dishes.get(cooked.dish());
        int age = day - cooked.day();
        return age >= 0 && (age <= dish.keeps() || dish.freezes()) && dish.cooks(cooked.day());
    }

    /** Whether this packet can be on the table then. */
    public boolean there(FromStock stock, int day) {
        Packet packet = packets.get(stock.packet());
        return day >= packet.from() && (packet.until() == NONE || day <= packet.until());
    }

    /** Minutes the table waits when this is begun as soon as somebody is at home; 0 where it is ready in time. */
    public int late(Cooked cooked, Meal meal) {
        return Math.max(0, dishes.get(cooked.dish()).minutes() - meal.clock());
    }

    /** The name of what is eaten; empty for an open meal. */
    public String name(Choice choice) {
        if (choice instanceof Cooked cooked) {
            return dishes.get(cooked.dish()).name();
        }
        return choice instanceof FromStock stock ? packets.get(stock.packet()).name() : "";
    }

    /** Its place among dishes and packets; {@link #NONE} for an open meal. */
    public int thing(Choice choice) {
        if (choice instanceof Cooked cooked) {
            return cooked.dish();
        }
        return choice instanceof FromStock stock ? dishes.size() + stock.packet() : NONE;
    }

    /** How often something of this is eaten. */
    public int often(Often asked, List<? extends Choice> choices) {
        int often = 0;
        for (int at = 0; at < meals.size(); at++) {
            int day = meals.get(at).day();
            boolean within = day >= asked.from() && day <= asked.to();
            often += within && asked.things().contains(thing(choices.get(at))) ? 1 : 0;
        }
        return often;
    }

    /** Whether a dish of one is a dish of the other. */
    public boolean same(Choice one, Choice other) {
        return names(one).stream().anyMatch(name -> names(other).stream().anyMatch(name::equalsIgnoreCase));
    }

    private List<String> names(Choice choice) {
        return choice instanceof FromStock stock ? packets.get(stock.packet()).dishes() : List.of(name(choice));
    }

    /** Where what is eaten comes from on this day: cooked, fridge, freezer, stock; empty for an open meal. */
    public String from(Choice choice, int day) {
        if (choice instanceof Cooked cooked) {
            int age = day - cooked.day();
            return age == 0 ? "cooked" : age <= dishes.get(cooked.dish()).keeps() ? "fridge" : "freezer";
        }
        return choice instanceof FromStock ? "stock" : "";
    }

    public Set<String> proteins(Choice choice) {
        if (choice instanceof Cooked cooked) {
            return dishes.get(cooked.dish()).proteins();
        }
        return choice instanceof FromStock stock ? packets.get(stock.packet()).proteins() : new HashSet<>();
    }

    /** How much it is liked, from −2 to 2; 0 for an open meal. */
    public int liked(Choice choice) {
        if (choice instanceof Cooked cooked) {
            return dishes.get(cooked.dish()).liked();
        }
        return choice instanceof FromStock stock ? packets.get(stock.packet()).liked() : 0;
    }

    /** How many at the table would rather not, or {@link Eater#MUST_NOT}. */
    public int against(Meal meal, Choice choice) {
        if (choice instanceof Cooked cooked) {
            return meal.against().get(cooked.dish());
        }
        return choice instanceof FromStock stock ? meal.against().get(dishes.size() + stock.packet()) : 0;
    }
}
