package wexilla.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.Scaling;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Instead.Part;
import wexilla.core.recipe.Instead.Role;
import wexilla.core.recipe.Instead.There;

/** What goes in for what is not there: as fat and as much; what is too little is not proposed. */
class InsteadTest {

    private static Food food(String name, Unit base) {
        return new Food(Key.food(name), name, List.of(), base, "x", false, Scaling.LINEAR, List.of());
    }

    private static final Food COCONUT = food("coconut milk", Unit.ML);
    private static final Food CREAM = food("cream", Unit.ML);
    private static final Food SOUR = food("sour cream", Unit.ML);
    private static final Food STOCK = food("stock", Unit.ML);
    private static final Food BUTTER = food("butter", Unit.G);
    private static final Food LARD = food("lard", Unit.G);
    private static final Map<Key, Part> ROLES = Map.of(
            COCONUT.key(), new Part(Role.CREAMY, Rational.of(18), Unit.ML),
            CREAM.key(), new Part(Role.CREAMY, Rational.of(36), Unit.ML),
            SOUR.key(), new Part(Role.CREAMY, Rational.of(20), Unit.ML),
            STOCK.key(), new Part(Role.LIQUID, Rational.ZERO, Unit.ML),
            BUTTER.key(), new Part(Role.FAT, Rational.of(81), Unit.G),
            LARD.key(), new Part(Role.FAT, Rational.of(100), Unit.G));

    private static There there(Food food, int amount) {
        return new There(food, Amount.of(amount, food.base()));
    }

    private static List<String> proposed(Food missing, int amount, There... there) {
        return Instead.of(missing, Amount.of(amount, missing.base()), ROLES, List.of(there), Measures.METRIC).stream()
                .map(one -> one.uses().stream()
                        .map(use -> use.amount() + " " + use.food().name())
                        .toList()
                        .toString())
                .toList();
    }

    /** Cream thinned one to one with broth (common practice, no source); sour cream nearly as fat goes in as it is. */
    @Test
    void creamIsThinnedToTheFatOfCoconutMilk() {
        assertThat(proposed(COCONUT, 400, there(CREAM, 500), there(STOCK, 1000), there(SOUR, 500)))
                .containsExactly("[400 ml sour cream]", "[200 ml cream, 200 ml stock]");
        assertThat(proposed(COCONUT, 400, there(CREAM, 150), there(STOCK, 1000)))
                .as("too little cream")
                .isEmpty();
        assertThat(proposed(COCONUT, 400, there(CREAM, 500)))
                .as("nothing to thin it with")
                .isEmpty();
    }

    @Test
    void fatGoesByItsFat() {
        assertThat(proposed(BUTTER, 100, there(LARD, 200))).containsExactly("[81 g lard]");
        assertThat(proposed(LARD, 81, there(BUTTER, 200))).containsExactly("[100 g butter]");
    }
}
