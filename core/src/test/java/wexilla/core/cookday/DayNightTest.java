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
