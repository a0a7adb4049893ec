package wexilla.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RationalTest {

    private static Rational random(Random seeded) {
        return Rational.of(seeded.nextInt(2001) - 1000, 1 + seeded.nextInt(60));
    }

    /** Properties of a field: what is added can be taken away, what is multiplied divided, exactly. */
    @Test
    void arithmeticIsExact() {
        Random seeded = new Random(3);
        for (int i = 0; i < 2000; i++) {
            Rational a = random(seeded);
            Rational b = random(seeded);
            Rational c = random(seeded);
            assertThat(a.plus(b).minus(b)).isEqualTo(a);
            assertThat(a.times(b.plus(c))).isEqualTo(a.times(b).plus(a.times(c)));
            assertThat(a.compareTo(b)).isEqualTo(-b.compareTo(a));
            if (!b.isZero()) {
                assertThat(a.times(b).dividedBy(b)).isEqualTo(a);
            }
        }
    }

    @Test
    void lowestTermsMakeEqualValuesEqual() {
        assertThat(Rational.of(2, 4)).isEqualTo(Rational.of(1, 2)).hasSameHashCodeAs(Rational.of(-3, -6));
        assertThat(Rational.of(new BigDecimal("0.250"))).isEqualTo(Rational.of(1, 4));
        assertThat(Rational.of(new BigDecimal("1E+3"))).isEqualTo(Rational.of(1000));
    }

    @ParameterizedTest
    @CsvSource({"1,3,0.333333", "2,3,0.666667", "1,2,0.5", "1000,1,1000", "-1,8,-0.125", "1,2000000,0.000001"})
    void plainNotationEndsAfterSixDecimalsHalfUp(long numerator, long denominator, String plain) {
        assertThat(Rational.of(numerator, denominator).plain()).isEqualTo(plain);
    }

    @Test
    void whatSixDecimalsCannotSayIsAFraction() {
        assertThat(Rational.of(1, 3).exact()).isEqualTo("1/3");
        assertThat(Rational.of(3, 2).exact()).isEqualTo("1.5");
        assertThat(Rational.of(3, 64_000_000).exact()).isEqualTo("3/64000000");
    }

    @Test
    void nothingIsDividedByZero() {
        assertThatThrownBy(() -> Rational.of(1, 0)).isInstanceOf(ArithmeticException.class);
        assertThatThrownBy(() -> Rational.ONE.dividedBy(Rational.ZERO)).isInstanceOf(ArithmeticException.class);
    }
}
