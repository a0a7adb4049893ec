package wexilla.core.stock;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.stock.ScrapBag.Scrap;

/** Raw and cooked bones lie in bags of their own, the oldest dates each; about a kilo is a pot (handbook, section 5). */
class ScrapBagTest {

    private static final LocalDate DAY = LocalDate.of(2027, 1, 13);

    @Test
    void bagsFillAndAreDue() {
        List<ScrapBag> bags = ScrapBag.of(List.of(
                new Scrap("raw bones", "a", Amount.of(400, Unit.G), DAY),
                new Scrap("cooked bones", "b", Amount.of(500, Unit.G), DAY),
                new Scrap("cooked bones", "c", Amount.of(400, Unit.G), DAY.minusDays(4)),
                new Scrap("peelings", "d", Amount.of(1, Unit.PIECE), DAY)));
        assertThat(bags).extracting(ScrapBag::name).containsExactly("cooked bones", "peelings", "raw bones");
        ScrapBag cooked = bags.get(0);
        assertThat(cooked.due()).isTrue();
        assertThat(cooked.oldest()).isEqualTo(DAY.minusDays(4));
        assertThat(cooked.lots()).containsExactly("c", "b");
        assertThat(cooked.water()).isEqualTo(Rational.of(1800));
        assertThat(bags.get(1).words()).isEqualTo("1 lot nobody weighed: a pot of stock is due");
        assertThat(bags.get(2).due()).isFalse();
        assertThat(bags.get(2).words()).isEqualTo("400 g of about 1 kg for a pot");
    }
}
