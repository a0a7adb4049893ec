package wexilla.core.recipe.steps;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.ResourceBundle;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import wexilla.core.food.book.WordLists;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.recipe.steps.StepClauses.Clause;

/**
 * How long hands are usually at work that says no time, by what it does, from {@code reference/hand-times.properties}:
 * common practice, no source.
 */
final class HandTimes {

    static final int LEAST = Trade.whole("hands.least-minutes");
    static final int MOST = Trade.whole("hands.most-minutes");
    private static final Rational FEW = Rational.of(3);
    private static final Rational FILLED = Trade.number("hands.fill-each");
    private static final Rational SHAPED = Trade.number("hands.shape-each");
    private static final Rational USUAL_SHAPED = Trade.number("hands.shape");
    private static final WordLists LISTS = WordLists.of("hand-times");
    private static final Rational PACKS = Trade.number("hands.pack");
    private static final Pattern PACKETS =
            Pattern.compile("\\b(?:portions|bags|containers|tubs|packets|each)\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern ONE_PIECE = Pattern.compile("\\binto an?\\b");
    private static final Pattern PIECES = Pattern.compile(
            "\\b(\\d{1,2}|six|eight|ten|twelve)\\s+(?!g\\b|kg\\b|ml\\b|cm\\b|x\\d)[\\p{L}-]+",
            Pattern.CASE_INSENSITIVE);

    /** Minutes of each list of work. */
    private static final Map<Pattern, Integer> MINUTES =
            ResourceBundle.getBundle("reference.hand-times", Locale.ROOT).keySet().stream()
                    .filter(key -> Character.isDigit(key.charAt(0)))
                    .collect(Collectors.toUnmodifiableMap(LISTS::list, HandTimes::minutes));

    private HandTimes() {}

    private static int minutes(String meaning) {
        return Integer.parseInt(meaning.substring(0, meaning.indexOf('.')));
    }

    /** Minutes of shaping so many pieces. */
    static Rational shaping(Clause clause, StepAmounts amounts) {
        Matcher said = PIECES.matcher(clause.sentence());
        Rational each = clause.verb().matches("shape|form|thread|skewer") ? SHAPED : FILLED;
        Optional<Rational> pieces = said.find()
                ? Optional.of(StepTime.value(said.group(1)))
                : amounts.all().stream()
                        .filter(of -> of.pieces().compareTo(FEW) > 0
                                && of.pattern().matcher(clause.sentence()).find())
                        .map(StepAmounts.Of::pieces)
                        .findFirst();
        return pieces.isPresent()
                ? pieces.get().times(each).plus(Rational.ONE)
                : ONE_PIECE.matcher(clause.text()).find() ? Rational.of(LEAST) : USUAL_SHAPED;
    }

    /** Minutes of a clause on the stove, or of work. */
    static Rational of(Clause clause) {
        if (clause.verb().equals("rub") && !clause.text().contains("flour")) {
            return Rational.of(LEAST);
        }
        if (clause.verb().matches("freeze|wrap")
                && PACKETS.matcher(clause.sentence()).find()) {
            return PACKS;
        }
        return MINUTES.entrySet().stream()
                .filter(list -> list.getKey().matcher(clause.verb()).matches())
                .findFirst()
                .map(list -> Rational.of(list.getValue()))
                .orElse(Rational.of(LEAST));
    }
}
