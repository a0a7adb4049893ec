package wexilla.core.menu.search;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import wexilla.core.menu.MenuProblem;
import wexilla.core.menu.MenuProblem.Choice;
import wexilla.core.menu.MenuProblem.Cooked;
import wexilla.core.menu.MenuProblem.Dish;
import wexilla.core.menu.MenuProblem.Food;
import wexilla.core.menu.MenuProblem.FromStock;
import wexilla.core.menu.MenuProblem.Lot;
import wexilla.core.menu.MenuProblem.Meal;
import wexilla.core.menu.MenuProblem.Packet;
import wexilla.core.menu.MenuStock;
import wexilla.core.menu.MenuWeights;
import wexilla.core.menu.MenuWishes;
import wexilla.core.plan.Eater;
import wexilla.core.pricing.PackTable;

/**
 * A {@link MenuProblem} as the search reads it: arrays, and every choice a number. 0 is an open meal, then come the dishes
 * with the day each is cooked on, then the packets.
 */
final class Tables {

    final MenuProblem problem;
    final int meals;
    final int days;
    final int dishes;
    final int packets;
    final int codes;
    final int[] day;
    final int[] plates;
    final int[] clock;
    /** Days that are cook days, and weeks that have most of their meals. */
    final boolean[] cookDay;

    final boolean[] whole;
    final boolean[] open;
    final MenuProblem.Often[] often;
    /** For each meal what is asked of its day; for each of those which dishes and packets count. */
    final int[][] oftenAt;

    final boolean[][] countsFor;
    final int[] stands;
    final int[][] mayDish;
    final int[][] mayPacket;
    /** Whether a dish of one is a dish of the other. */
    final boolean[][] same;

    final long[] proteinOf;
    final int[] firstMeal;
    /** The first meal within the days in which two dishes count against each other, and the one behind the last. */
    final int[] from;

    final int[] to;
    final long[][] pairs;

    /** Whether somebody eats at both meals. */
    final boolean[][] meets;

    final int[][] useFood;
    /** For each dish and food, how much of it a portion takes. */
    final long[][] each;

    final int[][] lotFrom;
    final int[][] lotUntil;
    final long[][] lotAmount;
    final boolean[][] lotMust;
    /** For each food, what it is bought in; null where nobody knows a price. */
    final @Nullable PackTable[] packs;

    /** What is bought of it whatever is chosen, in the order of the days. */
    final MenuProblem.Besides[][] besides;

    int mostLots;
    final Dish[] dish;
    private final long[][] likedOf;
    private final long[][] againstOf;

    Tables(MenuProblem problem) {
        this.problem = problem;
        meals = problem.meals().size();
        days = problem.days();
        dishes = problem.dishes().size();
        packets = problem.packets().size();
        codes = 1 + dishes * days + packets;
        day = problem.meals().stream().mapToInt(Meal::day).toArray();
        plates = problem.meals().stream().mapToInt(Meal::plates).toArray();
        cookDay = new boolean[days];
        for (int one = 0; one < days; one++) {
            cookDay[one] = problem.cookMinutes().get(one) > 0;
        }
        whole = new boolean[problem.weeks()];
        for (int week = 0; week < whole.length; week++) {
            whole[week] = problem.whole(week);
        }
        clock = problem.meals().stream().mapToInt(Meal::clock).toArray();
        often = problem.often().toArray(MenuProblem.Often[]::new);
        oftenAt = new int[meals][];
        countsFor = new boolean[often.length][dishes + packets];
        for (int asked = 0; asked < often.length; asked++) {
            for (int thing : often[asked].things()) {
                countsFor[asked][thing] = true;
            }
        }
        for (int at = 0; at < meals; at++) {
            int on = day[at];
            oftenAt[at] = IntStream.range(0, often.length)
                    .filter(asked -> on >= often[asked].from() && on <= often[asked].to())
                    .toArray();
        }
        open = new boolean[meals];
        stands = problem.meals().stream().mapToInt(meal -> code(meal.stands())).toArray();
        mayDish = new int[meals][];
        mayPacket = new int[meals][];
        firstMeal = new int[days + 1];
        from = new int[meals];
        to = new int[meals];
        dish = problem.dishes().toArray(Dish[]::new);
        same = new boolean[dishes + packets][dishes + packets];
        proteinOf = new long[dishes + packets];
        meets = new boolean[meals][meals];
        likedOf = new long[meals][dishes + packets];
        againstOf = new long[meals][dishes + packets];
        meals();
        names();
        pairs = new long[MenuWeights.DISH_DAYS][];
        for (int gap = 0; gap < pairs.length; gap++) {
            pairs[gap] = MenuWeights.pairs(problem.wishes(), gap);
        }
        useFood = new int[dishes][];
        each = new long[dishes][problem.foods().size()];
        lotFrom = new int[problem.foods().size()][];
        lotUntil = new int[problem.foods().size()][];
        lotAmount = new long[problem.foods().size()][];
        lotMust = new boolean[problem.foods().size()][];
        packs = new PackTable[problem.foods().size()];
        besides = new MenuProblem.Besides[problem.foods().size()][];
        foods();
    }

    private void meals() {
        for (int at = 0; at < meals; at++) {
            Meal meal = problem.meals().get(at);
            open[at] = meal.open();
            for (int other = 0; other < meals; other++) {
                meets[at][other] = meal.meets(problem.meals().get(other));
            }
            verdicts(at);
            List<Integer> may = new ArrayList<>();
            List<Integer> packet = new ArrayList<>();
            for (int i = 0; i < dishes + packets; i++) {
                boolean allowed = meal.against().get(i) != Eater.MUST_NOT;
                if (allowed && i < dishes) {
                    may.add(i);
                } else if (allowed && problem.there(new FromStock(i - dishes), meal.day())) {
                    packet.add(i - dishes);
                }
            }
            mayDish[at] = may.stream().mapToInt(Integer::intValue).toArray();
            mayPacket[at] = packet.stream().mapToInt(Integer::intValue).toArray();
        }
        for (int one = 0, at = 0; one <= days; one++) {
            while (at < meals && day[at] < one) {
                at++;
            }
            firstMeal[one] = at;
        }
        for (int at = 0; at < meals; at++) {
            from[at] = firstMeal[Math.max(0, day[at] - MenuWeights.DISH_DAYS + 1)];
            to[at] = firstMeal[Math.min(days, day[at] + MenuWeights.DISH_DAYS)];
        }
    }

    private void names() {
        Map<String, List<Integer>> names = new HashMap<>();
        Map<String, Integer> proteins = new HashMap<>();
        for (int i = 0; i < dishes + packets; i++) {
            Packet packet = i < dishes ? null : problem.packets().get(i - dishes);
            for (String name : packet == null ? List.of(dish[i].name()) : packet.dishes()) {
                List<Integer> called = names.computeIfAbsent(name.toLowerCase(Locale.ROOT), one -> new ArrayList<>());
                called.add(i);
                for (int other : called) {
                    same[i][other] = same[other][i] = true;
                }
            }
            for (String protein : packet == null ? dish[i].proteins() : packet.proteins()) {
                int bit = proteins.computeIfAbsent(protein, one -> proteins.size());
                if (bit >= Long.SIZE) {
                    throw new IllegalArgumentException("more than " + Long.SIZE + " proteins");
                }
                proteinOf[i] |= 1L << bit;
            }
        }
    }

    private void foods() {
        for (int i = 0; i < dishes; i++) {
            useFood[i] = dish[i].uses().stream()
                    .mapToInt(MenuProblem.Use::food)
                    .distinct()
                    .toArray();
            for (MenuProblem.Use use : dish[i].uses()) {
                each[i][use.food()] += use.each();
            }
        }
        for (int i = 0; i < lotUntil.length; i++) {
            Food food = problem.foods().get(i);
            List<Lot> lots = merged(food).stream()
                    .sorted(Comparator.comparingInt(lot -> MenuStock.last(lot.until())))
                    .toList();
            packs[i] = food.packs().isEmpty() ? null : new PackTable(food.packs());
            besides[i] = food.besides().toArray(MenuProblem.Besides[]::new);
            lotUntil[i] =
                    lots.stream().mapToInt(lot -> MenuStock.last(lot.until())).toArray();
            lotFrom[i] = lots.stream().mapToInt(Lot::from).toArray();
            lotAmount[i] = lots.stream().mapToLong(Lot::amount).toArray();
            mostLots = Math.max(mostLots, lots.size());
            lotMust[i] = new boolean[lots.size()];
            for (int lot = 0; lot < lots.size(); lot++) {
                lotMust[i][lot] = lots.get(lot).must();
            }
        }
    }

    /** Lots that outlast the plan and are there from the same day are one: which of them is taken makes no difference. */
    private List<Lot> merged(Food food) {
        List<Lot> lots = new ArrayList<>();
        Map<Integer, Long> lasting = new TreeMap<>();
        for (Lot lot : food.lots()) {
            if (lot.must() || MenuStock.last(lot.until()) < days) {
                lots.add(lot);
            } else {
                lasting.merge(lot.from(), lot.amount(), Long::sum);
            }
        }
        lasting.forEach((from, amount) -> lots.add(new Lot(amount, from, MenuProblem.NONE, false)));
        return lots;
    }

    int cooked(int dish, int day) {
        return 1 + dish * days + day;
    }

    int packet(int packet) {
        return 1 + dishes * days + packet;
    }

    boolean isCooked(int code) {
        return code > 0 && code <= dishes * days;
    }

    boolean isPacket(int code) {
        return code > dishes * days;
    }

    int dishOf(int code) {
        return (code - 1) / days;
    }

    int dayOf(int code) {
        return (code - 1) % days;
    }

    int packetOf(int code) {
        return code - 1 - dishes * days;
    }

    /** Its place among dishes and packets. */
    int thing(int code) {
        return isCooked(code) ? dishOf(code) : dishes + packetOf(code);
    }

    int code(Choice choice) {
        if (choice instanceof Cooked cooked) {
            return cooked(cooked.dish(), cooked.day());
        }
        return choice instanceof FromStock stock ? packet(stock.packet()) : 0;
    }

    Choice choice(int code) {
        if (code == 0) {
            return MenuProblem.UNDECIDED;
        }
        return isCooked(code) ? new Cooked(dishOf(code), dayOf(code)) : new FromStock(packetOf(code));
    }

    List<Choice> choices(int[] chosen) {
        List<Choice> choices = new ArrayList<>();
        for (int code : chosen) {
            choices.add(choice(code));
        }
        return List.copyOf(choices);
    }

    /** Minutes of hands a packet takes on the night. */
    int minutes(int code) {
        return problem.packets().get(packetOf(code)).minutes();
    }

    /** What two choices count against each other. */
    long pair(int one, int other, int gap) {
        if (one == 0 || other == 0) {
            return 0;
        }
        int a = thing(one);
        int b = thing(other);
        if (same[a][b]) {
            return pairs[gap][one == other ? 2 : 1];
        }
        return (proteinOf[a] & proteinOf[b]) == 0 ? 0 : pairs[gap][0];
    }

    /** What a choice counts at a meal by itself; a meal that is not to be proposed counts only for what is liked. */
    long alone(int at, int code) {
        boolean changed = open[at] && stands[at] != 0 && stands[at] != code;
        long change = changed ? MenuWeights.changed(problem, day[at]) : 0;
        if (code == 0) {
            return open[at] ? change + MenuWeights.OPEN : 0;
        }
        int thing = thing(code);
        boolean late = open[at] && isCooked(code) && !keeps(at, code);
        return change + likedOf[at][thing] + (late ? MenuWeights.HARD : againstOf[at][thing]);
    }

    /** Whether a dish of this cooking can be on the table then. */
    boolean keeps(int at, int code) {
        int age = day[at] - dayOf(code);
        Dish one = dish[dishOf(code)];
        return age >= 0 && (age <= one.keeps() || one.freezes()) && one.cooks(dayOf(code));
    }

    private void verdicts(int at) {
        Meal meal = problem.meals().get(at);
        long favourites = MenuWishes.factor(problem.wishes().favourites()) * MenuWeights.LIKED;
        for (int i = 0; i < dishes + packets; i++) {
            Packet packet = i < dishes ? null : problem.packets().get(i - dishes);
            int against = meal.against().get(i);
            boolean must = against == Eater.MUST_NOT
                    || packet != null && !problem.there(new FromStock(i - dishes), meal.day());
            againstOf[at][i] =
                    !meal.open() ? 0 : must ? MenuWeights.HARD : MenuWeights.ALWAYS * against * MenuWeights.DISLIKED;
            likedOf[at][i] = (packet == null ? 0 : MenuWeights.pastBest(packet, meal.day()))
                    + (packet == null ? MenuWeights.unpriced(problem, dish[i], meal.plates()) : 0)
                    - favourites * (packet == null ? dish[i].liked() : packet.liked());
        }
    }
}
