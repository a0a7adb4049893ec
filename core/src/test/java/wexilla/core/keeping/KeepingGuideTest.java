package wexilla.core.keeping;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import wexilla.core.keeping.KeepDates.Urgency;
import wexilla.core.keeping.KeepingRule.Span;

/** Times: FoodSafety.gov, Cold Food Storage Chart (from memory); the meaning of "3–4 d" is the handbook's. */
class KeepingGuideTest {

    private static final LocalDate SUNDAY = LocalDate.of(2026, 11, 22);

    private final KeepingGuide guide = new KeepingGuide(List.of(
            new KeepingRule("cooked-dish", "dishes", new Span(3, 4), new Span(2, 6), null, null, "chart"),
            new KeepingRule("raw-mince", "mince", new Span(1, 2), new Span(3, 4), null, null, "chart"),
            new KeepingRule("raw-roast", "roasts", new Span(3, 5), new Span(4, 12), null, null, "chart"),
            new KeepingRule("eggs", "eggs", new Span(21, 35), null, null, null, "chart"),
            new KeepingRule("dry", "dry goods", null, null, new Span(12, 24), null, "practice")));

    @Test
    void threeToFourDaysIsWarnedFromDayThreeAndEatenByTheEndOfDayFour() {
        KeepDates dates = guide.dates("cooked-dish", Storage.FRIDGE, SUNDAY, SUNDAY);
        assertThat(dates.useFrom()).isEqualTo("2026-11-25");
        assertThat(dates.eatBy()).isEqualTo("2026-11-26");
        assertThat(dates.urgency(SUNDAY.plusDays(2))).isEqualTo(Urgency.FINE);
        assertThat(dates.urgency(SUNDAY.plusDays(3))).isEqualTo(Urgency.SOON);
        assertThat(dates.urgency(SUNDAY.plusDays(4))).isEqualTo(Urgency.SOON);
        assertThat(dates.urgency(SUNDAY.plusDays(5))).isEqualTo(Urgency.PAST);
    }

    @Test
    void theFreezerCountsFromFreezingAndIsAMatterOfTaste() {
        KeepDates dates = guide.dates("raw-mince", Storage.FREEZER, SUNDAY.minusDays(1), SUNDAY);
        assertThat(dates.eatBy()).isNull();
        assertThat(dates.bestBefore()).isEqualTo("2027-03-22");
        assertThat(guide.dates("eggs", Storage.FREEZER, SUNDAY, SUNDAY).rule()).contains("not usually frozen");
    }

    @Test
    void whatIsTooOldForTheFridgeIsLikelyInTheFreezer() {
        assertThat(guide.likelyStorage("raw-mince", SUNDAY.minusDays(2), SUNDAY))
                .isEqualTo(Storage.FRIDGE);
        assertThat(guide.likelyStorage("raw-mince", SUNDAY.minusDays(3), SUNDAY))
                .isEqualTo(Storage.FREEZER);
        assertThat(guide.likelyStorage("eggs", SUNDAY.minusDays(99), SUNDAY)).isEqualTo(Storage.FRIDGE);
        assertThat(guide.likelyStorage("dry", SUNDAY.minusDays(999), SUNDAY)).isEqualTo(Storage.CUPBOARD);
    }

    @Test
    void withoutARuleNothingIsInvented() {
        KeepDates dates = guide.dates("moon dust", Storage.FRIDGE, SUNDAY, SUNDAY);
        assertThat(dates.last()).isEmpty();
        assertThat(dates.urgency(SUNDAY)).isEqualTo(Urgency.UNKNOWN);
    }

    /** Handbook, section 6: cooked rice one day, unless the household cools it within the hour and chooses more. */
    @Test
    void riceKeepsADayUnlessTheHouseholdChooses() {
        KeepingGuide all = new KeepingGuide(List.of(
                new KeepingRule("cooked-dish", "dishes", new Span(3, 4), new Span(2, 6), null, null, "chart"),
                new KeepingRule("cooked-rice", "rice", new Span(1, 1), new Span(3, 3), null, null, "chart")));
        assertThat(all.dates("cooked-rice", Storage.FRIDGE, SUNDAY, SUNDAY).eatBy())
                .isEqualTo(SUNDAY.plusDays(1));
        KeepDates chosen = all.riceKept().dates("cooked-rice", Storage.FRIDGE, SUNDAY, SUNDAY);
        assertThat(chosen.eatBy()).isEqualTo(SUNDAY.plusDays(4));
        assertThat(chosen.source()).contains("published");
    }

    @Test
    void aStartedDayBeforeFreezingCounts() {
        assertThat(KeepingGuide.usedDays(SUNDAY, SUNDAY.plusDays(2))).isEqualTo(2);
        assertThat(KeepingGuide.usedDays(SUNDAY, SUNDAY)).isZero();
    }
}
