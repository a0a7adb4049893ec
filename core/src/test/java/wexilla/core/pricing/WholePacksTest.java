package wexilla.core.pricing;

import static org.assertj.core.api.Assertions.assertThat;
import static wexilla.core.Samples.amount;
import static wexilla.core.Samples.euro;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wexilla.core.pricing.WholePacks.MultiBuy;

class WholePacksTest {

    /** Handbook, section 4: 3 for 10.00 against 4.00; whole multiples only, the rest at the single price. */
    @ParameterizedTest
    @CsvSource({
        "1 g, 1, 4.00",
        "500 g, 1, 4.00",
        "501 g, 2, 8.00",
        "1500 g, 3, 10.00",
        "1501 g, 4, 14.00",
        "3 kg, 6, 20.00"
    })
    void wholePacksAndMultiBuys(String need, long packs, String cost) {
        WholePacks kind = new WholePacks(amount("500 g"), euro("4.00"), new MultiBuy(3, euro("10.00")));
        var grams = wexilla.core.quantity.Measures.METRIC.toBase(amount(need));
        WholePacks.Buy buy = WholePacks.cheapest(List.of(kind), grams).orElseThrow();
        assertThat(buy.packs()).isEqualTo(packs);
        assertThat(buy.cost().decimal()).isEqualTo(cost);
    }
}
