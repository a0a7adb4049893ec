package wexilla.core.pricing;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import wexilla.core.money.Money;
import wexilla.core.quantity.Rational;

/**
 * Money followed through lots to the cent: from a purchase down to what was eaten, binned, given away and is still there,
 * or from a plate up to what was bought. At each lot the money that came splits as all of the lot's money did; floors and
 * remainders as everywhere, so that the ends sum to what went in, whatever happens in between.
 */
public final class CostFlow {

    /** Where money ends, or where it comes from. */
    public enum End {
        EATEN,
        USED,
        BINNED,
        GIVEN,
        LOST,
        THERE,
        /** Came in with the lot itself: bought, counted in, seasoning. */
        OWN
    }

    /** Money that ends at a lot. */
    public record Leaf(End end, Money cost) {}

    /** Money that goes on into, or comes from, another lot. */
    public record Edge(String lot, Money cost) {}

    /** All money of one lot. */
    public record Node(List<Leaf> ends, List<Edge> edges) {

        public Node {
            ends = List.copyOf(ends);
            edges = List.copyOf(edges);
        }
    }

    /** The share of a lot and what became of it; empty ends and branches are left out. */
    public record Branch(String lot, Money cost, List<Leaf> ends, List<Branch> into) {

        public Branch {
            ends = List.copyOf(ends);
            into = List.copyOf(into);
        }

        /** Everything that ends in it or below. */
        public List<Leaf> leaves() {
            List<Leaf> all = new ArrayList<>(ends);
            into.forEach(branch -> all.addAll(branch.leaves()));
            return all;
        }
    }

    private CostFlow() {}

    /**
     * Follows the money of a lot.
     *
     * @param money zero or more
     * @param nodes by lot, without circles; a lot that is not among them is where it lies still
     */
    public static Branch of(String lot, Money money, Map<String, Node> nodes) {
        Node node = nodes.getOrDefault(lot, new Node(List.of(), List.of()));
        List<Rational> weights = new ArrayList<>();
        node.ends().forEach(leaf -> weights.add(leaf.cost().exact()));
        node.edges().forEach(edge -> weights.add(edge.cost().exact()));
        boolean nothing = weights.stream().allMatch(Rational::isZero);
        if (nothing) {
            return new Branch(
                    lot, money, money.minor() == 0 ? List.of() : List.of(new Leaf(End.THERE, money)), List.of());
        }
        List<Money> parts = money.split(weights);
        List<Leaf> ends = new ArrayList<>();
        for (int i = 0; i < node.ends().size(); i++) {
            if (parts.get(i).minor() != 0) {
                ends.add(new Leaf(node.ends().get(i).end(), parts.get(i)));
            }
        }
        List<Branch> into = new ArrayList<>();
        for (int i = 0; i < node.edges().size(); i++) {
            Money part = parts.get(node.ends().size() + i);
            if (part.minor() != 0) {
                into.add(of(node.edges().get(i).lot(), part, nodes));
            }
        }
        return new Branch(lot, money, ends, into);
    }
}
