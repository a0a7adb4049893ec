package wexilla.core.keeping;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wexilla.core.keeping.KeepingRule.Span;
import wexilla.core.quantity.Rational;

/** Freezing pauses the clock, thawing goes on with what is left, opening starts anew. */
class LotClockTest {

    private static final LocalDate DAY = LocalDate.of(2026, 11, 1);
    private static final KeepingGuide GUIDE = new KeepingGuide(List.of(
            new KeepingRule("cooked-dish", "dishes", new Span(3, 4), new Span(2, 6), null, null, "chart"),
            new KeepingRule("raw-roast", "roasts", new Span(3, 5), new Span(4, 12), null, null, "chart"),
            new KeepingRule("tins", "tins", null, null, new Span(24, 48), new Span(5, 7), "practice")));

    /** Handbook, section 6: the time left when frozen, at least the next dinner, at most the class's own fridge time. */
    @ParameterizedTest
    @CsvSource({"0, 4", "1, 3", "3, 1", "4, 1", "9, 1"})
    void afterThawingTheDaysLeftCount(int daysBeforeFreezing, int daysAfterThawing) {
        LotClock clock = LotClock.start("cooked-dish", DAY)
                .frozen(DAY.plusDays(daysBeforeFreezing))
                .thawed(DAY.plusDays(60));
        KeepDates dates = GUIDE.dates(clock, Storage.FRIDGE);
        assertThat(dates.eatBy()).isEqualTo(DAY.plusDays(60 + daysAfterThawing));
        assertThat(dates.useFrom()).isBeforeOrEqualTo(dates.eatBy());
        assertThat(dates.bestBefore()).isNull();
    }

    @Test
    void refreezingKeepsTheDaysThatAreGone() {
        LotClock twice = LotClock.start("raw-roast", DAY)
                .frozen(DAY.plusDays(1))
                .thawed(DAY.plusDays(30))
                .frozen(DAY.plusDays(32));
        assertThat(twice.usedDays()).isEqualTo(3);
        assertThat(GUIDE.dates(twice, Storage.FREEZER).bestBefore())
                .isEqualTo(DAY.plusDays(32).plusMonths(12));
        assertThat(GUIDE.dates(twice.thawed(DAY.plusDays(90)), Storage.FRIDGE).eatBy())
                .isEqualTo(DAY.plusDays(92));
    }

    @Test
    void theFreezerDoesNotAgeWhatADishInherits() {
        LotClock frozen = LotClock.start("cooked-dish", DAY).frozen(DAY.plusDays(1));
        assertThat(frozen.ageFrom(DAY.plusDays(40))).isEqualTo(DAY.plusDays(39));
        assertThat(frozen.thawed(DAY.plusDays(50)).ageFrom(DAY.plusDays(52))).isEqualTo(DAY.plusDays(49));
        assertThat(LotClock.start("cooked-dish", DAY).ageFrom(DAY.plusDays(2))).isEqualTo(DAY);
    }

    @Test
    void anOpenedTinHasDaysNotYears() {
        LotClock shut = LotClock.start("tins", DAY);
        assertThat(GUIDE.dates(shut, Storage.CUPBOARD).bestBefore()).isEqualTo(DAY.plusMonths(48));
        assertThat(GUIDE.dates(
                                GUIDE.opened(shut, DAY.plusDays(90), GUIDE.dates(shut, Storage.CUPBOARD)),
                                Storage.FRIDGE)
                        .eatBy())
                .isEqualTo(DAY.plusDays(97));
    }

    /** USDA FSIS, The Big Thaw: 24 h for every 4 to 5 lb, at least a day (from memory); birds and trays: practice. */
    @ParameterizedTest
    @CsvSource({
        "0.5, JOINT, 24", "1.81, JOINT, 24", "1.82, JOINT, 48", "3.2, JOINT, 48", "2.3, WHOLE_BIRD, 48",
        "5.5, WHOLE_BIRD, 96", "2, TRAY, 48", "1, TRAY, 36", "0.9, FLAT_BAG, 20", "1.5, FLAT_BAG, 24",
        "2.8, FLAT_BAG, 24", "2.8, BLOCK, 48", "0.9, BAG, 20", "2.8, BAG, 48"
    })
    void thawingTakesItsHours(String kg, Thaw.Shape shape, int hours) {
        assertThat(Thaw.hours(Rational.of(new java.math.BigDecimal(kg)), shape)).isEqualTo(hours);
    }

    /** The design's example: a 2.3 kg bird for Saturday 16:00 comes out on Thursday 16:00. */
    @Test
    void takeOutIsCountedBack() {
        LocalDateTime ready = LocalDateTime.of(2026, 11, 28, 16, 0);
        assertThat(Thaw.takeOut(ready, Rational.of(23, 10), Thaw.Shape.WHOLE_BIRD))
                .isEqualTo(ready.minusDays(2));
    }

    @ParameterizedTest
    @CsvSource({"0, today", "1, 1 day", "20, 20 days", "21, 3 weeks", "62, 8 weeks", "92, 3 months", "800, 2 years"})
    void ageIsToldAsPeopleSayIt(int days, String words) {
        assertThat(Age.words(DAY, DAY.plusDays(days))).isEqualTo(words);
    }
}
