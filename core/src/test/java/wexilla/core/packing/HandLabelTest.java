package wexilla.core.packing;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.Scaling;
import wexilla.core.food.book.FoodBook;
import wexilla.core.food.facts.Allergen;
import wexilla.core.food.facts.Contents;
import wexilla.core.food.facts.Traits;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.UnitWeight;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.Style;
import wexilla.core.recipe.lines.LineReader;

class HandLabelTest {

    private static final LocalDate DAY = LocalDate.of(2026, 11, 23);

    private static Label label(String name, int part, int parts, Label.@Nullable Until until, List<String> add) {
        return new Label(
                name,
                "K7M",
                "6 portions",
                "about 2.5 kg",
                "cooked",
                DAY,
                until,
                part,
                parts,
                "",
                add,
                List.of("Heat it."));
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
        assertThat(label.byHand().get(1)).isEqualTo("6 portions, about 2.5 kg");
        assertThat(label.byHand().get(0)).endsWith("…");
        assertThat(label.byHand().get(2)).isEqualTo("packed 23 Nov");
        assertThat(label.byHand().get(3)).isEqualTo("cooked");
    }

    /** What is held back is eaten too; what the book does not know is named, never passed over. */
    @Test
    void allergensAreToldWithWhatIsNotKnown() {
        LineReader reader = new LineReader(new FoodBook(List.of(
                food("flour", "plain flour", Allergen.GLUTEN),
                food("cream", "cream", Allergen.MILK),
                food("onion", "onion"))));
        RecipeLine flour = RecipeLine.of(reader.read("20 g plain flour"));
        RecipeLine cream = new RecipeLine(reader.read("1 dl cream"), Set.of(Style.COOKED), null, null);
        RecipeLine onion = RecipeLine.of(reader.read("1 onion"));
        RecipeLine scales = RecipeLine.of(reader.read("3 dragon scales"));
        assertThat(Label.contains(new Recipe("a", 2, List.of(cream, onion, flour), List.of()), List.of(), null))
                .isEqualTo("gluten, milk");
        assertThat(Label.contains(new Recipe("b", 2, List.of(flour, scales), List.of()), List.of(), null))
                .isEqualTo("gluten; not known: dragon scales");
        assertThat(Label.contains(new Recipe("c", 2, List.of(onion), List.of()), List.of(), null))
                .isEqualTo("no animal product");
        // mayonnaise in place of an egg brings the egg, and the gluten of the crumbs stays
        assertThat(Label.contains(
                        new Recipe("e", 2, List.of(flour), List.of()),
                        List.of(food("mayo", "mayonnaise", Allergen.EGGS)),
                        null))
                .isEqualTo("gluten, eggs");
        assertThat(Label.contains(null, List.of(food("cream", "cream", Allergen.MILK)), null))
                .isEqualTo("milk");
        assertThat(Label.contains(new Recipe("d", 2, List.of(), List.of()), List.of(), null))
                .isEmpty();
    }

    private static Food food(String key, String name, Allergen... allergens) {
        Traits traits = new Traits("other", "", Map.of()).with(Contents.having(Set.of(allergens)));
        return new Food(Key.food(key), name, List.of(), Unit.G, "dry-goods", false, Scaling.LINEAR, List.of(), traits);
    }

    /** A portion is 375 ml, the middle of 350 to 400: common practice, no source; pieces are left out. */
    @Test
    void roomIsAtLeastWhatIsKnown() {
        assertThat(Room.millilitres(Amount.of(6, Unit.PORTION), null)).isEqualTo(Rational.of(2250));
        assertThat(Room.millilitres(Amount.of(500, Unit.G), null)).isEqualTo(Rational.of(500));
        assertThat(Room.millilitres(Amount.of(3, Unit.PIECE), null)).isEqualTo(Rational.ZERO);
        UnitWeight one = new UnitWeight(Rational.of(90), UnitWeight.How.WEIGHED);
        assertThat(Room.millilitres(Amount.of(3, Unit.PIECE), one)).isEqualTo(Rational.of(270));
    }
}
