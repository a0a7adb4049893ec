package wexilla.core.menu;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import wexilla.core.menu.MenuProblem.Lot;
import wexilla.core.menu.MenuProblem.Packet;
import wexilla.core.menu.MenuProblem.Use;

/**
 * What the cookings of a plan take from the lots of one food, in the order of their days, first to expire first; what is
 * lacking is bought.
 *
 * @param needs one for each cooking that uses it
 * @param left one for each lot
 */
public record MenuStock(List<Need> needs, List<Left> left) {

    /** What a cooking takes from a lot. */
    public record Take(Lot lot, long amount) {}

    /** @param bought what the lots do not give */
    public record Need(MenuCooking cooking, List<Take> takes, long bought) {}

    /** What is left of a lot. */
    public record Left(Lot lot, long amount) {

        /** More than a twentieth of what the cook wanted used by its day. */
        boolean missed() {
            return lot.must() && MenuWeights.missed(amount, lot.amount());
        }
    }

    public static MenuStock of(MenuProblem problem, List<MenuCooking> cookings, int food) {
        List<Lot> lots = problem.foods().get(food).lots().stream()
                .sorted(Comparator.comparingInt(lot -> last(lot.until())))
                .toList();
        long[] left = lots.stream().mapToLong(Lot::amount).toArray();
        List<Need> needs = new ArrayList<>();
        cookings.stream()
                .filter(one -> each(problem, one, food) > 0)
                .sorted(Comparator.comparingInt((MenuCooking one) -> one.of().day())
                        .thenComparingInt(one -> one.of().dish()))
                .forEach(one -> {
                    long need = each(problem, one, food) * one.plates() / 100;
                    List<Take> takes = new ArrayList<>();
                    for (int lot = 0; lot < left.length; lot++) {
                        long take = lots.get(lot).on(one.of().day()) ? Math.min(need, left[lot]) : 0;
                        if (take > 0) {
                            need -= take;
                            left[lot] -= take;
                            takes.add(new Take(lots.get(lot), take));
                        }
                    }
                    needs.add(new Need(one, List.copyOf(takes), need));
                });
        List<Left> rest = new ArrayList<>();
        for (int lot = 0; lot < left.length; lot++) {
            rest.add(new Left(lots.get(lot), left[lot]));
        }
        return new MenuStock(List.copyOf(needs), List.copyOf(rest));
    }

    private static long each(MenuProblem problem, MenuCooking one, int food) {
        return one.dish(problem).uses().stream()
                .filter(use -> use.food() == food)
                .mapToLong(Use::each)
                .sum();
    }

    /** What is taken from lots that would keep beyond the plan. */
    long kept(int days) {
        return needs.stream()
                .flatMap(need -> need.takes().stream())
                .filter(take -> last(take.lot().until()) >= days)
                .mapToLong(Take::amount)
                .sum();
    }

    /** What passes its date within the plan. */
    public List<Left> lost(int days) {
        return left.stream().filter(one -> last(one.lot().until()) < days).toList();
    }

    /** A lot without a date keeps beyond any plan. */
    public static int last(int until) {
        return until == MenuProblem.NONE ? Integer.MAX_VALUE : until;
    }

    /** What of a packet is short, lost or taken from what would keep: hundredths of portions, and of minor units. */
    public record PacketUse(long missing, long wasted, long kept) {

        public static PacketUse of(Packet packet, int taken, int days) {
            long left = Math.max(0, packet.plates() - taken);
            boolean limit = packet.until() != MenuProblem.NONE && packet.until() < days;
            boolean best = packet.best() != MenuProblem.NONE && packet.best() < days;
            long lost = limit ? left * packet.worth() / 100 : best ? left * packet.worth() / 200 : 0;
            long kept = limit || best ? 0 : Math.min(taken, packet.plates()) * packet.worth() / 200;
            return new PacketUse(Math.max(0, taken - packet.plates()), lost, kept);
        }

        public long against(MenuWishes wishes) {
            return MenuWeights.ALWAYS * missing * MenuWeights.PORTION_SHORT / 100
                    + MenuWishes.factor(wishes.useUp()) * wasted
                    + MenuWishes.factor(wishes.cheap()) * kept;
        }
    }
}
