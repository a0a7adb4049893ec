package wexilla.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static wexilla.core.Samples.EURO;
import static wexilla.core.Samples.amount;
import static wexilla.core.Samples.euro;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import wexilla.core.keeping.LotClock;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;

class StockUseTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 11, 23);

    private static OpenLot lot(String id, String amount, String cost, int keepsDays) {
        LocalDate end = TODAY.plusDays(keepsDays);
        return new OpenLot(
                id, amount(amount), Cost.of(euro(cost)), end, end, LotClock.start("raw-mince", TODAY), false);
    }

    @Test
    void firstToExpireGoesFirst() {
        List<OpenLot> lots = List.of(lot("late", "500 g", "4.00", 9), lot("soon", "300 g", "1.50", 1));
        StockUse use = StockUse.of(lots, amount("400 g"), TODAY);
        assertThat(use.takes()).extracting(t -> t.lot().id()).containsExactly("soon", "late");
        assertThat(use.takes()).extracting(t -> t.cost().known().decimal()).containsExactly("1.50", "0.80");
        assertThat(use.lacking()).hasToString("0 g");
        assertThat(use.after(lots)).extracting(l -> l.amount().toString()).containsExactly("400 g");
    }

    @Test
    void whatIsPastItsLimitIsLeftWhereItIs() {
        StockUse use = StockUse.of(List.of(lot("old", "500 g", "4.00", -1)), amount("400 g"), TODAY);
        assertThat(use.takes()).isEmpty();
        assertThat(use.lacking()).hasToString("400 g");
    }

    @Test
    void whatTheRecordLacksIsNamedAndNeverNegative() {
        StockUse use = StockUse.of(
                List.of(lot("all", "300 g", "1.50", 1)),
                amount("1 kg").unit().equals(Unit.KG) ? Amount.of(1000, Unit.G) : amount("1 kg"),
                TODAY);
        assertThat(use.lacking()).hasToString("700 g");
        assertThatThrownBy(() -> StockUse.costTaken(euro("1"), Rational.of(2), Rational.ONE))
                .isInstanceOf(IllegalArgumentException.class);
    }

    /** Data decision: cost taken = round(remaining × used / remaining amount), the last use takes the rest. */
    @Test
    void fiveGramsOfAFortyFiveCentKiloCostNothingAndNothingIsLost() {
        List<OpenLot> lots = List.of(lot("salt", "1000 g", "0.45", 99));
        Money sum = Money.zero(EURO);
        for (int i = 0; i < 200; i++) {
            StockUse use = StockUse.of(lots, amount("5 g"), TODAY);
            sum = sum.plus(use.takes().get(0).cost().known());
            lots = use.after(lots);
        }
        assertThat(lots).isEmpty();
        assertThat(sum).isEqualTo(euro("0.45"));
    }

    /** Property: however a lot is used up, the costs taken sum to what it cost. */
    @Test
    void everyLotClosesExactly() {
        Random seeded = new Random(5);
        for (int i = 0; i < 300; i++) {
            Money cost = Money.of(seeded.nextInt(5000), EURO);
            int grams = 1 + seeded.nextInt(3000);
            List<OpenLot> lots = List.of(new OpenLot(
                    "x", Amount.of(grams, Unit.G), Cost.of(cost), null, null, LotClock.start("dry", TODAY), false));
            List<Money> taken = new ArrayList<>();
            while (!lots.isEmpty()) {
                StockUse use = StockUse.of(lots, Amount.of(1 + seeded.nextInt(grams), Unit.G), TODAY);
                taken.add(use.takes().get(0).cost().known());
                lots = use.after(lots);
            }
            assertThat(taken).allMatch(t -> t.minor() >= 0);
            assertThat(taken.stream().reduce(Money.zero(EURO), Money::plus)).isEqualTo(cost);
        }
    }
}
