package wexilla.app.year;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToLongFunction;
import java.util.stream.LongStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * A year in the life of made households: no act breaks the books, nothing past its limit is eaten. How many seeds: {@code
 * -Dwexilla.year-seeds}, 20 of each kind over six weeks where nobody says; {@code ./wexilla year} asks for whole years of more.
 */
class YearTest {

    private static final int SEEDS = Integer.getInteger("wexilla.year-seeds", 20);
    private static final int WEEKS = Integer.getInteger("wexilla.year-weeks", 6);
    private static final int LONG = 26;

    @ParameterizedTest
    @EnumSource(MadeHouse.Kind.class)
    void noActBreaksTheBooks(MadeHouse.Kind kind) {
        List<Year.Result> proposed = new ArrayList<>();
        List<Year.Result> plain = new ArrayList<>();
        LongStream.rangeClosed(1, SEEDS).parallel().forEach(seed -> {
            Year.Result as = new Year(seed, kind, WEEKS).proposed();
            Year.Result by = new Year(seed, kind, WEEKS).plain();
            synchronized (proposed) {
                proposed.add(as);
                plain.add(by);
            }
        });
        System.out.println(kind + ", " + SEEDS + " seeds, " + WEEKS + " weeks (p5 · p50 · p95; proposed | plain)");
        long till = row("till", proposed, plain, Year.Result::till, 100);
        long binned = row("binned", proposed, plain, Year.Result::binned, 100);
        long hands = row("hands h", proposed, plain, Year.Result::hands, 60);
        row("too little", proposed, plain, Year.Result::tooLittle, 1);
        if (WEEKS >= LONG) {
            // over a few weeks a full freezer at the end is money and work that nobody has eaten yet
            assertThat(till).isGreaterThanOrEqualTo(95);
            assertThat(binned).isGreaterThanOrEqualTo(95);
            assertThat(hands).isGreaterThanOrEqualTo(95);
        }
        assertThat(proposed.stream().flatMap(one -> one.faults().stream())).isEmpty();
        assertThat(plain.stream().flatMap(one -> one.faults().stream())).isEmpty();
    }

    /** @return percent of the seeds on which what is proposed comes to at most what the plain way does */
    private static long row(
            String what,
            List<Year.Result> proposed,
            List<Year.Result> plain,
            ToLongFunction<Year.Result> number,
            int by) {
        long atMost = 0;
        for (int i = 0; i < proposed.size(); i++) {
            atMost += number.applyAsLong(proposed.get(i)) <= number.applyAsLong(plain.get(i)) ? 1 : 0;
        }
        long percent = 100 * atMost / proposed.size();
        System.out.println("  " + what + ": " + quantiles(proposed, number, by) + " | " + quantiles(plain, number, by)
                + " · proposed is at most plain on " + percent + " %");
        return percent;
    }

    private static String quantiles(List<Year.Result> all, ToLongFunction<Year.Result> number, int by) {
        long[] sorted = all.stream().mapToLong(number).sorted().toArray();
        int last = sorted.length - 1;
        return sorted[last / 20] / by + " · " + sorted[last / 2] / by + " · " + sorted[last - last / 20] / by;
    }
}
