package wexilla.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static wexilla.core.Samples.amount;
import static wexilla.core.Samples.euro;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wexilla.core.keeping.KeepingRule;
import wexilla.core.keeping.KeepingRule.Span;
import wexilla.core.keeping.LotClock;
import wexilla.core.keeping.Storage;
import wexilla.core.keeping.Thaw;
import wexilla.core.money.Cost;
import wexilla.core.stock.Moving.Kind;

/** Freezing pauses the clock, thawing takes its day: USDA FSIS, The Big Thaw (from memory). */
class MovingTest {

    private static final LocalDate BOUGHT = LocalDate.of(2026, 11, 20);
    private static final LocalDate DAY = LocalDate.of(2026, 11, 21);
    private static final KeepingRule MEAT =
            new KeepingRule("raw-roast", "raw joints", new Span(3, 5), new Span(4, 12), null, null, "chart");
    private static final KeepingRule BREAD =
            new KeepingRule("bread", "bread", new Span(7, 7), new Span(3, 3), new Span(3, 3), null, "chart");

    private static OpenLot lot(boolean cooked, LocalDate limit) {
        LotClock clock = LotClock.start("raw-roast", BOUGHT);
        return new OpenLot(
                "l", amount("3.2 kg"), Cost.of(euro("9")), limit, limit, limit, clock, cooked, Thaw.Shape.JOINT, null);
    }

    private static Moving move(OpenLot lot, Storage from, Storage to, KeepingRule rule) {
        return Moving.of(lot, amount("3200 g"), "pork", from, to, rule, DAY);
    }

    @Test
    void intoTheFreezerItsUsedDaysAreKept() {
        Moving frozen = move(lot(false, DAY), Storage.FRIDGE, Storage.FREEZER, MEAT);
        assertThat(frozen)
                .isEqualTo(new Moving(
                        Kind.FROZEN, LotClock.start("raw-roast", BOUGHT).frozen(DAY)));
        assertThat(frozen.clock().usedDays()).isEqualTo(1);
    }

    @Test
    void whatIsPastItsDayIsNotFrozenAnyMore() {
        OpenLot past = lot(false, DAY.minusDays(1));
        assertThatThrownBy(() -> move(past, Storage.FRIDGE, Storage.FREEZER, MEAT))
                .hasMessageContaining("pork is past");
        assertThat(move(past, Storage.FREEZER, Storage.FREEZER, MEAT).kind())
                .as("from drawer to drawer")
                .isEqualTo(Kind.MOVED);
    }

    /** 3.2 kg take two days: raw food counts from then, cooked food from when it is taken out. */
    @ParameterizedTest
    @CsvSource({"false, 2026-11-23", "true, 2026-11-21"})
    void outOfItItThaws(boolean cooked, LocalDate done) {
        Moving thawed = move(lot(cooked, null), Storage.FREEZER, Storage.FRIDGE, MEAT);
        assertThat(thawed.kind()).isEqualTo(Kind.THAWED);
        assertThat(thawed.clock().thawedOn()).isEqualTo(done);
    }

    @Test
    void nothingThatKeepsColdThawsOnTheCounter() {
        assertThatThrownBy(() -> move(lot(false, null), Storage.FREEZER, Storage.COUNTER, MEAT))
                .hasMessageContaining("Thaw it in the fridge");
        assertThat(move(lot(false, null), Storage.FREEZER, Storage.COUNTER, BREAD)
                        .kind())
                .isEqualTo(Kind.THAWED);
    }

    @Test
    void elsewhereNothingHappensToItsClock() {
        assertThat(move(lot(false, null), Storage.COUNTER, Storage.FRIDGE, MEAT))
                .isEqualTo(new Moving(Kind.MOVED, LotClock.start("raw-roast", BOUGHT)));
    }
}
