package wexilla.core.packing;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;

class HandLabelTest {

    private static final LocalDate DAY = LocalDate.of(2026, 11, 23);

    private static Label label(String name, int part, int parts, Label.@Nullable Until until, List<String> add) {
        return new Label(name, "K7M", 6, "cooked", DAY, until, part, parts, add, List.of("Heat it."));
    }

    @Test
    void fourShortLinesForAMarkerPen() {
        Label label = label(
                "Lentil bolognese", 2, 3, new Label.Until("best before", DAY.plusMonths(6)), List.of("540 g pasta"));
        assertThat(label.byHand())
                .containsExactly("Lentil bolognese", "6 portions, part 2/3", "23 Nov, best May 2027", "+ 540 g pasta");
    }

    @Test
    void linesFitThePacketAndSayWhatIsKnown() {
        Label label = label("A very long name of a dish nobody can write", 1, 1, null, List.of());
        assertThat(label.byHand()).allMatch(line -> line.length() <= 24).hasSize(4);
        assertThat(label.byHand().get(0)).endsWith("…");
        assertThat(label.byHand().get(2)).isEqualTo("packed 23 Nov");
        assertThat(label.byHand().get(3)).isEqualTo("cooked");
    }

    /** A portion is 375 ml, the middle of 350 to 400: common practice, no source; pieces are left out. */
    @Test
    void roomIsAtLeastWhatIsKnown() {
        assertThat(Room.millilitres(
                        List.of(Amount.of(6, Unit.PORTION), Amount.of(500, Unit.G), Amount.of(3, Unit.PIECE))))
                .isEqualTo(Rational.of(2750));
    }
}
