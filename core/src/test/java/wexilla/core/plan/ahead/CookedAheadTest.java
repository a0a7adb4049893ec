package wexilla.core.plan.ahead;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Currency;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wexilla.core.keeping.KeepingGuide;
import wexilla.core.keeping.KeepingRule;
import wexilla.core.keeping.KeepingRule.Span;
import wexilla.core.quantity.Rational;
import wexilla.core.stock.OpenLot;

/** What is eaten within its fridge time lies there; what is eaten later is frozen the day it is cooked. */
class CookedAheadTest {

    private static final LocalDate SUNDAY = LocalDate.of(2026, 11, 29);
    private static final KeepingGuide GUIDE = new KeepingGuide(List.of(
            new KeepingRule("cooked-dish", "cooked dishes", new Span(3, 4), new Span(2, 6), null, null, "chart"),
            new KeepingRule("eggs-boiled", "boiled eggs", new Span(7, 7), null, null, null, "chart")));

    @ParameterizedTest
    @CsvSource({
        // class, portions, eaten on day:portions, in the fridge, frozen
        "cooked-dish, 12, 1:4 3:4, 12, 0",
        "cooked-dish, 12, 1:4 5:4, 8, 4",
        "cooked-dish, 8, 5:4 9:4, 0, 8",
        "cooked-dish, 8, 5:6 9:6, 0, 8",
        "cooked-dish, 8, 4:8, 8, 0",
        "eggs-boiled, 8, 9:8, 8, 0"
    })
    void lots(String keeping, int portions, String eaten, int fridge, int frozen) {
        List<CookedAhead.Wanted> wanted = List.of(eaten.split(" ")).stream()
                .map(one -> one.split(":"))
                .map(one -> new CookedAhead.Wanted(
                        SUNDAY.plusDays(Integer.parseInt(one[0])), Rational.of(Integer.parseInt(one[1]))))
                .toList();
        List<OpenLot> lots = new CookedAhead("b", Rational.of(portions), keeping, SUNDAY)
                .lots(wanted, GUIDE, Currency.getInstance("EUR"));
        assertThat(sum(lots, false)).isEqualTo(fridge);
        assertThat(sum(lots, true)).isEqualTo(frozen);
        lots.stream()
                .filter(lot -> lot.frozenAs() != null)
                .forEach(lot -> assertThat(lot.limit()).isNull());
        assertThat(lots.stream().map(OpenLot::id).distinct()).hasSameSizeAs(lots);
    }

    private static int sum(List<OpenLot> lots, boolean frozen) {
        return lots.stream()
                .filter(lot -> (lot.frozenAs() != null) == frozen)
                .mapToInt(lot -> lot.amount().value().ceiling().intValueExact())
                .sum();
    }
}
