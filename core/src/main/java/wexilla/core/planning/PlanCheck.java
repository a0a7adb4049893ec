package wexilla.core.planning;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import wexilla.core.food.Forms;
import wexilla.core.planning.Evening.Cook;
import wexilla.core.planning.Evening.Dish;
import wexilla.core.planning.Evening.FromStock;
import wexilla.core.planning.Evening.Side;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.shopping.Needs;
import wexilla.core.shopping.Needs.Met;
import wexilla.core.shopping.Needs.Want;
import wexilla.core.stock.OpenLot;
import wexilla.core.stock.StockUse.Take;

/**
 * Checks the evenings as planned against stock, dates, thawing, time and who eats: in the order of the days, so that
 * nothing is promised twice.
 *
 * @param checked one for each evening, in the order asked
 * @param forCookDays what leaves the freezer for batches cooked ahead, by the id of the batch
 */
public record PlanCheck(List<Checked> checked, Map<String, List<TakeOut>> forCookDays, Needs needs) {

    /** @param takeOut what leaves the freezer for it, with when */
    public record Checked(Evening evening, List<Remark> remarks, List<TakeOut> takeOut) {}

    /** Something to take out to thaw. @param by the latest time so that it is thawed when work begins */
    public record TakeOut(String lot, String name, Amount amount, LocalDateTime by, LocalDate forDay, String rule) {

        /** "take out 2 portions goulash by Fri 27 Nov, 10:00". */
        public String words() {
            return "take out " + amount + (amount.unit().equals(Unit.PIECE) ? " × " : " ") + name + " by "
                    + DAY.format(by) + ", " + by.toLocalTime().withSecond(0);
        }

        /** This and more of the same, both in one unit. */
        TakeOut and(TakeOut more) {
            Amount both = Amount.of(amount.value().plus(more.amount.value()), amount.unit());
            return new TakeOut(lot, name, both, by.isBefore(more.by) ? by : more.by, forDay, rule);
        }
    }

    /**
     * What there is.
     *
     * @param stock by key of food or dish
     * @param had keys of staples without an amount
     */
    public record Kitchen(
            Map<String, List<OpenLot>> stock, Set<String> had, Forms forms, Measures measures, LocalDateTime now) {}

    /**
     * A batch to be cooked ahead, or a joint to be stretched.
     *
     * @param name as it stands on the list: "cook day: goulash"
     * @param goesIn its lines up to the stop
     * @param begin when hands begin that day: what is frozen has to be thawed by then
     */
    public record Batch(String id, String name, List<RecipeLine> goesIn, Rational factor, LocalDateTime begin) {}

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH);

    /** @param batches to be cooked for stock on days of their own: what they take is not there for an evening */
    public static PlanCheck of(List<Evening> evenings, List<Batch> batches, Kitchen kitchen) {
        List<Want> wants = new ArrayList<>();
        Map<Want, String> batchOf = new IdentityHashMap<>();
        for (Batch batch : batches) {
            LocalDate day = batch.begin().toLocalDate();
            List<Want> own = Want.of(batch.goesIn(), batch.factor(), day, batch.name());
            own.forEach(want -> batchOf.put(want, batch.id()));
            wants.addAll(own);
        }
        evenings.forEach(evening -> evening.dishes().forEach(dish -> wants.addAll(wants(evening, dish))));
        Needs needs = Needs.of(wants, kitchen.stock(), kitchen.had(), kitchen.forms(), kitchen.measures());
        List<Checked> checked = new ArrayList<>();
        for (int i = 0; i < evenings.size(); i++) {
            Evening evening = evenings.get(i);
            List<Met> own = needs.met().stream()
                    .filter(m -> m.want().day().equals(evening.day())
                            && !batchOf.containsKey(m.want().first()))
                    .toList();
            List<TakeOut> out = takeOut(evening.start(), evening.day(), own);
            List<Remark> remarks = new ArrayList<>();
            evening.eaters()
                    .forEach(eater -> evening.dishes()
                            .forEach(dish -> remarks.addAll(eater.against(dish.name(), Evening.foods(dish)))));
            dates(own, remarks);
            late(out, kitchen.now(), remarks);
            time(evening, remarks);
            variety(evenings, i, remarks);
            remarks.sort(Comparator.comparing(Remark::level));
            checked.add(new Checked(evening, remarks.stream().distinct().toList(), out));
        }
        Map<String, List<TakeOut>> forCookDays = new LinkedHashMap<>();
        for (Batch batch : batches) {
            List<Met> own = needs.met().stream()
                    .filter(m -> batch.id().equals(batchOf.get(m.want().first())))
                    .toList();
            List<TakeOut> out = takeOut(batch.begin(), batch.begin().toLocalDate(), own);
            forCookDays.put(batch.id(), out);
        }
        return new PlanCheck(checked, forCookDays, needs);
    }

    /** What a dish wants from the kitchen that day. */
    public static List<Want> wants(Evening evening, Dish dish) {
        LocalDate day = evening.day();
        if (dish instanceof Cook cook) {
            return Want.of(cook.recipe().lines(), cook.factor(), day, cook.name());
        }
        if (dish instanceof FromStock stock) {
            Amount portions = Amount.of(stock.portions(), Unit.PORTION);
            List<Want> wants = new ArrayList<>(Want.of(stock.add(), stock.share(), day, stock.name()));
            wants.add(new Want(stock.key(), null, stock.name(), portions, day, stock.name()));
            return wants;
        }
        if (dish instanceof Side side && side.food() != null) {
            Amount each = side.perHead();
            Amount all = each == null ? null : each.times(evening.plates());
            return List.of(new Want(side.food().key(), side.food(), side.food().name(), all, day, side.name()));
        }
        return List.of();
    }

    private static List<TakeOut> takeOut(LocalDateTime begin, LocalDate day, List<Met> met) {
        Map<String, TakeOut> out = new LinkedHashMap<>();
        for (Met one : met) {
            for (Take take : one.takes()) {
                int hours = take.lot().hoursToThaw(take.amount());
                if (hours > 0) {
                    String rule = take.lot().thawRule(take.amount());
                    out.merge(
                            take.lot().id(),
                            new TakeOut(
                                    take.lot().id(),
                                    one.want().name(),
                                    take.amount(),
                                    begin.minusHours(hours),
                                    day,
                                    rule),
                            TakeOut::and);
                }
            }
        }
        return List.copyOf(out.values());
    }

    private static void dates(List<Met> met, List<Remark> remarks) {
        for (Met one : met) {
            for (OpenLot past : one.past()) {
                remarks.add(Remark.stop(
                        one.want().name() + " keeps to " + DAY.format(past.limit()) + ", planned for "
                                + DAY.format(one.want().day()) + ": eat it earlier, or freeze it in time",
                        "fridge time, " + past.clock().keepingClass()));
            }
            Amount lacking = one.lacking();
            if (lacking != null && one.want().food() == null) {
                remarks.add(Remark.stop(
                        lacking + " of " + one.want().name() + " are not there, or promised to an earlier evening",
                        ""));
            }
        }
        List<String> toBuy = met.stream()
                .filter(one -> one.lacking() != null && one.want().food() != null)
                .map(one -> one.want().name())
                .distinct()
                .toList();
        if (!toBuy.isEmpty()) {
            remarks.add(Remark.act("to buy: " + String.join(", ", toBuy), ""));
        }
    }

    private static void late(List<TakeOut> out, LocalDateTime now, List<Remark> remarks) {
        for (TakeOut one : summed(out)) {
            if (one.by().isBefore(now)) {
                remarks.add(Remark.stop(
                        one.name() + " does not thaw in the fridge in time (" + one.rule()
                                + "); choose another dish, or cold water, then cook at once",
                        "USDA FSIS, The Big Thaw (from memory)"));
            } else {
                remarks.add(Remark.act(one.words(), one.rule()));
            }
        }
    }

    /** Packets of one thing that leave at one time are told together. */
    public static Collection<TakeOut> summed(Collection<TakeOut> out) {
        Map<String, TakeOut> sums = new LinkedHashMap<>();
        out.forEach(
                one -> sums.merge(one.name() + one.by() + one.amount().unit().symbol(), one, TakeOut::and));
        return sums.values();
    }

    private static void time(Evening evening, List<Remark> remarks) {
        for (Dish dish : evening.dishes()) {
            int needs = Evening.time(dish).minutes();
            if (needs > evening.minutes()) {
                remarks.add(Remark.hint(dish.name() + " takes " + needs + " minutes, " + evening.minutes()
                        + " are there: begin at "
                        + evening.tableAt().minusMinutes(needs).toLocalTime()));
            }
        }
    }

    /** The same protein not on following evenings. */
    private static void variety(List<Evening> evenings, int at, List<Remark> remarks) {
        if (at == 0
                || !evenings.get(at - 1)
                        .day()
                        .plusDays(1)
                        .equals(evenings.get(at).day())) {
            return;
        }
        evenings.get(at).proteins().stream()
                .filter(protein -> evenings.get(at - 1).proteins().contains(protein))
                .sorted()
                .forEach(protein -> remarks.add(Remark.hint(protein + " the evening before too")));
    }
}
