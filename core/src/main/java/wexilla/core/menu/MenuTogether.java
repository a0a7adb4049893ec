package wexilla.core.menu;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import wexilla.core.menu.MenuProblem.Packet;
import wexilla.core.quantity.Trade;

/** Packets of which none feeds a table by itself, put together to meals: what must be eaten first goes first. */
public final class MenuTogether {

    /** Dishes that are warmed for one meal, at most. Own definition. */
    public static final int MOST = Trade.whole("menu.most-together");

    private MenuTogether() {}

    /**
     * Which of these packets make a meal together, by their places; each is in one meal at most.
     *
     * @param least hundredths of portions the smallest table wants, {@code most} the largest
     */
    public static List<List<Integer>> of(List<Packet> packets, int least, int most) {
        List<Integer> small = new ArrayList<>(IntStream.range(0, packets.size())
                .filter(at -> packets.get(at).plates() < least)
                .boxed()
                .sorted(Comparator.comparingInt(at -> last(packets.get(at))))
                .toList());
        List<List<Integer>> meals = new ArrayList<>();
        while (small.size() > 1) {
            List<Integer> meal = new ArrayList<>(List.of(small.remove(0)));
            // the large ones fill a table with few dishes; of the same size the one that goes first
            List<Integer> largest = small.stream()
                    .sorted(Comparator.comparingInt(at -> -packets.get(at).plates()))
                    .toList();
            for (int more : largest) {
                if (meal.size() < MOST && plates(packets, meal) < most && fits(packets, meal, more)) {
                    meal.add(more);
                }
            }
            if (plates(packets, meal) >= least) {
                meals.add(List.copyOf(meal));
                small.removeAll(meal);
            }
        }
        return meals;
    }

    /** These as one: on the table when all of them can be, and until the first of them is past. */
    public static Packet one(List<Packet> parts) {
        Set<String> proteins = new HashSet<>();
        parts.forEach(part -> proteins.addAll(part.proteins()));
        long worth =
                parts.stream().mapToLong(part -> part.worth() * part.plates()).sum();
        int plates = parts.stream().mapToInt(Packet::plates).sum();
        return new Packet(
                parts.stream().map(Packet::name).collect(Collectors.joining(" and ")),
                parts.stream().map(Packet::name).toList(),
                proteins,
                parts.stream().mapToInt(Packet::liked).min().orElse(0),
                plates,
                parts.stream().mapToInt(Packet::from).max().orElse(0),
                first(parts.stream().map(Packet::until).toList()),
                first(parts.stream().map(Packet::best).toList()),
                parts.stream().mapToInt(Packet::minutes).sum(),
                Math.max(
                        parts.stream().mapToInt(Packet::minutes).sum(),
                        parts.stream().mapToInt(Packet::clock).max().orElse(0)),
                plates == 0 ? 0 : worth / plates);
    }

    private static boolean fits(List<Packet> packets, List<Integer> meal, int more) {
        List<Packet> parts = new ArrayList<>(meal.stream().map(packets::get).toList());
        parts.add(packets.get(more));
        Packet whole = one(parts);
        return whole.until() == MenuProblem.NONE || whole.from() <= whole.until();
    }

    private static int plates(List<Packet> packets, List<Integer> meal) {
        return meal.stream().mapToInt(at -> packets.get(at).plates()).sum();
    }

    private static int last(Packet packet) {
        int until = packet.until() == MenuProblem.NONE ? Integer.MAX_VALUE : packet.until();
        int best = packet.best() == MenuProblem.NONE ? Integer.MAX_VALUE : packet.best();
        return Math.min(until, best);
    }

    private static int first(List<Integer> days) {
        return days.stream()
                .filter(day -> day != MenuProblem.NONE)
                .min(Comparator.naturalOrder())
                .orElse(MenuProblem.NONE);
    }
}
