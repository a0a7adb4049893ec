package wexilla.core.recipe.lines;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wexilla.core.Samples;
import wexilla.core.quantity.NotAnAmount;

class LineListTest {

    private static final LineReader READER = new LineReader(Samples.BOOK);

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            1,5 kg onions, 2 eggs and a bay leaf    | 1,5 kg onions ; 2 eggs ; a bay leaf
            onions and garlic                       | onions ; garlic
            onions, garlic, salt                    | onions ; garlic ; salt
            2 onions, finely diced, 1 egg           | 2 onions, finely diced ; 1 egg
            2 tins tomatoes, drained and rinsed     | 2 tins tomatoes, drained and rinsed
            500 g pork shoulder, bone in, 2 onions  | 500 g pork shoulder, bone in ; 2 onions
            0,5 kg flour,3 eggs                     | 0,5 kg flour ; 3 eggs
            1.5 kg onions + 2 eggs; salt            | 1.5 kg onions ; 2 eggs ; salt
            half a garlic and some flour            | half a garlic ; some flour
            dragon scales                           | dragon scales
            peas & onions                           | peas ; onions
            """)
    void aListIsSplitWhereALineBegins(String typed, String lines) {
        assertThat(String.join(" ; ", LineList.split(typed, READER))).isEqualTo(lines);
    }

    @Test
    void eachLineIsReadByTheOneReader() {
        List<ReadLine> lines =
                LineList.of("1,5 kg onions, 2 eggs and a bay leaf", READER).lines();
        assertThat(lines).extracting(line -> String.valueOf(line.quantity())).containsExactly("1.5 kg", "2", "1");
        assertThat(lines).extracting(ReadLine::foodName).containsExactly("onion", "egg", "bay leaf");
        assertThat(LineList.of("  ", READER).lines()).isEmpty();
    }

    /** What is typed is refused; what is stored is kept as its own words, so that nothing that reads it fails. */
    @Test
    void whatCannotBeReadIsRefusedWhenTypedAndKeptWhenStored() {
        assertThatThrownBy(() -> LineList.of("2 onions, 1/0 bread", READER)).isInstanceOf(NotAnAmount.class);
        assertThat(LineList.ofStored("2 onions, 1/0 bread", READER).lines())
                .extracting(ReadLine::foodName)
                .containsExactly("onion", "1/0 bread");
        String long_ = "onions, ".repeat(200);
        assertThatThrownBy(() -> LineList.of(long_, READER)).hasMessageContaining("1600 characters");
        assertThatThrownBy(() -> LineList.of("onions, ".repeat(21), READER)).hasMessageContaining("21 things");
        assertThat(LineList.ofStored(long_, READER).lines()).hasSize(1);
    }
}
