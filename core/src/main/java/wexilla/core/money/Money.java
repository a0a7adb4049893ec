package wexilla.core.money;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Currency;
import java.util.List;
import java.util.stream.IntStream;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unfit;

/**
 * Whole minor units (cents) of one currency.
 *
 * @param minor may be negative in a reversal; at most a million million either way
 */
public record Money(long minor, Currency currency) implements Comparable<Money> {

    private static final long MOST = 1_000_000_000_000L;

    /** @throws Unfit if the sum is beyond a million million minor units */
    public Money {
        if (Math.abs(minor) > MOST) {
            throw new Unfit("that is more money than a kitchen handles");
        }
    }

    public static Money of(long minor, Currency currency) {
        return new Money(minor, currency);
    }

    public static Money zero(Currency currency) {
        return new Money(0, currency);
    }

    /**
     * Reads "17.57" or "17,57".
     *
     * @throws Unfit if it is no price: negative, not a number, or finer than the smallest coin
     */
    public static Money parse(String text, Currency currency) {
        String plain = text.strip().replace(',', '.');
        if (!plain.matches("\\d{1,10}(\\.\\d{1,4})?")) {
            throw new Unfit("“" + text.strip() + "” is no price; write it like 17.57");
        }
        try {
            return of(
                    new BigDecimal(plain)
                            .movePointRight(currency.getDefaultFractionDigits())
                            .longValueExact(),
                    currency);
        } catch (ArithmeticException finer) {
            throw new Unfit("“" + text.strip() + "” has more decimals than " + currency + " has coins");
        }
    }

    /** The exact number of minor units, rounded half up once. */
    public static Money rounded(Rational minorUnits, Currency currency) {
        return of(minorUnits.rounded().longValueExact(), currency);
    }

    /** @throws Unfit if the currencies differ */
    public Money plus(Money other) {
        requireSame(other);
        return of(minor + other.minor, currency);
    }

    /** @throws Unfit if the currencies differ */
    public Money minus(Money other) {
        requireSame(other);
        return of(minor - other.minor, currency);
    }

    private void requireSame(Money other) {
        if (!currency.equals(other.currency)) {
            throw new IllegalArgumentException("cannot mix " + currency + " and " + other.currency);
        }
    }

    public Rational exact() {
        return Rational.of(minor);
    }

    /**
     * Splits by weight so that the parts sum to the whole: each part is floored, what is left goes cent by cent to the
     * largest remainders, ties to the first.
     *
     * @throws Unfit if there is no weight above zero, one below zero, or the sum is negative
     */
    public List<Money> split(List<Rational> weights) {
        Rational total = weights.stream().reduce(Rational.ZERO, Rational::plus);
        if (minor < 0 || total.signum() <= 0 || weights.stream().anyMatch(w -> w.signum() < 0)) {
            throw new Unfit("a split needs weights of zero or more, one of them above zero");
        }
        return apportioned(
                weights.stream().map(w -> exact().times(w).dividedBy(total)).toList(), currency);
    }

    /**
     * Several exact sums of minor units as whole ones: their sum is rounded once, half up, and each is its floor or one more,
     * the largest remainders first, ties to the first.
     */
    public static List<Money> apportioned(List<Rational> exact, Currency currency) {
        long all =
                exact.stream().reduce(Rational.ZERO, Rational::plus).rounded().longValueExact();
        List<BigInteger> floors =
                new ArrayList<>(exact.stream().map(Rational::floor).toList());
        long left = all - floors.stream().mapToLong(BigInteger::longValueExact).sum();
        IntStream.range(0, floors.size())
                .boxed()
                .sorted(Comparator.<Integer, Rational>comparing(
                                i -> exact.get(i).minus(Rational.of(floors.get(i))))
                        .reversed())
                .limit(left)
                .forEach(i -> floors.set(i, floors.get(i).add(BigInteger.ONE)));
        return floors.stream().map(f -> of(f.longValueExact(), currency)).toList();
    }

    /** "17.57": plain decimal notation with the currency's decimals. */
    public String decimal() {
        return BigDecimal.valueOf(minor, currency.getDefaultFractionDigits()).toPlainString();
    }

    @Override
    public int compareTo(Money other) {
        requireSame(other);
        return Long.compare(minor, other.minor);
    }

    @Override
    public String toString() {
        return decimal() + " " + currency;
    }
}
