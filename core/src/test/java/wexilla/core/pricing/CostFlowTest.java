package wexilla.core.pricing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Currency;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wexilla.core.money.Money;
import wexilla.core.pricing.CostFlow.Edge;
import wexilla.core.pricing.CostFlow.End;
import wexilla.core.pricing.CostFlow.Leaf;
import wexilla.core.pricing.CostFlow.Node;

/** Money is never lost or made on its way. */
class CostFlowTest {

    private static final Currency EURO = Currency.getInstance("EUR");

    private static Money euro(long cents) {
        return Money.of(cents, EURO);
    }

    private static Money ends(CostFlow.Branch branch) {
        return branch.leaves().stream().map(Leaf::cost).reduce(Money.zero(EURO), Money::plus);
    }

    /** 10.00 of mince, half into a pot with 5.00 of other things: a third of what was binned of the pot is the mince's. */
    @Test
    void aSharedPotSharesWhatBecomesOfIt() {
        Node mince = new Node(List.of(new Leaf(End.THERE, euro(500))), List.of(new Edge("pot", euro(500))));
        Node pot = new Node(List.of(new Leaf(End.EATEN, euro(800)), new Leaf(End.BINNED, euro(200))), List.of());
        CostFlow.Branch flow = CostFlow.of("mince", euro(1000), Map.of("mince", mince, "pot", pot));
        assertThat(flow.into().get(0).ends())
                .containsExactly(new Leaf(End.EATEN, euro(400)), new Leaf(End.BINNED, euro(100)));
        assertThat(ends(flow)).isEqualTo(euro(1000));
    }

    /** Random lots with random ends and edges, always further down: the ends sum to the price, to the cent. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
    void theEndsSumToThePrice(long seed) {
        Random random = new Random(seed);
        int lots = 2 + random.nextInt(12);
        Map<String, Node> nodes = new HashMap<>();
        for (int i = 0; i < lots; i++) {
            List<Leaf> ends = new ArrayList<>();
            List<Edge> edges = new ArrayList<>();
            for (int n = random.nextInt(3); n > 0; n--) {
                ends.add(new Leaf(End.values()[random.nextInt(6)], euro(random.nextInt(2000))));
            }
            for (int n = i + 1 < lots ? random.nextInt(3) : 0; n > 0; n--) {
                edges.add(new Edge("lot " + (i + 1 + random.nextInt(lots - i - 1)), euro(random.nextInt(2000))));
            }
            nodes.put("lot " + i, new Node(ends, edges));
        }
        Money price = euro(random.nextInt(10_000));
        assertThat(ends(CostFlow.of("lot 0", price, nodes))).isEqualTo(price);
    }
}
