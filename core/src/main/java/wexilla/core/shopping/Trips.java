package wexilla.core.shopping;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Currency;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.keeping.KeepingGuide;
import wexilla.core.money.Cost;
import wexilla.core.pricing.Offer;
import wexilla.core.pricing.PackRun;
import wexilla.core.pricing.PackTable;
import wexilla.core.pricing.WholePacks;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.quantity.Unit;

/**
 * What a plan is bought in: one trip for each seven days, each in whole packs, what one leaves going on to the next as long
 * as it keeps.
 *
 * @param trips in the order of their days
 * @param left of packs in the end, what passes its date first
 */
public record Trips(List<Trip> trips, List<Left> left) {

    private static final Rational THOUSAND = Rational.of(1000);
    private static final Rational NEAR = Trade.number("needs.near-enough");

    /** @param from its day, the first of seven */
    public record Trip(LocalDate from, Basket basket) {

        /** What is paid; "at least" where a price is not known. */
        public Cost cost() {
            return basket.expected();
        }
    }

    /**
     * What is left of the packs of one food.
     *
     * @param until its last day; null for what keeps until somebody wants it
     * @param wasted whether that is before the last day that is shopped for
     */
    public record Left(Food food, Amount amount, @Nullable LocalDate until, boolean wasted) {}

    /**
     * What is known of packs.
     *
     * @param kinds that were seen of a food
     * @param keeps the last day what is left of a pack is good that is bought on a day; empty beyond any plan
     */
    public record Packs(
            Map<Key, List<WholePacks>> kinds,
            BiFunction<Food, LocalDate, Optional<LocalDate>> keeps,
            Currency currency) {

        /** @param seen prices of each food, newest first */
        public static Packs of(Map<Key, List<Offer>> seen, KeepingGuide guide, Currency currency) {
            Map<Key, List<WholePacks>> kinds = new HashMap<>();
            seen.forEach((food, offers) -> kinds.put(
                    food, Offer.current(offers).stream().map(Offer::packs).toList()));
            return new Packs(kinds, (food, day) -> guide.spareUntil(food.keepingClass(), day), currency);
        }
    }

    /**
     * The trips for these days.
     *
     * @param needs what is wanted from the first day on
     * @param last the last day that is shopped for
     */
    public static Trips of(Needs needs, LocalDate from, LocalDate last, Packs packs) {
        return new Going(from, last, packs).of(needs);
    }

    private static final class Going {
        private final LocalDate from;
        private final int days;
        private final Packs packs;
        private final List<List<Needs.Item>> items = new ArrayList<>();
        private final List<Left> left = new ArrayList<>();

        Going(LocalDate from, LocalDate last, Packs packs) {
            this.from = from;
            this.packs = packs;
            days = (int) ChronoUnit.DAYS.between(from, last) + 1;
            for (int day = 0; day < days; day += 7) {
                items.add(new ArrayList<>());
            }
        }

        private record Bought(Key food, @Nullable Unit unit) {}

        Trips of(Needs needs) {
            Map<Bought, List<Needs.Met>> byFood = needs.met().stream()
                    .filter(met -> met.bought() && day(met) >= 0 && day(met) < days)
                    .collect(Collectors.groupingBy(
                            met -> new Bought(
                                    met.want().key(),
                                    met.lacking() == null ? null : met.lacking().unit()),
                            LinkedHashMap::new,
                            Collectors.toList()));
            byFood.values().forEach(this::shop);
            left.sort(Comparator.comparing((Left one) -> one.until() == null ? LocalDate.MAX : one.until())
                    .thenComparing(one -> one.food().name()));
            List<Trip> trips = new ArrayList<>();
            for (int i = 0; i < items.size(); i++) {
                trips.add(new Trip(
                        from.plusWeeks(i), Basket.of(items.get(i), List.of(), packs.kinds(), packs.currency())));
            }
            return new Trips(List.copyOf(trips), List.copyOf(left));
        }

        private int day(Needs.Met met) {
            return (int) ChronoUnit.DAYS.between(from, met.want().day());
        }

        private void shop(List<Needs.Met> mets) {
            Food food = Objects.requireNonNull(mets.get(0).want().food());
            Amount some = mets.get(0).lacking();
            List<PackTable.Pack> kinds = some == null
                    ? List.of()
                    : WholePacks.items(
                            packs.kinds().getOrDefault(food.key(), List.of()).stream()
                                    .filter(kind -> kind.pack().unit().equals(some.unit()))
                                    .toList(),
                            1);
            PackRun run = new PackRun();
            for (int week = 0; week < items.size(); week++) {
                int begins = 7 * week;
                List<Needs.Met> own = mets.stream()
                        .filter(met -> day(met) >= begins && day(met) < begins + 7)
                        .sorted(Comparator.comparingInt(this::day))
                        .map(met -> less(met, run))
                        .filter(Needs.Met::bought)
                        .toList();
                if (!own.isEmpty()) {
                    items.get(week).add(Needs.item(own));
                }
                long need = own.stream()
                        .mapToLong(met -> met.lacking() == null ? 0 : thousandths(met.lacking()))
                        .sum();
                PackTable table = kinds.isEmpty() || need == 0 ? null : new PackTable(kinds);
                Optional<LocalDate> keeps = packs.keeps().apply(food, from.plusDays(begins));
                int good = keeps.map(until -> (int) ChronoUnit.DAYS.between(from, until))
                        .orElse(Integer.MAX_VALUE);
                run.bought(table == null ? 0 : table.bought(need) - need, good, Math.min(begins + 7, days));
            }
            for (PackRun.Spare spare : run.spare()) {
                boolean ends = spare.until() != Integer.MAX_VALUE;
                left.add(new Left(
                        food,
                        Amount.of(
                                Rational.of(spare.amount()).dividedBy(THOUSAND),
                                Objects.requireNonNull(some).unit()),
                        ends ? from.plusDays(spare.until()) : null,
                        spare.until() < days));
            }
        }

        /** The same want after what earlier packs left. */
        private Needs.Met less(Needs.Met met, PackRun run) {
            Amount lacking = met.lacking();
            if (lacking == null) {
                return met;
            }
            long carried = run.take(day(met), thousandths(lacking));
            if (carried == 0) {
                return met;
            }
            Rational rest = Rational.max(
                    Rational.ZERO, lacking.value().minus(Rational.of(carried).dividedBy(THOUSAND)));
            Amount need = met.need() == null ? lacking : met.need();
            boolean enough = rest.compareTo(need.value().times(NEAR)) <= 0;
            return met.lacking(enough ? null : Amount.of(rest, lacking.unit()));
        }

        private static long thousandths(Amount amount) {
            return amount.value().times(THOUSAND).floor().longValueExact();
        }
    }
}
