package wexilla.core.stock.notes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import wexilla.core.Samples;
import wexilla.core.quantity.Measures;

class NoteReaderTest {

    private final NoteReader reader =
            new NoteReader(Samples.BOOK, Samples.EURO, Measures.METRIC, LocalDate.of(2026, 11, 23));

    @ParameterizedTest
    @CsvSource(delimiter = '|', nullValues = "-", textBlock = """
            3.2 kg pork shoulder, bone in, 17.57 | 1 | 3.2 kg     | pork shoulder, bone in | 17.57 | -
            3 x 500 g minced beef Oct            | 3 | 500 g      | minced beef            | -     | 2026-10-01
            2 bolognese for 6                    | 2 | 6 portions | bolognese              | -     | -
            half lamb leg                        | 1 | 1/2        | lamb leg               | -     | -
            plain flour                          | 1 | -          | plain flour            | -     | -
            4 x 400 g tins tomatoes 0.55 each    | 4 | 400 g      | tinned tomatoes        | 2.20  | -
            6 onions 0.20 each                   | 1 | 6          | onion                  | 1.20  | -
            1.2 kg minced beef 5.49/kg           | 1 | 1.2 kg     | minced beef            | 6.59  | -
            500 g minced beef, €4,20, 22 Nov     | 1 | 500 g      | minced beef            | -     | 2026-11-22
            1 kg onions 2.5                      | 1 | 1 kg       | onion                  | 2.50  | -
            1 kg onions €2                       | 1 | 1 kg       | onion                  | 2.00  | -
            1 kg onions 2 eur                    | 1 | 1 kg       | onion                  | 2.00  | -
            1 kg onions yesterday                | 1 | 1 kg       | onion                  | -     | 2026-11-22
            2 mystery                            | 1 | 2          | mystery                | -     | -
            """)
    void readsANote(String text, int count, String each, String food, String price, String date) {
        NoteLine line = reader.read(text).get(0);
        assertThat(line.count()).isEqualTo(count);
        assertThat(line.each() == null ? null : line.each().toString()).isEqualTo(each);
        assertThat(line.foodName()).isEqualTo(food);
        if (price != null) {
            assertThat(line.price().decimal()).isEqualTo(price);
        }
        assertThat(line.since().from() == null ? null : line.since().from().toString())
                .isEqualTo(date);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "-2 kg mince",
                "500 x 400 g tins tomatoes",
                "2.5 x 400 g tins tomatoes",
                "0 g mince",
                "mince 1900-05-01",
                "mince 2030-01-01",
                "mince 2026-02-31",
                "1e308 g mince",
                "500 g",
                "3 onions 1.20/kg",
                "2 for 6"
            })
    void refusesWhatCannotBeStock(String text) {
        assertThatThrownBy(() -> reader.read(text))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageMatching(".{12,}");
    }
}
