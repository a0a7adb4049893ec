package wexilla.core.plan.ahead;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;
import wexilla.core.plan.PlanCheck;
import wexilla.core.plan.PlannedMeal;
import wexilla.core.plan.PlannedMeal.Cook;
import wexilla.core.pricing.CostSheet;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Sized;
import wexilla.core.shopping.Needs.Met;
import wexilla.core.stock.StockUse.Take;

/**
 * What planned meals cost, basis "used": of what is there its actual cost, of what is lacking the newest price, of a dish
 * cooked ahead its portions' share of its batch. Of a range its upper end counts, as it is bought.
 */
public final class PlanCosts {

    private final CostSheet.Known prices;
    private final Map<Key, Cost> batches = new HashMap<>();
    private final Map<Key, Rational> portions = new HashMap<>();

    /** @param ahead what is cooked on days of its own; @param portions of each batch among it, by its id */
    public PlanCosts(
            PlanCheck check, List<PlanCheck.Batch> ahead, CostSheet.Known prices, Map<String, Rational> portions) {
        this.prices = prices;
        Map<String, Cost> seasoning = new HashMap<>();
        ahead.forEach(batch -> seasoning.put(batch.id(), flat(batch.goesIn())));
        portions.forEach((id, many) -> {
            Cost cost = of(check.metAhead().getOrDefault(id, List.of()));
            this.portions.put(Key.batch(id), many);
            batches.put(Key.batch(id), seasoning.getOrDefault(id, none()).plus(cost));
        });
    }

    /** Foods of which something is lacking: those whose prices {@link PlanCosts} asks for. */
    public static Set<Key> bought(PlanCheck check) {
        return Stream.concat(check.checked().stream().map(PlanCheck.Checked::met), check.metAhead().values().stream())
                .flatMap(List::stream)
                .filter(met -> met.lacking() != null && met.want().food() != null)
                .map(met -> met.want().key())
                .collect(Collectors.toSet());
    }

    /** Seven days of meals. @param meals that have something to eat; those without cost nothing */
    public record Week(LocalDate from, int meals, Cost cost) {}

    /** For each seven days from this day on, up to and with the last. */
    public List<Week> weeks(PlanCheck check, LocalDate from, LocalDate last) {
        List<Week> weeks = new ArrayList<>();
        for (LocalDate begin = from; !begin.isAfter(last); begin = begin.plusDays(7)) {
            LocalDate end = begin.plusDays(7);
            LocalDate week = begin;
            List<PlanCheck.Checked> own = check.checked().stream()
                    .filter(meal -> !meal.evening().day().isBefore(week)
                            && meal.evening().day().isBefore(end)
                            && !meal.evening().day().isAfter(last)
                            && !meal.evening().dishes().isEmpty())
                    .toList();
            weeks.add(new Week(week, own.size(), own.stream().map(this::meal).reduce(none(), Cost::plus)));
        }
        return weeks;
    }

    /** One meal, with the flat sum of each seasoned dish cooked for it where the household counts one. */
    public Cost meal(PlanCheck.Checked checked) {
        Cost cost = of(checked.met());
        for (PlannedMeal.Dish dish : checked.evening().dishes()) {
            cost = dish instanceof Cook cook ? cost.plus(flat(cook.sized().lines())) : cost;
            cost = dish instanceof PlannedMeal.Named
                    ? cost.plus(Cost.unknown(prices.flat().currency()))
                    : cost;
        }
        return cost;
    }

    private Cost of(List<Met> met) {
        return met.stream().map(this::of).reduce(none(), Cost::plus);
    }

    private Cost of(Met met) {
        Cost cost = met.takes().stream().map(take -> of(met.want().key(), take)).reduce(none(), Cost::plus);
        Food food = met.want().food();
        Amount lacking = met.lacking();
        if (lacking != null) {
            cost = cost.plus(
                    food == null
                            ? Cost.unknown(prices.flat().currency())
                            : CostSheet.atNewestPrice(food, lacking, prices));
        }
        return met.unknown().isEmpty()
                ? cost
                : cost.plus(Cost.unknown(prices.flat().currency()));
    }

    /** What is still to be cooked has no cost of its own yet. */
    private Cost of(Key key, Take take) {
        Cost batch = batches.get(key);
        Rational many = portions.getOrDefault(key, Rational.ZERO);
        if (batch == null || many.isZero()) {
            return take.cost();
        }
        Rational share = take.amount().value().dividedBy(many);
        Money known =
                Money.rounded(batch.known().exact().times(share), prices.flat().currency());
        return batch.with(known);
    }

    private Cost flat(List<Sized.Line> goesIn) {
        return none().with(CostSheet.flat(
                goesIn.stream().flatMap(line -> Stream.ofNullable(line.read().food())), prices));
    }

    private Cost none() {
        return Cost.zero(prices.flat().currency());
    }
}
