package wexilla.core.food;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.facts.Yield;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unfit;

/**
 * How much this household once had left of a food.
 *
 * @param ofOne grams left of one gram as bought
 */
public record Weighing(Rational ofOne, Grade grade) {

    /** How it is known: handbook, section 3. */
    public enum Grade {
        WEIGHED(Rational.ONE),
        /** "made 7, expected 8". */
        COUNTED(Rational.of(1, 3)),
        GUESSED(Rational.ZERO);

        private final Rational weight;

        Grade(Rational weight) {
            this.weight = weight;
        }
    }

    /** What a starting value weighs against own weighings. */
    private static final Rational START = Rational.of(3);

    /** @throws Unfit as {@link Yield} */
    public Weighing {
        new Yield(ofOne, "");
    }

    /** "Made 7, expected 8": seven eighths of the yield that was expected. */
    public static Weighing counted(Yield expected, Rational madeOfExpected) {
        return new Weighing(expected.ofOne().times(madeOfExpected), Grade.COUNTED);
    }

    /**
     * The yield learned from own weighings: (3 · start + Σ own) / (3 + n), a counted one counts a third and a guess
     * nothing. Own definition.
     *
     * @param start of the reference; null when there is none: then own weighings stand alone
     * @return empty when nothing is known
     */
    public static Optional<Yield> learned(@Nullable Yield start, List<Weighing> own) {
        Rational sum = start == null ? Rational.ZERO : START.times(start.ofOne());
        Rational weight = start == null ? Rational.ZERO : START;
        for (Weighing one : own) {
            sum = sum.plus(one.grade().weight.times(one.ofOne()));
            weight = weight.plus(one.grade().weight);
        }
        boolean counts = own.stream().anyMatch(one -> one.grade() != Grade.GUESSED);
        if (!counts) {
            return Optional.ofNullable(start);
        }
        Rational learned = sum.dividedBy(weight);
        String rest = start == null ? "" : "; at first " + start.ofOne().plain() + ", " + start.source();
        return Optional.of(
                new Yield(learned, words(own) + ": " + learned.toDecimal(2).toPlainString() + rest));
    }

    /** "your 4 weighings and 1 count". */
    private static String words(List<Weighing> own) {
        long weighed = own.stream().filter(one -> one.grade() == Grade.WEIGHED).count();
        long counted = own.stream().filter(one -> one.grade() == Grade.COUNTED).count();
        String first = weighed == 0 ? "" : weighed + (weighed == 1 ? " weighing" : " weighings");
        String second = counted == 0 ? "" : counted + (counted == 1 ? " count" : " counts");
        return "your " + first + (first.isEmpty() || second.isEmpty() ? "" : " and ") + second;
    }
}
