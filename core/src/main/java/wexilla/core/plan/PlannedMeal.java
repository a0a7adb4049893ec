package wexilla.core.plan;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.people.Appetite;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.ScaledStep;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.lines.ReadLine;
import wexilla.core.recipe.steps.StepTime;

/**
 * One meal as planned: of an evening most often, of any other time of the day too.
 *
 * @param eaters who is at the table
 * @param only for each dish who of them eats of it; everybody where the list is empty
 */
public record PlannedMeal(When when, List<Eater> eaters, List<Dish> dishes, List<List<Eater>> only) {

    /** What is said of the form of pulses before their name. */
    private static final Pattern FORM = Pattern.compile("^(?:tinned|dried|cooked|frozen) ");

    /**
     * When a meal is, and what time there is for it.
     *
     * @param table when it is on the table, or packed by
     * @param homeFrom since when somebody is at home to cook; null when nobody said
     * @param minutes there are for it before that; where {@code homeFrom} is said, of hands
     */
    public record When(
            LocalDate day,
            MealOfDay meal,
            LocalTime table,
            @Nullable LocalTime homeFrom,
            int minutes) {

        /** Minutes between somebody coming home, or beginning, and the table. */
        public int clock() {
            return homeFrom == null
                    ? minutes
                    : (int) Math.max(
                            0, java.time.Duration.between(homeFrom, table).toMinutes());
        }
    }

    /** What is on the table. */
    public sealed interface Dish permits Cook, FromStock, Side, Task, Named {
        String name();
    }

    /** Cooked that evening, or for it. @param sized to the portions that are wanted */
    public record Cook(Sized sized) implements Dish {
        @Override
        public String name() {
            return sized.recipe().title();
        }
    }

    /**
     * A dish that is there already.
     *
     * @param key of its stock
     * @param warm how it comes hot to the table, before its own last steps; none for what is eaten cold or comes from its pot
     * @param finish the steps left for the evening, {@code add} the lines added on the night: of what is on the table
     * @param served what is in it, as far as known
     */
    public record FromStock(
            Key key,
            String name,
            List<ScaledStep> warm,
            List<ScaledStep> finish,
            List<Sized.Line> add,
            Served served,
            Rational portions)
            implements Dish {

        /** Everything that is done for it on the night. */
        List<ScaledStep> steps() {
            return Stream.concat(warm.stream(), finish.stream()).toList();
        }

        private FromStock unwarmed() {
            return new FromStock(key, name, List.of(), finish, add, served, portions);
        }
    }

    /** @param perHead for an adult portion; null when nobody said how much */
    public record Side(
            String name, @Nullable Food food, @Nullable Amount perHead) implements Dish {

        /** A side is a food and its usual amount a head: as typed, else an adult's portion of it. */
        public static Side of(ReadLine line, Measures measures) {
            Food food = line.food();
            if (line.quantity() != null) {
                return new Side(line.foodName(), food, line.quantity().max());
            }
            return food != null
                            && Conversion.convert(food, Amount.of(1, Unit.PORTION), food.base(), measures)
                                    instanceof Conversion.Converted usual
                    ? new Side(line.foodName(), food, usual.amount())
                    : new Side(line.foodName(), food, null);
        }
    }

    /** Something to do for it that is no dish: "whip the cream 5 min". @param time as far as its words say */
    public record Task(String name, StepTime time) implements Dish {}

    /** A name is enough to plan and eat. */
    public record Named(String name) implements Dish {}

    /** @throws IllegalArgumentException if there is not one list of eaters for each dish */
    public PlannedMeal {
        eaters = List.copyOf(eaters);
        dishes = List.copyOf(dishes);
        only = only.stream().map(List::copyOf).toList();
        if (only.size() != dishes.size()) {
            throw new IllegalArgumentException(dishes.size() + " dishes, " + only.size() + " lists of eaters");
        }
    }

    /** A dinner of which everybody eats everything. */
    public PlannedMeal(LocalDate day, LocalTime table, int minutes, List<Eater> eaters, List<Dish> dishes) {
        this(new When(day, MealOfDay.DINNER, table, null, minutes), eaters, dishes, everybody(dishes));
    }

    /** Nobody is left out of any of these dishes. */
    public static List<List<Eater>> everybody(List<Dish> dishes) {
        return dishes.stream().map(dish -> List.<Eater>of()).toList();
    }

    public LocalDate day() {
        return when.day();
    }

    public LocalTime table() {
        return when.table();
    }

    public int minutes() {
        return when.minutes();
    }

    /** Who eats of the dish at this place. */
    public List<Eater> eatersOf(int dish) {
        return only.get(dish).isEmpty() ? eaters : only.get(dish);
    }

    /** Adult portions that are eaten of the dish at this place. */
    public Rational platesOf(int dish) {
        return Appetite.sum(eatersOf(dish).stream().map(Eater::appetite).toList());
    }

    /** Adult portions everybody eats together. */
    public Rational plates() {
        return Appetite.sum(eaters.stream().map(Eater::appetite).toList());
    }

    /** Portions to put on the table; one when nobody is written down. */
    public Rational portions() {
        return Appetite.portions(eaters.stream().map(Eater::appetite).toList());
    }

    public LocalDateTime tableAt() {
        return when.day().atTime(when.table());
    }

    /** Minutes a dish needs before it is on the table, the hands' and its own. */
    public static StepTime time(Dish dish) {
        if (dish instanceof Cook cook) {
            return ScaledStep.time(cook.sized().steps());
        }
        if (dish instanceof Task task) {
            return task.time();
        }
        return dish instanceof FromStock stock ? ScaledStep.time(stock.steps()) : StepTime.NONE;
    }

    /** The same without the warming of what is cooked already: by then it has to be thawed. */
    PlannedMeal unwarmed() {
        return new PlannedMeal(
                when,
                eaters,
                dishes.stream()
                        .map(dish -> dish instanceof FromStock stock ? stock.unwarmed() : dish)
                        .toList(),
                only);
    }

    /** When to begin so that everything is on the table in time. */
    public LocalDateTime start() {
        int longest = dishes.stream().mapToInt(d -> time(d).minutes()).max().orElse(0);
        return tableAt().minusMinutes(longest);
    }

    /** What is eaten, in words, without what is only beside it; empty for nothing. */
    public String named() {
        return dishes.stream()
                .filter(dish -> !(dish instanceof Side) && !(dish instanceof Task))
                .map(Dish::name)
                .collect(Collectors.joining(" and "));
    }

    /** The proteins on the table; of pulses each its own: chickpeas after lentils are another dinner. */
    public Set<String> proteins() {
        return proteins(dishes.stream().flatMap(dish -> foods(dish).stream()).toList());
    }

    /** The proteins of these foods. */
    public static Set<String> proteins(List<Food> foods) {
        return foods.stream()
                .map(food -> food.traits().protein().equals("pulses")
                        ? FORM.matcher(food.name()).replaceFirst("")
                        : food.traits().protein())
                .filter(protein -> !protein.isEmpty())
                .collect(Collectors.toSet());
    }

    static Served served(Dish dish) {
        if (dish instanceof FromStock stock) {
            return stock.served();
        }
        return dish instanceof Cook cook ? Served.of(cook.sized().recipe()) : Served.whole(foods(dish));
    }

    static List<Food> foods(Dish dish) {
        if (dish instanceof Cook cook) {
            return Eater.foods(cook.sized().recipe());
        }
        if (dish instanceof FromStock stock) {
            return stock.served().foods();
        }
        return dish instanceof Side side && side.food() != null ? List.of(side.food()) : List.of();
    }
}
