package wexilla.bench;

import java.nio.file.Path;
import java.util.List;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.infra.Blackhole;
import wexilla.core.food.book.FoodBook;
import wexilla.core.recipe.RecipeText;
import wexilla.core.recipe.steps.StepTime;

/** Texts that are made to be read for ever, as long as they may be and half as long. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(java.util.concurrent.TimeUnit.MICROSECONDS)
public class Long {

    private static final List<String> PIECES = List.of(
            " ",
            "\n",
            "a,",
            "1/",
            "(",
            "<br",
            "and ",
            "1 x ",
            "5 min ",
            "after ",
            "for ",
            "Mon ",
            "serves ",
            "2 onions\n");

    @Param("")
    public String sources = "";

    private FoodBook foods = new FoodBook(List.of());

    @Setup
    public void prepare() {
        foods = Kitchen.foods(Path.of(sources));
    }

    @Benchmark
    public void longest(Blackhole hole) {
        read(RecipeText.LONGEST, hole);
    }

    @Benchmark
    public void halfAsLong(Blackhole hole) {
        read(RecipeText.LONGEST / 2, hole);
    }

    private void read(int length, Blackhole hole) {
        for (String piece : PIECES) {
            String text = piece.repeat(length / piece.length());
            hole.consume(StepTime.read(text));
            try {
                hole.consume(RecipeText.read("Soup\n" + text, foods));
            } catch (IllegalArgumentException refused) {
                hole.consume(refused);
            }
        }
    }
}
