package wexilla.core.stretch;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.api.Test;
import wexilla.core.Samples;
import wexilla.core.money.Money;
import wexilla.core.quantity.Rational;

/** More beans, less meat, within our rule: 40 g of cooked meat on a plate, its weight within 15 per cent. */
class BalanceTest {

    private static Money money(String text) {
        return Money.parse(text, Samples.EURO);
    }

    private static Balance.Dish dish(int meat, int plates, int extender, String eaten) {
        return new Balance.Dish(
                Rational.of(meat),
                money("4.00"),
                Rational.of(meat).times(Rational.of(27, 100)),
                plates,
                Rational.of(extender),
                Rational.of(new java.math.BigDecimal(eaten)),
                money("1.00"),
                Rational.of(extender).times(Rational.of(21, 100)));
    }

    /** 600 g of meat and 400 g of dried beans (2.3 g cooked of one) on 8 plates of 190 g: up to 15 plates of 40 g. */
    @Test
    void beansForMeat() {
        Balance balance = Balance.of(dish(600, 8, 400, "2.3"));
        assertThat(balance.stops())
                .extracting(Balance.Stop::plates)
                .startsWith(4)
                .endsWith(15);
        Balance.Stop now = balance.stops().get(balance.now());
        assertThat(now.plates()).isEqualTo(8);
        assertThat(now.factor()).isEqualTo(Rational.ONE);
        assertThat(now.plateCost()).isEqualTo(Money.rounded(Rational.of(500, 8), Samples.EURO));
        Balance.Stop most = balance.stops().get(balance.stops().size() - 1);
        assertThat(most.plateMeat()).isEqualTo(Rational.of(40));
        // 15 plates of 190 g less 600 g of meat are 2250 g of beans, 978 g dried, weighed to 975
        assertThat(most.factor()).isEqualTo(Rational.of(975, 400));
    }

    /** Whatever is on the plates: every stop keeps the limits, more plates cost less and never hold more meat. */
    @Test
    void everyStopKeepsTheLimits() {
        Random random = new Random(12);
        for (int i = 0; i < 500; i++) {
            Balance.Dish dish =
                    dish(100 + random.nextInt(2000), 1 + random.nextInt(30), 50 + random.nextInt(1500), "2.3");
            Balance balance = Balance.of(dish);
            double plate = (dish.meat().approximately() + dish.extender().approximately() * 2.3) / dish.plates();
            assertThat(balance.stops().get(balance.now()).plates()).isEqualTo(dish.plates());
            for (int at = 0; at < balance.stops().size(); at++) {
                Balance.Stop stop = balance.stops().get(at);
                boolean asNow = stop.plates() == dish.plates();
                assertThat(stop.plateMeat().approximately() >= 40 || asNow).isTrue();
                assertThat(Math.abs(stop.plateGrams().approximately() / plate - 1))
                        .isLessThanOrEqualTo(0.150001);
                if (at > 0) {
                    assertThat(stop.plateMeat())
                            .isLessThan(balance.stops().get(at - 1).plateMeat());
                }
            }
        }
    }
}
