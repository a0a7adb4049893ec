package wexilla.core.cookday;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.util.List;
import org.junit.jupiter.api.Test;
import wexilla.core.clock.DayProblem;
import wexilla.core.clock.DayProblem.Job;
import wexilla.core.clock.DayProblem.Kind;
import wexilla.core.clock.DayProblem.Person;
import wexilla.core.clock.DayProblem.Window;
import wexilla.core.clock.DaySearch;

class DayNightTest {

    private static List<String> told(int minutes, String begins) {
        DayProblem day = new DayProblem(
                List.of(Job.of("stew", "Slow cook.", minutes, false, Kind.SLOW_COOKER)),
                List.of(),
                List.of(new Person("Nora", List.of(new Window(0, 5000)))),
                KitchenGear.of(List.of("slow cooker")));
        return DayNight.heatThatEnds(DaySearch.of(day, 1, 10, () -> false).orElseThrow(), LocalDateTime.parse(begins));
    }

    /** Whenever a day begins, no night in it is worked through; who begins at night is up for an hour. */
    @Test
    void nobodyIsUpUnlessSheSaysSo() {
        for (int minute = 0; minute < 24 * 60; minute += 10) {
            LocalDateTime begins = LocalDateTime.parse("2026-12-05T00:00").plusMinutes(minute);
            List<DayNight.Span> nights = DayNight.asleep(begins);
            for (int at = 0; at < 5 * 24 * 60; at += 10) {
                LocalDateTime then = begins.plusMinutes(at);
                boolean asleep =
                        nights.stream().anyMatch(night -> !then.isBefore(night.from()) && then.isBefore(night.to()));
                boolean first = at < 60 && (begins.getHour() >= 23 || begins.getHour() < 6);
                assertThat(asleep).as("%s of a day from %s", then, begins).isEqualTo(then.getHour() < 6 && !first);
            }
        }
    }

    /** Every begin of a day, every length: told exactly where it ends between eleven and six. */
    @Test
    void heatThatEndsWhileEverybodySleepsIsTold() {
        for (int minutes = 60; minutes <= 600; minutes += 60) {
            for (int hour = 0; hour < 24; hour++) {
                int ends = (hour + minutes / 60) % 24;
                assertThat(told(minutes, "2026-12-05T%02d:00".formatted(hour)).isEmpty())
                        .as("%s min from %s", minutes, hour)
                        .isEqualTo(ends >= 6 && ends < 23);
            }
        }
        assertThat(told(480, "2026-12-05T18:00").get(0)).contains("ends at 02:00");
        assertThat(told(30, "2026-12-05T23:30"))
                .as("somebody waits for half an hour")
                .isEmpty();
    }
}
