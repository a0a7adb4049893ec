package wexilla.app.preview;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import wexilla.app.household.Reference;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.app.preview.PlanPreview.PlanAsked;
import wexilla.app.preview.PlanPreview.PlanDish;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.keeping.KeepDates;
import wexilla.core.keeping.Storage;
import wexilla.core.keeping.Thaw;
import wexilla.core.menu.MenuKitchen;
import wexilla.core.menu.MenuProblem;
import wexilla.core.menu.MenuProblem.Choice;
import wexilla.core.menu.MenuProblem.Cooked;
import wexilla.core.menu.MenuProblem.Dish;
import wexilla.core.menu.MenuProblem.FromStock;
import wexilla.core.menu.MenuProblem.Packet;
import wexilla.core.menu.MenuWeights;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;
import wexilla.core.plan.Eater;
import wexilla.core.plan.MealOfDay;
import wexilla.core.pricing.CostSheet;
import wexilla.core.pricing.Seasoning;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.stock.OpenLot;
import wexilla.core.stock.Supply;
import wexilla.core.stock.notes.NoteKeeping;
import wexilla.core.stock.notes.NoteLine;
import wexilla.core.stock.notes.NoteReader;

/**
 * The dishes and the stock of a plan that is asked for, as they are typed: a kitchen of this call only.
 *
 * @param in for each dish the foods that go in; none where nobody says
 * @param notUsed what no dish can use, in words
 */
record PlanPantry(
        List<Dish> dishes,
        List<List<Food>> in,
        List<Packet> packets,
        List<MenuProblem.Food> foods,
        List<String> notUsed) {

    private static final int MOST_DISHES = 500;
    private static final int MOST_LINES = 40;
    private static final int MOST_STOCK = 300;
    private static final int MOST_HANDS = 24 * 60;
    private static final int USUAL_PORTIONS = 4;
    private static final int USUAL_KEEPS = 4;
    private static final int MOST_PORTIONS = 500;
    private static final LocalTime MORNING = LocalTime.of(8, 0);
    private static final LocalTime DINNER = MealOfDay.DINNER.usualTime();
    private static final LocalTime BEGINS = DINNER.minusMinutes(MealOfDay.DINNER.usualMinutes());
    private static final long UNPRICED_PORTION = 100L * Trade.whole("menu.unpriced-portion");

    static PlanPantry of(PlanAsked asked, Reference reference, LocalDate start) {
        return new Reader(asked, reference, start).read();
    }

    /** What was said to stand on a day: a packet or a dish of that name; open where nothing is called so. */
    Choice named(String eat, int day) {
        for (int i = 0; i < packets.size(); i++) {
            if (packets.get(i).name().equalsIgnoreCase(eat.strip())) {
                return new FromStock(i);
            }
        }
        return IntStream.range(0, dishes.size())
                .filter(i -> dishes.get(i).name().equalsIgnoreCase(eat.strip()))
                .<Choice>mapToObj(i -> new Cooked(i, day))
                .findFirst()
                .orElse(MenuProblem.UNDECIDED);
    }

    private static final class Reader {
        private final PlanAsked asked;
        private final Reference reference;
        private final LocalDate start;
        private final Measures measures;
        private final Stall stall;
        private final Map<Key, List<OpenLot>> lots = new LinkedHashMap<>();
        private final Map<String, Packet> packets = new LinkedHashMap<>();
        private final List<List<Food>> in = new ArrayList<>();
        private final List<String> notUsed = new ArrayList<>();

        Reader(PlanAsked asked, Reference reference, LocalDate start) {
            this.asked = asked;
            this.reference = reference;
            this.start = start;
            measures = Asked.measures(asked.cup(), asked.tbsp());
            stall = Stall.of(reference.book(), asked.offers() == null ? List.of() : asked.offers(), measures);
        }

        PlanPantry read() {
            if (asked.dishes().size() > MOST_DISHES) {
                throw Problem.at("/dishes", asked.dishes().size() + " dishes; " + MOST_DISHES + " is the most.");
            }
            List<String> stock = asked.stock() == null ? List.of() : asked.stock();
            if (stock.size() > MOST_STOCK) {
                throw Problem.at("/stock", stock.size() + " lines; " + MOST_STOCK + " is the most.");
            }
            for (int i = 0; i < stock.size(); i++) {
                String at = "/stock/" + i;
                String line = Asked.name(at, stock.get(i), LineReader.LONGEST);
                NoteReader reader = new NoteReader(stall.book(), Asked.CURRENCY, measures, start);
                Asked.at(at, () -> reader.read(line)).forEach(this::stock);
            }
            MenuKitchen kitchen = new MenuKitchen(
                    Supply.of(lots, Set.of(), reference.forms()),
                    new CostSheet.Known(
                            Supply.none(), stall.offers(), Seasoning.OUT, Money.zero(Asked.CURRENCY), measures, start),
                    reference.keeping(),
                    start.atTime(MORNING),
                    BEGINS,
                    start);
            List<Dish> dishes = new ArrayList<>();
            for (int i = 0; i < asked.dishes().size(); i++) {
                dishes.add(dish("/dishes/" + i, asked.dishes().get(i), kitchen));
            }
            List<String> used =
                    kitchen.foods().stream().map(MenuProblem.Food::name).toList();
            lots.keySet().stream()
                    .flatMap(key -> stall.book().get(key).map(Food::name).stream())
                    .filter(name -> !used.contains(name))
                    .forEach(name -> notUsed.add("no dish here uses the " + name + " you have"));
            return new PlanPantry(dishes, in, List.copyOf(packets.values()), kitchen.foods(), notUsed);
        }

        private void stock(NoteLine line) {
            Storage storage = NoteKeeping.likely(line, reference.keeping(), start);
            NoteKeeping keeping = NoteKeeping.of(line, storage, reference.keeping(), start);
            KeepDates dates = keeping.dates();
            Amount each = line.each();
            Food food = line.food();
            boolean portions = each != null && each.unit().equals(Unit.PORTION);
            if (each != null && (line.dish() || portions || food == null) && countable(each)) {
                int plates = each.value()
                        .times(Rational.of(100L * line.count()))
                        .floor()
                        .intValueExact();
                String name = food == null ? line.foodName() : food.name();
                Packet packet = new Packet(
                        name,
                        proteins(name, food),
                        0,
                        plates,
                        offset(Thaw.ready(
                                start.atTime(MORNING),
                                lot(each, keeping, storage).hoursToThaw(each),
                                DINNER)),
                        offset(dates.eatBy()),
                        offset(dates.bestBefore()),
                        5,
                        UNPRICED_PORTION);
                packets.put(name + packet.until() + packets.size(), packet);
            } else if (food == null || each == null) {
                notUsed.add("“" + line.text() + "” is not counted: say how much of what it is");
            } else if (Conversion.convert(food, each, food.base(), measures)
                    instanceof Conversion.Converted converted) {
                for (int one = 0; one < line.count(); one++) {
                    lots.computeIfAbsent(food.key(), key -> new ArrayList<>())
                            .add(lot(converted.amount(), keeping, storage));
                }
            } else {
                notUsed.add("“" + line.text() + "” is not counted: nobody knows what one weighs");
            }
        }

        /** As it lies there; what is frozen is taken out in the morning of the first day. */
        private OpenLot lot(Amount amount, NoteKeeping keeping, Storage storage) {
            KeepDates dates = keeping.dates();
            return new OpenLot(
                    "",
                    amount,
                    Cost.unknown(Asked.CURRENCY),
                    dates.eatBy() == null ? dates.bestBefore() : dates.eatBy(),
                    null,
                    dates.eatBy(),
                    keeping.clock(),
                    false,
                    storage == Storage.FREEZER ? Thaw.Shape.BAG : null,
                    null);
        }

        private static boolean countable(Amount each) {
            return each.unit().equals(Unit.PORTION) || each.unit().equals(Unit.PIECE);
        }

        private Set<String> proteins(String name, @Nullable Food food) {
            return asked.dishes().stream()
                    .filter(dish -> dish.name().strip().equalsIgnoreCase(name))
                    .findFirst()
                    .map(dish -> set(dish.protein()))
                    .orElse(set(food == null ? null : food.traits().protein()));
        }

        private static Set<String> set(@Nullable String protein) {
            return protein == null || protein.isBlank()
                    ? Set.of()
                    : Set.of(protein.strip().toLowerCase(java.util.Locale.ROOT));
        }

        private int offset(@Nullable LocalDate day) {
            return day == null ? MenuProblem.NONE : Math.max(0, (int) ChronoUnit.DAYS.between(start, day));
        }

        private Dish dish(String at, PlanDish dish, MenuKitchen kitchen) {
            String name = Asked.name(at + "/name", dish.name(), 120);
            Rational portions = dish.portions() == null
                    ? Rational.of(USUAL_PORTIONS)
                    : Asked.number(at + "/portions", dish.portions());
            if (portions.compareTo(Rational.ONE) < 0 || portions.compareTo(Rational.of(MOST_PORTIONS)) > 0) {
                throw Problem.at(
                        at + "/portions",
                        "A dish makes 1 to " + MOST_PORTIONS + " portions, not " + portions.plain() + ".");
            }
            int hands = within(at + "/handsMin", dish.handsMin() == null ? 0 : dish.handsMin(), 0, MOST_HANDS);
            long cost = dish.costPerPortion() == null
                    ? 0
                    : 100
                            * Asked.money(at + "/costPerPortion", dish.costPerPortion())
                                    .minor();
            MenuKitchen.Takes takes = takes(at, dish, portions, kitchen);
            List<MenuProblem.Food> foods = kitchen.foods();
            long known = takes.uses().stream()
                    .mapToLong(use -> MenuWeights.worth(
                            MenuWeights.need(use.each(), 100),
                            foods.get(use.food()).worth()))
                    .sum();
            // half of the hands are there whatever the size, half go by the portions: own definition
            int set = hands / 2;
            int each = Rational.of(100L * (hands - set))
                    .dividedBy(portions)
                    .floor()
                    .intValueExact();
            return new Dish(
                    name,
                    set(dish.protein()),
                    within(at + "/liked", dish.liked() == null ? 0 : dish.liked(), -2, 2),
                    false,
                    set,
                    each,
                    within(at + "/minutes", dish.minutes() == null ? hands : dish.minutes(), 0, 7 * MOST_HANDS),
                    within(at + "/keepsDays", dish.keepsDays() == null ? USUAL_KEEPS : dish.keepsDays(), 0, 30),
                    Boolean.TRUE.equals(dish.freezes()),
                    MOST_PORTIONS,
                    Math.max(0, cost - known),
                    // what a portion costs was said: nothing in it is without a price
                    dish.costPerPortion() == null ? takes.unpriced() : 0,
                    takes.uses());
        }

        private static int within(String field, int said, int least, int most) {
            if (said < least || said > most) {
                throw Problem.at(field, "This lies from " + least + " to " + most + ", not " + said + ".");
            }
            return said;
        }

        /** What goes into a portion, by the lines that were typed. */
        private MenuKitchen.Takes takes(String at, PlanDish dish, Rational portions, MenuKitchen kitchen) {
            List<String> lines = dish.lines() == null ? List.of() : dish.lines();
            if (lines.size() > MOST_LINES) {
                throw Problem.at(at + "/lines", lines.size() + " lines; " + MOST_LINES + " is the most.");
            }
            LineReader reader = new LineReader(stall.book());
            List<RecipeLine> read = new ArrayList<>();
            for (int i = 0; i < lines.size(); i++) {
                String text = lines.get(i);
                read.add(RecipeLine.of(Asked.at(at + "/lines/" + i, () -> reader.read(text))));
            }
            Recipe recipe = new Recipe(dish.name(), portions.ceiling().intValueExact(), read, List.of());
            in.add(read.isEmpty() ? List.of() : Eater.foods(recipe));
            return kitchen.takes(Sized.asWritten(recipe, measures), portions);
        }
    }
}
