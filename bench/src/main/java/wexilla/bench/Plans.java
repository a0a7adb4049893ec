package wexilla.bench;

import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Currency;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.infra.Blackhole;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.book.FoodBook;
import wexilla.core.food.book.Forms;
import wexilla.core.keeping.LotClock;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;
import wexilla.core.people.Appetite;
import wexilla.core.plan.Eater;
import wexilla.core.plan.MealOfDay;
import wexilla.core.plan.PlanCheck;
import wexilla.core.plan.PlannedMeal;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.NotAnAmount;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.Size;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.stock.OpenLot;
import wexilla.core.stock.Supply;

/** Two weeks of evenings, each a recipe of fifteen lines, judged against a full store. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(java.util.concurrent.TimeUnit.MICROSECONDS)
public class Plans {

    private static final LocalDate MONDAY = LocalDate.of(2026, 11, 23);
    private static final int EVENINGS = 14;

    @Param("")
    public String sources = "";

    private final List<PlannedMeal> evenings = new ArrayList<>();
    private final Map<Key, List<OpenLot>> lots = new HashMap<>();
    private final Map<Key, Double> store = new HashMap<>();
    private PlanCheck.Kitchen kitchen = new PlanCheck.Kitchen(Supply.none(), Measures.METRIC, MONDAY.atTime(12, 0));

    @Setup
    public void prepare() {
        FoodBook foods = Kitchen.foods(Path.of(sources));
        LineReader reader = new LineReader(foods);
        List<RecipeLine> lines = new ArrayList<>();
        for (String text : Kitchen.lines(Path.of(sources))) {
            try {
                lines.add(RecipeLine.of(reader.read(text)));
            } catch (NotAnAmount refused) {
                continue;
            }
        }
        for (RecipeLine line : lines) {
            Food food = line.read().food();
            if (food != null) {
                OpenLot lot = new OpenLot(
                        food.key().id(),
                        Amount.of(1000, food.base()),
                        Cost.of(Money.of(300, Currency.getInstance("EUR"))),
                        MONDAY.plusDays(20),
                        null,
                        LotClock.start("dry", MONDAY),
                        false);
                lots.put(food.key(), List.of(lot));
                store.put(food.key(), 1000.0);
            }
        }
        kitchen = new PlanCheck.Kitchen(Supply.of(lots, Set.of(), Forms.NONE), Measures.METRIC, MONDAY.atTime(12, 0));
        Eater eater = new Eater("A", Appetite.ADULT, Set.of(), Set.of(), List.of(), 1);
        for (int i = 0; i < EVENINGS; i++) {
            List<RecipeLine> own = new ArrayList<>();
            for (int j = 0; j < Lines.LINES; j++) {
                own.add(lines.get((i * Lines.LINES + j) % lines.size()));
            }
            Recipe recipe = new Recipe("dish " + i, 6, own, List.of());
            evenings.add(new PlannedMeal(
                    MONDAY.plusDays(i),
                    MealOfDay.DINNER.usualTime(),
                    MealOfDay.DINNER.usualMinutes(),
                    List.of(eater, eater, eater, eater, eater, eater),
                    List.of(new PlannedMeal.Cook(Sized.of(recipe, Size.AS_WRITTEN, Measures.METRIC)))));
        }
    }

    /** The whole plan once, as the page asks for it. */
    @Benchmark
    public void check(Blackhole hole) {
        hole.consume(PlanCheck.of(evenings, List.of(), kitchen).weight());
    }

    /** A plain loop over the same lines: takes each amount from what is left of its food. */
    @Benchmark
    public void checkPlain(Blackhole hole) {
        Map<Key, Double> left = new HashMap<>(store);
        for (PlannedMeal evening : evenings) {
            for (PlannedMeal.Dish dish : evening.dishes()) {
                for (Sized.Line line : ((PlannedMeal.Cook) dish).sized().lines()) {
                    Food food = line.line().read().food();
                    if (food != null) {
                        left.merge(food.key(), -100.0, Double::sum);
                    }
                }
            }
        }
        hole.consume(left);
    }
}
