package wexilla.core.packing;

import java.util.ArrayList;
import java.util.List;
import wexilla.core.quantity.Rational;

/** How a cooked dish is shared out into packets. */
public final class Portioning {

    /** More packets than this from one dish is a slip of the finger. */
    public static final int MOST_PACKETS = 60;

    private Portioning() {}

    /**
     * Packets of one size, the rest in a smaller last one: 14 in sixes are 6 + 6 + 2.
     *
     * @throws IllegalArgumentException if there is nothing of either
     */
    public static List<Rational> inPacketsOf(Rational portions, Rational each) {
        if (portions.signum() <= 0 || each.signum() <= 0) {
            throw new IllegalArgumentException("a packet holds some of a portion");
        }
        List<Rational> packets = new ArrayList<>();
        for (Rational left = portions; left.signum() > 0 && packets.size() <= MOST_PACKETS; left = left.minus(each)) {
            packets.add(Rational.min(left, each));
        }
        return packets;
    }

    /** What is asked for and what is there. */
    public record Check(Rational wanted, Rational there, String problem) {
        public boolean holds() {
            return problem.isEmpty();
        }
    }

    /** Whether these packets can be filled from what is there; says by how much they cannot. */
    public static Check check(List<Rational> packets, Rational there) {
        Rational wanted = packets.stream().reduce(Rational.ZERO, Rational::plus);
        if (packets.isEmpty()) {
            return new Check(wanted, there, "no packet yet; say how many portions go into each");
        }
        if (packets.size() > MOST_PACKETS) {
            return new Check(wanted, there, packets.size() + " packets; " + MOST_PACKETS + " is the most at once");
        }
        if (packets.stream().anyMatch(packet -> packet.signum() <= 0)) {
            return new Check(wanted, there, "a packet holds some of a portion");
        }
        String problem = wanted.compareTo(there) > 0
                ? wanted.plain() + " portions in packets, " + there.plain() + " there: "
                        + wanted.minus(there).plain() + " too many"
                : "";
        return new Check(wanted, there, problem);
    }
}
