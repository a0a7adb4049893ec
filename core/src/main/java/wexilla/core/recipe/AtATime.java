package wexilla.core.recipe;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.text.Blanks;
import wexilla.core.quantity.text.ReadOnce;
import wexilla.core.recipe.lines.Mentions;
import wexilla.core.recipe.steps.StepGear;
import wexilla.core.recipe.steps.StepTime;

/**
 * Pieces that go on so many at a time: "griddle the flatbreads 2 at a time, 5 minutes" of 8 flatbreads is 4 loads. The
 * minutes such a sentence says are those of one load.
 *
 * @param pieces there are at this size, above zero; {@code each} so many of them are one load
 */
record AtATime(int pieces, int each) {

    private static final String NUMBER = "(\\d{1,2}|one|two|three|four|five|six|eight|ten|twelve)";
    private static final Pattern SAID = Pattern.compile(
            "\\b" + NUMBER
                    + "\\s+(?:at a time|at once|a load|per load|to a load|a batch|per batch|to a batch|in a pan)\\b"
                    + "|\\bin (?:loads|batches|rounds) of " + NUMBER + "\\b",
            Pattern.CASE_INSENSITIVE);

    /** "20 minutes in all" is said of all loads together. */
    private static final Pattern ALL =
            Pattern.compile("\\b(?:in all|altogether|all together|in total)\\b", Pattern.CASE_INSENSITIVE);

    private static final ReadOnce<Boolean> SPOKEN =
            new ReadOnce<>(text -> SAID.matcher(Blanks.single(text)).find());

    /** Minutes between two loads; pans and griddles need none. */
    private static final int BETWEEN = Trade.whole("day.load-minutes");

    /** @throws IllegalArgumentException if there is nothing, or nothing of it goes on */
    AtATime {
        if (pieces < 1 || each < 1) {
            throw new IllegalArgumentException("no piece, or none of it goes on");
        }
    }

    int loads() {
        return (pieces + each - 1) / each;
    }

    /**
     * Minutes between all of them in what a step keeps busy.
     *
     * @param stands whether a load goes on by itself: on the stove that is a pot, which comes to the boil again
     */
    int between(StepGear.Kind gear, boolean stands) {
        boolean none = gear == StepGear.Kind.HANDS || gear == StepGear.Kind.BURNER && !stands;
        return none ? 0 : (loads() - 1) * BETWEEN;
    }

    /** "4 loads of 2". */
    String words() {
        return loads() + " loads of " + each;
    }

    /** Whether a text speaks of loads at all. */
    static boolean said(String text) {
        return SPOKEN.of(text);
    }

    /** What a sentence says of the counted line it speaks of; empty where it says nothing, or all of it at once. */
    static Optional<AtATime> of(String sentence, List<Sized.Line> lines) {
        Matcher said = SAID.matcher(sentence);
        if (!said.find() || ALL.matcher(sentence).find()) {
            return Optional.empty();
        }
        int each = StepTime.value(said.group(1) == null ? said.group(2) : said.group(1))
                .ceiling()
                .intValueExact();
        String text = sentence.toLowerCase(Locale.ROOT);
        return lines.stream()
                .filter(AtATime::counted)
                .filter(line -> mentioned(line, text) > 0)
                // flatbreads, where there is bread in it too
                .max(Comparator.comparingInt(line -> mentioned(line, text)))
                .map(AtATime::pieces)
                .filter(pieces -> each > 0 && pieces > each)
                .map(pieces -> new AtATime(pieces, each));
    }

    /** Letters of the longest word by which a sentence speaks of a line; zero where it does not. */
    private static int mentioned(Sized.Line line, String text) {
        return Mentions.of(line.read())
                .filter(word -> !word.isEmpty() && text.contains(word))
                .mapToInt(String::length)
                .max()
                .orElse(0);
    }

    private static boolean counted(Sized.Line line) {
        Amount most = line.most();
        return most != null
                && most.unit().dimension() == Dimension.COUNT
                && !most.unit().equals(Unit.PORTION);
    }

    private static int pieces(Sized.Line line) {
        Amount most = Objects.requireNonNull(line.most());
        return Rational.min(most.value(), Rational.of(StepTime.MOST_MINUTES))
                .ceiling()
                .intValueExact();
    }
}
