package wexilla.core.stock.notes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static wexilla.core.Samples.EURO;
import static wexilla.core.Samples.amount;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wexilla.core.money.Money;
import wexilla.core.quantity.Measures;

/** What a line of a haul comes to. Worked by hand: 1.36 lb at 1.99 the pound are 2.7064. */
class NotePriceTest {

    @ParameterizedTest
    @CsvSource(delimiter = '|', nullValues = "-", textBlock = """
            pork shoulder 3.2 kg, 17.57            | 1 | 3.2 kg  | 17.57
            cheddar 1 kg block £6.50               | 1 | 1 kg    | 6.50
            8 cans black beans .79 each            | 1 | 8 tins  | 6.32
            2 broccoli 1.50 each                   | 1 | 2       | 3.00
            chicken broth 4 cartons 1.50 ea        | 4 | 32 oz   | 6.00
            ground beef 5 lb 3.49/lb               | 1 | 5 lb    | 17.45
            cabbage 1.8kg 0.99/kg                  | 1 | 1.8 kg  | 1.78
            bananas 1.2 kg at 1.49                 | 1 | 1.2 kg  | 1.79
            green beans 1.36 lb @ 1.99/lb          | 1 | 1.36 lb | 2.71
            cheese blocks 3 for 10                 | 3 | 8 oz    | 10.00
            6 avocados 5 for 4.00, 1.00 each       | 1 | 6       | 5.00
            6 peppers 2 for 1.50                   | 1 | 6       | 4.50
            bacon 2 x 12oz bogo 5.99               | 2 | 12 oz   | 5.99
            turkey was 14.99 now 9.99              | 1 | 6.2 lb  | 9.99
            coffee 12.49 after 3.00 coupon         | 1 | 2.5 lb  | 12.49
            tomatoes 3 lb free from neighbor       | 1 | 3 lb    | 0.00
            stew beef $11.90 tot                   | 1 | 2 lb    | 11.90
            chicken, 3 for 10 of 600 g             | 3 | 600 g   | 10.00
            butter 250 g 2.29 x 3                  | 3 | 250 g   | 6.87
            cabbage 0.99 each x2                   | 1 | 2       | 1.98
            bananas 6 @ 0.25                       | 1 | 6       | 1.50
            bread 1.10 ea                          | 1 | 2 loaves | 2.20
            sausages buy one get one free 3.00     | 1 | 2 packets | 3.00
            cheddar reduced to 2.10                | 1 | 400 g   | 2.10
            lamb leg half price 12.60              | 1 | 2.1 kg  | 12.60
            gluten-free flour 1 kg                 | 1 | 1 kg    | -
            onions 1 kg                            | 1 | 1 kg    | -
            """)
    void whatWasPaidInAll(String text, int count, String each, String paid) {
        Money money = NotePrice.in(text, EURO).paid(count, amount(each), Measures.US);
        assertThat(money == null ? null : money.decimal()).isEqualTo(paid);
    }

    /** Three for the price of two, or three for two euro? Nobody guesses. */
    @Test
    void whatCanMeanTwoThingsIsAsked() {
        NotePrice price = NotePrice.in("4 tins tomatoes 3 for 2, 0.80 single", EURO);
        assertThat(price.said()).isNull();
        assertThat(price.ask()).isNotEmpty();
        assertThat(NotePrice.in("salmon 1.1 kg -30% 18.90", EURO).ask()).contains("18.90");
        assertThat(NotePrice.in("salmon 1.1 kg 18.90", EURO).ask()).isEmpty();
    }

    @Test
    void aPriceByWeightNeedsAWeight() {
        NotePrice price = NotePrice.in("3 onions 1.20/kg", EURO);
        assertThatThrownBy(() -> price.paid(1, amount("3"), Measures.US)).hasMessageContaining("kg");
        assertThat(price.rest().strip()).isEqualTo("3 onions");
    }
}
