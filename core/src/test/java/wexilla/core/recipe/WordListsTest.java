package wexilla.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalTime;
import java.util.MissingResourceException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import wexilla.core.food.book.WordLists;
import wexilla.core.keeping.KeepingWords;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.recipe.steps.StepGear;

/** Word lists and numbers of the trade are read from their reference files; a name that is not there is a mistake. */
class WordListsTest {

    @ParameterizedTest
    @EnumSource(value = StepGear.Kind.class, mode = EnumSource.Mode.EXCLUDE, names = "HANDS")
    void everyKindOfGearHasItsWords(StepGear.Kind kind) {
        String said = kind == StepGear.Kind.COLD ? "chill" : kind == StepGear.Kind.BURNER ? "simmer" : kind.words();
        assertThat(WordLists.of("gear").list(kind.name()).matcher(said).find())
                .as(said)
                .isTrue();
    }

    @ParameterizedTest
    @CsvSource({
        "soup, a pot of lentil soup, true",
        "soup, soupy things, false",
        "raw, marinated thighs, true",
        "cut, a haircut, false",
        "dish-raw-egg, Lemon mayonnaise, true",
        "rice, liquorice, false",
        "rice, Rice pan, true",
        "eggs, spinach quiche, true",
        "fish, fishy business, false",
        "fish, fillet of fish, true",
        "dough, doughnuts, false",
        "made, home-made stock, true",
        "unopened, newly opened, false",
        "dish-cold, Cabbage slaw, true",
        "dish-baked, Seeded loaf, true"
    })
    void wordsAreMetWhole(String meaning, String text, boolean said) {
        assertThat(KeepingWords.say(meaning, text)).isEqualTo(said);
    }

    @Test
    void aMeaningOrANumberThatIsNotThereIsAMistake() {
        assertThatThrownBy(() -> KeepingWords.say("zorkmid", "soup")).hasMessageContaining("zorkmid");
        assertThatThrownBy(() -> WordLists.of("zorkmid")).isInstanceOf(MissingResourceException.class);
        assertThatThrownBy(() -> Trade.number("zorkmid")).isInstanceOf(MissingResourceException.class);
        assertThatThrownBy(() -> Trade.whole("soup.water")).isInstanceOf(ArithmeticException.class);
        assertThat(Trade.number("pressure.frozen-block")).isEqualTo(Rational.of(3, 2));
        assertThat(Trade.time("dinner.table")).isEqualTo(LocalTime.of(18, 30));
    }
}
