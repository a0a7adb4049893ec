package wexilla.core.plan.ahead;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Key;
import wexilla.core.plan.MealOfDay;
import wexilla.core.plan.PlanCheck;
import wexilla.core.plan.PlannedMeal;
import wexilla.core.plan.PlannedMeal.Cook;
import wexilla.core.plan.PlannedMeal.Dish;
import wexilla.core.plan.TakeOut;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Unit;
import wexilla.core.shopping.Needs.Met;
import wexilla.core.stock.OpenLot;
import wexilla.core.stock.StockUse.Take;

/** The run: what is eaten from what. A thread for each dish that is there or will be, and for each that is cooked fresh. */
public final class Run {

    /** Where a thread lies before it climbs to the table. */
    public enum Shelf {
        FRIDGE,
        FREEZER,
        /** Not there yet: cooked on the day from what the cupboard and the shop give. */
        CUPBOARD
    }

    /**
     * A meal that eats of a thread.
     *
     * @param at table time; {@code portions} as taken, in words
     * @param out when it leaves the freezer; null where it does not lie in one
     */
    public record Climb(
            LocalDate day,
            MealOfDay meal,
            LocalDateTime at,
            String portions,
            @Nullable LocalDateTime out) {}

    /**
     * One dish or food on its way.
     *
     * @param of what it is: the same for what was cooked together
     * @param born when it is there: now, the day it is cooked, or when work begins
     * @param until its limit; null where it has none
     * @param ahead whether it is still to be cooked
     */
    public record Thread(
            String of,
            String name,
            Shelf shelf,
            LocalDateTime born,
            @Nullable LocalDate until,
            boolean ahead,
            List<Climb> climbs) {

        public Thread {
            climbs = List.copyOf(climbs);
        }

        /** Whether it lies past its limit: a meal is later, or nobody eats it at all. */
        public boolean frays() {
            return until != null
                    && (climbs.isEmpty() || climbs.get(climbs.size() - 1).day().isAfter(until));
        }
    }

    /** A dish that is there. @param of as {@link Thread#of} */
    public record There(String of, String name, OpenLot lot) {}

    private record Place(String of, Shelf shelf) {}

    private final LocalDateTime now;
    private final Map<Place, Thread> threads = new LinkedHashMap<>();

    private Run(LocalDateTime now) {
        this.now = now;
    }

    /**
     * The threads of a plan, in the order they are born and first eaten.
     *
     * @param there dishes in stock; those that pass their limit uneaten are told too
     * @param last day that is shown
     */
    public static List<Thread> of(PlanCheck check, List<There> there, LocalDateTime now, LocalDate last) {
        Run run = new Run(now);
        for (PlanCheck.Checked meal : check.checked()) {
            run.meal(meal);
        }
        for (There one : there) {
            run.uneaten(one, last);
        }
        return List.copyOf(run.threads.values());
    }

    private void meal(PlanCheck.Checked meal) {
        PlannedMeal evening = meal.evening();
        for (Dish dish : evening.dishes()) {
            if (dish instanceof Cook cook) {
                Thread fresh = new Thread(
                        evening.when() + cook.name(),
                        cook.name(),
                        Shelf.CUPBOARD,
                        meal.begin(),
                        null,
                        true,
                        List.of(climb(evening, Amount.of(cook.sized().portions(), Unit.PORTION), null)));
                threads.put(new Place(fresh.of(), Shelf.CUPBOARD), fresh);
            }
        }
        for (Met met : meal.met()) {
            for (Take take : met.takes()) {
                boolean frozen = take.lot().frozenAs() != null;
                if (met.want().food() == null || frozen) {
                    LocalDateTime out = meal.takeOut().stream()
                            .filter(one -> one.lot().equals(take.lot().id()))
                            .map(TakeOut::by)
                            .findFirst()
                            .orElse(null);
                    climb(met, take, climb(evening, take.amount(), out));
                }
            }
        }
    }

    private static Climb climb(PlannedMeal evening, Amount portions, @Nullable LocalDateTime out) {
        return new Climb(evening.day(), evening.when().meal(), evening.tableAt(), portions.toString(), out);
    }

    private void climb(Met met, Take take, Climb climb) {
        Key key = met.want().key();
        OpenLot lot = take.lot();
        threads.merge(
                new Place(key.id(), shelf(lot)),
                thread(key.id(), met.want().name(), lot, List.of(climb)),
                (known, more) -> {
                    List<Climb> all = new ArrayList<>(known.climbs());
                    boolean same = all.stream().anyMatch(one -> one.at().equals(climb.at()));
                    if (!same) {
                        all.add(climb);
                    }
                    return new Thread(
                            known.of(),
                            known.name(),
                            known.shelf(),
                            known.born(),
                            sooner(known.until(), more.until()),
                            known.ahead(),
                            all);
                });
    }

    private Thread thread(String of, String name, OpenLot lot, List<Climb> climbs) {
        LocalDate from = lot.clock().from();
        boolean ahead = from.isAfter(now.toLocalDate());
        LocalDateTime born = ahead ? from.atTime(wexilla.core.cookday.CookDay.BEGIN) : now;
        return new Thread(of, name, shelf(lot), born, lot.limit(), ahead, climbs);
    }

    private static Shelf shelf(OpenLot lot) {
        return lot.frozenAs() == null ? Shelf.FRIDGE : Shelf.FREEZER;
    }

    private static @Nullable LocalDate sooner(@Nullable LocalDate one, @Nullable LocalDate other) {
        return one == null || other != null && other.isBefore(one) ? other : one;
    }

    private void uneaten(There there, LocalDate last) {
        OpenLot lot = there.lot();
        LocalDate limit = lot.limit();
        if (limit != null && !limit.isAfter(last)) {
            threads.computeIfAbsent(
                    new Place(there.of(), shelf(lot)), place -> thread(there.of(), there.name(), lot, List.of()));
        }
    }
}
