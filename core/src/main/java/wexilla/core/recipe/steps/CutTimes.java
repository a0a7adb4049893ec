package wexilla.core.recipe.steps;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.ResourceBundle;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wexilla.core.food.book.WordLists;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;

/**
 * How long a board and a knife take, by what is cut and how much of it there is: from {@code reference/hand-times.properties},
 * common practice, no source.
 */
final class CutTimes {

    private static final Rational THOUSAND = Rational.of(1000);
    private static final Rational TEN = Rational.of(10);
    private static final Rational USUAL_EACH = Trade.number("hands.cut-each");
    private static final Rational USUAL_KILO = Trade.number("hands.cut-kilo");
    /** Something is cut, nobody knows what. */
    private static final Rational USUAL = Trade.number("hands.cut");

    private static final Rational USUAL_PULLED = Trade.number("hands.pull-usual");
    private static final Rational PULL = Trade.number("hands.pull");
    private static final Rational PULL_KILO = Trade.number("hands.pull-kilo");
    private static final Rational MEAT = Trade.number("hands.cut-kilo-meat");
    /** In halves or quarters it goes faster. */
    private static final Rational ROUGH = Rational.of(1, 2);

    private static final Pattern NUMBER =
            Pattern.compile("\\b(\\d{1,3}|two|three|four|five|six|eight|ten|twelve)\\s+(?:\\w+\\s+)?$");
    /** Many foods are meant by it. */
    private static final Pattern GROUP = Pattern.compile("^(?:vegetable|green|herb)");

    private static final Pattern MANY = Pattern.compile("[^s]s$");

    private record Rate(Pattern words, Rational minutes, boolean kilo) {}

    private static final List<Rate> RATES = rates();

    private final StepAmounts amounts;
    private final Set<Object> cut = new HashSet<>();

    CutTimes(StepAmounts amounts) {
        this.amounts = amounts;
    }

    private static List<Rate> rates() {
        WordLists lists = WordLists.of("hand-times");
        List<Rate> rates = new ArrayList<>();
        for (String key :
                ResourceBundle.getBundle("reference.hand-times", Locale.ROOT).keySet()) {
            if (key.startsWith("each.") || key.startsWith("kilo.")) {
                Rational number = Rational.of(Long.parseLong(key.substring(5)));
                boolean kilo = key.startsWith("kilo.");
                rates.add(new Rate(lists.list(key), kilo ? number : number.dividedBy(TEN), kilo));
            }
        }
        return List.copyOf(rates);
    }

    /** Minutes for what a clause names that none before it named. */
    Rational minutes(String clause, Knife knife) {
        Rational sum = Rational.ZERO;
        String rest = clause;
        for (StepAmounts.Of of : amounts.all()) {
            Matcher found = of.pattern().matcher(rest);
            if (found.find()) {
                if (cut.add(of)) {
                    sum = sum.plus(minutes(of, clause, found.group(), knife));
                }
                rest = GROUP.matcher(found.group()).find()
                        ? rest
                        : of.pattern().matcher(rest).replaceAll(" ");
            }
        }
        for (Rate rate : RATES) {
            Matcher found = rate.words().matcher(rest);
            while (!rate.kilo() && found.find()) {
                if (cut.add(found.group().toLowerCase(Locale.ROOT))) {
                    Rational each = rate.minutes().times(count(rest.substring(0, found.start()), found.group()));
                    sum = sum.plus(knife == Knife.ROUGH ? each.times(ROUGH) : each);
                }
            }
        }
        return sum;
    }

    /** Minutes for what goes in cut and nobody was told to cut: it is done before the step that names it first. */
    Rational unsaid(String text) {
        Rational sum = Rational.ZERO;
        for (StepAmounts.Of of : amounts.all()) {
            Matcher found = of.pattern().matcher(text);
            if (of.uncut() && found.find() && cut.add(of)) {
                sum = sum.plus(minutes(of, text, found.group(), Knife.FINE));
            }
        }
        return sum;
    }

    /** How it is cut. */
    enum Knife {
        FINE,
        /** In halves or quarters it goes faster. */
        ROUGH,
        /** Cooked meat is pulled apart. */
        PULLED
    }

    /** Of what nobody named. */
    static Rational usual(Knife knife) {
        return knife == Knife.PULLED ? USUAL_PULLED : USUAL;
    }

    private static Rational minutes(StepAmounts.Of of, String clause, String word, Knife knife) {
        boolean weighed = !of.grams().isZero();
        Rational rate = RATES.stream()
                .filter(one -> one.kilo() == weighed)
                .filter(one -> one.words().matcher(word).find()
                        || of.words().stream()
                                .anyMatch(name -> one.words().matcher(name).find()))
                .findFirst()
                .map(Rate::minutes)
                .orElse(weighed ? USUAL_KILO : USUAL_EACH);
        if (weighed) {
            Rational kilos = of.grams().dividedBy(THOUSAND);
            boolean meat = rate.equals(MEAT);
            return knife == Knife.PULLED && meat
                    ? PULL.plus(PULL_KILO.times(kilos))
                    : rate.times(kilos).times(knife == Knife.ROUGH ? ROUGH : Rational.ONE);
        }
        boolean grows = RATES.stream()
                .anyMatch(one -> !one.kilo()
                        && of.words().stream()
                                .anyMatch(name -> one.words().matcher(name).find()));
        if (knife == Knife.PULLED && !grows) {
            return USUAL_PULLED;
        }
        Matcher said = NUMBER.matcher(clause.substring(0, Math.max(0, clause.indexOf(word))));
        return rate.times(said.find() ? StepTime.value(said.group(1)) : of.pieces())
                .times(knife == Knife.ROUGH ? ROUGH : Rational.ONE);
    }

    private static Rational count(String before, String word) {
        Matcher said = NUMBER.matcher(before);
        return said.find() ? StepTime.value(said.group(1)) : MANY.matcher(word).find() ? Rational.of(2) : Rational.ONE;
    }
}
