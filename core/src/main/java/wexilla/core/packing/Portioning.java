package wexilla.core.packing;

import java.util.ArrayList;
import java.util.List;

/** How a cooked dish is shared out into packets of whole portions. */
public final class Portioning {

    /** More packets than this from one dish is a slip of the finger. */
    public static final int MOST_PACKETS = 60;

    private Portioning() {}

    /**
     * Packets of one size, the rest in a smaller last one: 14 in sixes are 6 + 6 + 2.
     *
     * @throws IllegalArgumentException if either number is below one
     */
    public static List<Integer> inPacketsOf(int portions, int each) {
        if (portions < 1 || each < 1) {
            throw new IllegalArgumentException("a packet holds at least one portion");
        }
        List<Integer> packets = new ArrayList<>();
        for (int left = portions; left > 0; left -= each) {
            packets.add(Math.min(left, each));
        }
        return packets;
    }

    /** What is asked for and what is there. */
    public record Check(int wanted, int there, String problem) {
        public boolean holds() {
            return problem.isEmpty();
        }
    }

    /** Whether these packets can be filled from what is there; says by how much they cannot. */
    public static Check check(List<Integer> packets, int there) {
        long all = packets.stream().mapToLong(Integer::longValue).sum();
        // more than anybody counts is too much all the same
        int wanted = (int) Math.max(Integer.MIN_VALUE, Math.min(Integer.MAX_VALUE, all));
        if (packets.isEmpty()) {
            return new Check(0, there, "no packet yet; say how many portions go into each");
        }
        if (packets.size() > MOST_PACKETS) {
            return new Check(wanted, there, packets.size() + " packets; " + MOST_PACKETS + " is the most at once");
        }
        if (packets.stream().anyMatch(p -> p < 1)) {
            return new Check(wanted, there, "a packet holds at least one portion");
        }
        String problem =
                all > there ? all + " portions in packets, " + there + " there: " + (all - there) + " too many" : "";
        return new Check(wanted, there, problem);
    }
}
