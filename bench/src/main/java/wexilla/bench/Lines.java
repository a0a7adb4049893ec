package wexilla.bench;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.infra.Blackhole;
import wexilla.core.quantity.KitchenMeasure;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.NotAnAmount;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.Size;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.Wording;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.recipe.lines.ReadLine;

/** Reading and scaling lines, each beside a plain loop over the same lines. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(java.util.concurrent.TimeUnit.MICROSECONDS)
public class Lines {

    static final int RECIPES = 1000;
    static final int LINES = 15;

    @Param("")
    public String sources = "";

    private List<String> texts = List.of();
    private LineReader reader = new LineReader(new wexilla.core.food.book.FoodBook(List.of()));
    private final Map<String, Integer> words = new HashMap<>();
    private final List<Recipe> recipes = new ArrayList<>();
    private final Size size = Size.of(Rational.of(5, 2));
    private final Wording wording = Wording.of(KitchenMeasure.System.US, Measures.US);

    @Setup
    public void prepare() {
        texts = Kitchen.lines(Path.of(sources));
        reader = new LineReader(Kitchen.foods(Path.of(sources)));
        List<RecipeLine> lines = new ArrayList<>();
        for (String text : texts) {
            try {
                ReadLine line = reader.read(text);
                lines.add(RecipeLine.of(line));
                words.merge(line.foodName(), 1, Integer::sum);
            } catch (NotAnAmount refused) {
                continue;
            }
        }
        for (int i = 0; i < RECIPES; i++) {
            List<RecipeLine> recipe = new ArrayList<>();
            for (int j = 0; j < LINES; j++) {
                recipe.add(lines.get((i * LINES + j) % lines.size()));
            }
            recipes.add(new Recipe("recipe " + i, 4, recipe, List.of()));
        }
    }

    /** Every line of the corpus once. */
    @Benchmark
    public void read(Blackhole hole) {
        for (String text : texts) {
            try {
                hole.consume(reader.read(text));
            } catch (NotAnAmount refused) {
                hole.consume(refused);
            }
        }
    }

    /** The plain loop: each line in lower case, split into words, each word looked up. */
    @Benchmark
    public void readPlain(Blackhole hole) {
        for (String text : texts) {
            for (String word : text.toLowerCase(Locale.ROOT).split(" ")) {
                hole.consume(words.get(word));
            }
        }
    }

    /** A thousand recipes of fifteen lines at two and a half times, in kitchen measures. */
    @Benchmark
    public void scale(Blackhole hole) {
        for (Recipe recipe : recipes) {
            hole.consume(Sized.of(recipe, size, Measures.US).words(wording));
        }
    }

    /** The plain loop: each amount times the factor, written out as a decimal with its food. */
    @Benchmark
    public void scalePlain(Blackhole hole) {
        for (Recipe recipe : recipes) {
            for (RecipeLine line : recipe.lines()) {
                var quantity = line.read().quantity();
                hole.consume(
                        quantity == null
                                ? line.read().text()
                                : quantity.max().value().times(size.factor()).plain() + " "
                                        + line.read().foodName());
            }
        }
    }
}
