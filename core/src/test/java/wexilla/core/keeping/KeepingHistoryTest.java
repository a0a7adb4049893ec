package wexilla.core.keeping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wexilla.core.keeping.KeepingHistory.Event;
import wexilla.core.keeping.KeepingHistory.What;
import wexilla.core.keeping.KeepingRule.Span;

/** What was done with a thing, and until when it keeps then: handbook, section 6 (FoodSafety.gov chart, from memory). */
class KeepingHistoryTest {

    private static final KeepingGuide GUIDE = new KeepingGuide(List.of(
            new KeepingRule("cooked-dish", "cooked dishes", new Span(3, 4), new Span(2, 6), null, null, "chart"),
            new KeepingRule("raw-mince", "raw mince", new Span(1, 2), new Span(3, 4), null, null, "chart"),
            new KeepingRule("tins", "tins", null, null, new Span(24, 48), new Span(5, 7), "practice")));

    private static List<Event> events(String text) {
        return Arrays.stream(text.split(", "))
                .map(one -> one.split(" ", 2))
                .map(one -> new Event(
                        LocalDateTime.parse("2026-" + one[0] + "T10:00"),
                        What.of(one[1]).orElseThrow()))
                .toList();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            raw-mince   | 12-05 bought                                                   | 12-06 | 12-07
            raw-mince   | 12-05 bought, 12-06 cooked                                     | 12-09 | 12-10
            raw-mince   | 11-01 bought, 11-02 frozen, 12-05 taken out                    | 12-06 | 12-07
            raw-mince   | 11-01 bought, 11-02 frozen, 12-05 thawed in cold water         | 12-05 | 12-05
            cooked-dish | 11-01 cooked, 11-02 frozen, 12-05 taken out, 12-06 thawed in fridge | 12-07 | 12-08
            cooked-dish | 11-01 cooked, 11-02 frozen, 12-05 taken out, 12-06 cooked      | 12-07 | 12-08
            cooked-dish | 11-01 cooked, 11-05 frozen, 12-05 thawed in fridge             | 12-05 | 12-06
            tins        | 11-01 bought, 12-05 opened                                     | 12-10 | 12-12
            """)
    void untilWhen(String keepingClass, String events, String useFrom, String eatBy) {
        KeepDates dates = KeepingHistory.of(keepingClass, events(events), GUIDE).dates();
        assertThat(dates.useFrom()).isEqualTo("2026-" + useFrom);
        assertThat(dates.eatBy()).isEqualTo("2026-" + eatBy);
    }

    /** In the freezer there is a wish, no limit; what is left after thawing is told already. */
    @Test
    void frozen() {
        KeepingHistory.Kept kept = KeepingHistory.of("cooked-dish", events("11-01 cooked, 11-03 frozen"), GUIDE);
        assertThat(kept.dates().eatBy()).isNull();
        assertThat(kept.dates().bestBefore()).isEqualTo("2027-05-03");
        assertThat(kept.advice()).contains("within 2 days");
    }

    @Test
    void onlyWhatThawedInTheFridgeIsFrozenAgain() {
        String thawed = "11-01 bought, 11-02 frozen, 12-05 thawed in microwave, 12-05 frozen";
        assertThat(KeepingHistory.of("raw-mince", events(thawed), GUIDE).advice())
                .contains("only what thawed in the fridge is frozen again");
        assertThat(KeepingHistory.of("raw-mince", events("11-01 bought, 11-06 frozen"), GUIDE)
                        .advice())
                .contains("past its limit when it was frozen");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"12-05 cooked, 12-04 frozen | order of time", "12-05 cooked, 12-06 taken out | not frozen"})
    void whatCannotBeIsSaid(String events, String said) {
        assertThatThrownBy(() -> KeepingHistory.of("cooked-dish", events(events), GUIDE))
                .hasMessageContaining(said);
        assertThatThrownBy(() -> KeepingHistory.of("cooked-dish", List.of(), GUIDE))
                .hasMessageContaining("nothing was done");
    }
}
