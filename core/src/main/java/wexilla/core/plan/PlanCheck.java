package wexilla.core.plan;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import wexilla.core.clock.DayProblem.Gear;
import wexilla.core.keeping.KeepingGuide.Ingredient;
import wexilla.core.plan.PlannedMeal.Cook;
import wexilla.core.plan.PlannedMeal.Dish;
import wexilla.core.plan.PlannedMeal.FromStock;
import wexilla.core.plan.PlannedMeal.Side;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Sized;
import wexilla.core.shopping.Needs;
import wexilla.core.shopping.Needs.Met;
import wexilla.core.shopping.Needs.Want;
import wexilla.core.stock.Supply;

/**
 * Meals as planned, judged by every {@link PlanRule}: wants are met in the order of the days and of the table times, so that nothing is
 * promised twice.
 *
 * @param checked one for each evening, in the order asked
 * @param forCookDays what leaves the freezer for batches cooked ahead, by the id of the batch
 * @param metAhead how what these batches want is met, by the id of the batch
 */
public record PlanCheck(
        List<Checked> checked, Map<String, List<TakeOut>> forCookDays, Map<String, List<Met>> metAhead, Needs needs) {

    /**
     * @param begin when hands begin: the one clock of the meal
     * @param judgements without repeats, what cannot stay so first
     * @param takeOut what leaves the freezer for it, with when
     * @param met how what it wants is met
     */
    public record Checked(
            PlannedMeal evening,
            LocalDateTime begin,
            List<Judgement> judgements,
            List<TakeOut> takeOut,
            List<Met> met) {

        /** The judgements in the cook's words. */
        public List<Remark> remarks() {
            return judgements.stream().map(Judgement::remark).distinct().toList();
        }
    }

    /**
     * What there is.
     *
     * @param supply is copied; what one check takes the next still has
     * @param gear there is to cook with; empty where nobody asks for it
     * @param room millilitres the freezers take beside what lies there; null where nobody knows
     * @param eaten the meals of the last days, the earliest first: what is planned repeats them too
     */
    public record Kitchen(
            Supply supply,
            Measures measures,
            LocalDateTime now,
            List<Gear> gear,
            @Nullable Rational room,
            List<PlannedMeal> eaten) {

        public Kitchen {
            eaten = List.copyOf(eaten);
        }

        /** Nobody asks what there is to cook and freeze with, nor what was eaten. */
        public Kitchen(Supply supply, Measures measures, LocalDateTime now) {
            this(supply, measures, now, List.of(), null, List.of());
        }
    }

    /**
     * A batch to be cooked ahead, or a joint to be stretched.
     *
     * @param name as it stands on the list: "cook day: goulash"
     * @param goesIn its lines up to the stop
     * @param begin when hands begin that day: what is frozen has to be thawed by then
     */
    public record Batch(String id, String name, List<Sized.Line> goesIn, LocalDateTime begin) {}

    /** What one plan breaks or wishes that the other does not. */
    public record Difference(List<Judgement> gone, List<Judgement> come) {}

    /** @param batches to be cooked for stock on days of their own: what they take is not there for an evening */
    public static PlanCheck of(List<PlannedMeal> evenings, List<Batch> batches, Kitchen kitchen) {
        List<Want> wants = new ArrayList<>();
        Map<Want, String> batchOf = new IdentityHashMap<>();
        for (Batch batch : batches) {
            LocalDate day = batch.begin().toLocalDate();
            List<Want> own = Want.of(batch.goesIn(), day, batch.name());
            own.forEach(want -> batchOf.put(want, batch.id()));
            wants.addAll(own);
        }
        Map<Want, PlannedMeal> mealOf = new IdentityHashMap<>();
        for (PlannedMeal evening : evenings) {
            for (Dish dish : evening.dishes()) {
                List<Want> own = wants(evening, dish);
                own.forEach(want -> mealOf.put(want, evening));
                wants.addAll(own);
            }
        }
        Needs needs = Needs.of(wants, kitchen.supply().copy(), kitchen.measures());
        Map<String, List<TakeOut>> forCookDays = new LinkedHashMap<>();
        Map<String, List<Met>> metAhead = new LinkedHashMap<>();
        for (Batch batch : batches) {
            List<Met> own = needs.met().stream()
                    .filter(m -> batch.id().equals(batchOf.get(m.want().first())))
                    .toList();
            metAhead.put(batch.id(), own);
            forCookDays.put(
                    batch.id(),
                    TakeOut.of(
                            own,
                            batch.begin(),
                            batch.begin().toLocalDate(),
                            kitchen.now().toLocalDate()));
        }
        return new PlanCheck(checked(evenings, needs, mealOf, kitchen), forCookDays, metAhead, needs);
    }

    private static List<Checked> checked(
            List<PlannedMeal> evenings, Needs needs, Map<Want, PlannedMeal> mealOf, Kitchen kitchen) {
        List<List<Met>> met = new ArrayList<>();
        List<List<TakeOut>> takeOut = new ArrayList<>();
        List<Countdown.Clock> clocks = evenings.stream()
                .map(evening -> Countdown.clock(evening, kitchen.gear()))
                .toList();
        for (int i = 0; i < evenings.size(); i++) {
            PlannedMeal evening = evenings.get(i);
            List<Met> own = needs.met().stream()
                    .filter(m -> mealOf.get(m.want().first()) == evening)
                    .toList();
            met.add(own);
            PlannedMeal thawed = evening.unwarmed();
            LocalDateTime by = thawed.equals(evening)
                    ? clocks.get(i).begin()
                    : Countdown.clock(thawed, kitchen.gear()).begin();
            takeOut.add(TakeOut.of(own, by, evening.day(), kitchen.now().toLocalDate()));
        }
        Outlook outlook = new Outlook(evenings, met, takeOut, clocks, kitchen);
        List<Checked> checked = new ArrayList<>();
        for (int i = 0; i < evenings.size(); i++) {
            checked.add(
                    new Checked(evenings.get(i), clocks.get(i).begin(), judge(outlook, i), takeOut.get(i), met.get(i)));
        }
        return List.copyOf(checked);
    }

    private static List<Judgement> judge(Outlook outlook, int at) {
        List<Judgement> found = new ArrayList<>();
        for (PlanRule rule : PlanRule.values()) {
            found.addAll(rule.judge(outlook, at));
        }
        return found.stream()
                .distinct()
                .sorted(Comparator.comparing(Judgement::level))
                .toList();
    }

    /** What goes into a batch cooked ahead from what is there, with its age on the day it is cooked. */
    public List<Ingredient> goesInto(String batch, LocalDate cookOn) {
        return metAhead.getOrDefault(batch, List.of()).stream()
                .flatMap(met -> met.takes().stream())
                .map(take -> take.lot().ingredient(cookOn))
                .toList();
    }

    /** All judgements, evening by evening. */
    public List<Judgement> judgements() {
        return checked.stream().flatMap(one -> one.judgements().stream()).toList();
    }

    /** How much counts against the plan all together; 0 when nothing does. */
    public int weight() {
        return judgements().stream().mapToInt(Judgement::weight).sum();
    }

    /** What changes for the rules when the other plan is taken instead. */
    public Difference to(PlanCheck other) {
        List<Judgement> gone = new ArrayList<>(judgements());
        List<Judgement> come = new ArrayList<>(other.judgements());
        gone.removeAll(other.judgements());
        come.removeAll(judgements());
        return new Difference(List.copyOf(gone), List.copyOf(come));
    }

    /** What a dish wants from the kitchen that day. */
    public static List<Want> wants(PlannedMeal evening, Dish dish) {
        LocalDate day = evening.day();
        if (dish instanceof Cook cook) {
            return Want.of(cook.sized().lines(), day, cook.name());
        }
        if (dish instanceof FromStock stock) {
            Amount portions = Amount.of(stock.portions(), Unit.PORTION);
            List<Want> wants = new ArrayList<>(Want.of(stock.add(), day, stock.name()));
            wants.add(Want.batch(stock.key(), stock.name(), portions, day));
            return wants;
        }
        if (dish instanceof Side side && side.food() != null) {
            Amount each = side.perHead();
            Amount all = each == null ? null : each.times(plates(evening, dish));
            return List.of(Want.food(side.food(), all, day, side.name()));
        }
        return List.of();
    }

    /** Portions a head of what is named twice are those of its first place. */
    private static Rational plates(PlannedMeal evening, Dish dish) {
        return evening.platesOf(evening.dishes().indexOf(dish));
    }
}
