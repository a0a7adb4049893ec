package wexilla.core.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.Currency;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import wexilla.core.planning.WishReader.ForTheWeek;
import wexilla.core.planning.WishReader.UseBy;
import wexilla.core.planning.WishReader.Without;

/** Wishes as a cook says them; a Monday is today. */
class WishReaderTest {

    private static final LocalDate MONDAY = LocalDate.of(2026, 11, 23);
    private final WishReader reader = new WishReader(MONDAY, Currency.getInstance("EUR"));

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
    @ValueSource(strings = {"surprise me", "fish", "", "use the mince", "week", "by Friday"})
    void whatIsNotUnderstoodSaysWhatCanBeAsked(String text) {
        assertThatThrownBy(() -> reader.read(text)).hasMessageContaining("nothing with fish");
    }

    @Test
    void aDayThatIsNone() {
        assertThatThrownBy(() -> reader.read("use the mince by Frigg")).hasMessageContaining("is no day");
    }
}
