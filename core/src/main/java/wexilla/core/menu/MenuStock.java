package wexilla.core.menu;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import wexilla.core.menu.MenuProblem.Lot;
import wexilla.core.menu.MenuProblem.Packet;
import wexilla.core.menu.MenuProblem.Use;
import wexilla.core.pricing.PackRun;
import wexilla.core.pricing.PackTable;

/**
 * What the cookings of a plan take of one food, in the order of their days: from the lots that are there, first to expire
 * first, then from what packs left that were bought before, the rest from whole packs bought for each seven days.
 *
 * @param needs one for each cooking that uses it
 * @param left one for each lot
 * @param trips one for each seven days
 * @param spare what is left of packs
 */
public record MenuStock(List<Need> needs, List<Left> left, List<Trip> trips, List<Spare> spare) {

    /** What a cooking takes from a lot. */
    public record Take(Lot lot, long amount) {}

    /** @param carried taken from what earlier packs left; @param bought what neither they nor the lots give */
    public record Need(MenuCooking cooking, List<Take> takes, long carried, long bought) {}

    /** What is bought for seven days. @param cost in hundredths of minor units */
    public record Trip(long need, long cost) {}

    /** What is left of packs. @param until its last day; {@link MenuProblem#NONE} beyond any plan */
    public record Spare(long amount, int until) {

        /** Whether it passes its date within the plan. */
        boolean lost(int days) {
            return last(until) < days;
        }
    }

    /** What is left of a lot. */
    public record Left(Lot lot, long amount) {

        /** More than a twentieth of what the cook wanted used by its day. */
        boolean missed() {
            return lot.must() && MenuWeights.missed(amount, lot.amount());
        }
    }

    public static MenuStock of(MenuProblem problem, List<MenuCooking> cookings, int food) {
        return new Taking(problem, food).of(cookings);
    }

    private static final class Taking {
        private final MenuProblem problem;
        private final int at;
        private final MenuProblem.Food food;
        private final List<Lot> lots;
        private final long[] left;
        private final List<Need> needs = new ArrayList<>();
        private final List<Trip> trips = new ArrayList<>();
        private final PackRun packs = new PackRun();
        private long lacking;

        Taking(MenuProblem problem, int at) {
            this.problem = problem;
            this.at = at;
            food = problem.foods().get(at);
            lots = food.lots().stream()
                    .sorted(Comparator.comparingInt(lot -> last(lot.until())))
                    .toList();
            left = lots.stream().mapToLong(Lot::amount).toArray();
        }

        MenuStock of(List<MenuCooking> cookings) {
            List<MenuCooking> users = cookings.stream()
                    .filter(one -> each(problem, one, at) > 0)
                    .sorted(Comparator.comparingInt(
                                    (MenuCooking one) -> one.of().day())
                            .thenComparingInt(one -> one.of().dish()))
                    .toList();
            for (int week = 0, next = 0; week < problem.weeks(); week++) {
                int ends = 7 * week + 7;
                food.besides().stream()
                        .filter(one -> one.day() >= ends - 7 && one.day() < ends)
                        .forEach(one -> lacking += one.amount() - packs.take(one.day(), one.amount()));
                for (; next < users.size() && users.get(next).of().day() < ends; next++) {
                    take(users.get(next));
                }
                shop(7 * week);
            }
            List<Left> rest = new ArrayList<>();
            for (int lot = 0; lot < left.length; lot++) {
                rest.add(new Left(lots.get(lot), left[lot]));
            }
            List<Spare> spare = packs.spare().stream()
                    .map(one -> new Spare(
                            one.amount(), one.until() == last(MenuProblem.NONE) ? MenuProblem.NONE : one.until()))
                    .toList();
            return new MenuStock(List.copyOf(needs), List.copyOf(rest), List.copyOf(trips), spare);
        }

        private void take(MenuCooking one) {
            long wanted = MenuWeights.need(each(problem, one, at), one.plates());
            long need = wanted;
            List<Take> takes = new ArrayList<>();
            for (int lot = 0; lot < left.length; lot++) {
                long take = lots.get(lot).on(one.of().day()) ? Math.min(need, left[lot]) : 0;
                if (take > 0) {
                    need -= take;
                    left[lot] -= take;
                    takes.add(new Take(lots.get(lot), take));
                }
            }
            long earlier = packs.take(one.of().day(), need);
            need -= earlier;
            long bought = MenuWeights.nearEnough(need, wanted) ? 0 : need;
            lacking += bought;
            needs.add(new Need(one, List.copyOf(takes), earlier, bought));
        }

        /** Buys what these seven days lack; what is left goes on to the next. */
        private void shop(int day) {
            PackTable table = food.packs().isEmpty() ? null : new PackTable(food.packs());
            trips.add(new Trip(lacking, table == null ? 0 : table.cost(lacking)));
            packs.bought(
                    table == null ? 0 : table.bought(lacking) - lacking,
                    last(food.spareUntil(day)),
                    Math.min(day + 7, problem.days()));
            lacking = 0;
        }
    }

    private static long each(MenuProblem problem, MenuCooking one, int food) {
        return one.dish(problem).uses().stream()
                .filter(use -> use.food() == food)
                .mapToLong(Use::each)
                .sum();
    }

    /** What of packs passes its date within the plan. */
    long spoilt(int days) {
        return spare.stream()
                .filter(one -> one.lost(days))
                .mapToLong(Spare::amount)
                .sum();
    }

    /** What of packs is left for after the plan. */
    long spared(int days) {
        return spare.stream()
                .filter(one -> !one.lost(days))
                .mapToLong(Spare::amount)
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

        /** What counts for portions that are not there. */
        long tooFew() {
            return MenuWeights.ALWAYS * missing * MenuWeights.PORTION_SHORT / 100;
        }

        public long against(MenuWishes wishes) {
            return tooFew() + MenuWishes.factor(wishes.useUp()) * wasted + MenuWishes.factor(wishes.cheap()) * kept;
        }
    }
}
