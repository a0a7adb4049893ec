package wexilla.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wexilla.core.quantity.NotAnAmount;

/** Days as they are written on Wednesday 2 December 2026. */
class NoteDatesTest {

    private final NoteDates dates = new NoteDates(LocalDate.of(2026, 12, 2));

    private String told(String text) {
        return dates.in(text).days().stream()
                .map(day -> day.event() + " " + day.date())
                .collect(Collectors.joining(", "));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            mince today                              | SINCE 2026-12-02
            mince yesterday                          | SINCE 2026-12-01
            pork, cooked last night                  | COOKED 2026-12-01
            chilli, Sat                              | SINCE 2026-11-28
            soup made Wednesday                      | COOKED 2026-12-02
            buttermilk opened last Monday            | OPENED 2026-11-23
            ham open since Friday                    | OPENED 2026-11-27
            curry made Sat, frozen Mon, out Tue night| COOKED 2026-11-28, FROZEN 2026-11-30, OUT 2026-12-01
            mince thawed in fridge Monday            | THAWED 2026-11-30
            stew, a week ago                         | SINCE 2026-11-25
            rice 2 days ago                          | SINCE 2026-11-30
            cheddar opened last week                 | OPENED 2026-11-22
            mash frozen Halloween                    | FROZEN 2026-10-31
            carcass from Thanksgiving                | SINCE 2026-11-26
            mince Oct                                | SINCE 2026-10-01
            quiche sept 20                           | SINCE 2026-09-20
            cod fillets 4 Nov 14                     | SINCE 2026-11-14
            stew made Oct 18                         | COOKED 2026-10-18
            base 3 tubs 11/20                        | SINCE 2026-11-20
            beef 20/11                               | SINCE 2026-11-20
            beef 2026-11-20                          | SINCE 2026-11-20
            lasagne best before Mar 27               | PRINTED 2027-03-31
            pumpkin, best before 06/2027             | PRINTED 2027-06-30
            beans bb 2025                            | PRINTED 2025-12-31
            milk use by 9 Dec                        | PRINTED 2026-12-09
            peaches home canned Aug                  | CANNED 2026-08-01
            pork Christmas                           | SINCE 2025-12-25
            """)
    void whatHappenedAndWhen(String text, String days) {
        assertThat(told(text)).isEqualTo(days);
    }

    /** A fraction, a size of tin and the name of a dish are no days. */
    @ParameterizedTest
    @CsvSource({"1/2 cup cream", "marmalade", "9x13 lasagne", "friend chicken", "satay sauce", "may be soup 2 l"})
    void whatIsNoDay(String text) {
        assertThat(dates.in(text).days().stream().filter(day -> !day.month()).toList())
                .isEmpty();
    }

    @Test
    void aDayIsTakenOutOfTheWordsAndAMonthIsKnownAsOne() {
        assertThat(dates.in("3 x 500 g mince Oct").rest().strip()).isEqualTo("3 x 500 g mince");
        assertThat(dates.in("3 x 500 g mince Oct").days().get(0).month()).isTrue();
        assertThat(dates.in("leftover chilli, 3 portions, Sat").rest().strip())
                .startsWith("leftover chilli, 3 portions");
    }

    @ParameterizedTest
    @CsvSource({
        "mince 1900-05-01, last three years",
        "mince 2030-01-01, last three years",
        "mince 2026-02-31, does not exist"
    })
    void daysThatCannotBe(String text, String words) {
        assertThatThrownBy(() -> dates.in(text)).isInstanceOf(NotAnAmount.class).hasMessageContaining(words);
    }
}
