package wexilla.app.preview;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
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
import wexilla.core.menu.MenuProblem;
import wexilla.core.menu.MenuProblem.Choice;
import wexilla.core.menu.MenuProblem.Cooked;
import wexilla.core.menu.MenuProblem.Dish;
import wexilla.core.menu.MenuProblem.FromStock;
import wexilla.core.menu.MenuProblem.Lot;
import wexilla.core.menu.MenuProblem.Packet;
import wexilla.core.menu.MenuProblem.Use;
import wexilla.core.plan.MealOfDay;
import wexilla.core.pricing.Offer;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.recipe.lines.ReadLine;
import wexilla.core.stock.notes.NoteKeeping;
import wexilla.core.stock.notes.NoteLine;
import wexilla.core.stock.notes.NoteReader;

/** The dishes and the stock of a plan that is asked for, as they are typed. @param notUsed what no dish can use, in words */
record PlanPantry(List<Dish> dishes, List<Packet> packets, List<MenuProblem.Food> foods, List<String> notUsed) {

    private static final int MOST_DISHES = 500;
    private static final int MOST_LINES = 40;
    private static final int MOST_STOCK = 300;
    private static final int MOST_HANDS = 24 * 60;
    private static final int USUAL_PORTIONS = 4;
    private static final int USUAL_KEEPS = 4;
    private static final int MOST_PORTIONS = 500;
    private static final Rational PORTION_KG = Trade.number("portion.grams").dividedBy(Rational.of(1000));
    private static final LocalTime MORNING = LocalTime.of(8, 0);
    private static final LocalTime DINNER = MealOfDay.DINNER.usualTime();
    private static final LocalTime BEGINS = DINNER.minusMinutes(MealOfDay.DINNER.usualMinutes());
    private static final Rational THOUSAND = Rational.of(1000);
    private static final long UNPRICED = 100L * Trade.whole("menu.unpriced-thousand");
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
        private final Map<Key, Integer> places = new LinkedHashMap<>();
        private final List<Food> used = new ArrayList<>();
        private final Map<Key, List<Lot>> lots = new LinkedHashMap<>();
        private final Map<String, Packet> packets = new LinkedHashMap<>();
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
            List<Dish> dishes = new ArrayList<>();
            for (int i = 0; i < asked.dishes().size(); i++) {
                dishes.add(dish("/dishes/" + i, asked.dishes().get(i)));
            }
            lots.keySet().stream()
                    .filter(key -> !places.containsKey(key))
                    .forEach(key -> notUsed.add("no dish here uses the "
                            + stall.book().get(key).map(Food::name).orElse("") + " you have"));
            List<MenuProblem.Food> foods = used.stream()
                    .map(food -> new MenuProblem.Food(
                            food.name(),
                            price(food),
                            price(food) > 0 ? price(food) : UNPRICED,
                            lots.getOrDefault(food.key(), List.of())))
                    .toList();
            return new PlanPantry(dishes, List.copyOf(packets.values()), foods, notUsed);
        }

        private void stock(NoteLine line) {
            Storage storage = NoteKeeping.likely(line, reference.keeping(), start);
            KeepDates dates =
                    NoteKeeping.of(line, storage, reference.keeping(), start).dates();
            int until = offset(dates.eatBy());
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
                        ready(storage, kg(each), DINNER),
                        until,
                        offset(dates.bestBefore()),
                        5,
                        UNPRICED_PORTION);
                packets.put(name + until + packets.size(), packet);
            } else if (food == null || each == null) {
                notUsed.add("“" + line.text() + "” is not counted: say how much of what it is");
            } else if (Conversion.convert(food, each, food.base(), measures)
                    instanceof Conversion.Converted converted) {
                long amount = thousandths(converted.amount()) * line.count();
                lots.computeIfAbsent(food.key(), key -> new ArrayList<>())
                        .add(new Lot(amount, ready(storage, kg(converted.amount()), BEGINS), until, false));
            } else {
                notUsed.add("“" + line.text() + "” is not counted: nobody knows what one weighs");
            }
        }

        /** Taken out in the morning of the first day. */
        private int ready(Storage storage, Rational kg, LocalTime by) {
            int hours = storage == Storage.FREEZER ? Thaw.hours(kg, Thaw.Shape.BAG) : 0;
            return offset(Thaw.ready(start.atTime(MORNING), hours, by));
        }

        private static Rational kg(Amount each) {
            return each.unit().equals(Unit.PORTION)
                    ? each.value().times(PORTION_KG)
                    : each.unit().equals(Unit.PIECE)
                            ? Rational.ONE
                            : each.value().dividedBy(THOUSAND);
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

        private static long thousandths(Amount amount) {
            return amount.value().times(THOUSAND).floor().longValueExact();
        }

        /** Hundredths of minor units for a thousand base units: 0 where no offer names it. */
        private long price(Food food) {
            List<Offer> offers = stall.offers().getOrDefault(food.key(), List.of());
            return Offer.best(offers).stream()
                    .findFirst()
                    .map(offer -> offer.unitPrice()
                            .minorPerUnit()
                            .times(Rational.of(100_000))
                            .floor()
                            .longValueExact())
                    .orElse(0L);
        }

        private Dish dish(String at, PlanDish dish) {
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
            List<Use> uses = uses(at, dish, portions);
            long stocked = uses.stream()
                    .mapToLong(use -> use.each() * price(used.get(use.food())) / 1_000_000)
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
                    Math.max(0, cost - stocked),
                    uses);
        }

        private static int within(String field, int said, int least, int most) {
            if (said < least || said > most) {
                throw Problem.at(field, "This lies from " + least + " to " + most + ", not " + said + ".");
            }
            return said;
        }

        /** What is there of this food, itself or what silently stands in for it; null for nothing. */
        private @Nullable There there(Food food) {
            Stream<There> others =
                    reference.forms().silent(food.key()).stream().map(form -> new There(form.by(), form.gives()));
            return Stream.concat(Stream.of(new There(food, Rational.ONE)), others)
                    .filter(there -> lots.containsKey(there.food().key()))
                    .findFirst()
                    .orElse(null);
        }

        /** @param gives so much of what a line asks for, each of it */
        private record There(Food food, Rational gives) {}

        /** What a portion takes of foods that are in stock. */
        private List<Use> uses(String at, PlanDish dish, Rational portions) {
            List<String> lines = dish.lines() == null ? List.of() : dish.lines();
            if (lines.size() > MOST_LINES) {
                throw Problem.at(at + "/lines", lines.size() + " lines; " + MOST_LINES + " is the most.");
            }
            LineReader reader = new LineReader(stall.book());
            List<Use> uses = new ArrayList<>();
            for (int i = 0; i < lines.size(); i++) {
                String text = lines.get(i);
                ReadLine line = Asked.at(at + "/lines/" + i, () -> reader.read(text));
                Food food = line.food();
                if (food != null
                        && line.quantity() != null
                        && Conversion.convert(food, line.quantity().max(), food.base(), measures)
                                instanceof Conversion.Converted converted
                        && there(food) != null) {
                    There by = Objects.requireNonNull(there(food));
                    Rational each = converted
                            .amount()
                            .value()
                            .dividedBy(by.gives())
                            .times(THOUSAND)
                            .dividedBy(portions);
                    int place = places.computeIfAbsent(by.food().key(), key -> {
                        used.add(by.food());
                        return used.size() - 1;
                    });
                    uses.add(new Use(place, each.floor().longValueExact()));
                }
            }
            return uses;
        }
    }
}
