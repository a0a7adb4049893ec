package wexilla.core.menu;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wexilla.core.menu.MenuProblem.Packet;

/** Packets too small for a table make a meal together; what must be eaten first goes first. */
class MenuTogetherTest {

    private static Packet packet(String name, int portions, int from, int until) {
        return new Packet(name, Set.of(name), 0, 100 * portions, from, until, MenuProblem.NONE, 5, 10_000);
    }

    /** Four at the table: the curry goes first, the soup fills it up; of the rest nothing is enough. */
    @Test
    void theFirstToExpireGoesFirst() {
        List<Packet> packets = List.of(
                packet("soup", 3, 0, 9), packet("chilli", 1, 0, 5), packet("curry", 2, 0, 2), packet("stew", 6, 0, 3));
        assertThat(MenuTogether.of(packets, 400, 400)).containsExactly(List.of(2, 0));
        Packet one = MenuTogether.one(List.of(packets.get(2), packets.get(0)));
        assertThat(one.name()).isEqualTo("curry and soup");
        assertThat(one.plates()).isEqualTo(500);
        assertThat(one.until()).isEqualTo(2);
        assertThat(one.minutes()).isEqualTo(10);
        assertThat(one.worth()).isEqualTo(10_000);
    }

    /** What is thawed too late for what must go is no meal with it. */
    @Test
    void onTheTableAtOneTime() {
        List<Packet> packets = List.of(packet("curry", 2, 0, 1), packet("pie", 3, 3, MenuProblem.NONE));
        assertThat(MenuTogether.of(packets, 400, 400)).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void eachInOneMealThatFeedsATable(long seed) {
        Random random = new Random(seed);
        List<Packet> packets = new ArrayList<>();
        for (int i = 0; i < 20; i++) {
            packets.add(packet("dish " + i, 1 + random.nextInt(7), random.nextInt(4), 2 + random.nextInt(20)));
        }
        List<List<Integer>> meals = MenuTogether.of(packets, 400, 600);
        assertThat(meals.stream().flatMap(List::stream)).doesNotHaveDuplicates();
        for (List<Integer> meal : meals) {
            Packet one = MenuTogether.one(meal.stream().map(packets::get).toList());
            assertThat(meal).hasSizeBetween(2, MenuTogether.MOST);
            assertThat(one.plates()).isGreaterThanOrEqualTo(400);
            assertThat(one.from()).isLessThanOrEqualTo(one.until());
            assertThat(meal)
                    .allSatisfy(at -> assertThat(packets.get(at).plates()).isLessThan(400));
        }
    }
}
