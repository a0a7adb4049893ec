package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.InputStream;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import wexilla.app.household.Reference;
import wexilla.app.support.Kitchen;
import wexilla.core.food.book.FoodBook;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.NotAnAmount;
import wexilla.core.quantity.Quantity;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.recipe.lines.ReadLine;

/**
 * How many of the lines of a corpus, as people write them, are understood as meant: amount, unit, food, preparation and
 * what may be taken instead all right; 14 tbsp and 7/8 cup are one amount. The words of a preparation may stand in any
 * order, but none may be lost, except "about" and those that are in the name of the food as the line calls it. The
 * corpus was written down before the reader was tuned; {@code unseen.psv} was never looked at while tuning.
 */
class CorpusTest {

    private static final Set<String> FILLING = Set.of(
            "and",
            "of",
            "the",
            "a",
            "an",
            "fresh",
            "about",
            "approx",
            "approx.",
            "approximately",
            "around",
            "roughly",
            "ca",
            "ca.");
    private static final Pattern EXPECTED =
            Pattern.compile("(\\d+(?: \\d+/\\d+|/\\d+|\\.\\d+)?)(?:-(\\d+(?: \\d+/\\d+|/\\d+|\\.\\d+)?))?(?: (.+))?");

    private final FoodBook book = Kitchen.bean(Reference.class).book();
    private final LineReader reader = new LineReader(book);

    private record Share(int right, int of, List<String> wrong) {

        double percent() {
            return 100.0 * right / of;
        }
    }

    @Test
    void nearlyEveryLineIsUnderstoodAsMeant() throws Exception {
        Share tuned = share("lines.psv");
        Share unseen = share("unseen.psv");
        System.out.printf(
                "lines understood: %d of %d tuned on (%.1f %%), %d of %d unseen (%.1f %%)%n",
                tuned.right, tuned.of, tuned.percent(), unseen.right, unseen.of, unseen.percent());
        assertThat(tuned.of).isGreaterThanOrEqualTo(300);
        assertThat(unseen.of).isEqualTo(100);
        assertThat(tuned.percent()).as(String.join("\n", tuned.wrong)).isGreaterThanOrEqualTo(99);
        assertThat(unseen.percent()).isGreaterThanOrEqualTo(85);
    }

    private Share share(String file) throws Exception {
        List<String> rows;
        try (InputStream stream = Objects.requireNonNull(CorpusTest.class.getResourceAsStream("/corpus/" + file))) {
            rows = new String(stream.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(row -> !row.startsWith("#"))
                    .toList();
        }
        List<String> wrong = new ArrayList<>();
        for (String row : rows) {
            String[] meant =
                    Arrays.stream((row + " ").split("\\|")).map(String::strip).toArray(String[]::new);
            String problem = problem(meant);
            if (!problem.isEmpty()) {
                wrong.add(meant[0] + " → " + problem);
            }
        }
        return new Share(rows.size() - wrong.size(), rows.size(), wrong);
    }

    private String problem(String[] meant) {
        ReadLine line;
        try {
            line = reader.read(meant[0]);
        } catch (NotAnAmount refused) {
            return "refused: " + refused.getMessage();
        }
        List<String> problems = new ArrayList<>();
        if (!sameAmount(meant[1], line.quantity())) {
            problems.add("amount " + line.quantity());
        }
        boolean food = line.food() == null
                ? line.foodName().equalsIgnoreCase(meant[2])
                : book.named(meant[2]).equals(line.knownFood());
        if (!food) {
            problems.add("food " + line.foodName() + (line.food() == null ? " (unknown)" : ""));
        }
        Set<String> named = named(line);
        Set<String> preparation = words(line.preparation() + (line.optional() ? " optional" : ""));
        // a further food is a line of its own; in the corpus its words stand with what is said of the first
        line.also().forEach(further -> preparation.addAll(words(further.text())));
        Set<String> expected = words(meant[3] + (line.optional() ? " optional" : ""));
        preparation.removeAll(named);
        expected.removeAll(named);
        if (!preparation.equals(expected)) {
            problems.add("preparation " + preparation);
        }
        if (!String.join(", ", line.alternatives()).equals(meant[4])) {
            problems.add("instead " + line.alternatives());
        }
        return String.join("; ", problems);
    }

    /** The words of the name by which the line calls its food: "caster" of caster sugar, which is sugar. */
    private static Set<String> named(ReadLine line) {
        Set<String> text = words(line.text());
        return line.knownFood().stream()
                .flatMap(food -> Stream.concat(food.names(), food.kinds().stream()))
                .map(CorpusTest::words)
                .filter(text::containsAll)
                .flatMap(Set::stream)
                .collect(Collectors.toCollection(TreeSet::new));
    }

    private static Set<String> words(String text) {
        return Arrays.stream(text.toLowerCase(Locale.ROOT).split("[\\s,;()&\\[\\]–]+"))
                .filter(word -> !word.isEmpty() && !FILLING.contains(word))
                .collect(Collectors.toCollection(TreeSet::new));
    }

    /** The expected amount is read without the reader under test. */
    private static boolean sameAmount(String meant, @Nullable Quantity read) {
        if (meant.equals("-") || read == null) {
            return meant.equals("-") && read == null;
        }
        Matcher parts = EXPECTED.matcher(meant);
        assertThat(parts.matches()).as("expected amount " + meant).isTrue();
        Rational min = number(parts.group(1));
        Rational max = parts.group(2) == null ? min : number(parts.group(2));
        String unit = parts.group(3) == null ? "piece" : parts.group(3);
        return Measures.US.toBase(read.min()).equals(Measures.US.toBase(Amount.of(min, Unit.ofSymbol(unit))))
                && Measures.US.toBase(read.max()).equals(Measures.US.toBase(Amount.of(max, Unit.ofSymbol(unit))));
    }

    private static Rational number(String text) {
        Rational sum = Rational.ZERO;
        for (String part : text.split(" ")) {
            String[] fraction = part.split("/");
            Rational top = Rational.of(new BigDecimal(fraction[0]));
            sum = sum.plus(fraction.length == 1 ? top : top.dividedBy(Rational.of(Long.parseLong(fraction[1]))));
        }
        return sum;
    }
}
