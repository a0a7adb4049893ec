package wexilla.core.quantity;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.RoundingMode;

/**
 * An exact fraction in lowest terms; the denominator is positive. Sums, products and quotients are exact, so that
 * a third taken three times is one.
 */
public record Rational(BigInteger numerator, BigInteger denominator) implements Comparable<Rational> {

    public static final Rational ZERO = of(0);
    public static final Rational ONE = of(1);

    /** @throws ArithmeticException if the denominator is zero */
    public Rational {
        if (denominator.signum() == 0) {
            throw new ArithmeticException("a fraction cannot be divided by zero");
        }
        if (denominator.signum() < 0) {
            numerator = numerator.negate();
            denominator = denominator.negate();
        }
        boolean whole = denominator.equals(BigInteger.ONE);
        if (!whole && isSmall(numerator) && isSmall(denominator)) {
            long common = common(Math.abs(numerator.longValue()), denominator.longValue());
            if (common > 1) {
                numerator = BigInteger.valueOf(numerator.longValue() / common);
                denominator = BigInteger.valueOf(denominator.longValue() / common);
            }
        } else if (!whole) {
            BigInteger common = numerator.gcd(denominator);
            if (!common.equals(BigInteger.ONE)) {
                numerator = numerator.divide(common);
                denominator = denominator.divide(common);
            }
        }
    }

    /** Kitchen numbers nearly always fit a machine word, which is many times faster. */
    private static boolean isSmall(BigInteger number) {
        return number.bitLength() < Long.SIZE - 1;
    }

    private static long common(long a, long b) {
        long larger = a;
        long smaller = b;
        while (smaller != 0) {
            long rest = larger % smaller;
            larger = smaller;
            smaller = rest;
        }
        return larger;
    }

    public static Rational of(long whole) {
        return new Rational(BigInteger.valueOf(whole), BigInteger.ONE);
    }

    public static Rational of(long numerator, long denominator) {
        return new Rational(BigInteger.valueOf(numerator), BigInteger.valueOf(denominator));
    }

    public static Rational of(BigInteger whole) {
        return new Rational(whole, BigInteger.ONE);
    }

    /** More digits before or behind the point than this are no number of a kitchen; exact ones would be endless work. */
    private static final int MOST_DIGITS = 60;

    /**
     * The exact value of a decimal, for instance 0.25 as 1/4.
     *
     * @throws Unfit if it has more than 60 digits before or behind the point
     */
    public static Rational of(BigDecimal decimal) {
        if (Math.abs((long) decimal.scale()) > MOST_DIGITS || decimal.precision() > 2 * MOST_DIGITS) {
            throw new Unfit("a number of so many digits is no number of a kitchen");
        }
        return decimal.scale() <= 0
                ? new Rational(decimal.toBigIntegerExact(), BigInteger.ONE)
                : new Rational(decimal.unscaledValue(), BigInteger.TEN.pow(decimal.scale()));
    }

    public Rational plus(Rational other) {
        if (denominator.equals(other.denominator)) {
            return new Rational(numerator.add(other.numerator), denominator);
        }
        return new Rational(
                numerator.multiply(other.denominator).add(other.numerator.multiply(denominator)),
                denominator.multiply(other.denominator));
    }

    public Rational minus(Rational other) {
        return plus(other.negated());
    }

    public Rational times(Rational other) {
        if (other.isWhole() && other.numerator.equals(BigInteger.ONE)) {
            return this;
        }
        return new Rational(numerator.multiply(other.numerator), denominator.multiply(other.denominator));
    }

    /** @throws ArithmeticException if the divisor is zero */
    public Rational dividedBy(Rational divisor) {
        return new Rational(numerator.multiply(divisor.denominator), denominator.multiply(divisor.numerator));
    }

    public Rational negated() {
        return new Rational(numerator.negate(), denominator);
    }

    public int signum() {
        return numerator.signum();
    }

    public boolean isZero() {
        return signum() == 0;
    }

    public boolean isWhole() {
        return denominator.equals(BigInteger.ONE);
    }

    public static Rational max(Rational a, Rational b) {
        return a.compareTo(b) >= 0 ? a : b;
    }

    public static Rational min(Rational a, Rational b) {
        return a.compareTo(b) <= 0 ? a : b;
    }

    /** Near the value, for a first look; never for an answer. */
    public double approximately() {
        return numerator.doubleValue() / denominator.doubleValue();
    }

    /** The value with so many decimals, half up. */
    public BigDecimal toDecimal(int decimals) {
        return new BigDecimal(numerator).divide(new BigDecimal(denominator), decimals, RoundingMode.HALF_UP);
    }

    /** The nearest whole number, half up (away from zero). */
    public BigInteger rounded() {
        return toDecimal(0).toBigIntegerExact();
    }

    /** The greatest whole number that is not above it. */
    public BigInteger floor() {
        BigInteger[] parts = numerator.divideAndRemainder(denominator);
        return parts[1].signum() < 0 ? parts[0].subtract(BigInteger.ONE) : parts[0];
    }

    /** The least whole number that is not below it. */
    public BigInteger ceiling() {
        return negated().floor().negate();
    }

    /** Plain decimal notation without trailing zeros; six decimals, half up, when it does not end sooner. */
    public String plain() {
        BigDecimal six = toDecimal(6).stripTrailingZeros();
        return (six.scale() < 0 ? six.setScale(0) : six).toPlainString();
    }

    /** As {@link #plain} where six decimals are exact, else as a fraction: read again, it is the same number. */
    public String exact() {
        return of(toDecimal(6)).equals(this) ? plain() : toString();
    }

    @Override
    public int compareTo(Rational other) {
        if (denominator.equals(other.denominator)) {
            return numerator.compareTo(other.numerator);
        }
        return numerator.multiply(other.denominator).compareTo(other.numerator.multiply(denominator));
    }

    @Override
    public String toString() {
        return isWhole() ? numerator.toString() : numerator + "/" + denominator;
    }
}
