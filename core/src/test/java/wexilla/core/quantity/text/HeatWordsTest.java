package wexilla.core.quantity.text;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The degrees of USDA FSIS and the FDA Food Code in both scales, as they are printed there (from memory). */
class HeatWordsTest {

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            reach 74 °C in the core          | reach 165 °F in the core
            reach 71 °C in the core          | reach 160 °F in the core
            63 °C, and 3 minutes             | 145 °F, and 3 minutes
            57 to 21 °C, then 5 °C           | 57 to 70 °F, then 41 °F
            keeps it warm at 60 °C or more   | keeps it warm at 140 °F or more
            oven on, 180 °C                  | oven on, 350 °F
            oven on, 190 °C                  | oven on, 375 °F
            oven on, 220 °C                  | oven on, 425 °F
            no degrees here                  | no degrees here
            """)
    void inFahrenheit(String celsius, String fahrenheit) {
        assertThat(HeatWords.in(celsius, true)).isEqualTo(fahrenheit);
        assertThat(HeatWords.in(celsius, false)).isEqualTo(celsius);
    }
}
