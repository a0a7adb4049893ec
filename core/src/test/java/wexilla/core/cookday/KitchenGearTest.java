package wexilla.core.cookday;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wexilla.core.clock.DayProblem.Gear;
import wexilla.core.clock.DayProblem.Kind;

/** What a kitchen has to cook with, as people write it. */
class KitchenGearTest {

    private static List<String> names(String... things) {
        return KitchenGear.of(List.of(things)).stream().map(Gear::name).toList();
    }

    @Test
    void thingsAreCounted() {
        assertThat(names("4 burners")).containsExactly("burner 1", "burner 2", "burner 3", "burner 4");
        assertThat(names("oven with three racks")).containsExactly("oven, rack 1", "oven, rack 2", "oven, rack 3");
        assertThat(names("slow cooker, 5.7 l")).containsExactly("slow cooker");
        assertThat(names("two slow cookers", "slow cooker"))
                .containsExactly("slow cooker 1", "slow cooker 2", "slow cooker 3");
        assertThat(names("pressure cooker, 6 qt", "hot-air drawer")).containsExactly("pressure cooker", "hot-air");
        List<Gear> ovens = KitchenGear.of(List.of("2 ovens, 2 racks"));
        assertThat(ovens).extracting(Gear::oven).containsExactly(0, 0, 1, 1);
        assertThat(ovens).allMatch(gear -> gear.kind() == Kind.RACK);
    }

    @Test
    void potsAndPansHoldNothingUp() {
        assertThat(List.of("2 mixing bowls", "blender", "roasting pan", "saucepan"))
                .allMatch(KitchenGear::besides);
        assertThat(names("frying pan", "2 griddles", "one sieve"))
                .containsExactly("pan", "griddle 1", "griddle 2", "sieve");
        assertThat(names("2 large pots", "8 l casserole")).containsExactly("pot 1", "pot 2", "pot 3");
        assertThat(names("4 burners, one slow")).containsExactly("burner 1", "burner 2", "burner 3", "burner 4, slow");
        assertThat(names("three burners", "1 weak burner")).endsWith("burner 3", "burner 4, slow");
        assertThat(List.of("pressure cooker pot", "4 burners", "oven with two trays"))
                .noneMatch(KitchenGear::besides);
    }

    @ParameterizedTest
    @ValueSource(strings = {"a lamp", "", "99 burners", "0 burners"})
    void whatIsNoGearIsTold(String thing) {
        assertThatThrownBy(() -> KitchenGear.of(List.of(thing))).isInstanceOf(IllegalArgumentException.class);
    }
}
