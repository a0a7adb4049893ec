package wexilla.core.recipe.steps;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import wexilla.core.recipe.steps.StepClock.Watch;

/** What stands beside a step, typed and read back, and what its text says of looking at it. */
class StepClockTest {

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            after 1                                    | after 1
            after steps 1 and 3                        | after 1 and 3
            follows 1, 2, 3                            | after 1 and 2 and 3
            at most 10 min later                       | at most 10 min later
            at most 2 hours                            | at most 120 min later
            at once                                    | at once
            at least 30 minutes; at most 1 hour        | at least 30 min later; at most 60 min later
            every 2 hours                              | every 120 min
            last 15 min: add the peas                  | last 15 min: add the peas
            after 2; every 30 min; last 10 min         | after 2; every 30 min; last 10 min
            """)
    void whatIsTypedIsReadBack(String typed, String words) {
        StepClock clock = StepClock.parse(typed, 4);
        assertThat(clock.words()).isEqualTo(words);
        assertThat(StepClock.parse(clock.words(), 4)).isEqualTo(clock);
    }

    @Test
    void nothingIsNothing() {
        assertThat(StepClock.parse("", 1)).isEqualTo(StepClock.NONE);
        assertThat(StepClock.parse(" ; ", 1).isNone()).isTrue();
        assertThat(StepClock.NONE.words()).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "after 4",
                "after 9",
                "after 0",
                "after 99999999999",
                "soon",
                "every moon",
                "at least 60 min; at most 10 min",
                "every 0 minutes"
            })
    void nonsenseIsTold(String typed) {
        assertThatThrownBy(() -> StepClock.parse(typed, 4)).isInstanceOf(IllegalArgumentException.class);
    }

    /** What is typed counts; where nothing is, the text. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Slow cook 8 hours, stir every 2 hours.                 | 480 | 120 stir, 240 stir, 360 stir
            Simmer 40 minutes, stirring every 15 minutes.          | 40  | 15 stirring, 30 stirring
            Turn every hour.                                       | 150 | 60 Turn, 120 Turn
            Roast 45 minutes, for the last 15 minutes: add cheese. | 45  | 30 add cheese
            Bake 60 minutes, check at 50 minutes.                  | 60  | 50 check
            Bake 40 minutes; after 20 minutes turn the tray.       | 40  | 20 turn the tray
            Simmer 45 minutes.                                     | 45  |
            """)
    void whenSomebodyLooks(String text, int minutes, String looks) {
        List<String> found = StepClock.NONE.watches(text, minutes).stream()
                .map(watch -> watch.at() + " " + watch.words())
                .toList();
        assertThat(String.join(", ", found)).isEqualTo(looks == null ? "" : looks);
        StepClock typed = StepClock.parse("every 10 min", 1);
        assertThat(typed.watches(text, 25))
                .filteredOn(watch -> watch.words().equals("look at it"))
                .containsExactly(new Watch(10, "look at it"), new Watch(20, "look at it"));
    }
}
