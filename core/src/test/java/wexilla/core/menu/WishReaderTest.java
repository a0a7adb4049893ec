package wexilla.core.menu;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.Currency;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import wexilla.core.menu.WishReader.CookOn;
import wexilla.core.menu.WishReader.FewNew;
import wexilla.core.menu.WishReader.ForTheWeek;
import wexilla.core.menu.WishReader.Often;
import wexilla.core.menu.WishReader.UseBy;
import wexilla.core.menu.WishReader.Without;

/** Wishes as a cook says them; a Monday is today. */
class WishReaderTest {

    private static final LocalDate MONDAY = LocalDate.of(2026, 11, 23);
    private final WishReader reader = new WishReader(MONDAY, MONDAY, Currency.getInstance("EUR"));

    @ParameterizedTest
    @CsvSource({
        "use the mince by Friday, mince, 2026-11-27",
        "Use up the cream by tomorrow., cream, 2026-11-24",
        "eat the fish pie before Sun, fish pie, 2026-11-29",
        "finish the leeks by 2026-12-04, leeks, 2026-12-04",
        "use the beans until Monday, beans, 2026-11-23",
        "use up haddock by tonight, haddock, 2026-11-23"
    })
    void useBy(String text, String food, String by) {
        UseBy wish = (UseBy) reader.read(text);
        assertThat(wish.food()).isEqualTo(food);
        assertThat(wish.by()).isEqualTo(by);
        assertThat(wish.text()).isEqualTo(text);
    }

    @ParameterizedTest
    @CsvSource({
        "nothing with fish, fish",
        "no pork, pork",
        "without any lamb, lamb",
        "not the goulash, goulash",
        "NO BEANS!, beans"
    })
    void without(String text, String what) {
        assertThat(((Without) reader.read(text)).what()).isEqualTo(what);
    }

    /** Also on some days only; a meatless day is one. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "no red meat | red meat | ",
                "no oven on Tuesday | oven | TUESDAY",
                "nothing with meat on Mondays and Thursdays | meat | MONDAY,THURSDAY",
                "no pasta on weekdays | pasta | MONDAY,TUESDAY,WEDNESDAY,THURSDAY,FRIDAY",
                "meatless Mondays | meat | MONDAY",
                "never fish on a fri | fish | FRIDAY"
            })
    void withoutOnSomeDays(String text, String what, String days) {
        Without wish = (Without) reader.read(text);
        assertThat(wish.what()).isEqualTo(what);
        assertThat(wish.days().stream().sorted().map(Enum::name).collect(Collectors.joining(",")))
                .isEqualTo(days == null ? "" : days);
        assertThat(wish.on(MONDAY)).isEqualTo(days == null || days.contains("MONDAY"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "fish twice | fish | 2 | -1 | ",
                "fish at least once a week | fish | 1 | -1 | ",
                "meat at most three times a week | meat | 0 | 3 | ",
                "pasta only once | pasta | 0 | 1 | ",
                "twice a week oily fish | oily fish | 2 | -1 | ",
                "at most 2 times pizza | pizza | 0 | 2 | ",
                "beans on Mondays | beans | 1 | -1 | MONDAY",
                "pizza every Friday and Saturday | pizza | 1 | -1 | FRIDAY,SATURDAY"
            })
    void howOften(String text, String what, int least, int most, String days) {
        Often wish = (Often) reader.read(text);
        assertThat(wish.what()).isEqualTo(what);
        assertThat(wish.least()).isEqualTo(least);
        assertThat(wish.most()).isEqualTo(most);
        assertThat(wish.days().stream().sorted().map(Enum::name).collect(Collectors.joining(",")))
                .isEqualTo(days == null ? "" : days);
    }

    @Test
    void fewNewAndTooOften() {
        assertThat(reader.read("few new foods")).isInstanceOf(FewNew.class);
        assertThat(reader.read("no new dishes")).isInstanceOf(FewNew.class);
        assertThatThrownBy(() -> reader.read("fish 9 times")).hasMessageContaining("7 days");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "52 for the week | 5200",
                "45.50 a week | 4550",
                "at most 60 per week | 6000",
                "€70 each week | 7000",
                "12,5 for the week | 1250",
                "under 40 the week | 4000"
            })
    void forTheWeek(String text, long minor) {
        assertThat(((ForTheWeek) reader.read(text)).most().minor()).isEqualTo(minor);
    }

    @ParameterizedTest
    @CsvSource({
        "cook on Sunday, 2026-11-29, true, 120",
        "cook on Sundays for 3 hours, 2026-11-29, true, 180",
        "Cook ahead Mon 90 min, 2026-11-23, true, 90",
        "batch cook tomorrow 1.5 h, 2026-11-24, false, 90",
        "cook day 2026-12-05 2 h 30, 2026-12-05, false, 150",
        "cook every Saturday, 2026-11-28, true, 120"
    })
    void cookOn(String text, String from, boolean weekly, int minutes) {
        CookOn wish = (CookOn) reader.read(text);
        assertThat(wish.from()).isEqualTo(from);
        assertThat(wish.minutes()).isEqualTo(minutes);
        assertThat(wish.on(wish.from().plusWeeks(1))).isEqualTo(weekly);
        assertThat(wish.on(wish.from().plusDays(1))).isFalse();
        assertThat(wish.on(wish.from().minusWeeks(1))).isFalse();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "cook on Sunday for ages",
                "cook on Sunday 0 min",
                "cook on Sunday 13 h",
                "cook on Sunday 71582789 h",
                "cook on Frigg"
            })
    void aCookDayThatIsNone(String text) {
        assertThatThrownBy(() -> reader.read(text)).isInstanceOf(IllegalArgumentException.class);
    }

    @ParameterizedTest
    @ValueSource(strings = {"surprise me", "fish", "", "use the mince", "week", "by Friday"})
    void whatIsNotUnderstoodSaysWhatCanBeAsked(String text) {
        assertThatThrownBy(() -> reader.read(text)).hasMessageContaining("nothing with fish");
    }

    /** On Sunday for a plan from Monday on, "by Sunday" is the last day of it, and today is still today. */
    @Test
    void aWeekdayIsOneOfThePlan() {
        WishReader sunday = new WishReader(MONDAY.minusDays(1), MONDAY, Currency.getInstance("EUR"));
        assertThat(((UseBy) sunday.read("use the mince by Sunday")).by()).isEqualTo(MONDAY.plusDays(6));
        assertThat(((UseBy) sunday.read("use the mince by tonight")).by()).isEqualTo(MONDAY.minusDays(1));
    }

    @Test
    void aDayThatIsNone() {
        assertThatThrownBy(() -> reader.read("use the mince by Frigg")).hasMessageContaining("is no day");
    }
}
