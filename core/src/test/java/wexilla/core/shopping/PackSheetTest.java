package wexilla.core.shopping;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;

/** Opened packs to zero: a ledger closes within 3 per cent, or says what is left or short (handbook, section 1). */
class PackSheetTest {

    private static Amount of(String value, Unit unit) {
        return Amount.of(Rational.of(new java.math.BigDecimal(value)), unit);
    }

    /** Ten dinners for one: soup 310 ml for 1⅓ cups, paste 9 of 9.375 spoons, pasta 177.1 of 180 g, peas 459 of 500 g. */
    @ParameterizedTest
    @CsvSource({
        "310, 310, 310, 0, 5.5, true, '6 ml short: near enough'",
        "310, 212, 212, 0, 98, false, '98 ml short'",
        "180, 180, 177.1, 2.9, 0, true, '2.9 ml left, near enough to nothing'",
        "150, 150, 144, 6, 0, false, '6 ml left, 4 %: no use yet'",
        "500, 500, 459, 41, 0, false, '41 ml left, 8 %: no use yet'",
        "210, 210, 210, 0, 0, true, 'used up'"
    })
    void aPackCloses(
            String whole, String there, String ahead, String rest, String lacking, boolean closes, String words) {
        PackSheet sheet = PackSheet.of(
                of(whole, Unit.ML),
                of(there, Unit.ML),
                List.of(new PackSheet.Use("dishes", of(ahead, Unit.ML), true)),
                of(lacking, Unit.ML));
        assertThat(sheet.rest()).isEqualTo(of(rest, Unit.ML));
        assertThat(sheet.closes()).isEqualTo(closes);
        assertThat(sheet.words()).isEqualTo(words);
    }

    @ParameterizedTest
    @CsvSource({"100, ⅓", "102, ⅓", "150, ½", "123, 41 %", "300, all"})
    void partsAsPeopleSay(String amount, String part) {
        PackSheet sheet = PackSheet.of(of("300", Unit.G), of("300", Unit.G), List.of(), of("0", Unit.G));
        assertThat(sheet.part(of(amount, Unit.G))).isEqualTo(part);
    }
}
