package wexilla.core.stock.notes;

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

    private final NoteDates dates = new NoteDates(LocalDate.of(2026, 12, 2), null);

    private String told(String text) {
        return dates.in(text).days().stream()
                .map(day -> day.event() + " " + (day.event().limit() ? day.ahead() : day.behind()))
                .collect(Collectors.joining(", "));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            mince today                              | BARE 2026-12-02
            mince yesterday                          | BARE 2026-12-01
            pork, cooked last night                  | COOKED 2026-12-01
            chilli, Sat                              | BARE 2026-11-28
            soup made Wednesday                      | COOKED 2026-12-02
            buttermilk opened last Monday            | OPENED 2026-11-23
            ham open since Friday                    | OPENED 2026-11-27
            curry made Sat, frozen Mon, out Tue night| COOKED 2026-11-28, FROZEN 2026-11-30, OUT 2026-12-01
            mince thawed in fridge Monday            | THAWED 2026-11-30
            stew, a week ago                         | BARE 2026-11-25
            rice 2 days ago                          | BARE 2026-11-30
            cheddar opened last week                 | OPENED 2026-11-22
            mash frozen Halloween                    | FROZEN 2026-10-31
            carcass from Thanksgiving                | SINCE 2026-11-26
            mince Oct                                | BARE 2026-10-01
            quiche sept 20                           | BARE 2026-09-20
            cod fillets 4 Nov 14                     | BARE 2026-11-14
            stew made Oct 18                         | COOKED 2026-10-18
            base 3 tubs 11/20                        | BARE 2026-11-20
            beef 20/11                               | BARE 2026-11-20
            beef 2026-11-20                          | BARE 2026-11-20
            lasagne best before Mar 27               | BEST_BEFORE 2027-03-27
            pumpkin, best before 06/2027             | BEST_BEFORE 2027-06-30
            beans bb 2025                            | BEST_BEFORE 2025-12-31
            milk use by 9 Dec                        | USE_BY 2026-12-09
            peaches home canned Aug                  | CANNED 2026-08-01
            pork Christmas                           | BARE 2025-12-25
            mince use by Fri                         | USE_BY 2026-12-04
            mince eat by Wed                         | USE_BY 2026-12-02
            ham exp tomorrow                         | USE_BY 2026-12-03
            fish, tomorrow                           | USE_BY 2026-12-03
            rice BBE 03/28                           | BEST_BEFORE 2027-03-28
            rice BBE 11/38                           | BEST_BEFORE 2038-11-30
            rice best before Nov 2027                | BEST_BEFORE 2027-11-30
            beans display until 5 Dec                | DISPLAY_UNTIL 2026-12-05
            pork sell by 5 Dec                       | SELL_BY 2026-12-05
            paste opened 25th                        | OPENED 2026-11-25
            mince bought 30th                        | SINCE 2026-11-30
            stew, eat by Tue 24 Nov                  | USE_BY 2026-11-24
            bacon use by 3.12.                       | USE_BY 2026-12-03
            thighs defrosted in microwave lunchtime  | THAWED 2026-12-02
            thighs thawed in cold water today        | THAWED 2026-12-02
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
        "mince made 2030-01-01, last three years",
        "mince 2026-02-31, does not exist"
    })
    void daysThatCannotBe(String text, String words) {
        assertThatThrownBy(() -> dates.in(text)).isInstanceOf(NotAnAmount.class).hasMessageContaining(words);
    }

    /** Numbers alone go by the household's order; where nobody says, of two readings by the earlier. */
    @ParameterizedTest
    @CsvSource({
        "mince use by 3/12, DAY_FIRST, 2026-12-03",
        "mince use by 3/12, MONTH_FIRST, 2027-03-12",
        "mince use by 3/12, , 2026-12-03",
        "rice best before 13/2, MONTH_FIRST, 2027-02-13",
        "rice best before 12/6/27, DAY_FIRST, 2027-06-12",
        "rice best before 12/6/27, MONTH_FIRST, 2027-12-06"
    })
    void numbersGoByTheOrder(String text, DateOrder order, LocalDate day) {
        NoteDates own = new NoteDates(LocalDate.of(2026, 12, 2), order);
        assertThat(own.in(text).days().get(0).ahead()).isEqualTo(day);
    }

    /** A limit without its year is the next one its thing can have; else it has passed and shows so. */
    @ParameterizedTest
    @CsvSource({
        "use by 27 Nov, 42, false, , USE_BY 2026-11-27",
        "use by 30 Dec, 42, false, , USE_BY 2026-12-30",
        "use by 1 Mar, 42, false, , USE_BY 2026-03-01",
        "best before 1 Mar, 1098, false, , BEST_BEFORE 2027-03-01",
        "best before 20 Nov, 1098, false, , BEST_BEFORE 2027-11-20",
        "5 Dec, 42, false, , USE_BY 2026-12-05",
        "30 Nov, 42, false, 2026-11-30, ",
        "25th, 42, false, 2026-11-25, ",
        "5 Dec, 42, true, 2025-12-05, ",
        "Oct, 42, false, 2026-10-01, "
    })
    void limitsLieAheadAsFarAsTheirThingKeeps(String text, int life, boolean aged, LocalDate from, String limit) {
        Since since = Since.of(dates.in(text), life, aged, LocalDate.of(2026, 12, 2));
        assertThat(since.from()).isEqualTo(from);
        Since.Limit ends = since.limit();
        assertThat(ends == null ? null : ends.role() + " " + ends.day()).isEqualTo(limit);
    }
}
