package wexilla.core.keeping;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalTime;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** When something is to be used soon, and on which day something taken out is thawed: one answer each. */
class SoonAndReadyTest {

    /** Own definitions: the warning of the rule before a limit, 30 days before a best before. */
    @ParameterizedTest
    @CsvSource(nullValues = "-", textBlock = """
            2026-11-25, 2026-11-27, -, 2026-11-25
            -, 2026-11-27, -, 2026-11-27
            2026-09-01, -, 2026-12-31, 2026-12-01
            -, -, 2026-12-31, 2026-12-01
            -, -, -, -
            """)
    void isSoonFrom(
            @Nullable LocalDate warn, @Nullable LocalDate eatBy, @Nullable LocalDate best, @Nullable LocalDate from) {
        KeepDates dates = new KeepDates(warn, eatBy, best, "", "");
        assertThat(dates.soonFrom().orElse(null)).isEqualTo(from);
        if (from != null) {
            assertThat(dates.urgency(from)).isEqualTo(KeepDates.Urgency.SOON);
            assertThat(dates.urgency(from.minusDays(1))).isEqualTo(KeepDates.Urgency.FINE);
        }
    }

    /** Taken out on Monday 23 November at this hour. */
    @ParameterizedTest
    @CsvSource({
        "08:00, 0, 18:30, 2026-11-23",
        "20:00, 0, 18:30, 2026-11-23",
        "08:00, 20, 18:30, 2026-11-24",
        "17:30, 24, 18:30, 2026-11-24",
        "19:00, 24, 18:30, 2026-11-25",
        "08:00, 48, 07:00, 2026-11-26",
        "08:00, 72, 18:30, 2026-11-26"
    })
    void isReadyToTheTable(LocalTime out, int hours, LocalTime by, LocalDate ready) {
        LocalDate monday = LocalDate.of(2026, 11, 23);
        assertThat(Thaw.ready(monday.atTime(out), hours, by)).isEqualTo(ready);
    }
}
