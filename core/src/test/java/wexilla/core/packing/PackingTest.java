package wexilla.core.packing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import wexilla.core.Samples;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.RecipeStep;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.Style;
import wexilla.core.recipe.lines.LineReader;

class PackingTest {

    @Test
    void fourteenInSixesAreSixSixTwo() {
        assertThat(Portioning.inPacketsOf(Rational.of(14), Rational.of(6))).isEqualTo(of("6 6 2"));
        assertThat(Portioning.inPacketsOf(Rational.of(3), Rational.of(6))).isEqualTo(of("3"));
        assertThat(Portioning.inPacketsOf(Rational.of(32, 5), Rational.of(16, 5)))
                .isEqualTo(of("3.2 3.2"));
        assertThatThrownBy(() -> Portioning.inPacketsOf(Rational.of(3), Rational.ZERO))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void theShortfallIsNamedInPortions() {
        Rational there = Rational.of(14);
        assertThat(Portioning.check(of("6 6"), there).holds()).isTrue();
        assertThat(Portioning.check(of("6 6 4"), there).problem())
                .contains("16")
                .contains("14")
                .contains("2 too many");
        assertThat(Portioning.check(of("6 8.2"), there).problem()).contains("0.2 too many");
        assertThat(Portioning.check(of("6 0"), there).holds()).isFalse();
        assertThat(Portioning.check(List.of(), there).holds()).isFalse();
    }

    private static List<Rational> of(String packets) {
        return Stream.of(packets.split(" "))
                .map(BigDecimal::new)
                .map(Rational::of)
                .toList();
    }

    @Test
    void everyNumberHasItsOwnCode() {
        Set<String> codes = new HashSet<>();
        for (int i = 0; i < PacketCode.COUNT; i++) {
            codes.add(PacketCode.ofNumber(i).text());
        }
        assertThat(codes).hasSize(PacketCode.COUNT).allMatch(code -> code.matches("[2-9A-Z]{3}"));
        assertThat(String.join("", codes)).doesNotContain("0", "O", "1", "I", "L", "B", "S");
        assertThatThrownBy(() -> new PacketCode("O0I")).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void theLabelSaysWhatToAddAtItsOwnSize() {
        LineReader reader = new LineReader(Samples.BOOK);
        Recipe recipe = new Recipe(
                "bolognese",
                12,
                List.of(
                        RecipeLine.of(reader.read("1 kg minced beef")),
                        new RecipeLine(reader.read("1 kg plain flour, sifted"), Set.of(Style.COOKED), null, null),
                        new RecipeLine(reader.read("3 onions"), Set.of(Style.COOKED), null, null),
                        new RecipeLine(reader.read("salt"), Set.of(Style.COOKED), null, null)),
                List.of(new RecipeStep("simmer", Style.COOKED), new RecipeStep("heat", null)));
        Sized packet = Sized.asWritten(recipe, Measures.METRIC).share(Rational.of(6, 13));
        assertThat(Label.toAdd(packet, Style.COOKED))
                .containsExactly("460 g plain flour, sifted", "1 1/2 × onion", "salt");
        assertThat(Label.toFinish(recipe, Style.COOKED)).containsExactly("heat");
        assertThat(Label.toAdd(packet, Style.RAW_BAG)).isEmpty();
    }

    /** Whatever is typed: packets hold exactly when they are no more than there is. */
    @Test
    void noNumberIsTooLargeToBeRefused() {
        Rational there = Rational.of(8);
        for (String packets : List.of(Integer.MAX_VALUE + " 4", Long.MAX_VALUE + " " + Long.MAX_VALUE, "5 4")) {
            assertThat(Portioning.check(of(packets), there).holds()).as(packets).isFalse();
        }
        assertThat(Portioning.check(of("4 4"), there).holds()).isTrue();
    }
}
