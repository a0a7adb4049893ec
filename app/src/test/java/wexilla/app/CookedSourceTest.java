package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import wexilla.app.household.Reference;
import wexilla.core.food.Diet;
import wexilla.core.food.Food;
import wexilla.core.food.book.Form;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.recipe.lines.ReadLine;
import wexilla.core.shopping.Needs;
import wexilla.core.stock.Supply;

/** What no shop sells is bought as what it is made of, over the whole table: no dish lacks its cooked rice in silence. */
class CookedSourceTest {

    private static final LocalDate DAY = LocalDate.of(2026, 11, 24);
    private static final Reference REFERENCE = new Reference();

    static Stream<Food> cookedPlants() {
        return REFERENCE.foods().stream()
                .filter(food -> Set.of("cooked-pulses", "cooked-rice").contains(food.keepingClass()))
                .filter(food -> food.name().startsWith("cooked "))
                .filter(food -> food.traits().aisle().equals("none") && !Diet.meat(food));
    }

    private static List<Needs.Item> bought(List<Needs.Want> wants) {
        return Needs.of(wants, Supply.of(Map.of(), Set.of(), REFERENCE.forms()), Measures.METRIC)
                .items();
    }

    @ParameterizedTest
    @MethodSource("cookedPlants")
    void isBoughtAsWhatItIsMadeOf(Food food) {
        Form source = REFERENCE.forms().source(food).orElseThrow();
        Amount wanted = Amount.of(500, food.base());
        Needs.Want cooked =
                new Needs.Want(food.key(), food, food.name(), wanted, DAY, "dish", null, null, false, false);
        List<Needs.Item> items = bought(List.of(cooked));
        assertThat(items).hasSize(1);
        assertThat(items.get(0).food()).isEqualTo(source.by());
        assertThat(items.get(0).lacking().get(0).value().toDecimal(3))
                .isEqualTo(Rational.of(500).dividedBy(source.gives()).toDecimal(3));
        Needs.Want asked =
                Needs.Want.food(source.by(), Amount.of(300, source.by().base()), DAY, "dish");
        assertThat(bought(List.of(cooked, asked)))
                .as("a dish that asks for it anyway buys it once")
                .extracting(item -> item.lacking().toString())
                .containsExactly("[" + asked.amount() + "]");
    }

    @Test
    void aKindOfBeanIsNoOther() {
        List<String> kinds = List.of("white", "kidney", "black", "pinto", "borlotti", "butter");
        for (String kind : kinds) {
            Food cooked = REFERENCE.book().named("cooked " + kind + " beans").orElseThrow();
            assertThat(REFERENCE.forms().silent(cooked.key()))
                    .as(kind)
                    .allMatch(form -> form.by().name().contains(kind)
                            // of which nobody said the kind: white ones
                            || kind.equals("white") && form.by().name().equals("cooked beans"));
        }
    }

    @ParameterizedTest
    @CsvSource({
        "500 g cooked rice, long-grain rice",
        "400 g cooked chickpeas, tinned chickpeas",
        "500 g cooked borlotti beans, tinned borlotti beans",
        "300 g boiled potatoes, potato"
    })
    void aLineOfARecipeBuysIt(String line, String name) {
        ReadLine read = new LineReader(REFERENCE.book()).read(line);
        Needs.Want want = Needs.Want.food(
                Objects.requireNonNull(read.food()),
                Objects.requireNonNull(read.quantity()).max(),
                DAY,
                "dish");
        assertThat(bought(List.of(want))).extracting(item -> item.food().name()).containsExactly(name);
    }
}
