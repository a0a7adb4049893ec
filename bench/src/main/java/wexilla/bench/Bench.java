package wexilla.bench;

import java.nio.file.Path;
import java.util.Collection;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.Options;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.TimeValue;
import org.openjdk.jmh.runner.options.VerboseMode;

/** Runs the benchmarks, prints what was measured, and fails when a rule has become slow beside its plain loop. */
public final class Bench {

    /**
     * How many times its plain loop a rule may take; about twice what was measured when it was written. Reading took 30
     * while it read amount, food and preparation; with states, containers, claims, several foods of a line and slips of
     * the pen it takes 108, spread over all of them.
     */
    private static final double READ = 160;

    private static final double SCALE = 60;
    private static final double CHECK = 450;

    /** Twice as long takes twice as much; with what a garbage collection may add, still less than the four of a square. */
    private static final double LINEAR = 3;

    private Bench() {}

    public static void main(String[] arguments) throws RunnerException {
        Path sources = Path.of(arguments[0]);
        int lines = Kitchen.lines(sources).size();
        Options options = new OptionsBuilder()
                .include(Lines.class.getName())
                .include(Plans.class.getName())
                .include(Long.class.getName())
                .param("sources", sources.toString())
                .warmupIterations(3)
                .warmupTime(TimeValue.seconds(2))
                .measurementIterations(3)
                .measurementTime(TimeValue.seconds(2))
                .forks(1)
                .verbosity(VerboseMode.SILENT)
                .build();
        Collection<RunResult> results = new Runner(options).run();
        Map<String, Double> microseconds = results.stream()
                .collect(Collectors.toMap(
                        result -> result.getParams().getBenchmark().replaceFirst("^.*\\.", ""),
                        result -> result.getPrimaryResult().getScore()));
        double read = of(microseconds, "read");
        double scale = of(microseconds, "scale");
        System.out.printf("reading lines: %,.0f a second%n", lines / read * 1e6);
        System.out.printf("scaling %d recipes of %d lines: %.1f ms%n", Lines.RECIPES, Lines.LINES, scale / 1000);
        double check = of(microseconds, "check");
        System.out.printf("checking two weeks: %,.0f plans a second%n", 1e6 / check);
        boolean kept = within("reading", read / of(microseconds, "readPlain"), READ)
                & within("scaling", scale / of(microseconds, "scalePlain"), SCALE)
                & within("reading twice as long", of(microseconds, "longest") / of(microseconds, "halfAsLong"), LINEAR)
                & within("checking", check / of(microseconds, "checkPlain"), CHECK);
        System.exit(kept ? 0 : 1);
    }

    private static double of(Map<String, Double> microseconds, String benchmark) {
        return Objects.requireNonNull(microseconds.get(benchmark), benchmark);
    }

    private static boolean within(String what, double ratio, double most) {
        boolean kept = ratio <= most;
        System.out.printf(
                "%s: %.1f times what it stands beside, at most %.0f%s%n", what, ratio, most, kept ? "" : " — TOO SLOW");
        return kept;
    }
}
