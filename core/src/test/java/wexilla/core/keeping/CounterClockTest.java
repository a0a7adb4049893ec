package wexilla.core.keeping;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import org.junit.jupiter.api.Test;

/** Two hours from the heat to the cold: USDA FSIS, the 2-hour rule (from memory). */
class CounterClockTest {

    private static final LocalDateTime FIVE = LocalDateTime.of(2026, 11, 23, 17, 0);

    @Test
    void itSaysByWhenItMustBeColdAndHowLongThatIs() {
        assertThat(CounterClock.of(FIVE, FIVE.plusMinutes(85)).words())
                .isEqualTo("into the fridge or freezer by 19:00: 35 min left");
        assertThat(CounterClock.of(FIVE, FIVE.plusMinutes(120)).words()).endsWith("0 min left");
        assertThat(CounterClock.of(FIVE, FIVE.plusMinutes(121)).words())
                .isEqualTo("should have been cold by 19:00, 1 min ago");
        assertThat(CounterClock.of(FIVE, FIVE.plusHours(14)).words()).endsWith(", 12 h ago");
        assertThat(CounterClock.of(FIVE, FIVE.plusDays(3)).words()).endsWith(", 2 days ago");
    }

    @Test
    void theMinutesRunDownOneByOne() {
        for (int minutes = 0; minutes < 5000; minutes++) {
            CounterClock now = CounterClock.of(FIVE, FIVE.plusMinutes(minutes));
            assertThat(now.minutesLeft()).isEqualTo(120 - minutes);
            assertThat(now.by()).isEqualTo(FIVE.plusHours(2));
        }
    }
}
