package wexilla.core.menu;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Collections;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import wexilla.core.menu.MenuProblem.Cooked;
import wexilla.core.menu.MenuProblem.Dish;
import wexilla.core.menu.MenuProblem.FromStock;
import wexilla.core.menu.MenuProblem.Packet;

/** What can be asked of a proposal, and what each choice means on its day. */
class MenuProblemTest {

    private static MenuProblem of(int days) {
        Dish pie = new Dish("pie", Set.of(), 0, false, 10, 0, 20, 4, true, 12, 100, List.of());
        Dish salad = new Dish("salad", Set.of(), 0, false, 10, 0, 20, 1, false, 12, 100, List.of());
        Packet stew = new Packet("stew", Set.of(), 0, 400, 1, 3, MenuProblem.NONE, 5, 100);
        return new MenuProblem(
                days,
                List.of(),
                List.of(pie, salad),
                List.of(stew),
                List.of(),
                Collections.nCopies(days, 0),
                List.of(),
                MenuProblem.NONE,
                MenuWishes.CHEAP);
    }

    /** Dish, day cooked, day eaten; where it comes from and whether it keeps till then. */
    @ParameterizedTest
    @CsvSource({
        "0, 2, 2, cooked, true",
        "0, 2, 6, fridge, true",
        "0, 2, 7, freezer, true",
        "1, 2, 3, fridge, true",
        "1, 2, 4, freezer, false",
        "0, 5, 4, fridge, false"
    })
    void whereItComesFrom(int dish, int cooked, int eaten, String from, boolean keeps) {
        Cooked choice = new Cooked(dish, cooked);
        assertThat(of(14).keeps(choice, eaten)).isEqualTo(keeps);
        if (eaten >= cooked) {
            assertThat(of(14).from(choice, eaten)).isEqualTo(from);
        }
    }

    @ParameterizedTest
    @CsvSource({"0, false", "1, true", "3, true", "4, false"})
    void aPacketIsThereFromItsThawingToItsLimit(int day, boolean there) {
        assertThat(of(14).there(new FromStock(0), day)).isEqualTo(there);
        assertThat(of(14).from(new FromStock(0), day)).isEqualTo("stock");
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 36, -1})
    void aPlanHasOneToThirtyFiveDays(int days) {
        assertThatThrownBy(() -> new MenuProblem(
                        days, List.of(), List.of(), List.of(), List.of(), List.of(), List.of(), 0, MenuWishes.EASY))
                .hasMessageContaining("1 to 35 days");
    }

    @Test
    void aWishLiesFromNotAtAllToAboveAll() {
        assertThatThrownBy(() -> new MenuWishes(5, 0, 0, 0, 0, 0, 0)).hasMessageContaining("0 to 4");
        assertThat(of(8).weeks()).isEqualTo(2);
        assertThat(of(7).weeks()).isEqualTo(1);
    }
}
