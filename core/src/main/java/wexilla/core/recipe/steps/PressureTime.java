package wexilla.core.recipe.steps;

import java.math.BigInteger;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.book.HeatGuide;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;

/**
 * How long something takes under pressure, and how long it holds its pot: come-up, time, release. Handbook, section 2:
 * by what is known for the food and its state; what has no rate for its state gets no guessed time but a question.
 */
public final class PressureTime {

    /** In which state it goes in. */
    public enum State {
        FRESH,
        LOOSE_FROZEN,
        FROZEN_BLOCK
    }

    /**
     * What is known about one food.
     *
     * @param food its key
     * @param minutes whatever the amount
     * @param perKg minutes more for each kilogram of one piece; zero when its weight does not matter
     * @param release minutes of natural release; zero for a quick one
     * @param mostKg the heaviest piece it is known for; null where its weight does not matter, or counts
     */
    public record Rule(
            Key food,
            State state,
            Rational minutes,
            Rational perKg,
            int release,
            @Nullable Rational mostKg,
            String source) {}

    /**
     * How long a pot takes to have its pressure.
     *
     * @param filledTo how full it is at most, of its capacity
     */
    public record ComeUp(Rational filledTo, int fresh, int frozen) {}

    /** @param comeUps the least full first; the last is for all that are fuller; @param heat what is to be reached */
    public record Table(List<Rule> rules, List<ComeUp> comeUps, HeatGuide heat) {

        /** @throws IllegalArgumentException if nobody says how long any pot takes */
        public Table {
            rules = List.copyOf(rules);
            comeUps = List.copyOf(comeUps);
            if (comeUps.isEmpty()) {
                throw new IllegalArgumentException("how long does a pot take to have its pressure?");
            }
        }

        private int comeUp(Rational filled, State state) {
            ComeUp found = comeUps.stream()
                    .filter(one -> filled.compareTo(one.filledTo()) <= 0)
                    .findFirst()
                    .orElse(comeUps.get(comeUps.size() - 1));
            return state == State.FRESH ? found.fresh() : found.frozen();
        }
    }

    /** What came out: a time, or a question. */
    public sealed interface Answer permits Known, Question {}

    /**
     * @param comeUp minutes until it has pressure
     * @param minutes under pressure
     * @param release minutes until it can be opened
     * @param cautions what is always said with it
     */
    public record Known(int comeUp, int minutes, int release, List<String> cautions, String source) implements Answer {

        /** How long the pot is taken. */
        public int holds() {
            return comeUp + minutes + release;
        }
    }

    /** What the cook is asked, since nobody knows. */
    public record Question(String words) implements Answer {}

    /** A frozen block takes longer, and so do loose frozen pieces. */
    private static final Rational BLOCK = Trade.number("pressure.frozen-block");

    private static final Rational LOOSE = Trade.number("pressure.frozen-loose");

    private PressureTime() {}

    /**
     * Looks the time up.
     *
     * @param piece weight of one piece; null when it is not known
     * @param filled how full the pot is, of its capacity
     */
    public static Answer of(Table table, Food food, State state, @Nullable Amount piece, Rational filled) {
        if (state != State.FRESH && HeatAdvice.thawFirst(food, piece)) {
            return new Question(thawFirst(food));
        }
        Optional<Rule> known = rule(table.rules(), food, state);
        boolean longer = known.isEmpty() && state != State.FRESH;
        Optional<Rule> rule = longer ? rule(table.rules(), food, State.FRESH) : known;
        if (rule.isEmpty()) {
            return new Question("How long does " + food.name() + " take under pressure, "
                    + state.name().toLowerCase(java.util.Locale.ROOT).replace('_', ' ') + "?");
        }
        Rule found = rule.get();
        if (!found.perKg().isZero() && piece == null) {
            return new Question("How much does one piece of " + food.name() + " weigh?");
        }
        Rational kg = piece == null
                ? Rational.ZERO
                : Measures.US.toBase(piece).value().dividedBy(Rational.of(1000));
        if (found.mostKg() != null && kg.compareTo(found.mostKg()) > 0) {
            return new Question(
                    "How long does " + food.name() + " of " + piece + " take under pressure? Nothing is known"
                            + " for pieces above " + found.mostKg().plain() + " kg.");
        }
        Rational minutes = found.minutes().plus(found.perKg().times(kg));
        Rational time = !longer ? minutes : minutes.times(state == State.FROZEN_BLOCK ? BLOCK : LOOSE);
        return new Known(
                table.comeUp(filled, state),
                whole(time),
                found.release(),
                cautions(table.heat().of(food, false, null).core(), piece, longer),
                found.source());
    }

    /** Minutes are told up; what conversion leaves behind the comma is none. */
    private static int whole(Rational minutes) {
        Rational hundredths = Rational.of(100);
        return new Rational(minutes.times(hundredths).rounded(), BigInteger.valueOf(100))
                .ceiling()
                .intValueExact();
    }

    private static Optional<Rule> rule(List<Rule> rules, Food food, State state) {
        return rules.stream()
                .filter(rule -> rule.food().equals(food.key()) && rule.state() == state)
                .findFirst();
    }

    /** What is told of a frozen piece too big for any time. Source: handbook, section 13. */
    public static String thawFirst(Food food) {
        return "Thaw " + food.name() + " first: a frozen bird or a piece above "
                + Trade.number("pressure.frozen-most-kg").plain() + " kg has no time under pressure";
    }

    private static List<String> cautions(@Nullable Integer heat, @Nullable Amount piece, boolean longer) {
        String size = piece == null ? "" : "for pieces of " + piece;
        String core = heat == null ? "" : "to " + heat + " °C at the core";
        String guess = longer ? "frozen it takes longer, a block about half as long again: read the core" : "";
        return java.util.stream.Stream.of(size, core, guess)
                .filter(words -> !words.isEmpty())
                .toList();
    }
}
